package boldwedge.core.plan;

/** The families of tools, each with operations of its own. */
public enum Family {
    TURNING,
    BORING,
    PARTING;

    /** The family that an operation belongs to; turning for one that is not known, which then says so. */
    static Family of(String operation) {
        return switch (operation) {
            case "bore" -> BORING;
            case "part", "groove" -> PARTING;
            default -> TURNING;
        };
    }
}
