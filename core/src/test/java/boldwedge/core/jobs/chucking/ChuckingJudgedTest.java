package boldwedge.core.jobs.chucking;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.jobs.chucking.ChuckingAnswer.Doubt;
import boldwedge.core.jobs.chucking.ChuckingAnswer.StepTold;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.testing.Shop;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Whole pieces in one chucking as a master would order them: what he says first stood here before the rule was. */
class ChuckingJudgedTest {
    private static final Lathe LATHE = Shop.lathe(Map.of("crossTurn", "2 mm", "tailHandle", "5 mm", "postPlaces", "4"));

    private static NamedCut cut(String name, String... fields) {
        return cut(LATHE, name, fields);
    }

    private static NamedCut cut(Lathe lathe, String name, String... fields) {
        Map<String, String> texts = new HashMap<>(Map.of("material", "steel-low-carbon"));
        for (int i = 0; i < fields.length; i += 2) {
            texts.put(fields[i], fields[i + 1]);
        }
        return new NamedCut(name, name, new PlanRequest(texts, UnitSystem.METRIC, Optional.of(lathe)));
    }

    private static final NamedCut DRILL =
            cut("drill", "operation", "drill", "drillSize", "18", "drillDepth", "45", "drillBottom", "through");
    private static final NamedCut BORE = cut(
            "bore", "operation", "bore", "boreStart", "18", "boreFinished", "22", "boreDepth", "42", "outside", "40");
    private static final NamedCut OUTSIDE = cut(
            "outside", "operation", "turn", "diameter", "45", "finished", "40", "length", "44", "tolerance", "±0.02");
    private static final NamedCut PART =
            cut("part", "operation", "part", "partDiameter", "40", "partBore", "22", "pieceLength", "40");

    private static ChuckingAnswer route(NamedCut... cuts) {
        return Chucking.of(List.of(cuts), UnitSystem.METRIC, "");
    }

    private static List<String> steps(ChuckingAnswer answer) {
        return answer.steps().stream().map(StepTold::id).toList();
    }

    private static List<String> doubts(ChuckingAnswer answer) {
        return answer.doubts().stream().map(Doubt::id).toList();
    }

    /** "Face it, rough it, drill, bore, finish it while it still sits there, part it." */
    @Test
    void aBushIsRoughedDrilledBoredFinishedParted() {
        ChuckingAnswer bush = route(PART, OUTSIDE, BORE, DRILL);
        assertThat(steps(bush))
                .containsExactly(
                        "face-first",
                        "outside-rough",
                        "centre-drill",
                        "drill-drill",
                        "bore-bore",
                        "outside-finish",
                        "part-part");
        assertThat(bush.doubts()).isEmpty();
        assertThat(bush.leftOut()).isEmpty();
        // 40 long and a blade behind it, and five clear of the jaws; the drill's point goes furthest: 45 and 0.3 of 18.
        assertThat(bush.freeMm()).isBetween(54.0, 57.0);
        assertThat(bush.held()).contains("45 mm");
    }

    /** The order is that of the work, whatever order the cuts are named in. */
    @Test
    void theOrderIsThatOfTheWork() {
        List<NamedCut> cuts = new ArrayList<>(List.of(PART, OUTSIDE, BORE, DRILL, thread("M30x2", "30")));
        List<String> first = steps(Chucking.of(cuts, UnitSystem.METRIC, ""));
        Random random = new Random(4711);
        for (int i = 0; i < 12; i++) {
            Collections.shuffle(cuts, random);
            assertThat(steps(Chucking.of(cuts, UnitSystem.METRIC, ""))).isEqualTo(first);
        }
    }

    private static NamedCut thread(String call, String length) {
        return cut("thread", "operation", "thread", "thread", call, "threadLength", length);
    }

    /** "Nothing to drill: turn it to size and part it. Leave the centre drill in its drawer." */
    @Test
    void aPinIsTurnedInOneGo() {
        ChuckingAnswer pin =
                route(OUTSIDE, cut("part", "operation", "part", "partDiameter", "40", "pieceLength", "40"));
        assertThat(steps(pin)).containsExactly("face-first", "outside-finish", "part-part");
    }

    /** "The thick end first: it is stiff as long as it is thick." */
    @Test
    void aSteppedShaftGoesFromThickToThin() {
        ChuckingAnswer shaft = route(
                cut("thin", "operation", "shoulder", "diameter", "20", "finished", "12", "length", "20"),
                cut("thick", "operation", "shoulder", "diameter", "30", "finished", "20", "length", "50"));
        assertThat(steps(shaft)).containsExactly("face-first", "thick-finish", "thin-finish");
        assertThat(doubts(shaft)).doesNotContain("more-metal", "in-air");
    }

