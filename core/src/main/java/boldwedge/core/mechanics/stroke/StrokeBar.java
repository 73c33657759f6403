package boldwedge.core.mechanics.stroke;

/**
 * A bar that planes by its end, clamped at the other: what of the cut bends it. The force along the stroke stands off the bar's axis by the tooth's tip, and bends
 * it out of the cut where the bar is pulled, into it where it is pushed; the push out of the cut bends it out of it either way.
 *
 * @param alongN force along the stroke, N
 * @param outN push out of the cut, N
 * @param reachMm from clamp to tooth, mm
 * @param leverMm from the bar's axis to the tooth's tip, mm
 * @param bendingNmm2 EI of the bar, N·mm²
 * @param restMmPerN what holder and post give to the push out of the cut, mm/N
 */
public record StrokeBar(
        double alongN, double outN, double reachMm, double leverMm, double bendingNmm2, double restMmPerN) {
    /** By the push out of the cut, mm: Fp · l³ / 3EI, and what the rest gives. */
    public double outMm() {
        return outN * (reachMm * reachMm * reachMm / (3 * bendingNmm2) + restMmPerN);
    }

    /** By the force along the stroke off the axis, mm: F · e · l² / 2EI (a couple at the end of a cantilever). */
    public double coupleMm() {
        return alongN * leverMm * reachMm * reachMm / (2 * bendingNmm2);
    }

    /** How far the tooth springs out of the cut, mm; below 0 it is drawn in. */
    public double springMm(boolean pushed) {
        return outMm() + (pushed ? -1 : 1) * coupleMm();
    }

    /**
     * Share of what is left that is still left after a stroke without infeed: D · k / (1 + D · k) with k the give for a newton of push and D the growth of the push with depth.
     *
     * @param growthNPerMm dFp/dh, N/mm
     */
    public double leftByAStroke(double growthNPerMm, boolean pushed) {
        double dk = growthNPerMm * Math.max(0, springMm(pushed)) / outN;
        return dk / (1 + dk);
    }

    /** The reach under which a pushed bar is drawn into the cut, mm: 1.5 · e · F / Fp where nothing but the bar gives. */
    public double drawnInUnderMm() {
        return 1.5 * leverMm * alongN / outN;
    }

    /**
     * Force at the rim of a handwheel, N.
     *
     * @param turnMm travel for a turn, mm
     * @param radiusMm of the handwheel, mm
     * @param efficiency share that is not rubbed away, 0 to 1
     */
    public static double handN(double alongN, double turnMm, double radiusMm, double efficiency) {
        return alongN * turnMm / (2 * Math.PI * radiusMm * efficiency);
    }

    /**
     * Bending stress at the root of a tooth, MPa: 6 · F · p / (w · s²).
     *
     * @param outMm tooth out of the bar, mm
     * @param widthMm of the tooth, mm
     * @param thickMm of the tooth along the stroke, mm
     */
    public static double toothMPa(double alongN, double outMm, double widthMm, double thickMm) {
        return 6 * alongN * outMm / (widthMm * thickMm * thickMm);
    }
}
