package boldwedge.core.mechanics.wedge;

/** The surfaces of a bit. */
public enum Surface {
    FACE,
    SIDE_FLANK,
    END_FLANK,
    NOSE,
    /** As it came: sides, top, base and heel of the blank. */
    BLANK,
    /** The step where grinding ran out. */
    RUN_OUT
}
