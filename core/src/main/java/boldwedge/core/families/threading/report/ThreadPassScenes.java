package boldwedge.core.families.threading.report;

import static boldwedge.core.families.threading.entry.ThreadField.*;

import boldwedge.core.families.threading.model.ThreadCut;
import boldwedge.core.families.threading.model.ThreadJob.Way;
import boldwedge.core.language.drawing.Axis;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.mechanics.thread.Infeed;
import boldwedge.core.mechanics.thread.ThreadDial;
import boldwedge.core.mechanics.thread.ThreadLimits;
import boldwedge.core.mechanics.thread.ThreadSize;
import boldwedge.core.mechanics.thread.TipShape;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** What passes take, where the nut closes, and the pitch diameter between its limits. */
final class ThreadPassScenes {
    private ThreadPassScenes() {}

    /** The groove enlarged with what each pass takes, and the other schools beside it. */
    static Scene passes(ThreadCut cut, UnitFormat say) {
        double p = cut.job().size().pitchMm();
        double t = cut.depthMm();
        SceneBuilder scene = new SceneBuilder("thread-passes", "What each pass takes");
        double scale = Math.min(44 / (1.5 * p), 36 / (1.25 * t));
        groove(scene, cut, cut.job().cutting().way(), 27, 60, scale);
        scene.place(0, 0, 1);
        Infeed in = cut.infeed();
        scene.label(
                Role.CAPTION,
                27,
                67,
                Anchor.MIDDLE,
                cut.job().cutting().way().compound()
                        ? "compound " + say.angle(in.betaRad()) + " from square"
                        : cut.job().cutting().way().words());
        scene.label(
                Role.CAPTION,
                27,
                60 - t * 1.25 * scale - 5,
                Anchor.MIDDLE,
                cut.depthsMm().size() + " passes; leading flank left");
        Way[] ways = {Way.HALF_LESS, Way.HALF, Way.STRAIGHT, Way.TO_AND_FRO};
        String[] names = {"half a degree under", "half the angle", "straight in", "to and fro"};
        double small = Math.min(17 / (1.3 * p), 17 / (1.25 * t));
        for (int i = 0; i < ways.length; i++) {
            double x = 63 + 23 * (i % 2);
            double y = i < 2 ? 62 : 30;
            groove(scene, cut, ways[i], x, y, small);
            scene.place(0, 0, 1).label(Role.CAPTION, x, y - 1.25 * t * small - 4, Anchor.MIDDLE, names[i]);
        }
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "grooves to scale, enlarged");
    }

    private static void groove(SceneBuilder scene, ThreadCut cut, Way way, double x, double y, double scale) {
        TipShape tip = cut.tip();
        double t = cut.depthMm();
        double edge =
                Math.min(0.75 * cut.job().size().pitchMm(), cut.job().size().pitchMm());
        scene.place(x, y, scale);
        List<Point> work = new ArrayList<>();
        work.add(new Point(-edge, 0));
        work.addAll(ThreadScenes.tip(tip, 0, t, t));
        work.add(new Point(edge, 0));
        List<Point> area = new ArrayList<>(work);
        area.add(new Point(edge, -1.2 * t));
        area.add(new Point(-edge, -1.2 * t));
        scene.run(Role.WORK_AREA, true, ThreadScenes.flat(area, 1));
        double slope = Math.tan(
                way == Way.TO_AND_FRO
                        ? cut.job().size().form().halfRad()
                        : way.betaRad(cut.job().size().form()));
        double hand = cut.job().left() ? -1 : 1;
        List<Double> depths = cut.depthsMm();
        int every = Math.max(1, depths.size() / 12);
        for (int i = 0; i < depths.size() - 1; i += every) {
            double depth = depths.get(i);
            double aside = hand * (t - depth) * slope * (way == Way.TO_AND_FRO && i / every % 2 == 1 ? -1 : 1);
            scene.run(Role.CHIP, false, ThreadScenes.flat(ThreadScenes.tip(tip, aside, depth, depth), 1));
        }
        scene.run(Role.WORK, false, ThreadScenes.flat(work, 1));
    }

    /** The thread dial as it looks on this lathe, the marks that serve drawn long; or the wheels, where there is none. */
    static Scene dial(ThreadCut cut, UnitFormat say) {
        SceneBuilder scene = new SceneBuilder("thread-dial", "Where the half nut may be closed");
        Optional<ThreadDial> known = cut.gears().dial();
        double x = 50;
        double y = 38;
        double r = 25;
        if (known.isEmpty()) {
            scene.label(Role.CAPTION, x, y, Anchor.MIDDLE, "no thread dial on the machine’s card");
            return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "nothing to draw");
        }
        ThreadDial dial = known.get();
        double lead =
                cut.gears().known() ? cut.gears().cutsMm() : cut.job().size().leadMm();
        int every = dial.every(lead);
        scene.place(x, y, 1);
        scene.circle(Role.TOOL, 0, 0, r);
        scene.circle(Role.EDGE, 0, 0, r);
        scene.circle(Role.EDGE, 0, 0, 2);
        for (int i = 0; i < dial.marks(); i++) {
            double at = Math.PI / 2 - 2 * Math.PI * i / dial.marks();
            boolean serves = dial.at(lead) == ThreadDial.Catch.ANYWHERE || (every > 0 && i % every == 0);
            double in = serves ? r - 9 : r - 4;
            scene.line(
                    serves ? Role.CUTTING_EDGE : Role.HIDDEN,
                    in * Math.cos(at),
                    in * Math.sin(at),
                    r * Math.cos(at),
                    r * Math.sin(at));
            // Every second mark carries a number, as dials of even marks do.
            boolean numbered = dial.marks() % 2 != 0 || i % 2 == 0;
            if (numbered) {
                int number = dial.marks() % 2 != 0 ? i + 1 : i / 2 + 1;
                scene.label(
                        Role.CAPTION,
                        (r - 12.5) * Math.cos(at),
                        (r - 12.5) * Math.sin(at),
                        Anchor.MIDDLE,
                        String.valueOf(number));
            }
        }
        scene.run(Role.FIXTURE, true, -1.5, r + 5, 1.5, r + 5, 0, r + 0.8);
        scene.place(0, 0, 1);
        String words = switch (dial.at(lead)) {
            case ANYWHERE -> "anywhere";
            case ANY_MARK -> "at any mark";
            case SOME_MARKS -> "at the long marks";
            case SAME_MARK -> "at the one mark only";
            case NEVER -> "never: the nut stays closed";
        };
        scene.label(Role.CAPTION, 6, 68, Anchor.START, say.pitch(lead) + ": " + words);
        scene.label(
                Role.CAPTION, 6, 5, Anchor.START, dial.teeth() + " teeth on a screw of " + say.pitch(dial.screwMm()));
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "as it looks; not to scale");
    }

    /** The pitch diameter's limits on a line, where it is aimed, and what was measured. */
    static Scene limits(ThreadCut cut, UnitFormat say, OptionalDouble measured) {
        ThreadSize size = cut.job().size();
        double low =
                cut.job().limits().map(ThreadLimits::pitchLow).orElse(size.pitchDiameterMm() - 0.05 * size.pitchMm());
        double high =
                cut.job().limits().map(ThreadLimits::pitchHigh).orElse(size.pitchDiameterMm() + 0.05 * size.pitchMm());
        double pad = 0.8 * (high - low);
        double least = Math.min(low, measured.orElse(low)) - pad;
        double most = Math.max(high, measured.orElse(high)) + pad;
        Axis x = Axis.even(least, most, 10, 90);
        SceneBuilder scene = new SceneBuilder("thread-limits", "The pitch diameter between its limits");
        double base = 30;
        scene.run(Role.WORK_AREA, true, x.at(low), base, x.at(high), base, x.at(high), base + 18, x.at(low), base + 18);
        scene.run(Role.WORK, false, x.at(low), base, x.at(low), base + 18);
        scene.run(Role.WORK, false, x.at(high), base, x.at(high), base + 18);
        scene.line(Role.DIMENSION, 6, base, 94, base);
        scene.label(Role.CAPTION, x.at(low), base - 4, Anchor.MIDDLE, say.length(low));
        scene.label(Role.CAPTION, x.at(high), base - 4, Anchor.MIDDLE, say.length(high));
        scene.line(Role.CENTRE, x.at(cut.targetMm()), base, x.at(cut.targetMm()), base + 22);
        scene.label(
                Role.CAPTION, x.at(cut.targetMm()), base + 25, Anchor.MIDDLE, "aimed at " + say.length(cut.targetMm()));
        measured.ifPresent(mm -> {
            scene.run(Role.CUTTING_EDGE, false, x.at(mm), base - 8, x.at(mm), base + 14);
            scene.label(Role.CAPTION, x.at(mm), base - 11, Anchor.MIDDLE, "measured " + say.length(mm));
        });
        boolean looseUp = cut.job().inside();
        scene.label(Role.CAPTION, 8, 62, Anchor.START, looseUp ? "← tight" : "← loose");
        scene.label(Role.CAPTION, 92, 62, Anchor.END, looseUp ? "loose →" : "tight →");
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "to scale along the line");
    }
}
