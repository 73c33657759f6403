package boldwedge.core.families.casting.model;

/**
 * A cored hole as measured at both ends from the axis that is wanted, along one direction across it; mm.
 *
 * @param nearMm its size at the near end
 * @param nearAsideMm by how much its middle lies beside the wanted axis there
 * @param farMm its size at the far end
 * @param farAsideMm by how much its middle lies beside it there
 */
public record RawHole(double nearMm, double nearAsideMm, double farMm, double farAsideMm) {
    private double high() {
        return Math.max(nearAsideMm + nearMm / 2, farAsideMm + farMm / 2);
    }

    private double low() {
        return Math.min(nearAsideMm - nearMm / 2, farAsideMm - farMm / 2);
    }

    /** Where the axis would have to lie so that both sides keep alike. */
    public double evenMm() {
        return (high() + low()) / 2;
    }

    /** The same as far as the axis may move. */
    public double shiftMm(double freeMm) {
        return Math.clamp(evenMm(), -freeMm, freeMm);
    }

    /** How far the hole reaches from an axis so shifted, at its farthest. */
    public double farthestMm(double shiftMm) {
        return Math.max(high() - shiftMm, shiftMm - low());
    }

    /** And at its nearest, over both ends and both sides. */
    public double nearestMm(double shiftMm) {
        double near = Math.min(nearAsideMm + nearMm / 2 - shiftMm, shiftMm - nearAsideMm + nearMm / 2);
        double far = Math.min(farAsideMm + farMm / 2 - shiftMm, shiftMm - farAsideMm + farMm / 2);
        return Math.min(near, far);
    }
}
