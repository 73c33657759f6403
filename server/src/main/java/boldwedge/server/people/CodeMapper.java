package boldwedge.server.people;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Codes by their hash. */
@Mapper
interface CodeMapper {
    @Insert("""
            insert into one_time_code (hash, purpose, person_id, expires_at)
            values (#{hash}, #{purpose}, #{person}, #{until})""")
    int add(String hash, String purpose, UUID person, Instant until);

    @Select("""
            delete from one_time_code where hash = #{hash} and purpose = #{purpose} and expires_at > #{now}
            returning person_id""")
    Optional<UUID> take(String hash, String purpose, Instant now);

    @Delete("delete from one_time_code where hash = #{hash} and purpose = #{purpose} and expires_at > #{now}")
    int takeAny(String hash, String purpose, Instant now);

    @Delete("delete from one_time_code where person_id = #{person}")
    int dropOf(UUID person);

    @Delete("delete from one_time_code where expires_at <= #{now}")
    int dropOld(Instant now);
}
