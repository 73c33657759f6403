package boldwedge.core.mechanics.holder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.mechanics.holder.SlotPasses.Pass;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** A slot of any width by a smaller cutter: passes and shifts. */
class SlotPassesTest {
    /** Whatever the cutter, the two finishing passes leave exactly the slot, and no pass leaves a ridge between. */
    @Test
    void theWallsStandWhereTheyAreDrawn() {
        Random random = new Random(3);
        for (int i = 0; i < 300; i++) {
            double cutter = 2 + 8 * random.nextDouble();
            double width = cutter + 20 * random.nextDouble();
            double from = 30 * random.nextDouble();
            SlotPasses slot = SlotPasses.of(from, width, cutter);
            List<Pass> finishing =
                    slot.passes().stream().filter(Pass::finishing).toList();
            assertThat(finishing.getFirst().axisMm() - cutter / 2).isCloseTo(from, within(1e-9));
            assertThat(finishing.getLast().axisMm() + cutter / 2).isCloseTo(from + width, within(1e-9));
            double reached = from + Math.min(SlotPasses.LEFT_MM, width - cutter) + 1e-9;
            for (Pass pass : slot.passes().stream().filter(p -> !p.finishing()).toList()) {
                assertThat(pass.axisMm() - cutter / 2).isLessThanOrEqualTo(reached);
                assertThat(pass.axisMm() - cutter / 2).isGreaterThanOrEqualTo(from - 1e-9);
                assertThat(pass.axisMm() + cutter / 2).isLessThanOrEqualTo(from + width + 1e-9);
                reached = pass.axisMm() + cutter / 2;
            }
            // The dial shows zero where the cutter's near side touches the face from outside.
            assertThat(slot.passes())
                    .allSatisfy(p -> assertThat(p.dialMm() - cutter / 2).isCloseTo(p.axisMm(), within(1e-9)));
        }
    }

    /** By hand: a slot 12.8 wide, 20 up, with a cutter that cuts 5.96. */
    @Test
    void byHand() {
        SlotPasses slot = SlotPasses.of(20, 12.8, 5.96);
        assertThat(slot.passes().stream().filter(Pass::finishing).map(Pass::dialMm))
                .containsExactly(25.96, 20 + 12.8);
        assertThat(slot.widthIfLabelled(6)).isCloseTo(12.84, within(1e-9));
        assertThat(SlotPasses.of(20, 6, 6).passes()).hasSize(1);
        assertThatThrownBy(() -> SlotPasses.of(20, 5, 6)).hasMessageContaining("wider than the slot");
    }

    @Test
    void heightsFromWhatIsMeasured() {
        assertThat(HeightMeasured.ofPip(0.3, false)).isCloseTo(-0.15, within(1e-12));
        assertThat(HeightMeasured.ofLines(0.5, true)).isCloseTo(0.25, within(1e-12));
        assertThat(HeightMeasured.ofGauge(46.9, 47.05)).isCloseTo(-0.15, within(1e-9));
        // Turned by that much the point comes level with the axis.
        double turn = HeightMeasured.rockerTurn(1.2, 40);
        assertThat(1.2 - 40 * Math.sin(turn)).isCloseTo(0, within(1e-12));
    }
}
