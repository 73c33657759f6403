package boldwedge.core.families.boring.report;

import boldwedge.core.families.boring.model.BarHeld;
import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.families.boring.model.BoreJob;
import boldwedge.core.families.boring.model.Bottom;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.Written;
import java.util.Map;
import java.util.Optional;

/** A small hole that is far deeper than its bar is stout is not bored at all: it is drilled and reamed. */
final class ReamedInstead {
    /** Holes up to here are reamed in a small shop, mm (habit): the tailstock drives no larger drill and reamer. */
    private static final double MOST_MM = 20;

    private ReamedInstead() {}

    /** The remedy, which opens a reaming of the same hole; empty where it is bored as it should be. */
    static Optional<Fix> of(BoreCut cut) {
        BoreJob job = cut.job();
        boolean small = job.finishedMm() <= MOST_MM;
        boolean far = cut.slenderness()
                > ChatterFindings.BEYOND_THE_RULE * job.barMaterial().ruleOfThumb();
        if (!small || !far || job.recess().isPresent() || job.held() == BarHeld.CENTRES) {
            return Optional.empty();
        }
        return Optional.of(Fix.opening(
                "Drill and ream it",
                Map.of(
                        "operation",
                        "ream",
                        "reamSize",
                        Written.exact(Quantity.LENGTH, job.finishedMm()),
                        "reamTolerance",
                        job.tolerance().typed(),
                        "reamDepth",
                        Written.exact(Quantity.LENGTH, job.holeDepthMm()),
                        "drillBottom",
                        job.bottom() == Bottom.THROUGH ? "through" : "blind",
                        "material",
                        job.work().id())));
    }
}
