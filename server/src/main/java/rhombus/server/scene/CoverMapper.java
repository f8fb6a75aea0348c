package rhombus.server.scene;

import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Small pictures of scenes; every query names the owner. */
@Mapper
public interface CoverMapper {
    /** A picture; a mapper that returns a bare array would give its first byte only. */
    record Data(String type, byte[] data) {}

    @Select("SELECT type, data FROM scene_cover WHERE owner = #{owner} AND scene = #{scene}")
    Data find(long owner, String scene);

    @Insert(
            """
            INSERT INTO scene_cover (scene, owner, version, type, data) VALUES (#{scene}, #{owner}, 1, #{type}, #{data})
            ON DUPLICATE KEY UPDATE version = version + 1, type = #{type}, data = #{data}
            """)
    void put(String scene, long owner, String type, byte[] data);
}
