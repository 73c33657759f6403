package boldwedge.core.mechanics.cutting;

import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What lies along the bed of a lathe, as far as its card says.
 *
 * @param centresMm between its centres, the tailstock at the far end and its quill drawn in, mm
 * @param quillMm travel of the quill, mm
 * @param drills id of the set of drills that lies beside it
 */
public record Bed(OptionalDouble centresMm, OptionalDouble quillMm, Optional<String> drills) {
    /** A card that says nothing of it. */
    public static final Bed UNSAID = new Bed(OptionalDouble.empty(), OptionalDouble.empty(), Optional.empty());
}
