package boldwedge.server.schedule;

import boldwedge.core.jobs.schedule.Hours;
import boldwedge.server.jobs.JobService;
import boldwedge.server.jobs.JobService.Worked;
import boldwedge.server.jobs.Tick;
import boldwedge.server.schedule.PlanOfDays.DayLine;
import boldwedge.server.schedule.PlanOfDays.PlannedDay;
import boldwedge.server.schedule.PlanOfDays.PlannedTask;
import boldwedge.server.schedule.PlanOfDays.State;
import boldwedge.server.web.Refusal;
import boldwedge.server.week.Week;
import boldwedge.server.week.Week.Place;
import boldwedge.server.week.WeekService;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Service;

/** The plan of the shop's days: one search at a time, whose best is there from the first moment on; the last plan is kept. */
@Service
class ScheduleService implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(ScheduleService.class);
    private static final Duration JOINED = Duration.ofSeconds(5);

    private final JobService jobs;
    private final WeekService weeks;
    private final ScheduleMapper kept;
    private final Clock clock;
    private volatile @Nullable Run run;

    ScheduleService(JobService jobs, WeekService weeks, ScheduleMapper kept, Optional<Clock> clock) {
        this.jobs = jobs;
        this.weeks = weeks;
        this.kept = kept;
        this.clock = clock.orElse(Clock.system(ZoneId.systemDefault()));
    }

    /** A search under way or at its end. */
    private static final class Run {
        private final Search search;
        private final PlanWriter writer;
        private final double longest;
        private final Thread thread;

        // Nothing goes wrong where the system gives nothing on it: plans are then a little slower meanwhile.
        @SuppressWarnings("ThreadPriorityCheck")
        Run(Search search, PlanWriter writer, double longest, Runnable after) {
            this.search = search;
            this.writer = writer;
            this.longest = longest;
            thread = Thread.ofPlatform()
                    .name("schedule")
                    .daemon(true)
                    // Whoever plans a cut meanwhile goes first.
                    .priority(Thread.MIN_PRIORITY)
                    .unstarted(() -> {
                        try {
                            search.run(better -> {});
                        } catch (RuntimeException broken) {
                            LOG.error("The search for a plan broke off; its best so far is kept.", broken);
                        } finally {
                            search.stop();
                            after.run();
                        }
                    });
        }

        PlanOfDays plan(boolean remedies) {
            boolean over = search.isOver();
            return writer.plan(
                    search.best(),
                    over ? State.KEPT : State.SEARCHING,
                    search.isProved(),
                    Math.min(search.seconds(), longest),
                    longest,
                    remedies);
        }
    }

    /** Plans anew from a moment on; the first plan comes at once, better ones while it is searched. */
    synchronized PlanOfDays plan(@Nullable LocalDateTime asked, Duration longest, Optional<List<UUID>> only) {
        end();
        LocalDateTime from = (asked == null ? LocalDateTime.now(clock) : asked).truncatedTo(ChronoUnit.MINUTES);
        Week week = weeks.week();
        if (week.persons().isEmpty()) {
            throw Refusal.wrong("nobody-works", "Nobody works here yet: enter who works when, then plan.");
        }
        List<Worked> open = jobs.open().stream()
                .filter(job ->
                        only.isEmpty() || only.get().contains(job.record().id()))
                .toList();
        List<Hours> hours = week.persons().stream()
                .map(person ->
                        weeks.hours(person, Floor.origin(from.toLocalDate()).toLocalDate(), Floor.DAYS))
                .toList();
        Map<String, String> machines =
                weeks.places().stream().collect(Collectors.toMap(Place::id, Place::name, (first, again) -> first));
        Floor floor = Floor.of(open, week, hours, machines, from);
        Search search = new Search(floor.problem(), longest, Optional.empty());
        PlanWriter writer = new PlanWriter(floor, search.bound());
        Run begun = new Run(search, writer, longest.toMillis() / 1000.0, () -> keep(search, writer, longest));
        run = begun;
        weeks.addIfMissing(week);
        if (search.isOver()) {
            keep(search, writer, longest);
        } else {
            begun.thread.start();
        }
        return begun.plan(search.isOver());
    }

    private void keep(Search search, PlanWriter writer, Duration longest) {
        Run last = run;
        if (last == null || last.search != search) {
            // Somebody has planned anew meanwhile: an older plan does not come over it.
            return;
        }
        try {
            kept.keep(writer.plan(
                    search.best(),
                    State.KEPT,
                    search.isProved(),
                    Math.min(search.seconds(), longest.toMillis() / 1000.0),
                    longest.toMillis() / 1000.0,
                    true));
        } catch (RuntimeException away) {
            LOG.warn("The plan could not be kept: it is to be made anew once the records are there.", away);
        }
    }

    /** Ends the search; the best so far is kept. */
    synchronized PlanOfDays stop() {
        end();
        return now();
    }

    private void end() {
        Run last = run;
        if (last == null || !last.thread.isAlive()) {
            return;
        }
        last.search.stop();
        try {
            last.thread.join(JOINED);
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
        }
    }

    /** The plan as it is now: the best so far, or the one that was kept; what was ticked off since is done in it. */
    PlanOfDays now() {
        Run last = run;
        Optional<PlanOfDays> plan = last != null && !last.search.isOver()
                ? Optional.of(last.plan(false))
                : kept.find().map(ScheduleMapper.Kept::plan);
        return plan.map(this::ticked).orElseGet(this::none);
    }

    private PlanOfDays none() {
        return new PlanOfDays(
                State.NONE,
                LocalDateTime.now(clock).truncatedTo(ChronoUnit.MINUTES),
                0,
                0,
                List.of(),
                List.of(),
                null,
                0,
                0,
                false,
                0,
                "",
                List.of(),
                List.of(),
                "",
                List.of());
    }

    private PlanOfDays ticked(PlanOfDays plan) {
        Map<String, Tick> ticks = new HashMap<>();
        jobs.openTicks().forEach(tick -> ticks.put(tick.jobId() + "|" + tick.task(), tick));
        List<PlannedTask> tasks = plan.tasks().stream()
                .map(task -> state(task, ticks.get(task.job() + "|" + task.task())))
                .toList();
        Map<String, String> states = tasks.stream()
                .collect(Collectors.toMap(
                        task -> task.job() + "|" + task.task(), PlannedTask::state, (first, again) -> first));
        List<PlannedDay> days = plan.days().stream()
                .map(day -> new PlannedDay(
                        day.day(),
                        day.person(),
                        day.lines().stream()
                                .map(line -> new DayLine(
                                        line.job(),
                                        line.task(),
                                        line.time(),
                                        line.words(),
                                        line.meanwhile(),
                                        "DONE".equals(states.get(line.job() + "|" + line.task()))))
                                .toList()))
                .toList();
        return new PlanOfDays(
                plan.state(),
                plan.from(),
                plan.seconds(),
                plan.longest(),
                tasks,
                plan.jobs(),
                plan.ends(),
                plan.minutes(),
                plan.bound(),
                plan.proved(),
                plan.idle(),
                plan.verdict(),
                plan.broken(),
                plan.left(),
                behind(tasks),
                days);
    }

    private static PlannedTask state(PlannedTask task, @Nullable Tick tick) {
        String state = tick == null
                ? task.state().equals("PINNED") ? "PINNED" : "FREE"
                : tick.doneAt() != null
                        ? "DONE"
                        : tick.startedAt() != null ? "RUNNING" : tick.pinnedAt() != null ? "PINNED" : "FREE";
        return new PlannedTask(
                task.job(),
                task.jobName(),
                task.task(),
                task.name(),
                task.pieces(),
                task.machine(),
                task.machineName(),
                task.worker(),
                task.start(),
                task.end(),
                task.minutes(),
                task.hands(),
                state,
                task.broken());
    }

    /** What should be done by now and is not. */
    private String behind(List<PlannedTask> tasks) {
        LocalDateTime now = LocalDateTime.now(clock);
        return tasks.stream()
                .filter(task -> !task.state().equals("DONE") && task.end().isBefore(now))
                .findFirst()
                .map(task -> "“" + task.name() + "” (" + task.pieces() + ") was to be done by "
                        + DayWords.moment(task.end()) + " and is not ticked off. Tick it, or plan from now.")
                .orElse("");
    }

    @Override
    public void destroy() {
        end();
    }
}
