package boldwedge.core.language.drawing;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A closed shell of triangles, millimetres; seen from outside their corners run anticlockwise.
 *
 * @param name what the shell is called in a file
 * @param triangles its triangles
 */
public record Mesh(String name, List<Triangle> triangles) {
    /** Parts of a circle when something is turned: the chord lies within r/500 of it. */
    public static final int AROUND = 96;

    /** Three corners, anticlockwise from outside. */
    public record Triangle(Vector3D a, Vector3D b, Vector3D c) {
        /** Unit normal, outward. */
        public Vector3D normal() {
            Vector3D square = b.subtract(a).crossProduct(c.subtract(a));
            return square.getNorm() > 0 ? square.normalize() : Vector3D.PLUS_K;
        }
    }

    /** Flat convex facets, the corners of each anticlockwise from outside. */
    public static Mesh faceted(String name, List<List<Vector3D>> facets) {
        List<Triangle> triangles = new ArrayList<>();
        for (List<Vector3D> corners : facets) {
            for (int i = 1; i + 1 < corners.size(); i++) {
                triangles.add(new Triangle(corners.getFirst(), corners.get(i), corners.get(i + 1)));
            }
        }
        return new Mesh(name, List.copyOf(triangles));
    }

    /**
     * An outline drawn straight along z.
     *
     * @param outline corners in x and y, anticlockwise seen from +z, not crossing itself
     * @param from lower z, mm
     * @param to upper z, mm
     */
    public static Mesh prism(String name, List<Point> outline, double from, double to) {
        List<Triangle> triangles = new ArrayList<>();
        for (int i = 0; i < outline.size(); i++) {
            Point p = outline.get(i);
            Point q = outline.get((i + 1) % outline.size());
            quad(triangles, at(p, from), at(q, from), at(q, to), at(p, to));
        }
        for (int[] ear : Ears.of(outline)) {
            Point p = outline.get(ear[0]);
            Point q = outline.get(ear[1]);
            Point r = outline.get(ear[2]);
            triangles.add(new Triangle(at(p, to), at(q, to), at(r, to)));
            triangles.add(new Triangle(at(p, from), at(r, from), at(q, from)));
        }
        return new Mesh(name, List.copyOf(triangles));
    }

    /**
     * An outline drawn along z that turns as it goes, in even steps.
     *
     * @param outline corners in x and y, anticlockwise seen from +z, not crossing itself
     * @param from lower z, mm
     * @param to upper z, mm
     * @param radPerMm how much it turns, radians for each mm; positive is a right-hand helix
     * @param steps how many
     */
    public static Mesh twisted(String name, List<Point> outline, double from, double to, double radPerMm, int steps) {
        List<Triangle> triangles = new ArrayList<>();
        for (int k = 0; k < steps; k++) {
            double z0 = from + (to - from) * k / steps;
            double z1 = k + 1 == steps ? to : from + (to - from) * (k + 1) / steps;
            for (int i = 0; i < outline.size(); i++) {
                Point p = outline.get(i);
                Point q = outline.get((i + 1) % outline.size());
                quad(
                        triangles,
                        turnedBy(p, z0, radPerMm * (z0 - from)),
                        turnedBy(q, z0, radPerMm * (z0 - from)),
                        turnedBy(q, z1, radPerMm * (z1 - from)),
                        turnedBy(p, z1, radPerMm * (z1 - from)));
            }
        }
        double end = radPerMm * (to - from);
        for (int[] ear : Ears.of(outline)) {
            Point p = outline.get(ear[0]);
            Point q = outline.get(ear[1]);
            Point r = outline.get(ear[2]);
            triangles.add(new Triangle(turnedBy(p, to, end), turnedBy(q, to, end), turnedBy(r, to, end)));
            triangles.add(new Triangle(at(p, from), at(r, from), at(q, from)));
        }
        return new Mesh(name, List.copyOf(triangles));
    }

    private static Vector3D turnedBy(Point p, double z, double angle) {
        return new Vector3D(
                p.x() * Math.cos(angle) - p.y() * Math.sin(angle),
                p.x() * Math.sin(angle) + p.y() * Math.cos(angle),
                z);
    }

    /**
     * A closed profile turned about the z axis.
     *
     * @param profile corners with x as the radius (never below 0) and y along the axis, anticlockwise seen with the axis to the left
     */
    public static Mesh turned(String name, List<Point> profile) {
        List<Triangle> triangles = new ArrayList<>();
        for (int i = 0; i < profile.size(); i++) {
            Point p = profile.get(i);
            Point q = profile.get((i + 1) % profile.size());
            for (int k = 0; k < AROUND; k++) {
                double now = 2 * Math.PI * k / AROUND;
                double next = 2 * Math.PI * ((k + 1) % AROUND) / AROUND;
                quad(triangles, about(p, now), about(p, next), about(q, next), about(q, now));
            }
        }
        return new Mesh(name, List.copyOf(triangles));
    }

