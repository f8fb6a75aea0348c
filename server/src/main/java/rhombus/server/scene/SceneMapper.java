package rhombus.server.scene;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Scenes with their files; every query names the owner. */
@Mapper
public interface SceneMapper {
    @Select(
            """
            SELECT s.id, s.name, s.triangles, s.objects, s.notes, s.created_at, s.opened_at, s.up_axis, s.unit, s.asked, s.bytes, c.version AS cover
            FROM scene s LEFT JOIN scene_cover c ON c.scene = s.id WHERE s.owner = #{owner} AND s.deleted_at IS NULL
            ORDER BY s.created_at, s.id
            """)
    List<SceneRow> list(long owner);

    @Select(
            """
            SELECT s.id, s.name, s.triangles, s.objects, s.notes, s.created_at, s.opened_at, s.up_axis, s.unit, s.asked, s.bytes, c.version AS cover
            FROM scene s LEFT JOIN scene_cover c ON c.scene = s.id WHERE s.owner = #{owner} AND s.deleted_at IS NULL AND s.id = #{id}
            """)
    SceneRow find(long owner, String id);

    /** The id if the scene is there; until the transaction ends nobody can delete it. */
    @Select("SELECT id FROM scene WHERE owner = #{owner} AND id = #{id} AND deleted_at IS NULL LOCK IN SHARE MODE")
    String hold(long owner, String id);

    @Insert(
            """
            INSERT INTO scene (id, owner, name, triangles, objects, notes, up_axis, unit, asked, bytes)
            VALUES (#{id}, #{owner}, #{name}, #{triangles}, #{objects}, #{notes}, #{upAxis}, #{unit}, #{asked}, #{bytes})
            """)
    void add(
            String id,
            long owner,
            String name,
            int triangles,
            int objects,
            String notes,
            String upAxis,
            String unit,
            boolean asked,
            long bytes);

    @Update("UPDATE scene SET opened_at = NOW(3) WHERE owner = #{owner} AND id = #{id}")
    void opened(long owner, String id);

    @Update("UPDATE scene SET name = #{name} WHERE owner = #{owner} AND id = #{id}")
    void rename(long owner, String id, String name);

    @Update("UPDATE scene SET up_axis = #{upAxis}, unit = #{unit}, asked = FALSE WHERE owner = #{owner} AND id = #{id}")
    void stand(long owner, String id, String upAxis, String unit);

    /** Deletes a scene in such a way that it can be brought back. */
    @Update("UPDATE scene SET deleted_at = NOW(3) WHERE owner = #{owner} AND id = #{id} AND deleted_at IS NULL")
    int remove(long owner, String id);

    @Update("UPDATE scene SET deleted_at = NULL WHERE owner = #{owner} AND id = #{id} AND deleted_at IS NOT NULL")
    int restore(long owner, String id);

    /** Scenes that were deleted longer ago than they can be brought back. */
    @Select(
            "SELECT id FROM scene WHERE owner = #{owner} AND deleted_at < NOW(3) - INTERVAL #{minutes} MINUTE ORDER BY id")
    List<String> gone(long owner, int minutes);

    @Delete("DELETE FROM scene WHERE owner = #{owner} AND id = #{id} AND deleted_at IS NOT NULL")
    void removeForGood(long owner, String id);

    @Delete("DELETE FROM kept WHERE owner = #{owner} AND subject = #{id}")
    void removeKept(long owner, String id);

    @Delete("DELETE FROM kept WHERE owner = #{owner} AND subject = #{id} AND topic = #{topic}")
    void removeTopic(long owner, String id, String topic);

    /** The id if the scene is there; until the transaction ends nobody else holds it or can delete it. */
    @Select("SELECT id FROM scene WHERE owner = #{owner} AND id = #{id} AND deleted_at IS NULL FOR UPDATE")
    String holdAlone(long owner, String id);

    @Delete("DELETE FROM scene_file WHERE owner = #{owner} AND scene = #{scene} AND kind = #{kind}")
    void removeFile(String scene, String kind, long owner);

    @Insert(
            "INSERT INTO scene_file (scene, kind, owner, sha256, size) VALUES (#{scene}, #{kind}, #{owner}, #{sha256}, #{size})")
    void addFile(String scene, String kind, long owner, String sha256, long size);

    @Insert("INSERT INTO scene_chunk (scene, kind, seq, data) VALUES (#{scene}, #{kind}, #{seq}, #{data})")
    void addChunk(String scene, String kind, int seq, byte[] data);

    @Select("SELECT kind, sha256, size FROM scene_file WHERE owner = #{owner} AND scene = #{scene}")
    List<FileRow> files(long owner, String scene);

    @Select(
            """
            SELECT c.seq, c.data FROM scene_chunk c JOIN scene_file f ON f.scene = c.scene AND f.kind = c.kind
            WHERE f.owner = #{owner} AND c.scene = #{scene} AND c.kind = #{kind} AND c.seq = #{seq}
            """)
    ChunkRow chunk(long owner, String scene, String kind, int seq);
}
