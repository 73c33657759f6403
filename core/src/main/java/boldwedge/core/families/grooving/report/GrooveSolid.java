package boldwedge.core.families.grooving.report;

import boldwedge.core.families.grooving.model.GrooveCut;
import boldwedge.core.families.grooving.model.GrooveJob;
import boldwedge.core.language.drawing.NosedBar;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.language.drawing.StlWriter;
import java.util.List;

/** The groove's bit as a solid for a file: one watertight body. Its corners, and the deeper lean of a bit for a face, are left to the drawing. */
public final class GrooveSolid {
    private GrooveSolid() {}

    /** The bit as STL. */
    public static String stl(GrooveCut cut) {
        GrooveJob job = cut.job();
        NosedBar bar = new NosedBar(
                job.bit().widthMm(),
                job.bit().heightMm(),
                job.bit().lengthMm(),
                cut.rakeRad(),
                job.frontRad(),
                Math.min(cut.sideRad(), Math.atan(0.4 * cut.tipMm() / job.bit().heightMm())),
                cut.outMm());
        return StlWriter.write(List.of(bar.mesh("groove-bit", List.of(new Point(0, 0), new Point(cut.tipMm(), 0)))));
    }
}
