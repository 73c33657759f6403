package boldwedge.core.rule;

import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.UnitFormat;
import java.util.List;
import java.util.function.Predicate;

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
    List<Finding> ask(C cut, UnitFormat say);

    /** Whether whoever looks at some stations only has to ask it. */
    default boolean isFor(Predicate<Station> seen) {
        return true;
    }

    /**
     * A rule that judges nothing and tells something at one station: who does not look there need not ask it.
     *
     * @param station the station of all its findings
     * @param rule answers with findings that are told, not judged
     */
    static <C> Rule<C> telling(Station station, Rule<C> rule) {
        return new Rule<>() {
            @Override
            public List<Finding> ask(C cut, UnitFormat say) {
                return rule.ask(cut, say);
            }

            @Override
            public boolean isFor(Predicate<Station> seen) {
                return seen.test(station);
            }
        };
    }

    /** What several rules answer, in their order. */
    static <C> List<Finding> ask(List<Rule<C>> rules, C cut, UnitFormat say) {
        return ask(rules, cut, say, any -> true);
    }

    /** What they judge, without what is only told at a station. */
    static <C> List<Finding> judge(List<Rule<C>> rules, C cut, UnitFormat say) {
        return ask(rules, cut, say, any -> false);
    }

    /** What is only told at the stations that are seen, and judges nothing. */
    static <C> List<Finding> told(List<Rule<C>> rules, C cut, UnitFormat say, Predicate<Station> seen) {
        return ask(rules.stream().filter(rule -> !rule.isFor(any -> false)).toList(), cut, say, seen);
    }

    /** What they judge, and what is told at the stations that are seen. */
    static <C> List<Finding> ask(List<Rule<C>> rules, C cut, UnitFormat say, Predicate<Station> seen) {
        return rules.stream()
                .filter(rule -> rule.isFor(seen))
                .flatMap(rule -> rule.ask(cut, say).stream())
                .toList();
    }
}
