package boldwedge.core.language.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Number, letter, fraction and metric drills, against the public tables. */
@Tag("written")
class DrillTableTest {
    @Test
    void theSeriesAreComplete() {
        assertThat(count(Drill.Series.NUMBER)).isEqualTo(97);
        assertThat(count(Drill.Series.LETTER)).isEqualTo(26);
        assertThat(DrillTable.all())
                .extracting(Drill::name)
                .contains("1/64", "63/64", "1-3/4", "2", "0.2 mm", "6.8 mm", "40 mm");
    }

    /** Spot values of ASME B94.11M, and the facts that E is a quarter inch and that the series do not go back. */
    @Test
    void sizesAreThePublishedOnes() {
        assertThat(inches("#80")).isCloseTo(0.0135, within(1e-9));
        assertThat(inches("#60")).isCloseTo(0.0400, within(1e-9));
        assertThat(inches("#31")).isCloseTo(0.1200, within(1e-9));
        assertThat(inches("#7")).isCloseTo(0.2010, within(1e-9));
        assertThat(inches("#1")).isCloseTo(0.2280, within(1e-9));
        List<Drill> numbers = DrillTable.all().stream()
                .filter(drill -> drill.series() == Drill.Series.NUMBER)
                .toList();
        for (int i = 0; i < 97; i++) {
            assertThat(numbers.get(i).name()).isEqualTo("#" + (97 - i));
        }
        List<Drill> letters = DrillTable.all().stream()
                .filter(drill -> drill.series() == Drill.Series.LETTER)
                .toList();
        for (int i = 0; i < 26; i++) {
            assertThat(letters.get(i).name()).isEqualTo(String.valueOf((char) ('A' + i)));
        }
        assertThat(letters.get(4).diameterMm()).isCloseTo(6.35, within(1e-9));
        assertThat(letters.get(25).diameterMm()).isCloseTo(0.413 * 25.4, within(1e-6));
    }

    @Test
    void theNearestDrillIsFoundInAnySeries() {
        assertThat(DrillTable.nearest(5.1).diameterMm()).isCloseTo(5.1, within(0.01));
    }

    private static long count(Drill.Series series) {
        return DrillTable.all().stream()
                .filter(drill -> drill.series() == series)
                .count();
    }

    private static double inches(String number) {
        return DrillTable.named(Drill.Series.NUMBER, number).orElseThrow().diameterMm() / 25.4;
    }
}
