package boldwedge.core.trial;

/**
 * Something that may be other than reckoned, and what one unit of it does to the two readings of a trial cut.
 *
 * @param id stable name
 * @param nearMm what one unit adds to the first reading, a diameter, mm
 * @param farMm the same to the second
 * @param middle what it is expected to be; 0 for what is expected to be nothing
 * @param usual how far from that it usually lies, one standard deviation
 * @param bad how far from that it lies where something is amiss with it, one standard deviation
 * @param chance how often something is amiss with it, 0 to 1; 0 where that is not known to happen
 */
public record Influence(
        String id, double nearMm, double farMm, double middle, double usual, double bad, double chance) {

    /** One of which nothing is ever much amiss. */
    public static Influence usual(String id, double nearMm, double farMm, double middle, double usual) {
        return new Influence(id, nearMm, farMm, middle, usual, usual, 0);
    }

    double taperMm() {
        return farMm - nearMm;
    }
}
