package boldwedge.core.families.boring.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.family.Planner;
import boldwedge.core.family.ToolTests;
import boldwedge.core.family.TrialJudge;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.testing.Shop;
import boldwedge.core.trial.Calibration;
import boldwedge.core.trial.Lessons;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A bored trial is judged, its cause named and its next change tried. */
class BoreTrialTest {
    private static PlanRequest request(Calibration taught, String... more) {
        Map<String, String> fields = new HashMap<>(Map.of(
                "operation",
                "bore",
                "boreStart",
                "18.5 mm",
                "boreFinished",
                "20 mm",
                "boreDepth",
                "40 mm",
                "barDiameter",
                "10 mm",
                "barOverhang",
                "70 mm",
                "boreBit",
                "hss-5mm"));
        for (int i = 0; i < more.length; i += 2) {
            fields.put(more[i], more[i + 1]);
        }
        return new PlanRequest(fields, UnitSystem.METRIC, Optional.of(Shop.lathe()), taught);
    }

    private static TrialAnswer judge(PlanRequest plan, String... readings) {
        Map<String, String> read = new HashMap<>();
        for (int i = 0; i < readings.length; i += 2) {
            read.put(readings[i], readings[i + 1]);
        }
        return TrialJudge.prove(new TrialRequest(plan, read));
    }

    private static double error(PlanRequest plan) {
        return Planner.plan(plan).figure("diameterError").is();
    }

    /** The middle of H7 at 20 mm, to which the point is set. */
    private static final double SET = 20.0105;

    private static String mm(double value) {
        return String.format(java.util.Locale.ROOT, "%.4f mm", value);
    }

    /** A hole small by three times what was reckoned: the spring explains it, and the second prediction is nearer. */
    @Test
    void aTrialTeachesAndTheNextPredictionIsNearer() {
        PlanRequest untaught = request(Calibration.NOTHING);
        double reckoned = error(untaught);
        double measured = 2.2 * reckoned;
        Map<String, String> readings = Map.of("near", mm(SET - measured), "far", mm(SET - measured));
        Calibration.Trial lesson =
                BoreTrial.lesson(new TrialRequest(untaught, readings)).orElseThrow();
        assertThat(lesson.measuredMm()).isCloseTo(measured, within(1e-3));
        Calibration once = Calibration.by(Calibration.Of.SPRING, List.of(lesson));
        Calibration twice = Calibration.by(Calibration.Of.SPRING, List.of(lesson, lesson));
        double after = error(request(once));
        assertThat(Math.abs(after - measured)).isLessThan(0.5 * Math.abs(reckoned - measured));
        assertThat(Math.abs(error(request(twice)) - measured)).isLessThan(Math.abs(after - measured));
        // What was taught can be left out, and the untaught number stays in sight.
        assertThat(error(request(once, "useTaught", "left-out"))).isCloseTo(reckoned, within(1e-9));
        assertThat(judge(request(once), "near", mm(SET - measured), "far", mm(SET - measured))
                        .compared())
                .anyMatch(row -> row.what().equals("Without your trials"));
    }

    @Test
    void theLikeliestCauseFitsTheSign() {
        PlanRequest plan = request(Calibration.NOTHING);
        double reckoned = error(plan);
        TrialAnswer springs = judge(plan, "near", mm(SET - 1.6 * reckoned), "far", mm(SET - 1.6 * reckoned));
        assertThat(springs.causes().getFirst().id()).isEqualTo("springs");
        assertThat(springs.next()).isPresent();
        TrialAnswer taper = judge(plan, "near", mm(SET - reckoned), "far", mm(SET - reckoned - 0.006));
        assertThat(taper.causes()).extracting(c -> c.id()).contains("alignment");
        TrialAnswer sang = judge(plan, "near", mm(SET - reckoned), "far", mm(SET - reckoned), "sound", "chatter");
        assertThat(sang.verdict()).contains("it sang");
        assertThat(sang.causes()).extracting(c -> c.id()).contains("chatter");
        TrialAnswer large = judge(plan, "near", "20.03 mm", "far", "20.03 mm");
        assertThat(large.causes()).extracting(c -> c.id()).contains("built-up-edge");
    }

    @Test
    void withinTheToleranceNothingNeedsToChange() {
        TrialAnswer good = judge(request(Calibration.NOTHING), "near", "20.010 mm", "far", "20.011 mm");
        assertThat(good.verdict()).startsWith("Within the tolerance");
        assertThat(good.next()).isEmpty();
    }

    @Test
    void wrongReadingsAreToldBesideThem() {
        PlanRequest plan = request(Calibration.NOTHING);
        assertThat(judge(plan, "near", "abc", "far", "20").readings())
                .anyMatch(r -> r.id().equals("near") && r.error().contains("does not start with a number"));
        TrialAnswer far = judge(plan, "near", "20", "far", "2");
        assertThat(far.worked()).isFalse();
        assertThat(far.readings())
                .anyMatch(r -> r.id().equals("far") && r.error().contains("Check the units"));
        assertThat(judge(plan).verdict()).startsWith("Type the diameter at the mouth");
    }

