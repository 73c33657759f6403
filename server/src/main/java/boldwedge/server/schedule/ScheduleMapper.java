package boldwedge.server.schedule;

import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface ScheduleMapper {
    /** As it is kept. */
    record Kept(PlanOfDays plan) {}

    @Select("select plan from workshop where one = 1 and plan is not null")
    Optional<Kept> find();

    @Update("update workshop set plan = #{plan,typeHandler=" + PlanHandler.NAME + "} where one = 1")
    int keep(PlanOfDays plan);
}
