package boldwedge.core.families.boring.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.families.boring.entry.BoreReader;
import boldwedge.core.mechanics.cutting.CuttingForce;
import boldwedge.core.mechanics.cutting.EdgePress;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.rigidity.BarSection;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.testing.Shop;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

/** Composed figures of a bored cut, worked out again by hand from what was typed. */
class BoringByHandTest {
    private static final Offset<Double> SAME = within(1e-9);

    private static BoreCut cut(String... fields) {
        List<String> all = new ArrayList<>(
                List.of("operation", "bore", "boreStart", "28", "boreFinished", "30", "boreDepth", "40"));
        all.addAll(List.of(fields));
        return BoreReader.cut(Shop.request(all.toArray(String[]::new))).cut().orElseThrow();
    }

    private static double round(double d) {
        return Math.PI * d * d * d * d / 64;
    }

    /** Force times the give of bar and holder; depth over feed and speed; overhang over diameter, or over the nose's where that is most of it. */
    @Test
    void dropTimeAndSlenderness() {
        BoreCut cut = cut(
                "barDiameter", "16", "barLength", "150", "barOverhang", "64", "boreFeed", "0.05", "boreSpeed", "320");
        assertThat(cut.passMinutes()).isCloseTo(40 / (0.05 * 320), SAME);
        assertThat(cut.dropMm())
                .isCloseTo(cut.cutting().force().cuttingN() * cut.stiffness().tool(), SAME);
        assertThat(cut.slenderness()).isCloseTo(4, SAME);
        assertThat(cut.job().held().slenderness(cut.job())).isCloseTo(4, SAME);
        BoreCut nosed = cut(
                "barDiameter", "16", "barLength", "150", "barOverhang", "64", "neckDiameter", "12", "neckLength", "50");
        assertThat(nosed.slenderness()).isCloseTo(64 / 12.0, SAME);
        BoreCut shortNose = cut(
                "barDiameter", "16", "barLength", "150", "barOverhang", "64", "neckDiameter", "12", "neckLength", "30");
        assertThat(shortNose.slenderness()).isCloseTo(4, SAME);
    }

    /** From the axis of the bar to its point: its radius and the stock with three tenths clear, or a quarter of the bit where that is more. */
    @Test
    void theReachOfThePoint() {
        BoreCut cut = cut("barDiameter", "16", "barLength", "150", "barOverhang", "64", "boreBit", "hss-4mm");
        assertThat(BoreCut.reach(cut.job())).isCloseTo(8 + Math.max(1 + 0.3, 4 / 4.0), SAME);
        BoreCut little = cut(
                "boreStart",
                "29.8",
                "barDiameter",
                "16",
                "barLength",
                "150",
                "barOverhang",
                "64",
                "boreBit",
                "hss-8mm");
        assertThat(BoreCut.reach(little.job())).isCloseTo(8 + 2, SAME);
    }

    /** The pieces of a bar with a nose: shank, nose, and the nose's end with the cross-hole in it; together they are the overhang. */
    @Test
    void thePiecesOfABar() {
        BoreCut cut = cut(
                "barDiameter",
                "16",
                "barLength",
                "150",
                "barOverhang",
                "64",
                "neckDiameter",
                "12",
                "neckLength",
                "30",
                "boreBit",
                "hss-4mm");
        List<BarSection> pieces = cut.bar().sections();
        assertThat(pieces).hasSize(3);
        assertThat(pieces.get(0).lengthMm()).isCloseTo(64 - 30, SAME);
        assertThat(pieces.get(0).outerMm()).isCloseTo(16, SAME);
        // Half of a square hole of the bit's width, two hundredths of it clear: 0.51 × 4.
        assertThat(pieces.get(2).lengthMm()).isCloseTo(0.51 * 4, SAME);
        assertThat(pieces.get(1).lengthMm()).isCloseTo(30 - 0.51 * 4, SAME);
        assertThat(pieces.get(2).outerMm()).isCloseTo(12, SAME);
        assertThat(pieces.stream().mapToDouble(BarSection::lengthMm).sum()).isCloseTo(64, SAME);
        // By hand: cantilever of a shank and a nose, without the hole, from the moments of a newton at the end.
        double e = cut.job().barMaterial().modulusMPa();
        double byHand =
                (Math.pow(64, 3) - Math.pow(30, 3)) / (3 * e * round(16)) + Math.pow(30, 3) / (3 * e * round(12));
        assertThat(cut.bar().barCompliance()).isBetween(byHand, 1.08 * byHand);
    }

