package boldwedge.core.families.turning.report;

import static boldwedge.core.families.turning.entry.TurningField.*;

import boldwedge.core.families.turning.model.TurningCut;
import boldwedge.core.families.turning.model.TurningJob;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.mechanics.rigidity.PushOff;
import boldwedge.core.mechanics.wedge.Operation;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/** The work: as it is held and cut, and how it springs away. */
final class WorkScenes {
    private static final double AXIS = 38;
    private static final double CHUCK_X = 14;

    private WorkScenes() {}

    /** The cut as ordered: work in its holding, start and finished size, length, free length. */
    static Scene cut(TurningCut cut, UnitFormat say) {
        TurningJob job = cut.job();
        Layout at = new Layout(job);
        SceneBuilder scene = new SceneBuilder("cut", "The cut");
        boolean facing = job.operation() == Operation.FACE;
        fixture(scene, job, at);
        double free = job.freeLengthMm();
        double r = job.diameterMm() / 2;
        scene.place(CHUCK_X, AXIS, 1);
        double end = at.x(free);
        double done = at.x(free - job.lengthMm());
        double radius = at.y(r);
        double finished = at.y(job.finishedMm() / 2);
        if (facing) {
            scene.filled(Role.WORK_AREA, Role.WORK, 0, -radius, done, -radius, done, radius, 0, radius);
            scene.run(Role.SWEPT, true, done, -radius, end, -radius, end, radius, done, radius);
        } else {
            scene.filled(
                    Role.WORK_AREA,
                    Role.WORK,
                    0,
                    -radius,
                    done,
                    -radius,
                    done,
                    -finished,
                    end,
                    -finished,
                    end,
                    finished,
                    done,
                    finished,
                    done,
                    radius,
                    0,
                    radius);
            scene.run(Role.SWEPT, false, done, radius, end, radius, end, finished);
            scene.run(Role.SWEPT, false, done, -radius, end, -radius, end, -finished);
        }
        scene.line(Role.CENTRE, -8, 0, end + 8, 0);
        tool(scene, facing ? end : done + 0.55 * (end - done), facing ? -0.4 * radius : -finished);
        scene.dimension(0, radius, end, radius, 16);
        scene.input(end / 2 - 8, radius + 18.5, Anchor.START, say.length(free), STICK_OUT);
        scene.dimension(done, radius, end, radius, 5);
        scene.input((done + end) / 2 - 8, radius + 8.3, Anchor.START, say.length(job.lengthMm()), LENGTH);
        double aside = job.hold() == Hold.CHUCK ? end + 9 : end + 11.5;
        scene.dimension(end, finished, end, -finished, 7);
        scene.input(aside, 3.5, Anchor.START, say.length(job.finishedMm()), FINISHED);
        scene.input(aside, -4.5, Anchor.START, job.tolerance().typed(), TOLERANCE);
        double startX = Math.min(done * 0.5, 14);
        scene.leader(startX, -radius, 0, -9, Anchor.MIDDLE, "");
        scene.input(startX - 8, -radius - 12.5, Anchor.START, say.length(job.diameterMm()), DIAMETER);
        scene.place(0, 0, 1).input(70, 8, Anchor.START, say.ra(job.raMm()), FINISH);
        scene.label(Role.CAPTION, 4, 4, Anchor.START, job.hold().words());
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, at.note());
    }

    /** How work and tool spring apart along the pass. */
    static Scene pushOff(TurningCut cut, UnitFormat say) {
        TurningJob job = cut.job();
        PushOff push = cut.pushOff();
        Layout at = new Layout(job);
        SceneBuilder scene = new SceneBuilder("push-off", "How the work springs away");
        double largest = Math.max(
                1e-6,
                push.stations().stream().mapToDouble(PushOff.At::apartMm).max().orElse(0));
        double magnify = 7 / (largest * at.radialScale);
        fixture(scene, job, at);
        scene.place(CHUCK_X, AXIS, 1);
        double radius = at.y(job.finishedMm() > 0 ? job.finishedMm() / 2 : job.diameterMm() / 2);
        double free = job.freeLengthMm();
        DoubleUnaryOperator bend = x -> at.y(magnify * cut.cutting().force().pushN() * bendShape(cut, x));
        List<Point> upper = new ArrayList<>();
        List<Point> lower = new ArrayList<>();
        for (int i = 0; i <= 30; i++) {
            double x = free * i / 30;
            double lift = Math.min(9, bend.applyAsDouble(x));
            upper.add(new Point(at.x(x), radius + lift));
            lower.add(new Point(at.x(x), -radius + lift));
        }
        List<Point> outline = new ArrayList<>(upper);
        outline.addAll(lower.reversed());
        scene.filled(Role.WORK_AREA, Role.WORK, outline);
        scene.run(Role.HIDDEN, true, 0, -radius, at.x(free), -radius, at.x(free), radius, 0, radius);
        scene.line(Role.CENTRE, -8, 0, at.x(free) + 8, 0);
        PushOff.At first = push.stations().getFirst();
        PushOff.At last = push.stations().getLast();
        double toolX = at.x(last.fromChuckMm()) - 3;
        tool(scene, toolX, -radius + Math.min(9, bend.applyAsDouble(last.fromChuckMm() - 3 / at.lengthScale)));
        if (job.operation() != Operation.FACE) {
            scene.leader(
                    at.x(first.fromChuckMm()) + 0.5,
                    radius + 1,
                    -1,
                    14,
                    Anchor.MIDDLE,
                    "+" + say.length(first.diameterErrorMm()) + " on diameter");
            scene.leader(
                    at.x(last.fromChuckMm()) - 0.5,
                    radius + 9,
                    -2,
                    8,
                    Anchor.MIDDLE,
                    "+" + say.length(last.diameterErrorMm()) + " on diameter");
        }
        scene.dimension(0, -radius, at.x(free), -radius, -17);
        scene.input(at.x(free) / 2 - 8, -radius - 20.5, Anchor.START, say.length(free), STICK_OUT);
        scene.place(0, 0, 1)
                .label(
                        Role.CAPTION,
                        4,
                        4,
                        Anchor.START,
                        say.force(cut.cutting().force().pushN()) + " of push; bend drawn about "
                                + Written.about(Math.max(1, magnify)) + " times larger");
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "spring drawn larger");
    }

    /** The bent line of the work under a load at the far end of the cut (or the middle, where it is held at both ends). */
    private static double bendShape(TurningCut cut, double x) {
        double l = cut.job().freeLengthMm();
        double at = cut.job().hold() == Hold.CHUCK ? l : l / 2;
        return cut.holding().influence(x, at) + 1 / cut.holding().postStiffness();
    }

    private static void fixture(SceneBuilder scene, TurningJob job, Layout at) {
        scene.place(CHUCK_X, AXIS, 1);
        double radius = at.y(job.diameterMm() / 2);
        if (job.hold() == Hold.BETWEEN_CENTRES) {
            scene.run(Role.FIXTURE, true, -9, 3, 0.5, 0, -9, -3);
        } else {
            for (int side : new int[] {1, -1}) {
                scene.run(
                        Role.FIXTURE,
                        true,
                        -9,
                        side * (radius + 7),
                        -3,
                        side * (radius + 7),
                        -3,
                        side * (radius + 4.5),
                        0,
                        side * (radius + 4.5),
                        0,
                        side * radius,
                        -9,
                        side * radius);
            }
            scene.run(Role.FIXTURE, true, -14, -radius - 10, -9, -radius - 10, -9, radius + 10, -14, radius + 10);
        }
        if (job.hold() != Hold.CHUCK) {
            double end = at.x(job.freeLengthMm());
            scene.run(Role.FIXTURE, true, end + 9, 3, end - 0.5, 0, end + 9, -3);
        }
    }

    /** A bit from above, its point at a place on the near side of the work. */
    private static void tool(SceneBuilder scene, double x, double y) {
        scene.filled(Role.TOOL, Role.EDGE, x, y, x + 7, y - 1.2, x + 7, y - 15, x - 1, y - 15, x - 1, y - 5);
        scene.run(Role.CUTTING_EDGE, false, x - 1, y - 5, x, y, x + 3, y - 0.5);
    }

    /** Length and radius each at the scale that fills the plate. */
    private static final class Layout {
        private final double lengthScale;
        private final double radialScale;

        Layout(TurningJob job) {
            double byLength = 54 / job.freeLengthMm();
            double byRadius = 26 / job.diameterMm();
            // One scale when both fit; a long thin bar is drawn shortened, and says so.
            double one = Math.min(byLength, byRadius);
            boolean same = one * job.diameterMm() > 8 && one * job.freeLengthMm() > 26;
            lengthScale = same ? one : byLength;
            radialScale = same ? one : Math.min(byRadius, 13 / job.diameterMm() * 1.2);
        }

        double x(double mm) {
            return lengthScale * mm;
        }

        double y(double mm) {
            return radialScale * mm;
        }

        String note() {
            return Math.abs(lengthScale - radialScale) < 1e-9
                    ? Plate.scale(lengthScale)
                    : "length drawn shortened against the diameter";
        }
    }
}
