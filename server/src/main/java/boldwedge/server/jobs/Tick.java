package boldwedge.server.jobs;

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
 * What has become of a task.
 *
 * @param jobId its job
 * @param task which
 * @param version rises with each change; 0 where nothing has become of it yet
 * @param startedAt when it was begun, by the shop's clock
 * @param doneAt when it was done
 * @param pinnedAt when it is to begin, where somebody wants it so
 * @param minutes what it was clocked at, where that was typed
 * @param lost pieces lost at it
 * @param savedAt when this was said
 * @param savedBy who said it
 */
public record Tick(
        @NotNull(message = "This part is missing.") UUID jobId,

        @Line(most = 4000, missing = "Which task is it?") String task,

        @PositiveOrZero(message = "A version counts from 1.")
        int version,

        @InLivingMemory @Nullable LocalDateTime startedAt,
        @InLivingMemory @Nullable LocalDateTime doneAt,
        @InLivingMemory @Nullable LocalDateTime pinnedAt,
        @Nullable Double minutes,
        int lost,
        @InLivingMemory @Nullable Instant savedAt,
        @Line(most = 80) String savedBy) {
    public Tick {
        task = Text.stripped(task);
        savedBy = Text.stripped(savedBy);
    }

    /** The same from a file, which somebody takes in now. */
    public Tick takenIn(String by) {
        return new Tick(jobId, task, version, startedAt, doneAt, pinnedAt, minutes, lost, null, by);
    }

    /** Whether both say the same of the same task. */
    boolean saysAs(Tick other) {
        return java.util.Objects.equals(startedAt, other.startedAt)
                && java.util.Objects.equals(doneAt, other.doneAt)
                && java.util.Objects.equals(pinnedAt, other.pinnedAt)
                && java.util.Objects.equals(minutes, other.minutes)
                && lost == other.lost;
    }
}
