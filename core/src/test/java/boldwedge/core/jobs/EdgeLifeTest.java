package boldwedge.core.jobs;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.jobs.model.EdgeLife;
import boldwedge.core.jobs.report.EdgeLifeAnswer;
import boldwedge.core.language.measure.UnitSystem;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Edges that wear, by hand. */
class EdgeLifeTest {
    private static final double EIGHT = Math.toRadians(8);

    @Test
    void driftAndWhatComesOff() {
        assertThat(new EdgeLife(0.1, EIGHT).driftMm()).isCloseTo(0.028, within(5e-4));
        assertThat(new EdgeLife(0.3, EIGHT).offFlankMm()).isCloseTo(0.042, within(5e-4));
        assertThat(new EdgeLife(0.3, EIGHT).offFaceMm()).isEqualTo(0.3);
        assertThat(EdgeLife.regrinds(3, 0.3)).isEqualTo(10);
    }

    /** (1/0.2 − 1)(3 + 2.40/0.80) = 24; and it is the least of what a piece costs, tried about it. */
    @Test
    void theCheapestLife() {
        double best = EdgeLife.cheapestMin(0.2, 3, 2.4, 0.8);
        assertThat(best).isCloseTo(24, within(1e-9));
        double least = cost(best);
        for (double life = 5; life < 100; life += 0.5) {
            assertThat(cost(life)).isGreaterThanOrEqualTo(least - 1e-12);
        }
    }

    /** What a piece costs where the speed is such that an edge lasts so long: v = C T^-0.2, time over it as 1/v. */
    private static double cost(double life) {
        double cutting = 10 * Math.pow(life, 0.2);
        return 0.8 * cutting + cutting / life * (0.8 * 3 + 2.4);
    }

    @Test
    void piecesAndEdges() {
        assertThat(EdgeLife.pieces(30, 2 * 1.6)).isEqualTo(9);
        assertThat(EdgeLife.edges(40, 9)).isEqualTo(5);
        assertThat(EdgeLife.edges(40, 4)).isEqualTo(10);
    }

    @ParameterizedTest
    @CsvSource({"1.5, 4", "0, 0", "0.05, 0", "0.06, 1", "5, 9"})
    void reorder(double mean, int at) {
        assertThat(EdgeLife.reorderAt(mean)).isEqualTo(at);
    }

    /** Breakages thrown at random: nineteen times in twenty they are no more than that, and one fewer would not do. */
    @Test
    void reorderThrown() {
        Random random = new Random(8);
        int within = 0;
        int oneFewer = 0;
        for (int i = 0; i < 20_000; i++) {
            int broken = 0;
            for (int day = 0; day < 300; day++) {
                broken += random.nextDouble() < 1.5 / 300 ? 1 : 0;
            }
            within += broken <= 4 ? 1 : 0;
            oneFewer += broken <= 3 ? 1 : 0;
        }
        assertThat(within / 20_000.0).isGreaterThan(0.95);
        assertThat(oneFewer / 20_000.0).isLessThan(0.95);
    }

    @Test
    void itSaysWhenHowMuchAndHowMany() {
        EdgeLifeAnswer answer = EdgeLifeAnswer.of(
                Map.of(
                        "wearLand", "0.3 mm",
                        "wornClearance", "8°",
                        "stockLeft", "3 mm",
                        "edgeLife", "30 min",
                        "pieceCuts", "3.2 min",
                        "piecesWanted", "40",
                        "breakages", "1.5"),
                UnitSystem.METRIC);
        assertThat(answer.errors()).isEmpty();
        assertThat(String.join(" ", answer.sentences()))
                .startsWith("Grind it now")
                .contains("0.042 mm")
                .contains("10 off the face")
                .contains("At 9 pieces change it")
                .contains("40 pieces take 5 edges; 10 where")
                .contains("Order when 4 are left")
                .contains("Never more force");
        EdgeLifeAnswer wrong = EdgeLifeAnswer.of(Map.of("wearLand", "much", "breakages", "1.5"), UnitSystem.METRIC);
        assertThat(wrong.errors()).containsOnlyKeys("wearLand");
        assertThat(wrong.sentences()).hasSize(1);
    }
}
