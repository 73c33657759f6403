package boldwedge.server.shop;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface LatheMapper {
    @Select("select id, version, units, card from lathe order by card ->> 'name'")
    List<LatheRecord> all();

    @Select("select id, version, units, card from lathe where id = #{id}")
    Optional<LatheRecord> find(UUID id);

    @Insert("insert into lathe (id, units, card) values (#{id}, #{units}, #{card}) on conflict (id) do nothing")
    int add(LatheRecord lathe);

    @Update("update lathe set units = #{units}, card = #{card}, version = version + 1, updated_at = now()"
            + " where id = #{id} and version = #{version}")
    int save(LatheRecord lathe);

    @Delete("delete from lathe where id = #{id}")
    int delete(UUID id);
}
