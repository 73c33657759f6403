package boldwedge.server.crib;

import boldwedge.server.storage.TextMapHandler;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.apache.ibatis.cursor.Cursor;
import org.jspecify.annotations.Nullable;

@Mapper
interface CribMapper {
    String TOOL =
            "select id, version, name, drawer, note, kind, units, fields, updated_at as saved_at, saved_by, said_at, said_by from tool";
    String GRIND =
            "select id, tool_id, on_day, units, measured, note, at as saved_at, saved_by, said_at, said_by from grind";

    /** Every word must stand somewhere in the name, drawer, note or texts; one of a letter or two where a word begins. */
    String WITH_WORDS =
            " where true <if test='kind != null'>and kind = #{kind} </if><foreach collection='words' item='word'><choose>"
                    + "<when test='word.beginning'> and beginnings @@ to_tsquery('simple', #{word.text})</when>"
                    + "<otherwise> and words like #{word.text}</otherwise></choose></foreach>";

    /**
     * A word to look for.
     *
     * @param text a pattern for "like", or a prefix as a text query
     * @param beginning whether it is the beginning of a word
     */
    record Word(String text, boolean beginning) {}

    /** Where a tool stands in the lists, or stood: it may have been deleted since its page was shown. */
    String PLACE = " from (select id, name, updated_at, 0 as gone from tool where id = #{after} union all"
            + " select id, name, updated_at, 1 from tool_gone where id = #{after}) place order by gone limit 1)";

    @Select("<script>" + TOOL + WITH_WORDS
            + "<if test='after != null'> and (name, id) &gt; (select name, id" + PLACE + "</if>"
            + " order by name, id limit #{most}</script>")
    List<ToolRecord> page(List<Word> words, @Nullable String kind, @Nullable UUID after, int most);

    /** The same, what was saved last first. */
    @Select("<script>" + TOOL + WITH_WORDS
            + "<if test='after != null'> and (updated_at &lt; (select updated_at" + PLACE
            + " or updated_at = (select updated_at" + PLACE + " and id &gt; #{after})</if>"
            + " order by updated_at desc, id limit #{most}</script>")
    List<ToolRecord> pageByTime(List<Word> words, @Nullable String kind, @Nullable UUID after, int most);

    /**
     * When a tool was used last.
     *
     * @param id the tool
     * @param onDay day of its last grind or trial
     * @param grinds how often it was ground
     */
    record Used(UUID id, LocalDate onDay, int grinds) {}

    /** When these tools were ground or tried last, and how often they were ground; those that never were either are missing. */
    @Select(
            "<script>select tool_id as id, max(on_day) as on_day, sum(ground)::int as grinds from"
                    + " (select tool_id, on_day, 1 as ground from grind union all"
                    + " select tool_id, on_day, 0 as ground from trial) done where tool_id in"
                    + " <foreach collection='tools' item='t' open='(' separator=',' close=')'>#{t.id}</foreach> group by tool_id</script>")
    List<Used> used(List<ToolRecord> tools);

    /** How many there are with these words; counted no further than asked. */
    @Select("<script>select count(*) from (select 1 from tool" + WITH_WORDS + " limit #{most}) counted</script>")
    int count(List<Word> words, @Nullable String kind, int most);

    @Select(TOOL + " order by id")
    @Options(fetchSize = 500)
    Cursor<ToolRecord> each();

    /** Texts of a tool as it was last measured: what its last grind measured goes before its card. */
    String AS_MEASURED = "t.fields || coalesce(g.measured, '{}'::jsonb)";

    String LAST_GRINDS = " left join (select distinct on (tool_id) tool_id, measured from grind"
            + " order by tool_id, on_day desc, coalesce(said_at, at) desc, entered desc) g on g.tool_id = t.id";

    /**
     * Tools that are alike to the last text.
     *
     * @param fields their texts as last measured
     * @param tools how many there are
     * @param first name and id of the one that comes first by name
     */
    record Alike(Map<String, String> fields, int tools, String first) {}

