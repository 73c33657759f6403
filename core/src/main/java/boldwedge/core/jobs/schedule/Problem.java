package boldwedge.core.jobs.schedule;

import boldwedge.core.jobs.model.Operation.When;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;

/**
 * What is to be laid out: tasks of several jobs, who works when, and from which minute on. Tasks that press on each other (the bath
 * at once after the soak, the temper within half an hour) are laid together, as one unit.
 */
public final class Problem {
    /** Minutes before the end of a day in which nothing is quenched. */
    public static final long LAST_HALF_HOUR = 30;

    /** A pause of so many minutes ends a day. */
    private static final long NIGHT = 240;

    private final List<Task> tasks;
    private final List<Worker> workers;
    private final long[] due;
    private final long now;
    private final Hours daylight;
    private final int[] machine;
    private final int machines;
    private final int[][] units;
    private final int[] unitOf;
    private final int[][] before;
    private final int[][] behind;

    /**
     * A problem.
     *
     * @param tasks in any order; links point into this list
     * @param workers who works; at least one where a task needs hands
     * @param due by job, the minute by which it is wanted; {@link Layout#NEVER} where no day is named
     * @param now nothing that is free begins before
     * @param daylight hours of daylight
     * @throws IllegalArgumentException where tasks wait for each other in a ring
     */
    public Problem(List<Task> tasks, List<Worker> workers, List<Long> due, long now, Hours daylight) {
        this.tasks = List.copyOf(tasks);
        this.workers = List.copyOf(workers);
        this.due = due.stream().mapToLong(Long::longValue).toArray();
        this.now = now;
        this.daylight = daylight;
        Map<String, Integer> numbers = new TreeMap<>();
        machine = this.tasks.stream()
                .mapToInt(task ->
                        task.machine().isEmpty() ? -1 : numbers.computeIfAbsent(task.machine(), name -> numbers.size()))
                .toArray();
        machines = numbers.size();
        unitOf = new int[tasks.size()];
        units = chains();
        before = new int[units.length][];
        behind = new int[units.length][];
        order();
    }

    /** Tasks in an order in which each comes after all that it waits for. */
    private int[] inOrder() {
        int[] waiting = new int[tasks.size()];
        List<List<Integer>> after = lists(tasks.size());
        for (int task = 0; task < waiting.length; task++) {
            for (Task.Link link : tasks.get(task).links()) {
                after.get(link.task()).add(task);
                waiting[task]++;
            }
        }
        List<Integer> ready = new ArrayList<>();
        for (int task = 0; task < waiting.length; task++) {
            if (waiting[task] == 0) {
                ready.add(task);
            }
        }
        for (int i = 0; i < ready.size(); i++) {
            for (int next : after.get(ready.get(i))) {
                if (--waiting[next] == 0) {
                    ready.add(next);
                }
            }
        }
        if (ready.size() < waiting.length) {
            throw new IllegalArgumentException("Tasks wait for each other.");
        }
        return ready.stream().mapToInt(Integer::intValue).toArray();
    }

    private static List<List<Integer>> lists(int many) {
        List<List<Integer>> all = new ArrayList<>();
        for (int i = 0; i < many; i++) {
            all.add(new ArrayList<>());
        }
        return all;
    }

    /** Tasks that press on each other, with whatever lies between them; every other task by itself. */
    private int[][] chains() {
        int[] order = inOrder();
        int[] group = IntStream.range(0, tasks.size()).toArray();
        for (int task = 0; task < group.length; task++) {
            for (Task.Link link : tasks.get(task).links()) {
                if (link.presses()) {
                    group[root(group, task)] = root(group, link.task());
                }
            }
        }
        for (int task = 0; task < group.length; task++) {
            group[task] = root(group, task);
        }
        // Groups that wait for each other, as the temper waits for the cooling between it and its quench, are one.
        joinRings(group);
        Map<Integer, List<Integer>> members = new LinkedHashMap<>();
        for (int task : order) {
            members.computeIfAbsent(group[task], name -> new ArrayList<>()).add(task);
        }
        int[][] all = members.values().stream()
                .map(some -> some.stream().mapToInt(Integer::intValue).toArray())
                .toArray(int[][]::new);
        for (int unit = 0; unit < all.length; unit++) {
            for (int task : all[unit]) {
                unitOf[task] = unit;
            }
        }
        return all;
    }

    private static int root(int[] group, int task) {
        int at = task;
        while (group[at] != at) {
            group[at] = group[group[at]];
            at = group[at];
        }
        return at;
    }

