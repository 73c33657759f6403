package boldwedge.core.language.stock;

import java.util.Optional;

/**
 * A tool blank as bought.
 *
 * @param id key in the tables and the API
 * @param name as asked for over a counter
 * @param toolMaterial id of the material of the cutting end
 * @param widthMm width of the shank
 * @param heightMm height of the shank
 * @param lengthMm whole length as bought
 * @param tip the brazed tip, if it has one
 * @param bought the angles it is bought with, if it is not a plain square bar
 * @param source citations, joined
 */
public record Blank(
        String id,
        String name,
        String toolMaterial,
        double widthMm,
        double heightMm,
        double lengthMm,
        Optional<Tip> tip,
        Optional<BoughtAngles> bought,
        String source) {

    /** A brazed tip: along the side edge, across, and thick; millimetres. */
    public record Tip(double lengthMm, double widthMm, double thicknessMm) {}

    /** Angles as bought, in the older American signature, radians. */
    public record BoughtAngles(
            double backRake, double sideRake, double endRelief, double sideRelief, double endEdge, double sideEdge) {}
}
