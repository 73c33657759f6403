package boldwedge.server.trial;

import boldwedge.server.storage.TextMapHandler;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.apache.ibatis.cursor.Cursor;

@Mapper
interface TrialMapper {
    String TRIAL =
            "select id, tool_id, cut_id, on_day, units, fields, readings, verdict, note, at as saved_at, saved_by, said_at, said_by, aside from trial";
    String LATEST = " order by on_day desc, coalesce(said_at, at) desc, id limit #{most}";

    @Select(TRIAL + LATEST)
    List<TrialRecord> latest(int most);

    @Select(TRIAL + " where tool_id = #{toolId}" + LATEST)
    List<TrialRecord> ofTool(UUID toolId, int most);

    @Select(TRIAL + " where cut_id = #{cutId}" + LATEST)
    List<TrialRecord> ofCut(UUID cutId, int most);

    @Select(TRIAL + " where id = #{id}")
    Optional<TrialRecord> find(UUID id);

    @Update("update trial set aside = #{aside} where id = #{id}")
    int setAside(UUID id, boolean aside);

    @Select(TRIAL + " order by id")
    @Options(fetchSize = 500)
    Cursor<TrialRecord> each();

    @Select(TRIAL + " where tool_id = #{toolId} order by id")
    @Options(fetchSize = 500)
    Cursor<TrialRecord> eachOfTool(UUID toolId);

    /** A cut that is not kept here, or no more, is left out: the trial stands without it. */
    @Insert(
            "<script>insert into trial (id, tool_id, cut_id, on_day, units, fields, readings, verdict, note, at, saved_by, said_at, said_by, aside, lesson_card) values"
                    + " <foreach collection='trials' item='t' separator=','>(#{t.id}, #{t.toolId},"
                    + " (select id from cut where id = #{t.cutId}), #{t.onDay}, #{t.units},"
                    + " #{t.fields,typeHandler=" + TextMapHandler.NAME + "}, #{t.readings,typeHandler="
                    + TextMapHandler.NAME
                    + "}, #{t.verdict}, #{t.note}, coalesce(#{t.savedAt}::timestamptz, now()), #{t.savedBy}, #{t.saidAt}::timestamptz, #{t.saidBy}, coalesce(#{t.aside}::boolean, false),"
                    // Not learnt from yet.
                    + " -1)</foreach>"
                    + " on conflict (id) do nothing</script>")
    int add(List<TrialRecord> trials);
}
