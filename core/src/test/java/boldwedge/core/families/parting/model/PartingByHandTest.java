package boldwedge.core.families.parting.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.families.parting.entry.PartReader;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.mechanics.cutting.PlungeChatter;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.testing.Shop;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

/** Composed figures of a parted cut, worked out again by hand from what was typed. */
class PartingByHandTest {
    private static final Offset<Double> SAME = within(1e-9);

    private static PartCut cut(String... fields) {
        List<String> all =
                new ArrayList<>(List.of("operation", "part", "partDiameter", "30", "pieceLength", "12", "partAt", "6"));
        all.addAll(List.of(fields));
        return PartReader.cut(Shop.request(all.toArray(String[]::new))).cut().orElseThrow();
    }

    /** To the axis at 0.05 mm/rev and 320 rpm: 15 / 16 min. A groove of 7 by a blade of 2 takes four plunges of its own depth. */
    @Test
    void timeAndPlunges() {
        PartCut cut = cut("partFeed", "0.05", "partSpeed", "320");
        assertThat(cut.passes()).isEqualTo(1);
        assertThat(cut.cutMinutes()).isCloseTo(15 / (0.05 * 320), SAME);
        PartCut groove = cut(
                "operation",
                "groove",
                "grooveBottom",
                "24",
                "grooveWidth",
                "7",
                "blade",
                "blade-2mm",
                "partFeed",
                "0.05",
                "partSpeed",
                "320");
        double width = groove.job().widthMm();
        assertThat(groove.passes()).isEqualTo((int) Math.ceil(7 / width - 1e-9));
        assertThat(groove.cutMinutes()).isCloseTo(groove.passes() * 3 / (0.05 * 320), SAME);
        assertThat(groove.pipMm()).isZero();
    }

    /** Motor times efficiency; the neck that the torque F·d/2 twists off at a quarter of kc. */
    @Test
    void powerAndTheNeck() {
        PartCut cut = cut();
        assertThat(cut.availableWatt())
                .isCloseTo(cut.job().lathe().motorWatt() * cut.job().lathe().efficiency(), SAME);
        double force = cut.force().cuttingN();
        double d = cut.neckTwistsMm();
        double shear = 16 * (force * d / 2) / (Math.PI * d * d * d);
        assertThat(shear).isCloseTo(cut.job().work().kc11MPa() / 4, within(1e-6));
        assertThat(cut.clearsAfterMm())
                .isCloseTo((cut.job().hollow() ? 6 : 3) * cut.job().widthMm(), SAME);
    }

    /** The point is lower while it cuts by the drop; what it misses the axis by leaves a pip twice as wide. */
    @Test
    void thePip() {
        PartCut cut = cut("partHeight", "0.3 mm");
        assertThat(cut.heightCuttingMm()).isCloseTo(0.3 - cut.dropMm(), SAME);
        assertThat(cut.pipMm()).isCloseTo(2 * Math.abs(0.3 - cut.dropMm()), SAME);
        // Into a bore wider than that there is none.
        assertThat(cut("partHeight", "0.3 mm", "partBore", "10").pipMm()).isZero();
    }

    /** Of the give at the post's edge a part is turning, which grows with the square of the reach over the usual one. */
    @Test
    void thePostTurns() {
        PartCut near = cut("bladeOverhang", "17");
        PartCut far = cut("bladeOverhang", "34");
        double square = Math.pow(far.job().reachMm() / near.job().reachMm(), 2);
        assertThat(PartCut.postTurns(far.job()) / PartCut.postTurns(near.job())).isCloseTo(square, within(1e-9));
        double across = PartCut.postGive(near.job()) - PartCut.postTurns(near.job());
        assertThat(PartCut.postGive(far.job()) - PartCut.postTurns(far.job())).isCloseTo(across, within(1e-12));
        // At the usual reach both together are the stiffness on the card.
        assertThat(across).isPositive().isLessThan(1 / near.job().postNPerMm());
    }

    /** Aside by the force that is aside times the blade's give and the post's; out of square adds depth times its tangent. */
    @Test
    void theDrift() {
        PartCut cut = cut("tipLead", "5°", "bladeSquare", "0.3°");
        double give = cut.aside().asideMmPerN() + PartCut.postGive(cut.job());
        assertThat(cut.asideMm()).isCloseTo(cut.force().sideN() * give, SAME);
        assertThat(cut.driftMm() - cut.asideMm()).isCloseTo(15 * Math.tan(Math.toRadians(0.3)), SAME);
        assertThat(cut("bladeSquare", "0.3°").driftMm()).isCloseTo(15 * Math.tan(Math.toRadians(0.3)), within(1e-6));
    }

    /** Tapped, the post's own frequency and damping take the place of what is assumed, and the band is as narrow as a tap is. */
    @Test
    void aTappedPostNarrowsTheBand() {
        PlanRequest asked = Shop.request("operation", "part", "partDiameter", "30 mm", "partBore", "0");
        PartCut assumed = PartReader.cut(asked).cut().orElseThrow();
        PartCut tapped = PartReader.cut(new PlanRequest(
                        asked.fields(),
                        asked.units(),
                        Optional.of(Shop.lathe(Map.of("postRing", "120 Hz", "postDamping", "0.05")))))
                .cut()
                .orElseThrow();
        assertThat(PlungeChatter.rocksHz(assumed.job().lathe())).isEqualTo(200);
        assertThat(PlungeChatter.rocksHz(tapped.job().lathe())).isEqualTo(120);
        assertThat(PlungeChatter.damping(tapped.job().lathe()).chosen()).isEqualTo(0.05);
        assertThat(PlungeChatter.damping(tapped.job().lathe()).low())
                .isGreaterThan(PlungeChatter.damping(assumed.job().lathe()).low());
        assertThat(PlungeChatter.damping(tapped.job().lathe()).high())
                .isLessThan(PlungeChatter.damping(assumed.job().lathe()).high());
        // A softly rocking post lets the flank damp less: with the same damping of its slides less is quiet at the
        // most.
        assertThat(tapped.quietMm().chosen()).isLessThan(assumed.quietMm().chosen());
    }

