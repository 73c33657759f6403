package boldwedge.core.mechanics.wedge;

import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A right-handed system of reference at the cutting edge. In hand it is the tool's own: x across the shank away from the
 * side cutting edge (towards the tailstock when turning with a right-hand tool), y along the shank towards the work, z
 * square to the base (the assumed direction of primary motion). In use z is the true direction of the resulting cut.
 *
 * <p>ISO 3002-1 planes: Pr is the xy plane, Pf the xz plane, Pp the yz plane.
 */
public record Frame(Vector3D x, Vector3D y, Vector3D z) {
    /** The tool-in-hand system. */
    public static final Frame IN_HAND = new Frame(Vector3D.PLUS_I, Vector3D.PLUS_J, Vector3D.PLUS_K);
}
