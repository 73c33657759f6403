package boldwedge.core.family;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.testing.Shop;
import boldwedge.core.trial.Calibration;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** A trial before and one after a change, told as one experiment. */
@Tag("written")
class ExperimentTest {
    private static final String[] PIN = {
        "diameter", "14 mm", "finished", "13.4 mm", "length", "80 mm", "stickOut", "92 mm"
    };

    private static TrialRequest trial(String near, String far, String... more) {
        String[] fields = Arrays.copyOf(PIN, PIN.length + more.length);
        System.arraycopy(more, 0, fields, PIN.length, more.length);
        return new TrialRequest(Shop.request(fields), Map.of("near", near, "far", far, "apart", "70 mm"));
    }

    private final TrialRequest chuck = trial("13.405 mm", "13.442 mm", "hold", "chuck");
    private final TrialRequest centre = trial("13.402 mm", "13.404 mm", "hold", "chuck-and-centre");

    @Test
    void oneChangeIsToldWithWhatItShouldDoAndWhatItDid() {
        Experiment experiment = Experiment.of(chuck, centre).orElseThrow();
        assertThat(experiment.changed()).singleElement().satisfies(changed -> {
            assertThat(changed.label()).isEqualTo("Work held");
            assertThat(changed.from()).contains("chuck");
            assertThat(changed.to()).contains("centre");
        });
        Experiment.Row taper = experiment.rows().stream()
                .filter(row -> row.what().startsWith("Taper"))
                .findFirst()
                .orElseThrow();
        assertThat(taper.measuredBefore()).contains("0.037");
        assertThat(taper.measuredAfter()).contains("0.002");
        assertThat(taper.predictedBefore()).isNotEqualTo(taper.predictedAfter());
    }

    @Test
    void nothingOrTooMuchChangedIsNoExperiment() {
        assertThat(Experiment.of(chuck, chuck)).isEmpty();
        TrialRequest much = trial(
                "13.4 mm",
                "13.4 mm",
                "hold",
                "chuck-and-centre",
                "depth",
                "0.1 mm",
                "feed",
                "0.05 mm/rev",
                "noseRadius",
                "0.2 mm");
        assertThat(Experiment.of(chuck, much)).isEmpty();
        // A drilled hole is no trial of a turned pin, and one that cannot be judged is none at all.
        assertThat(Experiment.of(chuck, new TrialRequest(Shop.request("operation", "drill"), Map.of("far", "9.1 mm"))))
                .isEmpty();
        assertThat(Experiment.of(chuck, new TrialRequest(centre.plan(), Map.of())))
                .isEqualTo(Optional.empty());
    }

    /** What was typed as it had been chosen before changes nothing; what had been chosen stands beside what was typed. */
    @Test
    void whatWasChosenIsToldAndIsNoChangeByBeingTyped() {
        String chosen = Planner.plan(chuck.plan()).fields().stream()
                .filter(field -> field.id().equals("sideRake"))
                .findFirst()
                .orElseThrow()
                .text();
        TrialRequest typed = trial(
                "13.402 mm",
                "13.404 mm",
                "hold",
                "chuck",
                "sideRake",
                chosen,
                "noseRadius",
                "0.2 mm",
                "feed",
                "0.05 mm/rev");
        Experiment experiment = Experiment.of(chuck, typed).orElseThrow();
        assertThat(experiment.changed()).extracting(Experiment.Changed::label).doesNotContain("Side rake");
        assertThat(experiment.changed())
                .filteredOn(changed -> changed.label().equals("Nose radius"))
                .singleElement()
                .satisfies(changed -> assertThat(changed.from()).isEqualTo("0.3 mm"));
    }

    /** What was taught meanwhile is left out: neither trial is told of itself. */
    @Test
    void predictionsAreThoseOfTheUntaughtProgram() {
        var taught = new Calibration(Calibration.Of.SPRING, 3, 0.1, 5);
        var plan = chuck.plan();
        TrialRequest knowing =
                new TrialRequest(new PlanRequest(plan.fields(), plan.units(), plan.lathe(), taught), chuck.readings());
        assertThat(Experiment.of(knowing, centre)).isEqualTo(Experiment.of(chuck, centre));
    }
}
