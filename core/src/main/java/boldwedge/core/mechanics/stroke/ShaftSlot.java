package boldwedge.core.mechanics.stroke;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.KeySize;

/**
 * A slot or a flat planed into a round shaft: a flat floor square to a radius.
 *
 * @param radiusMm of the shaft, mm
 * @param depthMm from the shaft's crown to the floor, mm
 */
public record ShaftSlot(double radiusMm, double depthMm) {
    /**
     * The seat of a key in its shaft. The inch standard gauges S = D − Y − H/2 with Y the chord's height: from the crown that is Y + H/2 deep; metric rows count from
     * the crown.
     */
    public static ShaftSlot of(KeySize key, double shaftMm) {
        double crown = crownMm(shaftMm / 2, key.widthMm());
        return new ShaftSlot(
                shaftMm / 2, key.system() == UnitSystem.METRIC ? key.shaftMm() : crown + key.heightMm() / 2);
    }

    /** A flat so wide, mm. */
    public static ShaftSlot flat(double radiusMm, double widthMm) {
        return new ShaftSlot(radiusMm, crownMm(radiusMm, widthMm));
    }

    /** Height of the chord that a width cuts off a circle, mm: R − √(R² − b²/4). */
    public static double crownMm(double radiusMm, double widthMm) {
        return radiusMm - Math.sqrt(radiusMm * radiusMm - widthMm * widthMm / 4);
    }

    /** What is gauged: from the floor to the shaft's far side, mm. */
    public double overShaftMm() {
        return 2 * radiusMm - depthMm;
    }

    /** Width of a flat that goes so deep, mm: 2 √(t (2R − t)). */
    public double flatMm() {
        return 2 * Math.sqrt(depthMm * (2 * radiusMm - depthMm));
    }
}
