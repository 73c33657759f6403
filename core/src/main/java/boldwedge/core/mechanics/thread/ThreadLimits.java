package boldwedge.core.mechanics.thread;

/**
 * Limits of a thread, mm. Of an outside thread the root has only a most, of an inside one the major diameter only a least.
 *
 * @param inside whether it is an inside thread
 * @param majorLow least major diameter
 * @param majorHigh largest one; of an inside thread equal to the least, as none is set
 * @param pitchLow least pitch diameter
 * @param pitchHigh largest one
 * @param minorLow least minor diameter; of an outside thread equal to the most
 * @param minorHigh largest one
 */
public record ThreadLimits(
        boolean inside,
        double majorLow,
        double majorHigh,
        double pitchLow,
        double pitchHigh,
        double minorLow,
        double minorHigh) {
    /** The limits of what is turned or bored before the thread: the major diameter of an outside thread, the minor one of an inside one. */
    public double blankLow() {
        return inside ? minorLow : majorLow;
    }

    /** The upper one. */
    public double blankHigh() {
        return inside ? minorHigh : majorHigh;
    }

    /** The middle of the pitch diameter's limits. */
    public double pitchMiddle() {
        return (pitchLow + pitchHigh) / 2;
    }
}
