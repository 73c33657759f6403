package boldwedge.core.jobs.schedule;

import java.util.Arrays;

/**
 * Where each task lies. Whoever works at it is named by number; -1 where it waits by itself.
 *
 * @param start beginnings by task, in minutes from the plan's origin
 * @param end ends
 * @param worker who works at it
 * @param late minutes by which jobs are late, all together
 * @param last when everything is done
 * @param ends ends of all jobs added up
 * @param unlaid tasks that found no place
 */
public record Layout(long[] start, long[] end, int[] worker, long late, long last, long ends, int unlaid) {
    /** A minute that never comes. */
    public static final long NEVER = Long.MAX_VALUE / 8;

    static Layout of(Problem problem, long[] start, long[] end, int[] worker) {
        long[] jobEnd = new long[problem.jobs()];
        Arrays.fill(jobEnd, problem.now());
        int unlaid = 0;
        for (int task = 0; task < start.length; task++) {
            if (end[task] >= NEVER) {
                unlaid++;
            } else {
                int job = problem.tasks().get(task).job();
                jobEnd[job] = Math.max(jobEnd[job], end[task]);
            }
        }
        long late = 0;
        long last = problem.now();
        long ends = 0;
        for (int job = 0; job < jobEnd.length; job++) {
            late += Math.max(0, jobEnd[job] - problem.due(job));
            last = Math.max(last, jobEnd[job]);
            ends += jobEnd[job] - problem.now();
        }
        return new Layout(start.clone(), end.clone(), worker.clone(), late, last, ends, unlaid);
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

    /** Whether this is better than another: all laid, less late, done sooner, each job done sooner. */
    public boolean betterThan(Layout other) {
        return unlaid != other.unlaid
                ? unlaid < other.unlaid
                : late != other.late ? late < other.late : last != other.last ? last < other.last : ends < other.ends;
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
