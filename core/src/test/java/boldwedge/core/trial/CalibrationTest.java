package boldwedge.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.trial.Calibration.Trial;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** A trial moves what was stated as far as it is worth. */
class TaughtTest {
    @Test
    void nothingIsTaughtByNothing() {
        assertThat(Calibration.by(Calibration.Of.SPRING, List.of())).isEqualTo(Calibration.NOTHING);
        assertThat(Calibration.by(Calibration.Of.SPRING, List.of(new Trial(0.02, -0.01)))
                        .trials())
                .isZero();
    }

    /** One trial of precision p against a prior of precision q moves the factor p/(p+q) of the way, in the logarithm. */
    @Test
    void oneTrialMovesItPartOfTheWay() {
        Calibration one = Calibration.by(Calibration.Of.SPRING, List.of(new Trial(0.02, 0.04)));
        double precision = 1 / (0.04 + 0.05 * 0.05);
        double share = precision / (precision + 4);
        assertThat(Math.log(one.factor())).isCloseTo(share * Math.log(2), within(1e-12));
        assertThat(one.spread()).isCloseTo(1 / Math.sqrt(precision + 4), within(1e-12));
    }

    /** Ten times what was reckoned is a point that was set wrong: it teaches neither spring nor force. */
    @Test
    void aTrialThatIsFarOffTeachesNothing() {
        assertThat(Calibration.by(Calibration.Of.SPRING, List.of(new Trial(0.003, 0.03)))
                        .trials())
                .isZero();
        assertThat(Calibration.by(Calibration.Of.SPRING, List.of(new Trial(0.003, 0.009)))
                        .trials())
                .isEqualTo(1);
    }

    /** With trials from a machine that springs 1.7 times as much, the factor comes to that and its spread narrows. */
    @Test
    void itComesToTheTruthAndItsSpreadNarrows() {
        Random random = new Random(5);
        List<Trial> trials = new ArrayList<>();
        double last = Calibration.UNTAUGHT_SPREAD;
        for (int i = 0; i < 60; i++) {
            double reckoned = 0.01 + 0.03 * random.nextDouble();
            trials.add(new Trial(
                    reckoned, reckoned * 1.7 * Math.exp(0.2 * random.nextGaussian()) + 0.001 * random.nextGaussian()));
            Calibration now = Calibration.by(Calibration.Of.SPRING, trials);
            assertThat(now.spread()).isLessThan(last);
            last = now.spread();
        }
        assertThat(Calibration.by(Calibration.Of.SPRING, trials).factor()).isCloseTo(1.7, within(0.12));
        assertThat(Calibration.by(Calibration.Of.SPRING, trials).spreadMm(0.03))
                .isLessThan(Calibration.NOTHING.spreadMm(0.03));
    }
}
