package boldwedge.core.threading.tell;

import static boldwedge.core.threading.ask.ThreadField.*;

import boldwedge.core.drawing.Axis;
import boldwedge.core.drawing.Label.Anchor;
import boldwedge.core.drawing.Plate;
import boldwedge.core.drawing.Point;
import boldwedge.core.drawing.Role;
import boldwedge.core.drawing.Scene;
import boldwedge.core.drawing.SceneBuilder;
import boldwedge.core.measure.Say;
import boldwedge.core.thread.BarInHole;
import boldwedge.core.thread.Infeed;
import boldwedge.core.thread.ThreadDial;
import boldwedge.core.thread.ThreadLimits;
import boldwedge.core.thread.ThreadSize;
import boldwedge.core.thread.TipShape;
import boldwedge.core.threading.model.ThreadCut;
import boldwedge.core.threading.model.ThreadJob;
import boldwedge.core.threading.model.ThreadJob.End;
import boldwedge.core.threading.model.ThreadJob.Way;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Drawings of a thread to be cut. */
final class ThreadScenes {
    private static final int ARC_PARTS = 12;
    private static final int TURNS = 2;

    private ThreadScenes() {}

    /**
     * The end of the tool at a place: from one side of its mouth round the tip to the other, y down into the work.
     *
     * @param x where its middle stands along the axis
     * @param depth of the tip
     * @param high how far above the tip the flanks are drawn
     */
    private static List<Point> tip(TipShape tip, double x, double depth, double high) {
        double half = tip.form().halfRad();
        List<Point> points = new ArrayList<>();
        double wide = tip.widthMm(high) / 2;
        points.add(new Point(x - wide, -depth + high));
        if (tip.radiusMm() > 0) {
            double r = tip.radiusMm();
            for (int i = 0; i <= ARC_PARTS; i++) {
                // From the joint on the left flank round the bottom to the right one.
                double at = Math.PI + half + (Math.PI - 2 * half) * i / ARC_PARTS;
                points.add(new Point(x + r * Math.cos(at), -depth + r + r * Math.sin(at)));
            }
        } else {
            points.add(new Point(x - tip.flatMm() / 2, -depth));
            points.add(new Point(x + tip.flatMm() / 2, -depth));
        }
        points.add(new Point(x + wide, -depth + high));
        return points;
    }

    private static double[] flat(List<Point> points, double up) {
        double[] xy = new double[2 * points.size()];
        for (int i = 0; i < points.size(); i++) {
            xy[2 * i] = points.get(i).x();
            xy[2 * i + 1] = up * points.get(i).y();
        }
        return xy;
    }

