package boldwedge.core.planning;

import java.util.Arrays;
import java.util.List;
import java.util.function.Function;

/**
 * One thing to pick.
 *
 * @param id what is sent
 * @param words what is read
 * @param more a line more about it; may be empty
 */
public record Choice(String id, String words, String more) {
    /** One that needs no more words. */
    public Choice(String id, String words) {
        this(id, words, "");
    }

    /** The constants of an enum, each by its words. */
    public static <E extends Enum<E>> List<Choice> of(E[] all, Function<E, String> words) {
        return Arrays.stream(all)
                .map(one -> new Choice(Entry.choice(one), words.apply(one)))
                .toList();
    }
}
