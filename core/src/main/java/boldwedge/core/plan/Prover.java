package boldwedge.core.plan;

import boldwedge.core.ask.TrialAnswer;
import boldwedge.core.ask.TrialRequest;
import boldwedge.core.boring.BoreProof;
import boldwedge.core.parting.PartProof;
import boldwedge.core.turning.TurningProof;

/** Sends a trial to the tool family that made it. */
public final class Prover {
    private Prover() {}

    /** Judges a trial. */
    public static TrialAnswer prove(TrialRequest request) {
        return switch (Planner.family(request.plan())) {
            case TURNING -> TurningProof.prove(request);
            case BORING -> BoreProof.prove(request);
            case PARTING -> PartProof.prove(request);
        };
    }
}
