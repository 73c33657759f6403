package boldwedge.core.families.reaming.report;

import static boldwedge.core.families.reaming.entry.ReamField.*;

import boldwedge.core.families.reaming.model.ReamCut;
import boldwedge.core.families.reaming.model.ReamJob;
import boldwedge.core.families.reaming.model.ReamJob.Helix;
import boldwedge.core.families.reaming.model.ReamJob.Kind;
import boldwedge.core.language.drawing.Axis;
import boldwedge.core.language.drawing.InputField;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.mechanics.hole.CutsOver;
import boldwedge.core.mechanics.hole.UnevenTeeth;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** Drawings of a reamer and of its hole, to scale. */
final class ReamScenes {
    private ReamScenes() {}

    /** The reamer from the side. */
    static Scene side(ReamCut cut, UnitFormat say) {
        ReamJob job = cut.job();
        double d = cut.reamerMm();
        double length = cut.lengthMm();
        double head = Math.min(cut.headMm(), length - 1);
        double scale = Math.min(84 / length, 26 / d);
        SceneBuilder scene = new SceneBuilder("reamer", "The reamer");
        double y = 40;
        scene.place(50 - length * scale / 2, y, scale);
        double r = d / 2;
        double s = cut.shankMm() / 2;
        switch (job.kind()) {
            case FLUTED -> fluted(scene, cut, head, r);
            case D_BIT -> dBit(scene, cut, head, r);
            case SLANT -> {
                double slant = cut.slantMm();
                scene.run(Role.GROUND, true, 0, -r, slant, r, slant, -r);
                scene.filled(Role.TOOL, Role.EDGE, 0, -r, slant, r, length, r, length, -r);
                scene.run(Role.CUTTING_EDGE, false, 0, -r, slant, r);
            }
        }
        if (job.kind() != Kind.SLANT) {
            scene.run(Role.TOOL, true, head, s, length, s, length, -s, head, -s);
            scene.run(Role.EDGE, false, head, r, head, s, length, s, length, -s, head, -s, head, -r);
        }
        scene.line(Role.CENTRE, -4 / scale, 0, length + 4 / scale, 0);
        double low = -r * scale;
        double left = 50 - length * scale / 2;
        scene.dimension(
                0,
                -r,
                length,
                -r,
                -12,
                new Point(left + length * scale * 0.55, y + low - 11),
                say.length(length),
                LENGTH);
        if (job.kind() != Kind.SLANT) {
            scene.dimension(0, r, head, r, 6, new Point(left + 2, y - low + 9), say.length(head), HEAD);
            scene.hung(
                    head + 0.5 * (length - head),
                    s,
                    new Point(left + Math.max(head * scale + 12, 40), y - low + 9),
                    say.length(cut.shankMm()),
                    SHANK);
        } else {
            scene.hung(cut.slantMm() / 2, 0, new Point(left + 2, y - low + 9), say.angle(job.slantRad()), SLANT);
        }
        scene.place(0, 0, 1);
        scene.input(
                6, y + low - 18, Anchor.START, say.length(d), MADE, job.madeMm().isPresent() ? MADE.label() : "Reamer");
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    private static void fluted(SceneBuilder scene, ReamCut cut, double head, double r) {
        double chamfer = Math.min(cut.chamferMm(), head / 3);
        double front = cut.chamferFromMm() / 2;
        double taper = cut.backTaperMm() / 2;
        scene.filled(
                Role.TOOL, Role.EDGE, 0, front, chamfer, r, head, r - taper, head, -r + taper, chamfer, -r, 0, -front);
        double turn = cut.job().helix() == Helix.STRAIGHT ? 0 : 2 * Math.PI / cut.leadMm();
        double signed = cut.job().helix() == Helix.LEFT ? turn : -turn;
        for (double place : UnevenTeeth.places(cut.teeth(), cut.job().unevenDegrees())) {
            List<Point> run = new ArrayList<>();
            for (int i = 0; i <= 40; i++) {
                double x = chamfer + (head - chamfer) * i / 40;
                double angle = Math.toRadians(place) + signed * x + 0.2;
                // Seen is what lies on this side; x grows to the back, the height is the sine.
                if (Math.cos(angle) > 0) {
                    run.add(new Point(x, r * Math.sin(angle)));
                } else if (run.size() > 1) {
                    scene.run(Role.EDGE, false, run);
                    run = new ArrayList<>();
                } else {
                    run = new ArrayList<>();
                }
            }
            if (run.size() > 1) {
                scene.run(Role.EDGE, false, run);
            }
        }
        scene.run(Role.CUTTING_EDGE, false, 0, front, chamfer, r);
        scene.run(Role.CUTTING_EDGE, false, 0, -front, chamfer, -r);
    }

    private static void dBit(SceneBuilder scene, ReamCut cut, double head, double r) {
        double above = cut.dThicknessMm() - r;
        double relief = cut.dThicknessMm() * Math.tan(Math.toRadians(7));
        scene.run(Role.TOOL, true, 0, above, head, above, head, -r, relief, -r);
        scene.run(Role.EDGE, false, relief, -r, 0, above, head, above, head, -r, relief, -r);
        scene.run(Role.CUTTING_EDGE, false, 0, above, relief, -r);
    }

    /** The true section of the teeth from the end, and the chamfer enlarged; of a D-bit its D, of a slant-cut rod its rim. */
    static Scene end(ReamCut cut, UnitFormat say) {
        ReamJob job = cut.job();
        double r = cut.reamerMm() / 2;
        double scale = 23 / r;
        SceneBuilder scene = new SceneBuilder("reamer-end", "The section, square to the axis");
        scene.place(31, 42, scale);
        scene.circle(Role.HIDDEN, 0, 0, r);
        switch (job.kind()) {
            case FLUTED -> {
                List<Point> outline = cut.section().outline().stream()
                        .map(corner -> new Point(corner.x(), corner.y()))
                        .toList();
                scene.filled(Role.TOOL, Role.EDGE, outline);
                for (double place : UnevenTeeth.places(cut.teeth(), job.unevenDegrees())) {
                    double at = Math.toRadians(place);
                    scene.line(
                            Role.CENTRE,
                            0.2 * r * Math.cos(at),
                            0.2 * r * Math.sin(at),
                            1.08 * r * Math.cos(at),
                            1.08 * r * Math.sin(at));
                    scene.arc(Role.CUTTING_EDGE, 0, 0, r, at, at + Math.max(job.landMm() / r, 0.02));
                    scene.label(
                            Role.CAPTION,
                            1.17 * r * Math.cos(at),
                            1.17 * r * Math.sin(at),
                            Anchor.MIDDLE,
                            say.number(place, 1) + "°");
                }
                scene.circle(Role.HIDDEN, 0, 0, cut.coreMm() / 2);
            }
            case D_BIT -> {
                double above = cut.dThicknessMm() - r;
                double from = Math.PI - Math.asin(above / r);
                double to = 2 * Math.PI + Math.asin(above / r);
                List<Point> points = new ArrayList<>();
                for (int i = 0; i <= 60; i++) {
                    double at = from + (to - from) * i / 60;
                    points.add(new Point(r * Math.cos(at), r * Math.sin(at)));
                }
                scene.filled(Role.TOOL, Role.EDGE, points);
                scene.line(Role.CENTRE, -1.15 * r, 0, 1.15 * r, 0);
                scene.dimension(-r, -r, -r, above, 4);
                scene.place(0, 0, 1)
                        .label(
                                Role.CAPTION,
                                31,
                                42 + above * scale + 3,
                                Anchor.MIDDLE,
                                say.length(cut.dThicknessMm()) + " thick");
            }
            case SLANT -> {
                scene.circle(Role.EDGE, 0, 0, r);
                scene.line(Role.CENTRE, -1.15 * r, 0, 1.15 * r, 0);
            }
        }
        if (job.kind() == Kind.FLUTED) {
            List<Double> places = UnevenTeeth.places(cut.teeth(), job.unevenDegrees());
            double first = Math.toRadians(places.getFirst());
            double second = Math.toRadians(places.get(1));
            double before = (first - second) / 2;
            double land = job.landMm() / r;
            double core = cut.coreMm() / 2;
            onTooth(scene, 1.08 * r, second, 66, say.angle(Math.toRadians(job.unevenDegrees())), UNEVEN);
            onTooth(scene, 0.98 * r, second + land + 0.1, 57, say.angle(job.clearanceRad()), CLEARANCE);
            onTooth(scene, r, second + land / 2, 48, say.length(job.landMm()), LAND);
            onTooth(scene, 0.9 * r, first, 39, say.angle(job.rakeRad()), RAKE);
            onTooth(scene, core, before, 30, say.length(cut.fluteMm()), FLUTE);
            scene.place(0, 0, 1).input(82, 66, Anchor.START, say.number(cut.teeth(), 0), TEETH);
        }
        scene.place(0, 0, 1);
        if (job.kind() != Kind.SLANT) {
            chamfer(scene, cut, say);
        }
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "angles and section true");
    }

