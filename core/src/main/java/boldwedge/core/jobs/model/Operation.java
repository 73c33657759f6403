package boldwedge.core.jobs.model;

import java.util.List;

/**
 * One operation of a lot.
 *
 * @param id stable name within its job
 * @param name what is done, in the shop's words
 * @param machine which machine or place it stands on; empty at the bench, where any number can be worked at
 * @param holding how the work is held and with which cutter: operations of one job with the same holding on the same machine are one
 *     set-up; empty where it is a set-up of its own
 * @param setUpMin minutes once, for the set-up; of what waits, for the whole load
 * @param eachMin minutes a piece
 * @param hands whether somebody stands by; else it waits by itself once it is begun
 * @param unbroken whether it must be done in one go, without a break of the day in it
 * @param gauge whether the first piece goes alone up to here, to prove dials, drills and fits
 * @param when hours in which it may lie
 * @param bond to the operation before it in its lot
 * @param after operations of other lots that must be done first: the mate that is measured
 */
public record Operation(
        String id,
        String name,
        String machine,
        String holding,
        double setUpMin,
        double eachMin,
        boolean hands,
        boolean unbroken,
        boolean gauge,
        When when,
        Bond bond,
        List<String> after) {
    /** Hours of the day in which an operation may lie. */
    public enum When {
        /** Whenever somebody is there. */
        ANY,
        /** Not in the last half hour of the day: a quench. */
        NOT_LAST_HALF_HOUR,
        /** By daylight: colours are read. */
        DAYLIGHT
    }

    /** Minutes for so many pieces in one set-up. */
    public double minutes(int pieces) {
        return setUpMin + eachMin * pieces;
    }

    /** Whether both are done in one holding on one machine. */
    public boolean sharesSetUp(Operation other) {
        return !holding.isEmpty() && machine.equals(other.machine()) && holding.equals(other.holding());
    }
}
