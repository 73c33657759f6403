package boldwedge.server.plan;

import boldwedge.core.measure.UnitSystem;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A kept cut in a list, with what it is in a sentence.
 *
 * @param version rises with each save
 * @param name what the shop calls the job
 * @param units what bare numbers mean
 * @param fields texts by field
 * @param savedAt when it was saved last
 * @param savedBy who saved it last; empty where nobody signs in
 * @param says the cut in a sentence
 */
record ListedCut(
        UUID id,
        int version,
        String name,
        UnitSystem units,
        Map<String, String> fields,
        @Nullable Instant savedAt,
        String savedBy,
        String says) {
    static ListedCut of(CutRecord cut, String says) {
        return new ListedCut(
                cut.id(), cut.version(), cut.name(), cut.units(), cut.fields(), cut.savedAt(), cut.savedBy(), says);
    }
}
