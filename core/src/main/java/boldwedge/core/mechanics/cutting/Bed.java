package boldwedge.core.mechanics.cutting;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;

/**
 * What lies along the bed of a lathe, as far as its card says.
 *
 * @param centresMm between its centres, the tailstock at the far end and its quill drawn in, mm
 * @param quillMm travel of the quill, mm
 * @param drills id of the set of drills that lies beside it
 * @param postPlaces tools that its post holds ready
 */
public record Bed(OptionalDouble centresMm, OptionalDouble quillMm, Optional<String> drills, OptionalInt postPlaces) {
    /** Of a post of which nothing is said. */
    private static final int USUAL_PLACES = 4;

    /** Tools that its post holds ready: as the card says, or four. */
    public int postPlacesOrUsual() {
        return postPlaces.orElse(USUAL_PLACES);
    }

    /** A card that says nothing of it. */
    public static final Bed UNSAID =
            new Bed(OptionalDouble.empty(), OptionalDouble.empty(), Optional.empty(), OptionalInt.empty());
}
