package boldwedge.server.schedule;

import boldwedge.core.jobs.report.Spell;
import boldwedge.core.jobs.schedule.Bound;
import boldwedge.core.jobs.schedule.Breach;
import boldwedge.core.jobs.schedule.LateRemedy;
import boldwedge.core.jobs.schedule.Layout;
import boldwedge.core.jobs.schedule.Problem;
import boldwedge.core.jobs.schedule.Task;
import boldwedge.core.jobs.schedule.Worker;
import boldwedge.server.schedule.PlanOfDays.PlannedJob;
import boldwedge.server.schedule.PlanOfDays.PlannedTask;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Tells a layout as a plan: names for numbers, times for minutes, words for what it does not keep. */
final class PlanWriter {
    /** What would help a late job is tried by laying everything anew: of many tasks for few jobs, those wanted first. */
    private static final int TRIED = 1500;

    private final Floor floor;
    private final Problem problem;
    private final Bound bound;

    PlanWriter(Floor floor, Bound bound) {
        this.floor = floor;
        problem = floor.problem();
        this.bound = bound;
    }

    /**
     * The plan.
     *
     * @param layout where everything lies
     * @param state how far the search is
     * @param remedies whether what would help a late job is tried; that takes a while
     */
    PlanOfDays plan(
            Layout layout, PlanOfDays.State state, boolean proved, double seconds, double longest, boolean remedies) {
        List<Breach> breaches = Breach.of(problem, layout);
        Set<Integer> broken = new HashSet<>();
        breaches.forEach(breach -> broken.add(breach.task()));
        List<PlannedTask> tasks = new ArrayList<>();
        List<String> left = new ArrayList<>(floor.left());
        for (int task = 0; task < floor.named().size(); task++) {
            if (isOver(task, layout)) {
                continue;
            }
            if (layout.laid(task)) {
                tasks.add(planned(task, layout, broken.contains(task)));
            } else {
                left.add(unlaid(task));
            }
        }
        tasks.sort(Comparator.comparing(PlannedTask::start).thenComparing(PlannedTask::end));
        boolean nothing = tasks.isEmpty();
        long minutes = layout.last() - problem.now();
        return new PlanOfDays(
                state,
                floor.at(problem.now()),
                seconds,
                longest,
                tasks,
                jobs(layout, remedies),
                nothing ? null : floor.at(layout.last()),
                minutes,
                bound.last() - problem.now(),
                proved,
                idle(layout),
                nothing
                        ? "Nothing is to do."
                        : DayWords.verdict(
                                floor.at(problem.now()),
                                floor.at(layout.last()),
                                floor.at(bound.last()),
                                proved,
                                rests()),
                breaches.stream()
                        .filter(breach -> breach.kind() != Breach.Kind.UNLAID)
                        .map(breach -> broken(breach, layout))
                        .toList(),
                left,
                "",
                DayWords.of(tasks, problem.workers().stream().map(Worker::name).toList()));
    }

    /** Done before the plan's first day: it is no part of it. */
    private boolean isOver(int task, Layout layout) {
        return problem.tasks().get(task).fixed().state() == Task.State.DONE
                && floor.at(layout.end(task))
                        .isBefore(floor.at(problem.now()).toLocalDate().atStartOfDay());
    }

    private String rests() {
        return switch (bound.by()) {
            case CHAIN -> "the longest job’s own chain takes that long.";
            case MACHINE -> floor.machines().getOrDefault(bound.machine(), "one machine") + " has that much to do.";
            case HANDS -> "there is that much to do by hand.";
        };
    }

    private PlannedTask planned(int task, Layout layout, boolean broken) {
        Floor.Named named = floor.named().get(task);
        Task one = problem.tasks().get(task);
        int worker = layout.worker(task);
        return new PlannedTask(
                named.job().record().id(),
                named.job().record().name(),
                named.part().id(),
                named.name(),
                named.pieces(),
                one.machine(),
                floor.machines().getOrDefault(one.machine(), ""),
                worker < 0 ? "" : problem.workers().get(worker).name(),
                floor.at(layout.start(task)),
                floor.at(layout.end(task)),
                one.minutes(),
                one.hands(),
                one.fixed().state().name(),
                broken);
    }

