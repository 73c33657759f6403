package boldwedge.core.families.forming.report;

import boldwedge.core.families.forming.model.FormCut;
import boldwedge.core.families.forming.model.FormJob;
import boldwedge.core.families.forming.model.Profile;
import boldwedge.core.families.forming.model.Profile.Corner;
import boldwedge.core.language.drawing.Mesh;
import boldwedge.core.language.drawing.NosedBar;
import boldwedge.core.language.drawing.Point;
import java.util.ArrayList;
import java.util.List;

/** The form's bit as a solid for a file: one watertight body, its edge corrected as it is ground. */
public final class FormSolid {
    private FormSolid() {}

    /** Its shell. */
    public static List<Mesh> shells(FormCut cut) {
        FormJob job = cut.job();
        NosedBar bar = new NosedBar(
                job.bit().widthMm(),
                job.bit().heightMm(),
                job.bit().lengthMm(),
                cut.rakeRad(),
                job.clearanceRad(),
                0,
                0);
        return List.of(bar.mesh("form-bit", edge(cut)));
    }

    /** The edge from above, from its left end; along the face it lies flatter by its rake. */
    private static List<Point> edge(FormCut cut) {
        Profile profile = cut.job().profile();
        double left = profile.corners().getFirst().xMm();
        Corner first = profile.corners().getFirst();
        List<Point> edge = new ArrayList<>();
        edge.add(at(cut, 0, first.radiusMm()));
        profile.pieces().forEach(piece -> edge.add(at(cut, piece.x1() - left, piece.r1())));
        return edge;
    }

    private static Point at(FormCut cut, double x, double radius) {
        return new Point(x, -cut.depthOnFaceMm(radius) * Math.cos(Math.max(0, cut.rakeRad())));
    }
}
