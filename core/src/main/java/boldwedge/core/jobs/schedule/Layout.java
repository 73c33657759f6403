package boldwedge.core.jobs.schedule;

import java.util.Arrays;

/** Where each task lies. Whoever works at it is named by number; -1 where it waits by itself. Minutes from the plan's origin. */
public final class Layout {
    /** A minute that never comes. */
    public static final long NEVER = Long.MAX_VALUE / 8;

    private final long[] start;
    private final long[] end;
    private final int[] worker;
    private final long late;
    private final long last;
    private final long ends;
    private final int unlaid;

    Layout(Problem problem, long[] start, long[] end, int[] worker) {
        this.start = start.clone();
        this.end = end.clone();
        this.worker = worker.clone();
        long[] jobEnd = new long[problem.jobs()];
        Arrays.fill(jobEnd, problem.now());
        int without = 0;
        for (int task = 0; task < start.length; task++) {
            if (end[task] >= NEVER) {
                without++;
            } else {
                int job = problem.tasks().get(task).job();
                jobEnd[job] = Math.max(jobEnd[job], end[task]);
            }
        }
        long allLate = 0;
        long allDone = problem.now();
        long allEnds = 0;
        for (int job = 0; job < jobEnd.length; job++) {
            allLate += Math.max(0, jobEnd[job] - problem.due(job));
            allDone = Math.max(allDone, jobEnd[job]);
            allEnds += jobEnd[job] - problem.now();
        }
        unlaid = without;
        late = allLate;
        last = allDone;
        ends = allEnds;
    }

    /** When a task begins. */
    public long start(int task) {
        return start[task];
    }

    /** When it is done. */
    public long end(int task) {
        return end[task];
    }

    /** Who works at it; -1 where it waits by itself. */
    public int worker(int task) {
        return worker[task];
    }

    /** Whether it found a place. */
    public boolean laid(int task) {
        return end[task] < NEVER;
    }

    /** Minutes by which jobs are late, all together. */
    public long late() {
        return late;
    }

    /** When everything is done. */
    public long last() {
        return last;
    }

    /** Ends of all jobs added up. */
    public long ends() {
        return ends;
    }

    /** Tasks that found no place. */
    public int unlaid() {
        return unlaid;
    }

    /** Whether this is better than another: all laid, less late, done sooner, each job done sooner. */
    public boolean betterThan(Layout other) {
        if (unlaid != other.unlaid) {
            return unlaid < other.unlaid;
        }
        if (late != other.late) {
            return late < other.late;
        }
        return last != other.last ? last < other.last : ends < other.ends;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Layout layout
                && Arrays.equals(start, layout.start)
                && Arrays.equals(end, layout.end)
                && Arrays.equals(worker, layout.worker);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(start);
    }

    @Override
    public String toString() {
        return "Layout[late=" + late + ", last=" + last + "]";
    }
}
