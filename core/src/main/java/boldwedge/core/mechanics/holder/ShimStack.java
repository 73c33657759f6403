package boldwedge.core.mechanics.holder;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/**
 * Shims that come nearest to a height, at most three of them, the fewest of those that come equally near: all are tried.
 *
 * @param shims which were taken, tallest first, mm
 * @param sumMm their sum, mm
 * @param leftMm what is still missing (+) or too much (−), mm
 */
public record ShimStack(List<Double> shims, double sumMm, double leftMm) {
    /** More pieces than this under a tool are a spring. */
    public static final int MOST_PIECES = 3;

    /** More shims than this are not looked at. */
    public static final int MOST = 60;

    /** Stacks that differ by less are equally near, mm; then the fewer shims win. */
    private static final double AS_GOOD_MM = 0.0005;

    /**
     * Finds the stack.
     *
     * @param wantedMm height wanted, mm; not negative
     * @param shimsMm what there is, each once, mm; all above 0, at most {@link #MOST}
     */
    public static ShimStack of(double wantedMm, List<Double> shimsMm) {
        if (wantedMm < 0 || shimsMm.size() > MOST || shimsMm.stream().anyMatch(s -> s <= 0)) {
            throw new IllegalArgumentException("A height of 0 or more, and at most " + MOST + " shims above 0.");
        }
        double[] tallestFirst = shimsMm.stream()
                .sorted(Comparator.reverseOrder())
                .mapToDouble(Double::doubleValue)
                .toArray();
        // Of none, one, two and three pieces the nearest each.
        int[][] best = {{}, {}, {}, {}};
        for (int i = 0; i < tallestFirst.length; i++) {
            best[1] = nearer(wantedMm, tallestFirst, best[1], i);
            for (int j = i + 1; j < tallestFirst.length; j++) {
                best[2] = nearer(wantedMm, tallestFirst, best[2], i, j);
                for (int k = j + 1; k < tallestFirst.length; k++) {
                    best[3] = nearer(wantedMm, tallestFirst, best[3], i, j, k);
                }
            }
        }
        int[] taken = best[0];
        for (int[] more : best) {
            if (left(wantedMm, tallestFirst, more) < left(wantedMm, tallestFirst, taken) - AS_GOOD_MM) {
                taken = more;
            }
        }
        double sum = sum(tallestFirst, taken);
        return new ShimStack(
                Arrays.stream(taken).mapToObj(at -> tallestFirst[at]).toList(), sum, wantedMm - sum);
    }

    private static int[] nearer(double wantedMm, double[] shims, int[] before, int... these) {
        return before.length == 0 || left(wantedMm, shims, these) < left(wantedMm, shims, before) ? these : before;
    }

    private static double left(double wantedMm, double[] shims, int[] taken) {
        return Math.abs(wantedMm - sum(shims, taken));
    }

    private static double sum(double[] shims, int[] taken) {
        double sum = 0;
        for (int at : taken) {
            sum += shims[at];
        }
        return sum;
    }
}
