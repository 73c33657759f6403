package boldwedge.core.planning;

import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.measure.UnitSystem;
import java.util.List;

/**
 * The answer to a request. When a field is wrong only the fields are filled: they say what is wrong, and whoever asked
 * keeps the last good answer.
 *
 * @param worked whether the job could be computed
 * @param units the units that the texts speak
 * @param fields every field as read or chosen
 * @param figures computed numbers
 * @param findings all findings, worst first within each station
 * @param scenes drawings by id
 * @param steps the making, in order
 * @param page how the cut is shown
 * @param unheard ids of fields that were typed and that this operation does not ask for, in the order of the alphabet
 */
public record PlanAnswer(
        boolean worked,
        UnitSystem units,
        List<FieldState> fields,
        List<Figure> figures,
        List<Finding> findings,
        List<Scene> scenes,
        List<MakeStep> steps,
        CutPage page,
        List<String> unheard) {

    /** The figure of this name. */
    public Figure figure(String id) {
        return figures.stream()
                .filter(figure -> figure.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("The answer has no figure " + id));
    }
}
