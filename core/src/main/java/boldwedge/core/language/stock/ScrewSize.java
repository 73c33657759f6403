package boldwedge.core.language.stock;

import boldwedge.core.language.measure.UnitSystem;

/**
 * A coarse screw as it is bought.
 *
 * @param system which shops have it
 * @param name as it is called: M8, 5/16-18
 * @param threadMm its thread, mm
 * @param pitchMm its pitch, mm
 * @param clearanceMm hole that it passes with room, mm
 * @param areaMm2 tensile stress area, mm²
 * @param proofMPa proof stress of its usual class, MPa
 * @param grade that class
 * @param source citations, joined
 */
public record ScrewSize(
        UnitSystem system,
        String name,
        double threadMm,
        double pitchMm,
        double clearanceMm,
        double areaMm2,
        double proofMPa,
        String grade,
        String source) {
    /** Drill for its thread, mm. */
    public double tapDrillMm() {
        return threadMm - pitchMm;
    }
}
