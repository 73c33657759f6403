package boldwedge.core.cutting;

import java.util.List;
import java.util.OptionalDouble;

/**
 * The feed for a finish.
 *
 * @param feedMm the feed chosen, mm/rev
 * @param limitMm the coarsest feed that would still give the finish with this edge, mm/rev
 * @param fromList whether it is one of the lathe's feeds (else fed by hand, or none is fine enough)
 * @param fineEnough whether it gives the finish
 */
public record FeedChoice(double feedMm, double limitMm, boolean fromList, boolean fineEnough) {

    /**
     * The coarsest of the lathe's feeds that leaves the finish wanted, with the usual surplus of measured over theoretical
     * roughness.
     *
     * @param edge the edge in use
     * @param raMm finish wanted, Ra in mm
     * @param mostMm coarsest feed to consider for other reasons (nose, depth), mm/rev
     * @param feeds the lathe's feeds, ascending; may be empty
     */
    public static FeedChoice forFinish(EdgeProfile edge, double raMm, double mostMm, List<Double> feeds) {
        double wanted = raMm / Finish.MEASURED_OVER_THEORY[1];
        double low = 1e-4;
        double high = mostMm;
        if (Finish.of(edge, high).raMm() > wanted) {
            for (int i = 0; i < 22; i++) {
                double middle = (low + high) / 2;
                if (Finish.of(edge, middle).raMm() > wanted) {
                    high = middle;
                } else {
                    low = middle;
                }
            }
        }
        double limit = high;
        if (feeds.isEmpty()) {
            return new FeedChoice(
                    Math.floor(limit * 100) / 100 > 0 ? Math.floor(limit * 100) / 100 : limit, limit, false, true);
        }
        OptionalDouble best = feeds.stream()
                .mapToDouble(Double::doubleValue)
                .filter(feed -> feed <= limit * (1 + 1e-9))
                .max();
        return best.isPresent()
                ? new FeedChoice(best.getAsDouble(), limit, true, true)
                : new FeedChoice(feeds.getFirst(), limit, true, false);
    }
}
