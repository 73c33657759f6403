package boldwedge.core.language.drawing;

import boldwedge.core.language.measure.Written;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** Writes shells as an ASCII STL file in millimetres, a solid each. */
public final class StlWriter {
    private StlWriter() {}

    /** The shells as one file. */
    public static String write(List<Mesh> shells) {
        StringBuilder out = new StringBuilder(1 << 14);
        for (Mesh shell : shells) {
            out.append("solid ").append(shell.name()).append('\n');
            for (Mesh.Triangle triangle : shell.triangles()) {
                if (isNothing(triangle)) {
                    continue;
                }
                out.append("facet normal ").append(vector(triangle.normal())).append("\nouter loop\n");
                for (Vector3D corner : List.of(triangle.a(), triangle.b(), triangle.c())) {
                    out.append("vertex ").append(vector(corner)).append('\n');
                }
                out.append("endloop\nendfacet\n");
            }
            out.append("endsolid ").append(shell.name()).append('\n');
        }
        return out.toString();
    }

    private static String vector(Vector3D v) {
        Vector3D plain = written(v);
        return Written.words("%.6f %.6f %.6f", plain.getX(), plain.getY(), plain.getZ());
    }

    /** Whether two of its corners are one in a file: its neighbours meet without it. */
    static boolean isNothing(Mesh.Triangle triangle) {
        Vector3D a = written(triangle.a());
        Vector3D b = written(triangle.b());
        Vector3D c = written(triangle.c());
        return a.equals(b) || b.equals(c) || c.equals(a);
    }

    /** A corner as it stands in a file. */
    static Vector3D written(Vector3D v) {
        return new Vector3D(plain(v.getX()), plain(v.getY()), plain(v.getZ()));
    }

    /** To six places, and never −0: a corner written in two ways would open the shell. */
    private static double plain(double mm) {
        // By way of nine places: a corner that is reached in two ways differs in its last bits, and may stand half way
        // between two.
        return Math.rint(Math.rint(mm * 1e9) / 1e3) / 1e6 + 0.0;
    }
}
