package boldwedge.core.families.parting.model;

import boldwedge.core.language.words.Worded;

/** What holds a parting blade. */
public enum HolderKind implements Worded {
    POST,
    SPLIT_BLOCK,
    SIDE_BLOCK,
    REAR_BLOCK;

    /** Whether it is one that the program designs. */
    public boolean built() {
        return this != POST;
    }

    /** Whether its own bolts hold it to the slide and close its slit. */
    public boolean split() {
        return this == SPLIT_BLOCK || this == REAR_BLOCK;
    }
}
