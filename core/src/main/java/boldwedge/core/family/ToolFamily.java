package boldwedge.core.family;

import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.planning.Choice;
import boldwedge.core.planning.Chosen;
import boldwedge.core.planning.CutPage;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.GrindSetUp;
import boldwedge.core.planning.OnWork;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import boldwedge.core.planning.SetUps;
import boldwedge.core.planning.SpokenAs;
import boldwedge.core.planning.Told;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialForm;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.rule.Rule;
import boldwedge.core.trial.Calibration;
import boldwedge.core.trial.Lessons;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A family of tools: everything that the program knows of it, declared once. Nothing outside its package names it; server and
 * page show what is declared here. {@code docs/adding.md} tells how to add one.
 *
 * @param <C> its cut, worked out
 */
public interface ToolFamily<C> {
    /** Its name in the API. */
    String id();

    /** Where it stands among the families, the first one first; the first also answers a question that names no operation. */
    default int place() {
        return Integer.MAX_VALUE;
    }

    /** What it asks, in order, the operation among it. Ids shared with other families mean the same there. */
    List<Entry> entries();

    /** What it can be asked to do; the ids are texts of the field {@code operation}. */
    default List<Choice> operations() {
        return entries().stream()
                .filter(entry -> entry.id().equals(Families.OPERATION))
                .flatMap(entry -> entry.choices().stream())
                .toList();
    }

    /** Reads a request and works its cut out. */
    Read<C> read(PlanRequest request);

    /** The request with the program's own choices as they stand up to its findings. */
    default PlanRequest settled(PlanRequest request) {
        return new OwnChoices<>(this).settled(request).request();
    }

    /** Writes what was chosen into the fields that were left open. */
    void show(C cut, Chosen chosen);

    /** What is asked of a cut. */
    List<Rule<C>> rules();

    /** Figures, drawings and the making of a cut. */
    Told tell(C cut, UnitFormat say);

    /** The solid of what is made, for export; empty when there is none. */
    default Optional<Solid> solid(C cut) {
        return Optional.empty();
    }

    /** How a cut is shown, whether it could be worked out or not. */
    CutPage page(Read<C> read);

    /** What can be read of a trial cut. */
    TrialForm trial();

    /** Judges a trial cut. */
    TrialAnswer prove(TrialRequest request);

    /** The kinds of things that the crib keeps of it. */
    List<ToolKind> kinds();

    /** The kind that is tried when a cut asks which of the shop's tools will do it. */
    default ToolKind matched() {
        return kinds().getFirst();
    }

    /**
     * Tries one of the shop's tools on a cut.
     *
     * @param cut the cut
     * @param tool the tool's own texts by field
     */
    ToolMatch match(PlanRequest cut, Map<String, String> tool);

    /** What the trials of such a cut are about, when they teach something; empty where this family learns nothing from them. */
    default Optional<Lessons.About> about(PlanRequest request) {
        return Optional.empty();
    }

    /** All that a kept trial teaches, by what it is about; nothing when it cannot be judged. */
    default Map<Lessons.Subject, Calibration.Lesson> lessons(TrialRequest kept) {
        return Map.of();
    }

    /** Whether its trials teach. */
    default boolean learns() {
        return false;
    }

    /**
     * Ways to take such a cut, tried against each other; empty where this family has no such search, or the cut nothing to search.
     *
     * @param request the cut as it was asked
     * @param cut the same, worked out
     */
    default Optional<SetUps> setUps(PlanRequest request, C cut, UnitFormat say) {
        return Optional.empty();
    }

    /** What such a cut does to work that turns in the chuck; empty where it is no such cut. */
    default Optional<OnWork> onWork(C cut, UnitFormat say) {
        return Optional.empty();
    }

    /** The set-ups at the grinder in which its tool is ground when it is dull, in order; empty where its own card alone tells. */
    default List<GrindSetUp> grinding(C cut, UnitFormat say) {
        return List.of();
    }

    /** How such a cut is said in one line; empty where it can only be filled in. */
    default Optional<SpokenAs> spokenAs() {
        return Optional.empty();
    }

    /** Tests of the tool as it is held; empty where there are none. */
    default Optional<ToolTests> tests() {
        return Optional.empty();
    }
}
