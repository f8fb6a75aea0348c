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
            "SELECT id, name, triangles, objects, notes, created_at, opened_at FROM scene WHERE owner = #{owner} ORDER BY created_at, id")
    List<SceneRow> list(long owner);

    @Select(
            "SELECT id, name, triangles, objects, notes, created_at, opened_at FROM scene WHERE owner = #{owner} AND id = #{id}")
    SceneRow find(long owner, String id);

    /** The id if the scene is there; until the transaction ends nobody can delete it. */
    @Select("SELECT id FROM scene WHERE owner = #{owner} AND id = #{id} LOCK IN SHARE MODE")
    String hold(long owner, String id);

    @Insert(
            "INSERT INTO scene (id, owner, name, triangles, objects, notes) VALUES (#{id}, #{owner}, #{name}, #{triangles}, #{objects}, #{notes})")
    void add(String id, long owner, String name, int triangles, int objects, String notes);

    @Update("UPDATE scene SET opened_at = NOW(3) WHERE owner = #{owner} AND id = #{id}")
    void opened(long owner, String id);

    @Delete("DELETE FROM scene WHERE owner = #{owner} AND id = #{id}")
    int remove(long owner, String id);

    @Delete("DELETE FROM kept WHERE owner = #{owner} AND subject = #{id}")
    void removeKept(long owner, String id);

    /** The id if the scene is there; until the transaction ends nobody else holds it or can delete it. */
    @Select("SELECT id FROM scene WHERE owner = #{owner} AND id = #{id} FOR UPDATE")
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
