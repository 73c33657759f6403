package boldwedge.core.wedge;

import java.util.Locale;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** Writes a ground bit as ASCII STL, millimetres: head and shank as two closed shells that share the step's plane. */
public final class StlWriter {
    private StlWriter() {}

    /** The bit as one STL file. */
    public static String write(GroundBit bit) {
        StringBuilder out = new StringBuilder(1 << 14);
        shell(out, "head", bit.head());
        shell(out, "shank", bit.shank());
        return out.toString();
    }

    private static void shell(StringBuilder out, String name, Polyhedron solid) {
        out.append("solid ").append(name).append('\n');
        for (Polyhedron.Facet facet : solid.facets()) {
            for (int i = 1; i + 1 < facet.corners().size(); i++) {
                out.append("facet normal ").append(vector(facet.normal())).append("\nouter loop\n");
                out.append("vertex ").append(vector(facet.corners().get(0))).append('\n');
                out.append("vertex ").append(vector(facet.corners().get(i))).append('\n');
                out.append("vertex ").append(vector(facet.corners().get(i + 1))).append('\n');
                out.append("endloop\nendfacet\n");
            }
        }
        out.append("endsolid ").append(name).append('\n');
    }

    private static String vector(Vector3D v) {
        return String.format(Locale.ROOT, "%.6f %.6f %.6f", v.getX(), v.getY(), v.getZ());
    }
}
