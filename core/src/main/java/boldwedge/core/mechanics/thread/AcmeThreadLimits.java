package boldwedge.core.mechanics.thread;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Limits of general-purpose Acme threads, ASME B1.5, inches: tolerance of the pitch diameter t·√(1/n) + u·√D, allowance of outside
 * threads a·√D, crests a twentieth of the pitch and no less than 0.005.
 */
public final class AcmeThreadLimits {
    private static final double IN = 25.4;
    private static final double CREST_OF_PITCH = 0.05;
    private static final double LEAST_CREST_IN = 0.005;

    private record Shares(double pitch, double diameter, double allowance) {}

    private static final Map<String, Shares> CLASSES = Map.of(
            "2G", new Shares(0.030, 0.006, 0.008),
            "3G", new Shares(0.014, 0.0028, 0.006),
            "4G", new Shares(0.010, 0.002, 0.004));

    private AcmeThreadLimits() {}

    /** The class of this name; empty when it is none of 2G, 3G, 4G. They are the same outside and inside. */
    public static Optional<String> named(String text) {
        return Optional.of(text.strip().toUpperCase(Locale.ROOT)).filter(CLASSES::containsKey);
    }

    /** The limits of a thread in a class; an unknown class is refused. */
    public static ThreadLimits of(ThreadSize size, String name, boolean inside) {
        Shares shares = CLASSES.get(name);
        if (shares == null) {
            throw new IllegalArgumentException("ASME B1.5 has no class " + name + ".");
        }
        double d = size.majorMm() / IN;
        double p = size.pitchMm() / IN;
        double tolerance = (shares.pitch() * Math.sqrt(p) + shares.diameter() * Math.sqrt(d)) * IN;
        double crest = Math.max(CREST_OF_PITCH * p, LEAST_CREST_IN) * IN;
        double middle = size.pitchDiameterMm();
        if (inside) {
            double root = size.insideRootMm();
            return new ThreadLimits(
                    true, root, root, middle, middle + tolerance, size.minorMm(), size.minorMm() + crest);
        }
        double high = middle - shares.allowance() * Math.sqrt(d) * IN;
        double root = size.rootMm();
        return new ThreadLimits(false, size.majorMm() - crest, size.majorMm(), high - tolerance, high, root, root);
    }
}
