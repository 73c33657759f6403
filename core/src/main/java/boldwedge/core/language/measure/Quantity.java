package boldwedge.core.language.measure;

/**
 * What kind of thing a number measures. Each has one base unit in which the core computes: millimetres, radians,
 * revolutions per minute, metres per minute, millimetres per revolution, micrometres (Ra), watts, newtons per
 * millimetre, newton millimetres per radian, newtons, hertz, megapascals, newton metres, millimetres per newton, mm², mm³, mm⁴, grams, minutes, cm³ per minute,
 * degrees Celsius, Rockwell C, and plain numbers.
 */
public enum Quantity {
    LENGTH("a length", "5/8, .387 in, 4 thou or 16 mm", "mm"),
    ANGLE("an angle", "11°, 11°30' or 11.5 deg", "rad"),
    SPINDLE_SPEED("a spindle speed", "300 rpm", "rpm"),
    SURFACE_SPEED("a surface speed", "90 sfm or 27 m/min", "m/min"),
    FEED("a feed per revolution", ".004 in/rev or 0.1 mm/rev", "mm/rev"),
    ROUGHNESS("a surface roughness", "Ra 1.6, 63 µin or N7", "µm"),
    PROFILE_HEIGHT("a height of a profile", "3.2 µm or 126 µin", "µm"),
    POWER("a power", "0.75 kW or 1 hp", "W"),
    STIFFNESS("a stiffness", "20 N/µm or 110 lbf/thou", "N/mm"),
    TILT_STIFFNESS("a stiffness against turning", "100 kN·m/rad or 74 kip·ft/rad", "N·mm/rad"),
    FORCE("a force", "50 N, 5 kgf or 11 lbf", "N"),
    FREQUENCY("a frequency", "620 Hz", "Hz"),
    STRESS("a stress", "400 MPa or 58 ksi", "MPa"),
    TORQUE("a torque", "12 N·m or 9 lbf·ft", "N·m"),
    COMPLIANCE("a give", "0.05 µm/N or 9 µin/lbf", "mm/N"),
    TILT("a tilt under a force", "2 µrad/N", "rad/N"),
    AREA("an area", "2 mm² or 0.003 in²", "mm²"),
    VOLUME("a volume", "12 cm³ or 0.7 in³", "mm³"),
    SECOND_MOMENT("a second moment of area", "490 mm⁴", "mm⁴"),
    MASS("a mass", "40 g or 1.4 oz", "g"),
    TIME("a time", "90 s or 1.5 min", "min"),
    REMOVAL_RATE("a rate of removal", "6 cm³/min or 0.4 in³/min", "cm³/min"),
    TEMPERATURE("a temperature", "820 °C or 1500 °F", "°C"),
    HARDNESS("a hardness", "62 HRC", "HRC"),
    RATIO("a plain number", "0.8 or 80 %", "1");

    private final String inWords;
    private final String example;
    private final String base;

    Quantity(String inWords, String example, String base) {
        this.inWords = inWords;
        this.example = example;
        this.base = base;
    }

    /** The base unit, in which the core computes; 1 for plain numbers. */
    public String base() {
        return base;
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
