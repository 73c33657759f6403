package boldwedge.core.planning;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * How a cut of a family is said in one line: "turn 24 h6 from 25, 50 long, mild steel". Numbers are known by the words beside them, by a
 * fit behind them, or by their order.
 *
 * @param verbs operations by the words that ask for them, besides their own
 * @param from the size before, as in "19 to 20"; the first number of two with "to" between
 * @param finished the size wanted: the number with a fit behind it, or behind "to"
 * @param tolerance where a fit or limits go; empty where none is asked for
 * @param bare what numbers without a word are, in order, as far as it is still open
 * @param marked numbers known by a word beside them
 * @param picks choices that are known by their words
 * @param derived what is taken from another size where it is not said
 * @param called texts that their own reader knows, such as a thread's
 */
public record SpokenAs(
        Map<String, String> verbs,
        Entry from,
        Entry finished,
        Optional<Entry> tolerance,
        List<Entry> bare,
        List<Marked> marked,
        List<Entry> picks,
        List<Derived> derived,
        List<Called> called) {
    /** One without texts of its own. */
    public SpokenAs(
            Map<String, String> verbs,
            Entry from,
            Entry finished,
            Optional<Entry> tolerance,
            List<Entry> bare,
            List<Marked> marked,
            List<Entry> picks,
            List<Derived> derived) {
        this(verbs, from, finished, tolerance, bare, marked, picks, derived, List.of());
    }

    /**
     * A text that its own reader knows, of up to three words.
     *
     * @param entry where it goes
     * @param reads whether a text is one
     */
    public record Called(Entry entry, Predicate<String> reads) {}

    /**
     * A number known by a word beside it.
     *
     * @param entry where it goes
     * @param before words that stand before it
     * @param after words that stand behind it, or several words each
     */
    public record Marked(Entry entry, List<String> before, List<String> after) {}

    /**
     * A size that is taken from another one where only that is said.
     *
     * @param entry the size
     * @param of the size that was said
     * @param plusMm what is added, mm, in a metric shop
     * @param plusInch the same in inches in an inch shop
     */
    public record Derived(Entry entry, Entry of, double plusMm, double plusInch) {}
}
