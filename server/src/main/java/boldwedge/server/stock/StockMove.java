package boldwedge.server.stock;

import boldwedge.core.jobs.stock.Count;
import boldwedge.core.jobs.stock.Movement;
import boldwedge.server.web.Text;
import boldwedge.server.web.TextRules.InLivingMemory;
import boldwedge.server.web.TextRules.Line;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Something that became of a thing in a drawer.
 *
 * @param id its id
 * @param lineId which thing
 * @param onDay on which day
 * @param movement what
 * @param amount of how many: pieces, or millimetres
 * @param ready by how much more, or fewer, are ready since
 * @param dull the same of dull ones
 * @param worn the same of those that are worn out
 * @param made pieces that each had made since it was fresh; null where nobody counted
 * @param note anything to remember
 * @param savedAt when this was said
 * @param savedBy who said it
 */
public record StockMove(
        @NotNull(message = "This part is missing.") UUID id,
        @NotNull(message = "This part is missing.") UUID lineId,

        @NotNull(message = "This part is missing.") @InLivingMemory
        LocalDate onDay,

        @NotNull(message = "This part is missing.") Movement movement,
        double amount,
        double ready,
        double dull,
        double worn,
        @Nullable Double made,
        @Line(most = 2000) String note,
        @InLivingMemory @Nullable Instant savedAt,
        @Line(most = 80) String savedBy) {
    public StockMove {
        note = Text.stripped(note);
        savedBy = Text.stripped(savedBy);
    }

    /** The same from a file, which somebody takes in now. */
    public StockMove takenIn(String by) {
        return new StockMove(id, lineId, onDay, movement, amount, ready, dull, worn, made, note, null, by);
    }

    Count by() {
        return new Count(ready, dull, worn);
    }

    /** Whether both say the same of the same thing. */
    boolean saysTheSameAs(StockMove other) {
        return lineId.equals(other.lineId)
                && onDay.equals(other.onDay)
                && movement == other.movement
                && amount == other.amount
                && java.util.Objects.equals(made, other.made)
                && note.equals(other.note);
    }
}
