package boldwedge.core.mechanics.wedge;

import boldwedge.core.mechanics.wedge.InUse.Feeding;

/** What a single-point bit for outside work is asked to do. */
public enum Operation {
    TURN("turn", Feeding.LENGTHWAYS),
    SHOULDER("turn to a shoulder", Feeding.LENGTHWAYS),
    FACE("face", Feeding.ACROSS),
    TURN_AND_FACE("turn and face in one setting", Feeding.LENGTHWAYS);

    private final String words;
    private final Feeding feeding;

    Operation(String words, Feeding feeding) {
        this.words = words;
        this.feeding = feeding;
    }

    /** As it stands in the sentence of the cut. */
    public String words() {
        return words;
    }

    /** The feed that decides forces and time. */
    public Feeding feeding() {
        return feeding;
    }

    /** Whether the end of the tool must also clear a face square to the axis. */
    public boolean meetsAFace() {
        return this != TURN;
    }
}
