package boldwedge.core.trial;

import java.util.List;
import java.util.OptionalDouble;
import org.hipparchus.stat.regression.SimpleRegression;

/**
 * A push test: a known pull on the point in steps up and down again, an indicator read at each. The slope is the stiffness
 * of bar, holder and machine together; the way back tells friction and play.
 *
 * @param stiffnessNPerMm slope of pull over deflection by least squares through all readings, N/mm
 * @param spreadNPerMm its standard error, N/mm; none of two readings
 * @param hysteresisMm largest difference of the reading going down and going up at one pull, mm
 * @param leftMm reading left at the smallest pull after the way back, over that before, mm: play or slip
 * @param bentMm largest distance of a reading from the straight line, mm
 * @param scatter what the slope was worked out from
 */
public record PushTest(
        double stiffnessNPerMm,
        OptionalDouble spreadNPerMm,
        double hysteresisMm,
        double leftMm,
        double bentMm,
        Scatter scatter) {
    /**
     * How the readings lie.
     *
     * @param pullN standard deviation of the pulls, N
     * @param togetherNmm covariance of pull and reading, N·mm
     */
    public record Scatter(double pullN, double togetherNmm) {}

    /**
     * One pull.
     *
     * @param newton the pull, N
     * @param upMm reading while the pull grew, mm
     * @param downMm reading while it fell, mm, where it was taken
     */
    public record Reading(double newton, double upMm, OptionalDouble downMm) {
        /** The readings that were taken at it. */
        double[] taken() {
            return downMm.isPresent() ? new double[] {upMm, downMm.getAsDouble()} : new double[] {upMm};
        }
    }

    /** Why readings cannot be used, in a sentence. */
    public static final class Unusable extends Exception {
        private static final long serialVersionUID = 1;

        Unusable(String sentence) {
            super(sentence);
        }

        /** The sentence. */
        public String sentence() {
            return String.valueOf(getMessage());
        }
    }

    /**
     * Works out a test.
     *
     * @throws Unusable when two different pulls are missing or the point moved against the pull
     */
    public static PushTest of(List<Reading> readings) throws Unusable {
        SimpleRegression line = new SimpleRegression();
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (Reading r : readings) {
            for (double x : r.taken()) {
                line.addData(r.newton(), x);
            }
            least = Math.min(least, r.newton());
            most = Math.max(most, r.newton());
        }
        long n = line.getN();
        if (n < 2 || most - least < 1e-9) {
            throw new Unusable("Two different pulls at least are needed, with a reading at each.");
        }
        double slope = line.getSlope();
        if (slope <= 0) {
            throw new Unusable(
                    "By these readings the point moves against the pull: the stiffness would be negative. Are two readings swapped, or does the indicator count the other way?");
        }
        double bent = 0;
        double hysteresis = 0;
        double left = 0;
        double lowest = Double.POSITIVE_INFINITY;
        for (Reading r : readings) {
            for (double x : r.taken()) {
                bent = Math.max(bent, Math.abs(x - line.predict(r.newton())));
            }
            if (r.downMm().isPresent()) {
                double back = r.downMm().getAsDouble() - r.upMm();
                hysteresis = Math.max(hysteresis, Math.abs(back));
                if (r.newton() < lowest) {
                    lowest = r.newton();
                    left = back;
                }
            }
        }
        double stiffness = 1 / slope;
        double pull = Math.sqrt(line.getXSumSquares() / n);
        return new PushTest(
                stiffness,
                n > 2 ? OptionalDouble.of(line.getSlopeStdErr() * stiffness * stiffness) : OptionalDouble.empty(),
                hysteresis,
                left,
                bent,
                new Scatter(pull, slope * pull * pull));
    }

    /** Give of the holder: what is left of the whole when the bar's own is taken away, mm/N; never below nothing. */
    public double holderMmPerN(double barMmPerN) {
        return Math.max(0, 1 / stiffnessNPerMm - barMmPerN);
    }
}
