package boldwedge.core.families.parting.model;

/** What holds a parting blade. */
public enum HolderKind {
    POST("a holder in the tool post"),
    SPLIT_BLOCK("a split block on the slide"),
    SIDE_BLOCK("a block over the post's side, its foot on the slide"),
    REAR_BLOCK("a doubled block behind, with two bolts");

    private final String words;

    HolderKind(String words) {
        this.words = words;
    }

    /** As it stands in the sentence of the cut. */
    public String words() {
        return words;
    }

    /** Whether it is one that the program designs. */
    public boolean built() {
        return this != POST;
    }

    /** Whether its own bolts hold it to the slide and close its slit. */
    public boolean split() {
        return this == SPLIT_BLOCK || this == REAR_BLOCK;
    }
}