    /** Between centres: F·a·b/L bends a simple beam, and half its diameter over its second moment is the stress. */
    @Test
    void betweenCentres() {
        BoreCut cut =
                cut("barHeld", "centres", "barDiameter", "20", "barSpan", "300", "cutterAt", "100", "barLength", "320");
        double moment = 100 * 200 / 300.0;
        assertThat(cut.job().held().stressPerNewton(cut.job(), cut.bar())).isCloseTo(moment * 10 / round(20), SAME);
        double ei = cut.job().barMaterial().modulusMPa() * round(20);
        assertThat(cut.stiffness().barMmPerN()).isCloseTo(100.0 * 100 * 200 * 200 / (3 * ei * 300), SAME);
        double head = cut.job().lathe().chuckOrAssumed();
        double tail = cut.job().lathe().tailstockOrAssumed();
        // Two thirds of the force go to the nearer end.
        assertThat(cut.stiffness().tool() - cut.stiffness().barMmPerN())
                .isCloseTo(4 / 9.0 / head + 1 / 9.0 / tail, within(1e-12));
        assertThat(cut.job().held().slenderness(cut.job())).isCloseTo(300 / 20.0 / 3, SAME);
        // Its first half-wave: f = π/2 · √(EI / m L⁴).
        double perMm = cut.job().barMaterial().densityGramPerCm3() * 1e-6 * Math.PI * 100 / 1000;
        double hz = Math.PI / 2 * Math.sqrt(ei / (perMm * Math.pow(300, 4)));
        assertThat(cut.mode().hz()).isCloseTo(hz, within(0.02 * hz));
        // The mass that swings at the cutter: half the bar over the square of the wave's height there.
        double swings = perMm * 300 / 2 / Math.pow(Math.sin(Math.PI / 3), 2);
        double k = 4 * Math.PI * Math.PI * hz * hz * swings;
        assertThat(cut.mode().stiffnessNPerMm())
                .isCloseTo(Math.min(k, 1 / cut.stiffness().tool()), within(0.03 * k));
        // Clamped at one end it is the clamp's moment instead.
        BoreCut clamped = cut("barDiameter", "20", "barLength", "150", "barOverhang", "60");
        assertThat(clamped.job().held().stressPerNewton(clamped.job(), clamped.bar()))
                .isCloseTo(60 * 10 / round(20), within(0.05));
    }

    /** The work in the chuck: the tube's cantilever, the chuck across and the chuck against turning; on a carriage half a holder's give. */
    @Test
    void theWorkGives() {
        BoreCut cut = cut(
                "outside", "50", "boreStickOut", "60", "barDiameter", "16", "barLength", "150", "barOverhang", "64");
        double ei = cut.job().work().modulusMPa() * (round(50) - round(30));
        double chuck = cut.job().lathe().chuckOrAssumed();
        double tilt = cut.job().lathe().chuckTiltOrAssumed();
        assertThat(BoreCut.workGive(cut.job(), 0))
                .isCloseTo(60 * 60 * 60 / (3 * ei) + 1 / chuck + 3600 / tilt, within(1e-12));
        assertThat(BoreCut.workGive(cut.job(), 40))
                .isCloseTo(20 * 20 * 20 / (3 * ei) + 1 / chuck + 400 / tilt, within(1e-12));
        BoreCut carried =
                cut("barHeld", "centres", "barDiameter", "20", "barSpan", "300", "cutterAt", "100", "barLength", "320");
        assertThat(BoreCut.workGive(carried.job(), 7))
                .isCloseTo(0.5 / carried.job().lathe().postOrAssumed(), SAME);
    }

