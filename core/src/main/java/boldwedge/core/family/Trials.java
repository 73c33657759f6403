package boldwedge.core.family;

import boldwedge.core.ask.PlanRequest;
import boldwedge.core.ask.TrialAnswer;
import boldwedge.core.ask.TrialForm;
import boldwedge.core.ask.TrialRequest;
import boldwedge.core.proof.Lessons;
import boldwedge.core.proof.Taught;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * How trials of a family's cuts are read and judged, and what they teach.
 *
 * @param form what can be read of a trial cut
 * @param prove judges a trial
 * @param about what the trials of such a cut are about, when they teach something; empty where nothing is learnt from them
 * @param lessons all that a kept trial teaches, by what it is about
 * @param learns whether its trials teach
 */
public record Trials(
        TrialForm form,
        Function<TrialRequest, TrialAnswer> prove,
        Function<PlanRequest, Optional<Lessons.About>> about,
        Function<TrialRequest, Map<Lessons.Subject, Taught.Lesson>> lessons,
        boolean learns) {

    /** Trials that are judged and teach nothing. */
    public static Trials of(TrialForm form, Function<TrialRequest, TrialAnswer> prove) {
        return new Trials(form, prove, request -> Optional.empty(), kept -> Map.of(), false);
    }

    /** The same, each teaching one thing: what it is about, and what it showed of that; empty when it cannot be judged. */
    public Trials teaching(
            Function<PlanRequest, Optional<Lessons.About>> subject,
            Function<TrialRequest, Optional<Taught.Trial>> lesson) {
        return new Trials(
                form,
                prove,
                subject,
                kept -> subject.apply(kept.plan())
                        .flatMap(of -> lesson.apply(kept)
                                .flatMap(Taught.Trial::lesson)
                                .map(taught -> Map.of(of.teaches(), taught)))
                        .orElse(Map.of()),
                true);
    }

    /** The same, teaching something else besides. */
    public Trials andTeaching(Function<TrialRequest, Map<Lessons.Subject, Taught.Lesson>> besides) {
        return new Trials(
                form,
                prove,
                about,
                kept -> {
                    Map<Lessons.Subject, Taught.Lesson> all = new HashMap<>(lessons.apply(kept));
                    all.putAll(besides.apply(kept));
                    return all;
                },
                learns);
    }
}
