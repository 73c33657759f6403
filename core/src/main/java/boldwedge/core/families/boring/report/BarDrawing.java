package boldwedge.core.families.boring.report;

import boldwedge.core.families.boring.model.BarEnd;
import boldwedge.core.families.boring.model.BarHeld;
import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.families.boring.model.BoreJob;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.Insert;
import boldwedge.core.language.stock.ScrewSize;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** The workshop drawing of a bar: from the side, cut through along its axis, and from its end, all to one scale. */
final class BarDrawing {
    private BarDrawing() {}

    static Scene draw(BoreCut cut, UnitFormat say) {
        BoreJob job = cut.job();
        double length = job.barLengthMm();
        double scale = Math.min(72 / length, 11 / job.barMm());
        SceneBuilder scene = new SceneBuilder("bar-drawing", "Drawing of the bar");
        double left = 8;
        scene.place(left, 56, scale);
        outline(scene, job, length);
        hole(scene, job, length, Role.EDGE);
        double neckFrom = length - neckFromEnd(job);
        scene.dimension(0, job.barMm() / 2, length, job.barMm() / 2, 5);
        scene.label(Role.DIMENSION, length / 2, job.barMm() / 2 + 6.6 / scale, Anchor.MIDDLE, say.length(length));
        if (job.necked()) {
            scene.dimension(neckFrom, -job.barMm() / 2, length, -job.barMm() / 2, -3.5);
            scene.label(
                    Role.DIMENSION,
                    (neckFrom + length) / 2,
                    -job.barMm() / 2 - 5.4 / scale,
                    Anchor.MIDDLE,
                    say.length(length - neckFrom));
        }
        scene.place(left, 30, scale);
        section(scene, job, length, say);
        scene.place(91, 56, scale);
        double tip = tip(job);
        scene.circle(Role.EDGE, 0, 0, job.barMm() / 2);
        if (job.necked()) {
            scene.circle(Role.EDGE, 0, 0, tip / 2);
        }
        if (job.insert().isPresent()) {
            double floor = tip / 2 - BarEnd.seatDepthMm(job, job.insert().get());
            double across = Math.sqrt(Math.max(0, tip * tip / 4 - floor * floor));
            scene.line(Role.EDGE, -across, floor, across, floor);
        } else {
            double half = job.bit().widthMm() / 2;
            double chord = Math.sqrt(Math.max(0, tip * tip / 4 - half * half));
            scene.line(Role.HIDDEN, -chord, half, chord, half);
            scene.line(Role.HIDDEN, -chord, -half, chord, -half);
        }
        if (job.rodHoleMm() > 0) {
            scene.circle(Role.HIDDEN, 0, 0, job.rodHoleMm() / 2);
        }
        scene.line(Role.CENTRE, -0.7 * job.barMm(), 0, 0.7 * job.barMm(), 0);
        scene.line(Role.CENTRE, 0, -0.7 * job.barMm(), 0, 0.7 * job.barMm());
        scene.place(0, 0, 1);
        scene.label(Role.CAPTION, left, 71, Anchor.START, "from the side");
        scene.label(Role.CAPTION, left, 40, Anchor.START, "cut through");
        scene.label(Role.CAPTION, 91, 68, Anchor.MIDDLE, "end");
        List<String> notes = new ArrayList<>();
        notes.add("shank " + say.length(job.barMm())
                + (job.necked()
                        ? ", nose " + say.length(job.neckMm()) + ", blend "
                                + say.length(job.making().blendMm())
                        : ""));
        if (job.insert().isPresent()) {
            Insert insert = job.insert().get();
            double tilt = BarEnd.pocketTilt(cut);
            notes.add("pocket for " + insert.name().toLowerCase(Locale.ROOT));
            notes.add("seat " + say.length(BarEnd.seatDepthMm(job, insert)) + " from the top"
                    + (tilt > 0 ? ", tipped " + say.angle(tilt) : "") + "; screw " + say.length(BarEnd.crossing(job))
                    + " from the end");
        } else {
            ScrewSize screw = SeatSteps.screw(job.bit().widthMm(), say.units());
            notes.add("cross-hole " + say.length(job.bit().widthMm()) + " at " + say.angle(job.bitAngleRad())
                    + ", its axis " + say.length(BarEnd.crossing(job)) + " from the end");
            notes.add("screw " + screw.name()
                    + (job.rodHoleMm() > 0 ? "; hole along the bar " + say.length(job.rodHoleMm()) : ""));
        }
        if (job.headMm() > 0) {
            notes.add("steel head " + say.length(job.headMm()) + " long, brazed on");
        }
        notes.add(job.barMaterial().name());
        for (int i = 0; i < notes.size(); i++) {
            scene.label(Role.DIMENSION, left, 16 - 3.5 * i, Anchor.START, notes.get(i));
        }
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, "one scale, " + Plate.scale(scale));
    }

    private static double tip(BoreJob job) {
        return job.necked() ? job.neckMm() : job.barMm();
    }

    /** The nose reaches from the bar's end to behind the point by its length. */
    private static double neckFromEnd(BoreJob job) {
        return job.necked() ? job.neckLengthMm() + job.bit().widthMm() : 0;
    }

    private static void outline(SceneBuilder scene, BoreJob job, double length) {
        double r = job.barMm() / 2;
        double n = tip(job) / 2;
        double neck = length - neckFromEnd(job);
        double blend = job.necked() ? Math.min(job.making().blendMm(), r - n) : 0;
        double chamfer = 0.06 * job.barMm();
        double[] points = job.necked()
                ? new double[] {
                    0,
                    r - chamfer,
                    chamfer,
                    r,
                    neck - blend,
                    r,
                    neck,
                    n + 0.0001 + (r - n) * 0.3,
                    neck + blend,
                    n,
                    length - chamfer,
                    n,
                    length,
                    n - chamfer,
                    length,
                    -n + chamfer,
                    length - chamfer,
                    -n,
                    neck + blend,
                    -n,
                    neck,
                    -n - 0.0001 - (r - n) * 0.3,
                    neck - blend,
                    -r,
                    chamfer,
                    -r,
                    0,
                    -r + chamfer
                }
                : new double[] {
                    0,
                    r - chamfer,
                    chamfer,
                    r,
                    length - chamfer,
                    r,
                    length,
                    r - chamfer,
                    length,
                    -r + chamfer,
                    length - chamfer,
                    -r,
                    chamfer,
                    -r,
                    0,
                    -r + chamfer
                };
        scene.filled(Role.TOOL, Role.EDGE, points);
        scene.line(Role.CENTRE, -4, 0, length + 4, 0);
    }

    /** The two sides of the cross-hole where they show. */
    private static void hole(SceneBuilder scene, BoreJob job, double length, Role role) {
        double n = tip(job) / 2;
        if (job.insert().isPresent()) {
            pocket(scene, job, length, role);
            return;
        }
        // The headstock's end of a bar between centres is drawn at the left.
        double axis = job.held() == BarHeld.CENTRES ? BarEnd.crossing(job) : length - BarEnd.crossing(job);
        double lean = 1 / Math.tan(job.bitAngleRad());
        double half = job.bit().widthMm() / 2 / Math.sin(job.bitAngleRad());
        // The bit leans to the bar's end on the side of its point, which is drawn below.
        for (int side : new int[] {-1, 1}) {
            double x = axis + side * half;
            double low = Math.min(x + n * lean, length);
            double lowY = -Math.min(n, lean > 0 ? (length - x) / lean : n);
            scene.line(role, x - n * lean, n, low, Math.max(-n, lowY));
        }
    }

    /** The step of an insert's seat, and its screw. */
    private static void pocket(SceneBuilder scene, BoreJob job, double length, Role role) {
        Insert insert = job.insert().orElseThrow();
        double n = tip(job) / 2;
        double floor = n - BarEnd.seatDepthMm(job, insert);
        double back = length - insert.circleMm() - 1;
        scene.run(role, false, back, n, back, floor, length, floor);
        double screw = length - BarEnd.crossing(job);
        scene.line(Role.CENTRE, screw, floor + 2, screw, -n - 2);
        scene.line(Role.HIDDEN, screw - 1.25, floor, screw - 1.25, -n);
        scene.line(Role.HIDDEN, screw + 1.25, floor, screw + 1.25, -n);
    }

    private static void section(SceneBuilder scene, BoreJob job, double length, UnitFormat say) {
        outline(scene, job, length);
        hole(scene, job, length, Role.EDGE);
        if (job.headMm() > 0) {
            double joint = length - job.headMm();
            scene.line(Role.EDGE, joint, job.barMm() / 2, joint, -job.barMm() / 2);
        }
        if (job.insert().isPresent() || job.held() == BarHeld.CENTRES) {
            return;
        }
        double d = job.rodHoleMm() / 2;
        ScrewSize screw = SeatSteps.screw(job.bit().widthMm(), say.units());
        double cross = BarEnd.crossing(job);
        if (d > 0) {
            double depth =
                    length - cross + job.bit().widthMm() / 2 - job.making().rodMarginMm();
            scene.run(Role.EDGE, false, 0, d, depth, d, depth + 0.6 * d, 0, depth, -d, 0, -d);
            double thread = 2.2 * screw.threadMm();
            scene.line(Role.HIDDEN, 0, screw.threadMm() / 2, thread, screw.threadMm() / 2);
            scene.line(Role.HIDDEN, 0, -screw.threadMm() / 2, thread, -screw.threadMm() / 2);
        } else {
            double from = length - cross + job.bit().widthMm() / 2;
            scene.line(Role.HIDDEN, Math.min(from, length), screw.threadMm() / 2, length, screw.threadMm() / 2);
            scene.line(Role.HIDDEN, Math.min(from, length), -screw.threadMm() / 2, length, -screw.threadMm() / 2);
        }
    }
}
