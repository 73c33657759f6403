package boldwedge.core.family;

import boldwedge.core.language.drawing.Mesh;
import boldwedge.core.language.drawing.StlWriter;
import boldwedge.core.language.drawing.ThreeMfWriter;
import java.util.List;

/**
 * A solid as a file.
 *
 * @param name what the file is called, without what tells its form
 * @param shells its bodies, each closed, millimetres
 */
public record Solid(String name, List<Mesh> shells) {
    /** It in STL. */
    public String stl() {
        return StlWriter.write(shells);
    }

    /** It in 3MF, which says its unit itself. */
    public byte[] threeMf() {
        return ThreeMfWriter.write(shells);
    }
}
