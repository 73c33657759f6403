package boldwedge.core.cutting;

import boldwedge.core.stock.WorkMaterial;
import java.util.function.DoubleUnaryOperator;

/**
 * How an edge answers waves, over depth of cut: the growth of its push ({@link CuttingForce#directionalStiffness}) and the breadth of
 * flank that damps it, Σ cos²φ ds. Sampled once at depths in even ratios and read between them by straight lines on
 * logarithmic scales.
 */
public final class WaveGrowth {
    /** Deeper than this no bit here cuts, mm. */
    public static final double DEEPEST_MM = 10;

    private static final double SHALLOWEST_MM = 0.002;
    private static final int SAMPLES = 30;
    private static final double RATIO = Math.pow(DEEPEST_MM / SHALLOWEST_MM, 1.0 / (SAMPLES - 1));

    private final double[] growth = new double[SAMPLES];
    private final double[] flank = new double[SAMPLES];

    /** Samples an edge; see {@link CuttingForce#directionalStiffness} for the parameters. */
    public WaveGrowth(WorkMaterial work, EdgeProfile edge, double normalRake, double feedMm) {
        ChipSection section = new ChipSection(edge, feedMm);
        for (int i = 0; i < SAMPLES; i++) {
            growth[i] = CuttingForce.directionalStiffness(work, edge, section, normalRake, depth(i));
            flank[i] = CuttingForce.flankBreadth(edge, section, depth(i));
        }
    }

    private static double depth(int i) {
        return SHALLOWEST_MM * Math.pow(RATIO, i);
    }

    /** Growth of the push per mm of wave at a depth, N/mm. */
    public double growthAt(double depthMm) {
        return at(growth, depthMm);
    }

    /** Breadth of flank that damps, at a depth, mm. */
    public double flankAt(double depthMm) {
        return at(flank, depthMm);
    }

    private static double at(double[] values, double depthMm) {
        double place = Math.log(Math.max(depthMm, 1e-9) / SHALLOWEST_MM) / Math.log(RATIO);
        if (place <= 0) {
            return values[0] * depthMm / SHALLOWEST_MM;
        }
        int i = Math.min(SAMPLES - 2, (int) place);
        return between(values[i], values[i + 1], Math.min(1, place - i));
    }

    private static double between(double from, double to, double share) {
        return from > 0 && to > 0 ? from * Math.pow(to / from, share) : from + share * (to - from);
    }

    /**
     * The smallest depth at which the growth reaches a limit, mm; infinite when it does at none down to {@link #DEEPEST_MM}.
     *
     * @param limitOfFlank the limit in N/mm for a breadth of damping flank in mm
     */
    public double depthWhere(DoubleUnaryOperator limitOfFlank) {
        double before = growth[0] - limitOfFlank.applyAsDouble(flank[0]);
        if (before >= 0) {
            return SHALLOWEST_MM * limitOfFlank.applyAsDouble(flank[0]) / Math.max(growth[0], 1e-12);
        }
        for (int i = 1; i < SAMPLES; i++) {
            double here = growth[i] - limitOfFlank.applyAsDouble(flank[i]);
            if (here >= 0) {
                return crossing(limitOfFlank, depth(i - 1), depth(i));
            }
        }
        return Double.POSITIVE_INFINITY;
    }

    private double crossing(DoubleUnaryOperator limitOfFlank, double from, double to) {
        double low = from;
        double high = to;
        while (high - low > 2e-4 * high) {
            double middle = (low + high) / 2;
            if (growthAt(middle) < limitOfFlank.applyAsDouble(flankAt(middle))) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }
}
