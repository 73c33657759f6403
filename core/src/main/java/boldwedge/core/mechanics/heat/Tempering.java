package boldwedge.core.mechanics.heat;

import boldwedge.core.language.stock.ToolSteel;
import boldwedge.core.language.stock.ToolSteel.Temper;
import java.util.List;
import java.util.OptionalDouble;

/** Tempering: between the points of a steel's curve along straight lines, and other times by Hollomon and Jaffe. */
public final class Tempering {
    /** C of Hollomon and Jaffe, for time in hours (Trans. AIME 162, 1945). */
    public static final double HOLLOMON_JAFFE = 20;

    private static final double KELVIN = 273.15;

    private Tempering() {}

    /** Hardness after an hour at a temperature, HRC: below the curve as at its beginning, above it as at its end. */
    public static double hardness(ToolSteel steel, double celsius) {
        List<Temper> curve = steel.tempering();
        Temper below = curve.getFirst();
        for (Temper point : curve) {
            if (point.celsius() >= celsius) {
                double share = point.celsius() > below.celsius()
                        ? (celsius - below.celsius()) / (point.celsius() - below.celsius())
                        : 0;
                return below.hrc() + (point.hrc() - below.hrc()) * Math.max(0, share);
            }
            below = point;
        }
        return below.hrc();
    }

    /**
     * The temperature of an hour's temper that leaves a hardness, °C. A steel that hardens again by its temper beyond what it began with is meant to be tempered over
     * that peak (hot-work and high-speed steels); of others it is the coolest that does. Empty when the curve does not reach it.
     */
    public static OptionalDouble celsiusFor(ToolSteel steel, double hrc) {
        List<Temper> all = steel.tempering();
        List<Temper> curve = all.subList(peak(all), all.size());
        if (hrc > curve.getFirst().hrc() + 0.5) {
            return OptionalDouble.empty();
        }
        if (hrc >= curve.getFirst().hrc()) {
            return OptionalDouble.of(curve.getFirst().celsius());
        }
        for (int i = 1; i < curve.size(); i++) {
            Temper a = curve.get(i - 1);
            Temper b = curve.get(i);
            if (b.hrc() <= hrc && a.hrc() >= hrc) {
                return OptionalDouble.of(
                        a.hrc() == b.hrc()
                                ? a.celsius()
                                : a.celsius() + (b.celsius() - a.celsius()) * (a.hrc() - hrc) / (a.hrc() - b.hrc()));
            }
        }
        return OptionalDouble.empty();
    }

    /** Where the curve begins to count: at its secondary peak, where that is the hardest of it. */
    private static int peak(List<Temper> curve) {
        int peak = 0;
        for (int i = 1; i < curve.size(); i++) {
            if (curve.get(i).hrc() > curve.get(peak).hrc()) {
                peak = i;
            }
        }
        return peak;
    }

    /** The softest that the curve knows, HRC. */
    public static double softest(ToolSteel steel) {
        return steel.tempering().stream().mapToDouble(Temper::hrc).min().orElseThrow();
    }

    /** Hollomon and Jaffe's parameter T · (C + log10 t), T in kelvin, t in hours. */
    public static double parameter(double celsius, double minutes) {
        return (celsius + KELVIN) * (HOLLOMON_JAFFE + Math.log10(minutes / 60));
    }

    /** The temperature that tempers as far in another time, °C. */
    public static double equivalent(double celsius, double minutes, double otherMinutes) {
        return parameter(celsius, minutes) / (HOLLOMON_JAFFE + Math.log10(otherMinutes / 60)) - KELVIN;
    }
}
