package boldwedge.core.mechanics.wedge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FormCorrectionTest {
    private static FormCorrection of(double r1, double rakeDeg, double clearanceDeg) {
        return new FormCorrection(r1, Math.toRadians(rakeDeg), Math.toRadians(clearanceDeg));
    }

    @Test
    void theTradesOwnValues() {
        FormCorrection form = of(10, 10, 8);
        assertThat(form.alongFaceMm(15)).isCloseTo(5.051, within(5e-4));
        assertThat(form.acrossFlankMm(15)).isCloseTo(4.804, within(5e-4));
        assertThat(Math.toDegrees(form.clearanceRad(Math.toRadians(75)))).isCloseTo(2.08, within(5e-3));
    }

    /** Walked along the face from the point at centre height until the work's radius is reached; and what is cut there, walked back. */
    @ParameterizedTest
    @CsvSource({"10,10,15", "5,0,9", "20,25,21", "3,8,12"})
    void alongTheFaceByWalking(double r1, double rakeDeg, double r2) {
        FormCorrection form = of(r1, rakeDeg, 8);
        double gamma = Math.toRadians(rakeDeg);
        double low = 0;
        double high = 5 * r2;
        for (int i = 0; i < 80; i++) {
            double t = (low + high) / 2;
            // The face goes out from the foremost point, at a radius r1 and centre height, and falls by the rake.
            double out = r1 + t * Math.cos(gamma);
            double under = t * Math.sin(gamma);
            if (Math.hypot(out, under) < r2) {
                low = t;
            } else {
                high = t;
            }
        }
        assertThat(form.alongFaceMm(r2)).isCloseTo(low, within(1e-9));
        assertThat(form.cutsMm(low)).isCloseTo(r2, within(1e-9));
    }

    @Test
    void withoutRakeNothingIsCorrected() {
        assertThat(of(10, 0, 8).alongFaceMm(15)).isCloseTo(5, within(1e-12));
        assertThat(of(10, 0, 8).uncorrectedMm(15)).isCloseTo(0, within(1e-12));
    }

    /** Ground as drawn, T = 5: r = √((5 + 10 cos 10°)² + (10 sin 10°)²) = 14.949, 51 µm small. */
    @Test
    void uncorrectedByHand() {
        assertThat(of(10, 10, 8).cutsMm(5)).isCloseTo(14.9494, within(5e-4));
        assertThat(of(10, 10, 8).uncorrectedMm(15)).isCloseTo(-0.0506, within(5e-4));
    }
}
