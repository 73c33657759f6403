package boldwedge.core.mechanics.cutting;

import java.util.List;
import java.util.OptionalDouble;

/**
 * What a machine has to cut by strokes with: a shaper's ram, or the handwheel of a lathe's carriage.
 *
 * @param perMinute strokes a minute that it can be set to, ascending; empty where they are not on the card
 * @param longestMm its longest stroke, mm
 * @param returnRatio time of the return over that of the cut
 * @param wheelTurnMm travel of the carriage for a turn of its handwheel, mm
 * @param wheelRadiusMm radius of that handwheel, mm
 * @param droopMm how far the ram's end sinks over its longest stroke, mm
 */
public record Strokes(
        List<Double> perMinute,
        OptionalDouble longestMm,
        OptionalDouble returnRatio,
        OptionalDouble wheelTurnMm,
        OptionalDouble wheelRadiusMm,
        OptionalDouble droopMm) {
    /** A card that says nothing of strokes. */
    public static final Strokes UNSAID = new Strokes(
            List.of(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalDouble.empty());

    /** A crank's return takes about so much of the time of its cut (custom of the trade). */
    private static final double USUAL_RATIO = 0.6;
    /** A ram of a shaper that is in order sinks by about so much over its stroke, per mm of it (ours). */
    private static final double USUAL_DROOP = 0.02 / 300;

    public Strokes {
        perMinute = perMinute.stream().sorted().toList();
    }

    /** Time of the return over that of the cut: from the card, or 0.6. */
    public double returnRatioOrUsual() {
        return returnRatio.orElse(USUAL_RATIO);
    }

    /** How far the ram sinks over a stroke, mm: by the card's reading over its longest, or 0.02 mm in 300. */
    public double droopMm(double strokeMm) {
        return droopMm.isPresent() && longestMm.isPresent()
                ? droopMm.getAsDouble() * strokeMm / longestMm.getAsDouble()
                : USUAL_DROOP * strokeMm;
    }

    /**
     * Strokes a minute for a cutting speed: n = 1000 · v / (L · (1 + m)).
     *
     * @param metresPerMinute cutting speed, m/min
     * @param strokeMm length of the stroke, mm
     * @param returnRatio time of the return over that of the cut
     */
    public static double perMinute(double metresPerMinute, double strokeMm, double returnRatio) {
        return 1000 * metresPerMinute / (strokeMm * (1 + returnRatio));
    }

    /**
     * The rate that is set for a cutting speed: the fastest on the card at or under it, its slowest where all are faster, the rate itself where the
     * card has no list; strokes a minute.
     *
     * @param metresPerMinute cutting speed, m/min
     * @param strokeMm length of the stroke, mm
     */
    public double setFor(double metresPerMinute, double strokeMm) {
        double wanted = perMinute(metresPerMinute, strokeMm, returnRatioOrUsual());
        return perMinute.reversed().stream()
                .filter(step -> step <= wanted * (1 + 1e-9))
                .findFirst()
                .orElse(perMinute.isEmpty() ? wanted : perMinute.getFirst());
    }

    /** Mean cutting speed at a rate, m/min: n · L · (1 + m) / 1000. */
    public double speed(double perMinute, double strokeMm) {
        return perMinute * strokeMm * (1 + returnRatioOrUsual()) / 1000;
    }
}
