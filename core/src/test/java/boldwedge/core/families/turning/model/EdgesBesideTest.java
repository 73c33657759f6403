package boldwedge.core.families.turning.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.families.turning.entry.TurningReader;
import boldwedge.core.families.turning.model.EdgesBeside.Edge;
import boldwedge.core.family.Planner;
import boldwedge.core.language.finding.Alternative;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.Insert;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.mechanics.wedge.Frame;
import boldwedge.core.mechanics.wedge.ToolSignature;
import boldwedge.core.mechanics.wedge.Wedge;
import boldwedge.core.testing.Shop;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Other edges for the same pass, held against the bit in hand. */
class EdgesBesideTest {
    private static List<Edge> beside(String... fields) {
        return TurningReader.cut(Shop.request(fields))
                .cut()
                .orElseThrow()
                .beside()
                .edges();
    }

    private static Edge named(List<Edge> edges, String words) {
        return edges.stream()
                .filter(edge -> edge.name().contains(words))
                .findFirst()
                .orElseThrow();
    }

    private static Finding told(String... fields) {
        return Planner.plan(Shop.request(fields)).findings().stream()
                .filter(finding -> finding.id().equals("edges-beside"))
                .findFirst()
                .orElseThrow();
    }

    /** Past square to the axis, so that it faces as well; its corner between both edges is the insert's own. */
    @Test
    void anInsertStandsAsItsHolderHoldsIt() {
        for (Insert insert : StockCatalogue.shipped().inserts()) {
            ToolSignature held = EdgesBeside.asHeld(insert, 0.4);
            double approach = Wedge.of(held).sideAngles(Frame.IN_HAND).approach();
            assertThat(Math.toDegrees(approach)).as(insert.name()).isBetween(90.5, 96.0);
            assertThat(Math.PI / 2 - held.sideCuttingEdge())
                    .as("approach and trailing leave the corner of " + insert.name())
                    .isCloseTo(Math.PI - insert.pointRad() - held.endCuttingEdge(), within(1e-12));
            assertThat(held.endCuttingEdge()).isGreaterThan(Math.toRadians(4));
            assertThat(insert.nosesMm()).contains(held.noseRadiusMm());
        }
    }

    /** The straight line that the others are taken by, against the whole curve: within a few hundredths where work does not flee from the cut. */
    @Test
    void theStraightLineIsNearTheCurve() {
        for (String[] fields : new String[][] {
            {"diameter", "25", "finished", "24", "depth", "0.25"},
            {"diameter", "12", "finished", "10", "length", "30", "stickOut", "45", "depth", "0.2"}
        }) {
            TurningCut cut = TurningReader.cut(Shop.request(fields)).cut().orElseThrow();
            double whole = EdgeOnWork.of(cut.job(), cut.signature()).pushOff().remainingMm();
            double once = EdgeOnWork.once(cut.job(), cut.signature()).pushOff().remainingMm();
            assertThat(once / whole).isCloseTo(1, within(0.05));
            assertThat(whole).isEqualTo(cut.pushOff().remainingMm());
        }
    }

    /** What every shop knows: a honed insert pushes more than a stoned bit, a ground one hardly, and needs a chip to bite. */
    @Test
    void aHonedInsertPushesMoreAndWantsAThickerChip() {
        List<Edge> edges = beside(
                "diameter",
                "10.1",
                "finished",
                "10",
                "length",
                "30",
                "stickOut",
                "40",
                "depth",
                "0.05",
                "blank",
                "hss-3-8");
        Edge own = edges.getFirst();
        Edge honed = named(edges, "Insert, 80°");
        Edge ground = named(edges, "ground sharp");
        assertThat(own.own()).isTrue();
        assertThat(honed.pushN()).isGreaterThan(1.7 * own.pushN());
        assertThat(ground.pushN()).isBetween(0.6 * own.pushN(), 1.3 * own.pushN());
        assertThat(honed.leastChipMm()).isGreaterThan(3 * ground.leastChipMm());
        assertThat(honed.remainingMm()).isGreaterThan(own.remainingMm());
        assertThat(edges.stream().map(Edge::name)).doesNotHaveDuplicates();
        // Nothing but the tool differs.
        assertThat(edges).allSatisfy(edge -> {
            assertThat(edge.onWork().cutting().at().depthMm()).isEqualTo(0.05);
            assertThat(edge.onWork().holding()).isEqualTo(own.onWork().holding());
        });
    }

