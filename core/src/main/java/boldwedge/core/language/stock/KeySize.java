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
}
