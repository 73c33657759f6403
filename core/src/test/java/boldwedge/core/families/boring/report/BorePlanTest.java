package boldwedge.core.families.boring.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.family.Planner;
import boldwedge.core.language.drawing.SceneSvg;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.cutting.CuttingForce;
import boldwedge.core.mechanics.cutting.EdgeProfile;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.testing.Shop;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whole answers for boring: every material, bottom and way of holding, and the cases that a master would know. */
class BorePlanTest {
    private static PlanAnswer plan(String... fieldsAndTexts) {
        Map<String, String> fields = new HashMap<>(Map.of("operation", "bore"));
        for (int i = 0; i < fieldsAndTexts.length; i += 2) {
            fields.put(fieldsAndTexts[i], fieldsAndTexts[i + 1]);
        }
        return Planner.plan(new PlanRequest(fields, UnitSystem.METRIC, Optional.of(Shop.lathe())));
    }

    private static Finding finding(PlanAnswer answer, String id) {
        return answer.findings().stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no finding " + id));
    }

    @Test
    void everyMaterialBottomAndHoldingIsAnswered() {
        for (WorkMaterial work : StockCatalogue.shipped().workMaterials()) {
            for (String held : new String[] {"post", "head", "centres"}) {
                for (String bottom : new String[] {"through", "blind", "blind-faced"}) {
                    if (held.equals("centres") && !bottom.equals("through")) {
                        continue;
                    }
                    PlanAnswer answer = plan("material", work.id(), "barHeld", held, "bottom", bottom);
                    assertThat(answer.fields())
                            .allSatisfy(f -> assertThat(f.error()).isEmpty());
                    assertThat(answer.worked()).isTrue();
                    answer.figures()
                            .forEach(f -> f.value()
                                    .ifPresentOrElse(
                                            value ->
                                                    assertThat(value).as(f.id()).isFinite(),
                                            () -> assertThat(f.text()).isEqualTo("none")));
                    answer.findings().forEach(f -> {
                        assertThat(f.statement())
                                .doesNotContain("NaN")
                                .doesNotContain("Infinity")
                                .doesNotContain("—");
                        assertThat(f.source()).isNotBlank();
                        assertThat(f.margin()).isBetween(-1.0, 10.0);
                    });
                }
            }
        }
    }

