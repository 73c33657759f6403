package boldwedge.core.language.drawing;

import boldwedge.core.language.drawing.Label.Anchor;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Puts a scene together. Views are placed by moving the builder's origin and setting its scale; dimensions draw their own
 * extension lines and arrows in plate millimetres, so that they look alike whatever the scale of the view.
 */
public final class SceneBuilder {
    private final String id;
    /** Points this near to a straight line are on it: a fiftieth of the thinnest line that is drawn. */
    private static final double STRAIGHT_MM = 2e-3;

    /** Arcs are runs of straight lines: of steps no finer than this, radians, and so many that none is farther than this from round, plate millimetres. */
    private static final double FINEST_STEP = Math.PI / 24;

    private static final double ROUND_MM = 0.01;

    /** A shorter leader would be all arrow. */
    private static final double SHORTEST_LEADER_MM = 1.5;

    private final String title;
    private final List<Stroke> strokes = new ArrayList<>();
    private final List<Label> labels = new ArrayList<>();
    /** Where an input's leader begins, by the input's place among the labels. */
    private final Map<Integer, Point> hanging = new TreeMap<>();

    private double originX;
    private double originY;
    private double scale = 1;

    public SceneBuilder(String id, String title) {
        this.id = id;
        this.title = title;
    }

    /** Puts what follows at a place of the plate, at a scale: plate = origin + scale · local. */
    public SceneBuilder place(double x, double y, double atScale) {
        originX = x;
        originY = y;
        scale = atScale;
        return this;
    }

    /** A local point on the plate. */
    public Point on(double x, double y) {
        return new Point(rounded(originX + scale * x), rounded(originY + scale * y));
    }

    /** A tenth of a micrometre on the plate is finer than any screen or printer, and much shorter to send. */
    private static double rounded(double plateMm) {
        return Math.rint(plateMm * 1e4) / 1e4;
    }

    public SceneBuilder line(Role role, double x0, double y0, double x1, double y1) {
        strokes.add(new Stroke(role, List.of(on(x0, y0), on(x1, y1)), false));
        return this;
    }

    /** A line between two local points, unless it is seen end on. */
    public SceneBuilder line(Role role, Point from, Point to) {
        Point a = on(from.x(), from.y());
        Point b = on(to.x(), to.y());
        if (!a.equals(b)) {
            strokes.add(new Stroke(role, List.of(a, b), false));
        }
        return this;
    }

    /** A run of lines through local x, y pairs. */
    public SceneBuilder run(Role role, boolean closed, double... xy) {
        List<Point> points = new ArrayList<>(xy.length / 2);
        for (int i = 0; i + 1 < xy.length; i += 2) {
            points.add(on(xy[i], xy[i + 1]));
        }
        add(role, closed, points);
        return this;
    }

    /** A run of lines through local points. */
    public SceneBuilder run(Role role, boolean closed, List<Point> local) {
        List<Point> points = new ArrayList<>(local.size());
        for (Point p : local) {
            points.add(on(p.x(), p.y()));
        }
        add(role, closed, points);
        return this;
    }

    /** A body through local x, y pairs: its area, and its outline over that. */
    public SceneBuilder filled(Role area, Role outline, double... xy) {
        return run(area, true, xy).run(outline, true, xy);
    }

    /** A body through local points: its area, and its outline over that. */
    public SceneBuilder filled(Role area, Role outline, List<Point> local) {
        return run(area, true, local).run(outline, true, local);
    }

    /** What is seen end on is a point, and is not drawn. */
    private void add(Role role, boolean closed, List<Point> run) {
        Point first = run.getFirst();
        for (Point p : run) {
            if (!p.equals(first)) {
                strokes.add(new Stroke(role, bends(run), closed));
                return;
            }
        }
    }

    /** The same run without points that lie on the straight line from the last one kept to the next: curves are sampled evenly, and are often straight. */
    private static List<Point> bends(List<Point> run) {
        if (run.size() <= 2) {
            return run;
        }
        List<Point> kept = new ArrayList<>(run.size());
        for (int i = 0; i < run.size(); i++) {
            if (i == 0 || i == run.size() - 1 || !between(kept.getLast(), run.get(i), run.get(i + 1))) {
                kept.add(run.get(i));
            }
        }
        return kept;
    }

