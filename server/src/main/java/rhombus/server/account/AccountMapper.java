package rhombus.server.account;

import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Select;

/** Accounts, and attempts to sign in. */
@Mapper
public interface AccountMapper {
    @Select("SELECT id, name, password_hash FROM account WHERE name = #{name}")
    Account find(String name);

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
