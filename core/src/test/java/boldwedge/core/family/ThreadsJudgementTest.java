package boldwedge.core.family;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.testing.Shop;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Threads and seats as a master would judge them: what he says first, tries first, and never says, written down before each was run. */
@Tag("written")
class ThreadsJudgementTest {
    private static PlanRequest ask(String lathe, UnitSystem units, String... fieldsAndTexts) {
        Map<String, String> fields = new HashMap<>(Map.of("lathe", "x", "operation", "thread"));
        for (int i = 0; i < fieldsAndTexts.length; i += 2) {
            fields.put(fieldsAndTexts[i], fieldsAndTexts[i + 1]);
        }
        return new PlanRequest(fields, units, Optional.of(Shop.lathe(lathe)));
    }

    private static PlanAnswer metric(String... f) {
        PlanAnswer answer = Planner.plan(ask("metric-screw", UnitSystem.METRIC, f));
        assertThat(answer.worked()).as(answer.fields().toString()).isTrue();
        return answer;
    }

    private static PlanAnswer inch(String... f) {
        PlanAnswer answer = Planner.plan(ask("inch-screw", UnitSystem.INCH, f));
        assertThat(answer.worked()).as(answer.fields().toString()).isTrue();
        return answer;
    }

    private static Finding of(PlanAnswer answer, String id) {
        return answer.findings().stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static String error(String field, String... f) {
        PlanAnswer answer = Planner.plan(ask("metric-screw", UnitSystem.METRIC, f));
        assertThat(answer.worked()).isFalse();
        return Shop.error(answer, field);
    }

    /** "M12: turn it a tenth or so under, compound at twenty-nine and a half, a dozen passes, slow enough to open the nut." */
    @Test
    void anEverydayThread() {
        PlanAnswer m12 = metric("thread", "M12", "threadHeld", "chuck-and-centre");
        assertThat(m12.findings()).noneMatch(f -> f.verdict().isDoubt());
        assertThat(m12.figure("blank").is()).isBetween(11.75, 11.95);
        assertThat(m12.figure("passes").is()).isBetween(9.0, 18.0);
        assertThat(m12.figure("speed").is()).isBetween(50.0, 200.0);
        assertThat(of(m12, "thread-ways").statement()).contains("29.5°");
        assertThat(of(m12, "thread-gears").statement()).contains("28/24", "exactly");
        assertThat(of(m12, "thread-die").statement()).contains("die");
    }

    /** "Thirteen is odd: the numbered lines. Twenty is even: any line. Eleven and a half: the one number and its opposite." */
    @Test
    void theMarksOfAnInchLathe() {
        assertThat(of(inch("thread", "1/2-13"), "thread-dial").statement()).contains("every second", "numbered");
        assertThat(of(inch("thread", "1/2-20"), "thread-dial").statement()).contains("any of the 8 marks");
        assertThat(of(inch("thread", "1-8"), "thread-dial").statement()).contains("wherever");
        assertThat(of(inch("thread", "3/4-16"), "thread-dial").statement()).contains("wherever");
    }

    /** "Metric on an inch lathe: the hundred-and-twenty-seven, and you never open the nut." Never: "any mark". */
    @Test
    void metricOnAnInchLathe() {
        PlanAnswer gland = Planner.plan(ask(
                "inch-screw",
                UnitSystem.METRIC,
                "thread",
                "M36×1.5-6H",
                "threadSide",
                "inside",
                "material",
                "bronze-tin",
                "outside",
                "50 mm"));
        assertThat(of(gland, "thread-gears").verdict()).isEqualTo(Verdict.FINE);
        assertThat(of(gland, "thread-gears").statement()).contains("120/127", "16 tpi", "exactly");
        assertThat(of(gland, "thread-dial").statement()).contains("never open the nut");
    }

    /** "Nineteen to the inch from those wheels: not exactly. It is off by two hundredths of a per cent: nobody feels that in a pipe." */
    @Test
    void aPitchThatIsOnlyNearlyThere() {
        Finding gears = of(metric("thread", "G 1/2", "threadLength", "15 mm"), "thread-gears");
        assertThat(gears.statement()).contains("does not cut", "off by");
        assertThat(gears.verdict()).isEqualTo(Verdict.FINE);
        // With only a few wheels it is off by enough to bind.
        assertThat(of(metric("thread", "M20×2.5", "threadLength", "40 mm"), "thread-gears")
                        .verdict())
                .isEqualTo(Verdict.FINE);
    }

    /** "Your bar drags before you are down: point out further or bar thinner." He says how deep it gets. */
    @Test
    void theBarThatRubsAtTwoThirds() {
        PlanAnswer rubs = metric(
                "thread",
                "M36×1.5-6H",
                "threadSide",
                "inside",
                "threadBar",
                "30 mm",
                "threadPoint",
                "16.1 mm",
                "material",
                "bronze-tin");
        Finding bar = of(rubs, "thread-bar");
        assertThat(bar.verdict()).isEqualTo(Verdict.WRONG);
        assertThat(bar.statement()).contains("drags on the crests");
        assertThat(bar.mends()).extracting(m -> m.field()).contains("threadPoint", "threadBar");
        // By hand: 16.1 − 15 − 0.5 of 0.83 deep.
        assertThat(bar.statement()).contains("76 %");
    }

    /** "It hits the shoulder: slower, or widen the groove, or go the other way." First the speed. */
    @Test
    void aGrooveThatIsTooNarrow() {
        PlanAnswer narrow = metric("thread", "M24", "threadGroove", "4 mm", "threadSpeed", "210 rpm");
        Finding groove = of(narrow, "thread-groove");
        assertThat(groove.verdict()).isEqualTo(Verdict.WRONG);
        assertThat(groove.notes()).anyMatch(note -> note.contains("away from the chuck"));
        assertThat(of(narrow, "thread-speed").verdict()).isEqualTo(Verdict.WRONG);
    }

    /** "Left hand? Then you start in the groove and run out to the tailstock. Nothing to hit." Never: "slow down to stop in the groove". */
    @Test
    void aLeftHandThreadStartsInItsGroove() {
        PlanAnswer left = metric("thread", "M20", "threadHand", "left");
        assertThat(of(left, "thread-groove").statement()).contains("starts in the groove");
        assertThat(of(left, "thread-speed").statement()).contains("free past an end");
    }

    /** "Three millimetres of pitch straight in will chatter itself to pieces." */
    @Test
    void coarseThreadsAreNotFedStraightIn() {
        Finding way = of(metric("thread", "M24", "threadWay", "straight"), "thread-ways");
        assertThat(way.verdict()).isEqualTo(Verdict.DOUBTFUL);
        assertThat(way.mends().getFirst().text()).isEqualTo("half-less");
        assertThat(of(metric("thread", "M12×1", "threadWay", "straight"), "thread-ways")
                        .verdict())
                .isEqualTo(Verdict.FINE);
    }

    /** "Sixty long and five thick out of the chuck: it runs away from you. Centre." */
    @Test
    void aSlenderStudWantsTheCentre() {
        Finding push = of(metric("thread", "M6", "threadLength", "60 mm"), "thread-push");
        assertThat(push.verdict()).isNotEqualTo(Verdict.FINE);
        assertThat(push.mends()).anyMatch(mend -> mend.text().equals("chuck-and-centre"));
    }

    /** "M3: that is a die's work." */
    @Test
    void aTinyThread() {
        assertThat(of(metric("thread", "M3", "threadLength", "8 mm"), "thread-die")
                        .statement())
                .contains("die", "bends away");
    }

    /** "Stainless: no dithering. Thick enough to cut, one spring pass and out." */
    @Test
    void stainless() {
        PlanAnswer stainless =
                metric("thread", "M16", "material", "stainless-austenitic", "threadHeld", "chuck-and-centre");
        PlanAnswer mild = metric("thread", "M16", "threadHeld", "chuck-and-centre");
        assertThat(of(stainless, "thread-passes").notes())
                .anyMatch(note -> note.contains("hardens where the tool rubs"));
        assertThat(of(stainless, "thread-passes").statement()).contains("then 1 without");
        assertThat(stainless.figure("passes").is())
                .isLessThanOrEqualTo(mild.figure("passes").is() + 1);
    }

    /** "That insert stops at one and a half; for two and a half take another or grind a bit." */
    @Test
    void anInsertOutOfItsRange() {
        Finding insert = of(metric("thread", "M20", "threadTool", "insert"), "thread-insert");
        assertThat(insert.verdict()).isEqualTo(Verdict.WRONG);
        assertThat(insert.statement()).contains("0.5 mm", "1.5 mm", "2.5 mm");
    }

    /** "Carbide at a walk in mild steel only tears." */
    @Test
    void carbideAtAWalk() {
        Finding speed = of(metric("thread", "M12", "threadTool", "brazed"), "thread-speed");
        assertThat(speed.verdict()).isEqualTo(Verdict.DOUBTFUL);
        assertThat(speed.mends().getFirst().text()).isEqualTo("hss-bit");
    }

    /** What cannot be is said beside where it was typed, with what would do. */
    @Test
    void badInput() {
        assertThat(error("thread", "thread", "M8×1.3")).contains("1.25 mm (coarse)", "8 mm × 1.3 mm");
        assertThat(error("thread", "thread", "1/2-13.5")).contains("13 or 14");
        assertThat(error("threadClass", "thread", "M10", "threadClass", "6H")).contains("inside threads", "6g");
        assertThat(error("thread", "thread", "M10-6H")).contains("inside threads");
        assertThat(error(
                        "threadInsertIs",
                        "thread",
                        "M10×1.5",
                        "threadTool",
                        "insert",
                        "threadInsertIs",
                        "left-outside"))
                .contains("mirror image", "upside down");
        assertThat(error("outside", "thread", "M36×1.5", "threadSide", "inside", "outside", "36.5 mm"))
                .contains("deeper than the wall", "39");
        assertThat(error("threadBlank", "thread", "M12", "threadBlank", "9 mm"))
                .contains("thinner than the thread’s root");
        assertThat(error("threadPasses", "thread", "M12", "threadPasses", "7.5"))
                .contains("whole number");
    }

    /** "Wires too thin sink under the crests; too thick they sit on the corners." */
    @Test
    void wiresThatDoNotDo() {
        assertThat(of(metric("thread", "M20", "threadWire", "1 mm"), "thread-wires")
                        .statement())
                .contains("sink");
        assertThat(of(metric("thread", "M20", "threadWire", "4 mm"), "thread-wires")
                        .statement())
                .contains("ride");
        Finding right = of(metric("thread", "M20"), "thread-wires");
        assertThat(right.verdict()).isEqualTo(Verdict.FINE);
        assertThat(right.notes()).anyMatch(note -> note.contains("Drill shanks"));
    }

    private static TrialAnswer judge(PlanRequest request, String... readings) {
        Map<String, String> read = new HashMap<>();
        for (int i = 0; i < readings.length; i += 2) {
            read.put(readings[i], readings[i + 1]);
        }
        return TrialJudge.prove(new TrialRequest(request, read));
    }

    /** "You picked it up three thou beside: that is five on the pitch diameter, and it is gone." Never: "feed in more". */
    @Test
    void pickedUpBeside() {
        PlanRequest stud = ask("inch-screw", UnitSystem.INCH, "thread", "7/16-20", "threadHeld", "chuck-and-centre");
        TrialAnswer answer = judge(stud, "overWires", ".4397", "besideBy", ".003", "gauge", "loose");
        assertThat(answer.causes().getFirst().id()).isEqualTo("picked-up");
        assertThat(answer.verdict()).contains("past its limits");
        assertThat(answer.next().orElseThrow().label()).doesNotContain("Feed in");
    }

    /** "Still six thou big: half of that over the cosine, on the compound." */
    @Test
    void whatIsLeftIsADialReading() {
        PlanRequest stud = ask(
                "inch-screw",
                UnitSystem.INCH,
                "thread",
                "7/16-20",
                "threadHeld",
                "chuck-and-centre",
                "threadSpring",
                "4");
        TrialAnswer answer = judge(stud, "overWires", ".4509");
        // 0.006 over the middle: 3 thou / cos 29.5° is 3.4 thou.
        assertThat(answer.verdict()).contains("3.4 thou");
        assertThat(answer.expected()).isNotEmpty();
    }

    /** "It measures right and will not go on: look at your lead, your angle and the burr, not at the dial." */
    @Test
    void rightByTheWiresAndTightAllTheSame() {
        PlanRequest askew = ask(
                "metric-screw",
                UnitSystem.METRIC,
                "thread",
                "M20",
                "threadYaw",
                "4°",
                "threadHeld",
                "chuck-and-centre");
        double over = Planner.plan(askew).figure("overWires").is();
        TrialAnswer answer = judge(askew, "overWires", over + " mm", "gauge", "tight");
        assertThat(answer.causes().getFirst().id()).isEqualTo("angle");
        assertThat(answer.next().orElseThrow().field()).isEqualTo("threadYaw");
        TrialAnswer lead = judge(
                ask("metric-screw", UnitSystem.METRIC, "thread", "M20", "threadHeld", "chuck-and-centre"),
                "overWires",
                over + " mm",
                "gauge",
                "tight-end",
                "tenTurns",
                "25.4 mm");
        assertThat(lead.causes().getFirst().id()).isEqualTo("lead");
    }

    /** "A tenth too deep: put a tenth under it." Never: "mill it again". */
    @Test
    void aSeatATenthTooDeep() {
        PlanRequest bar = ask(
                "metric-screw",
                UnitSystem.METRIC,
                "operation",
                "insert-holder",
                "seatBody",
                "bar",
                "seatHeight",
                "25 mm",
                "seatAngle",
                "60°",
                "seatThreadDepth",
                "0.92 mm");
        PlanAnswer plan = Planner.plan(bar);
        assertThat(plan.worked()).isTrue();
        assertThat(plan.findings()).noneMatch(f -> f.verdict() == Verdict.WRONG);
        double floor = plan.figure("floorDepth").is();
        TrialAnswer answer = judge(bar, "floorDepth", (floor + 0.1) + " mm");
        assertThat(answer.next().orElseThrow().label()).contains("shim of 0.1 mm");
        assertThat(answer.verdict()).contains("0.1 mm low");
    }

    /** "Point it first, plunge the corner before the walls, the floor to measure, then the screw drawn in." In that order. */
    @Test
    void theOrderOfASeat() {
        PlanAnswer plan = Planner.plan(ask("metric-screw", UnitSystem.METRIC, "operation", "insert-holder"));
        assertThat(plan.findings()).noneMatch(f -> f.verdict().isDoubt());
        assertThat(plan.steps())
                .extracting(s -> s.id())
                .containsSubsequence("point", "floor", "corner", "back-wall", "side-wall", "screw", "indicate");
        // Old holder: slide at 90°, 0.52 under over 10: 87°.
        PlanAnswer old = Planner.plan(ask(
                "metric-screw",
                UnitSystem.METRIC,
                "operation",
                "insert-holder",
                "oldSet",
                "90°",
                "oldWay",
                "10 mm",
                "oldOff",
                "-0.52 mm"));
        assertThat(old.figure("oldAngle").is()).isCloseTo(87.02, within(0.01));
    }

    /** What a seat cannot be. */
    @Test
    void badSeats() {
        assertThat(error(
                        "seatHeight",
                        "operation",
                        "insert-holder",
                        "seatBody",
                        "bar",
                        "seatHeight",
                        "8 mm",
                        "seatAngle",
                        "60°"))
                .contains("goes through");
        assertThat(error("oldOff", "operation", "insert-holder", "oldSet", "90°", "oldWay", "10 mm"))
                .contains("all three");
        assertThat(error("seatWidth", "operation", "insert-holder", "seatWidth", "12 mm", "seatHeight", "12 mm"))
                .contains("outside the body", "wider");
    }
}
