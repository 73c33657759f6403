package boldwedge.core.mechanics.rigidity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;

/** The closed forms against unit-load integration: δ = ∫ M² dx / EI for a unit load, with statics worked separately. */
class BeamTest {
    private static final double EI = 4.2e8;
    private static final double L = 130;

    @Test
    void cantilever() {
        for (double a : new double[] {20, 65, 130}) {
            assertThat(Beam.cantilever(a, EI)).isCloseTo(energy(x -> x < a ? a - x : 0), within(1e-9 * a));
        }
    }

    @Test
    void pinnedPinned() {
        for (double a : new double[] {20, 65, 110}) {
            double left = (L - a) / L;
            double expected = energy(x -> x < a ? left * x : left * x - (x - a));
            assertThat(Beam.pinnedPinned(a, L, EI)).isCloseTo(expected, within(1e-5 * expected));
        }
    }

    /** The redundant pin is found by asking that its own end does not move: ∫ M · (L − x) dx = 0. */
    @Test
    void fixedPinned() {
        for (double a : new double[] {20, 65, 110, 125}) {
            int n = 20_000;
            double loadAtPin = 0;
            double pinAtPin = 0;
            for (int i = 0; i < n; i++) {
                double x = L * (i + 0.5) / n;
                double load = x < a ? a - x : 0;
                loadAtPin += load * (L - x);
                pinAtPin += (L - x) * (L - x);
            }
            double pin = loadAtPin / pinAtPin;
            assertThat(Beam.pinReaction(a, L)).isCloseTo(pin, within(1e-5));
            double expected = energy(x -> (x < a ? a - x : 0) - pin * (L - x));
            assertThat(Beam.fixedPinned(a, L, EI)).isCloseTo(expected, within(1e-4 * expected));
        }
    }

    @Test
    void sections() {
        assertThat(Beam.round(20)).isCloseTo(7853.98, within(0.01));
        assertThat(Beam.rectangle(10, 12)).isEqualTo(1440);
    }

    private static double energy(DoubleUnaryOperator moment) {
        int n = 20_000;
        double sum = 0;
        for (int i = 0; i < n; i++) {
            double m = moment.applyAsDouble(L * (i + 0.5) / n);
            sum += m * m;
        }
        return sum * L / n / EI;
    }
}
