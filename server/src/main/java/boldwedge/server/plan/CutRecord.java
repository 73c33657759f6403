package boldwedge.server.plan;

import boldwedge.core.measure.UnitSystem;
import java.util.Map;
import java.util.UUID;

/**
 * A cut as kept: every field as it was typed.
 *
 * @param id its id
 * @param version rises with each save
 * @param name what the shop calls the job
 * @param units what bare numbers mean
 * @param fields texts by field
 */
public record CutRecord(UUID id, int version, String name, UnitSystem units, Map<String, String> fields) {}
