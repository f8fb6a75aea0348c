package rhombus.server.scene;

import java.time.LocalDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Versions of scenes; every query names the owner. */
@Mapper
public interface VersionMapper {
    /** A version without what it holds. */
    record Row(int seq, String name, boolean automatic, LocalDateTime createdAt) {}

    @Select(
            "SELECT seq, name, automatic, created_at FROM scene_version WHERE owner = #{owner} AND scene = #{scene} ORDER BY seq DESC")
    List<Row> list(long owner, String scene);

    @Select("SELECT body FROM scene_version WHERE owner = #{owner} AND scene = #{scene} AND seq = #{seq}")
    String body(long owner, String scene, int seq);

    @Insert(
            """
            INSERT INTO scene_version (owner, scene, seq, name, automatic, body)
            SELECT #{owner}, #{scene}, COALESCE(MAX(seq), 0) + 1, #{name}, #{automatic}, #{body} FROM scene_version WHERE scene = #{scene}
            """)
    void add(long owner, String scene, String name, boolean automatic, String body);

    @Select(
            """
            SELECT COUNT(*) FROM scene_version WHERE owner = #{owner} AND scene = #{scene}
            AND created_at > NOW(3) - INTERVAL #{minutes} MINUTE
            """)
    int within(long owner, String scene, int minutes);

    @Delete("DELETE FROM scene_version WHERE owner = #{owner} AND scene = #{scene} AND seq = #{seq}")
    int remove(long owner, String scene, int seq);

    @Delete(
            """
            DELETE FROM scene_version WHERE owner = #{owner} AND scene = #{scene} AND automatic AND seq <= (
              SELECT seq FROM (SELECT seq FROM scene_version WHERE owner = #{owner} AND scene = #{scene} AND automatic
              ORDER BY seq DESC LIMIT 1 OFFSET #{keep}) oldest)
            """)
    void removeOld(long owner, String scene, int keep);
}
