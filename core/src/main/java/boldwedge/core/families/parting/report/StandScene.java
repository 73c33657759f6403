package boldwedge.core.families.parting.report;

import static boldwedge.core.families.parting.entry.PartField.*;

import boldwedge.core.families.parting.entry.PartField;
import boldwedge.core.families.parting.model.HolderGeometry;
import boldwedge.core.families.parting.model.HolderKind;
import boldwedge.core.families.parting.model.PartCut;
import boldwedge.core.families.parting.model.PartJob;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;

/** How blade and holder stand to work and slide, seen along the lathe's axis from the tailstock, with what bears on what. */
final class StandScene {
    private StandScene() {}

    static Scene draw(PartCut cut, UnitFormat say) {
        PartJob job = cut.job();
        HolderGeometry geometry = cut.geometry();
        SceneBuilder scene = new SceneBuilder("part-stand", "How it stands");
        double axis = job.lathe().axisAboveSlideMm();
        double length = job.holder().built() ? job.design().lengthMm() : 2 * job.boltAtMm();
        double tip = job.endMm() / 2;
        double reach = job.beforeMm() + job.overhangMm();
        double total = job.diameterMm() / 2 + tip + reach + length + 6;
        double scale = Math.min(
                84 / total,
                36 / (axis + Math.max(job.diameterMm() / 2, job.blade().heightMm())));
        double side = job.behind() ? -1 : 1;
        // The work's axis is the local origin; the tool comes from the right in front and from the left behind.
        double left = job.behind() ? 92 - scale * job.diameterMm() / 2 : 8 + scale * job.diameterMm() / 2;
        scene.place(left, 24 + scale * axis, scale);
        double r = job.diameterMm() / 2;
        scene.circle(Role.WORK, 0, 0, r);
        if (job.endMm() > 0) {
            scene.circle(job.groove() ? Role.SWEPT : Role.HIDDEN, 0, 0, job.endMm() / 2);
        }
        scene.line(Role.CENTRE, -r - 3 / scale, 0, r + 3 / scale, 0);
        scene.line(Role.CENTRE, 0, -r - 3 / scale, 0, r + 3 / scale);
        double h = job.blade().heightMm();
        double up = job.behind() ? h : 0;
        double y = job.heightMm();
        double far = tip + job.overhangMm();
        double bladeEnd = Math.min(tip + job.blade().lengthMm(), far + job.beforeMm() + 0.8 * length);
        double front = far + job.beforeMm();
        // Slide.
        double thick = 7 / scale;
        scene.run(
                Role.FIXTURE,
                true,
                side * (front - 3 / scale),
                -axis,
                side * (front + length + 6 / scale),
                -axis,
                side * (front + length + 6 / scale),
                -axis - thick,
                side * (front - 3 / scale),
                -axis - thick);
        holder(scene, job, geometry, side, front, length, axis, y + up);
        scene.filled(
                Role.TOOL,
                Role.EDGE,
                side * tip,
                y + up,
                side * bladeEnd,
                y + up,
                side * bladeEnd,
                y + up - h,
                side * (tip + 0.12 * h),
                y + up - h);
        if (job.restMm() < job.overhangMm() - 1e-6 && !job.behind()) {
            double rest = tip + job.restMm();
            scene.run(Role.FIXTURE, true, rest, y - h, far, y - h, far, y - h - 4 / scale, rest, y - h - 4 / scale);
        }
        for (double bolt :
                job.twoBolts() ? new double[] {job.boltAtMm() / 2, job.boltAtMm()} : new double[] {job.boltAtMm()}) {
            double x = side * (front + bolt);
            scene.line(Role.CENTRE, x, -axis - thick, x, up + 7 / scale);
        }
        // The cut on the edge, and what the hardest bolt pulls.
        double force = cut.force().cuttingN();
        scene.leader(side * tip, y, 0, job.behind() ? -9 : 9, Anchor.MIDDLE, say.force(force));
        double bolt = front + job.boltAtMm();
        scene.hung(
                side * (tip + 0.5 * job.overhangMm()), y + up - h, at(12, 8), say.length(job.overhangMm()), OVERHANG);
        scene.hung(side * (tip + job.restMm()), y + up - h, at(33, 8), say.length(job.restMm()), REST);
        scene.hung(side * bolt, -axis - thick, at(58, 8), say.length(job.boltAtMm()), BOLT_AT);
        scene.hung(side * (tip + 0.12 * h), y + up - h, at(80, 8), say.length(job.heightMm()), HEIGHT);
        scene.hung(side * bolt, up + 6 / scale, at(38, 65), say.length(job.boltMm()), BOLT);
        if (!job.holder().built()) {
            scene.hung(side * (far + 0.5 * job.beforeMm()), y + up, at(58, 65), say.length(job.beforeMm()), BEFORE);
        }
        scene.place(0, 0, 1);
        double boltX = left + side * scale * (front + job.boltAtMm());
        scene.label(
                Role.DIMENSION,
                left + side * (scale * (front + length) + 1.5),
                24 + scale * axis * 0.35,
                job.behind() ? Anchor.END : Anchor.START,
                cut.post().boltPullPerN() <= 0
                        ? "pressed down"
                        : "pulled " + say.force(cut.post().boltPullPerN() * force));
        scene.label(Role.CAPTION, boltX, 19, Anchor.MIDDLE, "slide");
        input(scene, 82, 65, say.number(0.001 / PartCut.postGive(job), 1) + " N/µm", STIFFNESS);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, Plate.scale(scale));
    }

    private static void holder(
            SceneBuilder scene,
            PartJob job,
            HolderGeometry geometry,
            double side,
            double front,
            double length,
            double axis,
            double bladeTop) {
        double top = job.holder().built()
                ? (job.behind() ? job.blade().heightMm() : 0) + job.design().jawMm()
                : bladeTop + 4;
        double back = front + length;
        double foot =
                job.holder() == HolderKind.SIDE_BLOCK ? front + job.design().tabMm() : back;
        double hang = job.holder() == HolderKind.SIDE_BLOCK ? geometry.hangMm() - axis : -axis;
        double[] outline = {
            side * front,
            -axis,
            side * foot,
            -axis,
            side * foot,
            hang,
            side * back,
            hang,
            side * back,
            top,
            side * front,
            top
        };
        scene.filled(Role.GROUND, Role.HIDDEN, outline);
        if (!job.holder().built() && job.beforeMm() > 0) {
            scene.run(
                    Role.GROUND,
                    true,
                    side * (front - job.beforeMm()),
                    bladeTop - job.blade().heightMm() - 2,
                    side * front,
                    bladeTop - job.blade().heightMm() - 2,
                    side * front,
                    bladeTop + 2,
                    side * (front - job.beforeMm()),
                    bladeTop + 2);
        }
        if (job.holder().split()) {
            double slit = geometry.floorMm() - axis + geometry.slotMm() / 2;
            scene.line(Role.HIDDEN, side * front, slit, side * (front + length), slit);
        }
    }

    private static void input(SceneBuilder scene, double x, double y, String text, PartField field) {
        scene.input(x, y, Anchor.MIDDLE, text, field);
    }

    /** Where words begin whose middle is here, about. */
    private static Point at(double x, double y) {
        return new Point(Math.max(2, x - 6), y);
    }
}
