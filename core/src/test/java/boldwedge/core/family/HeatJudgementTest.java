package boldwedge.core.family;

import static boldwedge.core.family.JudgedJobs.finding;
import static boldwedge.core.family.JudgedJobs.first;
import static boldwedge.core.family.JudgedJobs.judge;
import static boldwedge.core.family.JudgedJobs.plan;
import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.testing.Shop;
import boldwedge.core.trial.Cause;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Heat: jobs with what a master says first, each written down before the job was run. */
@Tag("written")
class HeatJudgementTest {
    /** "Harden it to make it stiffer? Never: soft or hard it bends the same." */
    @Test
    void nothingIsHardenedForStiffness() {
        Finding first = first(plan("operation", "harden", "hardenFor", "stiff"));
        assertThat(first.id()).isEqualTo("whether");
        assertThat(first.verdict()).isEqualTo(Verdict.WRONG);
    }

    /** "An inch and a half of drill rod? The skin is hard, the middle is not." */
    @Test
    void aThickPieceOfAShallowSteel() {
        Finding first = first(plan("operation", "harden", "steel", "silver-steel", "section", "40 mm"));
        assertThat(first.id()).isIn("hardens-through", "cracks");
        assertThat(finding(plan("operation", "harden", "steel", "silver-steel", "section", "40 mm"), "hardens-through")
                        .verdict())
                .isEqualTo(Verdict.DOUBTFUL);
        assertThat(finding(plan("operation", "harden", "steel", "a2", "section", "40 mm"), "hardens-through")
                        .verdict())
                .isEqualTo(Verdict.FINE);
    }

    /** "Two litres for that lump? The oil will burn." */
    @Test
    void aSmallBathTakesFire() {
        PlanAnswer answer =
                plan("operation", "harden", "section", "50 mm", "heatLength", "200 mm", "bathVolume", "4 l");
        Finding bath = finding(answer, "bath");
        assertThat(bath.verdict()).isEqualTo(Verdict.WRONG);
        Fix mend = bath.mends().getFirst();
        assertThat(finding(
                                plan(
                                        "operation",
                                        "harden",
                                        "section",
                                        "50 mm",
                                        "heatLength",
                                        "200 mm",
                                        mend.field(),
                                        mend.text()),
                                "bath")
                        .verdict())
                .isEqualTo(Verdict.FINE);
    }

    /** "Fifty-four where it should be sixty-one: it was tempered too hot, or never got hot enough. Spark it if you doubt the bar." */
    @Test
    void oneCameOutSoft() {
        TrialAnswer trial = judge(
                Shop.request("operation", "harden", "heatPieces", "2", "otherSection", "8 mm", "otherLength", "80 mm"),
                "hardness",
                "54 HRC");
        assertThat(trial.causes())
                .extracting(Cause::id)
                .contains("tempered-too-hot", "too-cold", "slow-quench", "wrong-steel", "skin");
        assertThat(trial.next()).isPresent();
        // On a bare piece the tester stands on a soft skin before anything else.
        assertThat(judge(Shop.request("operation", "harden", "wrap", "bare"), "hardness", "54 HRC", "file", "skin-only")
                        .causes()
                        .getFirst()
                        .id())
                .isEqualTo("skin");
    }

    /** "It sat overnight before the temper? That is your crack." */
    @Test
    void aLateTemperCracks() {
        TrialAnswer late = judge(Shop.request("operation", "harden"), "look", "cracked", "waited", "12 h");
        assertThat(late.causes().getFirst().id()).isEqualTo("late-temper");
        TrialAnswer atOnce = judge(
                Shop.request("operation", "harden", "heatShape", "stepped"), "look", "cracked", "waited", "5 min");
        assertThat(atOnce.causes().getFirst().id()).isEqualTo("corner");
    }
}
