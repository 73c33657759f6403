package boldwedge.core.mechanics.thread;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Limits of unified threads by the formulas of ASME B1.1, in inches and rounded as its tables are: every tolerance and allowance to four
 * places, minor diameters of classes 1B and 2B to three from 0.138 in on.
 */
public final class UnifiedThreadLimits {
    private static final double IN = 25.4;
    private static final Map<String, Double> SHARE =
            Map.of("1A", 1.5, "2A", 1.0, "3A", 0.75, "1B", 1.95, "2B", 1.3, "3B", 0.975);
    private static final double QUARTER_INCH = 0.25;
    private static final double THREE_PLACES_FROM = 0.138 - 1e-9;

    private UnifiedThreadLimits() {}

    /** A class of ASME B1.1: 1A to 3A outside, 1B to 3B inside; empty when it is none. */
    public static Optional<String> named(String text) {
        String name = text.strip().toUpperCase(Locale.ROOT);
        return SHARE.containsKey(name) ? Optional.of(name) : Optional.empty();
    }

    /** Whether a class is one of inside threads. */
    public static boolean inside(String name) {
        return name.endsWith("B");
    }

    /**
     * The limits of a thread in a class.
     *
     * @param size the thread
     * @param name its class
     * @param engagementMm length of engagement: the diameter for coarse and fine series, nine pitches for the others
     */
    public static ThreadLimits of(ThreadSize size, String name, double engagementMm) {
        double d = size.majorMm() / IN;
        double p = size.pitchMm() / IN;
        // The standard carries six places on the way.
        double two = six(0.0015 * Math.cbrt(d) + 0.0015 * Math.sqrt(engagementMm / IN) + 0.015 * Math.cbrt(p * p));
        double tolerance = four(two * share(name));
        double basic = four(size.pitchDiameterMm() / IN);
        if (inside(name)) {
            double minor = size.minorMm() / IN;
            double minorTolerance = name.equals("3B") ? threeB(d, p) : twoB(d, p);
            boolean four = name.equals("3B") || d < THREE_PLACES_FROM;
            return new ThreadLimits(
                    true,
                    four(d) * IN,
                    four(d) * IN,
                    basic * IN,
                    (basic + tolerance) * IN,
                    (d < THREE_PLACES_FROM ? four(minor) : three(four(minor))) * IN,
                    (four ? four(minor) + four(minorTolerance) : three(four(minor) + four(minorTolerance))) * IN);
        }
        double allowance = name.equals("3A") ? 0 : allowance(two, d, p);
        double major = four(d) - allowance;
        double crest = four((name.equals("1A") ? 0.090 : 0.060) * Math.cbrt(p * p));
        double root = (size.minorMm() / IN - allowance) * IN;
        return new ThreadLimits(
                false,
                (major - crest) * IN,
                major * IN,
                (basic - allowance - tolerance) * IN,
                (basic - allowance) * IN,
                root,
                root);
    }

    private static double share(String name) {
        Double share = SHARE.get(name);
        if (share == null) {
            throw new IllegalArgumentException("ASME B1.1 has no class " + name + ".");
        }
        return share;
    }

    /** 0.3 of the tolerance of class 2A, in; 5/8-11, whose share is 0.00165, stands in the tables with 0.0016. */
    private static double allowance(double two, double d, double p) {
        boolean tabled = Math.abs(d - 0.625) < 1e-6 && Math.abs(p - 1 / 11.0) < 1e-6;
        return tabled ? 0.0016 : four(0.3 * two);
    }

    /** Tolerance of the minor diameter, classes 1B and 2B, in. */
    private static double twoB(double d, double p) {
        double large = p >= QUARTER_INCH - 1e-9 ? 0.15 * p : QUARTER_INCH * p - 0.4 * p * p;
        return d >= QUARTER_INCH - 1e-9 ? large : Math.clamp(small(d, p), large, 0.394 * p);
    }

    /** Tolerance of the minor diameter, class 3B, in. */
    private static double threeB(double d, double p) {
        double least = p <= 1 / 13.0 + 1e-9 ? 0.23 * p - 1.5 * p * p : 0.120 * p;
        return Math.clamp(small(d, p), least, 0.394 * p);
    }

    private static double small(double d, double p) {
        return 0.05 * Math.cbrt(p * p) + 0.03 * p / d - 0.002;
    }

    private static double four(double inches) {
        return Math.rint(inches * 1e4) / 1e4;
    }

    private static double three(double inches) {
        return Math.floor(inches * 1e3 + 0.5 + 1e-9) / 1e3;
    }

    private static double six(double inches) {
        return Math.rint(inches * 1e6) / 1e6;
    }
}