    @Test
    void drawingsAreSoundXmlWithinTheirBounds() throws Exception {
        for (String[] job : new String[][] {
            {},
            {"bottom", "blind-faced", "bitAngle", "45°"},
            {"barHeld", "centres"},
            {"neckLength", "20 mm", "rodHole", "4 mm"},
            {"boreFinished", "200 mm", "boreStart", "190 mm", "boreDepth", "30 mm"}
        }) {
            for (var scene : plan(job).scenes()) {
                String svg = SceneSvg.write(scene);
                DocumentBuilderFactory.newInstance()
                        .newDocumentBuilder()
                        .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)));
                assertThat(svg).doesNotContain("NaN");
                scene.labels().forEach(label -> {
                    assertThat(label.at().x()).as(scene.id() + label).isBetween(0.0, 100.0);
                    assertThat(label.at().y()).as(scene.id() + label).isBetween(0.0, 74.0);
                });
                scene.strokes()
                        .forEach(stroke -> stroke.points().forEach(p -> {
                            assertThat(p.x()).as(scene.id() + stroke.role()).isBetween(-6.0, 106.0);
                            assertThat(p.y()).as(scene.id() + stroke.role()).isBetween(-6.0, 80.0);
                        }));
            }
        }
    }

    /** A long thin bar is told off by a number; a short thick one passes. */
    @Test
    void theLongThinBarLosesByANumber() {
        PlanAnswer thin = plan("barDiameter", "8 mm", "barOverhang", "90 mm");
        PlanAnswer stout = plan("barDiameter", "12 mm", "barOverhang", "44 mm");
        assertThat(finding(thin, "chatter").verdict()).isNotEqualTo(Verdict.FINE);
        assertThat(finding(thin, "chatter").margin())
                .isLessThan(finding(stout, "chatter").margin());
        assertThat(finding(thin, "size").margin())
                .isLessThan(finding(stout, "size").margin());
        assertThat(thin.figure("diameterError").is())
                .isGreaterThan(3 * stout.figure("diameterError").is());
        assertThat(thin.figure("limitDepth").value().orElse(Double.POSITIVE_INFINITY))
                .isLessThan(stout.figure("limitDepth").value().orElse(Double.POSITIVE_INFINITY));
        assertThat(thin.figure("ring").is()).isLessThan(stout.figure("ring").is());
    }

    /** The reported give is F/c: doubling as the cube of the reach for a bar alone. */
    @Test
    void theBarGivesWithTheCubeOfItsReach() {
        double near = plan("barDiameter", "10 mm", "barOverhang", "60 mm")
                .figure("barCompliance")
                .is();
        double far = plan("barDiameter", "10 mm", "barOverhang", "120 mm")
                .figure("barCompliance")
                .is();
        assertThat(far / near).isBetween(7.0, 8.0);
    }

    @Test
    void aMeasuredStiffnessTakesThePlaceOfTheAssumption() {
        PlanAnswer assumed = plan();
        PlanAnswer measured = plan("tipStiffness", "2 N/µm");
        assertThat(measured.figure("tipStiffness").is()).isCloseTo(2000, within(1e-6));
        assertThat(finding(measured, "stiffness").statement()).contains("measured");
        assertThat(finding(assumed, "stiffness").statement()).contains("assumed");
        assertThat(measured.figure("ring").is())
                .isCloseTo(
                        assumed.figure("ring").is()
                                * Math.sqrt(
                                        2000 / assumed.figure("tipStiffness").is()),
                        within(2.0));
    }

    @Test
    void aBlindBottomNeedsALeaningBit() {
        // Left to the program it leans; a square one is told of.
        assertThat(finding(plan("bottom", "blind-faced"), "reaches-bottom").verdict())
                .isEqualTo(Verdict.FINE);
        Finding square = finding(plan("bottom", "blind-faced", "bitAngle", "90°"), "reaches-bottom");
        assertThat(square.verdict()).isEqualTo(Verdict.WRONG);
        Fix mend = square.mends().getFirst();
        assertThat(finding(plan("bottom", "blind-faced", mend.field(), mend.text()), "reaches-bottom")
                        .verdict())
                .isEqualTo(Verdict.FINE);
    }

    @Test
    void theHeightOfABarIsCuredLikeAnyTools() {
        assertThat(finding(plan("boreHeight", "-0.15 mm"), "height-cure").statement())
                .contains("Of your shims: 0.1 mm + 0.05 mm.");
    }

    /** Inside a hole the signs are the reverse of outside work: above centre gains clearance and loses rake. */
    @Test
    void aboveCentreGainsClearanceInside() {
        PlanAnswer above = plan("boreHeight", "0.5 mm", "boreBackRake", "5°", "boreRelief", "15°");
        String words = finding(above, "rake-in-use").statement();
        double lean = Math.toDegrees(Math.asin(0.5 / 10));
        assertThat(words)
                .contains(String.format(java.util.Locale.ROOT, "%.1f° of rake", 5 - lean))
                .contains(String.format(java.util.Locale.ROOT, "%.1f° of clearance", 15 + lean));
    }

    @Test
    void aBarBetweenCentresIsABeamOnTwoSupports() {
        PlanAnswer answer = plan("barHeld", "centres", "barDiameter", "12 mm", "barSpan", "300 mm");
        double ei = 207_000 * Math.PI * Math.pow(12, 4) / 64;
        assertThat(answer.figure("barCompliance").is()).isCloseTo(300 * 300 * 300 / (48 * ei), within(1e-9));
    }

    /** Directional stiffness of a millimetre more of straight edge, against the force law itself moved in by a hair. */
    @Test
    void directionalStiffnessIsTheSlopeOfTheForce() {
        WorkMaterial steel =
                StockCatalogue.shipped().workMaterial("steel-low-carbon").orElseThrow();
        double k = Math.toRadians(60);
        EdgeProfile sharp = new EdgeProfile(0, k, Math.toRadians(10));
        double feed = 0.1;
        double d = CuttingForce.directionalStiffness(steel, sharp, 0.1, 2, feed)
                - CuttingForce.directionalStiffness(steel, sharp, 0.1, 1, feed);
        // A straight edge: chip h = f sin κ; a shift y inward thickens it by y cos κ over the edge's length.
        double y = 1e-6;
        double length = 1 / Math.sin(k);
        double h = feed * Math.sin(k);
        double per = steel.kc11MPa()
                * CuttingForce.rakeFactor(steel, 0.1)
                * CuttingForce.pushRatio(steel, 0.1)
                * length
                * Math.cos(k);
        double slope = per * (Math.pow(h + y * Math.cos(k), 1 - steel.mc()) - Math.pow(h, 1 - steel.mc())) / y;
        assertThat(d / slope).isCloseTo(1, within(1e-3));
        EdgeProfile square = new EdgeProfile(0, Math.PI / 2, Math.toRadians(10));
        assertThat(CuttingForce.directionalStiffness(steel, square, 0.1, 2, feed))
                .isCloseTo(CuttingForce.directionalStiffness(steel, square, 0.1, 1, feed), within(1e-9));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "barDiameter | 25 mm | does not go into a hole of 18 mm",
                "boreFinished | 17 mm | Boring makes a hole larger",
                "neckLength | 400 mm | longer than the bar stands out",
                "neckDiameter | 60 mm | thicker than the bar",
                "boreBit | hss-16mm | too wide for a bar",
                "boreBit | butter | There is no bit for a bar called",
                "rodHole | 11 mm | too thin a wall",
                "barOverhang | 20 mm | let the point stand out 42 mm or more",
                "boreHeight | 9 mm | misses the wall",
                "outOfRound | 5 mm | would not clean up",
                "outside | 19 mm | must be larger than the hole",
                "tipStiffness | -3 N/µm | too small",
                "damping | 90 % | too large",
                "barHeld | teeth | There is no way of holding a bar",
                "bottom | false | There is no bottom called",
                "boreTolerance | h99 | H",
                "boreDepthOfCut | 4 mm | There is only 1 mm"
            })
    void badInputIsToldBesideItsField(String field, String text, String says) {
        PlanAnswer answer = field.equals("neckDiameter") ? plan(field, text, "neckLength", "10 mm") : plan(field, text);
        assertThat(answer.worked()).isFalse();
        assertThat(Shop.error(answer, field)).contains(says);
    }

    @Test
    void everyMendOfATroubleLessensIt() {
        List<String> vain = new ArrayList<>();
        int tried = 0;
        for (String[] job : new String[][] {
            {"barDiameter", "7 mm", "barOverhang", "90 mm", "boreBit", "hss-4mm"},
            {"barDiameter", "16 mm"},
            {"boreRelief", "6°", "flankDepth", "5 mm"},
            {"bottom", "blind-faced"},
            {"boreSpeed", "1100 rpm", "boreFinished", "60 mm", "boreStart", "55 mm"},
            {"boreHeight", "-2 mm"},
            {"barHeld", "centres", "barSpan", "60 mm"},
            {"boreFeed", "0.28 mm/rev", "boreNose", "0.2 mm"},
            {
                "barDiameter",
                "8 mm",
                "barOverhang",
                "80 mm",
                "boreNose",
                "0.8 mm",
                "boreDepthOfCut",
                "0.8 mm",
                "boreSideEdge",
                "15°",
                "material",
                "steel-medium-carbon"
            }
        }) {
            Map<String, String> fields = new HashMap<>(Map.of("operation", "bore"));
            for (int i = 0; i < job.length; i += 2) {
                fields.put(job[i], job[i + 1]);
            }
            PlanAnswer answer = plan(job);
            assertThat(answer.fields())
                    .as(String.join(" ", job))
                    .allMatch(f -> f.error().isEmpty());
            for (Finding before : answer.findings()) {
                if (before.verdict() != Verdict.WRONG && before.verdict() != Verdict.DOUBTFUL) {
                    continue;
                }
                for (Fix mend : before.mends()) {
                    // Another way of making it changes nothing of this one.
                    if (mend.isAtTheMachine()) {
                        continue;
                    }
                    Map<String, String> then = new HashMap<>(fields);
                    then.put(mend.field(), mend.text());
                    PlanAnswer mended =
                            Planner.plan(new PlanRequest(then, UnitSystem.METRIC, Optional.of(Shop.lathe())));
                    tried++;
                    boolean better = mended.worked()
                            && mended.findings().stream()
                                    .filter(f -> f.id().equals(before.id()))
                                    .allMatch(f -> f.verdict().compareTo(before.verdict()) > 0
                                            || f.margin() > before.margin());
                    if (!better) {
                        vain.add(before.statement() + " | " + mend + " | "
                                + mended.findings().stream()
                                        .filter(f -> f.id().equals(before.id()))
                                        .map(Finding::statement)
                                        .toList());
                    }
                }
            }
        }
        assertThat(tried).isGreaterThan(12);
        assertThat(vain).isEmpty();
    }
}
