package boldwedge.core.planning;

import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import java.util.Optional;

/**
 * A computed number.
 *
 * @param id stable name
 * @param label what it is
 * @param station where it belongs
 * @param value the number in the unit named: the base unit of its quantity, but degrees for angles; empty when there is none, such
 *     as a depth that never chatters
 * @param unit that unit
 * @param text as the maker reads it, in the units asked for; "none" when there is none
 */
public record Figure(String id, String label, Station station, Optional<Double> value, String unit, String text) {
    /** What is said of a number that is not there. */
    public static final String NONE = "none";

    /** An amount as a figure. */
    public static Figure of(String id, String label, Station station, Amount amount, UnitFormat say) {
        boolean angle = amount.quantity() == Quantity.ANGLE;
        double value = angle ? Math.toDegrees(amount.value()) : amount.value();
        return Double.isFinite(value)
                ? new Figure(
                        id,
                        label,
                        station,
                        Optional.of(value),
                        angle ? "deg" : amount.quantity().base(),
                        say.amount(amount))
                : new Figure(
                        id, label, station, Optional.empty(), amount.quantity().base(), NONE);
    }

    /** The number.
     *
     * @throws java.util.NoSuchElementException when there is none
     */
    public double is() {
        return value.orElseThrow();
    }
}
