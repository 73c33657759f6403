package boldwedge.core.families.threading.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.families.threading.entry.ThreadReader;
import boldwedge.core.family.Planner;
import boldwedge.core.family.TrialJudge;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.mechanics.cutting.ScrewCutting;
import boldwedge.core.planning.Dial;
import boldwedge.core.planning.LatheCard;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.testing.Shop;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How dials are read out, what a card of a lathe takes, the dial as it is drawn, and what each thing that is seen is put down to. */
@Tag("written")
class ThreadTellTest {
    private static PlanRequest ask(String lathe, String... fieldsAndTexts) {
        Map<String, String> fields = new HashMap<>(Map.of("lathe", "x", "operation", "thread"));
        for (int i = 0; i < fieldsAndTexts.length; i += 2) {
            fields.put(fieldsAndTexts[i], fieldsAndTexts[i + 1]);
        }
        return new PlanRequest(fields, UnitSystem.METRIC, Optional.of(Shop.lathe(lathe)));
    }

    private static ScrewCutting screw(String lathe) {
        return Shop.lathe(lathe).screw();
    }

    @Test
    void aDialIsReadInItsOwnTurnsAndDivisions() {
        Dial compound = Dial.compound(screw("inch-screw"));
        assertThat(compound.inch()).isTrue();
        assertThat(compound.says(0.0245 * 25.4)).isEqualTo("24.5 thou (24.5 div)");
        assertThat(compound.says(0.2245 * 25.4)).isEqualTo("2 turns and 24.5 thou (24.5 div)");
        assertThat(compound.says(0.1 * 25.4)).isEqualTo("1 turn and 0 thou (0 div)");
        // This cross slide reads what comes off the diameter.
        assertThat(Dial.cross(screw("inch-screw")).says(0.01 * 25.4)).isEqualTo("20 thou (20 div)");
        assertThat(Dial.cross(screw("inch-screw")).reads(1)).isEqualTo(2);
        Dial metric = Dial.compound(screw("metric-screw"));
        assertThat(metric.inch()).isFalse();
        assertThat(metric.says(1.27)).isEqualTo("1 turn and 0.27 mm (13.5 div)");
        // A card that tells nothing has no turns to count.
        assertThat(Dial.compound(ScrewCutting.UNSAID).says(3.5)).isEqualTo("3.5 mm (175 div)");
    }

