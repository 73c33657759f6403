package boldwedge.core.families.boring.report;

import static boldwedge.core.families.boring.entry.BoreField.*;

import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.families.boring.model.BoreJob;
import boldwedge.core.language.drawing.Axis;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.cutting.WaveGrowth;
import boldwedge.core.mechanics.rigidity.PushOff;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;

/** What a bored hole comes out like, and at which depths and speeds its bar sings, as graphs. */
final class BoreGraphs {
    /** No bit of a bar takes more, mm. */
    private static final double DEEPEST_MM = WaveGrowth.DEEPEST_MM;

    private BoreGraphs() {}

    /** Size left along the hole, mouth to bottom, beside what the tolerance allows. */
    static Scene size(BoreCut cut, UnitFormat say) {
        BoreJob job = cut.job();
        PushOff push = cut.push();
        SceneBuilder scene = new SceneBuilder("bore-size", "Size along the hole");
        double most = Math.max(job.tolerance().widthMm(), 1.15 * push.largestMm());
        double x0 = 16;
        double wide = 74;
        double y0 = 60;
        double high = 44;
        scene.place(0, 0, 1);
        double tall = high / most;
        scene.run(
                Role.WORK_AREA,
                true,
                x0,
                y0,
                x0 + wide,
                y0,
                x0 + wide,
                y0 - tall * job.allowedErrorMm(),
                x0,
                y0 - tall * job.allowedErrorMm());
        scene.line(Role.CENTRE, x0 - 3, y0, x0 + wide + 3, y0);
        scene.label(Role.CAPTION, x0 + wide, y0 + 2.6, Anchor.END, "size set: the middle of the tolerance");
        scene.line(Role.HIDDEN, x0, y0 - tall * job.allowedErrorMm(), x0 + wide, y0 - tall * job.allowedErrorMm());
        scene.label(
                Role.DIMENSION,
                x0 + 1,
                y0 - tall * job.allowedErrorMm() - 2,
                Anchor.START,
                "allowed " + say.length(job.allowedErrorMm()) + " small");
        double bell = Math.min(job.holeDepthMm(), cut.bellLengthMm());
        List<Point> first = new ArrayList<>();
        first.add(new Point(x0, y0));
        for (PushOff.At at : push.stations()) {
            double x = x0 + wide * Math.max(at.fromChuckMm(), at.fromChuckMm() == 0 ? bell : 0) / job.holeDepthMm();
            first.add(new Point(Math.min(x, x0 + wide), y0 - tall * at.diameterErrorMm()));
        }
        scene.run(Role.CUTTING_EDGE, false, first);
        int pass = 0;
        for (double left : push.leftMm()) {
            double y = y0 - tall * left;
            scene.line(Role.WORK, x0, y, x0 + wide, y);
            if (pass < 3 && tall * left > 2.5) {
                scene.label(Role.DIMENSION, x0 + wide + 1, y, Anchor.START, "pass " + (pass + 2));
            }
            pass++;
        }
        scene.line(Role.DIMENSION, x0, y0 + 3, x0, y0 - high - 2);
        scene.label(Role.CAPTION, x0, 9, Anchor.START, "mouth");
        scene.label(Role.CAPTION, x0 + wide, 9, Anchor.END, "bottom, " + say.length(job.holeDepthMm()));
        scene.label(
                Role.DIMENSION,
                x0 + wide / 2,
                4,
                Anchor.MIDDLE,
                "left small by " + say.length(push.largestMm()) + " after one pass");
        scene.input(2, 65.5, Anchor.START, say.length(job.depthMm()), DEPTH);
        scene.input(22, 65.5, Anchor.START, say.feed(cut.cutting().feedMm()), FEED);
        scene.input(46, 65.5, Anchor.START, say.rpm(cut.cutting().rpm()), SPEED);
        return scene.build(
                0,
                0,
                Plate.WIDTH,
                Plate.HEIGHT,
                "along to scale, size drawn about " + Written.about(tall) + " times larger");
    }

