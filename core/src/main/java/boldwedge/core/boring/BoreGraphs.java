package boldwedge.core.boring;

import boldwedge.core.ask.Say;
import boldwedge.core.drawing.Label.Anchor;
import boldwedge.core.drawing.Plate;
import boldwedge.core.drawing.Point;
import boldwedge.core.drawing.Role;
import boldwedge.core.drawing.Scene;
import boldwedge.core.drawing.SceneBuilder;
import boldwedge.core.rigidity.PushOff;
import java.util.ArrayList;
import java.util.List;

/** What a bored hole comes out like, and at which depths and speeds its bar sings, as graphs. */
final class BoreGraphs {
    private BoreGraphs() {}

    /** Size left along the hole, mouth to bottom, beside what the tolerance allows. */
    static Scene size(BoreCut cut, Say say) {
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
        scene.input(2, 65.5, Anchor.START, say.length(job.depthMm()), BoreField.DEPTH.id(), BoreField.DEPTH.label());
        scene.input(22, 65.5, Anchor.START, say.feed(cut.feedMm()), BoreField.FEED.id(), BoreField.FEED.label());
        scene.input(46, 65.5, Anchor.START, say.rpm(cut.rpm()), BoreField.SPEED.id(), BoreField.SPEED.label());
        return scene.build(
                0, 0, Plate.WIDTH, Plate.HEIGHT, "along to scale, size drawn " + Math.round(tall) + " times larger");
    }

    /** Depth at which it sings over spindle speed, with the speeds that this machine has. */
    static Scene lobes(BoreCut cut, Say say) {
        BoreJob job = cut.job();
        SceneBuilder scene = new SceneBuilder("lobes", "Where it sings");
        double slow = Math.max(20, job.lathe().speeds().slowest());
        double fast = Math.max(slow * 4, job.lathe().speeds().fastest());
        double limit = cut.mode().absoluteLimit();
        double most = Math.max(4 * limit, 1.3 * cut.directionalNPerMm());
        double x0 = 14;
        double wide = 80;
        double y0 = 14;
        double high = 44;
        scene.place(0, 0, 1);
        List<Point> line = new ArrayList<>();
        int parts = 160;
        for (int i = 0; i <= parts; i++) {
            double rpm = slow * Math.pow(fast / slow, i / (double) parts);
            double at = Math.min(most, cut.mode().limitAt(rpm));
            line.add(new Point(x0 + wide * i / parts, y0 + high * at / most));
        }
        List<Point> area = new ArrayList<>(line);
        area.add(new Point(x0 + wide, y0 + high));
        area.add(new Point(x0, y0 + high));
        scene.run(Role.WORK_AREA, true, area);
        scene.run(Role.WORK, false, line);
        scene.line(Role.HIDDEN, x0, y0 + high * limit / most, x0 + wide, y0 + high * limit / most);
        scene.line(Role.DIMENSION, x0, y0, x0 + wide, y0);
        scene.line(Role.DIMENSION, x0, y0, x0, y0 + high);
        scene.label(Role.CAPTION, x0 + 2, y0 + high - 2.5, Anchor.START, "sings");
        scene.label(Role.CAPTION, x0 + 2, y0 + 2, Anchor.START, "quiet");
        scene.label(
                Role.DIMENSION,
                x0 + wide,
                y0 + high * limit / most - 2.2,
                Anchor.END,
                "quiet at any speed below "
                        + (Double.isInfinite(cut.limitDepthMm()) ? "10 mm and more" : say.length(cut.limitDepthMm())));
        double here = x0 + wide * Math.log(cut.rpm() / slow) / Math.log(fast / slow);
        double y = y0 + high * Math.min(1, cut.directionalNPerMm() / most);
        scene.line(Role.CENTRE, here, y0, here, y0 + high);
        scene.circle(Role.CHIP, here, y, 1.1);
        scene.label(Role.DIMENSION, here + 2, y + 2.4, Anchor.START, "this cut, " + say.rpm(cut.rpm()));
        if (job.lathe().speeds() instanceof boldwedge.core.cutting.SpindleSpeeds.Steps(List<Double> steps)) {
            for (double rpm : steps) {
                double x = x0 + wide * Math.log(rpm / slow) / Math.log(fast / slow);
                if (x >= x0 - 0.1 && x <= x0 + wide + 0.1) {
                    scene.line(Role.DIMENSION, x, y0 - 1.2, x, y0 + 1.2);
                }
            }
        }
        scene.label(Role.CAPTION, x0, 9.5, Anchor.START, say.rpm(slow));
        scene.label(Role.CAPTION, x0 + wide, 9.5, Anchor.END, say.rpm(fast));
        scene.label(Role.CAPTION, x0 + wide / 2, 9.5, Anchor.MIDDLE, "the marks are this machine's speeds");
        scene.input(2, 65.5, Anchor.START, say.length(job.depthMm()), BoreField.DEPTH.id(), BoreField.DEPTH.label());
        scene.input(22, 65.5, Anchor.START, say.rpm(cut.rpm()), BoreField.SPEED.id(), BoreField.SPEED.label());
        scene.input(
                48,
                65.5,
                Anchor.START,
                say.number(cut.mode().hz(), 0) + " Hz",
                BoreField.RING.id(),
                BoreField.RING.label());
        scene.input(
                68,
                65.5,
                Anchor.START,
                say.number(cut.mode().damping(), 4),
                BoreField.DAMPING.id(),
                BoreField.DAMPING.label());
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "speed to a logarithmic scale");
    }
}
