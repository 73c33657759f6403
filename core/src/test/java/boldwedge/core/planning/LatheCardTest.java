package boldwedge.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.family.Families;
import boldwedge.core.family.ToolMatch;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.cutting.SpindleSpeeds;
import boldwedge.core.testing.Shop;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A machine's card as typed becomes a lathe, or says beside each entry what cannot be read. */
@Tag("written")
class LatheCardTest {
    private static Map<String, String> card(String entry, String text) {
        Map<String, String> card = new HashMap<>(Map.of(
                "name",
                "Bench",
                "swing",
                "7",
                "centreHeight",
                "5/8",
                "largestShank",
                "3/8",
                "speeds",
                "100 to 2500 rpm",
                "motor",
                "3/4 hp",
                "efficiency",
                "0.75"));
        card.put(entry, text);
        return card;
    }

    @Test
    void readsStepsRangesAndSharedUnits() {
        LatheCard range = LatheCard.read(card("feeds", "4, 8, 12 thou/rev"), UnitSystem.INCH);
        assertThat(range.errors()).isEmpty();
        assertThat(range.lathe().orElseThrow().speeds()).isEqualTo(new SpindleSpeeds.Range(100, 2500));
        assertThat(range.lathe().orElseThrow().feedsMm().getFirst()).isEqualTo(4 * 0.0254);
        LatheCard steps = LatheCard.read(card("speeds", "480, 60, 120"), UnitSystem.INCH);
        assertThat(steps.lathe().orElseThrow().speeds())
                .isEqualTo(new SpindleSpeeds.Steps(List.of(60.0, 120.0, 480.0)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "name | '' | name",
                "swing | huge | does not start",
                "speeds | '' | List its speeds",
                "speeds | 500 to 100 | slowest",
                "speeds | 60, fast | does not start",
                "efficiency | 300 % | too large",
                "feeds | 0.1, 90 sfm | surface speed",
                "postStiffness | -3 N/µm | too small",
                "motor | 5 mm | is a length"
            })
    void saysWhatIsWrongByEntry(String entry, String text, String says) {
        LatheCard read = LatheCard.read(card(entry, text), UnitSystem.INCH);
        assertThat(read.lathe()).isEmpty();
        assertThat(read.errors().get(entry)).contains(says);
    }

    @Test
    void theRightToolRanksFirst() {
        PlanRequest cut = Shop.request("material", "brass-free", "diameter", "30", "finished", "28");
        Map<String, String> brass = Map.of(
                "blank",
                "hss-10mm",
                "backRake",
                "0°",
                "sideRake",
                "0°",
                "endRelief",
                "9°",
                "sideRelief",
                "10°",
                "endEdge",
                "10°",
                "sideEdge",
                "10°",
                "noseRadius",
                "0.5 mm");
        Map<String, String> aluminium = Map.of(
                "blank",
                "hss-10mm",
                "backRake",
                "30°",
                "sideRake",
                "15°",
                "endRelief",
                "10°",
                "sideRelief",
                "12°",
                "endEdge",
                "10°",
                "sideEdge",
                "10°",
                "noseRadius",
                "0.5 mm");
        ToolMatch right = Families.of(cut).match(cut, brass);
        ToolMatch wrong = Families.of(cut).match(cut, aluminium);
        assertThat(right.rank()).isLessThan(wrong.rank());
        assertThat(right.verdict()).isEqualTo(Verdict.FINE);
        assertThat(wrong.reasons()).anyMatch(reason -> reason.contains("Back rake of 30° is above"));
        assertThat(Families.of(cut).match(cut, Map.of("blank", "none such")).verdict())
                .isEqualTo(Verdict.WRONG);
    }

    @Test
    void aShaperHasStrokesAndNoSpeeds() {
        Map<String, String> card = new HashMap<>(Map.of(
                "name", "Ram",
                "kind", "shaper",
                "swing", "300 mm",
                "motor", "1 kW",
                "efficiency", "70 %"));
        assertThat(LatheCard.read(card, UnitSystem.METRIC).errors()).containsOnlyKeys("longestStroke");
        card.put("longestStroke", "14 in");
        card.put("strokes", "80, 20, 40");
        Lathe ram = LatheCard.read(card, UnitSystem.METRIC).lathe().orElseThrow();
        assertThat(ram.shaper()).isTrue();
        assertThat(ram.strokes().perMinute()).containsExactly(20.0, 40.0, 80.0);
        assertThat(ram.strokes().longestMm().orElseThrow()).isCloseTo(355.6, within(1e-9));
        card.put("kind", "planer");
        assertThat(LatheCard.read(card, UnitSystem.METRIC).errors()).containsKey("kind");
    }
}
