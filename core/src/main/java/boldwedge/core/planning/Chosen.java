package boldwedge.core.planning;

import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.advice.AngleAdvice.Advised;
import java.util.Map;

/** Writes what the program chose into the fields that were left open, and the advice beside those that have one. */
public record Chosen(Map<Entry, FieldState> states, UnitFormat say) {
    /** A value that was left open, in the base unit of the field's quantity. */
    public void value(Entry field, double value) {
        FieldState state = states.get(field);
        if (state == null || !state.chosen()) {
            return;
        }
        Quantity quantity = field.limits().orElseThrow().quantity();
        String other = quantity == Quantity.SPINDLE_SPEED || quantity == Quantity.ANGLE
                ? ""
                : Written.full(quantity, value, say.units().other());
        states.put(
                field,
                FieldState.plain(
                        field,
                        "",
                        state.spelled(),
                        Written.full(quantity, value, say.units()),
                        other,
                        true,
                        state.note()));
    }

    /** An angle with its recommended range, radians; what stands is shown whether it was typed or chosen. */
    public void angle(Entry field, Advised advised, double rad) {
        states.computeIfPresent(
                field,
                (entry, state) -> state.advised(
                        Written.degrees(rad),
                        "",
                        new RangeAdvised(
                                Written.degrees(advised.span().low()),
                                Written.degrees(advised.span().high()),
                                Written.degrees(advised.chosen()),
                                advised.reason(),
                                advised.source(),
                                advised.schools())));
    }

    /** A nose radius with its recommended range, mm. */
    public void nose(Entry field, Advised advised, double mm) {
        states.computeIfPresent(
                field,
                (entry, state) -> state.advised(
                        say.length(mm),
                        Written.full(Quantity.LENGTH, mm, say.units().other()),
                        new RangeAdvised(
                                say.length(advised.span().low()),
                                say.length(advised.span().high()),
                                say.length(advised.chosen()),
                                advised.reason(),
                                advised.source(),
                                advised.schools())));
    }
}
