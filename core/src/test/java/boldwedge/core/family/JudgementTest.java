package boldwedge.core.family;

import static org.assertj.core.api.Assertions.assertThat;

import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.testing.Shop;
import boldwedge.core.trial.Cause;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * Jobs with what a master says first. Each sentence was written down before the job was run: what he sees first, what he tries
 * first, and what he never says.
 */
@Tag("written")
class JudgementTest {
    private static PlanAnswer plan(String... fields) {
        PlanAnswer answer = Planner.plan(Shop.request(fields));
        assertThat(answer.worked())
                .as(answer.fields().stream()
                        .filter(f -> !f.error().isEmpty())
                        .toList()
                        .toString())
                .isTrue();
        return answer;
    }

    /** What stands in the way most: the worst verdict, and of those the smallest margin. */
    private static Finding first(PlanAnswer answer) {
        return answer.findings().stream()
                .filter(finding -> finding.verdict().isDoubt())
                .min(Comparator.comparing((Finding finding) -> finding.verdict() != Verdict.WRONG)
                        .thenComparingDouble(Finding::margin))
                .orElseThrow();
    }

    private static TrialAnswer judge(PlanRequest plan, String... readings) {
        Map<String, String> typed = new HashMap<>();
        for (int i = 0; i < readings.length; i += 2) {
            typed.put(readings[i], readings[i + 1]);
        }
        TrialAnswer answer = TrialJudge.prove(new TrialRequest(plan, typed));
        assertThat(answer.worked()).isTrue();
        return answer;
    }

    /** "Two hundredths on a nylon bush: what you measure warm off the tool is not what you have tomorrow. Let it cool, then the last cut." */
    @Test
    void aNylonBushToTwoHundredths() {
        Finding first = first(plan(
                "material",
                "nylon",
                "diameter",
                "41",
                "finished",
                "40",
                "tolerance",
                "h7",
                "length",
                "40",
                "stickOut",
                "50"));
        assertThat(first.id()).isEqualTo("warm");
        assertThat(first.statement()).startsWith("Let it cool");
    }

    /** "One skim takes it there, so nothing before it tells you what the dial is off: start it, stop, measure." */
    @Test
    void oneSkimToTwoTenths() {
        Finding passes = plan(
                        "diameter", "25.05", "finished", "25", "tolerance", "h6", "length", "30", "stickOut", "35")
                .findings()
                .stream()
                .filter(finding -> finding.id().equals("passes"))
                .findFirst()
                .orElseThrow();
        assertThat(passes.statement()).startsWith("One pass").contains("Stop a short way into it, measure");
    }

    /** "Ten diameters of 8 mm with nothing at the end: it will run away from the tool. Centre up, or less of a bite first." */
    @Test
    void aLongThinPinInTheChuck() {
        Finding first = first(plan("diameter", "9", "finished", "8", "length", "75", "stickOut", "80"));
        assertThat(first.id()).isEqualTo("push-off");
        assertThat(first.mends()).extracting(Fix::field).contains("hold");
        assertThat(first.statement()).doesNotContain("dial in");
    }

    /** "A 2 mm pin has no room for a centre hole": it is never said to bring one up. */
    @Test
    void noCentreInAThinPin() {
        PlanAnswer answer = plan("diameter", "3", "finished", "2", "length", "20", "stickOut", "24");
        assertThat(answer.findings())
                .allSatisfy(finding ->
                        assertThat(finding.mends()).extracting(Fix::text).doesNotContain("chuck-and-centre"));
    }

    /** "Stout work, short: it comes out a little large, the same all along. Measure and dial it in; nothing is wrong." */
    @Test
    void stoutShortWorkIsDialledIn() {
        Finding size = plan("diameter", "60", "finished", "58", "length", "20", "stickOut", "30", "tolerance", "±0.01")
                .findings()
                .stream()
                .filter(finding -> finding.id().equals("push-off"))
                .findFirst()
                .orElseThrow();
        assertThat(size.verdict()).isNotEqualTo(Verdict.WRONG);
        assertThat(size.statement()).contains("on the diameter");
    }

    /** "You ground it backwards: high-speed steel wants rake in mild steel." */
    @Test
    void aBitGroundBackwards() {
        Finding first = first(plan("material", "steel-low-carbon", "sideRake", "-12°"));
        assertThat(first.id()).isEqualTo("angle-sideRake");
        assertThat(first.verdict()).isEqualTo(Verdict.DOUBTFUL);
        assertThat(first.mends()).extracting(Fix::field).contains("sideRake");
        // A little less than the book says is a habit, and cuts.
        assertThat(plan("material", "steel-low-carbon", "sideRake", "8°").findings().stream()
                        .filter(finding -> finding.id().equals("angle-sideRake"))
                        .findFirst()
                        .orElseThrow()
                        .verdict())
                .isEqualTo(Verdict.TOLD);
    }

    /** "Far too fast for that steel: slow it down." */
    @Test
    void highSpeedSteelRunTooFast() {
        Finding first = first(plan("diameter", "60", "finished", "58", "speed", "1100 rpm"));
        assertThat(first.id()).isEqualTo("speed");
        assertThat(first.mends().getFirst().field()).isEqualTo("speed");
    }

