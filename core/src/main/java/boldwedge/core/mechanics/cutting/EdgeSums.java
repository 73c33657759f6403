package boldwedge.core.mechanics.cutting;

import boldwedge.core.language.stock.WorkMaterial;

/**
 * What an edge sums up to at one feed, whatever its rake: Kienzle's force along it and the part of that across the axis, its length and
 * the part of that across. A rake scales the first two (by {@link CuttingForce#rakeFactor} and {@link CuttingForce#pushRatio}),
 * the edge's own force the last two. For whoever asks for many depths and rakes.
 */
public final class EdgeSums {
    /** Parts of the nose: the error (0.2 %) is far below the force's own spread. */
    private static final int ARC_PARTS = 12;

    private final WorkMaterial work;
    private final EdgeProfile edge;
    private final ChipSection section;

    /**
     * Sums at a depth.
     *
     * @param cuttingN Σ kc1.1 h^(1−mc) ds
     * @param pushN the same times cos φ, φ from the radius
     * @param edgeMm Σ ds
     * @param acrossMm Σ cos φ ds
     * @param chipMm mean thickness of the chip
     */
    public record At(double cuttingN, double pushN, double edgeMm, double acrossMm, double chipMm) {}

    /** The edge in use at a feed in mm per revolution. */
    public EdgeSums(WorkMaterial work, EdgeProfile edge, double feedMm) {
        this.work = work;
        this.edge = edge;
        this.section = new ChipSection(edge, feedMm);
    }

    /** The sums at a depth of cut, mm. */
    public At at(double depthMm) {
        double[] sum = new double[5];
        section.share(depthMm, ARC_PARTS, edge.leading(), (chip, breadth, length, at, mark) -> {
            double force = work.kc11MPa() * Math.pow(chip, 1 - work.mc()) * breadth;
            double cos = Math.cos(at);
            sum[0] += force;
            sum[1] += force * cos;
            sum[2] += length;
            sum[3] += length * cos;
            sum[4] += chip * breadth;
        });
        return new At(sum[0], sum[1], sum[2], sum[3], sum[2] > 0 ? sum[4] / sum[2] : 0);
    }
}
