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

    private static final PlanRequest CENTRED = Shop.request(
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
            "hold",
            "chuck-and-centre",
            "tolerance",
            "h8");

    /** "Eight hundredths with the centre up? Your tailstock is over. Bring it back by half of that, and a bit for the length." By hand: 0.08 / 2 · 92 / 78. */
    @Test
    void aTaperUnderTheCentreIsTheTailstocks() {
        TrialAnswer answer = prove(CENTRED, "near", "13.39", "far", "13.47", "apart", "78 mm", "warmth", "cold");
        assertThat(answer.causes().getFirst().id()).isEqualTo("alignment");
        Fix next = answer.next().orElseThrow();
        assertThat(next.label()).startsWith("Set the tailstock over by 0.047 mm towards the tool");
        assertThat(next.field()).isEmpty();
        assertThat(next.readings()).containsEntry("tailstock", "-0.047 mm").containsEntry("apart", "78 mm");
        // Set over and dialled as told, both ends come to the middle: 13.3865.
        assertThat(next.readings()).containsKey("dialled");
        TrialAnswer after = prove(
                CENTRED,
                "near",
                "13.386",
                "far",
                "13.387",
                "apart",
                "78 mm",
                "warmth",
                "cold",
                "tailstock",
                next.readings().getOrDefault("tailstock", ""),
                "dialled",
                next.readings().getOrDefault("dialled", ""));
        assertThat(after.next()).isEmpty();
        assertThat(after.expected()).isEqualTo("Nothing needs to change.");
        assertThat(after.causes()).isEmpty();
    }

    /** What was dialled goes on counting from the first cut: a second change is told with the first in it. */
    @Test
    void theDialIsRemembered() {
        Fix first = prove(CENTRED, "near", "13.43", "far", "13.431", "apart", "78 mm")
                .next()
                .orElseThrow();
        assertThat(first.label()).startsWith("Dial in 0.04");
        Fix second = prove(
                        CENTRED,
                        "near",
                        "13.397",
                        "far",
                        "13.398",
                        "apart",
                        "78 mm",
                        "dialled",
                        first.readings().getOrDefault("dialled", ""))
                .next()
                .orElseThrow();
        assertThat(second.label()).startsWith("Dial in 0.01");
        assertThat(second.readings().get("dialled")).startsWith("-0.05");
    }

    /** "Too hot to hold? Then it is not too large yet." 50 mm of steel, 40 K: 0.023 mm. */
    @Test
    void aHotPieceIsJudgedCold() {
        PlanRequest stout = Shop.request(
                "material",
                "steel-low-carbon",
                "diameter",
                "52",
                "finished",
                "50",
                "length",
                "40",
                "stickOut",
                "50",
                "tolerance",
                "±0.015 mm");
        TrialAnswer hot = prove(stout, "near", "50.024", "far", "50.025", "apart", "35", "warmth", "hot");
        assertThat(hot.verdict()).startsWith("Within the tolerance");
        assertThat(hot.next().orElseThrow().label()).startsWith("Let it cool");
        assertThat(hot.next().orElseThrow().readings()).containsEntry("warmth", "cold");
        assertThat(hot.causes()).extracting(cause -> cause.id()).contains("warm");
        TrialAnswer cold = prove(stout, "near", "50.024", "far", "50.025", "apart", "35", "warmth", "cold");
        assertThat(cold.verdict()).startsWith("Outside the tolerance");
        assertThat(cold.causes()).extracting(cause -> cause.id()).doesNotContain("warm");
    }

    /** "It sings? Never mind the size." */
    @Test
    void whatIsHeardComesBeforeTheSize() {
        TrialAnswer sang =
                prove(PIN, "near", "13.42", "far", "13.43", "apart", "70", "finish", "Ra 4", "sound", "chatter");
        assertThat(sang.causes().getFirst().id()).isEqualTo("chatter");
        TrialAnswer blue = prove(PIN, "near", "13.42", "far", "13.43", "apart", "70", "chip", "blue");
        assertThat(blue.causes().getFirst().id()).isEqualTo("too-fast");
    }

    /** A face has no axis along it and no centre to set over: what is off is dialled, whatever the readings, in figures that can be dialled. */
    @Test
    void aFaceIsDialled() {
        for (String hold : new String[] {"chuck", "chuck-and-centre"}) {
            PlanRequest face = Shop.request(
                    "operation", "face", "diameter", "60", "finished", "20", "length", "0.5", "hold", hold);
            for (String far : new String[] {"20.06", "19.9", "20.3"}) {
                TrialAnswer answer = prove(face, "near", "20.05", "far", far, "apart", "10 mm");
                assertThat(answer.worked()).isTrue();
                assertThat(answer.toString()).doesNotContain("NaN").doesNotContain("∞");
                answer.next()
                        .ifPresent(next -> assertThat(next.label())
                                .doesNotContain("tailstock")
                                .doesNotContain("collars"));
            }
        }
    }
}
