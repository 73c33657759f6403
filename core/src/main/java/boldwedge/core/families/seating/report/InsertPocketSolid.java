package boldwedge.core.families.seating.report;

import boldwedge.core.families.seating.model.InsertPocketCut;
import boldwedge.core.families.seating.model.InsertPocketJob;
import boldwedge.core.language.drawing.Ears;
import boldwedge.core.language.drawing.Mesh;
import boldwedge.core.language.drawing.OneBody;
import boldwedge.core.language.drawing.OneBody.Face;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.mechanics.wedge.HalfSpace;
import boldwedge.core.mechanics.wedge.Polyhedron;
import boldwedge.core.mechanics.wedge.Surface;
import boldwedge.core.rule.BitSolid;
import java.util.ArrayList;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.geometry.euclidean.twod.Vector2D;

/**
 * The body with its seat as a solid for a file: one shell; a bar is round within a hundredth. The seat's tilt, the corner's relief and the screw's hole are
 * left to the drawing.
 */
final class InsertPocketSolid {
    /** A bar is drawn with so many flats, at the least, and as many as keep it round. */
    private static final int LEAST_FLATS = 48;

    private static final double ROUND_MM = 0.01;

    private InsertPocketSolid() {}

    /** Its shell. */
    static List<Mesh> shells(InsertPocketCut cut) {
        InsertPocketJob job = cut.job();
        List<List<Face>> pieces = new ArrayList<>();
        if (job.bar()) {
            double half = job.heightMm() / 2;
            Polyhedron bar = bar(cut).cut(below(cut.edgeMm() + cut.flatMm()));
            double low = -cut.outMm() - half;
            double high = -cut.outMm() + half;
            add(pieces, bar.cut(below(cut.floorMm())), cut.layer(low, high, true));
            add(pieces, bar.cut(above(cut.floorMm())), cut.layer(low, high, false));
        } else {
            pieces.add(OneBody.prism(points(cut.lower()), 0, cut.floorMm()));
            if (cut.upper().size() > 2) {
                pieces.add(OneBody.prism(points(cut.upper()), cut.floorMm(), cut.edgeMm()));
            }
        }
        return List.of(OneBody.of("holder", pieces));
    }

    /** What of the bar stands over an outline: triangle by triangle, for each of those is bounded by planes. */
    private static void add(List<List<Face>> pieces, Polyhedron bar, List<Vector2D> outline) {
        if (outline.size() < 3) {
            return;
        }
        List<Point> corners = points(outline);
        for (int[] ear : Ears.of(corners)) {
            Polyhedron piece = bar;
            for (int i = 0; i < 3 && !piece.isEmpty(); i++) {
                piece = piece.cut(leftOf(corners.get(ear[i]), corners.get(ear[(i + 1) % 3])));
            }
            if (!piece.isEmpty()) {
                pieces.add(BitSolid.faces(piece));
            }
        }
    }

    /** The round bar lying along x, its axis at height 0. */
    private static Polyhedron bar(InsertPocketCut cut) {
        double[] box = cut.box();
        double r = cut.job().heightMm() / 2;
        int flats =
                Math.max(LEAST_FLATS, 2 * (int) Math.ceil(Math.PI / 2 / Math.acos(1 - Math.min(0.5, ROUND_MM / r))));
        Polyhedron bar = Polyhedron.box(box[0], box[2], -cut.outMm() - r, -cut.outMm() + r, -r, r);
        for (int i = 0; i < flats; i++) {
            double at = 2 * Math.PI * (i + 0.5) / flats;
            Vector3D out = new Vector3D(0, Math.cos(at), Math.sin(at));
            bar = bar.cut(
                    new HalfSpace(Surface.BLANK, out, r * Math.cos(Math.PI / flats) - cut.outMm() * Math.cos(at)));
        }
        return bar;
    }

    private static HalfSpace below(double z) {
        return new HalfSpace(Surface.BLANK, Vector3D.PLUS_K, z);
    }

    private static HalfSpace above(double z) {
        return new HalfSpace(Surface.BLANK, Vector3D.MINUS_K, -z);
    }

    private static HalfSpace leftOf(Point from, Point to) {
        Vector3D right = new Vector3D(to.y() - from.y(), from.x() - to.x(), 0).normalize();
        return new HalfSpace(Surface.BLANK, right, right.getX() * from.x() + right.getY() * from.y());
    }

    private static List<Point> points(List<Vector2D> outline) {
        return outline.stream().map(v -> new Point(v.getX(), v.getY())).toList();
    }
}
