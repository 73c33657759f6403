package boldwedge.core.planning;

import io.soabase.recordbuilder.core.RecordBuilder;
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
 * @param bareFor the same as bare for operations whose numbers come in another order, by operation
 * @param implied choices that follow where something else was said
 * @param sunk how a depth says what is wanted; empty where none does
 * @param follows sizes that a word brings along
 */
@RecordBuilder
public record SpokenAs(
        Map<String, String> verbs,
        Entry from,
        Entry finished,
        Optional<Entry> tolerance,
        List<Entry> bare,
        List<Marked> marked,
        List<Entry> picks,
        List<Derived> derived,
        List<Called> called,
        Map<String, List<Entry>> bareFor,
        List<Implied> implied,
        Optional<Sunk> sunk,
        List<Follows> follows)
        implements SpokenAsBuilder.With {
    /** One whose numbers come in one order, and where nothing follows. */
    public SpokenAs(
            Map<String, String> verbs,
            Entry from,
            Entry finished,
            Optional<Entry> tolerance,
            List<Entry> bare,
            List<Marked> marked,
            List<Entry> picks,
            List<Derived> derived,
            List<Called> called) {
        this(
                verbs,
                from,
                finished,
                tolerance,
                bare,
                marked,
                picks,
                derived,
                called,
                Map.of(),
                List.of(),
                Optional.empty(),
                List.of());
    }

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

    /** The same with numbers in another order for some operations. */
    public SpokenAs withBare(Map<String, List<Entry>> byOperation) {
        return withBareFor(byOperation);
    }

    /** The same with choices that follow where something else was said. */
    public SpokenAs implying(Implied... choices) {
        return withImplied(List.of(choices));
    }

    /** The same where a depth says how far what is wanted lies under what is there. */
    public SpokenAs sinking(String operation, String... words) {
        return withSunk(Optional.of(new Sunk(operation, List.of(words))));
    }

    /** The same with sizes that a word brings along. */
    public SpokenAs following(Follows... sizes) {
        return withFollows(List.of(sizes));
    }

    /** What numbers without a word are in this operation, in order. */
    public List<Entry> bareOf(String operation) {
        return bareFor.getOrDefault(operation, bare);
    }

    /**
     * A choice that is meant where something else is said that only counts with it, and the choice itself is not: "drill for M5" is for
     * its thread.
     *
     * @param entry the choice's field
     * @param choice its id
     * @param of what was said
     * @param unless where this was said too nothing follows
     */
    public record Implied(Entry entry, String choice, Entry of, Entry unless) {}

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
     * @param only the operation in which it is known so; empty: in all of the family
     */
    public record Marked(Entry entry, List<String> before, List<String> after, String only) {
        /** One of all operations. */
        public Marked(Entry entry, List<String> before, List<String> after) {
            this(entry, before, after, "");
        }

        /** Whether it holds in an operation. */
        public boolean holdsIn(String operation) {
            return only.isEmpty() || only.equals(operation);
        }
    }

    /**
     * A depth on the radius: "3 wide 2 deep in 40" is a groove down to 36.
     *
     * @param only the operation in which it is one
     * @param after words that stand behind it
     */
    public record Sunk(String only, List<String> after) {}

    /**
     * A size that a word brings along where it is not said: what is cored is out of round.
     *
     * @param word the word
     * @param entry the size
     * @param mm how much it is, mm
     */
    public record Follows(String word, Entry entry, double mm) {}

    /**
     * A size that is taken from another one where only that is said.
     *
     * @param entry the size
     * @param of the size that was said
     * @param plusMm what is added, mm, in a metric shop
     * @param plusInch the same in inches in an inch shop
     * @param notOver a size that no more than itself is added; empty where there is none
     */
    public record Derived(Entry entry, Entry of, double plusMm, double plusInch, Optional<Entry> notOver) {
        /** One that always adds as much. */
        public Derived(Entry entry, Entry of, double plusMm, double plusInch) {
            this(entry, of, plusMm, plusInch, Optional.empty());
        }
    }
}
