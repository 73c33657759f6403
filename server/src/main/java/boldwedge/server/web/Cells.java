package boldwedge.server.web;

import java.util.regex.Pattern;

/**
 * Cells of a table of comma-separated values. A spreadsheet runs a cell that begins like a formula: such a cell gets an apostrophe in
 * front, which is taken off again when it is read; so does what would be a cell where another mark than the comma parts them.
 */
public final class Cells {
    /** What makes a spreadsheet run a cell; the apostrophe itself is among them so that it comes back as it was. */
    private static final String RUN = "(?=[=+\\-@\t\r\n'＝＋－＠])";

    /** Where a cell begins, for whatever parts the cells. */
    private static final String BEGINS = "(^|[;|\t]\\s*)";

    private static final Pattern DANGEROUS = Pattern.compile(BEGINS + RUN);
    private static final Pattern MADE_HARMLESS = Pattern.compile(BEGINS + "'" + RUN);

    private Cells() {}

    /** The text as a cell that no spreadsheet runs. */
    public static String harmless(String text) {
        return DANGEROUS.matcher(text).replaceAll("$1'");
    }

    /** The text that such a cell was made of. */
    public static String asItWas(String cell) {
        return MADE_HARMLESS.matcher(cell).replaceAll("$1");
    }
}
