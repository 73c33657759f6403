package boldwedge.core.family;

import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialRequest;
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
     * @param family of the cut
     * @param asked the trial as it was asked
     * @param told the trial judged
     */
    static <C> TrialAnswer tried(ToolFamily<C> family, TrialRequest asked, TrialAnswer told) {
        Optional<Fix> typed = told.next().filter(next -> !next.isAtTheMachine());
        if (typed.isEmpty()) {
            return told;
        }
        Fix next = typed.get();
        OwnChoices<C> choices = new OwnChoices<>(family);
        OwnChoices.Tried<C> then = choices.settled(asked.plan().with(next.field(), next.text()));
        if (then.read().cut().isEmpty()) {
            return told.withNext(Fix.atTheMachine(next.label(), next.readings()));
        }
        Optional<Finding> failing = then.failsWhere(choices.settled(asked.plan()));
        return failing.map(
                        finding -> told.withNext(next.called(next.label() + TriedFixes.BUT_THEN + finding.statement())))
                .orElse(told);
    }
}
