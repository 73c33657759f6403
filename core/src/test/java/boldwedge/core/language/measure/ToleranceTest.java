package boldwedge.core.language.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Fits by ISO 286 and limits as typed, against its tables. */
@Tag("written")
class ToleranceTest {
    /** Limits as published in ISO 286-2, micrometres. */
    @ParameterizedTest
    @CsvSource({
        "H7, 25, 21, 0",
        "g6, 25, -7, -20",
        "h6, 50, 0, -16",
        "f7, 40, -25, -50",
        "H8, 10, 22, 0",
        "js6, 25, 6.5, -6.5",
        "JS7, 25, 10.5, -10.5",
        "k6, 30, 15, 2",
        "m6, 30, 21, 8",
        "n6, 30, 28, 15",
        "p6, 30, 35, 22",
        "K7, 25, 6, -15",
        "M7, 25, 0, -21",
        "N7, 25, -7, -28",
        "P7, 25, -14, -35",
        "K7, 3, 0, -10",
        "N9, 25, 0, -52",
        "d9, 100, -120, -207",
        "e8, 18, -32, -59",
        "F8, 20, 53, 20",
        "M6, 300, -9, -41",
        "h11, 500, 0, -400",
        "g6, 3, -2, -8",
        "H7, 3.001, 12, 0",
        "c11, 20, -110, -240",
        "c11, 45, -130, -290",
        "C11, 20, 240, 110",
        "r6, 25, 41, 28",
        "r6, 55, 60, 41",
        "s6, 25, 48, 35",
        "s6, 60, 72, 53",
        "s7, 450, 295, 232",
        "u6, 30, 61, 48",
        "R7, 25, -20, -41",
        "S7, 25, -27, -48"
    })
    void isoFits(String text, double nominalMm, double upperUm, double lowerUm) {
        Tolerance tolerance =
                Tolerance.parse(text, nominalMm, UnitSystem.METRIC).orThrow();
        assertThat(tolerance.upperMm() * 1000).isCloseTo(upperUm, within(1e-9));
        assertThat(tolerance.lowerMm() * 1000).isCloseTo(lowerUm, within(1e-9));
    }

    /** By the standard's own rules: over 50 mm s is IT7 + 0.4 D, u is IT7 + D, and r is the mean of p and s, each within its rounding. */
    @ParameterizedTest
    @CsvSource({"57, 30", "72.1, 30", "109.5, 35", "149.7, 40", "265, 52", "424, 63"})
    void pressesGrowAsTheStandardDerivesThem(double d, double it7) {
        double s = lower("s7", d);
        assertThat(s).isCloseTo(it7 + 0.4 * d, within(3.0));
        assertThat(lower("u7", d)).isCloseTo(it7 + d, within(4.0));
        assertThat(lower("r7", d)).isCloseTo(Math.sqrt(lower("p7", d) * s), within(2.0));
    }

    private static double lower(String fit, double nominalMm) {
        return 1000
                * Tolerance.parse(fit, nominalMm, UnitSystem.METRIC).orThrow().lowerMm();
    }

    @ParameterizedTest
    @CsvSource({
        "±.0005, INCH, 0.0127, -0.0127",
        "+/-.0005, INCH, 0.0127, -0.0127",
        "± 0.02 mm, INCH, 0.02, -0.02",
        "+.001/-0, INCH, 0.0254, 0",
        "+0/-.001, INCH, 0, -0.0254",
        "+.000/-.002 in, METRIC, 0, -0.0508",
        "+0.02 -0.01, METRIC, 0.02, -0.01",
        "+2 thou / -1 thou, METRIC, 0.0508, -0.0254",
        "-0.01/-0.02, METRIC, -0.01, -0.02"
    })
    void plainLimits(String text, UnitSystem system, double upper, double lower) {
        Tolerance tolerance = Tolerance.parse(text, 25, system).orThrow();
        assertThat(tolerance.upperMm()).isCloseTo(upper, within(1e-12));
        assertThat(tolerance.lowerMm()).isCloseTo(lower, within(1e-12));
    }

    @ParameterizedTest
    @CsvSource({
        "'', EMPTY",
        "z9, NO_SUCH_FIT",
        "H99, NO_SUCH_FIT",
        "H7x, NO_SUCH_FIT",
        "±-1, NO_SUCH_FIT",
        "5, NO_SUCH_FIT",
        "+1/+2, CROSSED_LIMITS",
        "sloppy, NO_SUCH_FIT",
        "±, NO_SUCH_FIT"
    })
    void wrongOnesAreTold(String text, Complaint complaint) {
        assertThat(Tolerance.parse(text, 25, UnitSystem.METRIC))
                .isInstanceOfSatisfying(
                        Parsed.Wrong.class,
                        wrong -> assertThat(wrong.complaint()).isEqualTo(complaint));
    }
}
