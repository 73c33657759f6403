package boldwedge.core.mechanics.thread;

import java.util.Locale;
import java.util.Optional;

/** Limits of pipe threads that do not seal on the thread, ISO 228-1: by turns an inch, and from two inches on by the diameter. Outside threads have classes A and B, inside ones are one. */
public final class PipeThreadLimits {
    /** Over G 2 (59.614 mm) the pitch diameter has more. */
    private static final double LARGE_MM = 60;

    private static final double NINETEEN_MM = 25.4 / 19;
    private static final double FOURTEEN_MM = 25.4 / 14;
    private static final double SAME_MM = 0.01;

    /** Tolerances, mm: of the pitch diameter in class A, of the crest outside and inside. */
    private record Row(double pitch, double outside, double inside) {}

    private PipeThreadLimits() {}

    /** The class of this name outside, A or B; empty when it is none. */
    public static Optional<String> named(String text) {
        return Optional.of(text.strip().toUpperCase(Locale.ROOT)).filter(name -> name.equals("A") || name.equals("B"));
    }

    /** The limits of an outside thread in class A or B. */
    public static ThreadLimits outside(ThreadSize size, String name) {
        Row row = row(size);
        double tolerance = name.equals("B") ? 2 * row.pitch() : row.pitch();
        double high = size.pitchDiameterMm();
        double root = size.minorMm();
        return new ThreadLimits(
                false, size.majorMm() - row.outside(), size.majorMm(), high - tolerance, high, root, root);
    }

    /** The limits of an inside thread. */
    public static ThreadLimits inside(ThreadSize size) {
        Row row = row(size);
        double low = size.pitchDiameterMm();
        return new ThreadLimits(
                true,
                size.majorMm(),
                size.majorMm(),
                low,
                low + row.pitch(),
                size.minorMm(),
                size.minorMm() + row.inside());
    }

    private static Row row(ThreadSize size) {
        double pitch = size.pitchMm();
        if (pitch < NINETEEN_MM - SAME_MM) {
            return new Row(0.107, 0.214, 0.282);
        }
        if (pitch < FOURTEEN_MM - SAME_MM) {
            return new Row(0.125, 0.250, 0.445);
        }
        if (pitch < FOURTEEN_MM + SAME_MM) {
            return new Row(0.142, 0.284, 0.541);
        }
        return size.majorMm() < LARGE_MM ? new Row(0.180, 0.360, 0.640) : new Row(0.217, 0.434, 0.640);
    }
}
