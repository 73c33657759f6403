package boldwedge.core.mechanics.wedge;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * The order of grinding and, for each surface, how the bit lies at the wheel and what comes off.
 *
 * @param passes in the order of work
 * @param regrindsLeft how often it can be touched up before it is too short to hold, or its tip is used up
 * @param regrindWords what that number rests on
 */
public record GrindingPlan(List<Pass> passes, int regrindsLeft, String regrindWords) {
    /** Stock taken off the end at a usual touch-up, mm: enough to get under the wear land. */
    public static final double TOUCH_UP_MM = 0.3;

    /**
     * One surface.
     *
     * @param surface which
     * @param setting how the bit lies
     * @param hollow what the wheel leaves
     * @param clearanceRad angle set, at the chord: the surface's own angle square to its edge, radians
     * @param removedMm3 volume it takes off
     * @param depthMm deepest stock, square to the surface
     */
    public record Pass(
            Surface surface,
            GrindingSetting setting,
            Hollow hollow,
            double clearanceRad,
            double removedMm3,
            double depthMm) {
        /** Clearance (or rake, for the face) at the very edge, with the hollow, radians. */
        public double atEdgeRad() {
            return clearanceRad + hollow.leanAtEdge();
        }
    }

    /**
     * Plans the grinding of a bit.
     *
     * @param bit the bit, which carries its order of faces
     * @param wheelRadiusMm radius of the wheel's periphery, or infinite for a flat cup side
     * @param gripMm length of shank the holder needs, mm
     * @param overhangMm how far it stands out, mm
     */
    public static GrindingPlan of(GroundBit bit, double wheelRadiusMm, double gripMm, double overhangMm) {
        List<Pass> passes = new ArrayList<>();
        Surface before = null;
        for (HalfSpace plane : bit.planes()) {
            if (plane.surface() == before || plane.surface() == Surface.NOSE) {
                continue;
            }
            before = plane.surface();
            passes.add(pass(bit, plane.surface(), plane.normal(), wheelRadiusMm));
        }
        if (bit.wedge().noseRadiusMm() > 0) {
            // The nose is rolled from flank to flank; its middle stands for it.
            Vector3D[] nose = bit.wedge().noseFlanks(3);
            passes.add(pass(bit, Surface.NOSE, nose[1], Double.POSITIVE_INFINITY));
        }
        double byLength = bit.blank().lengthMm() - bit.shortenedMm() - gripMm - overhangMm;
        double byTip = bit.blank()
                .tip()
                .map(tip -> tip.lengthMm() / 2 - bit.shortenedMm())
                .orElse(Double.MAX_VALUE);
        int left = (int) Math.max(0, Math.floor(Math.min(byLength, byTip) / TOUCH_UP_MM));
        String words = byTip < byLength
                ? "until half of the tip's length is ground away"
                : "until the shank is too short for its grip and its overhang";
        return new GrindingPlan(List.copyOf(passes), left, words);
    }

    private static Pass pass(GroundBit bit, Surface surface, Vector3D normal, double wheelRadiusMm) {
        boolean face = surface == Surface.FACE;
        GrindingSetting setting = GrindingSetting.of(normal, face);
        double height = bit.heightOf(surface, setting.down().up());
        EdgeAngles side = bit.wedge().sideAngles(Frame.IN_HAND);
        double angle = switch (surface) {
            case FACE -> side.orthogonalRake();
            case SIDE_FLANK -> side.orthogonalClearance();
            case END_FLANK -> bit.wedge().endAngles(Frame.IN_HAND).orthogonalClearance();
            default -> setting.tiltRad();
        };
        return new Pass(
                surface,
                setting,
                new Hollow(height, wheelRadiusMm),
                angle,
                bit.removedMm3().getOrDefault(surface, 0.0),
                bit.depthMm().getOrDefault(surface, 0.0));
    }
}
