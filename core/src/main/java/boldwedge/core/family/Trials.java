package boldwedge.core.family;

import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialForm;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.trial.Calibration;
import boldwedge.core.trial.Lessons;
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
        Function<TrialRequest, Map<Lessons.Subject, Calibration.Lesson>> lessons,
        boolean learns) {

    /** Trials that are judged and teach nothing. */
    public static Trials of(TrialForm form, Function<TrialRequest, TrialAnswer> prove) {
        return new Trials(form, prove, request -> Optional.empty(), kept -> Map.of(), false);
    }

    /** The same, each teaching one thing: what it is about, and what it showed of that; empty when it cannot be judged. */
    public Trials teaching(
            Function<PlanRequest, Optional<Lessons.About>> subject,
            Function<TrialRequest, Optional<Calibration.Trial>> lesson) {
        return new Trials(
                form,
                prove,
                subject,
                kept -> subject.apply(kept.plan())
                        .flatMap(of -> lesson.apply(kept)
                                .flatMap(Calibration.Trial::lesson)
                                .map(taught -> Map.of(of.teaches(), taught)))
                        .orElse(Map.of()),
                true);
    }

    /** The same, teaching something else besides. */
    public Trials andTeaching(Function<TrialRequest, Map<Lessons.Subject, Calibration.Lesson>> besides) {
        return new Trials(
                form,
                prove,
                about,
                kept -> {
                    Map<Lessons.Subject, Calibration.Lesson> all = new HashMap<>(lessons.apply(kept));
                    all.putAll(besides.apply(kept));
                    return all;
                },
                learns);
    }
}
