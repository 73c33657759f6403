package boldwedge.core.families.boring.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.families.boring.entry.BoreReader;
import boldwedge.core.language.stock.Span;
import boldwedge.core.mechanics.cutting.FlankDamping;
import boldwedge.core.mechanics.cutting.SpeedChoice;
import boldwedge.core.mechanics.rigidity.Stability;
import boldwedge.core.mechanics.wedge.TypedSignature;
import boldwedge.core.testing.Shop;
import boldwedge.core.trial.Calibration;
import java.util.function.DoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** From which depth a bar sings over the speed, held to the band at the cut's own speed and to a search by small steps. */
class SingingTest {
    private static BoreCut cut(double overhang, double depth) {
        return BoreReader.cut(Shop.request(
                        "operation", "bore",
                        "material", "steel-alloy-annealed",
                        "boreStart", "28",
                        "boreFinished", "30",
                        "boreDepth", "40",
                        "barDiameter", "16",
                        "barLength", "200",
                        "barOverhang", overhang + "",
                        "boreDepthOfCut", depth + ""))
                .cut()
                .orElseThrow();
    }

    private static BoreCut heard(BoreCut cut, Calibration heard) {
        return BoreCut.of(cut.job().with(job -> job.heard(heard)), TypedSignature.all(cut.signature()));
    }

    private static double growthOverLimit(BoreCut cut, double depth, double rpm, Span own, Span flank, boolean high) {
        double damping = high ? own.high() : own.low();
        double perMm = (high ? flank.high() : flank.low())
                / (SpeedChoice.surfaceSpeed(rpm, cut.job().finishedMm()) * 1000 / 60);
        Stability damped = new Stability(cut.mode().hz(), cut.mode().stiffnessNPerMm(), damping)
                .damped(perMm * cut.growth().flankAt(depth));
        return cut.growth().growthAt(depth) - damped.limitAt(rpm);
    }

    /** Both sides at several speeds: by steps of a hundredth of the depth, from nothing, the first at which the push outgrows the limit. */
    @ParameterizedTest
    @CsvSource({"64, 60", "64, 210", "64, 900", "96, 60", "96, 210", "96, 900", "128, 45", "128, 320"})
    void aSearchBySmallStepsFindsTheSame(double overhang, double rpm) {
        BoreCut cut = cut(overhang, 0.2);
        double clearance = cut.wedge().endAngles(cut.used()).normalClearance();
        Span flank = FlankDamping.of(cut.job().work(), clearance);
        Span own = cut.job().barMaterial().damping();
        BoreCut.Band band = cut.bandOverSpeed(10).apply(rpm);
        for (boolean high : new boolean[] {false, true}) {
            double side = high ? band.singsMm() : band.surelyMm();
            double found = Double.POSITIVE_INFINITY;
            for (double depth = 0.002; depth < 10; depth *= 1.01) {
                if (growthOverLimit(cut, depth, rpm, own, flank, high) >= 0) {
                    found = depth;
                    break;
                }
            }
            if (Double.isInfinite(found)) {
                assertThat(side).isInfinite();
            } else {
                assertThat(side).as("high " + high).isCloseTo(found, within(0.012 * found));
            }
        }
    }

    @Test
    void atTheCutsOwnSpeedItIsTheCutsBand() {
        for (double overhang : new double[] {48, 80, 112, 128}) {
            BoreCut cut = cut(overhang, 0.15);
            BoreCut.Band band = cut.bandOverSpeed(10).apply(cut.cutting().rpm());
            assertThat(band.surelyMm()).isEqualTo(cut.quiet().surelyMm());
            assertThat(band.singsMm()).isEqualTo(cut.quiet().singsMm());
        }
    }

    /** What lies deeper than is of interest is infinite, what lies above it stays where it is. */
    @Test
    void whatLiesDeeperThanIsOfInterestIsNotLookedFor() {
        BoreCut cut = cut(128, 0.15);
        double rpm = cut.cutting().rpm();
        BoreCut.Quiet quiet = cut.quiet();
        assertThat(quiet.surelyMm()).isLessThan(quiet.singsMm());
        double between = Math.sqrt(quiet.surelyMm() * quiet.singsMm());
        BoreCut.Band shallow = cut.bandOverSpeed(quiet.surelyMm() / 2).apply(rpm);
        assertThat(shallow.surelyMm()).isGreaterThanOrEqualTo(quiet.surelyMm());
        assertThat(cut.bandOverSpeed(between).apply(rpm).surelyMm()).isEqualTo(quiet.surelyMm());
    }

    /** Heard quiet at more than was likely, the band moves up, at the cut's speed as its own band does; heard to sing at less, down. */
    @Test
    void whatWasHeardMovesItAtEverySpeed() {
        BoreCut untaught = cut(128, 0.15);
        double likely = untaught.quiet().likelyMm();
        DoubleFunction<BoreCut.Band> before = untaught.bandOverSpeed(10);
        for (boolean sang : new boolean[] {false, true}) {
            Calibration.Lesson lesson = new Calibration.Heard(sang ? likely / 2 : 2 * likely, likely, sang)
                    .lesson()
                    .orElseThrow();
            Calibration taught = Calibration.by(Calibration.Of.QUIET, Calibration.Sum.NONE.plus(lesson));
            BoreCut cut = heard(untaught, taught);
            DoubleFunction<BoreCut.Band> after = cut.bandOverSpeed(10);
            assertThat(after.apply(cut.cutting().rpm()).surelyMm())
                    .isEqualTo(cut.quiet().surelyMm());
            for (double rpm : new double[] {60, 140, 320}) {
                double was = before.apply(rpm).surelyMm();
                double is = after.apply(rpm).surelyMm();
                assertThat(sang ? was : is).as("sang " + sang + " at " + rpm).isGreaterThan(sang ? is : was);
            }
        }
    }
}
