package boldwedge.core.rule;

import boldwedge.core.language.stock.Span;

/** How far a surface speed stands from the ends of its range, as a margin: what there is over what it needs, less one. */
final class SpeedMargin {
    private SpeedMargin() {}

    /**
     * The margin.
     *
     * @param v surface speed, m/min
     * @param range of work and tool, m/min
     * @param slowest share under the range's low end from which it is too slow, below 0: -0.35 for 65 % of it
     * @return below 0 where it is too fast or too slow; what it may still rise where it is within the range, 1 at the most
     */
    static double of(double v, Span range, double slowest) {
        if (v > range.high()) {
            return range.high() / v - 1;
        }
        if (v < range.low()) {
            return v / ((1 + slowest) * range.low()) - 1;
        }
        return Math.min(1, 2 * (1 - v / range.high()));
    }
}
