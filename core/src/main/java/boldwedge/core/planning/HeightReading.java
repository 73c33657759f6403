package boldwedge.core.planning;

import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.words.Worded;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.holder.HeightMeasured;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;

/** Works a point's height out from what was measured, as typed, for any tool. */
public final class HeightReading {
    private static final Limits LENGTH = Entry.length(0, 1000);

    private HeightReading() {}

    /** How a height is found. */
    public enum How implements Worded {
        PIP,
        LINES,
        GAUGE
    }

    /**
     * What was measured, as typed.
     *
     * @param how by what
     * @param measured the pip across, the lines' distance, or the point above the slide
     * @param above for a pip whether it was rubbed off rather than cut round; for lines whether the second lies higher
     * @param behind whether the tool stands behind the work upside down, where a pip that is cut round shows it above
     * @param within a size that it must lie under, such as the work's diameter; may be empty
     * @param arm from a rocker's pivot to the point; may be empty
     */
    public record HeightAsked(How how, String measured, boolean above, boolean behind, String within, String arm) {}

    /**
     * What came of it.
     *
     * @param errors sentences by entry
     * @param height as it is typed into the height's field; empty with an error
     * @param sentence what it says
     */
    public record HeightAnswer(Map<String, String> errors, String height, String sentence) {}

    /** Works it out; the lathe says how high its axis is above the slide. */
    public static HeightAnswer read(HeightAsked question, Optional<Lathe> lathe, UnitSystem units) {
        Map<String, String> errors = new TreeMap<>();
        OptionalDouble measured = value(errors, "measured", question.measured(), units);
        OptionalDouble within = question.within().isBlank()
                ? OptionalDouble.empty()
                : value(new TreeMap<>(), "within", question.within(), units);
        OptionalDouble arm =
                question.arm().isBlank() ? OptionalDouble.empty() : value(errors, "arm", question.arm(), units);
        UnitFormat say = new UnitFormat(units);
        if (question.how() == How.PIP
                && within.isPresent()
                && measured.isPresent()
                && measured.getAsDouble() >= within.getAsDouble()) {
            errors.put("measured", "A pip is narrower than the work: under " + say.length(within.getAsDouble()) + ".");
        }
        if (question.how() == How.GAUGE && lathe.isEmpty()) {
            errors.put("measured", "Pick a lathe first: its card says how high the axis is above the slide.");
        }
        if (!errors.isEmpty() || measured.isEmpty()) {
            return new HeightAnswer(errors, "", "");
        }
        double axis = lathe.map(Lathe::axisAboveSlideMm).orElse(0.0);
        double height = switch (question.how()) {
            case PIP -> HeightMeasured.ofPip(measured.getAsDouble(), question.above() != question.behind());
            case LINES -> HeightMeasured.ofLines(measured.getAsDouble(), question.above());
            case GAUGE -> HeightMeasured.ofGauge(measured.getAsDouble(), axis);
        };
        return new HeightAnswer(Map.of(), typed(height, units), words(height, question, axis, lathe, arm, say));
    }

    private static String words(
            double height,
            HeightAsked question,
            double axis,
            Optional<Lathe> lathe,
            OptionalDouble arm,
            UnitFormat say) {
        StringBuilder words = new StringBuilder();
        words.append(
                Math.abs(height) < 0.0005
                        ? "The point is on the axis."
                        : "The point is " + say.length(Math.abs(height)) + (height > 0 ? " above" : " below")
                                + " the axis.");
        if (question.how() == How.GAUGE) {
            boolean measured = lathe.flatMap(
                            l -> l.slide().axisAboveMm().isPresent() ? Optional.of(l) : Optional.empty())
                    .isPresent();
            words.append(" The axis is taken ")
                    .append(say.length(axis))
                    .append(" above the slide, ")
                    .append(
                            measured
                                    ? "from the lathe's card."
                                    : "guessed from the swing: put yours on the lathe's card.");
        }
        if (arm.isPresent() && arm.getAsDouble() > Math.abs(height) && Math.abs(height) >= 0.0005) {
            words.append(" A rocker ")
                    .append(say.length(arm.getAsDouble()))
                    .append(" long brings it there by a turn of ")
                    .append(Written.degrees(Math.abs(HeightMeasured.rockerTurn(height, arm.getAsDouble()))))
                    .append(height > 0 ? " down" : " up")
                    .append("; rake and clearance turn by as much.");
        }
        return words.toString();
    }

    private static String typed(double mm, UnitSystem units) {
        return units == UnitSystem.METRIC ? Written.places(mm, 3) + " mm" : Written.places(mm / 25.4, 4) + " in";
    }

    private static OptionalDouble value(Map<String, String> errors, String where, String text, UnitSystem units) {
        return switch (MeasureParser.parse(text, LENGTH, units)) {
            case Parsed.Good<Reading>(Reading good) -> OptionalDouble.of(good.value());
            case Parsed.Wrong<Reading> wrong -> {
                errors.put(where, wrong.sentence());
                yield OptionalDouble.empty();
            }
        };
    }
}
