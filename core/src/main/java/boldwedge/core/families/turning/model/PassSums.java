package boldwedge.core.families.turning.model;

import boldwedge.core.mechanics.cutting.EdgePress;
import boldwedge.core.mechanics.cutting.EdgeSums;

/**
 * The sums along an edge in a pass that no rake changes; what the chip presses is yet to be scaled by the rake.
 *
 * @param nose nose radius, mm
 * @param lead lead angle, radians
 * @param depth of the pass, mm
 * @param feed mm/rev
 * @param cutting force of the chip along the speed at no rake, N
 * @param push force of the chip out of the work at no rake, N
 * @param growth of that push by the depth, N/mm
 * @param along force of the edge itself along the speed, N
 * @param across force of the edge itself out of the work, N
 * @param acrossGrowth of that by the depth, N/mm
 * @param ra finish that is likely measured, mm
 * @param chip mean thickness of the chip, mm
 */
record PassSums(
        double nose,
        double lead,
        double depth,
        double feed,
        double cutting,
        double push,
        double growth,
        double along,
        double across,
        double acrossGrowth,
        double ra,
        double chip) {
    static PassSums of(EdgePress press, EdgeSums sums, double nose, double lead, double depth, double feed, double ra) {
        EdgeSums.At at = sums.at(depth);
        EdgeSums.At less = sums.at(0.9 * depth);
        return new PassSums(
                nose,
                lead,
                depth,
                feed,
                at.cuttingN(),
                at.pushN(),
                (at.pushN() - less.pushN()) / (0.1 * depth),
                press.alongNPerMm() * at.edgeMm(),
                press.acrossNPerMm() * at.acrossMm(),
                press.acrossNPerMm() * (at.acrossMm() - less.acrossMm()) / (0.1 * depth),
                ra,
                at.chipMm());
    }
}
