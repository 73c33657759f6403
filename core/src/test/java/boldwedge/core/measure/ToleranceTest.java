package boldwedge.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

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
        "H7, 3.001, 12, 0"
    })
    void isoFits(String text, double nominalMm, double upperUm, double lowerUm) {
        Tolerance tolerance =
                Tolerance.parse(text, nominalMm, UnitSystem.METRIC).orThrow();
        assertThat(tolerance.upperMm() * 1000).isCloseTo(upperUm, within(1e-9));
        assertThat(tolerance.lowerMm() * 1000).isCloseTo(lowerUm, within(1e-9));
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
