package boldwedge.server.crib;

import boldwedge.core.family.Families;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.server.web.Text;
import boldwedge.server.web.TextRules.InLivingMemory;
import boldwedge.server.web.TextRules.Line;
import boldwedge.server.web.TextRules.Texts;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PositiveOrZero;
import java.time.Instant;
import java.util.Map;
import java.util.Objects;
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
 * @param kind what kind of thing it is; taken from what is written of it when it is not said
 * @param units what bare numbers mean
 * @param fields the tool's own texts by field, bare numbers with their unit written out
 * @param savedAt when it was saved last
 * @param savedBy who saved it last; empty where nobody signs in
 * @param saidAt when it was saved, as the file says that it was taken from; null where it was saved here
 * @param saidBy who saved it, as that file says
 */
public record ToolRecord(
        @NotNull(message = "This part is missing.") UUID id,

        @PositiveOrZero(message = "A version counts from 1.")
        int version,

        @Line(most = 120, missing = "Give the tool a name that you would call it by.")
        String name,

        @Line(most = 120) String drawer,
        @Line(most = 2000) String note,
        @Line(most = 40) String kind,
        @NotNull(message = "This part is missing.") UnitSystem units,
        @Texts Map<String, String> fields,
        @InLivingMemory @Nullable Instant savedAt,
        @Line(most = 80) String savedBy,
        @InLivingMemory @Nullable Instant saidAt,
        @Line(most = 80) String saidBy) {
    public ToolRecord {
        name = Text.stripped(name);
        drawer = Text.stripped(drawer);
        note = Text.stripped(note);
        kind = Text.stripped(kind);
        if (fields != null && units != null && fields.values().stream().noneMatch(Objects::isNull)) {
            fields = Families.spelledOut(fields, units);
        }
        if (kind.isEmpty() && fields != null) {
            kind = Families.kindOf(fields).id();
        }
        savedBy = Text.stripped(savedBy);
        saidBy = Text.stripped(saidBy);
    }

    /** The same from a file, which somebody takes in now: what it says of who saved it first, and when, stands beside it. */
    public ToolRecord takenIn(String by) {
        return new ToolRecord(
                id,
                version,
                name,
                drawer,
                note,
                kind,
                units,
                fields,
                null,
                by,
                saidAt == null ? savedAt : saidAt,
                saidAt == null ? savedBy : saidBy);
    }

    /** Whether both say the same of the tool, whenever and by whomever they were saved. */
    boolean saysTheSameAs(ToolRecord other) {
        return name.equals(other.name)
                && drawer.equals(other.drawer)
                && note.equals(other.note)
                && kind.equals(other.kind)
                && units == other.units
                && fields.equals(other.fields);
    }
}
