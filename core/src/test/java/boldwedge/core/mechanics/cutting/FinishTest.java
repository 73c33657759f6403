package boldwedge.core.mechanics.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The marks that feed and nose leave, against closed forms and counting. */
class FinishTest {
    private static double rad(double degrees) {
        return Math.toRadians(degrees);
    }

    /** On the arc alone: Rt = r − √(r² − f²/4) exactly, f²/8r nearly, and Ra = f²/(18√3·r) nearly. */
    @Test
    void arcsAgreeWithTheClosedForm() {
        for (double f : new double[] {0.02, 0.05, 0.1}) {
            Finish finish = Finish.of(new EdgeProfile(0.8, rad(75), rad(10)), f);
            double exact = 0.8 - Math.sqrt(0.64 - f * f / 4);
            assertThat(finish.rtMm()).isCloseTo(exact, within(1e-12));
            assertThat(finish.simpleRtMm()).isCloseTo(exact, within(0.01 * exact));
            assertThat(finish.raMm()).isCloseTo(f * f / (18 * Math.sqrt(3) * 0.8), within(0.005 * finish.raMm()));
        }
    }

    /** A sharp corner: Rt = f / (cot κr + cot κr') and, for a triangle, Ra = Rt / 4. */
    @Test
    void sharpCornerAgreesWithTheClosedForm() {
        Finish finish = Finish.of(new EdgeProfile(0, rad(60), rad(12)), 0.2);
        double exact = 0.2 / (1 / Math.tan(rad(60)) + 1 / Math.tan(rad(12)));
        assertThat(finish.rtMm()).isCloseTo(exact, within(1e-9));
        assertThat(finish.raMm()).isCloseTo(exact / 4, within(1e-7));
        assertThat(finish.simpleRtMm()).isInfinite();
    }

    /** When the feed outruns the arc the end edge takes part; sampled densely, the envelope gives the same. */
    @Test
    void flanksTakePart() {
        EdgeProfile edge = new EdgeProfile(0.4, rad(75), rad(5));
        double f = 0.3;
        Finish finish = Finish.of(edge, f);
        assertThat(f).isGreaterThan(2 * 0.4 * Math.sin(rad(5)));
        double peak = 0;
        double sum = 0;
        int n = 200_000;
        double[] heights = new double[n];
        for (int i = 0; i < n; i++) {
            double u = f * (i + 0.5) / n;
            heights[i] = Math.min(edge.heightAt(-u), edge.heightAt(f - u));
            peak = Math.max(peak, heights[i]);
            sum += heights[i];
        }
        double mean = sum / n;
        double deviation = 0;
        for (double height : heights) {
            deviation += Math.abs(height - mean);
        }
        assertThat(finish.rtMm()).isCloseTo(peak, within(1e-6));
        assertThat(finish.raMm()).isCloseTo(deviation / n, within(1e-6));
        assertThat(finish.rtMm()).isLessThan(finish.simpleRtMm());
        assertThat(finish.simpleRuleError()).isPositive();
    }

    /** Wherever two marks meet, on arcs, on straight edges or on one of each: there the reaches ahead and behind fill the feed, and nothing is higher. */
    @Test
    void marksMeetWhereTheirReachesFillTheFeed() {
        Random chance = new Random(7);
        int[] seen = new int[3];
        for (int i = 0; i < 2000; i++) {
            EdgeProfile edge = new EdgeProfile(
                    i % 5 == 0 ? 0 : Math.pow(10, -2 + 3 * chance.nextDouble()),
                    rad(i % 7 == 0 ? 95 : 1 + 89 * chance.nextDouble()),
                    rad(0.5 + 40 * chance.nextDouble()));
            EdgeProfile.Outline outline = edge.outline();
            double feed = Math.pow(10, -2.5 + 2.5 * chance.nextDouble());
            EdgeProfile.Meeting meeting = outline.meeting(feed);
            double height = meeting.peakMm();
            assertThat(outline.reachAt(height, true) + outline.reachAt(height, false))
                    .as("%s fed %s", edge, feed)
                    .isCloseTo(feed, within(1e-9));
            assertThat(outline.reachAt(height, true)).isCloseTo(meeting.aheadMm(), within(1e-9));
            seen[(height > outline.leadHeight() ? 1 : 0) + (height > outline.trailHeight() ? 1 : 0)]++;
        }
        assertThat(Arrays.stream(seen).min().orElse(0)).isGreaterThan(100);
    }

    @Test
    void edgeRunsSmoothlyFromArcToStraight() {
        EdgeProfile edge = new EdgeProfile(0.8, rad(75), rad(10));
        for (double u : new double[] {0.8 * Math.sin(rad(75)), -0.8 * Math.sin(rad(10))}) {
            double d = 1e-7;
            double before = (edge.heightAt(u) - edge.heightAt(u - d)) / d;
            double after = (edge.heightAt(u + d) - edge.heightAt(u)) / d;
            assertThat(after).isCloseTo(before, within(1e-3 * Math.abs(before)));
        }
    }
}
