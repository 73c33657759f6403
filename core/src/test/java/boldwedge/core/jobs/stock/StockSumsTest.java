package boldwedge.core.jobs.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.jobs.stock.StockSums.Moved;
import boldwedge.core.language.measure.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;

class StockSumsTest {
    private static Moved moved(Movement movement, double amount, double daysAgo) {
        return new Moved(movement, amount, daysAgo, OptionalDouble.empty());
    }

    private static StockSums sums(Count count, double wait, boolean pieces, Moved... moved) {
        return StockSums.of(
                count,
                List.of(moved),
                wait > 0 ? OptionalDouble.of(wait) : OptionalDouble.empty(),
                pieces,
                UnitSystem.METRIC);
    }

    /** The page's value: 1.5 lost in the waiting time, four must lie there. Thirty in 200 days and ten days of waiting are 1.5. */
    @Test
    void oneAndAHalfMeanwhileAreFour() {
        StockSums five = sums(
                new Count(5, 0, 0),
                10,
                true,
                moved(Movement.BOUGHT, 35, 200),
                moved(Movement.BROKEN, 20, 100),
                moved(Movement.WORN_OUT, 10, 5));
        assertThat(five.reorderAt()).hasValue(4);
        assertThat(five.order()).isFalse();
        assertThat(five.sentences().getFirst())
                .contains("about 1.5 in the 10 days")
                .contains("when 4 are left:");
        StockSums four =
                sums(new Count(3, 1, 2), 10, true, moved(Movement.BOUGHT, 36, 200), moved(Movement.BROKEN, 30, 100));
        assertThat(four.order()).isTrue();
        assertThat(four.sentences().getFirst()).endsWith("That is now.");
    }

    /** What goes dull is ground: it is not lost, and says nothing of when to order. */
    @Test
    void dullOnesAreNotLost() {
        StockSums sums =
                sums(new Count(2, 3, 0), 10, true, moved(Movement.BOUGHT, 5, 90), moved(Movement.DULLED, 3, 10));
        assertThat(sums.reorderAt()).isEmpty();
        assertThat(sums.sentences()).isEmpty();
    }

    /** One in most of a year: the next one is ordered all the same when the last one is in use. */
    @Test
    void theLastOneIsTheTimeToOrder() {
        StockSums seldom = sums(new Count(1, 0, 0), 4, true, moved(Movement.BROKEN, 1, 300));
        assertThat(seldom.reorderAt()).hasValue(1);
        assertThat(seldom.order()).isTrue();
        assertThat(seldom.sentences().getFirst())
                .contains("about none in the 4 days")
                .contains("when 1 is left");
    }

    @Test
    void withoutTheWaitingTimeItAsksForIt() {
        assertThat(sums(new Count(2, 0, 0), 0, true, moved(Movement.BROKEN, 3, 60))
                        .sentences())
                .containsExactly("3 gone in 60 days. Say how many days a new one takes, and it tells when to order.");
    }

    /** A bar of which 3 m went in 60 days, 400 mm left: eight days; new stock takes twelve. */
    @Test
    void aBarIsOrderedWhenItDoesNotLast() {
        StockSums bar =
                sums(new Count(400, 0, 0), 12, false, moved(Movement.BOUGHT, 3400, 60), moved(Movement.USED, 3000, 20));
        assertThat(bar.order()).isTrue();
        assertThat(bar.sentences().getFirst()).contains("lasts about 8 days").endsWith("Order now.");
        assertThat(bar.reorderAt()).isEmpty();
    }

    @Test
    void anEdgesLogIsItsMiddleAndItsSpread() {
        EdgeLog log = EdgeLog.of(List.of(9.0, 9.0, 9.0, 9.0));
        assertThat(log.middle()).isCloseTo(9, within(1e-9));
        assertThat(log.low()).isCloseTo(9, within(1e-9));
        EdgeLog two = EdgeLog.of(List.of(8.0, 8.0));
        assertThat(two.low()).isCloseTo(4, within(1e-9));
        assertThat(two.high()).isCloseTo(16, within(1e-9));
        // By hand: ln 6, 9, 13.5 lie 0.4055 apart; s = 0.4055, times √(4/3) and t of two degrees, 2.92: e^1.367 =
        // 3.924.
        EdgeLog three = EdgeLog.of(List.of(6.0, 9.0, 13.5));
        assertThat(three.middle()).isCloseTo(9, within(1e-9));
        assertThat(three.low()).isCloseTo(9 / 3.924, within(0.01));
        assertThat(three.high()).isCloseTo(9 * 3.924, within(0.05));
    }

    /** Of edges whose lives are drawn, the next one lies in the stated band nine times in ten. */
    @Test
    void theNextEdgeLiesInTheBand() {
        Random random = new Random(5);
        int in = 0;
        int runs = 4000;
        for (int i = 0; i < runs; i++) {
            List<Double> lives = new ArrayList<>();
            int count = 3 + random.nextInt(18);
            for (int k = 0; k < count; k++) {
                lives.add(20 * Math.exp(0.4 * random.nextGaussian()));
            }
            double next = 20 * Math.exp(0.4 * random.nextGaussian());
            EdgeLog log = EdgeLog.of(lives);
            in += next >= log.low() && next <= log.high() ? 1 : 0;
        }
        assertThat(in / (double) runs).isBetween(0.885, 0.915);
    }
}
