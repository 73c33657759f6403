package boldwedge.core.plan;

import boldwedge.core.ask.Entry;
import boldwedge.core.ask.PlanAnswer;
import boldwedge.core.ask.PlanRequest;
import boldwedge.core.finding.Finding;
import boldwedge.core.finding.Station;
import boldwedge.core.finding.Verdict;
import boldwedge.core.parting.PartField;
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
    /** What a turning bit brings to a cut. */
    public static final List<Entry> BIT = List.of(
            TurningField.BLANK,
            TurningField.BACK_RAKE,
            TurningField.SIDE_RAKE,
            TurningField.END_RELIEF,
            TurningField.SIDE_RELIEF,
            TurningField.END_EDGE,
            TurningField.SIDE_EDGE,
            TurningField.NOSE_RADIUS);

    /** What a parting blade brings to a cut; how far it stands out is chosen for the cut. */
    public static final List<Entry> BLADE = List.of(
            PartField.BLADE,
            PartField.WIDTH,
            PartField.LEAD,
            PartField.RAKE,
            PartField.TOP,
            PartField.RELIEF,
            PartField.SIDE);

    /** What is kept of a built holder besides: the lathe and the blade that it fits, and how it was made. */
    public static final List<Entry> HOLDER = List.of(
            PartField.HOLDER,
            PartField.LATHE,
            PartField.POST,
            PartField.BOLTS,
            PartField.BOLT,
            PartField.BOLT_AT,
            PartField.BLOCK_WIDTH,
            PartField.BLOCK_LENGTH,
            PartField.JAW,
            PartField.HINGE,
            PartField.SAW,
            PartField.ROOM,
            PartField.TAB,
            PartField.PLATE,
            PartField.TAPER,
            PartField.SCREW,
            PartField.MADE_FLOOR,
            PartField.MADE_SLOT,
            PartField.MADE_HINGE,
            PartField.MADE_TAB,
            PartField.STIFFNESS);

    /** Left open when a blade is tried, so that the best is chosen for it. */
    private static final List<Entry> CHOSEN_FOR_BLADE =
            List.of(PartField.OVERHANG, PartField.REST, PartField.FEED, PartField.SPEED, PartField.GROOVE);

    /**
     * Tries a tool on a cut.
     *
     * @param cut the cut
     * @param tool the tool's own texts by field id
     */
    public static ToolMatch of(PlanRequest cut, Map<String, String> tool) {
        Map<String, String> fields = new HashMap<>(cut.fields());
        boolean blade = Planner.family(cut) == Family.PARTING;
        for (Entry field : blade ? BLADE : BIT) {
            fields.put(field.id(), tool.getOrDefault(field.id(), ""));
        }
        if (blade) {
            CHOSEN_FOR_BLADE.forEach(field -> fields.put(field.id(), ""));
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
        return new ToolMatch(worst, rank, reasons, blade ? settings(answer) : Map.of());
    }

    /** How the blade is best set for this cut, as the plan chose it. */
    private static Map<String, String> settings(PlanAnswer answer) {
        Map<String, String> take = new HashMap<>();
        answer.fields().stream()
                .filter(state -> CHOSEN_FOR_BLADE.stream().anyMatch(f -> f.id().equals(state.id())))
                .forEach(state -> take.put(state.id(), ""));
        return take;
    }
}