    /** The thread in section, enlarged, with its pitch line; the axis lies below an outside thread and above an inside one. */
    static Scene form(ThreadCut cut, Say say) {
        ThreadSize size = cut.job().size();
        double p = size.pitchMm();
        double t = cut.depthMm();
        double scale = Math.min(50 / (TURNS * p), 34 / (t + p / 2));
        // Outside: metal below, the groove open upward; inside the same upside down.
        double up = cut.job().inside() ? -1 : 1;
        double crestY = 37 + up * (t / 2) * scale;
        double left = 12;
        SceneBuilder scene = new SceneBuilder("thread-form", "The thread in section");
        scene.place(left, crestY, scale);
        List<Point> outline = new ArrayList<>();
        outline.add(new Point(0, 0));
        for (int i = 0; i < TURNS; i++) {
            outline.addAll(tip(cut.tip(), (i + 0.5) * p, t, t));
        }
        outline.add(new Point(TURNS * p, 0));
        double deep = t + Math.min(0.6 * p, 14 / scale);
        List<Point> area = new ArrayList<>(outline);
        area.add(new Point(TURNS * p, -deep));
        area.add(new Point(0, -deep));
        scene.run(Role.WORK_AREA, true, flat(area, up));
        scene.run(Role.WORK, false, flat(outline, up));
        double pitchLine =
                up * (cut.job().inside() ? (cut.blankMm() - cut.targetMm()) / 2 : (cut.targetMm() - cut.blankMm()) / 2);
        scene.line(Role.CENTRE, -0.1 * p, pitchLine, (TURNS + 0.1) * p, pitchLine);
        double mid = 0.5 * p;
        scene.dimension(mid, 0, mid + p, 0, up * 6);
        scene.place(0, 0, 1);
        scene.label(Role.DIMENSION, left + (mid + p / 2) * scale - 5, crestY + up * 8.5, Anchor.START, say.pitch(p));
        double right = left + TURNS * p * scale + 6;
        ThreadLimits limits = cut.job().limits().orElse(null);
        String crest = cut.job().inside() ? "hole " : "outside ";
        scene.input(right, crestY + up * 6, Anchor.START, say.length(cut.blankMm()), BLANK.id(), BLANK.label());
        scene.label(
                Role.CAPTION,
                right,
                crestY + up * (up > 0 ? 13 : 10),
                Anchor.START,
                crest
                        + (limits == null
                                ? "as turned"
                                : say.length(limits.blankLow()) + " to " + say.length(limits.blankHigh())));
        double pitchY = crestY + pitchLine * scale;
        scene.label(
                Role.CAPTION,
                right,
                pitchY,
                Anchor.START,
                "pitch "
                        + (limits == null
                                ? say.length(size.pitchDiameterMm())
                                : say.length(limits.pitchLow()) + " to " + say.length(limits.pitchHigh())));
        double rootY = crestY - up * t * scale;
        scene.label(
                Role.CAPTION, right, rootY - (up > 0 ? 5 : -5), Anchor.START, "root " + say.length(2 * cut.tipAtMm()));
        scene.place(left, crestY, scale).dimension(0.5 * p, 0, 0.5 * p, -up * t, up * -0.34 * p * scale);
        scene.place(0, 0, 1)
                .label(
                        Role.CAPTION,
                        left,
                        up > 0 ? 66 : 8,
                        Anchor.START,
                        ThreadSpoken.name(cut.job()) + ", deep " + say.length(t) + " on the radius, "
                                + say.angle(size.form().angleRad()));
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, "to scale, enlarged");
    }

    /** The whole work in section: blank or hole, thread, groove, chamfer; its free end to the right. */
    static Scene work(ThreadCut cut, Say say) {
        ThreadJob job = cut.job();
        double length = job.lengthMm();
        double groove = cut.grooveMm();
        double d = cut.blankMm();
        double outer = job.inside()
                ? job.outsideMm().orElse(job.size().insideRootMm() + Math.max(6, 0.4 * d))
                : Math.max(job.outsideMm().orElse(1.45 * d), 1.15 * d);
        double behind = Math.max(0.3 * length, groove * 0.6);
        double whole = length + groove + behind;
        double scale = Math.min(52 / whole, 46 / outer);
        double axis = 37;
        double left = 46 - whole * scale / 2;
        SceneBuilder scene = new SceneBuilder("thread-work", "The work with its thread");
        scene.place(left, axis, scale);
        double from = behind + groove;
        double tip = cut.tipAtMm();
        double chamfer = Math.min(Math.abs(d / 2 - tip), 0.3 * length);
        double g = cut.grooveDiameterMm() / 2;
        for (int side : new int[] {1, -1}) {
            List<Point> edge = new ArrayList<>();
            if (job.inside()) {
                double stop = job.end() == End.OPEN ? d / 2 : 0.62 * d / 2;
                edge.add(new Point(0, side * stop));
                edge.add(new Point(behind, side * stop));
                if (groove > 0) {
                    edge.add(new Point(behind, side * g));
                    edge.add(new Point(from, side * g));
                }
                edge.add(new Point(from, side * d / 2));
                edge.add(new Point(from + length - chamfer, side * d / 2));
                edge.add(new Point(from + length, side * (d / 2 + chamfer)));
                List<Point> area = new ArrayList<>(edge);
                area.add(new Point(from + length, side * outer / 2));
                area.add(new Point(0, side * outer / 2));
                scene.run(Role.WORK_AREA, true, area);
                scene.run(Role.WORK, false, area);
            } else {
                edge.add(new Point(0, side * outer / 2));
                edge.add(new Point(behind, side * outer / 2));
                edge.add(new Point(behind, side * (groove > 0 ? g : d / 2)));
                if (groove > 0) {
                    edge.add(new Point(from, side * g));
                }
                edge.add(new Point(from, side * d / 2));
                edge.add(new Point(from + length - chamfer, side * d / 2));
                edge.add(new Point(from + length, side * (d / 2 - chamfer)));
                edge.add(new Point(from + length, 0));
                List<Point> area = new ArrayList<>(edge);
                area.add(new Point(0, 0));
                scene.run(Role.WORK_AREA, true, area);
                scene.run(Role.WORK, false, edge);
            }
            scene.line(Role.HIDDEN, from, side * tip, from + length, side * tip);
        }
        turns(scene, cut, from, length, scale);
        scene.line(Role.CENTRE, -4 / scale, 0, from + length + 5 / scale, 0);
        double top = Math.max(outer, d) / 2;
        scene.dimension(from, top, from + length, top, 5);
        if (groove > 0) {
            scene.dimension(behind, -top, from, -top, -5);
        }
        scene.place(0, 0, 1);
        scene.input(
                left + (from + length / 2) * scale - 5,
                axis + top * scale + 7.5,
                Anchor.START,
                say.length(length),
                LENGTH.id(),
                LENGTH.label());
        if (groove > 0) {
            scene.input(
                    Math.max(4, left + (behind + groove / 2) * scale - 6),
                    axis - top * scale - 10,
                    Anchor.START,
                    say.length(groove),
                    GROOVE.id(),
                    GROOVE.label());
        }
        scene.input(
                Math.min(84, left + whole * scale + 4),
                axis + 3,
                Anchor.START,
                say.length(d),
                BLANK.id(),
                BLANK.label());
        scene.label(Role.CAPTION, 50, 4, Anchor.MIDDLE, ThreadSpoken.name(job));
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, "to scale");
    }

    /** The turns as slanted lines from crest to crest: their slope is the lead's. */
    private static void turns(SceneBuilder scene, ThreadCut cut, double from, double length, double scale) {
        double p = cut.job().size().pitchMm();
        double step = p * Math.max(1, Math.ceil(1.1 / (p * scale)));
        double r = cut.blankMm() / 2;
        double lean = cut.job().size().leadMm()
                / 2
                * (cut.job().left() ? -1 : 1)
                * (cut.job().inside() ? -1 : 1);
        for (double x = from + step / 2; x < from + length - step / 4; x += step) {
            double top = Math.clamp(x + lean / 2, from, from + length);
            double bottom = Math.clamp(x - lean / 2, from, from + length);
            scene.line(cut.job().inside() ? Role.HIDDEN : Role.WORK, top, r, bottom, -r);
        }
    }

    /** The tool from above in its groove, and its flanks from the front against the helix. */
    static Scene tool(ThreadCut cut, Say say) {
        double p = cut.job().size().pitchMm();
        double t = cut.depthMm();
        double high = 2.1 * t;
        double wide = cut.tip().widthMm(high);
        double scale = Math.min(40 / Math.max(wide, 2.2 * p), 40 / (high + t * 0.4));
        double x = 28;
        double crest = 26;
        SceneBuilder scene = new SceneBuilder("thread-tool", "The tool at full depth, and its flanks");
        scene.place(x, crest, scale);
        double edge = 1.25 * p;
        List<Point> work = new ArrayList<>();
        work.add(new Point(-edge, 0));
        work.addAll(tip(cut.tip(), 0, t, t));
        work.add(new Point(edge, 0));
        List<Point> area = new ArrayList<>(work);
        area.add(new Point(edge, -t - 8 / scale));
        area.add(new Point(-edge, -t - 8 / scale));
        scene.run(Role.WORK_AREA, true, area);
        scene.run(Role.WORK, false, work);
        List<Point> tool = tip(cut.tip(), 0, t, high);
        scene.run(Role.TOOL, true, tool);
        scene.run(Role.CUTTING_EDGE, false, tool);
        double half = cut.job().size().form().halfRad();
        scene.angle(
                0,
                -t - cut.tip().shortOfSharpMm(),
                Math.PI / 2 - half,
                Math.PI / 2 + half,
                Math.min(34, (high + t) * scale * 0.8));
        scene.place(0, 0, 1);
        scene.input(
                x - 4,
                crest + (high - t) * scale + 6,
                Anchor.START,
                say.angle(cut.groundRad()),
                ANGLE.id(),
                ANGLE.label());
        scene.place(x, crest, scale).leader(0, -t, 9, -9, Anchor.START, "");
        scene.place(0, 0, 1);
        boolean round = cut.tip().radiusMm() > 0;
        scene.input(
                x + 10,
                crest - t * scale - 9.5,
                Anchor.START,
                round
                        ? "r " + say.length(cut.tip().radiusMm())
                        : say.length(cut.tip().flatMm()),
                round ? RADIUS.id() : FLAT.id(),
                round ? RADIUS.label() : FLAT.label());
        scene.label(Role.CAPTION, x, 69, Anchor.MIDDLE, "from above");
        front(scene, cut, say);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "the tip to scale; angles true");
    }

    /** From the front: the edge on top, each flank falling away under it; the helix that passes it dashed. */
    private static void front(SceneBuilder scene, ThreadCut cut, Say say) {
        double x = 69;
        double y = 50;
        double w = 9;
        double h = 26;
        boolean left = cut.job().left();
        double lead = cut.leadingRad();
        double trail = cut.trailingRad();
        // The leading flank stands toward the chuck, on the left, for a right-hand thread.
        double leadX = left ? w : -w;
        double trailX = -leadX;
        double in = left ? -1 : 1;
        scene.place(x, y, 1);
        scene.run(
                Role.TOOL,
                true,
                leadX,
                0,
                trailX,
                0,
                trailX - in * h * Math.tan(trail),
                -h,
                leadX + in * h * Math.tan(lead),
                -h);
        scene.run(Role.CUTTING_EDGE, false, leadX, 0, trailX, 0);
        double helix = cut.helixRad();
        for (double side : new double[] {leadX, trailX}) {
            scene.line(Role.HIDDEN, side - in * 4 * Math.tan(helix), 4, side + in * h * Math.tan(helix), -h);
        }
        scene.place(0, 0, 1);
        scene.input(
                x + leadX - (left ? -4 : 16), y - h - 4, Anchor.START, say.angle(lead), LEADING.id(), LEADING.label());
        scene.input(
                x + trailX - (left ? 16 : -4),
                y - h - 4,
                Anchor.START,
                say.angle(trail),
                TRAILING.id(),
                TRAILING.label());
        scene.label(Role.CAPTION, x, y + 8, Anchor.MIDDLE, "helix " + say.angle(helix) + ", dashed");
        scene.label(Role.CAPTION, x, 69, Anchor.MIDDLE, "from the front");
        scene.label(Role.CAPTION, x, y - h - 9, Anchor.MIDDLE, left ? "trailing · leading" : "leading · trailing");
    }

    /** The bar in its hole seen along the axis: at full depth, and drawn out dashed. */
    static Scene bar(ThreadCut cut, Say say) {
        BarInHole bar = cut.bar().orElseThrow();
        double crest = cut.blankMm() / 2;
        double root = cut.tipAtMm();
        double scale = 23.5 / root;
        double x = 32;
        double y = 38;
        SceneBuilder scene = new SceneBuilder("thread-bar", "The bar in the hole, seen along the axis");
        scene.place(x, y, scale);
        double outer = root * 1.18;
        scene.circle(Role.WORK_AREA, 0, 0, outer);
        scene.circle(Role.SWEPT, 0, 0, root);
        scene.circle(Role.WORK, 0, 0, crest);
        scene.circle(Role.HIDDEN, 0, 0, root);
        double r = bar.barMm() / 2;
        double centre = root - bar.pointMm();
        double drawn = crest - bar.clearMm() - bar.pointMm();
        scene.circle(Role.HIDDEN, drawn, -bar.barBelowMm(), r);
        scene.circle(Role.TOOL, centre, -bar.barBelowMm(), r);
        scene.circle(Role.EDGE, centre, -bar.barBelowMm(), r);
        double t = cut.depthMm();
        double from = centre + Math.sqrt(Math.max(0, r * r - bar.barBelowMm() * bar.barBelowMm())) * 0.9;
        double thick = Math.max(0.35 * r, t);
        scene.run(Role.GROUND, true, from, 0, root, 0, root - 0.25 * thick, -thick, from, -thick);
        scene.run(Role.CUTTING_EDGE, false, root - t, 0, root, 0, root - 0.25 * thick, -thick);
        scene.line(Role.CENTRE, -outer - 3 / scale, 0, outer + 3 / scale, 0);
        scene.line(Role.CENTRE, 0, -outer - 3 / scale, 0, outer + 3 / scale);
        scene.dimension(centre, -bar.barBelowMm(), root, -bar.barBelowMm(), -outer * scale - 4);
        scene.place(0, 0, 1);
        scene.input(
                x + (centre + root) / 2 * scale - 5,
                3.5,
                Anchor.START,
                say.length(bar.pointMm()),
                BAR_POINT.id(),
                BAR_POINT.label());
        scene.place(x, y, scale).leader(centre - r * 0.7, -bar.barBelowMm() + r * 0.7, -6, 12, Anchor.MIDDLE, "");
        scene.place(0, 0, 1);
        scene.input(
                Math.max(3, x + (centre - r * 0.7) * scale - 14),
                y + (-bar.barBelowMm() + r * 0.7) * scale + 14,
                Anchor.START,
                say.length(bar.barMm()),
                BAR.id(),
                BAR.label());
        side(scene, cut, bar, say);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "both views to scale");
    }

    /** The hole in section with the bar at full depth, below it the room. */
    private static void side(SceneBuilder scene, ThreadCut cut, BarInHole bar, Say say) {
        ThreadJob job = cut.job();
        double crest = cut.blankMm() / 2;
        double root = cut.tipAtMm();
        double length = job.lengthMm() + cut.grooveMm();
        double out = cut.barOutMm();
        double scale = Math.min(29 / Math.max(out, length), 22 / root);
        double x = 98 - Math.max(out, length) * scale;
        double y = 40;
        scene.place(x, y, scale);
        double outer = root * 1.15;
        double g = cut.grooveDiameterMm() / 2;
        double w = cut.grooveMm();
        for (int side : new int[] {1, -1}) {
            scene.run(
                    Role.WORK_AREA,
                    true,
                    0,
                    side * g,
                    w,
                    side * g,
                    w,
                    side * crest,
                    length,
                    side * crest,
                    length,
                    side * outer,
                    0,
                    side * outer);
            scene.run(
                    Role.WORK,
                    false,
                    0,
                    side * g,
                    w,
                    side * g,
                    w,
                    side * crest,
                    length,
                    side * crest,
                    length,
                    side * outer);
            scene.line(Role.HIDDEN, w, side * root, length, side * root);
        }
        double r = bar.barMm() / 2;
        double axis = root - bar.pointMm();
        double at = Math.max(0.35 * w, 0);
        scene.run(Role.TOOL, true, at, axis + r, out + at, axis + r, out + at, axis - r, at, axis - r);
        scene.run(Role.EDGE, false, out + at, axis + r, at, axis + r, at, axis - r, out + at, axis - r);
        double t = cut.depthMm();
        double half = cut.tip().widthMm(Math.max(0, root - axis - r)) / 2;
        scene.run(Role.GROUND, true, at + half, root, at, axis + r, at + 2 * half, axis + r);
        scene.run(
                Role.CUTTING_EDGE,
                false,
                at,
                root - t < axis + r ? axis + r : root - t,
                at + half,
                root,
                at + 2 * half,
                axis + r);
        scene.line(Role.CENTRE, -3 / scale, 0, Math.max(out, length) + 3 / scale, 0);
        scene.place(0, 0, 1);
        scene.input(
                x + out * scale * 0.4,
                y - outer * scale - 6,
                Anchor.START,
                say.length(out),
                BAR_OUT.id(),
                BAR_OUT.label());
        scene.label(
                Role.CAPTION,
                x + Math.max(out, length) * scale / 2,
                y + outer * scale + 4,
                Anchor.MIDDLE,
                "room " + say.length(bar.roomAtDepth(root, crest) + bar.clearMm()));
    }

    /** The groove enlarged with what each pass takes, and the other schools beside it. */
    static Scene passes(ThreadCut cut, Say say) {
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
        work.addAll(tip(tip, 0, t, t));
        work.add(new Point(edge, 0));
        List<Point> area = new ArrayList<>(work);
        area.add(new Point(edge, -1.2 * t));
        area.add(new Point(-edge, -1.2 * t));
        scene.run(Role.WORK_AREA, true, flat(area, 1));
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
            scene.run(Role.CHIP, false, flat(tip(tip, aside, depth, depth), 1));
        }
        scene.run(Role.WORK, false, flat(work, 1));
    }

    /** The thread dial as it looks on this lathe, the marks that serve drawn long; or the wheels, where there is none. */
    static Scene dial(ThreadCut cut, Say say) {
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
            boolean serves = dial.at(lead) == ThreadDial.Catch.ANYWHERE || every > 0 && i % every == 0;
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
    static Scene limits(ThreadCut cut, Say say, OptionalDouble measured) {
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
