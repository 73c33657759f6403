package boldwedge.core.language.measure;

/**
 * What a field will take, in the base unit of its quantity.
 *
 * @param quantity what is asked for
 * @param least the smallest value taken, inclusive
 * @param most the largest value taken, inclusive
 */
public record Limits(Quantity quantity, double least, double most) {

    /** Anything at all of this quantity. */
    public static Limits any(Quantity quantity) {
        return new Limits(quantity, Double.NEGATIVE_INFINITY, Double.POSITIVE_INFINITY);
    }
}
