package boldwedge.server.stock;

import boldwedge.server.web.Text;
import boldwedge.server.web.TextRules.InLivingMemory;
import boldwedge.server.web.TextRules.Line;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Positive;
import jakarta.validation.constraints.PositiveOrZero;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A thing of which several lie in a drawer, or a bar of which some is left.
 *
 * @param id its id
 * @param version rises with each save
 * @param name what the shop calls it
 * @param drawer where it lies
 * @param note anything to remember
 * @param measure what is counted of it
 * @param toolId the crib's tool that it is one of; null for none
 * @param waitDays days until a new one is there; null where nobody said
 * @param savedAt when it was saved last
 * @param savedBy who saved it last; empty where nobody signs in
 * @param saidAt when it was saved, as the file says that it was taken from; null where it was saved here
 * @param saidBy who saved it, as that file says
 */
public record StockLine(
        @NotNull(message = "This part is missing.") UUID id,

        @PositiveOrZero(message = "A version counts from 1.")
        int version,

        @Line(most = 120, missing = "Give it a name, such as: groove inserts 3 mm.")
        String name,

        @Line(most = 120) String drawer,
        @Line(most = 2000) String note,
        @NotNull(message = "This part is missing.") Measure measure,
        @Nullable UUID toolId,

        @Nullable
        @Positive(message = "It takes some days: more than 0.")
        @DecimalMax(value = "1000", message = "More than 1,000 days is never.")
        Double waitDays,

        @InLivingMemory @Nullable Instant savedAt,
        @Line(most = 80) String savedBy,
        @InLivingMemory @Nullable Instant saidAt,
        @Line(most = 80) String saidBy) {
    /** What is counted. */
    public enum Measure {
        PIECES,
        LENGTH
    }

    public StockLine {
        name = Text.stripped(name);
        drawer = Text.stripped(drawer);
        note = Text.stripped(note);
        savedBy = Text.stripped(savedBy);
        saidBy = Text.stripped(saidBy);
    }

    /** The same from a file, which somebody takes in now. */
    public StockLine takenIn(String by) {
        return new StockLine(
                id,
                version,
                name,
                drawer,
                note,
                measure,
                toolId,
                waitDays,
                null,
                by,
                saidAt == null ? savedAt : saidAt,
                saidAt == null ? savedBy : saidBy);
    }

    /** Whether both say the same, whenever and by whomever they were saved. */
    boolean saysTheSameAs(StockLine other) {
        return name.equals(other.name)
                && drawer.equals(other.drawer)
                && note.equals(other.note)
                && measure == other.measure
                && java.util.Objects.equals(toolId, other.toolId)
                && java.util.Objects.equals(waitDays, other.waitDays);
    }
}
