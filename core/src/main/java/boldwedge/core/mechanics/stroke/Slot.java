package boldwedge.core.mechanics.stroke;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.KeySize;

/**
 * A keyway in a bore: a slot with a flat floor square to a radius.
 *
 * @param radiusMm of the bore, mm
 * @param widthMm of the slot, mm; less than the bore
 * @param depthMm from the bore's crown to the floor, mm
 */
public record Slot(double radiusMm, double widthMm, double depthMm) {
    private static final double MOST_GAP_MM = 1;
    private static final double LEAST_GAP_MM = 0.7;
    private static final double GAP_SHARE = 0.05;

    /**
     * The keyway of a key in its bore. The inch standard gauges T = D − Y + H/2 + 0.005 with Y the chord's height: its depth counts from where the key's side meets
     * the bore, and from the crown is less by that.
     */
    public static Slot of(KeySize key, double boreMm) {
        Slot slot = new Slot(boreMm / 2, key.widthMm(), key.hubMm());
        return key.system() == UnitSystem.METRIC
                ? slot
                : new Slot(slot.radiusMm, slot.widthMm, slot.depthMm - slot.crownMm());
    }

    /** Height of the chord that the width cuts off the bore, mm: R − √(R² − b²/4). A flat tooth meets the bore with its two corners this far under the crown. */
    public double crownMm() {
        return radiusMm - corner();
    }

    private double corner() {
        return Math.sqrt(radiusMm * radiusMm - widthMm * widthMm / 4);
    }

    /** From the touch of both corners to the floor, mm. */
    public double wayMm() {
        return depthMm + crownMm();
    }

    /** What is gauged: from the floor to the bore's far side, mm. */
    public double overBoreMm() {
        return 2 * radiusMm + depthMm;
    }

    /**
     * The thickest round bar that passes back, mm: R + √(R² − b²/4) − t − 3 gaps. Drawn back its tip hangs a gap under the bore's corners, stands a slot's depth and a
     * gap out of the bar, and the bar clears the far side by a gap.
     */
    public double largestBarMm(double gapMm) {
        return radiusMm + corner() - depthMm - 3 * gapMm;
    }

    /** The same with the usual gap. */
    public double largestBarMm() {
        return largestBarMm(gapMm());
    }

    /** What a bar has round it, mm: a millimetre, and in a small bore less, or three gaps would be a third of it (custom of the trade; ours below 20 mm). */
    public double gapMm() {
        return Math.clamp(GAP_SHARE * 2 * radiusMm, LEAST_GAP_MM, MOST_GAP_MM);
    }

    /** How far a bar rolled about its own axis tilts the floor over its width, mm. */
    public double floorTiltMm(double rollRad) {
        return widthMm * Math.sin(rollRad);
    }

    /** How far it moves the slot aside, mm. */
    public double rolledAsideMm(double rollRad) {
        return radiusMm * Math.sin(rollRad);
    }

    /**
     * How far the worst of some slots, evenly spaced, lies from a tooth of a wheel, radians; 0 where the teeth can be shared out.
     *
     * @param slots how many
     * @param teeth of the wheel on the spindle
     */
    public static double indexErrorRad(int slots, int teeth) {
        double worst = 0;
        for (int i = 1; i < slots; i++) {
            double at = (double) i * teeth / slots;
            worst = Math.max(worst, Math.abs(at - Math.rint(at)));
        }
        return worst * 2 * Math.PI / teeth;
    }
}