    /** The push grows with depth as two cuts tell, and an out-of-round start leaves D c / (1 + D c) of itself. */
    @Test
    void whatIsLeftOfAnOutOfRoundStart() {
        BoreCut cut = cut(
                "barDiameter",
                "16",
                "barLength",
                "150",
                "barOverhang",
                "64",
                "boreDepthOfCut",
                "0.4",
                "boreSideEdge",
                "15",
                "boreFeed",
                "0.1");
        CuttingForce[] two = new CuttingForce[2];
        for (int i = 0; i < 2; i++) {
            two[i] = CuttingForce.of(
                    cut.job().work(),
                    cut.cutting().at().press(),
                    cut.cutting().profile(),
                    cut.cutting().normalRake(),
                    0.4 + 0.01 * i,
                    0.1);
        }
        double growth = (two[1].pushN() - two[0].pushN()) / 0.01;
        assertThat(growth).isGreaterThan(1);
        assertThat(cut.pushGrowthNPerMm()).isCloseTo(Math.max(0, growth), within(0.02 * Math.abs(growth) + 1e-6));
        double dc = cut.pushGrowthNPerMm()
                * (cut.stiffness().tool() + cut.stiffness().workMmPerN());
        assertThat(cut.roundnessLeft(0.5)).isCloseTo(0.5 * dc / (1 + dc), SAME);
    }

    /** The flank damps c·b/v: coefficient, breadth, over the speed in mm/s, added to the mode's own. */
    @Test
    void theFlankDamps() {
        BoreCut cut = cut("barDiameter", "16", "barLength", "150", "barOverhang", "64", "boreSpeed", "320");
        assertThat(cut.mmPerSecond()).isCloseTo(Math.PI * 30 * 320 / 60, within(1e-6));
        assertThat(cut.flankMm()).isPositive();
        double damper = cut.flankNPerMm().chosen() * cut.flankMm() / cut.mmPerSecond();
        double own = cut.mode().damping();
        double w = 2 * Math.PI * cut.mode().hz();
        assertThat(cut.damped().damping())
                .isCloseTo(own + damper * w / (2 * cut.mode().stiffnessNPerMm()), within(0.02 * own));
    }

    /** A cored hole of 44.8, 1.4 out of round, to 50: half of 1.4 and a millimetre of skin first, the rest of 2.6 after it. */
    @Test
    void theFirstPassGetsUnderTheSkin() {
        BoreCut cut = cut(
                "boreStart",
                "44.8",
                "boreFinished",
                "50",
                "outOfRound",
                "1.4",
                "material",
                "iron-grey",
                "barDiameter",
                "30",
                "barLength",
                "200",
                "barOverhang",
                "70");
        BoreCut.Passes passes = cut.passes();
        assertThat(passes.skinMm()).isCloseTo(0.7 + 1, SAME);
        assertThat(passes.skinMm() + (passes.rough() - 1) * passes.roughMm() + passes.finish() * passes.finishMm())
                .isCloseTo(2.6, SAME);
        assertThat(cut.leastStockMm()).isCloseTo(2.6 - 0.7, SAME);
    }

