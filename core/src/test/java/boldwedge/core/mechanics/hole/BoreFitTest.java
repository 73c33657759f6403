package boldwedge.core.mechanics.hole;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;

/** Whether bar and heel clear the hole: circles against points. */
class BoreFitTest {
    private static BoreFit fit(double bar, double reach, double height, double ahead, double clearance, double flank) {
        return new BoreFit(bar, reach, height, ahead, Math.toRadians(clearance), flank);
    }

    /** Sampled points of the bar's circle against the hole's: nothing in common with the closed form. */
    @Test
    void theGapIsTheLeastDistanceOfTheTwoCircles() {
        Random random = new Random(8);
        for (int i = 0; i < 200; i++) {
            double hole = 5 + 20 * random.nextDouble();
            BoreFit fit = fit(
                    0.3 * hole + 0.4 * hole * random.nextDouble(),
                    0.9 * hole,
                    0.1 * hole * (random.nextDouble() - 0.5),
                    0.1 * hole * (random.nextDouble() - 0.5),
                    10,
                    4);
            double least = Double.POSITIVE_INFINITY;
            for (int k = 0; k < 7200; k++) {
                double at = Math.PI * k / 3600;
                double x = fit.barX(hole) + fit.barRadiusMm() * Math.cos(at);
                double y = fit.barY() + fit.barRadiusMm() * Math.sin(at);
                least = Math.min(least, hole - Math.hypot(x, y));
            }
            assertThat(fit.gapMm(hole)).isCloseTo(least, within(1e-5 * hole));
        }
    }

    @Test
    void aConcentricBarHasTheSameGapAllRound() {
        BoreFit fit = fit(6, 10, 0, 0, 10, 4);
        assertThat(fit.gapMm(10)).isCloseTo(4, within(1e-12));
        assertThat(fit.drawBackMm(10)).isCloseTo(4, within(1e-12));
        assertThat(fit.chipRoom(10)).isCloseTo(1 - 0.36, within(1e-12));
    }

    /** After drawing back by that much, bar and wall touch. */
    @Test
    void drawnBackTheBarTouchesTheFarSide() {
        BoreFit fit = fit(5, 8, 0.7, 0.2, 10, 4);
        double hole = 9;
        double x = fit.barX(hole) - fit.drawBackMm(hole);
        assertThat(Math.hypot(x, fit.barY()) + 5).isCloseTo(hole, within(1e-9));
    }

    @Test
    void theSmallestHoleForTheHeelIsWhereItTouches() {
        for (double height : new double[] {-0.6, 0, 0.8}) {
            for (double clearance : new double[] {8, 15, 25}) {
                BoreFit fit = fit(4, 8, height, 0, clearance, 5);
                double r = fit.smallestRadiusForHeel();
                assertThat(fit.heelGapMm(r)).isCloseTo(0, within(1e-9));
                assertThat(fit.heelGapMm(r * 1.05)).isPositive();
                assertThat(fit.heelGapMm(r * 0.95)).isNegative();
            }
        }
        assertThat(fit(4, 8, 0, 0, 12, 5).smallestRadiusForHeel())
                .isCloseTo(5 / Math.sin(Math.toRadians(24)), within(1e-9));
    }

    @Test
    void theClearanceForAHeelLetsItTouchJustThere() {
        for (double height : new double[] {-1, 0, 1.5}) {
            double needed = BoreFit.clearanceForHeel(5, 12, height);
            assertThat(new BoreFit(4, 8, height, 0, needed, 5).heelGapMm(12)).isCloseTo(0, within(1e-9));
        }
        assertThat(BoreFit.clearanceForHeel(5, 12, 0)).isCloseTo(Math.asin(5 / 12.0) / 2, within(1e-12));
    }

    @Test
    void theSmallestHoleForTheBarIsWhereItTouches() {
        BoreFit fit = fit(6, 8, 0.3, 0, 12, 3);
        double r = fit.smallestRadiusForBar(0.1);
        assertThat(fit.gapMm(r)).isCloseTo(0.1, within(1e-6));
    }

    /** Above centre inside a hole: the same sign of lean that a vector from the axis gives. */
    @Test
    void theLeanIsTheAngleOfThePoint() {
        BoreFit fit = fit(4, 8, 1.5, 0, 12, 3);
        assertThat(fit.lean(10)).isCloseTo(Math.atan2(1.5, fit.pointX(10)), within(1e-12));
    }
}
