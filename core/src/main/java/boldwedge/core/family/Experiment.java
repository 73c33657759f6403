package boldwedge.core.family;

import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.planning.Chosen;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.FieldState;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialAnswer.Compared;
import boldwedge.core.planning.TrialRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Two trials of one cut, one before a change and one after it: what was changed, what that should have done and what it did. Predictions are those of
 * the untaught program, so that neither trial has been told of itself.
 *
 * @param changed what was changed
 * @param rows what was read in both
 */
public record Experiment(List<Changed> changed, List<Row> rows) {
    /** More changes than this at once tell nothing of any of them. */
    private static final int MOST_CHANGES = 3;

    /**
     * A value that was changed.
     *
     * @param label what it is called
     * @param from what stood there before, in words
     * @param to and after
     */
    public record Changed(String label, String from, String to) {}

    /**
     * One number before and after.
     *
     * @param what what it is
     * @param predictedBefore with its spread
     * @param predictedAfter with its spread
     * @param measuredBefore what came out
     * @param measuredAfter what came out then
     */
    public record Row(
            String what, String predictedBefore, String predictedAfter, String measuredBefore, String measuredAfter) {}

    /** Two trials as one experiment; empty when nothing or too much was changed between them, or one of them cannot be judged. */
    public static Optional<Experiment> of(TrialRequest before, TrialRequest after) {
        ToolFamily<?> family = Families.of(before.plan());
        if (!family.id().equals(Families.of(after.plan()).id())) {
            return Optional.empty();
        }
        List<Changed> changed = changed(family, before, after);
        if (changed.isEmpty() || changed.size() > MOST_CHANGES) {
            return Optional.empty();
        }
        TrialAnswer first = family.prove(untaught(before));
        TrialAnswer second = family.prove(untaught(after));
        List<Row> rows = new ArrayList<>();
        for (Compared row : first.compared()) {
            second.compared().stream()
                    .filter(then -> then.what().equals(row.what()))
                    .findFirst()
                    .ifPresent(then -> rows.add(
                            new Row(row.what(), row.predicted(), then.predicted(), row.measured(), then.measured())));
        }
        return first.worked() && second.worked() && !rows.isEmpty()
                ? Optional.of(new Experiment(changed, List.copyOf(rows)))
                : Optional.empty();
    }

    private static TrialRequest untaught(TrialRequest trial) {
        PlanRequest plan = trial.plan();
        return new TrialRequest(plan.untaught(), trial.readings());
    }

    private static List<Changed> changed(ToolFamily<?> family, TrialRequest before, TrialRequest after) {
        Map<Entry, FieldState> first = states(family, before.plan());
        Map<Entry, FieldState> second = states(family, after.plan());
        List<Changed> changed = new ArrayList<>();
        for (Entry entry : family.entries()) {
            FieldState from = first.get(entry);
            FieldState to = second.get(entry);
            boolean typed = !before.plan().text(entry).equals(after.plan().text(entry));
            if (typed && from != null && to != null && !from.text().equals(to.text())) {
                changed.add(new Changed(from.label(), words(from), words(to)));
            }
        }
        return List.copyOf(changed);
    }

    /** The fields with what stands in them, typed or chosen: what was typed as it had been chosen changes nothing. */
    private static <C> Map<Entry, FieldState> states(ToolFamily<C> family, PlanRequest plan) {
        Read<C> read = family.read(plan);
        read.cut().ifPresent(cut -> family.show(cut, new Chosen(read.states(), new UnitFormat(plan.units()))));
        return read.states();
    }

    private static String words(FieldState state) {
        return state.text().isEmpty() ? "left open" : state.text();
    }
}