    private static boolean between(Point a, Point p, Point b) {
        double dx = b.x() - a.x();
        double dy = b.y() - a.y();
        double length = Math.sqrt(dx * dx + dy * dy);
        double along = (p.x() - a.x()) * dx + (p.y() - a.y()) * dy;
        double aside = Math.abs((p.x() - a.x()) * dy - (p.y() - a.y()) * dx);
        return length > 0 && aside <= STRAIGHT_MM * length && along >= 0 && along <= length * length;
    }

    /** An arc about a local centre, angles in radians anticlockwise. */
    public SceneBuilder arc(Role role, double x, double y, double radius, double from, double to) {
        double plate = Math.max(radius * scale, ROUND_MM);
        double step = Math.max(FINEST_STEP, 2 * Math.acos(1 - ROUND_MM / plate));
        int parts = Math.max(6, (int) Math.ceil(Math.abs(to - from) / step));
        List<Point> points = new ArrayList<>(parts + 1);
        for (int i = 0; i <= parts; i++) {
            double at = from + (to - from) * i / parts;
            points.add(on(x + radius * Math.cos(at), y + radius * Math.sin(at)));
        }
        boolean whole = Math.abs(to - from) > 2 * Math.PI - 1e-9;
        strokes.add(new Stroke(role, whole ? points.subList(0, parts) : points, whole));
        return this;
    }

    public SceneBuilder circle(Role role, double x, double y, double radius) {
        return arc(role, x, y, radius, 0, 2 * Math.PI);
    }

    /** Words at a local point. */
    public SceneBuilder label(Role role, double x, double y, Anchor anchor, String text) {
        labels.add(new Label(role, on(x, y), anchor, text, "", ""));
        return this;
    }

    /** A value that is an input, at a local point. */
    public SceneBuilder input(double x, double y, Anchor anchor, String text, InputField field) {
        return input(x, y, anchor, text, field, field.label());
    }

    /** The same under another name, where the drawing tells what it is. */
    public SceneBuilder input(double x, double y, Anchor anchor, String text, InputField field, String name) {
        labels.add(new Label(Role.DIMENSION, on(x, y), anchor, text, field.id(), name));
        return this;
    }

    /**
     * A value that is an input and hangs on a leader from a local point of what it says.
     *
     * @param place where its words stand on the plate, mm; the leader follows them where they give way to others
     */
    public SceneBuilder hung(double x, double y, Point place, String text, InputField field) {
        return hung(x, y, place, text, field, field.label());
    }

    /** The same under another name, where the drawing tells what it is. */
    public SceneBuilder hung(double x, double y, Point place, String text, InputField field, String name) {
        hanging.put(labels.size(), on(x, y));
        labels.add(new Label(Role.DIMENSION, place, Anchor.START, text, field.id(), name));
        return this;
    }

    /** The lines of a length as {@link #dimension(double, double, double, double, double)} draws them, and its value as an input that hangs on them. */
    public SceneBuilder dimension(
            double x0, double y0, double x1, double y1, double asideMm, Point place, String text, InputField field) {
        Point a = on(x0, y0);
        Point b = on(x1, y1);
        double length = Math.max(Math.hypot(b.x() - a.x(), b.y() - a.y()), 1e-9);
        Point middle = roundedPoint(
                (a.x() + b.x()) / 2 - (b.y() - a.y()) / length * asideMm,
                (a.y() + b.y()) / 2 + (b.x() - a.x()) / length * asideMm);
        dimension(x0, y0, x1, y1, asideMm);
        return hungAt(middle, place, text, field);
    }

    /** The lines of an angle as {@link #angle(double, double, double, double, double)} draws them, and its value as an input that hangs on its arc. */
    public SceneBuilder angle(
            double x, double y, double from, double to, double radiusMm, Point place, String text, InputField field) {
        Point v = on(x, y);
        double middle = (from + to) / 2;
        angle(x, y, from, to, radiusMm);
        return hungAt(
                roundedPoint(v.x() + radiusMm * Math.cos(middle), v.y() + radiusMm * Math.sin(middle)),
                place,
                text,
                field);
    }

    private SceneBuilder hungAt(Point from, Point place, String text, InputField field) {
        hanging.put(labels.size(), from);
        labels.add(new Label(Role.DIMENSION, place, Anchor.START, text, field.id(), field.label()));
        return this;
    }

    /** The leader from a point to the nearest side of the words. */
    private void hang(Point from, LabelBox box) {
        double x = Math.clamp(from.x(), box.left(), box.right());
        double y = Math.clamp(from.y(), box.low(), box.high());
        double length = Math.hypot(x - from.x(), y - from.y());
        if (length == 0) {
            return;
        }
        line(from, roundedPoint(x, y));
        if (length > SHORTEST_LEADER_MM) {
            arrow(from, (x - from.x()) / length, (y - from.y()) / length);
        }
    }