    private String quoted(int task) {
        Floor.Named named = floor.named().get(task);
        return "“" + named.name() + "” (" + named.pieces() + ")";
    }

    private String unlaid(int task) {
        Task one = problem.tasks().get(task);
        boolean nobody =
                problem.workers().stream().allMatch(worker -> worker.hours().next(problem.now()) >= Layout.NEVER);
        if (nobody) {
            return quoted(task) + " has no place: nobody has a working hour. Enter who works when.";
        }
        boolean behind = !one.links().isEmpty();
        return quoted(task) + " has no place within half a year"
                + (behind
                        ? ": what it follows has none either, or its bond fits into no day. Loosen the bond, or lengthen a day."
                        : ": no day has hours enough for it in one go. Let it be broken, or lengthen a day.");
    }

    private String broken(Breach breach, Layout layout) {
        String task = quoted(breach.task());
        String other = breach.other() < 0 ? "" : quoted(breach.other());
        String by = Spell.time((double) breach.minutes());
        return switch (breach.kind()) {
            case ORDER -> task + " begins " + by + " before it may: " + other + " comes first.";
            case BOND -> task + " begins " + by + " later after " + other + " than it may.";
            case MACHINE -> task + " and " + other + " are on one machine at once, for " + by + ".";
            case HANDS -> task + " and " + other + " want the same hands at once, for " + by + ".";
            case HOURS ->
                task + " begins at " + DayWords.moment(floor.at(layout.start(breach.task())))
                        + ", when nobody is there.";
            case UNLAID -> task + " has no place.";
        };
    }

    private List<PlannedJob> jobs(Layout layout, boolean remedies) {
        List<PlannedJob> all = new ArrayList<>();
        int tried = 0;
        int most = Math.max(1, TRIED / Math.max(1, floor.named().size()));
        for (int job = 0; job < floor.jobs().size(); job++) {
            var record = floor.jobs().get(job).record();
            long ends = LateRemedy.ends(problem, layout, job);
            long late = ends >= Layout.NEVER ? 0 : Math.max(0, ends - problem.due(job));
            boolean tries = late > 0 && remedies && tried++ < most;
            all.add(new PlannedJob(
                    record.id(),
                    record.name(),
                    record.due(),
                    ends >= Layout.NEVER ? null : floor.at(ends),
                    late,
                    tries ? remedy(layout, job) : ""));
        }
        return all;
    }

    private String remedy(Layout layout, int job) {
        LateRemedy remedy = LateRemedy.of(problem, layout, job);
        @Nullable LocalDateTime then = remedy.ends() >= Layout.NEVER ? null : floor.at(remedy.ends());
        String day = then == null ? "" : DayWords.moment(then);
        return switch (remedy.kind()) {
            case TOO_LONG ->
                "No order brings it in on time: by itself alone it takes until " + day
                        + ". Say no, or name that day; or work a longer day.";
            case SPLIT ->
                "Split " + quoted(remedy.task()) + " at a re-chucking, half now and half later: then it is done on "
                        + day + ".";
            case FIRST ->
                "Let it go before the others: then it is done on " + day
                        + (remedy.late() > 0
                                ? ", and others are late by " + Spell.time((double) remedy.late()) + " together."
                                : ".");
            case SAY_NO ->
                "Neither splitting a job nor letting it go first helps. Say no, or name the day: " + day + ".";
        };
    }

    /** Minutes in which nobody has anything to do, from the first task by hand to the last, within working hours. */
    private long idle(Layout layout) {
        long idle = 0;
        for (int who = 0; who < problem.workers().size(); who++) {
            long first = Layout.NEVER;
            long last = 0;
            long work = 0;
            for (int task = 0; task < problem.tasks().size(); task++) {
                if (layout.laid(task) && layout.worker(task) == who) {
                    first = Math.min(first, layout.start(task));
                    last = Math.max(last, layout.end(task));
                    work += problem.tasks().get(task).minutes();
                }
            }
            idle += last <= first
                    ? 0
                    : Math.max(0, problem.workers().get(who).hours().between(first, last) - work);
        }
        return idle;
    }
}
