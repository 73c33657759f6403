package boldwedge.core.mechanics.holder;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.mechanics.rigidity.TSlot;
import java.util.OptionalDouble;

/**
 * A nut in a slide's T-slot, milled from a bar of low-carbon steel, and the bolt in it. Lengths in mm.
 *
 * @param slot the slot
 * @param bolt the bolt
 */
public record TNut(TSlot slot, Bolt bolt) {
    /** It slides in the throat (ours). */
    private static final double FREE_MM = 0.2;
    /** And under the lips. */
    private static final double FREE_UNDER_MM = 1;
    /** Its neck stays so far below the slide's face: what it pulls down must not stand on the nut (ours). */
    private static final double BELOW_MM = 0.5;
    /** So many throats long it spreads its pull over the lips. */
    private static final double THROATS = 2;
    /** Yield of low-carbon steel, MPa (EN 10025-2, S235). */
    private static final double YIELD_MPA = 235;

    private static final double STEP_MM = 0.5;
    /** Throats up to here are small. */
    private static final double SMALL_MM = 7;

    /** The nut with the usual screw of its slot: two less than the throat, one in the smallest (ISO 299: 5 for M4, 12 for M10, 18 for M16). */
    public static TNut of(TSlot slot, UnitSystem system) {
        return new TNut(slot, Bolt.atMost(slot.throatMm() - (slot.throatMm() > SMALL_MM ? 2 : 1), system));
    }

    /** Width of the neck. */
    public double neckMm() {
        return slot.throatMm() - FREE_MM;
    }

    /** Height of the neck, from the shoulders to its top. */
    public double neckHighMm() {
        return slot.lipMm() - BELOW_MM;
    }

    /** Width under the lips. */
    public double wideMm() {
        return slot.headMm() - FREE_UNDER_MM;
    }

    /** Length along the slot. */
    public double longMm() {
        return THROATS * slot.throatMm();
    }

    /**
     * Thickness of its flanges: so that a diameter of thread is held, and they stay straight at three times in two what a hand draws
     * the bolt to. The flanges are cantilevers as the lips over them are.
     */
    public double flangeMm() {
        double thick = Math.max(bolt.threadMm() - neckHighMm(), STEP_MM);
        thick = Math.ceil(thick / STEP_MM) * STEP_MM;
        while (flangeMPa(thick) > YIELD_MPA) {
            thick += STEP_MM;
        }
        return thick;
    }

    /** Tension in a flange so thick, MPa, at three times in two what the bolt is drawn to. */
    double flangeMPa(double thickMm) {
        return new TSlot(slot.throatMm(), thickMm, slot.headMm()).lipMPa(1.5 * bolt.drawnN(), longMm());
    }

    /** All of its height. */
    public double highMm() {
        return neckHighMm() + flangeMm();
    }

    /** How far a bolt must go below the slide's face so that a diameter of its thread is held. */
    public double leastMm() {
        return BELOW_MM + bolt.threadMm();
    }

    /** How far it may: through the nut. Farther it stands on the slot's floor and lifts the lips. */
    public double mostMm() {
        return BELOW_MM + highMm();
    }

    /**
     * Length under the head of the longest usual bolt that fits.
     *
     * @param clampedMm what lies between its head and the slide, washer and all
     * @param stepMm lengths as they are sold: every so many
     * @return empty where none that is sold fits: it is cut from a longer one
     */
    public OptionalDouble sold(double clampedMm, double stepMm) {
        double longest = Math.floor((clampedMm + mostMm()) / stepMm + 1e-9) * stepMm;
        return longest >= clampedMm + leastMm() - 1e-9 ? OptionalDouble.of(longest) : OptionalDouble.empty();
    }
}
