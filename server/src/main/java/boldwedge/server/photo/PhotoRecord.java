package boldwedge.server.photo;

import boldwedge.server.web.Text;
import boldwedge.server.web.TextRules.InLivingMemory;
import boldwedge.server.web.TextRules.Line;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.Arrays;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A photo as kept; of a tool, a grind or a trial, of one of them only.
 *
 * @param id its id
 * @param toolId the tool that it shows
 * @param grindId the grind that it shows
 * @param trialId the trial that it shows
 * @param note anything to remember
 * @param picture the picture itself, a JPEG, PNG or WebP
 * @param savedAt when it was kept
 * @param savedBy who kept it; empty where nobody signs in
 * @param saidAt when it was saved, as the file says that it was taken from; null where it was saved here
 * @param saidBy who saved it, as that file says
 */
@SuppressWarnings("ArrayRecordComponent") // never compared
public record PhotoRecord(
        @NotNull(message = "This part is missing.") UUID id,
        @Nullable UUID toolId,
        @Nullable UUID grindId,
        @Nullable UUID trialId,
        @Line(most = 2000) String note,
        @NotNull(message = "This part is missing.") byte[] picture,
        @InLivingMemory @Nullable Instant savedAt,
        @Line(most = 80) String savedBy,
        @InLivingMemory @Nullable Instant saidAt,
        @Line(most = 80) String saidBy) {
    public PhotoRecord {
        note = Text.stripped(note);
        savedBy = Text.stripped(savedBy);
        saidBy = Text.stripped(saidBy);
    }

    /** The same from a file, which somebody takes in now: what it says of who saved it first, and when, stands beside it. */
    public PhotoRecord takenIn(String by) {
        return new PhotoRecord(
                id,
                toolId,
                grindId,
                trialId,
                note,
                picture,
                null,
                by,
                saidAt == null ? savedAt : saidAt,
                saidAt == null ? savedBy : saidBy);
    }

    /** Whether it is of one thing, as it must be. */
    boolean isOfOne() {
        return Stream.of(toolId, grindId, trialId).filter(Objects::nonNull).count() == 1;
    }

    /** The same with the picture made anew. */
    PhotoRecord with(byte[] anew) {
        return new PhotoRecord(id, toolId, grindId, trialId, note, anew, savedAt, savedBy, saidAt, saidBy);
    }

    /** The same, kept by somebody now. */
    PhotoRecord by(String name) {
        return new PhotoRecord(id, toolId, grindId, trialId, note, picture, null, name, null, "");
    }

    /** Whether both are the same photo. */
    boolean saysTheSameAs(PhotoRecord other) {
        return Objects.equals(toolId, other.toolId)
                && Objects.equals(grindId, other.grindId)
                && Objects.equals(trialId, other.trialId)
                && note.equals(other.note)
                && Arrays.equals(picture, other.picture);
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof PhotoRecord photo && id.equals(photo.id) && saysTheSameAs(photo);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }

    @Override
    public String toString() {
        return "PhotoRecord[" + id + ", " + picture.length + " bytes]";
    }
}
