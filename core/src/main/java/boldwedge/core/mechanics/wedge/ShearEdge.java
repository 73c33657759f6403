package boldwedge.core.mechanics.wedge;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * The upright edge of a shear tool at round work: the corner between a side face that leans the other way round from a common bit's and a
 * front face that is relieved behind it. It touches the work as a tangent. {@link Frame} in hand: x along the work, away from the feed, y
 * towards the work, z up; a point of the work passes downwards. Heights count from the work's axis, up positive; mm, radians.
 *
 * @param slopeRad lean θ of the side face out of the upright, its foot ahead of its top, 0 to under π/2
 * @param frontRad relief β of the front face behind the edge, in plan
 * @param workRadiusMm radius R of the finished work
 */
public record ShearEdge(double slopeRad, double frontRad, double workRadiusMm) {
    /** How far the edge leans away from the work for each millimetre up. */
    private double lean() {
        return Math.tan(slopeRad) * Math.tan(frontRad);
    }

    /** Unit vector up along the edge. */
    public Vector3D along() {
        double side = Math.tan(slopeRad);
        return new Vector3D(side, -lean(), 1).normalize();
    }

    /** Outward normal of the side face, over which the chip goes. */
    public Vector3D face() {
        return new Vector3D(-Math.cos(slopeRad), 0, Math.sin(slopeRad));
    }

    /** Outward normal of the front face, which looks at the finished work. */
    public Vector3D front() {
        return new Vector3D(Math.sin(frontRad), Math.cos(frontRad), 0);
    }

    /** Way of the work past the edge where it touches: the circle's tangent there. */
    public Vector3D cut() {
        return new Vector3D(0, lean(), -1).normalize();
    }

    /** Away from the work's axis where it touches, unit vector. */
    public Vector3D outward() {
        return new Vector3D(0, -1, -lean()).normalize();
    }

    /** Height of the touch: where the edge, seen along the work, is parallel to the circle; below the axis wherever the front is relieved. */
    public double touchMm() {
        return -workRadiusMm * Math.sin(touchRad());
    }

    /** Radius of the arc that the edge is in the section through the work's axis, at its lowest point: r = R · (ex / et)², et its part along the circle's tangent. */
    public double arcMm() {
        double side = Math.tan(slopeRad) * Math.cos(touchRad());
        return workRadiusMm * side * side;
    }

    /** Where it touches, as an angle about the work's axis under the horizontal. */
    public double touchRad() {
        return Math.atan(lean());
    }

    /** Length of edge in the work on each side of the touch at a depth of cut: √(2 · a · R) / et. */
    public double halfInWorkMm(double depthMm) {
        return Math.sqrt(2 * depthMm * workRadiusMm) * perTangent();
    }

    /** Length of edge for each millimetre along the circle's tangent. */
    public double perTangent() {
        return 1 / Math.abs(Products.dot(along(), cut()));
    }

    /** Length of a stretch of the edge for each millimetre of height. */
    public double perHeight() {
        return 1 / along().getZ();
    }

    /** Inclination λ between the edge and the square to the cut. */
    public double inclinationRad() {
        return Math.asin(Math.min(1, Math.abs(Products.dot(along(), cut()))));
    }

    /** Normal rake γn: of the side face in the plane square to the edge, positive where it falls away from the cut. */
    public double normalRakeRad() {
        Vector3D chip = Products.cross(along(), face());
        chip = Products.dot(chip, outward()) < 0 ? chip.negate() : chip;
        return Math.asin(Products.dot(chip, cutAcross()));
    }

    /** Rake that the chip meets on its slanting way: sin γe = sin² λ + cos² λ · sin γn (Stabler, chip flow angle λ). */
    public double effectiveRakeRad() {
        double slant = Math.sin(inclinationRad()) * Math.sin(inclinationRad());
        return Math.asin(slant + (1 - slant) * Math.sin(normalRakeRad()));
    }

    /** Normal clearance αn between the front face and the finished work, in the plane square to the edge. */
    public double clearanceRad() {
        return Math.asin(Products.dot(front(), cutAcross()));
    }

    /** The part of the cut's way that is square to the edge, unit vector. */
    private Vector3D cutAcross() {
        Vector3D along = along();
        Vector3D way = cut();
        return way.subtract(Products.dot(way, along), along).normalize();
    }
}
