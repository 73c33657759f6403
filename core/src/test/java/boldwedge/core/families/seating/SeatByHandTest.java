package boldwedge.core.families.seating;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.families.seating.entry.InsertPocketReader;
import boldwedge.core.families.seating.model.InsertPocketCut;
import boldwedge.core.families.seating.model.Outline;
import boldwedge.core.family.Planner;
import boldwedge.core.family.TrialJudge;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.testing.Shop;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A shank and a bar with a triangle of 9.525, worked by hand; what is seen of a finished seat, put down to its cause. */
class SeatByHandTest {
    private static PlanRequest ask(String... fieldsAndTexts) {
        Map<String, String> fields = new HashMap<>(Map.of("lathe", "x", "operation", "insert-holder"));
        for (int i = 0; i < fieldsAndTexts.length; i += 2) {
            fields.put(fieldsAndTexts[i], fieldsAndTexts[i + 1]);
        }
        return new PlanRequest(fields, UnitSystem.METRIC, Optional.of(Shop.lathe()));
    }

    private static InsertPocketCut cut(String... f) {
        return InsertPocketReader.cut(ask(f)).cut().orElseThrow();
    }

    /** Edge 16.498 at 95°: the walls' corner lies at 335° from the point, (14.952, −6.972). */
    @Test
    void aShankByHand() {
        InsertPocketCut shank = cut();
        Vector2D corner = shank.shape().wallCorner();
        assertThat(corner.getX()).isCloseTo(16.4978 * Math.cos(Math.toRadians(335)), within(1e-3));
        assertThat(corner.getY()).isCloseTo(16.4978 * Math.sin(Math.toRadians(335)), within(1e-3));
        // The shank's side stands 0.12 · 9.525 behind the point, its front 0.15 · 16.498.
        double[] zero = shank.fromZero(corner);
        assertThat(zero[0]).isCloseTo(6.972 - 2.475, within(2e-3));
        assertThat(zero[1]).isCloseTo(14.952 - 1.143, within(2e-3));
        assertThat(shank.wallMm()).isCloseTo(20 + 1.143 - 14.952, within(2e-3));
        assertThat(shank.wallLeftMm()).isCloseTo(shank.wallMm() - 1.5, within(1e-9));
        assertThat(shank.wallGrowsWithWidth()).isTrue();
        assertThat(Math.toDegrees(shank.swingRad(shank.shape().backWall()))).isCloseTo(-55, within(1e-6));
        assertThat(Math.toDegrees(shank.swingRad(shank.shape().sideWall()))).isCloseTo(65, within(1e-6));
        assertThat(shank.floorDepthMm()).isCloseTo(3.97, within(1e-9));
        assertThat(shank.underMm()).isCloseTo(16.03, within(1e-9));
        assertThat(shank.tiltRad()).isZero();
        // The screw's hole is the insert's, 0.15 nearer the walls' corner.
        assertThat(shank.screwAt().distance(shank.shape().hole())).isCloseTo(0.15, within(1e-9));
        assertThat(shank.screwAt().distance(corner))
                .isLessThan(shank.shape().hole().distance(corner));
        assertThat(shank.holeMm()).isCloseTo(4.4, within(1e-9));
        assertThat(shank.screw(UnitSystem.METRIC).name()).isEqualTo("M4");
    }

    /** The pocket takes off what of the insert lies over the body, and the insert fits into it. */
    @Test
    void thePocketHoldsTheInsert() {
        for (String angle : new String[] {"75°", "93°", "95°"}) {
            InsertPocketCut cut = cut("seatAngle", angle);
            double lower = Outline.area(cut.lower());
            double upper = Outline.area(cut.upper());
            assertThat(upper).isPositive().isLessThan(lower);
            for (Vector2D corner : cut.insert()) {
                // No corner of the insert lies within what is left above the floor.
                Vector2D inward = corner.add(cut.shape().hole().subtract(corner).scalarMultiply(1e-3));
                assertThat(inside(cut.upper(), inward)).as(angle + " " + corner).isFalse();
            }
            assertThat(inside(cut.upper(), cut.shape().hole())).isFalse();
        }
    }

    private static boolean inside(java.util.List<Vector2D> outline, Vector2D p) {
        boolean in = false;
        for (int i = 0, j = outline.size() - 1; i < outline.size(); j = i++) {
            Vector2D a = outline.get(i);
            Vector2D b = outline.get(j);
            if (a.getY() > p.getY() != b.getY() > p.getY()
                    && p.getX() < (b.getX() - a.getX()) * (p.getY() - a.getY()) / (b.getY() - a.getY()) + a.getX()) {
                in = !in;
            }
        }
        return in;
    }

