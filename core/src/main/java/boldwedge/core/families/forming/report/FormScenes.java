package boldwedge.core.families.forming.report;

import static boldwedge.core.families.forming.entry.FormField.*;

import boldwedge.core.families.forming.model.FormCut;
import boldwedge.core.families.forming.model.FormJob;
import boldwedge.core.families.forming.model.Profile;
import boldwedge.core.families.forming.model.Profile.Corner;
import boldwedge.core.families.forming.model.Profile.Piece;
import boldwedge.core.language.drawing.Label.Anchor;
import boldwedge.core.language.drawing.Plate;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneBuilder;
import boldwedge.core.language.measure.UnitFormat;
import java.util.ArrayList;
import java.util.List;

/** Drawings of a form, its template and its bit, to scale. */
final class FormScenes {
    private static final int MOST_NUMBERED = 12;
    private static final double TEMPLATE_WIDE = 84;
    private static final double TEMPLATE_HIGH = 40;

    private FormScenes() {}

    /** The work's upper half in section; stretches that rub are dashed, and say so. */
    static Scene profile(FormCut cut, UnitFormat say) {
        FormJob job = cut.job();
        Profile profile = job.profile();
        double width = profile.widthMm();
        double land = 0.25 * width;
        double low = Math.max(0, profile.smallestMm() - Math.max(profile.depthMm(), 0.3 * width));
        double scale = Math.min(60 / (width + 2 * land), 30 / (profile.largestMm() - low));
        SceneBuilder scene = new SceneBuilder("form-profile", "The form in section");
        double x0 = 50 - width / 2 * scale;
        double y0 = 22 - low * scale;
        scene.place(x0 - profile.corners().getFirst().xMm() * scale, y0, scale);
        List<Point> body = new ArrayList<>();
        Corner first = profile.corners().getFirst();
        Corner last = profile.corners().getLast();
        body.add(new Point(first.xMm() - land, low));
        body.add(new Point(first.xMm() - land, first.radiusMm()));
        body.add(new Point(first.xMm(), first.radiusMm()));
        profile.pieces().forEach(piece -> body.add(new Point(piece.x1(), piece.r1())));
        body.add(new Point(last.xMm() + land, last.radiusMm()));
        body.add(new Point(last.xMm() + land, low));
        scene.filled(Role.WORK_AREA, Role.WORK, body);
        boolean rubs = false;
        for (Piece piece : profile.pieces()) {
            boolean clear = job.sideRelieved()
                    || cut.correction().clearanceRad(piece.tangentRad()) >= FormCut.LEAST_CLEARANCE_RAD - 1e-9;
            rubs |= !clear;
            scene.line(clear ? Role.CUTTING_EDGE : Role.HIDDEN, piece.x0(), piece.r0(), piece.x1(), piece.r1());
        }
        for (int i = 0; i < profile.corners().size() && profile.corners().size() <= MOST_NUMBERED; i++) {
            Corner corner = profile.corners().get(i);
            scene.label(
                    Role.DIMENSION, corner.xMm(), corner.radiusMm() - 3 / scale, Anchor.MIDDLE, String.valueOf(i + 1));
        }
        if (low <= 0) {
            scene.line(Role.CENTRE, first.xMm() - land - 2 / scale, 0, last.xMm() + land + 2 / scale, 0);
        }
        scene.dimension(first.xMm(), profile.largestMm(), last.xMm(), profile.largestMm(), 9);
        scene.place(0, 0, 1);
        scene.label(
                Role.DIMENSION, 50, 22 + (profile.largestMm() - low) * scale + 12, Anchor.MIDDLE, say.length(width));
        scene.label(
                Role.DIMENSION,
                4,
                66,
                Anchor.START,
                say.length(2 * profile.smallestMm()) + " to " + say.length(2 * profile.largestMm()) + " across");
        if (rubs) {
            scene.label(Role.DIMENSION, 96, 60, Anchor.END, "dashed: under 2° of clearance, it rubs");
        }
        scene.input(4, 5, Anchor.START, say.length(job.formMm()), TOLERANCE);
        scene.input(40, 5, Anchor.START, say.length(job.atMm()), AT);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    /** The bit's face from above, enlarged, with its depths. */
    static Scene face(FormCut cut, UnitFormat say) {
        Profile profile = cut.job().profile();
        double width = profile.widthMm();
        double deep = cut.depthOnFaceMm(profile.largestMm());
        double under = Math.max(0.4 * width, deep);
        double scale = Math.min(56 / width, 38 / (deep + under));
        SceneBuilder scene = new SceneBuilder("form-face", "Its face from above");
        double left = profile.corners().getFirst().xMm();
        double right = profile.corners().getLast().xMm();
        scene.place(46 - (width / 2 + left) * scale, 56, scale);
        outline(scene, cut, -deep - under);
        scene.dimension(left, 0, right, 0, 5);
        scene.dimension(right, 0, right, -deep, 6);
        for (int i = 0; i < profile.corners().size() && profile.corners().size() <= MOST_NUMBERED; i++) {
            Corner corner = profile.corners().get(i);
            scene.label(
                    Role.DIMENSION,
                    corner.xMm(),
                    -cut.depthOnFaceMm(corner.radiusMm()) - 3.4 / scale,
                    Anchor.MIDDLE,
                    String.valueOf(i + 1));
        }
        scene.hung(left + 0.3 * width, -deep - 0.3 * under, new Point(4, 5), say.angle(cut.rakeRad()), RAKE);
        scene.hung(
                left + 0.6 * width,
                -deep - under,
                new Point(50, 5),
                say.angle(cut.job().clearanceRad()),
                CLEARANCE);
        scene.place(0, 0, 1);
        scene.label(Role.DIMENSION, 46, 63, Anchor.MIDDLE, say.length(width));
        scene.label(Role.DIMENSION, 54 + width / 2 * scale, 56 - deep / 2 * scale, Anchor.START, say.length(deep));
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    /** The face with its edge, down to its foot. */
    private static void outline(SceneBuilder scene, FormCut cut, double foot) {
        List<Piece> pieces = cut.job().profile().pieces();
        List<Point> face = new ArrayList<>();
        face.add(onFace(cut, pieces.getFirst().x0(), pieces.getFirst().r0()));
        pieces.forEach(piece -> face.add(onFace(cut, piece.x1(), piece.r1())));
        List<Point> bit = new ArrayList<>(face);
        bit.add(new Point(face.getLast().x(), foot));
        bit.add(new Point(face.getFirst().x(), foot));
        scene.filled(Role.GROUND, Role.EDGE, bit);
        scene.run(Role.CUTTING_EDGE, false, face);
    }

    /** The bit's face from above, to hold against a print: true to size where the plate has room for it. */
    static Scene template(FormCut cut, UnitFormat say) {
        Profile profile = cut.job().profile();
        double width = profile.widthMm();
        double deep = cut.correction().alongFaceMm(profile.largestMm());
        double scale = width <= TEMPLATE_WIDE && deep + 6 <= TEMPLATE_HIGH
                ? 1
                : Math.min(TEMPLATE_WIDE / width, TEMPLATE_HIGH / (deep + 6));
        SceneBuilder scene = new SceneBuilder("form-template", "The template");
        double x0 = 50 - width / 2 * scale;
        scene.place(x0 - profile.corners().getFirst().xMm() * scale, 30, scale);
        outline(scene, cut, -Math.max(8, deep + 0.4 * width));
        scene.place(0, 0, 1);
        scene.label(
                Role.CAPTION,
                50,
                8,
                Anchor.MIDDLE,
                scale == 1 ? "true to size on paper: check it by the bar of 50 mm" : "too large for true size here");
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    /** A place of the profile on the face: what is small on the work stands out of the bit. */
    private static Point onFace(FormCut cut, double x, double radius) {
        return new Point(x, -cut.depthOnFaceMm(radius));
    }

    /** The bit from its side at the work. */
    static Scene bit(FormCut cut, UnitFormat say) {
        FormJob job = cut.job();
        double h = job.bit().heightMm();
        double r = job.profile().smallestMm();
        double outer = job.profile().largestMm();
        double deep = cut.correction().alongFaceMm(outer);
        double long_ = deep + 1.2 * h;
        double scale = Math.min(44 / (long_ + 0.6 * Math.min(r, h)), 36 / (1.3 * h));
        SceneBuilder scene = new SceneBuilder("form-bit", "The bit at the work, from its side");
        scene.place(60, 46, scale);
        double seen = Math.min(r, 30 / scale);
        scene.run(Role.WORK, false, rim(r, seen));
        scene.run(Role.HIDDEN, false, rim(outer, seen + outer - r, r - outer));
        double rise = Math.tan(cut.rakeRad());
        double fall = Math.tan(job.clearanceRad());
        scene.filled(Role.GROUND, Role.EDGE, 0, 0, -h * fall, -h, -long_, -h, -long_, -long_ * rise);
        scene.line(Role.CUTTING_EDGE, 0, 0, -deep * Math.cos(cut.rakeRad()), -deep * Math.sin(cut.rakeRad()));
        scene.line(Role.CENTRE, -long_ - 3 / scale, 0, seen, 0);
        scene.hung(-0.5 * long_, -0.5 * long_ * rise, new Point(4, 66), say.angle(cut.rakeRad()), RAKE);
        scene.hung(-0.6 * h * fall, -0.6 * h, new Point(74, 14), say.angle(job.clearanceRad()), CLEARANCE);
        scene.place(0, 0, 1);
        scene.input(4, 5, Anchor.START, say.feed(cut.feedMm()), FEED);
        scene.input(40, 5, Anchor.START, say.rpm(cut.rpm()), SPEED);
        scene.input(74, 5, Anchor.START, say.number(job.dwell(), 0), DWELL);
        return scene.build(0, 0, Plate.WIDTH, Plate.HEIGHT, scale, Plate.scale(scale));
    }

    private static List<Point> rim(double r, double seen) {
        return rim(r, seen, 0);
    }

    /** The near side of a circle about the work's axis, which lies a smallest radius to the right; as far as is seen. */
    private static List<Point> rim(double r, double seen, double shift) {
        List<Point> rim = new ArrayList<>();
        double sweep = Math.acos(Math.max(-0.2, 1 - seen / r)) * 0.75;
        for (int i = 0; i <= 60; i++) {
            double at = sweep - 2 * sweep * i / 60;
            rim.add(new Point(shift + r - r * Math.cos(at), r * Math.sin(at)));
        }
        return rim;
    }
}
