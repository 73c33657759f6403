package boldwedge.core.jobs.chucking;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.TreeMap;

/** A diameter along the work, from the free end, piece by piece; mm. */
final class WorkShape {
    /** From each place on, the diameter up to the next. */
    private final TreeMap<Double, Double> from = new TreeMap<>();

    /** The same diameter all along. */
    WorkShape(double diameterMm) {
        from.put(0.0, diameterMm);
    }

    /** Cuts it to a diameter from here to there. */
    void set(double start, double end, double diameterMm) {
        if (end <= start) {
            return;
        }
        double behind = at(end);
        from.subMap(start, true, end, true).clear();
        from.put(start, diameterMm);
        from.put(end, behind);
    }

    /** Makes it at least so wide from here to there. */
    void widen(double start, double end, double diameterMm) {
        for (double[] piece : pieces(start, end)) {
            set(piece[0], piece[1], Math.max(piece[2], diameterMm));
        }
    }

    /** Takes it down to so much at most from here to there. */
    void reduce(double start, double end, double diameterMm) {
        for (double[] piece : pieces(start, end)) {
            set(piece[0], piece[1], Math.min(piece[2], diameterMm));
        }
    }

    double at(double place) {
        return Objects.requireNonNull(from.floorEntry(place)).getValue();
    }

    double least(double start, double end) {
        return pieces(start, end).stream().mapToDouble(piece -> piece[2]).min().orElse(at(start));
    }

    double most(double start, double end) {
        return pieces(start, end).stream().mapToDouble(piece -> piece[2]).max().orElse(at(start));
    }

    /** Thinnest wall between this outside and a hole, mm, where there is a hole. */
    double wall(WorkShape hole, double end) {
        double least = Double.POSITIVE_INFINITY;
        for (double[] piece : hole.pieces(0, end)) {
            if (piece[2] > 0) {
                least = Math.min(least, (least(piece[0], piece[1]) - piece[2]) / 2);
            }
        }
        return least;
    }

    private List<double[]> pieces(double start, double end) {
        List<double[]> all = new ArrayList<>();
        double at = start;
        while (at < end) {
            Double next = from.higherKey(at);
            double to = next == null ? end : Math.min(next, end);
            all.add(new double[] {at, to, at(at)});
            at = to;
        }
        return all;
    }
}
