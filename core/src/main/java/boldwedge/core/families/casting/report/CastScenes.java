package boldwedge.core.families.casting.report;

import static boldwedge.core.families.casting.entry.CastField.*;

import boldwedge.core.families.casting.model.CastBore;
import boldwedge.core.families.casting.model.CastJob;
import boldwedge.core.families.casting.model.CastJob.Seat;
import boldwedge.core.families.casting.model.RawHole;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;
import java.util.ArrayList;
import java.util.List;

/** Drawings of a casting's bore, to scale. */
final class CastScenes {
    private static final int STEPS = 60;

    private CastScenes() {}

    /** The end of the casting: the raw hole, the axis, the first pass and the finished bore. */
    static Scene end(CastBore cut, UnitFormat say) {
        CastJob job = cut.job();
        double reach = Math.max(job.finishedMm() / 2, cut.farthestMm()) * 1.35;
        double scale = 26 / reach;
        double x0 = 34;
        double y0 = 36;
        SceneBuilder scene = new SceneBuilder("cast-end", "The casting’s end, from the axis that is wanted");
        scene.place(x0, y0, scale);
        scene.filled(Role.WORK_AREA, Role.WORK, oval(0, 0, reach, reach));
        RawHole across = job.across();
        RawHole up = job.up();
        scene.filled(
                Role.SWEPT,
                Role.WORK,
                oval(across.nearAsideMm(), up.nearAsideMm(), across.nearMm() / 2, up.nearMm() / 2));
        if (!across.equals(new RawHole(across.nearMm(), across.nearAsideMm(), across.nearMm(), across.nearAsideMm()))
                || !up.equals(new RawHole(up.nearMm(), up.nearAsideMm(), up.nearMm(), up.nearAsideMm()))) {
            scene.run(
                    Role.HIDDEN, true, oval(across.farAsideMm(), up.farAsideMm(), across.farMm() / 2, up.farMm() / 2));
        }
        double x = cut.asideMm();
        double y = cut.upMm();
        scene.circle(Role.HIDDEN, x, y, Math.min(cut.firstMm() / 2, reach));
        scene.circle(Role.CUTTING_EDGE, x, y, job.finishedMm() / 2);
        scene.line(Role.CENTRE, x - reach * 1.08, y, x + reach * 1.08, y);
        scene.line(Role.CENTRE, x, y - reach * 1.08, x, y + reach * 1.08);
        double column = 70;
        double slant = Math.sqrt(0.5);
        double bore = job.finishedMm() / 2;
        double wide = across.nearMm() / 2;
        double tall = up.nearMm() / 2;
        double midX = across.nearAsideMm();
        double midY = up.nearAsideMm();
        scene.hung(midX + tall * 0.2, midY + tall * 0.98, new Point(column, 66), say.length(up.nearMm()), TALL);
        scene.hung(x + bore * slant, y + bore * slant, new Point(column, 57), say.length(job.finishedMm()), BORE);
        scene.hung(midX + wide * 0.98, midY + tall * 0.2, new Point(column, 48), say.length(across.nearMm()), WIDE);
        scene.hung(midX, midY, new Point(column, 39), say.signed(across.nearAsideMm()), ASIDE);
        scene.hung(midX, midY, new Point(column, 30), say.signed(up.nearAsideMm()), ABOVE);
        scene.hung(x, y, new Point(column, 21), say.length(job.freeMm()), FREE);
        double first = Math.min(cut.firstMm() / 2, reach);
        scene.hung(x + first * slant, y - first * slant, new Point(column, 12), say.length(cut.skinMm()), SKIN);
        scene.place(0, 0, 1);
        scene.label(Role.CAPTION, 4, 3.5, Anchor.START, "bright: finished; broken: first pass, far end");
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    private static List<Point> oval(double x, double y, double wide, double tall) {
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < STEPS; i++) {
            double angle = 2 * Math.PI * i / STEPS;
            points.add(new Point(x + wide * Math.cos(angle), y + tall * Math.sin(angle)));
        }
        return points;
    }

    /** What closes the bore and what sits in it: cap and shims, or the bush in its casting. */
    static Scene fit(CastBore cut, UnitFormat say) {
        CastJob job = cut.job();
        boolean bush = job.seat() == Seat.BUSH;
        double outer = bush ? job.outsideMm() / 2 : job.finishedMm() * 0.85;
        double scale = 27 / outer;
        double x0 = 34;
        double y0 = 38;
        SceneBuilder scene = new SceneBuilder("cast-fit", "What closes it, and what sits in it");
        scene.place(x0, y0, scale);
        scene.filled(Role.WORK_AREA, Role.WORK, oval(0, 0, outer, outer));
        if (bush) {
            scene.filled(Role.GROUND, Role.EDGE, oval(0, 0, job.finishedMm() / 2, job.finishedMm() / 2));
            scene.filled(Role.SWEPT, Role.EDGE, oval(0, 0, job.insideMm() / 2, job.insideMm() / 2));
        } else {
            scene.filled(Role.SWEPT, Role.EDGE, oval(0, 0, job.finishedMm() / 2, job.finishedMm() / 2));
        }
        if (job.cap()) {
            double joint = Math.max(job.shimsMm(), 0.8 / scale);
            for (int side : new int[] {-1, 1}) {
                double in = side * job.finishedMm() / 2;
                double out = side * outer;
                scene.filled(Role.FIXTURE, Role.EDGE, in, -joint / 2, out, -joint / 2, out, joint / 2, in, joint / 2);
            }
        }
        scene.line(Role.CENTRE, -outer * 1.1, 0, outer * 1.1, 0);
        scene.line(Role.CENTRE, 0, -outer * 1.1, 0, outer * 1.1);
        double column = 70;
        double bore = job.finishedMm() / 2;
        double inside = bush ? job.insideMm() / 2 : bore;
        if (bush) {
            scene.hung(outer * 0.5, outer * 0.86, new Point(column, 66), say.length(job.outsideMm()), OUTSIDE);
            scene.hung(bore * 0.64, bore * 0.77, new Point(column, 58.3), say.length(job.overMm()), OVER);
            scene.hung(inside * 0.77, inside * 0.64, new Point(column, 50.6), say.length(job.insideMm()), INSIDE);
            scene.place(0, 0, 1);
            scene.input(column, 42.9, Anchor.START, say.number(job.friction(), 2), FRICTION);
            scene.input(column, 35.2, Anchor.START, say.force(job.pressN()), PRESS);
            scene.place(x0, y0, scale);
        }
        if (job.cap()) {
            double joint = (bore + outer) / 2;
            scene.hung(joint, 0, new Point(column, 27.5), say.length(job.shimsMm()), SHIMS);
            scene.hung(joint, 0, new Point(column, 19.8), say.length(job.outMm()), OUT);
            scene.hung(inside * 0.6, -inside * 0.8, new Point(column, 12), say.length(job.playMm()), PLAY);
        }
        scene.place(0, 0, 1);
        scene.label(
                Role.CAPTION,
                4,
                3.5,
                Anchor.START,
                job.cap()
                        ? "shims at the joint drawn thick enough to be seen"
                        : bush ? "bush in its casting" : "a whole bore");
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }
}
