package boldwedge.core.mechanics.rigidity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The depth at which a cut begins to sing, against a simulation in time. */
class StabilityTest {
    /**
     * Steps the same mode through time with the wave of the turn before, and tells whether a small knock grows. Exact
     * stepping of the free mode over short steps, the cutting force held over each step.
     */
    private static boolean grows(Stability s, double flank, double directional, double rpm) {
        double w = 2 * Math.PI * s.hz();
        double turn = 60 / rpm;
        int perTurn = (int) Math.max(200, Math.ceil(turn * s.hz() * 120));
        double dt = turn / perTurn;
        int turns = (int) Math.min(4000, Math.max(60, 260 / (turn * s.hz() * s.damping())));
        double[] past = new double[perTurn];
        double y = 0;
        double v = 1;
        double early = 0;
        double late = 0;
        for (int t = 0; t < turns; t++) {
            double peak = 0;
            for (int i = 0; i < perTurn; i++) {
                double before = past[i];
                past[i] = y;
                // Semi-implicit midpoint: second order and without damping of its own.
                double force = w * w / s.stiffnessNPerMm() * directional * (before - y);
                double drag = 2 * s.damping() * w + flank * w * w / s.stiffnessNPerMm();
                double a = -w * w * y - drag * v + force;
                double vm = v + a * dt / 2;
                double ym = y + vm * dt / 2;
                double forceM = w * w / s.stiffnessNPerMm() * directional * (middle(past, i, before) - ym);
                double am = -w * w * ym - drag * vm + forceM;
                y += dt * (v + am * dt / 2);
                v += dt * am;
                peak = Math.max(peak, Math.abs(y));
            }
            if (t == turns / 3) {
                early = peak;
            }
            late = peak;
            if (late > 1e6) {
                return true;
            }
        }
        return late > early;
    }

    /** The wave of the turn before, half a step on. */
    private static double middle(double[] past, int i, double here) {
        double next = i + 1 < past.length ? past[i + 1] : here;
        return (here + next) / 2;
    }

    private static double simulatedLimit(Stability s, double rpm) {
        return simulatedLimit(s, 0, rpm);
    }

    private static double simulatedLimit(Stability s, double flank, double rpm) {
        double low = 0;
        double high = 20 * s.damped(flank).absoluteLimit();
        for (int i = 0; i < 18; i++) {
            double mid = (low + high) / 2;
            if (grows(s, flank, mid, rpm)) {
                high = mid;
            } else {
                low = mid;
            }
        }
        return (low + high) / 2;
    }

    @ParameterizedTest
    @CsvSource({
        "400, 5000, 0.02, 900",
        "400, 5000, 0.02, 2600",
        "400, 5000, 0.02, 7000",
        "400, 5000, 0.02, 11500",
        "250, 2000, 0.04, 1500",
        "250, 2000, 0.04, 4200",
        "900, 12000, 0.012, 6000"
    })
    void theLimitIsWhereAKnockNeitherGrowsNorDies(double hz, double stiffness, double damping, double rpm) {
        Stability s = new Stability(hz, stiffness, damping);
        assertThat(s.limitAt(rpm) / simulatedLimit(s, rpm)).isCloseTo(1, within(0.05));
    }

    /**
     * The flank's damper in the simulation is a force of its own, −c ẏ; the limit with it is the model's with more damping.
     */
    @ParameterizedTest
    @CsvSource({
        "400, 5000, 0.02, 900, 0.05",
        "400, 5000, 0.02, 2600, 0.02",
        "250, 2000, 0.04, 1500, 0.1",
        "900, 12000, 0.012, 6000, 0.06"
    })
    void theFlanksDamperRaisesTheLimit(
            double hz, double stiffness, double damping, double rpm, double newtonSecondPerMm) {
        Stability bare = new Stability(hz, stiffness, damping);
        Stability damped = bare.damped(newtonSecondPerMm);
        assertThat(damped.limitAt(rpm)).isGreaterThan(bare.limitAt(rpm));
        assertThat(damped.limitAt(rpm) / simulatedLimit(bare, newtonSecondPerMm, rpm))
                .isCloseTo(1, within(0.05));
    }

    /** No speed has a lower limit than the absolute one, and some speed touches it. */
    @Test
    void theLobesStandOnTheAbsoluteLimit() {
        Stability s = new Stability(300, 4000, 0.03);
        double least = Double.POSITIVE_INFINITY;
        for (double rpm = 60; rpm < 20_000; rpm *= 1.0008) {
            least = Math.min(least, s.limitAt(rpm));
        }
        assertThat(s.absoluteLimit()).isCloseTo(2 * 4000 * 0.03 * 1.03, within(1e-9));
        assertThat(least / s.absoluteLimit()).isCloseTo(1, within(1e-4));
    }

    /** At many waves a turn the pockets are gone: an old lathe's speeds all sit on the absolute limit. */
    @Test
    void slowSpeedsHaveNoPockets() {
        Stability s = new Stability(800, 4000, 0.03);
        for (double rpm : new double[] {60, 90, 210, 480}) {
            assertThat(s.limitAt(rpm) / s.absoluteLimit()).isBetween(1.0, 1.1);
        }
    }

    @Test
    void chatterSoundsALittleAboveTheNaturalFrequency() {
        Stability s = new Stability(500, 4000, 0.03);
        for (double rpm = 300; rpm < 5000; rpm *= 1.1) {
            assertThat(s.chatterHz(rpm)).isBetween(500.0, 800.0);
        }
    }
}
