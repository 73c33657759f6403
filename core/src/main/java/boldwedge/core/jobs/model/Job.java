package boldwedge.core.jobs.model;

import java.util.List;

/**
 * Lots that belong together.
 *
 * @param lots what is made
 * @param stock lengths that lie there
 * @param kerfMm what the saw takes
 * @param gripMm what is held last and cannot be sawn
 */
public record Job(List<Lot> lots, List<StockLength> stock, double kerfMm, double gripMm) {
    /**
     * A length that lies there.
     *
     * @param bar which bar, in the shop's words; empty where there is only one kind
     * @param lengthMm its length
     * @param count how many
     */
    public record StockLength(String bar, double lengthMm, int count) {}
}
