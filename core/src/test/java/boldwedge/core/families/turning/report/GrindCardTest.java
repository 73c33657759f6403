package boldwedge.core.families.turning.report;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.family.Planner;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.planning.MakeStep;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.testing.Shop;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The card at the wheel: complete for every blank, the same faces whatever the order, cautions where they belong. */
@Tag("written")
class GrindCardTest {
    private static List<MakeStep> steps(String... fieldsAndTexts) {
        PlanAnswer answer = Planner.plan(Shop.request(fieldsAndTexts));
        assertThat(answer.worked()).isTrue();
        return answer.steps();
    }

    @Test
    void everyBlankHasACardWithCheckReasonAndPicture() {
        for (Blank blank : StockCatalogue.shipped().blanks()) {
            // A shank that suits the lathe's post is not the point here: every blank must have its card.
            PlanAnswer answer = Planner.plan(Shop.request("blank", blank.id(), "noseRadius", "0.2 mm"));
            assertThat(answer.fields())
                    .as(blank.id())
                    .allSatisfy(f -> assertThat(f.error()).isEmpty());
            assertThat(answer.steps()).as(blank.id()).isNotEmpty().allSatisfy(step -> {
                assertThat(step.title()).isNotBlank();
                assertThat(step.lines()).isNotEmpty().noneMatch(String::isBlank);
                assertThat(step.why()).isNotBlank();
                assertThat(step.check()).isNotBlank();
                assertThat(step.scene().strokes()).isNotEmpty();
                assertThat(step.toString()).doesNotContain("NaN").doesNotContain("Infinity");
            });
        }
    }

    @Test
    void theTwoOrdersGrindTheSameFaces() {
        List<MakeStep> flanks = steps("order", "flanks-first");
        List<MakeStep> top = steps("order", "top-first");
        assertThat(new TreeSet<>(flanks.stream().map(MakeStep::id).toList()))
                .isEqualTo(new TreeSet<>(top.stream().map(MakeStep::id).toList()));
        assertThat(flanks.stream().map(MakeStep::id).toList())
                .isNotEqualTo(top.stream().map(MakeStep::id).toList());
    }

    /** A step's target is the field's own text, in the unit in force. */
    @Test
    void whatIsMeasuredAtAStepIsAFieldAndItsTargetIsTheWantedValue() {
        for (UnitSystem units : UnitSystem.values()) {
            PlanAnswer answer = Planner.plan(Shop.request(units));
            Map<String, String> texts = new HashMap<>();
            answer.fields().forEach(state -> texts.put(state.id(), state.text()));
            List<MakeStep> measured =
                    answer.steps().stream().filter(s -> !s.measures().isEmpty()).toList();
            assertThat(measured).hasSizeGreaterThan(2);
            measured.forEach(step -> assertThat(step.target()).as(step.id()).isEqualTo(texts.get(step.measures())));
        }
    }

    @Test
    void cautionsStandAtTheFirstStepAtTheWheel() {
        for (String order : List.of("flanks-first", "top-first")) {
            MakeStep first = steps("order", order).getFirst();
            assertThat(first.cautions()).isNotEmpty();
            assertThat(String.join(" ", first.cautions()).toLowerCase(java.util.Locale.ROOT))
                    .contains("glasses")
                    .contains("rest");
        }
        assertThat(steps("blank", "brazed-10mm-0").toString())
                .as("carbide dust")
                .contains("dust");
    }

    /** A smaller wheel hollows deeper, and a cup wheel's side not at all. */
    @Test
    void theHollowFollowsTheWheel() {
        String large = String.join(" ", steps("wheel", "250 mm").getFirst().lines());
        String small = String.join(" ", steps("wheel", "125 mm").getFirst().lines());
        assertThat(hollow(small)).isGreaterThan(hollow(large));
        assertThat(String.join(" ", steps("wheelFace", "cup").getFirst().lines()))
                .doesNotContain("hollow");
    }

    private static double hollow(String lines) {
        var found = java.util.regex.Pattern.compile("hollow[^0-9]*([0-9.]+)").matcher(lines);
        assertThat(found.find()).as(lines).isTrue();
        return Double.parseDouble(found.group(1));
    }

    /** A chipped tip means more to grind away, said in numbers on the card. */
    @Test
    void damageAddsToWhatIsGroundAway() {
        PlanAnswer fresh = Planner.plan(Shop.request());
        PlanAnswer burnt = Planner.plan(Shop.request("damage", "1 mm"));
        assertThat(burnt.figure("removedVolume").is())
                .isGreaterThan(fresh.figure("removedVolume").is());
        Optional<String> end = burnt.steps().stream()
                .filter(s -> s.id().equals("end-flank"))
                .map(s -> String.join(" ", s.lines()))
                .findFirst();
        assertThat(end)
                .isPresent()
                .isNotEqualTo(fresh.steps().stream()
                        .filter(s -> s.id().equals("end-flank"))
                        .map(s -> String.join(" ", s.lines()))
                        .findFirst());
    }
}
