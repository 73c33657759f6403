package boldwedge.core.mechanics.thread;

import java.util.Map;
import java.util.Optional;

/**
 * Limits of trapezoidal threads, ISO 2903: grades and deviations of ISO 965-1 at the usual length of engagement. The pitch diameter has
 * more of them where several starts run side by side.
 */
public final class TrapezoidalThreadLimits {
    private static final Map<String, Integer> GRADES = Map.of("7e", 7, "8e", 8, "7H", 7, "8H", 8);
    private static final int CREST_GRADE = 4;
    /** By starts: one, two, three, four, five and more. */
    private static final double[] MORE_STARTS = {1, 1.12, 1.25, 1.4, 1.6};

    private TrapezoidalThreadLimits() {}

    /** The class of this name; empty when it is none of 7e, 8e, 7H, 8H. */
    public static Optional<String> named(String text) {
        return Optional.of(text.strip()).filter(GRADES::containsKey);
    }

    /** Whether a class is one of inside threads. */
    public static boolean inside(String name) {
        return name.endsWith("H");
    }

    /** The limits of a thread in a class; an unknown class is refused. */
    public static ThreadLimits of(ThreadSize size, String name) {
        Integer grade = GRADES.get(name);
        if (grade == null) {
            throw new IllegalArgumentException("ISO 2903 has no class " + name + " here.");
        }
        double pitch = size.pitchMm();
        double more = MORE_STARTS[Math.min(size.starts(), MORE_STARTS.length) - 1];
        double middle = size.pitchDiameterMm();
        if (inside(name)) {
            double tolerance = more * IsoThreadLimits.insidePitch(size.majorMm(), pitch, grade) / 1000;
            double crest = IsoThreadLimits.insideCrest(pitch, CREST_GRADE) / 1000;
            double root = size.insideRootMm();
            return new ThreadLimits(
                    true, root, root, middle, middle + tolerance, size.minorMm(), size.minorMm() + crest);
        }
        double tolerance = more * IsoThreadLimits.outsidePitch(size.majorMm(), pitch, grade) / 1000;
        double crest = IsoThreadLimits.outsideCrest(pitch, CREST_GRADE) / 1000;
        double high = middle - IsoThreadLimits.position('e', pitch) / 1000;
        double root = size.rootMm();
        return new ThreadLimits(false, size.majorMm() - crest, size.majorMm(), high - tolerance, high, root, root);
    }
}
