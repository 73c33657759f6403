package boldwedge.core.family;

import boldwedge.core.ask.TrialAnswer;
import boldwedge.core.ask.TrialRequest;

/** Sends a trial to the tool family that made it. */
public final class Prover {
    private Prover() {}

    /** Judges a trial. */
    public static TrialAnswer prove(TrialRequest request) {
        return Families.of(request.plan()).prove(request);
    }
}
