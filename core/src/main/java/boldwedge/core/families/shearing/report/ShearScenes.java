package boldwedge.core.families.shearing.report;

import static boldwedge.core.families.shearing.entry.ShearField.*;

import boldwedge.core.families.shearing.model.ShearCut;
import boldwedge.core.families.shearing.model.ShearJob;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.mechanics.wedge.ShearEdge;
import java.util.ArrayList;
import java.util.List;

/** Drawings of a shear tool and the work that it shaves, to scale. */
final class ShearScenes {
    private ShearScenes() {}

    /** The work along its axis, jaws to the left. */
    static Scene work(ShearCut cut, UnitFormat say) {
        ShearJob job = cut.job();
        double r = job.finishedMm() / 2;
        double free = job.freeMm();
        double before = cut.beforeMm() / 2;
        double jaws = Math.max(0.25 * free, 0.5 * r);
        double scale = Math.min(74 / (free + jaws), 30 / (2 * r));
        SceneBuilder scene = new SceneBuilder("shear-work", "The work and what is shaved");
        scene.place(12 + jaws * scale, 40, scale);
        double from = free - job.lengthMm();
        scene.filled(Role.WORK_AREA, Role.WORK, -jaws, -before, from, -before, from, before, -jaws, before);
        scene.filled(Role.WORK_AREA, Role.WORK, from, -r, free, -r, free, r, from, r);
        for (int side : new int[] {1, -1}) {
            scene.filled(
                    Role.FIXTURE,
                    Role.EDGE,
                    -jaws,
                    side * before,
                    0,
                    side * before,
                    0,
                    side * (before + 5 / scale),
                    -jaws,
                    side * (before + 5 / scale));
        }
        if (job.hold() != Hold.CHUCK) {
            scene.run(
                    Role.FIXTURE,
                    true,
                    free,
                    -2 / scale,
                    free + 6 / scale,
                    -4 / scale,
                    free + 6 / scale,
                    4 / scale,
                    free,
                    2 / scale);
        }
        scene.line(Role.CENTRE, -jaws - 3 / scale, 0, free + 4 / scale, 0);
        scene.dimension(from, -r, free, -r, -6);
        scene.dimension(0, -r, free, -r, -15);
        scene.dimension(free, -r, free, r, job.hold() == Hold.CHUCK ? -6 : -10);
        scene.place(0, 0, 1);
        double x0 = 12 + jaws * scale;
        double low = 40 - r * scale;
        scene.input(x0 + (from + free) / 2 * scale, low - 9, Anchor.MIDDLE, say.length(job.lengthMm()), LENGTH);
        scene.input(x0 + free / 2 * scale, low - 18, Anchor.MIDDLE, say.length(free), STICK_OUT);
        scene.input(
                Math.min(98, x0 + free * scale + 6),
                40 + r * scale + 5,
                Anchor.END,
                say.length(job.finishedMm()),
                FINISHED);
        scene.label(Role.DIMENSION, 4, 69, Anchor.START, "turned before to " + say.length(cut.beforeMm()));
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    /** The bit as the work sees it: the leaning edge in its stretches, the front face behind it. */
    static Scene edge(ShearCut cut, UnitFormat say) {
        ShearJob job = cut.job();
        double h = job.bit().heightMm();
        double w = job.bit().widthMm();
        double lean = Math.tan(job.edge().slopeRad());
        double scale = 44 / h;
        double x0 = 24;
        double y0 = 18;
        SceneBuilder scene = new SceneBuilder("shear-edge", "The bit as the work sees it");
        scene.place(x0, y0, scale);
        // The top's corner stays at the blank's side; the foot is the blank's whole width to the left of it.
        scene.filled(Role.GROUND, Role.EDGE, 0, 0, w, 0, w, h, h * lean, h);
        double pitch = h / cut.stretches();
        for (int one = 1; one <= cut.stretches(); one++) {
            double low = h - one * pitch;
            boolean cuts = one == cut.stretch();
            boolean used = job.used().contains(one);
            scene.line(
                    cuts ? Role.CUTTING_EDGE : used ? Role.HIDDEN : Role.EDGE,
                    low * lean,
                    low,
                    (low + pitch) * lean,
                    low + pitch);
            scene.line(Role.DIMENSION, low * lean - 1.2 / scale, low, low * lean + 1.2 / scale, low);
            if (cuts || used || cut.stretches() <= MOST_NAMED) {
                scene.label(
                        Role.DIMENSION,
                        (low + pitch / 2) * lean - 2.5 / scale,
                        low + pitch / 2,
                        Anchor.END,
                        one + (cuts ? " cuts" : used ? " used" : " fresh"));
            }
        }
        double touch = h - (cut.stretch() - 0.5) * pitch;
        scene.line(Role.CENTRE, touch * lean + 1 / scale, touch, w + 8 / scale, touch);
        scene.angle(0, 0, Math.PI / 2 - job.edge().slopeRad(), Math.PI / 2, 16);
        scene.dimension(w, h, w, touch, 4);
        plan(scene, cut);
        scene.place(0, 0, 1);
        scene.input(x0 - 1, y0 + 18, Anchor.END, say.angle(job.edge().slopeRad()), SLOPE);
        scene.label(
                Role.DIMENSION, x0 + w * scale + 5, y0 + (h + touch) / 2 * scale, Anchor.START, say.length(h - touch));
        scene.input(4, 5, Anchor.START, "stretch " + cut.stretch(), STRETCH);
        scene.input(
                40,
                5,
                Anchor.START,
                job.used().isEmpty() ? "none used up" : job.used().size() + " used up",
                USED);
        scene.input(PLAN_X - 2, PLAN_Y + 9, Anchor.START, say.angle(job.edge().frontRad()), FRONT);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    private static final double PLAN_X = 80;
    private static final double PLAN_Y = 33;
    private static final double PLAN_WIDE = 14;

    /** The bit's end from above, the work over it. */
    private static void plan(SceneBuilder scene, ShearCut cut) {
        double fall = Math.tan(cut.job().edge().frontRad());
        scene.place(PLAN_X, PLAN_Y, PLAN_WIDE);
        scene.filled(Role.GROUND, Role.EDGE, 0, 0, 1, -fall, 1, -1.1, 0, -1.1);
        scene.line(Role.WORK, -0.2, 0, 1.3, 0);
        scene.angle(0, 0, -cut.job().edge().frontRad(), 0, 12);
        scene.place(0, 0, 1);
        scene.label(Role.CAPTION, PLAN_X, PLAN_Y - 1.1 * PLAN_WIDE - 4, Anchor.START, "from above");
    }

    /** More stretches than this are told apart by their marks alone. */
    private static final int MOST_NAMED = 7;

    /** Seen along the work from its free end: the edge as a tangent, the bit's top against centre. */
    static Scene touch(ShearCut cut, UnitFormat say) {
        ShearJob job = cut.job();
        ShearEdge edge = job.edge();
        double h = job.bit().heightMm();
        double r = edge.workRadiusMm();
        double half = Math.max(1.1 * h, 0.3 * Math.min(r, 3 * h));
        double scale = 28 / half;
        SceneBuilder scene = new SceneBuilder("shear-touch", "The edge at the work, seen along it");
        double x0 = 44;
        double y0 = 37;
        // From here y is what stands away from the bit, so that the work lies to the right of it.
        scene.place(x0, y0, scale);
        double touch = edge.touchMm();
        double face = r - Math.sqrt(r * r - touch * touch);
        double top = cut.topMm();
        double foot = top - h;
        double lean = Math.tan(edge.slopeRad()) * Math.tan(edge.frontRad());
        double sweep = Math.asin(Math.min(0.98, half / r));
        List<Point> rim = rim(r, sweep);
        List<Point> body = new ArrayList<>(rim);
        body.add(new Point(44 / scale, rim.getLast().y()));
        body.add(new Point(44 / scale, rim.getFirst().y()));
        scene.run(Role.WORK_AREA, true, body);
        scene.run(Role.WORK, false, rim);
        double back = -26 / scale;
        scene.filled(
                Role.TOOL,
                Role.EDGE,
                back,
                foot,
                face + (touch - foot) * lean,
                foot,
                face - (top - touch) * lean,
                top,
                back,
                top);
        double in = edge.halfInWorkMm(cut.depthMm()) / edge.perHeight();
        scene.line(Role.CUTTING_EDGE, face + in * lean, touch - in, face - in * lean, touch + in);
        scene.line(Role.CENTRE, back - 4 / scale, 0, Math.min(r, 44 / scale), 0);
        scene.dimension(back, 0, back, top, 5);
        scene.leader(face, touch, 16, -8, Anchor.START, say.length(Math.abs(touch)) + " under centre");
        scene.hung(face + in * lean, touch - in, new Point(4, 5), say.length(cut.depthMm()), DEPTH);
        scene.place(0, 0, 1);
        scene.label(
                Role.DIMENSION, x0 - 28, y0 + Math.max(top, 0) * scale + 4, Anchor.START, "top " + against(top, say));
        scene.input(40, 5, Anchor.START, say.feed(cut.cutting().feedMm()), FEED);
        scene.input(74, 5, Anchor.START, say.rpm(cut.cutting().rpm()), SPEED);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    /** A height against centre in words. */
    static String against(double mm, UnitFormat say) {
        return say.length(Math.abs(mm)) + (mm < 0 ? " under centre" : " over centre");
    }

    private static final int RIM_PARTS = 60;

    /** The near side of the work's circle, its centre a radius to the right, from the top down. */
    private static List<Point> rim(double r, double sweep) {
        List<Point> rim = new ArrayList<>();
        for (int i = 0; i <= RIM_PARTS; i++) {
            double at = sweep - 2 * sweep * i / RIM_PARTS;
            rim.add(new Point(r - r * Math.cos(at), r * Math.sin(at)));
        }
        return rim;
    }
}
