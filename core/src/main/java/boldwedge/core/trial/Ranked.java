package boldwedge.core.trial;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/**
 * The causes of what a trial showed.
 *
 * @param causes those that are worth a line, the likeliest first
 * @param first what is done about the likeliest
 */
public record Ranked(List<Cause> causes, Supplier<Optional<Remedy>> first) {
    /** Nothing to explain. */
    public static final Ranked NOTHING = new Ranked(List.of(), Optional::empty);

    /** What is done about the likeliest cause; empty where there is none, or nothing that is known helps. */
    public Optional<Remedy> remedy() {
        return first.get();
    }
}
