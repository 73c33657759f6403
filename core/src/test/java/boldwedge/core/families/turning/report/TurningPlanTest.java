package boldwedge.core.families.turning.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.family.Planner;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneSvg;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.Blank;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.wedge.Operation;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.MakeStep;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.testing.Shop;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whole answers for turning: every material, blank and operation, and the cases that a master would know. */
class TurningPlanTest {

    /** A plain bit, an inch one, and each make of brazed tip. */
    private static final List<Blank> EVERY_KIND = StockCatalogue.shipped().blanks().stream()
            .filter(blank -> List.of(
                            "hss-10mm", "hss-1-4", "cobalt-3-8", "brazed-1-2-0", "brazed-3-8-15", "brazed-10mm-0")
                    .contains(blank.id()))
            .toList();

    @Test
    void changingTheMaterialChangesTheAngles() {
        double steel = Planner.plan(Shop.request()).figure("backRake").is();
        double brass = Planner.plan(Shop.request("material", "brass-free"))
                .figure("backRake")
                .is();
        assertThat(steel).isBetween(8.0, 18.0);
        assertThat(brass).isZero();
    }

    /** Every material on every blank for every operation gives an answer with working, source and drawings. */
    @Test
    void everyMaterialBlankAndOperationIsAnswered() throws Exception {
        int answered = 0;
        for (WorkMaterial work : StockCatalogue.shipped().workMaterials()) {
            for (Blank blank : EVERY_KIND) {
                for (Operation operation : Operation.values()) {
                    PlanAnswer answer = Planner.plan(Shop.request(
                            "material",
                            work.id(),
                            "blank",
                            blank.id(),
                            "operation",
                            Entry.choice(operation),
                            "diameter",
                            "60"));
                    assertThat(answer.worked())
                            .as(work.id() + blank.id() + operation)
                            .isTrue();
                    for (Finding finding : answer.findings()) {
                        assertThat(finding.statement())
                                .isNotBlank()
                                .doesNotContain("NaN")
                                .doesNotContain("Infinity");
                        assertThat(finding.source()).as(finding.id()).isNotBlank();
                        assertThat(finding.margin()).isBetween(-1.0, 10.0);
                    }
                    answer.figures()
                            .forEach(figure ->
                                    assertThat(figure.is()).as(figure.id()).isFinite());
                    answered++;
                }
            }
        }
        assertThat(answered).isEqualTo(StockCatalogue.shipped().workMaterials().size() * 6 * 4);
    }

