package boldwedge.core.language.stock;

import boldwedge.core.language.measure.UnitSystem;

/**
 * A parallel key, by the bore that takes it.
 *
 * @param system which shops use it
 * @param overMm bores over this, mm
 * @param toMm up to and including this, mm
 * @param widthMm its width, mm
 * @param heightMm its height, mm
 * @param shaftMm depth of its seat in the shaft, mm
 * @param hubMm depth of its seat in the hub, mm: from the bore's crown where that is metric, from where the key's side meets the bore in inches
 * @param deeperMm by which that may be deeper, mm
 * @param source citations, joined
 */
public record KeySize(
        UnitSystem system,
        double overMm,
        double toMm,
        double widthMm,
        double heightMm,
        double shaftMm,
        double hubMm,
        double deeperMm,
        String source) {
    /** Whether it is the key of this bore, mm. */
    public boolean fits(double boreMm) {
        return boreMm > overMm + 1e-6 && boreMm <= toMm + 1e-6;
    }

    /**
     * Depth in the hub from the bore's crown, mm. The inch standard gauges T = D − Y + H/2 + 0.005 with Y the height of the chord that the key's width cuts off: from the
     * crown that is less by Y.
     */
    public double depthMm(double boreMm) {
        double r = boreMm / 2;
        double chord = r - Math.sqrt(Math.max(0, r * r - widthMm * widthMm / 4));
        return system == UnitSystem.METRIC ? hubMm : hubMm - chord;
    }
}
