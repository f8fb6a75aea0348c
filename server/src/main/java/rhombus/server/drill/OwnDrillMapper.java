package rhombus.server.drill;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Drills that users made; every query names the owner. */
@Mapper
interface OwnDrillMapper {
    /** One of them; its body is what the core reads, with a picture of the goal. */
    record Row(String id, String scene, String name, String body) {}

    @Select(
            """
            SELECT id, scene, name, body FROM own_drill WHERE owner = #{owner} AND scene = #{scene}
            ORDER BY created_at, id
            """)
    List<Row> list(long owner, String scene);

    @Select("SELECT id, scene, name, body FROM own_drill WHERE owner = #{owner} AND id = #{id}")
    Row find(long owner, String id);

    @Select("SELECT COUNT(*) FROM own_drill WHERE owner = #{owner}")
    int count(long owner);

    @Insert("INSERT INTO own_drill (id, owner, scene, name, body) VALUES (#{id}, #{owner}, #{scene}, #{name}, #{body})")
    void add(long owner, String id, String scene, String name, String body);

    @Delete("DELETE FROM own_drill WHERE owner = #{owner} AND scene = #{scene} AND id = #{id}")
    int remove(long owner, String scene, String id);
}
