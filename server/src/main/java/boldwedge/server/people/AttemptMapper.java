package boldwedge.server.people;

import java.time.Instant;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Failures by the hash of whose they are. */
@Mapper
interface AttemptMapper {
    @Select("select next_at from sign_in_failure where subject = #{subject}")
    Optional<Instant> waitUntil(String subject);

    @Update("update sign_in_failure set next_at = #{latest} where subject = #{subject} and next_at > #{latest}")
    int noLaterThan(String subject, Instant latest);

    @Select("""
            insert into sign_in_failure (subject, failures, next_at) values (#{subject}, 1, #{now})
            on conflict (subject) do update set failures = sign_in_failure.failures + 1, next_at = #{now}
            returning failures""")
    int failed(String subject, Instant now);

    @Update("update sign_in_failure set next_at = #{until} where subject = #{subject}")
    int waitLonger(String subject, Instant until);

    @Delete("delete from sign_in_failure where subject = #{subject}")
    int forget(String subject);

    @Delete("delete from sign_in_failure where next_at < #{before}")
    int forgetOld(Instant before);
}
