package boldwedge.core.families.boring.report;

import static boldwedge.core.families.boring.entry.BoreField.*;

import boldwedge.core.families.boring.model.BarHeld;
import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.families.boring.model.BoreJob;
import boldwedge.core.families.boring.model.Bottom;
import boldwedge.core.families.boring.model.Recess;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;

/** The hole in the work, cut through along its axis. */
final class HoleScene {
    private HoleScene() {}

    /** The hole in the work, cut through along its axis. */
    static Scene draw(BoreCut cut, UnitFormat say) {
        BoreJob job = cut.job();
        SceneBuilder scene = new SceneBuilder("hole", "The hole");
        double depth = job.holeDepthMm();
        boolean blind = job.bottom() != Bottom.THROUGH;
        double length = Math.max(job.stickOutMm(), depth) + (blind ? 0.25 * depth : 0);
        double scale = Math.min(46 / length, 40 / job.outsideMm());
        double mid = 37;
        double left = 24;
        scene.place(left, mid, scale);
        double ro = job.outsideMm() / 2;
        double rf = job.finishedMm() / 2;
        double rs = job.startMm() / 2;
        double x0 = length - depth;
        for (int side : new int[] {1, -1}) {
            scene.run(
                    Role.WORK_AREA,
                    true,
                    x0,
                    side * rf,
                    length,
                    side * rf,
                    length,
                    side * ro,
                    0,
                    side * ro,
                    0,
                    blind ? 0 : side * rf,
                    x0,
                    blind ? 0 : side * rf);
            scene.run(Role.WORK, false, x0, side * rf, length, side * rf, length, side * ro, 0, side * ro);
            scene.run(Role.SWEPT, false, blind ? x0 : 0, side * rs, length, side * rs);
        }
        scene.line(Role.WORK, 0, -ro, 0, ro);
        if (blind) {
            scene.line(Role.WORK, x0, -rf, x0, rf);
            if (job.bottom() == Bottom.BLIND) {
                scene.run(Role.SWEPT, false, x0, rs, x0 - 0.3 * rs, 0, x0, -rs);
            }
        }
        scene.line(Role.CENTRE, -4 / scale, 0, length + 6 / scale, 0);
        job.recess().ifPresent(recess -> recess(scene, recess, length, rf));
        if (job.held() == BarHeld.POST) {
            double jaw = 8 / scale;
            for (int side : new int[] {1, -1}) {
                scene.run(
                        Role.FIXTURE,
                        true,
                        -jaw,
                        side * ro,
                        Math.max(jaw / 2, length - job.stickOutMm()),
                        side * ro,
                        Math.max(jaw / 2, length - job.stickOutMm()),
                        side * (ro + jaw * 0.8),
                        -jaw,
                        side * (ro + jaw * 0.8));
            }
        }
        scene.dimension(x0, -ro, length, -ro, -5);
        scene.input((x0 + length) / 2, -ro - 8 / scale, Anchor.MIDDLE, say.length(depth), DEPTH_OF_HOLE);
        double beside = Math.min(80, left + length * scale + 8);
        scene.dimension(length, rf, length, -rf, 5, new Point(beside, mid - 1), say.length(job.finishedMm()), FINISHED);
        scene.hung(length, rs, new Point(beside, mid + 15), say.length(job.startMm()), START);
        scene.hung(
                length,
                -rs,
                new Point(beside, mid - 17),
                say.length(job.outOfRoundMm()),
                OUT_OF_ROUND,
                "Out of round by");
        scene.hung(
                0.6 * length,
                ro,
                new Point(job.recess().isPresent() ? 3 : 30, 66),
                say.length(job.outsideMm()),
                OUTSIDE);
        if (job.held() == BarHeld.POST) {
            scene.hung(
                    Math.max(4 / scale, length - job.stickOutMm()),
                    -ro - 3 / scale,
                    new Point(3, 8),
                    say.length(job.stickOutMm()),
                    STICK_OUT);
        }
        if (job.recess().isPresent()) {
            Recess recess = job.recess().get();
            double near = length - recess.atMm();
            double deep = recess.diameterMm() / 2;
            double width = recess.widthMm();
            scene.hung(near - width / 2, -deep, new Point(82, 10), say.length(recess.diameterMm()), RECESS_DIAMETER);
            scene.hung(near - 0.8 * width, deep, new Point(26, 66), say.length(width), RECESS_WIDTH);
            scene.dimension(near, ro, length, ro, 3, new Point(48, 66), say.length(recess.atMm()), RECESS_AT);
            if (recess.kind() == Recess.Kind.O_RING) {
                scene.hung(near - 0.2 * width, 0.5 * (rf + deep), new Point(84, 66), say.length(recess.cordMm()), CORD);
            }
        }
        scene.place(0, 0, 1);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, Plate.scale(scale));
    }

    /** The recess in both walls; the mouth is at the right. */
    private static void recess(SceneBuilder scene, Recess recess, double length, double wall) {
        double deep = recess.diameterMm() / 2;
        double near = length - recess.atMm();
        double far = near - recess.widthMm();
        for (int side : new int[] {1, -1}) {
            scene.run(Role.FIXTURE, true, far, side * wall, far, side * deep, near, side * deep, near, side * wall);
            scene.run(Role.WORK, false, far, side * wall, far, side * deep, near, side * deep, near, side * wall);
        }
    }
}
