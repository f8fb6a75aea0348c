package rhombus.server.picture;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Pictures of scenes; every query names the owner. */
@Mapper
public interface PictureMapper {
    /** A picture without its bytes. */
    record Row(String id, String name, int width, int height) {}

    /** Its bytes; a mapper that returns a bare array would give its first byte only. */
    record Data(String type, byte[] data) {}

    @Select(
            "SELECT id, name, width, height FROM picture WHERE owner = #{owner} AND scene = #{scene} ORDER BY created_at, id")
    List<Row> list(long owner, String scene);

    @Select("SELECT COUNT(*) FROM picture WHERE owner = #{owner} AND scene = #{scene}")
    int count(long owner, String scene);

    @Select("SELECT type, data FROM picture WHERE owner = #{owner} AND scene = #{scene} AND id = #{id}")
    Data data(long owner, String scene, String id);

    @Insert(
            """
            INSERT INTO picture (id, owner, scene, name, type, width, height, data)
            VALUES (#{id}, #{owner}, #{scene}, #{name}, #{type}, #{width}, #{height}, #{data})
            """)
    void add(String id, long owner, String scene, String name, String type, int width, int height, byte[] data);
}
