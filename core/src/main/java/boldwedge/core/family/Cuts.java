package boldwedge.core.family;

import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.planning.Chosen;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import boldwedge.core.planning.Told;
import boldwedge.core.rule.Rule;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.function.Function;

/**
 * How a family works: from the question to what is told.
 *
 * @param read reads a request and works its cut out
 * @param show writes what was chosen into the fields that were left open
 * @param rules what is asked of a cut
 * @param tell figures, drawings and the making of a cut
 * @param <C> its cut, worked out
 */
public record Cuts<C>(
        Function<PlanRequest, Read<C>> read,
        BiConsumer<Chosen, C> show,
        List<Rule<C>> rules,
        BiFunction<C, UnitFormat, Told> tell) {}
