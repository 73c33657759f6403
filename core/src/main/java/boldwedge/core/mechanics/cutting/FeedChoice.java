package boldwedge.core.mechanics.cutting;

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
        double wanted = raMm / Finish.USUAL_OVER_THEORY;
        double limit = coarsest(edge, wanted, mostMm);
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

    /** Finer than this no lathe feeds, mm a turn. */
    private static final double FINEST_MM = 1e-4;

    /**
     * The coarsest feed up to the most that leaves this Ra: a secant's steps in logarithms, held in a bracket. Ra goes nearly as f², so
     * that the first step, taken as if it did, is close.
     */
    private static double coarsest(EdgeProfile edge, double wantedMm, double mostMm) {
        double low = Math.log(FINEST_MM);
        double high = Math.log(mostMm);
        double from = high;
        double over = Math.log(Finish.of(edge, mostMm).raMm() / wantedMm);
        if (over <= 0) {
            return mostMm;
        }
        if (Double.isInfinite(over)) {
            // The trailing edge drags: no feed is known to leave a finish.
            return FINEST_MM;
        }
        double at = high - over / 2;
        for (int i = 0; i < 60 && high - low > 1e-9; i++) {
            at = at > low && at < high ? at : (low + high) / 2;
            double off = Math.log(Finish.of(edge, Math.exp(at)).raMm() / wantedMm);
            if (Math.abs(off) < 1e-7) {
                break;
            }
            if (off > 0) {
                high = at;
            } else {
                low = at;
            }
            double slope = (over - off) / (from - at);
            from = at;
            over = off;
            at -= off / slope;
        }
        return Math.exp(Math.clamp(at, low, high));
    }
}
