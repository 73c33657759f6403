package boldwedge.core.mechanics.advice;

import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.WorkMaterial;

/** Rakes of an edge that cuts over its whole width at once: a keyway's tooth, a groove's bit, a form (custom of the trade). */
public final class WideEdgeRake {
    private static final double DEG = Math.PI / 180;

    private WideEdgeRake() {}

    /** Least, usual and most, radians: none where metal grabs, keen where it is soft. */
    public static Span of(WorkMaterial work) {
        String angles = work.angleGroup();
        if (angles.startsWith("brass") || angles.startsWith("bronze") || angles.equals("iron-grey")) {
            return new Span(-2 * DEG, 0, 3 * DEG);
        }
        if (angles.startsWith("aluminium") || angles.equals("copper") || angles.equals("plastic-soft")) {
            return new Span(12 * DEG, 17 * DEG, 20 * DEG);
        }
        return new Span(5 * DEG, 8 * DEG, 10 * DEG);
    }
}
