package rhombus.server.scene;

import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Running imports, in the database so that any server can be asked. */
@Mapper
public interface ImportMapper {
    /** How far an import has come. */
    record Job(String words, double part, boolean cancelled) {}

    @Insert("""
            INSERT INTO import_job (owner, id, words, part) VALUES (#{owner}, #{id}, #{words}, #{part})
            ON DUPLICATE KEY UPDATE words = #{words}, part = #{part}
            """)
    void put(long owner, String id, String words, double part);

    @Select("SELECT words, part, cancelled FROM import_job WHERE owner = #{owner} AND id = #{id}")
    Job find(long owner, String id);

    @Update("UPDATE import_job SET cancelled = TRUE WHERE owner = #{owner} AND id = #{id}")
    int cancel(long owner, String id);

    @Delete("DELETE FROM import_job WHERE (owner = #{owner} AND id = #{id}) OR changed_at < NOW(3) - INTERVAL 1 DAY")
    void remove(long owner, String id);
}
