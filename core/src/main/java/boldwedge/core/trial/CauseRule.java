package boldwedge.core.trial;

import boldwedge.core.language.measure.UnitFormat;
import java.util.List;

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
    void ask(C cut, S seen, Causes found);

    /** The causes that all rules name, the likeliest first. */
    static <C, S> Ranked ranked(List<CauseRule<C, S>> rules, C cut, S seen, UnitFormat say) {
        Causes causes = new Causes(say);
        rules.forEach(rule -> rule.ask(cut, seen, causes));
        return causes.ranked();
    }
}
