package boldwedge.core.language.finding;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Evaluates the formula of a working with its symbols, dimensions and all: lengths, masses and times go along, so that a formula which
 * adds a length to a force is found out as well as one that gives another number. The other half of {@link Working}, written for
 * the tests alone.
 */
final class Formula {
    /** A number in metres, kilograms and seconds with its dimensions. */
    record Value(double number, double metre, double kilogram, double second) {
        static Value plain(double number) {
            return new Value(number, 0, 0, 0);
        }

        boolean isPlain() {
            return Math.abs(metre) < 1e-9 && Math.abs(kilogram) < 1e-9 && Math.abs(second) < 1e-9;
        }

        boolean isLike(Value other) {
            return Math.abs(metre - other.metre) < 1e-6
                    && Math.abs(kilogram - other.kilogram) < 1e-6
                    && Math.abs(second - other.second) < 1e-6;
        }

        Value times(Value other, double power) {
            return new Value(
                    number * Math.pow(other.number, power),
                    metre + power * other.metre,
                    kilogram + power * other.kilogram,
                    second + power * other.second);
        }
    }

    /** Base units of the program in metres, kilograms and seconds. */
    private static final Map<String, Value> UNITS = new HashMap<>();

    static {
        UNITS.put("1", Value.plain(1));
        UNITS.put("rad", Value.plain(1));
        UNITS.put("mm", new Value(1e-3, 1, 0, 0));
        UNITS.put("µm", new Value(1e-6, 1, 0, 0));
        UNITS.put("mm/rev", new Value(1e-3, 1, 0, 0));
        UNITS.put("mm²", new Value(1e-6, 2, 0, 0));
        UNITS.put("mm³", new Value(1e-9, 3, 0, 0));
        UNITS.put("mm⁴", new Value(1e-12, 4, 0, 0));
        UNITS.put("rpm", new Value(1 / 60.0, 0, 0, -1));
        UNITS.put("Hz", new Value(1, 0, 0, -1));
        UNITS.put("min", new Value(60, 0, 0, 1));
        UNITS.put("m/min", new Value(1 / 60.0, 1, 0, -1));
        UNITS.put("g", new Value(1e-3, 0, 1, 0));
        UNITS.put("N", new Value(1, 1, 1, -2));
        UNITS.put("N/mm", new Value(1e3, 0, 1, -2));
        UNITS.put("mm/N", new Value(1e-3, 0, -1, 2));
        UNITS.put("rad/N", new Value(1, -1, -1, 2));
        UNITS.put("MPa", new Value(1e6, -1, 1, -2));
        UNITS.put("N·m", new Value(1, 2, 1, -2));
        UNITS.put("N·mm/rad", new Value(1e-3, 2, 1, -2));
        UNITS.put("W", new Value(1, 2, 1, -3));
        UNITS.put("cm³/min", new Value(1e-6 / 60, 3, 0, -1));
    }

    /** An amount in its base unit. */
    static Value in(double number, String unit) {
        Value of = UNITS.get(unit);
        if (of == null) {
            throw new IllegalArgumentException("No unit " + unit);
        }
        return new Value(number * of.number(), of.metre(), of.kilogram(), of.second());
    }

    private static final Pattern CALL =
            Pattern.compile("(min|max|atan2|sin|cos|tan|asin|acos|atan|exp|ln|floor|ceil)\\(");

    private final String text;
    private final Map<String, Value> symbols;
    private final List<String> names;
    private int at;

    private Formula(String text, Map<String, Value> symbols) {
        this.text = text;
        this.symbols = symbols;
        this.names = new ArrayList<>(symbols.keySet());
        names.sort(Comparator.comparingInt(String::length).reversed());
    }

    /** What a step's formula gives with its symbols; the right side counts where it is an equation. */
    static Value of(Step step) {
        Map<String, Value> symbols = new HashMap<>();
        for (Step.Symbol symbol : step.symbols()) {
            symbols.put(symbol.name(), in(symbol.value(), symbol.unit()));
        }
        String formula = step.formula();
        int equals = formula.lastIndexOf(" = ");
        Formula reader = new Formula(equals < 0 ? formula : formula.substring(equals + 3), symbols);
        Value value = reader.sum();
        reader.skip();
        if (reader.at < reader.text.length()) {
            throw reader.wrong("read to its end");
        }
        return value;
    }

    private IllegalArgumentException wrong(String what) {
        return new IllegalArgumentException("“" + text + "” at " + at + " cannot be " + what + "; symbols " + names);
    }

