package boldwedge.core.language.finding;

import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.Origin;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import java.util.ArrayList;
import java.util.List;

/**
 * How a number comes about: a formula, its symbols each an {@link Amount}, and its result. The formula is written so that a machine can
 * evaluate it: {@code + − · / ^ ( )}, √, sin, cos, tan, asin, acos, atan, exp, ln, min(a; b), max(a; b), |x|, π, powers as ² ³ ⁴,
 * and the unit mm where a law is written for millimetres. Its dimensions agree, so that it holds in any units; where the left
 * side is named, as in {@code P = Fc · v}, what is right of the last equals sign counts. A test evaluates every one.
 *
 * @param what what is worked out, in words
 * @param formula the formula
 * @param symbols its symbols in the order in which they are told
 * @param result what comes out
 * @param after words after the result, such as what it means; may be empty
 */
public record Working(String what, String formula, List<Symbol> symbols, Amount result, String after) {
    /** A symbol, what it means where that is not plain, and its amount. */
    public record Symbol(String name, String meaning, Amount amount) {}

    /** A working whose symbols are added with {@link #with}. */
    public static Working of(String what, String formula, Amount result) {
        return new Working(what, formula, List.of(), result, "");
    }

    /** The same with one more symbol. */
    public Working with(String name, Amount amount) {
        return with(name, "", amount);
    }

    /** The same with one more symbol and what it means. */
    public Working with(String name, String meaning, Amount amount) {
        Symbol[] more = symbols.toArray(new Symbol[symbols.size() + 1]);
        more[symbols.size()] = new Symbol(name, meaning, amount);
        return new Working(what, formula, List.of(more), result, after);
    }

    /** The same under another heading. */
    public Working titled(String words) {
        return new Working(words, formula, symbols, result, after);
    }

    /** The same with words after its result. */
    public Working meaning(String words) {
        return new Working(what, formula, symbols, result, words);
    }

    /** The line as it is read in these units. */
    public Step told(UnitFormat say) {
        List<Step.Symbol> told = new ArrayList<>(symbols.size());
        StringBuilder numbers = new StringBuilder(64);
        for (Symbol symbol : symbols) {
            Amount amount = symbol.amount();
            String text = text(amount, say);
            String origin =
                    amount.origin() == Origin.RECKONED ? "" : amount.origin().words();
            told.add(new Step.Symbol(
                    symbol.name(),
                    symbol.meaning(),
                    amount.value(),
                    amount.quantity().base(),
                    text,
                    origin));
            numbers.append(numbers.isEmpty() ? "" : "; ").append(symbol.name());
            if (!symbol.meaning().isEmpty()) {
                numbers.append(", ").append(symbol.meaning()).append(',');
            }
            numbers.append(" ").append(text);
            if (amount.origin() == Origin.ASSUMED || amount.origin() == Origin.MEASURED) {
                numbers.append(", ").append(origin);
            }
        }
        return new Step(
                what,
                formula,
                numbers.toString(),
                text(result, say) + after,
                told,
                result.value(),
                result.quantity().base());
    }

    private static String text(Amount amount, UnitFormat say) {
        return amount.quantity() == Quantity.RATIO && amount.value() != 0 && Math.abs(amount.value()) < 0.1
                ? Written.significant(amount.value(), 3)
                : say.amount(amount);
    }
}
