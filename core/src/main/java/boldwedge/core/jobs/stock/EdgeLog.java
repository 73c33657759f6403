package boldwedge.core.jobs.stock;

import java.util.List;
import org.hipparchus.distribution.continuous.TDistribution;

/**
 * Pieces that an edge makes, as they were logged: lives of edges are skewed, so their logarithms are averaged.
 *
 * @param edges how many were logged
 * @param middle pieces of the middle edge
 * @param low nine edges in ten make more than this, or as many
 * @param high and fewer than this, or as many
 */
public record EdgeLog(int edges, double middle, double low, double high) {
    /** Fewer tell nothing of the spread. */
    public static final int FEW = 3;

    /** Nine in ten lie between: a twentieth on either side. */
    private static final double UPPER = 0.95;

    /** What was logged; the band is that of the next edge, not of the mean. With fewer than three edges it is the whole width that was seen, doubled. */
    public static EdgeLog of(List<Double> pieces) {
        int n = pieces.size();
        double mean = pieces.stream().mapToDouble(Math::log).average().orElse(0);
        if (n < FEW) {
            return new EdgeLog(n, Math.exp(mean), Math.exp(mean) / 2, 2 * Math.exp(mean));
        }
        double squares = pieces.stream()
                .mapToDouble(one -> Math.pow(Math.log(one) - mean, 2))
                .sum();
        double next = Math.sqrt(squares / (n - 1) * (1 + 1.0 / n));
        double t = new TDistribution(n - 1.0).inverseCumulativeProbability(UPPER);
        return new EdgeLog(n, Math.exp(mean), Math.exp(mean - t * next), Math.exp(mean + t * next));
    }
}
