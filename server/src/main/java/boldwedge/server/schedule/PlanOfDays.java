package boldwedge.server.schedule;

import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * The plan of the shop's days. Times are by the shop's clock.
 *
 * @param state how far it is
 * @param from nothing that was free begins before
 * @param seconds for how long it was searched so far
 * @param longest for how long it may be searched
 * @param tasks every task that has a place, the first first
 * @param jobs when each job is done, and what would help where it is late
 * @param ends when everything is done; null where nothing is to do
 * @param minutes from then to then
 * @param bound minutes that no order can undercut
 * @param proved whether the plan is proved the shortest that there is
 * @param idle minutes that hands have nothing to do between the first and the last task by hand
 * @param verdict how good it is, in a sentence
 * @param broken what it does not keep, a sentence each
 * @param left what has no place, and why, a sentence each
 * @param behind what should be done by now and is not; empty where all is as planned
 * @param days what each day brings, in words
 */
public record PlanOfDays(
        State state,
        LocalDateTime from,
        double seconds,
        double longest,
        List<PlannedTask> tasks,
        List<PlannedJob> jobs,
        @Nullable LocalDateTime ends,
        long minutes,
        long bound,
        boolean proved,
        long idle,
        String verdict,
        List<String> broken,
        List<String> left,
        String behind,
        List<PlannedDay> days) {
    /** How far a plan is. */
    public enum State {
        /** There is none yet. */
        NONE,
        /** It is being searched for something better. */
        SEARCHING,
        /** It is kept. */
        KEPT
    }

    /**
     * A task in its place.
     *
     * @param job id of its job
     * @param jobName what the shop calls that
     * @param task its id
     * @param name what is done
     * @param pieces which pieces
     * @param machine id of the machine; empty at the bench
     * @param machineName what the shop calls that
     * @param worker who does it; empty where it waits by itself
     * @param start when it begins
     * @param end when it is done
     * @param minutes how long it takes, without breaks
     * @param hands whether somebody stands by
     * @param state FREE, PINNED, RUNNING or DONE
     * @param broken whether something is not kept at it
     */
    public record PlannedTask(
            UUID job,
            String jobName,
            String task,
            String name,
            String pieces,
            String machine,
            String machineName,
            String worker,
            LocalDateTime start,
            LocalDateTime end,
            long minutes,
            boolean hands,
            String state,
            boolean broken) {}

    /**
     * A job in the plan.
     *
     * @param id its id
     * @param name what the shop calls it
     * @param due by when it is wanted; null where no day is named
     * @param ends when it is done; null where something of it has no place
     * @param late minutes late
     * @param remedy what would help; empty where it is in time
     */
    public record PlannedJob(
            UUID id,
            String name,
            @Nullable LocalDateTime due,
            @Nullable LocalDateTime ends,
            long late,
            String remedy) {}

    /**
     * A day of somebody.
     *
     * @param day which day, in words
     * @param person who
     * @param lines what, when
     */
    public record PlannedDay(String day, String person, List<DayLine> lines) {}

    /**
     * A line of a day.
     *
     * @param job whose task
     * @param task which
     * @param time from when to when
     * @param words what is done
     * @param meanwhile what goes by itself then; empty where nothing does
     * @param done whether it is ticked off
     */
    public record DayLine(UUID job, String task, String time, String words, String meanwhile, boolean done) {}
}
