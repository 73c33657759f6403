package boldwedge.core.jobs.model;

import java.util.List;
import java.util.Map;

/** A job with the times that its operations were clocked at: each is moved as far as the clock is surer than what was stated. */
public final class Learned {
    private Learned() {}

    /**
     * The job with learned times.
     *
     * @param job as stated
     * @param ratios clocked over stated, by id of the operation
     */
    public static Job times(Job job, Map<String, List<Double>> ratios) {
        return new Job(
                job.lots().stream().map(lot -> times(lot, ratios)).toList(), job.stock(), job.kerfMm(), job.gripMm());
    }

    private static Lot times(Lot lot, Map<String, List<Double>> ratios) {
        return new Lot(
                lot.id(),
                lot.name(),
                lot.wanted(),
                lot.spare(),
                lot.blank(),
                lot.heat(),
                lot.operations().stream()
                        .map(one -> times(one, ratios.getOrDefault(one.id(), List.of())))
                        .toList());
    }

    private static Operation times(Operation one, List<Double> ratios) {
        double factor = LearnedTime.of(1, LearnedTime.HABIT, ratios).minutes();
        return new Operation(
                one.id(),
                one.name(),
                one.machine(),
                one.holding(),
                one.setUpMin() * factor,
                one.eachMin() * factor,
                one.hands(),
                one.unbroken(),
                one.gauge(),
                one.when(),
                one.bond(),
                one.after());
    }
}
