package boldwedge.core.families.turning.report;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.family.Planner;
import boldwedge.core.family.TrialJudge;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.testing.Shop;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A turned trial is judged from readings to its next change. */
class TurningTrialTest {
    private static final PlanRequest PIN = Shop.request(
            "material",
            "stainless-free",
            "diameter",
            "14",
            "finished",
            "13.4",
            "length",
            "80",
            "stickOut",
            "92",
            "tolerance",
            "h8",
            "noseRadius",
            "0.8 mm",
            "sideEdge",
            "15°",
            "depth",
            "0.3");

    private static TrialAnswer prove(PlanRequest plan, String... readings) {
        Map<String, String> texts = new HashMap<>();
        for (int i = 0; i < readings.length; i += 2) {
            texts.put(readings[i], readings[i + 1]);
        }
        return TrialJudge.prove(new TrialRequest(plan, texts));
    }

    @Test
    void aSlenderPinTapersAndTheOneChangeIsComputed() {
        PlanAnswer plan = Planner.plan(PIN);
        double near = 13.3865 + 0.008;
        double far = near + plan.figure("taper").is() * 70 / 80;
        TrialAnswer answer = prove(PIN, "near", near + " mm", "far", far + " mm", "apart", "70 mm", "finish", "Ra 1.2");
        assertThat(answer.worked()).isTrue();
        // Most of this spring is the nose's: it is named first, and stoned first.
        assertThat(answer.causes().getFirst().id()).isEqualTo("fat-nose");
        assertThat(answer.causes()).extracting(cause -> cause.id()).contains("push-off");
        Fix next = answer.next().orElseThrow();
        assertThat(next.field()).isEqualTo("noseRadius");
        Map<String, String> mended = new HashMap<>(PIN.fields());
        mended.put(next.field(), next.text());
        double taper = Planner.plan(new PlanRequest(mended, PIN.units(), PIN.lathe()))
                .figure("taper")
                .is();
        assertThat(Math.abs(taper)).isLessThan(0.6 * plan.figure("taper").is());
        assertThat(answer.scene()).isPresent();
    }

    @Test
    void withinTheToleranceNothingNeedsToChange() {
        TrialAnswer answer = prove(PIN, "near", "13.392", "far", "13.394", "apart", "60", "finish", "Ra 1.1");
        assertThat(answer.verdict()).startsWith("Within the tolerance");
        assertThat(answer.next()).isEmpty();
        assertThat(answer.expected()).isEqualTo("Nothing needs to change.");
    }

    @Test
    void whatWasReallyRunIsWhatIsPredicted() {
        TrialAnswer slow = prove(PIN, "near", "13.392", "far", "13.394", "apart", "60", "speed", "60 rpm");
        TrialAnswer planned = prove(PIN, "near", "13.392", "far", "13.394", "apart", "60");
        assertThat(slow.compared().getLast().measured())
                .isNotEqualTo(planned.compared().getLast().measured());
    }

    @Test
    void readingsThatCannotBeAreTold() {
        assertThat(error(prove(PIN, "near", "3/0", "far", "13", "apart", "60"), "near"))
                .contains("divides by nothing");
        assertThat(error(prove(PIN, "near", "13.4", "far", "13.4", "apart", "200"), "apart"))
                .contains("further apart");
        assertThat(error(prove(PIN, "near", "0.53 in", "far", "3/4", "apart", "60"), "far"))
                .contains("far from");
        assertThat(error(prove(PIN, "near", "13.4", "far", "13.4", "apart", "60", "chip", "green"), "chip"))
                .contains("Pick");
        assertThat(error(prove(PIN, "near", "13.4", "far", "13.4", "apart", "60", "speed", "fast"), "speed"))
                .isNotBlank();
        assertThat(prove(PIN).verdict()).contains("Type both diameters");
        assertThat(prove(Shop.request("diameter", "x"), "near", "1", "far", "1", "apart", "1")
                        .verdict())
                .contains("not complete yet");
    }

    private static String error(TrialAnswer answer, String reading) {
        assertThat(answer.worked()).isFalse();
        return answer.readings().stream()
                .filter(r -> r.id().equals(reading))
                .findFirst()
                .orElseThrow()
                .error();
    }
}
