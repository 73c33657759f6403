package boldwedge.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.trial.Calibration.Heard;
import boldwedge.core.trial.Calibration.Of;
import boldwedge.core.trial.Calibration.Sum;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What listening teaches. */
@Tag("written")
class HeardTest {
    private static Sum sum(double[] quiet, double[] sang) {
        Sum sum = Sum.NONE;
        for (double depth : quiet) {
            sum = sum.plus(new Heard(depth, 1, false).lesson().orElseThrow());
        }
        for (double depth : sang) {
            sum = sum.plus(new Heard(depth, 1, true).lesson().orElseThrow());
        }
        return sum;
    }

    private static Calibration taught(double[] quiet, double[] sang) {
        return Calibration.by(Of.QUIET, sum(quiet, sang));
    }

    @Test
    void quietPastTheLikelyDepthRaisesItAndSingingLowersIt() {
        Calibration raised = taught(new double[] {1.3}, new double[] {});
        Calibration lowered = taught(new double[] {}, new double[] {0.7});
        assertThat(raised.factor()).isGreaterThan(1.4);
        assertThat(lowered.factor()).isLessThan(0.75);
        assertThat(raised.spread()).isLessThan(Calibration.UNTAUGHT_SPREAD);
        assertThat(lowered.spread()).isLessThan(Calibration.UNTAUGHT_SPREAD);
    }

    /** What everybody expected teaches hardly anything: quiet far below the limit, singing far above it. */
    @Test
    void whatWasSureTeachesLittle() {
        Calibration little = taught(new double[] {0.3}, new double[] {3.5});
        assertThat(little.factor()).isCloseTo(1, within(0.05));
        assertThat(little.spread()).isCloseTo(Calibration.UNTAUGHT_SPREAD, within(0.05));
    }

    /** Between a quiet and a singing cut it must lie: the same ten times over says no more. */
    @Test
    void betweenQuietAndSinging() {
        Calibration once = taught(new double[] {1.0}, new double[] {1.3});
        assertThat(once.factor()).isBetween(1.0, 1.3);
        assertThat(once.spread()).isLessThan(0.22);
        Calibration often = taught(new double[] {1, 1, 1, 1, 1, 0.8}, new double[] {1.3, 1.5, 1.3});
        assertThat(often.factor()).isCloseTo(once.factor(), within(1e-12));
        assertThat(often.spread()).isCloseTo(once.spread(), within(1e-12));
        assertThat(often.trials()).isEqualTo(9);
    }

    /** The posterior by counting: true limits drawn from the prior, kept when they sound as they were heard. */
    @Test
    void isWhatCountingGives() {
        Random random = new Random(7);
        double sum = 0;
        double squares = 0;
        int kept = 0;
        for (int i = 0; i < 400_000; i++) {
            double limit = Calibration.UNTAUGHT_SPREAD * random.nextGaussian();
            boolean quiet = limit > Math.log(1.2) + 0.12 * random.nextGaussian();
            // Ears err in two of a hundred on either side.
            boolean heardQuiet = random.nextDouble() < 0.04 ? random.nextBoolean() : quiet;
            if (heardQuiet) {
                sum += limit;
                squares += limit * limit;
                kept++;
            }
        }
        double mean = sum / kept;
        Calibration taught = taught(new double[] {1.2}, new double[] {});
        assertThat(Math.log(taught.factor())).isCloseTo(mean, within(0.01));
        assertThat(taught.spread()).isCloseTo(Math.sqrt(squares / kept - mean * mean), within(0.01));
    }

    @Test
    void nothingIsHeardOfABarThatNothingMakesSing() {
        assertThat(new Heard(1, Double.POSITIVE_INFINITY, false).lesson()).isEmpty();
        assertThat(new Heard(0, 1, false).lesson()).isEmpty();
        // Fifty times off is no lesson but a mistake.
        assertThat(new Heard(50, 1, false).lesson()).isEmpty();
        assertThat(Calibration.by(Of.QUIET, Sum.NONE).factor()).isCloseTo(1, within(1e-9));
    }
}
