package boldwedge.core.language.drawing;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A square bar whose end is ground to an outline: a form's bit, a groove's. Across it is x from its left side, along it y toward the work with the foremost of
 * the edge at zero, up z from its base; mm. One closed shell.
 *
 * @param widthMm of the bar, mm
 * @param heightMm of the bar, mm
 * @param lengthMm of the bar, mm
 * @param rakeRad how far the face falls back from the edge, radians; below 0 is taken as none
 * @param frontRad clearance under the edge, radians
 * @param sideRad how far each side of the nose leans in downwards, radians
 * @param groundMm how far back it is ground, mm; as far as outline and clearance want at the least
 */
public record NosedBar(
        double widthMm,
        double heightMm,
        double lengthMm,
        double rakeRad,
        double frontRad,
        double sideRad,
        double groundMm) {
    private static final double BEHIND_MM = 2;
    private static final double SAME_MM = 1e-9;

    /** What stands for a corner of a flat facet: where it lies seen from outside. */
    private interface Seen {
        Point at(Vector3D corner);
    }

    /**
     * The shell.
     *
     * @param edge the outline of the edge from left to right: x from 0 to no more than the bar's width, y behind the foremost, never above 0
     */
    public Mesh mesh(String name, List<Point> edge) {
        double rise = Math.tan(Math.max(0, rakeRad));
        double w = edge.getLast().x();
        double deepest = -edge.stream().mapToDouble(Point::y).min().orElse(0);
        double back = -Math.max(groundMm, deepest + heightMm * Math.tan(frontRad) + BEHIND_MM);
        double step = Math.max(heightMm + back * rise, heightMm / 4);
        double lean = Math.tan(sideRad);
        List<Vector3D> top = new ArrayList<>();
        List<Vector3D> foot = new ArrayList<>();
        for (int i = 0; i < edge.size(); i++) {
            Point p = edge.get(i);
            double z = Math.max(heightMm + p.y() * rise, step);
            double in = i == 0 ? z * lean : i == edge.size() - 1 ? -z * lean : 0;
            top.add(new Vector3D(p.x(), p.y(), z));
            foot.add(new Vector3D(p.x() + in, p.y() - z * Math.tan(frontRad), 0));
        }
        Vector3D leftTop = new Vector3D(0, back, step);
        Vector3D rightTop = new Vector3D(w, back, step);
        Vector3D leftFoot = new Vector3D(step * lean, back, 0);
        Vector3D rightFoot = new Vector3D(w - step * lean, back, 0);
        List<Mesh.Triangle> triangles = new ArrayList<>();
        facet(triangles, p -> new Point(p.getX(), p.getY()), joined(top, List.of(rightTop, leftTop)));
        for (int i = 0; i + 1 < top.size(); i++) {
            add(triangles, foot.get(i + 1), foot.get(i), top.get(i));
            add(triangles, foot.get(i + 1), top.get(i), top.get(i + 1));
        }
        facet(
                triangles,
                p -> new Point(-p.getY(), p.getZ()),
                List.of(top.getFirst(), leftTop, leftFoot, foot.getFirst()));
        facet(
                triangles,
                p -> new Point(p.getY(), p.getZ()),
                List.of(top.getLast(), foot.getLast(), rightFoot, rightTop));
        shank(triangles, foot, new Step(back, step, w, leftTop, rightTop, leftFoot, rightFoot));
        return new Mesh(name, List.copyOf(triangles));
    }

    /** Where the nose leaves the bar. */
    private record Step(
            double back,
            double high,
            double wide,
            Vector3D leftTop,
            Vector3D rightTop,
            Vector3D leftFoot,
            Vector3D rightFoot) {}

    private void shank(List<Mesh.Triangle> triangles, List<Vector3D> foot, Step step) {
        double end = -lengthMm;
        boolean level = step.high > heightMm - SAME_MM;
        boolean full = step.wide > widthMm - SAME_MM;
        Vector3D baseLeft = new Vector3D(0, step.back, 0);
        Vector3D baseRight = new Vector3D(widthMm, step.back, 0);
        Vector3D topLeft = new Vector3D(0, step.back, heightMm);
        Vector3D topRight = new Vector3D(widthMm, step.back, heightMm);
        Vector3D endLeft = new Vector3D(0, end, 0);
        Vector3D endRight = new Vector3D(widthMm, end, 0);
        Vector3D endTopLeft = new Vector3D(0, end, heightMm);
        Vector3D endTopRight = new Vector3D(widthMm, end, heightMm);
        Seen fromFront = p -> new Point(-p.getX(), p.getZ());
        facet(
                triangles,
                p -> new Point(-p.getX(), p.getY()),
                joined(foot, List.of(step.rightFoot, baseRight, endRight, endLeft, baseLeft, step.leftFoot)));
        facet(
                triangles,
                p -> new Point(p.getX(), p.getY()),
                level
                        ? List.of(step.leftTop, step.rightTop, topRight, endTopRight, endTopLeft)
                        : List.of(topLeft, topRight, endTopRight, endTopLeft));
        facet(
                triangles,
                p -> new Point(-p.getY(), p.getZ()),
                List.of(baseLeft, step.leftTop, topLeft, endTopLeft, endLeft));
        facet(
                triangles,
                p -> new Point(p.getY(), p.getZ()),
                full
                        ? List.of(baseRight, step.rightTop, topRight, endTopRight, endRight)
                        : List.of(baseRight, topRight, endTopRight, endRight));
        facet(triangles, p -> new Point(p.getX(), p.getZ()), List.of(endLeft, endRight, endTopRight, endTopLeft));
        facet(triangles, fromFront, List.of(baseLeft, step.leftFoot, step.leftTop));
        if (full) {
            facet(triangles, fromFront, List.of(step.rightTop, step.rightFoot, baseRight));
            facet(triangles, fromFront, List.of(step.leftTop, step.rightTop, topRight, topLeft));
        } else if (level) {
            facet(triangles, fromFront, List.of(step.rightTop, step.rightFoot, baseRight, topRight));
        } else {
            facet(
                    triangles,
                    fromFront,
                    List.of(step.leftTop, step.rightTop, step.rightFoot, baseRight, topRight, topLeft));
        }
    }

    private static List<Vector3D> joined(List<Vector3D> first, List<Vector3D> then) {
        List<Vector3D> all = new ArrayList<>(first);
        all.addAll(then);
        return all;
    }

    /** A flat facet, its corners either way round: cut into triangles as it is seen from outside. What has no area is left out. */
    private static void facet(List<Mesh.Triangle> triangles, Seen outside, List<Vector3D> corners) {
        List<Vector3D> apart = new ArrayList<>();
        for (Vector3D corner : corners) {
            if (apart.isEmpty() || Vector3D.distance(apart.getLast(), corner) > SAME_MM) {
                apart.add(corner);
            }
        }
        if (apart.size() > 1 && Vector3D.distance(apart.getFirst(), apart.getLast()) < SAME_MM) {
            apart.removeLast();
        }
        double area = area(apart, outside);
        if (apart.size() < 3 || Math.abs(area) < SAME_MM) {
            return;
        }
        List<Vector3D> round = area > 0 ? apart : apart.reversed();
        for (int[] ear : Ears.of(round.stream().map(outside::at).toList())) {
            add(triangles, round.get(ear[0]), round.get(ear[1]), round.get(ear[2]));
        }
    }

    private static double area(List<Vector3D> corners, Seen outside) {
        double area = 0;
        for (int i = 0; i < corners.size(); i++) {
            Point p = outside.at(corners.get(i));
            Point q = outside.at(corners.get((i + 1) % corners.size()));
            area += (p.x() * q.y() - q.x() * p.y()) / 2;
        }
        return area;
    }

    private static void add(List<Mesh.Triangle> triangles, Vector3D a, Vector3D b, Vector3D c) {
        if (Vector3D.distance(a, b) > SAME_MM
                && Vector3D.distance(b, c) > SAME_MM
                && Vector3D.distance(c, a) > SAME_MM) {
            triangles.add(new Mesh.Triangle(a, b, c));
        }
    }
}
