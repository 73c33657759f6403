package boldwedge.server.jobs;

import boldwedge.core.jobs.entry.JobTexts;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.server.web.Text;
import boldwedge.server.web.TextRules.InLivingMemory;
import boldwedge.server.web.TextRules.Line;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PositiveOrZero;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A job as kept: its sheet as it was typed.
 *
 * @param id its id
 * @param version rises with each save
 * @param name what the shop calls it
 * @param due by when it is wanted, by the shop's clock; null where no day is named
 * @param units what bare numbers mean
 * @param sheet lots, operations and stock as typed
 * @param done whether it is put away
 * @param savedAt when it was saved last
 * @param savedBy who saved it last; empty where nobody signs in
 * @param saidAt when it was saved, as the file says that it was taken from; null where it was saved here
 * @param saidBy who saved it, as that file says
 */
public record JobRecord(
        @NotNull(message = "This part is missing.") UUID id,

        @PositiveOrZero(message = "A version counts from 1.")
        int version,

        @Line(most = 120, missing = "Give the job a name, such as the tool it is for.")
        String name,

        @InLivingMemory @Nullable LocalDateTime due,
        @NotNull(message = "This part is missing.") UnitSystem units,
        @NotNull(message = "This part is missing.") JobTexts sheet,
        boolean done,
        @InLivingMemory @Nullable Instant savedAt,
        @Line(most = 80) String savedBy,
        @InLivingMemory @Nullable Instant saidAt,
        @Line(most = 80) String saidBy) {
    public JobRecord {
        name = Text.stripped(name);
        savedBy = Text.stripped(savedBy);
        saidBy = Text.stripped(saidBy);
    }

    /** The same, wanted by then. */
    public JobRecord wantedBy(LocalDateTime day) {
        return new JobRecord(id, version, name, day, units, sheet, done, savedAt, savedBy, saidAt, saidBy);
    }

    /** The same from a file, which somebody takes in now. */
    public JobRecord takenIn(String by) {
        return new JobRecord(
                id,
                version,
                name,
                due,
                units,
                sheet,
                done,
                null,
                by,
                saidAt == null ? savedAt : saidAt,
                saidAt == null ? savedBy : saidBy);
    }
}
