package boldwedge.server.crib;

import boldwedge.core.measure.UnitSystem;
import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;

/**
 * A grind as kept.
 *
 * @param id its id
 * @param toolId the tool that was ground
 * @param onDay when
 * @param units what bare numbers mean
 * @param measured what was measured, by field: angles and nose radius
 * @param note anything to remember
 */
public record GrindRecord(
        UUID id, UUID toolId, LocalDate onDay, UnitSystem units, Map<String, String> measured, String note) {}
