package boldwedge.core.mechanics.rigidity;

/**
 * A plain tool shank as a cantilever out of its clamp, bent down by the cutting force.
 *
 * @param widthMm shank width, mm
 * @param heightMm shank height, mm
 * @param overhangMm from the clamp to the point, mm
 * @param modulusMPa Young's modulus of the shank, MPa
 */
public record ToolOverhang(double widthMm, double heightMm, double overhangMm, double modulusMPa) {

    /** How far the point goes down, bending and shear, mm. */
    public double drop(double cuttingN) {
        return cuttingN
                * (Beam.cantilever(overhangMm, modulusMPa * Beam.rectangle(widthMm, heightMm))
                        + Beam.rectangleShear(overhangMm, widthMm, heightMm, modulusMPa));
    }

    /** Bending stress at the clamp: 6FL / bh², MPa. */
    public double stressMPa(double cuttingN) {
        return 6 * cuttingN * overhangMm / (widthMm * heightMm * heightMm);
    }
}
