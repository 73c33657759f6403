package boldwedge.server.crib;

import boldwedge.core.measure.UnitSystem;
import boldwedge.server.web.Kept.InLivingMemory;
import boldwedge.server.web.Kept.Line;
import boldwedge.server.web.Kept.Texts;
import boldwedge.server.web.Text;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PositiveOrZero;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A tool as kept.
 *
 * @param id its id
 * @param version rises with each save
 * @param name what the shop calls it
 * @param drawer where it lives
 * @param note anything to remember
 * @param units what bare numbers mean
 * @param fields the tool's own texts by field: blank, angles, nose radius
 * @param savedAt when it was saved last
 * @param savedBy who saved it last; empty where nobody signs in
 */
public record ToolRecord(
        @NotNull(message = "This part is missing.") UUID id,

        @PositiveOrZero(message = "A version counts from 1.")
        int version,

        @Line(most = 120, missing = "Give the tool a name that you would call it by.")
        String name,

        @Line(most = 120) String drawer,
        @Line(most = 2000) String note,
        @NotNull(message = "This part is missing.") UnitSystem units,
        @Texts Map<String, String> fields,
        @InLivingMemory @Nullable Instant savedAt,
        @Line(most = 80) String savedBy) {
    public ToolRecord {
        name = Text.stripped(name);
        drawer = Text.stripped(drawer);
        note = Text.stripped(note);
        savedBy = Text.stripped(savedBy);
    }

    /** Whether both say the same of the tool, whenever and by whomever they were saved. */
    boolean saysTheSameAs(ToolRecord other) {
        return name.equals(other.name)
                && drawer.equals(other.drawer)
                && note.equals(other.note)
                && units == other.units
                && fields.equals(other.fields);
    }
}
