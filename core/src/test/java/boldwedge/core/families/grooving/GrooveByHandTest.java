package boldwedge.core.families.grooving;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.families.grooving.entry.GrooveReader;
import boldwedge.core.families.grooving.model.FaceSweep;
import boldwedge.core.families.grooving.model.Groove;
import boldwedge.core.families.grooving.model.GrooveCut;
import boldwedge.core.language.stock.RingGroove;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.ThreadRelief;
import boldwedge.core.language.stock.Undercut;
import boldwedge.core.mechanics.rigidity.Beam;
import boldwedge.core.testing.Shop;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Grooves by hand: the tables by their laws, the face's wall by walking down it, plunges by laying them side by side. */
class GrooveByHandTest {
    private static GrooveCut cut(String... fieldsAndTexts) {
        return GrooveReader.cut(Shop.request(fieldsAndTexts)).cut().orElseThrow();
    }

    /** A ring's groove is a tenth wider than the ring, fifteen hundredths from two millimetres on. */
    @Test
    void everyRowOfTheRingsKeepsTheirLaws() {
        double before = 0;
        boolean bore = false;
        for (RingGroove ring : StockCatalogue.shipped().circlips()) {
            double more = ring.thickMm() >= 2 ? 0.15 : 0.1;
            assertThat(ring.widthMm()).as(ring.toString()).isCloseTo(ring.thickMm() + more, within(1e-9));
            double depth = (ring.inBore() ? 1 : -1) * (ring.bottomMm() - ring.nominalMm()) / 2;
            assertThat(depth).as(ring.toString()).isBetween(0.099, 1.8);
            assertThat(depth / ring.nominalMm()).as(ring.toString()).isBetween(0.017, 0.035);
            // The bores follow the shafts.
            assertThat(ring.nominalMm() > before || ring.inBore() != bore)
                    .as(ring.toString())
                    .isTrue();
            bore = ring.inBore();
            before = ring.nominalMm();
        }
        assertThat(StockCatalogue.shipped().circlips()).hasSizeGreaterThan(80);
    }

    /** Undercuts: three and a half pitches wide, about a pitch and a half under the thread. */
    @Test
    void everyRowOfTheReliefsKeepsTheirLaws() {
        for (ThreadRelief relief : StockCatalogue.shipped().reliefs()) {
            assertThat(relief.widthMm() / relief.pitchMm())
                    .as(relief.toString())
                    .isCloseTo(3.5, within(0.08));
            assertThat(relief.underMm() / relief.pitchMm())
                    .as(relief.toString())
                    .isCloseTo(1.5, within(0.13));
        }
    }

    /** At a shoulder radius, a floor and the run-out have room in the width; a mate's corner clears where the radius ends. */
    @Test
    void everyRowOfTheUndercutsKeepsItsShape() {
        for (Undercut row : StockCatalogue.shipped().undercuts()) {
            double runOut = row.depthMm() / Math.tan(Undercut.RUN_OUT_RAD);
            assertThat(row.radiusMm() + runOut).as(row.toString()).isLessThan(row.widthMm());
            assertThat(row.radiusMm()).as(row.toString()).isGreaterThan(row.depthMm());
        }
        // Every shaft from 1.6 to 600 has one and only one for a usual load.
        for (double d = 1.7; d < 600; d *= 1.05) {
            double at = d;
            assertThat(StockCatalogue.shipped().undercuts().stream().filter(row -> !row.changing() && row.suits(at)))
                    .as("at " + d)
                    .hasSize(1);
        }
    }

    /** A thirty shaft: radius 0.6, three tenths deep, two and a half wide: 29.4 at the floor; what seats there clears 0.3; its run-out 0.3 / tan 15° = 1.12 long. */
    @Test
    void anUndercutByHand() {
        Groove groove = cut("operation", "ring-groove", "grooveFor", "undercut", "grooveAround", "30 mm")
                .job()
                .groove();
        assertThat(groove.bottomMm()).isCloseTo(29.4, within(1e-9));
        assertThat(groove.widthMm()).isCloseTo(2.5, within(1e-9));
        assertThat(groove.mateMm()).isCloseTo(0.3, within(1e-9));
        assertThat(groove.runOutMm()).isCloseTo(1.1196, within(1e-4));
        Groove bent = cut(
                        "operation",
                        "ring-groove",
                        "grooveFor",
                        "undercut",
                        "grooveAround",
                        "30 mm",
                        "undercutRadius",
                        "1 mm")
                .job()
                .groove();
        assertThat(bent.bottomMm()).isCloseTo(29.6, within(1e-9));
    }

    @Test
    void theWallStandsIn() {
        assertThat(new FaceSweep(22, 9).standsInMm()).isCloseTo(1.925, within(5e-4));
    }

