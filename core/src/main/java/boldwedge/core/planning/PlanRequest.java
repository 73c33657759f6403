package boldwedge.core.planning;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.trial.Calibration;
import boldwedge.core.trial.Calibrations;
import java.util.Map;
import java.util.Optional;

/**
 * What is asked.
 *
 * @param fields texts by field id; a missing or empty one takes its usual value or is chosen
 * @param units what bare numbers mean and which units the answer speaks
 * @param lathe the lathe that the field {@code lathe} names, if it was found
 * @param taught what trials have taught of this lathe, tool and material
 */
public record PlanRequest(Map<String, String> fields, UnitSystem units, Optional<Lathe> lathe, Calibrations taught) {
    /** A question about a machine that no trial has taught yet. */
    public PlanRequest(Map<String, String> fields, UnitSystem units, Optional<Lathe> lathe) {
        this(fields, units, lathe, Calibrations.NONE);
    }

    /** A question of which one thing has been taught. */
    public PlanRequest(Map<String, String> fields, UnitSystem units, Optional<Lathe> lathe, Calibration taught) {
        this(fields, units, lathe, Calibrations.of(taught));
    }

    public String text(Entry field) {
        String typed = fields.get(field.id());
        return typed == null ? "" : typed.strip();
    }
}