    /** Two schools of height in a bar of 25: top on the axis, or mid-thickness. */
    @Test
    void aBarByHand() {
        InsertPocketCut top =
                cut("seatBody", "bar", "seatHeight", "25 mm", "seatAngle", "60°", "seatThreadDepth", "0.92 mm");
        assertThat(top.outMm()).isCloseTo(12.5 + 0.12 * 9.525 + 0.92 + 0.4, within(1e-9));
        assertThat(top.flatMm()).isCloseTo(12.5, within(1e-9));
        assertThat(top.floorDepthMm()).isCloseTo(16.47, within(1e-9));
        assertThat(top.underMm()).isCloseTo(8.53, within(1e-9));
        InsertPocketCut middle =
                cut("seatBody", "bar", "seatHeight", "25 mm", "seatAngle", "60°", "seatSchool", "middle");
        assertThat(middle.edgeMm()).isCloseTo(3.97 / 2, within(1e-9));
        assertThat(middle.floorDepthMm()).isCloseTo(12.5 + 3.97 / 2, within(1e-9));
        // Point 13 from the axis and a thread of 0.92: the bar behind it may be 2 · (13 − 0.92 − 0.4).
        InsertPocketCut reduced = cut(
                "seatBody",
                "bar",
                "seatHeight",
                "25 mm",
                "seatAngle",
                "60°",
                "seatOut",
                "13 mm",
                "seatThreadDepth",
                "0.92 mm");
        assertThat(reduced.reducedMm()).isCloseTo(23.36, within(1e-9));
        assertThat(reduced.leastHoleMm()).isCloseTo(12.5 + 13 + 0.4, within(1e-9));
    }

    /** An insert without clearance is tilted; its thickness square to the base is less by the cosine of its dip. */
    @Test
    void anInsertWithoutClearance() {
        InsertPocketCut tilted = cut("seatClearance", "0°");
        assertThat(Math.toDegrees(tilted.clearanceRad())).isCloseTo(6, within(1e-9));
        assertThat(tilted.thicknessMm())
                .isCloseTo(
                        3.97 * Math.cos(Math.atan(Math.tan(Math.toRadians(6)) / Math.sin(Math.toRadians(30)))),
                        within(1e-9));
        PlanAnswer flat = Planner.plan(ask("seatClearance", "0°", "seatTilt", "0°"));
        assertThat(flat.findings())
                .anyMatch(f -> f.id().equals("seat-tilt") && f.mends().size() == 1);
    }

    /** Both edges clear alike: an insert without clearance is turned into the seat's plane by vectors, and its flanks are measured square to the edges. */
    @Test
    void bothEdgesClearOnATiltedSeat() {
        for (String angle : List.of("95°", "75°", "45°")) {
            InsertPocketCut cut =
                    cut("seatAngle", angle, "seatInsert", "insert-80-9", "seatClearance", "0°", "seatTilt", "6°");
            double kappa = cut.job().kappaRad();
            double trailing = Math.PI - kappa - cut.job().insert().pointRad();
            // x toward the feed, y toward the work, z up; the seat's plane dips along both.
            Vector3D square = new Vector3D(Math.tan(cut.dipToFeedRad()), Math.tan(cut.dipToWorkRad()), 1).normalize();
            for (Vector3D outward : List.of(
                    new Vector3D(Math.sin(kappa), Math.cos(kappa), 0),
                    new Vector3D(-Math.sin(trailing), Math.cos(trailing), 0))) {
                Vector3D edge = Vector3D.crossProduct(outward, Vector3D.PLUS_K);
                // The edge in the seat's plane, above the same line; its flank holds it and the plane's normal.
                Vector3D lying = edge.subtract(Vector3D.PLUS_K.scalarMultiply(edge.dotProduct(square) / square.getZ()));
                Vector3D flank = Vector3D.crossProduct(lying, square).normalize();
                Vector3D down = Vector3D.crossProduct(flank, edge).normalize();
                double clearance = Math.asin(Math.abs(down.dotProduct(outward)));
                assertThat(Math.toDegrees(clearance)).as(angle).isCloseTo(6, within(0.1));
            }
            assertThat(Math.tan(cut.dipRad()))
                    .isCloseTo(Math.hypot(Math.tan(cut.dipToFeedRad()), Math.tan(cut.dipToWorkRad())), within(1e-9));
        }
    }

