package boldwedge.core.language.measure;

/**
 * Limits about a nominal size.
 *
 * @param upperMm upper deviation from nominal, millimetres, with sign
 * @param lowerMm lower deviation from nominal, millimetres, with sign; not above the upper
 * @param typed as it was written
 */
public record Tolerance(double upperMm, double lowerMm, String typed) {

    /** The whole width of the tolerance, millimetres. */
    public double widthMm() {
        return upperMm - lowerMm;
    }

    /** Where in the middle of the limits to aim, as a deviation from nominal in millimetres. */
    public double middleMm() {
        return (upperMm + lowerMm) / 2;
    }

    /**
     * Reads {@code ±.0005}, {@code +.001/-0}, {@code +0.02 -0.01}, or an ISO 286 class such as {@code H7} or {@code g6}
     * for this nominal size.
     */
    public static Parsed<Tolerance> parse(String text, double nominalMm, UnitSystem system) {
        String typed = text.strip();
        if (typed.isEmpty()) {
            return Parsed.wrong(Complaint.EMPTY, "a tolerance", "±.0005, +.001/-0, H7 or g6");
        }
        if (typed.length() > 40) {
            return Parsed.wrong(Complaint.TOO_LONG, typed.length());
        }
        if (Character.isLetter(typed.charAt(0))) {
            return Iso286.parse(typed, nominalMm);
        }
        String plain = typed.replace('−', '-').replace("+/-", "±").replace("+-", "±");
        if (plain.startsWith("±")) {
            return switch (length(plain.substring(1), system)) {
                case Parsed.Wrong<Reading> wrong -> Parsed.wrong(Complaint.NO_SUCH_FIT, typed);
                case Parsed.Good<Reading>(Reading half) ->
                    half.value() < 0
                            ? Parsed.wrong(Complaint.NO_SUCH_FIT, typed)
                            : Parsed.good(new Tolerance(half.value(), -half.value(), typed));
            };
        }
        int split = splitAt(plain);
        if (split < 0 && (plain.startsWith("+") || plain.startsWith("-"))) {
            return alone(plain, typed, system);
        }
        if (split < 0) {
            return Parsed.wrong(Complaint.NO_SUCH_FIT, typed);
        }
        String first = plain.substring(0, split).replaceAll("[/\\s]+$", "");
        String second = plain.substring(split);
        if (!(length(first, system) instanceof Parsed.Good<Reading>(Reading one))
                || !(length(second, system) instanceof Parsed.Good<Reading>(Reading two))) {
            return Parsed.wrong(Complaint.NO_SUCH_FIT, typed);
        }
        // The unit written after the second limit holds for both: "+.001/-0 in".
        double upper = one.value();
        if (first.matches("[-+]?[\\d.]+") && two.unit() != one.unit()) {
            upper = two.unit().toBase(Double.parseDouble(first));
        }
        if (upper < two.value()) {
            return Parsed.wrong(Complaint.CROSSED_LIMITS, first, second);
        }
        return Parsed.good(new Tolerance(upper, two.value(), typed));
    }

    /** One limit alone: the size itself is the other, "+.001" is up to a thousandth over. */
    private static Parsed<Tolerance> alone(String plain, String typed, UnitSystem system) {
        return switch (length(plain, system)) {
            case Parsed.Wrong<Reading> wrong -> Parsed.wrong(Complaint.NO_SUCH_FIT, typed);
            case Parsed.Good<Reading>(Reading limit) ->
                Parsed.good(new Tolerance(Math.max(0, limit.value()), Math.min(0, limit.value()), typed));
        };
    }

    private static Parsed<Reading> length(String text, UnitSystem system) {
        return MeasureParser.parse(text, Quantity.LENGTH, system);
    }

    /** Where the second limit starts: the sign after a stroke or space, or the stroke's far side. */
    private static int splitAt(String plain) {
        for (int i = 1; i < plain.length(); i++) {
            char c = plain.charAt(i);
            char before = plain.charAt(i - 1);
            if ((c == '+' || c == '-') && (before == '/' || before == ' ' || Character.isDigit(before))) {
                return i;
            }
            if (c == '0' && before == '/' && i == plain.length() - 1) {
                return i;
            }
        }
        return -1;
    }

    /** The limits as text in a unit system: "+0.021 / 0 mm". */
    public String written(UnitSystem system) {
        if (system == UnitSystem.METRIC) {
            return Written.words("%s / %s mm", signed(upperMm, 4), signed(lowerMm, 4));
        }
        return Written.words("%s / %s in", signed(upperMm / 25.4, 5), signed(lowerMm / 25.4, 5));
    }

    private static String signed(double value, int places) {
        String text = Written.places(value, places);
        return value > 0 && !text.equals("0") ? "+" + text : text;
    }
}
