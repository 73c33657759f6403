package boldwedge.server.trial;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.server.web.Text;
import boldwedge.server.web.TextRules.InLivingMemory;
import boldwedge.server.web.TextRules.Line;
import boldwedge.server.web.TextRules.Texts;
import com.fasterxml.jackson.annotation.JsonInclude;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A trial cut as kept.
 *
 * @param id its id
 * @param toolId the tool that was tried, if it is in the crib
 * @param cutId the cut it was made for, if that is kept
 * @param onDay when
 * @param units what bare numbers mean
 * @param fields the plan's texts at the time
 * @param readings what was run and measured
 * @param verdict the verdict in a line, as judged at the time
 * @param note anything to remember
 * @param savedAt when it was kept
 * @param savedBy who kept it; empty where nobody signs in
 * @param saidAt when it was saved, as the file says that it was taken from; null where it was saved here
 * @param saidBy who saved it, as that file says
 * @param aside true where it is set aside: it stays on record and teaches nothing; null where it counts
 */
public record TrialRecord(
        @NotNull(message = "This part is missing.") UUID id,
        @Nullable UUID toolId,
        @Nullable UUID cutId,

        @NotNull(message = "This part is missing.") @InLivingMemory
        LocalDate onDay,

        @NotNull(message = "This part is missing.") UnitSystem units,
        @Texts Map<String, String> fields,
        @Texts Map<String, String> readings,
        @Line(most = 4000) String verdict,
        @Line(most = 2000) String note,
        @InLivingMemory @Nullable Instant savedAt,
        @Line(most = 80) String savedBy,
        @InLivingMemory @Nullable Instant saidAt,
        @Line(most = 80) String saidBy,
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable Boolean aside) {
    public TrialRecord {
        verdict = Text.stripped(verdict);
        note = Text.stripped(note);
        savedBy = Text.stripped(savedBy);
        saidBy = Text.stripped(saidBy);
        aside = Boolean.TRUE.equals(aside) ? true : null;
    }

    boolean isSetAside() {
        return aside != null;
    }

    /** The same from a file, which somebody takes in now: what it says of who saved it first, and when, stands beside it. */
    public TrialRecord takenIn(String by) {
        return new TrialRecord(
                id,
                toolId,
                cutId,
                onDay,
                units,
                fields,
                readings,
                verdict,
                note,
                null,
                by,
                saidAt == null ? savedAt : saidAt,
                saidAt == null ? savedBy : saidBy,
                aside);
    }

    /** What was done: "bore", "turn"; empty where the cut did not say. */
    String operation() {
        return fields.getOrDefault("operation", "");
    }

    /** The same trial with its verdict, kept by somebody. */
    TrialRecord judged(String judgement, @Nullable UUID cut, String by) {
        return new TrialRecord(
                id, toolId, cut, onDay, units, fields, readings, judgement, note, savedAt, by, saidAt, saidBy, aside);
    }

    /** Whether both tell of the same trial. */
    boolean saysTheSameAs(TrialRecord other) {
        return Objects.equals(toolId, other.toolId)
                && onDay.equals(other.onDay)
                && units == other.units
                && fields.equals(other.fields)
                && readings.equals(other.readings)
                && note.equals(other.note);
    }
}
