package boldwedge.server.shop;

import boldwedge.core.measure.UnitSystem;
import java.util.Map;
import java.util.UUID;

/**
 * A lathe as kept.
 *
 * @param id its id
 * @param version rises with each save
 * @param units what bare numbers on its card mean
 * @param card texts by entry, see {@code LatheCard}
 */
public record LatheRecord(UUID id, int version, UnitSystem units, Map<String, String> card) {}
