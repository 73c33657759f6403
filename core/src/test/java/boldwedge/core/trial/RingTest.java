package boldwedge.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Frequency and damping from a recorded ring, with noise, against what was put in. */
class RingTest {
    /** A tap at half a second in, and white noise so many decibels below its first swing (peak over rms). */
    private static double[] ring(double hz, double zeta, double rate, double seconds, double decibels, long seed) {
        Random random = new Random(seed);
        double noise = 0.7 * Math.pow(10, -decibels / 20);
        double omega = 2 * Math.PI * hz;
        double[] x = new double[(int) (rate * seconds)];
        for (int i = 0; i < x.length; i++) {
            double t = i / rate - 0.5;
            double ring =
                    t < 0 ? 0 : 0.7 * Math.exp(-zeta * omega * t) * Math.sin(omega * Math.sqrt(1 - zeta * zeta) * t);
            x[i] = ring + noise * random.nextGaussian();
        }
        return x;
    }

    @ParameterizedTest
    @CsvSource({
        "620, 0.020, 48000",
        "310, 0.012, 48000",
        "1450, 0.010, 48000",
        "880, 0.005, 44100",
        "150, 0.010, 8000",
        "2400, 0.006, 48000"
    })
    void aKnownRingIsFoundThroughNoiseAt20Decibels(double hz, double zeta, double rate) throws Exception {
        for (long seed = 1; seed <= 6; seed++) {
            Ring found = Ring.of(ring(hz, zeta, rate, 3, 20, seed), rate);
            double damped = hz * Math.sqrt(1 - zeta * zeta);
            assertThat(found.hz() / damped).as("frequency").isCloseTo(1, within(0.005));
            assertThat(found.byDecrement() / zeta).as("damping").isCloseTo(1, within(0.05));
        }
    }

    /** A short ring holds fewer samples than its noise allows to tell in one tap: several taps together do. */
    @Test
    void shortRingsAreRightOnAverage() throws Exception {
        double sum = 0;
        for (long seed = 1; seed <= 12; seed++) {
            sum += Ring.of(ring(1450, 0.03, 48_000, 2, 20, seed), 48_000).byDecrement() / 12;
        }
        assertThat(sum / 0.03).isCloseTo(1, within(0.03));
    }

    /** Without noise both ways agree closely, and with the truth. */
    @Test
    void decrementAndHalfPowerAgreeOnACleanRing() throws Exception {
        for (double zeta : new double[] {0.004, 0.015, 0.04}) {
            Ring found = Ring.of(ring(700, zeta, 48_000, 3, 90, 1), 48_000);
            assertThat(found.byDecrement() / zeta).isCloseTo(1, within(0.01));
            assertThat(found.byHalfPower().orElseThrow() / zeta).isCloseTo(1, within(0.05));
            assertThat(found.decrement())
                    .isCloseTo(2 * Math.PI * zeta / Math.sqrt(1 - zeta * zeta), within(0.01 * found.decrement()));
        }
    }

    /** The textbook's way, by hand: the logarithm of one peak over another, m swings on. */
    @Test
    void theDecrementIsThatOfThePeaks() throws Exception {
        double[] x = ring(500, 0.02, 96_000, 1.5, 200, 1);
        int period = 96_000 / 500;
        double first =
                Arrays.stream(x, 48_000 + period, 48_000 + 2 * period).max().orElseThrow();
        double sixth =
                Arrays.stream(x, 48_000 + 6 * period, 48_000 + 7 * period).max().orElseThrow();
        assertThat(Ring.of(x, 96_000).decrement()).isCloseTo(Math.log(first / sixth) / 5, within(1e-3));
    }

    @Test
    void recordsThatCannotTellAreRefusedInASentence() {
        double[] silent = new double[48_000];
        assertThatThrownBy(() -> Ring.of(silent, 48_000)).hasMessageContaining("silent");
        double[] clipped = ring(600, 0.01, 48_000, 2, 60, 1);
        for (int i = 0; i < clipped.length; i++) {
            clipped[i] = Math.clamp(clipped[i] * 3, -1, 1);
        }
        assertThatThrownBy(() -> Ring.of(clipped, 48_000)).hasMessageContaining("clipped");
        Random random = new Random(3);
        double[] hiss = random.doubles(48_000, -0.3, 0.3).toArray();
        assertThatThrownBy(() -> Ring.of(hiss, 48_000)).hasMessageContaining("No ring stands out");
        assertThatThrownBy(() -> Ring.of(new double[100], 48_000)).hasMessageContaining("too short");
    }
}
