package boldwedge.core.language.measure;

/**
 * A drill by its name.
 *
 * @param series which series the name belongs to
 * @param name the name as stamped: "#31", "F", "19/64", "7.5 mm"
 * @param diameterMm nominal diameter in millimetres
 */
public record Drill(Series series, String name, double diameterMm) {
    /** The four series of ASME B94.11M and ISO 235. */
    public enum Series {
        NUMBER,
        LETTER,
        FRACTION,
        METRIC
    }
}
