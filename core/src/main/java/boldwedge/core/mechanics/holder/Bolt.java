package boldwedge.core.mechanics.holder;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.ScrewSize;
import boldwedge.core.language.stock.StockCatalogue;

/**
 * A coarse screw that holds something.
 *
 * @param size what it is
 */
public record Bolt(ScrewSize size) {
    /** Part of its proof load to which a screw is drawn by feel: ours, about what a hand on a common key gives. */
    public static final double DRAWN = 0.6;

    /** The largest screw of a system's series that is not thicker than this; the thinnest when all are. */
    public static Bolt atMost(double threadMm, UnitSystem system) {
        return new Bolt(StockCatalogue.shipped().screwAtMost(threadMm, system));
    }

    /** What it is called. */
    public String name() {
        return size.name();
    }

    /** Its thread, mm. */
    public double threadMm() {
        return size.threadMm();
    }

    /** Its pitch, mm. */
    public double pitchMm() {
        return size.pitchMm();
    }

    /** Tensile stress area, mm². */
    public double areaMm2() {
        return size.areaMm2();
    }

    /** Load at which it stays stretched, N. */
    public double proofN() {
        return size.proofMPa() * size.areaMm2();
    }

    /** Load to which it is drawn, N. */
    public double drawnN() {
        return DRAWN * proofN();
    }

    /** Drill for its thread, mm. */
    public double tapDrillMm() {
        return size.tapDrillMm();
    }

    /** Hole that it passes freely, mm: a twelfth over (ISO 273, medium), up to the next half millimetre or sixty-fourth of an inch. */
    public double clearanceMm() {
        double step = size.system() == UnitSystem.METRIC ? 0.5 : 25.4 / 64;
        return Math.ceil(1.08 * size.threadMm() / step) * step;
    }
}
