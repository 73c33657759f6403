package boldwedge.core.families.turning.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.families.turning.entry.TurningReader;
import boldwedge.core.families.turning.model.SetUpSearch.Bound;
import boldwedge.core.families.turning.model.SetUpSearch.Found;
import boldwedge.core.families.turning.model.SetUpSearch.Judged;
import boldwedge.core.family.Planner;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.Stroke;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.cutting.Finish;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.testing.Shop;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The search of turning's set-ups against whole plans. */
class SetUpSearchTest {
    private static final PlanRequest PIN =
            Shop.request("diameter", "13", "finished", "12", "length", "60", "stickOut", "80", "tolerance", "±0.01");

    private static Found search(PlanRequest request) {
        return SetUpSearch.of(TurningReader.cut(request).cut().orElseThrow(), 12)
                .orElseThrow();
    }

    /** What is promised is what the full plan says of the same set-up: taper, finish, and what is left. */
    @Test
    void whatIsPromisedIsWhatThePlanSays() {
        for (Judged one : search(PIN).best()) {
            Map<String, String> fields = new HashMap<>(PIN.fields());
            fields.put("noseRadius", one.setUp().noseMm() + " mm");
            fields.put("sideRake", Written.degrees(one.setUp().sideRakeRad()));
            fields.put("sideEdge", Written.degrees(one.setUp().leadRad()));
            fields.put("depth", one.setUp().depthMm() + " mm");
            fields.put("feed", one.setUp().feedMm() + " mm/rev");
            fields.put("stickOut", one.setUp().freeMm() + " mm");
            fields.put("hold", one.setUp().hold() == Hold.CHUCK ? "chuck" : "chuck-and-centre");
            PlanAnswer plan = Planner.plan(new PlanRequest(fields, PIN.units(), PIN.lathe()));
            assertThat(plan.worked()).isTrue();
            double likely = plan.figure("ra").is() / 1000 * Finish.USUAL_OVER_THEORY;
            assertThat(one.raMm()).isCloseTo(likely, within(0.05 * likely));
            TurningCut cut = TurningReader.cut(new PlanRequest(fields, PIN.units(), PIN.lathe()))
                    .cut()
                    .orElseThrow();
            assertThat(Math.abs(one.taperMm()))
                    .as(one.toString())
                    .isCloseTo(
                            cut.pushOff().unevenMm(),
                            within(0.0003 + 0.1 * cut.pushOff().unevenMm()));
            assertThat(one.size() * cut.job().allowedErrorMm())
                    .isCloseTo(
                            cut.pushOff().remainingMm(),
                            within(0.0003 + 0.1 * cut.pushOff().remainingMm()));
        }
    }

    /** Depths are such as can be set: in an inch shop half thousandths, none of them a metric one written out. */
    @Test
    void anInchShopIsOfferedDepthsThatItsDialHas() {
        Found found = search(Shop.request(
                UnitSystem.INCH,
                "diameter",
                "1",
                "finished",
                ".96",
                "length",
                "2",
                "stickOut",
                "2.25",
                "tolerance",
                "±.0005"));
        assertThat(found.best()).isNotEmpty().allSatisfy(one -> {
            double halfThou = one.setUp().depthMm() / 0.0127;
            assertThat(halfThou).isCloseTo(Math.rint(halfThou), within(1e-9));
        });
    }

    @Test
    void theBestHoldsAndTheLosersHaveTheirReason() {
        Found found = search(PIN);
        assertThat(found.tried()).isGreaterThan(10_000);
        assertThat(found.hold()).isPositive();
        assertThat(found.best().getFirst().worst()).isLessThan(1);
        long lost = found.losers().values().stream().mapToLong(Long::longValue).sum();
        assertThat(lost + found.hold()).isEqualTo(found.tried());
        assertThat(found.losers().get(Bound.SIZE)).isPositive();
        assertThat(found.losers().get(Bound.FINISH)).isPositive();
        // No two of the best are the same nose held the same way.
        assertThat(found.best())
                .extracting(one -> one.setUp().noseMm() + "|" + one.setUp().hold() + "|"
                        + one.setUp().freeMm())
                .doesNotHaveDuplicates();
    }

    /** Held closer, what held does not all hold any more. */
    @Test
    void aCloserToleranceLeavesFewer() {
        Map<String, String> fields = new HashMap<>(PIN.fields());
        fields.put("tolerance", "±0.003");
        assertThat(search(new PlanRequest(fields, PIN.units(), PIN.lathe())).hold())
                .isLessThan(search(PIN).hold());
    }

