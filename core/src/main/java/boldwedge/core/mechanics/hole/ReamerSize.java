package boldwedge.core.mechanics.hole;

import boldwedge.core.language.stock.Span;

/**
 * Limits of a reamer for a hole, by the public rule of the reamer standards (ISO 522): the largest lies 15 % of the hole's tolerance under the hole's
 * largest, and the smallest lies 35 % of it under that, both shares rounded up to a micrometre.
 *
 * @param largestMm largest diameter of the new reamer, mm
 * @param smallestMm smallest diameter of the new reamer, mm
 */
public record ReamerSize(double largestMm, double smallestMm) {
    /** Share of the hole's tolerance that is left for what a reamer cuts over itself. */
    public static final double FOR_CUTTING_OVER = 0.15;

    /** Share of the hole's tolerance that its maker may use. */
    public static final double FOR_MAKING = 0.35;

    private static final double STEP_MM = 0.001;

    /** Limits for a hole. */
    public static ReamerSize of(double holeLeastMm, double holeMostMm) {
        double tolerance = holeMostMm - holeLeastMm;
        double largest = holeMostMm - up(FOR_CUTTING_OVER * tolerance);
        return new ReamerSize(largest, largest - up(FOR_MAKING * tolerance));
    }

    /** Stock that a reamer wants on the diameter, mm: 0.1 to 0.4 mm by size (custom of the trade; TC 9-524); under the least it rubs. */
    public static Span stock(double sizeMm) {
        double usual = Math.clamp(0.1 + 0.012 * sizeMm, 0.12, 0.4);
        return new Span(0.4 * usual, usual, 1.7 * usual);
    }

    /** Rounded up to a micrometre; what lies on one to within a nanometre stays. */
    private static double up(double mm) {
        return Math.ceil(mm / STEP_MM - 1e-3) * STEP_MM;
    }
}
