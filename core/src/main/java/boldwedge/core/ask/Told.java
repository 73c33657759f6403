package boldwedge.core.ask;

import boldwedge.core.finding.Finding;
import java.util.List;
import java.util.function.Supplier;

/**
 * What is said of a cut.
 *
 * @param figures computed numbers
 * @param findings findings, in any order
 * @param drawings what can be drawn of it
 * @param making the steps of the making, told when they are asked for
 */
public record Told(
        List<Figure> figures, List<Finding> findings, List<Drawn> drawings, Supplier<List<MakeStep>> making) {}
