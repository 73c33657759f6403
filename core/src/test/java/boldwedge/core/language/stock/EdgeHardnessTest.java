package boldwedge.core.language.stock;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EdgeHardnessTest {
    private final StockCatalogue stock = StockCatalogue.shipped();

    /** 371 HB: cobalt stands to 400. 481: carbide to 600. 654: none without a doubt, carbide longest. */
    @ParameterizedTest
    @CsvSource({
        "steel-alloy-30hrc, hss-3-8",
        "steel-alloy-40hrc, cobalt-3-8",
        "steel-50hrc, brazed-3-8-0",
        "steel-60hrc, brazed-3-8-0",
        "nickel-alloy, hss-3-8"
    })
    void theSoftestThatStandsIsTaken(String work, String bit) {
        Blank usual = stock.blank("hss-3-8").orElseThrow();

        assertThat(EdgeHardness.softestThatStands(usual, stock.harderBlanks(usual), work(work)))
                .isEqualTo(stock.blank(bit).orElseThrow());
    }

    @Test
    void whereNothingHarderFitsTheUsualStays() {
        Blank usual = stock.blank("hss-3-8").orElseThrow();

        assertThat(EdgeHardness.softestThatStands(usual, List.of(), work("steel-60hrc")))
                .isEqualTo(usual);
    }

    /** What is hard to cut is cut slower: no steel of the table bears more with an edge than a softer one of its kind. */
    @Test
    void harderIsSlower() {
        List<WorkMaterial> byHardness = List.of(
                work("steel-alloy-annealed"),
                work("steel-alloy-30hrc"),
                work("steel-alloy-40hrc"),
                work("steel-50hrc"),
                work("steel-60hrc"));
        for (ToolMaterial tool : stock.toolMaterials()) {
            assertThat(byHardness)
                    .extracting(work -> work.surfaceSpeed(tool).high())
                    .as(tool.id())
                    .isSortedAccordingTo((one, next) -> Double.compare(next, one));
        }
        assertThat(byHardness).extracting(WorkMaterial::kc11MPa).isSorted();
        assertThat(byHardness).extracting(WorkMaterial::brinell).isSorted();
    }

    private WorkMaterial work(String id) {
        return stock.workMaterial(id).orElseThrow();
    }
}
