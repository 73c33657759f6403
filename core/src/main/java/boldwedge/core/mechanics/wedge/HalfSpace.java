package boldwedge.core.mechanics.wedge;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * All points p with normal · p ≤ offset.
 *
 * @param surface which surface of the bit its boundary is
 * @param normal unit vector out of the kept side
 * @param offsetMm distance of the boundary from the origin along the normal, mm
 */
public record HalfSpace(Surface surface, Vector3D normal, double offsetMm) {
    /** Signed distance of a point outside the boundary, mm. */
    double outside(Vector3D point) {
        return Products.dot(normal, point) - offsetMm;
    }
}
