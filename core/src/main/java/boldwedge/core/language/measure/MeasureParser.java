package boldwedge.core.language.measure;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The one way in for text: reads what a machinist writes. Fractions ({@code 5/8}, {@code 1-3/8}, {@code 1 3/8"}),
 * decimals with or without a leading 0, thou and tenths, drill names, degrees with minutes and seconds, speeds, feeds
 * and roughness. A bare number takes the unit of the moment; a bare fraction is always inches, because nobody writes
 * millimetres in sixty-fourths.
 */
public final class MeasureParser {
    private static final int LONGEST = 40;

    private MeasureParser() {}

    /**
     * Reads a text.
     *
     * @param text what was typed
     * @param limits the quantity asked for and the values taken
     * @param system what a bare number means
     * @return the reading, or a sentence that says what is wrong and what would be right
     */
    public static Parsed<Reading> parse(String text, Limits limits, UnitSystem system) {
        Parsed<Reading> parsed = parse(text, limits.quantity(), system);
        if (!(parsed instanceof Parsed.Good<Reading>(Reading reading))) {
            return parsed;
        }
        // A hair of slack: limits are stated in one unit and typed in another.
        double slack = 1e-9 * Math.max(1, Math.abs(reading.value()));
        if (reading.value() < limits.least() - slack) {
            return Parsed.wrong(
                    Complaint.TOO_SMALL, reading.typed(), Written.full(limits.quantity(), limits.least(), system));
        }
        if (reading.value() > limits.most() + slack) {
            return Parsed.wrong(
                    Complaint.TOO_LARGE, reading.typed(), Written.full(limits.quantity(), limits.most(), system));
        }
        return parsed;
    }

    /** Reads a text without limits on its value. See {@link #parse(String, Limits, UnitSystem)}. */
    public static Parsed<Reading> parse(String text, Quantity quantity, UnitSystem system) {
        String typed = text.strip();
        if (typed.isEmpty()) {
            return Parsed.wrong(Complaint.EMPTY, quantity.inWords(), quantity.example());
        }
        if (typed.length() > LONGEST) {
            return Parsed.wrong(Complaint.TOO_LONG, typed.length());
        }
        return new Scan(typed, quantity, system).read();
    }

    /** One pass over one text. */
    private static final class Scan {
        private final String typed;
        private final String text;
        private final Quantity quantity;
        private final UnitSystem system;
        private int at;

        Scan(String typed, Quantity quantity, UnitSystem system) {
            this.typed = typed;
            this.text = plain(typed);
            this.quantity = quantity;
            this.system = system;
        }

        Parsed<Reading> read() {
            if (quantity == Quantity.LENGTH) {
                Optional<Parsed<Reading>> drill = drill();
                if (drill.isPresent()) {
                    return drill.get();
                }
                skipWord("ø");
                skipWord("dia");
            }
            if (quantity == Quantity.ROUGHNESS) {
                Optional<Parsed<Reading>> grade = roughnessGrade();
                if (grade.isPresent()) {
                    return grade.get();
                }
                skipWord("ra");
            }
            skipSpace();
            boolean negative = false;
            if (peek() == '-' || peek() == '+') {
                negative = peek() == '-';
                at++;
                skipSpace();
            }
            Optional<Parsed<Reading>> asked = twoReadings(text.substring(at));
            if (asked.isPresent()) {
                return asked.get();
            }
            if (!atNumber()) {
                return Parsed.wrong(Complaint.NOT_A_NUMBER, typed, quantity.inWords(), quantity.example());
            }
            double number = decimal();
            boolean fraction = false;
            int mark = at;
            skipSpace();
            if (peek() == '/' && isDigit(peekAt(1))) {
                at++;
                double bottom = decimal();
                if (bottom == 0) {
                    return Parsed.wrong(Complaint.ZERO_DENOMINATOR, typed);
                }
                // Nobody writes 12.00/11.98 for a fraction: those are two limits.
                if (number != Math.rint(number) || bottom != Math.rint(bottom)) {
                    return Parsed.wrong(Complaint.BAD_FRACTION, typed);
                }
                number /= bottom;
                fraction = true;
            } else if (mixedPartFollows()) {
                if (peek() == '-') {
                    at++;
                }
                double top = decimal();
                skipSpace();
                at++; // the stroke, seen by mixedPartFollows
                double bottom = decimal();
                if (bottom == 0) {
                    return Parsed.wrong(Complaint.ZERO_DENOMINATOR, typed);
                }
                if (top >= bottom || number != Math.rint(number)) {
                    return Parsed.wrong(Complaint.BAD_FRACTION, typed);
                }
                number += top / bottom;
                fraction = true;
            } else {
                at = mark;
            }
            if (atNumber() || (peek() == '/' && fraction)) {
                return Parsed.wrong(Complaint.BAD_FRACTION, typed);
            }
            skipSpace();
            return unitOf(negative ? -number : number, fraction);
        }

        private Parsed<Reading> unitOf(double number, boolean fraction) {
            String word = text.substring(at).strip();
            if (quantity == Quantity.ANGLE) {
                Optional<Parsed<Reading>> angle = degreesMinutesSeconds(number, word);
                if (angle.isPresent()) {
                    return angle.get();
                }
            }
            if (word.isEmpty() && quantity == Quantity.ROUGHNESS && number > 0) {
                boolean inch = system == UnitSystem.INCH;
                if (inch ? number < FINEST_RA_MICROINCH : number > COARSEST_RA_MICROMETRE) {
                    String bare = Written.places(number, 4);
                    return Parsed.wrong(
                            Complaint.SIZE_OF_UNIT,
                            typed,
                            bare + (inch ? " µin" : " µm"),
                            bare + (inch ? " µm" : " µin"));
                }
            }
            if (word.isEmpty()) {
                Unit unit = fraction && quantity == Quantity.LENGTH ? Unit.INCH : system.bareUnit(quantity);
                return read(number, unit, "");
            }
            Unit unit = Unit.named(word).orElse(null);
            if (unit == null && quantity == Quantity.LENGTH && fraction && word.equalsIgnoreCase("drill")) {
                unit = Unit.INCH;
            }
            Matcher fit = FIT_AFTER.matcher(word);
            if (unit == null && quantity == Quantity.LENGTH && fit.matches()) {
                String size = text.substring(0, text.length() - fit.group("fit").length());
                return Parsed.wrong(Complaint.FIT_WITH_SIZE, typed, size.strip(), fit.group("fit"));
            }
            if (unit == null && Character.isDigit(word.charAt(word.length() - 1))) {
                return Parsed.wrong(Complaint.TOO_MUCH, typed, word, quantity.example());
            }
            if (unit == null) {
                return Parsed.wrong(Complaint.UNKNOWN_UNIT, word, quantity.inWords(), quantity.example());
            }
            unit = unit.meantIn(quantity);
            if (unit.quantity() != quantity) {
                return Parsed.wrong(
                        Complaint.WRONG_QUANTITY,
                        typed,
                        unit.quantity().inWords(),
                        quantity.inWords(),
                        quantity.example());
            }
            return read(number, unit, "");
        }

        private Parsed<Reading> read(double number, Unit unit, String note) {
            double value = unit.toBase(number);
            return Double.isFinite(value)
                    ? Parsed.good(new Reading(typed, value, unit, note))
                    : Parsed.wrong(Complaint.NOT_A_NUMBER, typed, quantity.inWords(), quantity.example());
        }

        /** 11°30'15" and its kin; empty when the text has only one part. */
        private Optional<Parsed<Reading>> degreesMinutesSeconds(double degrees, String rest) {
            int mark = rest.indexOf('°');
            int skip = 1;
            if (mark != 0) {
                if (!rest.toLowerCase(Locale.ROOT).startsWith("deg")) {
                    return Optional.empty();
                }
                skip = 3;
            }
            String tail = rest.substring(skip).strip();
            if (tail.isEmpty() || !isDigit(tail.charAt(0))) {
                return Optional.empty();
            }
            double seconds = 0;
            int minuteEnd = tail.indexOf('\'');
            String minuteText = minuteEnd < 0 ? tail : tail.substring(0, minuteEnd);
            String secondText =
                    minuteEnd < 0 ? "" : tail.substring(minuteEnd + 1).strip();
            try {
                double minutes = Double.parseDouble(minuteText.strip());
                if (!secondText.isEmpty()) {
                    seconds = Double.parseDouble(secondText.replace("\"", "").strip());
                }
                if (minutes >= 60 || seconds >= 60) {
                    return Optional.of(Parsed.wrong(Complaint.TOO_LARGE, typed, "59 minutes and 59 seconds"));
                }
                double magnitude = Math.abs(degrees) + minutes / 60 + seconds / 3600;
                return Optional.of(read(Math.copySign(magnitude, typed.startsWith("-") ? -1 : 1), Unit.DEGREE, ""));
            } catch (NumberFormatException notMinutes) {
                return Optional.of(Parsed.wrong(Complaint.TOO_MUCH, typed, tail, quantity.example()));
            }
        }

        /** N1 to N12: roughness roughness grades of ISO 1302:1992. */
        private Optional<Parsed<Reading>> roughnessGrade() {
            if (Character.toLowerCase(peek()) != 'n' || !isDigit(peekAt(1))) {
                return Optional.empty();
            }
            at++;
            double grade = decimal();
            if (grade != Math.rint(grade) || grade < 1 || grade > 12 || at < text.length()) {
                return Optional.of(Parsed.wrong(Complaint.UNKNOWN_UNIT, typed, quantity.inWords(), quantity.example()));
            }
            double ra = RA_OF_GRADE[(int) grade - 1];
            return Optional.of(read(ra, Unit.RA_MICROMETRE, "N" + (int) grade + " is Ra " + ra + " µm"));
        }

        private Optional<Parsed<Reading>> drill() {
            String rest = text;
            boolean number = false;
            boolean letter = false;
            String lower = text.toLowerCase(Locale.ROOT);
            if (lower.startsWith("#")) {
                rest = text.substring(1);
                number = true;
            } else if (lower.startsWith("number")) {
                rest = text.substring(6);
                number = true;
            } else if (lower.startsWith("no.")) {
                rest = text.substring(3);
                number = true;
            } else if (lower.startsWith("no ")) {
                rest = text.substring(2);
                number = true;
            } else if (lower.startsWith("letter")) {
                rest = text.substring(6);
                letter = true;
            } else if (isLetter(peek())
                    && (text.length() == 1 || lower.substring(1).strip().equals("drill"))) {
                letter = true;
            } else {
                return Optional.empty();
            }
            rest = rest.strip();
            if (rest.toLowerCase(Locale.ROOT).endsWith("drill")) {
                rest = rest.substring(0, rest.length() - 5).strip();
            }
            String name = number ? "#" + rest : rest.toUpperCase(Locale.ROOT);
            Optional<Drill> drill = DrillTable.named(
                    number ? Drill.Series.NUMBER : letter ? Drill.Series.LETTER : Drill.Series.NUMBER, name);
            if (drill.isEmpty()) {
                return Optional.of(Parsed.wrong(Complaint.NO_SUCH_DRILL, name.equals("#") ? "unnamed" : name));
            }
            double inches = drill.get().diameterMm() / 25.4;
            String note = Written.words("drill %s is %.4f in", drill.get().name(), inches);
            return Optional.of(Parsed.good(new Reading(typed, drill.get().diameterMm(), Unit.INCH, note)));
        }

        /** After a whole number: " 3/8" or "-3/8". */
        private boolean mixedPartFollows() {
            int look = at;
            if (look < text.length() && text.charAt(look) == '-') {
                look++;
            } else if (look == 0 || text.charAt(look - 1) != ' ') {
                return false;
            }
            int digits = look;
            while (look < text.length() && isDigit(text.charAt(look))) {
                look++;
            }
            if (look == digits) {
                return false;
            }
            while (look < text.length() && text.charAt(look) == ' ') {
                look++;
            }
            return look + 1 < text.length() && text.charAt(look) == '/' && isDigit(text.charAt(look + 1));
        }

        /** Digits, with thousands marks, a decimal point or comma and a power of ten where they are written. */
        private double decimal() {
            int start = at;
            StringBuilder plain = new StringBuilder(text.length());
            digits(plain);
            boolean thousands = thousandsFollow(start);
            while (thousandsFollow(start)) {
                at++;
                digits(plain);
            }
            boolean point = peek() == '.' || (peek() == ',' && !thousands);
            if (point && (isDigit(peekAt(1)) || !plain.isEmpty())) {
                at++;
                plain.append('.');
                digits(plain);
            }
            int sign = peekAt(1) == '-' || peekAt(1) == '+' ? 2 : 1;
            if ((peek() == 'e' || peek() == 'E') && isDigit(peekAt(sign))) {
                plain.append(text, at, at + sign);
                at += sign;
                digits(plain);
            }
            return Double.parseDouble(plain.toString());
        }

        private void digits(StringBuilder into) {
            while (isDigit(peek())) {
                into.append(peek());
                at++;
            }
        }

        /**
         * Whether a comma here stands before thousands: before exactly three digits, after one to three, the first no 0, and only
         * where numbers go into the thousands at all. Elsewhere a comma is a decimal one.
         */
        private boolean thousandsFollow(int start) {
            if (peek() != ',' || !threeDigitsFollow()) {
                return false;
            }
            boolean first = text.indexOf(',', start) == at;
            if (!first) {
                return true;
            }
            boolean more = peekAt(4) == ',' || peekAt(4) == '.';
            return at > start
                    && at - start <= 3
                    && text.charAt(start) != '0'
                    && (more || quantity == Quantity.SPINDLE_SPEED);
        }

        private boolean threeDigitsFollow() {
            return isDigit(peekAt(1)) && isDigit(peekAt(2)) && isDigit(peekAt(3)) && !isDigit(peekAt(4));
        }

        /** A comma before exactly three digits after a whole number: one and a half, or fifteen hundred? */
        private Optional<Parsed<Reading>> twoReadings(String rest) {
            Matcher two = TWO_READINGS.matcher(rest);
            if (quantity == Quantity.SPINDLE_SPEED || !two.lookingAt()) {
                return Optional.empty();
            }
            String unit = rest.substring(two.end()).strip();
            String space = unit.isEmpty() ? "" : " " + unit;
            return Optional.of(Parsed.wrong(
                    Complaint.COMMA_OR_THOUSANDS,
                    typed,
                    two.group(1) + "." + two.group(2) + space,
                    two.group(1) + two.group(2) + space));
        }

        private boolean atNumber() {
            return isDigit(peek()) || ((peek() == '.' || peek() == ',') && isDigit(peekAt(1)));
        }

        private void skipSpace() {
            while (peek() == ' ') {
                at++;
            }
        }

        private void skipWord(String word) {
            if (text.regionMatches(true, at, word, 0, word.length())) {
                at += word.length();
                if (peek() == '.') {
                    at++;
                }
                skipSpace();
            }
        }

        private char peek() {
            return peekAt(0);
        }

        private char peekAt(int ahead) {
            return at + ahead < text.length() ? text.charAt(at + ahead) : '\0';
        }
    }

    /** N1 to N12 of ISO 1302:1992, in micrometres. */
    private static final double[] RA_OF_GRADE = {0.025, 0.05, 0.1, 0.2, 0.4, 0.8, 1.6, 3.2, 6.3, 12.5, 25, 50};

    /** An ISO 286 zone and grade behind a size, such as 38 mm h7. */
    private static final Pattern FIT_AFTER =
            Pattern.compile("(?:.*[\\s\"])?(?<fit>(?:[a-hjkmnprstuvxyzA-HJKMNPRSTUVXYZ]|js|JS)(?:1[0-8]|[1-9]))");

    private static final Pattern TWO_READINGS = Pattern.compile("([1-9]\\d{0,2}),(\\d{3})(?![\\d.,])");

    /** Without a unit: no surface of a shop is finer than this in microinches, µm, or coarser than this in micrometres. */
    private static final double FINEST_RA_MICROINCH = 4;

    private static final double COARSEST_RA_MICROMETRE = 50;

    private static boolean isDigit(char c) {
        return c >= '0' && c <= '9';
    }

    private static boolean isLetter(char c) {
        return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z');
    }

    /** Typographers' marks to plain ones; vulgar fractions to digits. Most texts pass untouched. */
    private static String plain(String typed) {
        boolean ascii = true;
        for (int i = 0; i < typed.length(); i++) {
            char c = typed.charAt(i);
            if ((c > 126 && c != '°' && c != 'µ') || c == '\'' || c == '\t') {
                ascii = false;
                break;
            }
        }
        if (ascii) {
            return typed;
        }
        StringBuilder out = new StringBuilder(typed.length() + 4);
        for (int i = 0; i < typed.length(); i++) {
            char c = typed.charAt(i);
            switch (c) {
                case '″', '”', '“' -> out.append('"');
                case '′', '’', '‘' -> out.append('\'');
                case '−', '–' -> out.append('-');
                case 'º' -> out.append('°');
                case 'μ' -> out.append('µ');
                case '⁄', '∕' -> out.append('/');
                case 'Ø', '⌀' -> out.append('ø');
                case '\u00a0', '\t', '\u202f' -> out.append(' ');
                case '½' -> fraction(out, "1/2");
                case '¼' -> fraction(out, "1/4");
                case '¾' -> fraction(out, "3/4");
                case '⅛' -> fraction(out, "1/8");
                case '⅜' -> fraction(out, "3/8");
                case '⅝' -> fraction(out, "5/8");
                case '⅞' -> fraction(out, "7/8");
                default -> out.append(c);
            }
        }
        String text = out.toString();
        return text.endsWith("''") ? text.substring(0, text.length() - 2) + "\"" : text;
    }

    private static void fraction(StringBuilder out, String plain) {
        if (!out.isEmpty() && isDigit(out.charAt(out.length() - 1))) {
            out.append(' ');
        }
        out.append(plain);
    }
}
