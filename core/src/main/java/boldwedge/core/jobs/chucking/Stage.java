package boldwedge.core.jobs.chucking;

import boldwedge.core.language.words.Worded;

/**
 * When a cut comes in the route of a whole piece, in this order; its words say why there. The end first, for all lengths count from it;
 * heavy cuts while the work is thick and may still move; holes while nothing outside is weak yet, and before the centre stands in their
 * way; what is to size and runs true last; the piece comes off at the very end.
 */
public enum Stage implements Worded {
    FACE,
    ROUGH,
    CENTRE_DRILL,
    DRILL,
    BORE,
    REAM,
    COUNTERBORE,
    RECESS,
    INSIDE_THREAD,
    KEYWAY,
    CENTRE_UP,
    ROUGH_CENTRED,
    FINISH,
    SHAVE,
    FACE_GROOVE,
    GROOVE,
    FORM,
    OUTSIDE_THREAD,
    PART
}
