package boldwedge.server.shop;

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
interface LatheMapper {
    String LATHE = "select id, version, units, card, updated_at as saved_at, saved_by, said_at, said_by from lathe";

    @Select(LATHE + " order by card ->> 'name', id")
    List<LatheRecord> all();

    @Select(LATHE + " order by id")
    @Options(fetchSize = 500)
    Cursor<LatheRecord> each();

    @Select(LATHE + " where id = #{id}")
    Optional<LatheRecord> find(UUID id);

    @Insert("<script>insert into lathe (id, version, units, card, updated_at, saved_by, said_at, said_by) values"
            + " <foreach collection='lathes' item='l' separator=','>(#{l.id}, #{l.version}, #{l.units},"
            + " #{l.card,typeHandler=" + TextMapHandler.NAME
            + "}, coalesce(#{l.savedAt}::timestamptz, now()), #{l.savedBy}, #{l.saidAt}::timestamptz, #{l.saidBy})</foreach>"
            + " on conflict (id) do nothing</script>")
    int add(List<LatheRecord> lathes);

    @Update("update lathe set units = #{units}, card = #{card}, version = version + 1, updated_at = now(),"
            + " saved_by = #{savedBy}, said_at = null, said_by = '' where id = #{id} and version = #{version}")
    int save(LatheRecord lathe);

    @Delete("delete from lathe where id = #{id} and version = #{version}")
    int delete(UUID id, int version);
}
