package boldwedge.core.mechanics.thread;

import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.cutting.CuttingForce;
import boldwedge.core.mechanics.cutting.EdgePress;

/**
 * Force of one pass in a thread, by Kienzle over the chip's mean thickness, and the edge's own press over all of the edge that touches.
 *
 * @param alongN along the cut, N
 * @param pushN square to the axis, pushing tool and work apart, N
 * @param chipMm mean thickness of the chip, mm
 */
public record ThreadForce(double alongN, double pushN, double chipMm) {
    /** Chips from two flanks run into each other and cut harder by this much (ours; docs/formulas.md). */
    public static final double CROWDED = 1.5;

    /**
     * Works a pass out.
     *
     * @param tip end of the tool
     * @param depthMm depth after this pass, mm on the radius
     * @param areaMm2 what this pass takes out, mm²
     * @param bothFlanks whether both flanks cut, and not the leading one with the trailing one rubbing
     * @param rakeRad top rake
     * @param press the edge's own
     */
    public static ThreadForce of(
            TipShape tip,
            double depthMm,
            double areaMm2,
            boolean bothFlanks,
            double rakeRad,
            WorkMaterial work,
            EdgePress press) {
        double half = tip.form().halfRad();
        double flank = depthMm / Math.cos(half);
        double end = tip.flatMm() + 2 * tip.radiusMm();
        double cutting = (bothFlanks ? 2 : 1) * flank + end;
        double touching = 2 * flank + end;
        double chip = areaMm2 / cutting;
        double thin = Math.max(chip, CuttingForce.THIN_CHIP_MM);
        double specific = work.kc11MPa() * Math.pow(thin, -work.mc()) * CuttingForce.rakeFactor(work, rakeRad);
        double chipN = specific * areaMm2 * (bothFlanks ? CROWDED : 1);
        // Of a push square to a flank sin(ε/2) points off the axis, of one square to the tip all of it.
        double offAxis = ((cutting - end) * Math.sin(half) + end) / cutting;
        double pressOff = ((touching - end) * Math.sin(half) + end) / touching;
        return new ThreadForce(
                chipN + press.alongNPerMm() * cutting,
                chipN * Math.max(0, CuttingForce.pushRatio(work, rakeRad)) * offAxis
                        + press.acrossNPerMm() * touching * pressOff,
                chip);
    }
}
