package boldwedge.core.rule;

/** How the last pass comes to size. */
public final class LastPass {
    private LastPass() {}

    /**
     * What to do where no pass before the last one is measured, so that nothing tells what the dial is off but the beginning of that one; a
     * sentence that follows on.
     *
     * @param passesBefore passes before it, measured or not
     */
    public static String stopAndMeasure(int passesBefore) {
        return " Stop a short way into " + (passesBefore == 0 ? "it" : "the last one")
                + ", measure, and set what is missing.";
    }
}
