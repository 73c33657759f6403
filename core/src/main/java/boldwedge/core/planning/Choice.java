package boldwedge.core.planning;

import boldwedge.core.language.words.Worded;
import java.util.Arrays;
import java.util.List;

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
    public static <E extends Enum<E> & Worded> List<Choice> of(E[] all) {
        return Arrays.stream(all)
                .map(one -> new Choice(Entry.choice(one), one.words()))
                .toList();
    }
}
