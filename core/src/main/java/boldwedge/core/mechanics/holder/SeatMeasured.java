package boldwedge.core.mechanics.holder;

/** What an old holder or a finished seat gives, by an indicator. */
public final class SeatMeasured {
    private SeatMeasured() {}

    /**
     * The angle that an edge really has: the slide was set to an angle and run along the edge; the indicator ran off by so much.
     *
     * @param setRad angle of the slide to the axis
     * @param offMm what the indicator ran off over the way, positive toward the work
     * @param wayMm the way
     * @return set + asin(off / way), radians
     */
    public static double edgeRad(double setRad, double offMm, double wayMm) {
        if (wayMm <= 0 || Math.abs(offMm) > wayMm) {
            throw new IllegalArgumentException("The reading is larger than the way.");
        }
        return setRad + Math.asin(offMm / wayMm);
    }

    /** What an indicator runs off over a way when an edge is off by an angle, mm: L · sin δ. */
    public static double offMm(double errorRad, double wayMm) {
        return wayMm * Math.sin(errorRad);
    }

    /** Height of a sine bar's block for an angle, mm: L · sin α. */
    public static double sineBlockMm(double barMm, double angleRad) {
        return barMm * Math.sin(angleRad);
    }
}
