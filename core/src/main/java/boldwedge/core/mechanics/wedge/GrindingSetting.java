package boldwedge.core.mechanics.wedge;

import boldwedge.core.language.words.Worded;
import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * How a bit lies on a tilting rest with a protractor fence so that a plane comes out as specified. The wheel's axis is
 * level and points at the rest; the bit lies on one of its sides with its shank against the fence.
 *
 * @param down the side of the bit that lies on the rest
 * @param tiltRad tilt of the rest, its wheel side up, radians; never negative
 * @param swingRad angle in the rest's plane from the wheel's axis to the shank, radians: 0 points the bit straight into
 *     the wheel, 90° lays its side along the wheel; positive turns the point to the left seen from above the rest
 */
public record GrindingSetting(Down down, double tiltRad, double swingRad) {
    /** The side that lies on the rest. */
    public enum Down implements Worded {
        BASE(Vector3D.PLUS_K),
        RIGHT_SIDE(Vector3D.MINUS_I),
        LEFT_SIDE(Vector3D.PLUS_I);
        private final Vector3D up;

        Down(Vector3D up) {
            this.up = up;
        }

        /** The tool's direction that is up from the rest. */
        public Vector3D up() {
            return up;
        }
    }

    /**
     * The setting that grinds a plane with this outward normal: the tilt lifts the normal to the level of the wheel's axis,
     * the swing turns it onto the axis. For a compound angle the tilt is not the relief that was specified; that is the
     * reason to compute it.
     *
     * @param face whether it is the rake face, which is ground with the bit on its side
     */
    public static GrindingSetting of(Vector3D normal, boolean face) {
        Down down = Down.BASE;
        if (face) {
            down = normal.getX() >= 0 ? Down.RIGHT_SIDE : Down.LEFT_SIDE;
        }
        Vector3D up = down.up();
        Vector3D across = Products.cross(Vector3D.PLUS_J, up);
        double tilt = Math.asin(Math.clamp(-Products.dot(normal, up), -1, 1));
        double swing = Math.atan2(Products.dot(normal, across), Products.dot(normal, Vector3D.PLUS_J));
        return new GrindingSetting(down, tilt, swing);
    }

    /** The outward normal, in the tool's frame, of the plane that this setting grinds: the check on {@link #of}. */
    public Vector3D groundNormal() {
        // Work on the rest: axes across, shank, up; wheel axis along +y of the machine before swing and tilt.
        Vector3D up = down.up();
        Vector3D across = Products.cross(Vector3D.PLUS_J, up);
        Rotation tilted = new Rotation(Vector3D.PLUS_I, tiltRad, RotationConvention.VECTOR_OPERATOR);
        Rotation swung = new Rotation(Vector3D.PLUS_K, swingRad, RotationConvention.VECTOR_OPERATOR);
        Rotation toMachine = tilted.applyTo(swung);
        Vector3D onRest = toMachine.applyInverseTo(Vector3D.PLUS_J);
        return new Vector3D(onRest.getX(), across, onRest.getY(), Vector3D.PLUS_J, onRest.getZ(), up);
    }
}
