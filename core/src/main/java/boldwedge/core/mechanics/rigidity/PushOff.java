package boldwedge.core.mechanics.rigidity;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/**
 * How far tool and work spring apart along a pass, and so the size that is left.
 *
 * @param stations along the cut, from its chuck end to its far end
 * @param taperMm diameter at the far end over diameter at the chuck end, mm
 * @param largestMm the largest error on the diameter, mm, with its sign: above 0 tool and work are pushed apart (turned work is left
 *     large, a hole small), below 0 they are drawn together
 * @param springPasses spring passes until the error is within what was asked, at most {@link #MOST_PASSES}
 * @param leftMm diameter error left after each of them, largest along the cut, mm
 * @param stoppedByRubbing whether they end because what is left is less than the edge can shave
 */
public record PushOff(
        List<At> stations,
        double taperMm,
        double largestMm,
        int springPasses,
        List<Double> leftMm,
        boolean stoppedByRubbing) {
    /**
     * Share of an error that differs from piece to piece, though the dial makes up for its mean: hardness within a batch and stock
     * left uneven by roughing (ours; within the spread of kc1.1 in the tables).
     */
    public static final double SCATTER = 0.2;

    /** More spring passes than this nobody takes. */
    public static final int MOST_PASSES = 6;

    private static final int STATIONS = 13;

    /**
     * One place along the cut.
     *
     * @param fromChuckMm distance from the chuck or the headstock centre, mm
     * @param apartMm distance that tool and work are apart from where they were set, mm
     */
    public record At(double fromChuckMm, double apartMm) {
        /** Diameter left over the size set: twice the distance apart, mm. */
        public double diameterErrorMm() {
            return 2 * apartMm;
        }
    }

    /** Error on the diameter that the dial makes up for: midway between the extremes along the cut, mm, with its sign. */
    public double evenMm() {
        return (most() + least()) / 2;
    }

    /** Difference of the extremes along the cut, mm: what no dial makes up for. */
    public double unevenMm() {
        return most() - least();
    }

    /** What is left of the error, either way, once the even part is dialled out: half the unevenness, and the scatter, mm. */
    public double remainingMm() {
        return unevenMm() / 2 + SCATTER * Math.abs(evenMm());
    }

    private double most() {
        double most = stations.getFirst().diameterErrorMm();
        for (At at : stations) {
            most = Math.max(most, at.diameterErrorMm());
        }
        return most;
    }

    private double least() {
        double least = stations.getFirst().diameterErrorMm();
        for (At at : stations) {
            least = Math.min(least, at.diameterErrorMm());
        }
        return least;
    }

    /**
     * Works out a pass and the spring passes after it.
     *
     * @param work the work on its supports
     * @param cutFromMm chuck end of the cut, from the chuck, mm
     * @param cutToMm far end of the cut, from the chuck, mm
     * @param depthMm depth set, mm
     * @param pushAtDepth push in N for a depth in mm, not decreasing
     * @param toleranceMm largest diameter error that is good enough, mm
     * @param smallestDepthMm depth below which the edge rubs, mm
     */
    public static PushOff of(
            WorkHolding work,
            double cutFromMm,
            double cutToMm,
            double depthMm,
            DoubleUnaryOperator pushAtDepth,
            double toleranceMm,
            double smallestDepthMm) {
        return of(work::complianceAt, cutFromMm, cutToMm, depthMm, pushAtDepth, toleranceMm, smallestDepthMm);
    }

    /**
     * The same for whatever gives: tool and work together.
     *
     * @param complianceAt give in mm/N at a distance along the axis in mm
     */
    public static PushOff of(
            DoubleUnaryOperator complianceAt,
            double cutFromMm,
            double cutToMm,
            double depthMm,
            DoubleUnaryOperator pushAtDepth,
            double toleranceMm,
            double smallestDepthMm) {
        double[] compliance = new double[STATIONS];
        double[] apart = new double[STATIONS];
        List<At> stations = new ArrayList<>();
        double largest = 0;
        for (int i = 0; i < STATIONS; i++) {
            double x = cutFromMm + (cutToMm - cutFromMm) * i / (STATIONS - 1);
            compliance[i] = complianceAt.applyAsDouble(x);
            apart[i] = apart(compliance[i], depthMm, pushAtDepth);
            stations.add(new At(x, apart[i]));
            largest = Math.abs(apart[i]) > Math.abs(largest) / 2 ? 2 * apart[i] : largest;
        }
        double taper = 2 * (apart[STATIONS - 1] - apart[0]);
        List<Double> left = new ArrayList<>();
        boolean rubs = false;
        double error = largest;
        while (error > toleranceMm && left.size() < MOST_PASSES) {
            // What was left standing is the depth of the next pass at the same setting.
            double worst = 0;
            boolean cut = false;
            for (int i = 0; i < STATIONS; i++) {
                double standing = apart[i];
                if (standing >= smallestDepthMm) {
                    apart[i] = apart(compliance[i], standing, pushAtDepth);
                    cut = true;
                }
                worst = Math.max(worst, 2 * apart[i]);
            }
            if (!cut) {
                rubs = true;
                break;
            }
            left.add(worst);
            error = worst;
        }
        return new PushOff(stations, taper, largest, left.size(), List.copyOf(left), rubs);
    }

    /** The distance apart at which the push of the depth left just holds the spring: x = c · F(depth − x). */
    private static double apart(double compliance, double depth, DoubleUnaryOperator push) {
        double low = 0;
        double high = depth;
        // Regula falsi keeps the bracket and needs few evaluations; the curve is smooth and nearly straight.
        double fLow = -compliance * push.applyAsDouble(depth);
        double fHigh = depth;
        if (fLow >= 0) {
            return compliance * push.applyAsDouble(depth);
        }
        for (int i = 0; i < 30; i++) {
            double x = low - fLow * (high - low) / (fHigh - fLow);
            double f = x - compliance * push.applyAsDouble(depth - x);
            if (Math.abs(f) < 1e-8) {
                return x;
            }
            if (f < 0) {
                low = x;
                fLow = f;
                fHigh /= 2;
            } else {
                high = x;
                fHigh = f;
                fLow /= 2;
            }
        }
        return low - fLow * (high - low) / (fHigh - fLow);
    }
}
