package boldwedge.core.mechanics.hole;

import boldwedge.core.language.stock.Span;
import org.hipparchus.special.Erf;

/**
 * How much larger a hole comes out than the drill or reamer that cut it, as a spread: the logarithm is normal, so that a hole is never
 * smaller than its tool by it and is now and then much larger.
 *
 * @param medianMm half of all holes are over their tool by less, mm on the diameter
 * @param sigma spread of the logarithm
 */
public record CutsOver(double medianMm, double sigma) {
    private static final double ROOT_2 = Math.sqrt(2);

    /** Where two thirds of all values lie: one spread to either side. */
    public static CutsOver of(Span span) {
        return new CutsOver(span.chosen(), Math.log(span.high() / span.low()) / 2);
    }

    /** The same as trials have taught it: the factor on the median, and what spread is left. */
    public CutsOver taught(double factor, double spread) {
        return new CutsOver(medianMm * factor, spread);
    }

    /** The same, all of it so many times as large. */
    public CutsOver times(double factor) {
        return new CutsOver(medianMm * factor, sigma);
    }

    /** Two thirds of all holes are over by more than this and less than {@link #highMm}, mm. */
    public double lowMm() {
        return medianMm * Math.exp(-sigma);
    }

    /** See {@link #lowMm}. */
    public double highMm() {
        return medianMm * Math.exp(sigma);
    }

    /** How thick holes lie at this much over their tool, over where they lie thickest: 0 to 1, for drawing. */
    public double density(double mm) {
        if (mm <= 0) {
            return 0;
        }
        double thickest = medianMm * Math.exp(-sigma * sigma);
        return bell(mm) / bell(thickest);
    }

    private double bell(double mm) {
        double z = Math.log(mm / medianMm) / sigma;
        return Math.exp(-z * z / 2) / mm;
    }

    /** The chance, 0 to 1, that a hole is over its tool by more than this, mm. */
    public double chanceOver(double mm) {
        return mm <= 0 ? 1 : 0.5 * Erf.erfc(Math.log(mm / medianMm) / (sigma * ROOT_2));
    }
}
