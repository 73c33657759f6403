package boldwedge.core.language.measure;

/** Everything that can be wrong with what was typed, each with its sentence. %s are filled in order. */
public enum Complaint {
    EMPTY("Nothing is typed here. It takes %s, such as %s."),
    NOT_A_NUMBER("“%s” does not start with a number. This takes %s, such as %s."),
    UNKNOWN_UNIT("“%s” is not a unit I know. This takes %s, such as %s."),
    WRONG_QUANTITY("“%s” is %s; this takes %s, such as %s."),
    ZERO_DENOMINATOR("“%s” divides by nothing: the bottom of a fraction cannot be 0. Did you mean 3/8 or 3/10?"),
    BAD_FRACTION("“%s” is not a fraction I can read. Write 5/8, 1-3/8 or 1 3/8."),
    NO_SUCH_DRILL("There is no %s drill. Number drills run from #97 to #1, letter drills from A to Z."),
    COMMA_OR_THOUSANDS("“%s” can be read in two ways. Write %s or %s."),
    SIZE_OF_UNIT("“%s” without a unit is %s here, which no surface has. Did you mean %s? Write the unit with it."),
    TOO_MUCH("“%s” has something left over after the number and its unit: “%s”. Write one value, such as %s."),
    FIT_WITH_SIZE("“%s” is a size with a fit: write %s here, and %s as the tolerance."),
    TOO_SMALL("%s is too small here: it takes %s or more."),
    TOO_LARGE("%s is too large here: it takes %s or less."),
    NO_SUCH_FIT("“%s” is not a tolerance I can read. Write ±.0005, +.001/-0, H7 or g6."),
    FIT_OUT_OF_RANGE("The fit %s is tabled only for sizes up to 500 mm; this size is %s."),
    CROSSED_LIMITS("The upper limit (%s) is below the lower one (%s). Swap them."),
    NO_SUCH_THREAD(
            "“%s” is not a thread I can read. Write M12×1.25, 1/2-13, #10-32, 3/8 BSW, G 1/4, 4 BA, Tr 20×4, 1-5 ACME, or a diameter × a pitch."),
    NO_COARSE_PITCH("The coarse series has no %s: write its pitch with it, such as M13×1."),
    PITCH_NOT_STANDARD("%s is cut with a pitch of %s; the standard has no %s. As a special of your own write %s."),
    THREADS_NOT_WHOLE("%s threads to the inch is no standard count: %s or %s is. As a special of your own write %s."),
    LEAD_NOT_WHOLE("A lead of %s is no whole number of pitches of %s: the lead is the pitch times the starts."),
    PITCH_TOO_COARSE("A pitch of %s leaves no core in %s: at most about %s."),
    TOO_MANY("At most %s entries, please."),
    TOO_LONG("That is %s characters long; a value has at most 40.");

    private final String template;

    Complaint(String template) {
        this.template = template;
    }

    String sentence(Object... parts) {
        return Written.words(template, parts);
    }
}
