package rhombus.server.scene;

import java.time.LocalDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Newer and earlier files of scenes; every query names the owner. */
@Mapper
public interface RevisionMapper {
    /** A revision. */
    record Row(
            int seq,
            boolean proposed,
            int triangles,
            int objects,
            String notes,
            long bytes,
            String report,
            String edits,
            LocalDateTime createdAt) {}

    @Select(
            """
            SELECT seq, proposed, triangles, objects, notes, bytes, report, edits, created_at FROM scene_revision
            WHERE owner = #{owner} AND scene = #{scene} ORDER BY seq DESC
            """)
    List<Row> list(long owner, String scene);

    @Insert(
            """
            INSERT INTO scene_revision (scene, seq, owner, proposed, triangles, objects, notes, bytes, report, edits)
            VALUES (#{scene}, #{seq}, #{owner}, #{row.proposed}, #{row.triangles}, #{row.objects}, #{row.notes}, #{row.bytes},
                    #{row.report}, #{row.edits})
            """)
    void add(long owner, String scene, int seq, Row row);

    @Delete("DELETE FROM scene_revision WHERE owner = #{owner} AND scene = #{scene} AND seq = #{seq}")
    void remove(long owner, String scene, int seq);

    @Update(
            """
            UPDATE scene SET triangles = #{row.triangles}, objects = #{row.objects}, notes = #{row.notes}, bytes = #{row.bytes}
            WHERE owner = #{owner} AND id = #{scene}
            """)
    void become(long owner, String scene, Row row);

    @Insert(
            """
            INSERT INTO scene_file (scene, kind, owner, sha256, size)
            SELECT scene, #{to}, owner, sha256, size FROM scene_file
            WHERE owner = #{owner} AND scene = #{scene} AND kind = #{from}
            """)
    void nameFile(long owner, String scene, String from, String to);

    /** Chunks are told by their file, whose owner has been asked for. */
    @Update("UPDATE scene_chunk SET kind = #{to} WHERE scene = #{scene} AND kind = #{from}")
    void moveChunks(String scene, String from, String to);
}
