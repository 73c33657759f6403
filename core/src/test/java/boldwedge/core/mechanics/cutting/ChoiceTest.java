package boldwedge.core.mechanics.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.stock.Span;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Choosing speed and feed from what the lathe has. */
class ChoiceTest {
    private static final SpindleSpeeds GEARS = new SpindleSpeeds.Steps(List.of(320.0, 60.0, 120.0, 210.0));
    private static final Span SURFACE = new Span(20, 25, 30);

    @Test
    void takesTheNextSpeedDownAndSaysWhatTheNextUpCosts() {
        // 1000 · 25 / (π · 30) = 265.3 rpm.
        SpeedChoice choice = SpeedChoice.of(SURFACE, 30, GEARS, 0.125);
        assertThat(choice.wantedRpm()).isCloseTo(265.26, within(0.01));
        assertThat(choice.rpm()).isEqualTo(210);
        assertThat(choice.higherRpm()).hasValue(320);
        assertThat(choice.higherLifeShare()).isCloseTo(Math.pow(210.0 / 320, 8), within(1e-12));
        assertThat(choice.tooFast()).isFalse();
    }

    @Test
    void anOldLatheMayBeTooFastAtItsSlowest() {
        SpeedChoice choice = SpeedChoice.of(SURFACE, 300, GEARS, 0.125);
        assertThat(choice.rpm()).isEqualTo(60);
        assertThat(choice.tooFast()).isTrue();
    }

    @Test
    void aVariableDriveTakesTheSpeedItselfWithinItsRange() {
        SpindleSpeeds drive = new SpindleSpeeds.Range(100, 2000);
        assertThat(SpeedChoice.of(SURFACE, 30, drive, 0.125).rpm()).isCloseTo(265.26, within(0.01));
        assertThat(SpeedChoice.of(SURFACE, 2, drive, 0.125).rpm()).isEqualTo(2000);
        assertThat(drive.has(99)).isFalse();
        assertThat(GEARS.has(121)).isFalse();
        assertThat(GEARS.has(120.5)).isTrue();
    }

    @Test
    void speedAndRpmAreInverse() {
        assertThat(SpeedChoice.surfaceSpeed(SpeedChoice.rpm(27, 13), 13)).isCloseTo(27, within(1e-12));
    }

    @Test
    void takesTheCoarsestListedFeedThatGivesTheFinish() {
        EdgeProfile edge = new EdgeProfile(0.8, Math.toRadians(75), Math.toRadians(10));
        List<Double> feeds = List.of(0.05, 0.1, 0.14, 0.2, 0.3);
        FeedChoice choice = FeedChoice.forFinish(edge, 0.0016, 0.8, feeds);
        assertThat(choice.feedMm()).isIn(feeds);
        assertThat(Finish.of(edge, choice.feedMm()).raMm() * 1.4).isLessThanOrEqualTo(0.0016);
        assertThat(Finish.of(edge, 0.2).raMm() * 1.4).isGreaterThan(0.0016);
        // Ra = f² / 31.2r turned about gives the limit.
        assertThat(choice.limitMm()).isCloseTo(Math.sqrt(0.0016 / 1.4 * 31.177 * 0.8), within(0.002));
        FeedChoice hopeless = FeedChoice.forFinish(edge, 0.00002, 0.8, feeds);
        assertThat(hopeless.fineEnough()).isFalse();
        assertThat(hopeless.feedMm()).isEqualTo(0.05);
    }
}
