package boldwedge.core.families.parting.model;

/** How the work is held while it is parted. */
public enum PartHold {
    CHUCK("in the chuck"),
    COLLET("in a collet"),
    CHUCK_AND_CENTRE("in the chuck, its end on the tailstock's centre");

    private final String words;

    PartHold(String words) {
        this.words = words;
    }

    /** As it stands in the sentence of the cut. */
    public String words() {
        return words;
    }
}
