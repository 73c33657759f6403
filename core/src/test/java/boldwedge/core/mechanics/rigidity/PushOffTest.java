package boldwedge.core.mechanics.rigidity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/** Work that springs from the tool, against the fixed point of each pass. */
class PushOffTest {
    private static final double STIFF = 1e12;

    private static WorkHolding bar(Hold hold) {
        return new WorkHolding(hold, 100, 12, 207_000, STIFF, STIFF, STIFF, STIFF);
    }

    /** A constant push on a rigid machine: the free end of a chucked bar goes by FL³/3EI, exactly. */
    @Test
    void chuckedBarUnderAConstantPush() {
        PushOff push = PushOff.of(bar(Hold.CHUCK), 0, 100, 1, depth -> depth > 0 ? 40 : 0, 1, 0.002);
        double end = 40 * 1e6 / (3 * 207_000 * Beam.round(12));
        assertThat(push.stations().getLast().apartMm()).isCloseTo(end, within(1e-6));
        assertThat(push.taperMm()).isCloseTo(2 * end, within(1e-6));
        assertThat(push.springPasses()).isZero();
    }

    /** A push in proportion to depth: x = cKd / (1 + cK), and each spring pass leaves the same share of what was left. */
    @Test
    void springPassesShrinkByTheSameShare() {
        WorkHolding work = bar(Hold.CHUCK);
        double k = 4000;
        double share = work.complianceAt(100) * k / (1 + work.complianceAt(100) * k);
        PushOff push = PushOff.of(work, 100, 100, 0.5, depth -> k * depth, 0.0005, 1e-6);
        assertThat(push.largestMm()).isCloseTo(2 * 0.5 * share, within(1e-6));
        double left = push.largestMm();
        for (double after : push.leftMm()) {
            left *= share;
            assertThat(after).isCloseTo(left, within(1e-5));
        }
        assertThat(push.springPasses()).isPositive();
    }

    @Test
    void aCentreHoldsTheEndAndTheMiddleGivesMost() {
        PushOff chuck = PushOff.of(bar(Hold.CHUCK), 20, 100, 0.5, depth -> 3000 * depth, 1, 0.002);
        PushOff centre = PushOff.of(bar(Hold.CHUCK_AND_CENTRE), 20, 100, 0.5, depth -> 3000 * depth, 1, 0.002);
        PushOff between = PushOff.of(bar(Hold.BETWEEN_CENTRES), 0, 100, 0.5, depth -> 3000 * depth, 1, 0.002);
        assertThat(centre.largestMm()).isLessThan(0.2 * chuck.largestMm());
        assertThat(centre.stations().getLast().apartMm()).isLessThan(1e-6);
        assertThat(between.taperMm()).isCloseTo(0, within(1e-9));
        assertThat(between.stations().get(6).apartMm())
                .isGreaterThan(between.stations().get(2).apartMm());
    }

    @Test
    void springPassesEndWhereTheEdgeOnlyRubs() {
        PushOff push = PushOff.of(bar(Hold.CHUCK), 0, 100, 0.3, depth -> 300 * depth, 1e-6, 0.05);
        assertThat(push.stoppedByRubbing()).isTrue();
        assertThat(push.springPasses()).isLessThan(PushOff.MOST_PASSES);
    }

    @Test
    void springsOfTheMachineAddUp() {
        WorkHolding soft = new WorkHolding(Hold.BETWEEN_CENTRES, 100, 40, 207_000, 20_000, 1e8, 10_000, 25_000);
        double middle = soft.complianceAt(50) - Beam.pinnedPinned(50, 100, 207_000 * Beam.round(40));
        assertThat(middle).isCloseTo(0.25 / 20_000 + 0.25 / 10_000 + 1.0 / 25_000, within(1e-12));
    }

    /** A square shank as a cantilever: bending FL³/3EI plus the shear that a short one adds. */
    @Test
    void toolOverhang() {
        ToolOverhang tool = new ToolOverhang(10, 10, 15, 207_000);
        double bending = 200 * 3375 / (3 * 207_000 * 833.333);
        double shear = 200 * 15 / (5.0 / 6 * 207_000 / 2.6 * 100);
        assertThat(tool.drop(200)).isCloseTo(bending + shear, within(1e-8));
        assertThat(tool.stressMPa(200)).isCloseTo(18, within(1e-9));
    }
}
