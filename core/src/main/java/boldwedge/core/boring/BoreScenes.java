package boldwedge.core.boring;

import boldwedge.core.ask.Say;
import boldwedge.core.drawing.Label.Anchor;
import boldwedge.core.drawing.Plate;
import boldwedge.core.drawing.Point;
import boldwedge.core.drawing.Role;
import boldwedge.core.drawing.Scene;
import boldwedge.core.drawing.SceneBuilder;
import boldwedge.core.hole.BoreFit;
import boldwedge.core.rigidity.BarSection;
import boldwedge.core.rigidity.PushOff;
import boldwedge.core.wedge.ToolSignature;
import java.util.ArrayList;
import java.util.List;

/** Drawings of a boring job: the hole, the tool in it from its end and from above, the bar, the size left, the lobes. */
final class BoreScenes {
    private BoreScenes() {}

    /** The hole in the work, cut through along its axis. */
    static Scene hole(BoreCut cut, Say say) {
        BoreJob job = cut.job();
        SceneBuilder scene = new SceneBuilder("hole", "The hole");
        double depth = job.holeDepthMm();
        boolean blind = job.bottom() != Bottom.THROUGH;
        double length = Math.max(job.stickOutMm(), depth) + (blind ? 0.25 * depth : 0);
        double scale = Math.min(46 / length, 40 / job.outsideMm());
        double mid = 37;
        double left = 24;
        scene.place(left, mid, scale);
        double ro = job.outsideMm() / 2;
        double rf = job.finishedMm() / 2;
        double rs = job.startMm() / 2;
        double x0 = length - depth;
        for (int side : new int[] {1, -1}) {
            scene.run(
                    Role.WORK_AREA,
                    true,
                    x0,
                    side * rf,
                    length,
                    side * rf,
                    length,
                    side * ro,
                    0,
                    side * ro,
                    0,
                    blind ? 0 : side * rf,
                    x0,
                    blind ? 0 : side * rf);
            scene.run(Role.WORK, false, x0, side * rf, length, side * rf, length, side * ro, 0, side * ro);
            scene.run(Role.SWEPT, false, blind ? x0 : 0, side * rs, length, side * rs);
        }
        scene.line(Role.WORK, 0, -ro, 0, ro);
        if (blind) {
            scene.line(Role.WORK, x0, -rf, x0, rf);
            if (job.bottom() == Bottom.BLIND) {
                scene.run(Role.SWEPT, false, x0, rs, x0 - 0.3 * rs, 0, x0, -rs);
            }
        }
        scene.line(Role.CENTRE, -4 / scale, 0, length + 6 / scale, 0);
        if (job.held() == BarHeld.POST) {
            double jaw = 8 / scale;
            for (int side : new int[] {1, -1}) {
                scene.run(
                        Role.FIXTURE,
                        true,
                        -jaw,
                        side * ro,
                        Math.max(jaw / 2, length - job.stickOutMm()),
                        side * ro,
                        Math.max(jaw / 2, length - job.stickOutMm()),
                        side * (ro + jaw * 0.8),
                        -jaw,
                        side * (ro + jaw * 0.8));
            }
        }
        scene.dimension(x0, -ro, length, -ro, -5);
        scene.input(
                (x0 + length) / 2,
                -ro - 8 / scale,
                Anchor.MIDDLE,
                say.length(depth),
                BoreField.DEPTH_OF_HOLE.id(),
                BoreField.DEPTH_OF_HOLE.label());
        scene.place(0, 0, 1);
        scene.input(
                80,
                58,
                Anchor.START,
                say.length(job.finishedMm()),
                BoreField.FINISHED.id(),
                BoreField.FINISHED.label());
        scene.input(80, 46, Anchor.START, say.length(job.startMm()), BoreField.START.id(), BoreField.START.label());
        scene.input(
                80, 34, Anchor.START, say.length(job.outOfRoundMm()), BoreField.OUT_OF_ROUND.id(), "Out of round by");
        scene.input(
                3, 66, Anchor.START, say.length(job.outsideMm()), BoreField.OUTSIDE.id(), BoreField.OUTSIDE.label());
        if (job.held() == BarHeld.POST) {
            scene.input(
                    3,
                    8,
                    Anchor.START,
                    say.length(job.stickOutMm()),
                    BoreField.STICK_OUT.id(),
                    BoreField.STICK_OUT.label());
        }
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, Plate.scale(scale));
    }

    /** The tool in the hole: from its end, and from above. */
    static Scene end(BoreCut cut, Say say) {
        BoreJob job = cut.job();
        BoreFit fit = cut.fit();
        SceneBuilder scene = new SceneBuilder("bore-edge", "The tool in the hole");
        double hole = job.finishedMm() / 2;
        double scale = 19 / hole;
        scene.place(27, 38, scale);
        scene.circle(Role.WORK_AREA, 0, 0, hole * 1.18);
        scene.circle(Role.FIXTURE, 0, 0, hole);
        scene.circle(Role.WORK, 0, 0, hole);
        scene.circle(Role.SWEPT, 0, 0, job.startMm() / 2);
        double barX = job.held() == BarHeld.CENTRES ? 0 : fit.barX(hole);
        double barY = job.held() == BarHeld.CENTRES ? 0 : fit.barY();
        scene.circle(Role.TOOL, barX, barY, fit.barRadiusMm());
        scene.circle(Role.EDGE, barX, barY, fit.barRadiusMm());
        double px = fit.pointX(hole);
        double h = fit.heightMm();
        double a = job.flankMm();
        double t = a * Math.tan(fit.clearanceRad());
        double rake = Math.tan(cut.signature().backRake());
        double back = Math.max(barX, px - 1.6 * job.bit().widthMm());
        double low = h - Math.max(a, job.bit().heightMm());
        scene.run(Role.GROUND, true, px, h, px - t, h - a, px - t, low, back, low, back, h - (px - back) * rake);
        scene.run(Role.EDGE, true, px, h, px - t, h - a, px - t, low, back, low, back, h - (px - back) * rake);
        scene.run(Role.CUTTING_EDGE, false, px, h, back, h - (px - back) * rake);
        scene.line(Role.CENTRE, -1.1 * hole, 0, 1.25 * hole, 0);
        scene.line(Role.CENTRE, 0, -1.1 * hole, 0, 1.1 * hole);
        double gap = job.held() == BarHeld.CENTRES ? hole - fit.barRadiusMm() : fit.gapMm(hole);
        scene.leader(
                barX - fit.barRadiusMm() - Math.max(0, gap) / 2,
                barY,
                -3,
                -14,
                Anchor.MIDDLE,
                "gap " + say.length(gap));
        scene.place(0, 0, 1);
        scene.label(Role.CAPTION, 27, 8, Anchor.MIDDLE, "from the end of the bar");
        scene.input(
                2,
                65.5,
                Anchor.START,
                say.angle(cut.signature().backRake()),
                BoreField.BACK_RAKE.id(),
                BoreField.BACK_RAKE.label());
        scene.input(
                22,
                65.5,
                Anchor.START,
                say.angle(cut.signature().endRelief()),
                BoreField.RELIEF.id(),
                BoreField.RELIEF.label());
        scene.input(2, 4, Anchor.START, say.length(job.flankMm()), BoreField.FLANK.id(), BoreField.FLANK.label());
        plan(scene, cut, say);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "end view " + Plate.scale(scale));
    }

    /** From above: the point, its lead and trailing edge, the bit in the bar. */
    private static void plan(SceneBuilder scene, BoreCut cut, Say say) {
        BoreJob job = cut.job();
        ToolSignature s = cut.signature();
        double tip = job.necked() ? job.neckMm() : job.barMm();
        double width = job.bit().widthMm();
        double reach = BoreCut.reach(job);
        double crossing = BarEnd.crossing(job);
        double scale = 24 / (tip + reach + width);
        // Bar's end to the right, its axis at y 0; the point is below, at the wall.
        scene.place(84, 40, scale);
        double far = 34 / scale;
        scene.run(Role.TOOL, true, 0, -tip / 2, 0, tip / 2, -far, tip / 2, -far, -tip / 2);
        scene.run(Role.EDGE, false, -far, tip / 2, 0, tip / 2, 0, -tip / 2, -far, -tip / 2);
        scene.line(Role.CENTRE, -far - 2 / scale, 0, 4 / scale, 0);
        Point tip0 = bit(scene, cut, 0);
        double tx = tip0.x();
        double ty = tip0.y();
        double lead = s.sideCuttingEdge();
        double trail = s.endCuttingEdge();
        double lean = job.bitAngleRad();
        scene.line(Role.WORK, -far, ty, tx, ty);
        scene.line(Role.SWEPT, tx, ty + job.depthMm(), tx + 8 / scale, ty + job.depthMm());
        scene.place(0, 0, 1);
        scene.label(Role.CAPTION, 74, 8, Anchor.MIDDLE, "from above, feeding to the right");
        scene.input(53, 65.5, Anchor.START, say.angle(lead), BoreField.SIDE_EDGE.id(), BoreField.SIDE_EDGE.label());
        scene.input(68, 65.5, Anchor.START, say.angle(trail), BoreField.END_EDGE.id(), BoreField.END_EDGE.label());
        scene.input(
                85,
                65.5,
                Anchor.START,
                say.length(s.noseRadiusMm()),
                BoreField.NOSE_RADIUS.id(),
                BoreField.NOSE_RADIUS.label());
        scene.input(
                53, 54, Anchor.START, say.angle(s.sideRake()), BoreField.SIDE_RAKE.id(), BoreField.SIDE_RAKE.label());
        scene.input(
                68,
                54,
                Anchor.START,
                say.angle(s.sideRelief()),
                BoreField.SIDE_RELIEF.id(),
                BoreField.SIDE_RELIEF.label());
        scene.input(85, 54, Anchor.START, say.angle(lean), BoreField.BIT_ANGLE.id(), BoreField.BIT_ANGLE.label());
    }

    /** The bit in the bar seen from above, the bar's axis at y 0 and its end at the x given; tells where the point is. */
    private static Point bit(SceneBuilder scene, BoreCut cut, double end) {
        BoreJob job = cut.job();
        ToolSignature s = cut.signature();
        double half = job.bit().widthMm() / 2;
        double reach = BoreCut.reach(job);
        double back = (job.necked() ? job.neckMm() : job.barMm()) * 0.45;
        double lean = job.bitAngleRad();
        boolean square = lean > Math.toRadians(85);
        double dx = Math.cos(lean);
        double dy = -Math.sin(lean);
        // Across the bit, to the side of the feed.
        double nx = -dy;
        double ny = dx;
        double crossing = end - BarEnd.crossing(job);
        double along = reach / Math.sin(lean);
        double tx = crossing + along * dx + (square ? half : 0);
        double ty = -reach;
        double tail = back / Math.sin(lean);
        double bx = crossing - tail * dx;
        double by = -tail * dy;
        Point right = meets(tx, ty, Math.PI / 2 + s.sideCuttingEdge(), bx + half * nx, by + half * ny, dx, dy);
        Point left = meets(tx, ty, Math.PI - s.endCuttingEdge(), bx - half * nx, by - half * ny, dx, dy);
        double[] outline = {
            tx,
            ty,
            right.x(),
            right.y(),
            bx + half * nx,
            by + half * ny,
            bx - half * nx,
            by - half * ny,
            left.x(),
            left.y()
        };
        scene.run(Role.GROUND, true, outline);
        scene.run(Role.EDGE, true, outline);
        scene.run(Role.CUTTING_EDGE, false, right.x(), right.y(), tx, ty, left.x(), left.y());
        return new Point(tx, ty);
    }

    /** Where an edge from the point meets the side of the bit; its far end when it runs along it. */
    private static Point meets(double x, double y, double direction, double sx, double sy, double dx, double dy) {
        double ex = Math.cos(direction);
        double ey = Math.sin(direction);
        double cross = ex * dy - ey * dx;
        double gap = (sx - x) * dy - (sy - y) * dx;
        double t = Math.abs(cross) < 1e-6 ? Double.NaN : gap / cross;
        return t > 0 && t < 2 * Math.hypot(sx - x, sy - y) ? new Point(x + t * ex, y + t * ey) : new Point(sx, sy);
    }

    /** The bar from its clamp to the point, and bent as the cut bends it. */
    static Scene bar(BoreCut cut, Say say) {
        BoreJob job = cut.job();
        SceneBuilder scene = new SceneBuilder("bar", "The bar");
        boolean centres = job.held() == BarHeld.CENTRES;
        double length = centres ? job.spanMm() : job.overhangMm();
        double scale = Math.min(70 / length, 16 / job.barMm());
        double grip = 12 / scale;
        scene.place(centres ? 13 : 20, 45, scale);
        double r = job.barMm() / 2;
        if (centres) {
            scene.run(Role.TOOL, true, 0, -r, 0, r, length, r, length, -r);
            scene.run(Role.EDGE, true, 0, -r, 0, r, length, r, length, -r);
            for (double end : new double[] {0, length}) {
                double out = end == 0 ? -1 : 1;
                scene.run(
                        Role.FIXTURE,
                        true,
                        end - out * 0.6 * r,
                        0,
                        end + out * r,
                        0.8 * r,
                        end + out * 3 * r,
                        0.8 * r,
                        end + out * 3 * r,
                        -0.8 * r,
                        end + out * r,
                        -0.8 * r);
            }
            bit(scene, cut, job.cutterAtMm() + job.bit().widthMm());
            scene.dimension(0, -r, length, -r, -9);
            scene.input(
                    length / 2,
                    -r - 12 / scale,
                    Anchor.MIDDLE,
                    say.length(length),
                    BoreField.SPAN.id(),
                    BoreField.SPAN.label());
            scene.dimension(0, r, job.cutterAtMm(), r, 9);
            scene.input(
                    job.cutterAtMm() / 2,
                    r + 13 / scale,
                    Anchor.MIDDLE,
                    say.length(job.cutterAtMm()),
                    BoreField.CUTTER_AT.id(),
                    BoreField.CUTTER_AT.label());
        } else {
            scene.run(Role.FIXTURE, true, -grip, r, 0, r, 0, r + 5 / scale, -grip, r + 5 / scale);
            scene.run(Role.FIXTURE, true, -grip, -r, 0, -r, 0, -r - 5 / scale, -grip, -r - 5 / scale);
            scene.run(Role.TOOL, true, -grip, -r, 0, -r, 0, r, -grip, r);
            double x = 0;
            double last = r;
            List<Double> upper = new ArrayList<>();
            for (BarSection section : cut.bar().sections()) {
                double half = section.outerMm() / 2;
                double to = x + section.lengthMm();
                scene.run(Role.TOOL, true, x, -half, to, -half, to, half, x, half);
                upper.add(x);
                upper.add(half);
                upper.add(to);
                upper.add(half);
                x = to;
                last = half;
            }
            double over = job.bit().widthMm();
            scene.run(Role.TOOL, true, x, -last, x + over, -last, x + over, last, x, last);
            upper.add(x + over);
            upper.add(last);
            List<Point> outline = new ArrayList<>();
            outline.add(new Point(-grip, r));
            for (int i = 0; i < upper.size(); i += 2) {
                outline.add(new Point(upper.get(i), upper.get(i + 1)));
            }
            for (int i = upper.size() - 2; i >= 0; i -= 2) {
                outline.add(new Point(upper.get(i), -upper.get(i + 1)));
            }
            outline.add(new Point(-grip, -r));
            scene.run(Role.EDGE, false, outline);
            if (job.rodHoleMm() > 0) {
                for (int side : new int[] {1, -1}) {
                    scene.line(
                            Role.HIDDEN,
                            -grip,
                            side * job.rodHoleMm() / 2,
                            x - job.bit().widthMm(),
                            side * job.rodHoleMm() / 2);
                }
            }
            bit(scene, cut, x + over);
            scene.dimension(0, -r, job.overhangMm(), -r, -9);
            scene.input(
                    job.overhangMm() / 2,
                    -r - 12 / scale,
                    Anchor.MIDDLE,
                    say.length(job.overhangMm()),
                    BoreField.OVERHANG.id(),
                    BoreField.OVERHANG.label());
            if (job.necked()) {
                scene.dimension(job.overhangMm() - job.neckLengthMm(), r, job.overhangMm(), r, 5);
            }
            bent(scene, cut, scale);
        }
        scene.line(Role.CENTRE, -grip - 3 / scale, 0, length + 8 / scale, 0);
        scene.place(0, 0, 1);
        scene.input(
                3,
                65.5,
                Anchor.START,
                say.length(job.barMm()),
                BoreField.BAR_DIAMETER.id(),
                BoreField.BAR_DIAMETER.label());
        if (!centres) {
            scene.input(
                    23,
                    65.5,
                    Anchor.START,
                    say.length(job.neckLengthMm()),
                    BoreField.NECK_LENGTH.id(),
                    BoreField.NECK_LENGTH.label());
            if (job.necked()) {
                scene.input(
                        43,
                        65.5,
                        Anchor.START,
                        say.length(job.neckMm()),
                        BoreField.NECK_DIAMETER.id(),
                        BoreField.NECK_DIAMETER.label());
            }
            scene.input(
                    63,
                    65.5,
                    Anchor.START,
                    say.length(job.rodHoleMm()),
                    BoreField.ROD_HOLE.id(),
                    BoreField.ROD_HOLE.label());
        }
        scene.input(3, 10, Anchor.START, say.length(job.heightMm()), BoreField.HEIGHT.id(), BoreField.HEIGHT.label());
        scene.input(26, 10, Anchor.START, say.length(job.aheadMm()), BoreField.AHEAD.id(), "Face ahead of axis");
        scene.input(
                50,
                10,
                Anchor.START,
                say.number(1 / cut.stiffness().tool() / 1000, 1) + " N/µm",
                BoreField.STIFFNESS.id(),
                BoreField.STIFFNESS.label());
        scene.input(
                76,
                10,
                Anchor.START,
                say.number(cut.mode().damping(), 4),
                BoreField.DAMPING.id(),
                BoreField.DAMPING.label());
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, Plate.scale(scale));
    }

    /** The bent line of the bar, drawn much larger, from its own sections. */
    private static void bent(SceneBuilder scene, BoreCut cut, double scale) {
        double push = cut.force().pushN();
        double tip = push * cut.bar().compliance();
        if (tip <= 0) {
            return;
        }
        double larger = 6 / scale / tip;
        List<Point> line = new ArrayList<>();
        double clamp = push / cut.bar().clampNPerMm();
        double slope = push * cut.bar().lengthMm() / cut.bar().clampNmmPerRad();
        double y = clamp;
        double x = 0;
        double left = cut.bar().lengthMm();
        line.add(new Point(0, larger * y));
        for (BarSection section : cut.bar().sections()) {
            int parts = Math.max(2, (int) (section.lengthMm() / cut.bar().lengthMm() * 16));
            double dx = section.lengthMm() / parts;
            for (int i = 0; i < parts; i++) {
                double m0 = push * left;
                double m1 = push * (left - dx);
                double ei = section.bendingStiffness();
                y += slope * dx + dx * dx / 6 * (2 * m0 + m1) / ei + push * dx / section.shearStiffness();
                slope += (m0 + m1) / 2 * dx / ei;
                x += dx;
                left -= dx;
                line.add(new Point(x, larger * y));
            }
        }
        scene.run(Role.SWEPT, false, line);
        scene.label(
                Role.DIMENSION, x, larger * y + 2.4 / scale, Anchor.END, "springs " + Math.round(tip * 1000) + " µm");
    }

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
