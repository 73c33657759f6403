package boldwedge.core.families.boring.model;

/** How a bored hole ends. */
public enum Bottom {
    THROUGH("right through"),
    BLIND("blind"),
    BLIND_FACED("blind, its bottom faced");

    private final String words;

    Bottom(String words) {
        this.words = words;
    }

    /** As it stands in the sentence of the cut. */
    public String words() {
        return words;
    }
}
