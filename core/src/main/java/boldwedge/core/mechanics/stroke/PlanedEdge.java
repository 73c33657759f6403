package boldwedge.core.mechanics.stroke;

import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.cutting.CuttingForce;

/**
 * An edge that planes over its whole width: what it wants along its stroke, and what it pushes out of the cut (Kienzle).
 *
 * @param work what is planed
 * @param rakeRad rake of the edge, radians
 * @param widthMm width that it cuts, mm
 * @param chipMm taken by a stroke, mm
 */
public record PlanedEdge(WorkMaterial work, double rakeRad, double widthMm, double chipMm) {
    /** Planing is intermittent and runs at about half of turning's speed (custom of the trade). */
    private static final double OF_TURNING = 0.5;
    /** However keen, an edge presses before it cuts. */
    private static final double LEAST_PUSH = 0.1;

    /** What the rake makes of the force. */
    public double rakeFactor() {
        return CuttingForce.rakeFactor(work, rakeRad);
    }

    /** Force along the stroke, N: kc1.1 · w · h^(1 − mc) · Kγ. */
    public double alongN() {
        return work.kc11MPa() * widthMm * Math.pow(chipMm, 1 - work.mc()) * rakeFactor();
    }

    /** Push over the force along the stroke. */
    public double pushRatio() {
        return Math.max(LEAST_PUSH, CuttingForce.pushRatio(work, rakeRad));
    }

    /** Push out of the cut, N. */
    public double pushN() {
        return alongN() * pushRatio();
    }

    /** Growth of the force along the stroke with what is taken, N/mm: (1 − mc) · F / h. */
    public double growthNPerMm() {
        return (1 - work.mc()) * alongN() / chipMm;
    }

    /** Cutting speed for planing, m/min. */
    public static double speed(WorkMaterial work, ToolMaterial tool) {
        return OF_TURNING * work.surfaceSpeed(tool).chosen();
    }

    /** What is easily cut is planed with more at a stroke: this span, or twice it; mm. */
    public static Span taken(WorkMaterial work, Span inSteel) {
        String group = work.group();
        boolean easy =
                group.equals("N") || group.equals("O") || work.angleGroup().equals("iron-grey");
        return easy ? inSteel.times(2) : inSteel;
    }
}
