package boldwedge.core.mechanics.rigidity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/** Stress at a step, against Peterson's chart of the shoulder in bending. */
class StressRaiserTest {
    /** Read off Peterson's chart for the shoulder in bending: D/d 1.5, r/d 0.1 about 1.68; D/d 2, r/d 0.05 about 2.1. */
    @Test
    void agreesWithTheChart() {
        assertThat(StressRaiser.shoulderInBending(15, 10, 1)).isCloseTo(1.69, within(0.06));
        assertThat(StressRaiser.shoulderInBending(20, 10, 0.5)).isCloseTo(2.14, within(0.08));
        assertThat(StressRaiser.shoulderInBending(11, 10, 1)).isCloseTo(1.65, within(0.06));
    }

    @Test
    void fallsWithTheBlendAndRisesWithTheStep() {
        double last = Double.POSITIVE_INFINITY;
        for (double r = 0.1; r < 3; r *= 1.2) {
            double kt = StressRaiser.shoulderInBending(14, 10, r);
            assertThat(kt).isLessThanOrEqualTo(last).isGreaterThanOrEqualTo(1);
            last = kt;
        }
        assertThat(StressRaiser.shoulderInBending(10, 10, 1)).isEqualTo(1);
        assertThat(StressRaiser.shoulderInBending(10.05, 10, 1)).isLessThan(StressRaiser.shoulderInBending(12, 10, 1));
    }
}
