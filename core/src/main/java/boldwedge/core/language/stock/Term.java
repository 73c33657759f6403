package boldwedge.core.language.stock;

import java.util.List;

/**
 * A word of the trade or a sign of the formulas, explained.
 *
 * @param id key in the table and the API
 * @param word as it is called
 * @param sign its sign in formulas; empty where it has none
 * @param forms other ways in which it is written
 * @param meaning what it is, in plain words
 * @param outline SVG path of the thing, in a box {@value #WIDTH} by {@value #HEIGHT}; empty where no drawing helps
 * @param mark SVG path of what is meant of it
 * @param source citations, joined
 */
public record Term(
        String id,
        String word,
        String sign,
        List<String> forms,
        String meaning,
        String outline,
        String mark,
        String source) {
    public static final int WIDTH = 60;
    public static final int HEIGHT = 36;
}
