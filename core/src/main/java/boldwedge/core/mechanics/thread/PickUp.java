package boldwedge.core.mechanics.thread;

/** What a thread costs that is picked up again a little beside its groove. */
public final class PickUp {
    private PickUp() {}

    /** What comes off the pitch diameter when the tool runs δ beside its groove along the axis, mm: δ · cot(ε/2). */
    public static double thinsMm(ThreadForm form, double besideMm) {
        return Math.abs(besideMm) / Math.tan(form.halfRad());
    }

    /** How far beside makes a thread thinner by this, mm. */
    public static double besideMm(ThreadForm form, double thinnerMm) {
        return thinnerMm * Math.tan(form.halfRad());
    }

    /** What an error of the lead over the engagement does on the pitch diameter, mm: δP · cot(ε/2); 1.732 · |δP| at 60°. */
    public static double leadErrorMm(ThreadForm form, double errorMm) {
        return Math.abs(errorMm) / Math.tan(form.halfRad());
    }

    /** How far the carriage runs on while it is stopped, mm: n · L · t / 60. */
    public static double runOnMm(double rpm, double leadMm, double seconds) {
        return rpm * leadMm * seconds / 60;
    }
}
