package boldwedge.core.mechanics.rigidity;

import java.util.Optional;

/**
 * How much a shoulder raises the stress in a round bar that is bent: Kt = A · (r/d)^b, with A and b by the ratio of the
 * diameters (fit of Peterson's chart for the shoulder fillet in bending, as tabled in Norton, Machine Design, appendix on
 * stress concentration; good to a few per cent for r/d from 0.002 to 0.3).
 */
public final class StressRaiser {
    /** D/d, A, b. */
    private static final double[][] FIT = {
        {1.01, 0.91938, -0.17032},
        {1.02, 0.96048, -0.17711},
        {1.03, 0.98061, -0.18381},
        {1.05, 0.98137, -0.19653},
        {1.07, 0.97527, -0.20958},
        {1.1, 0.95120, -0.23757},
        {1.2, 0.97098, -0.21796},
        {1.5, 0.93836, -0.25759},
        {2, 0.90879, -0.28598},
        {3, 0.89334, -0.30860},
        {6, 0.87868, -0.33243}
    };

    /** A corner left by a turning tool is not sharper than this, mm. */
    public static final double SHARP_MM = 0.1;

    private StressRaiser() {}

    /**
     * Stress at the shoulder over the plain bending stress in the thinner part; 1 when there is no step.
     *
     * @param thickMm diameter behind the shoulder, mm
     * @param thinMm diameter before it, mm
     * @param blendMm radius of the fillet, mm; less than {@link #SHARP_MM} counts as that
     */
    public static double shoulderInBending(double thickMm, double thinMm, double blendMm) {
        double ratio = thickMm / thinMm;
        if (ratio <= 1.0005) {
            return 1;
        }
        // Below the first row the step fades to nothing.
        return fit(thickMm, thinMm, blendMm)
                .map(Fit::kt)
                .orElseGet(() -> Math.max(
                        1, 1 + (between(FIT[0][0], thinMm, blendMm).kt() - 1) * (ratio - 1) / (FIT[0][0] - 1)));
    }

    /** A row of the fit: Kt = factor · (r/d)^exponent. */
    public record Row(double factor, double exponent) {}

    /**
     * Where a shoulder lies in the fit.
     *
     * @param radiusRatio r/d, held to what the chart covers
     * @param low the row below its ratio of diameters
     * @param high the row above
     * @param share of the way from the one to the other
     */
    public record Fit(double radiusRatio, Row low, Row high, double share) {
        /** The stress at the shoulder over that of a plain bar; at least 1. */
        public double kt() {
            double below = low.factor() * Math.pow(radiusRatio, low.exponent());
            double above = high.factor() * Math.pow(radiusRatio, high.exponent());
            return Math.max(1, (1 - share) * below + share * above);
        }
    }

    /** Where a shoulder lies in the fit; empty where the step is smaller than its first row. */
    public static Optional<Fit> fit(double thickMm, double thinMm, double blendMm) {
        double ratio = thickMm / thinMm;
        return ratio < FIT[0][0] ? Optional.empty() : Optional.of(between(ratio, thinMm, blendMm));
    }

    private static Fit between(double ratio, double thinMm, double blendMm) {
        double r = Math.clamp(Math.max(blendMm, SHARP_MM) / thinMm, 0.002, 0.3);
        double at = Math.clamp(ratio, FIT[0][0], FIT[FIT.length - 1][0]);
        int i = 0;
        while (i < FIT.length - 2 && FIT[i + 1][0] < at) {
            i++;
        }
        double share = (at - FIT[i][0]) / (FIT[i + 1][0] - FIT[i][0]);
        return new Fit(r, new Row(FIT[i][1], FIT[i][2]), new Row(FIT[i + 1][1], FIT[i + 1][2]), share);
    }
}
