package boldwedge.core.families.parting.model;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.Blade;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.cutting.Lathe;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.OptionalDouble;

/**
 * A parting or grooving job as read; millimetres, radians, rpm. Empty optionals are left to the program.
 *
 * @param groove whether a groove is cut rather than a piece parted off
 * @param diameterMm outside diameter
 * @param endMm diameter at which the cut ends: 0, the bore, or the groove's bottom
 * @param grooveMm width of the groove; the edge's when a piece is parted off
 * @param pieceMm length of a piece
 * @param pieces how many
 * @param atMm from the jaws to the cut
 * @param behind whether the tool stands behind the work, upside down
 * @param widthMm width of the edge
 * @param leadRad lead of the edge: above 0 the corner towards the piece leads and leaves it clean; below 0 the other
 * @param hollow whether the top is hollowed so that the chip comes off narrower than the cut
 * @param squareRad blade out of square to the axis: above 0 its end points towards the chuck
 * @param overhangMm from the clamp to the edge
 * @param restMm from the end of what supports it below to the edge; the overhang when nothing does
 * @param beforeMm how far the holder stands out before the post
 * @param boltAtMm from the post's front edge to the bolt
 * @param twoBolts whether a second bolt stands half way between the front edge and the first
 * @param screws whose screws the shop has
 * @param boltMm thread of the bolt
 * @param heightMm point above (+) or below (−) the axis
 * @param postNPerMm stiffness of post and slide: under this edge when it was measured, else at the reach of a usual tool
 * @param postMeasured whether that was measured
 * @param design the holder as it is to be made
 */
@RecordBuilder
public record PartJob(
        WorkMaterial work,
        boolean groove,
        double diameterMm,
        double endMm,
        double grooveMm,
        double pieceMm,
        int pieces,
        double atMm,
        PartHold hold,
        Lathe lathe,
        boolean behind,
        Blade blade,
        double widthMm,
        double leadRad,
        boolean hollow,
        double squareRad,
        double overhangMm,
        double restMm,
        HolderKind holder,
        double beforeMm,
        double boltAtMm,
        boolean twoBolts,
        UnitSystem screws,
        double boltMm,
        double heightMm,
        OptionalDouble feedMm,
        OptionalDouble speedRpm,
        double postNPerMm,
        boolean postMeasured,
        HolderDesign design)
        implements PartJobBuilder.With {

    /** From the edge to the bolt that the post turns about, mm. */
    public double reachMm() {
        return beforeMm + overhangMm + boltAtMm;
    }

    /** The point's height as the tool sees it, mm: behind, upside down, above the axis is below for the tool. */
    public double toolHeightMm() {
        return behind ? -heightMm : heightMm;
    }

    /** From the jaws to the cut where the work hardly gives, mm: half a diameter. */
    public static double nearJawsMm(double diameterMm) {
        return Math.max(1, Math.rint(0.5 * diameterMm));
    }

    /** From the jaws to the middle of the cut, mm. */
    public double cutAtMm() {
        return atMm + widthMm / 2;
    }

    /** How deep the cut goes, mm. */
    public double depthMm() {
        return (diameterMm - endMm) / 2;
    }

    /** Whether the piece has a hole, so that the cut ends before the axis. */
    public boolean bored() {
        return !groove && endMm > 0;
    }

    /** Length of bar that the pieces and their cuts take, mm. */
    public double barMm() {
        return pieces * (pieceMm + widthMm);
    }
}
