package boldwedge.core.planning;

import boldwedge.core.language.drawing.DxfOutline;
import boldwedge.core.language.measure.Written;

/**
 * The outline of a drawing as it would be typed into a field: corners from left to right, each along the axis and the diameter there, behind an
 * arc its radius.
 */
public final class TypedOutline {
    private static final int PLACES = 3;

    private TypedOutline() {}

    /** A drawing's outline, in millimetres: along from its left end, its heights the work's radii. */
    public static String of(DxfOutline outline) {
        StringBuilder text = new StringBuilder();
        double from = outline.vertices().getFirst().x();
        double arc = 0;
        for (DxfOutline.Vertex vertex : outline.vertices()) {
            if (!text.isEmpty()) {
                text.append("; ");
            }
            text.append(mm(vertex.x() - from)).append(' ').append(mm(2 * vertex.y()));
            if (arc != 0) {
                text.append(" r").append(mm(arc));
            }
            arc = vertex.arcMm();
        }
        return text.toString();
    }

    private static String mm(double value) {
        String text = Written.places(value, PLACES);
        return (text.contains(".") ? text.replaceAll("0+$", "").replaceAll("\\.$", "") : text) + " mm";
    }
}
