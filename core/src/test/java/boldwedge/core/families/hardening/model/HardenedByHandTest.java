package boldwedge.core.families.hardening.model;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.families.hardening.entry.HeatReader;
import boldwedge.core.language.stock.Span;
import boldwedge.core.testing.Shop;
import java.util.ArrayList;
import java.util.List;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

/** What hardening leaves, worked out again by hand from what was typed. */
class HardenedByHandTest {
    private static final Offset<Double> SAME = within(1e-9);

    private static HeatLoad load(String... fields) {
        List<String> all = new ArrayList<>(List.of("operation", "harden"));
        all.addAll(List.of(fields));
        return HeatReader.cut(Shop.request(all.toArray(String[]::new))).cut().orElseThrow();
    }

    /** Cooled as it asks, a steel has its full hardness; 20 mm of it slower than that, 6 + 0.6 × (20 − 6) HRC less, and up to five more. */
    @Test
    void cooledTooSlowlyItIsSofter() {
        HeatLoad right = load("steel", "w1", "section", "20 mm", "quench", "water");
        Span full = right.job().steel().asQuenched();
        assertThat(right.slow()).isFalse();
        assertThat(right.asQuenched()).isEqualTo(full);
        HeatLoad slow = load("steel", "w1", "section", "20 mm", "quench", "oil");
        assertThat(slow.slow()).isTrue();
        assertThat(slow.asQuenched().low()).isCloseTo(full.low() - 14.4 - 5, SAME);
        assertThat(slow.asQuenched().chosen()).isCloseTo(full.chosen() - 14.4, SAME);
        assertThat(slow.asQuenched().high()).isCloseTo(full.high() - 7.2, SAME);
        // Tempering takes nothing from what is that soft already.
        assertThat(slow.hrc().high()).isLessThanOrEqualTo(slow.asQuenched().high() + 1);
        assertThat(slow.hrc().chosen()).isEqualTo(slow.asQuenched().chosen());
        // A thin piece cools quickly enough in anything; a thick one loses no more than 25.
        assertThat(load("steel", "w1", "section", "6 mm", "quench", "oil").asQuenched())
                .isEqualTo(full);
        assertThat(load("steel", "w1", "section", "80 mm", "quench", "oil")
                        .asQuenched()
                        .chosen())
                .isCloseTo(full.chosen() - 25, SAME);
    }

    /** Oil stays well under its flash point and never over 90 °C, water cold; air is no bath. */
    @Test
    void howHotABathMayGet() {
        assertThat(load("steel", "w1", "quench", "water").hottestC()).isEqualTo(40);
        HeatLoad oil = load("steel", "o1", "quench", "oil");
        assertThat(oil.hottestC()).isLessThanOrEqualTo(90).isLessThan(oil.job().flashC() - 50);
        assertThat(oil.bathed()).isTrue();
        assertThat(load("steel", "a2", "quench", "air").bathed()).isFalse();
    }

    /** Water cracks most, oil less, air hardly; corners and threads more than a plain piece. */
    @Test
    void whatCracks() {
        double water = load("steel", "w1", "quench", "water").crackRank();
        double oil = load("steel", "o1", "quench", "oil").crackRank();
        double air = load("steel", "a2", "quench", "air").crackRank();
        assertThat(List.of(water, oil, air)).containsExactly(0.4, 0.15, 0.04);
        assertThat(load("steel", "o1", "quench", "oil", "heatShape", "threaded").crackRank())
                .isCloseTo(1.6 * 0.15, SAME);
        // 25 °C over the range makes it half as likely again.
        double top =
                load("steel", "o1", "quench", "oil").job().steel().hardenC().high();
        assertThat(load("steel", "o1", "quench", "oil", "hardenAt", (top + 25) + " °C")
                        .crackRank())
                .isCloseTo(1.5 * 0.15, SAME);
    }
}
