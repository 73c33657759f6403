package boldwedge.core.jobs.schedule;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/** Orders by rules of thumb, to begin from: what is wanted first, what has most behind it, what is soonest done. */
public final class FirstOrders {
    private FirstOrders() {}

    /** The best of them, unit by unit. */
    public static List<Integer> best(Problem problem) {
        Layer layer = new Layer(problem);
        long[] tail = Bound.tails(problem);
        long[] behind = new long[problem.units()];
        long[] due = new long[problem.units()];
        long[] work = new long[problem.units()];
        for (int unit = 0; unit < behind.length; unit++) {
            int first = problem.unit(unit)[0];
            due[unit] = problem.due(problem.tasks().get(first).job());
            for (int task : problem.unit(unit)) {
                behind[unit] = Math.max(
                        behind[unit], tail[task] + problem.tasks().get(task).minutes());
                work[unit] += problem.tasks().get(task).minutes();
            }
        }
        Comparator<Integer> dueFirst = Comparator.comparingLong(unit -> due[unit]);
        Comparator<Integer> longestFirst = Comparator.comparingLong(unit -> -behind[unit]);
        Comparator<Integer> slackFirst = Comparator.comparingLong(unit -> due[unit] - behind[unit]);
        Comparator<Integer> shortestFirst = Comparator.comparingLong(unit -> work[unit]);
        List<Integer> best = List.of();
        Layout laid = null;
        for (Comparator<Integer> rule : List.of(
                longestFirst,
                dueFirst.thenComparing(longestFirst),
                slackFirst,
                dueFirst.thenComparing(shortestFirst))) {
            List<Integer> order = new ArrayList<>(
                    IntStream.range(0, problem.units()).boxed().sorted(rule).toList());
            Layout layout = layer.lay(order);
            if (laid == null || layout.betterThan(laid)) {
                best = order;
                laid = layout;
            }
        }
        return best;
    }
}
