package boldwedge.core.family;

import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialRequest;

/** Sends a trial to the tool family that made it. */
public final class TrialJudge {
    private TrialJudge() {}

    /** Judges a trial. */
    public static TrialAnswer prove(TrialRequest request) {
        return Families.of(request.plan()).prove(request);
    }
}
