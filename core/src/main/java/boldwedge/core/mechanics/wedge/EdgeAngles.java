package boldwedge.core.mechanics.wedge;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * The angles at one cutting edge in one frame, radians, by ISO 3002-1.
 *
 * @param approach κr between the edge's projection on Pr and the feed plane; for the end edge κr'
 * @param inclination λs, positive when the edge falls back from the point
 * @param orthogonalRake γo in the plane square to the edge's projection
 * @param normalRake γn in the plane square to the edge
 * @param orthogonalClearance αo
 * @param normalClearance αn
 */
public record EdgeAngles(
        double approach,
        double inclination,
        double orthogonalRake,
        double normalRake,
        double orthogonalClearance,
        double normalClearance) {

    /** Wedge angle βn = 90° − αn − γn: what is left of the tool behind the edge, in the plane square to it. */
    public double normalWedge() {
        return Math.PI / 2 - normalClearance - normalRake;
    }

    /**
     * Measures an edge.
     *
     * @param face outward normal of the rake face
     * @param flank outward normal of the flank
     * @param along direction of the edge, leading away from the point
     * @param inward a direction from the edge into the tool, roughly
     * @param frame the frame to measure in
     */
    static EdgeAngles measure(Vector3D face, Vector3D flank, Vector3D along, Vector3D inward, Frame frame) {
        double ex = Products.dot(along, frame.x());
        double ey = Products.dot(along, frame.y());
        double ez = Products.dot(along, frame.z());
        double flat = Math.hypot(ex, ey);
        // Square to the edge's projection, in Pr, pointing into the tool.
        Vector3D square = new Vector3D(-ey / flat, frame.x(), ex / flat, frame.y());
        if (Products.dot(square, inward) < 0) {
            square = square.negate();
        }
        Vector3D up = Products.cross(square, along).normalize();
        if (Products.dot(up, frame.z()) < 0) {
            up = up.negate();
        }
        // atan2 keeps the sense when a clearance has turned negative in use.
        double facing = Products.dot(face, square);
        double behind = -Products.dot(flank, square);
        return new EdgeAngles(
                Math.atan2(-ey, -ex),
                Math.atan2(-ez, flat),
                Math.atan2(facing, Products.dot(face, frame.z())),
                Math.atan2(facing, Products.dot(face, up)),
                Math.atan2(-Products.dot(flank, frame.z()), behind),
                Math.atan2(-Products.dot(flank, up), behind));
    }
}
