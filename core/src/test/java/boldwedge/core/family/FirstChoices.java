package boldwedge.core.family;

import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.planning.Chosen;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.FieldState;
import boldwedge.core.planning.PlanRequest;
import java.util.LinkedHashMap;
import java.util.Map;

/** What the program would choose before it holds its choices against its findings: from there a choice moves to the half or the double at most. */
public final class FirstChoices {
    private FirstChoices() {}

    /** The text of a field; empty where nothing is chosen. */
    public static String text(PlanRequest request, String field) {
        return of(Families.of(request), request, field);
    }

    private static <C> String of(ToolFamily<C> family, PlanRequest request, String field) {
        OwnChoices.Tried<C> first = new OwnChoices<>(family).tried(request);
        Map<Entry, FieldState> states = new LinkedHashMap<>(first.read().states());
        first.read().cut().ifPresent(cut -> family.show(cut, new Chosen(states, new UnitFormat(request.units()))));
        return states.values().stream()
                .filter(state -> state.id().equals(field))
                .map(FieldState::text)
                .findFirst()
                .orElse("");
    }
}
