package boldwedge.core.rule;

import boldwedge.core.finding.Finding;
import boldwedge.core.measure.Say;
import java.util.List;

/**
 * A question asked of a cut and answered by findings; none where it does not come up. A family declares its own in a list, and what
 * asks them (an answer, a match of a tool, a proposal after a trial) needs to know nothing else of it.
 *
 * @param <C> the cut, worked out
 */
@FunctionalInterface
public interface Rule<C> {
    /**
     * The answer in the asker's units.
     *
     * @param cut the cut
     * @param say the units to say it in
     */
    List<Finding> ask(C cut, Say say);

    /** What several rules answer, in their order. */
    static <C> List<Finding> ask(List<Rule<C>> rules, C cut, Say say) {
        return rules.stream().flatMap(rule -> rule.ask(cut, say).stream()).toList();
    }
}
