package boldwedge.core.mechanics.cutting;

import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.language.stock.WorkMaterial;

/**
 * The edge's own force: no edge is sharp, and what it ploughs under presses on it whatever the chip's thickness. Per millimetre of engaged
 * edge, along the cut and square to the edge; to be had from cutting tests as the force left at no feed (Albrecht, New
 * developments in the theory of the metal-cutting process; Altintas, Manufacturing Automation, ch. 2). It is why a honed insert
 * at a few hundredths of depth pushes the work off and a stoned bit does not.
 *
 * @param alongNPerMm along the cut, N per mm of edge
 * @param acrossNPerMm square to the edge, away from the work, N per mm of edge
 */
public record EdgePress(double alongNPerMm, double acrossNPerMm) {
    /** An edge without a radius. */
    public static final EdgePress NONE = new EdgePress(0, 0);

    /** kc1.1 of the steel that the tool materials' figures hold for, MPa. */
    private static final double STEEL_KC = 1800;

    /** Of a tool's edge in a material: the tool's figure for steel, by the specific force. */
    public static EdgePress of(ToolMaterial tool, WorkMaterial work) {
        double share = work.kc11MPa() / STEEL_KC;
        return new EdgePress(
                share * tool.pressAlong().chosen(), share * tool.pressAcross().chosen());
    }
}
