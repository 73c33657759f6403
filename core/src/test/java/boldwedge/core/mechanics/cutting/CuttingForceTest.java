package boldwedge.core.mechanics.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import org.junit.jupiter.api.Test;

/** Forces against handbook figures, and the area of the cut against counting. */
class CuttingForceTest {
    private static final WorkMaterial STEEL =
            StockCatalogue.shipped().workMaterial("steel-medium-carbon").orElseThrow();

    private static double rad(double degrees) {
        return Math.toRadians(degrees);
    }

    /** Deep and finely fed the corner tells little: Kienzle's own formula, Fc = kc1.1 · b · h^(1−mc). */
    @Test
    void farFromTheCornerItIsKienzle() {
        double kappa = rad(75);
        CuttingForce force = CuttingForce.of(STEEL, new EdgeProfile(0, kappa, rad(10)), rad(6), 20, 0.02);
        double b = 20 / Math.sin(kappa);
        double h = 0.02 * Math.sin(kappa);
        double push = Math.tan(STEEL.frictionRad().chosen() - rad(6));
        double expected = 2220 * b * Math.pow(h, 1 - 0.14);
        assertThat(force.cuttingN()).isCloseTo(expected, within(1e-3 * expected));
        assertThat(force.feedN()).isCloseTo(expected * push * Math.sin(kappa), within(1e-3 * expected));
        assertThat(force.pushN()).isCloseTo(expected * push * Math.cos(kappa), within(1e-3 * expected));
    }

    /** The chip's area against the area between this outline and the last one, below the free surface. */
    @Test
    void areaIsWhatLiesBetweenTheMarks() {
        EdgeProfile edge = new EdgeProfile(0.8, rad(75), rad(10));
        for (double depth : new double[] {0.05, 0.1, 0.5, 2}) {
            double f = 0.1;
            double area = 0;
            int n = 400_000;
            for (int i = 0; i < n; i++) {
                double x = -1.5 + 3.0 * i / n;
                double now = Math.min(depth, edge.heightAt(x));
                double before = Math.min(depth, edge.heightAt(x + f));
                area += Math.max(0, before - now) * 3.0 / n;
            }
            CuttingForce force = CuttingForce.of(STEEL, edge, rad(6), depth, f);
            assertThat(force.chipAreaMm2()).as("depth %s", depth).isCloseTo(area, within(0.02 * area));
            assertThat(area).isCloseTo(depth * f, within(0.03 * depth * f));
        }
    }

    /** Shallower than the nose, nearly all of the thrust is push; deep with no lead, nearly none. */
    @Test
    void shallowCutsPush() {
        CuttingForce shallow = CuttingForce.of(STEEL, new EdgeProfile(0.8, rad(90), rad(10)), rad(6), 0.05, 0.05);
        assertThat(shallow.pushN()).isGreaterThan(3 * shallow.feedN());
        CuttingForce deep = CuttingForce.of(STEEL, new EdgeProfile(0.2, rad(90), rad(10)), rad(6), 3, 0.2);
        assertThat(deep.pushN()).isLessThan(0.1 * deep.feedN());
    }

    /** Fine summing against a coarser way: the arc cut into many short straight edges, chip by chip. */
    @Test
    void arcSumIsTheIntegral() {
        double r = 0.8;
        double f = 0.1;
        double depth = 0.4;
        double sum = 0;
        double pushSum = 0;
        int n = 100_000;
        double first = -Math.asin(f / (2 * r));
        double last = Math.acos(1 - depth / r);
        double ratio = CuttingForce.pushRatio(STEEL, rad(6));
        for (int i = 0; i < n; i++) {
            double phi = first + (last - first) * (i + 0.5) / n;
            // Distance from this nose's edge to the last nose's edge along the radius.
            double h = r + f * Math.sin(phi) - Math.sqrt(r * r - f * f * Math.cos(phi) * Math.cos(phi));
            // The chip ends at the free surface.
            h = Math.min(h, r - (r - depth) / Math.cos(phi));
            double df = 2220 * Math.pow(Math.max(h, 0), 0.86) * (r - h / 2) * (last - first) / n;
            sum += df;
            pushSum += df * ratio * Math.cos(phi);
        }
        CuttingForce force = CuttingForce.of(STEEL, new EdgeProfile(r, rad(75), rad(10)), rad(6), depth, f);
        assertThat(force.cuttingN()).isCloseTo(sum, within(0.01 * sum));
        assertThat(force.pushN()).isCloseTo(pushSum, within(0.01 * pushSum));
    }

