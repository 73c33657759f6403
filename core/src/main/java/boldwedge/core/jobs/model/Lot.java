package boldwedge.core.jobs.model;

import java.util.List;
import java.util.Optional;

/**
 * Pieces that are all made the same way.
 *
 * @param id stable name within its job
 * @param name what they are
 * @param wanted how many are wanted
 * @param spare how many more are made, for what may be spoilt
 * @param blank the length that each is made from; empty where nothing is sawn
 * @param heat the steel and its section; empty where nothing is hardened
 * @param operations what is done, in order
 */
public record Lot(
        String id,
        String name,
        int wanted,
        int spare,
        Optional<Blank> blank,
        Optional<Heated> heat,
        List<Operation> operations) {
    /**
     * What each is made from.
     *
     * @param bar which bar it is sawn from, in the shop's words
     * @param lengthMm finished length
     * @param facingMm what both ends together lose when they are faced
     */
    public record Blank(String bar, double lengthMm, double facingMm) {}

    /**
     * What is hardened.
     *
     * @param steel id of the steel
     * @param sectionMm its thickest section, which sets the soak
     */
    public record Heated(String steel, double sectionMm) {}

    /** How many are begun. */
    public int pieces() {
        return wanted + spare;
    }
}
