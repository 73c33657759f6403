package boldwedge.core.mechanics.rigidity;

/**
 * A thin wall between the jaws of a chuck: a ring under radial loads, evenly spaced (Young, Roark's Formulas for Stress and Strain, table of circular rings, case 7).
 * Bored round while it is squeezed, it springs back into as many corners as there are jaws. For walls under about a fifth of the radius; a thicker one gives nothing
 * that counts.
 *
 * @param jaws how many
 * @param jawN force of each, N
 * @param radiusMm mean radius of the wall, mm
 * @param wallMm its thickness, mm
 * @param widthMm how much of its length bears, mm
 * @param modulusMPa Young's modulus, MPa
 */
public record JawRing(int jaws, double jawN, double radiusMm, double wallMm, double widthMm, double modulusMPa) {
    /** A light pull of the key, N at each jaw of a lathe of {@link #USUAL_SWING_MM} (ours; half to twice of it). */
    private static final double LIGHT_PULL_N = 1500;

    private static final double USUAL_SWING_MM = 330;

    /** Softer stuff is held as much lighter, MPa; but never by less than a tenth. */
    private static final double HELD_FULLY_MPA = 150_000;

    private static final double HELD_LEAST = 0.1;

    /** Length that jaws hold of it, mm. */
    private static final double JAW_MM = 25;

    /** A tube between three jaws, pulled up lightly, of a lathe of this swing. */
    public static JawRing inChuck(double swingMm, double outsideMm, double holeMm, double lengthMm, double modulusMPa) {
        double size = swingMm / USUAL_SWING_MM;
        double radius = (outsideMm + holeMm) / 4;
        // Beyond its mean radius the wall beside the jaws bears nothing with them.
        return new JawRing(
                3,
                LIGHT_PULL_N * size * Math.clamp(modulusMPa / HELD_FULLY_MPA, HELD_LEAST, 1),
                radius,
                (outsideMm - holeMm) / 2,
                JAW_MM * size + Math.min(lengthMm, radius),
                modulusMPa);
    }

    /** Second moment of the wall's section, mm⁴. */
    public double inertiaMm4() {
        return widthMm * wallMm * wallMm * wallMm / 12;
    }

    private double share() {
        return jawN * radiusMm * radiusMm * radiusMm / (modulusMPa * inertiaMm4());
    }

    /** How far the wall goes in under each jaw, mm on the radius. */
    public double inMm() {
        double half = Math.PI / jaws;
        double s = Math.sin(half);
        return share() / 2 * ((half + s * Math.cos(half)) / (2 * s * s) - 1 / half);
    }

    /** How far it goes out halfway between them, mm on the radius. */
    public double outMm() {
        double half = Math.PI / jaws;
        double s = Math.sin(half);
        return share() / 4 * (2 / half - 1 / s - half * Math.cos(half) / (s * s));
    }

    /** What the loads' number alone makes of it: out of round = shape · W · R³ / (E · I); 0.0302 for three. */
    public double shape() {
        return outOfRoundMm() / share();
    }

    /** What it comes out of round by when it was cut round between the jaws, mm on the radius, highest to lowest. */
    public double outOfRoundMm() {
        return inMm() + outMm();
    }
}
