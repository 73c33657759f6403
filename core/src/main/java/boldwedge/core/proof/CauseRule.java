package boldwedge.core.proof;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

/**
 * A question asked of a trial: what would explain this sign? It names causes, each with how well its computed effect fits what was
 * seen; none where the sign is not there.
 *
 * @param <C> the cut that was run, worked out
 * @param <S> what was seen of it
 */
@FunctionalInterface
public interface CauseRule<C, S> {
    /**
     * Tells the causes that come up.
     *
     * @param cut the cut that was run
     * @param seen what was seen of it
     * @param found takes each of them
     */
    void ask(C cut, S seen, Consumer<Cause> found);

    /** The causes that all rules name, the likeliest first. */
    static <C, S> List<Cause> ranked(List<CauseRule<C, S>> rules, C cut, S seen) {
        List<Cause> causes = new ArrayList<>();
        rules.forEach(rule -> rule.ask(cut, seen, causes::add));
        return Cause.ranked(causes);
    }
}
