package boldwedge.core.mechanics.hole;

import boldwedge.core.language.measure.Table;
import boldwedge.core.language.stock.Span;
import java.util.List;

/**
 * How much larger than its drill a hole comes out, by the drill's diameter, as it was measured in many shops (table {@code drilled-sizes.tsv}): between its
 * rows along straight lines, beyond them as at the last.
 */
public final class DrilledSizes {
    private record Row(double drillMm, Span overMm) {}

    private static final List<Row> ROWS = Table.read("stock/drilled-sizes.tsv").rows().stream()
            .map(row -> {
                double[] over = row.numbers("over_mm");
                return new Row(row.number("drill_mm"), new Span(over[0], over[1], over[2]));
            })
            .toList();

    /** The table holds drills as they are, good and bad; ours. */
    private static final double WELL_DRILLED = 0.85;

    private DrilledSizes() {}

    /** Usual oversize on the diameter, mm: low, mean, high. */
    public static Span over(double drillMm) {
        Row below = ROWS.getFirst();
        for (Row row : ROWS) {
            if (row.drillMm() >= drillMm) {
                double share = row.drillMm() > below.drillMm()
                        ? Math.max(0, (drillMm - below.drillMm()) / (row.drillMm() - below.drillMm()))
                        : 0;
                return new Span(
                        between(below.overMm().low(), row.overMm().low(), share),
                        between(below.overMm().chosen(), row.overMm().chosen(), share),
                        between(below.overMm().high(), row.overMm().high(), share));
            }
            below = row;
        }
        return below.overMm();
    }

    /** The same of a drill that is ground alike on both lips, in a hole that is started straight. */
    public static CutsOver wellDrilled(double drillMm) {
        return CutsOver.of(over(drillMm)).times(WELL_DRILLED);
    }

    private static double between(double a, double b, double share) {
        return a + (b - a) * share;
    }
}
