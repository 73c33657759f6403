package boldwedge.core.mechanics.holder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.measure.UnitSystem;
import org.junit.jupiter.api.Test;

/** A block beside the post, by hand. */
class SideBlockTest {
    /** A plate of 60 on a blade of 13, three M6, 10 mm thick, a taper of 10°. */
    private static final SideBlock BLOCK =
            new SideBlock(16, 60, 30, 13, 20, 40, 10, Math.toRadians(10), Bolt.atMost(6, UnitSystem.METRIC));

    /** 9000 N over 13 × 60 are 11.54 MPa; on three tips of 4.2 mm, 13.85 mm² each, 216.5 MPa. */
    @Test
    void aPlateSpreadsWhatTipsPressInto() {
        assertThat(BLOCK.plateOnBladeMPa(9000)).isCloseTo(11.538, within(1e-3));
        assertThat(BLOCK.tipsMPa(9000)).isCloseTo(216.53, within(1e-2));
        // The same force on the same areas: pressures are as the areas turned round.
        assertThat(BLOCK.plateOnBladeMPa(9000) * 13 * 60)
                .isCloseTo(BLOCK.tipsMPa(9000) * 3 * Math.PI * 4.2 * 4.2 / 4, within(1e-6));
    }

    /** A wedge without friction would give S / tan 10°, 5.67 S; with 0.15 on both faces tan 27.06° is 0.511: 1.957 S. */
    @Test
    void frictionTakesTwoThirdsOfTheWedge() {
        assertThat(BLOCK.gripN(1000)).isCloseTo(1957, within(2.0));
        assertThat(BLOCK.sticks()).isTrue();
        assertThat(new SideBlock(16, 60, 30, 13, 20, 40, 10, Math.toRadians(20), BLOCK.screw()).sticks())
                .isFalse();
    }

    /** Screws two threads from the ends: 60 less 24 are 36, half of it 18 from screw to screw. Even load 150 N/mm: 150 · 18² / 8 on a strip 13 + 12 less its hole. */
    @Test
    void thePlateBendsBetweenItsScrews() {
        assertThat(BLOCK.pitchMm()).isEqualTo(18);
        double across = 13 + 2 * 6 - BLOCK.screw().clearanceMm();
        assertThat(BLOCK.plateMPa(9000)).isCloseTo(6 * 150 * 18 * 18 / 8.0 / (across * 100), within(1e-9));
        assertThat(BLOCK.footMPa(1600)).isEqualTo(2);
        assertThat(BLOCK.pullN()).isCloseTo(3 * BLOCK.screw().drawnN(), within(1e-9));
    }
}