    @ParameterizedTest
    @CsvSource({"back, walls", "side, walls", "under, burr", "corner, relief"})
    void lightIsPutDownToItsCause(String light, String cause) {
        TrialAnswer answer = TrialJudge.prove(new TrialRequest(ask(), Map.of("light", light)));
        assertThat(answer.causes().getFirst().id()).isEqualTo(cause);
        assertThat(answer.next()).isPresent();
    }

    @Test
    void anEdgeThatIsOffItsAngle() {
        TrialAnswer answer =
                TrialJudge.prove(new TrialRequest(ask(), Map.of("edgeOff", "0.35 mm", "edgeWay", "10 mm")));
        assertThat(answer.verdict()).contains("2° over its angle");
        assertThat(answer.causes().getFirst().id()).isEqualTo("swing");
        assertThat(TrialJudge.prove(new TrialRequest(ask(), Map.of("edgeOff", "0.35 mm")))
                        .readings()
                        .toString())
                .contains("needs both");
        TrialAnswer good = TrialJudge.prove(
                new TrialRequest(ask(), Map.of("floorDepth", "3.97 mm", "edgeOff", "0.01 mm", "edgeWay", "10 mm")));
        assertThat(good.verdict()).isEqualTo("It sits as drawn.");
        TrialAnswer high = TrialJudge.prove(new TrialRequest(ask(), Map.of("floorDepth", "3.87 mm")));
        assertThat(high.next().orElseThrow().label()).contains("0.1 mm more from the floor");
    }

    /** The floor as made runs through to the finding and the step. */
    @Test
    void theFloorAsMade() {
        PlanAnswer deep = Planner.plan(ask("seatMadeDepth", "4.07 mm"));
        assertThat(deep.figure("edgeLow").is()).isCloseTo(0.1, within(1e-9));
        assertThat(deep.steps().stream()
                        .filter(s -> s.id().equals("floor"))
                        .findFirst()
                        .orElseThrow()
                        .lines()
                        .toString())
                .contains("0.1 mm low");
        assertThat(Planner.plan(ask()).figure("edgeLow").value()).isEmpty();
    }

    private static double area(List<Vector2D> outline) {
        double twice = 0;
        for (int i = 0; i < outline.size(); i++) {
            Vector2D a = outline.get(i);
            Vector2D b = outline.get((i + 1) % outline.size());
            twice += a.getX() * b.getY() - a.getY() * b.getX();
        }
        return twice / 2;
    }

    /** Layers that lie side by side make up the body: below the floor the whole of it, above what the pocket leaves. */
    @Test
    void layersMakeUpABarsBody() {
        InsertPocketCut bar = cut("seatBody", "bar", "seatHeight", "16 mm");
        double axis = -bar.outMm();
        assertThat(area(bar.layer(axis - 8, axis, true)) + area(bar.layer(axis, axis + 8, true)))
                .isCloseTo(area(bar.lower()), within(1e-6));
        assertThat(area(bar.layer(axis - 8, axis + 8, false))).isCloseTo(area(bar.upper()), within(1e-6));
        assertThat(area(bar.upper())).isLessThan(area(bar.lower()));
        // A layer beyond the walls' corner keeps only what stands behind the wall behind.
        double corner = bar.shape().wallCorner().getY();
        List<Vector2D> beyond = bar.layer(Math.min(corner, axis + 8) + 0.1, axis + 8, false);
        assertThat(area(beyond))
                .isPositive()
                .isLessThan(area(bar.layer(Math.min(corner, axis + 8) + 0.1, axis + 8, true)));
        // Nothing of a body lies outside it.
        assertThat(bar.layer(axis + 20, axis + 30, false).size()).isLessThan(3);
    }

    /** A cutter of 3 mm for the corner where there is wall enough; else what leaves 1.5 mm of wall, and none under 1 mm. */
    @Test
    void theCornersCutterGivesWayToTheWall() {
        assertThat(cut().reliefMm()).isEqualTo(3);
        String[] bar = {"seatBody", "bar", "seatInsert", "insert-55-6", "seatAngle", "60°", "seatHeight", "14.7 mm"};
        assertThat(cut(bar).wallMm()).isCloseTo(1.723, within(1e-3));
        assertThat(cut(bar).reliefMm()).isEqualTo(1);
        bar[7] = "15.4 mm";
        assertThat(cut(bar).reliefMm())
                .isEqualTo(Math.floor(4 * (cut(bar).wallMm() - 1.5)) / 2)
                .isEqualTo(1.5);
    }
}
