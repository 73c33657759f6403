package boldwedge.core.mechanics.thread;

import java.util.ArrayList;
import java.util.List;

/**
 * How the tool is fed into a thread: with a compound set over by β from square to the work, the tool goes sideways as it goes in, so that
 * the leading flank cuts and the trailing one rubs, shaves or cuts. Depths in mm on the radius.
 *
 * @param form the thread's form
 * @param betaRad how far the compound is set over; 0 straight in
 */
public record Infeed(ThreadForm form, double betaRad) {
    /** Way of the compound for a depth, mm: t / cos β. */
    public double compoundMm(double depthMm) {
        return depthMm / Math.cos(betaRad);
    }

    /** What the trailing flank takes for a step of depth, mm along the axis: Δ · (tan(ε/2) − tan β); below 0 it draws away and leaves steps. */
    public double trailingMm(double stepMm) {
        return stepMm * (Math.tan(form.halfRad()) - Math.tan(betaRad));
    }

    /** What the leading flank takes for a step of depth, mm along the axis: Δ · (tan(ε/2) + tan β). */
    public double leadingMm(double stepMm) {
        return stepMm * (Math.tan(form.halfRad()) + Math.tan(betaRad));
    }

    /** Of a later pass's area: the first one finds the point unsupported and the work as it was turned (handbooks' usual schedule). */
    public static final double FIRST_SHARE = 0.3;

    /**
     * Depths after each pass that take equal areas but for a light first one: with n passes the areas grow as 0.3, 1, 2, … n − 1, so that a sharp point
     * stands at t · √(k / (n − 1)). Two passes and one are equal.
     *
     * @param tip end of the tool
     * @param depthMm whole depth
     * @param passes how many
     */
    public static List<Double> equalAreas(TipShape tip, double depthMm, int passes) {
        double whole = tip.areaMm2(depthMm);
        List<Double> depths = new ArrayList<>(passes);
        for (int i = 1; i <= passes; i++) {
            double share =
                    passes < 3 ? (double) i / passes : i == 1 ? FIRST_SHARE / (passes - 1) : (i - 1.0) / (passes - 1);
            depths.add(i == passes ? depthMm : tip.depthForMm(whole * share, depthMm));
        }
        return depths;
    }

    /** Depths after each pass that are equally deep. */
    public static List<Double> equalDepths(double depthMm, int passes) {
        List<Double> depths = new ArrayList<>(passes);
        for (int i = 1; i <= passes; i++) {
            depths.add(depthMm * i / passes);
        }
        return depths;
    }

    /** What is still to be fed in where the pitch diameter is too large by X, mm of the compound: X / (2 · cos β), whatever the school. */
    public double leftOnCompoundMm(double overMm) {
        return overMm / (2 * Math.cos(betaRad));
    }
}
