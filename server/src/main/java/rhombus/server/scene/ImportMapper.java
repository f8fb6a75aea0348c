package rhombus.server.scene;

import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/**
 * Running imports, in the database so that any server can be asked. A running import is touched every few seconds; one
 * that is silent for longer ran on a server that is gone.
 */
@Mapper
public interface ImportMapper {
    /** How far an import has come. */
    record Job(String words, double part, boolean cancelled, boolean stored) {}

    @Insert(
            """
            INSERT INTO import_job (owner, id, words, part) VALUES (#{owner}, #{id}, #{words}, #{part})
            ON DUPLICATE KEY UPDATE words = #{words}, part = #{part}, changed_at = NOW(3)
            """)
    void put(long owner, String id, String words, double part);

    @Update("UPDATE import_job SET changed_at = NOW(3) WHERE owner = #{owner} AND id = #{id}")
    void touch(long owner, String id);

    @Select(
            """
            SELECT words, part, cancelled, stored FROM import_job
            WHERE owner = #{owner} AND id = #{id} AND changed_at > NOW(3) - INTERVAL 30 SECOND
            """)
    Job find(long owner, String id);

    /** Remembered also before the import has begun: its upload may still be on the way. */
    @Insert(
            """
            INSERT INTO import_job (owner, id, words, part, cancelled) VALUES (#{owner}, #{id}, 'Cancelled', 0, TRUE)
            ON DUPLICATE KEY UPDATE cancelled = IF(stored, cancelled, TRUE), changed_at = NOW(3)
            """)
    void cancel(long owner, String id);

    /** From here on it cannot be cancelled; 0 if it was before. Part of the transaction that stores the scene. */
    @Update(
            "UPDATE import_job SET stored = TRUE, words = 'Stored', part = 1, changed_at = NOW(3) WHERE owner = #{owner} AND id = #{id} AND NOT cancelled")
    int store(long owner, String id);

    /** One that has stored its scene stays for a while, so that cancelling it late is answered with the truth. */
    @Delete("DELETE FROM import_job WHERE owner = #{owner} AND id = #{id} AND NOT stored")
    void remove(long owner, String id);

    @Delete("DELETE FROM import_job WHERE changed_at < NOW(3) - INTERVAL 10 MINUTE")
    void removeSilent();
}
