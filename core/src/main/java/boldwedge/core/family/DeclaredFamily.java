package boldwedge.core.family;

import boldwedge.core.planning.Chosen;
import boldwedge.core.planning.CutEntry;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialForm;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.rule.Rule;
import boldwedge.core.trial.Calibration;
import boldwedge.core.trial.Lessons;
import java.util.List;
import java.util.Map;

/**
 * A family in the making: what every one declares alike is given at once; how it reads and tells, how its cuts are shown, and what
 * it can besides, each says for itself.
 *
 * @param <C> its cut, worked out
 */
public abstract class DeclaredFamily<C> implements ToolFamily<C> {
    private final String id;
    private final int place;
    private final List<CutEntry<C>> fields;
    private final List<Rule<C>> rules;
    private final TrialForm trial;
    private final List<ToolKind> kinds;

    /**
     * Declares a family.
     *
     * @param id its name in the API
     * @param place where it stands among the families
     * @param fields what it asks, in order
     * @param rules what is asked of a cut
     * @param trial what can be read of a trial cut
     * @param kinds what the crib keeps of it; the first is tried when a cut asks which of the shop's tools will do it
     */
    protected DeclaredFamily(
            String id, int place, CutEntry<C>[] fields, List<Rule<C>> rules, TrialForm trial, ToolKind... kinds) {
        this.id = id;
        this.place = place;
        this.fields = List.of(fields);
        this.rules = rules;
        this.trial = trial;
        this.kinds = List.of(kinds);
    }

    /** Judges a trial that was made as the program had chosen what was left open. */
    protected abstract TrialAnswer judge(TrialRequest made);

    /** All that such a trial teaches, by what it is about; nothing where this family learns nothing. */
    protected Map<Lessons.Subject, Calibration.Lesson> taught(TrialRequest made) {
        return Map.of();
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
        return List.copyOf(fields);
    }

    @Override
    public final void show(C cut, Chosen chosen) {
        fields.forEach(field -> field.show(cut, chosen));
    }

    @Override
    public final List<Rule<C>> rules() {
        return rules;
    }

    @Override
    public final TrialForm trial() {
        return trial;
    }

    @Override
    public final TrialAnswer prove(TrialRequest request) {
        return judge(settled(request));
    }

    @Override
    public final Map<Lessons.Subject, Calibration.Lesson> lessons(TrialRequest kept) {
        return taught(settled(kept));
    }

    private TrialRequest settled(TrialRequest request) {
        return new TrialRequest(settled(request.plan()), request.readings());
    }

    @Override
    public final List<ToolKind> kinds() {
        return kinds;
    }
}
