package boldwedge.core.families.reaming.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.families.reaming.entry.ReamReader;
import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.cutting.SpeedChoice;
import boldwedge.core.testing.Shop;
import java.util.ArrayList;
import java.util.List;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

/** Composed figures of a reamed hole, worked out again by hand from what was typed. */
class ReamingByHandTest {
    private static final Offset<Double> SAME = within(1e-9);

    /** A bored hole of 9.8 reamed to 10 H8 with a reamer made 10.01: nothing of it is left to tables of drills. */
    private static ReamCut cut(String... fields) {
        List<String> all = new ArrayList<>(List.of(
                "operation",
                "ream",
                "material",
                "steel-free",
                "reamSize",
                "10",
                "reamTolerance",
                "H8",
                "reamDepth",
                "40",
                "reamBefore",
                "bored",
                "reamFrom",
                "9.8",
                "reamerTeeth",
                "6",
                "madeReamer",
                "10.01",
                "reamFeed",
                "0.4",
                "reamSpeed",
                "140"));
        all.addAll(List.of(fields));
        return ReamReader.cut(Shop.request(all.toArray(String[]::new))).cut().orElseThrow();
    }

    private static WorkMaterial steel() {
        return StockCatalogue.shipped().workMaterial("steel-free").orElseThrow();
    }

    /** A chip of 0.4 / 6 · sin 45° on each of six edges; kc · f · (D² − d²) / 8; half of the edges' force thrusts, at the sine of the chamfer. */
    @Test
    void torqueAndThrustAreTheRingsBetweenHoleAndReamer() {
        ReamCut cut = cut();
        double chip = 0.4 / 6 * Math.sin(Math.toRadians(45));
        assertThat(cut.chipMm()).isCloseTo(chip, SAME);
        double kc = steel().kc11MPa() * Math.pow(chip, -steel().mc());
        double torque = kc * 0.4 * (10.01 * 10.01 - 9.8 * 9.8) / 8 / 1000;
        assertThat(cut.torqueNm()).isCloseTo(torque, SAME);
        // The same torque as force on each edge times its mean radius: six chips of 0.105 mm breadth on the radius.
        double force = kc * 0.4 / 6 * (10.01 - 9.8) / 2;
        assertThat(6 * force * (10.01 + 9.8) / 4 / 1000).isCloseTo(torque, SAME);
        // Half of the edges' force, as of a drill's lips, of which the chamfer's sine goes along the axis.
        assertThat(cut.thrustN()).isCloseTo(0.5 * 6 * force * Math.sin(Math.toRadians(45)), SAME);
        ReamCut slant = cut("reamerKind", "slant", "reamerSlant", "20");
        assertThat(slant.edges()).isEqualTo(1);
        assertThat(slant.chipMm()).isCloseTo(0.4 * Math.sin(Math.toRadians(20)), SAME);
        double slantKc = steel().kc11MPa() * Math.pow(slant.chipMm(), -steel().mc());
        assertThat(slant.thrustN() / cut.thrustN())
                .isCloseTo(slantKc / kc * Math.sin(Math.toRadians(20)) / Math.sin(Math.toRadians(45)), SAME);
        assertThat(slant.slantMm()).isCloseTo(10.01 / Math.tan(Math.toRadians(20)), SAME);
    }

