package boldwedge.core.jobs.schedule;

import boldwedge.core.jobs.schedule.Task.Fixed;
import boldwedge.core.jobs.schedule.Task.Link;
import boldwedge.core.jobs.schedule.Task.State;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What would bring a late job in on time, each tried by laying everything anew: the job first, a long task of another split at a
 * re-chucking; where nothing does, that is said.
 *
 * @param kind what
 * @param task the task that is split; -1 where none is
 * @param ends when the job is then done
 * @param late minutes by which all jobs are then late together
 */
public record LateRemedy(Kind kind, int task, long ends, long late) {
    /** What can be done. */
    public enum Kind {
        /** Nothing: its own chain takes longer than there is time. */
        TOO_LONG,
        /** Split a task, half now and half later. */
        SPLIT,
        /** Let this job go before the others. */
        FIRST,
        /** Nothing that was tried: say so, and name the day. */
        SAY_NO
    }

    /** Shorter tasks are not worth a second chucking. */
    private static final long WORTH_SPLITTING = 30;

    private static final int MOST_TRIED = 20;

    /** Each split lays all tasks anew: of many tasks few are tried. */
    private static final int LAID = 4000;

    /**
     * The first that helps.
     *
     * @param problem as it was laid
     * @param laid how it was laid
     * @param job which is late
     */
    public static LateRemedy of(Problem problem, Layout laid, int job) {
        long alone = ends(problem, new Layer(problem).alone(), job);
        if (alone > problem.due(job)) {
            return new LateRemedy(Kind.TOO_LONG, -1, alone, laid.late());
        }
        LateRemedy best = new LateRemedy(Kind.SAY_NO, -1, ends(problem, laid, job), laid.late());
        for (int task : worthSplitting(problem, job)) {
            Problem split = split(problem, task);
            Layout layout = new Layer(split).lay(FirstOrders.best(split));
            long ends = ends(split, layout, job);
            if (ends <= problem.due(job) && layout.late() < best.late()) {
                best = new LateRemedy(Kind.SPLIT, task, ends, layout.late());
            }
        }
        if (best.kind() == Kind.SPLIT) {
            return best;
        }
        Layout first = new Layer(problem).lay(first(problem, job));
        long ends = ends(problem, first, job);
        return ends <= problem.due(job) ? new LateRemedy(Kind.FIRST, -1, ends, first.late()) : best;
    }

    private static List<Integer> worthSplitting(Problem problem, int job) {
        return IntStream.range(0, problem.tasks().size())
                .filter(task -> {
                    Task one = problem.tasks().get(task);
                    return one.job() != job
                            && one.hands()
                            && one.fixed().state() == State.FREE
                            && one.minutes() >= WORTH_SPLITTING
                            && one.links().stream().noneMatch(Link::presses);
                })
                .boxed()
                .sorted(Comparator.comparingLong(
                        task -> -problem.tasks().get(task).minutes()))
                .limit(Math.clamp(LAID / problem.tasks().size(), 1, MOST_TRIED))
                .toList();
    }

    private static List<Integer> first(Problem problem, int job) {
        List<Integer> order = new ArrayList<>(FirstOrders.best(problem));
        order.sort(Comparator.comparing(
                unit -> problem.tasks().get(problem.unit(unit)[0]).job() != job));
        return order;
    }

    /** When a job is done. */
    public static long ends(Problem problem, Layout layout, int job) {
        return IntStream.range(0, problem.tasks().size())
                .filter(task -> problem.tasks().get(task).job() == job)
                .mapToLong(layout::end)
                .max()
                .orElse(problem.now());
    }

    /** The same with a task in two halves, the second of which is the last task; what waited for it waits for the second. */
    static Problem split(Problem problem, int task) {
        List<Task> tasks = new ArrayList<>();
        int second = problem.tasks().size();
        for (int i = 0; i < second; i++) {
            Task one = problem.tasks().get(i);
            List<Link> links = one.links().stream()
                    .map(link -> link.task() == task ? new Link(second, link.least(), link.most()) : link)
                    .toList();
            tasks.add(with(one, one.id(), i == task ? one.minutes() / 2 : one.minutes(), links));
        }
        Task whole = problem.tasks().get(task);
        tasks.add(with(whole, whole.id() + "/2", whole.minutes() - whole.minutes() / 2, List.of(Link.after(task))));
        return problem.with(tasks);
    }

    private static Task with(Task one, String id, long minutes, List<Link> links) {
        return new Task(
                id,
                one.job(),
                one.machine(),
                minutes,
                one.hands(),
                one.unbroken(),
                one.when(),
                links,
                one.fixed().state() == State.FREE ? Fixed.FREE : one.fixed());
    }
}
