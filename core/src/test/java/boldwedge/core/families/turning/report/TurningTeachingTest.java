package boldwedge.core.families.turning.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.family.Planner;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.testing.Shop;
import boldwedge.core.trial.Calibration;
import boldwedge.core.trial.Lessons;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A two-inch test piece of stout steel: its taper teaches how far the chuck turns out of the axis. */
class TurningTeachingTest {
    /** Two standard deviations of a micrometre. */
    private static final double GAUGE = 0.002;

    private static final PlanRequest PIECE = Shop.request(
            "material",
            "steel-alloy-40hrc",
            "diameter",
            "53",
            "finished",
            "50.8",
            "length",
            "50.8",
            "stickOut",
            "60",
            "depth",
            "1",
            "feed",
            "0.2 mm/rev");

    private static PlanRequest taught(Calibration what) {
        return new PlanRequest(PIECE.fields(), PIECE.units(), PIECE.lathe(), what);
    }

    private static Map<String, String> readings(double taper) {
        return Map.of("near", "50.81 mm", "far", 50.81 + taper + " mm", "apart", "50.8 mm");
    }

    private static double taper(PlanAnswer answer) {
        return answer.figure("taper").is();
    }

    @Test
    void untaughtItSaysHowLittleIsKnown() {
        PlanAnswer untaught = Planner.plan(PIECE);
        assertThat(untaught.findings().stream()
                        .filter(finding -> finding.id().equals("push-off"))
                        .findFirst()
                        .orElseThrow()
                        .notes())
                .anyMatch(note -> note.contains("a third or five times"));
        // A stout piece tapers by its chuck, not by its bending: a rigid chuck would leave a hundredth of it.
        double bending = Math.pow(60, 3) / 3 - Math.pow(9.2, 3) / 3;
        double stiff = bending / (207_000 * Math.PI * Math.pow(51.8, 4) / 64);
        assertThat(taper(untaught))
                .isGreaterThan(4 * 2 * stiff * untaught.figure("pushForce").is());
    }

    /** By hand: c = 1/kc + a²/kφ + a³/3EI + 1/kp at both ends; the difference, times twice the push, is the taper. */
    @Test
    void theTaperByHand() {
        PlanAnswer untaught = Planner.plan(PIECE);
        double tilt = 1e8 * Math.pow(330 / 300.0, 3);
        double near = 60 - 50.8;
        double far = 60;
        double d = (50.8 + 2 + 50.8) / 2;
        double ei = 207_000 * Math.PI * Math.pow(d, 4) / 64;
        double difference = (far * far - near * near) / tilt + (Math.pow(far, 3) - Math.pow(near, 3)) / (3 * ei);
        double byHand = 2 * untaught.figure("pushForce").is() * difference;
        // The push is a little less where the work has sprung away.
        assertThat(taper(untaught)).isCloseTo(byHand, within(0.04 * byHand));
    }

    @Test
    void oneTrialNarrowsItAndBringsItNearer() {
        double reckoned = taper(Planner.plan(PIECE));
        double real = 2.5 * reckoned;
        Calibration.Trial lesson =
                TurningLessons.lesson(new TrialRequest(PIECE, readings(real))).orElseThrow();
        Calibration once = Calibration.by(Calibration.Of.SPRING, java.util.List.of(lesson));
        assertThat(once.trials()).isEqualTo(1);
        assertThat(once.spread()).isLessThan(Calibration.UNTAUGHT_SPREAD);
        double after = taper(Planner.plan(taught(once)));
        assertThat(Math.abs(after - real)).isLessThan(0.4 * Math.abs(reckoned - real));
        // Beyond what a gauge cannot tell, the spread shown is the smaller part of what is predicted.
        double before = Math.sqrt(Math.pow(spread(PIECE, real), 2) - GAUGE * GAUGE);
        double now = Math.sqrt(Math.pow(spread(taught(once), real), 2) - GAUGE * GAUGE);
        assertThat(now / after).isLessThan(0.7 * before / reckoned);
    }

    /** A chuck that turns six times as far as its lathe's size tells is a chuck; one that does so forty times is a wrong reading. */
    @Test
    void aSoftChuckIsBelievedAndAWrongReadingIsNot() {
        double reckoned = taper(Planner.plan(PIECE));
        Calibration soft = Calibration.by(
                Calibration.Of.SPRING,
                java.util.List.of(TurningLessons.lesson(new TrialRequest(PIECE, readings(6 * reckoned)))
                        .orElseThrow()));
        assertThat(soft.trials()).isEqualTo(1);
        assertThat(taper(Planner.plan(taught(soft)))).isGreaterThan(3 * reckoned);
        Calibration wrong = Calibration.by(
                Calibration.Of.SPRING,
                java.util.List.of(TurningLessons.lesson(new TrialRequest(PIECE, readings(40 * reckoned)))
                        .orElseThrow()));
        assertThat(wrong.trials()).isZero();
    }

    /** The spread of the taper that the judged trial shows, mm. */
    private static double spread(PlanRequest plan, double taper) {
        String predicted = TurningTrial.prove(new TrialRequest(plan, readings(taper))).compared().stream()
                .filter(row -> row.what().equals("Taper"))
                .findFirst()
                .orElseThrow()
                .predicted();
        return Double.parseDouble(predicted.replaceFirst(".*± ", "").replace(" mm", ""));
    }

    @Test
    void itIsAboutTheLatheAndNotTheMaterial() {
        Lessons.About steel = TurningLessons.about(PIECE).orElseThrow();
        Lessons.About bronze = TurningLessons.about(
                        Shop.request("material", "bronze-tin", "diameter", "30", "finished", "29"))
                .orElseThrow();
        assertThat(steel).isEqualTo(bronze);
        assertThat(TurningLessons.about(Shop.request("operation", "face", "finished", "0", "length", "0.5")))
                .isEmpty();
        assertThat(TurningLessons.about(Shop.request("diameter", "x"))).isEmpty();
    }

    /** Measured on the card, nothing is to be learnt of it. */
    @Test
    void aMeasuredChuckIsNotTaught() {
        PlanRequest measured =
                new PlanRequest(PIECE.fields(), PIECE.units(), java.util.Optional.of(Shop.lathe("measured")));
        assertThat(TurningLessons.lesson(new TrialRequest(measured, readings(0.02))))
                .isEmpty();
    }
}
