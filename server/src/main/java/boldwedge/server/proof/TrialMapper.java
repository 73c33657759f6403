package boldwedge.server.proof;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

@Mapper
interface TrialMapper {
    String TRIAL = "select id, tool_id, cut_id, on_day, units, fields, readings, verdict, note from trial";

    @Select(TRIAL + " order by on_day desc, at desc")
    List<TrialRecord> all();

    @Select(TRIAL + " where tool_id = #{toolId} order by on_day desc, at desc")
    List<TrialRecord> ofTool(UUID toolId);

    @Select(TRIAL + " where cut_id = #{cutId} order by on_day desc, at desc")
    List<TrialRecord> ofCut(UUID cutId);

    @Insert("insert into trial (id, tool_id, cut_id, on_day, units, fields, readings, verdict, note) values"
            + " (#{id}, #{toolId}, #{cutId}, #{onDay}, #{units}, #{fields}, #{readings}, #{verdict}, #{note})"
            + " on conflict (id) do nothing")
    int add(TrialRecord trial);
}
