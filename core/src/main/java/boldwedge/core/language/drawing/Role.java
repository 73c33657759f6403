package boldwedge.core.language.drawing;

/** What a stroke or label of a scene stands for; the page and the exports decide how it looks. */
public enum Role {
    /** Visible outline of the tool. */
    EDGE,
    /** The cutting edge itself. */
    CUTTING_EDGE,
    HIDDEN,
    CENTRE,
    DIMENSION,
    WORK,
    /** Shaded area of work. */
    WORK_AREA,
    /** Shaded area of tool. */
    TOOL,
    /** Ground area of tool, lighter than the blank. */
    GROUND,
    /** What has been cut away or swept. */
    SWEPT,
    CHIP,
    /** Jaws, centres, rests, wheels. */
    FIXTURE,
    /** Words that name a view. */
    CAPTION
}
