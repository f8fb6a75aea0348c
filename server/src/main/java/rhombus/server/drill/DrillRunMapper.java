package rhombus.server.drill;

import java.time.LocalDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Runs of drills; every query names the owner. */
@Mapper
interface DrillRunMapper {
    /** A run without its course. */
    record Row(long id, String drill, double seconds, double metres, int back, int lost, LocalDateTime createdAt) {}

    @Select(
            """
            SELECT id, drill, seconds, metres, back, lost, created_at FROM drill_run WHERE owner = #{owner} ORDER BY id
            """)
    List<Row> list(long owner);

    /** How much was done when in a run, and where its eye was; no path for a run from before paths were kept. */
    record Way(String course, String path) {}

    @Select("SELECT course, path FROM drill_run WHERE owner = #{owner} AND id = #{id}")
    Way way(long owner, long id);

    /** Adds a run; one of a drill that somebody made goes with that drill. */
    @Insert(
            """
            INSERT INTO drill_run (owner, drill, own, seconds, metres, back, lost, course, path)
            VALUES (#{owner}, #{drill}, (SELECT id FROM own_drill WHERE id = #{drill} AND owner = #{owner}),
              #{seconds}, #{metres}, #{back}, #{lost}, #{course}, #{path})
            """)
    void add(long owner, String drill, double seconds, double metres, int back, int lost, String course, String path);

    /** Of a drill that was done very often the oldest runs go, but not the one named. */
    @Delete(
            """
            DELETE FROM drill_run WHERE owner = #{owner} AND drill = #{drill} AND id <= (
              SELECT id FROM (SELECT id FROM drill_run WHERE owner = #{owner} AND drill = #{drill}
              ORDER BY id DESC LIMIT 1 OFFSET #{keep}) oldest)
            AND id <> #{best}
            """)
    void removeOld(long owner, String drill, int keep, long best);

    @Delete("DELETE FROM drill_run WHERE owner = #{owner}")
    void removeAll(long owner);
}
