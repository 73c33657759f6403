package boldwedge.core.mechanics.hole;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import java.util.List;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Drills and reamers in numbers, each by a second way. */
class DrilledAndReamedTest {
    private static final WorkMaterial STEEL =
            StockCatalogue.shipped().workMaterial("steel-low-carbon").orElseThrow();

    @Test
    void theUsualPointIsThreeTenthsOfTheDiameter() {
        assertThat(TwistDrill.usual(10).pointMm()).isCloseTo(3.004, within(5e-4));
        assertThat(new TwistDrill(10, Math.toRadians(90)).pointMm()).isCloseTo(5, within(1e-9));
    }

    /** Torque as the sum over the lip of force times radius, numerically, against the closed form. */
    @ParameterizedTest
    @CsvSource({"10, 0.15, 0", "20, 0.3, 4", "3, 0.04, 1"})
    void torqueIsForceTimesRadiusAlongBothLips(double d, double feed, double pilot) {
        TwistDrill drill = TwistDrill.usual(d);
        double sin = Math.sin(Math.toRadians(59));
        double chip = feed / 2 * sin;
        double kc = STEEL.kc11MPa() * Math.pow(chip, -STEEL.mc());
        int parts = 20_000;
        double moment = 0;
        double along = 0;
        for (int i = 0; i < parts; i++) {
            double dr = (d - pilot) / 2 / parts;
            double r = pilot / 2 + (i + 0.5) * dr;
            // Breadth along the lip dr / sin κ, chip f/2 · sin κ.
            double force = kc * chip * dr / sin;
            moment += 2 * force * r;
            along += 2 * force * sin * TwistDrill.THRUST_SHARE;
        }
        assertThat(drill.torqueNm(STEEL, feed, pilot)).isCloseTo(moment / 1000, within(1e-6));
        assertThat(drill.lipThrustN(STEEL, feed, pilot)).isCloseTo(along, within(1e-5));
    }

    /** A drill of 10 mm at 0.2 mm in plain steel: handbooks tell of some 10 to 20 N·m and 1 to 3 kN. */
    @Test
    void forcesAreThoseOfTheHandbooks() {
        TwistDrill drill = TwistDrill.usual(10);
        assertThat(drill.torqueNm(STEEL, 0.2, 0)).isBetween(5.0, 15.0);
        assertThat(drill.thrustN(STEEL, 0.2, 0)).isBetween(1000.0, 3000.0);
        assertThat(drill.thrustN(STEEL, 0.2, 0) / drill.thrustN(STEEL, 0.2, drill.webMm()))
                .isGreaterThan(1.8);
    }

    @Test
    void thePecksEndAtTheDepthAndShrink() {
        List<Double> pecks = Pecks.depths(8, 100);
        assertThat(pecks.getFirst()).isEqualTo(24);
        assertThat(pecks.getLast()).isEqualTo(100);
        for (int i = 2; i < pecks.size(); i++) {
            double go = pecks.get(i) - pecks.get(i - 1);
            assertThat(go).isBetween(0.249 * 8, 1.5 * 8 + 1e-9);
        }
        assertThat(Pecks.depths(10, 25)).containsExactly(25.0);
    }

    @Test
    void oversizeRunsThroughTheTableAndStaysAtItsEnds() {
        assertThat(DrilledSizes.over(6.35)).isEqualTo(new Span(0.064, 0.102, 0.165));
        assertThat(DrilledSizes.over(9.525).chosen()).isCloseTo((0.102 + 0.127) / 2, within(1e-9));
        assertThat(DrilledSizes.over(0.5)).isEqualTo(DrilledSizes.over(1.5875));
        assertThat(DrilledSizes.over(60)).isEqualTo(DrilledSizes.over(25.4));
    }

    /** The chance in closed form against counting quantiles of the same distribution. */
    @Test
    void theChanceIsTheShareOfHolesThatAreOver() {
        CutsOver over = new CutsOver(0.1, 0.45);
        // Normal quantiles by the tabled probit of 10, 25, 50, 75, 90 per cent.
        double[] probit = {-1.281552, -0.674490, 0, 0.674490, 1.281552};
        double[] share = {0.9, 0.75, 0.5, 0.25, 0.1};
        for (int i = 0; i < probit.length; i++) {
            assertThat(over.chanceOver(0.1 * Math.exp(0.45 * probit[i]))).isCloseTo(share[i], within(1e-6));
        }
        assertThat(over.chanceOver(0)).isEqualTo(1);
        assertThat(CutsOver.of(new Span(0.05, 0.1, 0.2)).lowMm()).isCloseTo(0.05, within(1e-12));
    }

