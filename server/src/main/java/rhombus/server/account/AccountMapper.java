package rhombus.server.account;

import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Accounts and failed attempts to sign in. */
@Mapper
public interface AccountMapper {
    @Select("SELECT id, name, password_hash FROM account WHERE name = #{name}")
    Account find(String name);

    @Select("SELECT COUNT(*) FROM account")
    long count();

    @Insert("INSERT INTO account (name, password_hash) VALUES (#{name}, #{hash})")
    void add(String name, String hash);

    @Select("""
            SELECT GREATEST(
              (SELECT COUNT(*) FROM failed_sign_in WHERE name = #{name} AND address = #{address} AND at > NOW(3) - INTERVAL 15 MINUTE) * 10,
              (SELECT COUNT(*) FROM failed_sign_in WHERE name = #{name} AND at > NOW(3) - INTERVAL 15 MINUTE),
              (SELECT COUNT(*) FROM failed_sign_in WHERE address = #{address} AND at > NOW(3) - INTERVAL 15 MINUTE))
            """)
    int pressure(String name, String address);

    @Insert("INSERT INTO failed_sign_in (name, address) VALUES (#{name}, #{address})")
    void failed(String name, String address);

    @Delete("DELETE FROM failed_sign_in WHERE (name = #{name} AND address = #{address}) OR at < NOW(3) - INTERVAL 1 DAY")
    void forgive(String name, String address);
}
