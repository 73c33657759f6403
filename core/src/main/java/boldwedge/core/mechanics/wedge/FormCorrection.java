package boldwedge.core.mechanics.wedge;

/**
 * The profile of a flat form bit against that of its work. Its face leans by the rake from the point that cuts the smallest radius, so that every
 * other point lies under the work's axis: what is deep in the work is shorter on the bit. The smallest radius is cut at centre height. mm,
 * radians.
 *
 * @param smallestMm smallest radius r1 of the work
 * @param rakeRad rake γ, 0 to under π/2
 * @param clearanceRad clearance α at the smallest radius
 */
public record FormCorrection(double smallestMm, double rakeRad, double clearanceRad) {
    /** How far the face passes under the work's axis: h = r1 · sin γ. */
    public double underMm() {
        return smallestMm * Math.sin(rakeRad);
    }

    /** Along the face, from the point of the smallest radius to that of another: T = √(r² − h²) − r1 · cos γ. */
    public double alongFaceMm(double radiusMm) {
        double h = underMm();
        return Math.sqrt(radiusMm * radiusMm - h * h) - smallestMm * Math.cos(rakeRad);
    }

    /** The same square to the flank, as a wheel is set: P = T · cos(γ + α). */
    public double acrossFlankMm(double radiusMm) {
        return alongFaceMm(radiusMm) * Math.cos(rakeRad + clearanceRad);
    }

    /** Radius that a face cuts whose profile is so long from the smallest radius: r = √((T + r1 · cos γ)² + h²). */
    public double cutsMm(double alongFaceMm) {
        return Math.hypot(alongFaceMm + smallestMm * Math.cos(rakeRad), underMm());
    }

    /** By how much the radius comes out larger where the work's own profile is ground into the face, mm; below 0 smaller. */
    public double uncorrectedMm(double radiusMm) {
        return cutsMm(radiusMm - smallestMm) - radiusMm;
    }

    /** What is left of the clearance where the profile's tangent stands so to the axis: tan αn = tan α · cos ψ. */
    public double clearanceRad(double tangentRad) {
        return Math.atan(Math.tan(clearanceRad) * Math.abs(Math.cos(tangentRad)));
    }
}
