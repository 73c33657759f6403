package boldwedge.core.planning;

/** A part of a station that the page draws by hand; the page must know each by name. */
public enum Panel {
    /** The point's height worked out from what was measured. */
    HEIGHT,
    /** Ways to take the cut, tried against each other. */
    SET_UPS,
    /** The tool pushed and tapped. */
    TOOL_TESTS,
    /** The tool pushed, but not tapped. */
    PUSH_TEST,
    /** What was measured at the grinding, written into a tool's log. */
    KEEP_GRIND,
    /** A form's profile as a table of corners, or from a drawing. */
    PROFILE
}
