package boldwedge.core.language.stock;

/**
 * A blade for parting and grooving, as bought.
 *
 * @param id key in the tables and the API
 * @param name as asked for over a counter
 * @param section what it looks like from its end
 * @param tool what its edge is made of
 * @param topMm width at the top, where it cuts
 * @param bottomMm width at the bottom; of the steel that carries an insert
 * @param heightMm height
 * @param stemMm width below the head of a T; side of the square bit that a ground tip grows from
 * @param headMm height of the head of a T
 * @param lengthMm whole length
 * @param deepestMm how deep an insert's blade may go; 0 as far as it is long
 * @param bearsMPa bending stress at which it breaks or stays bent, MPa
 * @param source citations, joined
 */
public record Blade(
        String id,
        String name,
        Section section,
        ToolMaterial tool,
        double topMm,
        double bottomMm,
        double heightMm,
        double stemMm,
        double headMm,
        double lengthMm,
        double deepestMm,
        double bearsMPa,
        String source) {

    /** Modulus of the steel that carries an insert (Shigley, 207 GPa). */
    private static final double STEEL_MPA = 207_000;

    /** How a blade looks from its end. */
    public enum Section {
        PARALLEL,
        TAPERED,
        TEE,
        GROUND,
        INSERT
    }

    /** Whether one holds in what holds the other: slabs of whatever section stand alike. */
    public boolean standsInsteadOf(Blade other) {
        return section == other.section || (isSlab() && other.isSlab());
    }

    private boolean isSlab() {
        return section != Section.GROUND && section != Section.INSERT;
    }

    /** As a blank of its edge's material, for the tables of angles. */
    public Blank asBlank() {
        return new Blank(
                id,
                name,
                tool.id(),
                topMm,
                heightMm,
                lengthMm,
                java.util.Optional.empty(),
                java.util.Optional.empty(),
                source);
    }

    /** Modulus of what bends, MPa: the blade of an insert is steel. */
    public double modulusMPa() {
        return section == Section.INSERT ? STEEL_MPA : tool.modulusMPa();
    }

    /** Width of what stands in the holder, mm. */
    public double heldMm() {
        return section == Section.GROUND ? stemMm : section == Section.INSERT ? bottomMm : topMm;
    }

    /** Angle by which each side falls away from the top down, radians; 0 for parallel sides. */
    public double sideTaperRad() {
        return section == Section.TAPERED ? Math.atan((topMm - bottomMm) / 2 / heightMm) : 0;
    }
}
