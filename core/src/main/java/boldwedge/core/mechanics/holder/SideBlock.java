package boldwedge.core.mechanics.holder;

/**
 * A block that hangs over the side of the tool post and stands with a foot on the slide: the foot bears the cut down, three
 * screws draw a clamp plate onto the blade, and a taper on the plate turns their pull into a pull downward.
 *
 * @param bodyMm thickness of the body across, behind the blade
 * @param lengthMm along the blade
 * @param floorMm slot's floor above the foot's sole
 * @param bladeMm height of the blade
 * @param footMm foot on the slide along the blade
 * @param footWideMm foot across
 * @param plateMm thickness of the clamp plate
 * @param taperRad its taper against the direction of the screws
 * @param screw one of the three
 */
public record SideBlock(
        double bodyMm,
        double lengthMm,
        double floorMm,
        double bladeMm,
        double footMm,
        double footWideMm,
        double plateMm,
        double taperRad,
        Bolt screw) {
    /** How many screws draw the plate. */
    public static final int SCREWS = 3;
    /** Flat of a screw's tip over its thread. */
    private static final double TIP_OF_THREAD = 0.7;

    /** Angle of friction of oiled steel on steel, 0.15. */
    public static final double FRICTION = Math.atan(0.15);

    /** Pull of all screws when drawn, N. */
    public double pullN() {
        return SCREWS * screw.drawnN();
    }

    /** Pressure of the plate on the blade under it, MPa: the pull over the blade's height along the plate. */
    public double plateOnBladeMPa(double pullN) {
        return pullN / (bladeMm * lengthMm);
    }

    /** Pressure of the screws' own tips if there were no plate, MPa: flat tips of seven tenths of the thread (ISO 4753, FL: about its core). */
    public double tipsMPa(double pullN) {
        double tip = TIP_OF_THREAD * screw.threadMm();
        return pullN / SCREWS / (Math.PI * tip * tip / 4);
    }

    /** Press on the blade downward for a pull of the screws, N: wedge with friction on both faces, S / tan(τ + 2ρ). */
    public double gripN(double pullN) {
        return pullN / Math.tan(taperRad + 2 * FRICTION);
    }

    /** Whether the plate sticks when the screws are slackened: the taper is less than both angles of friction. */
    public boolean sticks() {
        return taperRad < 2 * FRICTION;
    }

    /** Pressure of the foot on the slide under a cut, MPa. */
    public double footMPa(double cutN) {
        return cutN / (footMm * footWideMm);
    }

    /**
     * Bending stress in the plate between its screws, MPa: a strip over three supports with an even load, M = q p² / 8 at the
     * middle one, p half the distance of the outer screws; across the screw's hole.
     */
    public double plateMPa(double pullN) {
        double pitch = pitchMm();
        double moment = pullN / lengthMm * pitch * pitch / 8;
        double across = bladeMm + 2 * screw.threadMm() - screw.clearanceMm();
        return 6 * moment / (across * plateMm * plateMm);
    }

    /** From screw to screw, mm: the outer ones stand two threads from the ends. */
    public double pitchMm() {
        return (lengthMm - 4 * screw.threadMm()) / 2;
    }
}
