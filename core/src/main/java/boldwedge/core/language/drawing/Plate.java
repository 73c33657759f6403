package boldwedge.core.language.drawing;

import boldwedge.core.language.measure.Written;
import java.math.BigDecimal;
import java.util.regex.Pattern;

/** The plate that every scene is laid out on, so that words have one size whatever is drawn: plate millimetres. */
public final class Plate {
    public static final double WIDTH = 100;
    public static final double HEIGHT = 74;

    private Plate() {}

    private static final Pattern SCALE = Pattern.compile("\\{([\\d.]+)}");

    /**
     * The scale within a note, to be put into words where it is known how large the plate is shown: {@code {1.77}}, plate millimetres per millimetre of the thing.
     */
    public static String scale(double platePerMm) {
        return "{" + Written.significant(platePerMm, 4) + "}";
    }

    /** A note in words, for a plate of its own size: "drawn 1.8 times", "drawn 1 : 2.4". */
    public static String inWords(String note) {
        return SCALE.matcher(note).replaceAll(found -> {
            double times = new BigDecimal(found.group(1)).doubleValue();
            return times >= 1
                    ? "drawn " + Written.places(times, 1) + " times"
                    : "drawn 1 : " + Written.places(1 / times, 1);
        });
    }
}
