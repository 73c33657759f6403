package boldwedge.core.language.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.language.drawing.OneBody.Face;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;

/** Bodies that touch, made one: their volumes add up, and every side of every triangle meets one other, the other way round. */
class OneBodyTest {
    private static List<Face> box(double x0, double x1, double y0, double y1, double z0, double z1) {
        return OneBody.prism(
                List.of(new Point(x0, y0), new Point(x1, y0), new Point(x1, y1), new Point(x0, y1)), z0, z1);
    }

    private static List<Point> circle(double r, int parts, double turned) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < parts; i++) {
            double at = turned + 2 * Math.PI * i / parts;
            points.add(new Point(r * Math.cos(at), r * Math.sin(at)));
        }
        return points;
    }

    private static double area(List<Point> outline) {
        double twice = 0;
        for (int i = 0; i < outline.size(); i++) {
            Point p = outline.get(i);
            Point q = outline.get((i + 1) % outline.size());
            twice += p.x() * q.y() - q.x() * p.y();
        }
        return twice / 2;
    }

    private static void closed(Mesh mesh) {
        Map<List<Vector3D>, Integer> walked = new HashMap<>();
        for (Mesh.Triangle t : mesh.triangles()) {
            List<Vector3D> corners = List.of(t.a(), t.b(), t.c());
            for (int i = 0; i < 3; i++) {
                walked.merge(List.of(corners.get(i), corners.get((i + 1) % 3)), 1, Integer::sum);
            }
        }
        walked.forEach((side, times) -> {
            assertThat(times).as(side.toString()).isOne();
            assertThat(walked).containsKey(List.of(side.get(1), side.get(0)));
        });
    }

    private static Mesh joined(double volume, List<List<Face>> bodies) {
        Mesh mesh = OneBody.of("one", bodies);
        closed(mesh);
        assertThat(mesh.volumeMm3()).isCloseTo(volume, within(1e-6 * volume));
        return mesh;
    }

    /** Two boxes end to end, alike in section, are one box: what lay between is gone, and the sides are whole. */
    @Test
    void endToEnd() {
        Mesh mesh = joined(2 * 3 * 9, List.of(box(0, 2, 0, 3, 0, 4), box(0, 2, 0, 3, 4, 9)));
        assertThat(mesh.triangles()).noneMatch(t -> t.a().getZ() == 4 && t.b().getZ() == 4 && t.c().getZ() == 4);
    }

    /** A small box on a large one: a hole in the large one's face where it stands. */
    @Test
    void aSmallOneOnALargeOne() {
        joined(10 * 10 * 5 + 2 * 2 * 3, List.of(box(0, 10, 0, 10, 0, 5), box(4, 6, 4, 6, 5, 8)));
    }

    /** At a corner, flush on two sides: corners of the small one lie on the large one's edges. */
    @Test
    void flushAtACorner() {
        joined(10 * 10 * 5 + 2 * 2 * 3, List.of(box(0, 10, 0, 10, 0, 5), box(0, 2, 0, 2, 5, 8)));
    }

    /** Bricks in a bond: corners in the middle of others' edges everywhere. */
    @Test
    void bricks() {
        List<List<Face>> wall = new ArrayList<>();
        for (int row = 0; row < 4; row++) {
            double from = row % 2 == 0 ? 0 : -2.1;
            for (int i = 0; i < 3; i++) {
                wall.add(box(from + 4.2 * i, from + 4.2 * (i + 1), 0, 2 + 0.3 * row, 1.5 * row, 1.5 * (row + 1)));
            }
        }
        joined(3 * 4.2 * 1.5 * (2 + 2.3 + 2.6 + 2.9), wall);
    }

    /** Rounds of other counts of flats, turned against each other, stacked: the smaller stands on the larger, then they cross. */
    @Test
    void roundOnRound() {
        List<Point> wide = circle(10, 96, 0);
        List<Point> narrow = circle(6, 72, 0.01);
        joined(area(wide) * 20 + area(narrow) * 7, List.of(OneBody.prism(wide, 0, 20), OneBody.prism(narrow, 20, 27)));
        List<Point> same = circle(10.002, 72, 0.013);
        joined(area(wide) * 20 + area(same) * 7, List.of(OneBody.prism(wide, 0, 20), OneBody.prism(same, 20, 27)));
    }

    /** Three in a ring leave a hole through the middle. */
    @Test
    void aRingOfBoxes() {
        joined(
                (6 * 6 - 2 * 2) * 3,
                List.of(box(0, 6, 0, 2, 0, 3), box(0, 6, 4, 6, 0, 3), box(0, 2, 2, 4, 0, 3), box(4, 6, 2, 4, 0, 3)));
    }
}