    /** 28 to 30 with a last pass of 0.2: 1 each side, two last passes, 0.6 roughed in equal passes no finer than the last. */
    @Test
    void passesAddUp() {
        BoreCut cut = cut(
                "barDiameter",
                "20",
                "barLength",
                "150",
                "barOverhang",
                "50",
                "boreDepthOfCut",
                "0.2",
                "material",
                "brass-free");
        BoreCut.Passes passes = cut.passes();
        assertThat(passes.finish()).isEqualTo(2);
        assertThat(passes.finishMm()).isCloseTo(0.2, SAME);
        assertThat(passes.rough() * passes.roughMm()).isCloseTo(1 - 2 * 0.2, SAME);
        assertThat(passes.roughMm()).isGreaterThanOrEqualTo(0.2 - 1e-9);
        // Enough stock for many: each is as deep as the bit's size lets it, 0.12 w + 0.3, or less.
        BoreCut deep = cut(
                "boreStart",
                "20",
                "barDiameter",
                "16",
                "barLength",
                "150",
                "barOverhang",
                "50",
                "boreDepthOfCut",
                "0.2",
                "material",
                "brass-free",
                "boreBit",
                "hss-5mm");
        assertThat(deep.passes().roughMm()).isLessThanOrEqualTo(0.12 * 5 + 0.3 + 1e-9);
        assertThat(deep.passes().rough() * deep.passes().roughMm()).isCloseTo(5 - 0.4, SAME);
        // What was 1.8 of passes or less is one.
        BoreCut one = cut(
                "boreStart",
                "29.8",
                "boreDepthOfCut",
                "0.1",
                "barDiameter",
                "16",
                "barLength",
                "150",
                "barOverhang",
                "50");
        assertThat(one.passes().rough()).isZero();
    }

    /** Push and feed force stand square to each other: their sum is the thrust. */
    @Test
    void theThrust() {
        BoreCut cut = cut("barDiameter", "16", "barLength", "150", "barOverhang", "64");
        double push = cut.cutting().force().pushN();
        double feed = cut.cutting().force().feedN();
        assertThat(cut.thrustN())
                .isCloseTo(Math.sqrt(push * push + feed * feed), within(1e-9))
                .isPositive();
    }

    /** A pass to be roughed, as its limits let it: the numbers of the limits by hand, in the order in which they are asked. */
    private static int passesOf(BoreCut cut, double rough, double mostMm) {
        double last = cut.job().depthMm();
        double most = Math.max(mostMm, Math.min(rough, last));
        return (int) Math.min(Math.ceil(rough / most - 1e-9), Math.floor(rough / last + 1e-9));
    }

    private static CuttingForce force(BoreCut cut, double depthMm) {
        return CuttingForce.of(
                cut.job().work(),
                EdgePress.of(cut.job().tool(), cut.job().work()),
                cut.cutting().profile(),
                cut.cutting().normalRake(),
                depthMm,
                0.1);
    }

    private static void isTakenIn(BoreCut cut, int passes, String limitedBy) {
        assertThat(cut.passes().limitedBy()).isEqualTo(limitedBy);
        assertThat(cut.passes().rough()).isEqualTo(passes);
        assertThat(cut.passes().roughMm()).isCloseTo((3 - 0.2) / passes, SAME);
    }

    private static BoreCut slim(String bar, String overhang, String material, String bit) {
        double start = Double.parseDouble(bar) / 0.7;
        return cut(
                "boreStart",
                Double.toString(start),
                "boreFinished",
                Double.toString(start + 6),
                "boreDepth",
                "5",
                "barDiameter",
                bar,
                "barLength",
                "200",
                "barOverhang",
                overhang,
                "boreDepthOfCut",
                "0.1",
                "material",
                material,
                "boreBit",
                bit);
    }

    /** 3 mm each side, two last passes of 0.1: 2.8 to rough, each pass a bit of 3 mm takes being 0.12 × 3 + 0.3 = 0.66. */
    @Test
    void roughingIsLimitedByTheBitsSize() {
        isTakenIn(slim("4", "8", "acetal", "hss-3mm"), 5, "the bit's size");
    }

