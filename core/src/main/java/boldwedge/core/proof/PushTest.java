package boldwedge.core.proof;

import java.util.List;

/**
 * A push test: a known pull on the point in steps up and down again, an indicator read at each. The slope is the stiffness
 * of bar, holder and machine together; the way back tells friction and play.
 *
 * @param stiffnessNPerMm slope of pull over deflection by least squares through all readings, N/mm
 * @param spreadNPerMm its standard error, N/mm
 * @param hysteresisMm largest difference of the reading going down and going up at one pull, mm
 * @param leftMm reading left at the smallest pull after the way back, over that before, mm: play or slip
 * @param bentMm largest distance of a reading from the straight line, mm
 * @param scatter what the slope was worked out from
 */
public record PushTest(
        double stiffnessNPerMm,
        double spreadNPerMm,
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
     * @param downMm reading while it fell, mm; NaN when not taken
     */
    public record Reading(double newton, double upMm, double downMm) {}

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
        int n = 0;
        double sf = 0;
        double sff = 0;
        double sx = 0;
        double sfx = 0;
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        for (Reading r : readings) {
            for (double x : new double[] {r.upMm(), r.downMm()}) {
                if (!Double.isNaN(x)) {
                    n++;
                    sf += r.newton();
                    sff += r.newton() * r.newton();
                    sx += x;
                    sfx += r.newton() * x;
                }
            }
            least = Math.min(least, r.newton());
            most = Math.max(most, r.newton());
        }
        if (n < 2 || most - least < 1e-9) {
            throw new Unusable("Two different pulls at least are needed, with a reading at each.");
        }
        double det = n * sff - sf * sf;
        double slope = (n * sfx - sf * sx) / det;
        double at0 = (sx - slope * sf) / n;
        if (slope <= 0) {
            throw new Unusable(
                    "By these readings the point moves against the pull: the stiffness would be negative. Are two readings swapped, or does the indicator count the other way?");
        }
        double residual = 0;
        double bent = 0;
        double hysteresis = 0;
        double left = 0;
        double lowest = Double.POSITIVE_INFINITY;
        for (Reading r : readings) {
            for (double x : new double[] {r.upMm(), r.downMm()}) {
                if (!Double.isNaN(x)) {
                    double off = x - at0 - slope * r.newton();
                    residual += off * off;
                    bent = Math.max(bent, Math.abs(off));
                }
            }
            if (!Double.isNaN(r.downMm())) {
                hysteresis = Math.max(hysteresis, Math.abs(r.downMm() - r.upMm()));
                if (r.newton() < lowest) {
                    lowest = r.newton();
                    left = r.downMm() - r.upMm();
                }
            }
        }
        double slopeError = n > 2 ? Math.sqrt(residual / (n - 2) * n / det) : Double.NaN;
        double stiffness = 1 / slope;
        return new PushTest(
                stiffness,
                slopeError * stiffness * stiffness,
                hysteresis,
                left,
                bent,
                new Scatter(Math.sqrt(det) / n, (n * sfx - sf * sx) / n / n));
    }

    /** Give of the holder: what is left of the whole when the bar's own is taken away, mm/N; never below nothing. */
    public double holderMmPerN(double barMmPerN) {
        return Math.max(0, 1 / stiffnessNPerMm - barMmPerN);
    }
}
