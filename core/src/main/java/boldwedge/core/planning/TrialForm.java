package boldwedge.core.planning;

import boldwedge.core.language.words.Worded;
import java.util.List;
import java.util.stream.Stream;

/**
 * What can be read of a trial cut.
 *
 * @param readings what is measured or picked, in order
 * @param scene id of the drawing beside it
 * @param panels parts that the page draws by hand
 */
public record TrialForm(List<ReadingEntry> readings, String scene, List<Panel> panels) {
    /** A form beside a drawing; what can be read is added to it in order. */
    public static TrialForm beside(String scene) {
        return new TrialForm(List.of(), scene, List.of());
    }

    /** The same with a reading that is typed. */
    public TrialForm typed(String id, String label, String hint) {
        return reading(new ReadingEntry(id, label, hint, List.of(), "", false));
    }

    /** The same with what was moved since the first cut, typed: the page folds it away until something was. */
    public TrialForm moved(String id, String label, String hint) {
        return reading(new ReadingEntry(id, label, hint, List.of(), "", true));
    }

    /** The same with a reading that is picked; the first choice holds before anybody picks. */
    public <E extends Enum<E> & Worded> TrialForm picked(String id, String label, E[] all) {
        List<Choice> choices = Choice.of(all);
        return reading(
                new ReadingEntry(id, label, "", choices, choices.getFirst().id(), false));
    }

    /** The same with parts that the page draws by hand. */
    public TrialForm with(Panel... byHand) {
        return new TrialForm(readings, scene, List.of(byHand));
    }

    private TrialForm reading(ReadingEntry one) {
        return new TrialForm(Stream.concat(readings.stream(), Stream.of(one)).toList(), scene, panels);
    }

    /**
     * A reading.
     *
     * @param id its name in the API
     * @param label what it is called
     * @param hint what stands in its place while it is empty
     * @param choices what can be picked; empty when it is typed
     * @param usual what holds before anybody picks
     * @param moved whether it tells of what was moved since the first cut
     */
    public record ReadingEntry(
            String id, String label, String hint, List<Choice> choices, String usual, boolean moved) {}
}
