package boldwedge.core.trial;

import java.util.List;

/**
 * What was computed for the very set-up of a turned trial cut; mm, N, m/min, radians.
 *
 * @param sizes its diameters: first near the chuck, then far from it
 * @param apartMm distance between the two stations
 * @param heldAtFarEnd whether a centre holds the far end
 * @param paperRaMm theoretical finish
 * @param surfaceSpeed surface speed
 * @param slowestGood low end of the speed range for work and tool
 * @param fastestGood high end of it
 * @param leastClearance least clearance in use, at flanks and nose
 * @param meanChipMm mean chip thickness
 * @param smallestChipMm smallest chip the edge shaves
 * @param builtUp how strongly the material builds up on the edge, 0 to 1
 * @param drawsSoft whether the tool loses its hardness when overheated
 * @param slenderness free length over diameter, scaled for its ends
 * @param overhangRatio tool's overhang over its height
 * @param shares what single choices of the set-up have in its spring, each computed without it
 */
public record Prediction(
        SizePrediction sizes,
        double apartMm,
        boolean heldAtFarEnd,
        double paperRaMm,
        double surfaceSpeed,
        double slowestGood,
        double fastestGood,
        double leastClearance,
        double meanChipMm,
        double smallestChipMm,
        double builtUp,
        boolean drawsSoft,
        double slenderness,
        double overhangRatio,
        List<Share> shares) {

    /**
     * What one choice of the set-up has in its spring.
     *
     * @param id stable name of the cause
     * @param title the cause in words
     * @param instead what it would be without, in words: "with a nose of 0.4 mm"
     * @param evenMm even error on the diameter without it, mm
     * @param taperMm taper without it, mm
     */
    public record Share(String id, String title, String instead, double evenMm, double taperMm) {}

    /** All that may be other than reckoned, fitted to what was read. */
    public JointFit fitted(Measured measured) {
        return sizes.fitted(measured.nearMm(), measured.farMm());
    }
}
