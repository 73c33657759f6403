package boldwedge.core.rule;

import boldwedge.core.language.drawing.Mesh;
import boldwedge.core.language.drawing.OneBody;
import boldwedge.core.mechanics.wedge.GroundBit;
import boldwedge.core.mechanics.wedge.Polyhedron;
import java.util.List;

/** A ground bit as a solid for a file: one body, its nose rounder than it is drawn. */
public final class BitSolid {
    /** Planes that stand for the nose: a right angle in steps of two degrees. */
    public static final int NOSE_PLANES = 48;

    private BitSolid() {}

    /** The bit’s shells, head and shank in one. */
    public static List<Mesh> shells(GroundBit bit) {
        return List.of(OneBody.of("bit", List.of(faces(bit.head()), faces(bit.shank()))));
    }

    /** What bounds a piece. */
    public static List<OneBody.Face> faces(Polyhedron piece) {
        return piece.facets().stream()
                .filter(facet -> facet.corners().size() > 2)
                .map(facet -> new OneBody.Face(facet.normal(), facet.corners()))
                .toList();
    }
}
