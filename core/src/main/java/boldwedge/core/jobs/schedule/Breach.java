package boldwedge.core.jobs.schedule;

import boldwedge.core.jobs.schedule.Task.State;
import java.util.ArrayList;
import java.util.List;

/**
 * Something that a layout does not keep. A layout of free tasks keeps everything; what is pinned, running or done may not.
 *
 * @param kind what is not kept
 * @param task number of the task
 * @param other number of the other task; -1 where there is none
 * @param minutes by how much
 */
public record Breach(Kind kind, int task, int other, long minutes) {
    /** What is not kept. */
    public enum Kind {
        /** It begins before what must be done first. */
        ORDER,
        /** It begins later than its bond lets it. */
        BOND,
        /** Two things at once on one machine. */
        MACHINE,
        /** One person at two things at once. */
        HANDS,
        /** Nobody is there when it begins. */
        HOURS,
        /** It found no place. */
        UNLAID
    }

    /** Everything that a layout does not keep, looked at pair by pair. */
    public static List<Breach> of(Problem problem, Layout layout) {
        List<Breach> all = new ArrayList<>();
        for (int task = 0; task < problem.tasks().size(); task++) {
            Task one = problem.tasks().get(task);
            if (!layout.laid(task)) {
                all.add(new Breach(Kind.UNLAID, task, -1, 0));
            } else if (one.fixed().state() != State.DONE) {
                links(layout, task, one, all);
                hours(problem, layout, task, one, all);
                together(problem, layout, task, one, all);
            }
        }
        return all;
    }

    private static void links(Layout layout, int task, Task one, List<Breach> all) {
        for (Task.Link link : one.links()) {
            if (!layout.laid(link.task())) {
                continue;
            }
            long gap = layout.start(task) - layout.end(link.task());
            if (gap < link.least()) {
                all.add(new Breach(Kind.ORDER, task, link.task(), link.least() - gap));
            } else if (gap > link.most()) {
                all.add(new Breach(Kind.BOND, task, link.task(), gap - link.most()));
            }
        }
    }

    private static void hours(Problem problem, Layout layout, int task, Task one, List<Breach> all) {
        if (one.fixed().state() == State.RUNNING || one.beginsByItself()) {
            return;
        }
        long start = layout.start(task);
        boolean there = (one.hands() && layout.worker(task) >= 0)
                ? problem.workers().get(layout.worker(task)).hours().next(start) == start
                : problem.workers().stream().anyMatch(worker -> worker.hours().next(start) == start);
        if (!there) {
            all.add(new Breach(Kind.HOURS, task, -1, 0));
        }
    }

    private static void together(Problem problem, Layout layout, int task, Task one, List<Breach> all) {
        for (int other = 0; other < task; other++) {
            Task two = problem.tasks().get(other);
            long both =
                    Math.min(layout.end(task), layout.end(other)) - Math.max(layout.start(task), layout.start(other));
            if (both <= 0 || !layout.laid(other) || two.fixed().state() == State.DONE) {
                continue;
            }
            if (!one.machine().isEmpty() && one.machine().equals(two.machine())) {
                all.add(new Breach(Kind.MACHINE, task, other, both));
            }
            if (layout.worker(task) >= 0 && layout.worker(task) == layout.worker(other)) {
                all.add(new Breach(Kind.HANDS, task, other, both));
            }
        }
    }
}
