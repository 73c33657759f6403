package boldwedge.core.language.measure;

/**
 * A value as somebody wrote it.
 *
 * @param typed the text as typed, kept to be shown as typed
 * @param value the value in the base unit of its quantity (see {@link Quantity})
 * @param unit the unit that was written, or assumed for a bare number
 * @param note what the text stood for, when that needs saying ("drill #31 is 0.1200 in"); else empty
 */
public record Reading(String typed, double value, Unit unit, String note) {

    public Quantity quantity() {
        return unit.quantity();
    }

    /** The unit system in which this was written. */
    public UnitSystem system() {
        return switch (unit) {
            case INCH,
                    FOOT,
                    THOU,
                    TENTH,
                    MICROINCH,
                    FOOT_PER_MINUTE,
                    INCH_PER_REV,
                    THOU_PER_REV,
                    RA_MICROINCH,
                    HORSEPOWER,
                    POUND_PER_THOU,
                    POUND_PER_INCH -> UnitSystem.INCH;
            default -> UnitSystem.METRIC;
        };
    }
}
