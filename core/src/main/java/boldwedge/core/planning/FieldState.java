package boldwedge.core.planning;

import boldwedge.core.language.finding.Station;
import java.util.Optional;

/**
 * A field as it stands after reading.
 *
 * @param id name in the API
 * @param label what it is called
 * @param station where it belongs
 * @param typed what was typed; empty when the program chose
 * @param spelled the same with its unit written out, so that it means the same in either unit system; empty when left to
 *     the program
 * @param text what to show: as typed, or the chosen value
 * @param other the same in the other unit system; empty when that says nothing new
 * @param chosen whether the program chose it
 * @param note what the text stood for, or how it sits with the lathe
 * @param error a sentence when the text cannot be used; else empty
 * @param advice what is recommended, where there is a range
 */
public record FieldState(
        String id,
        String label,
        Station station,
        String typed,
        String spelled,
        String text,
        String other,
        boolean chosen,
        String note,
        String error,
        Optional<RangeAdvised> advice) {

    /** A field that was read, or that is left to the program. */
    public static FieldState plain(
            Entry field, String typed, String spelled, String text, String other, boolean chosen, String note) {
        return of(field, typed, spelled, text, other, chosen, note, "");
    }

    /** A field whose text cannot be used. */
    public static FieldState wrong(Entry field, String typed, String error) {
        return of(field, typed, typed, typed, "", false, "", error);
    }

    private static FieldState of(
            Entry field,
            String typed,
            String spelled,
            String text,
            String other,
            boolean chosen,
            String note,
            String error) {
        return new FieldState(
                field.id(),
                field.label(),
                field.station(),
                typed,
                spelled,
                text,
                other,
                chosen,
                note,
                error,
                Optional.empty());
    }

    /** The same with its advice in brief. */
    public FieldState brief() {
        return new FieldState(
                id, label, station, typed, spelled, text, other, chosen, note, error, advice.map(RangeAdvised::brief));
    }

    /**
     * The same with the recommended range beside it.
     *
     * @param value what to show when it was left to the program
     * @param inOtherUnits that in the other unit system
     */
    FieldState advised(String value, String inOtherUnits, RangeAdvised range) {
        return new FieldState(
                id,
                label,
                station,
                typed,
                spelled,
                chosen ? value : text,
                chosen ? inOtherUnits : other,
                chosen,
                note,
                error,
                Optional.of(range));
    }
}
