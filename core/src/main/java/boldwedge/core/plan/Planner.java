package boldwedge.core.plan;

import boldwedge.core.ask.Entry;
import boldwedge.core.ask.PlanAnswer;
import boldwedge.core.ask.PlanRequest;
import boldwedge.core.boring.BoreField;
import boldwedge.core.boring.BorePlan;
import boldwedge.core.parting.PartField;
import boldwedge.core.parting.PartPlan;
import boldwedge.core.turning.TurningField;
import boldwedge.core.turning.TurningPlan;
import boldwedge.core.wedge.GroundBit;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Stream;

/** Sends a question to the tool family that its operation is for. The same request gives the same answer. */
public final class Planner {
    private Planner() {}

    /** The answer to a request; see {@link PlanAnswer} for what a wrong field does. */
    public static PlanAnswer plan(PlanRequest request) {
        return switch (family(request)) {
            case TURNING -> TurningPlan.plan(request);
            case BORING -> BorePlan.plan(request);
            case PARTING -> PartPlan.plan(request);
        };
    }

    /** The ground solid of a request, for export; empty when a field is wrong. */
    public static Optional<GroundBit> solid(PlanRequest request) {
        return family(request) == Family.TURNING ? TurningPlan.solid(request) : Optional.empty();
    }

    /** The tool family that a request is for. */
    public static Family family(PlanRequest request) {
        return Family.of(request.text(BoreField.OPERATION));
    }

    /** The entry of this name, of whichever family. */
    public static Optional<Entry> entry(String id) {
        return Stream.of(TurningField.values(), BoreField.values(), PartField.values())
                .flatMap(Arrays::stream)
                .map(Entry.class::cast)
                .filter(entry -> entry.id().equals(id))
                .findFirst();
    }
}
