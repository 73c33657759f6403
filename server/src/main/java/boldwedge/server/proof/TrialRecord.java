package boldwedge.server.proof;

import boldwedge.core.measure.UnitSystem;
import java.time.LocalDate;
import java.util.Map;
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
 */
public record TrialRecord(
        UUID id,
        @Nullable UUID toolId,
        @Nullable UUID cutId,
        LocalDate onDay,
        UnitSystem units,
        Map<String, String> fields,
        Map<String, String> readings,
        String verdict,
        String note) {}
