package boldwedge.server.people;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Devices as they are kept. */
@Mapper
interface DeviceMapper {
    /** A row: the hash of the secret, never the secret. */
    record Row(UUID id, String hash, UUID personId, String words, boolean paired, Instant since, Instant lastSeen) {}

    @Select("select exists (select from device where hash = #{hash})")
    boolean isKnown(String hash);

    @Select("select id from device where person_id = #{person} and hash = #{hash}")
    Optional<UUID> find(UUID person, String hash);

    @Select("""
            select id, hash, person_id, words, paired, since, last_seen from device
            where person_id = #{person} order by last_seen desc""")
    List<Row> all(UUID person);

    @Insert("""
            insert into device (id, hash, person_id, words, paired, since, last_seen)
            values (#{id}, #{hash}, #{personId}, #{words}, #{paired}, #{since}, #{lastSeen})""")
    int add(Row row);

    @Update("update device set last_seen = #{now} where id = #{id}")
    int seen(UUID id, Instant now);

    @Delete("delete from device where id = #{id} and person_id = #{person}")
    int forget(UUID person, UUID id);

    @Delete("delete from device where person_id = #{person}")
    int forgetAllOf(UUID person);
}
