package boldwedge.core.family;

import static boldwedge.core.family.JudgedJobs.figure;
import static boldwedge.core.family.JudgedJobs.finding;
import static boldwedge.core.family.JudgedJobs.first;
import static boldwedge.core.family.JudgedJobs.judge;
import static boldwedge.core.family.JudgedJobs.plan;
import static boldwedge.core.family.JudgedJobs.refused;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.LatheCard;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.testing.Shop;
import boldwedge.core.trial.Calibration;
import boldwedge.core.trial.Cause;
import boldwedge.core.trial.Lessons;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * Holes: jobs with what a master says first, each written down before the job was run, and jobs that are refused with what would do.
 */
@Tag("written")
class HolesJudgementTest {
    /** "Eleven diameters: your jobber drill's flutes end before that. Short one first, then a long one." */
    @Test
    void aDeepHoleWantsALongDrill() {
        PlanAnswer answer = plan("operation", "drill", "drillSize", "9 mm", "drillDepth", "100 mm");
        assertThat(first(answer).id()).isEqualTo("flutes");
        assertThat(first(answer).mends().getFirst().field()).isEqualTo("drillFlutes");
        assertThat(finding(answer, "wander").verdict()).isEqualTo(Verdict.DOUBTFUL);
    }

    /** "M8? Six point eight." And in the inch shop 5/16-18 is an F. */
    @Test
    void theTappingDrillIsTheOneEverybodyTakes() {
        assertThat(figure(plan("operation", "drill", "holeFor", "tap", "drillScrew", "M8"), "drill"))
                .isCloseTo(6.8, within(0.051));
        PlanAnswer inch = plan("operation", "drill", "holeFor", "tap", "drillScrew", "5/16-18", "drillSet", "index");
        assertThat(finding(inch, "drill-choice").statement()).contains("F (");
        assertThat(finding(inch, "hole-made").verdict()).isEqualTo(Verdict.FINE);
    }

    /** "M6 clears in six point six." */
    @Test
    void aClearanceHoleIsNeverUnder() {
        assertThat(figure(plan("operation", "drill", "holeFor", "clear", "drillScrew", "M6"), "drill"))
                .isEqualTo(6.6);
        // With halves only it is the next one up, never the next one down.
        assertThat(figure(
                        plan("operation", "drill", "holeFor", "clear", "drillScrew", "M6", "drillSet", "metric-halves"),
                        "drill"))
                .isEqualTo(7);
    }

    /** "Fifteen millimetres straight off? Put a pilot through first, its web only pushes." */
    @Test
    void aThickDrillWantsAPilot() {
        PlanAnswer answer = plan("operation", "drill", "drillSize", "15 mm", "drillPilot", "0 mm");
        assertThat(first(answer).id()).isEqualTo("pilot");
        Fix mend = first(answer).mends().getFirst();
        PlanAnswer then = plan("operation", "drill", "drillSize", "15 mm", mend.field(), mend.text());
        assertThat(finding(then, "pilot").verdict()).isEqualTo(Verdict.FINE);
        assertThat(figure(then, "thrust")).isLessThan(0.6 * figure(answer, "thrust"));
        // Left to the program there is one.
        assertThat(figure(plan("operation", "drill", "drillSize", "15 mm"), "thrust"))
                .isEqualTo(figure(then, "thrust"));
    }

    /** "You start a 4 mm drill on the bare skin and want it straight at forty deep? Centre it." */
    @Test
    void aBareStartWanders() {
        PlanAnswer bare = plan("operation", "drill", "drillSize", "4 mm", "drillDepth", "30 mm", "drillStart", "bare");
        assertThat(first(bare).id()).isEqualTo("wander");
        assertThat(first(bare).mends().getFirst().text()).isEqualTo("centred");
        PlanAnswer centred = plan("operation", "drill", "drillSize", "4 mm", "drillDepth", "30 mm");
        assertThat(figure(bare, "wander")).isCloseTo(3 * figure(centred, "wander"), within(1e-9));
    }

    /** "A worn drill? Grind it before anything." */
    @Test
    void aWornDrillIsGroundFirst() {
        assertThat(first(plan("operation", "drill", "drillGround", "worn")).id())
                .isEqualTo("point");
    }