    private void skip() {
        while (at < text.length() && Character.isWhitespace(text.charAt(at))) {
            at++;
        }
    }

    private boolean take(String token) {
        skip();
        if (text.startsWith(token, at)) {
            at += token.length();
            return true;
        }
        return false;
    }

    private Value sum() {
        Value value = product();
        while (true) {
            boolean plus = take("+");
            if (!plus && !take("−")) {
                return value;
            }
            Value next = product();
            if (!value.isLike(next)) {
                throw wrong("added: the dimensions differ");
            }
            value = new Value(
                    plus ? value.number() + next.number() : value.number() - next.number(),
                    value.metre(),
                    value.kilogram(),
                    value.second());
        }
    }

    private Value product() {
        Value value = power();
        while (true) {
            if (take("·")) {
                value = value.times(power(), 1);
            } else if (take("/")) {
                value = value.times(power(), -1);
            } else {
                return value;
            }
        }
    }

    private Value power() {
        if (take("−")) {
            return Value.plain(-1).times(power(), 1);
        }
        Value value = one();
        while (true) {
            int small = at < text.length() ? "²³⁴".indexOf(text.charAt(at)) : -1;
            if (small >= 0) {
                at++;
                value = Value.plain(1).times(value, small + 2);
            } else if (take("^")) {
                Value exponent = one();
                if (!exponent.isPlain()) {
                    throw wrong("raised to a power that has a dimension");
                }
                value = Value.plain(1).times(value, exponent.number());
            } else {
                return value;
            }
        }
    }

    private Value one() {
        skip();
        Matcher call = CALL.matcher(text).region(at, text.length());
        if (call.lookingAt()) {
            at += call.group(1).length();
            return function(call.group(1));
        }
        for (String name : names) {
            if (text.startsWith(name, at)) {
                at += name.length();
                return java.util.Objects.requireNonNull(symbols.get(name));
            }
        }
        if (take("√")) {
            return Value.plain(1).times(one(), 0.5);
        }
        if (take("|")) {
            Value value = sum();
            need("|");
            return new Value(Math.abs(value.number()), value.metre(), value.kilogram(), value.second());
        }
        if (take("(")) {
            Value value = sum();
            need(")");
            return value;
        }
        if (take("π")) {
            return Value.plain(Math.PI);
        }
        int from = at;
        while (at < text.length() && (Character.isDigit(text.charAt(at)) || text.charAt(at) == '.')) {
            at++;
        }
        if (at > from) {
            double number = Double.parseDouble(text.substring(from, at));
            if (take("°")) {
                return Value.plain(Math.toRadians(number));
            }
            return take("mm") ? in(number, "mm") : Value.plain(number);
        }
        throw wrong("read");
    }

    private Value function(String name) {
        need("(");
        List<Value> of = new ArrayList<>(List.of(sum()));
        while (take(";")) {
            of.add(sum());
        }
        need(")");
        Value first = of.getFirst();
        if (of.stream().anyMatch(value -> !value.isLike(first))) {
            throw wrong("compared: the dimensions differ");
        }
        double[] n = of.stream().mapToDouble(Value::number).toArray();
        double result = switch (name) {
            case "min" -> Arrays.stream(n).min().orElseThrow();
            case "max" -> Arrays.stream(n).max().orElseThrow();
            case "atan2" -> Math.atan2(n[0], n[1]);
            case "sin" -> Math.sin(n[0]);
            case "cos" -> Math.cos(n[0]);
            case "tan" -> Math.tan(n[0]);
            case "asin" -> Math.asin(Math.clamp(n[0], -1, 1));
            case "acos" -> Math.acos(Math.clamp(n[0], -1, 1));
            case "atan" -> Math.atan(n[0]);
            case "exp" -> Math.exp(n[0]);
            case "ln" -> Math.log(n[0]);
            case "floor" -> Math.floor(n[0] + 1e-9);
            case "ceil" -> Math.ceil(n[0] - 1e-9);
            default -> throw wrong("read: no function " + name);
        };
        if (name.equals("min") || name.equals("max")) {
            return new Value(result, first.metre(), first.kilogram(), first.second());
        }
        if (!name.equals("atan2") && !first.isPlain()) {
            throw wrong("given to " + name + ": it has a dimension");
        }
        return Value.plain(result);
    }

    private void need(String token) {
        if (!take(token)) {
            throw wrong("read without its " + token);
        }
    }
}
