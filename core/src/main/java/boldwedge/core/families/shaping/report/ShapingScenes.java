package boldwedge.core.families.shaping.report;

import static boldwedge.core.families.shaping.entry.ShapingField.*;

import boldwedge.core.families.shaping.model.ShapedCut;
import boldwedge.core.families.shaping.model.ShapedJob;
import boldwedge.core.families.shaping.model.ShapedJob.End;
import boldwedge.core.families.shaping.model.ShapedJob.Form;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;
import java.util.ArrayList;
import java.util.List;

/** Drawings of a shaped cut and its tool, to scale. */
final class ShapingScenes {
    private static final int ARC_PARTS = 72;

    private ShapingScenes() {}

    /** The work from the end of the stroke, what is planed on top. */
    static Scene end(ShapedCut cut, UnitFormat say) {
        return cut.job().form() == Form.FACE ? face(cut, say) : shaft(cut, say);
    }

    private static Scene shaft(ShapedCut cut, UnitFormat say) {
        ShapedJob job = cut.job();
        double r = job.shaftMm() / 2;
        double floor = r - job.depthMm();
        double half = job.widthMm() / 2;
        double scale = 22 / r;
        double x0 = 34;
        double y0 = 30;
        SceneBuilder scene = new SceneBuilder("shaped-end", "The shaft from its end");
        scene.place(x0, y0, scale);
        List<Point> rim = new ArrayList<>();
        double corner = Math.asin(Math.min(1, half / r));
        for (int i = 0; i <= ARC_PARTS; i++) {
            double at = Math.PI / 2 - corner - (2 * Math.PI - 2 * corner) * i / ARC_PARTS;
            rim.add(new Point(r * Math.cos(at), r * Math.sin(at)));
        }
        rim.add(new Point(-half, floor));
        rim.add(new Point(half, floor));
        scene.run(Role.WORK_AREA, true, rim);
        scene.run(Role.WORK, true, rim);
        if (job.isKeyway()) {
            double tooth = job.toothMm() / 2;
            double up = r + 5 / scale;
            scene.filled(Role.GROUND, Role.EDGE, -tooth, floor, tooth, floor, tooth, up, -tooth, up);
            scene.line(Role.CUTTING_EDGE, -tooth, floor, tooth, floor);
        }
        scene.line(Role.CENTRE, -r - 3 / scale, 0, r + 3 / scale, 0);
        scene.line(Role.CENTRE, 0, -r - 3 / scale, 0, r + 7 / scale);
        scene.dimension(-half, r, half, r, 8);
        scene.dimension(r, -r, r, floor, -5);
        scene.hung(half, (floor + r) / 2, new Point(x0 + 31, y0 + 14), say.length(job.depthMm()), DEPTH);
        scene.hung(
                r * Math.sqrt(0.5), -r * Math.sqrt(0.5), new Point(x0 + 31, y0 - 20), say.length(job.shaftMm()), SHAFT);
        scene.place(0, 0, 1);
        scene.input(
                x0 + Math.max(half * scale + 2, 6),
                y0 + 22 + 10,
                Anchor.START,
                say.length(job.widthMm()),
                job.isKeyway() ? WIDTH : FLAT_WIDTH);
        scene.label(
                Role.DIMENSION,
                x0 + 31,
                y0 + (floor - r) / 2 * scale + 4,
                Anchor.START,
                say.length(cut.slot().overShaftMm()) + " to the far side");
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    private static Scene face(ShapedCut cut, UnitFormat say) {
        ShapedJob job = cut.job();
        double w = job.widthMm() / 2;
        double high = 0.8 * w;
        double scale = Math.min(30 / w, 30 / high);
        double x0 = 40;
        double y0 = 44;
        SceneBuilder scene = new SceneBuilder("shaped-end", "The block from its end");
        scene.place(x0, y0, scale);
        double top = job.depthMm();
        double at = 0.2 * w;
        scene.filled(Role.WORK_AREA, Role.WORK, -w, 0, at, 0, at, top, w, top, w, -high, -w, -high);
        scene.line(Role.HIDDEN, at, 0, w, 0);
        double bit = Math.max(job.bit().widthMm() / 2, 3 / scale);
        scene.filled(
                Role.GROUND,
                Role.EDGE,
                at,
                0,
                at + 0.3 * bit,
                3 * bit,
                at - 1.7 * bit,
                3 * bit,
                at - 0.5 * bit,
                0.4 * bit);
        scene.line(Role.CUTTING_EDGE, at, 0, at + 0.15 * bit, 1.5 * bit);
        scene.dimension(-w, -high, w, -high, -5);
        scene.dimension(w, 0, w, top, -5);
        scene.place(0, 0, 1);
        scene.input(x0, y0 - high * scale - 9, Anchor.MIDDLE, say.length(job.widthMm()), FLAT_WIDTH);
        scene.input(x0 + w * scale + 7, y0 + top / 2 * scale, Anchor.START, say.length(job.depthMm()), DEPTH);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    /** The work from its side: the tool before its stroke, which runs to the left. */
    static Scene stroke(ShapedCut cut, UnitFormat say) {
        ShapedJob job = cut.job();
        double length = job.lengthMm();
        double deep = job.depthMm();
        double thick = job.form() == Form.FACE ? Math.max(0.35 * length, 3 * deep) : job.shaftMm();
        double beyond = Math.max(0.2 * length, 8);
        double bit = job.bit().heightMm();
        double starts = length + (cut.strokeMm() > length + 1 ? cut.beforeMm() : 0);
        double high = cut.outMm() + 1.2 * bit;
        double left = -beyond - cut.afterMm();
        double right = starts + 3 * bit;
        double scale = Math.min(88 / (right - left), 44 / (thick + high));
        SceneBuilder scene = new SceneBuilder("shaped-stroke", "The stroke along the work");
        double x0 = 50 - (left + right) / 2 * scale;
        double y0 = 38;
        scene.place(x0, y0, scale);
        boolean whole = !job.isKeyway() || job.end() == End.THROUGH;
        double from = whole ? 0 : -beyond;
        double to = job.isKeyway() && job.end() == End.TWO_HOLES ? length + beyond : length;
        scene.filled(Role.WORK_AREA, Role.WORK, from, -thick, to, -thick, to, 0, from, 0);
        scene.line(Role.HIDDEN, 0, -deep, length, -deep);
        if (job.isKeyway()) {
            double hole = job.widthMm();
            double down = -deep - ShapedCut.HOLE_DEEPER_MM;
            if (job.end().holes() > 0) {
                scene.run(
                        Role.HIDDEN,
                        false,
                        List.of(new Point(-hole, 0), new Point(-hole, down), new Point(0, down), new Point(0, 0)));
            }
            if (job.end() == End.TWO_HOLES) {
                double long2 = cut.startHoleMm();
                scene.run(
                        Role.HIDDEN,
                        false,
                        List.of(
                                new Point(length, 0),
                                new Point(length, down),
                                new Point(length + long2, down),
                                new Point(length + long2, 0)));
            }
        }
        shank(scene, cut, starts, -deep, high - deep);
        double box = cut.outMm() - deep;
        double ahead = cut.aheadMm();
        scene.filled(
                Role.FIXTURE,
                Role.EDGE,
                starts + ahead - 0.9 * bit,
                box,
                starts + ahead + 1.1 * bit,
                box,
                starts + ahead + 1.1 * bit,
                high - deep,
                starts + ahead - 0.9 * bit,
                high - deep);
        double way = Math.min(14, 0.4 * length * scale);
        scene.leader(length * 0.2, (high - deep) * 0.5, way, 0, Anchor.START, "stroke");
        scene.dimension(0, -thick, length, -thick, -4);
        scene.hung(length * 0.1, 0, new Point(4, 69), say.length(cut.downMm()), DOWN);
        if (!job.isKeyway()) {
            scene.hung(length * 0.4, 0, new Point(36, 69), say.length(cut.feedMm()), FEED);
        }
        scene.hung(starts + ahead, box - cut.outMm() / 2, new Point(4, 57), say.length(cut.outMm()), OUT);
        scene.place(0, 0, 1);
        double low = y0 - thick * scale - 8;
        scene.input(x0 + length * scale / 2, low, Anchor.MIDDLE, say.length(length), LENGTH);
        if (job.isKeyway()) {
            scene.input(36, 69, Anchor.START, say.number(job.springStrokes(), 0), SPRING);
        }
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    /** The shank with its point at a place: straight, or bent back so that its point hangs behind. The edge looks the way of the stroke. */
    private static void shank(SceneBuilder scene, ShapedCut cut, double x, double tip, double top) {
        double h = cut.job().bit().heightMm();
        double ahead = cut.aheadMm();
        double back = x + ahead + h / 2;
        double front = x + ahead - h / 2;
        double neck = tip + 0.5 * cut.outMm();
        double lean = 0.25 * h;
        if (cut.gooseneck()) {
            scene.filled(
                    Role.GROUND,
                    Role.EDGE,
                    x,
                    tip,
                    x + 0.6 * h,
                    tip + lean,
                    back + 0.25 * h,
                    neck,
                    back,
                    top,
                    front,
                    top,
                    front,
                    neck + 0.3 * h,
                    x + 0.15 * h,
                    neck);
        } else {
            scene.filled(Role.GROUND, Role.EDGE, x, tip, back, tip + lean, back, top, front, top);
        }
        scene.line(Role.CUTTING_EDGE, x, tip, x + 0.06 * h, tip + 0.5 * h);
    }

    /** The tool alone: from its side, and its edge from the front. */
    static Scene tool(ShapedCut cut, UnitFormat say) {
        ShapedJob job = cut.job();
        double h = job.bit().heightMm();
        double out = cut.outMm();
        double scale = Math.min(34 / out, 20 / h);
        SceneBuilder scene = new SceneBuilder("shaper-tool", "The tool: its side, its edge from the front");
        double y0 = 18;
        scene.place(24, y0, scale);
        shank(scene, cut, 0, 0, out);
        scene.hung(0.03 * h, 0.25 * h, new Point(4, 68), say.angle(cut.rakeRad()), RAKE);
        scene.hung(cut.aheadMm() + 0.25 * h, 0.2 * h, new Point(34, 68), say.angle(job.frontRad()), FRONT);
        scene.line(Role.CENTRE, cut.aheadMm(), -2 / scale, cut.aheadMm(), out + 3 / scale);
        double beside = cut.aheadMm() - h / 2 - 2 / scale;
        scene.dimension(beside, 0, beside, out, 6, new Point(4, y0 - 9), say.length(out), OUT);
        scene.place(62, y0, scale);
        double w = job.bit().widthMm() / 2;
        if (job.isKeyway()) {
            double tooth = job.toothMm() / 2;
            double long1 = job.depthMm() + 2;
            double lean = long1 * Math.tan(job.sideRad());
            scene.filled(
                    Role.GROUND,
                    Role.EDGE,
                    -tooth,
                    0,
                    tooth,
                    0,
                    tooth - lean,
                    long1,
                    w,
                    long1 + 1,
                    w,
                    out,
                    -w,
                    out,
                    -w,
                    long1 + 1,
                    -tooth + lean,
                    long1);
            scene.line(Role.CUTTING_EDGE, -tooth, 0, tooth, 0);
            scene.hung(tooth - lean / 2, long1 / 2, new Point(80, y0 + 14), say.angle(job.sideRad()), SIDE);
            scene.hung(tooth, 0, new Point(64, y0 - 9), say.length(job.toothMm()), TOOTH);
        } else {
            double nose = Math.min(job.noseMm(), w);
            scene.filled(
                    Role.GROUND,
                    Role.EDGE,
                    -w,
                    1.2 * w,
                    -w + 0.3 * w,
                    0.2 * nose,
                    -w + 0.3 * w + nose,
                    0,
                    w,
                    0.5 * w,
                    w,
                    out,
                    -w,
                    out);
            scene.line(Role.CUTTING_EDGE, -w, 1.2 * w, -w + 0.3 * w, 0.2 * nose);
            scene.hung(-w + 0.3 * w, 0.1 * nose, new Point(64, y0 - 9), say.length(job.noseMm()), NOSE);
        }
        scene.place(0, 0, 1);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }
}
