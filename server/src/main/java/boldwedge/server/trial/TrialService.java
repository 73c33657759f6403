package boldwedge.server.trial;

import boldwedge.core.family.Experiment;
import boldwedge.core.family.TrialJudge;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialRequest;
import boldwedge.server.crib.CribService;
import boldwedge.server.people.Who;
import boldwedge.server.plan.PlanService;
import boldwedge.server.storage.Knowledge;
import boldwedge.server.web.Checked;
import boldwedge.server.web.Refusal;
import boldwedge.server.web.Version;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Trial cuts. */
@Service
public class TrialService {
    /** More trials of one tool than anybody looks through. */
    private static final int MOST_OF_ONE = 10_000;
    /** So many of the latest trials of a cut are set beside each other. */
    private static final int MOST_PAIRED = 24;

    private final TrialMapper trials;
    private final PlanService plans;
    private final CribService crib;
    private final TrialTeacher teacher;
    private final Knowledge knowledge;
    private final Checked checked;
    private final Who who;

    TrialService(
            TrialMapper trials,
            PlanService plans,
            CribService crib,
            TrialTeacher teacher,
            Knowledge knowledge,
            Checked checked,
            Who who) {
        this.trials = trials;
        this.plans = plans;
        this.crib = crib;
        this.teacher = teacher;
        this.knowledge = knowledge;
        this.checked = checked;
        this.who = who;
    }

    /** The trials that were made last, the last first. */
    List<TrialRecord> latest(int most) {
        return trials.latest(most);
    }

    /** A tool's trials, the last first. */
    public List<TrialRecord> ofTool(UUID toolId) {
        return trials.ofTool(toolId, MOST_OF_ONE);
    }

    /** Trials of a cut, each with the one before it: what was changed between them and what it did, the last first. */
    List<PairedTrials> experiments(UUID cutId) {
        List<TrialRecord> latest = trials.ofCut(cutId, MOST_PAIRED);
        List<PairedTrials> pairs = new ArrayList<>();
        for (int i = 0; i + 1 < latest.size(); i++) {
            TrialRecord after = latest.get(i);
            TrialRecord before = latest.get(i + 1);
            Experiment.of(request(before), request(after))
                    .ifPresent(found ->
                            pairs.add(new PairedTrials(before.id(), before.onDay(), after.id(), after.onDay(), found)));
        }
        return pairs;
    }

    private TrialRequest request(TrialRecord trial) {
        return new TrialRequest(plans.request(trial.fields(), trial.units()), trial.readings());
    }

    List<TrialRecord> ofCut(UUID cutId) {
        return trials.ofCut(cutId, MOST_OF_ONE);
    }

    /** Hands over every trial, one after the other; within a transaction. */
    public void each(Consumer<TrialRecord> take) {
        trials.each().forEach(take);
    }

    /** Hands over every trial of a tool; within a transaction. */
    public void eachOfTool(UUID toolId, Consumer<TrialRecord> take) {
        trials.eachOfTool(toolId).forEach(take);
    }

    TrialAnswer judge(Map<String, String> fields, UnitSystem units, Map<String, String> readings) {
        return TrialJudge.prove(new TrialRequest(plans.request(fields, units), readings));
    }

    /** Judges a trial and keeps it with its verdict and with what it teaches; one that was sent twice is kept once. */
    @Transactional
    public TrialRecord keep(TrialRecord entry) {
        checked.record(entry);
        TrialAnswer answer = judge(entry.fields(), entry.units(), entry.readings());
        if (!answer.worked()) {
            throw Refusal.wrong(
                    "unreadable-values",
                    answer.verdict(),
                    answer.readings().stream()
                            .filter(reading -> !reading.error().isEmpty())
                            .collect(Collectors.toMap(TrialAnswer.Reading::id, TrialAnswer.Reading::error)));
        }
        if (entry.toolId() != null && !crib.isKept(entry.toolId())) {
            throw Refusal.missing(
                    "no-such-tool",
                    "The tool of this trial is no longer in the crib. Pick another, or keep the trial without a tool.");
        }
        // A cut that somebody has deleted meanwhile must not cost the trial.
        @Nullable UUID cut = entry.cutId() != null && plans.isKept(entry.cutId()) ? entry.cutId() : null;
        TrialRecord judged = entry.judged(answer.verdict(), cut, who.name());
        if (trials.add(List.of(judged)) == 0) {
            TrialRecord there = trials.find(judged.id()).orElseThrow();
            Version.checkSameAgain(there.saysTheSameAs(judged), "trial");
            return there;
        }
        teacher.learn(judged);
        knowledge.changed();
        return trials.find(judged.id()).orElseThrow();
    }

    /** What a trial would teach if it were kept, each in a sentence. */
    List<TrialController.Lesson> wouldTeach(TrialRecord trial) {
        UnitFormat say = new UnitFormat(trial.units());
        return teacher.wouldTeach(trial).stream()
                .map(taught -> new TrialController.Lesson(taught.sentence(say), taught.isFar()))
                .toList();
    }

    /** Sets a trial aside, so that what it taught is unlearnt; or lets it teach again. */
    @Transactional
    public TrialRecord setAside(UUID id, boolean aside) {
        TrialRecord there = trials.find(id)
                .orElseThrow(
                        () -> Refusal.missing("no-such-trial", "That trial is no longer kept: its tool was deleted."));
        if (there.isSetAside() == aside) {
            return there;
        }
        trials.setAside(id, aside);
        TrialRecord now = trials.find(id).orElseThrow();
        teacher.learn(now);
        knowledge.changed();
        return now;
    }

    /** Adds those trials that are not there yet; how many. Their tools must be there. For imports. */
    public int addMissing(List<TrialRecord> found) {
        crib.mustBeKept(
                found.stream()
                        .map(TrialRecord::toolId)
                        .filter(Objects::nonNull)
                        .map(Objects::requireNonNull)
                        .distinct()
                        .toList(),
                "trial");
        return trials.add(found);
    }

    /** An import is in: what it holds is learnt from. */
    public void learnFresh() {
        teacher.learnFresh();
    }

    /** Whether it may be kept. */
    public void check(TrialRecord trial) {
        checked.record(trial);
    }
}
