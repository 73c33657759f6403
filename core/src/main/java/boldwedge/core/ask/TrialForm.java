package boldwedge.core.ask;

import java.util.List;

/**
 * What can be read of a trial cut.
 *
 * @param readings what is measured or picked, in order
 * @param scene id of the drawing beside it
 * @param panels parts that the page draws by hand
 */
public record TrialForm(List<ReadingEntry> readings, String scene, List<Panel> panels) {
    /**
     * A reading.
     *
     * @param id its name in the API
     * @param label what it is called
     * @param hint what stands in its place while it is empty
     * @param choices what can be picked; empty when it is typed
     * @param usual what holds before anybody picks
     */
    public record ReadingEntry(String id, String label, String hint, List<Choice> choices, String usual) {
        /** One that is typed. */
        public static ReadingEntry typed(String id, String label, String hint) {
            return new ReadingEntry(id, label, hint, List.of(), "");
        }

        /** One that is picked; the first holds before anybody does. */
        public static ReadingEntry picked(String id, String label, List<Choice> choices) {
            return new ReadingEntry(id, label, "", choices, choices.getFirst().id());
        }
    }
}
