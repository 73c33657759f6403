package boldwedge.core.families.forming.entry;

import boldwedge.core.families.forming.model.Profile;
import boldwedge.core.families.forming.model.Profile.Corner;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A profile as it is typed: corners from left to right, each along the axis and the diameter there, joined by lines; behind an arc its radius, "r5" where
 * it bulges, "r-5" where it is hollow: "0 24; 2 20; 8 20 r-5; 10 24".
 */
public final class ProfileText {
    private static final Limits ALONG = new Limits(Quantity.LENGTH, -1000, 1000);
    private static final Limits ACROSS = new Limits(Quantity.LENGTH, 0.5, 1000);
    private static final Limits ARC = new Limits(Quantity.LENGTH, -1000, 1000);
    private static final Pattern NUMBER = Pattern.compile("([rR]\\s*)?(-?[\\d.][\\d./-]*(?:\\s*(?:mm|in|thou|\"))?)");
    private static final int MOST_CORNERS = 60;

    private ProfileText() {}

    /** A text that is no profile; its message is a sentence for whoever typed it. */
    public static final class Unreadable extends Exception {
        private static final long serialVersionUID = 1;

        Unreadable(String sentence) {
            super(sentence);
        }
    }

    /**
     * Reads one, in the units of the asker where none are written.
     *
     * @throws Unreadable where it is none
     */
    public static Profile read(String text, UnitSystem units) throws Unreadable {
        List<Corner> corners = new ArrayList<>();
        for (String part : text.split("[;\\n|]+")) {
            if (!part.isBlank()) {
                corners.add(corner(part.strip(), corners.size() + 1, units));
            }
        }
        String wrong = whole(corners, units);
        if (!wrong.isEmpty()) {
            throw new Unreadable(wrong);
        }
        return Profile.through(corners);
    }

    private static Corner corner(String text, int number, UnitSystem units) throws Unreadable {
        List<Double> values = new ArrayList<>();
        double arc = 0;
        Matcher found = NUMBER.matcher(text);
        while (found.find()) {
            boolean isArc = found.group(1) != null;
            Limits limits = isArc ? ARC : values.isEmpty() ? ALONG : ACROSS;
            double value = value(found.group(2).strip(), limits, number, units);
            if (isArc) {
                arc = value;
            } else {
                values.add(value);
            }
        }
        boolean rest =
                !NUMBER.matcher(text).replaceAll("").replaceAll("[,\\s]", "").isEmpty();
        if (values.size() != 2 || rest) {
            throw new Unreadable(
                    "Corner " + number + ", “" + text
                            + "”: write how far along and the diameter there, as “8 20”; behind an arc its radius, “8 20 r5”. Between corners stands a semicolon.");
        }
        return new Corner(values.get(0), values.get(1) / 2, arc);
    }

    private static double value(String text, Limits limits, int number, UnitSystem units) throws Unreadable {
        return switch (MeasureParser.parse(text, limits, units)) {
            case Parsed.Wrong<Reading> wrong -> throw new Unreadable("Corner " + number + ": " + wrong.sentence());
            case Parsed.Good<Reading>(Reading reading) -> reading.value();
        };
    }

    /** What is wrong with corners that are right each by itself; empty where nothing is. */
    private static String whole(List<Corner> corners, UnitSystem units) {
        if (corners.size() < 2 || corners.size() > MOST_CORNERS) {
            return "A profile has two corners or more, " + MOST_CORNERS + " at the most: “0 24; 2 20; 10 24”.";
        }
        for (int i = 1; i < corners.size(); i++) {
            Corner from = corners.get(i - 1);
            Corner to = corners.get(i);
            if (to.xMm() < from.xMm() - 1e-9) {
                return "Corner " + (i + 1)
                        + " lies left of the one before: no bit that is fed straight in cuts a profile that turns back on itself. "
                        + length(from.xMm(), units) + " or more along.";
            }
            double chord = Math.hypot(to.xMm() - from.xMm(), to.radiusMm() - from.radiusMm());
            if (chord < 1e-6) {
                return "Corner " + (i + 1) + " lies on the one before.";
            }
            if (to.arcMm() != 0 && 2 * Math.abs(to.arcMm()) < chord - 1e-9) {
                return "Corner " + (i + 1) + ": an arc of " + length(Math.abs(to.arcMm()), units)
                        + " does not reach so far: " + length(chord / 2, units) + " or more.";
            }
        }
        for (Profile.Piece piece : Profile.through(corners).pieces()) {
            if (piece.x1() < piece.x0() - 1e-6) {
                return "An arc turns back on itself: no bit that is fed straight in cuts that. Take a larger radius.";
            }
            if (piece.r0() <= 0 || piece.r1() <= 0) {
                return "An arc goes through the work’s axis: take a larger radius.";
            }
        }
        return corners.getLast().xMm() - corners.getFirst().xMm() < 0.2 ? "So narrow a profile is a groove." : "";
    }

    private static String length(double mm, UnitSystem units) {
        return units == UnitSystem.METRIC ? Written.millimetres(mm) : Written.inches(mm);
    }
}
