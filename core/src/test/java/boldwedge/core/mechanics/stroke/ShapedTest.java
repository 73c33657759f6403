package boldwedge.core.mechanics.stroke;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.cutting.Strokes;
import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Seats in shafts, planed edges, tools that hang from a ram; each by a second way. */
class ShapedTest {
    private static final WorkMaterial STEEL =
            StockCatalogue.shipped().workMaterial("steel-low-carbon").orElseThrow();

    /** ASME B17.1: a shaft of 1-1/2 with a key of 3/8 is 1.2887 from floor to far side. */
    @Test
    void theInchSeatIsGaugedAsTheStandardSays() {
        ShaftSlot seat =
                ShaftSlot.of(StockCatalogue.shipped().key(UnitSystem.INCH, 38.1).orElseThrow(), 38.1);
        assertThat(seat.overShaftMm() / 25.4).isCloseTo(1.2887, within(5e-5));
    }

    @Test
    void theMetricSeatCountsFromTheCrown() {
        ShaftSlot seat =
                ShaftSlot.of(StockCatalogue.shipped().key(UnitSystem.METRIC, 22).orElseThrow(), 22);
        assertThat(seat.depthMm()).isCloseTo(3.5, within(1e-9));
        assertThat(seat.overShaftMm()).isCloseTo(18.5, within(1e-9));
    }

    /** The flat's width, by walking down the circle until it is so deep. */
    @ParameterizedTest
    @CsvSource({"15,2", "15,15", "40,0.3", "6,1"})
    void aFlatIsTheChord(double radius, double depth) {
        double angle = Math.acos((radius - depth) / radius);
        ShaftSlot flat = new ShaftSlot(radius, depth);
        assertThat(flat.flatMm()).isCloseTo(2 * radius * Math.sin(angle), within(1e-9));
        assertThat(ShaftSlot.flat(radius, flat.flatMm()).depthMm()).isCloseTo(depth, within(1e-9));
    }

    /** The page's tooth: 1700 MPa, 0.25, 6 wide, 0.03 a stroke: 735 N; its growth by differences. */
    @Test
    void aPlanedEdgeIsKienzles() {
        PlanedEdge edge = new PlanedEdge(STEEL, Math.toRadians(8), 6, 0.03);
        double plain = STEEL.kc11MPa() * 6 * Math.pow(0.03, 1 - STEEL.mc());
        assertThat(edge.alongN()).isCloseTo(plain * edge.rakeFactor(), within(1e-9));
        assertThat(1700 * 6 * Math.pow(0.03, 0.75)).isCloseTo(735, within(0.5));
        double step = 1e-6;
        double more = new PlanedEdge(STEEL, Math.toRadians(8), 6, 0.03 + step).alongN();
        assertThat(edge.growthNPerMm()).isCloseTo((more - edge.alongN()) / step, within(1.0));
    }

    /** A shank of 10 × 10 with 40 out under 735 N: the slope at its end, summed over slices, swings a point 5 ahead. */
    @Test
    void aHungToolSwingsAboutTheSlopeOfItsEnd() {
        double ei = 210_000 * 10_000 / 12.0;
        HungTool tool = new HungTool(735, 18_375, 40, 5, ei);
        double slope = 0;
        int slices = 20_000;
        for (int i = 0; i < slices; i++) {
            double x = (i + 0.5) * 40 / slices;
            slope += 735 * x / ei * 40 / slices;
        }
        assertThat(tool.digsMm()).isCloseTo(5 * slope, within(1e-6));
        assertThat(tool.digsMm()).isCloseTo(0.0168, within(1e-4));
        assertThat(tool.gain()).isCloseTo(0.42, within(1e-3));
    }

    /** Depth, force and swing in turns: each comes back by the gain, and from 1 on it runs away. */
    @Test
    void whatComesBackIsTheRatioOfTurns() {
        HungTool near = new HungTool(735, 18_375, 40, 5, 210_000 * 10_000 / 12.0);
        double before = near.digsMm();
        for (int i = 0; i < 5; i++) {
            double more = 5 * 18_375 * before * near.leanRadPerN();
            assertThat(more / before).isCloseTo(near.gain(), within(1e-9));
            before = more;
        }
        assertThat(before).isLessThan(near.digsMm() / 50);
        assertThat(new HungTool(735, 18_375, 80, 5, 210_000 * 10_000 / 12.0).gain())
                .isGreaterThan(1);
    }

    @Test
    void aGooseneckSwingsOut() {
        HungTool tool = new HungTool(735, 18_375, 60, -2.5, 210_000 * 10_000 / 12.0);
        assertThat(tool.digsMm()).isNegative();
        assertThat(tool.gain()).isNegative();
    }

    /** The page's stroke: 45 long at 15 m/min and 0.6 wants 208 a minute. */
    @Test
    void theRateSetIsTheStepAtOrUnder() {
        assertThat(Strokes.perMinute(15, 45, 0.6)).isCloseTo(208, within(0.5));
        Strokes ram = new Strokes(
                List.of(125.0, 50.0, 20.0),
                OptionalDouble.of(350),
                OptionalDouble.of(0.6),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.of(0.07));
        assertThat(ram.setFor(15, 45)).isEqualTo(125);
        assertThat(ram.setFor(15, 120)).isEqualTo(50);
        assertThat(ram.setFor(1, 350)).isEqualTo(20);
        assertThat(ram.speed(125, 45)).isCloseTo(9, within(1e-9));
        assertThat(ram.droopMm(175)).isCloseTo(0.035, within(1e-9));
        assertThat(Strokes.UNSAID.setFor(15, 45)).isCloseTo(208.3, within(0.1));
        assertThat(Strokes.UNSAID.droopMm(300)).isCloseTo(0.02, within(1e-9));
    }
}
