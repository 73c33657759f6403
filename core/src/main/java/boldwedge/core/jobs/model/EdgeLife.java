package boldwedge.core.jobs.model;

/**
 * An edge that wears: when it is ground, by how much, how many pieces it makes, how many edges lie there.
 *
 * @param wearMm width of the wear land on the flank, VB
 * @param clearanceRad clearance of that flank
 */
public record EdgeLife(double wearMm, double clearanceRad) {
    /** A land so wide is ground where size or finish is asked, mm (ISO 3685 speaks of 0.3 for roughing; the rest habit). */
    public static final double FINISHING_MM = 0.1;

    /** And where it only roughs. */
    public static final double ROUGHING_MM = 0.3;

    /** Burnt: all colour, and so much more, mm (habit). */
    public static final double BURNT_MM = 0.1;

    /** An edge may last half as long as it should (habit). */
    public static final double BAD_END = 0.5;

    private static final double SURE = 0.95;

    /** By how much the work has grown on the diameter, mm: 2 VB tan α. */
    public double driftMm() {
        return 2 * wearMm * Math.tan(clearanceRad);
    }

    /** What comes off the flank to clear the land, mm: VB sin α. */
    public double offFlankMm() {
        return wearMm * Math.sin(clearanceRad);
    }

    /** What comes off the face to clear it, mm: all of it. */
    public double offFaceMm() {
        return wearMm;
    }

    /** How often it can still be ground, where so much comes off each time. */
    public static int regrinds(double stockMm, double offMm) {
        return (int) Math.floor(stockMm / offMm + 1e-9);
    }

    /**
     * Life that costs least, minutes: (1/n − 1)(tc + Ce/Cm) (Taylor; Boothroyd and Knight, Fundamentals of Machining).
     *
     * @param exponent Taylor's n
     * @param changeMin minutes to change it
     * @param edgeCost what an edge costs
     * @param minuteCost what a minute of machine and hands costs
     */
    public static double cheapestMin(double exponent, double changeMin, double edgeCost, double minuteCost) {
        return (1 / exponent - 1) * (changeMin + edgeCost / minuteCost);
    }

    /** Whole pieces that an edge makes in its life; the next would be spoilt. */
    public static int pieces(double lifeMin, double pieceMin) {
        return (int) Math.floor(lifeMin / pieceMin + 1e-9);
    }

    /** Edges for so many pieces. */
    public static int edges(int wanted, int piecesEach) {
        return (wanted + piecesEach - 1) / Math.max(1, piecesEach);
    }

    /** Fewest that must lie there so that they last until new ones come, nineteen times in twenty: breakages are Poisson's. */
    public static int reorderAt(double breakagesMeanwhile) {
        int fewest = 0;
        double chance = Math.exp(-breakagesMeanwhile);
        double sum = chance;
        while (sum < SURE) {
            fewest++;
            chance *= breakagesMeanwhile / fewest;
            sum += chance;
        }
        return fewest;
    }
}
