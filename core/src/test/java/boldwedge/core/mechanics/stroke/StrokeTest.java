package boldwedge.core.mechanics.stroke;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.KeySize;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.mechanics.cutting.Strokes;
import boldwedge.core.mechanics.rigidity.BarSection;
import boldwedge.core.mechanics.rigidity.Beam;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Worked by hand: a keyway of 6 in 22, its bar of 18 with 80 out, 735 N along the stroke. */
class StrokeTest {
    private static final Slot SIX = new Slot(11, 6, 2.8);
    private static final double EI = 205_000 * Beam.round(18);
    private static final StrokeBar BAR = new StrokeBar(735, 0.4 * 735, 80, 12, EI, 0);
    private static final double GROWTH = 0.75 * 0.4 * 735 / 0.03;

    @Test
    void theToothMeetsTheBoreWithItsCorners() {
        assertThat(SIX.crownMm()).isCloseTo(0.417, within(5e-4));
        assertThat(SIX.wayMm()).isCloseTo(3.217, within(5e-4));
        assertThat(SIX.overBoreMm()).isCloseTo(24.8, within(1e-9));
        assertThat(new Slot(15, 8, 3.3).crownMm()).isCloseTo(0.543, within(5e-4));
    }

    /** The corner found by walking along the bore until the chord is as wide as the tooth. */
    @ParameterizedTest
    @CsvSource({"11,6", "15,8", "5,3", "40,22", "7.5,5"})
    void theCrownIsThatOfTheChord(double radius, double width) {
        double low = 0;
        double high = radius;
        for (int i = 0; i < 60; i++) {
            double middle = (low + high) / 2;
            double chord = 2 * radius * Math.sin(Math.acos((radius - middle) / radius));
            if (chord < width) {
                low = middle;
            } else {
                high = middle;
            }
        }
        assertThat(new Slot(radius, width, 1).crownMm()).isCloseTo(low, within(1e-9));
    }

    @Test
    void theBarThatFits() {
        assertThat(SIX.largestBarMm(1)).isCloseTo(15.78, within(5e-3));
        assertThat(new Slot(15, 8, 3.3).largestBarMm(1)).isCloseTo(23.16, within(5e-3));
    }

    /** Drawn back, its tip a gap under the bore's corners and a slot's depth and a gap out of the bar, the bar hangs a gap over the far side. */
    @Test
    void theLargestBarPassesBack() {
        double gap = 1;
        double tip = Math.sqrt(11 * 11 - 3 * 3) - gap;
        double under = tip - (2.8 + gap) - SIX.largestBarMm(gap);
        assertThat(under).isCloseTo(-11 + gap, within(1e-9));
    }

    @Test
    void bothSprings() {
        assertThat(BAR.outMm()).isCloseTo(0.0475, within(5e-5));
        assertThat(BAR.coupleMm()).isCloseTo(0.0267, within(5e-5));
        assertThat(BAR.springMm(true)).isCloseTo(0.021, within(5e-4));
        assertThat(BAR.springMm(false)).isCloseTo(0.074, within(5e-4));
    }

    /** Slope and curvature of the bar integrated in small steps from the clamp, against the closed form. */
    @Test
    void theSpringsByIntegration() {
        for (boolean pushed : new boolean[] {true, false}) {
            double slope = 0;
            double y = 0;
            double dx = 80.0 / 200_000;
            for (int i = 0; i < 200_000; i++) {
                double x = (i + 0.5) * dx;
                double moment = 0.4 * 735 * (80 - x) + (pushed ? -1 : 1) * 735 * 12;
                double mid = slope + moment / EI * dx / 2;
                y += mid * dx;
                slope += moment / EI * dx;
            }
            assertThat(BAR.springMm(pushed)).isCloseTo(y, within(1e-7));
        }
    }

    @Test
    void aShortPushedBarIsDrawnIn() {
        double under = BAR.drawnInUnderMm();
        assertThat(under).isCloseTo(45, within(1e-9));
        assertThat(new StrokeBar(735, 294, under + 0.01, 12, EI, 0).springMm(true))
                .isPositive();
        assertThat(new StrokeBar(735, 294, under - 0.01, 12, EI, 0).springMm(true))
                .isNegative();
    }

    @Test
    void springStrokesTakeTheRest() {
        double pushed = BAR.leftByAStroke(GROWTH, true);
        double pulled = BAR.leftByAStroke(GROWTH, false);
        assertThat(pushed).isCloseTo(0.34, within(5e-3));
        assertThat(pulled).isCloseTo(0.65, within(5e-3));
        assertThat(BAR.springMm(true) * Math.pow(pushed, 3)).isCloseTo(0.001, within(5e-4));
        assertThat(BAR.springMm(false) * Math.pow(pulled, 3)).isCloseTo(0.020, within(5e-4));
    }

