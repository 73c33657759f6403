package boldwedge.core.families.grooving.model;

/**
 * A bit in a face's groove: under its edge the groove's outer wall curves in under it, and the outer side must stand back there. The inner wall
 * curves away from the bit by itself.
 *
 * @param outerMm radius Ro of the groove's outer wall, mm
 * @param underMm how far the bit reaches under its edge within the groove, mm
 */
public record FaceSweep(double outerMm, double underMm) {
    /** How far the outer side must stand in at the bit's foot: Ro − √(Ro² − h²), mm; infinite where the wall has come round. */
    public double standsInMm() {
        return standsInMm(underMm);
    }

    /** The same at a depth under the edge. */
    public double standsInMm(double depthMm) {
        return depthMm >= outerMm
                ? Double.POSITIVE_INFINITY
                : outerMm - Math.sqrt(outerMm * outerMm - depthMm * depthMm);
    }

    /** The lean of a flat outer side that clears: to its foot, where the wall stands in most. */
    public double leanRad() {
        return Math.atan(standsInMm() / underMm);
    }

    /** Radius of the smallest groove that a bit enters whose outer side leans so: Ro = h (1 + t²) / 2t, t = tan of the lean; mm. */
    public static double smallestMm(double underMm, double leanRad) {
        double t = Math.tan(leanRad);
        return t <= 0 ? Double.POSITIVE_INFINITY : underMm * (1 + t * t) / (2 * t);
    }

    /** How far a bit may reach under its edge whose outer side stands in by so much, mm. */
    public static double mostUnderMm(double outerMm, double standsInMm) {
        double left = outerMm - standsInMm;
        return left <= 0 ? outerMm : Math.sqrt(outerMm * outerMm - left * left);
    }
}
