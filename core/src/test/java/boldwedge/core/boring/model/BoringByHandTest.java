package boldwedge.core.boring.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.boring.ask.BoreReader;
import boldwedge.core.cutting.CuttingForce;
import boldwedge.core.rigidity.BarSection;
import boldwedge.core.testing.Shop;
import java.util.ArrayList;
import java.util.List;
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
}