    /** What a stroke leaves by the balance itself: the bar springs by k times the push, the push is D times what is cut. */
    @Test
    void aStrokeWithoutInfeedByIteration() {
        double k = BAR.springMm(false) / BAR.outN();
        double left = 0.074;
        double cut = 0;
        for (int i = 0; i < 200; i++) {
            cut = 0.5 * cut + 0.5 * Math.max(0, left - k * GROWTH * cut);
        }
        assertThat((left - cut) / left).isCloseTo(BAR.leftByAStroke(GROWTH, false), within(1e-6));
    }

    @Test
    void handShaperAndTooth() {
        assertThat(StrokeBar.handN(735, 18, 65, 0.75)).isCloseTo(43, within(0.5));
        assertThat(Strokes.perMinute(15, 45, 0.6)).isCloseTo(208, within(0.5));
        assertThat(StrokeBar.toothMPa(735, 5, 6, 6)).isCloseTo(102, within(0.5));
    }

    @Test
    void rollAndIndex() {
        assertThat(SIX.rolledAsideMm(Math.toRadians(1))).isCloseTo(0.19, within(5e-3));
        assertThat(SIX.floorTiltMm(Math.toRadians(1))).isCloseTo(0.10, within(5e-3));
        assertThat(Math.toDegrees(Slot.indexErrorRad(3, 64))).isCloseTo(1.875, within(1e-9));
        assertThat(11 * Slot.indexErrorRad(3, 64)).isCloseTo(0.36, within(5e-3));
        assertThat(Slot.indexErrorRad(3, 60)).isZero();
        assertThat(Slot.indexErrorRad(1, 7)).isZero();
    }

    /** What a hole for a bit leaves of a bar. */
    @ParameterizedTest
    @CsvSource({"18,6,0.47", "12,5,0.35", "10,6,0.15"})
    void theHoleForTheBit(double bar, double hole, double left) {
        BarSection section = new BarSection(
                1, bar, 0, hole, StockCatalogue.shipped().barMaterial("steel").orElseThrow());
        assertThat(section.secondMomentMm4() / Beam.round(bar)).isCloseTo(left, within(6e-3));
    }

    /** Every row of the metric table leaves the key the clearance over it that the standard has: 0.2 to 0.4 mm; the rows follow one another. */
    @Test
    void keysByTheStandard() {
        KeySize before = null;
        for (KeySize key : StockCatalogue.shipped().keys()) {
            if (key.system() == UnitSystem.METRIC) {
                assertThat(key.shaftMm() + key.hubMm() - key.heightMm()).isBetween(0.199, 0.401);
            }
            if (before != null && before.system() == key.system()) {
                assertThat(key.overMm()).isCloseTo(before.toMm(), within(1e-9));
                assertThat(key.widthMm()).isGreaterThan(before.widthMm());
            }
            assertThat(key.widthMm()).isLessThan(0.4 * key.toMm());
            before = key;
        }
    }

    /** T = D − Y + H/2 + 0.005: 1.6687 in for a bore of 1.5 and a key of 3/8. */
    @Test
    void inchKeysAreGaugedAsTheirStandardSays() {
        KeySize key = StockCatalogue.shipped().key(UnitSystem.INCH, 1.5 * 25.4).orElseThrow();
        assertThat(key.widthMm() / 25.4).isCloseTo(0.375, within(1e-9));
        Slot slot = Slot.of(key, 1.5 * 25.4);
        assertThat(slot.crownMm() / 25.4).isCloseTo(0.0238, within(5e-5));
        assertThat(slot.overBoreMm() / 25.4).isCloseTo(1.6687, within(5e-5));
        double shaft = 1.5 - slot.crownMm() / 25.4 - 0.375 / 2;
        assertThat(shaft).isCloseTo(1.2887, within(5e-5));
    }

    /** The page's joint, and the same by the section: it opens where bending pulls at the edge as much as the pressure presses. */
    @Test
    void aHeadsJointStaysShut() {
        HeadJoint joint = new HeadJoint(18, 9, 8000);
        assertThat(joint.opensAtNmm() / 1000).isCloseTo(22.5, within(0.05));
        double area = Math.PI / 4 * (18 * 18 - 9 * 9);
        double second = Math.PI / 64 * (Math.pow(18, 4) - Math.pow(9, 4));
        assertThat(joint.opensAtNmm()).isCloseTo(8000 / area * second / 9, within(1e-6));
        assertThat(Math.toDegrees(HeadJoint.stopsRoundRad(0.1, 1.5))).isCloseTo(24, within(1e-9));
    }
}