    /** "Soft steel as slow as that tears, whatever the feed: run it faster, or oil it and give it more rake." */
    @Test
    void softSteelCutTooSlowlyTears() {
        Finding finish = plan("speed", "60 rpm").findings().stream()
                .filter(finding -> finding.id().equals("finish"))
                .findFirst()
                .orElseThrow();
        assertThat(finish.verdict()).isEqualTo(Verdict.DOUBTFUL);
        assertThat(finish.statement()).contains("torn where metal builds up");
        assertThat(finish.mends().getFirst().field()).isEqualTo("speed");
        Finding brass = plan("material", "brass-free", "speed", "60 rpm").findings().stream()
                .filter(finding -> finding.id().equals("finish"))
                .findFirst()
                .orElseThrow();
        assertThat(brass.statement()).doesNotContain("torn");
    }

    /** "The point is way over centre, it rubs on its front: set it down." */
    @Test
    void aPointTooHigh() {
        Finding first = first(plan("height", "2.5 mm", "finished", "20 mm"));
        assertThat(first.id()).startsWith("clearance");
        assertThat(first.mends().getFirst().field()).isEqualTo("height");
    }

    /** "You will not get that finish at such a feed: finer feed." */
    @Test
    void aFinishThatTheFeedForbids() {
        Finding first = first(plan("finish", "Ra 0.8", "feed", "0.28 mm/rev"));
        assertThat(first.id()).isEqualTo("finish");
        assertThat(first.mends().getFirst().field()).isEqualTo("feed");
    }

    /** "Eight times its diameter in steel: that bar sings. Slow down first; then shorten it or take a fatter one." */
    @Test
    void aBarEightTimesItsDiameter() {
        Finding first = first(plan(
                "operation",
                "bore",
                "material",
                "steel-low-carbon",
                "boreStart",
                "25 mm",
                "boreFinished",
                "26 mm",
                "boreDepth",
                "120 mm",
                "barDiameter",
                "16 mm",
                "barOverhang",
                "128 mm",
                "barLength",
                "260 mm",
                "boreDepthOfCut",
                "0.25 mm"));
        assertThat(first.id()).isEqualTo("chatter");
        assertThat(first.mends().getFirst().field()).isEqualTo("boreSpeed");
    }

    /** "It needs thirty millimetres under it: that is no packing, that is a riser." */
    @Test
    void thirtyMillimetresAreNoPacking() {
        Finding packing = plan("diameter", "25").findings().stream()
                .filter(finding -> finding.id().equals("packing"))
                .findFirst()
                .orElseThrow();
        assertThat(packing.statement()).contains("riser").doesNotContain("+ 0.05 mm");
    }

    private static final PlanRequest STOUT =
            Shop.request("diameter", "52", "finished", "50", "length", "50", "stickOut", "60", "depth", "0.5");

    /** "Thirty thou... the same at both ends? Dial it in. Leave the headstock alone." */
    @Test
    void anEvenErrorIsTheDial() {
        TrialAnswer trial = judge(STOUT, "near", "50.06", "far", "50.062", "apart", "45");
        assertThat(trial.verdict()).contains("the dial brings it in");
        assertThat(trial.next().orElseThrow().label()).startsWith("Dial in").contains("on the diameter");
        assertThat(trial.causes()).extracting(Cause::id).doesNotContain("alignment");
    }

    /** "Small at both ends: the piece is gone; back the dial off for the next." */
    @Test
    void anEvenErrorTheOtherWay() {
        TrialAnswer trial = judge(STOUT, "near", "49.94", "far", "49.941", "apart", "45");
        assertThat(trial.next().orElseThrow().label()).startsWith("Back the dial off");
    }

    /** "It tapers more than it can spring: but take a light pass over it before you touch the headstock." */
    @Test
    void aTaperIsProvedByALightPassBeforeTheHeadstockIsTouched() {
        Map<String, String> fields = new HashMap<>(STOUT.fields());
        fields.put("tolerance", "±0.005");
        PlanRequest close = new PlanRequest(fields, STOUT.units(), STOUT.lathe());
        TrialAnswer trial = judge(close, "near", "50.01", "far", "49.99", "apart", "45");
        assertThat(trial.causes()).extracting(Cause::id).contains("alignment").doesNotContain("push-off");
        assertThat(trial.next().orElseThrow().field()).isEqualTo("depth");
        fields.put("depth", "0.1 mm");
        TrialAnswer light = judge(
                new PlanRequest(fields, STOUT.units(), STOUT.lathe()), "near", "50.01", "far", "49.99", "apart", "45");
        assertThat(light.next().orElseThrow().label()).contains("collars");
    }

