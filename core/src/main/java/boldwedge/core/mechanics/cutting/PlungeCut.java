package boldwedge.core.mechanics.cutting;

import boldwedge.core.language.stock.WorkMaterial;

/**
 * Force on a straight edge that is fed square to itself into the work over its whole width: parting, grooving, recessing.
 *
 * @param cuttingN along the cutting speed, N
 * @param thrustN against the feed, N; below 0 the tool is drawn in
 * @param sideN along the work's axis because the edge has a lead, N; positive away from the side that leads
 * @param directionalNPerMm growth of the thrust per mm that the edge moves in, N/mm
 */
public record PlungeCut(double cuttingN, double thrustN, double sideN, double directionalNPerMm) {

    /**
     * Works out the force by Kienzle's law: h = f cos ψ, b = w / cos ψ, F = kc1.1 · Kγ · b · h^(1 − mc); the thrust on the edge is
     * F tan(β − γ), of which cos ψ goes against the feed and sin ψ to the side. The edge's own force stays the same whatever the feed.
     *
     * @param work the material
     * @param press the edge's own force
     * @param normalRake rake in use, radians
     * @param widthMm width of the cut, mm
     * @param feedMm feed per revolution, mm
     * @param leadRad lead ψ of the edge, radians
     */
    public static PlungeCut of(
            WorkMaterial work, EdgePress press, double normalRake, double widthMm, double feedMm, double leadRad) {
        if (widthMm <= 0 || feedMm <= 0) {
            return new PlungeCut(0, 0, 0, 0);
        }
        double cos = Math.cos(leadRad);
        double chip = feedMm * cos;
        double edge = widthMm / cos;
        double force =
                work.kc11MPa() * CuttingForce.rakeFactor(work, normalRake) * edge * Math.pow(chip, 1 - work.mc());
        double ratio = CuttingForce.pushRatio(work, normalRake);
        double slope = (1 - work.mc())
                * work.kc11MPa()
                * Math.pow(Math.max(chip, CuttingForce.THIN_CHIP_MM), -work.mc())
                * CuttingForce.rakeFactor(work, normalRake)
                * edge;
        double thrust = force * ratio + press.acrossNPerMm() * edge;
        return new PlungeCut(
                force + press.alongNPerMm() * edge,
                thrust * cos,
                thrust * Math.sin(leadRad),
                slope * Math.max(0, ratio) * cos * cos);
    }

    /** Power at the edge, W: force in N times surface speed in m/min over 60. */
    public double powerWatt(double surfaceSpeed) {
        return cuttingN * surfaceSpeed / 60;
    }

    /** How far work and tool spring apart under the thrust, mm, where they give so much for a newton. */
    public double springMm(double giveMmPerN) {
        return Math.max(0, thrustN) * giveMmPerN;
    }

    /** Share of what is left standing that each turn without feed leaves: D g / (1 + D g), the balance of push and spring. */
    public double leftByATurn(double giveMmPerN) {
        double growth = directionalNPerMm * giveMmPerN;
        return growth / (1 + growth);
    }

    /** What stands after so many turns without feed, mm. */
    public double leftMm(double giveMmPerN, int turns) {
        return springMm(giveMmPerN) * Math.pow(leftByATurn(giveMmPerN), turns);
    }
}
