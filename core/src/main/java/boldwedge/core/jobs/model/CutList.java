package boldwedge.core.jobs.model;

import boldwedge.core.jobs.model.Job.StockLength;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;

/**
 * Which pieces are sawn from which lengths, so that one long offcut is left rather than many short ones. Between two pieces, and
 * between the last and an offcut, the saw takes its kerf; what is held last stays at the stump.
 *
 * @param cuts length by length, as they are sawn
 * @param missing pieces for which nothing is left
 */
public record CutList(List<Cut> cuts, List<Wanted> missing) {
    /** More than this many ways tried, and the best so far is taken: of few lengths all there are, of many the first good ones. */
    private static final int MOST_TRIED = 300_000;

    private static final int LEAST_TRIED = 100;

    /** Each way looks at every length beside every other. */
    private static final long LOOKED_AT = 20_000_000;

    /** Of more pieces the longest that fits goes into the fullest length, one after the other. */
    private static final int MOST_SEARCHED = 60;

    private static final double EVEN = 1e-9;

    /**
     * A piece that is wanted.
     *
     * @param name what it becomes
     * @param lengthMm as sawn: finished, and what facing takes from both ends
     */
    public record Wanted(String name, double lengthMm) {}

    /**
     * A length and what comes from it.
     *
     * @param stockMm its length
     * @param pieces what is sawn from it, longest first
     * @param offcutMm what is left, with what it was held by
     */
    public record Cut(double stockMm, List<Wanted> pieces, double offcutMm) {}

    /** What is left of a length after these pieces; not a number that means much where they do not fit. */
    static double offcutMm(double stockMm, double sawnMm, int pieces, double kerfMm) {
        return Math.max(0, stockMm - sawnMm - kerfMm * pieces);
    }

    /** Whether they fit: the last of them needs no kerf behind it where nothing is left. */
    static boolean fits(double stockMm, double sawnMm, int pieces, double kerfMm, double gripMm) {
        return sawnMm + kerfMm * (pieces - 1) + (gripMm > 0 ? gripMm + kerfMm : 0) <= stockMm + EVEN;
    }

    /**
     * The list.
     *
     * @param wanted pieces
     * @param stock lengths that lie there, all of one bar
     * @param kerfMm what the saw takes
     * @param gripMm what is held last and cannot be sawn
     */
    public static CutList of(List<Wanted> wanted, List<StockLength> stock, double kerfMm, double gripMm) {
        Search search = new Search(wanted, stock, kerfMm, gripMm);
        if (wanted.size() > MOST_SEARCHED) {
            search.fill();
        } else {
            search.go(0, 0);
        }
        return search.list();
    }

    /** Depth first, the longest pieces first, each into every different length that takes it; the fullest length first. */
    private static final class Search {
        private final List<Wanted> pieces;
        private final double[] stock;
        private final double kerfMm;
        private final double gripMm;
        private final double[] sawn;
        private final int[] count;
        private final int[] into;
        private int[] best;
        private double bestPlaced = -1;
        private double bestLeft = -1;
        private final double allMm;
        private final long most;
        private int tried;

        Search(List<Wanted> wanted, List<StockLength> lengths, double kerfMm, double gripMm) {
            pieces = wanted.stream()
                    .sorted(Comparator.comparingDouble(Wanted::lengthMm)
                            .reversed()
                            .thenComparing(Wanted::name))
                    .toList();
            stock = lengths.stream()
                    .flatMap(one -> Collections.nCopies(Math.min(one.count(), pieces.size()), one.lengthMm()).stream())
                    .mapToDouble(Double::doubleValue)
                    .sorted()
                    .toArray();
            this.kerfMm = kerfMm;
            this.gripMm = gripMm;
            sawn = new double[stock.length];
            count = new int[stock.length];
            into = new int[pieces.size()];
            allMm = pieces.stream().mapToDouble(Wanted::lengthMm).sum();
            best = new int[pieces.size()];
            Arrays.fill(best, -1);
            most = Math.clamp(LOOKED_AT / Math.max(1, (long) stock.length * stock.length), LEAST_TRIED, MOST_TRIED);
        }

