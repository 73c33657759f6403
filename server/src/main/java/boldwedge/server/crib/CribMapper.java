package boldwedge.server.crib;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface CribMapper {
    String TOOL = "select id, version, name, drawer, note, units, fields from tool";
    String GRIND = "select id, tool_id, on_day, units, measured, note from grind";

    @Select(TOOL + " order by name")
    List<ToolRecord> all();

    /** Every word must stand somewhere in the name, drawer, note or texts. */
    @Select(
            "<script>" + TOOL + " where true <foreach collection='words' item='word'> and"
                    + " (name || ' ' || drawer || ' ' || note || ' ' || fields::text) ilike #{word}</foreach> order by name</script>")
    List<ToolRecord> withWords(List<String> words);

    @Select(TOOL + " where id = #{id}")
    Optional<ToolRecord> find(UUID id);

    @Insert("insert into tool (id, name, drawer, note, units, fields)"
            + " values (#{id}, #{name}, #{drawer}, #{note}, #{units}, #{fields}) on conflict (id) do nothing")
    int add(ToolRecord tool);

    @Update("update tool set name = #{name}, drawer = #{drawer}, note = #{note}, units = #{units}, fields = #{fields},"
            + " version = version + 1, updated_at = now() where id = #{id} and version = #{version}")
    int save(ToolRecord tool);

    @Delete("delete from tool where id = #{id}")
    int delete(UUID id);

    @Select(GRIND + " where tool_id = #{toolId} order by on_day desc, at desc")
    List<GrindRecord> grindsOf(UUID toolId);

    @Select(GRIND + " order by on_day, at")
    List<GrindRecord> grinds();

    @Insert("insert into grind (id, tool_id, on_day, units, measured, note)"
            + " values (#{id}, #{toolId}, #{onDay}, #{units}, #{measured}, #{note}) on conflict (id) do nothing")
    int addGrind(GrindRecord grind);
}
