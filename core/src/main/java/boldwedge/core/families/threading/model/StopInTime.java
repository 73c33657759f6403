package boldwedge.core.families.threading.model;

import boldwedge.core.mechanics.thread.PickUp;

/**
 * How the tool stops at the end of its thread: by hand, while the carriage runs on.
 *
 * @param job the thread
 * @param grooveMm width of its groove; 0 where there is none, mm
 * @param rpm spindle speed
 */
public record StopInTime(ThreadJob job, double grooveMm, double rpm) {
    /** A pitch's width of the groove is taken by the tool itself. */
    private static final double TOOL_PITCHES = 1;
    /** Without a groove the tool is drawn out by hand while it runs: over not more than so many pitches. */
    private static final double DRAWN_PITCHES = 2;
    /** Past an end so much is taken to be free, mm (ours): chuck, centre or carriage stand somewhere. */
    private static final double FREE_PAST_END_MM = 25;
    /** What stops in time by a tenth does not hang on the hand. */
    static final double IN_HAND = 1.12;

    /** Whether it runs out past an end: a left-hand thread starts in its groove and leaves at the free end. */
    public boolean isPastTheEnd() {
        return job.end() == ThreadJob.End.OPEN || (job.end() == ThreadJob.End.GROOVE && job.left());
    }

    /** The fastest at which the carriage still stops in time, rpm. */
    public double mostRpm() {
        return mostRpm(job, grooveMm);
    }

    /** Way that the carriage may run on, mm. */
    public double wayMm() {
        return mostRpm() * job.size().leadMm() * job.lathe().screw().stopOrUsual() / 60;
    }

    /** The narrowest groove that this speed stops in with a little in hand, as it is set out, mm. */
    public double grooveToTurnMm(double atRpm) {
        return roundedUp(job, IN_HAND * grooveFor(atRpm));
    }

    /** How far the carriage runs on, mm. */
    public double runOnMm() {
        return PickUp.runOnMm(rpm, job.size().leadMm(), job.lathe().screw().stopOrUsual());
    }

    /** The narrowest groove that this speed stops in, mm. */
    public double grooveFor(double atRpm) {
        return PickUp.runOnMm(atRpm, job.size().leadMm(), job.lathe().screw().stopOrUsual())
                + TOOL_PITCHES * job.size().pitchMm();
    }

    /** The fastest at which it still stops in time, rpm. */
    static double mostRpm(ThreadJob job, double groove) {
        double way = switch (job.end()) {
            // A left-hand thread starts in its groove and runs out past the free end.
            case GROOVE ->
                job.left()
                        ? FREE_PAST_END_MM
                        : Math.max(0, groove - TOOL_PITCHES * job.size().pitchMm());
            case DRAWN -> DRAWN_PITCHES * job.size().pitchMm();
            case OPEN -> FREE_PAST_END_MM;
        };
        return 60 * way / (job.size().leadMm() * job.lathe().screw().stopOrUsual());
    }

    /** Up to the next half millimetre, or the next 32nd of an inch where the thread is one of inches. */
    static double roundedUp(ThreadJob job, double mm) {
        double step = job.call().inInches() ? 25.4 / 32 : 0.5;
        return Math.ceil(mm / step - 1e-9) * step;
    }
}
