package boldwedge.core.mechanics.wedge;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Vector products in plain double arithmetic. The library's own compensate rounding, which a solid of a few centimetres
 * does not need, and cost several times as much.
 */
public final class Products {
    private Products() {}

    /** a · b. */
    public static double dot(Vector3D a, Vector3D b) {
        return a.getX() * b.getX() + a.getY() * b.getY() + a.getZ() * b.getZ();
    }

    /** a × b. */
    public static Vector3D cross(Vector3D a, Vector3D b) {
        return new Vector3D(
                a.getY() * b.getZ() - a.getZ() * b.getY(),
                a.getZ() * b.getX() - a.getX() * b.getZ(),
                a.getX() * b.getY() - a.getY() * b.getX());
    }
}