    /** 16 T / π d³ in core and shank; Euler's column, one end held and one guided, of what stands between head and grip. */
    @Test
    void theShankTwistsAndBuckles() {
        ReamCut cut = cut("reamerShank", "9", "reamerLength", "120", "reamerHead", "30", "reamerFlute", "1.5");
        double torque = cut.torqueNm() * 1000;
        assertThat(cut.coreMm()).isCloseTo(10.01 - 3, SAME);
        assertThat(cut.coreShearMPa()).isCloseTo(16 * torque / (Math.PI * Math.pow(7.01, 3)), SAME);
        assertThat(cut.shankShearMPa()).isCloseTo(16 * torque / (Math.PI * Math.pow(9, 3)), SAME);
        assertThat(cut.freeShankMm()).isCloseTo(120 - 30 - 30, SAME);
        double second = Math.PI * Math.pow(9, 4) / 64;
        // The textbook's effective length of a held and guided column is 0.699 of it.
        double euler = Math.PI * Math.PI * 207_000 * second / Math.pow(0.6992 * 60, 2);
        double area = Math.PI * 81 / 4;
        // So short it yields first: Johnson's parabola takes a quarter of the yield over Euler's stress off the yield,
        // half of it where they meet.
        assertThat(cut.isShort()).isTrue();
        assertThat(cut.bucklesN())
                .isCloseTo(350 * area * (1 - 350 / (4 * euler / area)), within(1.0))
                .isBetween(350 * area / 2, 350 * area);
        ReamCut slender = cut("reamerShank", "7", "reamerLength", "450", "reamerHead", "30");
        double thin = Math.PI
                * Math.PI
                * 207_000
                * Math.PI
                * Math.pow(7, 4)
                / 64
                / Math.pow(0.6992 * slender.freeShankMm(), 2);
        assertThat(slender.isShort()).isFalse();
        assertThat(slender.bucklesN()).isCloseTo(thin, within(2e-3 * thin));
        assertThat(cut.slenderness()).isCloseTo(120 / 10.01, SAME);
        assertThat(cut("reamerLength", "60", "reamerHead", "40").freeShankMm()).isEqualTo(1);
        // Half a reamer and 0.75 % of it are left of a D; six tenths count as core.
        ReamCut d = cut("reamerKind", "d-bit");
        assertThat(d.dThicknessMm()).isCloseTo(10.01 * 0.5075, SAME);
        assertThat(d.coreMm()).isCloseTo(6.006, SAME);
    }

    /** Chosen lengths: three diameters of head, a shank four hundredths under, hole, way out and grip. */
    @Test
    void whatIsLeftOpenIsChosenToTheMillimetre() {
        ReamCut cut = cut();
        assertThat(cut.headMm()).isEqualTo(30);
        assertThat(cut.shankMm()).isCloseTo(Math.rint((0.96 * 9.91 - 0.05) * 10) / 10, SAME);
        assertThat(cut.lengthMm()).isEqualTo(Math.rint(40 + 0.6 * 30 + 10 + 30));
        assertThat(cut.stickOutMm()).isEqualTo(40 + 10);
        assertThat(cut("stickOut", "77").stickOutMm()).isEqualTo(77);
        assertThat(cut("reamSize", "16", "reamFrom", "15.7", "madeReamer", "16.01")
                        .stickOutMm())
                .isEqualTo(40 + 16);
        assertThat(cut.fluteMm()).isCloseTo(Math.rint(0.34 * 10.01 / 2 * 10) / 10, SAME);
        assertThat(cut("reamerTeeth", "8").fluteMm())
                .isCloseTo(Math.rint(0.34 * Math.sqrt(0.75) * 10.01 / 2 * 10) / 10, SAME);
        assertThat(cut("reamerBackTaper", "0.0002").backTaperMm()).isCloseTo(0.0002 * 30, SAME);
    }

    /** Teeth by diameter where they are left open: four, six, eight, ten. */
    @Test
    void teethGoByDiameter() {
        assertThat(teeth("3.4")).isEqualTo(4);
        assertThat(teeth("3.6")).isEqualTo(6);
        assertThat(teeth("11.9")).isEqualTo(6);
        assertThat(teeth("12.1")).isEqualTo(8);
        assertThat(teeth("21.9")).isEqualTo(8);
        assertThat(teeth("22.1")).isEqualTo(10);
    }

    private static int teeth(String made) {
        double size = Double.parseDouble(made);
        return cut(
                        "reamerTeeth",
                        "",
                        "reamSize",
                        made,
                        "madeReamer",
                        made,
                        "reamFrom",
                        Double.toString(Math.floor(size * 9.7) / 10))
                .teeth();
    }

    /** It lets in what came out 0.3 under the hole before it, and cuts on from there at 45°. */
    @Test
    void theChamferBeginsUnderTheHoleBefore() {
        ReamCut cut = cut();
        assertThat(cut.chamferFromMm()).isCloseTo(9.5, SAME);
        assertThat(cut.chamferMm()).isCloseTo((10.01 - 9.5) / 2, SAME);
        assertThat(cut("reamFrom", "9.9").chamferFromMm()).isCloseTo(9.6, SAME);
    }

    /** A bored hole is as it was bored: stock, and the chance of too much or too little, are certain. */
    @Test
    void aBoredHoleHoldsNoChance() {
        ReamCut cut = cut();
        assertThat(cut.drilled()).isFalse();
        assertThat(cut.foundMm()).isEqualTo(9.8);
        assertThat(cut.leftMm().low()).isCloseTo(0.21, SAME);
        assertThat(cut.leftMm().high()).isCloseTo(0.21, SAME);
        assertThat(cut.chanceTooBig()).isZero();
        assertThat(cut("reamFrom", "9.99").chanceRubs()).isEqualTo(1);
        assertThat(cut.chanceRubs()).isZero();
    }