    /** "A nose like that on a thin bar just shoves it away: stone a finer one." */
    @Test
    void aFatNoseIsNamedWhereItMakesTheTaper() {
        PlanRequest fat = Shop.request(
                "diameter",
                "13",
                "finished",
                "12",
                "length",
                "90",
                "stickOut",
                "95",
                "noseRadius",
                "1.6 mm",
                "depth",
                "0.2 mm");
        PlanAnswer answer = Planner.plan(fat);
        double taper = answer.figure("taper").is();
        assertThat(taper).isPositive();
        TrialAnswer trial = judge(fat, "near", "12.005", "far", 12.005 + taper + " mm", "apart", "85");
        assertThat(trial.causes().getFirst().id()).isEqualTo("fat-nose");
        assertThat(trial.next().orElseThrow().field()).isEqualTo("noseRadius");
        assertThat(trial.expected()).contains("from").contains("to");
    }

    /** "The hole is large all the way: set the point in. It is not sprung less." */
    @Test
    void aHoleTooLargeIsSetIn() {
        PlanRequest bush = Shop.request("operation", "bore");
        TrialAnswer trial = judge(bush, "near", "20.06", "far", "20.061");
        assertThat(trial.next().orElseThrow().label()).startsWith("Set in");
        List<String> causes = trial.causes().stream().map(Cause::id).toList();
        assertThat(causes).doesNotContain("springs", "resists");
    }

    /** "Out that far the blade digs in before it breaks: shorten it, or build it a stiff block." */
    @Test
    void aBladeStandingOutTooFar() {
        Finding first = first(plan("operation", "part", "partDiameter", "50 mm", "blade", "blade-2mm"));
        assertThat(first.id()).isIn("breaks-first", "width", "digs-in", "chatter", "drop");
        assertThat(first.mends()).isNotEmpty();
    }

    /** "Eleven diameters of 6 mm hanging in the air? Put the centre on it; then we talk about the rest." */
    @Test
    void slenderWorkGetsItsCentreFirst() {
        Finding first = first(plan(
                "material", "aluminium-wrought", "diameter", "12", "finished", "6", "length", "60", "stickOut", "70"));
        assertThat(first.id()).isEqualTo("push-off");
        assertThat(first.mends().getFirst().text()).isEqualTo("chuck-and-centre");
    }

    /** "Nobody puts a quarter-inch bit through a 6 mm bar: take a small one." A small hole is not refused for the usual bit. */
    @Test
    void aSmallBarGetsASmallBit() {
        PlanAnswer small = plan("operation", "bore", "boreStart", "9", "boreFinished", "10", "boreDepth", "20");
        assertThat(small.fields())
                .filteredOn(field -> field.id().equals("boreBit"))
                .allSatisfy(field -> assertThat(field.text()).isEqualTo("3 mm square HSS bit"));
        // Where even the thinnest takes much of the bar it is better than no bar at all.
        PlanAnswer smaller = plan("operation", "bore", "boreStart", "8", "boreFinished", "8.5", "boreDepth", "20");
        assertThat(smaller.fields())
                .filteredOn(field -> field.id().equals("boreBit"))
                .allSatisfy(field -> assertThat(field.text()).isEqualTo("3 mm square HSS bit"));
        PlanAnswer usual = plan("operation", "bore", "boreStart", "28", "boreFinished", "30", "boreDepth", "40");
        assertThat(usual.fields())
                .filteredOn(field -> field.id().equals("boreBit"))
                .allSatisfy(field -> assertThat(field.text()).startsWith("1/4 in"));
        // Typed it stays, and what is wrong with it is said.
        assertThat(Planner.plan(Shop.request(
                                "operation", "bore", "boreStart", "9", "boreFinished", "10", "boreBit", "hss-1-4"))
                        .worked())
                .isFalse();
    }

    /** "Rake in brass? It will grab and pull itself in. Take the rake off; the relief is not what ails it." */
    @Test
    void rakeComesOffInBrassBeforeRelief() {
        Finding wedge = plan("material", "brass-free", "sideRake", "15°").findings().stream()
                .filter(finding -> finding.id().equals("wedge"))
                .findFirst()
                .orElseThrow();
        assertThat(wedge.mends().getFirst().field()).isEqualTo("sideRake");
    }

    /** "Sixty out of the jaws with a 10 mm bar? It is the bar that gives. Cut it at the jaws; no block helps that." */
    @Test
    void aBarThatHangsOutIsCutAtTheJaws() {
        PlanAnswer answer =
                plan("operation", "part", "partDiameter", "10 mm", "material", "brass-free", "partAt", "60");
        Finding drop = answer.findings().stream()
                .filter(finding -> finding.id().equals("drop"))
                .findFirst()
                .orElseThrow();
        assertThat(drop.verdict()).isEqualTo(Verdict.WRONG);
        assertThat(drop.mends().getFirst().field()).isEqualTo("partAt");
        assertThat(drop.mends()).extracting(Fix::text).doesNotContain("split-block");
    }

    /** "A quarter inch is a quarter inch": nobody says letter E. */
    @Test
    void aQuarterIsAQuarter() {
        PlanAnswer answer = Planner.plan(Shop.request(
                UnitSystem.INCH,
                "operation",
                "drill",
                "material",
                "brass-free",
                "drillSize",
                "1/4",
                "drillDepth",
                "1"));
        assertThat(answer.findings().getFirst().statement()).isEqualTo("Take 1/4 (0.25 in).");
    }
}