    /** A value that hangs on the section, at a radius and an angle. */
    private static void onTooth(SceneBuilder scene, double r, double at, double y, String text, InputField field) {
        scene.hung(r * Math.cos(at), r * Math.sin(at), new Point(62, y), text, field);
    }

    /** The chamfer, enlarged: where alone it cuts. */
    private static void chamfer(SceneBuilder scene, ReamCut cut, UnitFormat say) {
        double rise = (cut.reamerMm() - cut.chamferFromMm()) / 2;
        double run = cut.chamferMm();
        double scale = Math.min(14 / Math.max(rise, 1e-3), 16 / Math.max(run, 1e-3));
        scene.place(66, 12, scale);
        double tail = 10 / scale;
        scene.run(Role.TOOL, true, 0, 0, run, rise, run + tail, rise, run + tail, -4 / scale, 0, -4 / scale);
        scene.run(Role.EDGE, false, run, rise, run + tail, rise);
        scene.run(Role.CUTTING_EDGE, false, 0, 0, run, rise);
        scene.angle(
                0,
                0,
                0,
                cut.job().chamferRad(),
                8,
                new Point(78, 12),
                say.angle(cut.job().chamferRad()),
                CHAMFER);
        scene.place(0, 0, 1);
        scene.label(Role.CAPTION, 66, 4.5, Anchor.START, "chamfer, " + say.number(scale, 0) + " times");
    }