    /** As tables of reamers have them, above the hole's nominal size: 10 H7 +12 and +6 µm, 20 H7 +17 and +9, 6 H8 +15 and +8: the shares are rounded up, not the limits. */
    @ParameterizedTest
    @CsvSource({"10, 15, 12, 6", "20, 21, 17, 9", "6, 18, 15, 8"})
    void aReamersLimitsAreTheStandards(double size, int tolerance, int largest, int smallest) {
        ReamerSize reamer = ReamerSize.of(size, size + tolerance / 1000.0);
        assertThat(reamer.largestMm()).isCloseTo(size + largest / 1000.0, within(1e-9));
        assertThat(reamer.smallestMm()).isCloseTo(size + smallest / 1000.0, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"4, 2", "6, 2", "8, 3", "10, 2", "3, 4", "5, 2"})
    void teethAreUnevenAndOppositeOnesStandOnADiameter(int teeth, double step) {
        List<Double> steps = UnevenTeeth.steps(teeth, step);
        assertThat(steps.stream().mapToDouble(Double::doubleValue).sum()).isCloseTo(360, within(1e-9));
        List<Double> places = UnevenTeeth.places(teeth, step);
        if (teeth % 2 == 0) {
            for (int i = 0; i < teeth / 2; i++) {
                assertThat(places.get(i + teeth / 2) - places.get(i)).isCloseTo(180, within(1e-9));
            }
        }
        for (int i = 1; i < (teeth % 2 == 0 ? teeth / 2 : teeth); i++) {
            assertThat(steps.get(i) - steps.get(i - 1)).isCloseTo(step, within(1e-9));
        }
    }

    /** Rest and wheel by vectors: the clearance is the angle between the wheel's tangent at the edge and the tool's. */
    @Test
    void theToothRestGivesItsClearance() {
        double clearance = Math.toRadians(6);
        double h = ToothRest.belowForCup(12, clearance);
        // The edge lies h below the axis on the circle; a vertical wheel face there makes this angle with the circle's
        // tangent.
        double x = Math.sqrt(36 - h * h);
        assertThat(Math.atan2(h, x)).isCloseTo(clearance, within(1e-12));
        assertThat(ToothRest.belowForCup(12, clearance)).isCloseTo(0.6272, within(1e-4));
        assertThat(ToothRest.wheelAbove(150, clearance)).isCloseTo(7.8396, within(1e-4));
        assertThat(ToothRest.leadMm(10, Math.toRadians(10))).isCloseTo(178.17, within(0.01));
        assertThat(ToothRest.leadMm(10, 0)).isInfinite();
    }

    private static ReamerSection section(double flute) {
        return new ReamerSection(
                12, UnevenTeeth.places(6, 2), Math.toRadians(3), 0.2, Math.toRadians(6), Math.toRadians(14), flute);
    }

    /** Area and polar moment by casting rays up through the outline, column by column. */
    @ParameterizedTest
    @CsvSource({"1", "2", "3"})
    void theSectionsAreaAndMomentAreThoseOfItsColumns(double flute) {
        ReamerSection section = section(flute);
        List<ReamerSection.Corner> corners = section.outline();
        int columns = 20_000;
        double width = 12.0 / columns;
        double area = 0;
        double polar = 0;
        for (int c = 0; c < columns; c++) {
            double x = -6 + (c + 0.5) * width;
            double[] cuts = DoubleStream.of(crossings(corners, x)).sorted().toArray();
            for (int i = 0; i + 1 < cuts.length; i += 2) {
                double a = cuts[i];
                double b = cuts[i + 1];
                area += (b - a) * width;
                polar += width * (x * x * (b - a) + (b * b * b - a * a * a) / 3);
            }
        }
        assertThat(section.areaMm2()).isCloseTo(area, within(1e-3 * area));
        assertThat(section.polarMm4()).isCloseTo(polar, within(1e-3 * polar));
    }

    private static double[] crossings(List<ReamerSection.Corner> corners, double x) {
        DoubleStream.Builder at = DoubleStream.builder();
        for (int i = 0; i < corners.size(); i++) {
            ReamerSection.Corner a = corners.get(i);
            ReamerSection.Corner b = corners.get((i + 1) % corners.size());
            if (a.x() > x != b.x() > x) {
                at.add(a.y() + (b.y() - a.y()) * (x - a.x()) / (b.x() - a.x()));
            }
        }
        return at.build().toArray();
    }

    /** With hardly any flute it is nearly the whole circle; with deep ones less; never outside the circle, never inside the core. */
    @Test
    void theSectionLiesBetweenCircleAndCore() {
        assertThat(section(0.05).areaMm2()).isBetween(0.96 * Math.PI * 36, Math.PI * 36);
        assertThat(section(3).areaMm2()).isLessThan(section(2).areaMm2());
        for (ReamerSection.Corner corner : section(2).outline()) {
            assertThat(Math.hypot(corner.x(), corner.y())).isBetween(4 - 1e-9, 6 + 1e-9);
        }
        // The widest flat: a chord under α falls away only as far as α about the axis.
        assertThat(section(2).widestFlatMm()).isCloseTo(6 * Math.sin(Math.toRadians(6)), within(1e-12));
    }

    @Test
    void aShopsDrillsAreThoseOfItsSets() {
        assertThat(DrillSet.METRIC_HALVES.nearest(6.7).name()).isEqualTo("6.5 mm");
        assertThat(DrillSet.METRIC_TENTHS.nearest(6.75).diameterMm()).isCloseTo(6.7, within(0.0501));
        assertThat(DrillSet.INDEX.atMost(6.6).orElseThrow().name()).isEqualTo("F");
        assertThat(DrillSet.FRACTIONS.above(6.35).orElseThrow().name()).isEqualTo("17/64");
        assertThat(DrillSet.FRACTIONS.drills()).hasSize(64);
        assertThat(DrillSet.METRIC_TENTHS.atMost(0.5)).isEmpty();
    }
}
