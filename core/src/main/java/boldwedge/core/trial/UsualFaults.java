package boldwedge.core.trial;

/**
 * What is usually a little amiss at a lathe and now and then much, as influences on two diameters. The usual figures are those of a lathe in order; how often
 * one is far out, and how far, is ours (see docs/formulas.md).
 */
public final class UsualFaults {
    public static final String SPRING = "spring";
    public static final String TURNING = "turning";
    public static final String HEAD = "head";
    public static final String TAIL = "tail";
    public static final String DIAL = "dial";
    public static final String WEAR = "wear";
    public static final String WARMTH = "warmth";

    /** Headstock to bed: 0.02 mm in 300 mm, acceptance practice after ISO 1708. */
    public static final double USUAL_SLOPE = 0.02 / 300;

    private static final double BAD_SLOPE = 0.12 / 300;
    /** Tailstock's centre to the axis: 0.01 to 0.02 mm after it was set; it is moved for tapers, and not always back. */
    private static final double USUAL_TAIL_MM = 0.015;

    private static final double BAD_TAIL_MM = 0.08;
    /** A dial is set to half a division of 0.01 mm; a screw with play that was not taken up is off by more. */
    private static final double USUAL_DIAL_MM = 0.008;

    /** A dial that is set again by what was read comes within this, mm. */
    private static final double RESET_MM = 0.006;

    /** However often it was tried, a setting differs from the next by this share of what is usual. */
    private static final double AFTER_TEACHING = 0.6;

    private static final double HALF = 0.5;
    private static final double BAD_DIAL_MM = 0.06;
    private static final double USUAL_WEAR_MM = 0.0007;
    private static final double BAD_WEAR_MM = 0.008;
    private static final double CHANCE = 0.09;

    private UsualFaults() {}

    /**
     * The axis of the spindle runs away from the tool's path; in mm per mm.
     *
     * @param nearMm from the chuck to the first reading
     * @param farMm from the chuck to the second
     */
    public static Influence head(double nearMm, double farMm) {
        return new Influence(HEAD, 2 * nearMm, 2 * farMm, 0, USUAL_SLOPE, BAD_SLOPE, CHANCE);
    }

    /**
     * The tailstock's centre stands away from the tool; in mm.
     *
     * @param nearMm from the headstock to the first reading
     * @param farMm from the headstock to the second
     * @param lengthMm from the headstock to the centre
     */
    public static Influence tail(double nearMm, double farMm, double lengthMm) {
        return new Influence(TAIL, 2 * nearMm / lengthMm, 2 * farMm / lengthMm, 0, USUAL_TAIL_MM, BAD_TAIL_MM, CHANCE);
    }

    /** The same with what trials have taught of it. */
    public static Influence taught(Influence untaught, Calibration by) {
        return by.trials() == 0
                ? untaught
                : new Influence(
                        untaught.id(),
                        untaught.nearMm(),
                        untaught.farMm(),
                        by.factor(),
                        Math.min(untaught.usual(), Math.hypot(by.spread(), AFTER_TEACHING * untaught.usual())),
                        untaught.bad(),
                        untaught.chance());
    }

    /** The dial was set wrong, or its screw is not true; in mm on the diameter. */
    public static Influence dial() {
        return new Influence(DIAL, 1, 1, 0, USUAL_DIAL_MM, BAD_DIAL_MM, CHANCE);
    }

    /**
     * The edge goes back in the pass; in mm.
     *
     * @param nearMm what a millimetre of it adds to the first diameter
     * @param farMm the same of the second
     * @param expectedMm what is to be expected at its speed
     */
    public static Influence wear(double nearMm, double farMm, double expectedMm) {
        return new Influence(
                WEAR, nearMm, farMm, expectedMm, USUAL_WEAR_MM + expectedMm, BAD_WEAR_MM + expectedMm, CHANCE);
    }

    /** The work is measured warm; in K over the gauge. */
    public static Influence warmth(double diameterMm, double expansionPerK, Measured.Warmth felt) {
        double grows = diameterMm * expansionPerK;
        return new Influence(
                WARMTH,
                grows,
                grows,
                felt.kelvin(),
                felt.usual(),
                felt.bad(),
                felt == Measured.Warmth.NOT_FELT ? 0.2 : 0);
    }

    /**
     * Whether a taper leaves the dial room enough for how far a setting and a reading are usually off.
     *
     * @param halfTaperMm what is left either way when the dial is set for the middle
     * @param allowedMm what the tolerance allows either way
     */
    public static boolean isForTheDial(double halfTaperMm, double allowedMm) {
        return halfTaperMm <= Math.max(HALF * allowedMm, allowedMm - RESET_MM);
    }

    /** What repeats from cut to cut, the gauge with it, mm. */
    public static double noiseMm(double springMm) {
        return Math.hypot(0.002, 0.08 * springMm);
    }
}
