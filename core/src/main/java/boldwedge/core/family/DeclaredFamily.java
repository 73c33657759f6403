package boldwedge.core.family;

import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.planning.Chosen;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
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
 * A family in the making: what every one declares alike is given at once; how its cuts are shown, and what it can besides, each says
 * for itself.
 *
 * @param <C> its cut, worked out
 */
public abstract class DeclaredFamily<C> implements ToolFamily<C> {
    private final String id;
    private final int place;
    private final List<Entry> entries;
    private final Cuts<C> cuts;
    private final Trials trials;
    private final List<ToolKind> kinds;

    /**
     * Declares a family.
     *
     * @param id its name in the API
     * @param place where it stands among the families
     * @param entries what it asks, in order
     * @param cuts how it works
     * @param trials how it is proved
     * @param kinds what the crib keeps of it; the first is tried when a cut asks which of the shop's tools will do it
     */
    protected DeclaredFamily(String id, int place, Entry[] entries, Cuts<C> cuts, Trials trials, ToolKind... kinds) {
        this.id = id;
        this.place = place;
        this.entries = List.of(entries);
        this.cuts = cuts;
        this.trials = trials;
        this.kinds = List.of(kinds);
    }

    @Override
    public final String id() {
        return id;
    }

    @Override
    public final int place() {
        return place;
    }

    @Override
    public final List<Entry> entries() {
        return entries;
    }

    @Override
    public final Read<C> read(PlanRequest request) {
        return cuts.read().apply(request);
    }

    @Override
    public final void show(C cut, Chosen chosen) {
        cuts.show().accept(chosen, cut);
    }

    @Override
    public final List<Rule<C>> rules() {
        return cuts.rules();
    }

    @Override
    public final Told tell(C cut, UnitFormat say) {
        return cuts.tell().apply(cut, say);
    }

    @Override
    public final TrialForm trial() {
        return trials.form();
    }

    @Override
    public final TrialAnswer prove(TrialRequest request) {
        return trials.prove().apply(settled(request));
    }

    /** A trial was made as the program had chosen what was left open. */
    private TrialRequest settled(TrialRequest request) {
        return new TrialRequest(settled(request.plan()), request.readings());
    }

    @Override
    public final boolean learns() {
        return trials.learns();
    }

    @Override
    public final Optional<Lessons.About> about(PlanRequest request) {
        return trials.about().apply(request);
    }

    @Override
    public final Map<Lessons.Subject, Calibration.Lesson> lessons(TrialRequest kept) {
        return trials.lessons().apply(settled(kept));
    }

    @Override
    public final List<ToolKind> kinds() {
        return kinds;
    }
}
