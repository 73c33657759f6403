package boldwedge.server.plan;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.server.web.Text;
import boldwedge.server.web.TextRules.InLivingMemory;
import boldwedge.server.web.TextRules.Line;
import boldwedge.server.web.TextRules.Texts;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PositiveOrZero;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A cut as kept: every field as it was typed.
 *
 * @param id its id
 * @param version rises with each save
 * @param name what the shop calls the job
 * @param units what bare numbers mean
 * @param fields texts by field
 * @param savedAt when it was saved last
 * @param savedBy who saved it last; empty where nobody signs in
 * @param saidAt when it was saved, as the file says that it was taken from; null where it was saved here
 * @param saidBy who saved it, as that file says
 */
public record CutRecord(
        @NotNull(message = "This part is missing.") UUID id,

        @PositiveOrZero(message = "A version counts from 1.")
        int version,

        @Line(most = 120, missing = "Give the cut a name, such as the part it is for.")
        String name,

        @NotNull(message = "This part is missing.") UnitSystem units,
        @Texts Map<String, String> fields,
        @InLivingMemory @Nullable Instant savedAt,
        @Line(most = 80) String savedBy,
        @InLivingMemory @Nullable Instant saidAt,
        @Line(most = 80) String saidBy) {
    public CutRecord {
        name = Text.stripped(name);
        savedBy = Text.stripped(savedBy);
        saidBy = Text.stripped(saidBy);
    }

    /** The same from a file, which somebody takes in now: what it says of who saved it first, and when, stands beside it. */
    public CutRecord takenIn(String by) {
        return new CutRecord(
                id,
                version,
                name,
                units,
                fields,
                null,
                by,
                saidAt == null ? savedAt : saidAt,
                saidAt == null ? savedBy : saidBy);
    }
}
