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

    private static final int PANELS = 32;

    /**
     * Works out the marks.
     *
     * @param profile the edge in use
     * @param feedMm feed per revolution, mm, positive
     */
    public static Finish of(EdgeProfile profile, double feedMm) {
        EdgeProfile.Outline edge = profile.outline();
        // The peak between two marks is where this mark's trailing side meets the last mark's leading side.
        double low = 0;
        double high = feedMm;
        for (int i = 0; i < 46; i++) {
            double middle = (low + high) / 2;
            // middle: distance behind this nose; feed − middle: distance ahead of the one before.
            if (edge.heightAt(-middle) < edge.heightAt(feedMm - middle)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        double behind = (low + high) / 2;
        double ahead = feedMm - behind;
        double rt = edge.heightAt(-behind);
        double mean = (integral(edge, 0, ahead) + integral(edge, -behind, 0)) / feedMm;
        double ra = (deviation(edge, 0, ahead, mean) + deviation(edge, -behind, 0, mean)) / feedMm;
        double simple =
                profile.noseRadiusMm() > 0 ? feedMm * feedMm / (8 * profile.noseRadiusMm()) : Double.POSITIVE_INFINITY;
        return new Finish(rt, ra, simple);
    }

    /** How far the usual rule is off, as a share of the exact peak to valley. */
    public double simpleRuleError() {
        return simpleRtMm / rtMm - 1;
    }

    private static double integral(EdgeProfile.Outline edge, double from, double to) {
        double step = (to - from) / PANELS;
        double sum = 0;
        for (int i = 0; i < PANELS; i++) {
            double a = from + i * step;
            sum += step / 6 * (edge.heightAt(a) + 4 * edge.heightAt(a + step / 2) + edge.heightAt(a + step));
        }
        return sum;
    }

    /** The integral of |height − mean|, with the crossing of the mean taken as a break in the integrand. */
    private static double deviation(EdgeProfile.Outline edge, double from, double to, double mean) {
        double near = Math.abs(from) < Math.abs(to) ? from : to;
        double far = near == from ? to : from;
        if (edge.heightAt(far) <= mean) {
            return Math.abs(mean * (to - from) - integral(edge, from, to));
        }
        double low = near;
        double high = far;
        for (int i = 0; i < 46; i++) {
            double middle = (low + high) / 2;
            if (edge.heightAt(middle) < mean) {
                low = middle;
            } else {
                high = middle;
            }
        }
        double crossing = (low + high) / 2;
        double below = Math.abs(mean * (crossing - near) - integral(edge, near, crossing));
        double above = Math.abs(integral(edge, crossing, far) - mean * (far - crossing));
        return below + above;
    }
}
