package boldwedge.core.jobs.schedule;

import boldwedge.core.jobs.schedule.Task.State;
import java.util.Arrays;
import java.util.List;
import java.util.PriorityQueue;

/**
 * Lays tasks into hours in a given order, each as soon as person, machine and bonds let it, into gaps too (serial schedule
 * generation, Kolisch 1996). Pinned, running and finished tasks keep their places. Not for several threads at once.
 */
public final class Layer {
    /** A chain is moved on this often before it is said to find no place. */
    private static final int MOST_MOVES = 2000;

    private final Problem problem;
    private final Spans[] workers;
    private final Spans[] machines;
    private final long[] start;
    private final long[] end;
    private final int[] worker;
    private final int[] waiting;

    public Layer(Problem problem) {
        this.problem = problem;
        workers = new Spans[problem.workers().size()];
        machines = new Spans[problem.machines()];
        Arrays.setAll(workers, i -> new Spans());
        Arrays.setAll(machines, i -> new Spans());
        start = new long[problem.tasks().size()];
        end = new long[start.length];
        worker = new int[start.length];
        waiting = new int[problem.units()];
    }

    /** Lays everything, unit by unit in this order as their turns come. */
    public Layout lay(List<Integer> order) {
        int[] rank = new int[order.size()];
        for (int i = 0; i < rank.length; i++) {
            rank[order.get(i)] = i;
        }
        return lay(rank);
    }

    /** Lays everything; the unit with the lowest rank goes first among those whose turn has come. */
    public Layout lay(int[] rank) {
        reset();
        PriorityQueue<Integer> ready = new PriorityQueue<>((a, b) -> Integer.compare(rank[a], rank[b]));
        for (int unit = 0; unit < waiting.length; unit++) {
            waiting[unit] = problem.before(unit).length;
            if (waiting[unit] == 0) {
                ready.add(unit);
            }
        }
        while (!ready.isEmpty()) {
            int unit = ready.poll();
            layUnit(problem.unit(unit), true);
            for (int next : problem.behind(unit)) {
                if (--waiting[next] == 0) {
                    ready.add(next);
                }
            }
        }
        return new Layout(problem, start, end, worker);
    }

    /** Where each would lie if everything else were out of its way: nothing can be done sooner. */
    public Layout alone() {
        reset();
        boolean[] done = new boolean[problem.units()];
        for (int round = 0; round < done.length; round++) {
            for (int unit = 0; unit < done.length; unit++) {
                if (!done[unit] && Arrays.stream(problem.before(unit)).allMatch(other -> done[other])) {
                    for (Spans spans : workers) {
                        spans.clear();
                    }
                    for (Spans spans : machines) {
                        spans.clear();
                    }
                    layUnit(problem.unit(unit), false);
                    done[unit] = true;
                }
            }
        }
        return new Layout(problem, start, end, worker);
    }

    private void reset() {
        for (Spans spans : workers) {
            spans.clear();
        }
        for (Spans spans : machines) {
            spans.clear();
        }
        Arrays.fill(start, Layout.NEVER);
        Arrays.fill(end, Layout.NEVER);
        Arrays.fill(worker, -1);
        for (int task = 0; task < start.length; task++) {
            Task one = problem.tasks().get(task);
            if (one.fixed().state() != State.FREE) {
                stand(task, one);
            }
        }
    }

    /** What has its place already. */
    private void stand(int task, Task one) {
        start[task] = one.fixed().start();
        if (one.fixed().state() == State.DONE) {
            end[task] = one.fixed().end();
            return;
        }
        if (!one.hands()) {
            end[task] = start[task] + one.minutes();
        } else {
            // Whoever is done with it first; they were asked before anybody else.
            for (int who = 0; who < workers.length; who++) {
                Hours hours = problem.workers().get(who).hours();
                long begin = hours.next(start[task]);
                long over = begin >= Layout.NEVER ? Layout.NEVER : hours.done(begin, one.minutes());
                boolean free = workers[who].free(start[task], Math.min(over, Layout.NEVER)) == start[task];
                if (worker[task] < 0 || (free && over < end[task])) {
                    worker[task] = who;
                    end[task] = over;
                }
            }
        }
        if (one.fixed().state() == State.RUNNING) {
            end[task] = Math.max(end[task], problem.now() + 1);
        }
        taken(task);
    }

    private void taken(int task) {
        if (end[task] >= Layout.NEVER) {
            return;
        }
        if (worker[task] >= 0) {
            workers[worker[task]].take(start[task], end[task]);
        }
        if (problem.machine(task) >= 0) {
            machines[problem.machine(task)].take(start[task], end[task]);
        }
    }

    private long ready(int task) {
        long from = problem.now();
        for (Task.Link link : problem.tasks().get(task).links()) {
            from = Math.max(from, Math.min(Layout.NEVER, end[link.task()] + link.least()));
        }
        return from;
    }

    /** Lays a unit: where a member comes later than its bond lets it, all that lie before it in the unit move on by as much. */
    private void layUnit(int[] unit, boolean take) {
        long first = 0;
        int moves = 0;
        Missed missed = tryFrom(unit, first);
        while (missed.minutes() > 0) {
            if (missed.minutes() >= Layout.NEVER || ++moves > MOST_MOVES) {
                forget(unit);
                return;
            }
            first = movedOn(unit, first(unit), missed);
            missed = tryFrom(unit, first);
        }
        if (take) {
            for (int task : unit) {
                if (isFree(task)) {
                    taken(task);
                }
            }
        }
    }

