package boldwedge.core.trial;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** What a turned trial's readings and signs point to. */
class DiagnosisTest {
    private static Prediction predicted(double near, double far, double speed) {
        return predicted(near, far, speed, true);
    }

    private static Prediction predicted(double near, double far, double speed, boolean drawsSoft) {
        List<Influence> influences = List.of(
                new Influence(UsualFaults.SPRING, near, far, 0, 0.3, 1, 0.09),
                UsualFaults.head(5, 75),
                UsualFaults.dial(),
                UsualFaults.wear(2, 0, speed / 30),
                UsualFaults.warmth(20, 11.5e-6, Measured.Warmth.NOT_FELT));
        return new Prediction(
                new SizePrediction(20, near, far, 0, 0, influences),
                70,
                false,
                0.0008,
                speed,
                18,
                30,
                Math.toRadians(7),
                0.05,
                0.002,
                0.9,
                drawsSoft,
                3,
                1.5,
                List.of());
    }

    private static List<Cause> rank(Prediction predicted, Measured measured) {
        return Diagnosis.rank(
                predicted,
                measured,
                new boldwedge.core.language.measure.UnitFormat(boldwedge.core.language.measure.UnitSystem.METRIC));
    }

    private static Measured diameters(double near, double far) {
        return new Measured(near, far, OptionalDouble.empty(), Measured.Chip.SHORT_CURLS, Measured.Sound.QUIET);
    }

    @Test
    void aTaperAsComputedIsSpring() {
        List<Cause> causes = rank(predicted(0.006, 0.05, 22), diameters(20.007, 20.048));
        assertThat(causes.getFirst().id()).isIn("push-off", "spring-size");
        assertThat(causes).extracting(Cause::id).contains("push-off");
        assertThat(causes.stream()
                        .filter(c -> c.id().equals("push-off"))
                        .findFirst()
                        .orElseThrow()
                        .fit())
                .isGreaterThan(0.9);
    }

    @Test
    void aTaperThatSpringCannotMakeIsAlignment() {
        List<Cause> causes = rank(predicted(0.001, 0.002, 22), diameters(20.0, 20.018));
        assertThat(causes.getFirst().id()).isEqualTo("alignment");
        assertThat(causes.getFirst().explains()).contains("away from the tool at the far end");
    }

    @Test
    void aTaperTheOtherWayIsNotSpring() {
        List<Cause> causes = rank(predicted(0.006, 0.05, 22), diameters(20.02, 20.0));
        assertThat(causes).extracting(Cause::id).doesNotContain("push-off");
        assertThat(causes).extracting(Cause::id).contains("wear-in-pass");
    }

    @Test
    void asPredictedThereIsNothingToExplain() {
        assertThat(rank(predicted(0.001, 0.002, 22), diameters(20.001, 20.002))).isEmpty();
    }

    /** Carbide sends its heat off with the chip: blue is how it should be, until it is over the range. */
    @Test
    void blueChipsOfCarbideAreAmissOnlyOverItsRange() {
        Measured blue = new Measured(20, 20, OptionalDouble.empty(), Measured.Chip.BLUE, Measured.Sound.QUIET);
        assertThat(rank(predicted(0, 0, 28, false), blue)).isEmpty();
        Cause over = rank(predicted(0, 0, 36, false), blue).getFirst();
        assertThat(over.id()).isEqualTo("too-fast");
        assertThat(over.title()).contains("carbide");
    }

    @Test
    void aTornFinishWhenSlowIsBuiltUpEdgeAndBlueChipsAreTooFast() {
        Measured torn = new Measured(20, 20, OptionalDouble.of(0.0032), Measured.Chip.WELDED, Measured.Sound.QUIET);
        assertThat(rank(predicted(0, 0, 9), torn).getFirst().id()).isEqualTo("built-up-edge");
        Measured blue = new Measured(20, 20, OptionalDouble.empty(), Measured.Chip.BLUE, Measured.Sound.QUIET);
        assertThat(rank(predicted(0, 0, 36), blue).getFirst().id()).isEqualTo("too-fast");
    }

    @Test
    void chatterThatWasHeardOutranksWhatWasNot() {
        Measured rough =
                new Measured(20, 20, OptionalDouble.of(0.003), Measured.Chip.LONG_RIBBON, Measured.Sound.CHATTER);
        assertThat(rank(predicted(0, 0, 29), rough).getFirst().id()).isEqualTo("chatter");
    }
}
