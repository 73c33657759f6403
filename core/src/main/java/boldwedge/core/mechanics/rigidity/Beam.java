package boldwedge.core.mechanics.rigidity;

/**
 * Closed forms for the deflection of uniform beams under one load, at the load (Euler-Bernoulli; e.g. Gere &amp;
 * Timoshenko, Mechanics of Materials, appendix on deflections of beams). Newtons, millimetres, MPa.
 */
public final class Beam {
    private Beam() {}

    /** Second moment of area of a round bar: πd⁴/64, mm⁴. */
    public static double round(double diameterMm) {
        return Math.PI * Math.pow(diameterMm, 4) / 64;
    }

    /** Second moment of area of a rectangle about its level axis: bh³/12, mm⁴. */
    public static double rectangle(double widthMm, double heightMm) {
        return widthMm * Math.pow(heightMm, 3) / 12;
    }

    /** Compliance at the load of a cantilever loaded at a from its fixed end: a³ / 3EI, mm/N. */
    public static double cantilever(double a, double ei) {
        return a * a * a / (3 * ei);
    }

    /** Extra compliance of a cantilever from shear: a / κGA with κ = 5/6 for a rectangle, mm/N. */
    public static double rectangleShear(double a, double widthMm, double heightMm, double modulusMPa) {
        double shearModulus = modulusMPa / (2 * (1 + 0.3));
        return a / (5.0 / 6.0 * shearModulus * widthMm * heightMm);
    }

    /** Compliance at the load of a bar fixed at one end and pinned at length, loaded at a: a³ b² (3a + 4b) / 12EIL³, mm/N. */
    public static double fixedPinned(double a, double length, double ei) {
        double b = length - a;
        return a * a * a * b * b * (3 * a + 4 * b) / (12 * ei * length * length * length);
    }

    /** Reaction at the pin of a bar fixed at one end and pinned at length, for a unit load at a: a² (3L − a) / 2L³. */
    public static double pinReaction(double a, double length) {
        return a * a * (3 * length - a) / (2 * length * length * length);
    }

    /** Compliance at the load of a bar pinned at both ends, loaded at a: a² b² / 3EIL, mm/N. */
    public static double pinnedPinned(double a, double length, double ei) {
        double b = length - a;
        return a * a * b * b / (3 * ei * length);
    }
}