    /** Limits of the hole, those of the reamer within them, and the hole that is likely. */
    static Scene sizes(ReamCut cut, UnitFormat say, OptionalDouble mouth, OptionalDouble bottom) {
        ReamJob job = cut.job();
        double least = job.leastMm();
        double most = job.mostMm();
        double width = most - least;
        double low = Math.min(least, cut.reamerMm() - cut.closesMm());
        double high = most;
        for (OptionalDouble hole : List.of(mouth, bottom)) {
            if (hole.isPresent()) {
                low = Math.min(low, hole.getAsDouble());
                high = Math.max(high, hole.getAsDouble());
            }
        }
        double pad = Math.max(0.35 * width, 0.15 * (high - low));
        Axis y = Axis.even(low - pad, high + pad, 6, 68);
        SceneBuilder scene = new SceneBuilder("ream-sizes", "Limits of hole and reamer");
        band(scene, Role.WORK_AREA, Role.WORK, 8, 34, y.at(least), y.at(most));
        scene.label(Role.CAPTION, 21, y.at(most) + 3, Anchor.MIDDLE, "hole, up to " + say.length(most));
        scene.label(Role.CAPTION, 21, y.at(least) - 3, Anchor.MIDDLE, "from " + say.length(least));
        double closes = cut.closesMm();
        double small = cut.limits().smallestMm();
        double large = cut.limits().largestMm();
        band(scene, Role.TOOL, Role.EDGE, 38, 64, y.at(small), y.at(large));
        scene.label(Role.CAPTION, 51, y.at(large) + 3, Anchor.MIDDLE, "reamer " + say.length(large + closes));
        scene.label(Role.CAPTION, 51, y.at(small) - 3, Anchor.MIDDLE, say.length(small + closes));
        double reamer = cut.reamerMm() - closes;
        scene.run(Role.CUTTING_EDGE, false, 36, y.at(reamer), 94, y.at(reamer));
        scene.label(
                Role.CAPTION,
                94,
                y.at(reamer) - 3,
                Anchor.END,
                (job.madeMm().isPresent() ? "as made " : "make it ") + say.length(cut.reamerMm()));
        CutsOver over = cut.over();
        double top = Math.min(high + pad - reamer, over.medianMm() * Math.exp(2.6 * over.sigma()));
        List<Point> curve = new ArrayList<>();
        for (int i = 0; i <= 60; i++) {
            double o = top * i / 60;
            curve.add(new Point(68 + 18 * over.density(o), y.at(reamer + o)));
        }
        List<Point> area = new ArrayList<>(curve);
        area.add(new Point(68, y.at(reamer + top)));
        scene.run(Role.WORK_AREA, true, area);
        scene.run(Role.WORK, false, curve);
        scene.label(Role.CAPTION, 80, Math.min(70, y.at(reamer + top) + 3), Anchor.MIDDLE, "likely holes");
        mouth.ifPresent(hole -> measured(scene, y, hole, "mouth " + say.length(hole)));
        bottom.ifPresent(hole -> measured(scene, y, hole, "bottom " + say.length(hole)));
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "limits to scale up the plate");
    }

    private static void measured(SceneBuilder scene, Axis y, double hole, String words) {
        scene.run(Role.CHIP, false, 6, y.at(hole), 36, y.at(hole));
        scene.label(Role.CAPTION, 8, y.at(hole) + 2.4, Anchor.START, words);
    }

    private static void band(SceneBuilder scene, Role fill, Role edge, double x0, double x1, double y0, double y1) {
        scene.filled(fill, edge, x0, y0, x1, y0, x1, y1, x0, y1);
    }
}
