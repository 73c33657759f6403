package boldwedge.core.mechanics.hole;

/**
 * A boring tool in a round hole, seen from its end: circle against circle for the bar, point against circle for the heel.
 * Frame: x to the side of the cut, y up, the hole's axis in the origin; the surface of the work passes the point downward.
 *
 * @param barRadiusMm radius of the bar, mm
 * @param reachMm from the bar's axis sideways to the point, mm
 * @param heightMm the point above (+) the hole's axis, mm
 * @param aheadMm the point above (+) the bar's own axis, mm: a face that stands ahead of it
 * @param clearanceRad clearance in hand below the point, radians
 * @param flankMm how far the flank goes down below the point, mm
 */
public record BoreFit(
        double barRadiusMm, double reachMm, double heightMm, double aheadMm, double clearanceRad, double flankMm) {

    /** Where the point is when it touches a hole of this radius: sideways, mm. */
    public double pointX(double holeRadiusMm) {
        return Math.sqrt(Math.max(0, holeRadiusMm * holeRadiusMm - heightMm * heightMm));
    }

    /** Sideways place of the bar's axis when the point touches a hole of this radius, mm. */
    public double barX(double holeRadiusMm) {
        return pointX(holeRadiusMm) - reachMm;
    }

    /** Height of the bar's axis over the hole's, mm. */
    public double barY() {
        return heightMm - aheadMm;
    }

    /** Least gap between bar and hole while the point touches it, mm; below 0 the bar does not fit. */
    public double gapMm(double holeRadiusMm) {
        return holeRadiusMm - Math.hypot(barX(holeRadiusMm), barY()) - barRadiusMm;
    }

    /** How far the point can be drawn back from the wall before the bar touches the other side, mm. */
    public double drawBackMm(double holeRadiusMm) {
        double room = holeRadiusMm - barRadiusMm;
        double half = room * room - barY() * barY();
        return room < 0 || half < 0 ? gapMm(holeRadiusMm) : barX(holeRadiusMm) + Math.sqrt(half);
    }

    /** Share of the hole's section that is left for chips. */
    public double chipRoom(double holeRadiusMm) {
        double share = barRadiusMm / holeRadiusMm;
        return 1 - share * share;
    }

    /** Gap between the heel, where the flank ends, and the hole, mm; below 0 it rubs. */
    public double heelGapMm(double holeRadiusMm) {
        double x = pointX(holeRadiusMm) - flankMm * Math.tan(clearanceRad);
        return holeRadiusMm - Math.hypot(x, heightMm - flankMm);
    }

    /**
     * Radius of the smallest hole in which the heel clears: with t = a·tan α for a flank a deep,
     * √(R² − h²) = (t² + a² − 2ah) / 2t; on centre that is a / sin 2α.
     */
    public double smallestRadiusForHeel() {
        double t = flankMm * Math.tan(clearanceRad);
        if (t <= 0) {
            return Double.POSITIVE_INFINITY;
        }
        double across = (t * t + flankMm * flankMm - 2 * flankMm * heightMm) / (2 * t);
        return Math.hypot(Math.max(0, across), heightMm);
    }

    /**
     * Clearance in hand that a flank of this depth needs in a hole, radians: tan α = (√(R² − h²) − √(R² − (a − h)²)) / a, on
     * centre α = ½ asin(a / R); a right angle where the flank is deeper than the hole is high there.
     */
    public static double clearanceForHeel(double flankMm, double holeRadiusMm, double heightMm) {
        double below = flankMm - heightMm;
        if (Math.abs(below) >= holeRadiusMm || Math.abs(heightMm) >= holeRadiusMm) {
            return Math.PI / 2;
        }
        double r2 = holeRadiusMm * holeRadiusMm;
        return Math.atan((Math.sqrt(r2 - heightMm * heightMm) - Math.sqrt(r2 - below * below)) / flankMm);
    }

    /**
     * Radius of the smallest hole that takes bar and point together: by bisection on the gap; infinite when none up to a
     * thousand times the bar does.
     */
    public double smallestRadiusForBar(double gapWantedMm) {
        double low = Math.abs(heightMm) + 1e-9;
        double high = 1000 * barRadiusMm;
        if (gapMm(high) < gapWantedMm) {
            return Double.POSITIVE_INFINITY;
        }
        for (int i = 0; i < 80; i++) {
            double mid = (low + high) / 2;
            if (gapMm(mid) < gapWantedMm) {
                low = mid;
            } else {
                high = mid;
            }
        }
        return high;
    }

    /**
     * Lean of the cutting direction at the point because of its height, asin(h / R), radians: inside a hole the signs are the
     * reverse of outside work. Above centre the tool gains clearance by it and loses rake.
     */
    public double lean(double holeRadiusMm) {
        return Math.asin(Math.clamp(heightMm / holeRadiusMm, -1, 1));
    }
}
