package boldwedge.core.language.stock;

import boldwedge.core.language.measure.Table;

/** A range with the value we would choose in it; the unit is that of the quantity which holds it. */
public record Span(double low, double chosen, double high) {

    /** Stops with a message when the three are out of order: the shipped tables are checked at start. */
    public Span {
        if (!(low <= chosen && chosen <= high)) {
            throw new IllegalArgumentException(
                    "A span must run low, chosen, high: " + low + ", " + chosen + ", " + high);
        }
    }

    static Span of(Table.Row row, String column, double factor) {
        double[] values = row.numbers(column);
        return switch (values.length) {
            case 2 -> new Span(values[0] * factor, (values[0] + values[1]) / 2 * factor, values[1] * factor);
            case 3 -> new Span(values[0] * factor, values[1] * factor, values[2] * factor);
            default ->
                throw new IllegalStateException(row.where() + ": " + column + " wants low..high or low..chosen..high");
        };
    }

    /** Whether a value lies in the range, ends included. */
    public boolean holds(double value) {
        return value >= low - 1e-12 && value <= high + 1e-12;
    }

    /** All of it so many times, the factor above 0. */
    public Span times(double factor) {
        return new Span(low * factor, chosen * factor, high * factor);
    }

    /** End by end and choice by choice so many times. */
    public Span times(Span factors) {
        return new Span(low * factors.low, chosen * factors.chosen, high * factors.high);
    }

    /** The same range with another choice, kept inside the range. */
    public Span choosing(double value) {
        return new Span(low, Math.clamp(value, low, high), high);
    }
}
