package boldwedge.core.mechanics.thread;

/**
 * The angle that a flat-faced tool really cuts, by vectors. The face slopes down from its tip by the top rake γ, the tip stands h above
 * the axis, and the tool stands out of square by ψ; the flanks are ground to ε in the face. Lengths in mm, angles in radians.
 *
 * @param groundRad angle ground in the face
 * @param rakeRad top rake, positive when the face slopes away from the tip
 * @param heightMm tip above the axis; below it negative
 * @param yawRad out of square, positive when the tip points toward the chuck
 */
public record FlankCut(double groundRad, double rakeRad, double heightMm, double yawRad) {
    /** Felt on the pitch diameter for each pitch and radian that a half angle is off, 60° (NPL: 0.0115 for each degree). */
    public static final double FELT_PER_RADIAN = 0.0115 * 180 / Math.PI;

    /**
     * Angle of the groove in the axial plane, over the flank's depth.
     *
     * @param tipRadiusMm radius at which the tip cuts
     * @param depthMm height of the flank over which it is taken
     * @param inside whether it is an inside thread, whose metal lies outward of the tool
     */
    public double cutRad(double tipRadiusMm, double depthMm, boolean inside) {
        double in = inside ? -1 : 1;
        // The tip at (x, h); a point of the edge lies u back along the face.
        double x = Math.sqrt(Math.max(0, tipRadiusMm * tipRadiusMm - heightMm * heightMm));
        double u = depthMm / Math.cos(rakeRad);
        double back = Math.hypot(x + in * u * Math.cos(rakeRad), heightMm - u * Math.sin(rakeRad));
        double rise = Math.abs(back - tipRadiusMm);
        double half = u * Math.tan(groundRad / 2);
        return 2 * Math.atan(half / rise);
    }

    /** The angle to grind so that ε is cut on centre: tan(ε'/2) = tan(ε/2) · cos γ. */
    public static double groundFor(double wantedRad, double rakeRad) {
        return 2 * Math.atan(Math.tan(wantedRad / 2) * Math.cos(rakeRad));
    }

    /**
     * How much wider the groove measures on the pitch diameter when both half angles are off by δ1, δ2: over the flank's height of
     * 5/8 H the flanks touch the gauge higher or lower (NPL: 0.0115 · P · (δ1 + δ2) in degrees, 60°). In mm on the diameter.
     */
    public static double pitchDiameterErrorMm(double pitchMm, double firstRad, double secondRad) {
        return FELT_PER_RADIAN * pitchMm * (Math.abs(firstRad) + Math.abs(secondRad));
    }
}
