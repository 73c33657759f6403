package boldwedge.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.family.Families;
import boldwedge.core.family.Planner;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.CuttingFluid;
import boldwedge.core.language.stock.CuttingFluid.Kind;
import boldwedge.core.language.stock.CuttingFluid.Manner;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.planning.MakeStep;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.testing.Shop;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What hands do beside the cut: fluid, centres, emery, what is proved first. */
class HandsTest {
    private static PlanAnswer plan(String machine, String... fields) {
        Map<String, String> texts = new HashMap<>();
        for (int i = 0; i < fields.length; i += 2) {
            texts.put(fields[i], fields[i + 1]);
        }
        return Planner.plan(new PlanRequest(texts, UnitSystem.METRIC, Optional.of(Shop.lathe(machine))));
    }

    private static Finding finding(PlanAnswer answer, String id) {
        return answer.findings().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no " + id));
    }

    static Stream<WorkMaterial> materials() {
        return StockCatalogue.shipped().workMaterials().stream();
    }

    @ParameterizedTest
    @MethodSource("materials")
    void everyMaterialHasItsFluid(WorkMaterial material) {
        for (Manner manner : Manner.values()) {
            CuttingFluid fluid = CuttingFluid.of(material, manner);
            boolean copper = material.angleGroup().matches("brass.*|bronze.*|copper");
            assertThat(fluid.why()).as(material.name()).isNotBlank();
            assertThat(fluid.brush()).as(material.name()).endsWith(".");
            if (copper) {
                assertThat(fluid.says()).as(material.name()).doesNotContain("Sulphurised", "sulphurised oil");
            }
            if (material.group().equals("K")) {
                assertThat(fluid.kind()).isEqualTo(Kind.DRY_IRON);
            }
            if (material.group().equals("O")) {
                assertThat(fluid.kind()).as(material.name()).isIn(Kind.DRY, Kind.WATER);
            }
        }
    }

    /** What burns is said with it: paraffin, and titanium's own chips. */
    @ParameterizedTest
    @EnumSource(Manner.class)
    void whatBurnsIsSaidWithIt(Manner manner) {
        String operation = manner == Manner.LIGHT ? "turn" : "ring-groove";
        assertThat(finding(plan("plain", "operation", operation, "material", "aluminium-wrought"), "fluid")
                        .cautions())
                .anyMatch(caution -> caution.startsWith("Paraffin burns"));
        assertThat(finding(plan("plain", "operation", operation, "material", "titanium"), "fluid")
                        .cautions())
                .anyMatch(caution -> caution.contains("water feeds that fire"));
        assertThat(finding(plan("plain", "operation", operation, "material", "iron-grey"), "fluid")
                        .cautions())
                .anyMatch(caution -> caution.contains("never blow it"));
    }

    /** Drops on hot carbide crack it; on high-speed steel nothing of that is said. */
    @Test
    void carbideIsFloodedOrDry() {
        Finding carbide = finding(
                plan("plain", "operation", "turn", "material", "steel-low-carbon", "blank", "brazed-3-8-15"), "fluid");
        assertThat(carbide.notes()).anyMatch(note -> note.contains("drops on a hot edge crack it"));
        Finding hss = finding(plan("plain", "operation", "turn", "material", "steel-low-carbon"), "fluid");
        assertThat(hss.notes()).noneMatch(note -> note.contains("crack"));
        Finding dry =
                finding(plan("plain", "operation", "turn", "material", "iron-grey", "blank", "brazed-3-8-15"), "fluid");
        assertThat(dry.notes()).noneMatch(note -> note.contains("crack it"));
    }

    /** Whatever a step of a route says of oil, the finding says too: never one dry and the other wet. */
    @Test
    void stepsAndFindingSayTheSame() {
        for (String operation : List.of("ream", "shear", "ring-groove")) {
            for (String material : List.of("iron-grey", "brass-free", "steel-low-carbon", "aluminium-wrought")) {
                PlanAnswer answer = plan("plain", "operation", operation, "material", material);
                if (!answer.worked()) {
                    continue;
                }
                String brush = CuttingFluid.of(
                                StockCatalogue.shipped().workMaterial(material).orElseThrow(), Manner.HEAVY)
                        .brush();
                assertThat(answer.steps().stream().map(MakeStep::lines).toList().toString())
                        .as("%s in %s", operation, material)
                        .contains(brush);
            }
        }
    }