    /** "Nine-nine before a ten reamer: half the time it has nothing to cut. Take nine-seven." */
    @Test
    void tooLittleBeforeAReamer() {
        PlanAnswer answer = plan("operation", "ream", "reamSize", "10 mm", "reamTolerance", "H7", "reamFrom", "9.9 mm");
        assertThat(first(answer).id()).isEqualTo("hole-before");
        Fix mend = first(answer).mends().getFirst();
        assertThat(mend.label()).isEqualTo("Drill 9.7 mm");
        assertThat(figure(plan("operation", "ream", "reamSize", "10 mm", "reamTolerance", "H7"), "holeBefore"))
                .isEqualTo(9.7);
    }

    /** "Right-hand through pulls itself in; left-hand blind packs. Straight does for short holes." */
    @Test
    void whichWayTheFlutesWind() {
        assertThat(first(plan("operation", "ream", "reamerHelix", "right")).id())
                .isEqualTo("helix");
        assertThat(first(plan("operation", "ream", "reamerHelix", "left", "drillBottom", "blind"))
                        .id())
                .isEqualTo("helix");
        assertThat(finding(plan("operation", "ream", "reamerHelix", "left"), "helix")
                        .verdict())
                .isEqualTo(Verdict.FINE);
        assertThat(finding(plan("operation", "ream", "reamerHelix", "right", "drillBottom", "blind"), "helix")
                        .verdict())
                .isEqualTo(Verdict.FINE);
    }

    /** "Drill rod, that thin and that long, out of water? It comes out like a banana: oil." And a lead typed is the same helix as its angle. */
    @Test
    void aSlenderReamerIsNotQuenchedInWater() {
        PlanAnswer answer = plan("operation", "ream", "reamSize", "6 mm", "reamerSteel", "silver-steel");
        assertThat(finding(answer, "reamer-steel").verdict()).isEqualTo(Verdict.DOUBTFUL);
        assertThat(finding(answer, "reamer-steel").mends().getFirst().text()).isEqualTo("o1");
        assertThat(finding(plan("operation", "ream", "reamSize", "6 mm"), "reamer-steel")
                        .verdict())
                .isEqualTo(Verdict.TOLD);
        assertThat(figure(
                        plan(
                                "operation",
                                "ream",
                                "reamSize",
                                "10 mm",
                                "reamerHelix",
                                "left",
                                "reamerLead",
                                "200 mm",
                                "madeReamer",
                                "10 mm"),
                        "lead"))
                .isCloseTo(200, within(1e-6));
        // A thin shank a foot long buckles before it cuts.
        Finding shank = finding(
                plan(
                        "operation",
                        "ream",
                        "material",
                        "titanium",
                        "reamSize",
                        "3 mm",
                        "reamerLength",
                        "700 mm",
                        "reamFrom",
                        "2.6 mm"),
                "shank");
        assertThat(shank.verdict()).isIn(Verdict.DOUBTFUL, Verdict.WRONG);
        assertThat(shank.mends()).isNotEmpty();
    }

    /** "You cannot wind a tailstock sixty turns a minute": the speed that is chosen leaves a hand its time. In an inch shop sizes come in its own steps. */
    @Test
    void aHandKeepsUpAndSizesAreEasilySet() {
        PlanAnswer answer =
                plan("operation", "ream", "material", "aluminium-wrought", "reamSize", "6 mm", "tailHandle", "4 mm");
        assertThat(60 * 4 / (figure(answer, "feed") * figure(answer, "speed"))).isGreaterThanOrEqualTo(1.5);
        PlanRequest metric = Shop.request("operation", "counterbore", "seatFor", "1/4 socket head");
        PlanAnswer inch =
                Planner.plan(new PlanRequest(metric.fields(), UnitSystem.INCH, metric.lathe(), metric.taught()));
        double across = figure(inch, "seatAcross") / 25.4 * 32;
        assertThat(across).isCloseTo(Math.rint(across), within(1e-9));
        assertThat(finding(inch, "seat").statement()).contains("7/16 in");
    }

    /** "Evenly spaced? It will sing and give you a hole with corners." */
    @Test
    void evenTeethSing() {
        assertThat(first(plan("operation", "ream", "reamerUneven", "0°")).id()).isEqualTo("uneven-teeth");
        TrialAnswer trial = judge(
                Shop.request("operation", "ream", "reamerUneven", "0°", "reamSize", "10 mm"),
                "near",
                "10.010 mm",
                "far",
                "10.010 mm",
                "wall",
                "flats");
        assertThat(trial.causes().getFirst().id()).isEqualTo("lobes");
        assertThat(trial.next().orElseThrow().field()).isEqualTo("reamerUneven");
    }

