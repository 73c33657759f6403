package boldwedge.core.jobs.model;

/**
 * How soon an operation follows another of its lot.
 *
 * @param to id of that operation; empty where it is the one before it
 * @param leastMin minutes that must lie between them
 * @param mostMin minutes that may lie between them; infinite where nothing presses
 */
public record Bond(String to, double leastMin, double mostMin) {
    /** After it, whenever there is time. */
    public static final Bond FREE = new Bond("", 0, Double.POSITIVE_INFINITY);

    /** No gap: out of the furnace and into the bath. */
    public static final Bond AT_ONCE = new Bond("", 0, 0);

    /** The same to another operation of the lot. */
    public Bond to(String operation) {
        return new Bond(operation, leastMin, mostMin);
    }

    /** Whether it presses. */
    public boolean presses() {
        return Double.isFinite(mostMin);
    }
}