    /** Without a flank the quiet width is 2 k ζ (1 + ζ) / D; with one it obeys w D = 2 k (ζ + a w)(1 + ζ + a w) to within the square of a w. */
    @Test
    void theQuietWidth() {
        double k = 20_000;
        double zeta = 0.03;
        double d = 900;
        assertThat(PlungeChatter.quietMm(k, 200, zeta, 0, d)).isCloseTo(2 * k * zeta * (1 + zeta) / d, within(1e-9));
        double flank = 2e-3;
        double w = PlungeChatter.quietMm(k, 200, zeta, flank, d);
        double a = flank * 2 * Math.PI * 200 / (2 * k);
        double damped = zeta + a * w;
        assertThat(w * d).isCloseTo(2 * k * damped * (1 + damped), within(1e-6 * w * d));
        assertThat(w).isGreaterThan(2 * k * zeta * (1 + zeta) / d);
        // A flank that damps more than the width adds is quiet at any.
        assertThat(PlungeChatter.quietMm(k, 200, zeta, 1, d)).isInfinite();
        assertThat(PlungeChatter.quietMm(k, 200, zeta, flank, 0)).isInfinite();
    }

    /** Where the front rubs: clearance less asin(2h/d) less atan(f/πd) is nothing there, and something a little further out. */
    @Test
    void theFrontRubsNearTheAxis() {
        PartCut cut = cut("partHeight", "0.4 mm", "partRelief", "8°", "partFeed", "0.05");
        double d = cut.rubsUnderMm();
        assertThat(d).isPositive();
        double h = cut.heightCuttingMm();
        double left = Math.toRadians(8) - Math.asin(2 * h / d) - Math.atan(0.05 / (Math.PI * d));
        assertThat(left).isCloseTo(0, within(1e-6));
        PartCut low = cut("partHeight", "-0.1 mm", "partRelief", "8°", "partFeed", "0.02");
        assertThat(low.rubsUnderMm()).isBetween(0.0, 0.3);
    }

    /** The work on its chuck ends at the cut; with the centre up it goes on beyond the piece. */
    @Test
    void theWorkEndsAtTheCutOrAtTheCentre() {
        PartCut chucked = cut();
        assertThat(PartCut.workOf(chucked.job()).freeLengthMm())
                .isCloseTo(chucked.job().cutAtMm(), SAME);
        PartCut centred = cut("partHold", "chuck-and-centre");
        assertThat(PartCut.workOf(centred.job()).freeLengthMm())
                .isCloseTo(centred.job().cutAtMm() + 12, SAME);
        assertThat(PartCut.workOf(centred.job()).complianceAt(centred.job().cutAtMm()))
                .isLessThan(
                        PartCut.workOf(chucked.job()).complianceAt(chucked.job().cutAtMm()));
    }

    /** A newton down turns the post about its bolt, and bows the blade: both bring the point forward; behind the work, back. */
    @Test
    void theCutFeedsItself() {
        PartCut cut = cut();
        double byPost = PartCut.postTurns(cut.job())
                * cut.job().lathe().axisAboveSlideMm()
                / cut.job().reachMm();
        double byBlade = cut.down().tiltPerN() * cut.job().blade().heightMm() / 2;
        assertThat(byPost).isPositive();
        assertThat(byBlade).isPositive();
        assertThat(cut.forwardMmPerN()).isCloseTo(byPost + byBlade, within(1e-15));
        PartCut behind = cut("partPost", "behind");
        assertThat(behind.forwardMmPerN()).isNegative();
    }

    /** Set so high that its front has no clearance at the skin, the blade rubs from the first touch. */
    @Test
    void tooHighItRubsFromTheSkinIn() {
        PartCut high = cut("partHeight", "6 mm");
        assertThat(Math.asin(2 * high.heightCuttingMm() / 30)).isGreaterThan(high.reliefRad());
        assertThat(high.rubsUnderMm()).isEqualTo(30);
    }

    /** With a twelfth of the motor the slower step is taken at which two thirds of the power do. */
    @Test
    void theMotorIsAskedBeforeASpeedIsChosen() {
        PartCut strong = cut("partFeed", "0.1");
        PartCut weak = PartReader.cut(new PlanRequest(
                        Map.of(
                                "operation",
                                "part",
                                "partDiameter",
                                "30",
                                "pieceLength",
                                "12",
                                "partAt",
                                "6",
                                "partFeed",
                                "0.1",
                                "lathe",
                                "x"),
                        UnitSystem.METRIC,
                        Optional.of(Shop.lathe(Map.of("motor", "0.12 kW")))))
                .cut()
                .orElseThrow();
        assertThat(strong.rpm()).isEqualTo(strong.speedChoice().rpm());
        assertThat(weak.rpm()).isLessThan(strong.rpm());
        assertThat(weak.at().getFirst().watt()).isLessThanOrEqualTo(0.67 * 0.12 * 750);
    }
}