    /** A drilled hole is larger than its drill by what drills cut over: both chances and the stock follow from that spread. */
    @Test
    void aDrilledHoleIsLargerThanItsDrill() {
        ReamCut cut = cut("reamBefore", "drilled");
        assertThat(cut.drilled()).isTrue();
        double median = cut.drilledOver().medianMm();
        assertThat(median).isPositive();
        assertThat(cut.foundMm()).isCloseTo(9.8 + median, SAME);
        assertThat(cut.leftMm().chosen()).isCloseTo(10.01 - 9.8 - median, SAME);
        assertThat(cut.leftMm().low()).isCloseTo(0.21 - cut.drilledOver().highMm(), SAME);
        assertThat(cut.leftMm().high()).isCloseTo(0.21 - cut.drilledOver().lowMm(), SAME);
        assertThat(cut.chanceTooBig())
                .isCloseTo(cut.drilledOver().chanceOver(10.022 - 9.8), SAME)
                .isBetween(0.0, 0.5);
        assertThat(cut.chanceUnder())
                .isCloseTo(1 - cut.over().chanceOver(10 - 10.01), SAME)
                .isZero();
        assertThat(cut.holeMm().chosen()).isCloseTo(10.01 + cut.over().medianMm(), SAME);
        assertThat(cut.wearAllowanceMm()).isCloseTo(0.01 + cut.over().medianMm(), SAME);
    }

    /** Two hundredths of a micrometre a hole of 20 mm in steel of 1800 MPa; four times in tool steel's own reamer, twice in iron. */
    @Test
    void wearGoesByDepthStuffAndSteel() {
        double share = Math.clamp(steel().kc11MPa() / 1800, 0.3, 2);
        assertThat(cut("reamerSteel", "o1").untaughtWear().medianMm()).isCloseTo(2e-5 * 2 * 4 * share, within(1e-12));
        WorkMaterial iron = StockCatalogue.shipped().workMaterial("iron-grey").orElseThrow();
        assertThat(cut("material", "iron-grey", "reamerSteel", "o1")
                        .untaughtWear()
                        .medianMm())
                .isCloseTo(2e-5 * 2 * 4 * 2 * Math.clamp(iron.kc11MPa() / 1800, 0.3, 2), within(1e-12));
        Span wears = cut("reamerSteel", "o1").wearPerHoleMm();
        assertThat(wears.high() / wears.chosen()).isCloseTo(wears.chosen() / wears.low(), within(1e-9));
    }

    /** Drilling's speed by half, and no faster than a hand can wind the tailstock: a turn of the handle in a second and a half. */
    @Test
    void theSpeedIsHeldToWhatAHandFeeds() {
        ToolMaterial hss = StockCatalogue.shipped().toolMaterial("hss").orElseThrow();
        double chart = steel().surfaceSpeed(hss).chosen() * 0.55;
        ReamCut own = cut("reamSpeed", "", "reamerSteel", "hss", "tailHandle", "200");
        ReamCut steel = cut("reamSpeed", "", "reamerSteel", "o1", "tailHandle", "200");
        assertThat(own.speed().wantedRpm()).isCloseTo(SpeedChoice.rpm(chart, 10.01), within(1e-6));
        assertThat(steel.speed().wantedRpm()).isCloseTo(SpeedChoice.rpm(chart / 2, 10.01), within(1e-6));
        // 2.5 mm a turn at 0.4 mm/rev is 6.25 turns of the work in 1.5 s: 250 rpm; this lathe has 210.
        assertThat(cut("reamSpeed", "", "tailHandle", "2.5").rpm()).isLessThanOrEqualTo(250);
    }

    /** Twice the tailstock's offset at the mouth, unless the reamer floats. */
    @Test
    void theMouthIsBelledByTwiceTheOffset() {
        assertThat(cut("tailOffset", "-0.03", "reamerHeld", "rigid").bellMm()).isCloseTo(0.06, SAME);
        assertThat(cut("tailOffset", "-0.03", "reamerHeld", "floating").bellMm())
                .isZero();
    }

    /** One turn in ten inches, typed, is one turn in ten inches, told. */
    @Test
    void aLeadThatWasTypedComesBack() {
        assertThat(cut("reamerHelix", "left", "reamerLead", "10 in").leadMm()).isCloseTo(254, SAME);
    }
}
