package boldwedge.core.families.parting.model;

import boldwedge.core.language.words.Worded;

/** How the work is held while it is parted. */
public enum PartHold implements Worded {
    CHUCK,
    COLLET,
    CHUCK_AND_CENTRE
}
