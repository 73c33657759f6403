package boldwedge.core.families.drilling.report;

import static boldwedge.core.families.drilling.entry.DrillField.*;

import boldwedge.core.families.drilling.model.DrillCut;
import boldwedge.core.families.drilling.model.DrillJob;
import boldwedge.core.language.drawing.Axis;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.mechanics.hole.CutsOver;
import java.util.Arrays;
import java.util.Optional;
import java.util.OptionalDouble;

/** Drawings of a drilled hole, to scale. */
final class DrillScenes {
    private static final double AXIS_Y = 36;
    private static final double MOUTH_X = 44;
    private static final double IN_WORK = 33;

    private DrillScenes() {}

    /** The hole in section with the drill at its depth; the axis lies level, the mouth to the left. */
    static Scene hole(DrillCut cut, UnitFormat say) {
        DrillJob job = cut.job();
        double d = cut.drill().diameterMm();
        double r = d / 2;
        double point = cut.drill().pointMm();
        double depth = job.depthMm();
        double beyond = job.through()
                ? 0
                : Math.max(
                        point * 0.3, job.wallMm().isPresent() ? job.wallMm().getAsDouble() - depth : point + 0.8 * d);
        double body = depth + beyond;
        double scale = Math.min(IN_WORK / (body + (job.through() ? point : 0)), 30 / (2.6 * d));
        double wall = Math.min(0.8 * d, 26 / scale / 2);
        SceneBuilder scene = new SceneBuilder("drill-hole", "The hole and the drill at its depth");
        scene.place(MOUTH_X, AXIS_Y, scale);
        for (int side : new int[] {1, -1}) {
            scene.run(Role.WORK_AREA, true, 0, side * r, body, side * r, body, side * (r + wall), 0, side * (r + wall));
            scene.run(Role.WORK, false, 0, side * (r + wall), 0, side * r);
            scene.run(Role.WORK, false, body, side * (r + wall), body, job.through() ? side * r : 0);
        }
        if (!job.through()) {
            scene.run(Role.WORK_AREA, true, depth, r, depth + point, 0, depth, -r, body, -r, body, r);
        }
        double flutes = Math.min(cut.flutesMm(), depth + point + 28 / scale);
        double back = depth + point - flutes;
        double tail = Math.min(back, -6 / scale) - 14 / scale;
        scene.run(Role.TOOL, true, back, r, depth, r, depth + point, 0, depth, -r, back, -r);
        scene.run(Role.EDGE, false, back, r, depth, r);
        scene.run(Role.EDGE, false, back, -r, depth, -r);
        scene.run(Role.CUTTING_EDGE, false, depth, r, depth + point, 0, depth, -r);
        scene.run(Role.FIXTURE, true, tail, r * 0.96, back, r * 0.96, back, -r * 0.96, tail, -r * 0.96);
        flutes(scene, back, depth, r);
        scene.line(Role.CENTRE, tail - 4 / scale, 0, body + 8 / scale, 0);
        double top = r + wall;
        double middle = MOUTH_X + depth / 2 * scale;
        scene.dimension(
                0, top, depth, top, 5, new Point(middle - 6, AXIS_Y + top * scale + 7.5), say.length(depth), DEPTH);
        double x = MOUTH_X + (back + Math.min(0, tail)) / 2 * scale;
        scene.hung(
                back * 0.7 + 0.3 * tail,
                -r * 0.96,
                new Point(Math.max(4, x - 14), AXIS_Y - r * scale - 12),
                say.length(d),
                DRILL);
        scene.hung(
                depth + point * 0.5,
                -r * 0.5,
                new Point(Math.min(78, MOUTH_X + (depth + point) * scale + 5), AXIS_Y - Math.max(8, top * scale + 5)),
                say.angle(cut.drill().pointRad()),
                POINT);
        scene.hung(
                back < 0 ? back / 2 : (back + depth) / 2,
                r,
                new Point(8, AXIS_Y + 19),
                say.length(cut.flutesMm()),
                FLUTES);
        if (!job.through()) {
            scene.hung(
                    (depth + point + body) / 2,
                    0,
                    new Point(Math.min(84, MOUTH_X + body * scale + 3), AXIS_Y + 3),
                    job.wallMm().isPresent() ? say.length(job.wallMm().getAsDouble()) : "how much",
                    WALL);
        }
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, "to scale");
    }

    /** The flutes as their edges wind: a projected helix of about 30°. */
    private static void flutes(SceneBuilder scene, double from, double to, double r) {
        double lead = Math.PI * 2 * r / Math.tan(Math.toRadians(30));
        for (double phase : new double[] {0, Math.PI}) {
            double[] xy = new double[2 * 121];
            int count = 0;
            for (int i = 0; i <= 120; i++) {
                double x = from + (to - from) * i / 120;
                double angle = 2 * Math.PI * (x - from) / lead + phase;
                double turned = angle % (2 * Math.PI);
                if (turned > Math.PI) {
                    draw(scene, xy, count);
                    count = 0;
                } else {
                    xy[2 * count] = x;
                    xy[2 * count + 1] = r * Math.cos(turned);
                    count++;
                }
            }
            draw(scene, xy, count);
        }
    }

    private static void draw(SceneBuilder scene, double[] xy, int count) {
        if (count > 1) {
            scene.run(Role.EDGE, false, Arrays.copyOf(xy, 2 * count));
        }
    }

    /** The sizes on one scale: the drill, the hole that it is likely to make, what is wanted, the shop's drills beside it. */
    static Scene sizes(DrillCut cut, UnitFormat say, OptionalDouble measured) {
        DrillJob job = cut.job();
        double d = cut.drill().diameterMm();
        CutsOver over = cut.over();
        double most = over.medianMm() * Math.exp(2.6 * over.sigma());
        double wanted = job.purpose().screwed() ? cut.targetMm() : job.sizeMm();
        double least = Math.min(d, wanted);
        double end = Math.max(Math.max(d + most, wanted), measured.orElse(d));
        double pad = Math.max(0.1 * (end - least), 0.02);
        Axis x = Axis.even(least - pad, end + pad, 8, 92);
        SceneBuilder scene = new SceneBuilder("drill-sizes", "What the drill will really make");
        double base = 22;
        scene.line(Role.DIMENSION, 8, base, 92, base);
        for (var drill : job.set().drills()) {
            if (drill.diameterMm() > x.least() && drill.diameterMm() < x.most()) {
                double at = x.at(drill.diameterMm());
                scene.line(Role.FIXTURE, at, base - 3, at, base);
                if (Math.abs(drill.diameterMm() - d) > 1e-3) {
                    scene.label(Role.CAPTION, at, base - 6, Anchor.MIDDLE, drill.name());
                }
            }
        }
        double[] curve = new double[2 * 63];
        int count = 0;
        for (int i = 0; i <= 60; i++) {
            double o = most * i / 60;
            curve[2 * count] = x.at(d + o);
            curve[2 * count + 1] = base + 34 * over.density(o);
            count++;
        }
        curve[2 * count] = x.at(d + most);
        curve[2 * count + 1] = base;
        scene.run(Role.WORK_AREA, true, Arrays.copyOf(curve, 2 * (count + 1)));
        scene.run(Role.WORK, false, Arrays.copyOf(curve, 2 * count));
        scene.run(Role.CUTTING_EDGE, false, x.at(d), base - 3, x.at(d), base + 34);
        scene.label(Role.CAPTION, x.at(d), base + 36.5, Anchor.MIDDLE, "drill " + say.length(d));
        scene.line(Role.CENTRE, x.at(cut.likelyMm()), base, x.at(cut.likelyMm()), base + 30);
        scene.label(
                Role.CAPTION, x.at(cut.likelyMm()), base - 10.5, Anchor.MIDDLE, "likely " + say.length(cut.likelyMm()));
        if (Math.abs(wanted - d) > 1e-3) {
            scene.run(Role.EDGE, false, x.at(wanted), base - 3, x.at(wanted), base + 26);
            scene.label(
                    Role.CAPTION,
                    x.at(wanted),
                    base + 28.5,
                    Anchor.MIDDLE,
                    wantedWords(job) + " " + say.length(wanted));
        }
        measured.ifPresent(hole -> {
            scene.run(Role.CHIP, false, x.at(hole), base, x.at(hole), base + 20);
            scene.label(Role.CAPTION, x.at(hole), base + 22.5, Anchor.MIDDLE, "measured " + say.length(hole));
        });
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "sizes to scale along the line");
    }

    private static String wantedWords(DrillJob job) {
        return switch (job.purpose()) {
            case HOLE, TAP, CLEAR -> "wanted";
            case ROD -> "rod";
            case REAM -> "reamed to";
            case BORE -> "bored to";
        };
    }

    /** What is measured of a trial, for its plate. */
    static Optional<Scene> proved(DrillCut cut, UnitFormat say, double hole) {
        return Optional.of(sizes(cut, say, OptionalDouble.of(hole)));
    }
}
