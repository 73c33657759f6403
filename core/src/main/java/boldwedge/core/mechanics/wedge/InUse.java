package boldwedge.core.mechanics.wedge;

import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.RotationConvention;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * How a tool stands to the work, which turns its angles in hand into angles in use (ISO 3002-1 working system). Outside
 * work: above centre the tool gains rake and loses clearance.
 *
 * @param heightMm point above (+) or below (−) the spindle axis, mm
 * @param radiusMm distance of the point from the spindle axis, mm; more than the height's size
 * @param swivelRad tool turned in the post, positive when its point swings towards the chuck
 * @param feedMm feed per revolution, mm
 * @param feeding along the axis or across it
 */
public record InUse(double heightMm, double radiusMm, double swivelRad, double feedMm, Feeding feeding) {
    /** Which way the tool is fed. */
    public enum Feeding {
        /** Along the axis towards the chuck: the side edge leads. */
        LENGTHWAYS,
        /** Across towards the axis: the end edge leads. */
        ACROSS
    }

    /** Angle by which the velocity at the point leans because of the height: asin(h / R), radians. */
    public double heightAngle() {
        return Math.asin(Math.clamp(heightMm / radiusMm, -1, 1));
    }

    /** Angle by which the feed leans the resulting cut: atan(f / 2πR), radians. */
    public double feedAngle() {
        return Math.atan(feedMm / (2 * Math.PI * radiusMm));
    }

    /** The working frame, written in the tool's own frame. */
    public Frame frame() {
        double theta = heightAngle();
        double eta = feedAngle();
        Vector3D y = new Vector3D(0, Math.cos(theta), -Math.sin(theta));
        Vector3D z = new Vector3D(0, Math.sin(theta), Math.cos(theta));
        Vector3D feed = feeding == Feeding.LENGTHWAYS ? Vector3D.MINUS_I : y;
        Vector3D cut = new Vector3D(Math.cos(eta), z, Math.sin(eta), feed);
        Vector3D along = new Vector3D(Math.cos(eta), feed, -Math.sin(eta), z);
        Frame machine = feeding == Feeding.LENGTHWAYS
                ? new Frame(along.negate(), y, cut)
                : new Frame(Vector3D.PLUS_I, along, cut);
        // The tool is turned by +swivel about z; seen from the tool the machine is turned by −swivel.
        Rotation turn = new Rotation(Vector3D.PLUS_K, -swivelRad, RotationConvention.VECTOR_OPERATOR);
        return new Frame(turn.applyTo(machine.x()), turn.applyTo(machine.y()), turn.applyTo(machine.z()));
    }
}
