package boldwedge.server.proof;

import boldwedge.core.ask.TrialAnswer;
import boldwedge.core.ask.TrialRequest;
import boldwedge.core.measure.UnitSystem;
import boldwedge.core.plan.Prover;
import boldwedge.server.plan.PlanService;
import boldwedge.server.web.Refusal;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Trial cuts. */
@Service
public class ProofService {
    private final TrialMapper trials;
    private final PlanService plans;
    private final TrialTeacher teacher;

    ProofService(TrialMapper trials, PlanService plans, TrialTeacher teacher) {
        this.trials = trials;
        this.plans = plans;
        this.teacher = teacher;
    }

    /** All trials, the last first. */
    public List<TrialRecord> all() {
        return trials.all();
    }

    /** A tool's trials, the last first. */
    public List<TrialRecord> ofTool(UUID toolId) {
        return trials.ofTool(toolId);
    }

    List<TrialRecord> ofCut(UUID cutId) {
        return trials.ofCut(cutId);
    }

    TrialAnswer judge(Map<String, String> fields, UnitSystem units, Map<String, String> readings) {
        return Prover.prove(new TrialRequest(plans.request(fields, units), readings));
    }

    /** Judges a trial and keeps it with its verdict. */
    TrialRecord keep(TrialRecord trial) {
        TrialAnswer answer = judge(trial.fields(), trial.units(), trial.readings());
        if (!answer.worked()) {
            throw Refusal.wrong(
                    answer.verdict(),
                    answer.readings().stream()
                            .filter(reading -> !reading.error().isEmpty())
                            .collect(Collectors.toMap(TrialAnswer.Reading::id, TrialAnswer.Reading::error)));
        }
        TrialRecord judged = new TrialRecord(
                trial.id(),
                trial.toolId(),
                trial.cutId(),
                trial.onDay(),
                trial.units(),
                trial.fields(),
                trial.readings(),
                answer.verdict(),
                trial.note());
        trials.add(judged);
        teacher.forget();
        return judged;
    }

    /** Adds a trial unless it is already there; whether it was added. For imports. */
    public boolean addIfMissing(TrialRecord trial) {
        teacher.forget();
        return trials.add(trial) == 1;
    }
}
