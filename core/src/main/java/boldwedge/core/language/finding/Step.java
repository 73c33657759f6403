package boldwedge.core.language.finding;

import java.util.List;

/**
 * One line of a {@link Working}, as it is read: what is worked out, the formula, its symbols with this job's amounts, and what comes out.
 *
 * @param what what is worked out, in words
 * @param formula the formula with symbols; dimensions agree in it, so it holds in any units
 * @param numbers the symbols with this job's numbers, in words
 * @param result what comes out, with its unit
 * @param symbols the symbols one by one
 * @param value what comes out, in {@code unit}
 * @param unit its base unit
 */
public record Step(
        String what, String formula, String numbers, String result, List<Symbol> symbols, double value, String unit) {

    /**
     * A symbol of a formula.
     *
     * @param name as it stands in the formula
     * @param meaning what it means, where that is not plain
     * @param value its value, in {@code unit}
     * @param unit its base unit; 1 for a plain number
     * @param text as it is read
     * @param origin where it came from, in a word or two; empty when it was reckoned
     */
    public record Symbol(String name, String meaning, double value, String unit, String text, String origin) {}
}
