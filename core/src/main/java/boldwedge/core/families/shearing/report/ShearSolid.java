package boldwedge.core.families.shearing.report;

import boldwedge.core.families.shearing.model.ShearCut;
import boldwedge.core.families.shearing.model.ShearJob;
import boldwedge.core.language.drawing.Mesh;
import java.util.List;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/** The ground bit as a solid for a file: one watertight body. */
public final class ShearSolid {
    private ShearSolid() {}

    /**
     * The bit: x from its leading side, y along the shank towards the work, z up from its base, the foot of the edge at zero; mm. The side is
     * ground back as far as the bit is wide.
     */
    static Mesh bit(ShearJob job) {
        double w = job.bit().widthMm();
        double h = job.bit().heightMm();
        double back = -job.bit().lengthMm();
        double step = -w;
        double off = h * Math.tan(job.edge().slopeRad());
        double fall = -Math.tan(job.edge().frontRad());
        Vector3D foot = Vector3D.ZERO;
        Vector3D tip = new Vector3D(off, off * fall, h);
        Vector3D footRight = new Vector3D(w, w * fall, 0);
        Vector3D topRight = new Vector3D(w, w * fall, h);
        Vector3D stepFoot = new Vector3D(0, step, 0);
        Vector3D stepTop = new Vector3D(off, step, h);
        Vector3D stepSide = new Vector3D(0, step, h);
        Vector3D backFoot = new Vector3D(0, back, 0);
        Vector3D backTop = new Vector3D(0, back, h);
        Vector3D backFootRight = new Vector3D(w, back, 0);
        Vector3D backTopRight = new Vector3D(w, back, h);
        // The top is told from its inner corner, so that it is fanned into triangles that stay within it.
        return Mesh.faceted(
                "shear-tool",
                List.of(
                        List.of(stepFoot, stepTop, tip, foot),
                        List.of(foot, tip, topRight, footRight),
                        List.of(stepFoot, stepSide, stepTop),
                        List.of(stepTop, stepSide, backTop, backTopRight, topRight, tip),
                        List.of(stepFoot, foot, footRight, backFootRight, backFoot),
                        List.of(footRight, topRight, backTopRight, backFootRight),
                        List.of(backFootRight, backTopRight, backTop, backFoot),
                        List.of(backFoot, backTop, stepSide, stepFoot)));
    }

    /** Its shell. */
    public static List<Mesh> shells(ShearCut cut) {
        return List.of(bit(cut.job()));
    }
}
