package boldwedge.server.plan;

import boldwedge.core.language.measure.UnitSystem;
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
 * @param saidAt when it was saved, as the file says that it was taken from; null where it was saved here
 * @param saidBy who saved it, as that file says
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
        @Nullable Instant saidAt,
        String saidBy,
        String says) {
    static ListedCut of(CutRecord cut, String says) {
        return new ListedCut(
                cut.id(),
                cut.version(),
                cut.name(),
                cut.units(),
                cut.fields(),
                cut.savedAt(),
                cut.savedBy(),
                cut.saidAt(),
                cut.saidBy(),
                says);
    }
}