    /** Ground to the rake that it names, the cut leaves no taper; a degree more draws in by what it says. */
    @Test
    void theBalanceLeavesNoTaper() {
        Map<String, String> fields = new HashMap<>(PIN.fields());
        fields.put("material", "ptfe");
        fields.put("depth", "0.5 mm");
        fields.put("feed", "0.2 mm/rev");
        fields.put("sideEdge", "5°");
        PlanRequest request = new PlanRequest(fields, PIN.units(), PIN.lathe());
        var balances = search(request).balances();
        assertThat(balances).isNotEmpty();
        for (TaperBalance one : balances) {
            fields.put("noseRadius", one.noseMm() + " mm");
            assertThat(Math.abs(taper(fields, one.sideRakeRad()))).isLessThan(0.002);
            double more = taper(fields, one.angleRad() + Math.toRadians(1));
            double less = taper(fields, one.sideRakeRad() - Math.toRadians(1));
            assertThat((less - more) / 2).isCloseTo(one.perDegreeMm(), within(0.15 * one.perDegreeMm() + 1e-4));
        }
    }

    /** Steel is drawn in by no rake, but by an edge that leads: ground to that lead, the push is gone that bent the piece. */
    @Test
    void whereNoRakeBalancesALeadDoes() {
        Map<String, String> fields = new HashMap<>(PIN.fields());
        fields.put("material", "steel-alloy-30hrc");
        fields.put("diameter", "1 in");
        fields.put("finished", ".96 in");
        fields.put("length", "2 in");
        fields.put("stickOut", "2.25 in");
        fields.put("feed", "0.1 mm/rev");
        fields.put("depth", "0.25 mm");
        PlanRequest request = new PlanRequest(fields, PIN.units(), PIN.lathe());
        var balances = search(request).balances();
        assertThat(balances).isNotEmpty().allMatch(TaperBalance::byLead);
        for (TaperBalance one : balances) {
            fields.put("noseRadius", one.noseMm() + " mm");
            fields.put("depth", one.depthMm() + " mm");
            fields.put("sideRake", Math.toDegrees(one.sideRakeRad()) + "°");
            double own = push(fields, 15);
            double balanced = push(fields, Math.toDegrees(one.leadRad()));
            assertThat(Math.abs(balanced)).as(one.toString()).isLessThan(0.05 * own);
            // Either side of it the push has the other sign.
            assertThat(push(fields, Math.toDegrees(one.leadRad()) - 3)).isLessThan(-Math.abs(balanced));
            assertThat(push(fields, Math.toDegrees(one.leadRad()) + 3)).isGreaterThan(Math.abs(balanced));
        }
        String said = Planner.setUps(request).orElseThrow().balances().getFirst();
        assertThat(said).contains("side cutting edge at -").contains("a degree");
    }

    private static double push(Map<String, String> fields, double leadDeg) {
        Map<String, String> with = new HashMap<>(fields);
        with.put("sideEdge", leadDeg + "°");
        PlanAnswer plan = Planner.plan(new PlanRequest(with, PIN.units(), PIN.lathe()));
        assertThat(plan.worked()).isTrue();
        return plan.figure("pushForce").is();
    }

    /** The plate of the balance: its line goes through every nose's rake, the bit as it is stands below it where it pushes away. */
    @Test
    void theBalanceIsDrawn() {
        Map<String, String> fields = new HashMap<>(PIN.fields());
        fields.put("feed", "0.2 mm/rev");
        fields.put("sideEdge", "5°");
        fields.put("material", "brass-free");
        fields.put("diameter", "16 mm");
        fields.put("finished", "12 mm");
        fields.put("depth", "1 mm");
        PlanRequest request = new PlanRequest(fields, PIN.units(), PIN.lathe());
        var balances = search(request).balances();
        Scene plate = Planner.setUps(request).orElseThrow().plate().orElseThrow();
        Stroke line = plate.strokes().stream()
                .filter(stroke -> stroke.role() == Role.CUTTING_EDGE)
                .findFirst()
                .orElseThrow();
        assertThat(line.points().size()).isBetween(2, balances.size());
        // More rake for a larger or smaller nose stands higher or lower, as the balances do.
        boolean rises = balances.getLast().sideRakeRad() > balances.getFirst().sideRakeRad();
        assertThat(line.points().getLast().y() > line.points().getFirst().y()).isEqualTo(rises);
        assertThat(plate.labels()).anyMatch(label -> label.text().equals("as it is"));
    }

    private static double taper(Map<String, String> fields, double rake) {
        Map<String, String> with = new HashMap<>(fields);
        with.put("sideRake", Math.toDegrees(rake) + "°");
        PlanAnswer plan = Planner.plan(new PlanRequest(with, PIN.units(), PIN.lathe()));
        assertThat(plan.worked()).isTrue();
        return plan.figure("taper").is();
    }

    @Test
    void facingHasNoTaperToHold() {
        assertThat(SetUpSearch.of(
                        TurningReader.cut(Shop.request("operation", "face", "finished", "0", "length", "0.5"))
                                .cut()
                                .orElseThrow(),
                        5))
                .isEmpty();
    }
}
