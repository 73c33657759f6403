package boldwedge.core.planning;

import java.util.List;
import java.util.function.Supplier;

/**
 * What is shown of a cut beside the answers of its rules.
 *
 * @param figures computed numbers
 * @param drawings what can be drawn of it
 * @param making the steps of the making, told when they are asked for
 */
public record Told(List<Figure> figures, List<Drawn> drawings, Supplier<List<MakeStep>> making) {}
