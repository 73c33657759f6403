package boldwedge.server.web;

/** The rule for two people saving at once: whoever read an older version is told, and nothing is overwritten. */
public final class Version {
    private Version() {}

    /**
     * Checks that an update changed a row.
     *
     * @param rows rows changed by "where id = … and version = …"
     * @param there whether the record is still there
     * @param what the record in words: "tool"
     */
    public static void check(int rows, boolean there, String what) {
        if (rows == 1) {
            return;
        }
        throw there
                ? Refusal.conflict(
                        "Somebody else saved this " + what
                                + " after you opened it. Yours was not saved and is kept here: look at theirs, then save again.")
                : Refusal.missing(
                        "This " + what + " is no longer kept: somebody has deleted it. You can save it as new.");
    }
}
