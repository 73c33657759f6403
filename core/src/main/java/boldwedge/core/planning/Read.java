package boldwedge.core.planning;

import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What a request came to.
 *
 * @param states the fields as read
 * @param cut the cut worked out; empty when a field is wrong, and its state says so
 * @param <C> the family's cut
 */
public record Read<C>(Map<Entry, FieldState> states, Optional<C> cut) {
    private static final Pattern BLANK = Pattern.compile("\\{(\\w+)}");

    /** What is chosen in a field, by its id; empty when nothing is. */
    public String choice(Entry entry) {
        FieldState state = states.get(entry);
        return state == null ? "" : state.typed();
    }

    /** What stands in a field, in words, with its unit where it is a value; empty when nothing does. */
    public String text(Entry entry) {
        FieldState state = states.get(entry);
        if (state == null) {
            return "";
        }
        return entry.limits().isPresent() && !state.spelled().isEmpty() ? state.spelled() : state.text();
    }

    /** A line whose blanks {@code {diameter}} are filled with what stands in the fields of those ids. */
    public String filled(String line) {
        return BLANK.matcher(line)
                .replaceAll(blank -> Matcher.quoteReplacement(states.keySet().stream()
                        .filter(entry -> entry.id().equals(blank.group(1)))
                        .findFirst()
                        .map(this::text)
                        .orElse("")));
    }
}
