package boldwedge.core.planning;

import boldwedge.core.language.words.Worded;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * What a field can be picked from.
 *
 * @param what what one of them is called: "bottom", "way of holding"
 * @param choices those that are listed
 * @param find what an id stands for; empty when it stands for nothing
 * @param shown how that is written where it was picked
 * @param instead a sentence for who asked for something else
 * @param <T> what they stand for
 */
public record Options<T>(
        String what,
        List<Choice> choices,
        Function<String, Optional<T>> find,
        Function<T, String> shown,
        String instead) {

    /** The constants of an enum, each by its words. */
    public static <E extends Enum<E> & Worded> Options<E> of(String what, E[] all) {
        return of(what, all, Choice.of(all));
    }

    /** The constants of an enum, each with what is said of it in the list. */
    public static <E extends Enum<E> & Worded> Options<E> of(String what, E[] all, List<Choice> choices) {
        return new Options<>(
                what,
                choices,
                id -> Arrays.stream(all)
                        .filter(one -> Entry.choice(one).equalsIgnoreCase(id))
                        .findFirst(),
                Worded::words,
                oneOf(choices));
    }

    /** A few things that stand for nothing but their own id. */
    public static Options<String> of(String what, Choice... choices) {
        return listed(what, List.of(choices), oneOf(List.of(choices)));
    }

    /** Many of the shop's things, known by their ids alone. */
    public static Options<String> listed(String what, List<Choice> choices) {
        return listed(what, choices, "Pick one from the list.");
    }

    private static Options<String> listed(String what, List<Choice> choices, String instead) {
        Function<String, Optional<Choice>> named =
                id -> choices.stream().filter(choice -> choice.id().equals(id)).findFirst();
        return new Options<>(
                what,
                choices,
                id -> named.apply(id).map(Choice::id),
                id -> named.apply(id).orElseThrow().words(),
                instead);
    }

    /**
     * Rows of a table.
     *
     * @param row how a row is listed
     * @param find the row of an id, which may be one that is not listed
     * @param shown what it is called where it was picked
     */
    public static <T> Options<T> rows(
            String what,
            Stream<T> rows,
            Function<T, Choice> row,
            Function<String, Optional<T>> find,
            Function<T, String> shown) {
        return new Options<>(what, rows.map(row).toList(), find, shown, "Pick one from the list.");
    }

    private static String oneOf(List<Choice> choices) {
        List<String> ids = choices.stream().map(Choice::id).toList();
        return ids.size() == 1
                ? "It can be " + ids.getFirst() + "."
                : "It can be " + String.join(", ", ids.subList(0, ids.size() - 1)) + " or " + ids.getLast() + ".";
    }
}
