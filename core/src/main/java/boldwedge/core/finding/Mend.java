package boldwedge.core.finding;

/**
 * A change that would mend a finding.
 *
 * @param label what the button says
 * @param field which field it changes
 * @param text what it types there
 */
public record Mend(String label, String field, String text) {}
