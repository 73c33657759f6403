package boldwedge.core.families.flycutting.report;

import static boldwedge.core.families.flycutting.entry.FlyField.*;

import boldwedge.core.families.flycutting.model.FlyCut;
import boldwedge.core.families.flycutting.model.FlyJob;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;

/** Drawings of a fly cutter at work, to scale. */
final class FlyScenes {
    private FlyScenes() {}

    /** The surface from the spindle, and the circle over it; fed to the right. */
    static Scene surface(FlyCut cut, UnitFormat say) {
        FlyJob job = cut.job();
        double d = cut.sweptMm();
        double all = job.lengthMm() + 0.6 * d;
        double scale = Math.min(58 / all, 42 / Math.max(d, job.widthMm()));
        SceneBuilder scene = new SceneBuilder("fly-surface", "The surface, seen from the spindle");
        double x0 = 14 + 0.6 * d * scale;
        double y0 = 42;
        scene.place(x0, y0, scale);
        double w = job.widthMm() / 2;
        scene.filled(Role.WORK_AREA, Role.WORK, 0, -w, job.lengthMm(), -w, job.lengthMm(), w, 0, w);
        double lap = cut.lapMm();
        for (int i = 1; i < cut.laps(); i++) {
            scene.line(Role.HIDDEN, 0, w - i * lap, job.lengthMm(), w - i * lap);
        }
        double cy = w - lap / 2;
        scene.circle(Role.HIDDEN, 0, cy, d / 2);
        scene.circle(Role.TOOL, 0, cy, job.bodyMm() / 2);
        scene.circle(Role.EDGE, 0, cy, job.bodyMm() / 2);
        double bit = job.bit().widthMm() / 2;
        scene.filled(
                Role.GROUND,
                Role.EDGE,
                job.bodyMm() / 2,
                cy - bit,
                d / 2,
                cy - bit,
                d / 2,
                cy + bit,
                job.bodyMm() / 2,
                cy + bit);
        scene.line(Role.CUTTING_EDGE, d / 2, cy - bit, d / 2, cy + bit);
        scene.line(Role.CENTRE, -d / 2 - 2 / scale, cy, job.lengthMm() + 3 / scale, cy);
        scene.dimension(0, -w, job.lengthMm(), -w, -5);
        scene.dimension(job.lengthMm(), -w, job.lengthMm(), w, -5);
        double slant = Math.sqrt(0.5);
        scene.hung(-d / 2 * slant, cy + d / 2 * slant, new Point(4, 68), say.length(d), SWEPT);
        scene.hung(0, cy + job.bodyMm() / 2, new Point(40, 68), say.length(job.bodyMm()), BODY);
        scene.hung(0.2 * job.lengthMm(), -0.7 * w, new Point(4, 4), say.length(job.flatMm()), FLAT);
        scene.place(0, 0, 1);
        scene.input(
                x0 + job.lengthMm() / 2 * scale, y0 - w * scale - 9, Anchor.MIDDLE, say.length(job.lengthMm()), LENGTH);
        scene.input(x0 + job.lengthMm() * scale + 7, y0, Anchor.START, say.length(job.widthMm()), WIDTH);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    /** The bit along its circle: rake, clearance and the heel against the chord. */
    static Scene head(FlyCut cut, UnitFormat say) {
        FlyJob job = cut.job();
        double w = job.bit().widthMm();
        double h = 1.6 * w;
        double scale = 26 / h;
        SceneBuilder scene = new SceneBuilder("fly-head", "The bit at the cut");
        double x0 = 36;
        double y0 = 22;
        scene.place(x0, y0, scale);
        double clear = Math.tan(cut.clearanceRad());
        double rake = Math.tan(cut.rakeRad());
        scene.filled(Role.WORK_AREA, Role.WORK, -1.2 * w, 0, 2.2 * w, 0, 2.2 * w, -0.4 * w, -1.2 * w, -0.4 * w);
        scene.filled(Role.GROUND, Role.EDGE, 0, 0, w, w * clear, w, h, rake * h, h);
        scene.line(Role.CUTTING_EDGE, 0, 0, rake * h * 0.4, h * 0.4);
        scene.line(Role.HIDDEN, 0, 0, w, w * Math.tan(cut.heelRad()));
        scene.angle(0, 0, 0, cut.clearanceRad(), 16);
        scene.leader(-0.3 * w, 1.15 * h, 9, 0, Anchor.START, "turns this way");
        scene.hung(0.7 * w, 0.7 * w * clear, new Point(78, 36), say.angle(cut.reliefRad()), RELIEF);
        scene.hung(0.3 * rake * h, 0.3 * h, new Point(4, 40), say.angle(job.rakeRad()), RAKE);
        scene.hung(0, 0, new Point(4, 4), say.length(job.noseMm()), NOSE);
        scene.hung(w, 0.9 * h, new Point(78, 61), say.angle(job.seatRad()), SEAT);
        scene.hung(w, 0.6 * h, new Point(78, 49), say.length(job.outMm()), OUT);
        scene.place(0, 0, 1);
        scene.input(78, 12, Anchor.START, say.number(job.screws(), 0), SCREWS);
        scene.label(
                Role.CAPTION,
                x0 + w * scale + 2,
                y0 + w * Math.tan(cut.heelRad()) * scale - 4,
                Anchor.START,
                "heel: " + say.angle(cut.heelRad()));
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    /** The head over the surface, from the side; its lean drawn larger than it is. */
    static Scene stand(FlyCut cut, UnitFormat say) {
        FlyJob job = cut.job();
        double d = cut.sweptMm();
        double scale = 50 / Math.max(d, job.lengthMm());
        SceneBuilder scene = new SceneBuilder(
                "fly-stand",
                job.onSlide() ? "The cutter in the spindle, the work on the slide" : "The cutter over the surface");
        double x0 = 50;
        double y0 = 34;
        double wide = Math.min(job.lengthMm(), 1.2 * d) / 2;
        scene.place(x0, y0, scale);
        scene.filled(Role.WORK_AREA, Role.WORK, -wide, 0, wide, 0, wide, -0.3 * d, -wide, -0.3 * d);
        double lean = Math.signum(cut.leanRad()) * 0.06;
        double tilt = d / 2 * lean;
        double body = job.bodyMm() / 2;
        double thick = Math.max(10 / scale, 0.3 * job.bodyMm());
        double up = job.outMm();
        scene.filled(
                Role.TOOL,
                Role.EDGE,
                -body,
                up - tilt,
                body,
                up + tilt,
                body - thick * lean,
                up + thick + tilt,
                -body - thick * lean,
                up + thick - tilt);
        // The bit slants out of the body to its point.
        double bit = job.bit().heightMm();
        double root = 0.6 * body;
        scene.filled(
                Role.GROUND,
                Role.EDGE,
                root,
                up + 0.2 * thick + tilt,
                d / 2 - 0.7 * bit,
                0.15 * up + tilt,
                d / 2,
                tilt,
                d / 2,
                0.4 * bit + tilt,
                root + 0.5 * bit,
                up + 0.2 * thick + bit + tilt);
        scene.line(Role.CUTTING_EDGE, d / 2 - 0.7 * bit, 0.15 * up + tilt, d / 2, tilt);
        scene.line(Role.CENTRE, 0, -0.2 * d, -lean * (up + 2 * thick), up + 2 * thick);
        scene.leader(-wide, -0.15 * d, -8, 0, Anchor.END, "fed");
        double top = up + 1.9 * thick;
        scene.hung(
                -lean * top,
                top,
                new Point(4, 68),
                job.tramMm().isPresent() ? say.length(job.tramMm().getAsDouble()) : "not read",
                TRAM);
        scene.hung(-lean * top, top, new Point(60, 68), say.length(job.tramOverMm()), TRAM_OVER);
        scene.hung(d / 2, tilt, new Point(84, 12), say.length(cut.depthMm()), DEPTH);
        scene.place(0, 0, 1);
        scene.input(4, 4, Anchor.START, say.feed(cut.cutting().feedMm()), FEED);
        scene.input(40, 4, Anchor.START, say.rpm(cut.cutting().rpm()), SPEED);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }
}
