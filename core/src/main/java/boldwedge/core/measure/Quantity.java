package boldwedge.core.measure;

/**
 * What kind of thing a number measures. Each has one base unit in which the core computes: millimetres, radians,
 * revolutions per minute, metres per minute, millimetres per revolution, micrometres (Ra), watts, newtons per
 * millimetre, newtons, hertz, and plain numbers.
 */
public enum Quantity {
    LENGTH("a length", "5/8, .387 in, 4 thou or 16 mm"),
    ANGLE("an angle", "11°, 11°30' or 11.5 deg"),
    SPINDLE_SPEED("a spindle speed", "300 rpm"),
    SURFACE_SPEED("a surface speed", "90 sfm or 27 m/min"),
    FEED("a feed per revolution", ".004 in/rev or 0.1 mm/rev"),
    ROUGHNESS("a surface roughness", "Ra 1.6, 63 µin or N7"),
    POWER("a power", "0.75 kW or 1 hp"),
    STIFFNESS("a stiffness", "20 N/µm or 110 lbf/thou"),
    FORCE("a force", "50 N, 5 kgf or 11 lbf"),
    FREQUENCY("a frequency", "620 Hz"),
    RATIO("a plain number", "0.8 or 80 %");

    private final String inWords;
    private final String example;

    Quantity(String inWords, String example) {
        this.inWords = inWords;
        this.example = example;
    }

    /** The quantity with its article, for sentences: "a length". */
    public String inWords() {
        return inWords;
    }

    /** What a right entry looks like. */
    public String example() {
        return example;
    }
}
