package boldwedge.core.mechanics.cutting;

import boldwedge.core.language.stock.WorkMaterial;
import org.hipparchus.analysis.UnivariateFunction;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/**
 * How an edge answers waves, over depth of cut: the growth of its push ({@link CuttingForce#directionalStiffness}) and the breadth of
 * flank that damps it, Σ cos²φ ds. Sampled at depths in even ratios and read between them by straight lines on
 * logarithmic scales. For one thread.
 */
public final class WaveGrowth {
    /** Deeper than this no bit here cuts, mm. */
    public static final double DEEPEST_MM = 10;

    private static final double SHALLOWEST_MM = 0.002;
    private static final int SAMPLES = 30;
    private static final double RATIO = Math.pow(DEEPEST_MM / SHALLOWEST_MM, 1.0 / (SAMPLES - 1));

    private final WorkMaterial work;
    private final EdgeProfile edge;
    private final double normalRake;
    private final ChipSection section;
    private final double[] growth = new double[SAMPLES];
    private final double[] flank = new double[SAMPLES];
    /** So many are worked out; the deep ones are seldom asked for. */
    private int sampled;

    /** Of an edge; see {@link CuttingForce#directionalStiffness} for the parameters. */
    public WaveGrowth(WorkMaterial work, EdgeProfile edge, double normalRake, double feedMm) {
        this.work = work;
        this.edge = edge;
        this.normalRake = normalRake;
        section = new ChipSection(edge, feedMm);
    }

    /** Samples down to the one asked for. */
    private void sample(int last) {
        for (; sampled <= last; sampled++) {
            CuttingForce.Waves waves = CuttingForce.waves(work, edge, section, normalRake, depth(sampled));
            growth[sampled] = waves.stiffnessNPerMm();
            flank[sampled] = waves.flankMm();
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

    private double at(double[] values, double depthMm) {
        double place = Math.log(Math.max(depthMm, 1e-9) / SHALLOWEST_MM) / Math.log(RATIO);
        if (place <= 0) {
            sample(0);
            return values[0] * depthMm / SHALLOWEST_MM;
        }
        int i = Math.min(SAMPLES - 2, (int) place);
        sample(i + 1);
        return between(values[i], values[i + 1], Math.min(1, place - i));
    }

    private static double between(double from, double to, double share) {
        return from > 0 && to > 0 ? from * Math.pow(to / from, share) : from + share * (to - from);
    }

    /** What the growth is held against: a limit in N/mm for a breadth of damping flank in mm. */
    public interface Limit {
        double at(double flankMm);

        /** What the limit is never below, cheap to tell: depths whose growth stays under it are not asked about. N/mm. */
        default double neverBelow(double flankMm) {
            return at(flankMm);
        }
    }

    /**
     * The smallest depth at which the growth reaches a limit, mm; infinite when it does at none down to {@link #DEEPEST_MM}.
     */
    public double depthWhere(Limit limit) {
        return depthWhere(limit, DEEPEST_MM);
    }

    /** The same, infinite too where it is surely deeper than a depth that is of interest, mm. */
    public double depthWhere(Limit limit, double deepestMm) {
        for (int i = 0; i < SAMPLES; i++) {
            sample(i);
            if (reaches(limit, i)) {
                return i == 0 ? SHALLOWEST_MM * limit.at(flank[0]) / Math.max(growth[0], 1e-12) : crossing(limit, i);
            }
            if (depth(i) > deepestMm) {
                return Double.POSITIVE_INFINITY;
            }
        }
        return Double.POSITIVE_INFINITY;
    }

    private boolean reaches(Limit limit, int i) {
        return growth[i] >= limit.neverBelow(flank[i]) && growth[i] >= limit.at(flank[i]);
    }

    /** Where it crosses between a sample and the one before: both are near powers of the depth there, so few steps find it. */
    private double crossing(Limit limit, int i) {
        UnivariateFunction over = logarithm -> {
            double depth = Math.exp(logarithm);
            return growthAt(depth) - limit.at(flankAt(depth));
        };
        double from = Math.log(depth(i - 1));
        double to = Math.log(depth(i));
        return over.value(from) >= 0
                ? depth(i - 1)
                : over.value(to) <= 0
                        ? depth(i)
                        : Math.exp(new BracketingNthOrderBrentSolver(1e-5, 5).solve(100, over, from, to));
    }
}
