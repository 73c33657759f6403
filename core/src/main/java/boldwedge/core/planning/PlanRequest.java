package boldwedge.core.planning;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.trial.Calibration;
import boldwedge.core.trial.Calibrations;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What is asked.
 *
 * @param fields texts by field id; a missing or empty one takes its usual value or is chosen
 * @param units what bare numbers mean and which units the answer speaks
 * @param lathe the lathe that the field {@code lathe} names, if it was found
 * @param taught what trials have taught of this lathe, tool and material
 * @param own texts by field that the program puts in place of the usual ones, where nothing was typed
 */
public record PlanRequest(
        Map<String, String> fields,
        UnitSystem units,
        Optional<Lathe> lathe,
        Calibrations taught,
        Map<String, String> own) {
    /** A question as it is asked: the program has chosen nothing yet. */
    public PlanRequest(Map<String, String> fields, UnitSystem units, Optional<Lathe> lathe, Calibrations taught) {
        this(fields, units, lathe, taught, Map.of());
    }

    /** A question about a machine that no trial has taught yet. */
    public PlanRequest(Map<String, String> fields, UnitSystem units, Optional<Lathe> lathe) {
        this(fields, units, lathe, Calibrations.NONE);
    }

    /** A question of which one thing has been taught. */
    public PlanRequest(Map<String, String> fields, UnitSystem units, Optional<Lathe> lathe, Calibration taught) {
        this(fields, units, lathe, Calibrations.of(taught));
    }

    /** The same with a field typed over. */
    public PlanRequest with(String field, String text) {
        Map<String, String> changed = new HashMap<>(fields);
        changed.put(field, text);
        return withFields(changed);
    }

    /** The same with other texts typed. */
    public PlanRequest withFields(Map<String, String> texts) {
        return new PlanRequest(texts, units, lathe, taught, own);
    }

    /** The same with a choice of the program's in place of the usual. */
    public PlanRequest withOwn(String field, String text) {
        Map<String, String> changed = new HashMap<>(own);
        changed.put(field, text);
        return new PlanRequest(fields, units, lathe, taught, changed);
    }

    /** The same as if no trial had been made yet. */
    public PlanRequest untaught() {
        return new PlanRequest(fields, units, lathe, Calibrations.NONE, own);
    }

    /** What stands in a field before anybody types: the program's choice, or the usual text; empty when it is left open. */
    public String standing(Entry field) {
        return own.getOrDefault(field.id(), field.usual(units));
    }

    public String text(Entry field) {
        String typed = fields.get(field.id());
        return typed == null ? "" : typed.strip();
    }
}
