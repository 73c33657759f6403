package boldwedge.server.plan;

import boldwedge.core.language.measure.UnitSystem;
import java.time.Instant;
import java.util.Map;

/**
 * A cut as it was before it was saved over.
 *
 * @param version which it was
 * @param name what it was called
 * @param units what bare numbers meant
 * @param fields texts by field
 * @param savedAt when it was saved
 * @param savedBy who saved it; empty where nobody signs in
 */
public record CutWas(
        int version, String name, UnitSystem units, Map<String, String> fields, Instant savedAt, String savedBy) {}
