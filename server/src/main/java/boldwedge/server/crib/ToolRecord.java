package boldwedge.server.crib;

import boldwedge.core.measure.UnitSystem;
import java.util.Map;
import java.util.UUID;

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
 */
public record ToolRecord(
        UUID id, int version, String name, String drawer, String note, UnitSystem units, Map<String, String> fields) {}