    /** By hand: 480 rpm on 20.1 mm is 30.3 m/min; the life of a corner is 15 min (v0/v)^4, eight times as long at the most. */
    @Test
    void lifeIsTaylorsFromTheTablesSpeed() {
        List<Edge> slow = beside("diameter", "20.1", "finished", "20", "speed", "480", "feed", "0.1", "depth", "0.05");
        Edge honed = named(slow, "Insert, 80°");
        assertThat(honed.surfaceSpeed()).isCloseTo(Math.PI * 20.1 * 480 / 1000, within(1e-9));
        assertThat(honed.lifeMinutes()).isCloseTo(8 * 15, within(1e-9));
        assertThat(honed.longLived()).isTrue();
        assertThat(honed.passes(50)).isCloseTo(120 * 0.1 * 480 / 50, within(1e-9));
        assertThat(honed.corners()).isEqualTo(2);
        assertThat(named(slow, "triangle").corners()).isEqualTo(3);

        List<Edge> fast = beside("diameter", "80.1", "finished", "80", "speed", "1100", "feed", "0.1", "depth", "0.05");
        Edge quick = named(fast, "Insert, 80°");
        double v = Math.PI * 80.1 * 1100 / 1000;
        assertThat(quick.lifeMinutes()).isCloseTo(15 * Math.pow(quick.chartSpeed() / v, 4), within(1e-9));
        assertThat(quick.longLived()).isFalse();
        // High-speed steel at that speed is gone in a blink: 60 min (v0/v)^8.
        Edge hss = fast.getFirst();
        assertThat(hss.lifeMinutes()).isCloseTo(60 * Math.pow(hss.chartSpeed() / v, 8), within(1e-12));
        assertThat(hss.lifeMinutes()).isLessThan(0.1);
    }

    /** 9 for an insert of three corners at so many passes each. */
    @Test
    void whatAPassCostsFollowsFromThePrice() {
        String[] fields = {
            "diameter", "80.1", "finished", "80", "length", "50", "speed", "720", "feed", "0.1", "insertCost", "9"
        };
        Edge triangle = named(beside(fields), "triangle");
        double each = 9.0 / 3 / triangle.passes(50);
        Alternative said = told(fields).schools().stream()
                .filter(school -> school.name().contains("triangle"))
                .findFirst()
                .orElseThrow();
        String price = said.reason().replaceFirst(".*corners\\. ([0-9.]+) a pass\\.", "$1");
        assertThat(Double.parseDouble(price)).isCloseTo(each, within(0.0006));
        assertThat(told("length", "50").schools())
                .noneSatisfy(school -> assertThat(school.reason()).contains(" a pass."));
    }

    /** A whisper of a pass: the honed insert rubs, and is not what is proposed. */
    @Test
    void anEdgeThatRubsIsNotProposed() {
        Finding whisper = told("diameter", "20.02", "finished", "20", "depth", "0.01", "feed", "0.05");
        assertThat(whisper.schools())
                .filteredOn(school -> school.name().startsWith("Insert, 80°"))
                .allSatisfy(school -> assertThat(school.reason()).contains("it rubs"));
        assertThat(whisper.statement()).doesNotContain("honed");
    }

    /** Noses as the shop's gauges have them: tenths of a millimetre, or sixty-fourths and thou. */
    @Test
    void anInchShopIsAdvisedItsOwnNoses() {
        double mm = TurningReader.cut(Shop.request("depth", "0.25", "stickOut", "65"))
                .cut()
                .orElseThrow()
                .signature()
                .noseRadiusMm();
        assertThat(mm).isCloseTo(0.5, within(1e-12));
        TurningCut inch = TurningReader.cut(Shop.request(UnitSystem.INCH, "depth", ".010", "stickOut", "2-1/2"))
                .cut()
                .orElseThrow();
        assertThat(inch.signature().noseRadiusMm()).isCloseTo(25.4 / 64, within(1e-12));
        assertThat(inch.advice().noseRadius().reason()).contains("10 thou").doesNotContain("mm");
    }
}
