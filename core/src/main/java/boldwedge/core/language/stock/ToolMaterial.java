package boldwedge.core.language.stock;

/**
 * What the cutting edge is made of.
 *
 * @param id key in the tables and the API
 * @param name in words
 * @param family which recommended angles hold
 * @param hardness in words with its scale
 * @param modulusMPa Young's modulus, MPa
 * @param densityGramPerCm3 density, g/cm³
 * @param edgeRadiusMm radius of the cutting edge, mm: stoned, as ground, a little worn
 * @param pressAlong the edge's own force along the cut in steel, N per mm of edge: stoned, as ground, worn
 * @param pressAcross the same square to the edge
 * @param minimumChipShare smallest chip that is shaved rather than rubbed, as a share of the edge radius
 * @param taylorExponent n in Taylor's v·Tⁿ = C
 * @param wheel the grinding wheel for it
 * @param failure how it fails
 * @param caution what can hurt when it is ground
 * @param source citations, joined
 */
public record ToolMaterial(
        String id,
        String name,
        Family family,
        String hardness,
        double modulusMPa,
        double densityGramPerCm3,
        Span edgeRadiusMm,
        Span pressAlong,
        Span pressAcross,
        Span minimumChipShare,
        double taylorExponent,
        String wheel,
        String failure,
        String caution,
        String source) {

    /** Whether it is carbide of any kind. */
    public boolean isCarbide() {
        return family == Family.CARBIDE;
    }

    /** Families that share recommended angles. */
    public enum Family {
        HSS,
        CARBIDE
    }
}
