package boldwedge.core.language.stock;

/**
 * What a boring bar is made of.
 *
 * @param id key in the tables and the API
 * @param name in words
 * @param modulusMPa Young's modulus, MPa
 * @param densityGramPerCm3 density, g/cm³
 * @param yieldMPa stress it bears before it stays bent or breaks, MPa
 * @param damping damping ratio of the first mode as clamped in a tool post, an assumption until it is measured
 * @param ruleOfThumb overhang in diameters at which a school expects chatter
 * @param hard whether it is hardened
 * @param note what to know of it
 * @param source citations, joined
 */
public record BarMaterial(
        String id,
        String name,
        double modulusMPa,
        double densityGramPerCm3,
        double yieldMPa,
        Span damping,
        double ruleOfThumb,
        boolean hard,
        String note,
        String source) {}
