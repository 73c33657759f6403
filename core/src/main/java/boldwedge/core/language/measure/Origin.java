package boldwedge.core.language.measure;

/** Where a value came from: what may be trusted how far. */
public enum Origin {
    /** Written by whoever asks. */
    TYPED("typed"),
    /** From the card of the machine. */
    CARD("from the machine's card"),
    /** Measured, or taught by trials. */
    MEASURED("measured"),
    /** From a table of materials or stock, with its source. */
    TABLE("from the table"),
    /** Nobody said it and nobody measured it: a usual value was put in. */
    ASSUMED("assumed"),
    /** The program's choice. */
    CHOSEN("chosen"),
    /** Worked out from others. */
    RECKONED("reckoned");

    private final String words;

    Origin(String words) {
        this.words = words;
    }

    /** As it is said beside a value. */
    public String words() {
        return words;
    }
}
