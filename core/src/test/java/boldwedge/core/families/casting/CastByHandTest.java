package boldwedge.core.families.casting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.families.casting.entry.CastReader;
import boldwedge.core.families.casting.model.CastBore;
import boldwedge.core.families.casting.model.RawHole;
import boldwedge.core.family.Planner;
import boldwedge.core.family.TrialJudge;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.mechanics.holder.PressFit;
import boldwedge.core.mechanics.holder.PressFit.Elastic;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.testing.Shop;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Castings by hand: what sides keep, the axis, the first pass, shims, the bush by thick cylinders. */
class CastByHandTest {
    private static CastBore cut(String... more) {
        return CastReader.cut(Shop.request(with(more))).cut().orElseThrow();
    }

    private static String[] with(String... more) {
        String[] all = new String[more.length + 2];
        all[0] = "operation";
        all[1] = "bore-casting";
        System.arraycopy(more, 0, all, 2, more.length);
        return all;
    }

    private static Finding finding(PlanAnswer answer, String id) {
        return answer.findings().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static PlanAnswer plan(String... more) {
        return Planner.plan(Shop.request(with(more)));
    }

    /** A hole of 46.2 × 44.8 that lies 0.9 aside along the larger: (50 − 46.2)/2 − 0.9 = 1.0. */
    @Test
    void whatTheLeanestSideKeeps() {
        CastBore cut = cut("castBore", "50 mm", "holeWide", "46.2 mm", "holeTall", "44.8 mm", "holeAside", "0.9 mm");
        assertThat(cut.leastMm()).isCloseTo(1.0, within(1e-9));
        // Free to move it lies between both sides: 1.9 on the larger, and 2.6 on the smaller.
        CastBore free = cut(
                "castBore",
                "50 mm",
                "holeWide",
                "46.2 mm",
                "holeTall",
                "44.8 mm",
                "holeAside",
                "0.9 mm",
                "axisFree",
                "2 mm");
        assertThat(free.asideMm()).isCloseTo(0.9, within(1e-9));
        assertThat(free.leastMm()).isCloseTo(1.9, within(1e-9));
        assertThat(free.firstMm()).isCloseTo(46.2 + 2 * free.skinMm(), within(1e-9));
        assertThat(free.firstDepthMm()).isCloseTo(free.skinMm() + 0.7, within(1e-9));
    }

    /** No shift that is tried keeps more than the one that is chosen, whatever the hole. */
    @Test
    void noOtherAxisKeepsMore() {
        Random random = new Random(4);
        for (int i = 0; i < 300; i++) {
            RawHole hole = new RawHole(
                    40 + random.nextDouble(), random.nextGaussian(), 40 + random.nextDouble(), random.nextGaussian());
            double free = 2 * random.nextDouble();
            double chosen = hole.farthestMm(hole.shiftMm(free));
            for (double s = -free; s <= free; s += free / 50 + 1e-9) {
                assertThat(hole.farthestMm(s)).isGreaterThanOrEqualTo(chosen - 1e-9);
            }
        }
    }

    /** Bronze 20/26 in iron 60 outside, pressed by 0.03: 23 MPa, closes 0.022; 25 long with 0.12: 5.7 kN. */
    @Test
    void theBushByThickCylinders() {
        PressFit fit = new PressFit(26, 60, 20, 0.03, new Elastic(110_000, 0.26), new Elastic(105_000, 0.34));
        assertThat(fit.pressureMPa()).isCloseTo(23, within(0.5));
        assertThat(fit.closesMm()).isCloseTo(0.022, within(5e-4));
        assertThat(fit.forceN(25, 0.12) / 1000).isCloseTo(5.7, within(0.05));
        assertThat(fit.hoopMPa()).isCloseTo(23.3 * 4276 / 2924, within(0.5));
    }

    /** A thin ring on a solid, rigid pin: p = δ E t / (D r), hoop stress δ E / D (boiler formula). */
    @Test
    void aThinRingIsTheBoilersFormula() {
        PressFit ring = new PressFit(100, 102, 0, 0.05, new Elastic(210_000, 0.3), new Elastic(1e12, 0.3));
        assertThat(ring.hoopMPa()).isCloseTo(0.05 * 210_000 / 100, within(2.5));
        assertThat(ring.pressureMPa()).isCloseTo(ring.hoopMPa() * 1 / 50, within(0.05));
        // Equilibrium of half a ring: what presses inside is what the wall bears.
        assertThat(ring.pressureMPa() * 100)
                .isCloseTo(2 * 0.5 * (ring.hoopMPa() + ring.hoopMPa() - ring.pressureMPa()), within(3.0));
    }

    @Test
    void shimsTakenOutMakeItOutOfRound() {
        assertThat(cut("castBore", "32 mm", "holeWide", "28 mm", "holeTall", "28 mm", "castCap", "cap")
                        .alongMm())
                .isCloseTo(31.95, within(1e-9));
        PlanAnswer scrape = plan(
                "castBore",
                "32 mm",
                "holeWide",
                "28 mm",
                "holeTall",
                "28 mm",
                "castCap",
                "cap",
                "runningPlay",
                "0.06 mm");
        assertThat(finding(scrape, "cap-shims").verdict()).isEqualTo(Verdict.DOUBTFUL);
        assertThat(finding(scrape, "cap-shims").statement())
                .contains("Scrape it")
                .contains("31.95 mm");
        PlanAnswer holds = plan(
                "castBore",
                "32 mm",
                "holeWide",
                "28 mm",
                "holeTall",
                "28 mm",
                "castCap",
                "cap",
                "runningPlay",
                "0.15 mm");
        assertThat(finding(holds, "cap-shims").verdict()).isEqualTo(Verdict.FINE);
    }

    @Test
    void aLeanSideIsSaidBeforeTheFirstCut() {
        PlanAnswer lean = plan("castBore", "50 mm", "holeWide", "48 mm", "holeTall", "48 mm", "holeAside", "0.6 mm");
        Finding stock = finding(lean, "cast-stock");
        assertThat(stock.verdict()).isEqualTo(Verdict.WRONG);
        assertThat(stock.mends())
                .extracting("label")
                .anyMatch(label -> label.toString().contains("axis move"));
        assertThat(finding(lean, "cast-first").verdict()).isEqualTo(Verdict.DOUBTFUL);
        PlanAnswer moved = plan(
                "castBore",
                "52.5 mm",
                "holeWide",
                "48 mm",
                "holeTall",
                "48 mm",
                "holeAside",
                "0.6 mm",
                "axisFree",
                "0.6 mm");
        assertThat(finding(moved, "cast-stock").verdict()).isEqualTo(Verdict.FINE);
    }

    @Test
    void whatCannotBeIsToldBesideIt() {
        Map<String, String> wrong = Map.of(
                "castBore", "40 mm",
                "capShims", "1 mm",
                "bushInside", "60 mm",
                "housingOutside", "45 mm");
        PlanAnswer answer = plan(
                "castBore",
                "40 mm",
                "castCap",
                "cap",
                "capShims",
                "1 mm",
                "capGap",
                "0.5 mm",
                "castSeat",
                "bush",
                "bushInside",
                "60 mm",
                "housingOutside",
                "39 mm");
        assertThat(answer.worked()).isFalse();
        assertThat(answer.fields().stream()
                        .filter(field -> !field.error().isEmpty())
                        .map(field -> field.id()))
                .containsAll(wrong.keySet());
    }

    @Test
    void theTrialsSignsNameTheirCause() {
        assertThat(cause("across", "50 mm", "along", "49.95 mm")).isEqualTo("cap-drawn-down");
        assertThat(cause("across", "50 mm", "along", "50.05 mm")).isEqualTo("cap-lifts");
        assertThat(cause("across", "49.98 mm", "along", "49.98 mm")).isEqualTo("measured-warm");
        assertThat(cause("across", "49.8 mm", "along", "49.8 mm")).isEqualTo("not-dialled");
        assertThat(cause("skin", "one-side")).isEqualTo("axis-off");
        assertThat(cause("inside", "39.8 mm")).isEqualTo("pressed-more");
    }

    private static String cause(String... readings) {
        java.util.HashMap<String, String> seen = new java.util.HashMap<>();
        for (int i = 0; i < readings.length; i += 2) {
            seen.put(readings[i], readings[i + 1]);
        }
        TrialAnswer answer = TrialJudge.prove(new TrialRequest(
                Shop.request(with("castBore", "50 mm", "castCap", "cap", "castSeat", "bush", "bushInside", "40 mm")),
                seen));
        return answer.causes().getFirst().id();
    }
}
