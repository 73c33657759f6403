package boldwedge.core.ask;

import boldwedge.core.cutting.Lathe;
import boldwedge.core.measure.UnitSystem;
import java.util.Map;
import java.util.Optional;

/**
 * What is asked.
 *
 * @param fields texts by field id; a missing or empty one takes its usual value or is chosen
 * @param units what bare numbers mean and which units the answer speaks
 * @param lathe the lathe that the field {@code lathe} names, if it was found
 */
public record PlanRequest(Map<String, String> fields, UnitSystem units, Optional<Lathe> lathe) {
    public String text(Entry field) {
        String typed = fields.get(field.id());
        return typed == null ? "" : typed.strip();
    }
}
