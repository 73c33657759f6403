package boldwedge.core.mechanics.wedge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SwingRangeTest {
    private static SwingRange corner(double cornerDeg, double swungDeg) {
        // Unswung its side edge is square: swinging gives facing what it takes from turning.
        return new SwingRange(
                Math.toRadians(swungDeg), Math.toRadians(90 - cornerDeg - swungDeg), Math.toRadians(swungDeg));
    }

    /** ε = 80°: κ from 92° to 98°, best 5°; ε = 74°: 2° to 14°, 8° each. Wherever it stands now. */
    @ParameterizedTest
    @CsvSource({"80,0,2,8,5", "80,5,2,8,5", "74,0,2,14,8", "74,8,2,14,8", "80,12,2,8,5"})
    void theTradesOwnValues(double corner, double swung, double from, double to, double best) {
        SwingRange range = corner(corner, swung);
        assertThat(Math.toDegrees(range.cornerRad())).isCloseTo(corner, within(1e-9));
        assertThat(Math.toDegrees(range.fromRad())).isCloseTo(from, within(1e-9));
        assertThat(Math.toDegrees(range.toRad())).isCloseTo(to, within(1e-9));
        assertThat(Math.toDegrees(range.bestRad())).isCloseTo(best, within(1e-9));
        assertThat(range.isEmpty()).isFalse();
    }

    @Test
    void aSquareCornerHasNone() {
        SwingRange range = corner(88, 0);
        assertThat(range.isEmpty()).isTrue();
        assertThat(Math.toDegrees(range.lacksRad())).isCloseTo(2, within(1e-9));
    }

    /** The corner of a bit by vectors, with rake: in plan it is what lead and end edge leave of a right angle. */
    @ParameterizedTest
    @CsvSource({"0,8", "-3,12", "10,20"})
    void theCornerOfABit(double leadDeg, double endDeg) {
        Wedge wedge = Wedge.of(new ToolSignature(
                0, 0, Math.toRadians(8), Math.toRadians(8), Math.toRadians(endDeg), Math.toRadians(leadDeg), 0.4));
        double facing = wedge.sideAngles(Frame.IN_HAND).approach() - Math.PI / 2;
        double turning = wedge.endAngles(Frame.IN_HAND).approach();
        assertThat(Math.toDegrees(new SwingRange(facing, turning, 0).cornerRad()))
                .isCloseTo(90 + leadDeg - endDeg, within(1e-9));
    }
}
