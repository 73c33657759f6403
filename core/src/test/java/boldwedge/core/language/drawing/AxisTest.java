package boldwedge.core.language.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.measure.UnitSystem;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Where values lie on an axis, and its round ticks. */
@Tag("written")
class AxisTest {
    @Test
    void evenStepsAndEqualRatios() {
        assertThat(Axis.even(0, 10, 20, 70).at(2.5)).isCloseTo(32.5, within(1e-12));
        // Ten is half way from one to a hundred.
        assertThat(Axis.ofRatios(1, 100, 20, 70).at(10)).isCloseTo(45, within(1e-12));
        assertThat(Axis.even(0, 10, 20, 70).at(99)).isEqualTo(70);
        assertThat(Axis.ofRatios(1, 100, 20, 70).at(0.01)).isEqualTo(20);
    }

    @Test
    void ticksAreRoundInTheReadersUnit() {
        assertThat(Axis.roundLengths(0.006, 0.9, UnitSystem.METRIC))
                .containsExactly(0.005, 0.01, 0.02, 0.05, 0.1, 0.2, 0.5, 1.0);
        assertThat(Axis.roundLengths(0.2, 0.2, UnitSystem.METRIC)).containsExactly(0.2, 0.5);
        assertThat(Axis.roundLengths(0.0254, 0.2, UnitSystem.INCH).stream().map(mm -> Math.round(mm / 0.0254)))
                .containsExactly(1L, 2L, 5L, 10L);
    }
}