    @Test
    void aCompoundWhoseScaleCountsFromTheAxis() {
        PlanAnswer inch = Planner.plan(ask("inch-screw", "thread", "M20"));
        assertThat(inch.steps().toString()).contains("60.5° on its scale", "29.5° from the square");
        assertThat(Planner.plan(ask("metric-screw", "thread", "M20")).steps().toString())
                .doesNotContain("on its scale");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "changeWheels|20, 24.5, 40|whole numbers of teeth",
                "crossReads|sideways|radius or diameter",
                "compoundScale|up|square or axis",
                "leadScrew|soft|start with a number",
                "dialTeeth|2|too small",
                "stopTime|an hour|start with a number",
                "boxThreads|8, nine tpi|start with a number",
                "centres|1 mm|too small",
            })
    void whatALathesCardDoesNotTake(String entry, String typed, String says) {
        Map<String, String> card = new HashMap<>(Map.of(
                "name",
                "One",
                "swing",
                "300 mm",
                "centreHeight",
                "30 mm",
                "largestShank",
                "20 mm",
                "speeds",
                "60, 300 rpm",
                "motor",
                "1 kW",
                "efficiency",
                "75 %"));
        card.put(entry, typed);
        assertThat(LatheCard.read(card, UnitSystem.METRIC).errors().get(entry)).contains(says);
    }

    private static Scene scene(PlanAnswer answer, String id) {
        return answer.scenes().stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theDialIsDrawnAsItLooks() {
        Scene any = scene(Planner.plan(ask("inch-screw", "thread", "1/2-20")), "thread-dial");
        Scene some = scene(Planner.plan(ask("inch-screw", "thread", "1/2-13")), "thread-dial");
        assertThat(any.labels()).anyMatch(label -> label.text().contains("at any mark"));
        assertThat(some.labels()).anyMatch(label -> label.text().contains("at the long marks"));
        assertThat(scene(Planner.plan(ask("inch-screw", "thread", "M20×1.5")), "thread-dial")
                        .labels())
                .anyMatch(label -> label.text().contains("never"));
        assertThat(scene(Planner.plan(ask("plain", "thread", "M20")), "thread-dial")
                        .labels())
                .anyMatch(label -> label.text().contains("no thread dial"));
    }

    private static TrialAnswer judge(PlanRequest request, String... readings) {
        Map<String, String> read = new HashMap<>();
        for (int i = 0; i < readings.length; i += 2) {
            read.put(readings[i], readings[i + 1]);
        }
        return TrialJudge.prove(new TrialRequest(request, read));
    }

    @ParameterizedTest
    @CsvSource({
        "half, steps, steps, threadWay",
        "straight, torn, crowded, threadWay",
        "half-less, drunken, slack, ''",
        "half-less, flat, crest-flat, ''"
    })
    void whatIsSeenIsPutDownToItsCause(String way, String look, String cause, String field) {
        PlanRequest request = ask("metric-screw", "thread", "M24", "threadWay", way, "threadHeld", "chuck-and-centre");
        TrialAnswer answer = judge(request, "look", look);
        assertThat(answer.worked()).as(answer.verdict()).isTrue();
        assertThat(answer.causes().getFirst().id()).isEqualTo(cause);
        answer.next().ifPresent(mend -> assertThat(mend.field()).isEqualTo(field));
    }

    @Test
    void aBarThatRubbedIsSeenByItsCrests() {
        PlanRequest request = ask(
                "metric-screw",
                "thread",
                "M36×1.5",
                "threadSide",
                "inside",
                "threadBar",
                "30 mm",
                "threadPoint",
                "16 mm");
        TrialAnswer answer = judge(request, "look", "rubbed", "gauge", "tight");
        assertThat(answer.causes().getFirst().id()).isEqualTo("bar-rubs");
        assertThat(answer.next().orElseThrow().field()).isEqualTo("threadPoint");
        // Wires do not go into a hole: said, not reckoned with.
        assertThat(judge(request, "overWires", "36 mm").readings().toString()).contains("plug gauge");
        assertThat(judge(request).verdict()).contains("Type what wires");
    }

    @Test
    void aTaperIsThePushOrTheTailstock() {
        PlanRequest slender = ask("metric-screw", "thread", "M10", "threadLength", "80 mm");
        PlanAnswer plan = Planner.plan(slender);
        double over = plan.figure("overWires").is();
        double reckoned = ThreadReader.cut(slender).cut().orElseThrow().taperMm();
        assertThat(reckoned).isPositive();
        TrialAnswer pushed = judge(slender, "overWires", (over + reckoned) + " mm", "overWiresFar", over + " mm");
        assertThat(pushed.causes().getFirst().id()).isIn("pushed-off", "spring");
        assertThat(pushed.causes()).anyMatch(cause -> cause.id().equals("pushed-off") && cause.fit() > 0.8);
        TrialAnswer wrongWay =
                judge(slender, "overWires", (over - 0.02) + " mm", "overWiresFar", (over + 0.04) + " mm");
        assertThat(wrongWay.causes().getFirst().id()).isEqualTo("tailstock");
    }

    @Test
    void aReadingFarOffIsNotJudged() {
        PlanRequest request = ask("metric-screw", "thread", "M20");
        TrialAnswer answer = judge(request, "overWires", "14 mm");
        assertThat(answer.readings().toString()).contains("Check the wires");
        assertThat(judge(ask("metric-screw", "thread", "M8×1.3"), "overWires", "8 mm")
                        .verdict())
                .contains("not complete");
        TrialAnswer good = judge(
                request, "overWires", Planner.plan(request).figure("overWires").is() + " mm", "gauge", "fits");
        assertThat(good.verdict()).contains("It serves");
        assertThat(good.causes()).isEmpty();
        assertThat(good.expected()).isEqualTo("Nothing needs to change.");
    }

    /** Wires that the shop has are reckoned with, whatever they are: the same pitch diameter comes out of all that do. */
    @Test
    void theShopsOwnWires() {
        for (String wire : List.of("1.4 mm", "1.5 mm", "1.7 mm")) {
            PlanRequest request = ask("metric-screw", "thread", "M20", "threadWire", wire);
            double over = Planner.plan(request).figure("overWires").is();
            TrialAnswer answer = judge(request, "overWires", over + " mm");
            String measured = answer.compared().getFirst().measured();
            assertThat(Double.parseDouble(measured.replace(" mm", ""))).isCloseTo(18.249, within(2e-3));
        }
    }

    /** What is left comes as the plan's own passes: their sum is what is left, over twice the cosine. */
    @Test
    void whatIsLeftAsPasses() {
        PlanRequest request =
                ask("inch-screw", "thread", "7/16-20", "threadHeld", "chuck-and-centre", "threadSpring", "4");
        var cut = ThreadReader.cut(request).cut().orElseThrow();
        int n = cut.depthsMm().size();
        double left = 2 * (cut.depthMm() - cut.depthsMm().get(n - 4));
        double over = cut.wires().overMm(cut.targetMm() + left);
        TrialAnswer answer = judge(request, "overWires", over + " mm");
        assertThat(answer.expected()).startsWith("In 3 passes:");
        double sum = java.util.regex.Pattern.compile("([0-9.]+) thou")
                .matcher(answer.expected())
                .results()
                .mapToDouble(found -> Double.parseDouble(found.group(1)))
                .sum();
        assertThat(sum * 0.0254).isCloseTo(left / (2 * Math.cos(Math.toRadians(29.5))), within(0.004));
    }

    /** Hardly anything left is one pass, not none. */
    @Test
    void aHairLeftIsOnePass() {
        PlanRequest fine = ask("metric-screw", "thread", "M3", "threadClass", "4h", "threadSpring", "4");
        var cut = ThreadReader.cut(fine).cut().orElseThrow();
        for (double left = 0.004; left < 0.06; left += 0.004) {
            TrialAnswer answer =
                    judge(fine, "overWires", cut.wires().overMm(cut.targetMm() + left) + " mm", "gauge", "tight");
            assertThat(answer.worked()).isTrue();
            assertThat(answer.expected()).isNotEmpty();
        }
    }
}
