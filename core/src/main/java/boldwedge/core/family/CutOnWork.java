package boldwedge.core.family;

import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.planning.OnWork;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.rule.Rule;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A cut as it shows on the work, and what is found of it.
 *
 * @param worked whether it could be worked out
 * @param on what it does to work in the chuck; empty where it is no such cut, or could not be worked out
 * @param findings what is judged of it
 */
public record CutOnWork(boolean worked, Optional<OnWork> on, List<Finding> findings) {
    /** Works a cut out for it. */
    public static CutOnWork of(PlanRequest request) {
        return of(Families.of(request), request);
    }

    /** Minutes for which its edge is in the cut; empty where that cannot be told. */
    public static OptionalDouble minutes(PlanRequest request) {
        return passes(Families.of(request), request)
                .map(passes -> passes.roughMinutes() + passes.minutes())
                .filter(Double::isFinite)
                .map(OptionalDouble::of)
                .orElseGet(OptionalDouble::empty);
    }

    /** How it is taken; what is judged of it costs more and is not asked. */
    private static <C> Optional<OnWork.Passes> passes(ToolFamily<C> family, PlanRequest request) {
        return family.read(family.settled(request))
                .cut()
                .flatMap(cut -> family.onWork(cut, new UnitFormat(request.units())))
                .map(OnWork::passes);
    }

    private static <C> CutOnWork of(ToolFamily<C> family, PlanRequest request) {
        UnitFormat say = new UnitFormat(request.units());
        return family.read(family.settled(request))
                .cut()
                .map(cut -> new CutOnWork(true, family.onWork(cut, say), Rule.judge(family.rules(), cut, say)))
                .orElseGet(() -> new CutOnWork(false, Optional.empty(), List.of()));
    }
}
