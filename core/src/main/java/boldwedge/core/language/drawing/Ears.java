package boldwedge.core.language.drawing;

import java.util.ArrayList;
import java.util.List;

/** Cuts an outline that does not cross itself into triangles, ear by ear (Meisters 1975, Polygons have ears). */
public final class Ears {
    private Ears() {}

    /** Corners of the triangles by their places in the outline, anticlockwise as the outline is. */
    public static List<int[]> of(List<Point> outline) {
        List<Integer> left = new ArrayList<>();
        for (int i = 0; i < outline.size(); i++) {
            left.add(i);
        }
        List<int[]> ears = new ArrayList<>();
        while (left.size() > 3) {
            int ear = ear(outline, left);
            int n = left.size();
            ears.add(new int[] {left.get((ear + n - 1) % n), left.get(ear), left.get((ear + 1) % n)});
            left.remove(/* index */ ear);
        }
        ears.add(new int[] {left.get(0), left.get(1), left.get(2)});
        return ears;
    }

    private static int ear(List<Point> outline, List<Integer> left) {
        int n = left.size();
        for (int i = 0; i < n; i++) {
            Point a = outline.get(left.get((i + n - 1) % n));
            Point b = outline.get(left.get(i));
            Point c = outline.get(left.get((i + 1) % n));
            if (turn(a, b, c) > 0 && empty(outline, left, i, a, b, c)) {
                return i;
            }
        }
        throw new IllegalArgumentException("This outline crosses itself.");
    }

    private static boolean empty(List<Point> outline, List<Integer> left, int ear, Point a, Point b, Point c) {
        int n = left.size();
        for (int i = 0; i < n; i++) {
            Point p = outline.get(left.get(i));
            boolean corner = i == ear || i == (ear + 1) % n || i == (ear + n - 1) % n;
            if (!corner && turn(a, b, p) >= 0 && turn(b, c, p) >= 0 && turn(c, a, p) >= 0) {
                return false;
            }
        }
        return true;
    }

    private static double turn(Point a, Point b, Point c) {
        return (b.x() - a.x()) * (c.y() - a.y()) - (b.y() - a.y()) * (c.x() - a.x());
    }
}