    /** "Two holes in brass? Cut a rod across; do not make a reamer." */
    @Test
    void aFewHolesInSoftMetalWantNoFlutes() {
        PlanAnswer answer = plan("operation", "ream", "material", "brass-free", "reamHoles", "2");
        assertThat(finding(answer, "reamer-kind").mends().getFirst().text()).isEqualTo("slant");
        // In steel it is never offered, and where it is picked it is doubted.
        assertThat(finding(plan("operation", "ream", "material", "steel-free", "reamHoles", "2"), "reamer-kind")
                        .mends())
                .extracting(Fix::text)
                .doesNotContain("slant");
        assertThat(finding(plan("operation", "ream", "material", "steel-free", "reamerKind", "slant"), "reamer-kind")
                        .verdict())
                .isEqualTo(Verdict.DOUBTFUL);
    }

    /** "Wide at the mouth, right at the bottom: your tailstock is off, by half of that. Float the reamer." */
    @Test
    void aBellMouthIsTheTailstock() {
        PlanRequest plan = Shop.request(
                "operation",
                "ream",
                "reamSize",
                "7.15 mm",
                "reamTolerance",
                "H8",
                "reamDepth",
                "22 mm",
                "madeReamer",
                "7.151 mm");
        TrialAnswer trial = judge(plan, "near", "7.168 mm", "far", "7.153 mm");
        Cause first = trial.causes().getFirst();
        assertThat(first.id()).isEqualTo("tailstock");
        assertThat(first.working().getFirst().value()).isCloseTo(0.0075, within(1e-9));
        assertThat(trial.next().orElseThrow().field()).isEqualTo("reamerHeld");
        assertThat(trial.expected()).contains("7.153 mm");
        assertThat(trial.verdict()).contains("bell-mouthed by 0.015 mm");
    }

    /** "Too large all along, and it is bronze that smears? It builds up: slower and oil." */
    @Test
    void largeAllAlongIsBuiltUpOrRunOut() {
        PlanRequest plan = Shop.request(
                "operation",
                "ream",
                "material",
                "steel-low-carbon",
                "reamSize",
                "10 mm",
                "reamTolerance",
                "H8",
                "madeReamer",
                "10.013 mm");
        TrialAnswer trial = judge(plan, "near", "10.036 mm", "far", "10.035 mm");
        assertThat(trial.causes()).extracting(Cause::id).startsWith("built-up", "run-out");
        assertThat(trial.next().orElseThrow().field()).isEqualTo("reamSpeed");
    }

    /** "That stone is not made for that grinder. Put it down." Nothing else is said. */
    @Test
    void theStoneBeforeAnythingElse() {
        String sentence =
                refused("stoneRated", "operation", "counterbore", "stoneRated", "4000 rpm", "grinderSpeed", "5000 rpm");
        assertThat(sentence).startsWith("DO NOT RUN THIS STONE").contains("5000 rpm");
        assertThat(plan("operation", "counterbore", "counterboreKind", "end-mill", "stoneRated", "4000 rpm")
                        .worked())
                .isTrue();
    }

    /** "Four tenths of play: the seat lands where it likes." */
    @Test
    void aLoosePilot() {
        PlanAnswer answer = plan("operation", "counterbore", "pilot", "6.2 mm");
        assertThat(first(answer).id()).isEqualTo("pilot-play");
        assertThat(first(answer).mends().getFirst().text()).isEqualTo("6.52 mm");
        TrialAnswer trial =
                judge(Shop.request("operation", "counterbore", "pilot", "6.2 mm"), "depth", "1.6 mm", "hole", "beside");
        assertThat(trial.causes().getFirst().id()).isEqualTo("pilot-loose");
    }

    /** "A rake like that grabs in aluminium: take it off." */
    @Test
    void rakeGrabs() {
        assertThat(first(plan("operation", "counterbore", "lipRake", "15°")).id())
                .isEqualTo("lips");
    }

