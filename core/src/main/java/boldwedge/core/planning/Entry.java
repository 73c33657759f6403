package boldwedge.core.planning;

import boldwedge.core.language.drawing.InputField;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitSystem;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * One value that is asked for. It is typed as text; an empty text takes the usual value, or the program chooses and says
 * why.
 */
public interface Entry extends InputField {
    /** How it is asked for. */
    Asked asked();

    /** Name in the API. */
    @Override
    default String id() {
        return asked().id();
    }

    /** What it is called beside its input. */
    @Override
    default String label() {
        return asked().label();
    }

    /** Where it is typed. */
    default Station station() {
        return asked().station();
    }

    /** Quantity and range of a measured entry; empty for choices and tolerances. */
    default Optional<Limits> limits() {
        return asked().limits();
    }

    /** What stands there before anybody types; empty when the program chooses. */
    default String usual(UnitSystem system) {
        return asked().usual(system);
    }

    /** Limits of a length, mm. */
    static Limits length(double leastMm, double mostMm) {
        return new Limits(Quantity.LENGTH, leastMm, mostMm);
    }

    /** Limits of an angle, given in degrees. */
    static Limits degrees(double least, double most) {
        return new Limits(Quantity.ANGLE, Math.toRadians(least), Math.toRadians(most));
    }

    /** What it can be picked from; empty when it is typed, or picked from the shop's own machines. */
    default List<Choice> choices() {
        return asked().choices();
    }

    /** Whether it is picked from a list or from the shop's machines, not typed. */
    default boolean picked() {
        return asked().machine() || !choices().isEmpty();
    }

    /** The ids of entries. */
    static List<String> ids(Entry... entries) {
        return Arrays.stream(entries).map(Entry::id).toList();
    }

    /** How a choice is written in the API: lower case with dashes. */
    static String choice(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
