package boldwedge.core.jobs.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.jobs.model.CutList.Wanted;
import boldwedge.core.jobs.model.Job.StockLength;
import boldwedge.core.jobs.model.Operation.When;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class BatchTest {
    private static Operation operation(String id, double setUp, double each, boolean gauge) {
        return new Operation(id, id, "m" + id, "", setUp, each, true, false, gauge, When.ANY, Bond.FREE, List.of());
    }

    private static final List<Operation> THREE =
            List.of(operation("a", 25, 8, false), operation("b", 40, 20, true), operation("c", 15, 6, false));

    @Test
    void sixPiecesBySetUpAndOneAfterTheOther() {
        Batch six = new Batch(THREE, 6);
        assertThat(six.oneAfterOtherMin()).isEqualTo(684);
        assertThat(six.bySetUpMin()).isEqualTo(284);
        assertThat(six.anotherMin()).isEqualTo(34);
        assertThat(new Batch(THREE, 7).bySetUpMin() - six.bySetUpMin()).isEqualTo(34);
        // Of one piece both are the same.
        assertThat(new Batch(THREE, 1).oneAfterOtherMin()).isEqualTo(new Batch(THREE, 1).bySetUpMin());
    }

    @Test
    void theFirstPieceAloneCostsTheSetUpsBeforeItsGauge() {
        Batch six = new Batch(THREE, 6);
        assertThat(six.gauge()).isEqualTo(1);
        assertThat(six.firstAloneMin()).isEqualTo(25);
        assertThat(new Batch(THREE, 1).firstAloneMin()).isZero();
    }

    @Test
    void threePiecesNeedTheirLengthsAndTwoKerfs() {
        assertThat(saw(List.of(292.0), 0, 96, 96, 96).missing()).isEmpty();
        assertThat(saw(List.of(291.9), 0, 96, 96, 96).missing()).hasSize(1);
        // What is held last stays, behind one more kerf.
        assertThat(saw(List.of(292 + 22.0), 20, 96, 96, 96).missing()).isEmpty();
        assertThat(saw(List.of(292 + 21.0), 20, 96, 96, 96).missing()).hasSize(1);
    }

    @Test
    void oneLongOffcutIsLeftRatherThanManyShort() {
        // Into 200 + 200: two and two leave nothing and nothing of use; from 400 one long piece would be cut up.
        CutList list = saw(List.of(400.0, 200.0, 200.0), 0, 98, 98, 98, 98);
        assertThat(list.cuts()).extracting(CutList.Cut::stockMm).containsExactly(200.0, 200.0);
        assertThat(list.cuts()).extracting(CutList.Cut::offcutMm).containsExactly(0.0, 0.0);
    }

    private static CutList saw(List<Double> stock, double grip, double... pieces) {
        List<Wanted> wanted = java.util.Arrays.stream(pieces)
                .mapToObj(length -> new Wanted("p", length))
                .toList();
        return CutList.of(
                wanted, stock.stream().map(one -> new StockLength("", one, 1)).toList(), 2, grip);
    }

    /** Against every way there is of a few pieces. */
    @Test
    void noOtherWayPlacesMoreOrLeavesALongerOffcut() {
        Random random = new Random(12);
        for (int i = 0; i < 200; i++) {
            double[] pieces = IntStream.range(0, 1 + random.nextInt(5))
                    .mapToDouble(p -> 40 + random.nextInt(120))
                    .toArray();
            List<Double> stock = new ArrayList<>();
            for (int s = 0; s <= random.nextInt(3); s++) {
                stock.add(100.0 + random.nextInt(300));
            }
            Collections.sort(stock);
            double grip = random.nextBoolean() ? 0 : 25;
            CutList list = saw(stock, grip, pieces);
            double placed = list.cuts().stream()
                    .flatMap(cut -> cut.pieces().stream())
                    .mapToDouble(Wanted::lengthMm)
                    .sum();
            double left = left(list, stock);
            double[] best = {-1, -1};
            every(pieces, stock, grip, new int[pieces.length], 0, best);
            assertThat(placed).as("placed %d", i).isEqualTo(best[0], within(1e-6));
            assertThat(left).as("left %d", i).isEqualTo(best[1], within(1e-6));
        }
    }

    /** Of many pieces not every way is tried: each goes into the fullest length that takes it, and none that would fit is left out. */
    @Test
    void manyPiecesAreLaidOutToo() {
        List<Wanted> wanted = new ArrayList<>();
        Random random = new Random(3);
        for (int i = 0; i < 900; i++) {
            wanted.add(new Wanted("p" + i, 50 + random.nextInt(200)));
        }
        CutList list =
                CutList.of(wanted, List.of(new StockLength("", 3000, 60), new StockLength("", 1000, 999)), 2, 20);
        assertThat(list.missing()).isEmpty();
        assertThat(list.cuts().stream().mapToInt(cut -> cut.pieces().size()).sum())
                .isEqualTo(900);
        for (CutList.Cut cut : list.cuts()) {
            double all = cut.pieces().stream().mapToDouble(Wanted::lengthMm).sum();
            assertThat(all + 2 * cut.pieces().size() + 20).isLessThanOrEqualTo(cut.stockMm() + 1e-9);
        }
        // Forty of them beside many lengths are searched as far as there is time for.
        CutList some = CutList.of(wanted.subList(0, 40), List.of(new StockLength("", 1000, 999)), 2, 0);
        assertThat(some.missing()).isEmpty();
    }

    private static double left(CutList list, List<Double> stock) {
        List<Double> rest = new ArrayList<>(stock);
        double sum = 0;
        for (CutList.Cut cut : list.cuts()) {
            rest.remove(cut.stockMm());
            sum += cut.offcutMm() * cut.offcutMm();
        }
        return sum + rest.stream().mapToDouble(one -> one * one).sum();
    }

    private static void every(double[] pieces, List<Double> stock, double grip, int[] into, int at, double[] best) {
        if (at < pieces.length) {
            for (int bar = -1; bar < stock.size(); bar++) {
                into[at] = bar;
                every(pieces, stock, grip, into, at + 1, best);
            }
            return;
        }
        double placed = 0;
        double left = 0;
        for (int bar = 0; bar < stock.size(); bar++) {
            double sawn = 0;
            int count = 0;
            for (int p = 0; p < pieces.length; p++) {
                if (into[p] == bar) {
                    sawn += pieces[p];
                    count++;
                }
            }
            double need = sawn + 2 * (count - 1) + (grip > 0 ? grip + 2 : 0);
            if (count > 0 && need > stock.get(bar) + 1e-9) {
                return;
            }
            placed += sawn;
            double offcut = count == 0 ? stock.get(bar) : Math.max(0, stock.get(bar) - sawn - 2 * count);
            left += offcut * offcut;
        }
        if (placed > best[0] + 1e-9 || (placed > best[0] - 1e-9 && left > best[1])) {
            best[0] = placed;
            best[1] = left;
        }
    }

    @Test
    void theClockMovesAHabitAndNarrowsItsBand() {
        LearnedTime untaught = LearnedTime.of(10, LearnedTime.HABIT, List.of());
        assertThat(untaught.minutes()).isEqualTo(10);
        LearnedTime once = LearnedTime.of(10, LearnedTime.HABIT, List.of(2.0));
        LearnedTime often = LearnedTime.of(10, LearnedTime.HABIT, Collections.nCopies(50, 2.0));
        assertThat(once.minutes()).isBetween(15.0, 20.0);
        assertThat(often.minutes()).isCloseTo(20, within(0.2));
        assertThat(often.mostMin() / often.leastMin()).isLessThan(once.mostMin() / once.leastMin());
        assertThat(once.mostMin() / once.leastMin()).isLessThan(untaught.mostMin() / untaught.leastMin());
        // By hand: weights 1/0.4055² = 6.082 and 1/0.2231² = 20.08; ln 2 · 20.08/26.16 = 0.532, e^0.532 = 1.702.
        assertThat(once.minutes()).isCloseTo(17.02, within(0.01));
        // Nine in ten of what is drawn as it is stated lie in the band.
        Random random = new Random(5);
        int inside = 0;
        for (int i = 0; i < 4000; i++) {
            double truth = random.nextGaussian() * LearnedTime.HABIT;
            List<Double> ratios = IntStream.range(0, 3)
                    .mapToObj(k -> Math.exp(truth + random.nextGaussian() * LearnedTime.FROM_TIME_TO_TIME))
                    .toList();
            double next = Math.exp(truth + random.nextGaussian() * LearnedTime.FROM_TIME_TO_TIME);
            LearnedTime band = LearnedTime.of(1, LearnedTime.HABIT, ratios);
            inside += next >= band.leastMin() && next <= band.mostMin() ? 1 : 0;
        }
        assertThat(inside / 4000.0).isBetween(0.88, 0.92);
    }

    @Test
    void oneLoadIsOneSteelAndLikeSections() {
        List<Lot> lots =
                List.of(lot("thick", "o1", 30), lot("thin", "o1", 8), lot("between", "o1", 14), lot("other", "a2", 10));
        List<Load> loads = Load.of(new Job(lots, List.of(), 2, 0));
        assertThat(loads).extracting(Load::steel).containsExactly("o1", "o1", "a2");
        Map<Integer, String> names = Map.of(0, "thin between", 1, "thick", 2, "other");
        for (int i = 0; i < 3; i++) {
            assertThat(String.join(
                            " ", loads.get(i).lots().stream().map(Lot::name).toList()))
                    .isEqualTo(names.get(i));
        }
        assertThat(loads.getFirst().heaviestMm()).isEqualTo(14);
    }

    private static Lot lot(String name, String steel, double section) {
        return new Lot(name, name, 2, 0, Optional.empty(), Optional.of(new Lot.Heated(steel, section)), List.of());
    }
}
