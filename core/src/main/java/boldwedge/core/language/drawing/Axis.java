package boldwedge.core.language.drawing;

import boldwedge.core.language.measure.UnitSystem;
import java.util.ArrayList;
import java.util.List;

/**
 * An axis of a graph: where a value lies on the plate, and where its ticks stand.
 *
 * @param least value at its beginning
 * @param most value at its end
 * @param logarithmic whether equal ratios lie equally far apart
 * @param from plate coordinate of its beginning, mm
 * @param to plate coordinate of its end, mm
 */
public record Axis(double least, double most, boolean logarithmic, double from, double to) {
    /** An axis with equal steps. */
    public static Axis even(double least, double most, double from, double to) {
        return new Axis(least, most, false, from, to);
    }

    /** An axis with equal ratios; both ends above 0. */
    public static Axis ofRatios(double least, double most, double from, double to) {
        return new Axis(least, most, true, from, to);
    }

    /** Where a value lies, held to the axis, plate mm. */
    public double at(double value) {
        double share =
                logarithmic ? Math.log(value / least) / Math.log(most / least) : (value - least) / (most - least);
        return from + (to - from) * Math.clamp(share, 0, 1);
    }

    /** Round lengths between two, both round themselves: 1, 2 and 5 times the powers of ten in the reader's unit; mm in, mm out. */
    public static List<Double> roundLengths(double leastMm, double mostMm, UnitSystem units) {
        double unit = units == UnitSystem.METRIC ? 1 : 25.4;
        List<Double> round = new ArrayList<>();
        for (int power = -6; power <= 4; power++) {
            for (double step : new double[] {1, 2, 5}) {
                round.add(step * Math.pow(10, power) * unit);
            }
        }
        int from = 0;
        while (from + 1 < round.size() && round.get(from + 1) <= leastMm * (1 + 1e-9)) {
            from++;
        }
        int to = from + 1;
        while (to + 1 < round.size() && round.get(to) < mostMm * (1 - 1e-9)) {
            to++;
        }
        return List.copyOf(round.subList(from, to + 1));
    }
}
