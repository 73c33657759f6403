package boldwedge.core.mechanics.wedge;

/**
 * The closed forms that tie the older American angles to ISO 3002's, for the side cutting edge (ISO 3002-2:1982, tables
 * of conversion). The program computes by vectors; these are the second way, for the working shown and for the tests.
 * Radians throughout.
 */
public final class IsoConversion {
    private IsoConversion() {}

    /** tan λs = tan γp sin κr − tan γf cos κr. */
    public static double inclination(double backRake, double sideRake, double approach) {
        return Math.atan(Math.tan(backRake) * Math.sin(approach) - Math.tan(sideRake) * Math.cos(approach));
    }

    /** tan γo = tan γp cos κr + tan γf sin κr. */
    public static double orthogonalRake(double backRake, double sideRake, double approach) {
        return Math.atan(Math.tan(backRake) * Math.cos(approach) + Math.tan(sideRake) * Math.sin(approach));
    }

    /** tan γn = tan γo cos λs. */
    public static double normalRake(double orthogonalRake, double inclination) {
        return Math.atan(Math.tan(orthogonalRake) * Math.cos(inclination));
    }

    /** cot αo = (cot αf + tan λs cos κr) / sin κr. */
    public static double orthogonalClearance(double sideRelief, double inclination, double approach) {
        return Math.atan2(Math.sin(approach), 1 / Math.tan(sideRelief) + Math.tan(inclination) * Math.cos(approach));
    }

    /** cot αn = cot αo cos λs. */
    public static double normalClearance(double orthogonalClearance, double inclination) {
        return Math.atan2(Math.tan(orthogonalClearance), Math.cos(inclination));
    }

    /** tan γp = tan γo cos κr + tan λs sin κr. */
    public static double backRake(double orthogonalRake, double inclination, double approach) {
        return Math.atan(Math.tan(orthogonalRake) * Math.cos(approach) + Math.tan(inclination) * Math.sin(approach));
    }

    /** tan γf = tan γo sin κr − tan λs cos κr. */
    public static double sideRake(double orthogonalRake, double inclination, double approach) {
        return Math.atan(Math.tan(orthogonalRake) * Math.sin(approach) - Math.tan(inclination) * Math.cos(approach));
    }
}
