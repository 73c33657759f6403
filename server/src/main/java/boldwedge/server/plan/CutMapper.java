package boldwedge.server.plan;

import boldwedge.server.storage.TextMapHandler;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.apache.ibatis.cursor.Cursor;

@Mapper
interface CutMapper {
    String CUT = "select id, version, name, units, fields, updated_at as saved_at, saved_by, said_at, said_by from cut";

    @Select(CUT + " order by coalesce(said_at, updated_at) desc, id limit #{most}")
    List<CutRecord> latest(int most);

    @Select(CUT + " order by id")
    @Options(fetchSize = 500)
    Cursor<CutRecord> each();

    @Select(CUT + " where id = #{id}")
    Optional<CutRecord> find(UUID id);

    @Insert("<script>insert into cut (id, version, name, units, fields, updated_at, saved_by, said_at, said_by) values"
            + " <foreach collection='cuts' item='c' separator=','>(#{c.id}, #{c.version}, #{c.name}, #{c.units},"
            + " #{c.fields,typeHandler=" + TextMapHandler.NAME
            + "}, coalesce(#{c.savedAt}::timestamptz, now()), #{c.savedBy}, #{c.saidAt}::timestamptz, #{c.saidBy})</foreach>"
            + " on conflict (id) do nothing</script>")
    int add(List<CutRecord> cuts);

    @Update(
            "update cut set name = #{name}, units = #{units}, fields = #{fields}, version = version + 1,"
                    + " updated_at = now(), saved_by = #{savedBy}, said_at = null, said_by = '' where id = #{id} and version = #{version}")
    int save(CutRecord cut);

    /** Keeps what stands there before it is saved over, where something is changed. */
    @Insert("insert into cut_was (cut_id, version, name, units, fields, saved_at, saved_by)"
            + " select id, version, name, units, fields, coalesce(said_at, updated_at), coalesce(nullif(said_by, ''), saved_by) from cut"
            + " where id = #{id} and version = #{version} and (name, units, fields) is distinct from (#{name}, #{units}, #{fields,typeHandler="
            + TextMapHandler.NAME + "}::jsonb) on conflict (cut_id, version) do nothing")
    int keepWhatWas(CutRecord cut);

    /** What it was, the latest first. */
    @Select(
            "select version, name, units, fields, saved_at, saved_by from cut_was where cut_id = #{id} order by version desc")
    List<CutWas> was(UUID id);

    /** Forgets what it was long ago. */
    @Delete("delete from cut_was where cut_id = #{id} and version not in"
            + " (select version from cut_was where cut_id = #{id} order by version desc limit #{most})")
    int forget(UUID id, int most);

    @Delete("delete from cut where id = #{id} and version = #{version}")
    int delete(UUID id, int version);
}
