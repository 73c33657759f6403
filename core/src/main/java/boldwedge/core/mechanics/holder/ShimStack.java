package boldwedge.core.mechanics.holder;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Shims that come nearest to a height, the fewest of those that come equally near. The heights are laid on a grid on which
 * both hundredths of a millimetre and tenths of a thou lie exactly (20 nm), coarser only for tall stacks; every sum within
 * reach is kept with the fewest shims that make it, and the best are added up again exactly.
 *
 * @param shims which were taken, tallest first, mm
 * @param sumMm their sum, mm
 * @param leftMm what is still missing (+) or too much (−), mm
 */
public record ShimStack(List<Double> shims, double sumMm, double leftMm) {
    /** More shims than this are not looked at. */
    public static final int MOST = 60;

    private static final double GRID_MM = 2e-5;
    private static final int MOST_STEPS = 400_000;
    /** Stacks that differ by less are equally near, mm; then the fewer shims win. */
    private static final double AS_GOOD_MM = 0.0005;

    /**
     * Finds the stack.
     *
     * @param wantedMm height wanted, mm; not negative
     * @param shimsMm what there is, each once, mm; all above 0, at most {@link #MOST}
     */
    public static ShimStack of(double wantedMm, List<Double> shimsMm) {
        return of(wantedMm, shimsMm, MOST);
    }

    /** The same of at most so many shims. */
    public static ShimStack of(double wantedMm, List<Double> shimsMm, int most) {
        if (wantedMm < 0 || shimsMm.size() > MOST || shimsMm.stream().anyMatch(s -> s <= 0)) {
            throw new IllegalArgumentException("A height of 0 or more, and at most " + MOST + " shims above 0.");
        }
        List<Double> sorted =
                shimsMm.stream().sorted((a, b) -> Double.compare(b, a)).toList();
        // As far beyond the height as it is high: further off than that is no better than no shim at all.
        double grid = Math.max(GRID_MM, 2 * wantedMm / MOST_STEPS);
        int steps = (int) Math.ceil(2 * wantedMm / grid) + 1;
        long[] made = new long[steps + 1];
        Arrays.fill(made, -1);
        made[0] = 0;
        int reached = 0;
        for (int i = 0; i < sorted.size(); i++) {
            int tall = (int) Math.round(sorted.get(i) / grid);
            long bit = 1L << i;
            for (int at = Math.min(steps, reached + tall); at >= tall; at--) {
                long below = made[at - tall];
                if (below >= 0 && (made[at] < 0 || Long.bitCount(below) + 1 < Long.bitCount(made[at]))) {
                    made[at] = below | bit;
                }
            }
            reached = Math.min(steps, reached + tall);
        }
        return nearest(wantedMm, sorted, made, grid, most);
    }

    private static ShimStack nearest(double wantedMm, List<Double> sorted, long[] made, double grid, int most) {
        int centre = (int) Math.round(wantedMm / grid);
        ShimStack best = stack(wantedMm, sorted, 0);
        for (int away = 0; away < made.length; away++) {
            if (away * grid > Math.abs(best.leftMm()) + 0.003) {
                break;
            }
            for (int at : new int[] {centre - away, centre + away}) {
                if (at >= 0 && at < made.length && made[at] >= 0 && Long.bitCount(made[at]) <= most) {
                    ShimStack one = stack(wantedMm, sorted, made[at]);
                    double nearer = Math.abs(best.leftMm()) - Math.abs(one.leftMm());
                    boolean fewer = one.shims().size() < best.shims().size();
                    if (nearer > AS_GOOD_MM
                            || (nearer > -AS_GOOD_MM && fewer)
                            || (nearer > 0 && one.shims().size() == best.shims().size())) {
                        best = one;
                    }
                }
            }
        }
        return best;
    }

    private static ShimStack stack(double wantedMm, List<Double> sorted, long mask) {
        List<Double> taken = new ArrayList<>();
        double sum = 0;
        for (int i = 0; i < sorted.size(); i++) {
            if ((mask >> i & 1) == 1) {
                taken.add(sorted.get(i));
                sum += sorted.get(i);
            }
        }
        return new ShimStack(List.copyOf(taken), sum, wantedMm - sum);
    }
}
