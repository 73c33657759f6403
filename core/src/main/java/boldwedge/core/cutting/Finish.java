package boldwedge.core.cutting;

/**
 * The finish that feed and edge leave on paper: marks of the exact edge (arc and both straight edges) repeated every feed.
 * What is measured is rougher; see {@link #MEASURED_OVER_THEORY}.
 *
 * @param rtMm theoretical peak to valley, mm
 * @param raMm theoretical arithmetic mean deviation, mm
 * @param simpleRtMm the usual rule f² / 8r, mm; infinite for a sharp corner
 */
public record Finish(double rtMm, double raMm, double simpleRtMm) {
    /**
     * Measured finish over theoretical, low, usual, high: built-up edge, tearing and vibration add to the geometry
     * (Boothroyd &amp; Knight, Fundamentals of Machining, ch. 5).
     */
    public static final double[] MEASURED_OVER_THEORY = {1.1, 1.4, 2.2};

    /**
     * Works out the marks.
     *
     * @param profile the edge in use
     * @param feedMm feed per revolution, mm, positive
     */
    public static Finish of(EdgeProfile profile, double feedMm) {
        EdgeProfile.Outline edge = profile.outline();
        // The peak between two marks is where this mark's trailing side meets the last mark's leading side. Both sides
        // rise from the nose, so their reaches at one height add up to a feed at the peak and nowhere else.
        double low = 0;
        double high = edge.heightAt(feedMm);
        for (int i = 0; i < 48 && high - low > 1e-13; i++) {
            double middle = (low + high) / 2;
            if (edge.reachAt(middle, true) + edge.reachAt(middle, false) < feedMm) {
                low = middle;
            } else {
                high = middle;
            }
        }
        double rt = (low + high) / 2;
        double ahead = edge.reachAt(rt, true);
        double behind = feedMm - ahead;
        double mean = (edge.areaTo(ahead) - edge.areaTo(-behind)) / feedMm;
        // Under the mean line lies a single valley; by the mean's definition as much lies above it.
        double right = edge.reachAt(mean, true);
        double left = edge.reachAt(mean, false);
        double valley = mean * (left + right) - (edge.areaTo(right) - edge.areaTo(-left));
        double ra = 2 * valley / feedMm;
        double simple =
                profile.noseRadiusMm() > 0 ? feedMm * feedMm / (8 * profile.noseRadiusMm()) : Double.POSITIVE_INFINITY;
        return new Finish(rt, ra, simple);
    }

    /** How far the usual rule is off, as a share of the exact peak to valley. */
    public double simpleRuleError() {
        return simpleRtMm / rtMm - 1;
    }
}
