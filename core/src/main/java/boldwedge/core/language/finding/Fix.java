package boldwedge.core.language.finding;

/**
 * A change that would mend a finding.
 *
 * @param label what the button says
 * @param field which field it changes; empty when it is done at the machine and nothing of the cut changes
 * @param text what it types there
 */
public record Fix(String label, String field, String text) {
    /** What is done at the machine, with the cut as it stands. */
    public static Fix atTheMachine(String label) {
        return new Fix(label, "", "");
    }
}