    @Test
    void theTestsOfABarPutTheirNumbersInPlace() {
        PlanRequest plan = request(Calibration.NOTHING);
        ToolTests.Answer pushed = new BarTests()
                .push(
                        plan,
                        List.of(
                                new ToolTests.Line("0 N", "0", "0.001"),
                                new ToolTests.Line("20 N", "0.05", "0.051"),
                                new ToolTests.Line("40 N", "0.1", "0.1")),
                        "");
        assertThat(pushed.worked()).as(pushed.sentence()).isTrue();
        assertThat(pushed.take()).containsKey("tipStiffness");
        Map<String, String> taken = new HashMap<>(plan.fields());
        taken.putAll(pushed.take());
        assertThat(Planner.plan(new PlanRequest(taken, UnitSystem.METRIC, plan.lathe()))
                        .figure("tipStiffness")
                        .is())
                .isCloseTo(402, within(8.0));
        assertThat(new BarTests()
                        .push(
                                plan,
                                List.of(new ToolTests.Line("0", "0.1", ""), new ToolTests.Line("40 N", "0", "")),
                                "")
                        .sentence())
                .contains("against the pull");
        assertThat(new BarTests()
                        .push(plan, List.of(new ToolTests.Line("20 mm", "0.1", "")), "")
                        .errors())
                .containsKey("0.load");
        assertThat(new BarTests()
                        .push(
                                plan,
                                List.of(new ToolTests.Line("0", "0", ""), new ToolTests.Line("40 N", "0.001", "")),
                                "")
                        .sentence())
                .contains("stiffer than the bar alone");
    }

    /** With the stiffness measured a trial is about the force: it scales the force itself, and with it all that follows. */
    @Test
    void onAMeasuredBarATrialTeachesTheForce() {
        String[] measured = {"tipStiffness", "1.2 N/µm", "boreDepthOfCut", "0.15 mm", "boreFeed", "0.1 mm/rev"};
        Calibration force = new Calibration(Calibration.Of.FORCE, 1.5, 0.2, 3);
        var plain = Planner.plan(request(Calibration.NOTHING, measured));
        var taught = Planner.plan(request(force, measured));
        assertThat(taught.figure("cuttingForce").is()
                        / plain.figure("cuttingForce").is())
                .isCloseTo(1.5, within(1e-9));
        assertThat(taught.figure("limitDepth").value().orElse(Double.POSITIVE_INFINITY))
                .isLessThanOrEqualTo(plain.figure("limitDepth").value().orElse(Double.POSITIVE_INFINITY));
        // The untaught number stays in sight, and it is exactly what the plan without lessons says.
        assertThat(taught.findings().stream()
                        .filter(f -> f.id().equals("size"))
                        .flatMap(f -> f.notes().stream())
                        .filter(note -> note.contains("untaught")))
                .singleElement()
                .asString()
                .contains(new boldwedge.core.language.measure.UnitFormat(UnitSystem.METRIC)
                        .length(error(request(Calibration.NOTHING, measured))));
        String small = mm(SET - 1.6 * error(request(Calibration.NOTHING, measured)));
        TrialAnswer trial = judge(request(Calibration.NOTHING, measured), "near", small, "far", small);
        assertThat(trial.causes()).extracting(c -> c.id()).contains("resists").doesNotContain("springs");
    }

    /** Drawn tight, the rod makes the bar stiffer by what two push tests differ; a difference within the scatter is none. */
    @Test
    void twoPushTestsTellWhatTighteningGained() {
        PlanRequest plan = request(Calibration.NOTHING);
        List<ToolTests.Line> lines = List.of(
                new ToolTests.Line("0 N", "0", ""),
                new ToolTests.Line("20 N", "50 µm", ""),
                new ToolTests.Line("40 N", "100 µm", ""));
        assertThat(new BarTests().push(plan, lines, "0.32 N/µm").sentence())
                .contains("25 % stiffer than the test before");
        assertThat(new BarTests().push(plan, lines, "0.4 N/µm").sentence()).contains("No different");
        assertThat(new BarTests().push(plan, lines, "tight").errors()).containsKey("before");
    }

    private static Lessons.About about(String... fieldsAndTexts) {
        List<String> all = new ArrayList<>(List.of("operation", "bore", "lathe", "L"));
        all.addAll(List.of(fieldsAndTexts));
        return BoreTrial.about(Shop.request(all.toArray(String[]::new))).orElseThrow();
    }

    /** A trial is about what was reckoned with: bars left open in two holes are two bars, a bar typed as it is chosen is the same. */
    @Test
    void aTrialIsAboutTheBarThatWasReckonedWith() {
        Lessons.About small = about("boreStart", "18.5 mm", "boreFinished", "20 mm", "boreDepth", "45 mm");
        Lessons.About large = about("boreStart", "38.5 mm", "boreFinished", "40 mm", "boreDepth", "45 mm");
        assertThat(small.teaches()).isNotEqualTo(large.teaches());
        assertThat(about("boreStart", "18.5 mm", "boreFinished", "20 mm", "boreDepth", "45 mm", "barDiameter", "12 mm"))
                .isEqualTo(small);
        // The material left open is the usual one, by its name and not by nothing.
        assertThat(small.teaches().key()).startsWith("spring|L|bronze-tin|");
        assertThat(about(
                                "boreStart",
                                "18.5 mm",
                                "boreFinished",
                                "20 mm",
                                "boreDepth",
                                "45 mm",
                                "material",
                                "bronze-tin",
                                "barMaterial",
                                "steel")
                        .teaches())
                .isEqualTo(small.teaches());
        assertThat(BoreTrial.about(Shop.request("operation", "bore", "boreStart", "rubbish")))
                .isEmpty();
    }
}
