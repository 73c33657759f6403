package boldwedge.core.mechanics.rigidity;

/**
 * The T-slot of a slide.
 *
 * @param throatMm width of its throat, mm
 * @param lipMm thickness of the lips over the nut, mm
 * @param headMm width below the lips, mm
 */
public record TSlot(double throatMm, double lipMm, double headMm) {
    /** Tensile strength of a slide's grey cast iron, MPa (EN 1561, GJL-200). */
    public static final double IRON_MPA = 200;

    /**
     * Greatest tension in a lip, MPa, when a bolt pulls a nut up against both: each lip is a cantilever from the wall of the
     * slot, loaded by half the pull at the middle of what it covers of the nut; the load spreads at 45° along the slot. Bending
     * 6 (T/2) a / b t² with 1.5 (T/2) / b t of shear gives the principal tension. Our model, without the stress at the corner.
     *
     * @param pullN pull of the bolt, N
     * @param nutMm length of its nut along the slot, mm
     */
    public double lipMPa(double pullN, double nutMm) {
        double arm = (headMm - throatMm) / 4;
        double along = nutMm + 2 * arm;
        double bending = 3 * pullN * arm / (along * lipMm * lipMm);
        double shear = 0.75 * pullN / (along * lipMm);
        return bending / 2 + Math.hypot(bending / 2, shear);
    }
}
