package boldwedge.core.mechanics.thread;

/**
 * Whether a threading bar passes the hole that it threads: at full depth the bar must clear the crests, and with the point drawn clear of
 * the thread it must not touch the wall behind. Seen along the axis; the point stands out level from the bar.
 *
 * @param barMm diameter of the bar where it is in the hole, mm
 * @param pointMm from the bar's axis to the point, mm
 * @param barBelowMm how far the bar's axis lies below the point's height, mm; 0 when the point lies on the bar's axis
 * @param clearMm room wanted about the bar, mm
 */
public record BarInHole(double barMm, double pointMm, double barBelowMm, double clearMm) {
    /**
     * Room between bar and crests with the point at a radius, mm less what is wanted: below 0 it rubs.
     *
     * @param pointAtMm radius at which the point stands
     * @param crestMm radius of the crests of the hole
     */
    public double room(double pointAtMm, double crestMm) {
        double centre = Math.hypot(pointAtMm - pointMm, barBelowMm);
        return crestMm - centre - barMm / 2 - clearMm;
    }

    /** Room at full depth, mm: the point at the thread's root. */
    public double roomAtDepth(double rootMm, double crestMm) {
        return room(rootMm, crestMm);
    }

    /** Room with the point drawn out, clear of the crests, mm. */
    public double roomDrawnOut(double crestMm) {
        return room(crestMm - clearMm, crestMm);
    }

    /** Depth of the thread at which the bar begins to rub on the crests, mm on the radius; the whole depth and more where it does not. */
    public double rubsAt(double crestMm) {
        // Room shrinks as the point goes out on the side of the point: |x − a| with x < a shrinks first, so the far
        // side is met when drawn out.
        double reach = Math.sqrt(Math.max(0, square(crestMm - barMm / 2 - clearMm) - barBelowMm * barBelowMm));
        return pointMm + reach - crestMm;
    }

    private static double square(double value) {
        return value * Math.abs(value);
    }

    /**
     * The thickest bar that passes, its point set out for it, mm: with S = (t + c)/2, the point's place between rubbing at depth and behind, it is
     * 2 · (h − c − √(S² + b²)); 2 h − t − 3 c with the point on its axis. 0 or less where none does.
     *
     * @param crestMm radius of the crests of the hole, h
     * @param depthMm depth of the thread, t
     * @param clearMm room wanted, c
     * @param belowMm axis below the point, b
     */
    public static double thickest(double crestMm, double depthMm, double clearMm, double belowMm) {
        return 2 * (crestMm - clearMm - Math.hypot((depthMm + clearMm) / 2, belowMm));
    }

    /**
     * Least reach of the point from the bar's axis for a depth, mm: h + t − √((h − r − c)² − b²); r + t + c with the point on its axis. The bar must be
     * one that passes.
     */
    public static double leastPoint(double barMm, double crestMm, double depthMm, double clearMm, double belowMm) {
        double free = crestMm - barMm / 2 - clearMm;
        return crestMm + depthMm - Math.sqrt(Math.max(0, free * free - belowMm * belowMm));
    }
}
