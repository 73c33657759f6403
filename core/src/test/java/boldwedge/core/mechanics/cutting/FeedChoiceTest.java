package boldwedge.core.mechanics.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The coarsest feed for a finish, held to the marks that it leaves and to closed forms. */
class FeedChoiceTest {
    private static final double USUAL = Finish.USUAL_OVER_THEORY;

    private static double limit(EdgeProfile edge, double raMm, double mostMm) {
        return FeedChoice.forFinish(edge, raMm, mostMm, List.of()).limitMm();
    }

    /** Two thousand edges: at the limit the marks are as rough as was asked; a hair coarser they are rougher. */
    @Test
    void leavesJustWhatWasAsked() {
        Random random = new Random(20261128);
        for (int i = 0; i < 2000; i++) {
            EdgeProfile edge = new EdgeProfile(
                    random.nextInt(4) == 0 ? 0 : 0.05 + 1.5 * random.nextDouble(),
                    Math.toRadians(30 + 60 * random.nextDouble()),
                    Math.toRadians(1 + 30 * random.nextDouble()));
            double ra = 0.0002 * Math.pow(60, random.nextDouble());
            double most = 0.05 + random.nextDouble();
            double limit = limit(edge, ra, most);
            if (limit >= most) {
                assertThat(Finish.of(edge, most).raMm() * USUAL).isLessThanOrEqualTo(ra * (1 + 1e-6));
            } else {
                assertThat(Finish.of(edge, limit).raMm() * USUAL)
                        .as(edge + " for " + ra)
                        .isCloseTo(ra, within(1e-6 * ra));
                assertThat(Finish.of(edge, 1.001 * limit).raMm() * USUAL).isGreaterThan(ra);
            }
        }
    }

    /** A sharp corner leaves triangles: Ra = f / 4(cot κr + cot κr'), so the feed is four times Ra times that sum. */
    @Test
    void aSharpCornersFeedInClosedForm() {
        EdgeProfile edge = new EdgeProfile(0, Math.toRadians(60), Math.toRadians(12));
        double flat = 1 / Math.tan(Math.toRadians(60)) + 1 / Math.tan(Math.toRadians(12));
        assertThat(limit(edge, 0.0016, 1)).isCloseTo(4 * 0.0016 / USUAL * flat, within(1e-8));
    }

    /** On the arc alone Ra is nearly f² / 18√3r. */
    @Test
    void aLargeNosesFeedByTheRule() {
        EdgeProfile edge = new EdgeProfile(3, Math.toRadians(75), Math.toRadians(20));
        double rule = Math.sqrt(0.0008 / USUAL * 18 * Math.sqrt(3) * 3);
        assertThat(limit(edge, 0.0008, 2)).isCloseTo(rule, within(0.002 * rule));
    }

    @Test
    void noCoarserThanTheMostAndNoFinerThanAnyLatheFeeds() {
        EdgeProfile edge = new EdgeProfile(0.8, Math.toRadians(75), Math.toRadians(10));
        assertThat(limit(edge, 0.1, 0.4)).isEqualTo(0.4);
        assertThat(limit(edge, 1e-12, 0.4)).isCloseTo(1e-4, within(1e-9));
        // What drags leaves no marks that could be reckoned with.
        EdgeProfile drags = new EdgeProfile(0.8, Math.toRadians(75), 0);
        assertThat(limit(drags, 0.0016, 0.4)).isCloseTo(1e-4, within(1e-9));
    }

    @Test
    void byHandItIsRoundedDownToAHundredth() {
        EdgeProfile edge = new EdgeProfile(0.8, Math.toRadians(75), Math.toRadians(10));
        FeedChoice choice = FeedChoice.forFinish(edge, 0.0016, 0.8, List.of());
        assertThat(choice.feedMm()).isEqualTo(Math.floor(choice.limitMm() * 100) / 100);
        assertThat(choice.fromList()).isFalse();
        FeedChoice fine = FeedChoice.forFinish(edge, 0.000_002, 0.8, List.of());
        assertThat(fine.feedMm()).isEqualTo(fine.limitMm()).isPositive().isLessThan(0.01);
    }
}