    /** "Groove before thread, thread last; then off with it." */
    @Test
    void reliefBeforeThread() {
        ChuckingAnswer stud = route(
                thread("M20", "25"),
                cut(
                        "relief",
                        "operation",
                        "ring-groove",
                        "grooveFor",
                        "thread-relief",
                        "grooveAround",
                        "20",
                        "reliefPitch",
                        "2.5",
                        "stickOut",
                        "60",
                        "grooveAt",
                        "30"),
                cut("body", "operation", "turn", "diameter", "22", "finished", "20", "length", "40"));
        assertThat(steps(stud)).containsExactly("face-first", "body-finish", "relief-groove", "thread-outside-thread");
    }

    /** "Drill it before the centre comes up; afterwards you do not get at the end." */
    @Test
    void holesComeBeforeTheCentre() {
        ChuckingAnswer long_ = route(
                cut(
                        "shaft",
                        "operation",
                        "turn",
                        "diameter",
                        "25",
                        "finished",
                        "22",
                        "length",
                        "150",
                        "stickOut",
                        "170",
                        "hold",
                        "chuck-and-centre"),
                cut("oil", "operation", "drill", "drillSize", "6", "drillDepth", "20"));
        assertThat(steps(long_))
                .containsExactly(
                        "face-first", "centre-drill", "oil-drill", "centre-up", "shaft-rough-centred", "shaft-finish");
    }

    /** "A centre in a 16 hole? Not with that point." */
    @Test
    void aCentreInAWideHoleIsDoubted() {
        ChuckingAnswer sleeve = route(
                cut(
                        "shaft",
                        "operation",
                        "turn",
                        "diameter",
                        "25",
                        "finished",
                        "22",
                        "length",
                        "150",
                        "stickOut",
                        "170",
                        "hold",
                        "chuck-and-centre"),
                cut("hole", "operation", "drill", "drillSize", "16", "drillDepth", "40"));
        assertThat(doubts(sleeve)).contains("centre-in-bore");
    }

    /** "What do you want to bore? There is no hole." */
    @Test
    void aBoreWithoutAHoleIsAskedAbout() {
        ChuckingAnswer bored = route(BORE, OUTSIDE);
        assertThat(doubts(bored)).contains("no-hole");
        assertThat(bored.doubts().getFirst().words()).contains("18 mm").contains("drill it first");
    }

    /** "Your drill stops short of the bore." */
    @Test
    void aDrillThatStopsShortIsAskedAbout() {
        NamedCut shallow = cut("drill", "operation", "drill", "drillSize", "18", "drillDepth", "20");
        assertThat(doubts(route(shallow, BORE))).contains("hole-ends-before");
    }

    /** "It is 45 there and you begin at 30: who takes the rest?" */
    @Test
    void metalThatNobodyTakesIsAskedAbout() {
        ChuckingAnswer answer =
                route(OUTSIDE, cut("pin", "operation", "turn", "diameter", "30", "finished", "28", "length", "20"));
        assertThat(doubts(answer)).contains("more-metal");
        assertThat(answer.doubts().getFirst().words()).contains("30 mm").contains("40 mm");
    }

    /** "It is bored: the blade comes out into the hole, not at the middle." */
    @Test
    void aBladeMeetsTheBoreThatIsThere() {
        ChuckingAnswer answer = route(
                DRILL, BORE, OUTSIDE, cut("part", "operation", "part", "partDiameter", "40", "pieceLength", "30"));
        assertThat(doubts(answer)).contains("other-bore");
    }

    /** "One millimetre of wall: that goes egg-shaped in these jaws." */
    @Test
    void aThinWallIsWarnedOf() {
        ChuckingAnswer thin = route(
                DRILL,
                cut(
                        "bore",
                        "operation",
                        "bore",
                        "boreStart",
                        "18",
                        "boreFinished",
                        "38",
                        "boreDepth",
                        "40",
                        "outside",
                        "45"),
                OUTSIDE);
        assertThat(doubts(thin)).contains("thin-wall");
        assertThat(thin.doubts().stream()
                        .filter(d -> d.id().equals("thin-wall"))
                        .findFirst()
                        .orElseThrow()
                        .words())
                .contains("1 mm");
    }

