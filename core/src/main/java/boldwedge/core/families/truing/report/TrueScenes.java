package boldwedge.core.families.truing.report;

import static boldwedge.core.families.truing.entry.TrueField.*;

import boldwedge.core.families.truing.model.TrueJob;
import boldwedge.core.families.truing.model.TrueUp;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.UnitFormat;
import java.util.ArrayList;
import java.util.List;

/** Drawings of work that is set up. */
final class TrueScenes {
    private static final double COLUMN = 70;

    private TrueScenes() {}

    /** From the tailstock: four jaws and the work in them; a block's faces; the block in its post. */
    static Scene set(TrueUp cut, UnitFormat say) {
        return switch (cut.job().what()) {
            case TRUE_UP -> jaws(cut, say);
            case SQUARE_BLOCK -> block(cut, say);
            case BORE_BLOCK -> post(cut, say);
        };
    }

    private static Scene jaws(TrueUp cut, UnitFormat say) {
        TrueJob job = cut.job();
        SceneBuilder scene = new SceneBuilder("true-set", "Four jaws, along the axis; what is off drawn larger");
        scene.place(34, 37, 1);
        scene.filled(Role.WORK_AREA, Role.WORK, circle(0, 0, 30));
        double off = job.swingMm() > 0 ? 3 : 0;
        for (int jaw = 0; jaw < 4; jaw++) {
            double angle = Math.PI / 2 * (1 - jaw);
            double c = Math.cos(angle);
            double s = Math.sin(angle);
            double reach = 13 + (jaw == 0 ? off : jaw == 2 ? -off : 0);
            scene.filled(
                    Role.FIXTURE,
                    Role.EDGE,
                    c * reach - s * 4,
                    s * reach + c * 4,
                    c * 30 - s * 4,
                    s * 30 + c * 4,
                    c * 30 + s * 4,
                    s * 30 - c * 4,
                    c * reach + s * 4,
                    s * reach - c * 4);
            scene.label(Role.CAPTION, c * 25, s * 25 - 1, Anchor.MIDDLE, "" + (jaw + 1));
        }
        scene.filled(Role.GROUND, Role.EDGE, circle(0, off, 13));
        scene.line(Role.CENTRE, -32, 0, 32, 0);
        scene.line(Role.CENTRE, 0, -32, 0, 32);
        scene.hung(7, off + 11, in(64), say.length(job.swingMm()), SWING);
        scene.hung(0, off, in(53), say.length(job.offsetMm()), OFFSET);
        scene.hung(12.6, off - 3, in(42), say.length(job.withinMm()), WITHIN);
        scene.hung(28, -2, in(31), say.length(job.pitchMm()), PITCH);
        scene.hung(4, -17, in(20), say.length(job.otherPairMm()), OTHER_PAIR, "Rectangle: other pair");
        scene.place(0, 0, 1);
        scene.label(
                Role.CAPTION,
                COLUMN,
                9,
                Anchor.START,
                (cut.moveMm() >= 0 ? "jaw 1 high: in by " : "jaw 3 low: in by ") + say.angle(cut.turnRad()));
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "not to size");
    }

    /** A place in the column of values beside the drawing. */
    private static Point in(double y) {
        return new Point(COLUMN, y);
    }

    private static List<Point> circle(double x, double y, double r) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < 48; i++) {
            double angle = 2 * Math.PI * i / 48;
            points.add(new Point(x + r * Math.cos(angle), y + r * Math.sin(angle)));
        }
        return points;
    }

    private static Scene block(TrueUp cut, UnitFormat say) {
        TrueJob job = cut.job();
        double most = Math.max(job.longMm(), Math.max(job.wideMm() + 0.4 * job.highMm(), job.highMm()));
        double scale = 46 / most;
        SceneBuilder scene = new SceneBuilder("true-set", "The block and the order of its faces");
        scene.place(10, 18, scale);
        double w = job.longMm();
        double h = job.highMm();
        double d = 0.35 * job.wideMm();
        scene.filled(Role.WORK_AREA, Role.WORK, 0, 0, w, 0, w, h, 0, h);
        scene.filled(Role.GROUND, Role.WORK, 0, h, w, h, w + d, h + d, d, h + d);
        scene.filled(Role.TOOL, Role.WORK, w, 0, w + d, d, w + d, h + d, w, h);
        scene.label(Role.CAPTION, w / 2, h + d / 2 - 1, Anchor.MIDDLE, "1");
        scene.label(Role.CAPTION, w / 2, h / 2, Anchor.MIDDLE, "2, behind it 3");
        scene.label(Role.CAPTION, w / 2, 2 / scale, Anchor.MIDDLE, "4 below");
        scene.label(Role.CAPTION, w + d / 2, h / 2, Anchor.MIDDLE, "5, 6");
        scene.hung(w + d / 2, h + d / 2, in(64), say.length(job.wideMm()), WIDE);
        scene.hung(w + d, d + h / 2, in(53), say.length(job.highMm()), HIGH);
        scene.dimension(0, 0, w, 0, -5, new Point(14, 6), say.length(w), LONG);
        scene.hung(w + d, d + 0.2 * h, in(42), say.length(job.withinMm()), WITHIN);
        scene.hung(w + 0.5 * d, 0.5 * d, in(31), say.length(job.overMm()), OVER);
        scene.place(0, 0, 1);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    private static Scene post(TrueUp cut, UnitFormat say) {
        TrueJob job = cut.job();
        double most = Math.max(job.wideMm(), job.highMm());
        double scale = 46 / most;
        SceneBuilder scene = new SceneBuilder("true-set", "The block in its post, along the axis");
        scene.place(34, 38, scale);
        double w = job.wideMm() / 2;
        double h = job.highMm() / 2;
        scene.filled(Role.WORK_AREA, Role.WORK, -w, -h, w, -h, w, h, -w, h);
        scene.line(Role.HIDDEN, 0, job.shankMm() / 2, 0, h);
        scene.circle(Role.CUTTING_EDGE, 0, 0, cut.holeMm() / 2);
        scene.line(Role.CENTRE, -w * 1.15, 0, w * 1.15, 0);
        scene.line(Role.CENTRE, 0, -h * 1.15, 0, h * 1.15);
        double hole = cut.holeMm() / 2;
        scene.hung(hole * Math.sqrt(0.5), hole * Math.sqrt(0.5), in(53), say.length(job.shankMm()), SHANK);
        scene.hung(0.6 * w, h, in(64), say.length(job.wideMm()), WIDE);
        scene.hung(w, -0.2 * h, in(42), say.length(job.highMm()), HIGH);
        scene.place(0, 0, 1);
        scene.input(COLUMN, 31, Anchor.START, say.force(job.clampN()), CLAMP);
        scene.input(COLUMN, 20, Anchor.START, say.number(job.friction(), 2), FRICTION);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    /** From the front: what the far end does, what pulls, where a bar's point comes to lie. */
    static Scene side(TrueUp cut, UnitFormat say) {
        TrueJob job = cut.job();
        SceneBuilder scene = new SceneBuilder("true-side", "From above, what is off drawn larger");
        scene.filled(Role.FIXTURE, Role.EDGE, 6, 22, 18, 22, 18, 56, 6, 56);
        scene.filled(Role.GROUND, Role.EDGE, 18, 34, 60, 36, 60, 46, 18, 44);
        scene.line(Role.CENTRE, 4, 39, 66, 39);
        switch (job.what()) {
            case TRUE_UP -> {
                scene.hung(60, 45, in(64), say.length(job.farMm()), FAR);
                scene.input(COLUMN, 53, Anchor.START, say.amount(Amount.grams(job.massKg() * 1000)), MASS);
                scene.hung(40, 40, in(42), say.length(job.asideMm()), ASIDE);
                scene.input(COLUMN, 31, Anchor.START, say.rpm(job.rpm()), RPM);
                scene.input(COLUMN, 20, Anchor.START, say.force(job.gripN()), GRIP);
            }
            case SQUARE_BLOCK -> scene.hung(60, 46, in(64), say.length(job.overMm()), OVER);
            case BORE_BLOCK -> {
                scene.hung(24, 44, in(64), say.length(job.seatMm()), SEAT);
                scene.hung(18, 40, in(53), say.length(job.seatOverMm()), SEAT_OVER);
                scene.hung(60, 40, in(42), say.length(job.reachMm()), REACH);
                scene.hung(60, 36, in(31), say.length(job.asideAllowedMm()), ALLOWED);
            }
        }
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "not to size");
    }
}
