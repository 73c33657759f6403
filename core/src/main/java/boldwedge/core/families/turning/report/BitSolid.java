package boldwedge.core.families.turning.report;

import boldwedge.core.families.turning.model.TurningCut;
import boldwedge.core.language.drawing.Mesh;
import boldwedge.core.language.drawing.StlWriter;
import boldwedge.core.mechanics.wedge.GroundBit;
import boldwedge.core.mechanics.wedge.Polyhedron;
import java.util.List;

/** The ground bit as a solid for a file: its nose rounder than it is drawn. */
public final class BitSolid {
    /** Planes that stand for the nose: a right angle in steps of two degrees. */
    static final int NOSE_PLANES = 48;

    private BitSolid() {}

    /** The bit as STL, head and shank. */
    public static String stl(TurningCut cut) {
        GroundBit bit = GroundBit.grind(
                cut.job().blank(),
                cut.wedge(),
                cut.bit().groundLengthMm(),
                cut.job().damageMm(),
                cut.job().order(),
                NOSE_PLANES);
        return StlWriter.write(List.of(mesh("head", bit.head()), mesh("shank", bit.shank())));
    }

    private static Mesh mesh(String name, Polyhedron solid) {
        return Mesh.faceted(
                name, solid.facets().stream().map(Polyhedron.Facet::corners).toList());
    }
}
