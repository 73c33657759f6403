package boldwedge.core.mechanics.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import org.junit.jupiter.api.Test;

/** Plunging: force, chip and speed toward the centre. */
class PlungeCutTest {
    private static final WorkMaterial STEEL =
            StockCatalogue.shipped().workMaterial("steel-medium-carbon").orElseThrow();
    private static final double RAKE = STEEL.referenceRakeRad();

    /** kc1.1 is by definition the force of a chip 1 mm wide and 1 mm thick at the rake it was measured at. */
    @Test
    void aMillimetreSquareChipTakesKc11() {
        assertThat(PlungeCut.of(STEEL, EdgePress.NONE, RAKE, 1, 1, 0).cuttingN())
                .isCloseTo(STEEL.kc11MPa(), within(1e-9));
    }

    @Test
    void aSquareEdgeIsNotPushedAsideAndALedOneIsByItsTangent() {
        assertThat(PlungeCut.of(STEEL, EdgePress.NONE, RAKE, 2, 0.05, 0).sideN())
                .isZero();
        double lead = Math.toRadians(10);
        PlungeCut led = PlungeCut.of(STEEL, EdgePress.NONE, RAKE, 2, 0.05, lead);
        assertThat(led.sideN() / led.thrustN()).isCloseTo(Math.tan(lead), within(1e-12));
        assertThat(PlungeCut.of(STEEL, EdgePress.NONE, RAKE, 2, 0.05, -lead).sideN())
                .isCloseTo(-led.sideN(), within(1e-9));
    }

    /** Merchant: thrust over cutting force is the tangent of friction angle less rake. */
    @Test
    void theThrustIsMerchants() {
        PlungeCut cut = PlungeCut.of(STEEL, EdgePress.NONE, RAKE, 2, 0.05, 0);
        assertThat(cut.thrustN() / cut.cuttingN())
                .isCloseTo(Math.tan(STEEL.frictionRad().chosen() - RAKE), within(1e-9));
    }

    /** The directional stiffness against the force's own growth with feed, by differences. */
    @Test
    void theDirectionalStiffnessIsTheSlopeOfTheThrust() {
        double h = 1e-5;
        double slope =
                (PlungeCut.of(STEEL, EdgePress.NONE, RAKE, 2, 0.08 + h, 0).thrustN()
                                - PlungeCut.of(STEEL, EdgePress.NONE, RAKE, 2, 0.08 - h, 0)
                                        .thrustN())
                        / (2 * h);
        assertThat(PlungeCut.of(STEEL, EdgePress.NONE, RAKE, 2, 0.08, 0).directionalNPerMm())
                .isCloseTo(slope, within(1e-3 * slope));
    }

    /** Power is the force at the speed, whatever the diameter: the work done per volume is kc. */
    @Test
    void thePowerIsSpecificForceTimesVolumeRate() {
        double feed = 0.05;
        double width = 3;
        PlungeCut cut = PlungeCut.of(STEEL, EdgePress.NONE, RAKE, width, feed, 0);
        double metresPerMinute = 30;
        double volumePerSecond = feed * width * metresPerMinute * 1000 / 60;
        double kc = STEEL.kc11MPa() * Math.pow(feed, -STEEL.mc());
        assertThat(cut.powerWatt(metresPerMinute)).isCloseTo(kc * volumePerSecond / 1000, within(1e-9));
    }

    /** The edge's own force: so much for each millimetre of edge, whatever the feed, and no part of the slope. */
    @Test
    void theEdgesOwnForceStaysWhateverTheFeed() {
        EdgePress press = new EdgePress(30, 45);
        double lead = Math.toRadians(8);
        double edge = 2.2 / Math.cos(lead);
        for (double feed : new double[] {0.02, 0.06, 0.12}) {
            PlungeCut bare = PlungeCut.of(STEEL, EdgePress.NONE, RAKE, 2.2, feed, lead);
            PlungeCut cut = PlungeCut.of(STEEL, press, RAKE, 2.2, feed, lead);
            assertThat(cut.cuttingN() - bare.cuttingN()).isCloseTo(30 * edge, within(1e-9));
            assertThat(Math.hypot(cut.thrustN(), cut.sideN()) - Math.hypot(bare.thrustN(), bare.sideN()))
                    .isCloseTo(45 * edge, within(1e-9));
            assertThat(cut.directionalNPerMm()).isEqualTo(bare.directionalNPerMm());
        }
    }

    @Test
    void nothingIsCutWithoutFeedOrWidth() {
        assertThat(PlungeCut.of(STEEL, EdgePress.NONE, RAKE, 0, 0.05, 0)).isEqualTo(new PlungeCut(0, 0, 0, 0));
        assertThat(PlungeCut.of(STEEL, EdgePress.NONE, RAKE, 2, 0, 0)).isEqualTo(new PlungeCut(0, 0, 0, 0));
    }
}
