package boldwedge.core.family;

import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.planning.Chosen;
import boldwedge.core.planning.CutEntry;
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
import java.util.function.BiFunction;
import java.util.function.Function;

/**
 * A family in the making: what every one declares alike is given at once; how it reads and tells, how its cuts are shown, and what
 * it can besides, each says for itself.
 *
 * @param <C> its cut, worked out
 */
public abstract class DeclaredFamily<C> implements ToolFamily<C> {
    private final String id;
    private final int place;
    private final Asks<C> asks;
    private final Says<C> says;
    private final Judges judges;
    private final List<ToolKind> kinds;

    /**
     * What is asked of a cut, and how that is read.
     *
     * @param fields in order
     * @param reader reads a request and works its cut out
     */
    public record Asks<C>(List<? extends CutEntry<C>> fields, Function<PlanRequest, Read<C>> reader) {}

    /**
     * What is said of a cut.
     *
     * @param rules what is asked of it
     * @param teller figures, drawings and the making
     */
    public record Says<C>(List<Rule<C>> rules, BiFunction<C, UnitFormat, Told> teller) {}

    /**
     * How a trial is judged.
     *
     * @param form what can be read of it
     * @param judge judges one that was made as the program had chosen what was left open
     */
    public record Judges(TrialForm form, Function<TrialRequest, TrialAnswer> judge) {}

    /**
     * Declares a family.
     *
     * @param id its name in the API
     * @param place where it stands among the families
     * @param kinds what the crib keeps of it; the first is tried when a cut asks which of the shop's tools will do it
     */
    protected DeclaredFamily(String id, int place, Asks<C> asks, Says<C> says, Judges judges, ToolKind... kinds) {
        this.id = id;
        this.place = place;
        this.asks = asks;
        this.says = says;
        this.judges = judges;
        this.kinds = List.of(kinds);
    }

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
        return List.copyOf(asks.fields());
    }

    @Override
    public final void show(C cut, Chosen chosen) {
        asks.fields().forEach(field -> field.show(cut, chosen));
    }

    @Override
    public final Read<C> read(PlanRequest request) {
        return asks.reader().apply(request);
    }

    @Override
    public final Told tell(C cut, UnitFormat say) {
        return says.teller().apply(cut, say);
    }

    @Override
    public final List<Rule<C>> rules() {
        return says.rules();
    }

    @Override
    public final TrialForm trial() {
        return judges.form();
    }

    @Override
    public final TrialAnswer prove(TrialRequest request) {
        OwnChoices<C> choices = new OwnChoices<>(this);
        OwnChoices.Tried<C> now = choices.settled(request.plan());
        TrialAnswer told = judges.judge().apply(new TrialRequest(now.request(), request.readings()));
        return NextChange.tried(choices, request.plan(), now, told);
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
