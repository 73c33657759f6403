package boldwedge.core.language.drawing;

/** The plate that every scene is laid out on, so that words have one size whatever is drawn: plate millimetres. */
public final class Plate {
    public static final double WIDTH = 100;
    public static final double HEIGHT = 74;

    private Plate() {}

    /** The scale in words: "2.4 : 1". */
    public static String scale(double platePerMm) {
        return platePerMm >= 1
                ? "drawn " + boldwedge.core.language.measure.Written.places(platePerMm, 1) + " times on the plate"
                : "drawn 1 : " + boldwedge.core.language.measure.Written.places(1 / platePerMm, 1) + " on the plate";
    }
}