    @Test
    void drawingsAreSoundXmlWithinTheirBounds() throws Exception {
        for (String operation : new String[] {"turn", "face", "turn-and-face"}) {
            PlanAnswer answer = Planner.plan(Shop.request("operation", operation, "height", "0.2 mm"));
            for (Scene scene : answer.scenes()) {
                String svg = SceneSvg.write(scene);
                var document = DocumentBuilderFactory.newInstance()
                        .newDocumentBuilder()
                        .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)));
                assertThat(document.getElementsByTagName("path").getLength())
                        .as(scene.id())
                        .isGreaterThan(5);
                assertThat(svg).doesNotContain("NaN");
                scene.labels().forEach(label -> {
                    assertThat(label.at().x()).as(scene.id() + label).isBetween(0.0, 100.0);
                    assertThat(label.at().y()).as(scene.id() + label).isBetween(0.0, 74.0);
                });
            }
        }
    }

    @Test
    void theAnglesAreInputsOnTheDrawing() {
        Scene bit = Planner.plan(Shop.request()).scenes().stream()
                .filter(scene -> scene.id().equals("bit"))
                .findFirst()
                .orElseThrow();
        assertThat(bit.labels())
                .extracting(label -> label.field())
                .contains(
                        "backRake",
                        "sideRake",
                        "endRelief",
                        "sideRelief",
                        "endEdge",
                        "sideEdge",
                        "noseRadius",
                        "groundLength");
    }

    @Test
    void tooHighRubsAndTheMendCuresIt() {
        PlanAnswer high = Planner.plan(Shop.request("height", "2.5 mm", "finished", "20 mm"));
        Finding rubs = finding(high, "clearance-end");
        assertThat(rubs.verdict()).isEqualTo(Verdict.WRONG);
        assertThat(rubs.statement()).startsWith("It will rub");
        Fix mend = rubs.mends().getFirst();
        PlanAnswer mended = Planner.plan(Shop.request("finished", "20 mm", mend.field(), mend.text()));
        assertThat(finding(mended, "clearance-end").verdict()).isEqualTo(Verdict.FINE);
    }

    /** Every offered mend can be typed: it never leads to a field that cannot be read. */
    @Test
    void everyMendIsReadable() {
        Map<String, String> hard = new HashMap<>(Shop.request(
                        "material",
                        "stainless-austenitic",
                        "diameter",
                        "12",
                        "finished",
                        "8",
                        "length",
                        "120",
                        "stickOut",
                        "160",
                        "depth",
                        "2",
                        "feed",
                        "0.3",
                        "speed",
                        "1100",
                        "height",
                        "0.8",
                        "sideRake",
                        "30°",
                        "overhang",
                        "50 mm",
                        "finish",
                        "Ra 0.4")
                .fields());
        for (UnitSystem units : UnitSystem.values()) {
            Map<String, String> spelled = new HashMap<>(hard);
            if (units == UnitSystem.INCH) {
                PlanAnswer metric = Planner.plan(new PlanRequest(hard, UnitSystem.METRIC, Optional.of(Shop.lathe())));
                metric.fields().forEach(state -> spelled.put(state.id(), state.spelled()));
            }
            PlanAnswer answer = Planner.plan(new PlanRequest(spelled, units, Optional.of(Shop.lathe())));
            assertThat(answer.fields())
                    .allSatisfy(state -> assertThat(state.error()).isEmpty());
            assertThat(answer.findings())
                    .filteredOn(f -> f.verdict() == Verdict.WRONG)
                    .isNotEmpty();
            for (Finding finding : answer.findings()) {
                for (Fix mend : finding.mends()) {
                    Map<String, String> then = new HashMap<>(spelled);
                    then.put(mend.field(), mend.text());
                    PlanAnswer mended = Planner.plan(new PlanRequest(then, units, Optional.of(Shop.lathe())));
                    assertThat(mended.worked()).as(finding.id() + ": " + mend).isTrue();
                }
            }
        }
    }

    @Test
    void flippingUnitsWithTheSpelledTextsChangesNothing() {
        // Depth and nose are typed: left open, each shop is given what its dials can set and its gauges have.
        PlanAnswer metric = Planner.plan(Shop.request(
                "diameter", "30", "tolerance", "±0.03", "finish", "0.8", "depth", "0.25", "noseRadius", "0.5"));
        Map<String, String> spelled = new HashMap<>();
        metric.fields().forEach(state -> spelled.put(state.id(), state.spelled()));
        PlanAnswer inch = Planner.plan(new PlanRequest(spelled, UnitSystem.INCH, Optional.of(Shop.lathe())));
        assertThat(spelled).containsEntry("diameter", "30 mm").containsEntry("tolerance", "±0.03 mm");
        metric.figures().stream()
                .filter(figure -> figure.value().isPresent())
                .forEach(figure -> assertThat(inch.figure(figure.id()).is())
                        .as(figure.id())
                        .isCloseTo(figure.is(), within(1e-9)));
    }

    /** What is left open is chosen as the shop's dials are divided: 20 thou or 0.5 mm, half of it where the tolerance is close. */
    @Test
    void theLastPassIsWhatADialCanSet() {
        assertThat(Planner.plan(Shop.request("tolerance", "±0.1"))
                        .figure("depth")
                        .text())
                .isEqualTo("0.5 mm");
        assertThat(Planner.plan(Shop.request("tolerance", "±0.01"))
                        .figure("depth")
                        .text())
                .isEqualTo("0.25 mm");
        PlanAnswer inch = Planner.plan(
                Shop.request(UnitSystem.INCH, "diameter", "1", "finished", ".9", "length", "2", "stickOut", "3"));
        assertThat(inch.figure("depth").text()).isEqualTo("10 thou");
        assertThat(inch.findings().stream()
                        .filter(finding -> finding.id().equals("passes"))
                        .findFirst()
                        .orElseThrow()
                        .statement())
                .contains("two equal ones of 10 thou; measure after each");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "diameter | -5 | too small",
                "diameter | 3/0 | divides by nothing",
                "diameter | 12 parsecs | not a unit",
                "overhang | 4 m | too large",
                "overhang | 70 mm | can stand out",
                "finished | 30 mm | must be less than 25 mm",
                "length | 90 mm | longer than the work that is free",
                "feed | 90 sfm | is a surface speed",
                "feed | 7 mm/rev | too large",
                "material | unobtainium | There is no material called",
                "blank | <b>x</b> | There is no blank called",
                "operation | juggle | There is no operation called",
                "tolerance | sloppy | not a tolerance",
                "tolerance | ±0 | cannot be held",
                "noseRadius | 5 mm | does not fit on this blank",
                "depth | 3 mm | only 0.5 mm to take off",
                "height | 11 mm | would pass the work",
                "groundLength | 60 mm | grind",
                "damage | 40 mm | too little of the bit",
                "finish | shiny | does not start with a number",
                "stickOut | 3 m | diameters long"
            })
    void badInputIsToldBesideItsField(String field, String text, String says) {
        PlanAnswer answer = Planner.plan(Shop.request(field, text));
        assertThat(answer.worked()).isFalse();
        assertThat(Shop.error(answer, field)).contains(says);
        assertThat(answer.findings()).isEmpty();
    }

    @Test
    void aLatheMustBeChosen() {
        PlanAnswer answer = Planner.plan(new PlanRequest(Map.of(), UnitSystem.METRIC, Optional.empty()));
        assertThat(Shop.error(answer, "lathe")).contains("No lathe is chosen");
    }

    @Test
    void aSpeedOrFeedThatTheLatheLacksIsSaid() {
        PlanAnswer answer = Planner.plan(Shop.request("speed", "333 rpm", "feed", "0.13"));
        assertThat(finding(answer, "speed-not-there").statement())
                .contains("has no 333 rpm; the nearest it has is 320 rpm");
        assertThat(finding(answer, "feed-not-there").mends().getFirst().text()).isEqualTo("0.14 mm/rev");
    }

    @Test
    void facingOffCentreLeavesANub() {
        PlanAnswer answer =
                Planner.plan(Shop.request("operation", "face", "finished", "0", "length", "0.5", "height", "-0.3 mm"));
        assertThat(finding(answer, "nub").statement())
                .contains("nub 0.6 mm across")
                .contains("below");
    }

    @Test
    void aLeadOnAShoulderIsTold() {
        PlanAnswer answer = Planner.plan(Shop.request("operation", "shoulder", "sideEdge", "10°"));
        assertThat(finding(answer, "shoulder").verdict()).isEqualTo(Verdict.WRONG);
        PlanAnswer swung = Planner.plan(Shop.request("operation", "shoulder", "sideEdge", "10°", "swivel", "12°"));
        assertThat(swung.findings()).extracting(Finding::id).doesNotContain("shoulder");
    }

    @Test
    void theGrindingFollowsTheSchoolAndCarriesItsCautions() {
        PlanAnswer flanks = Planner.plan(Shop.request());
        PlanAnswer top = Planner.plan(Shop.request("order", "top-first", "blank", "cobalt-10mm"));
        assertThat(flanks.steps().getFirst().id()).isEqualTo("side-flank");
        assertThat(top.steps().getFirst().id()).isEqualTo("face");
        assertThat(top.steps().getFirst().cautions()).anyMatch(c -> c.contains("Cobalt dust"));
        assertThat(flanks.steps()).extracting(MakeStep::id).endsWith("nose", "hone");
    }

    @Test
    void findingsRunWorstFirstWithinAStation() {
        PlanAnswer answer = Planner.plan(Shop.request("height", "1.2 mm", "speed", "1100 rpm"));
        for (Station station : Station.values()) {
            assertThat(answer.findings().stream()
                            .filter(f -> f.station() == station)
                            .map(Finding::verdict))
                    .isSorted();
        }
    }

    @Test
    void nothingIsEverCalledSafe() {
        PlanAnswer answer = Planner.plan(Shop.request());
        assertThat(answer.toString().toLowerCase(java.util.Locale.ROOT)).doesNotContain(" safe");
    }

    @Test
    void aHeightErrorIsCuredFromTheShopsOwnShims() {
        PlanAnswer low = Planner.plan(Shop.request("height", "-0.3 mm"));
        assertThat(finding(low, "height-cure").statement())
                .contains("0.3 mm low")
                .contains("Of your shims: 0.2 mm + 0.1 mm.");
        assertThat(finding(Planner.plan(Shop.request("height", "0.31 mm")), "height-cure")
                        .statement())
                .contains("skim the holder's seat by 0.31 mm");
        assertThat(Planner.plan(Shop.request()).findings())
                .extracting(Finding::id)
                .doesNotContain("height-cure");
    }

    private static Finding finding(PlanAnswer answer, String id) {
        return answer.findings().stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no finding " + id));
    }
}
