package boldwedge.core.jobs.stock;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class CountTest {
    /** Everything but counting anew. */
    private static final List<Movement> MOVED = Stream.of(Movement.values())
            .filter(movement -> movement != Movement.COUNTED)
            .toList();

    private static Count after(Count count, Movement movement, double amount) {
        return count.after(movement, amount).orElseThrow();
    }

    @Test
    void edgesGoDullAreGroundAndWearOut() {
        Count ten = after(Count.NONE, Movement.BOUGHT, 10);
        Count dull = after(ten, Movement.DULLED, 4);
        assertThat(dull).isEqualTo(new Count(6, 4, 0));
        assertThat(after(dull, Movement.GROUND, 3)).isEqualTo(new Count(9, 1, 0));
        // Five worn out: the four dull ones first, then one that was ready.
        assertThat(after(dull, Movement.WORN_OUT, 5)).isEqualTo(new Count(5, 0, 5));
        assertThat(after(dull, Movement.BROKEN, 7)).isEqualTo(new Count(0, 3, 0));
        assertThat(after(after(dull, Movement.WORN_OUT, 5), Movement.THROWN_OUT, 5))
                .isEqualTo(new Count(5, 0, 0));
        assertThat(after(dull, Movement.COUNTED, 5)).isEqualTo(new Count(5, 4, 0));
    }

    @Test
    void whatIsNotThereIsNotMoved() {
        Count few = new Count(2, 1, 0);
        assertThat(few.after(Movement.DULLED, 3)).isEmpty();
        assertThat(few.after(Movement.GROUND, 2)).isEmpty();
        assertThat(few.after(Movement.BROKEN, 4)).isEmpty();
        assertThat(few.after(Movement.THROWN_OUT, 1)).isEmpty();
        assertThat(few.after(Movement.USED, 2)).isPresent();
    }

    /** Nothing comes from nowhere: what is there is what was bought, less what is gone, whatever happened in between. */
    @Test
    void nothingComesFromNowhere() {
        Random random = new Random(20261201);
        for (int run = 0; run < 200; run++) {
            Count count = Count.NONE;
            double bought = 0;
            double gone = 0;
            for (int i = 0; i < 40; i++) {
                Movement movement = MOVED.get(random.nextInt(MOVED.size()));
                double amount = 1 + random.nextInt(5);
                var then = count.after(movement, amount);
                if (then.isEmpty()) {
                    continue;
                }
                count = then.orElseThrow();
                bought += movement == Movement.BOUGHT ? amount : 0;
                gone += movement == Movement.USED || movement == Movement.BROKEN || movement == Movement.THROWN_OUT
                        ? amount
                        : 0;
                assertThat(count.ready()).isNotNegative();
                assertThat(count.dull()).isNotNegative();
                assertThat(count.worn()).isNotNegative();
                assertThat(count.ready() + count.dull() + count.worn()).isEqualTo(bought - gone);
            }
        }
    }
}
