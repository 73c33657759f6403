package boldwedge.core.mechanics.thread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Threads that guide, and those of pipes: rows of the standards' own tables. */
class GuidingThreadLimitsTest {
    private static final double IN = 25.4;

    /** Tr d × P, 7e: major, pitch, root; 7H: pitch, minor (ISO 2903 with ISO 965-1), mm. */
    @ParameterizedTest
    @CsvSource({
        "10, 2, 9.820, 8.929, 8.739, 7.500, 9.250, 8.236",
        "20, 4, 19.700, 17.905, 17.640, 15.500, 18.355, 16.375",
    })
    void trapezoidalRows(
            double d,
            double p,
            double majorLow,
            double pitchHigh,
            double pitchLow,
            double root,
            double insidePitch,
            double insideMinor) {
        ThreadSize size = new ThreadSize(ThreadForm.TRAPEZOIDAL, d, p, 1);
        ThreadLimits outside = TrapezoidalThreadLimits.of(size, "7e");
        ThreadLimits inside = TrapezoidalThreadLimits.of(size, "7H");

        assertThat(outside.majorHigh()).isEqualTo(d);
        near(outside.majorLow(), majorLow);
        near(outside.pitchHigh(), pitchHigh);
        near(outside.pitchLow(), pitchLow);
        near(outside.minorHigh(), root);
        near(inside.pitchLow(), d - p / 2);
        near(inside.pitchHigh(), insidePitch);
        near(inside.minorLow(), d - p);
        near(inside.minorHigh(), insideMinor);
    }

    /** Two starts: 1.12 times 0.265 of the pitch diameter, nothing else. */
    @Test
    void moreStartsHaveMoreOfThePitchDiameter() {
        ThreadLimits one = TrapezoidalThreadLimits.of(new ThreadSize(ThreadForm.TRAPEZOIDAL, 20, 4, 1), "7e");
        ThreadLimits two = TrapezoidalThreadLimits.of(new ThreadSize(ThreadForm.TRAPEZOIDAL, 20, 4, 2), "7e");
        ThreadLimits nine = TrapezoidalThreadLimits.of(new ThreadSize(ThreadForm.TRAPEZOIDAL, 20, 4, 9), "7e");

        near(two.pitchHigh() - two.pitchLow(), 1.12 * 0.265);
        near(nine.pitchHigh() - nine.pitchLow(), 1.6 * 0.265);
        assertThat(two.majorLow()).isEqualTo(one.majorLow());
        assertThat(two.pitchHigh()).isEqualTo(one.pitchHigh());
    }

    /** 1/2-10 ACME-2G of ASME B1.5: 0.4306 to 0.4443 outside, 0.4500 to 0.4637 inside; crests 0.005. */
    @Test
    void acmeRow() {
        ThreadSize size = new ThreadSize(ThreadForm.ACME, 0.5 * IN, 0.1 * IN, 1);
        ThreadLimits outside = AcmeThreadLimits.of(size, "2G", false);
        ThreadLimits inside = AcmeThreadLimits.of(size, "2G", true);

        inches(outside.majorLow(), 0.4950);
        inches(outside.pitchLow(), 0.4306);
        inches(outside.pitchHigh(), 0.4443);
        inches(outside.minorHigh(), 0.3800);
        inches(inside.pitchLow(), 0.4500);
        inches(inside.pitchHigh(), 0.4637);
        inches(inside.minorLow(), 0.4000);
        inches(inside.minorHigh(), 0.4050);
        inches(inside.majorLow(), 0.5200);
    }

    /** A crest has a twentieth of a coarse pitch, and finer classes lie within coarser ones. */
    @Test
    void acmeClassesLieWithinEachOther() {
        ThreadSize size = new ThreadSize(ThreadForm.ACME, IN, IN / 5, 1);
        ThreadLimits two = AcmeThreadLimits.of(size, "2G", false);
        ThreadLimits four = AcmeThreadLimits.of(size, "4G", false);

        inches(two.majorLow(), 0.990);
        assertThat(four.pitchLow()).isGreaterThan(two.pitchLow());
        assertThat(four.pitchHigh()).isGreaterThan(two.pitchHigh());
    }

    /** ISO 228-1: pitch diameter in class A and B, crest outside, minor diameter inside, mm. */
    @ParameterizedTest
    @CsvSource({
        "9.728, 28, 9.147, 9.040, 8.933, 9.514, 8.566, 8.848",
        "13.157, 19, 12.301, 12.176, 12.051, 12.907, 11.445, 11.890",
        "20.955, 14, 19.793, 19.651, 19.509, 20.671, 18.631, 19.172",
        "33.249, 11, 31.770, 31.590, 31.410, 32.889, 30.291, 30.931",
        "65.710, 11, 64.231, 64.014, 63.797, 65.276, 62.752, 63.392",
    })
    void pipeRows(
            double d,
            double tpi,
            double pitchHigh,
            double pitchLowA,
            double pitchLowB,
            double majorLow,
            double minorLow,
            double minorHigh) {
        ThreadSize size = new ThreadSize(ThreadForm.WHITWORTH, d, IN / tpi, 1);
        ThreadLimits a = PipeThreadLimits.outside(size, "A");
        ThreadLimits b = PipeThreadLimits.outside(size, "B");
        ThreadLimits inside = PipeThreadLimits.inside(size);

        near(a.pitchHigh(), pitchHigh);
        near(a.pitchLow(), pitchLowA);
        near(b.pitchLow(), pitchLowB);
        near(a.majorLow(), majorLow);
        near(inside.pitchLow(), pitchHigh);
        near(inside.pitchHigh(), 2 * pitchHigh - pitchLowA);
        near(inside.minorLow(), minorLow);
        near(inside.minorHigh(), minorHigh);
    }

    @Test
    void otherClassesAreRefused() {
        ThreadSize size = new ThreadSize(ThreadForm.TRAPEZOIDAL, 20, 4, 1);
        assertThat(TrapezoidalThreadLimits.named("6g")).isEmpty();
        assertThat(TrapezoidalThreadLimits.named(" 8e ")).contains("8e");
        assertThat(AcmeThreadLimits.named("2g")).contains("2G");
        assertThat(AcmeThreadLimits.named("2A")).isEmpty();
        assertThat(PipeThreadLimits.named("b")).contains("B");
        assertThat(PipeThreadLimits.named("C")).isEmpty();
        assertThatThrownBy(() -> TrapezoidalThreadLimits.of(size, "6g")).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> AcmeThreadLimits.of(size, "6G", true)).isInstanceOf(IllegalArgumentException.class);
    }

    private static void near(double mm, double wanted) {
        assertThat(mm).isCloseTo(wanted, within(0.0011));
    }

    private static void inches(double mm, double wanted) {
        assertThat(mm / IN).isCloseTo(wanted, within(0.00011));
    }
}
