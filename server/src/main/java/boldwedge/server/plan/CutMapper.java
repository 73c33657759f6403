package boldwedge.server.plan;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface CutMapper {
    @Select("select id, version, name, units, fields from cut order by updated_at desc")
    List<CutRecord> all();

    @Select("select id, version, name, units, fields from cut where id = #{id}")
    Optional<CutRecord> find(UUID id);

    @Insert("insert into cut (id, name, units, fields) values (#{id}, #{name}, #{units}, #{fields})"
            + " on conflict (id) do nothing")
    int add(CutRecord cut);

    @Update("update cut set name = #{name}, units = #{units}, fields = #{fields}, version = version + 1,"
            + " updated_at = now() where id = #{id} and version = #{version}")
    int save(CutRecord cut);

    @Delete("delete from cut where id = #{id}")
    int delete(UUID id);
}
