package boldwedge.core.families.boring.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.families.boring.entry.BoreReader;
import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.families.boring.model.Recess;
import boldwedge.core.family.Planner;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.cutting.LatheBuilder;
import boldwedge.core.planning.LatheCard;
import boldwedge.core.planning.MakeStep;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.testing.Shop;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Bars other than the plain steel one with a bit: inserts, brazed heads, sets, boring heads, between centres, recesses. */
class BarKindsTest {
    private static PlanAnswer plan(Lathe lathe, String... fieldsAndTexts) {
        Map<String, String> fields = new HashMap<>(Map.of("operation", "bore"));
        for (int i = 0; i < fieldsAndTexts.length; i += 2) {
            fields.put(fieldsAndTexts[i], fieldsAndTexts[i + 1]);
        }
        return Planner.plan(new PlanRequest(fields, UnitSystem.METRIC, Optional.of(lathe)));
    }

    private static PlanAnswer plan(String... fieldsAndTexts) {
        PlanAnswer answer = plan(Shop.lathe(), fieldsAndTexts);
        assertThat(answer.fields())
                .allSatisfy(f -> assertThat(f.error()).as(f.id()).isEmpty());
        return answer;
    }

    private static Finding finding(PlanAnswer answer, String id) {
        return answer.findings().stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no finding " + id));
    }

    private static List<String> order(PlanAnswer answer) {
        return answer.steps().stream().map(MakeStep::id).toList();
    }

    private static String step(PlanAnswer answer, String id) {
        return answer.steps().stream()
                .filter(s -> s.id().equals(id))
                .map(s -> String.join(" ", s.lines()))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no step " + id));
    }

    private static Lathe mill() {
        return LatheCard.read(
                        Map.of(
                                "name", "Test Mill",
                                "kind", "mill",
                                "swing", "230 mm",
                                "speeds", "100, 300, 900, 2700 rpm",
                                "motor", "1.5 kW",
                                "efficiency", "75 %"),
                        UnitSystem.METRIC)
                .lathe()
                .orElseThrow();
    }

    private static final String[] INSERT = {
        "boreStart", "30 mm", "boreFinished", "32 mm", "boreBit", "insert-80-6", "barDiameter", "16 mm"
    };

    /** An insert's angles follow from its shape: corner, lead and trailing angle make up the half circle's right angle. */
    @Test
    void anInsertBringsItsAngles() {
        PlanAnswer answer = plan(INSERT);
        double lead = degrees(answer, "boreSideEdge");
        double trailing = degrees(answer, "boreEndEdge");
        assertThat(80 + trailing - lead).isCloseTo(90, within(0.11));
        assertThat(order(answer)).containsExactly("ends", "pocket", "hardening", "insert");
        // Seat: half of 16 and the insert's 2.38 under the axis, by hand.
        assertThat(step(answer, "pocket")).contains("10.38 mm down");
        assertThat(Shop.error(plan(Shop.lathe(), with(INSERT, "boreNose", "0.6 mm")), "boreNose"))
                .contains("0.2 mm, 0.4 mm, 0.8 mm");
        assertThat(Shop.error(plan(Shop.lathe(), with(INSERT, "rodHole", "3 mm")), "rodHole"))
                .contains("needs no push rod");
        assertThat(Shop.error(plan(Shop.lathe(), with(INSERT, "faceAhead", "-6 mm")), "faceAhead"))
                .contains("Under the insert");
    }

    private static double degrees(PlanAnswer answer, String field) {
        return answer.fields().stream()
                .filter(f -> f.id().equals(field))
                .map(f -> Double.parseDouble(f.text().replace("°", "").replace("−", "-")))
                .findFirst()
                .orElseThrow();
    }

    private static String[] with(String[] fields, String... more) {
        String[] all = java.util.Arrays.copyOf(fields, fields.length + more.length);
        System.arraycopy(more, 0, all, fields.length, more.length);
        return all;
    }

    /** A carbide bar with a steel head lies between the two; it is as steel when the head is all of it. */
    @Test
    void aBrazedHeadLiesBetweenSteelAndCarbide() {
        String[] job = {"barDiameter", "12 mm", "barOverhang", "80 mm", "boreStart", "18 mm"};
        double steel = plan(job).figure("barCompliance").is();
        double carbide = plan(with(job, "barMaterial", "carbide"))
                .figure("barCompliance")
                .is();
        double headed = plan(with(job, "barMaterial", "carbide", "steelHead", "20 mm"))
                .figure("barCompliance")
                .is();
        assertThat(headed).isBetween(carbide, steel);
        // The head is at the tip, where a bar bends least: a quarter of its length costs far less than a quarter.
        assertThat(headed - carbide).isLessThan(0.1 * (steel - carbide));
        assertThat(order(plan(with(job, "barMaterial", "carbide", "steelHead", "20 mm"))))
                .containsSubsequence("ends", "braze", "cross-hole");
        assertThat(Shop.error(
                        plan(Shop.lathe(), with(job, "barMaterial", "carbide", "steelHead", "70 mm")), "steelHead"))
                .contains("at most 64 mm");
    }

