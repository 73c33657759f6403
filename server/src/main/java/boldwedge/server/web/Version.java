package boldwedge.server.web;

/** The rule for two people saving at once: whoever read an older version is told, and nothing is overwritten. */
public final class Version {
    private Version() {}

    /**
     * Checks that an update or a deletion changed a row.
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
                        "saved-by-another",
                        "Somebody else saved this " + what
                                + " after you opened it. Yours was not saved and is kept here: look at theirs, then save again.")
                : Refusal.missing(
                        "no-longer-kept",
                        "This " + what + " is no longer kept: somebody has deleted it. You can save it as new.");
    }

    /**
     * The rule for a record sent twice under one id, as a double click or a repeated request does: the second is the first.
     *
     * @param same whether what is kept under this id is what was sent
     */
    public static void checkSameAgain(boolean same, String what) {
        if (!same) {
            throw Refusal.conflict(
                    "id-taken", "Another " + what + " is already kept under this id. Nothing was overwritten.");
        }
    }
}
