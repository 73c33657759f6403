package boldwedge.core.families.threading.report;

import static boldwedge.core.families.threading.entry.ThreadField.*;

import boldwedge.core.families.threading.model.ThreadCut;
import boldwedge.core.families.threading.model.ThreadJob;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.mechanics.thread.BarInHole;

/** The bar of an inside thread in its hole, from the end and in section. */
final class ThreadBarScene {
    private ThreadBarScene() {}

    /** The bar in its hole seen along the axis: at full depth, and drawn out dashed. */
    static Scene bar(ThreadCut cut, UnitFormat say) {
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
        scene.input(x + (centre + root) / 2 * scale - 5, 3.5, Anchor.START, say.length(bar.pointMm()), BAR_POINT);
        scene.place(x, y, scale);
        scene.hung(
                centre - r * 0.7,
                -bar.barBelowMm() + r * 0.7,
                new Point(
                        Math.max(3, x + (centre - r * 0.7) * scale - 14),
                        y + (-bar.barBelowMm() + r * 0.7) * scale + 14),
                say.length(bar.barMm()),
                BAR);
        scene.place(0, 0, 1);
        side(scene, cut, bar, say);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "both views to scale");
    }

    /** The hole in section with the bar at full depth, below it the room. */
    private static void side(SceneBuilder scene, ThreadCut cut, BarInHole bar, UnitFormat say) {
        ThreadJob job = cut.job();
        double crest = cut.blankMm() / 2;
        double root = cut.tipAtMm();
        double length = job.lengthMm() + cut.grooveMm();
        double out = cut.inBar().barOutMm();
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
        scene.hung(
                at + out * 0.5,
                axis - r,
                new Point(x + out * scale * 0.4, y - outer * scale - 6),
                say.length(out),
                BAR_OUT);
        scene.place(0, 0, 1);
        scene.label(
                Role.CAPTION,
                x + Math.max(out, length) * scale / 2,
                y + outer * scale + 4,
                Anchor.MIDDLE,
                "room " + say.length(bar.roomAtDepth(root, crest) + bar.clearMm()));
    }
}
