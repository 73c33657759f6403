package boldwedge.core.jobs.schedule;

import boldwedge.core.jobs.model.Operation.When;
import java.util.List;

/**
 * Something to be laid into the hours: an operation of a lot, or a part of one.
 *
 * @param id stable name
 * @param job number of its job
 * @param machine which machine or place; empty at the bench
 * @param minutes how long it takes
 * @param hands whether somebody stands by
 * @param unbroken whether no break of the day may lie in it
 * @param when hours of the day in which it may lie
 * @param links what must be done before
 * @param fixed where it stands already
 */
public record Task(
        String id,
        int job,
        String machine,
        long minutes,
        boolean hands,
        boolean unbroken,
        When when,
        List<Link> links,
        Fixed fixed) {
    /** Whether nobody is needed to begin it: it cools where it lies. */
    boolean beginsByItself() {
        return !hands && machine.isEmpty() && when == When.ANY;
    }

    /**
     * What must be done before.
     *
     * @param task number of that task
     * @param least minutes that must lie between its end and this one's beginning
     * @param most minutes that may; {@link Layout#NEVER} where nothing presses
     */
    public record Link(int task, long least, long most) {
        /** After it, whenever there is time. */
        public static Link after(int task) {
            return new Link(task, 0, Layout.NEVER);
        }

        boolean presses() {
            return most < Layout.NEVER;
        }
    }

    /** How a task stands. */
    public enum State {
        /** Free to be laid where it fits. */
        FREE,
        /** Somebody wants it to begin just then. */
        PINNED,
        /** Begun, not done. */
        RUNNING,
        /** Done. */
        DONE
    }

    /**
     * Where a task stands already.
     *
     * @param state how
     * @param start when it begins or began; of no meaning where it is free
     * @param end when it was done; of meaning only where it is
     */
    public record Fixed(State state, long start, long end) {
        /** Free. */
        public static final Fixed FREE = new Fixed(State.FREE, 0, 0);
    }
}
