package rhombus.server.kept;

import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Documents by owner, topic and subject. */
@Mapper
public interface KeptMapper {
    @Select("SELECT version, body FROM kept WHERE owner = #{owner} AND topic = #{topic} AND subject = #{subject}")
    KeptDocument find(long owner, String topic, String subject);

    @Insert(
            "INSERT INTO kept (owner, topic, subject, version, body) VALUES (#{owner}, #{topic}, #{subject}, 1, #{body})")
    void add(long owner, String topic, String subject, String body);

    @Update(
            """
            UPDATE kept SET body = #{body}, version = version + 1
            WHERE owner = #{owner} AND topic = #{topic} AND subject = #{subject} AND version = #{version}
            """)
    int replace(long owner, String topic, String subject, int version, String body);
}