    /** What cannot be: a sentence each, with the nearest that can. */
    @Test
    void whatIsRefusedSaysWhatWouldDo() {
        assertThat(refused("pilot", "operation", "counterbore", "pilot", "7 mm"))
                .contains("6.52 mm");
        assertThat(refused("reamerFlute", "operation", "ream", "reamSize", "10 mm", "reamerFlute", "4 mm"))
                .contains("3.2 mm");
        assertThat(refused("reamTolerance", "operation", "ream", "reamTolerance", "-.01/+.02"))
                .isNotEmpty();
        assertThat(refused("quench", "operation", "harden", "steel", "o1", "quench", "water"))
                .contains("oil");
        assertThat(refused("quench", "operation", "harden", "steel", "w1", "quench", "air"))
                .contains("water");
        assertThat(refused("temperAt", "operation", "harden", "temperAt", "820 °C"))
                .contains("425 °C");
        assertThat(refused("hardenAt", "operation", "harden", "hardenAt", "1000 °C"))
                .contains("790 °C");
        assertThat(refused("wantedHardness", "operation", "harden", "wantedHardness", "66 HRC"))
                .contains("64 HRC");
        assertThat(refused("drillSize", "operation", "drill", "drillSize", "30 mm", "outside", "25 mm"))
                .contains("20 mm");
        assertThat(refused("seatHole", "operation", "counterbore", "seatHole", "14 mm", "seatFor", "6 mm plain washer"))
                .contains("9.6 mm");
        assertThat(refused("reamFrom", "operation", "ream", "reamSize", "10 mm", "reamFrom", "10.5 mm"))
                .contains("leaves");
    }

    /** The drills of the shop measured: their spread narrows, and the next reamer's plan uses it. */
    @Test
    void measuredHolesNarrowTheSpreadAndServeTheReamer() {
        PlanRequest drilled = Shop.request("operation", "drill", "material", "bronze-tin", "drillSize", "9.8 mm");
        ToolFamily<?> drills = Families.of(drilled);
        Lessons lessons = new Lessons();
        for (String hole : List.of("9.835 mm", "9.84 mm", "9.83 mm", "9.838 mm", "9.834 mm", "9.842 mm")) {
            drills.lessons(new TrialRequest(drilled, Map.of("far", hole))).forEach(lessons::add);
        }
        PlanRequest taught = new PlanRequest(
                drilled.fields(),
                drilled.units(),
                drilled.lathe(),
                lessons.taught(drills.about(drilled).orElseThrow()));
        PlanAnswer before = Planner.plan(drilled);
        PlanAnswer after = Planner.plan(taught);
        double spreadBefore = figure(before, "mostHole") - figure(before, "leastHole");
        double spreadAfter = figure(after, "mostHole") - figure(after, "leastHole");
        assertThat(spreadAfter).isLessThan(0.5 * spreadBefore);
        assertThat(figure(after, "likelyHole")).isCloseTo(9.837, within(0.01));
        assertThat(finding(after, "hole-made").notes().toString()).contains("6 holes measured");
        PlanRequest reamed = Shop.request("operation", "ream", "reamSize", "10 mm", "reamTolerance", "H8");
        ToolFamily<?> reamers = Families.of(reamed);
        PlanRequest knowing = new PlanRequest(
                reamed.fields(),
                reamed.units(),
                reamed.lathe(),
                lessons.taught(reamers.about(reamed).orElseThrow()));
        assertThat(knowing.taught().of(Calibration.Of.DRILLED).trials()).isEqualTo(6);
        // Drills that cut less over themselves may be larger: 9.8 in place of 9.7.
        assertThat(figure(Planner.plan(reamed), "holeBefore")).isEqualTo(9.7);
        assertThat(figure(Planner.plan(knowing), "holeBefore")).isEqualTo(9.8);
    }

    /** "A rod of eight wants to slide: the next drill up, and mind how far it wanders." */
    @Test
    void aHoleForAPushRod() {
        PlanAnswer rod = plan(
                "operation",
                "drill",
                "holeFor",
                "rod",
                "drillSize",
                "8 mm",
                "drillDepth",
                "40 mm",
                "drillSet",
                "metric-tenths");
        assertThat(rod.figure("drill").is()).isBetween(8.15, 8.35);
        assertThat(rod.findings().stream()
                        .filter(f -> f.id().equals("hole-made"))
                        .findFirst()
                        .orElseThrow()
                        .statement())
                .contains("to slide");
    }

