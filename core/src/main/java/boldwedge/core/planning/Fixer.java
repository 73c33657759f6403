package boldwedge.core.planning;

import boldwedge.core.language.finding.Fix;
import boldwedge.core.trial.Remedy;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * Types a change into a cut and works it out again, so that what is proposed is known to help.
 *
 * @param run the cut as it was run
 * @param work how a family reads a request and works its cut out; empty when a field is wrong
 * @param <C> the cut, worked out
 */
public record Fixer<C>(PlanRequest run, Function<PlanRequest, Optional<C>> work) {
    /** A pass as light as this tells alignment from spring, mm. */
    private static final double LIGHT_PASS_MM = 0.1;

    /** The cut with a change typed in; empty when it cannot be worked out so. */
    public Optional<C> with(Fix mend) {
        return with(mend.field(), mend.text());
    }

    /** The cut with a field typed over; empty when it cannot be worked out so. */
    public Optional<C> with(String field, String text) {
        return work.apply(run.with(field, text));
    }

    /**
     * Nothing is changed by a size that was read warm, where warmth may be more of it than the tolerance bears: the same piece is read again.
     *
     * @param kept readings that stay for it: where it is read, what was moved
     */
    public static Remedy cooling(Map<String, String> kept) {
        Map<String, String> readings = new HashMap<>(kept);
        readings.put("warmth", "cold");
        return new Remedy(
                Fix.atTheMachine("Let it cool to the room, then read the same piece again", readings),
                "A hand does not feel warmth well enough for this tolerance; nothing is dialled by a warm piece.",
                0);
    }

    /**
     * No headstock is moved before a light pass leaves the same taper; empty when the trial was a light pass already.
     *
     * @param depth the field of the depth of cut
     * @param depthMm what was taken, mm
     * @param light says a length as it is typed
     */
    public static Optional<Remedy> lightPass(Entry depth, double depthMm, Function<Double, String> light) {
        if (depthMm <= LIGHT_PASS_MM * 1.2) {
            return Optional.empty();
        }
        String text = light.apply(LIGHT_PASS_MM);
        return Optional.of(new Remedy(
                new Fix("Light spring pass to separate spring from alignment", depth, text),
                "A pass of " + text + " leaves less spring; a taper that stays the same is alignment.",
                1));
    }
}
