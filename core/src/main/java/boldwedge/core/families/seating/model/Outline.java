package boldwedge.core.families.seating.model;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.twod.Vector2D;

/** Closed outlines in a plane, anticlockwise, cut by straight lines. */
public final class Outline {
    private Outline() {}

    /** A rectangle between two corners. */
    public static List<Vector2D> rectangle(double x0, double y0, double x1, double y1) {
        return List.of(new Vector2D(x0, y0), new Vector2D(x1, y0), new Vector2D(x1, y1), new Vector2D(x0, y1));
    }

    /** What of a convex outline lies on the left of a line through a point along a direction. */
    public static List<Vector2D> leftOf(List<Vector2D> outline, Vector2D through, Vector2D along) {
        List<Vector2D> kept = new ArrayList<>();
        for (int i = 0; i < outline.size(); i++) {
            Vector2D p = outline.get(i);
            Vector2D q = outline.get((i + 1) % outline.size());
            double a = side(p, through, along);
            double b = side(q, through, along);
            if (a >= 0) {
                kept.add(p);
            }
            if (a * b < 0) {
                kept.add(p.add(q.subtract(p).scalarMultiply(a / (a - b))));
            }
        }
        return kept;
    }

    private static double side(Vector2D p, Vector2D through, Vector2D along) {
        return along.getX() * (p.getY() - through.getY()) - along.getY() * (p.getX() - through.getX());
    }

    /**
     * A convex outline without the wedge between two rays from a point inside it: the wedge lies to the left of the first ray and to the
     * right of the second. Empty where the point does not lie inside.
     */
    public static List<Vector2D> withoutWedge(List<Vector2D> outline, Vector2D apex, Vector2D first, Vector2D second) {
        for (int i = 0; i < outline.size(); i++) {
            Vector2D p = outline.get(i);
            Vector2D q = outline.get((i + 1) % outline.size());
            if (side(apex, p, q.subtract(p)) <= 0) {
                return List.of();
            }
        }
        Hit from = hit(outline, apex, second);
        Hit to = hit(outline, apex, first);
        List<Vector2D> left = new ArrayList<>();
        left.add(apex);
        left.add(from.at());
        // Round the outline from the second ray to the first, anticlockwise.
        int n = outline.size();
        int edge = from.edge();
        while (edge != to.edge() || (left.size() == 2 && behind(outline, edge, from.at(), to.at()))) {
            edge = (edge + 1) % n;
            left.add(outline.get(edge));
        }
        left.add(to.at());
        return left;
    }

    /** On one edge: whether the second point lies before the first, so that all the way round has to be gone. */
    private static boolean behind(List<Vector2D> outline, int edge, Vector2D from, Vector2D to) {
        Vector2D p = outline.get(edge);
        return to.distance(p) < from.distance(p);
    }

    private record Hit(int edge, Vector2D at) {}

    private static Hit hit(List<Vector2D> outline, Vector2D from, Vector2D along) {
        for (int i = 0; i < outline.size(); i++) {
            Vector2D p = outline.get(i);
            Vector2D q = outline.get((i + 1) % outline.size());
            double a = side(p, from, along);
            double b = side(q, from, along);
            if (a <= 0 && b > 0) {
                Vector2D at = p.add(q.subtract(p).scalarMultiply(a / (a - b)));
                if (at.subtract(from).dotProduct(along) > 0) {
                    return new Hit(i, at);
                }
            }
        }
        throw new IllegalStateException("A ray from inside an outline meets it.");
    }

    /** Area, mm²: positive anticlockwise (shoelace). */
    public static double area(List<Vector2D> outline) {
        double sum = 0;
        for (int i = 0; i < outline.size(); i++) {
            Vector2D p = outline.get(i);
            Vector2D q = outline.get((i + 1) % outline.size());
            sum += p.getX() * q.getY() - q.getX() * p.getY();
        }
        return sum / 2;
    }
}
