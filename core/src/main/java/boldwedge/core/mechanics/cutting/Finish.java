package boldwedge.core.mechanics.cutting;

/**
 * The finish that feed and edge leave on paper: marks of the exact edge (arc and both straight edges) repeated every feed.
 * What is measured is rougher; see {@link #USUAL_OVER_THEORY}.
 *
 * @param rtMm theoretical peak to valley, mm
 * @param raMm theoretical arithmetic mean deviation, mm
 * @param valleyMm2 area of a mark below its mean line, mm²
 * @param aheadMm how far ahead of the nose one mark meets the next, mm
 * @param simpleRtMm the usual rule f² / 8r, mm; infinite for a sharp corner
 */
public record Finish(double rtMm, double raMm, double valleyMm2, double aheadMm, double simpleRtMm) {
    /**
     * Measured finish over theoretical as it usually is, as low and as high as it comes: built-up edge, tearing and vibration add to
     * the geometry (Boothroyd &amp; Knight, Fundamentals of Machining, ch. 5).
     */
    public static final double USUAL_OVER_THEORY = 1.4;

    public static final double LOW_OVER_THEORY = 1.1;

    public static final double HIGH_OVER_THEORY = 2.2;

    /** What a trailing edge that drags leaves cannot be told from feed and nose: no limit is known. */
    public static final Finish DRAGGED =
            new Finish(Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, 0, 0, Double.POSITIVE_INFINITY);

    /**
     * Works out the marks.
     *
     * @param profile the edge in use
     * @param feedMm feed per revolution, mm, positive
     */
    public static Finish of(EdgeProfile profile, double feedMm) {
        if (profile.trailing() <= 0) {
            return DRAGGED;
        }
        EdgeProfile.Outline edge = profile.outline();
        EdgeProfile.Meeting meeting = edge.meeting(feedMm);
        double rt = meeting.peakMm();
        double ahead = meeting.aheadMm();
        double mean = meeting.belowMm2() / feedMm;
        // Under the mean line lies a single valley; by the mean's definition as much lies above it.
        double right = edge.reachAt(mean, true);
        double left = edge.reachAt(mean, false);
        double valley = mean * (left + right) - (edge.areaTo(right) - edge.areaTo(-left));
        double ra = 2 * valley / feedMm;
        return new Finish(rt, ra, valley, ahead, simple(profile, feedMm));
    }

    /** Whether the edge drags, so that its marks tell nothing. */
    public boolean dragged() {
        return Double.isInfinite(raMm);
    }

    private static double simple(EdgeProfile profile, double feedMm) {
        return profile.noseRadiusMm() > 0 ? feedMm * feedMm / (8 * profile.noseRadiusMm()) : Double.POSITIVE_INFINITY;
    }

    /** How far the usual rule is off, as a share of the exact peak to valley. */
    public double simpleRuleError() {
        return simpleRtMm / rtMm - 1;
    }
}
