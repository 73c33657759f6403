package boldwedge.core.families.turning.report;

import static boldwedge.core.families.turning.entry.TurningField.*;

import boldwedge.core.families.turning.model.TurningCut;
import boldwedge.core.families.turning.model.TurningJob;
import boldwedge.core.families.turning.report.BitView.Look;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.cutting.EdgeProfile;
import boldwedge.core.mechanics.wedge.ToolSignature;
import java.util.ArrayList;
import java.util.List;

/** The edge at work: the tool against the work seen along the spindle, and the chip and feed marks from above. */
final class EdgeScenes {
    private EdgeScenes() {}

    /** Along the spindle from the tailstock: work, centre line, tool in its post, angles in use. */
    static Scene toolOnWork(TurningCut cut, UnitFormat say) {
        TurningJob job = cut.job();
        double h = job.blank().heightMm();
        double reach = job.overhangMm();
        double scale = Math.min(20 / h, 30 / reach);
        double tipX = 54;
        double tipY = 40;
        double height = job.heightMm() * scale;
        SceneBuilder scene = new SceneBuilder("tool-on-work", "The tool on the work");
        double radius = cut.inUse().radiusMm() * scale;
        double theta = cut.inUse().heightAngle();
        double centreX = tipX + radius * Math.cos(theta);
        double centreY = tipY - height;
        scene.place(0, 0, 1);
        scene.circle(Role.WORK_AREA, centreX, centreY, radius);
        scene.circle(Role.WORK, centreX, centreY, radius);
        double outer = job.passDiameterMm() / 2 * scale;
        scene.circle(Role.SWEPT, centreX, centreY, Math.max(radius, outer));
        scene.line(Role.CENTRE, 4, centreY, 96, centreY);
        if (centreX < 94) {
            scene.line(
                    Role.CENTRE,
                    centreX,
                    centreY - Math.min(30, radius + 5),
                    centreX,
                    centreY + Math.min(30, radius + 5));
        }
        // The post, above and below the shank behind the overhang.
        double clamp = tipX - reach * scale;
        double top = tipY + (h - cut.bit().point().getZ()) * scale;
        double base = top - h * scale;
        scene.run(Role.FIXTURE, true, clamp, top, clamp, top + 9, clamp - 18, top + 9, clamp - 18, top);
        scene.run(Role.FIXTURE, true, clamp + 2, base, clamp + 2, base - 8, clamp - 18, base - 8, clamp - 18, base);
        BitView view = new BitView(cut.bit(), Math.max(0, reach - cut.bit().groundLengthMm()) + 16 / scale);
        Point point = Look.FROM_THE_RIGHT.project(cut.bit().point());
        scene.place(tipX - scale * point.x(), tipY - scale * point.y(), scale);
        view.paint(scene, Look.FROM_THE_RIGHT);
        scene.place(0, 0, 1);
        ToolSignature use = cut.wedge().signature(cut.used());
        boolean facing = job.operation() == boldwedge.core.mechanics.wedge.Operation.FACE;
        // Working directions at the point: the cut runs up the tangent, rake is measured from the radius.
        double radial = -theta;
        scene.angle(tipX, tipY, Math.PI + radial, Math.PI + radial + use.backRake(), 17);
        scene.label(Role.DIMENSION, tipX - 4, top + 4, Anchor.END, "back rake in use " + say.angle(use.backRake()));
        double tangent = -Math.PI / 2 + radial;
        scene.angle(tipX, tipY, tangent - use.endRelief(), tangent, 15);
        scene.label(
                Role.DIMENSION,
                tipX + 1,
                Math.min(base, tipY - 18) - 3.5,
                Anchor.START,
                (use.endRelief() <= 0 ? "rubs: " : "clears by ") + say.angle(use.endRelief()));
        if (Math.abs(height) > 0.2) {
            scene.dimension(tipX - reach * scale - 21, centreY, tipX - reach * scale - 21, tipY, 0.01);
        }
        scene.hung(tipX, tipY, new Point(Math.max(2, tipX - 4), 66), say.length(job.heightMm()), HEIGHT);
        scene.dimension(clamp, base - 11, tipX, base - 11, -0.01);
        scene.input((clamp + tipX) / 2 - 8, base - 14.5, Anchor.START, say.length(reach), OVERHANG);
        // The sense of rotation: over the top towards the operator, down on to the tool.
        double arrowR = Math.min(radius * 0.75, 20);
        if (arrowR > 3) {
            scene.arc(Role.DIMENSION, centreX, centreY, arrowR, Math.PI * 0.55, Math.PI * 0.85);
            double ex = centreX + arrowR * Math.cos(Math.PI * 0.85);
            double ey = centreY + arrowR * Math.sin(Math.PI * 0.85);
            scene.run(Role.DIMENSION, false, ex + 1.4, ey + 0.6, ex, ey, ex + 0.2, ey + 1.6);
        }
        scene.label(
                Role.CAPTION,
                98,
                3,
                Anchor.END,
                facing ? "seen along the spindle, at the outside" : "seen along the spindle from the tailstock");
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, Plate.scale(scale));
    }

    /** From above: the chip as the edge takes it, and the marks that are left. */
    static Scene marks(TurningCut cut, UnitFormat say) {
        TurningJob job = cut.job();
        EdgeProfile edge = cut.cutting().profile();
        double feed = cut.cutting().feedMm();
        double depth = job.depthMm();
        double wide = Math.max(feed * 2.5, Math.min(3 * depth, 2.2 * Math.max(edge.noseRadiusMm(), depth)));
        double scale = Math.min(30 / wide, 22 / (depth * 1.2));
        SceneBuilder scene = new SceneBuilder("marks", "Chip and feed marks");
        double x0 = 30;
        double y0 = 44;
        scene.place(x0, y0, scale);
        double span = 26 / scale;
        double left = -span;
        double right = 22 / scale;
        // The work lies above the finished line; the tool comes from below and goes to the left.
        double deep = Math.min(depth * 1.25, depth + 8 / scale);
        double meet = feed / 2;
        List<Point> before = outline(edge, feed, left, meet, depth);
        List<Point> now = outline(edge, 0, left, meet, depth);
        List<Point> uncut = new ArrayList<>(flip(before));
        uncut.add(new Point(right, 0));
        uncut.add(new Point(right, 14 / scale));
        uncut.add(new Point(left, 14 / scale));
        scene.run(Role.WORK_AREA, true, uncut);
        List<Point> tool = new ArrayList<>(flip(outline(edge, 0, left, right, deep)));
        tool.removeIf(p -> p.y() <= -deep * 0.9999);
        if (tool.size() > 2) {
            tool.add(new Point(tool.getLast().x(), -deep));
            tool.add(new Point(tool.getFirst().x(), -deep));
            scene.run(Role.GROUND, true, tool);
        }
        List<Point> chip = new ArrayList<>(now);
        chip.addAll(before.reversed());
        scene.run(Role.CHIP, true, flip(chip));
        scene.run(Role.HIDDEN, false, flip(before));
        scene.run(
                Role.CUTTING_EDGE,
                false,
                flip(outline(edge, 0, left, right, deep).stream()
                        .filter(p -> p.y() < deep * 0.9999)
                        .toList()));
        scene.line(Role.WORK, meet, 0, right, 0);
        scene.line(Role.WORK, left, -depth, -depth / Math.tan(Math.min(1.5, Math.max(0.3, edge.leading()))), -depth);
        scene.place(0, 0, 1);
        scene.dimension(6.5, y0, 6.5, y0 - scale * depth, -0.01);
        scene.input(2, y0 - scale * depth - 5.5, Anchor.START, say.length(depth), DEPTH);
        scene.input(34, y0 + 16, Anchor.START, say.feed(feed), FEED);
        scene.input(34, y0 - scale * depth - 8, Anchor.START, say.length(edge.noseRadiusMm()), NOSE_RADIUS);
        scene.label(
                Role.CAPTION,
                4,
                y0 + 22,
                Anchor.START,
                "the chip, cut across: " + say.length(cut.cutting().force().thickestMm()) + " at its thickest");
        scene.place(0, 0, 1).input(60, 66, Anchor.START, say.rpm(cut.cutting().rpm()), SPEED);
        scene.input(80, 66, Anchor.START, say.angle(job.swivelRad()), SWIVEL);

        // The finished surface, heights drawn larger.
        double rt = cut.cutting().finish().rtMm();
        double marksScale = 13 / feed;
        double lift = 9 / rt;
        double bottom = 9;
        EdgeProfile.Outline joined = edge.outline();
        List<Point> surface = new ArrayList<>();
        for (int k = 0; k < 4; k++) {
            for (int i = 0; i <= 24; i++) {
                double u = feed * i / 24;
                // Between two noses: behind this one, ahead of the last.
                double height = Math.min(joined.heightAt(-u), joined.heightAt(feed - u));
                surface.add(new Point(6 + (k * feed + u) * marksScale, bottom + height * lift));
            }
        }
        List<Point> body = new ArrayList<>(surface);
        body.add(new Point(surface.getLast().x(), bottom - 4));
        body.add(new Point(surface.getFirst().x(), bottom - 4));
        scene.run(Role.WORK_AREA, true, body);
        scene.run(Role.WORK, false, surface);
        double endX = surface.getLast().x();
        scene.dimension(endX, bottom, endX, bottom + rt * lift, -3);
        scene.label(Role.DIMENSION, endX + 5, bottom + 7, Anchor.START, "Rt " + small(rt, say));
        scene.label(
                Role.DIMENSION,
                endX + 5,
                bottom + 3,
                Anchor.START,
                say.ra(cut.cutting().finish().raMm()) + " on paper");
        scene.label(
                Role.CAPTION,
                endX + 5,
                bottom - 1.5,
                Anchor.START,
                "heights " + Written.places(lift / marksScale, 0) + "× larger");
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, "chip to scale; marks drawn higher");
    }

    private static String small(double mm, UnitFormat say) {
        return say.units() == boldwedge.core.language.measure.UnitSystem.METRIC
                ? Written.places(mm * 1000, 2) + " µm"
                : Written.places(mm / 25.4 * 1e6, 0) + " µin";
    }

    /** The edge's outline with the nose's lowest point at u, as (position, height) up to a depth; ahead is to the left. */
    private static List<Point> outline(EdgeProfile edge, double u, double left, double right, double depth) {
        EdgeProfile.Outline joined = edge.outline();
        List<Point> points = new ArrayList<>();
        int parts = 60;
        for (int i = 0; i <= parts; i++) {
            double x = left + (right - left) * i / parts;
            double height = joined.heightAt(u - x);
            points.add(new Point(x, Math.min(height, depth)));
        }
        return points;
    }

    /** The work is above and the tool below: depth counts down on the plate. */
    private static List<Point> flip(List<Point> points) {
        return points.stream().map(p -> new Point(p.x(), -p.y())).toList();
    }
}
