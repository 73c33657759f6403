package boldwedge.core.mechanics.holder;

/**
 * A block on the slide with a slot for a blade in its side and a slit that leaves a hinge: the slide's own bolt goes down
 * through it near the blade, holds it and closes the slit. Seen from the work: the slot opens at the near side, the hinge
 * stands at the far side. Millimetres, newtons, MPa.
 *
 * @param widthMm across, from the slot's side to the hinge's
 * @param lengthMm along the blade
 * @param floorMm slot's floor above the slide
 * @param slotMm slot's height while the slit is open
 * @param bladeMm height of the blade in it
 * @param inMm how deep the slot goes into the side: the blade's width
 * @param jawMm metal over the slot
 * @param hingeMm metal left at the end of the slit
 * @param sawMm width of the slit
 * @param bolt what closes it
 */
public record SplitBlock(
        double widthMm,
        double lengthMm,
        double floorMm,
        double slotMm,
        double bladeMm,
        double inMm,
        double jawMm,
        double hingeMm,
        double sawMm,
        Bolt bolt) {
    /** Modulus of steel, MPa. */
    public static final double STEEL_MPA = 207_000;
    /** Yield of plain low-carbon bar, MPa. */
    public static final double YIELD_MPA = 280;
    /** Metal between the slot and the bolt's hole. */
    public static final double WALL_MM = 2.5;
    /** A hinge gives at its roots as if its slit were wider by this part of its thickness: 5.3 M / E t² at each root. */
    private static final double ROOTS = 0.88;

    /** Height of the block, mm. */
    public double heightMm() {
        return floorMm + slotMm + jawMm;
    }

    /** The bolt's axis from the slot's side, mm. */
    public double boltFromSideMm() {
        return inMm + WALL_MM + bolt.clearanceMm() / 2;
    }

    /** From the middle of the hinge to the bolt's axis, mm. */
    public double boltArmMm() {
        return widthMm - hingeMm / 2 - boltFromSideMm();
    }

    /** From the middle of the hinge to the middle of the blade, mm. */
    public double bladeArmMm() {
        return widthMm - hingeMm / 2 - inMm / 2;
    }

    /** How far the slit must close at the blade before it is gripped, mm. */
    public double travelMm() {
        return slotMm - bladeMm;
    }

    /** Give of the jaw at the blade per newton of the bolt, mm/N: the hinge turns and the jaw bends. */
    public double closingMmPerN() {
        double turn = 12 * (sawMm + ROOTS * hingeMm) / (STEEL_MPA * lengthMm * Math.pow(hingeMm, 3));
        double jaw = STEEL_MPA * lengthMm * Math.pow(jawMm, 3) / 12;
        double b = boltArmMm();
        double l = bladeArmMm();
        return b * l * turn + b * b * (3 * l - b) / (6 * jaw);
    }

    /** Pull of the bolt that closes the slit onto the blade, N. */
    public double closesAtN() {
        return Math.max(0, travelMm()) / closingMmPerN();
    }

    /** Bending stress in the hinge when the slit has closed, MPa: 6 F b / L t². */
    public double hingeMPa() {
        return 6 * closesAtN() * boltArmMm() / (lengthMm * hingeMm * hingeMm);
    }

    /** Grip on the blade when the bolt is drawn to a pull, N: what is left over the closing, by the lever of the hinge. */
    public double gripN(double pullN) {
        return Math.max(0, pullN - closesAtN()) * boltArmMm() / bladeArmMm();
    }

    /** Bending stress in the jaw between bolt and blade at that grip, MPa, past the bolt's hole. */
    public double jawMPa(double pullN) {
        double past = lengthMm - bolt.clearanceMm();
        return 6 * gripN(pullN) * (bladeArmMm() - boltArmMm()) / (past * jawMm * jawMm);
    }

    /**
     * Grip that keeps the blade from tilting under a cut, N: the cut's moment about the block's front edge is borne by floor and
     * jaw two thirds of the block's length apart, with half as much again in hand.
     */
    public static double gripNeededN(double cutN, double overhangMm, double lengthMm) {
        return 1.5 * cutN * overhangMm / (2.0 / 3 * lengthMm);
    }
}
