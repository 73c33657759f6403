package boldwedge.core.mechanics.rigidity;

import java.util.List;

/**
 * How a force at a tool's point comes down to the slide through what stands on it and is bolted to it. In front the cut
 * presses the point down and tips the block over its front edge; behind, with the tool upside down, it lifts the point and
 * tips the block over its back edge.
 *
 * @param tippingArmMm from the edge it tips over to the point, mm; 0 or less in front when the point stands over the block
 * @param boltArmsMm from the same edge to each bolt, mm
 * @param lifts whether the force lifts (behind) rather than presses (in front)
 */
public record PostLoad(double tippingArmMm, List<Double> boltArmsMm, boolean lifts) {
    public PostLoad {
        boltArmsMm = List.copyOf(boltArmsMm);
    }

    /** In front: tips over the front edge, which the point overhangs. */
    public static PostLoad front(double overhangMm, List<Double> boltsFromFrontMm) {
        return new PostLoad(overhangMm, boltsFromFrontMm, false);
    }

    /** Behind: tips over the back edge. */
    public static PostLoad behind(double overhangMm, double lengthMm, List<Double> boltsFromFrontMm) {
        return new PostLoad(
                overhangMm + lengthMm,
                boltsFromFrontMm.stream().map(bolt -> lengthMm - bolt).toList(),
                true);
    }

    /**
     * Pull of the hardest-pulled bolt per newton at the point, beyond what is there at rest: the bolts stretch as they stand
     * from the edge, T_i = F · e · b_i / Σ b². A block that stands under the point is only pressed.
     */
    public double boltPullPerN() {
        if (tippingArmMm <= 0) {
            return 0;
        }
        return tippingArmMm * farthestMm() / squaresMm2();
    }

    /** Sum of the squares of the bolts' distances from the edge, mm². */
    public double squaresMm2() {
        return boltArmsMm.stream().mapToDouble(b -> b * b).sum();
    }

    /** From the edge to the farthest bolt, which is pulled hardest, mm. */
    public double farthestMm() {
        return boltArmsMm.stream().mapToDouble(b -> b).max().orElse(0);
    }

    /** Pull of all bolts together per newton at the point. */
    public double allBoltsPerN() {
        if (tippingArmMm <= 0) {
            return 0;
        }
        return tippingArmMm * boltArmsMm.stream().mapToDouble(b -> b).sum() / squaresMm2();
    }

    /** Force of the edge it tips over on the slide per newton at the point: what balances force and bolts. */
    public double edgePressPerN() {
        return allBoltsPerN() + (lifts ? -1 : 1);
    }
}
