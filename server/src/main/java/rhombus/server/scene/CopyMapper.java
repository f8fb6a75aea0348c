package rhombus.server.scene;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Copies a scene with all that belongs to it, inside the database; every query names the owner. */
@Mapper
public interface CopyMapper {
    /** A document that is kept with a scene. */
    record Document(String topic, String body) {}

    @Insert(
            """
            INSERT INTO scene (id, owner, name, triangles, objects, notes, up_axis, unit, asked, bytes)
            SELECT #{to}, owner, #{name}, triangles, objects, notes, up_axis, unit, asked, bytes FROM scene
            WHERE owner = #{owner} AND id = #{from}
            """)
    void scene(long owner, String from, String to, String name);

    @Insert(
            """
            INSERT INTO scene_file (scene, kind, owner, sha256, size)
            SELECT #{to}, kind, owner, sha256, size FROM scene_file
            WHERE owner = #{owner} AND scene = #{from} AND kind NOT LIKE '%@%'
            """)
    void files(long owner, String from, String to);

    @Insert(
            """
            INSERT INTO scene_chunk (scene, kind, seq, data)
            SELECT #{to}, c.kind, c.seq, c.data FROM scene_chunk c
            JOIN scene_file f ON f.scene = c.scene AND f.kind = c.kind
            WHERE f.owner = #{owner} AND c.scene = #{from} AND c.kind NOT LIKE '%@%'
            """)
    void chunks(long owner, String from, String to);

    @Insert(
            """
            INSERT INTO scene_cover (scene, owner, version, type, data)
            SELECT #{to}, owner, 1, type, data FROM scene_cover WHERE owner = #{owner} AND scene = #{from}
            """)
    void cover(long owner, String from, String to);

    @Select("SELECT id FROM picture WHERE owner = #{owner} AND scene = #{from}")
    List<String> pictures(long owner, String from);

    @Insert(
            """
            INSERT INTO picture (id, owner, scene, name, type, width, height, data, created_at)
            SELECT #{id}, owner, #{to}, name, type, width, height, data, created_at FROM picture
            WHERE owner = #{owner} AND id = #{from}
            """)
    void picture(long owner, String from, String id, String to);

    @Select("SELECT topic, body FROM kept WHERE owner = #{owner} AND subject = #{from}")
    List<Document> kept(long owner, String from);

    @Insert("INSERT INTO kept (owner, topic, subject, version, body) VALUES (#{owner}, #{topic}, #{to}, 1, #{body})")
    void keep(long owner, String to, String topic, String body);
}
