package boldwedge.core.families.turning.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.families.turning.entry.TurningReader;
import boldwedge.core.families.turning.model.TurningCut.Roughing;
import boldwedge.core.testing.Shop;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

/** Composed figures of a turned cut, worked out again by hand from what was typed. */
class TurningByHandTest {
    private static final Offset<Double> SAME = within(1e-9);

    private static TurningCut cut(String... fields) {
        return TurningReader.cut(Shop.request(fields)).cut().orElseThrow();
    }

    /** 40 to 38 over 60, a pass of 0.4 at 0.1 mm/rev and 320 rpm: 60 / 32 min; chip midway at 38.4. */
    @Test
    void aPassInTimeAndMetal() {
        TurningCut cut = cut(
                "diameter",
                "40",
                "finished",
                "38",
                "length",
                "60",
                "stickOut",
                "80",
                "depth",
                "0.4",
                "feed",
                "0.1",
                "speed",
                "320");
        assertThat(cut.pathMm()).isCloseTo(60, SAME);
        assertThat(cut.passMinutes()).isCloseTo(60 / (0.1 * 320), SAME);
        // The last pass starts at 38 + 2 × 0.4.
        assertThat(cut.chipDiameterMm()).isCloseTo(38.4, SAME);
        assertThat(cut.removalCm3PerMin()).isCloseTo(0.4 * 0.1 * Math.PI * 38.4 * 320 / 1000, SAME);
        double push = cut.cutting().force().pushN();
        double feed = cut.cutting().force().feedN();
        assertThat(cut.thrustN()).isCloseTo(Math.sqrt(push * push + feed * feed), within(1e-9));
        // The work bends as a bar of the diameter midway between the pass and the finished size.
        assertThat(cut.holding().diameterMm()).isCloseTo((38.8 + 38) / 2, SAME);
        assertThat(cut.holding().freeLengthMm()).isCloseTo(80, SAME);
    }

    /** A face is fed from half of 40 to half of 10, and is fastest at its outside. */
    @Test
    void aFaceIsFedInwards() {
        TurningCut cut = cut(
                "operation",
                "face",
                "diameter",
                "40",
                "finished",
                "10",
                "length",
                "0.4",
                "stickOut",
                "30",
                "feed",
                "0.1",
                "speed",
                "320");
        assertThat(cut.pathMm()).isCloseTo(15, SAME);
        assertThat(cut.passMinutes()).isCloseTo(15 / 32.0, SAME);
        assertThat(cut.chipDiameterMm()).isCloseTo(40, SAME);
        assertThat(cut.holding().diameterMm()).isCloseTo(40, SAME);
        // Facing pushes along the axis: nothing bends, and both ends give alike.
        assertThat(cut.pushOff().taperMm()).isCloseTo(0, within(1e-12));
        // Its stock is what comes off the face, in one pass here.
        assertThat(cut.roughing().passes()).isZero();
    }

    /** 50 to 40 in free-cutting brass, so that power leaves it to the bit: 5 each side less the last pass, in equal passes no deeper than a fifth of it. */
    @Test
    void roughingIsInEqualPasses() {
        TurningCut cut = cut(
                "material",
                "brass-free",
                "diameter",
                "50",
                "finished",
                "40",
                "length",
                "30",
                "stickOut",
                "40",
                "depth",
                "0.5",
                "tolerance",
                "±0.05",
                "blank",
                "hss-10mm",
                "speed",
                "90");
        Roughing rough = cut.roughing();
        assertThat(rough.last()).isEqualTo(1);
        assertThat(rough.passes() * rough.depthMm()).isCloseTo(4.5, SAME);
        assertThat(rough.passes()).isEqualTo(3);
        assertThat(rough.depthMm()).isCloseTo(1.5, SAME);
        // The lathe's coarsest feed that is no coarser than 0.2.
        assertThat(rough.feedMm()).isCloseTo(0.2, SAME);
    }

    /** Where the power is short the passes are shallower: twice the speed takes twice the power, and at least as many passes. */
    @Test
    void powerLimitsRoughing() {
        String[] tough = {
            "material",
            "steel-alloy-30hrc",
            "diameter",
            "80",
            "finished",
            "68",
            "length",
            "30",
            "stickOut",
            "40",
            "depth",
            "0.5",
            "tolerance",
            "±0.05",
            "blank",
            "hss-1-2",
            "speed",
            "140"
        };
        Roughing slow = cut(tough).roughing();
        tough[tough.length - 1] = "480";
        TurningCut fast = cut(tough);
        assertThat(fast.roughing().passes()).isGreaterThan(slow.passes());
        assertThat(fast.roughing().passes() * fast.roughing().depthMm()).isCloseTo(5.5, SAME);
    }

    /** A close tolerance is come up to in two equal last passes; a pass is never finer than the finishing cut. */
    @Test
    void aCloseSizeIsSneakedUpTo() {
        TurningCut close = cut(
                "diameter",
                "26",
                "finished",
                "24",
                "length",
                "30",
                "stickOut",
                "40",
                "depth",
                "0.25",
                "tolerance",
                "±0.02");
        assertThat(close.roughing().last()).isEqualTo(2);
        assertThat(close.roughing().passes() * close.roughing().depthMm()).isCloseTo(0.5, SAME);
        assertThat(close.roughing().depthMm()).isGreaterThanOrEqualTo(0.25 - 1e-9);
        // 0.625 is 0.375 and 0.25, not 0.125 and twice 0.25: no pass is finer than the finishing cut.
        TurningCut between = cut(
                "diameter",
                "25.25",
                "finished",
                "24",
                "length",
                "30",
                "stickOut",
                "40",
                "depth",
                "0.25",
                "tolerance",
                "±0.02");
        assertThat(between.roughing().last()).isEqualTo(1);
        assertThat(between.roughing().passes()).isEqualTo(1);
        assertThat(between.roughing().depthMm()).isCloseTo(0.375, SAME);
        TurningCut little = cut(
                "diameter",
                "24.5",
                "finished",
                "24",
                "length",
                "30",
                "stickOut",
                "40",
                "depth",
                "0.25",
                "tolerance",
                "±0.02");
        assertThat(little.roughing().passes()).isZero();
        assertThat(little.roughing().last()).isEqualTo(1);
    }

    /** A bit of high-speed steel is its own shank; a brazed tip stands on hardened steel. The drop is force times Timoshenko's cantilever. */
    @Test
    void thePointGoesDownAsTheShankBends() {
        for (String blank : new String[] {"hss-10mm", "brazed-10mm-0"}) {
            TurningCut cut = cut(
                    "diameter",
                    "40",
                    "finished",
                    "38",
                    "length",
                    "30",
                    "stickOut",
                    "40",
                    "blank",
                    blank,
                    "overhang",
                    "30");
            double modulus = blank.startsWith("hss") ? cut.job().tool().modulusMPa() : 207_000;
            double b = cut.job().blank().widthMm();
            double h = cut.job().blank().heightMm();
            double bends = Math.pow(30, 3) / (3 * modulus * b * Math.pow(h, 3) / 12);
            double drop = cut.toolDropMm() / cut.cutting().force().cuttingN();
            assertThat(drop).as(blank).isBetween(0.95 * bends, 1.25 * bends);
        }
    }
}