        void go(int piece, double placedMm) {
            if (piece == pieces.size()) {
                keepIfBetter(placedMm);
                return;
            }
            if (tried++ > most && bestPlaced >= 0) {
                return;
            }
            double length = pieces.get(piece).lengthMm();
            for (int bar : fullestFirst(length)) {
                sawn[bar] += length;
                count[bar]++;
                into[piece] = bar;
                go(piece + 1, placedMm + length);
                sawn[bar] -= length;
                count[bar]--;
            }
            // Left out only where it cannot be had, or where others would fill its place: as many millimetres as can be
            // are made.
            into[piece] = -1;
            if (placedMm + restMm(piece + 1) > bestPlaced - EVEN && bestPlaced < allMm - EVEN) {
                go(piece + 1, placedMm);
            }
        }

        /** Each piece, the longest first, into the fullest length that takes it. */
        void fill() {
            for (int piece = 0; piece < pieces.size(); piece++) {
                double length = pieces.get(piece).lengthMm();
                int into = -1;
                for (int bar = 0; bar < stock.length; bar++) {
                    boolean fuller = into < 0 || stock[bar] - sawn[bar] < stock[into] - sawn[into];
                    if (fuller && fits(stock[bar], sawn[bar] + length, count[bar] + 1, kerfMm, gripMm)) {
                        into = bar;
                    }
                }
                best[piece] = into;
                if (into >= 0) {
                    sawn[into] += length;
                    count[into]++;
                }
            }
        }

        private double restMm(int from) {
            return pieces.subList(from, pieces.size()).stream()
                    .mapToDouble(Wanted::lengthMm)
                    .sum();
        }

        private List<Integer> fullestFirst(double length) {
            List<Integer> bars = new ArrayList<>();
            for (int bar = 0; bar < stock.length; bar++) {
                int at = bar;
                boolean same = bars.stream()
                        .anyMatch(one -> stock[one] == stock[at]
                                && Math.abs(sawn[one] - sawn[at]) < EVEN
                                && count[one] == count[at]);
                if (!same && fits(stock[bar], sawn[bar] + length, count[bar] + 1, kerfMm, gripMm)) {
                    bars.add(bar);
                }
            }
            bars.sort(Comparator.comparingDouble(bar -> stock[bar] - sawn[bar]));
            return bars;
        }

        private void keepIfBetter(double placedMm) {
            double left = 0;
            for (int bar = 0; bar < stock.length; bar++) {
                double offcut = count[bar] == 0 ? stock[bar] : offcutMm(stock[bar], sawn[bar], count[bar], kerfMm);
                left += offcut * offcut;
            }
            if (placedMm > bestPlaced + EVEN || (placedMm > bestPlaced - EVEN && left > bestLeft + EVEN)) {
                bestPlaced = placedMm;
                bestLeft = left;
                best = into.clone();
            }
        }

        CutList list() {
            List<Cut> cuts = new ArrayList<>();
            for (int bar = 0; bar < stock.length; bar++) {
                List<Wanted> from = new ArrayList<>();
                for (int piece = 0; piece < best.length; piece++) {
                    if (best[piece] == bar) {
                        from.add(pieces.get(piece));
                    }
                }
                if (!from.isEmpty()) {
                    double all = from.stream().mapToDouble(Wanted::lengthMm).sum();
                    cuts.add(new Cut(stock[bar], List.copyOf(from), offcutMm(stock[bar], all, from.size(), kerfMm)));
                }
            }
            List<Wanted> missing = new ArrayList<>();
            for (int piece = 0; piece < best.length; piece++) {
                if (best[piece] < 0) {
                    missing.add(pieces.get(piece));
                }
            }
            return new CutList(List.copyOf(cuts), List.copyOf(missing));
        }
    }
}