    /** "That is milled. It has no place here." And what is planned on another lathe is another chucking. */
    @Test
    void whatIsNoWorkOfTheChuckStaysOut() {
        ChuckingAnswer answer = route(
                OUTSIDE,
                cut("harden", "operation", "heat"),
                cut(
                        Shop.lathe(Map.of("name", "Other")),
                        "there",
                        "operation",
                        "turn",
                        "diameter",
                        "45",
                        "finished",
                        "40"));
        assertThat(answer.leftOut().stream().map(Doubt::id)).contains("other-machine");
        assertThat(answer.leftOut().stream().map(Doubt::cut)).containsExactlyInAnyOrder("harden", "there");
        assertThat(steps(answer)).containsExactly("face-first", "outside-finish");
    }

    /** "Forty out and it holds; with what the drill needs it stands out twice as far, and then it does not." */
    @Test
    void standingOutFurtherIsWorkedOutAgain() {
        NamedCut slender = cut(
                "slender",
                "operation",
                "turn",
                "diameter",
                "12",
                "finished",
                "11",
                "length",
                "20",
                "stickOut",
                "25",
                "tolerance",
                "±0.02");
        ChuckingAnswer alone = route(slender);
        NamedCut far = cut(
                "far",
                "operation",
                "ring-groove",
                "grooveFor",
                "own-outside",
                "grooveAround",
                "12",
                "grooveWidth",
                "2",
                "grooveBottom",
                "11",
                "stickOut",
                "100",
                "grooveAt",
                "8");
        ChuckingAnswer both = route(slender, far);
        assertThat(alone.doubts()).isEmpty();
        assertThat(both.freeMm()).isGreaterThan(90);
        assertThat(both.doubts().stream().filter(d -> d.cut().equals("slender")).map(Doubt::id))
                .isNotEmpty()
                .allMatch(id -> id.startsWith("stands-out-"));
    }

    /** Two turns of 2 mm on the radius: from 45 to 40 is 2.5 mm of slide, one turn and 25 divisions of 0.02. */
    @Test
    void theDialCountsFromWhereTheToolTouched() {
        ChuckingAnswer pin = route(OUTSIDE);
        StepTold turn = pin.steps().getLast();
        assertThat(turn.lines())
                .anyMatch(line -> line.contains("Touch the work where it is 45 mm")
                        && line.contains("1 turn and 0.5 mm (25 div)"));
        // Roughed and finished by one tool: the zero stays where it was.
        StepTold finish = route(PART, OUTSIDE, BORE, DRILL).steps().get(5);
        assertThat(finish.lines())
                .anyMatch(line ->
                        line.contains("From the same zero, at 45 mm") && line.contains("1 turn and 0.5 mm (25 div)"));
    }

    /** 45 deep and the point of an 18 drill of 118° is 5.41: 50.4 over a handle of 5 mm. */
    @Test
    void theTailstocksHandleIsCounted() {
        StepTold drill = route(DRILL).steps().stream()
                .filter(step -> step.cut().equals("drill"))
                .findFirst()
                .orElseThrow();
        assertThat(drill.lines()).anyMatch(line -> line.startsWith("10.1 turns"));
    }

    /** The minutes of cutting are those of the cuts, however they are shared out. */
    @Test
    void minutesAreThoseOfTheCuts() {
        double together = cutting(route(PART, OUTSIDE, BORE, DRILL));
        double apart = List.of(PART, OUTSIDE, BORE, DRILL).stream()
                .mapToDouble(one -> cutting(route(one)))
                .sum();
        assertThat(together).isCloseTo(apart, org.assertj.core.data.Offset.offset(1e-9));
    }

    /** What is typed for the length that stands out is heard, or refused beside it. */
    @Test
    void whatIsTypedForTheLengthThatStandsOutIsHeard() {
        List<NamedCut> pin = List.of(OUTSIDE);
        assertThat(Chucking.of(pin, UnitSystem.METRIC, "80").freeMm()).isEqualTo(80);
        assertThat(doubts(Chucking.of(pin, UnitSystem.METRIC, "30"))).contains("stands-out-too-little");
        ChuckingAnswer wrong = Chucking.of(pin, UnitSystem.METRIC, "far");
        assertThat(wrong.errors()).containsOnlyKeys("out");
        assertThat(steps(wrong)).containsExactly("face-first", "outside-finish");
    }

    private static double cutting(ChuckingAnswer answer) {
        return answer.steps().stream()
                .filter(step -> !step.cut().isEmpty())
                .mapToDouble(StepTold::minutes)
                .sum();
    }
}