    /** A flat side that leans so touches the wall nowhere from the edge to its foot, and at a hair less it does. */
    @ParameterizedTest
    @CsvSource({"22,9", "30,8", "12,10", "100,16", "9,6.35"})
    void theSmallestGrooveByWalkingDown(double outer, double under) {
        double lean = new FaceSweep(outer, under).leanRad();
        assertThat(FaceSweep.smallestMm(under, lean)).isCloseTo(outer, within(1e-9));
        for (double z = under / 200; z <= under; z += under / 200) {
            assertThat(z * Math.tan(lean)).isGreaterThanOrEqualTo(new FaceSweep(outer, z).standsInMm() - 1e-12);
        }
        double smaller = 0.999 * outer;
        assertThat(under * Math.tan(lean)).isLessThan(new FaceSweep(smaller, under).standsInMm());
        double stands = new FaceSweep(outer, under).standsInMm();
        assertThat(FaceSweep.mostUnderMm(outer, stands)).isCloseTo(under, within(1e-9));
    }

    /** A cord of 3.53 pressed by a fifth, a tenth between the parts: 2.774 deep; the room is 2.824, of which 4.747 wide is filled by 73 %. */
    @Test
    void aSealByHand() {
        double depth = Groove.sealDepthMm(3.53, 0.2, 0.1);
        assertThat(depth).isCloseTo(2.774, within(1e-9));
        double width = Groove.sealWidthMm(3.53, depth + 0.05);
        assertThat(width).isCloseTo(4.747, within(5e-4));
        double area = Math.PI * 3.53 * 3.53 / 4;
        assertThat(area / ((depth + 0.05) * width)).isCloseTo(Groove.USUAL_FILL, within(1e-12));
    }

    /** Widths that cords are given by the public tables: 2.4, 3.6, 4.8, 7.1 and 9.5 mm. */
    @ParameterizedTest
    @CsvSource({"1.78,2.4", "2.62,3.6", "3.53,4.8", "5.33,7.1", "6.99,9.5"})
    void widthsNearTheUsualTables(double cord, double usual) {
        assertThat(Groove.sealWidthMm(cord, 0.8 * cord)).isCloseTo(usual, within(0.15));
    }

    /** Plunges laid side by side cover the whole width, overlap, and end at it. */
    @ParameterizedTest
    @CsvSource({"10,2.6", "10,3", "6,1.6", "20,5", "9.9,5", "10,9.9"})
    void plungesFillTheWidth(double width, double tip) {
        GrooveCut cut = cut(
                "operation",
                "ring-groove",
                "grooveFor",
                "own-outside",
                "grooveAround",
                "80 mm",
                "grooveBottom",
                "74 mm",
                "grooveWidth",
                width + " mm",
                "grooveTolerance",
                "±0.02 mm",
                "grooveTip",
                tip + " mm",
                "grooveBit",
                "hss-16mm");
        double covered = 0;
        for (int i = 0; i < cut.plunges(); i++) {
            double from = i * cut.stepMm();
            assertThat(from).isLessThanOrEqualTo(covered + 1e-9);
            covered = from + cut.tipMm();
        }
        assertThat(covered).isCloseTo(width, within(1e-9));
        assertThat(cut.plunges()).isEqualTo((int) Math.ceil((width - tip) / (0.9 * tip) - 1e-9) + 1);
    }

    /** Force by Kienzle at the reference rake, its spring and what a turn leaves, by hand. */
    @Test
    void forceAndSpringByHand() {
        GrooveCut cut = cut(
                "operation",
                "ring-groove",
                "grooveFor",
                "circlip-shaft",
                "material",
                "steel-low-carbon",
                "grooveAround",
                "30 mm",
                "grooveRake",
                "6°",
                "grooveTip",
                "1.6 mm",
                "grooveFeed",
                "0.04 mm/rev",
                "grooveDwell",
                "1",
                "grooveBit",
                "hss-8mm",
                "grooveOut",
                "2.5 mm");
        double chips = 1780 * 1.6 * Math.pow(0.04, 0.83);
        double own = 1780.0 / 1800;
        assertThat(cut.force().cuttingN()).isCloseTo(chips + own * 7 * 1.6, within(1e-6));
        double thrust = chips * Math.tan(Math.toRadians(34 - 6)) + own * 10 * 1.6;
        assertThat(cut.force().thrustN()).isCloseTo(thrust, within(1e-6));
        double growth = 0.83 * 1780 * 1.6 * Math.pow(0.04, -0.17) * Math.tan(Math.toRadians(28));
        double g = cut.givesMmPerN();
        assertThat(cut.leftMm()).isCloseTo(thrust * g * growth * g / (1 + growth * g), within(1e-9));
        assertThat(cut.tipMPa()).isCloseTo(6 * cut.force().cuttingN() * 2.5 / (1.6 * 64), within(1e-9));
    }

    /** Inside the bar gives too: a beam on the post. */
    @Test
    void theBarGives() {
        GrooveCut cut = cut(
                "operation",
                "ring-groove",
                "grooveFor",
                "circlip-bore",
                "grooveAround",
                "30 mm",
                "grooveBar",
                "16 mm",
                "grooveReach",
                "40 mm");
        double bar = Math.pow(40, 3) / (3 * 205_000 * Beam.round(16));
        assertThat(cut.givesMmPerN() - 1 / cut.job().lathe().postOrAssumed()).isCloseTo(bar, within(1e-12));
    }
}
