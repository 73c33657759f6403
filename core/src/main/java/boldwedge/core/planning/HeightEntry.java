package boldwedge.core.planning;

/**
 * Where the point's height goes that was worked out from what was measured.
 *
 * @param field the field of the height
 * @param within the field of the diameter at which it was measured
 * @param behind whether the tool stands behind the work, upside down
 */
public record HeightEntry(String field, String within, boolean behind) {}
