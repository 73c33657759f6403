package boldwedge.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.trial.PushTest.Reading;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** Stiffness from loads and readings, by least squares. */
class PushTestTest {
    @Test
    void aSpringIsFoundExactly() throws Exception {
        PushTest test = PushTest.of(List.of(
                new Reading(0, 0, OptionalDouble.of(0)),
                new Reading(20, 0.01, OptionalDouble.of(0.01)),
                new Reading(40, 0.02, OptionalDouble.of(0.02))));
        assertThat(test.stiffnessNPerMm()).isCloseTo(2000, within(1e-6));
        assertThat(test.hysteresisMm()).isZero();
        assertThat(test.bentMm()).isCloseTo(0, within(1e-12));
    }

    /** Friction holds the point back on the way down: a loop, and something left at the end. */
    @Test
    void frictionAndPlayShowOnTheWayBack() throws Exception {
        PushTest test = PushTest.of(List.of(
                new Reading(0, 0, OptionalDouble.of(0.003)),
                new Reading(20, 0.010, OptionalDouble.of(0.014)),
                new Reading(40, 0.020, OptionalDouble.of(0.023)),
                new Reading(60, 0.030, OptionalDouble.of(0.030))));
        assertThat(test.hysteresisMm()).isCloseTo(0.004, within(1e-9));
        assertThat(test.leftMm()).isCloseTo(0.003, within(1e-9));
        assertThat(test.stiffnessNPerMm()).isBetween(1900.0, 2300.0);
        assertThat(test.spreadNPerMm().orElseThrow()).isPositive();
    }

    @Test
    void theHolderIsWhatIsLeftOverTheBar() throws Exception {
        PushTest test = PushTest.of(
                List.of(new Reading(0, 0, OptionalDouble.empty()), new Reading(50, 0.05, OptionalDouble.empty())));
        assertThat(test.holderMmPerN(0.0004)).isCloseTo(0.0006, within(1e-12));
        assertThat(test.holderMmPerN(0.002)).isZero();
    }

    @Test
    void swappedAndMissingReadingsGetASentence() {
        assertThatThrownBy(() -> PushTest.of(List.of(
                        new Reading(0, 0.02, OptionalDouble.empty()), new Reading(40, 0, OptionalDouble.empty()))))
                .hasMessageContaining("against the pull");
        assertThatThrownBy(() -> PushTest.of(List.of(new Reading(40, 0.02, OptionalDouble.of(0.02)))))
                .hasMessageContaining("Two different");
    }
}
