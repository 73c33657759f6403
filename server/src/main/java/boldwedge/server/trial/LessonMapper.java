package boldwedge.server.trial;

import java.util.List;
import java.util.UUID;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

@Mapper
interface LessonMapper {
    /** Lessons of a subject added up. */
    record Added(
            String subject,
            double logarithms,
            double weight,
            int trials,
            @Nullable Double quietAt,
            @Nullable Double sangAt) {}

    /** Those that were reckoned with this version of the lathe's card. */
    @Select("<script>select subject, sum(weight * logarithm) as logarithms, sum(weight) as weight, count(*) as trials,"
            + " max(logarithm) filter (where weight > 0) as quietat, min(logarithm) filter (where weight &lt; 0) as sangat from lesson"
            + " where card = #{card} and subject in <foreach collection='subjects' item='s' open='(' separator=',' close=')'>#{s}</foreach>"
            + " group by subject</script>")
    List<Added> added(List<String> subjects, int card);

    @Insert("insert into lesson (trial_id, subject, card, logarithm, weight) values"
            + " (#{trial}, #{subject}, #{card}, #{logarithm}, #{weight}) on conflict (trial_id, subject) do update set"
            + " card = excluded.card, logarithm = excluded.logarithm, weight = excluded.weight")
    int keep(UUID trial, String subject, int card, double logarithm, double weight);

    @Delete("<script>delete from lesson where trial_id in"
            + " <foreach collection='trials' item='t' open='(' separator=',' close=')'>#{t.id}</foreach></script>")
    int drop(List<TrialRecord> trials);

    @Update("<script>update trial set lesson_card = #{card} where id in"
            + " <foreach collection='trials' item='t' open='(' separator=',' close=')'>#{t.id}</foreach></script>")
    int learnt(List<TrialRecord> trials, int card);

    /** Trials that nobody has learnt from yet; another program's are passed over while it is at them. */
    @Select(TrialMapper.TRIAL + " where lesson_card < 0 limit #{most} for update skip locked")
    List<TrialRecord> fresh(int most);

    /** Trials on a lathe that were learnt from with another version of its card. */
    @Select(
            TrialMapper.TRIAL + " where fields ->> 'lathe' = #{lathe}"
                    + " and (lesson_card between 0 and #{card} - 1 or lesson_card > #{card}) limit #{most} for update skip locked")
    List<TrialRecord> stale(String lathe, int card, int most);
}
