package boldwedge.core.planning;

import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.trial.Cause;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A trial cut judged.
 *
 * @param worked whether it could be judged
 * @param readings every reading as read; a wrong one says what is wrong
 * @param compared predicted beside measured
 * @param causes likeliest first
 * @param verdict in a line
 * @param next the one change to make next, if there is one
 * @param expected what that change should do
 * @param scene the work as measured and as predicted
 */
public record TrialAnswer(
        boolean worked,
        List<Reading> readings,
        List<Compared> compared,
        List<Cause> causes,
        String verdict,
        Optional<Fix> next,
        String expected,
        Optional<Scene> scene) {

    /** The same with another next change. */
    public TrialAnswer withNext(Fix other) {
        return new TrialAnswer(worked, readings, compared, causes, verdict, Optional.of(other), expected, scene);
    }

    /** The same where no size was read: nothing is compared, and the verdict says what it rests on. */
    public TrialAnswer withoutSizes(String words) {
        return new TrialAnswer(worked, readings, List.of(), causes, words, next, expected, scene);
    }

    /**
     * A reading as read.
     *
     * @param id which
     * @param label what it is called
     * @param typed as typed
     * @param other the same in the other units
     * @param error a sentence when it cannot be used; else empty
     */
    public record Reading(String id, String label, String typed, String other, String error) {}

    /**
     * One number predicted and measured.
     *
     * @param what what it is
     * @param predicted with its spread
     * @param measured what came out; empty when it was not measured
     * @param within whether it lies in the spread
     */
    public record Compared(String what, String predicted, String measured, boolean within) {
        /** A gauge reads to a hundredth: what is off by half of that is not off. */
        private static final double GAUGE_MM = 0.01;

        /**
         * A length held to its limits; nothing where it was not measured.
         *
         * @param read what was measured, mm
         * @param leastMm its lower limit, mm
         * @param mostMm its upper limit, mm
         */
        public static Optional<Compared> between(
                String what, OptionalDouble read, double leastMm, double mostMm, UnitFormat say) {
            return read.isEmpty()
                    ? Optional.empty()
                    : Optional.of(new Compared(
                            what,
                            say.length(leastMm) + " to " + say.length(mostMm),
                            say.length(read.getAsDouble()),
                            read.getAsDouble() >= leastMm - GAUGE_MM / 2
                                    && read.getAsDouble() <= mostMm + GAUGE_MM / 2));
        }
    }
}
