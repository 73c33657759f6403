package boldwedge.core.ask;

import boldwedge.core.finding.School;
import boldwedge.core.finding.Station;
import java.util.List;

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
 * @param low low end of the recommended range; empty when there is none
 * @param high high end of the recommended range
 * @param advised the recommended value
 * @param reason why it is recommended
 * @param source where the range comes from
 * @param schools where practitioners differ
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
        String low,
        String high,
        String advised,
        String reason,
        String source,
        List<School> schools) {

    public static FieldState plain(
            Entry field, String typed, String spelled, String text, String other, boolean chosen, String note) {
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
                "",
                "",
                "",
                "",
                "",
                "",
                List.of());
    }

    /**
     * The same with the recommended range beside it.
     *
     * @param value what to show when it was left to the program
     * @param inOtherUnits that in the other unit system
     */
    public FieldState advised(
            String value,
            String inOtherUnits,
            String lowEnd,
            String highEnd,
            String choice,
            String why,
            String citation,
            List<School> differing) {
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
                lowEnd,
                highEnd,
                choice,
                why,
                citation,
                differing);
    }

    public static FieldState wrong(Entry field, String typed, String error) {
        return new FieldState(
                field.id(),
                field.label(),
                field.station(),
                typed,
                typed,
                typed,
                "",
                false,
                "",
                error,
                "",
                "",
                "",
                "",
                "",
                List.of());
    }
}