    /** 300 mm of steel, 20 °C warmer, 11.7 millionths for each: 0.0702 mm. */
    @Test
    void workBetweenCentresGrowsAsItWarms() {
        PlanAnswer answer = plan(
                "plain",
                "operation",
                "turn",
                "material",
                "steel-low-carbon",
                "hold",
                "between-centres",
                "diameter",
                "30",
                "finished",
                "29",
                "length",
                "100",
                "stickOut",
                "300");
        Finding centres = finding(answer, "between-centres");
        assertThat(centres.verdict()).isEqualTo(Verdict.TOLD);
        assertThat(centres.statement()).contains("20 °C").contains("0.07 mm");
        assertThat(centres.cautions()).anyMatch(caution -> caution.startsWith("A board on the ways"));
        assertThat(plan("plain", "operation", "turn").findings())
                .noneMatch(one -> one.id().equals("between-centres"));
    }

    /** Ra 1.6 µm: its peaks stand about 0.01 mm on the diameter, six times that. Nobody polishes a face to size. */
    @Test
    void polishingIsASchoolWithItsReasonAgainst() {
        Finding passes = finding(plan("plain", "operation", "turn", "finish", "Ra 1.6"), "passes");
        assertThat(passes.schools()).extracting(school -> school.name()).contains("Turned to size", "Polished to size");
        assertThat(passes.schools().getLast().reason()).contains("0.01 mm").contains("rounds the corners");
        assertThat(passes.schools().getLast().inForce()).isFalse();
        assertThat(passes.cautions()).anyMatch(caution -> caution.startsWith("Emery: never wrapped round"));
        assertThat(finding(plan("plain", "operation", "face"), "passes").schools())
                .isEmpty();
    }

    /** Fixed points of ITS-90, as any table has them. */
    @Test
    void aFreshGaugeIsProvedFirst() {
        Finding proved = finding(plan("plain", "operation", "harden"), "gauge-proved");
        assertThat(proved.notes().getFirst())
                .contains("232 °C")
                .contains("420 °C")
                .contains("660 °C");
    }

    @Test
    void aLeaningBitWantsABallOnItsRod() {
        assertThat(rod("90°")).contains("Ends flat and square");
        assertThat(rod("45°")).contains("a ball").contains("a cone of 45°").doesNotContain("Ends flat and square");
    }

    private static String rod(String angle) {
        PlanAnswer answer = plan(
                "plain",
                "operation",
                "bore",
                "boreStart",
                "40",
                "boreFinished",
                "42",
                "barDiameter",
                "20",
                "barOverhang",
                "80",
                "barLength",
                "180",
                "rodHole",
                "6",
                "bitAngle",
                angle);
        return answer.steps().stream()
                .filter(step -> step.id().equals("rod"))
                .map(step -> step.lines().toString())
                .findFirst()
                .orElseThrow(() -> new AssertionError(answer.fields().toString()));
    }

    /** Every family that cuts says what goes on the cut, once. */
    @Test
    void everyFamilyThatCutsSaysWhatGoesOnTheCut() {
        List<String> silent = Families.all().stream()
                .filter(family ->
                        family.entries().stream().anyMatch(entry -> entry.id().equals("material")))
                .filter(family -> {
                    PlanAnswer answer = plan(
                            "plain", "operation", family.operations().getFirst().id());
                    return answer.worked()
                            && answer.findings().stream()
                                            .filter(one -> one.id().equals("fluid"))
                                            .count()
                                    != 1;
                })
                .map(family -> family.id())
                .toList();
        // Work is set up true and not cut; scribing is the tests' own.
        assertThat(silent).isSubsetOf("truing", "scribing");
    }
}
