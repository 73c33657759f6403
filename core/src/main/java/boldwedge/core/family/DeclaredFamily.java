package boldwedge.core.family;

import boldwedge.core.ask.Chosen;
import boldwedge.core.ask.Entry;
import boldwedge.core.ask.PlanRequest;
import boldwedge.core.ask.Read;
import boldwedge.core.ask.Told;
import boldwedge.core.ask.TrialAnswer;
import boldwedge.core.ask.TrialForm;
import boldwedge.core.ask.TrialRequest;
import boldwedge.core.measure.Say;
import boldwedge.core.proof.Lessons;
import boldwedge.core.proof.Taught;
import boldwedge.core.rule.Rule;
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
    public final Told tell(C cut, Say say) {
        return cuts.tell().apply(cut, say);
    }

    @Override
    public final TrialForm trial() {
        return trials.form();
    }

    @Override
    public final TrialAnswer prove(TrialRequest request) {
        return trials.prove().apply(request);
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
    public final Map<Lessons.Subject, Taught.Lesson> lessons(TrialRequest kept) {
        return trials.lessons().apply(kept);
    }

    @Override
    public final List<ToolKind> kinds() {
        return kinds;
    }
}
