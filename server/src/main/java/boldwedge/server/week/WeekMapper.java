package boldwedge.server.week;

import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface WeekMapper {
    /** As it is kept. */
    record Kept(int version, Week week) {}

    @Select("select version, week from workshop where one = 1")
    Optional<Kept> find();

    @Insert(
            "insert into workshop (one, version, week, saved_by) values (1, greatest(1, #{week.version}), #{week,typeHandler="
                    + WeekHandler.NAME + "}, #{by}) on conflict (one) do nothing")
    int add(Week week, String by);

    @Update("update workshop set week = #{week,typeHandler=" + WeekHandler.NAME
            + "}, version = version + 1, updated_at = now(), saved_by = #{by} where one = 1 and version = #{version}")
    int save(Week week, int version, String by);
}
