package boldwedge.core.mechanics.holder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Which shims add up to a height, against trying every subset. */
class ShimStackTest {
    /** Every subset of a dozen shims tried one by one: the stack found is as near as any of three, and none as near has fewer. */
    @Test
    void isAsGoodAsTryingThemAll() {
        Random random = new Random(21);
        for (int round = 0; round < 60; round++) {
            List<Double> shims = new ArrayList<>();
            for (int i = 0; i < 12; i++) {
                // Half in hundredths of a millimetre, half in tenths of a thou, as a shop has them.
                shims.add(
                        random.nextBoolean() ? 0.01 * (1 + random.nextInt(120)) : 0.00254 * (10 + random.nextInt(400)));
            }
            double wanted = 3.5 * random.nextDouble();
            double[] best = {wanted, wanted, wanted, wanted};
            for (int mask = 1; mask < 1 << 12; mask++) {
                int pieces = Integer.bitCount(mask);
                double sum = 0;
                for (int i = 0; i < 12; i++) {
                    sum += (mask >> i & 1) == 1 ? shims.get(i) : 0;
                }
                for (int most = pieces; most <= 3; most++) {
                    best[most] = Math.min(best[most], Math.abs(wanted - sum));
                }
            }
            ShimStack found = ShimStack.of(wanted, shims);
            int pieces = found.shims().size();
            assertThat(pieces).isLessThanOrEqualTo(3);
            assertThat(Math.abs(found.leftMm())).isLessThanOrEqualTo(best[3] + 0.001);
            for (int fewer = 0; fewer < pieces; fewer++) {
                assertThat(best[fewer]).isGreaterThan(Math.abs(found.leftMm()));
            }
            assertThat(found.shims().stream().mapToDouble(Double::doubleValue).sum())
                    .isCloseTo(wanted - found.leftMm(), within(1e-9));
        }
    }

    @Test
    void takesTheFewestOfThoseThatDo() {
        assertThat(ShimStack.of(0.43, List.of(0.1, 0.1, 0.2, 0.03, 0.43, 0.4)).shims())
                .containsExactly(0.43);
        assertThat(ShimStack.of(0.43, List.of(0.1, 0.1, 0.2, 0.03, 0.4)).shims())
                .containsExactly(0.4, 0.03);
    }

    /** Inch and metric shims together, to the last digit. */
    @Test
    void stacksOfBothSystemsAreExact() {
        ShimStack stack = ShimStack.of(0.4 + 0.0254 * 5, List.of(0.4, 0.127, 0.3, 0.0508));
        assertThat(stack.leftMm()).isCloseTo(0, within(1e-9));
        assertThat(stack.sumMm()).isCloseTo(0.527, within(1e-9));
    }

    @Test
    void nothingWantedTakesNothingAndTooFewTakesAll() {
        assertThat(ShimStack.of(0, List.of(0.1)).shims()).isEmpty();
        assertThat(ShimStack.of(5, List.of(0.1, 0.2)).shims()).containsExactly(0.2, 0.1);
        assertThat(ShimStack.of(0.01, List.of(0.1)).shims()).isEmpty();
        assertThat(ShimStack.of(0.09, List.of(0.1)).shims()).containsExactly(0.1);
        assertThatThrownBy(() -> ShimStack.of(1, List.of(0.0))).isInstanceOf(IllegalArgumentException.class);
    }
}
