package boldwedge.core.family;

import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.planning.GrindSetUp;
import boldwedge.core.planning.PlanRequest;
import java.util.List;

/** How a tool is ground when it is dull. */
public final class ToolGrinding {
    private ToolGrinding() {}

    /** The set-ups of the tool that a request describes, in order; empty where its own card alone tells, or it cannot be worked out. */
    public static List<GrindSetUp> of(PlanRequest request) {
        return of(Families.of(request), request);
    }

    private static <C> List<GrindSetUp> of(ToolFamily<C> family, PlanRequest request) {
        return family.read(request)
                .cut()
                .map(cut -> family.grinding(cut, new UnitFormat(request.units())))
                .orElse(List.of());
    }
}
