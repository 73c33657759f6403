package boldwedge.core.boring.model;

/** How a boring bar is held. */
public enum BarHeld {
    POST("in the tool post"),
    HEAD("in a boring head on the mill"),
    CENTRES("between centres, the work on the carriage");

    private final String words;

    BarHeld(String words) {
        this.words = words;
    }

    /** As it stands in the sentence of the cut. */
    public String words() {
        return words;
    }

    /** Whether the bar turns and the work stands still. */
    public boolean barTurns() {
        return this != POST;
    }
}
