package boldwedge.core.jobs.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.family.ToolGrinding;
import boldwedge.core.jobs.stock.GrindSession.Dull;
import boldwedge.core.jobs.stock.GrindSession.RestSetUp;
import boldwedge.core.jobs.stock.GrindSession.SurfaceGround;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.GrindSetUp;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.testing.Shop;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class GrindSessionTest {
    private static Dull tool(String name, String... settings) {
        List<GrindSetUp> setUps = new ArrayList<>();
        for (String setting : settings) {
            setUps.add(set("white", "s" + setUps.size(), Double.parseDouble(setting), 0));
        }
        return new Dull(name, 1, setUps);
    }

    private static GrindSetUp set(String wheel, String surface, double tiltDegrees, double swingDegrees) {
        return new GrindSetUp(wheel, surface, Math.toRadians(tiltDegrees), Math.toRadians(swingDegrees));
    }

    /** Side then end flank of two bits that share both: two set-ups, not four. */
    @Test
    void twoBitsAlikeShareTheirSetUps() {
        GrindSession session = GrindSession.of(List.of(tool("a", "8", "12"), tool("b", "8", "12")));
        assertThat(session.wheels()).hasSize(1);
        assertThat(session.wheels().getFirst().alone()).isEqualTo(4);
        assertThat(session.wheels().getFirst().setUps())
                .containsExactly(
                        new RestSetUp(
                                "rest tilted 8°, shank swung 0°",
                                List.of(new SurfaceGround("a", 1, "s0"), new SurfaceGround("b", 1, "s0"))),
                        new RestSetUp(
                                "rest tilted 12°, shank swung 0°",
                                List.of(new SurfaceGround("a", 1, "s1"), new SurfaceGround("b", 1, "s1"))));
    }

    /** Each wheel by itself: it is changed once. */
    @Test
    void wheelByWheel() {
        GrindSession session = GrindSession.of(
                List.of(tool("a", "8"), new Dull("tip", 2, List.of(set("green", "front", 7, 0))), tool("b", "8")));
        assertThat(session.wheels()).extracting(GrindSession.AtWheel::wheel).containsExactly("white", "green");
        assertThat(session.wheels().getFirst().setUps()).hasSize(1);
        assertThat(session.wheels().getLast().setUps().getFirst().work())
                .containsExactly(new SurfaceGround("tip", 2, "front"));
    }

    /** Cards that say 7, 8 and 9 degrees are ground together at 8; one that says 10 is not: it would be two degrees off. */
    @Test
    void whatStandsNearSharesItsMiddle() {
        GrindSession near = GrindSession.of(List.of(
                new Dull("a", 1, List.of(set("white", "end flank", 7, 10))),
                new Dull("b", 1, List.of(set("white", "end flank", 9, 8))),
                new Dull("c", 1, List.of(set("white", "end flank", 8, 11)))));
        assertThat(near.wheels().getFirst().setUps()).singleElement().satisfies(one -> {
            assertThat(one.setting()).isEqualTo("rest tilted 8°, shank swung 9.5° to the left");
            assertThat(one.work()).hasSize(3);
        });
        GrindSession far = GrindSession.of(List.of(
                new Dull("a", 1, List.of(set("white", "end flank", 7, 10))),
                new Dull("d", 1, List.of(set("white", "end flank", 10, 10)))));
        assertThat(far.wheels().getFirst().setUps()).hasSize(2);
        GrindSession turned = GrindSession.of(List.of(
                new Dull("a", 1, List.of(set("white", "side flank", 8, 80))),
                new Dull("e", 1, List.of(set("white", "side flank", 8, 84)))));
        assertThat(turned.wheels().getFirst().setUps()).hasSize(2);
    }

    @Test
    void noOrderDoesWithFewerAndEveryToolKeepsItsOwn() {
        Random random = new Random(31);
        for (int run = 0; run < 300; run++) {
            List<List<String>> orders = new ArrayList<>();
            int tools = 1 + random.nextInt(3);
            for (int i = 0; i < tools; i++) {
                List<String> order = new ArrayList<>();
                int count = 1 + random.nextInt(3);
                for (int k = 0; k < count; k++) {
                    order.add("" + random.nextInt(4));
                }
                orders.add(order);
            }
            List<String> found = GrindSession.order(orders);
            orders.forEach(order -> assertThat(contains(found, order)).isTrue());
            assertThat(found.size()).as("%s", orders).isEqualTo(fewest(orders));
        }
    }

    /** Too many to be searched whole: still every tool keeps its order, and none is worse off than alone. */
    @Test
    void manyToolsKeepTheirOrdersToo() {
        Random random = new Random(32);
        List<List<String>> orders = new ArrayList<>();
        int alone = 0;
        for (int i = 0; i < 30; i++) {
            List<String> order = new ArrayList<>();
            for (int k = 0; k < 3; k++) {
                order.add("" + random.nextInt(6));
            }
            orders.add(order);
            alone += order.size();
        }
        List<String> found = GrindSession.order(orders);
        orders.forEach(order -> assertThat(contains(found, order)).isTrue());
        assertThat(found.size()).isLessThan(alone / 3);
    }

    /** Every sequence up to a length, tried. */
    private static int fewest(List<List<String>> orders) {
        for (int length = 1; length < 10; length++) {
            if (some(orders, new ArrayList<>(), length)) {
                return length;
            }
        }
        throw new AssertionError();
    }

    private static boolean some(List<List<String>> orders, List<String> begun, int length) {
        if (orders.stream().allMatch(order -> contains(begun, order))) {
            return true;
        }
        if (begun.size() == length) {
            return false;
        }
        for (int i = 0; i < 4; i++) {
            begun.add("" + i);
            if (some(orders, begun, length)) {
                return true;
            }
            begun.removeLast();
        }
        return false;
    }

    /** Whether set-ups hold a tool's own in its order; surfaces that follow each other in one set-up share it. */
    private static boolean contains(List<String> setUps, List<String> order) {
        int at = 0;
        for (String setUp : setUps) {
            while (at < order.size() && order.get(at).equals(setUp)) {
                at++;
            }
        }
        return at == order.size();
    }

    /** A bit's flanks are ground as its own card says, to half a degree; what is bought hard or has no such card tells nothing. */
    @Test
    void aBitIsGroundAsItsCardSays() {
        Map<String, String> bit =
                Map.of("operation", "turn", "endRelief", "8°", "sideRelief", "8°", "sideEdge", "0°", "backRake", "0°");
        List<GrindSetUp> setUps = ToolGrinding.of(new PlanRequest(bit, UnitSystem.METRIC, Optional.of(Shop.lathe())));
        assertThat(setUps).extracting(GrindSetUp::surface).containsExactlyInAnyOrder("side flank", "end flank");
        // With no lead the side flank is square to the shank: its tilt is its relief.
        assertThat(setUps)
                .filteredOn(one -> one.surface().equals("side flank"))
                .singleElement()
                .satisfies(one -> {
                    assertThat(Math.toDegrees(one.tiltRad())).isCloseTo(8, within(1e-6));
                    assertThat(Math.toDegrees(Math.abs(one.swingRad()))).isCloseTo(90, within(1e-6));
                });
        Map<String, String> oven = Map.of("operation", "harden");
        assertThat(ToolGrinding.of(new PlanRequest(oven, UnitSystem.METRIC, Optional.of(Shop.lathe()))))
                .isEmpty();
    }
}
