package boldwedge.core.rule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.stock.Span;
import org.junit.jupiter.api.Test;

/** What there is over what is needed, less one, by hand: a range of 15 to 25 m/min, too slow under 65 % of its low end. */
class SpeedMarginTest {
    private static final Span RANGE = new Span(15, 20, 25);
    private static final double SLOWEST = -0.35;

    private static double at(double v) {
        return SpeedMargin.of(v, RANGE, SLOWEST);
    }

    @Test
    void twiceAndFourTimesTooFastAreNotTheSame() {
        assertThat(at(50)).isCloseTo(-0.5, within(1e-12));
        assertThat(at(100)).isCloseTo(-0.75, within(1e-12));
    }

    @Test
    void tooSlowBeginsUnderTheShareOfItsLowEnd() {
        assertThat(at(0.65 * 15)).isCloseTo(0, within(1e-12));
        assertThat(at(0.325 * 15)).isCloseTo(-0.5, within(1e-12));
    }

    /** Within the range there is what it may still rise; at the low end as much as it may. */
    @Test
    void withinTheRangeNothingIsLacking() {
        assertThat(at(25)).isCloseTo(0, within(1e-12));
        assertThat(at(20)).isCloseTo(0.4, within(1e-12));
        assertThat(at(15)).isCloseTo(0.8, within(1e-12));
    }
}
