package boldwedge.core.planning;

import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.UnitSystem;

/** Texts with their unit written out, so that they mean the same in either unit system. */
public final class Spelled {
    private Spelled() {}

    /** A text that was read in these units, with its unit when it is a bare number that the other system would read differently. */
    public static String out(String text, Reading reading, UnitSystem units) {
        boolean same = MeasureParser.parse(text, reading.quantity(), units.other())
                        instanceof Parsed.Good<Reading>(Reading other)
                && Math.abs(other.value() - reading.value()) <= 1e-12 * Math.abs(reading.value());
        return same ? text : text + " " + reading.unit().symbol();
    }
}
