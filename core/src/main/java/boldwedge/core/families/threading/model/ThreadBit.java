package boldwedge.core.families.threading.model;

import boldwedge.core.mechanics.wedge.HalfSpace;
import boldwedge.core.mechanics.wedge.Polyhedron;
import boldwedge.core.mechanics.wedge.Surface;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A threading bit as a ground solid: x along the work's axis, away from the chuck; y toward the work, the tip at 0; z up, the tip's edge at 0.
 * mm.
 */
public final class ThreadBit {
    private static final double FRONT_RAD = Math.toRadians(10);
    private static final double LEAST_BLANK_MM = 6;
    private static final double BLANK_PITCHES = 2.5;
    private static final double LONG = 5;

    private ThreadBit() {}

    /** Side of the square blank that it is ground from, mm. */
    public static double blankMm(ThreadCut cut) {
        return Math.max(
                LEAST_BLANK_MM, Math.ceil(BLANK_PITCHES * cut.job().size().pitchMm()));
    }

    /** The bit, both flanks, tip and face ground. */
    public static Polyhedron of(ThreadCut cut) {
        double b = blankMm(cut);
        double half = cut.edge().groundRad() / 2;
        double w = cut.tip().radiusMm() > 0
                ? 2 * cut.tip().radiusMm() * Math.cos(half)
                : cut.tip().flatMm();
        double rake = cut.job().edge().rakeRad();
        boolean left = cut.job().left();
        double low = left ? cut.edge().trailingRad() : cut.edge().leadingRad();
        double high = left ? cut.edge().leadingRad() : cut.edge().trailingRad();
        return Polyhedron.box(-b / 2, b / 2, -LONG * b, 0, -b, 0)
                .cut(new HalfSpace(Surface.END_FLANK, new Vector3D(0, Math.cos(FRONT_RAD), -Math.sin(FRONT_RAD)), 0))
                .cut(flank(Surface.SIDE_FLANK, -1, half, low, w))
                .cut(flank(Surface.NOSE, 1, half, high, w))
                .cut(new HalfSpace(Surface.FACE, new Vector3D(0, -Math.sin(rake), Math.cos(rake)), 0));
    }

    /** A flank through its corner of the tip, falling away under its edge by its clearance, measured along the axis. */
    private static HalfSpace flank(Surface surface, int side, double half, double clearance, double tipWidth) {
        Vector3D normal =
                new Vector3D(side * Math.cos(half), Math.sin(half), -Math.cos(half) * Math.tan(clearance)).normalize();
        return new HalfSpace(surface, normal, normal.dotProduct(new Vector3D(side * tipWidth / 2, 0, 0)));
    }
}
