package boldwedge.core.language.finding;

/** The six stations of the work, in working order. */
public enum Station {
    CUT,
    EDGE,
    REACH,
    MAKE,
    PROVE,
    CRIB
}
