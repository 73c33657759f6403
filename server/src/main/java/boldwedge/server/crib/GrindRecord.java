package boldwedge.server.crib;

import boldwedge.core.family.Families;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.server.web.Text;
import boldwedge.server.web.TextRules.InLivingMemory;
import boldwedge.server.web.TextRules.Line;
import boldwedge.server.web.TextRules.Texts;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A grind as kept.
 *
 * @param id its id
 * @param toolId the tool that was ground
 * @param onDay when
 * @param units what bare numbers mean
 * @param measured what was measured, by field: angles and nose radius
 * @param note anything to remember
 * @param savedAt when it was kept
 * @param savedBy who kept it; empty where nobody signs in
 * @param saidAt when it was saved, as the file says that it was taken from; null where it was saved here
 * @param saidBy who saved it, as that file says
 */
public record GrindRecord(
        @NotNull(message = "This part is missing.") UUID id,
        @NotNull(message = "This part is missing.") UUID toolId,

        @NotNull(message = "This part is missing.") @InLivingMemory
        LocalDate onDay,

        @NotNull(message = "This part is missing.") UnitSystem units,
        @Texts Map<String, String> measured,
        @Line(most = 2000) String note,
        @InLivingMemory @Nullable Instant savedAt,
        @Line(most = 80) String savedBy,
        @InLivingMemory @Nullable Instant saidAt,
        @Line(most = 80) String saidBy) {
    public GrindRecord {
        if (measured != null && units != null && measured.values().stream().noneMatch(Objects::isNull)) {
            measured = Families.spelledOut(measured, units);
        }
        note = Text.stripped(note);
        savedBy = Text.stripped(savedBy);
        saidBy = Text.stripped(saidBy);
    }

    /** The same from a file, which somebody takes in now: what it says of who saved it first, and when, stands beside it. */
    public GrindRecord takenIn(String by) {
        return new GrindRecord(
                id,
                toolId,
                onDay,
                units,
                measured,
                note,
                null,
                by,
                saidAt == null ? savedAt : saidAt,
                saidAt == null ? savedBy : saidBy);
    }

    /** Whether both tell of the same grind. */
    boolean saysTheSameAs(GrindRecord other) {
        return toolId.equals(other.toolId)
                && onDay.equals(other.onDay)
                && units == other.units
                && measured.equals(other.measured)
                && note.equals(other.note);
    }
}