    /** Depth at which it sings over spindle speed, with the speeds that this machine has. */
    static Scene lobes(BoreCut cut, UnitFormat say) {
        BoreJob job = cut.job();
        SceneBuilder scene = new SceneBuilder("lobes", "Where it sings");
        double slow = Math.max(20, job.lathe().speeds().slowest());
        double fast = Math.max(slow * 4, job.lathe().speeds().fastest());
        double taken = job.depthMm();
        double sure = cut.limitDepthMm();
        double surely = cut.quiet().surelyMm();
        double known = Double.isInfinite(surely) ? taken : surely;
        List<Double> ticks = Axis.roundLengths(
                Math.clamp(Math.min(known, taken) / 3, 0.002, DEEPEST_MM / 5),
                Math.clamp(3 * Math.max(known, taken), 0.05, DEEPEST_MM),
                say.units());
        double top = ticks.getLast();
        double x0 = 16;
        double y0 = 14;
        double high = 44;
        Axis across = Axis.ofRatios(slow, fast, x0, x0 + 78);
        Axis up = Axis.ofRatios(ticks.getFirst(), top, y0, y0 + high);
        scene.place(0, 0, 1);
        List<Point> quiet = new ArrayList<>();
        List<Point> sings = new ArrayList<>();
        int parts = 104;
        DoubleFunction<BoreCut.Band> band = cut.bandOverSpeed(top);
        for (int i = 0; i <= parts; i++) {
            double rpm = slow * Math.pow(fast / slow, i / (double) parts);
            BoreCut.Band there = band.apply(rpm);
            quiet.add(new Point(across.at(rpm), up.at(Math.clamp(there.surelyMm(), ticks.getFirst(), top))));
            sings.add(new Point(across.at(rpm), up.at(Math.clamp(there.singsMm(), ticks.getFirst(), top))));
        }
        List<Point> area = new ArrayList<>(sings);
        area.add(new Point(across.to(), up.to()));
        area.add(new Point(across.from(), up.to()));
        scene.run(Role.WORK_AREA, true, area);
        scene.run(Role.WORK, false, sings);
        scene.run(Role.HIDDEN, false, quiet);
        scene.line(Role.DIMENSION, across.from(), y0, across.to(), y0);
        scene.line(Role.DIMENSION, x0, up.from(), x0, up.to());
        for (double tick : ticks) {
            double y = up.at(tick);
            scene.line(Role.DIMENSION, x0 - 1.2, y, x0, y);
            scene.label(Role.CAPTION, x0 - 1.8, y, Anchor.END, say.length(tick));
        }
        scene.label(Role.CAPTION, x0 - 1.8, up.to() + 3.2, Anchor.START, "depth of cut");
        scene.label(
                Role.CAPTION,
                (across.from() + across.to()) / 2,
                5,
                Anchor.MIDDLE,
                sure < top
                        ? "at any speed, however sharp the edge, it is quiet below " + say.length(sure)
                        : "quiet at any depth shown");
        double here = across.at(cut.cutting().rpm());
        double y = up.at(taken);
        boolean right = here < across.from() + 0.62 * (across.to() - across.from());
        scene.line(Role.CENTRE, here, y0, here, y0 + high);
        scene.circle(Role.CHIP, here, y, 1.1);
        scene.label(
                Role.DIMENSION,
                right ? here + 2 : here - 2,
                y + 2.4,
                right ? Anchor.START : Anchor.END,
                "this cut, " + say.rpm(cut.cutting().rpm()));
        if (job.lathe().speeds() instanceof boldwedge.core.mechanics.cutting.SpindleSpeeds.Steps(List<Double> steps)) {
            for (double rpm : steps) {
                double x = across.at(rpm);
                if (rpm > 0.99 * slow && rpm < 1.01 * fast) {
                    scene.line(Role.DIMENSION, x, y0 - 1.2, x, y0 + 1.2);
                }
            }
        }
        scene.label(Role.CAPTION, x0, 9.5, Anchor.START, say.rpm(slow));
        scene.label(Role.CAPTION, across.to(), 9.5, Anchor.END, say.rpm(fast));
        scene.label(
                Role.CAPTION,
                (across.from() + across.to()) / 2,
                9.5,
                Anchor.MIDDLE,
                "the marks are this machine's speeds");
        scene.input(2, 65.5, Anchor.START, say.length(job.depthMm()), DEPTH);
        scene.input(22, 65.5, Anchor.START, say.rpm(cut.cutting().rpm()), SPEED);
        scene.input(48, 65.5, Anchor.START, say.number(cut.mode().hz(), 0) + " Hz", RING);
        scene.input(68, 65.5, Anchor.START, say.number(cut.mode().damping(), 4), DAMPING);
        return scene.build(
                0,
                0,
                Plate.WIDTH,
                Plate.HEIGHT,
                "shaded it sings, below the dashes it is quiet, between listen; logarithmic scales");
    }
}
