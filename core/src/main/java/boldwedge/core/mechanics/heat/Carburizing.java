package boldwedge.core.mechanics.heat;

/**
 * Depth of case by Harris (Metal Progress 44, 1943): inches = 31.6 · √hours / 10^(6700 / T), T in degrees Rankine, for carbon steel in a rich carburizer.
 */
public final class Carburizing {
    /** Harris's factor, inches per root hour. */
    public static final double FACTOR_INCH = 31.6;

    /** Harris's temperature, °R. */
    public static final double HARRIS_RANKINE = 6700;

    private static final double MM_PER_INCH = 25.4;

    private Carburizing() {}

    /** Depth of case, mm. */
    public static double depthMm(double celsius, double minutes) {
        return MM_PER_INCH * FACTOR_INCH * Math.sqrt(minutes / 60) / Math.pow(10, HARRIS_RANKINE / rankine(celsius));
    }

    /** Time for a depth of case, minutes. */
    public static double minutesFor(double celsius, double depthMm) {
        double rootHours = depthMm / MM_PER_INCH * Math.pow(10, HARRIS_RANKINE / rankine(celsius)) / FACTOR_INCH;
        return 60 * rootHours * rootHours;
    }

    static double rankine(double celsius) {
        return (celsius + 273.15) * 9 / 5;
    }
}
