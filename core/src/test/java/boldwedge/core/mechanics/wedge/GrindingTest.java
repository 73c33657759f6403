package boldwedge.core.mechanics.wedge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.StockCatalogue;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Rest and swing for each face, against the face's own normal. */
class GrindingTest {
    /** The setting, turned back through tilt and swing, grinds the plane that was wanted. */
    @Test
    void settingsGrindWhatWasSpecified() {
        Random random = new Random(21);
        for (int i = 0; i < 3000; i++) {
            Wedge wedge = Wedge.of(WedgeTest.random(random));
            GrindingSetting face = GrindingSetting.of(wedge.face(), true);
            GrindingSetting side = GrindingSetting.of(wedge.sideFlank(), false);
            GrindingSetting end = GrindingSetting.of(wedge.endFlank(), false);
            assertThat(face.groundNormal().distance(wedge.face())).isLessThan(1e-12);
            assertThat(side.groundNormal().distance(wedge.sideFlank())).isLessThan(1e-12);
            assertThat(end.groundNormal().distance(wedge.endFlank())).isLessThan(1e-12);
            assertThat(face.tiltRad()).isGreaterThanOrEqualTo(0);
            assertThat(side.tiltRad()).isPositive();
        }
    }

    /** Simple angles need no resolving: the tilt is the relief and the swing the edge angle. */
    @Test
    void simpleAnglesAreSetAsTheyAre() {
        Wedge wedge = Wedge.of(new ToolSignature(0, 0, 0.14, 0.17, 0, 0, 0));
        GrindingSetting end = GrindingSetting.of(wedge.endFlank(), false);
        assertThat(end.tiltRad()).isCloseTo(0.14, within(1e-12));
        assertThat(end.swingRad()).isCloseTo(0, within(1e-12));
        GrindingSetting side = GrindingSetting.of(wedge.sideFlank(), false);
        assertThat(side.tiltRad()).isCloseTo(0.17, within(1e-12));
        assertThat(side.swingRad()).isCloseTo(-Math.PI / 2, within(1e-12));
    }

    /** sag = w² / 8R to first order, and the lean at the edge is the slope of that parabola. */
    @Test
    void theHollowIsTheUsualRuleForSmallHeights() {
        Hollow hollow = new Hollow(6, 75);
        assertThat(hollow.sagMm()).isCloseTo(36.0 / 600, within(1e-4));
        assertThat(hollow.leanAtEdge()).isCloseTo(4 * hollow.sagMm() / 6, within(1e-3));
        Hollow flat = new Hollow(6, Double.POSITIVE_INFINITY);
        assertThat(flat.sagMm()).isZero();
        assertThat(flat.leanAtEdge()).isZero();
    }

    @Test
    void theOrderIsTheSchoolsAndTheNoseComesLast() {
        Blank blank = StockCatalogue.shipped().blank("hss-10mm").orElseThrow();
        Wedge wedge = Wedge.of(new ToolSignature(0.1, 0.2, 0.14, 0.16, 0.17, 0.2, 0.5));
        GrindingPlan flanks =
                GrindingPlan.of(GroundBit.grind(blank, wedge, 10, 0, GroundBit.Order.FLANKS_FIRST), 75, 20, 15);
        GrindingPlan top = GrindingPlan.of(GroundBit.grind(blank, wedge, 10, 0, GroundBit.Order.TOP_FIRST), 75, 20, 15);
        assertThat(flanks.passes())
                .extracting(GrindingPlan.Pass::surface)
                .containsExactly(Surface.SIDE_FLANK, Surface.END_FLANK, Surface.FACE, Surface.NOSE);
        assertThat(top.passes().getFirst().surface()).isEqualTo(Surface.FACE);
        // 100 mm less 20 of grip and 15 of overhang, at 0.3 a touch-up.
        assertThat(flanks.regrindsLeft()).isBetween(195, 216);
        assertThat(flanks.passes().getFirst().atEdgeRad())
                .isGreaterThan(flanks.passes().getFirst().clearanceRad());
    }
}
