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
    /** Edge lost in a pass at the top of the range, and how steeply it grows with speed; rough, ours. */
    private static final double WEAR_AT_THE_TOP_MM = 0.001;

    private static final double WEAR_BY_SPEED = 4;
    private static final double LASTS_TO = 2;
    /** Hardness of the piece and sharpness of the edge, whatever was measured of the machine; a share. */
    private static final double FORCE_SPREAD = 0.25;
    /** A dull edge pushes about twice as hard. */
    private static final double BAD_FORCE = 1;
    /** How often any of these is far out. */
    public static final double CHANCE = 0.09;
    /** Further from the middle than this share of what is allowed, the next piece may be out. */
    private static final double SURELY_IN = 0.8;

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
     * Tool, work and machine spring more or less than reckoned; 1 for once as much again.
     *
     * @param nearMm what is reckoned of it at the first diameter
     * @param farMm the same at the second
     * @param workSpread share by which the material's force differs
     * @param stiffnessSpread share by which what gives may be off; 0 where it was measured
     */
    public static Influence spring(double nearMm, double farMm, double workSpread, double stiffnessSpread) {
        return new Influence(
                SPRING,
                nearMm,
                farMm,
                0,
                Math.hypot(Math.hypot(FORCE_SPREAD, workSpread), stiffnessSpread),
                BAD_FORCE,
                CHANCE);
    }

    /**
     * The edge goes back in the pass; in mm. What is to be expected grows with the fourth power of the speed, up to twice the range: beyond it no edge
     * lasts a pass, and no size is expected of it.
     *
     * @param nearMm what a millimetre of it adds to the first diameter
     * @param farMm the same of the second
     * @param overRange speed over the range's top
     */
    public static Influence wear(double nearMm, double farMm, double overRange) {
        double expectedMm = WEAR_AT_THE_TOP_MM * Math.pow(Math.min(overRange, LASTS_TO), WEAR_BY_SPEED);
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

    /**
     * Whether a piece that is within is so near the edge of the tolerance that the next one may be out.
     *
     * @param offMm the farther diameter off the middle, cold
     * @param allowedMm what the tolerance allows either way
     */
    public static boolean isAtTheEdge(double offMm, double allowedMm) {
        return offMm > SURELY_IN * allowedMm;
    }

    /** What differs from cut to cut, the gauge with it, mm: 2 µm, and a twelfth of what springs (ours). */
    public static double noiseMm(double springMm) {
        return Math.hypot(0.002, 0.08 * springMm);
    }
}
