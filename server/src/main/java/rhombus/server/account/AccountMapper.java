package rhombus.server.account;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Accounts, and attempts to sign in. */
@Mapper
public interface AccountMapper {
    @Select("SELECT id, name, password_hash FROM account WHERE name = #{name}")
    Account find(String name);

    @Select("SELECT id, name, password_hash FROM account WHERE id = #{id}")
    Account byId(long id);

    @Update("UPDATE account SET password_hash = #{hash} WHERE id = #{id}")
    int password(long id, String hash);

    /** @throws org.springframework.dao.DuplicateKeyException if somebody has the name */
    @Update("UPDATE account SET name = #{name} WHERE id = #{id}")
    int rename(long id, String name);

    /** Removes an account with everything that belongs to it. */
    @Delete("DELETE FROM account WHERE id = #{id}")
    int remove(long id);

    /** Where there is no account any more, the next one is the first again. */
    @Delete("DELETE FROM first_account WHERE NOT EXISTS (SELECT 1 FROM account)")
    void beginAnew();

    /**
     * An account as an administrator sees it.
     *
     * @param name of it
     * @param scenes how many it has
     */
    record Line(String name, long scenes) {}

    @Select(
            "SELECT a.name, COUNT(s.id) AS scenes FROM account a LEFT JOIN scene s ON s.owner = a.id GROUP BY a.id, a.name"
                    + " ORDER BY a.name")
    List<Line> all();

    /** Ends all sessions of a name. */
    @Delete("DELETE FROM SPRING_SESSION WHERE PRINCIPAL_NAME = #{name}")
    void endSessions(String name);

    @Select("SELECT COUNT(*) FROM account")
    long count();

    @Insert("INSERT INTO account (name, password_hash) VALUES (#{name}, #{hash})")
    void add(String name, String hash);

    /**
     * Takes the place of the first account.
     *
     * @throws org.springframework.dao.DuplicateKeyException if somebody has it
     */
    @Insert("INSERT INTO first_account (one) VALUES (1)")
    void beFirst();

    @Insert("INSERT INTO failed_sign_in (name, address) VALUES (#{name}, #{address})")
    @Options(useGeneratedKeys = true, keyProperty = "id")
    void attempt(Attempt attempt);

    @Select(
            "SELECT COUNT(*) FROM failed_sign_in WHERE name = #{name} AND address = #{address} AND at > NOW(3) - INTERVAL 15 MINUTE")
    int attempts(String name, String address);

    @Delete("DELETE FROM failed_sign_in WHERE id = #{id}")
    void forget(long id);

    @Delete(
            "DELETE FROM failed_sign_in WHERE (name = #{name} AND address = #{address}) OR at < NOW(3) - INTERVAL 1 DAY")
    void forgive(String name, String address);

    /** An attempt to sign in, counted as failed until it has succeeded. */
    final class Attempt {
        private final String name;
        private final String address;
        private long id;

        Attempt(String name, String address) {
            this.name = name;
            this.address = address;
        }

        /** As it was typed. */
        public String getName() {
            return name;
        }

        /** Of the machine that asks. */
        public String getAddress() {
            return address;
        }

        /** Of its row, once it has one. */
        public long getId() {
            return id;
        }

        /** Set by the database. */
        public void setId(long id) {
            this.id = id;
        }
    }
}
