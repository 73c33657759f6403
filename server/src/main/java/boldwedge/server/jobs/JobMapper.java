package boldwedge.server.jobs;

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
interface JobMapper {
    String JOB = "select id, version, name, due, units, sheet, done, updated_at as saved_at, saved_by,"
            + " said_at, said_by from job";
    String TICK =
            "select job_id, task, version, started_at, done_at, pinned_at, minutes, lost, updated_at as saved_at, saved_by from tick";

    /** A job in a list: the number of its tasks, of those done, and what was lost. */
    @Select("""
            select id, version, name, due, done, tasks, ticked, updated_at as saved_at, saved_by
            from job order by done, due nulls last, name, id limit #{most}""")
    List<ListedJob> list(int most);

    @Select(JOB + " where not done order by due nulls last, name, id")
    List<JobRecord> open();

    /** Jobs in which some operation is cut with this tool. */
    @Select(JOB + """
             where jsonb_path_exists(sheet, '$.lots[*].operations[*].tool ? (@ == $tool)', jsonb_build_object('tool', #{tool}::text))
            order by id""")
    List<JobRecord> cutWith(UUID tool);

    @Select(JOB + " order by id")
    @Options(fetchSize = 500)
    Cursor<JobRecord> each();

    @Select(JOB + " where id = #{id}")
    Optional<JobRecord> find(UUID id);

    /** A job with the number of its tasks. */
    record Counted(JobRecord job, int tasks) {}

    @Insert(
            "<script>insert into job (id, version, name, due, units, sheet, done, tasks, updated_at, saved_by, said_at, said_by)"
                    + " values <foreach collection='jobs' item='j' separator=','>(#{j.job.id}, #{j.job.version}, #{j.job.name},"
                    + " #{j.job.due}::timestamp, #{j.job.units}, #{j.job.sheet,typeHandler=" + SheetHandler.NAME
                    + "}, #{j.job.done}, #{j.tasks},"
                    + " coalesce(#{j.job.savedAt}::timestamptz, now()), #{j.job.savedBy}, #{j.job.saidAt}::timestamptz, #{j.job.saidBy})</foreach>"
                    + " on conflict (id) do nothing</script>")
    int add(List<Counted> jobs);

    @Update(
            "update job set name = #{job.name}, due = #{job.due}::timestamp, units = #{job.units}, sheet = #{job.sheet,typeHandler="
                    + SheetHandler.NAME
                    + "}, done = #{job.done}, tasks = #{tasks}, version = version + 1, updated_at = now(),"
                    + " saved_by = #{job.savedBy}, said_at = null, said_by = '' where id = #{job.id} and version = #{job.version}")
    int save(JobRecord job, int tasks);

    @Delete("delete from job where id = #{id} and version = #{version}")
    int delete(UUID id, int version);

    @Select(TICK + " where job_id = #{job} order by task")
    List<Tick> ticks(UUID job);

    @Select(TICK + " where job_id in (select id from job where not done) order by job_id, task")
    List<Tick> openTicks();

    @Select(TICK + " order by job_id, task")
    @Options(fetchSize = 500)
    Cursor<Tick> eachTick();

    @Select(TICK + " where job_id = #{job} and task = #{task}")
    Optional<Tick> tick(UUID job, String task);

    @Insert(
            "<script>insert into tick (job_id, task, version, started_at, done_at, pinned_at, minutes, lost, updated_at, saved_by)"
                    + " values <foreach collection='ticks' item='t' separator=','>(#{t.jobId}, #{t.task}, greatest(1, #{t.version}),"
                    + " #{t.startedAt}::timestamp, #{t.doneAt}::timestamp, #{t.pinnedAt}::timestamp, #{t.minutes}::float8, #{t.lost},"
                    + " coalesce(#{t.savedAt}::timestamptz, now()), #{t.savedBy})</foreach>"
                    + " on conflict (job_id, task) do nothing</script>")
    int addTicks(List<Tick> ticks);

    @Update(
            "update tick set started_at = #{startedAt}::timestamp, done_at = #{doneAt}::timestamp, pinned_at = #{pinnedAt}::timestamp,"
                    + " minutes = #{minutes}::float8, lost = #{lost}, version = version + 1, updated_at = now(), saved_by = #{savedBy}"
                    + " where job_id = #{jobId} and task = #{task} and version = #{version}")
    int saveTick(Tick tick);

    /** Counts what is done of a job: a list of hundreds counts nothing. */
    @Update("update job set ticked = (select count(*) from tick where job_id = #{job} and done_at is not null)"
            + " where id = #{job}")
    int count(UUID job);

    @Update("update job set ticked = t.done from (select job_id, count(*) filter (where done_at is not null) as done"
            + " from tick group by job_id) t where t.job_id = job.id and job.ticked <> t.done")
    int countAll();

    /**
     * What an operation was clocked at.
     *
     * @param jobId of which job
     * @param task of which task
     * @param key of which kind of operation
     * @param stated minutes as stated
     * @param minutes minutes as clocked
     * @param learns whether it is near enough to be learned from
     */
    record Clocked(UUID jobId, String task, String key, double stated, double minutes, boolean learns) {}

    @Insert("<script>insert into clocked (job_id, task, key, stated, minutes, learns) values"
            + " <foreach collection='all' item='c' separator=','>(#{c.jobId}, #{c.task}, #{c.key}, #{c.stated},"
            + " #{c.minutes}, #{c.learns})</foreach>"
            + " on conflict (job_id, task, key) do update set stated = excluded.stated, minutes = excluded.minutes,"
            + " learns = excluded.learns, at = now()</script>")
    int clock(List<Clocked> all);

    @Delete("delete from clocked where job_id = #{job} and task = #{task}")
    int unclock(UUID job, String task);

    /** The latest of each kind, thirty at most: what a shop did years ago weighs nothing. */
    @Select("<script>select key, minutes / stated as ratio from ("
            + "select key, minutes, stated, row_number() over (partition by key order by at desc) as nth from clocked"
            + " where learns and key in <foreach collection='keys' item='k' open='(' separator=',' close=')'>#{k}</foreach>"
            + ") latest where nth &lt;= 30 order by key</script>")
    List<Ratio> ratios(List<String> keys);

    /** What one took over what was stated. */
    record Ratio(String key, double ratio) {}
}
