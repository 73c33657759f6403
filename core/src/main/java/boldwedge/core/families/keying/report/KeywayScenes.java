package boldwedge.core.families.keying.report;

import static boldwedge.core.families.keying.entry.KeywayField.*;

import boldwedge.core.families.keying.model.KeywayCut;
import boldwedge.core.families.keying.model.KeywayJob;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.mechanics.stroke.Slot;
import java.util.ArrayList;
import java.util.List;

/** Drawings of a keyway, its bar and tooth, to scale. */
final class KeywayScenes {
    private static final int ARC_PARTS = 60;
    /** A spigot is so many of its diameters long, a thread behind it likewise (custom of the trade). */
    static final double SPIGOT_LONG = 0.8;

    static final double THREAD_LONG = 1.2;

    private KeywayScenes() {}

    /** The bore from its end: the keyway on top, bar and tooth down in the cut. */
    static Scene end(KeywayCut cut, UnitFormat say) {
        KeywayJob job = cut.job();
        Slot slot = job.slot();
        double r = slot.radiusMm();
        double tip = r + slot.depthMm();
        double wide = Math.max(1.25 * tip, Math.min(1.5 * tip, job.outsideMm().orElse(3 * tip) / 2));
        double scale = 26 / wide;
        SceneBuilder scene = new SceneBuilder("keyway", "The keyway from the end of the bore");
        scene.place(38, 33, scale);
        List<Point> bore = bore(slot);
        List<Point> ring = new ArrayList<>(rim(wide));
        ring.addAll(bore);
        scene.run(Role.WORK_AREA, true, ring);
        scene.run(Role.WORK, true, rim(wide));
        scene.run(Role.WORK, true, bore);
        double axis = tip - cut.leverMm();
        scene.circle(Role.TOOL, 0, axis, cut.barMm() / 2);
        scene.circle(Role.EDGE, 0, axis, cut.barMm() / 2);
        double half = job.toothMm() / 2;
        double root = axis + cut.barMm() / 2 - Math.min(0.2 * cut.barMm(), half);
        scene.filled(Role.GROUND, Role.EDGE, -half, root, half, root, half, tip, -half, tip);
        scene.line(Role.CUTTING_EDGE, -half, tip, half, tip);
        scene.line(Role.CENTRE, -wide - 3 / scale, 0, wide + 3 / scale, 0);
        scene.line(Role.CENTRE, 0, -wide - 3 / scale, 0, wide + 3 / scale);
        scene.dimension(-slot.widthMm() / 2, tip, slot.widthMm() / 2, tip, (wide - tip) * scale + 4);
        scene.dimension(wide, -r, wide, tip, -5);
        scene.hung(slot.widthMm() / 2, (r + tip) / 2, new Point(72, 53), say.length(slot.depthMm()), DEPTH);
        scene.hung(r, 0, new Point(72, 25), say.length(2 * r), BORE);
        scene.hung(
                cut.barMm() / 2 * Math.sqrt(0.5),
                axis - cut.barMm() / 2 * Math.sqrt(0.5),
                new Point(72, 13),
                say.length(cut.barMm()),
                BAR);
        scene.place(0, 0, 1);
        double top = 33 + wide * scale;
        scene.input(41 + slot.widthMm() * scale / 2, top + 6, Anchor.START, say.length(slot.widthMm()), WIDTH);
        scene.label(Role.DIMENSION, 72, 33 + 6, Anchor.START, say.length(slot.overBoreMm()) + " over the bore");
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    /** The hub's outside, from the top anticlockwise and back to it. */
    private static List<Point> rim(double radius) {
        List<Point> rim = new ArrayList<>();
        for (int i = 0; i <= ARC_PARTS; i++) {
            double at = Math.PI / 2 + 2 * Math.PI * i / ARC_PARTS;
            rim.add(new Point(radius * Math.cos(at), radius * Math.sin(at)));
        }
        return rim;
    }

    /** The bore's outline with the keyway in it, from the middle of its floor clockwise and back to it: after the rim it closes a ring. */
    private static List<Point> bore(Slot slot) {
        double r = slot.radiusMm();
        double half = slot.widthMm() / 2;
        double tip = r + slot.depthMm();
        double corner = Math.asin(half / r);
        List<Point> bore = new ArrayList<>();
        bore.add(new Point(0, tip));
        bore.add(new Point(half, tip));
        for (int i = 0; i <= ARC_PARTS; i++) {
            double at = Math.PI / 2 - corner - (2 * Math.PI - 2 * corner) * i / ARC_PARTS;
            bore.add(new Point(r * Math.cos(at), r * Math.sin(at)));
        }
        bore.add(new Point(-half, tip));
        bore.add(new Point(0, tip));
        return bore;
    }

    /** The bore in section along its axis: the bar before its stroke, the clamp to the right. */
    static Scene side(KeywayCut cut, UnitFormat say) {
        KeywayJob job = cut.job();
        Slot slot = job.slot();
        double r = slot.radiusMm();
        double length = job.lengthMm();
        double tip = r + slot.depthMm();
        double before = KeywayCut.RUN_IN_MM * 0.6;
        double bit = job.bit().heightMm() / 2;
        double at = cut.pushed() ? length + before + bit : -before - bit;
        double clamp = at + cut.reachMm();
        double left = Math.min(0, at - bit) - KeywayCut.RUN_OUT_MM;
        double holder = 0.8 * cut.barMm();
        double right = Math.max(clamp, length + KeywayCut.RUN_IN_MM) + holder;
        double hub = tip + Math.min(cut.wallMm(), 0.35 * r + 2);
        double scale = Math.min(90 / (right - left), 38 / (2 * hub));
        SceneBuilder scene = new SceneBuilder("keyway-stroke", "The stroke along the bore");
        double x0 = 50 - (left + right) / 2 * scale;
        double y0 = 36;
        scene.place(x0, y0, scale);
        scene.filled(Role.WORK_AREA, Role.WORK, 0, tip, length, tip, length, hub, 0, hub);
        scene.filled(Role.WORK_AREA, Role.WORK, 0, -r, length, -r, length, -hub, 0, -hub);
        scene.line(Role.HIDDEN, 0, r, length, r);
        bar(scene, cut, at, right);
        double axis = tip - cut.leverMm();
        double half = cut.barMm() / 2;
        for (int side : new int[] {1, -1}) {
            scene.filled(
                    Role.FIXTURE,
                    Role.EDGE,
                    clamp,
                    axis + side * half,
                    right,
                    axis + side * half,
                    right,
                    axis + side * (half + 0.5 * holder),
                    clamp,
                    axis + side * (half + 0.5 * holder));
        }
        scene.line(Role.CENTRE, left, 0, right, 0);
        double way = Math.min(16, 0.6 * length * scale);
        scene.leader(
                length / 2 - (cut.pushed() ? 0.5 : -0.5) * way / scale,
                -r * 0.8,
                cut.pushed() ? way : -way,
                0,
                cut.pushed() ? Anchor.START : Anchor.END,
                cut.pushed() ? "pushed" : "pulled");
        double low = y0 - hub * scale - 8;
        scene.dimension(
                0,
                -hub,
                length,
                -hub,
                -4,
                new Point(x0 + length * scale / 2 - 5, cut.pushed() ? low : low - 9),
                say.length(length),
                LENGTH);
        scene.dimension(at, axis - half, clamp, axis - half, -(axis - half + hub) * scale - 4);
        scene.hung(length / 2, -r * 0.8, new Point(4, 68), say.length(cut.strokeMm()), STROKE);
        scene.place(0, 0, 1);
        scene.input(x0 + (at + clamp) / 2 * scale, low, Anchor.MIDDLE, say.length(cut.reachMm()), REACH);
        scene.input(40, 68, Anchor.START, say.number(job.springStrokes(), 0), SPRING);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    /** The bar from its tooth to where its drawing ends; the edge looks the way of the stroke. */
    private static void bar(SceneBuilder scene, KeywayCut cut, double at, double right) {
        double tip = cut.job().slot().radiusMm() + cut.job().slot().depthMm();
        double axis = tip - cut.leverMm();
        double half = cut.barMm() / 2;
        double bit = cut.job().bit().heightMm() / 2;
        double end = at - cut.holeAtMm();
        scene.filled(Role.TOOL, Role.EDGE, end, axis - half, right, axis - half, right, axis + half, end, axis + half);
        scene.filled(
                Role.GROUND, Role.EDGE, at - bit, axis - half, at + bit, axis - half, at + bit, tip, at - bit, tip);
        double edge = cut.pushed() ? at - bit : at + bit;
        scene.line(Role.CUTTING_EDGE, edge, tip - cut.job().slot().depthMm(), edge, tip);
    }

    /** The bar with its bit: from its side and from its end. */
    static Scene bar(KeywayCut cut, UnitFormat say) {
        KeywayJob job = cut.job();
        double length = cut.barLengthMm();
        double half = cut.barMm() / 2;
        double scale = Math.min(78 / length, 16 / (half + cut.toothOutMm()));
        SceneBuilder scene = new SceneBuilder("keyway-bar", "The bar and its tooth");
        double y0 = 44;
        scene.place(8, y0, scale);
        double in = cut.holeAtMm();
        double bit = job.bit().heightMm() / 2;
        scene.filled(Role.TOOL, Role.EDGE, 0, -half, length, -half, length, half, 0, half);
        scene.filled(
                Role.GROUND,
                Role.EDGE,
                in - bit,
                -half,
                in + bit,
                -half,
                in + bit,
                half + cut.toothOutMm() - 2 * bit * Math.tan(job.frontRad()),
                in - bit,
                half + cut.toothOutMm());
        scene.line(Role.CUTTING_EDGE, in - bit, half + 0.4 * cut.toothOutMm(), in - bit, half + cut.toothOutMm());
        job.headMm().ifPresent(head -> joint(scene, cut, head, half));
        scene.line(Role.CENTRE, -3 / scale, 0, length + 3 / scale, 0);
        scene.dimension(0, -half, length, -half, -5);
        scene.dimension(in + bit, half, in + bit, half + cut.toothOutMm(), -5);
        double out = half + cut.toothOutMm();
        double fall = bit * Math.tan(job.frontRad());
        scene.hung(0.6 * length, half, new Point(60, y0 + half * scale + 5), say.length(cut.barMm()), BAR);
        scene.hung(in - bit, half + 0.7 * cut.toothOutMm(), new Point(3, 66), say.angle(cut.rakeRad()), RAKE);
        scene.hung(in, out - fall, new Point(24, 66), say.angle(job.frontRad()), FRONT);
        scene.hung(in - bit, out, new Point(4, 14), say.length(job.toothMm()), TOOTH);
        scene.hung(in, half, new Point(34, 14), say.angle(job.sideRad()), SIDE);
        job.headMm().ifPresent(head -> scene.hung(head, -half, new Point(66, 14), say.length(head), HEAD_LENGTH));
        scene.place(0, 0, 1);
        scene.label(
                Role.DIMENSION,
                8 + length * scale / 2,
                y0 - half * scale - 8,
                Anchor.MIDDLE,
                say.length(length) + " long");
        scene.input(
                8 + (in + bit) * scale + 7,
                y0 + half * scale + 5,
                Anchor.START,
                say.length(cut.toothOutMm()),
                TOOTH_OUT);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    /** The head alone, from its side: what is turned on it, and the bit's hole across. */
    static Scene head(KeywayCut cut, UnitFormat say) {
        double head = cut.job().headMm().orElse(0);
        double half = cut.barMm() / 2;
        double spigot = cut.spigotMm() / 2;
        double thread = cut.headThread().threadMm() / 2;
        double to = head + SPIGOT_LONG * 2 * spigot;
        double end = to + THREAD_LONG * 2 * thread;
        double groove = Math.min(1.5 * cut.headThread().pitchMm(), (end - to) / 3);
        double root = thread - 0.65 * cut.headThread().pitchMm();
        double scale = Math.min(66 / end, 34 / cut.barMm());
        SceneBuilder scene = new SceneBuilder("keyway-head", "The head that is screwed on");
        double x0 = 50 - end / 2 * scale;
        double y0 = 38;
        scene.place(x0, y0, scale);
        double hole = cut.holeMm() / 2;
        double at = cut.holeAtMm();
        scene.filled(
                Role.TOOL,
                Role.EDGE,
                0,
                -half,
                head,
                -half,
                head,
                -spigot,
                to,
                -spigot,
                to,
                -root,
                to + groove,
                -root,
                to + groove,
                -thread,
                end,
                -thread,
                end,
                thread,
                to + groove,
                thread,
                to + groove,
                root,
                to,
                root,
                to,
                spigot,
                head,
                spigot,
                head,
                half,
                0,
                half);
        scene.line(Role.HIDDEN, at - hole, -half, at - hole, half);
        scene.line(Role.HIDDEN, at + hole, -half, at + hole, half);
        scene.line(Role.CENTRE, -3 / scale, 0, end + 3 / scale, 0);
        scene.line(Role.CENTRE, at, -half - 3 / scale, at, half + 3 / scale);
        scene.dimension(0, -half, head, -half, -5);
        scene.dimension(head, -half, to, -half, -5);
        scene.dimension(0, half, at, half, 5);
        scene.place(0, 0, 1);
        double low = y0 - half * scale - 9;
        scene.input(x0 + head / 2 * scale, low, Anchor.MIDDLE, say.length(head), HEAD_LENGTH);
        scene.label(Role.DIMENSION, x0 + (head + to) / 2 * scale, low, Anchor.MIDDLE, say.length(to - head));
        scene.label(Role.DIMENSION, x0 + at / 2 * scale, y0 + half * scale + 7, Anchor.MIDDLE, say.length(at));
        scene.label(
                Role.CAPTION,
                50,
                8,
                Anchor.MIDDLE,
                "spigot " + say.length(2 * spigot) + " h6, thread "
                        + cut.headThread().name() + ", a groove "
                        + say.length(say.units().turned(groove)) + " wide at its root, face square");
        scene.label(
                Role.CAPTION,
                50,
                3,
                Anchor.MIDDLE,
                "bar " + say.length(cut.barMm()) + "; hole for the bit " + say.length(cut.holeMm()) + " square");
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    /** Where a head meets its bar, its spigot and thread hidden in it. */
    private static void joint(SceneBuilder scene, KeywayCut cut, double head, double half) {
        double spigot = cut.spigotMm() / 2;
        double thread = cut.headThread().threadMm() / 2;
        double to = head + SPIGOT_LONG * 2 * spigot;
        double end = to + THREAD_LONG * 2 * thread;
        scene.line(Role.EDGE, head, -half, head, half);
        for (int side : new int[] {1, -1}) {
            scene.line(Role.HIDDEN, head, side * spigot, to, side * spigot);
            scene.line(Role.HIDDEN, to, side * thread, end, side * thread);
        }
        scene.line(Role.HIDDEN, to, -spigot, to, spigot);
        scene.line(Role.HIDDEN, end, -thread, end, thread);
    }
}