    /** Two bars from one length: 2 · 120 + 4 · 1.5 + 3, by hand; with a push rod they are parted before its hole. */
    @Test
    void aSetIsCutFromOneLengthAndPartedLast() {
        PlanAnswer three = plan("barSet", "3", "barLength", "120 mm", "barDiameter", "12 mm", "barOverhang", "60 mm");
        assertThat(step(three, "ends")).contains("1 × 249 mm and 123 mm");
        assertThat(order(three)).containsSubsequence("ends", "cross-hole", "part", "bit");
        PlanAnswer rods = plan(
                "barSet",
                "2",
                "barLength",
                "120 mm",
                "barDiameter",
                "12 mm",
                "barOverhang",
                "60 mm",
                "rodHole",
                "3 mm",
                "boreBit",
                "hss-4mm",
                "neckLength",
                "30 mm",
                "neckDiameter",
                "10 mm");
        assertThat(order(rods)).containsSubsequence("cross-hole", "part", "rod-hole", "neck");
        assertThat(Shop.error(plan(Shop.lathe(), "barSet", "2.5"), "barSet")).contains("whole number");
    }

    @Test
    void aHeadTurnsInAMillAndTheMillHoldsNothingElse() {
        PlanAnswer milled = plan(mill(), "barHeld", "head");
        assertThat(milled.worked()).isTrue();
        assertThat(milled.findings()).noneMatch(f -> f.id().equals("machine"));
        assertThat(finding(plan("barHeld", "head"), "machine").statement()).contains("is a lathe");
        assertThat(Shop.error(plan(mill(), "barHeld", "post"), "barHeld")).contains("is a mill");
        assertThat(Shop.error(plan(mill(), "operation", "turn"), "lathe")).contains("Pick one of the shop's lathes");
    }

    /** 100 g turning 10 mm off its axis at 600 rpm pulls outward with 0.1 · 0.01 · (20π)² = 3.948 N. */
    @Test
    void whatTurnsOffItsAxisIsFlungOutward() {
        assertThat(HeadFindings.centrifugalN(100, 10, 600)).isCloseTo(3.9478, within(1e-3));
        assertThat(finding(plan(mill(), "barHeld", "head", "boreSpeed", "300 rpm"), "flung")
                        .margin())
                .isGreaterThanOrEqualTo(finding(plan(mill(), "barHeld", "head", "boreSpeed", "2700 rpm"), "flung")
                        .margin());
    }

    @Test
    void aBarBetweenCentresHasARouteAndItsHoleStandsAtTheCutter() {
        PlanAnswer answer = plan(
                "barHeld",
                "centres",
                "barSpan",
                "200 mm",
                "barLength",
                "220 mm",
                "cutterAt",
                "80 mm",
                "barDiameter",
                "14 mm",
                "boreStart",
                "24 mm",
                "boreFinished",
                "26 mm",
                "boreBit",
                "hss-5mm");
        assertThat(order(answer)).containsExactly("ends", "cross-hole", "lock-screw", "hardening", "bit");
        // 10 mm of the bar outside the headstock's centre, and 80 from there.
        assertThat(step(answer, "cross-hole")).contains("90 mm from the headstock's end");
        assertThat(Shop.error(
                        plan(Shop.lathe(), "barHeld", "centres", "barSpan", "200 mm", "barLength", "150 mm"),
                        "barSpan"))
                .contains("150 mm long");
    }

    /** The give of the work on the carriage is one number: in the working as in the size, half of what the post gives. */
    @Test
    void betweenCentresTheWorksGiveIsOneNumber() {
        PlanAnswer answer = plan(
                "barHeld",
                "centres",
                "barSpan",
                "200 mm",
                "barLength",
                "220 mm",
                "cutterAt",
                "80 mm",
                "barDiameter",
                "14 mm",
                "boreStart",
                "24 mm",
                "boreFinished",
                "26 mm",
                "boreBit",
                "hss-5mm");
        double work = give(answer, "Work on its table or carriage");
        assertThat(work).isCloseTo(1000 * 0.5 / Shop.lathe().postOrAssumed(), within(0.0006));
        // Headstock and tailstock by the lever: the cutter stands at two fifths from the headstock.
        assertThat(give(answer, "Both centres"))
                .isCloseTo(
                        1000
                                * (0.36 / Shop.lathe().chuckOrAssumed()
                                        + 0.16 / Shop.lathe().tailstockOrAssumed()),
                        within(0.0006));
        // a²b² / 3EIL by hand: 80² · 120² / (3 · E · π/64 · 14⁴ · 200), with E from 200 to 210 GPa.
        double bar = 80.0 * 80 * 120 * 120 / (3 * 205_000 * Math.PI / 64 * Math.pow(14, 4) * 200) * 1000;
        assertThat(give(answer, "Bar")).isCloseTo(bar, within(0.03 * bar));
    }

