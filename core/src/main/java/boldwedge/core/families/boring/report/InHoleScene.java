package boldwedge.core.families.boring.report;

import static boldwedge.core.families.boring.entry.BoreField.*;

import boldwedge.core.families.boring.model.BarEnd;
import boldwedge.core.families.boring.model.BarHeld;
import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.families.boring.model.BoreJob;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.Insert;
import boldwedge.core.mechanics.hole.BoreFit;
import boldwedge.core.mechanics.wedge.ToolSignature;

/** The tool in the hole: from its end, and the bit in the bar from above. */
final class InHoleScene {
    private InHoleScene() {}

    /** The tool in the hole: from its end, and from above. */
    static Scene draw(BoreCut cut, UnitFormat say) {
        BoreJob job = cut.job();
        BoreFit fit = cut.fit();
        SceneBuilder scene = new SceneBuilder("bore-edge", "The tool in the hole");
        double hole = job.finishedMm() / 2;
        double scale = 19 / hole;
        scene.place(27, 38, scale);
        scene.circle(Role.WORK_AREA, 0, 0, hole * 1.18);
        scene.circle(Role.FIXTURE, 0, 0, hole);
        scene.circle(Role.WORK, 0, 0, hole);
        scene.circle(Role.SWEPT, 0, 0, job.startMm() / 2);
        double barX = job.held() == BarHeld.CENTRES ? 0 : fit.barX(hole);
        double barY = job.held() == BarHeld.CENTRES ? 0 : fit.barY();
        scene.circle(Role.TOOL, barX, barY, fit.barRadiusMm());
        scene.circle(Role.EDGE, barX, barY, fit.barRadiusMm());
        double px = fit.pointX(hole);
        double h = fit.heightMm();
        double a = job.flankMm();
        double t = a * Math.tan(fit.clearanceRad());
        double rake = Math.tan(cut.signature().backRake());
        double back = Math.max(barX, px - 1.6 * job.bit().widthMm());
        double low = h - Math.max(a, job.bit().heightMm());
        scene.filled(
                Role.GROUND, Role.EDGE, px, h, px - t, h - a, px - t, low, back, low, back, h - (px - back) * rake);
        scene.run(Role.CUTTING_EDGE, false, px, h, back, h - (px - back) * rake);
        scene.line(Role.CENTRE, -1.1 * hole, 0, 1.25 * hole, 0);
        scene.line(Role.CENTRE, 0, -1.1 * hole, 0, 1.1 * hole);
        double gap = job.held() == BarHeld.CENTRES ? hole - fit.barRadiusMm() : fit.gapMm(hole);
        scene.leader(
                barX - fit.barRadiusMm() - Math.max(0, gap) / 2,
                barY,
                -3,
                -14,
                Anchor.MIDDLE,
                "gap " + say.length(gap));
        scene.hung(
                (px + back) / 2,
                h - (px - back) / 2 * rake,
                new Point(30, 65.5),
                say.angle(cut.signature().backRake()),
                BACK_RAKE);
        scene.hung(
                px - t / 2,
                h - a / 2,
                new Point(45, 18),
                say.angle(cut.signature().endRelief()),
                RELIEF);
        scene.hung(px - t, h - a, new Point(30, 4), say.length(job.flankMm()), FLANK);
        job.recess().ifPresent(recess -> scene.hung(px, h, new Point(2, 65.5), say.length(recess.bitMm()), GROOVER));
        scene.place(0, 0, 1);
        scene.label(Role.CAPTION, 2, 8, Anchor.START, "from the end of the bar");
        plan(scene, cut, say);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "end view " + Plate.scale(scale));
    }

    /** From above: the point, its lead and trailing edge, the bit in the bar. */
    private static void plan(SceneBuilder scene, BoreCut cut, UnitFormat say) {
        BoreJob job = cut.job();
        ToolSignature s = cut.signature();
        double tip = job.necked() ? job.neckMm() : job.barMm();
        double width = job.bit().widthMm();
        double reach = BoreCut.reach(job);
        double scale = 24 / (tip + reach + width);
        // Bar's end to the right, its axis at y 0; the point is below, at the wall.
        scene.place(84, 40, scale);
        double far = 34 / scale;
        scene.run(Role.TOOL, true, 0, -tip / 2, 0, tip / 2, -far, tip / 2, -far, -tip / 2);
        scene.run(Role.EDGE, false, -far, tip / 2, 0, tip / 2, 0, -tip / 2, -far, -tip / 2);
        scene.line(Role.CENTRE, -far - 2 / scale, 0, 4 / scale, 0);
        Point tip0 = bit(scene, cut, 0);
        double tx = tip0.x();
        double ty = tip0.y();
        double lead = s.sideCuttingEdge();
        double trail = s.endCuttingEdge();
        double lean = job.bitAngleRad();
        scene.line(Role.WORK, -far, ty, tx, ty);
        scene.line(Role.SWEPT, tx, ty + job.depthMm(), tx + 8 / scale, ty + job.depthMm());
        Point leading = along(tip0, Math.PI / 2 + lead, 0.3 * width);
        Point clears = along(tip0, Math.PI / 2 + lead, 0.6 * width);
        Point trailing = along(tip0, Math.PI - trail, 0.3 * width);
        Point face = along(tip0, 0.75 * Math.PI, 0.4 * width);
        scene.hung(trailing.x(), trailing.y(), new Point(55, 19), say.angle(trail), END_EDGE);
        scene.hung(tx, ty, new Point(71, 15), say.length(s.noseRadiusMm()), NOSE_RADIUS);
        scene.hung(leading.x(), leading.y(), new Point(87, 19), say.angle(lead), SIDE_EDGE);
        scene.hung(clears.x(), clears.y(), new Point(86, 57), say.angle(s.sideRelief()), SIDE_RELIEF);
        scene.hung(face.x(), face.y(), new Point(70, 63), say.angle(s.sideRake()), SIDE_RAKE);
        if (job.insert().isEmpty()) {
            scene.hung(-BarEnd.crossing(job), 0, new Point(54, 60), say.angle(lean), BIT_ANGLE);
        }
        scene.place(0, 0, 1);
        scene.label(Role.CAPTION, 74, 8, Anchor.MIDDLE, "from above, feeding to the right");
    }

    private static Point along(Point from, double direction, double mm) {
        return new Point(from.x() + mm * Math.cos(direction), from.y() + mm * Math.sin(direction));
    }

    /** The bit in the bar seen from above, the bar's axis at y 0 and its end at the x given; tells where the point is. */
    static Point bit(SceneBuilder scene, BoreCut cut, double end) {
        BoreJob job = cut.job();
        ToolSignature s = cut.signature();
        if (job.insert().isPresent()) {
            return insert(scene, cut, job.insert().get(), end);
        }
        double half = job.bit().widthMm() / 2;
        double reach = BoreCut.reach(job);
        double back = (job.necked() ? job.neckMm() : job.barMm()) * 0.45;
        double lean = job.bitAngleRad();
        boolean square = lean > Math.toRadians(85);
        double dx = Math.cos(lean);
        double dy = -Math.sin(lean);
        // Across the bit, to the side of the feed.
        double nx = -dy;
        double ny = dx;
        double crossing = end - BarEnd.crossing(job);
        double along = reach / Math.sin(lean);
        double tx = crossing + along * dx + (square ? half : 0);
        double ty = -reach;
        double tail = back / Math.sin(lean);
        double bx = crossing - tail * dx;
        double by = -tail * dy;
        Point right = meets(tx, ty, Math.PI / 2 + s.sideCuttingEdge(), bx + half * nx, by + half * ny, dx, dy);
        Point left = meets(tx, ty, Math.PI - s.endCuttingEdge(), bx - half * nx, by - half * ny, dx, dy);
        double[] outline = {
            tx,
            ty,
            right.x(),
            right.y(),
            bx + half * nx,
            by + half * ny,
            bx - half * nx,
            by - half * ny,
            left.x(),
            left.y()
        };
        scene.filled(Role.GROUND, Role.EDGE, outline);
        scene.run(Role.CUTTING_EDGE, false, right.x(), right.y(), tx, ty, left.x(), left.y());
        return new Point(tx, ty);
    }

    /** The insert at the bar's end seen from above: its corner, and the edges that run from it. */
    private static Point insert(SceneBuilder scene, BoreCut cut, Insert insert, double end) {
        double x = end + BarEnd.leadsBy(cut.job());
        double y = -BoreCut.reach(cut.job());
        double lead = Math.PI / 2 + cut.signature().sideCuttingEdge();
        double trail = lead + insert.pointRad();
        double edge = insert.edgeMm();
        double ax = x + edge * Math.cos(lead);
        double ay = y + edge * Math.sin(lead);
        double bx = x + edge * Math.cos(trail);
        double by = y + edge * Math.sin(trail);
        double[] outline = insert.triangle()
                ? new double[] {x, y, ax, ay, bx, by}
                : new double[] {x, y, ax, ay, ax + bx - x, ay + by - y, bx, by};
        scene.filled(Role.GROUND, Role.EDGE, outline);
        double cx = insert.triangle() ? (x + ax + bx) / 3 : (ax + bx) / 2;
        double cy = insert.triangle() ? (y + ay + by) / 3 : (ay + by) / 2;
        scene.circle(Role.EDGE, cx, cy, 0.2 * insert.circleMm());
        scene.run(Role.CUTTING_EDGE, false, ax, ay, x, y, bx, by);
        return new Point(x, y);
    }

    /** Where an edge from the point meets the side of the bit; its far end when it runs along it. */
    private static Point meets(double x, double y, double direction, double sx, double sy, double dx, double dy) {
        double ex = Math.cos(direction);
        double ey = Math.sin(direction);
        double cross = ex * dy - ey * dx;
        double gap = (sx - x) * dy - (sy - y) * dx;
        double t = Math.abs(cross) < 1e-6 ? 0 : gap / cross;
        return t > 0 && t < 2 * Math.hypot(sx - x, sy - y) ? new Point(x + t * ex, y + t * ey) : new Point(sx, sy);
    }
}