    /**
     * The lines of a length between two local points, moved aside by a plate distance (positive to the left of the way
     * from the first to the second). Its words are put beside it with {@link #input} or {@link #label}.
     */
    public SceneBuilder dimension(double x0, double y0, double x1, double y1, double asideMm) {
        Point a = on(x0, y0);
        Point b = on(x1, y1);
        double length = Math.hypot(b.x() - a.x(), b.y() - a.y());
        double ux = length > 0 ? (b.x() - a.x()) / length : 1;
        double uy = length > 0 ? (b.y() - a.y()) / length : 0;
        double nx = -uy;
        double ny = ux;
        Point c = roundedPoint(a.x() + nx * asideMm, a.y() + ny * asideMm);
        Point d = roundedPoint(b.x() + nx * asideMm, b.y() + ny * asideMm);
        double gap = Math.signum(asideMm) * 0.6;
        double over = Math.signum(asideMm) * 0.8;
        line(roundedPoint(a.x() + nx * gap, a.y() + ny * gap), roundedPoint(c.x() + nx * over, c.y() + ny * over));
        line(roundedPoint(b.x() + nx * gap, b.y() + ny * gap), roundedPoint(d.x() + nx * over, d.y() + ny * over));
        line(c, d);
        arrow(c, ux, uy);
        arrow(d, -ux, -uy);
        return this;
    }

    /** The lines of an angle at a local vertex between two directions (radians), its arc at a plate radius. */
    public SceneBuilder angle(double x, double y, double from, double to, double radiusMm) {
        Point v = on(x, y);
        for (double side : new double[] {from, to}) {
            double cos = Math.cos(side);
            double sin = Math.sin(side);
            line(
                    roundedPoint(v.x() + 0.5 * cos, v.y() + 0.5 * sin),
                    roundedPoint(v.x() + (radiusMm + 1) * cos, v.y() + (radiusMm + 1) * sin));
        }
        double keepX = originX;
        double keepY = originY;
        double keepScale = scale;
        place(v.x(), v.y(), 1);
        arc(Role.DIMENSION, 0, 0, radiusMm, from, to);
        return place(keepX, keepY, keepScale);
    }

    /** A leader from a local point by a plate offset, with words at its end. */
    public SceneBuilder leader(double x, double y, double dx, double dy, Anchor anchor, String text) {
        Point from = on(x, y);
        Point to = roundedPoint(from.x() + dx, from.y() + dy);
        line(from, to);
        double length = Math.hypot(dx, dy);
        arrow(from, dx / length, dy / length);
        double pad = anchor == Anchor.START ? 0.5 : anchor == Anchor.END ? -0.5 : 0;
        double lift = anchor == Anchor.MIDDLE ? Math.signum(dy) * 1.3 : 0;
        if (!text.isEmpty()) {
            labels.add(new Label(Role.DIMENSION, roundedPoint(to.x() + pad, to.y() + lift), anchor, text, "", ""));
        }
        return this;
    }

    private static Point roundedPoint(double x, double y) {
        return new Point(rounded(x), rounded(y));
    }

    private void arrow(Point tip, double ux, double uy) {
        double size = 1.1;
        double wide = 0.28;
        strokes.add(new Stroke(
                Role.DIMENSION,
                List.of(
                        roundedPoint(tip.x() + size * ux - wide * uy, tip.y() + size * uy + wide * ux),
                        tip,
                        roundedPoint(tip.x() + size * ux + wide * uy, tip.y() + size * uy - wide * ux)),
                false));
    }

    private void line(Point a, Point b) {
        strokes.add(new Stroke(Role.DIMENSION, List.of(a, b), false));
    }

    /** The scene with the bounds given, in plate millimetres. */
    public Scene build(double left, double bottom, double width, double height, String scaleNote) {
        return build(left, bottom, width, height, 0, scaleNote);
    }

    /** The same for a scene that has one scale all over. */
    public Scene build(double left, double bottom, double width, double height, double oneScale, String scaleNote) {
        List<Label> placed = List.copyOf(new ClearLabels(left, bottom, width, height).placed(labels));
        hanging.forEach((label, from) -> hang(from, LabelBox.of(placed.get(label), LabelBox.AT_1280)));
        return new Scene(id, title, left, bottom, width, height, oneScale, scaleNote, List.copyOf(strokes), placed);
    }
}
