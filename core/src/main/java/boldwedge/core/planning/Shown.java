package boldwedge.core.planning;

import boldwedge.core.mechanics.advice.AngleAdvice.Advised;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToDoubleFunction;

/**
 * What a cut shows in a field that was left open: the other half of a field's declaration.
 *
 * @param <C> the cut, worked out
 */
@FunctionalInterface
public interface Shown<C> {
    /** Shows it. */
    void show(C cut, Entry field, Chosen chosen);

    /** A field whose usual text says all, or of which nothing is chosen. */
    static <C> Shown<C> nothing() {
        return (cut, field, chosen) -> {};
    }

    /** A value in the base unit of the field's own quantity. */
    static <C> Shown<C> value(ToDoubleFunction<C> value) {
        return (cut, field, chosen) -> chosen.value(field, value.applyAsDouble(cut));
    }

    /** The same of some cuts only. */
    static <C> Shown<C> where(Predicate<C> when, ToDoubleFunction<C> value) {
        return (cut, field, chosen) -> {
            if (when.test(cut)) {
                chosen.value(field, value.applyAsDouble(cut));
            }
        };
    }

    /** A value of a part that some cuts have: a recess, a bar. */
    static <C, P> Shown<C> of(Function<C, Optional<P>> part, ToDoubleFunction<P> value) {
        return (cut, field, chosen) -> part.apply(cut).ifPresent(has -> chosen.value(field, value.applyAsDouble(has)));
    }

    /** An angle with its recommended range, radians; what stands is shown whether it was typed or chosen. */
    static <C> Shown<C> angle(Function<C, Advised> advised, ToDoubleFunction<C> rad) {
        return (cut, field, chosen) -> chosen.angle(field, advised.apply(cut), rad.applyAsDouble(cut));
    }

    /** A nose radius with its recommended range, mm. */
    static <C> Shown<C> nose(Function<C, Advised> advised, ToDoubleFunction<C> mm) {
        return (cut, field, chosen) -> chosen.nose(field, advised.apply(cut), mm.applyAsDouble(cut));
    }
}