    /** The give that a working comes to, µm/N. */
    private static double give(PlanAnswer answer, String what) {
        return answer.findings().stream()
                .flatMap(finding -> finding.working().stream())
                .filter(step -> step.what().equals(what) && step.unit().equals("mm/N"))
                .mapToDouble(step -> 1000 * step.value())
                .findFirst()
                .orElseThrow(() -> new AssertionError("no step " + what));
    }

    /** What stands on the lathe's card is not called assumed. */
    @Test
    void aStiffnessOnTheCardIsSaidToBeFromThere() {
        String[] hole = {"boreStart", "18.5 mm", "boreFinished", "20 mm", "boreDepth", "45 mm"};
        Lathe bare = Shop.lathe();
        Lathe known = LatheBuilder.builder(bare)
                .postStiffness(java.util.OptionalDouble.of(20_000))
                .build();
        Lathe unknown = LatheBuilder.builder(bare)
                .postStiffness(java.util.OptionalDouble.empty())
                .build();
        assertThat(finding(plan(known, hole), "stiffness").statement())
                .contains("holder from the lathe's card")
                .doesNotContain("assumed");
        assertThat(finding(plan(unknown, hole), "stiffness").statement())
                .contains("holder assumed from the machine's size");
    }

    /** Gland of a 2.62 mm cord at 20 % squeeze and three quarters filled, by hand: 2.096 deep, π/4 · 2.62² / (0.75 · 2.096). */
    @Test
    void anEmptyGlandTakesItsSizeFromTheCord() {
        assertThat(Recess.glandDepth(2.62)).isCloseTo(2.096, within(1e-9));
        assertThat(Recess.glandWidth(2.62)).isCloseTo(3.4297, within(1e-3));
        Recess gland = new Recess(Recess.Kind.O_RING, 30 + 2 * 2.096, Recess.glandWidth(2.62), 5, 2.62, 2);
        assertThat(gland.fill(30)).isCloseTo(0.75, within(1e-9));
        assertThat(gland.squeeze(30)).isCloseTo(0.2, within(1e-9));
        assertThat(gland.plunges()).isEqualTo(2);
        PlanAnswer answer = plan(
                "boreStart",
                "28 mm",
                "boreFinished",
                "30 mm",
                "boreDepth",
                "40 mm",
                "recess",
                "o-ring",
                "outside",
                "60 mm");
        assertThat(answer.findings()).anyMatch(f -> f.id().startsWith("recess-"));
        assertThat(Shop.error(
                        plan(
                                Shop.lathe(),
                                "boreStart",
                                "28 mm",
                                "boreFinished",
                                "30 mm",
                                "recess",
                                "plain",
                                "groover",
                                "4 mm",
                                "recessWidth",
                                "3 mm"),
                        "groover"))
                .contains("wider than the recess");
    }

    /** A bar that just clears the hole cannot carry a bit that stands out for a deep recess. */
    @Test
    void aDeepRecessNeedsAThinBar() {
        String[] deep = {
            "boreStart",
            "28 mm",
            "boreFinished",
            "30 mm",
            "recess",
            "plain",
            "recessDiameter",
            "44 mm",
            "outside",
            "70 mm"
        };
        assertThat(finding(plan(with(deep, "barDiameter", "25 mm")), "recess-enters")
                        .verdict())
                .isEqualTo(Verdict.WRONG);
        assertThat(finding(plan(with(deep, "barDiameter", "14 mm")), "recess-enters")
                        .verdict())
                .isNotEqualTo(Verdict.WRONG);
    }

    @Test
    void theHolderMustStandClearOfTheWork() {
        String[] job = {"barDiameter", "10 mm", "holderSide", "60 mm", "outside", "50 mm"};
        Finding far = finding(plan(with(job, "barOverhang", "60 mm")), "holder-fits");
        Finding near = finding(plan(with(job, "barOverhang", "40 mm")), "holder-fits");
        assertThat(far.margin()).isGreaterThan(near.margin());
    }

    /** What is left of an out-of-round start: spring and force settle, pass by pass of the same recursion, to e Dc / (1 + Dc). */
    @Test
    void outOfRoundIsCopiedByTheSpring() {
        double dc = 0.2;
        double e = 0.3;
        double left = 0;
        for (int i = 0; i < 200; i++) {
            left = dc * (e - left);
        }
        assertThat(left).isCloseTo(e * dc / (1 + dc), within(1e-12));
        BoreCut cut = BoreReader.cut(new PlanRequest(
                        Map.of("operation", "bore", "barOverhang", "70 mm"),
                        UnitSystem.METRIC,
                        Optional.of(Shop.lathe())))
                .cut()
                .orElseThrow();
        double once = cut.roundnessLeft(0.3);
        assertThat(once).isPositive().isLessThan(0.3);
        assertThat(cut.roundnessLeft(once) / once).isCloseTo(once / 0.3, within(1e-9));
    }
}