    /** Four fifths of the depth at which it is likely to sing. */
    @Test
    void roughingIsLimitedByChatter() {
        BoreCut cut = slim("8", "48", "brass-free", "hss-4mm");
        double stable = cut.quiet().likelyMm();
        assertThat(0.8 * stable).isBetween(0.1, 0.4);
        isTakenIn(cut, passesOf(cut, 2.8, 0.8 * stable), "chatter");
    }

    /** A third of its bar's yield: force times the stress of a newton. */
    @Test
    void roughingIsLimitedByTheBarsStrength() {
        BoreCut cut = slim("4", "8", "brass-free", "hss-3mm");
        double perNewton = cut.job().held().stressPerNewton(cut.job(), cut.bar());
        double stress = perNewton * force(cut, 0.66).cuttingN();
        double bears = cut.job().barMaterial().yieldMPa() / 3;
        assertThat(stress).isGreaterThan(bears);
        isTakenIn(cut, passesOf(cut, 2.8, 0.66 * bears / stress), "the bar's strength");
    }

    /** Two thirds of what a small motor has at the spindle, at the speed of the finished hole. */
    @Test
    void roughingIsLimitedByPower() {
        PlanRequest asked = Shop.request(
                "operation", "bore", "boreStart", "7", "boreFinished", "13", "boreDepth", "5", "barDiameter", "5");
        Map<String, String> fields = new HashMap<>(asked.fields());
        fields.putAll(Map.of("barLength", "200", "barOverhang", "10", "boreDepthOfCut", "0.1", "boreBit", "hss-3mm"));
        Lathe small = Shop.lathe(Map.of("motor", "0.1 kW"));
        BoreCut cut = BoreReader.cut(new PlanRequest(fields, asked.units(), Optional.of(small)))
                .cut()
                .orElseThrow();
        double watts = small.motorWatt() * small.efficiency() * 2 / 3;
        double needs =
                force(cut, 0.66).cuttingN() * Math.PI * 0.013 * cut.cutting().rpm() / 60;
        assertThat(needs).isGreaterThan(watts);
        isTakenIn(cut, passesOf(cut, 2.8, 0.66 * watts / needs), "power");
    }

    /** Where the bit crosses a bar of 16: a width behind the end when square; at 45° its axis meets the bar's half the bar and a quarter of its own half in. */
    @Test
    void whereTheBitCrosses() {
        BoreCut square = cut(
                "barDiameter", "16", "barLength", "150", "barOverhang", "64", "boreBit", "hss-4mm", "bitAngle", "90°");
        assertThat(BarEnd.crossing(square.job())).isCloseTo(4, SAME);
        assertThat(BarEnd.leadsBy(square.job())).isCloseTo(-2, SAME);
        BoreCut leaning = cut(
                "barDiameter", "16", "barLength", "150", "barOverhang", "64", "boreBit", "hss-4mm", "bitAngle", "45°");
        double behind = 8 + 2 * Math.sqrt(2) * 0.25;
        assertThat(BarEnd.crossing(leaning.job())).isCloseTo(behind, SAME);
        // The point stands the bar's radius and the stock with three tenths out: as far along the bar at 45°.
        assertThat(BarEnd.leadsBy(leaning.job())).isCloseTo(8 + 1.3 - behind, SAME);
        BoreCut steeper = cut(
                "barDiameter", "16", "barLength", "150", "barOverhang", "64", "boreBit", "hss-4mm", "bitAngle", "60°");
        assertThat(BarEnd.crossing(steeper.job())).isCloseTo(8 / Math.sqrt(3) + 2 / (Math.sqrt(3) / 2) * 0.25, SAME);
        BoreCut insert = cut("barDiameter", "16", "barLength", "150", "barOverhang", "64", "boreBit", "insert-80-6");
        double circle = insert.job().insert().orElseThrow().circleMm();
        assertThat(BarEnd.crossing(insert.job())).isCloseTo(0.4 * circle, SAME);
        assertThat(BarEnd.leadsBy(insert.job())).isCloseTo(0.1 * circle, SAME);
    }
}
