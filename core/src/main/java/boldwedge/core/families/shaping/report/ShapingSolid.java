package boldwedge.core.families.shaping.report;

import boldwedge.core.families.shaping.model.ShapedCut;
import boldwedge.core.families.shaping.model.ShapedJob;
import boldwedge.core.language.drawing.Mesh;
import boldwedge.core.language.drawing.NosedBar;
import boldwedge.core.language.drawing.Point;
import boldwedge.core.rule.BitSolid;
import java.util.List;
import java.util.Optional;

/** The planing tool's bit as a solid for a file: one body. A neck bent back behind its shank is left to the drawing. */
public final class ShapingSolid {
    /** A keyway's tooth is ground over its depth and so much, mm. */
    private static final double ROOM_MM = 2;
    /** Each side of a tooth leans in by no more than this share of its width over its height. */
    private static final double MOST_LEAN = 0.4;

    private ShapingSolid() {}

    /** Its shell; empty where the angles leave nothing to cut with. */
    public static Optional<List<Mesh>> shells(ShapedCut cut) {
        ShapedJob job = cut.job();
        if (!job.isKeyway()) {
            return cut.bit(BitSolid.NOSE_PLANES).map(BitSolid::shells);
        }
        double tooth = Math.min(job.toothMm(), job.bit().widthMm());
        NosedBar bar = new NosedBar(
                job.bit().widthMm(),
                job.bit().heightMm(),
                job.bit().lengthMm(),
                cut.rakeRad(),
                job.frontRad(),
                Math.min(job.sideRad(), Math.atan(MOST_LEAN * tooth / job.bit().heightMm())),
                job.depthMm() + ROOM_MM);
        return Optional.of(List.of(bar.mesh("shaper-tool", List.of(new Point(0, 0), new Point(tooth, 0)))));
    }
}
