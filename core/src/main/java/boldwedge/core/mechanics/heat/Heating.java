package boldwedge.core.mechanics.heat;

import boldwedge.core.language.stock.ToolSteel;

/** Times in the furnace, minutes. */
public final class Heating {
    /** Heating through in still hot air takes about this long for each millimetre of section (custom: an hour for an inch, less at high heat). */
    private static final double THROUGH_PER_MM = 1.5;

    private static final double KJ_PER_KWMIN = 60;

    private Heating() {}

    /** Soak at heat, once it is hot through: the steel's own time and so much for each millimetre of section. */
    public static double soakMinutes(ToolSteel steel, double sectionMm) {
        return steel.soakBaseMin() + steel.soakPerMmMin() * sectionMm;
    }

    /** Until a section is hot through after the furnace is at heat. */
    public static double throughMinutes(double sectionMm) {
        return THROUGH_PER_MM * sectionMm;
    }

    /**
     * Time until the furnace's power has heated the load: m · c · ΔT / P, the furnace's own lining left out.
     *
     * @param loadKg mass, kg
     * @param rise temperature to rise by, K
     * @param watt power, W
     */
    public static double rampMinutes(double loadKg, double rise, double watt) {
        return loadKg * QuenchBath.STEEL_HEAT * rise / (watt / 1000 * KJ_PER_KWMIN);
    }
}
