package boldwedge.core.language.measure;

import java.util.ArrayList;
import java.util.List;

/** Reads several values of one quantity: "0.05, 0.1, 0.2 mm". */
public final class MeasureList {
    private static final int MOST_ENTRIES = 60;

    private MeasureList() {}

    /**
     * Values between commas or semicolons, in base units of the limits' quantity, in the order in which they were typed; one without a unit has that of the next which has one.
     */
    public static Parsed<List<Double>> parse(String typed, Limits limits, UnitSystem units) {
        String[] parts = typed.split("[,;]");
        if (parts.length > MOST_ENTRIES) {
            return Parsed.wrong(Complaint.TOO_MANY, MOST_ENTRIES);
        }
        List<Double> values = new ArrayList<>();
        String unit = "";
        for (int i = parts.length - 1; i >= 0; i--) {
            String value = parts[i].strip();
            boolean bare = value.matches("[\\d./\\s-]+");
            if (!bare) {
                unit = value.replaceFirst("^[\\d./\\s-]+", "");
            }
            switch (MeasureParser.parse(bare ? value + " " + unit : value, limits, units)) {
                case Parsed.Good<Reading>(Reading reading) -> values.addFirst(reading.value());
                case Parsed.Wrong<Reading>(Complaint complaint, String sentence) -> {
                    return new Parsed.Wrong<>(complaint, sentence);
                }
            }
        }
        return Parsed.good(values);
    }
}
