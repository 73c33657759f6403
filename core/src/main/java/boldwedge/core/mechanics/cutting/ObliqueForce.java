package boldwedge.core.mechanics.cutting;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * Force of a chip on a leaning edge, as a vector: pressure square to the rake face, and friction along the chip's way on it. The chip keeps
 * what speed it has along the edge, so that it leaves the square to the edge by the inclination (Stabler's chip flow rule). With an edge
 * square to the cut it is Merchant's force circle: push over cutting force tan(β − γ).
 */
public final class ObliqueForce {
    private ObliqueForce() {}

    /**
     * The force on the tool, N.
     *
     * @param cuttingN its part along the cut, N
     * @param along unit vector along the edge
     * @param face outward normal of the rake face
     * @param cut unit vector of the work's way past the edge
     * @param outward unit vector away from the work, square to the finished surface
     * @param frictionRad friction angle on the rake face
     */
    public static Vector3D onTool(
            double cuttingN, Vector3D along, Vector3D face, Vector3D cut, Vector3D outward, double frictionRad) {
        Vector3D off = along.crossProduct(face).normalize();
        off = off.dotProduct(outward) < 0 ? off.negate() : off;
        double carried = Math.clamp(cut.dotProduct(along), -1, 1);
        Vector3D chip = new Vector3D(Math.sqrt(1 - carried * carried), off, carried, along);
        Vector3D unit = new Vector3D(-1, face, Math.tan(frictionRad), chip);
        return unit.scalarMultiply(cuttingN / unit.dotProduct(cut));
    }
}
