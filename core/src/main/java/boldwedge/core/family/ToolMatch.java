package boldwedge.core.family;

import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import boldwedge.core.rule.Rule;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * How one of the shop's tools would do a cut.
 *
 * @param verdict the worst that is found
 * @param rank lower is better: failures weigh most, then doubts, then how far the angles lie from the advice
 * @param reasons what speaks against it, worst first; or that nothing does
 * @param take texts by field, besides the tool's own, that set it up at its best
 */
public record ToolMatch(Verdict verdict, double rank, List<String> reasons, Map<String, String> take) {
    /**
     * Tries a tool on a cut by working the cut out with it.
     *
     * @param family whose cut it is
     * @param cut the cut
     * @param brings what such a tool brings: what its card does not say is chosen
     * @param open what is left open, so that the best is chosen for it
     * @param tool the tool's own texts by field id
     */
    public static <C> ToolMatch byPlan(
            ToolFamily<C> family, PlanRequest cut, List<Entry> brings, List<Entry> open, Map<String, String> tool) {
        Map<String, String> fields = new HashMap<>(cut.fields());
        brings.forEach(field -> fields.put(field.id(), tool.getOrDefault(field.id(), "")));
        open.forEach(field -> fields.put(field.id(), ""));
        Read<C> read = family.read(new PlanRequest(fields, cut.units(), cut.lathe()));
        if (read.cut().isEmpty()) {
            List<String> reasons = family.entries().stream()
                    .map(read.states()::get)
                    .filter(state -> state != null && !state.error().isEmpty())
                    .map(state -> state.label() + ": " + state.error())
                    .toList();
            return new ToolMatch(Verdict.WRONG, 1000, reasons, Map.of());
        }
        List<Finding> findings = Rule.judge(family.rules(), read.cut().get(), new UnitFormat(cut.units()));
        List<String> reasons = new ArrayList<>();
        double rank = 0;
        Verdict worst = Verdict.FINE;
        List<Finding> counted = findings.stream()
                .filter(f -> f.station() == Station.EDGE || f.station() == Station.REACH)
                .filter(f -> f.verdict().isDoubt())
                .sorted(Comparator.comparing(Finding::verdict)
                        .thenComparing(Finding::station)
                        .thenComparingDouble(Finding::margin))
                .toList();
        for (Finding finding : counted) {
            reasons.add(finding.statement());
            rank += finding.verdict() == Verdict.WRONG ? 100 : 10;
            rank += Math.min(9, 3 * Math.max(0, -finding.margin()));
            if (finding.verdict().compareTo(worst) < 0) {
                worst = finding.verdict();
            }
        }
        if (reasons.isEmpty()) {
            reasons.add("Nothing was found against it.");
        }
        // A habit that it does not keep tells apart those that would all do.
        for (Finding habit : findings) {
            if (habit.verdict() == Verdict.TOLD && habit.margin() < 0 && habit.station() == Station.EDGE) {
                reasons.add(habit.statement());
                rank -= Math.max(habit.margin(), -1);
            }
        }
        Map<String, String> take = new HashMap<>();
        open.forEach(field -> take.put(field.id(), ""));
        return new ToolMatch(worst, rank, reasons, take);
    }
}
