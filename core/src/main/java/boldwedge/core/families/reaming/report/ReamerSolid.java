package boldwedge.core.families.reaming.report;

import boldwedge.core.families.reaming.model.ReamCut;
import boldwedge.core.families.reaming.model.ReamJob.Helix;
import boldwedge.core.language.drawing.Mesh;
import boldwedge.core.language.drawing.OneBody;
import boldwedge.core.language.drawing.Point;
import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * The reamer as a solid for a file, its front at z = 0, its shank upwards: the head is its true section drawn along the helix, the shank a cylinder; a
 * D-bit's head is its D, a slant-cut rod is cut across. The entering chamfer is left to the drawing.
 */
public final class ReamerSolid {
    private static final double PER_STEP = Math.toRadians(3);
    private static final int AROUND = 72;

    private ReamerSolid() {}

    /** Its shells. */
    public static List<Mesh> shells(ReamCut cut) {
        double head = Math.min(cut.headMm(), cut.lengthMm() - 1);
        double shank = cut.shankMm() / 2;
        Mesh back = Mesh.turned(
                "shank",
                List.of(
                        new Point(0, head),
                        new Point(shank, head),
                        new Point(shank, cut.lengthMm()),
                        new Point(0, cut.lengthMm())));
        return switch (cut.job().kind()) {
            case FLUTED ->
                List.of(OneBody.of("reamer", List.of(OneBody.faces(fluted(cut, head)), OneBody.faces(back))));
            case D_BIT -> List.of(OneBody.of("reamer", List.of(OneBody.prism(d(cut), 0, head), OneBody.faces(back))));
            case SLANT -> List.of(slant(cut));
        };
    }

    private static Mesh fluted(ReamCut cut, double head) {
        List<Point> outline = cut.section().outline().stream()
                .map(corner -> new Point(corner.x(), corner.y()))
                .distinct()
                .toList();
        double turn = cut.job().helix() == Helix.STRAIGHT ? 0 : 2 * Math.PI / cut.leadMm();
        double signed = cut.job().helix() == Helix.LEFT ? -turn : turn;
        int steps = Math.clamp((int) Math.ceil(turn * head / PER_STEP), 1, 240);
        return Mesh.twisted("head", outline, 0, head, signed, steps);
    }

    /** The D: the circle up to a line that lies over the axis. */
    private static List<Point> d(ReamCut cut) {
        double r = cut.reamerMm() / 2;
        double above = cut.dThicknessMm() - r;
        double from = Math.PI - Math.asin(above / r);
        double to = 2 * Math.PI + Math.asin(above / r);
        List<Point> points = new ArrayList<>();
        for (int i = 0; i <= AROUND; i++) {
            double at = from + (to - from) * i / AROUND;
            points.add(new Point(r * Math.cos(at), r * Math.sin(at)));
        }
        return points;
    }

    /** A rod with its front cut across: each line along the rod begins where the plane meets it. */
    private static Mesh slant(ReamCut cut) {
        double r = cut.reamerMm() / 2;
        double slope = 1 / Math.tan(cut.job().slantRad());
        List<Mesh.Triangle> triangles = new ArrayList<>();
        double length = cut.lengthMm();
        for (int i = 0; i < AROUND; i++) {
            double a = 2 * Math.PI * i / AROUND;
            double b = 2 * Math.PI * ((i + 1) % AROUND) / AROUND;
            var a0 = vector(r, a, (r + r * Math.cos(a)) * slope);
            var b0 = vector(r, b, (r + r * Math.cos(b)) * slope);
            var a1 = vector(r, a, length);
            var b1 = vector(r, b, length);
            triangles.add(new Mesh.Triangle(a0, b0, b1));
            triangles.add(new Mesh.Triangle(a0, b1, a1));
            triangles.add(new Mesh.Triangle(vector(0, 0, length), a1, b1));
            triangles.add(new Mesh.Triangle(vector(0, 0, r * slope), b0, a0));
        }
        return new Mesh("rod", List.copyOf(triangles));
    }

    private static Vector3D vector(double r, double angle, double z) {
        return new Vector3D(r * Math.cos(angle), r * Math.sin(angle), z);
    }
}
