package boldwedge.core.plan;

import boldwedge.core.ask.PlanAnswer;
import boldwedge.core.ask.PlanRequest;
import boldwedge.core.finding.Finding;
import boldwedge.core.finding.Station;
import boldwedge.core.finding.Verdict;
import boldwedge.core.turning.TurningField;
import java.util.ArrayList;
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
    /** What a tool brings to a cut. */
    public static final List<TurningField> BRINGS = List.of(
            TurningField.BLANK,
            TurningField.BACK_RAKE,
            TurningField.SIDE_RAKE,
            TurningField.END_RELIEF,
            TurningField.SIDE_RELIEF,
            TurningField.END_EDGE,
            TurningField.SIDE_EDGE,
            TurningField.NOSE_RADIUS);

    /**
     * Tries a tool on a cut.
     *
     * @param cut the cut
     * @param tool the tool's own texts by field id
     */
    public static ToolMatch of(PlanRequest cut, Map<String, String> tool) {
        Map<String, String> fields = new HashMap<>(cut.fields());
        for (TurningField field : BRINGS) {
            fields.put(field.id(), tool.getOrDefault(field.id(), ""));
        }
        PlanAnswer answer = Planner.plan(new PlanRequest(fields, cut.units(), cut.lathe()));
        if (!answer.worked()) {
            List<String> reasons = answer.fields().stream()
                    .filter(state -> !state.error().isEmpty())
                    .map(state -> state.label() + ": " + state.error())
                    .toList();
            return new ToolMatch(Verdict.WRONG, 1000, reasons, Map.of());
        }
        List<String> reasons = new ArrayList<>();
        double rank = 0;
        Verdict worst = Verdict.FINE;
        List<Finding> counted = answer.findings().stream()
                .filter(f -> f.station() == Station.EDGE || f.station() == Station.REACH)
                .filter(f -> f.verdict() == Verdict.WRONG || f.verdict() == Verdict.DOUBTFUL)
                .sorted((a, b) -> a.verdict().compareTo(b.verdict()))
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
        return new ToolMatch(worst, rank, reasons, Map.of());
    }
}
