package rhombus.server.scene;

import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Windows in which scenes are open; every query names the owner. */
@Mapper
public interface WindowMapper {
    @Insert(
            """
            INSERT INTO open_window (owner, scene, id, until) VALUES (#{owner}, #{scene}, #{id}, NOW(3) + INTERVAL #{seconds} SECOND)
            ON DUPLICATE KEY UPDATE until = NOW(3) + INTERVAL #{seconds} SECOND
            """)
    void here(long owner, String scene, String id, int seconds);

    @Select(
            "SELECT COUNT(*) FROM open_window WHERE owner = #{owner} AND scene = #{scene} AND id <> #{id} AND until > NOW(3)")
    int others(long owner, String scene, String id);

    @Delete("DELETE FROM open_window WHERE owner = #{owner} AND scene = #{scene} AND (id = #{id} OR until < NOW(3))")
    void gone(long owner, String scene, String id);
}