    @Test
    void moreRakeCutsEasier() {
        EdgeProfile edge = new EdgeProfile(0.4, rad(75), rad(10));
        CuttingForce blunt = CuttingForce.of(STEEL, edge, rad(0), 1, 0.1);
        CuttingForce keen = CuttingForce.of(STEEL, edge, rad(16), 1, 0.1);
        assertThat(keen.cuttingN()).isCloseTo(blunt.cuttingN() * (1 - 0.15) / (1 + 0.09), within(1e-6));
        assertThat(keen.pushN()).isLessThan(blunt.pushN());
    }

    @Test
    void theCurveReadsLikeTheForceItself() {
        EdgeProfile edge = new EdgeProfile(0.8, rad(75), rad(10));
        PushCurve curve = new PushCurve(STEEL, EdgePress.NONE, edge, rad(6), 0.5, 0.1);
        for (double depth : new double[] {0.005, 0.02, 0.1, 0.33, 0.5}) {
            double direct = CuttingForce.of(STEEL, edge, rad(6), depth, 0.1).pushN();
            assertThat(curve.applyAsDouble(depth)).isCloseTo(direct, within(0.03 * direct));
        }
        assertThat(curve.applyAsDouble(0)).isZero();
        assertThat(CuttingForce.of(STEEL, edge, rad(6), 0, 0.1)).isEqualTo(CuttingForce.NONE);
    }

    @Test
    void powerIsForceTimesSpeed() {
        CuttingForce force = new CuttingForce(600, 0, 0, 0, 0, 0);
        assertThat(force.powerWatt(100)).isCloseTo(1000, within(1e-9));
    }

    /** By hand: over the straight edge of a square tool (κ 90°) the edge's own force adds 8 N/mm along and 12 N/mm against the feed, no push. */
    @Test
    void theEdgesOwnForceIsThereHoweverThinTheChip() {
        EdgePress press = new EdgePress(8, 12);
        EdgeProfile square = new EdgeProfile(0, rad(90), rad(10));
        CuttingForce bare = CuttingForce.of(STEEL, square, rad(6), 3, 0.01);
        CuttingForce pressed = CuttingForce.of(STEEL, press, square, rad(6), 3, 0.01);
        double trail = pressed.edgeMm() - 3;
        assertThat(pressed.cuttingN() - bare.cuttingN()).isCloseTo(8 * pressed.edgeMm(), within(1e-9));
        assertThat(pressed.feedN() - bare.feedN()).isCloseTo(12 * (3 - trail * Math.sin(rad(10))), within(1e-9));
        assertThat(pressed.pushN() - bare.pushN()).isCloseTo(12 * trail * Math.cos(rad(10)), within(1e-9));
    }

    /** A honed insert at a few hundredths of depth pushes the work off; a stoned bit there does not. */
    @Test
    void aHonedInsertPushesWhereAStonedBitDoesNot() {
        EdgeProfile edge = new EdgeProfile(0.4, rad(91), rad(8));
        double honed = push("insert", edge);
        double stoned = push("hss", edge);
        assertThat(honed).isGreaterThan(2 * stoned);
    }

    private static double push(String tool, EdgeProfile edge) {
        EdgePress press =
                EdgePress.of(StockCatalogue.shipped().toolMaterial(tool).orElseThrow(), STEEL);
        return CuttingForce.of(STEEL, press, edge, rad(14), 0.05, 0.05).pushN();
    }
}
