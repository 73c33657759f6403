package boldwedge.core.families.parting.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.family.Planner;
import boldwedge.core.family.TrialJudge;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.trial.BladeLife;
import boldwedge.core.trial.Cause;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A parted trial is judged: pip, face, break. */
class PartTrialTest {
    private static final PlanRequest PLAN = PartPlanTest.request(PartPlanTest.SMALL, "partHolder", "split-block");

    private static TrialAnswer judge(PlanRequest plan, String... readings) {
        Map<String, String> read = new HashMap<>();
        for (int i = 0; i < readings.length; i += 2) {
            read.put(readings[i], readings[i + 1]);
        }
        return TrialJudge.prove(new TrialRequest(plan, read));
    }

    private static String likeliest(TrialAnswer answer) {
        return answer.causes().getFirst().id();
    }

    /** A pip tells the height; typed in, the plan predicts that same pip: the second prediction is right. */
    @Test
    void aPipTellsTheHeightAndTheNextPredictionHasIt() {
        TrialAnswer trial = judge(PLAN, "pip", "0.8 mm", "pipSide", "below");
        assertThat(likeliest(trial)).isEqualTo("height");
        var mend = trial.next().orElseThrow();
        assertThat(mend.field()).isEqualTo("partHeight");
        Map<String, String> then = new HashMap<>(PLAN.fields());
        then.put(mend.field(), mend.text());
        PlanAnswer again = Planner.plan(new PlanRequest(then, PLAN.units(), PLAN.lathe()));
        assertThat(again.figure("pip").is()).isCloseTo(0.8, within(2e-3));
    }

    @Test
    void eachSignHasItsLikeliestCause() {
        assertThat(likeliest(judge(PLAN, "face", "domed", "faceBy", "0.06 mm"))).isEqualTo("square");
        TrialAnswer led = judge(
                PartPlanTest.request(PartPlanTest.SMALL, "tipLead", "12°"),
                "face",
                "domed",
                "faceBy",
                mm(Planner.plan(PartPlanTest.request(PartPlanTest.SMALL, "tipLead", "12°"))
                        .figure("drift")
                        .is()));
        assertThat(likeliest(led)).isEqualTo("lead");
        assertThat(likeliest(judge(PLAN, "sound", "chatter"))).isEqualTo("chatter");
        // Deep in a slot, with plenty in hand, packed chips break a blade.
        PlanRequest deep = PartPlanTest.request(
                PartPlanTest.SMALL,
                "partHolder",
                "rear-block",
                "partDiameter",
                "50 mm",
                "material",
                "aluminium-wrought");
        assertThat(likeliest(judge(deep, "broke", "14 mm"))).isEqualTo("chips");
        // An old holder that digs in.
        PlanRequest old = PartPlanTest.request(
                PartPlanTest.SMALL,
                "material",
                "steel-alloy-annealed",
                "partDiameter",
                "30 mm",
                "holderBefore",
                "14 mm");
        assertThat(judge(old, "broke", "27 mm").causes().stream().limit(2).map(Cause::id))
                .contains("digs-in");
        // Low, and broken close to the axis: the work rode over the edge.
        PlanRequest low = PartPlanTest.request(
                PartPlanTest.SMALL, "partHolder", "rear-block", "partHeight", "-1 mm", "material", "brass-free");
        assertThat(judge(low, "broke", "3 mm").causes().stream().limit(2).map(Cause::id))
                .contains("rode-up");
    }

    private static String mm(double value) {
        return String.format(java.util.Locale.ROOT, "%.4f mm", value);
    }

    @Test
    void partedCleanNothingNeedsToChange() {
        TrialAnswer clean = judge(PLAN, "pip", "0", "face", "flat", "count", "12");
        assertThat(clean.verdict()).isEqualTo("Parted clean.");
        assertThat(clean.next()).isEmpty();
        assertThat(judge(PLAN).worked()).isFalse();
        assertThat(judge(PLAN).verdict()).startsWith("Part one off");
    }

    @Test
    void wrongReadingsAreToldBesideThem() {
        assertThat(judge(PLAN, "pip", "26 mm").readings())
                .anyMatch(r -> r.id().equals("pip") && r.error().contains("narrower than the work: under 25 mm"));
        assertThat(judge(PLAN, "broke", "30 mm").readings())
                .anyMatch(r -> r.id().equals("broke") && r.error().contains("25 mm"));
        // Nor within the bore, where there is nothing to break at.
        PlanRequest bored = PartPlanTest.request(PartPlanTest.SMALL, "partHolder", "split-block", "partBore", "12 mm");
        assertThat(judge(bored, "broke", "9 mm").readings())
                .anyMatch(r -> r.id().equals("broke") && r.error().contains("12 mm"));
        assertThat(judge(PLAN, "faceBy", "20 mm").worked()).isFalse();
        assertThat(judge(PLAN, "speed", "fast", "pip", "0").worked()).isFalse();
    }

    /** Twenty-six cuts, one blade broken: 26 to a blade; at 9.50 a blade 37 cents a cut. */
    @Test
    void breakagesTellABladesLife() {
        List<Map<String, String>> trials =
                List.of(Map.of("count", "9"), Map.of("count", "4", "broke", "19 mm"), Map.of("count", "13"));
        BladeLife life = BladeLife.of(trials, "9.50");
        assertThat(life.cuts()).isEqualTo(26);
        assertThat(life.broken()).isEqualTo(1);
        assertThat(life.cutsPerBlade().orElseThrow()).isCloseTo(26, within(1e-12));
        assertThat(life.costPerCut().orElseThrow()).isCloseTo(9.5 / 26, within(1e-12));
        assertThat(life.sentence()).isEqualTo("26 cuts, 1 broken: 26 cuts to a blade, 0.37 a cut.");
        assertThat(BladeLife.of(List.of(Map.of()), "").sentence()).isEqualTo("1 cut so far, none broke it.");
        assertThat(BladeLife.of(List.of(), "9").sentence()).isEmpty();
    }
}
