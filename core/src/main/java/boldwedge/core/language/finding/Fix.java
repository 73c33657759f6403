package boldwedge.core.language.finding;

import boldwedge.core.language.drawing.InputField;
import java.util.Map;

/**
 * A change that would mend a finding.
 *
 * @param label what the button says
 * @param field which field it changes; empty when it is done at the machine and nothing of the cut changes
 * @param text what it types there
 * @param readings what the next trial is told when it was done, by reading: how far the dial, the tailstock stand from where they were first set
 * @param opens what another cut is asked that is opened beside this one, by field; empty where none is. What both ask goes with it
 */
public record Fix(String label, String field, String text, Map<String, String> readings, Map<String, String> opens) {
    /** One of this cut alone. */
    public Fix(String label, String field, String text, Map<String, String> readings) {
        this(label, field, text, readings, Map.of());
    }

    /** One of which the next trial need not be told. */
    public Fix(String label, InputField field, String text) {
        this(label, field.id(), text, Map.of());
    }

    /** The same change under other words. */
    public Fix called(String words) {
        return new Fix(words, field, text, readings, opens);
    }

    /** Whether it is done at the machine, and nothing of the plan is typed. */
    public boolean isAtTheMachine() {
        return field.isEmpty();
    }

    /** What is done at the machine, with the cut as it stands. */
    public static Fix atTheMachine(String label) {
        return new Fix(label, "", "", Map.of());
    }

    /** What is done at the machine, and told to the next trial. */
    public static Fix atTheMachine(String label, Map<String, String> readings) {
        return new Fix(label, "", "", readings);
    }

    /** Another cut, opened beside this one: this one stays as it is. */
    public static Fix opening(String label, Map<String, String> fields) {
        return new Fix(label, "", "", Map.of(), fields);
    }
}
