package boldwedge.core.families.grooving.report;

import static boldwedge.core.families.grooving.entry.GrooveField.*;

import boldwedge.core.families.grooving.model.Groove;
import boldwedge.core.families.grooving.model.Groove.Side;
import boldwedge.core.families.grooving.model.GrooveCut;
import boldwedge.core.families.grooving.model.GrooveJob;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;
import java.util.ArrayList;
import java.util.List;

/** Drawings of a groove and its bit, to scale. */
final class GrooveScenes {
    /** A corner is drawn with so many strokes. */
    private static final int ROUND_STEPS = 8;

    private GrooveScenes() {}

    /** The groove in section with the bit in its first plunge: the surface that it is cut into on top. */
    static Scene section(GrooveCut cut, UnitFormat say) {
        Groove groove = cut.job().groove();
        double b = groove.aimMm();
        double t = groove.depthMm();
        double scale = Math.min(36 / b, 22 / t);
        double land = 12 / scale;
        double below = Math.min(t, 10 / scale) + 4 / scale;
        SceneBuilder scene = new SceneBuilder("groove", "The groove in section");
        double x0 = 50 - b / 2 * scale;
        double y0 = 44;
        scene.place(x0, y0, scale);
        boolean shoulder = groove.undercut().isPresent();
        List<Point> work = new ArrayList<>(List.of(new Point(-land, shoulder ? 8 / scale : 0)));
        work.addAll(
                shoulder
                        ? undercut(groove, cut.cornerMm(), b, 8 / scale)
                        : List.of(new Point(0, 0), new Point(0, -t), new Point(b, -t), new Point(b, 0)));
        work.addAll(List.of(new Point(b + land, 0), new Point(b + land, -t - below), new Point(-land, -t - below)));
        scene.filled(Role.WORK_AREA, Role.WORK, work);
        double w = cut.tipMm();
        double up = 12 / scale;
        double lean = Math.tan(cut.sideRad()) * (t + up);
        List<Point> edge = GrooveSolid.edge(cut).stream()
                .map(p -> new Point(p.x(), -p.y() - t))
                .toList();
        List<Point> tool = new ArrayList<>(edge);
        tool.addAll(List.of(new Point(w - lean, up), new Point(lean, up)));
        scene.filled(Role.GROUND, Role.EDGE, tool);
        scene.run(Role.CUTTING_EDGE, false, edge);
        for (int i = 1; i < cut.plunges(); i++) {
            double at = i * cut.stepMm();
            scene.line(Role.HIDDEN, at, -t, at, 0);
            scene.line(Role.HIDDEN, at + w, -t, at + w, 0);
        }
        scene.dimension(0, 0, b, 0, 15);
        scene.dimension(b + land, 0, b + land, -t, 4);
        scene.hung(-0.6 * land, 0, new Point(4, 62), say.length(groove.aroundMm()), AROUND);
        if (groove.side() != Side.FACE) {
            scene.hung(
                    0.7 * b,
                    -t,
                    new Point(shoulder ? 56 : 46, y0 - (t + below) * scale - 6),
                    say.length(groove.bottomMm()),
                    BOTTOM);
        }
        scene.place(0, 0, 1);
        scene.input(50, y0 + 20, Anchor.MIDDLE, say.length(groove.widthMm()), WIDTH);
        double right = x0 + (b + land) * scale + 6;
        if (groove.side() == Side.FACE) {
            scene.input(right, y0 - t / 2 * scale, Anchor.START, say.length(t), DEPTH);
        } else {
            scene.label(Role.DIMENSION, right, y0 - t / 2 * scale, Anchor.START, say.length(t));
        }
        if (shoulder) {
            double under = y0 - (t + below) * scale;
            double round = Math.min(cut.cornerMm(), b / 2) * (1 - Math.sqrt(0.5)) * scale;
            scene.line(Role.DIMENSION, x0 + round, y0 - t * scale + round, x0 - 3, under - 2);
            scene.input(x0 - land * scale, under - 6, Anchor.START, say.length(cut.cornerMm()), RADIUS);
        }
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    /** Shoulder, radius, floor and run-out of an undercut, from the top of the shoulder to the shaft. */
    private static List<Point> undercut(Groove groove, double radius, double width, double high) {
        double t = groove.depthMm();
        List<Point> points = new ArrayList<>(List.of(new Point(0, high)));
        double round = Math.min(radius, width / 2);
        for (int i = 0; i <= ROUND_STEPS; i++) {
            double at = Math.PI / 2 * i / ROUND_STEPS;
            points.add(new Point(round * (1 - Math.cos(at)), round * (1 - Math.sin(at)) - t));
        }
        points.add(new Point(Math.max(round, width - groove.runOutMm()), -t));
        points.add(new Point(width, 0));
        return points;
    }

    /** The bit's end as the work sees it, and from its side. */
    static Scene bit(GrooveCut cut, UnitFormat say) {
        GrooveJob job = cut.job();
        double h = job.bit().heightMm();
        double w = cut.tipMm();
        double out = cut.outMm();
        double scale = Math.min(26 / Math.max(h, w), 34 / (out + 0.8 * h));
        SceneBuilder scene = new SceneBuilder("groove-bit", "The bit, ground");
        double top = 52;
        double x0 = 12;
        scene.place(x0, top, scale);
        double inner = h * Math.tan(cut.sideRad());
        double outer = Math.max(inner, h * Math.tan(cut.outerRad()));
        double foot = w - inner;
        scene.filled(Role.GROUND, Role.EDGE, 0, 0, w, 0, Math.max(foot, outer), -h, Math.min(outer, foot), -h);
        scene.line(Role.CUTTING_EDGE, 0, 0, w, 0);
        scene.dimension(0, 0, w, 0, 4);
        scene.hung(0.7 * Math.min(outer, foot), -0.7 * h, new Point(4, 14), say.angle(cut.sideRad()), SIDE);
        scene.hung(0, 0, new Point(4, 4), say.length(cut.cornerMm()), CORNER);
        if (job.groove().side() == Side.FACE) {
            scene.hung(0.5 * outer, -0.5 * h, new Point(32, 4), say.angle(cut.outerRad()), OUTER);
        }
        double side = 58;
        scene.place(side, top, scale);
        double back = out + 0.8 * h;
        double fall = h * Math.tan(job.frontRad());
        double rise = out * Math.tan(cut.rakeRad());
        scene.filled(Role.GROUND, Role.EDGE, 0, 0, fall, -h, out, -h, out, Math.min(0, -rise));
        scene.filled(Role.TOOL, Role.EDGE, out, -h, back, -h, back, 0.08 * h, out, 0.08 * h);
        scene.line(Role.CUTTING_EDGE, 0, 0, out, Math.min(0, -rise));
        scene.dimension(0, 0, out, 0, 5);
        scene.hung(fall / 2, -h / 2, new Point(44, 14), say.angle(job.frontRad()), FRONT);
        scene.hung(out / 2, Math.min(0, -rise) / 2, new Point(78, 14), say.angle(cut.rakeRad()), RAKE);
        scene.place(0, 0, 1);
        scene.input(x0 + w * scale / 2, top + 9, Anchor.START, say.length(w), TIP);
        scene.input(side + out * scale / 2, top + 10, Anchor.START, say.length(out), OUT);
        scene.label(Role.CAPTION, x0, top - h * scale - 4, Anchor.START, "as the work sees it");
        scene.label(Role.CAPTION, side, top - h * scale - 4, Anchor.START, "from its side");
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    /** The work from its end, and the bit in it. */
    static Scene stand(GrooveCut cut, UnitFormat say) {
        GrooveJob job = cut.job();
        Groove groove = job.groove();
        double r = groove.aroundMm() / 2;
        double bottom = groove.bottomMm() / 2;
        double large = Math.max(r, bottom) * (groove.side() == Side.OUTSIDE ? 1 : 1.15);
        double scale = 24 / large;
        SceneBuilder scene = new SceneBuilder("groove-stand", "The bit at the work, seen along it");
        scene.place(54, 45, scale);
        switch (groove.side()) {
            case OUTSIDE -> outside(scene, cut, r, bottom, scale);
            case INSIDE -> inside(scene, cut, r, bottom, large);
            case FACE -> face(scene, cut, r, bottom, large);
        }
        scene.line(Role.CENTRE, -large - 4 / scale, 0, large + 4 / scale, 0);
        scene.line(Role.CENTRE, 0, -large - 2 / scale, 0, large + 2 / scale);
        if (groove.side() == Side.INSIDE) {
            double bar = cut.barMm() / 2;
            double at = -bottom + cut.outMm() + bar;
            scene.hung(at, bar, new Point(84, 60), say.length(cut.barMm()), BAR);
            scene.hung(at + bar, 0, new Point(84, 48), say.length(cut.barReachMm()), BAR_REACH);
        }
        scene.place(0, 0, 1);
        scene.input(4, 5, Anchor.START, say.feed(cut.feedMm()), FEED);
        scene.input(42, 5, Anchor.START, say.rpm(cut.rpm()), SPEED);
        scene.input(74, 5, Anchor.START, say.number(job.dwell(), 0), DWELL);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    private static void outside(SceneBuilder scene, GrooveCut cut, double r, double bottom, double scale) {
        scene.circle(Role.WORK_AREA, 0, 0, r);
        scene.circle(Role.WORK, 0, 0, r);
        scene.circle(Role.HIDDEN, 0, 0, bottom);
        double h = cut.job().bit().heightMm();
        double fall = h * Math.tan(cut.job().frontRad());
        double back = -r - 18 / scale;
        scene.filled(Role.TOOL, Role.EDGE, -bottom, 0, -bottom - fall, -h, back, -h, back, 0);
    }

    private static void inside(SceneBuilder scene, GrooveCut cut, double r, double bottom, double large) {
        scene.circle(Role.WORK_AREA, 0, 0, large);
        scene.circle(Role.WORK, 0, 0, large);
        scene.circle(Role.SWEPT, 0, 0, r);
        scene.circle(Role.WORK, 0, 0, r);
        scene.circle(Role.HIDDEN, 0, 0, bottom);
        double bar = cut.barMm() / 2;
        double at = -bottom + cut.outMm() + bar;
        scene.circle(Role.TOOL, at, 0, bar);
        scene.circle(Role.EDGE, at, 0, bar);
        double half = Math.min(bar * 0.5, cut.job().bit().heightMm() / 2);
        scene.filled(
                Role.GROUND,
                Role.EDGE,
                -bottom,
                0,
                at,
                0,
                at,
                -half,
                -bottom + half * Math.tan(cut.job().frontRad()) + half * half / bottom,
                -half);
    }

    private static void face(SceneBuilder scene, GrooveCut cut, double r, double bottom, double large) {
        scene.circle(Role.WORK_AREA, 0, 0, large);
        scene.circle(Role.WORK, 0, 0, large);
        scene.circle(Role.WORK, 0, 0, r);
        scene.circle(Role.WORK, 0, 0, bottom);
        double h = cut.job().bit().heightMm();
        double w = cut.tipMm();
        double outer = h * Math.tan(cut.outerRad());
        double inner = h * Math.tan(cut.sideRad());
        scene.filled(
                Role.GROUND,
                Role.EDGE,
                -r,
                0,
                -r + w,
                0,
                -r + Math.max(w - inner, outer),
                -h,
                -r + Math.min(outer, w),
                -h);
        scene.line(Role.CUTTING_EDGE, -r, 0, -r + w, 0);
    }
}
