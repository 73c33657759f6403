package boldwedge.core.mechanics.cutting;

import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.WorkMaterial;

/**
 * Process damping: while the edge waves, its flank presses into the wave behind it and takes energy out. The force is C · b · ẏ / v, against the
 * motion y across the edge, b the engaged breadth and v the cutting speed, so that slow cuts and high notes are damped most.
 *
 * <p>C was measured for end mills and bars in low-carbon steel between 10⁵ and 6·10⁵ N/m and in aluminium a tenth of that (Tyler
 * &amp; Schmitz; Ahmadi &amp; Altintas, papers on process damping identification); a sharp edge with ample clearance has far less.
 * Here it goes with the specific cutting force, with the clearance as the wedge of metal that the flank presses down does
 * (1 / tan α), and over a spread that trials narrow. The most is held to what every shop knows: with more, a bar that stands out eight times its
 * diameter would be let off at the speeds of high-speed steel.
 */
public final class FlankDamping {
    /** Of a material of {@link #STEEL_KC} under {@link #USUAL_CLEARANCE}: sharp, usual, with a worn land, N/mm. */
    private static final Span STEEL = new Span(60, 100, 120);

    private static final double STEEL_KC = 1800;
    private static final double USUAL_CLEARANCE = Math.toRadians(6);

    private FlankDamping() {}

    /**
     * The coefficient C, N/mm (a thousand N/m), least, usual and most.
     *
     * @param clearance of the flank in use, radians
     */
    public static Span of(WorkMaterial work, double clearance) {
        double share = work.kc11MPa()
                / STEEL_KC
                * Math.clamp(Math.tan(USUAL_CLEARANCE) / Math.tan(Math.max(clearance, 0.01)), 0.3, 2);
        return new Span(share * STEEL.low(), share * STEEL.chosen(), share * STEEL.high());
    }
}