    /** "It will not come out again: your bed is too short for that." */
    @Test
    void workDrillAndTailstockFindRoom() {
        Map<String, String> fields = new HashMap<>(Map.of("operation", "drill", "lathe", "x", "drillDepth", "90 mm"));
        PlanAnswer fits =
                Planner.plan(new PlanRequest(fields, UnitSystem.METRIC, Optional.of(Shop.lathe("metric-screw"))));
        Finding room = fits.findings().stream()
                .filter(f -> f.id().equals("tailstock-room"))
                .findFirst()
                .orElseThrow();
        // The quill goes 60: in two goes.
        assertThat(room.statement()).contains("in 2 goes");
        fields.put("stickOut", "500 mm");
        PlanAnswer long_ =
                Planner.plan(new PlanRequest(fields, UnitSystem.METRIC, Optional.of(Shop.lathe("metric-screw"))));
        Finding none = long_.findings().stream()
                .filter(f -> f.id().equals("tailstock-room"))
                .findFirst()
                .orElseThrow();
        assertThat(none.verdict()).isEqualTo(Verdict.WRONG);
        assertThat(none.mends()).extracting(mend -> mend.field()).contains("stickOut");
        // A card that does not tell its length is not guessed at.
        assertThat(plan("operation", "drill").findings()).noneMatch(f -> f.id().equals("tailstock-room"));
    }

    /** "Count your holes: then you know when it is done." The shop's own count narrows the guess. */
    @Test
    void countedHolesTeachHowAReamerWears() {
        Map<String, String> fields = new HashMap<>(Map.of(
                "operation",
                "ream",
                "lathe",
                "x",
                "reamSize",
                "10 mm",
                "material",
                "steel-low-carbon",
                "madeReamer",
                "10.012 mm"));
        PlanRequest request = new PlanRequest(fields, UnitSystem.METRIC, Optional.of(Shop.lathe()));
        ToolFamily<?> family = Families.of(request);
        PlanAnswer before = Planner.plan(request);
        Map<Lessons.Subject, Calibration.Lesson> taught = family.lessons(
                new TrialRequest(request, Map.of("near", "10.009 mm", "far", "10.007 mm", "soFar", "100")));
        assertThat(taught.keySet()).anyMatch(subject -> subject.key().startsWith("wear"));
        assertThat(taught.keySet()).noneMatch(subject -> subject.key().startsWith("reamed"));
        assertThat(before.findings().stream()
                        .filter(f -> f.id().equals("wear-allowance"))
                        .findFirst()
                        .orElseThrow()
                        .notes())
                .anyMatch(note -> note.contains("how many holes"));
        // A new one teaches what it cuts over itself, not how it wears.
        assertThat(family.lessons(new TrialRequest(request, Map.of("near", "10.016 mm", "far", "10.015 mm")))
                        .keySet())
                .allMatch(subject -> subject.key().startsWith("reamed"));
    }

    /** "A loose pilot: one body for three holes, and the lips ground straight across." */
    @Test
    void aPilotOfItsOwn() {
        PlanAnswer loose = plan(
                "operation",
                "counterbore",
                "counterboreKind",
                "steel",
                "pilotIs",
                "loose",
                "seatFor",
                "M8 socket head");
        assertThat(loose.findings()).anyMatch(f -> f.id().equals("loose-pilot") && f.verdict() == Verdict.FINE);
        assertThat(loose.steps()).extracting(step -> step.id()).containsSubsequence("turn", "stem", "gashes");
        assertThat(plan("operation", "counterbore", "counterboreKind", "drill", "pilotIs", "loose")
                        .findings())
                .noneMatch(f -> f.id().equals("loose-pilot"));
    }

    /** What drills a shop has stands on its machine's card; a pick on the cut goes before it. */
    @Test
    void theDrillsOfTheShopStandOnItsCard() {
        Map<String, String> card = new HashMap<>(Map.of(
                "name",
                "One",
                "swing",
                "300 mm",
                "centreHeight",
                "30 mm",
                "largestShank",
                "20 mm",
                "speeds",
                "60, 300, 600 rpm",
                "motor",
                "1 kW",
                "efficiency",
                "75 %"));
        card.put("drillSet", "inch fractions");
        LatheCard read = LatheCard.read(card, UnitSystem.METRIC);
        Map<String, String> fields = new HashMap<>(Map.of("operation", "drill", "lathe", "x", "drillSize", "8 mm"));
        PlanAnswer answer = Planner.plan(new PlanRequest(fields, UnitSystem.METRIC, read.lathe()));
        assertThat(answer.figure("drill").is())
                .isCloseTo(5 / 16.0 * 25.4, org.assertj.core.api.Assertions.within(1e-6));
        fields.put("drillSet", "metric-halves");
        assertThat(Planner.plan(new PlanRequest(fields, UnitSystem.METRIC, read.lathe()))
                        .figure("drill")
                        .is())
                .isEqualTo(8);
        card.put("drillSet", "left-handed ones");
        assertThat(LatheCard.read(card, UnitSystem.METRIC).errors().get("drillSet"))
                .contains("inch fractions");
    }
}
