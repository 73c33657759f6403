package boldwedge.core.mechanics.cutting;

import boldwedge.core.mechanics.rigidity.TSlot;
import java.util.OptionalDouble;

/**
 * The slide that a tool post or a block is bolted to, as far as it was measured.
 *
 * @param axisAboveMm spindle axis above the slide's top, mm
 * @param throatMm width of its T-slot's throat, mm
 * @param lipMm thickness of the lips, mm
 * @param headMm width of the slot under the lips, mm
 * @param chuckMm diameter of the chuck, mm
 * @param nearestMm how near its front edge comes to the axis, mm
 * @param rocksHz frequency at which post and saddle rock on it when the post is tapped, Hz
 * @param rocksDamping damping ratio of that
 */
public record Slide(
        OptionalDouble axisAboveMm,
        OptionalDouble throatMm,
        OptionalDouble lipMm,
        OptionalDouble headMm,
        OptionalDouble chuckMm,
        OptionalDouble nearestMm,
        OptionalDouble rocksHz,
        OptionalDouble rocksDamping) {
    private static final double AXIS_SHARE = 0.26;
    private static final double THROAT_SHARE = 0.045;
    private static final double LIP_SHARE = 0.04;
    private static final double HEAD_OVER_THROAT = 1.7;
    private static final double CHUCK_SHARE = 0.55;

    /** Height of the axis above the slide, mm: measured, or about a quarter of the swing. */
    public double axisAbove(double swingMm) {
        return axisAboveMm.orElse(Math.rint(AXIS_SHARE * swingMm));
    }

    /** Diameter of the chuck, mm: measured, or about half the swing. */
    public double chuck(double swingMm) {
        return chuckMm.orElse(Math.rint(CHUCK_SHARE * swingMm));
    }

    /** The T-slot: measured, or in proportion to the swing as such slides are usually made (ours; widths near ISO 299). */
    public TSlot slot(double swingMm) {
        double throat = throatMm.orElse(Math.rint(THROAT_SHARE * swingMm));
        return new TSlot(
                throat,
                lipMm.orElse(Math.rint(LIP_SHARE * swingMm)),
                headMm.orElse(Math.rint(HEAD_OVER_THROAT * throat)));
    }

    /** Whether the whole T-slot was measured. */
    public boolean slotMeasured() {
        return throatMm.isPresent() && lipMm.isPresent() && headMm.isPresent();
    }
}
