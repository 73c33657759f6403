package boldwedge.core.mechanics.wedge;

import boldwedge.core.language.stock.Blank;

/**
 * A single-point tool by the older American signature (ANSI B94.50): angles in hand, right-hand tool, radians. Rakes and
 * reliefs are measured in planes square to the base: back rake and end relief in the plane along the shank (ISO Pp), side
 * rake and side relief in the plane across it (ISO Pf).
 *
 * @param backRake positive when the face falls from the point towards the shank
 * @param sideRake positive when the face falls away from the side cutting edge
 * @param endRelief of the end flank, from the square
 * @param sideRelief of the side flank, from the square
 * @param endCuttingEdge between the end cutting edge and a square across the shank (ISO κr')
 * @param sideCuttingEdge lead: between the side cutting edge and the shank; positive when the edge runs back and outward
 *     (ISO κr = 90° − lead)
 * @param noseRadiusMm radius of the nose seen from above, mm
 */
public record ToolSignature(
        double backRake,
        double sideRake,
        double endRelief,
        double sideRelief,
        double endCuttingEdge,
        double sideCuttingEdge,
        double noseRadiusMm) {

    /** The signature a blank is bought with. */
    public static ToolSignature of(Blank.BoughtAngles bought) {
        return new ToolSignature(
                bought.backRake(),
                bought.sideRake(),
                bought.endRelief(),
                bought.sideRelief(),
                bought.endEdge(),
                bought.sideEdge(),
                0);
    }
}