    /** The tools of a kind, those that are alike counted together; within a transaction. */
    @Select("select own as fields, count(*) as tools, min(name || ' ' || id) as first from (select t.id, t.name, "
            + AS_MEASURED + " as own from tool t" + LAST_GRINDS
            + " where t.kind = #{kind}) made group by own")
    @Options(fetchSize = 500)
    Cursor<Alike> alike(String kind);

    /**
     * Which tool has which texts.
     *
     * @param id the tool's id
     * @param fields its texts as last measured
     */
    record AsMeasured(UUID id, Map<String, String> fields) {}

    /** The tools of a kind with these texts as last measured; of those that are alike the first by name. */
    @Select(
            "<script>select id, own as fields from (select t.id, own, row_number() over (partition by own order by name, id) as n"
                    + " from (select t.id, t.name, " + AS_MEASURED + " as own from tool t" + LAST_GRINDS
                    + " where t.kind = #{kind}) t where own in <foreach collection='all' item='one' open='(' separator=',' close=')'>"
                    + "#{one,typeHandler=" + TextMapHandler.NAME
                    + "}::jsonb</foreach>) numbered where n &lt;= #{most}</script>")
    List<AsMeasured> withTexts(String kind, Collection<Map<String, String>> all, int most);

    @Select("<script>" + TOOL
            + " where id in <foreach collection='ids' item='id' open='(' separator=',' close=')'>#{id}"
            + "</foreach></script>")
    List<ToolRecord> all(Collection<UUID> ids);

    @Select("select count(*) from tool where kind = #{kind}")
    int countOfKind(String kind);

    @Select(TOOL + " where id = #{id}")
    Optional<ToolRecord> find(UUID id);

    @Insert(
            "<script>insert into tool (id, version, name, drawer, note, kind, units, fields, updated_at, saved_by, said_at, said_by) values"
                    + " <foreach collection='tools' item='t' separator=','>(#{t.id}, #{t.version}, #{t.name}, #{t.drawer}, #{t.note},"
                    + " #{t.kind}, #{t.units}, #{t.fields,typeHandler=" + TextMapHandler.NAME
                    + "}, coalesce(#{t.savedAt}::timestamptz, now()), #{t.savedBy}, #{t.saidAt}::timestamptz, #{t.saidBy})</foreach> on conflict (id) do nothing</script>")
    int add(List<ToolRecord> tools);

    @Update(
            "update tool set name = #{name}, drawer = #{drawer}, note = #{note}, kind = #{kind}, units = #{units}, fields = #{fields},"
                    + " version = version + 1, updated_at = now(), saved_by = #{savedBy}, said_at = null, said_by = '' where id = #{id} and version = #{version}")
    int save(ToolRecord tool);

    @Delete("delete from tool where id = #{id} and version = #{version}")
    int delete(UUID id, int version);

    @Select(GRIND + " where tool_id = #{toolId} order by on_day desc, coalesce(said_at, at) desc, entered desc")
    List<GrindRecord> grindsOf(UUID toolId);

    @Select(GRIND + " where id = #{id}")
    Optional<GrindRecord> grind(UUID id);

    @Select(GRIND + " order by entered")
    @Options(fetchSize = 500)
    Cursor<GrindRecord> eachGrind();

    /** Those of these tools that are not kept. */
    @Select(
            "<script>select g::text from (values <foreach collection='ids' item='id' separator=','>(#{id}::uuid)</foreach>) as asked (g)"
                    + " where not exists (select from tool where id = g)</script>")
    List<String> missing(List<UUID> ids);

    @Insert(
            "<script>insert into grind (id, tool_id, on_day, units, measured, note, at, saved_by, said_at, said_by) values"
                    + " <foreach collection='grinds' item='g' separator=','>(#{g.id}, #{g.toolId}, #{g.onDay}, #{g.units},"
                    + " #{g.measured,typeHandler=" + TextMapHandler.NAME
                    + "}, #{g.note}, coalesce(#{g.savedAt}::timestamptz, now()), #{g.savedBy}, #{g.saidAt}::timestamptz, #{g.saidBy})</foreach> on conflict (id) do nothing</script>")
    int addGrinds(List<GrindRecord> grinds);
}
