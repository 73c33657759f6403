package boldwedge.core.jobs.chucking;

import boldwedge.core.planning.OnWork;

/**
 * A cut, or a part of one, at its place in the route.
 *
 * @param cut id of the cut that it belongs to
 * @param on what it does to the work
 * @param stage when it comes
 * @param part whether it is taken whole, or roughed here and finished later
 */
public record PlacedCut(String cut, OnWork on, Stage stage, Part part) {
    /** How much of a cut is taken. */
    public enum Part {
        WHOLE,
        ROUGHED,
        FINISHED
    }

    /** Diameter before. */
    public double beforeMm() {
        return part == Part.FINISHED ? roughedMm() : on.beforeMm();
    }

    /** Diameter after. */
    public double afterMm() {
        return part == Part.ROUGHED ? roughedMm() : on.afterMm();
    }

    private double roughedMm() {
        return on.afterMm() + on.passes().leavesMm();
    }

    /** Minutes of cutting. */
    public double minutes() {
        OnWork.Passes passes = on.passes();
        return switch (part) {
            case WHOLE -> passes.roughMinutes() + passes.minutes();
            case ROUGHED -> passes.roughMinutes();
            case FINISHED -> passes.minutes();
        };
    }
}
