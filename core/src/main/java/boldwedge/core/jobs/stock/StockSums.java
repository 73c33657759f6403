package boldwedge.core.jobs.stock;

import boldwedge.core.jobs.model.EdgeLife;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * What the movements of a thing come to.
 *
 * @param reorderAt so many left is the time to order; empty where nothing was lost yet, or nobody said how long new ones take
 * @param order whether it is time
 * @param sentences the same in words, and what an edge makes
 */
public record StockSums(OptionalInt reorderAt, boolean order, List<String> sentences) {
    /** A rate from fewer days is none, days (ours). */
    private static final double LEAST_DAYS = 30;

    private static final double DAYS_A_YEAR = 365.25;

    /**
     * What became of some.
     *
     * @param movement what
     * @param amount of how many: pieces, or mm
     * @param daysAgo when
     * @param made pieces that each had made, where that was counted
     */
    public record Moved(Movement movement, double amount, double daysAgo, OptionalDouble made) {}

    /**
     * Sums up.
     *
     * @param count what is there
     * @param moved all that became of it
     * @param waitDays how long new ones take to come, days
     * @param pieces whether it is counted; else its length is measured
     * @param units in which it is told
     */
    public static StockSums of(
            Count count, List<Moved> moved, OptionalDouble waitDays, boolean pieces, UnitSystem units) {
        List<String> sentences = new ArrayList<>();
        OptionalInt reorder = OptionalInt.empty();
        double days = moved.stream().mapToDouble(Moved::daysAgo).max().orElse(0);
        double lost = moved.stream()
                .filter(one -> one.movement().loses())
                .mapToDouble(Moved::amount)
                .sum();
        boolean order = false;
        if (lost > 0) {
            double aDay = lost / Math.max(LEAST_DAYS, days);
            String seen = Written.words(
                    "%s gone in %s days",
                    pieces ? Written.places(lost, 0) : new UnitFormat(units).length(lost),
                    Written.places(Math.max(1, days), 0));
            if (waitDays.isEmpty()) {
                sentences.add(seen + ". Say how many days a new one takes, and it tells when to order.");
            } else if (pieces) {
                double meanwhile = aDay * waitDays.getAsDouble();
                // With none left nothing cuts, however seldom one is lost.
                reorder = OptionalInt.of(Math.max(1, EdgeLife.reorderAt(meanwhile)));
                order = count.ready() + count.dull() <= reorder.getAsInt();
                sentences.add(Written.words(
                        "%s: about %s in the %s days that a new one takes. Order when %s left: nineteen times in twenty that lasts until then.%s",
                        seen,
                        meanwhile < 0.05 ? "none" : Written.places(meanwhile, 1),
                        Written.places(waitDays.getAsDouble(), 0),
                        reorder.getAsInt() == 1 ? "1 is" : reorder.getAsInt() + " are",
                        order ? " That is now." : ""));
            } else {
                double meanwhile = aDay * waitDays.getAsDouble();
                order = count.ready() <= meanwhile;
                sentences.add(Written.words(
                        "%s: what is left lasts about %s days, a new one takes %s.%s",
                        seen,
                        Written.places(Math.min(count.ready() / aDay, 10 * DAYS_A_YEAR), 0),
                        Written.places(waitDays.getAsDouble(), 0),
                        order ? " Order now." : ""));
            }
        }
        List<Double> made = moved.stream()
                .filter(one -> one.made().isPresent() && one.made().getAsDouble() > 0)
                .map(one -> one.made().getAsDouble())
                .toList();
        if (!made.isEmpty()) {
            EdgeLog log = EdgeLog.of(made);
            sentences.add(Written.words(
                    "An edge makes about %s pieces (%s logged; the next one between %s and %s, nine times in ten%s).",
                    Written.places(log.middle(), 0),
                    log.edges(),
                    Written.places(Math.floor(log.low()), 0),
                    Written.places(Math.ceil(log.high()), 0),
                    log.edges() < EdgeLog.FEW ? ": a guess until three are logged" : ""));
            sentences.add(Written.words(
                    "Change at %s, before it fails.", Written.places(Math.max(1, Math.floor(log.low())), 0)));
        }
        return new StockSums(reorder, order, List.copyOf(sentences));
    }
}
