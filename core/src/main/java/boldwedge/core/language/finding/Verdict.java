package boldwedge.core.language.finding;

/** How a check came out; told by word and shape, worst first. None of them means "safe". */
public enum Verdict {
    WRONG("will not do"),
    DOUBTFUL("watch"),
    FINE("holds"),
    TOLD("to know");

    /** A margin below this is close: a few per cent more of anything may use it up. */
    public static final double CLOSE = 0.1;

    private final String word;

    Verdict(String word) {
        this.word = word;
    }

    /** Whether something has to be done, or watched. */
    public boolean isDoubt() {
        return this == WRONG || this == DOUBTFUL;
    }

    /** The one word (or three) shown beside the finding. */
    public String word() {
        return word;
    }

    /**
     * From a margin: below 0 it fails, below {@code doubtfulBelow} it is close.
     *
     * @param margin what is left over what is needed, as a share of what is needed
     * @param doubtfulBelow share under which it is worth watching
     */
    public static Verdict of(double margin, double doubtfulBelow) {
        if (margin < 0) {
            return WRONG;
        }
        return margin < doubtfulBelow ? DOUBTFUL : FINE;
    }
}