    /**
     * A bond that was missed.
     *
     * @param behind the task that ended too early
     * @param minutes by how much
     */
    private record Missed(int behind, long minutes) {
        static final Missed NOTHING = new Missed(-1, 0);
        static final Missed EVERYTHING = new Missed(-1, Layout.NEVER);
    }

    /** The first minute from which on the unit's task ends late enough; less than it was missed by where a break lies between. */
    private long movedOn(int[] unit, long first, Missed missed) {
        long wanted = end[missed.behind()] + missed.minutes();
        long low = first + 1;
        long high = first + missed.minutes();
        while (low < high) {
            long middle = (low + high) >>> 1;
            if (endOf(missed.behind(), unit, middle) >= wanted) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return low;
    }

    private long endOf(int task, int[] unit, long first) {
        boolean moved = false;
        for (int one : unit) {
            if (isFree(one)) {
                place(one, Math.max(ready(one), moved ? 0 : first));
                moved = true;
            }
            if (one == task) {
                break;
            }
        }
        return end[task];
    }

    private boolean isFree(int task) {
        return problem.tasks().get(task).fixed().state() == State.FREE;
    }

    private void forget(int[] unit) {
        for (int task : unit) {
            if (isFree(task)) {
                start[task] = Layout.NEVER;
                end[task] = Layout.NEVER;
                worker[task] = -1;
            }
        }
    }

    private long first(int[] unit) {
        for (int task : unit) {
            if (isFree(task)) {
                return start[task];
            }
        }
        return 0;
    }

    /** Lays it with nothing before a minute; the first bond that was missed. */
    private Missed tryFrom(int[] unit, long first) {
        boolean moved = false;
        for (int task : unit) {
            if (!isFree(task)) {
                continue;
            }
            // Behind what stands already nothing can be moved: what that breaks is told, not mended.
            place(task, Math.max(ready(task), moved ? 0 : first));
            moved = true;
            if (end[task] >= Layout.NEVER) {
                return Missed.EVERYTHING;
            }
            for (Task.Link link : problem.tasks().get(task).links()) {
                long missed = link.presses() && isFree(link.task()) ? start[task] - end[link.task()] - link.most() : 0;
                if (missed > 0) {
                    return new Missed(link.task(), missed);
                }
            }
        }
        return Missed.NOTHING;
    }

    private void place(int task, long from) {
        Task one = problem.tasks().get(task);
        start[task] = Layout.NEVER;
        end[task] = Layout.NEVER;
        worker[task] = -1;
        if (from >= Layout.NEVER) {
            return;
        }
        if (one.beginsByItself()) {
            start[task] = from;
            end[task] = from + one.minutes();
            return;
        }
        for (int who = 0; who < workers.length; who++) {
            long begin = one.hands() ? byHand(task, one, who, from) : byItself(task, one, who, from);
            if (begin >= Layout.NEVER) {
                continue;
            }
            long over =
                    one.hands() ? problem.workers().get(who).hours().done(begin, one.minutes()) : begin + one.minutes();
            if (over < end[task]) {
                start[task] = begin;
                end[task] = over;
                worker[task] = one.hands() ? who : -1;
            }
        }
    }

    private long byHand(int task, Task one, int who, long from) {
        Hours hours = problem.workers().get(who).hours();
        long at = from;
        while (at < Layout.NEVER) {
            long begin = hours.next(at);
            if (begin >= Layout.NEVER) {
                return Layout.NEVER;
            }
            long over = hours.done(begin, one.minutes());
            if (over >= Layout.NEVER) {
                return Layout.NEVER;
            }
            long next = inOneGo(one, hours, begin, over);
            if (next == begin) {
                next = workers[who].free(begin, over);
            }
            if (next == begin && problem.machine(task) >= 0) {
                next = machines[problem.machine(task)].free(begin, over);
            }
            if (next == begin) {
                next = problem.allowed(one.when(), begin, over, hours);
            }
            if (next == begin) {
                return begin;
            }
            at = next;
        }
        return Layout.NEVER;
    }

    /** The next span, where a break would lie in what must not be broken; what is longer than that span has to be. */
    private static long inOneGo(Task one, Hours hours, long begin, long over) {
        int span = hours.spanAt(begin);
        if (!one.unbroken() || over <= hours.to(span)) {
            return begin;
        }
        boolean fitsSomewhere = false;
        for (int i = span + 1; i < hours.spans() && !fitsSomewhere; i++) {
            fitsSomewhere = hours.to(i) - hours.from(i) >= one.minutes();
        }
        return !fitsSomewhere ? begin : hours.from(span + 1);
    }

    /** Somebody must be there to begin it; it ends by itself. */
    private long byItself(int task, Task one, int who, long from) {
        Hours hours = problem.workers().get(who).hours();
        long at = from;
        while (at < Layout.NEVER) {
            long begin = hours.next(at);
            if (begin >= Layout.NEVER) {
                return Layout.NEVER;
            }
            long next = problem.machine(task) < 0
                    ? begin
                    : machines[problem.machine(task)].free(begin, begin + one.minutes());
            if (next == begin) {
                next = problem.allowed(one.when(), begin, begin + one.minutes(), hours);
            }
            if (next == begin) {
                return begin;
            }
            at = next;
        }
        return Layout.NEVER;
    }
}
