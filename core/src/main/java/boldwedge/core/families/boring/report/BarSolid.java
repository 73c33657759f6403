package boldwedge.core.families.boring.report;

import boldwedge.core.families.boring.model.BarEnd;
import boldwedge.core.families.boring.model.BoreJob;
import boldwedge.core.language.drawing.Mesh;
import boldwedge.core.language.drawing.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * The bar as a solid for a file: shank, blend and nose turned, the hole along it, and the hole of a bit that stands square through
 * it. A bit that leans, an insert's pocket and the tapped holes are left to the drawing. The bar lies along z, its end at its length.
 */
public final class BarSolid {
    private static final int BLEND_PARTS = 12;

    private BarSolid() {}

    /** Its shells. */
    public static List<Mesh> shells(BoreJob job) {
        double length = job.barLengthMm();
        double half = job.bit().widthMm() / 2;
        double cross = length - BarEnd.crossing(job);
        boolean square = job.insert().isEmpty()
                && BarEnd.square(job)
                && half < BarEnd.tipMm(job) / 2
                && job.rodHoleMm() / 2 < half;
        if (!square || cross + half >= length || cross - half <= neckFrom(job)) {
            return List.of(Mesh.turned("bar", profile(job, 0, length)));
        }
        return List.of(Mesh.crossHoled("bar", below(job, cross - half), above(job, cross + half), half));
    }

    /** Where the nose begins, from the far end. */
    private static double neckFrom(BoreJob job) {
        return job.necked() ? job.barLengthMm() - job.neckLengthMm() - job.bit().widthMm() : 0;
    }

    /** Half of the bar's section through its axis between two places: along the outside, back along the hole or the axis. */
    private static List<Point> profile(BoreJob job, double from, double to) {
        double shank = job.barMm() / 2;
        double tip = BarEnd.tipMm(job) / 2;
        double neck = neckFrom(job);
        List<Point> points = new ArrayList<>();
        double inner = job.rodHoleMm() / 2;
        double rodTo = job.barLengthMm()
                - BarEnd.crossing(job)
                + job.bit().widthMm() / 2
                - job.making().rodMarginMm();
        if (inner > 0 && from < rodTo) {
            points.add(new Point(inner, from));
        } else {
            points.add(new Point(0, from));
        }
        points.add(new Point(from < neck ? shank : tip, from));
        if (from < neck && neck < to) {
            double blend = Math.min(job.making().blendMm(), shank - tip);
            points.add(new Point(shank, neck));
            points.add(new Point(tip + blend, neck));
            for (int i = 1; i <= BLEND_PARTS && blend > 0; i++) {
                double at = Math.PI / 2 * i / BLEND_PARTS;
                points.add(new Point(tip + blend * (1 - Math.sin(at)), neck + blend * (1 - Math.cos(at))));
            }
        }
        points.add(new Point(neck < to ? tip : shank, to));
        if (inner > 0 && from < rodTo) {
            if (rodTo < to) {
                points.add(new Point(0, to));
                points.add(new Point(0, rodTo));
                points.add(new Point(inner, rodTo));
            } else {
                points.add(new Point(inner, to));
            }
        } else {
            points.add(new Point(0, to));
        }
        return points.stream().distinct().toList();
    }

    /** Of the section under the bit's hole what lies outside: from the axis, or from a hole along it, to the bit's hole. */
    private static List<Point> below(BoreJob job, double to) {
        List<Point> closed = profile(job, 0, to);
        int last = closed.indexOf(new Point(BarEnd.tipMm(job) / 2, to));
        List<Point> open = new ArrayList<>(closed.subList(last + 1, closed.size()));
        open.addAll(closed.subList(0, last + 1));
        return open.getFirst().x() == 0 && open.getFirst().y() == to ? open.subList(1, open.size()) : open;
    }

    private static List<Point> above(BoreJob job, double from) {
        double tip = BarEnd.tipMm(job) / 2;
        double length = job.barLengthMm();
        return List.of(new Point(tip, from), new Point(tip, length), new Point(0, length));
    }
}
