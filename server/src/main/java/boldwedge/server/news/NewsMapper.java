package boldwedge.server.news;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** Versions of records, and who has them open. */
@Mapper
interface NewsMapper {
    /** A record's version, and who saved it when. */
    record Saved(int version, @Nullable String savedBy, Instant savedAt) {}

    @Select("""
            select version, saved_by, updated_at from cut where id = #{id}
            union all select version, saved_by, updated_at from tool where id = #{id}""")
    Optional<Saved> saved(UUID id);

    /** Changes whenever a machine is entered, changed or taken out. */
    @Select(
            "select count(*) || '/' || coalesce(sum(version), 0) || '/' || coalesce(max(updated_at)::text, '') from lathe")
    String machines();

    @Insert("""
            insert into presence (record_id, person, seen_at) values (#{record}, #{person}, #{now})
            on conflict (record_id, person) do update set seen_at = excluded.seen_at""")
    int here(UUID record, String person, Instant now);

    @Select("""
            select person from presence where record_id = #{record} and person <> #{me} and seen_at > #{since}
            order by person""")
    List<String> others(UUID record, String me, Instant since);

    @Delete("delete from presence where seen_at < #{before}")
    int forget(Instant before);
}
