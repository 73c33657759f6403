package boldwedge.core.family;

import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.planning.PlanRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Remedies are tried before they are offered, once somebody reads them: what cannot be worked out, or does not better what it is for,
 * is left out; what makes something else fail says so and stands last.
 *
 * @param choices how a request is worked out
 * @param asked the request as it was asked
 * @param now what it came to
 * @param <C> the cut
 */
record TriedFixes<C>(OwnChoices<C> choices, PlanRequest asked, OwnChoices.Tried<C> now) {
    /** A remedy gains at least this share of what is needed, or it heals. */
    static final double WORTH_WHILE = 0.15;

    /** What stands between a remedy and what fails with it. */
    static final String BUT_THEN = ". But then: ";

    /** The same finding with the remedies that stand the trial. */
    Finding of(Finding finding) {
        List<Fix> offered = finding.mends();
        return finding.withMends(() -> tried(finding, offered));
    }

    private List<Fix> tried(Finding finding, List<Fix> offered) {
        boolean doubted = finding.verdict().isDoubt();
        List<Fix> good = new ArrayList<>();
        List<Fix> harming = new ArrayList<>();
        for (Fix fix : offered) {
            if (fix.field().isEmpty()) {
                good.add(fix);
                continue;
            }
            OwnChoices.Tried<C> then = choices.settled(asked.with(fix.field(), fix.text()));
            if (then.read().cut().isEmpty() || (doubted && !then.betters(finding, WORTH_WHILE))) {
                continue;
            }
            Optional<Finding> failing = then.failsWhere(now);
            if (failing.isPresent()) {
                harming.add(fix.called(fix.label() + BUT_THEN + failing.get().statement()));
            } else {
                good.add(fix);
            }
        }
        good.addAll(harming);
        return good;
    }
}
