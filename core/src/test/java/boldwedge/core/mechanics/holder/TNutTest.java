package boldwedge.core.mechanics.holder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.mechanics.rigidity.TSlot;
import org.junit.jupiter.api.Test;

/** A T-nut, by hand. */
class TNutTest {
    /** A slot of 12 with lips of 9 and 21 under them, and an M10. */
    private static final TNut NUT = new TNut(new TSlot(12, 9, 21), Bolt.atMost(10, UnitSystem.METRIC));

    @Test
    void itSlidesInItsSlotAndStaysBelowTheFace() {
        assertThat(NUT.neckMm()).isEqualTo(11.8);
        assertThat(NUT.neckHighMm()).isEqualTo(8.5);
        assertThat(NUT.wideMm()).isEqualTo(20);
        assertThat(NUT.longMm()).isEqualTo(24);
    }

    /**
     * M10 of class 8.8: 58 mm² and 580 MPa of proof, drawn to 20.2 kN; half as much again is 30.3 kN. Arm 9 / 4 = 2.25, spread over
     * 24 + 4.5 = 28.5. With 6 mm: bending 3 · 30 300 · 2.25 / (28.5 · 36) = 199, shear 0.75 · 30 300 / (28.5 · 6) = 133: principal
     * 99.7 + √(99.7² + 133²) = 266. With 6.5: 169.9 and 122.7, together 234.
     */
    @Test
    void itsFlangesBearWhatAHandDraws() {
        double pull = 1.5 * NUT.bolt().drawnN();
        double bending = 3 * pull * 2.25 / (28.5 * 42.25);
        double shear = 0.75 * pull / (28.5 * 6.5);
        assertThat(pull).isCloseTo(30_276, within(10.0));
        assertThat(NUT.flangeMPa(6.5)).isCloseTo(bending / 2 + Math.hypot(bending / 2, shear), within(1e-9));
        assertThat(NUT.flangeMm()).isEqualTo(6.5);
        assertThat(NUT.flangeMPa(NUT.flangeMm())).isLessThan(235);
        assertThat(NUT.flangeMPa(NUT.flangeMm() - 0.5)).isGreaterThan(235);
    }

    /** A block of 70 and a washer of 2: from 82.5 under the head, a diameter held, to 87.5, through the nut. Sold: 85. */
    @Test
    void theBoltHoldsADiameterAndDoesNotReachTheFloor() {
        assertThat(NUT.leastMm()).isEqualTo(10.5);
        assertThat(NUT.mostMm()).isEqualTo(15.5);
        assertThat(NUT.sold(72, 5).orElseThrow()).isEqualTo(85);
        assertThat(NUT.sold(72, 10)).isEmpty();
    }

    /** A thin lip leaves a low neck: the flange grows until a diameter of thread is held. */
    @Test
    void aLowNeckIsMadeUpByTheFlange() {
        TNut low = new TNut(new TSlot(12, 3, 14), Bolt.atMost(10, UnitSystem.METRIC));
        assertThat(low.neckHighMm() + low.flangeMm()).isGreaterThanOrEqualTo(10);
    }

    /** ISO 299 pairs these. */
    @Test
    void theUsualScrewOfASlot() {
        double[][] pairs = {{5, 4}, {6, 5}, {8, 6}, {10, 8}, {12, 10}, {14, 12}, {18, 16}};
        for (double[] pair : pairs) {
            assertThat(TNut.of(new TSlot(pair[0], pair[0], 2 * pair[0]), UnitSystem.METRIC)
                            .bolt()
                            .threadMm())
                    .as("throat %s", pair[0])
                    .isEqualTo(pair[1]);
        }
    }
}
