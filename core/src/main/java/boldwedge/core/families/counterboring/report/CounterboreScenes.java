package boldwedge.core.families.counterboring.report;

import static boldwedge.core.families.counterboring.entry.CounterboreField.*;

import boldwedge.core.families.counterboring.model.CounterboreCut;
import boldwedge.core.families.counterboring.model.CounterboreJob;
import boldwedge.core.families.counterboring.model.CounterboreJob.Kind;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.Head;
import java.util.Arrays;

/** Drawings of a counterbored seat and its tool, to scale. */
final class CounterboreScenes {
    private CounterboreScenes() {}

    /** The seat in section with what sits in it; the surface lies on top. */
    static Scene seat(CounterboreCut cut, UnitFormat say) {
        CounterboreJob job = cut.job();
        double outer = cut.outsideMm() / 2;
        double hole = job.holeMm() / 2;
        double depth = cut.depthMm();
        double below = Math.max(depth, 1.6 * job.holeMm());
        double above = Math.max(0, cut.standsOutMm()) + (job.washer() ? 0.9 * job.holeMm() : 0);
        double scale = Math.min(56 / (4 * outer), 40 / (depth + below + above));
        double wide = 28 / scale;
        double y = 26 + (below + depth) * scale * 0.45;
        SceneBuilder scene = new SceneBuilder("seat", "The seat, and what sits in it");
        scene.place(46, y, scale);
        for (int side : new int[] {1, -1}) {
            scene.run(
                    Role.WORK_AREA,
                    true,
                    side * outer,
                    0,
                    side * wide,
                    0,
                    side * wide,
                    -depth - below,
                    side * hole,
                    -depth - below,
                    side * hole,
                    -depth,
                    side * outer,
                    -depth);
            scene.run(
                    Role.WORK,
                    false,
                    side * wide,
                    0,
                    side * outer,
                    0,
                    side * outer,
                    -depth,
                    side * hole,
                    -depth,
                    side * hole,
                    -depth - below);
        }
        sitting(scene, cut);
        scene.line(Role.CENTRE, 0, above + 5 / scale, 0, -depth - below - 3 / scale);
        double head = job.headMm() / 2;
        double headTop = -depth + job.headHeightMm();
        double topY = y + above * scale + 10.5;
        scene.dimension(-outer, 0, outer, 0, 8 + above * scale);
        scene.dimension(
                outer,
                -depth,
                outer,
                0,
                -(wide - outer) * scale - 3,
                new Point(80, y - depth * scale / 2 - 1),
                say.length(depth),
                DEPTH);
        scene.hung(hole, -depth - 0.5 * below, new Point(80, y - depth * scale - 12), say.length(job.holeMm()), HOLE);
        scene.hung(
                -head,
                0.25 * headTop - 0.75 * depth,
                new Point(2, y - depth * scale / 2 - 6),
                say.length(job.headMm()),
                HEAD_DIAMETER);
        scene.hung(
                -0.6 * head,
                headTop,
                new Point(2, y - depth * scale / 2 + 6),
                say.length(job.headHeightMm()),
                HEAD_HEIGHT);
        scene.place(0, 0, 1);
        scene.input(46 + 3, Math.min(70, topY), Anchor.START, say.length(cut.outsideMm()), OUTSIDE, "Seat");
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    private static void sitting(SceneBuilder scene, CounterboreCut cut) {
        CounterboreJob job = cut.job();
        double r = job.headMm() / 2;
        double depth = cut.depthMm();
        double top = -depth + job.headHeightMm();
        double screw = job.head().map(Head::screwMm).orElse(0.8 * job.holeMm()) / 2;
        if (job.washer()) {
            for (int side : new int[] {1, -1}) {
                scene.run(
                        Role.FIXTURE,
                        true,
                        side * screw * 1.06,
                        -depth,
                        side * r,
                        -depth,
                        side * r,
                        top,
                        side * screw * 1.06,
                        top);
            }
            double head = 1.5 * screw;
            scene.run(Role.HIDDEN, true, -head, top, head, top, head, top + 1.2 * screw, -head, top + 1.2 * screw);
        } else {
            scene.run(Role.FIXTURE, true, -r, -depth, r, -depth, r, top, -r, top);
            if (job.head().map(h -> h.kind() == Head.Kind.SOCKET).orElse(false)) {
                scene.run(
                        Role.HIDDEN,
                        false,
                        -0.45 * r,
                        top,
                        -0.45 * r,
                        top - 0.5 * job.headHeightMm(),
                        0.45 * r,
                        top - 0.5 * job.headHeightMm(),
                        0.45 * r,
                        top);
            }
        }
        scene.run(Role.HIDDEN, false, -screw, -depth, -screw, -depth - 1.5 * job.holeMm());
        scene.run(Role.HIDDEN, false, screw, -depth, screw, -depth - 1.5 * job.holeMm());
    }

    /** The tool from its side and from its end. */
    static Scene tool(CounterboreCut cut, UnitFormat say) {
        CounterboreJob job = cut.job();
        double outer = cut.outsideMm() / 2;
        double pilot = cut.pilotMm() / 2;
        double length = cut.pilotLengthMm();
        double body = 2.2 * cut.outsideMm();
        double scale = Math.min(50 / (length + body), 22 / outer / 1.2);
        scale = Math.min(scale, 36 / cut.outsideMm());
        SceneBuilder scene = new SceneBuilder("counterbore", "The tool");
        double y = 40;
        double x = 8 + length * scale;
        scene.place(x, y, scale);
        double relief = outer * Math.tan(job.reliefRad());
        scene.run(Role.TOOL, true, 0, outer, body, outer, body, -outer, relief, -outer, relief * 0.4, -pilot, 0, pilot);
        scene.run(Role.EDGE, false, 0, outer, body, outer, body, -outer, relief, -outer, relief * 0.4, -pilot);
        scene.run(Role.CUTTING_EDGE, false, 0, outer, 0, pilot);
        scene.run(
                job.kind() == Kind.END_MILL ? Role.FIXTURE : Role.GROUND,
                true,
                -length,
                pilot,
                0,
                pilot,
                0,
                -pilot,
                -length,
                -pilot);
        scene.run(Role.EDGE, false, 0, pilot, -length, pilot, -length, -pilot, 0, -pilot);
        scene.line(Role.CENTRE, -length - 3 / scale, 0, body + 3 / scale, 0);
        scene.dimension(
                -length,
                pilot,
                0,
                pilot,
                (outer - pilot) * scale + 5,
                new Point(Math.max(3, x - length * scale), y + outer * scale + 8),
                say.length(length),
                PILOT_LENGTH);
        scene.hung(
                -0.6 * length,
                -pilot,
                new Point(3, y - outer * scale - 9),
                say.length(cut.pilotMm()),
                PILOT,
                job.kind() == Kind.END_MILL ? "Plug" : PILOT.label());
        scene.hung(
                0.6 * relief,
                -(pilot + outer) / 2,
                new Point(18, y - outer * scale - 17),
                say.angle(job.reliefRad()),
                RELIEF);
        scene.hung(0.6 * body, -outer, new Point(40, y - outer * scale - 9), say.length(cut.outsideMm()), OUTSIDE);
        end(scene, cut);
        scene.hung(-0.8 * outer, 0, new Point(64, 18), say.angle(job.rakeRad()), RAKE);
        scene.hung(outer, 0, new Point(84, 18), say.length(job.cornerMm()), CORNER, "Corner");
        scene.place(0, 0, 1);
        scene.input(70, 6, Anchor.START, say.number(cut.lips(), 0), LIPS);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    private static void end(SceneBuilder scene, CounterboreCut cut) {
        double outer = cut.outsideMm() / 2;
        double pilot = cut.pilotMm() / 2;
        scene.place(82, 46, 13 / outer);
        int lips = cut.lips();
        double land = Math.PI / lips * 0.95;
        for (int i = 0; i < lips; i++) {
            double at = 2 * Math.PI * i / lips;
            double[] xy = new double[2 * 14];
            for (int k = 0; k < 13; k++) {
                double a = at + land * k / 12;
                xy[2 * k] = outer * Math.cos(a);
                xy[2 * k + 1] = outer * Math.sin(a);
            }
            xy[26] = pilot * Math.cos(at + land);
            xy[27] = pilot * Math.sin(at + land);
            double[] closed = Arrays.copyOf(xy, 30);
            closed[28] = pilot * Math.cos(at);
            closed[29] = pilot * Math.sin(at);
            scene.filled(Role.TOOL, Role.EDGE, closed);
            scene.line(
                    Role.CUTTING_EDGE,
                    pilot * Math.cos(at),
                    pilot * Math.sin(at),
                    outer * Math.cos(at),
                    outer * Math.sin(at));
        }
        scene.circle(Role.GROUND, 0, 0, pilot);
        scene.circle(Role.EDGE, 0, 0, pilot);
    }

    /** The stone against the pilot and the lips, seen from above: how far it can go before it meets the shoulder. */
    static Scene stone(CounterboreCut cut, UnitFormat say) {
        CounterboreJob job = cut.job();
        double outer = cut.outsideMm() / 2;
        double pilot = cut.pilotMm() / 2;
        double length = cut.pilotLengthMm();
        double stone = job.stoneMm() / 2;
        double scale = Math.min(58 / (length + 3 * outer), 14 / outer);
        SceneBuilder scene = new SceneBuilder("stone", "The stone against the pilot");
        scene.place(30 + length * scale, 28, scale);
        double body = 3 * outer;
        scene.run(
                Role.TOOL, true, -length, pilot, 0, pilot, 0, outer, body, outer, body, -outer, 0, -outer, 0, -pilot,
                -length, -pilot);
        scene.run(Role.EDGE, false, -length, pilot, 0, pilot, 0, outer, body, outer);
        scene.run(Role.EDGE, false, -length, -pilot, 0, -pilot, 0, -outer, body, -outer);
        scene.line(Role.CENTRE, -length - 6 / scale, 0, body + 4 / scale, 0);
        double wide = Math.min(0.6 * length, 13 / scale);
        double high = Math.min(2 * stone, 30 / scale);
        scene.run(Role.FIXTURE, true, -wide - 0.4, pilot, -0.4, pilot, -0.4, pilot + high, -wide - 0.4, pilot + high);
        scene.hung(-0.6 * length, -pilot, new Point(3, 10), say.length(cut.pilotMm()), PILOT);
        scene.place(0, 0, 1);
        scene.label(
                Role.CAPTION,
                30 + length * scale + 3,
                28 + Math.max(outer * scale + 6, 18),
                Anchor.START,
                "stone, " + say.length(job.stoneMm()) + " in all");
        scene.input(62, 66, Anchor.START, say.rpm(job.stoneRpm()), STONE);
        scene.input(62, 56, Anchor.START, say.rpm(job.grinderRpm()), GRINDER, "Grinder, no load");
        scene.input(30, 10, Anchor.START, say.rpm(job.workRpm()), WORK_SPEED);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }
}
