package boldwedge.core.mechanics.wedge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.mechanics.wedge.InUse.Feeding;
import org.junit.jupiter.api.Test;

/** Angles in use by height, swivel and feed: vectors against closed forms. */
class InUseTest {
    private static final ToolSignature TOOL = new ToolSignature(
            Math.toRadians(10),
            Math.toRadians(12),
            Math.toRadians(8),
            Math.toRadians(9),
            Math.toRadians(10),
            Math.toRadians(15),
            0.4);

    /** Above centre the rake gains asin(h/R) and the end clearance loses it; below, the other way. */
    @Test
    void heightTurnsRakeIntoClearance() {
        for (double h : new double[] {-1.5, -0.3, 0.3, 1.5}) {
            InUse use = new InUse(h, 12, 0, 0, Feeding.LENGTHWAYS);
            ToolSignature used = Wedge.of(TOOL).signature(use.frame());
            double theta = Math.asin(h / 12);
            assertThat(used.backRake()).isCloseTo(TOOL.backRake() + theta, within(1e-12));
            assertThat(used.endRelief()).isCloseTo(TOOL.endRelief() - theta, within(1e-12));
        }
    }

    /** The feed leans the cut in the plane Pf: side rake gains atan(f / 2πR), side clearance loses it. */
    @Test
    void feedTakesSideClearance() {
        InUse use = new InUse(0, 5, 0, 1.5, Feeding.LENGTHWAYS);
        ToolSignature used = Wedge.of(TOOL).signature(use.frame());
        double eta = Math.atan(1.5 / (2 * Math.PI * 5));
        assertThat(used.sideRelief()).isCloseTo(TOOL.sideRelief() - eta, within(1e-12));
        assertThat(used.sideRake()).isCloseTo(TOOL.sideRake() + eta, within(1e-12));
    }

    /** Facing, the feed leans the cut in Pp: it is the end clearance that goes. */
    @Test
    void feedAcrossTakesEndClearance() {
        InUse use = new InUse(0, 3, 0, 0.8, Feeding.ACROSS);
        ToolSignature used = Wedge.of(TOOL).signature(use.frame());
        assertThat(used.endRelief()).isCloseTo(TOOL.endRelief() - use.feedAngle(), within(1e-12));
    }

    @Test
    void swingingThePointToTheChuckTakesTheLead() {
        InUse use = new InUse(0, 20, Math.toRadians(5), 0, Feeding.LENGTHWAYS);
        Wedge wedge = Wedge.of(TOOL);
        ToolSignature used = wedge.signature(use.frame());
        assertThat(used.sideCuttingEdge()).isCloseTo(Math.toRadians(10), within(1e-12));
        // The angle between the edges is fixed: the end edge comes nearer to dragging.
        assertThat(used.endCuttingEdge()).isCloseTo(Math.toRadians(5), within(1e-12));
        assertThat(wedge.sideAngles(use.frame()).approach()).isCloseTo(Math.toRadians(80), within(1e-12));
        // What does not depend on direction in Pr stays: the rake square to the edge.
        assertThat(wedge.sideAngles(use.frame()).normalRake())
                .isCloseTo(wedge.sideAngles(Frame.IN_HAND).normalRake(), within(1e-12));
    }

    @Test
    void aClearanceCanGoNegativeInUse() {
        InUse use = new InUse(2.5, 10, 0, 0, Feeding.LENGTHWAYS);
        Wedge wedge = Wedge.of(TOOL);
        assertThat(wedge.signature(use.frame()).endRelief()).isNegative();
        assertThat(wedge.leastNoseClearance(use.frame())).isLessThan(Math.toRadians(1));
    }
}