    /**
     * A turned body with a square hole right across it: one closed shell. The hole runs along y, through a plain round part.
     *
     * @param below half of the section under the hole, from the axis (or from the edge of a hole along it that meets the square one) outward and up to where
     *     the square hole begins, at the outside; x is the radius, y along the axis
     * @param above the same over it: from the outside where the square hole ends, to the axis
     * @param half half of the square hole's width, mm; less than the radius there
     */
    public static Mesh crossHoled(String name, List<Point> below, List<Point> above, double half) {
        double r = below.getLast().x();
        double from = below.getLast().y();
        double to = above.getFirst().y();
        double along = below.getFirst().y() == from ? below.getFirst().x() : 0;
        List<Double> angles = anglesWith(Math.acos(half / r));
        List<Triangle> triangles = new ArrayList<>();
        for (int k = 0; k < angles.size(); k++) {
            double now = angles.get(k);
            double next = angles.get((k + 1) % angles.size());
            for (List<Point> side : List.of(below, above)) {
                for (int i = 0; i + 1 < side.size(); i++) {
                    Point p = side.get(i);
                    Point q = side.get(i + 1);
                    quad(triangles, about(p, now), about(p, next), about(q, next), about(q, now));
                }
            }
            double middle = now + (k + 1 == angles.size() ? 2 * Math.PI + next - now : next - now) / 2;
            if (Math.abs(Math.cos(middle)) * r > half) {
                quad(
                        triangles,
                        about(new Point(r, from), now),
                        about(new Point(r, from), next),
                        about(new Point(r, to), next),
                        about(new Point(r, to), now));
                quad(
                        triangles,
                        onWall(half, now, from),
                        onWall(half, now, to),
                        onWall(half, next, to),
                        onWall(half, next, from));
            }
            Vector3D rimNow = rim(r, half, now, from);
            Vector3D rimNext = rim(r, half, next, from);
            quad(triangles, about(new Point(along, from), now), rimNow, rimNext, about(new Point(along, from), next));
            quad(
                    triangles,
                    new Vector3D(0, 0, to),
                    rim(r, half, next, to),
                    rim(r, half, now, to),
                    new Vector3D(0, 0, to));
        }
        return new Mesh(name, List.copyOf(triangles));
    }

    /** The parts of a circle with a square hole's four corners among them, rising. */
    private static List<Double> anglesWith(double corner) {
        List<Double> angles =
                new ArrayList<>(List.of(corner, Math.PI - corner, Math.PI + corner, 2 * Math.PI - corner));
        for (int k = 0; k < AROUND; k++) {
            double at = 2 * Math.PI * k / AROUND;
            if (angles.stream().noneMatch(one -> Math.abs(one - at) < 1e-6)) {
                angles.add(at);
            }
        }
        return angles.stream().sorted().toList();
    }

    /** Where a ray from the axis meets the edge of what a square hole takes of a disc: on its circle, or on its straight sides. */
    private static Vector3D rim(double r, double half, double angle, double z) {
        return Math.abs(Math.cos(angle)) * r > half + 1e-9 ? onWall(half, angle, z) : about(new Point(r, z), angle);
    }

    private static Vector3D onWall(double half, double angle, double z) {
        double side = Math.signum(Math.cos(angle));
        return new Vector3D(side * half, side * half * Math.tan(angle), z);
    }

    private static void quad(List<Triangle> triangles, Vector3D a, Vector3D b, Vector3D c, Vector3D d) {
        add(triangles, a, b, c);
        add(triangles, a, c, d);
    }

    private static void add(List<Triangle> triangles, Vector3D a, Vector3D b, Vector3D c) {
        if (!a.equals(b) && !b.equals(c) && !c.equals(a)) {
            triangles.add(new Triangle(a, b, c));
        }
    }

    private static Vector3D at(Point p, double z) {
        return new Vector3D(p.x(), p.y(), z);
    }

    private static Vector3D about(Point p, double angle) {
        return p.x() == 0
                ? new Vector3D(0, 0, p.y())
                : new Vector3D(p.x() * Math.cos(angle), p.x() * Math.sin(angle), p.y());
    }

    /** Volume within, mm³, by the divergence theorem. */
    public double volumeMm3() {
        return triangles.stream()
                .mapToDouble(t -> t.a().dotProduct(t.b().crossProduct(t.c())) / 6)
                .sum();
    }
}
