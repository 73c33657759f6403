package boldwedge.core.families.boring.report;

import static boldwedge.core.families.boring.entry.BoreField.*;

import boldwedge.core.families.boring.model.BarHeld;
import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.families.boring.model.BoreJob;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.mechanics.rigidity.BarSection;
import java.util.ArrayList;
import java.util.List;

/** The bar from its clamp to the point, and bent as the cut bends it. */
final class BarScene {
    private BarScene() {}

    /** The bar from its clamp to the point, and bent as the cut bends it. */
    static Scene draw(BoreCut cut, UnitFormat say) {
        BoreJob job = cut.job();
        SceneBuilder scene = new SceneBuilder("bar", "The bar");
        boolean centres = job.held() == BarHeld.CENTRES;
        double length = centres ? job.spanMm() : job.overhangMm();
        double scale = Math.min(70 / length, 16 / job.barMm());
        double grip = 12 / scale;
        scene.place(centres ? 13 : 20, 45, scale);
        double r = job.barMm() / 2;
        Point tip;
        if (centres) {
            scene.filled(Role.TOOL, Role.EDGE, 0, -r, 0, r, length, r, length, -r);
            for (double end : new double[] {0, length}) {
                double out = end == 0 ? -1 : 1;
                scene.run(
                        Role.FIXTURE,
                        true,
                        end - out * 0.6 * r,
                        0,
                        end + out * r,
                        0.8 * r,
                        end + out * 3 * r,
                        0.8 * r,
                        end + out * 3 * r,
                        -0.8 * r,
                        end + out * r,
                        -0.8 * r);
            }
            tip = InHoleScene.bit(scene, cut, job.cutterAtMm() + job.bit().widthMm());
            scene.dimension(0, -r, length, -r, -9);
            scene.input(length / 2, -r - 12 / scale, Anchor.MIDDLE, say.length(length), SPAN);
            scene.dimension(0, r, job.cutterAtMm(), r, 9);
            scene.input(job.cutterAtMm() / 2, r + 13 / scale, Anchor.MIDDLE, say.length(job.cutterAtMm()), CUTTER_AT);
        } else {
            scene.run(Role.FIXTURE, true, -grip, r, 0, r, 0, r + 5 / scale, -grip, r + 5 / scale);
            scene.run(Role.FIXTURE, true, -grip, -r, 0, -r, 0, -r - 5 / scale, -grip, -r - 5 / scale);
            scene.run(Role.TOOL, true, -grip, -r, 0, -r, 0, r, -grip, r);
            double x = 0;
            double last = r;
            List<Double> upper = new ArrayList<>();
            for (BarSection section : cut.bar().sections()) {
                double half = section.outerMm() / 2;
                double to = x + section.lengthMm();
                scene.run(Role.TOOL, true, x, -half, to, -half, to, half, x, half);
                upper.add(x);
                upper.add(half);
                upper.add(to);
                upper.add(half);
                x = to;
                last = half;
            }
            double over = job.bit().widthMm();
            scene.run(Role.TOOL, true, x, -last, x + over, -last, x + over, last, x, last);
            upper.add(x + over);
            upper.add(last);
            List<Point> outline = new ArrayList<>();
            outline.add(new Point(-grip, r));
            for (int i = 0; i < upper.size(); i += 2) {
                outline.add(new Point(upper.get(i), upper.get(i + 1)));
            }
            for (int i = upper.size() - 2; i >= 0; i -= 2) {
                outline.add(new Point(upper.get(i), -upper.get(i + 1)));
            }
            outline.add(new Point(-grip, -r));
            scene.run(Role.EDGE, false, outline);
            if (job.rodHoleMm() > 0) {
                for (int side : new int[] {1, -1}) {
                    scene.line(
                            Role.HIDDEN,
                            -grip,
                            side * job.rodHoleMm() / 2,
                            x - job.bit().widthMm(),
                            side * job.rodHoleMm() / 2);
                }
            }
            tip = InHoleScene.bit(scene, cut, x + over);
            scene.dimension(0, -r, job.overhangMm(), -r, -9);
            scene.input(job.overhangMm() / 2, -r - 12 / scale, Anchor.MIDDLE, say.length(job.overhangMm()), OVERHANG);
            if (job.necked()) {
                scene.dimension(job.overhangMm() - job.neckLengthMm(), r, job.overhangMm(), r, 5);
            }
            bent(scene, cut, scale, say);
        }
        scene.line(Role.CENTRE, -grip - 3 / scale, 0, length + 8 / scale, 0);
        scene.hung(0.15 * length, r, new Point(3, 65.5), say.length(job.barMm()), BAR_DIAMETER);
        if (!centres) {
            double out = job.overhangMm();
            double neck = job.neckLengthMm();
            scene.hung(
                    job.necked() ? out - 0.7 * neck : 0.95 * out,
                    job.necked() ? job.neckMm() / 2 : r,
                    new Point(45, 65.5),
                    say.length(neck),
                    NECK_LENGTH);
            if (job.necked()) {
                scene.hung(
                        out - 0.3 * neck,
                        job.neckMm() / 2,
                        new Point(63, 65.5),
                        say.length(job.neckMm()),
                        NECK_DIAMETER);
            }
            scene.hung(0.3 * length, job.rodHoleMm() / 2, new Point(22, 65.5), say.length(job.rodHoleMm()), ROD_HOLE);
            boolean brazed = !job.barMaterial().id().contains("steel")
                    && !job.barMaterial().id().contains("drill-rod");
            if (brazed) {
                scene.hung(out - job.headMm() / 2, -r, new Point(80, 24), say.length(job.headMm()), HEAD);
            }
            if (job.held() == BarHeld.POST) {
                scene.hung(-grip / 2, -r - 5 / scale, new Point(3, 22), say.length(job.holderSideMm()), HOLDER_SIDE);
            }
        }
        scene.hung(tip.x(), tip.y(), new Point(54, 10), say.length(job.heightMm()), HEIGHT);
        scene.hung(tip.x(), tip.y(), new Point(77, 10), say.length(job.aheadMm()), AHEAD, "Face ahead of axis");
        scene.place(0, 0, 1);
        scene.input(3, 10, Anchor.START, say.stiffness(1 / cut.stiffness().tool()), STIFFNESS);
        scene.input(27, 10, Anchor.START, say.number(cut.mode().damping(), 4), DAMPING);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, Plate.scale(scale));
    }

    /** The bent line of the bar, drawn much larger, from its own sections. */
    private static void bent(SceneBuilder scene, BoreCut cut, double scale, UnitFormat say) {
        double push = cut.cutting().force().pushN();
        double tip = push * cut.bar().compliance();
        if (tip <= 0) {
            return;
        }
        double larger = 6 / scale / tip;
        List<Point> line = new ArrayList<>();
        double clamp = push / cut.bar().clampNPerMm();
        double slope = push * cut.bar().lengthMm() / cut.bar().clampNmmPerRad();
        double y = clamp;
        double x = 0;
        double left = cut.bar().lengthMm();
        line.add(new Point(0, larger * y));
        for (BarSection section : cut.bar().sections()) {
            int parts = Math.max(2, (int) (section.lengthMm() / cut.bar().lengthMm() * 16));
            double dx = section.lengthMm() / parts;
            for (int i = 0; i < parts; i++) {
                double m0 = push * left;
                double m1 = push * (left - dx);
                double ei = section.bendingStiffness();
                y += slope * dx + dx * dx / 6 * (2 * m0 + m1) / ei + push * dx / section.shearStiffness();
                slope += (m0 + m1) / 2 * dx / ei;
                x += dx;
                left -= dx;
                line.add(new Point(x, larger * y));
            }
        }
        scene.run(Role.SWEPT, false, line);
        double clear = Math.max(larger * y, cut.job().barMm() / 2);
        scene.label(
                Role.DIMENSION,
                x,
                clear + 2.4 / scale,
                Anchor.END,
                "springs " + say.length(Math.rint(tip * 1e4) / 1e4));
    }
}
