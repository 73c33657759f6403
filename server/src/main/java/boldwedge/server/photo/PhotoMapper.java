package boldwedge.server.photo;

import boldwedge.server.photo.PhotoService.PhotoCard;
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
interface PhotoMapper {
    String WHOLE =
            "select id, tool_id, grind_id, trial_id, note, picture, at as saved_at, saved_by, said_at, said_by from photo";
    String CARD = "select id, tool_id, grind_id, trial_id, note, at as saved_at, saved_by, said_at, said_by from photo";

    /** The tool's own and those of its grinds and trials. */
    String OF_TOOL = " where tool_id = #{tool} or grind_id in (select id from grind where tool_id = #{tool})"
            + " or trial_id in (select id from trial where tool_id = #{tool})";

    String IN_ORDER = " order by coalesce(said_at, at), id";

    @Select(CARD + OF_TOOL + IN_ORDER)
    List<PhotoCard> ofTool(UUID tool);

    @Select(CARD + " where trial_id in (select id from trial where cut_id = #{cut})" + IN_ORDER)
    List<PhotoCard> ofCut(UUID cut);

    @Select(WHOLE + " where id = #{id}")
    Optional<PhotoRecord> find(UUID id);

    @Select(WHOLE + IN_ORDER)
    @Options(fetchSize = 10)
    Cursor<PhotoRecord> each();

    @Select(WHOLE + OF_TOOL + IN_ORDER)
    @Options(fetchSize = 10)
    Cursor<PhotoRecord> eachOfTool(UUID tool);

    /** Keeps those that are not kept yet and whose tool, grind or trial is; how many. */
    @Insert("insert into photo (id, tool_id, grind_id, trial_id, note, picture, at, saved_by, said_at, said_by)"
            + " select #{id}, #{toolId}::uuid, #{grindId}::uuid, #{trialId}::uuid, #{note}, #{picture},"
            + " coalesce(#{savedAt}::timestamptz, now()), #{savedBy}, #{saidAt}::timestamptz, #{saidBy}"
            + " where exists (select from tool where id = #{toolId}::uuid)"
            + " or exists (select from grind where id = #{grindId}::uuid)"
            + " or exists (select from trial where id = #{trialId}::uuid)"
            + " on conflict (id) do nothing")
    int add(PhotoRecord photo);

    @Select("select small from photo where id = #{id} and small is not null")
    Optional<byte[]> small(UUID id);

    @Update("update photo set small = #{small} where id = #{id}")
    int keepSmall(UUID id, byte[] small);

    @Delete("delete from photo where id = #{id}")
    int delete(UUID id);
}
