package boldwedge.core.family;

import boldwedge.core.language.finding.Fix;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.TrialAnswer;
import java.util.Optional;

/**
 * The next change after a trial is tried before it is told, as remedies of a plan are: what makes something fail that did not says so; what the plan cannot
 * take is told, and nothing is typed.
 */
final class NextChange {
    private NextChange() {}

    /**
     * The answer with its next change as it stands the trial.
     *
     * @param choices how a request of the family is worked out
     * @param asked the cut as it was asked
     * @param now what it came to
     * @param told the trial judged
     */
    static <C> TrialAnswer tried(OwnChoices<C> choices, PlanRequest asked, OwnChoices.Tried<C> now, TrialAnswer told) {
        Optional<Fix> typed = told.next().filter(next -> !next.isAtTheMachine());
        if (typed.isEmpty()) {
            return told;
        }
        Fix next = typed.get();
        OwnChoices.Tried<C> then = choices.settled(asked.with(next.field(), next.text()));
        if (then.read().cut().isEmpty()) {
            return told.withNext(Fix.atTheMachine(next.label(), next.readings()));
        }
        return then.failsWhere(now)
                .map(finding -> told.withNext(next.called(next.label() + TriedFixes.BUT_THEN + finding.statement())))
                .orElse(told);
    }
}
