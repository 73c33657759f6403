package boldwedge.core.mechanics.cutting;

import boldwedge.core.language.stock.WorkMaterial;
import java.util.function.DoubleUnaryOperator;

/**
 * Push against depth of cut for one edge and feed, sampled once and read between by straight lines: the spring of tool and
 * work asks for it many hundred times. Samples crowd towards nothing, where the curve bends.
 */
public final class PushCurve implements DoubleUnaryOperator {
    private static final int SAMPLES = 16;
    /** Parts of the nose for a sample: its error (0.2 %) is far below the force's own spread. */
    private static final int ARC_PARTS = 12;

    private final double deepest;
    private final double[] push = new double[SAMPLES + 1];

    /** Samples the push in N from nothing to the deepest cut, mm; see {@link CuttingForce#of}. */
    public PushCurve(
            WorkMaterial work, EdgePress press, EdgeProfile edge, double normalRake, double deepestMm, double feedMm) {
        deepest = deepestMm;
        ChipSection section = new ChipSection(edge, feedMm);
        for (int i = 1; i <= SAMPLES; i++) {
            double depth = deepestMm * i * i / (SAMPLES * SAMPLES);
            push[i] = CuttingForce.of(work, press, edge, section, normalRake, depth, ARC_PARTS)
                    .pushN();
        }
    }

    @Override
    public double applyAsDouble(double depthMm) {
        if (depthMm <= 0) {
            return 0;
        }
        double at = SAMPLES * Math.sqrt(Math.min(1, depthMm / deepest));
        int i = Math.min(SAMPLES - 1, (int) at);
        double from = deepest * i * i / (SAMPLES * SAMPLES);
        double to = deepest * (i + 1) * (i + 1) / (SAMPLES * SAMPLES);
        return push[i] + (push[i + 1] - push[i]) * (Math.min(depthMm, deepest) - from) / (to - from);
    }
}
