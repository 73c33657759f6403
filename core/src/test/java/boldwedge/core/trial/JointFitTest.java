package boldwedge.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** All influences at once, against closed form, against sums over a grid, and against many draws. */
class JointFitTest {
    private static Influence even(double usual) {
        return Influence.usual("dial", 1, 1, 0, usual);
    }

    private static Influence slope(double usual) {
        return Influence.usual("head", 0, 100, 0, usual);
    }

    /** One influence, alike on both: the mean of two readings, drawn towards nothing by the prior (y · n s² / (n s² + r²)). */
    @Test
    void oneInfluenceIsTheShrunkMean() {
        JointFit fit = JointFit.of(List.of(even(0.01)), 0.02, 0.03, 0.005);
        double shrunk = 0.025 * 2 * 1e-4 / (2 * 1e-4 + 25e-6);
        assertThat(fit.part("dial").mean()).isCloseTo(shrunk, within(1e-12));
        assertThat(fit.part("dial").sigma()).isCloseTo(Math.sqrt(1 / (1e4 + 2 / 25e-6)), within(1e-12));
    }

    /** Without noise to speak of two influences take both readings between them. */
    @Test
    void twoInfluencesShareTwoReadings() {
        JointFit fit = JointFit.of(List.of(even(1), slope(1)), 0.02, 0.05, 1e-9);
        assertThat(fit.made("dial").evenMm()).isCloseTo(0.02, within(1e-6));
        assertThat(fit.made("head").taperMm()).isCloseTo(0.03, within(1e-6));
        assertThat(fit.made("head", "dial").farMm()).isCloseTo(0.05, within(1e-6));
        assertThat(fit.made("nothing of the kind").size()).isZero();
    }

    /** Against the whole mixture summed over a grid: one influence that is amiss now and then. */
    @Test
    void aMixtureIsWhatSumsOverAGridSay() {
        Influence dial = new Influence("dial", 1, 1, 0.004, 0.006, 0.05, 0.1);
        double noise = 0.003;
        double near = 0.041;
        double far = 0.037;
        double mass = 0;
        double first = 0;
        double second = 0;
        for (int i = -200_000; i <= 200_000; i++) {
            double at = i * 2e-6;
            double prior = 0.9 * gauss(at - 0.004, 0.006) + 0.1 * gauss(at - 0.004, 0.05);
            double likely = prior * gauss(near - at, noise) * gauss(far - at, noise);
            mass += likely;
            first += likely * at;
            second += likely * at * at;
        }
        JointFit.Part part = JointFit.of(List.of(dial), near, far, noise).part("dial");
        assertThat(part.mean()).isCloseTo(first / mass, within(1e-7));
        assertThat(part.sigma()).isCloseTo(Math.sqrt(second / mass - Math.pow(first / mass, 2)), within(1e-7));
    }

    private static double gauss(double off, double sigma) {
        return Math.exp(-off * off / (2 * sigma * sigma)) / sigma;
    }

    /** What is far out is put down to what is far out now and then, not shared among all that is a little off. */
    @Test
    void oneThingAmissExplainsBetterThanAllALittle() {
        List<Influence> all = List.of(UsualFaults.head(5, 75), UsualFaults.dial());
        JointFit even = JointFit.of(all, 0.08, 0.08, 0.002);
        assertThat(even.made("dial").size())
                .isGreaterThan(10 * even.made("head").size());
        JointFit tapered = JointFit.of(all, 0.003, 0.06, 0.002);
        assertThat(tapered.made("head").size())
                .isGreaterThan(4 * tapered.made("dial").size());
    }

    /** Of cuts drawn as the mixture says, as many as are stated come out within the band. */
    @Test
    void theBandHoldsTheShareThatItStates() {
        List<Influence> all = List.of(
                new Influence("spring", 0.01, 0.03, 0, 0.3, 1, 0.1), UsualFaults.head(5, 75), UsualFaults.dial());
        double band = JointFit.band(all, Influence::farMm, 0.002, 0.93);
        Random random = new Random(7);
        int within = 0;
        int drawn = 40_000;
        for (int i = 0; i < drawn; i++) {
            double far = 0.002 * random.nextGaussian();
            for (Influence one : all) {
                boolean amiss = random.nextDouble() < one.chance();
                far += one.farMm() * random.nextGaussian() * (amiss ? one.bad() : one.usual());
            }
            within += Math.abs(far) <= band ? 1 : 0;
        }
        assertThat((double) within / drawn).isCloseTo(0.93, within(0.01));
    }

    /** What runs against what was seen explains nothing of it. */
    @Test
    void whatRunsAgainstItExplainsNothing() {
        JointFit.Made seen = new JointFit.Made(-0.02, -0.01);
        assertThat(new JointFit.Made(0.01, 0.01).explains(seen)).isFalse();
        assertThat(new JointFit.Made(-0.01, -0.009).explains(seen)).isTrue();
        // What makes taper explains taper, whichever side of the middle both readings lie.
        assertThat(new JointFit.Made(0.01, 0.02).explains(seen)).isTrue();
        assertThat(new JointFit.Made(-0.01, -0.03).explains(seen)).isFalse();
    }

    /** An edge that is run at ten times its speed burns; what is expected of its size stays what an edge can lose. */
    @Test
    void noWearBeyondWhatAnEdgeHas() {
        assertThat(UsualFaults.wear(2, 0, 1).middle()).isCloseTo(0.001, within(1e-12));
        assertThat(UsualFaults.wear(2, 0, 10).middle()).isCloseTo(0.016, within(1e-12));
    }
}
