package boldwedge.core.families.grooving.report;

import boldwedge.core.families.grooving.model.Groove;
import boldwedge.core.families.grooving.model.GrooveCut;
import boldwedge.core.families.grooving.model.GrooveJob;
import boldwedge.core.language.drawing.Mesh;
import boldwedge.core.language.drawing.NosedBar;
import boldwedge.core.language.drawing.Point;
import java.util.ArrayList;
import java.util.List;

/** The groove's bit as a solid for a file: one watertight body. Its stoned corners, and the deeper lean of a bit for a face, are left to the drawing. */
public final class GrooveSolid {
    /** A radius is ground over at most so much of the edge. */
    private static final double MOST_ROUND = 0.8;

    private static final int ROUND_STEPS = 8;
    private static final double HAIR_MM = 1e-3;

    private GrooveSolid() {}

    /** Its shell. */
    public static List<Mesh> shells(GrooveCut cut) {
        GrooveJob job = cut.job();
        NosedBar bar = new NosedBar(
                job.bit().widthMm(),
                job.bit().heightMm(),
                job.bit().lengthMm(),
                cut.rakeRad(),
                job.frontRad(),
                Math.min(cut.sideRad(), Math.atan(0.4 * cut.tipMm() / job.bit().heightMm())),
                cut.outMm());
        return List.of(bar.mesh("groove-bit", edge(cut)));
    }

    /**
     * Its edge from the left: straight; of a shoulder's undercut with the radius at the shoulder, and with the run-out where one plunge cuts all of it.
     * Across is x from its left side, along it y toward the work, its foremost at 0, mm.
     */
    static List<Point> edge(GrooveCut cut) {
        Groove groove = cut.job().groove();
        double wide = cut.tipMm();
        if (groove.undercut().isEmpty()) {
            return List.of(new Point(0, 0), new Point(wide, 0));
        }
        List<Point> edge = new ArrayList<>();
        double round = Math.min(cut.cornerMm(), MOST_ROUND * wide);
        for (int i = 0; i < ROUND_STEPS; i++) {
            double at = Math.PI / 2 * i / ROUND_STEPS;
            edge.add(new Point(round * (1 - Math.cos(at)), -round * (1 - Math.sin(at))));
        }
        edge.add(new Point(round, 0));
        if (cut.plunges() == 1 && groove.runOutMm() > 0) {
            edge.add(new Point(Math.max(round, wide - groove.runOutMm()) + HAIR_MM, 0));
            edge.add(new Point(wide, -groove.depthMm()));
        } else {
            edge.add(new Point(wide, 0));
        }
        return edge;
    }
}
