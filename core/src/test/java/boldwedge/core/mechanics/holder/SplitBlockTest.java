package boldwedge.core.mechanics.holder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.measure.DrillTable;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.ScrewSize;
import boldwedge.core.language.stock.StockCatalogue;
import org.junit.jupiter.api.Test;

/** The split block that clamps a blade: hinge, screw, what it closes. */
class SplitBlockTest {
    private static SplitBlock block(double jaw, double hinge, double saw, double room) {
        return new SplitBlock(40, 50, 20, 12 + room, 12, 2, jaw, hinge, saw, Bolt.atMost(10, UnitSystem.METRIC));
    }

    /** With a jaw that does not bend and roots that count for little, the hinge alone turns: M = E I φ / s. */
    @Test
    void aStiffJawTurnsOnItsHinge() {
        SplitBlock thin = block(1e6, 0.5, 200, 0.1);
        double inertia = 50 * Math.pow(0.5, 3) / 12;
        double turn = 0.1 / thin.bladeArmMm();
        double moment = SplitBlock.STEEL_MPA * inertia * turn / 200;
        assertThat(thin.closesAtN() * thin.boltArmMm() / moment).isCloseTo(1, within(3e-3));
        // The stress of a strip that is bent round: E (t/2) / R with R = s / φ.
        assertThat(thin.hingeMPa() / (SplitBlock.STEEL_MPA * 0.25 * turn / 200)).isCloseTo(1, within(3e-3));
    }

    /** With a hinge as wide as a wall the jaw alone bends: a cantilever loaded between its root and where it is read. */
    @Test
    void aStiffHingeLeavesTheJawToBend() {
        SplitBlock block = new SplitBlock(1000, 50, 20, 12.1, 12, 2, 4, 600, 1, Bolt.atMost(10, UnitSystem.METRIC));
        double b = block.boltArmMm();
        double l = block.bladeArmMm();
        double ei = SplitBlock.STEEL_MPA * 50 * 64 / 12;
        double jaw = b * b * (3 * l - b) / (6 * ei);
        assertThat(block.closingMmPerN()).isCloseTo(jaw, within(0.02 * jaw));
    }

    @Test
    void theGripIsWhatIsLeftOverTheClosingByTheLever() {
        SplitBlock block = block(12, 6, 1.5, 0.1);
        double pull = 10_000;
        assertThat(block.gripN(pull) * block.bladeArmMm())
                .isCloseTo((pull - block.closesAtN()) * block.boltArmMm(), within(1e-6));
        assertThat(block.gripN(block.closesAtN() / 2)).isZero();
        assertThat(block(12, 6, 1.5, 0.2).closesAtN()).isCloseTo(2 * block.closesAtN(), within(1e-6));
        assertThat(block(12, 6, 1.5, 0).closesAtN()).isZero();
    }

    @Test
    void heightsAddUp() {
        SplitBlock block = block(12, 6, 1.5, 0.1);
        assertThat(block.heightMm()).isCloseTo(20 + 12.1 + 12, within(1e-12));
        assertThat(block.boltFromSideMm() + block.boltArmMm() + 3).isCloseTo(40, within(1e-12));
    }

    /** A cut 30 mm out on a block 60 long: the couple is 40 long, so three quarters of the cut, and half as much again. */
    @Test
    void theGripBalancesTheCut() {
        assertThat(SplitBlock.gripNeededN(400, 30, 60)).isCloseTo(1.5 * 300, within(1e-9));
    }

    @Test
    void boltsAreThoseOfTheTable() {
        assertThat(Bolt.atMost(11, UnitSystem.METRIC))
                .extracting(Bolt::name, Bolt::pitchMm, Bolt::areaMm2)
                .containsExactly("M10", 1.5, 58.0);
        assertThat(Bolt.atMost(8, UnitSystem.METRIC).tapDrillMm()).isCloseTo(6.75, within(1e-9));
        assertThat(Bolt.atMost(8, UnitSystem.METRIC).clearanceMm()).isCloseTo(9, within(1e-9));
        // The stress area is that of a rod of d − 0.9382 p (ISO 898-1).
        for (double thread : new double[] {4, 5, 6, 8, 10, 12, 16}) {
            Bolt bolt = Bolt.atMost(thread, UnitSystem.METRIC);
            double d = bolt.threadMm() - 0.9382 * bolt.pitchMm();
            assertThat(bolt.areaMm2()).isCloseTo(Math.PI * d * d / 4, within(0.01 * bolt.areaMm2()));
        }
    }

    /** The unified ones: area 0.7854 (D − 0.9743/n)² (ASME B1.1), a quarter-inch by hand: 0.0318 in² · 85 ksi = 2700 lbf of proof. */
    @Test
    void anInchShopsBoltsAreUnified() {
        for (ScrewSize screw : StockCatalogue.shipped().screws(UnitSystem.INCH)) {
            double d = screw.threadMm() - 0.9743 * screw.pitchMm();
            assertThat(screw.areaMm2())
                    .as(screw.name())
                    .isCloseTo(Math.PI / 4 * d * d, within(0.012 * screw.areaMm2()));
            assertThat(screw.name()).doesNotStartWith("M");
        }
        Bolt quarter = Bolt.atMost(6.5, UnitSystem.INCH);
        assertThat(quarter.name()).isEqualTo("1/4-20");
        assertThat(quarter.proofN() / 4.4482).isCloseTo(2703, within(15.0));
        assertThat(quarter.clearanceMm()).isCloseTo(18 * 25.4 / 64, within(1e-9));
        assertThat(DrillTable.nearest(quarter.tapDrillMm(), UnitSystem.INCH).name())
                .isEqualTo("#7");
        assertThat(DrillTable.nearest(6.8, UnitSystem.METRIC).name()).isEqualTo("6.8 mm");
    }

    /** A wedge without friction gives S / tan τ; friction takes from it; a taper under both angles of friction sticks. */
    @Test
    void aTaperPullsDown() {
        SideBlock steep =
                new SideBlock(12, 50, 20, 12, 30, 15, 8, Math.toRadians(30), Bolt.atMost(5, UnitSystem.METRIC));
        assertThat(steep.gripN(1000)).isLessThan(1000 / Math.tan(Math.toRadians(30)));
        assertThat(steep.gripN(1000))
                .isCloseTo(1000 / Math.tan(Math.toRadians(30) + 2 * Math.atan(0.15)), within(1e-9));
        assertThat(steep.sticks()).isFalse();
        assertThat(new SideBlock(12, 50, 20, 12, 30, 15, 8, Math.toRadians(10), Bolt.atMost(5, UnitSystem.METRIC))
                        .sticks())
                .isTrue();
        assertThat(steep.footMPa(900)).isCloseTo(2, within(1e-9));
        assertThat(steep.pitchMm()).isCloseTo(15, within(1e-9));
    }
}
