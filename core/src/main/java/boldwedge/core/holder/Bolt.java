package boldwedge.core.holder;

/**
 * A metric coarse screw.
 *
 * @param threadMm its thread, mm
 * @param pitchMm its pitch, mm (ISO 261)
 * @param areaMm2 tensile stress area, mm² (ISO 898-1)
 */
public record Bolt(double threadMm, double pitchMm, double areaMm2) {
    private static final double[][] COARSE = {
        {3, 0.5, 5.03},
        {4, 0.7, 8.78},
        {5, 0.8, 14.2},
        {6, 1, 20.1},
        {8, 1.25, 36.6},
        {10, 1.5, 58},
        {12, 1.75, 84.3},
        {16, 2, 157},
        {20, 2.5, 245},
        {24, 3, 353}
    };

    /** Proof stress of property class 8.8, MPa (ISO 898-1, up to M16). */
    public static final double PROOF_MPA = 580;

    /** Part of its proof load to which a screw is drawn by feel: ours, about what a hand on a common key gives. */
    public static final double DRAWN = 0.6;

    /** The largest screw of the series that is not thicker than this; the thinnest when all are. */
    public static Bolt atMost(double threadMm) {
        double[] best = COARSE[0];
        for (double[] row : COARSE) {
            if (row[0] <= threadMm + 1e-6) {
                best = row;
            }
        }
        return new Bolt(best[0], best[1], best[2]);
    }

    /** Load at which it stays stretched, N. */
    public double proofN() {
        return PROOF_MPA * areaMm2;
    }

    /** Load to which it is drawn, N. */
    public double drawnN() {
        return DRAWN * proofN();
    }

    /** Drill for its thread, mm. */
    public double tapDrillMm() {
        return threadMm - pitchMm;
    }

    /** Hole that it passes freely, mm (ISO 273, medium: a tenth over, rounded to half a millimetre). */
    public double clearanceMm() {
        return Math.ceil(2 * 1.08 * threadMm) / 2;
    }
}
