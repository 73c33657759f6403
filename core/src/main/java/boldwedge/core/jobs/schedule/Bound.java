package boldwedge.core.jobs.schedule;

import boldwedge.core.jobs.schedule.Task.State;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What no order can undercut: each job's own chain laid with everything else out of its way, and what one machine or all hands have to
 * do. Simple bounds, told beside a plan; a plan that meets them is proved the shortest.
 *
 * @param last nothing is done all sooner than this
 * @param late jobs are late by at least this, all together
 * @param by what the last minute rests on
 * @param machine the machine that it rests on, where it is one
 */
public record Bound(long last, long late, By by, String machine) {
    /** What a bound rests on. */
    public enum By {
        /** The longest job's own chain. */
        CHAIN,
        /** One machine. */
        MACHINE,
        /** All hands. */
        HANDS
    }

    /** The bound of a problem. */
    public static Bound of(Problem problem) {
        Layout alone = new Layer(problem).alone();
        long last = alone.last();
        By by = By.CHAIN;
        String on = "";
        long[] tail = tails(problem);
        Map<String, List<Integer>> byMachine = new HashMap<>();
        List<Integer> hands = new ArrayList<>();
        for (int task = 0; task < tail.length; task++) {
            Task one = problem.tasks().get(task);
            if (one.fixed().state() == State.FREE && alone.laid(task)) {
                if (!one.machine().isEmpty()) {
                    byMachine
                            .computeIfAbsent(one.machine(), name -> new ArrayList<>())
                            .add(task);
                }
                if (one.hands()) {
                    hands.add(task);
                }
            }
        }
        for (Map.Entry<String, List<Integer>> machine : byMachine.entrySet()) {
            long ends = head(machine.getValue(), alone)
                    + machine.getValue().stream()
                            .mapToLong(task -> problem.tasks().get(task).minutes())
                            .sum()
                    + least(machine.getValue(), tail);
            if (ends > last) {
                last = ends;
                by = By.MACHINE;
                on = machine.getKey();
            }
        }
        long byHands = hands.isEmpty() ? 0 : handsDone(problem, hands, head(hands, alone)) + least(hands, tail);
        return byHands > last ? new Bound(byHands, alone.late(), By.HANDS, "") : new Bound(last, alone.late(), by, on);
    }

    private static long head(List<Integer> tasks, Layout alone) {
        return tasks.stream().mapToLong(alone::start).min().orElse(0);
    }

    private static long least(List<Integer> tasks, long[] tail) {
        return tasks.stream().mapToLong(task -> tail[task]).min().orElse(0);
    }

    /** When all hands together have worked what is to be worked. */
    private static long handsDone(Problem problem, List<Integer> tasks, long from) {
        long work = tasks.stream()
                .mapToLong(task -> problem.tasks().get(task).minutes())
                .sum();
        long low = from;
        long high = from + work;
        while (worked(problem, from, high) < work && high < Layout.NEVER) {
            high = from + 2 * (high - from);
        }
        while (low < high) {
            long middle = (low + high) >>> 1;
            if (worked(problem, from, middle) >= work) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return Math.min(high, Layout.NEVER);
    }

    private static long worked(Problem problem, long from, long to) {
        return problem.workers().stream()
                .mapToLong(worker -> worker.hours().between(from, to))
                .sum();
    }

    /** Minutes that must follow the end of each task. */
    static long[] tails(Problem problem) {
        long[] tail = new long[problem.tasks().size()];
        Arrays.fill(tail, 0);
        boolean changed = true;
        while (changed) {
            changed = false;
            for (int task = 0; task < tail.length; task++) {
                Task one = problem.tasks().get(task);
                if (one.fixed().state() != State.FREE) {
                    continue;
                }
                for (Task.Link link : one.links()) {
                    long behind = link.least() + one.minutes() + tail[task];
                    if (behind > tail[link.task()]) {
                        tail[link.task()] = behind;
                        changed = true;
                    }
                }
            }
        }
        return tail;
    }
}
