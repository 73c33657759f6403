package boldwedge.core.mechanics.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.rigidity.Stability;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What an edge does to waves, sampled, against the same worked out at the very depth. */
class WaveGrowthTest {
    private static final WorkMaterial STEEL =
            StockCatalogue.shipped().workMaterial("steel-low-carbon").orElseThrow();
    private static final EdgeProfile EDGE = new EdgeProfile(0.4, Math.toRadians(85), Math.toRadians(10));
    private static final double RAKE = Math.toRadians(8);
    private final WaveGrowth growth = new WaveGrowth(STEEL, EDGE, RAKE, 0.07);

    @ParameterizedTest
    @ValueSource(doubles = {0.008, 0.017, 0.06, 0.21, 0.5, 1.3, 4.7, 9.9})
    void betweenItsSamplesItIsWhatTheEdgeDoes(double depth) {
        double exact = CuttingForce.directionalStiffness(STEEL, EDGE, RAKE, depth, 0.07);
        assertThat(growth.growthAt(depth)).isCloseTo(exact, within(0.06 * exact));
        double flank = CuttingForce.flankBreadth(EDGE, depth, 0.07);
        assertThat(growth.flankAt(depth)).isCloseTo(flank, within(0.02 * flank));
    }

    @Test
    void theDepthIsWhereTheGrowthReachesTheLimit() {
        double depth = growth.depthWhere(flank -> 100);
        assertThat(growth.growthAt(depth)).isCloseTo(100, within(0.1));
        // A flank that damps moves it deeper, and damps for good when it grows faster than the push.
        assertThat(growth.depthWhere(flank -> 100 + 100 * flank)).isGreaterThan(depth);
        assertThat(growth.depthWhere(flank -> 100 + 1e5 * flank)).isInfinite();
        assertThat(growth.depthWhere(flank -> 1e-3)).isBetween(0.0, 0.002);
    }

    /** A limit that says what it is never below is asked less often and gives the same depth; what lies deeper than is of interest is none. */
    @Test
    void aLimitsLowerBoundSavesAskingAndMovesNothing() {
        Stability mode = new Stability(640, 4000, 0.03);
        for (double rpm : new double[] {40, 210, 700, 2400}) {
            int[] asked = {0, 0};
            double plain = growth.depthWhere(flank -> {
                asked[0]++;
                return mode.damped(0.05 * flank).limitAt(rpm);
            });
            WaveGrowth.Limit bounded = new WaveGrowth.Limit() {
                @Override
                public double at(double flankMm) {
                    asked[1]++;
                    return mode.damped(0.05 * flankMm).limitAt(rpm);
                }

                @Override
                public double neverBelow(double flankMm) {
                    return mode.damped(0.05 * flankMm).absoluteLimit();
                }
            };
            double depth = growth.depthWhere(bounded);
            assertThat(depth).isEqualTo(plain);
            assertThat(growth.growthAt(depth))
                    .isCloseTo(mode.damped(0.05 * growth.flankAt(depth)).limitAt(rpm), within(0.01));
            assertThat(asked[1]).isLessThan(asked[0]);
            assertThat(growth.depthWhere(bounded, 1.5 * depth)).isEqualTo(depth);
            assertThat(growth.depthWhere(bounded, 0.5 * depth)).isInfinite();
        }
    }

    /** A nose's engaged arc in closed form while the cut is shallow: Σ cos²φ ds = r (Φ / 2 + sin 2Φ / 4) on each side. */
    @Test
    void theFlanksBreadthInClosedForm() {
        double depth = 0.1;
        double ahead = Math.acos(1 - depth / 0.4);
        double behind = Math.asin(0.035 / 0.4);
        double closed = 0.4 * ((ahead + behind) / 2 + (Math.sin(2 * ahead) + Math.sin(2 * behind)) / 4);
        assertThat(CuttingForce.flankBreadth(EDGE, depth, 0.07)).isCloseTo(closed, within(0.01 * closed));
    }

    @Test
    void theFlankDampsByMaterialAndClearance() {
        Span usual = FlankDamping.of(STEEL, Math.toRadians(6));
        // The order published for low-carbon steel: a hundred thousand N/m and more.
        assertThat(usual.chosen() * 1000).isBetween(8e4, 1.2e5);
        assertThat(usual.low()).isLessThan(usual.chosen());
        assertThat(usual.high()).isGreaterThan(usual.chosen());
        Span open = FlankDamping.of(STEEL, Math.toRadians(12));
        assertThat(open.chosen() / usual.chosen())
                .isCloseTo(Math.tan(Math.toRadians(6)) / Math.tan(Math.toRadians(12)), within(1e-9));
        WorkMaterial soft =
                StockCatalogue.shipped().workMaterial("aluminium-wrought").orElseThrow();
        assertThat(FlankDamping.of(soft, Math.toRadians(6)).chosen()).isLessThan(0.6 * usual.chosen());
    }
}
