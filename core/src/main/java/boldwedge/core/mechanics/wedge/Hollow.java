package boldwedge.core.mechanics.wedge;

/**
 * The hollow that a wheel's periphery leaves in a ground surface.
 *
 * @param heightMm height of the surface, square to the wheel's axis, mm
 * @param wheelRadiusMm radius of the wheel, mm; infinite for the flat side of a cup wheel
 */
public record Hollow(double heightMm, double wheelRadiusMm) {

    /** Depth of the hollow below the chord: R − √(R² − w²/4), mm (nearly w² / 8R). */
    public double sagMm() {
        if (Double.isInfinite(wheelRadiusMm)) {
            return 0;
        }
        double half = Math.min(heightMm / 2, wheelRadiusMm);
        return wheelRadiusMm - Math.sqrt(wheelRadiusMm * wheelRadiusMm - half * half);
    }

    /**
     * How much steeper than its chord the hollow stands at the edge: asin(w / 2R), radians. The rest is set for the chord,
     * so the clearance at the very edge is larger than set by this much and the one at the heel smaller.
     */
    public double leanAtEdge() {
        return Double.isInfinite(wheelRadiusMm) ? 0 : Math.asin(Math.min(1, heightMm / (2 * wheelRadiusMm)));
    }
}
