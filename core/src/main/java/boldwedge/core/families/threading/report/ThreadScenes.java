package boldwedge.core.families.threading.report;

import static boldwedge.core.families.threading.entry.ThreadField.*;

import boldwedge.core.families.threading.model.ThreadCut;
import boldwedge.core.families.threading.model.ThreadJob;
import boldwedge.core.families.threading.model.ThreadJob.End;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.mechanics.thread.ThreadLimits;
import boldwedge.core.mechanics.thread.ThreadSize;
import boldwedge.core.mechanics.thread.TipShape;
import java.util.ArrayList;
import java.util.List;

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
    static List<Point> tip(TipShape tip, double x, double depth, double high) {
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

    static double[] flat(List<Point> points, double up) {
        double[] xy = new double[2 * points.size()];
        for (int i = 0; i < points.size(); i++) {
            xy[2 * i] = points.get(i).x();
            xy[2 * i + 1] = up * points.get(i).y();
        }
        return xy;
    }

    /** The thread in section, enlarged, with its pitch line; the axis lies below an outside thread and above an inside one. */
    static Scene form(ThreadCut cut, UnitFormat say) {
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
        scene.hung(
                TURNS * p,
                0,
                new Point(left + TURNS * p * scale + 6, crestY + up * 6),
                say.length(cut.blankMm()),
                BLANK);
        scene.place(0, 0, 1);
        scene.label(Role.DIMENSION, left + (mid + p / 2) * scale - 5, crestY + up * 8.5, Anchor.START, say.pitch(p));
        double right = left + TURNS * p * scale + 6;
        ThreadLimits limits = cut.job().limits().orElse(null);
        String crest = cut.job().inside() ? "hole " : "outside ";
        scene.label(
                Role.CAPTION,
                right,
                crestY + up * (up > 0 ? 13 : 11.5),
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
    static Scene work(ThreadCut cut, UnitFormat say) {
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
        scene.hung(
                from + length,
                0.6 * d / 2,
                new Point(Math.min(84, left + whole * scale + 4), axis + 3),
                say.length(d),
                BLANK);
        scene.place(0, 0, 1);
        scene.input(
                left + (from + length / 2) * scale - 5,
                axis + top * scale + 7.5,
                Anchor.START,
                say.length(length),
                LENGTH);
        if (groove > 0) {
            scene.input(
                    Math.max(4, left + (behind + groove / 2) * scale - 6),
                    axis - top * scale - 10,
                    Anchor.START,
                    say.length(groove),
                    GROOVE);
        }
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
    static Scene tool(ThreadCut cut, UnitFormat say) {
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
                Math.min(34, (high + t) * scale * 0.8),
                new Point(x - 4, crest + (high - t) * scale + 6),
                say.angle(cut.edge().groundRad()),
                ANGLE);
        scene.leader(0, -t, 9, -9, Anchor.START, "");
        scene.place(0, 0, 1);
        boolean round = cut.tip().radiusMm() > 0;
        scene.input(
                x + 10,
                crest - t * scale - 9.5,
                Anchor.START,
                round
                        ? "r " + say.length(cut.tip().radiusMm())
                        : say.length(cut.tip().flatMm()),
                round ? RADIUS : FLAT);
        scene.label(Role.CAPTION, x, 69, Anchor.MIDDLE, "from above");
        front(scene, cut, say);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "the tip to scale; angles true");
    }

    /** From the front: the edge on top, each flank falling away under it; the helix that passes it dashed. */
    private static void front(SceneBuilder scene, ThreadCut cut, UnitFormat say) {
        double x = 69;
        double y = 50;
        double w = 9;
        double h = 26;
        boolean left = cut.job().left();
        double lead = cut.edge().leadingRad();
        double trail = cut.edge().trailingRad();
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
        double helix = cut.edge().helixRad();
        for (double side : new double[] {leadX, trailX}) {
            scene.line(Role.HIDDEN, side - in * 4 * Math.tan(helix), 4, side + in * h * Math.tan(helix), -h);
        }
        double low = -0.7 * h;
        scene.hung(
                leadX - in * low * Math.tan(lead),
                low,
                new Point(x + leadX - (left ? -4 : 16), y - h - 4),
                say.angle(lead),
                LEADING);
        scene.hung(
                trailX + in * low * Math.tan(trail),
                low,
                new Point(x + trailX - (left ? 16 : -4), y - h - 4),
                say.angle(trail),
                TRAILING);
        scene.place(0, 0, 1);
        scene.label(Role.CAPTION, x, y + 8, Anchor.MIDDLE, "helix " + say.angle(helix) + ", dashed");
        scene.label(Role.CAPTION, x, 69, Anchor.MIDDLE, "from the front");
        scene.label(Role.CAPTION, x, y - h - 9, Anchor.MIDDLE, left ? "trailing · leading" : "leading · trailing");
    }
}
