package boldwedge.server.stock;

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
interface StockMapper {
    String LINE =
            "select id, version, name, drawer, note, measure, tool_id, wait_days, updated_at as saved_at, saved_by,"
                    + " said_at, said_by from stock_line";
    String MOVE =
            "select id, line_id, on_day, movement, amount, ready, dull, worn, made, note, updated_at as saved_at, saved_by"
                    + " from stock_move";

    @Select(LINE + " order by lower(name), id limit #{most}")
    List<StockLine> lines(int most);

    @Select(LINE + " order by id")
    @Options(fetchSize = 500)
    Cursor<StockLine> each();

    @Select(LINE + " where id = #{id}")
    Optional<StockLine> find(UUID id);

    /** The same, and nobody else moves anything of it meanwhile. */
    @Select(LINE + " where id = #{id} for update")
    Optional<StockLine> hold(UUID id);

    @Select(LINE + " where tool_id = #{tool} order by lower(name), id")
    List<StockLine> ofTool(UUID tool);

    @Insert("""
            <script>insert into stock_line (id, version, name, drawer, note, measure, tool_id, wait_days, updated_at, saved_by, said_at, said_by)
            values <foreach collection='lines' item='l' separator=','>(#{l.id}, greatest(1, #{l.version}), #{l.name}, #{l.drawer}, #{l.note},
            #{l.measure}, (select id from tool where id = #{l.toolId}::uuid), #{l.waitDays}::float8,
            coalesce(#{l.savedAt}::timestamptz, now()), #{l.savedBy}, #{l.saidAt}::timestamptz, #{l.saidBy})</foreach>
            on conflict (id) do nothing</script>""")
    int add(List<StockLine> lines);

    @Update("""
            update stock_line set name = #{name}, drawer = #{drawer}, note = #{note}, tool_id = #{toolId}::uuid,
            wait_days = #{waitDays}::float8, version = version + 1, updated_at = now(), saved_by = #{savedBy}, said_at = null, said_by = ''
            where id = #{id} and version = #{version}""")
    int save(StockLine line);

    @Delete("delete from stock_line where id = #{id} and version = #{version}")
    int delete(UUID id, int version);

    @Select(MOVE + " where line_id = #{line} order by on_day desc, updated_at desc, id limit #{most}")
    List<StockMove> moves(UUID line, int most);

    @Select(
            MOVE
                    + " where line_id in (select id from stock_line order by lower(name), id limit #{most}) order by line_id, on_day, updated_at, id")
    List<StockMove> allMoves(int most);

    @Select(MOVE + " order by line_id, on_day, updated_at, id")
    @Options(fetchSize = 500)
    Cursor<StockMove> eachMove();

    @Select(MOVE + " where id = #{id}")
    Optional<StockMove> move(UUID id);

    /** What the movements of a thing sum up to. */
    record Summed(double ready, double dull, double worn) {}

    @Select("select coalesce(sum(ready), 0) as ready, coalesce(sum(dull), 0) as dull, coalesce(sum(worn), 0) as worn"
            + " from stock_move where line_id = #{line}")
    Summed sum(UUID line);

    @Insert("""
            <script>insert into stock_move (id, line_id, on_day, movement, amount, ready, dull, worn, made, note, updated_at, saved_by)
            values <foreach collection='moves' item='m' separator=','>(#{m.id}, #{m.lineId}, #{m.onDay}, #{m.movement}, #{m.amount},
            #{m.ready}, #{m.dull}, #{m.worn}, #{m.made}::float8, #{m.note}, coalesce(#{m.savedAt}::timestamptz, now()), #{m.savedBy})</foreach>
            on conflict (id) do nothing</script>""")
    int addMoves(List<StockMove> moves);

    @Select("select id from stock_move where line_id = #{line} order by updated_at desc, id desc limit 1")
    Optional<UUID> last(UUID line);

    @Delete("delete from stock_move where id = #{id}")
    int takeBack(UUID id);
}
