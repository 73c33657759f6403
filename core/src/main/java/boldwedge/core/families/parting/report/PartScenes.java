package boldwedge.core.families.parting.report;

import static boldwedge.core.families.parting.entry.PartField.*;

import boldwedge.core.families.parting.entry.PartField;
import boldwedge.core.families.parting.model.PartCut;
import boldwedge.core.families.parting.model.PartJob;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.Blade;
import java.util.ArrayList;
import java.util.List;

/** The cut in the work, and the tip of the blade seen from three sides. */
final class PartScenes {
    private PartScenes() {}

    /** The work in its chuck from the front, cut through by the blade to the depth it goes. */
    static Scene work(PartCut cut, UnitFormat say) {
        PartJob job = cut.job();
        SceneBuilder scene = new SceneBuilder("part-work", job.groove() ? "The groove" : "The piece");
        double jaw = 10;
        double shown = job.atMm() + job.grooveMm() + job.pieceMm();
        double scale = Math.min(54 / Math.max(shown, 1), 36 / job.diameterMm());
        double r = job.diameterMm() / 2;
        double end = job.endMm() / 2;
        double x0 = job.atMm();
        double x1 = x0 + job.grooveMm();
        scene.place(18, 40, scale);
        double across = Math.min(r + 6 / scale, 20 / scale);
        for (int side : new int[] {1, -1}) {
            scene.run(
                    Role.FIXTURE,
                    true,
                    -jaw / scale,
                    side * r,
                    0,
                    side * r,
                    0,
                    side * across,
                    -jaw / scale,
                    side * across);
        }
        for (int side : new int[] {1, -1}) {
            double inner = job.bored() ? side * end : 0;
            scene.run(Role.WORK_AREA, true, -4 / scale, inner, x0, inner, x0, side * r, -4 / scale, side * r);
            scene.run(Role.WORK_AREA, true, x1, inner, shown, inner, shown, side * r, x1, side * r);
            if (job.groove()) {
                scene.run(Role.WORK_AREA, true, x0, 0, x1, 0, x1, side * end, x0, side * end);
            }
            scene.line(Role.WORK, -4 / scale, side * r, x0, side * r);
            scene.line(Role.WORK, x1, side * r, shown, side * r);
            scene.line(Role.WORK, x0, side * r, x0, side * end);
            scene.line(Role.WORK, x1, side * r, x1, side * end);
            if (job.groove()) {
                scene.line(Role.WORK, x0, side * end, x1, side * end);
            }
            if (job.bored()) {
                scene.line(Role.HIDDEN, -4 / scale, side * end, shown, side * end);
            }
        }
        scene.line(Role.WORK, shown, -r, shown, r);
        scene.line(Role.CENTRE, -14 / scale, 0, shown + 5 / scale, 0);
        // The blade stands at the end of its cut, from below: that is where the machinist stands in front.
        double half = job.widthMm();
        double lead = job.widthMm() * Math.tan(job.leadRad());
        double tip = job.behind() ? end : -end;
        double out = job.behind() ? r + 9 / scale : -r - 9 / scale;
        double corner = job.behind() ? lead : -lead;
        scene.run(
                Role.TOOL,
                true,
                x0,
                out,
                x0,
                tip + Math.max(0, corner),
                x0 + half,
                tip + Math.max(0, -corner),
                x0 + half,
                out);
        scene.line(Role.CUTTING_EDGE, x0, tip + Math.max(0, corner), x0 + half, tip + Math.max(0, -corner));
        double top = Math.min(66, 40 + scale * r + 9);
        double right = 18 + scale * shown;
        if (job.groove()) {
            scene.dimension(x0, r, x1, r, 3.5, new Point(18 + scale * x0 - 6, top), say.length(job.grooveMm()), GROOVE);
        }
        scene.dimension(x1, r, shown, r, 3.5, new Point(18 + scale * x1, top), say.length(job.pieceMm()), PIECE);
        scene.dimension(shown, r, shown, -r, 6, new Point(right + 8, 39), say.length(job.diameterMm()), DIAMETER);
        scene.dimension(0, -r, x0, -r, -5, new Point(14, Math.max(5, 40 - scale * r - 13)), say.length(job.atMm()), AT);
        if (job.groove()) {
            scene.hung(x1, end, new Point(right + 8, 56), say.length(job.endMm()), BOTTOM);
        } else {
            scene.hung(shown, -end, new Point(right + 8, 22), say.length(job.endMm()), BORE);
        }
        scene.place(0, 0, 1);
        if (!job.groove()) {
            input(scene, 80, 8, Integer.toString(job.pieces()), PIECES);
        }
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, Plate.scale(scale));
    }

    private static void input(SceneBuilder scene, double x, double y, String text, PartField field) {
        scene.input(x, y, Anchor.START, text, field);
    }

    /** The tip from the side, from above and from its end, to one scale. */
    static Scene tip(PartCut cut, UnitFormat say) {
        PartJob job = cut.job();
        Blade blade = job.blade();
        SceneBuilder scene = new SceneBuilder("blade-tip", "The tip");
        double h = blade.heightMm();
        double long_ = Math.max(1.2 * h, job.depthMm() * 0.6);
        double scale = Math.min(40 / long_, 24 / h);
        double w = job.widthMm();
        scene.place(52, 36, scale);
        double back = h * Math.tan(cut.reliefRad());
        double dip = 0.5 * long_ * Math.tan(cut.rakeRad());
        // From the side: the edge at the right on top.
        scene.run(
                Role.TOOL,
                true,
                -long_,
                0,
                -0.5 * long_,
                job.hollow() ? -dip - 0.05 * h : -dip,
                0,
                0,
                -back,
                -h,
                -long_,
                -h);
        scene.run(Role.EDGE, false, -long_, 0, -0.5 * long_, -dip, 0, 0, -back, -h, -long_, -h);
        scene.line(Role.CENTRE, -0.3 * long_, 0, 0.35 * long_, 0);
        scene.circle(Role.CUTTING_EDGE, 0, 0, 0.5 / scale);
        // From above.
        double tall = Math.max(scale, Math.min(3 * scale, 9 / w));
        scene.place(52, 66, tall);
        double behind = long_ * scale / tall;
        double lead = w * Math.tan(job.leadRad());
        double narrow = Math.min(0.35 * w, behind * Math.tan(cut.sideRad()));
        scene.run(
                Role.TOOL,
                true,
                -behind,
                w / 2 - narrow,
                Math.min(0, lead),
                w / 2,
                -Math.max(0, lead),
                -w / 2,
                -behind,
                -w / 2 + narrow);
        scene.run(
                Role.EDGE,
                false,
                -behind,
                w / 2 - narrow,
                Math.min(0, lead),
                w / 2,
                -Math.max(0, lead),
                -w / 2,
                -behind,
                -w / 2 + narrow);
        scene.line(Role.CUTTING_EDGE, Math.min(0, lead), w / 2, -Math.max(0, lead), -w / 2);
        scene.dimension(0, w / 2, 0, -w / 2, 4, new Point(59, 66), say.length(w), WIDTH);
        scene.hung(-Math.abs(lead) / 2, -w / 4, new Point(59, 56), say.angle(job.leadRad()), LEAD);
        scene.place(52, 36, scale);
        scene.hung(-0.25 * long_, -dip / 2, new Point(34, 46), say.angle(cut.rakeRad()), RAKE);
        scene.hung(-back / 2, -h / 2, new Point(57, 22), say.angle(cut.reliefRad()), RELIEF);
        // From its end.
        double end = Math.min(24 / h, 3.2 * scale);
        scene.place(82, 36, end);
        profile(scene, job, h);
        scene.hung(-0.45 * w, -0.6 * h, new Point(57, 8), say.angle(cut.sideRad()), SIDE);
        scene.hung(0, -h, new Point(80, 4), say.angle(job.squareRad()), SQUARE);
        scene.place(0, 0, 1);
        scene.label(Role.CAPTION, 3, 71, Anchor.START, "from above, wider drawn");
        scene.label(Role.CAPTION, 3, 44, Anchor.START, "from the side");
        scene.label(Role.CAPTION, 82, 44, Anchor.MIDDLE, "end");
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "side " + Plate.scale(scale));
    }

    /** The blade's profile, top at the local origin's level, upright axis at its x. */
    static void profile(SceneBuilder scene, PartJob job, double h) {
        Blade blade = job.blade();
        double top = job.widthMm() / 2;
        double[] points = switch (blade.section()) {
            case TEE -> {
                double stem = Math.min(job.widthMm(), blade.stemMm()) / 2;
                yield new double[] {
                    -top,
                    0,
                    top,
                    0,
                    top,
                    -blade.headMm(),
                    stem,
                    -blade.headMm(),
                    stem,
                    -h,
                    -stem,
                    -h,
                    -stem,
                    -blade.headMm(),
                    -top,
                    -blade.headMm()
                };
            }
            case TAPERED -> {
                double bottom = Math.max(0.1, top - h * Math.tan(blade.sideTaperRad()));
                yield new double[] {-top, 0, top, 0, bottom, -h, -bottom, -h};
            }
            case INSERT -> {
                double body = blade.bottomMm() / 2;
                yield new double[] {
                    -top, 0, top, 0, top, -0.15 * h, body, -0.15 * h, body, -h, -body, -h, -body, -0.15 * h, -top,
                    -0.15 * h
                };
            }
            default -> new double[] {-top, 0, top, 0, top, -h, -top, -h};
        };
        scene.filled(Role.TOOL, Role.EDGE, points);
    }

    /** What holds along the way in: power against what is there, torque, clearance in use. */
    static Scene wayIn(PartCut cut, UnitFormat say) {
        PartJob job = cut.job();
        SceneBuilder scene = new SceneBuilder("way-in", "On the way in");
        double x0 = 14;
        double wide = 66;
        double y0 = 14;
        double high = 46;
        double most = Math.max(cut.availableWatt(), cut.at().getFirst().watt()) * 1.1;
        scene.place(0, 0, 1);
        scene.line(Role.EDGE, x0, y0, x0 + wide, y0);
        scene.line(Role.EDGE, x0, y0, x0, y0 + high);
        double there = y0 + high * cut.availableWatt() / most;
        scene.line(Role.HIDDEN, x0, there, x0 + wide, there);
        scene.label(Role.DIMENSION, x0 + wide, there + 1.5, Anchor.END, "there are " + say.power(cut.availableWatt()));
        List<Point> power = new ArrayList<>();
        List<Point> relief = new ArrayList<>();
        for (PartCut.At at : cut.at()) {
            double x =
                    x0 + wide * (job.diameterMm() - at.diameterMm()) / Math.max(1e-9, job.diameterMm() - job.endMm());
            power.add(new Point(x, y0 + high * at.watt() / most));
            double share = Math.clamp(at.reliefRad() / Math.max(1e-9, cut.reliefRad()), -0.2, 2);
            relief.add(new Point(x, y0 + high * share / 2.2));
        }
        scene.run(Role.CUTTING_EDGE, false, power);
        scene.run(Role.SWEPT, false, relief);
        scene.label(Role.CAPTION, x0, y0 - 4, Anchor.START, "outside " + say.length(job.diameterMm()));
        scene.label(Role.CAPTION, x0 + wide, y0 - 4, Anchor.END, "end " + say.length(job.endMm()));
        scene.label(
                Role.CAPTION,
                x0 + 1,
                y0 + high + 3,
                Anchor.START,
                "power at the edge (bright), front clearance in use (dotted)");
        PartCut.At first = cut.at().getFirst();
        PartCut.At last = cut.at().getLast();
        scene.label(Role.DIMENSION, x0 + wide + 2, y0 + high * 0.62, Anchor.START, say.power(first.watt()));
        scene.label(Role.CAPTION, x0 + wide + 2, y0 + high * 0.68, Anchor.START, "outside");
        scene.label(Role.DIMENSION, x0 + wide + 2, y0 + high * 0.42, Anchor.START, say.angle(last.reliefRad()));
        scene.label(Role.CAPTION, x0 + wide + 2, y0 + high * 0.48, Anchor.START, "clears at end");
        scene.label(Role.DIMENSION, x0 + wide + 2, y0 + high * 0.22, Anchor.START, say.torque(first.torqueNm()));
        scene.label(Role.CAPTION, x0 + wide + 2, y0 + high * 0.28, Anchor.START, "at the spindle");
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "");
    }
}
