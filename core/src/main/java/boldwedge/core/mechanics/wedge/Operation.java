package boldwedge.core.mechanics.wedge;

import boldwedge.core.language.words.Worded;
import boldwedge.core.mechanics.wedge.InUse.Feeding;

/** What a single-point bit for outside work is asked to do. */
public enum Operation implements Worded {
    TURN(Feeding.LENGTHWAYS),
    SHOULDER(Feeding.LENGTHWAYS),
    FACE(Feeding.ACROSS),
    TURN_AND_FACE(Feeding.LENGTHWAYS);
    private final Feeding feeding;

    Operation(Feeding feeding) {
        this.feeding = feeding;
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
