package boldwedge.core.families.seating.report;

import static boldwedge.core.families.seating.entry.InsertPocketField.*;

import boldwedge.core.families.seating.model.InsertPocketCut;
import boldwedge.core.families.seating.model.InsertPocketJob;
import boldwedge.core.families.seating.model.Outline;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;
import java.util.List;
import org.hipparchus.geometry.euclidean.twod.Vector2D;

/** Drawings of an insert's seat, and its solid. */
final class InsertPocketScenes {

    private InsertPocketScenes() {}

    private static List<Point> points(List<Vector2D> outline) {
        return outline.stream().map(v -> new Point(v.getX(), v.getY())).toList();
    }

    /** The pocket enlarged, from above, the insert in it dashed; the work lies to the top, the chuck to the left. */
    static Scene pocket(InsertPocketCut cut, UnitFormat say) {
        InsertPocketJob job = cut.job();
        double size = cut.shape().edgeMm();
        List<Vector2D> insert = cut.insert();
        double x0 = insert.stream().mapToDouble(Vector2D::getX).min().orElse(0);
        double x1 = insert.stream().mapToDouble(Vector2D::getX).max().orElse(0);
        double y0 = insert.stream().mapToDouble(Vector2D::getY).min().orElse(0);
        double scale = Math.min(42 / (x1 - x0 + 0.3 * size), 48 / (-y0 + 0.3 * size));
        double left = 34 - (x0 + x1) / 2 * scale;
        double top = 60;
        SceneBuilder scene = new SceneBuilder("seat-pocket", "The seat from above, enlarged");
        scene.place(left, top, scale);
        // The body as far as it is seen beside the pocket.
        double pad = 0.16 * size;
        List<Vector2D> body = clip(cut.lower(), x0 - pad, y0 - pad, x1 + pad, 2);
        scene.run(Role.TOOL, true, points(body));
        List<Vector2D> upper = clip(cut.upper(), x0 - pad, y0 - pad, x1 + pad, 2);
        if (upper.size() > 2) {
            scene.run(Role.GROUND, true, points(upper));
        }
        Vector2D corner = cut.shape().wallCorner();
        scene.circle(Role.SWEPT, corner.getX(), corner.getY(), cut.reliefMm() / 2);
        scene.circle(Role.EDGE, corner.getX(), corner.getY(), cut.reliefMm() / 2);
        wall(scene, cut, corner, cut.shape().backWall());
        wall(scene, cut, corner, cut.shape().sideWall());
        scene.run(Role.HIDDEN, true, points(insert));
        scene.run(
                Role.CUTTING_EDGE,
                false,
                0,
                0,
                cut.shape().leadingEnd().getX(),
                cut.shape().leadingEnd().getY());
        Vector2D hole = cut.shape().hole();
        scene.circle(Role.HIDDEN, hole.getX(), hole.getY(), cut.holeMm() / 2);
        Vector2D screw = cut.screwAt();
        double thread = cut.screw(say.units()).threadMm() / 2;
        scene.circle(Role.EDGE, screw.getX(), screw.getY(), thread);
        scene.line(Role.CENTRE, screw.getX() - 1.6 * thread, screw.getY(), screw.getX() + 1.6 * thread, screw.getY());
        scene.line(Role.CENTRE, screw.getX(), screw.getY() - 1.6 * thread, screw.getX(), screw.getY() + 1.6 * thread);
        double right = 64;
        Vector2D lead = cut.shape().leadingEnd();
        scene.hung(0.3 * lead.getX(), 0.3 * lead.getY(), new Point(right, 62), say.angle(job.kappaRad()), ANGLE);
        scene.hung(
                corner.getX() + 0.35 * cut.reliefMm(),
                corner.getY() + 0.35 * cut.reliefMm(),
                new Point(right, 51),
                say.length(cut.reliefMm()),
                RELIEF);
        scene.hung(screw.getX() + thread, screw.getY(), new Point(right, 40), say.length(job.drawMm()), DRAW);
        scene.place(0, 0, 1);
        double[] at = cut.fromZero(screw);
        scene.label(Role.CAPTION, right, 31, Anchor.START, "screw " + say.length(at[0]));
        scene.label(Role.CAPTION, right, 27, Anchor.START, "and " + say.length(at[1]));
        double[] corn = cut.fromZero(corner);
        scene.label(Role.CAPTION, right, 21, Anchor.START, "corner " + say.length(corn[0]));
        scene.label(Role.CAPTION, right, 17, Anchor.START, "and " + say.length(corn[1]));
        scene.label(Role.CAPTION, right, 11, Anchor.START, job.bar() ? "from end and axis" : "from front and side");
        scene.label(Role.CAPTION, 34, 4, Anchor.MIDDLE, "work above, chuck to the left");
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, "to scale, enlarged");
    }

    private static void wall(SceneBuilder scene, InsertPocketCut cut, Vector2D corner, Vector2D along) {
        Vector2D from = corner.add(along.scalarMultiply(cut.reliefMm() / 2));
        Vector2D to = corner.add(along.scalarMultiply(0.86 * cut.shape().edgeMm()));
        scene.run(Role.WORK, false, from.getX(), from.getY(), to.getX(), to.getY());
    }

    private static List<Vector2D> clip(List<Vector2D> outline, double x0, double y0, double x1, double y1) {
        List<Vector2D> clipped = Outline.leftOf(outline, new Vector2D(x0, y0), new Vector2D(1, 0));
        clipped = Outline.leftOf(clipped, new Vector2D(x1, y0), new Vector2D(0, 1));
        clipped = Outline.leftOf(clipped, new Vector2D(x1, y1), new Vector2D(-1, 0));
        return Outline.leftOf(clipped, new Vector2D(x0, y1), new Vector2D(0, -1));
    }

    /** Three views of the body: from above, from the side of the chuck, from its end. */
    static Scene body(InsertPocketCut cut, UnitFormat say) {
        InsertPocketJob job = cut.job();
        double[] b = cut.box();
        SceneBuilder scene = new SceneBuilder("seat-body", "The body in three views");
        double shown = Math.min(
                job.lengthMm(), 3.2 * Math.max(job.heightMm(), cut.shape().edgeMm()));
        double across = job.bar() ? job.heightMm() : job.widthMm();
        double scale = Math.min(52 / shown, Math.min(24 / across, 22 / job.heightMm()));
        // Plan, turned so that the body lies level, its head to the left.
        scene.place(14, 52, scale);
        scene.run(
                Role.TOOL,
                true,
                level(
                        cut,
                        clip(
                                cut.lower(),
                                b[0] - 50,
                                job.bar() ? b[1] : b[3] - shown,
                                job.bar() ? b[0] + shown : b[2] + 50,
                                b[3] + 50)));
        List<Point> upper = level(
                cut,
                clip(
                        cut.upper(),
                        b[0] - 50,
                        job.bar() ? b[1] : b[3] - shown,
                        job.bar() ? b[0] + shown : b[2] + 50,
                        b[3] + 50));
        if (upper.size() > 2) {
            scene.filled(Role.GROUND, Role.EDGE, upper);
        }
        scene.run(Role.CUTTING_EDGE, true, level(cut, cut.insert()));
        scene.label(Role.CAPTION, 0, -across / 2 - 4 / scale, Anchor.START, "from above");
        // From the side: heights.
        double base = 12;
        scene.place(14, base + (job.bar() ? job.heightMm() / 2 * scale : 0), scale);
        double low = job.bar() ? -job.heightMm() / 2 : 0;
        double high = job.bar() ? job.heightMm() / 2 : job.heightMm();
        double seat = cut.shape().edgeMm();
        scene.filled(
                Role.TOOL,
                Role.EDGE,
                0,
                low,
                shown,
                low,
                shown,
                high,
                seat * 1.15,
                high,
                seat * 1.15,
                cut.floorMm(),
                0,
                cut.floorMm());
        scene.run(
                Role.CUTTING_EDGE,
                true,
                -0.06 * seat,
                cut.edgeMm(),
                seat,
                cut.edgeMm(),
                seat,
                cut.floorMm(),
                0.02 * seat,
                cut.floorMm());
        if (job.bar()) {
            scene.line(Role.CENTRE, -4 / scale, 0, shown + 4 / scale, 0);
        }
        boolean bar = job.bar();
        scene.hung(
                0.75 * shown,
                high,
                new Point(72, 62),
                say.length(job.heightMm()),
                HEIGHT,
                bar ? "Bar’s diameter" : "Shank’s height");
        // From the end.
        scene.place(84, base + (job.bar() ? job.heightMm() / 2 * scale : 0), scale);
        if (job.bar()) {
            scene.circle(Role.TOOL, 0, 0, job.heightMm() / 2);
            scene.circle(Role.EDGE, 0, 0, job.heightMm() / 2);
            double half = Math.sqrt(Math.max(0, job.heightMm() * job.heightMm() / 4 - cut.edgeMm() * cut.edgeMm()));
            scene.run(
                    Role.GROUND,
                    true,
                    -half,
                    cut.edgeMm(),
                    cut.outMm(),
                    cut.edgeMm(),
                    cut.outMm(),
                    cut.floorMm(),
                    -half * 0.6,
                    cut.floorMm());
            scene.run(Role.CUTTING_EDGE, false, cut.outMm() - 0.3 * seat, cut.edgeMm(), cut.outMm(), cut.edgeMm());
            scene.line(Role.CENTRE, -job.heightMm() * 0.62, 0, job.heightMm() * 0.75, 0);
        } else {
            scene.filled(
                    Role.TOOL,
                    Role.EDGE,
                    -across / 2,
                    0,
                    across / 2,
                    0,
                    across / 2,
                    job.heightMm(),
                    -across / 2,
                    job.heightMm());
            scene.line(Role.HIDDEN, -across / 2, cut.floorMm(), across / 2, cut.floorMm());
        }
        if (bar) {
            scene.hung(cut.outMm(), cut.edgeMm(), new Point(78, 50), say.length(cut.outMm()), OUT);
        } else {
            scene.hung(0.3 * across, job.heightMm(), new Point(78, 50), say.length(job.widthMm()), WIDTH);
        }
        scene.place(0, 0, 1);
        scene.label(Role.CAPTION, 14, 4, Anchor.START, "floor " + say.length(cut.floorDepthMm()) + " below the top");
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, "to scale");
    }

    /** Plan turned so that the body lies to the right of its head. */
    private static List<Point> level(InsertPocketCut cut, List<Vector2D> outline) {
        double[] b = cut.box();
        return outline.stream()
                .map(v -> cut.job().bar()
                        ? new Point(v.getX() - b[0], v.getY() - (b[1] + b[3]) / 2)
                        : new Point(-v.getY(), v.getX() - (b[0] + b[2]) / 2))
                .toList();
    }
}
