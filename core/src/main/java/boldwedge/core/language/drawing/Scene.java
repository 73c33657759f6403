package boldwedge.core.language.drawing;

import java.util.List;

/**
 * A drawing as data, in millimetres, painted in the order given. The page draws it, {@link SceneSvg} exports the same.
 *
 * @param id stable name
 * @param title what it shows
 * @param left least x
 * @param bottom least y
 * @param width extent in x
 * @param height extent in y
 * @param scale plate millimetres per millimetre of the thing, where all of it has one scale; else 0
 * @param scaleNote how the scale reads ("to scale", "side {1.77}": see {@link Plate#scale})
 * @param strokes lines and areas
 * @param labels words, dimensions among them
 */
public record Scene(
        String id,
        String title,
        double left,
        double bottom,
        double width,
        double height,
        double scale,
        String scaleNote,
        List<Stroke> strokes,
        List<Label> labels) {
    /** Its name and frame alone, where it has been sent already. */
    public Scene bare() {
        return new Scene(id, title, left, bottom, width, height, scale, scaleNote, List.of(), List.of());
    }
}