    /** Joins groups that wait for each other: strongly connected ones (Kosaraju 1978). */
    private void joinRings(int[] group) {
        List<List<Integer>> before = lists(group.length);
        List<List<Integer>> after = lists(group.length);
        for (int task = 0; task < group.length; task++) {
            for (Task.Link link : tasks.get(task).links()) {
                if (group[link.task()] != group[task]) {
                    before.get(group[task]).add(group[link.task()]);
                    after.get(group[link.task()]).add(group[task]);
                }
            }
        }
        List<Integer> finished = new ArrayList<>();
        boolean[] seen = new boolean[group.length];
        for (int one = 0; one < group.length; one++) {
            walk(one, before, seen, finished);
        }
        int[] ring = new int[group.length];
        boolean[] met = new boolean[group.length];
        for (int i = finished.size() - 1; i >= 0; i--) {
            List<Integer> together = new ArrayList<>();
            walk(finished.get(i), after, met, together);
            for (int one : together) {
                ring[one] = finished.get(i);
            }
        }
        for (int task = 0; task < group.length; task++) {
            group[task] = ring[group[task]];
        }
    }

    /** All that is reached from one and was not yet, each behind all that it reaches. */
    private static void walk(int from, List<List<Integer>> next, boolean[] seen, List<Integer> finished) {
        if (seen[from]) {
            return;
        }
        seen[from] = true;
        List<int[]> open = new ArrayList<>(List.of(new int[] {from, 0}));
        while (!open.isEmpty()) {
            int[] at = open.getLast();
            if (at[1] == next.get(at[0]).size()) {
                finished.add(at[0]);
                open.removeLast();
                continue;
            }
            int to = next.get(at[0]).get(at[1]++);
            if (!seen[to]) {
                seen[to] = true;
                open.add(new int[] {to, 0});
            }
        }
    }

    private void order() {
        List<List<Integer>> after = lists(units.length);
        for (int unit = 0; unit < units.length; unit++) {
            int me = unit;
            before[unit] = Arrays.stream(units[unit])
                    .boxed()
                    .flatMap(task -> tasks.get(task).links().stream())
                    .mapToInt(link -> unitOf[link.task()])
                    .filter(other -> other != me)
                    .distinct()
                    .toArray();
            for (int other : before[unit]) {
                after.get(other).add(unit);
            }
        }
        for (int unit = 0; unit < units.length; unit++) {
            behind[unit] = after.get(unit).stream().mapToInt(Integer::intValue).toArray();
        }
    }

    /** The same shop with other tasks. */
    Problem with(List<Task> others) {
        return new Problem(others, workers, Arrays.stream(due).boxed().toList(), now, daylight);
    }

    /** All tasks. */
    public List<Task> tasks() {
        return tasks;
    }

    /** Who works. */
    public List<Worker> workers() {
        return workers;
    }

    /** Nothing that is free begins before. */
    public long now() {
        return now;
    }

    /** When a job is wanted; {@link Layout#NEVER} where no day is named. */
    public long due(int job) {
        return due[job];
    }

    /** How many jobs. */
    public int jobs() {
        return due.length;
    }

    /** How many units are to be put in an order. */
    public int units() {
        return units.length;
    }

    int[] unit(int unit) {
        return units[unit];
    }

    /** The unit that a task belongs to. */
    int unitOf(int task) {
        return unitOf[task];
    }

    int[] before(int unit) {
        return before[unit];
    }

    int[] behind(int unit) {
        return behind[unit];
    }

    int machine(int task) {
        return machine[task];
    }

    int machines() {
        return machines;
    }

    /** The first minute at or after one at which a task may be begun, as far as the hours of the day go; its end is looked at too. */
    long allowed(When when, long start, long end, Hours hours) {
        return switch (when) {
            case ANY -> start;
            case DAYLIGHT -> {
                int span = daylight.spanAt(start);
                if (span == daylight.spans()) {
                    yield Layout.NEVER;
                }
                long from = Math.max(start, daylight.from(span));
                yield from > start || end <= daylight.to(span)
                        ? from
                        : span + 1 == daylight.spans() ? Layout.NEVER : daylight.from(span + 1);
            }
            case NOT_LAST_HALF_HOUR -> {
                int last = lastSpanOfDay(hours, hours.spanAt(start));
                yield end <= hours.to(last) - LAST_HALF_HOUR
                        ? start
                        : last + 1 == hours.spans() ? Layout.NEVER : hours.from(last + 1);
            }
        };
    }

    private static int lastSpanOfDay(Hours hours, int span) {
        int last = span;
        while (last + 1 < hours.spans() && hours.from(last + 1) - hours.to(last) < NIGHT) {
            last++;
        }
        return last;
    }
}
