package boldwedge.core.families.seating;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.families.seating.model.Outline;
import boldwedge.core.mechanics.holder.InsertShape;
import boldwedge.core.mechanics.holder.SeatMeasured;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.junit.jupiter.api.Test;

/** The pocket's geometry against vectors, to 1e-9. */
class SeatGeometryTest {
    private static double fromLine(Vector2D p, Vector2D through, Vector2D along) {
        return Math.abs(along.getX() * (p.getY() - through.getY()) - along.getY() * (p.getX() - through.getX()));
    }

    /** The hole lies half the circle from every side; the nose's tip lies on both tangents' arc; the walls hold the corner's angle. */
    @Test
    void holeNoseAndWallsByVectors() {
        Random random = new Random(21);
        for (int i = 0; i < 400; i++) {
            boolean triangle = random.nextBoolean();
            double corner = triangle ? Math.PI / 3 : Math.toRadians(35 + 60 * random.nextDouble());
            double d = 5 + 10 * random.nextDouble();
            double r = 0.1 + random.nextDouble();
            double kappa = Math.toRadians(30 + 80 * random.nextDouble());
            InsertShape shape = new InsertShape(d, corner, r, kappa, triangle);
            Vector2D hole = shape.hole();
            assertThat(fromLine(hole, Vector2D.ZERO, shape.leading())).isCloseTo(d / 2, within(1e-9));
            assertThat(fromLine(hole, Vector2D.ZERO, shape.trailing())).isCloseTo(d / 2, within(1e-9));
            assertThat(fromLine(hole, shape.wallCorner(), shape.backWall())).isCloseTo(d / 2, within(1e-9));
            assertThat(fromLine(hole, shape.wallCorner(), shape.sideWall())).isCloseTo(d / 2, within(1e-9));
            assertThat(hole.distance(shape.noseTip())).isCloseTo(shape.noseToHoleMm(), within(1e-9));
            // The arc's middle lies r from both edges, its tip r from its middle.
            Vector2D arc = shape.bisector().scalarMultiply(r / Math.sin(corner / 2));
            assertThat(fromLine(arc, Vector2D.ZERO, shape.leading())).isCloseTo(r, within(1e-9));
            assertThat(arc.distance(shape.noseTip())).isCloseTo(r, within(1e-9));
            double between = Math.acos(shape.backWall().dotProduct(shape.sideWall()));
            assertThat(between).isCloseTo(corner, within(1e-7));
            // Drawn in, the insert goes toward both walls.
            Vector2D drawn = hole.add(shape.drawn().scalarMultiply(0.1));
            assertThat(fromLine(drawn, shape.wallCorner(), shape.backWall())).isLessThan(d / 2);
            assertThat(fromLine(drawn, shape.wallCorner(), shape.sideWall())).isLessThan(d / 2);
        }
    }

    /** A triangle of 9.525: l = d · √3 = 16.498; κ = 90°: its leading edge stands square to the axis. */
    @Test
    void printedValues() {
        InsertShape shape = new InsertShape(9.525, Math.PI / 3, 0.4, Math.PI / 2, true);
        assertThat(shape.edgeMm()).isCloseTo(16.498, within(5e-4));
        assertThat(shape.noseToHoleMm()).isCloseTo(9.525 - 0.4, within(1e-9));
        assertThat(shape.leadingEnd().getX()).isCloseTo(0, within(1e-9));
        assertThat(shape.leadingEnd().getY()).isCloseTo(-shape.edgeMm(), within(1e-9));
        assertThat(shape.reachMm()).isCloseTo(-0.4 * Math.sqrt(3) * Math.cos(Math.PI / 3) * 2 + 0.4, within(0.2));
        assertThat(new InsertShape(9.525, Math.toRadians(80), 0.4, Math.PI / 2, false).edgeMm())
                .isCloseTo(9.672, within(1e-3));
    }

    @Test
    void anOldHoldersAngleByTheIndicator() {
        // 0.175 over 10 is a degree.
        assertThat(Math.toDegrees(SeatMeasured.edgeRad(Math.PI / 2, 0.17452, 10)))
                .isCloseTo(91, within(1e-4));
        assertThat(SeatMeasured.offMm(Math.toRadians(1), 10)).isCloseTo(0.17452, within(1e-5));
        assertThat(SeatMeasured.sineBlockMm(100, Math.toRadians(30))).isCloseTo(50, within(1e-9));
        assertThatThrownBy(() -> SeatMeasured.edgeRad(0, 11, 10)).isInstanceOf(IllegalArgumentException.class);
    }

    /** An outline less a wedge: its area by counting points. */
    @Test
    void anOutlineWithoutAWedge() {
        Random random = new Random(22);
        List<Vector2D> box = Outline.rectangle(-4, -3, 5, 2);
        assertThat(Outline.area(box)).isCloseTo(45, within(1e-12));
        for (int i = 0; i < 60; i++) {
            Vector2D apex = new Vector2D(-3 + 7 * random.nextDouble(), -2 + 3 * random.nextDouble());
            double from = 2 * Math.PI * random.nextDouble();
            double open = 0.2 + 2.5 * random.nextDouble();
            Vector2D first = new Vector2D(Math.cos(from), Math.sin(from));
            Vector2D second = new Vector2D(Math.cos(from + open), Math.sin(from + open));
            double left = Outline.area(Outline.withoutWedge(box, apex, first, second));
            int in = 0;
            int all = 300;
            for (int x = 0; x < all; x++) {
                for (int y = 0; y < all; y++) {
                    Vector2D p = new Vector2D(-4 + 9 * (x + 0.5) / all, -3 + 5 * (y + 0.5) / all).subtract(apex);
                    boolean leftOfFirst = first.getX() * p.getY() - first.getY() * p.getX() > 0;
                    boolean rightOfSecond = second.getX() * p.getY() - second.getY() * p.getX() < 0;
                    in += leftOfFirst && rightOfSecond ? 0 : 1;
                }
            }
            assertThat(left).isCloseTo(45.0 * in / (all * all), within(0.3));
        }
        assertThat(Outline.withoutWedge(box, new Vector2D(9, 9), new Vector2D(1, 0), new Vector2D(0, 1)))
                .isEmpty();
        List<Vector2D> half = new ArrayList<>(Outline.leftOf(box, Vector2D.ZERO, new Vector2D(1, 0)));
        assertThat(Outline.area(half)).isCloseTo(18, within(1e-12));
    }
}
