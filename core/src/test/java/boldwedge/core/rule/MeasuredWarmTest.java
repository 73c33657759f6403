package boldwedge.core.rule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.family.Planner;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.testing.Shop;
import java.util.Arrays;
import org.junit.jupiter.api.Test;

/** Warm work against a cold micrometer; by hand and against the tables' order of the materials. */
class MeasuredWarmTest {
    private static WorkMaterial work(String id) {
        return StockCatalogue.shipped().workMaterial(id).orElseThrow();
    }

    private static Finding warm(PlanAnswer answer) {
        return answer.findings().stream()
                .filter(finding -> finding.id().equals("warm"))
                .findFirst()
                .orElseThrow();
    }

    /** 11.5 millionths × 38 mm × 10 K = 4.37 µm; a tenth of the warmth, a tenth of the growth. */
    @Test
    void growsByHand() {
        assertThat(MeasuredWarm.growthMm(work("steel-medium-carbon"), 38, 10)).isCloseTo(0.00437, within(1e-9));
        assertThat(MeasuredWarm.growthMm(work("steel-medium-carbon"), 38, 1)).isCloseTo(0.000437, within(1e-9));
        assertThat(MeasuredWarm.growthMm(work("titanium"), 0, 10)).isZero();
    }

    /** Steel about 11.5, aluminium twice that, plastics six times and more; nothing that is turned shrinks. */
    @Test
    void theTableIsOfTheRightOrder() {
        for (WorkMaterial one : StockCatalogue.shipped().workMaterials()) {
            double millionths = one.expansionPerK() * 1e6;
            switch (one.group()) {
                case "P", "K" -> assertThat(millionths).as(one.id()).isBetween(10.0, 13.0);
                case "M" -> assertThat(millionths).as(one.id()).isBetween(10.0, 18.0);
                case "N" -> assertThat(millionths).as(one.id()).isBetween(16.0, 27.0);
                case "S" -> assertThat(millionths).as(one.id()).isBetween(8.0, 14.0);
                default -> assertThat(millionths).as(one.id()).isBetween(60.0, 200.0);
            }
        }
    }

    /** 40 mm h7 is 25 µm: steel warmer by ten degrees grows 4.6 of them, nylon 34. */
    @Test
    void decidesInPlasticsAndIsFoldedAwayInSteel() {
        String[] bush = {"diameter", "41", "finished", "40", "tolerance", "h7", "length", "40", "stickOut", "50"};
        assertThat(warm(plan(bush, "steel-medium-carbon")).verdict()).isEqualTo(Verdict.FINE);
        assertThat(warm(plan(bush, "steel-medium-carbon")).statement()).contains("0.005 mm", "18 %");
        Finding nylon = warm(plan(bush, "nylon"));
        assertThat(nylon.verdict()).isEqualTo(Verdict.DOUBTFUL);
        assertThat(nylon.statement()).startsWith("Let it cool").contains("0.034 mm", "0.025 mm");
        assertThat(warm(plan(bush, "aluminium-wrought")).verdict()).isEqualTo(Verdict.TOLD);
    }

    /** 1.5 in × 23.5 millionths × 20 °F / 1.8 = 0.000392 in. */
    @Test
    void anInchShopIsToldInFahrenheit() {
        Finding found = warm(Planner.plan(Shop.request(
                UnitSystem.INCH,
                "material",
                "aluminium-wrought",
                "diameter",
                "1.6",
                "finished",
                "1.5",
                "length",
                "1",
                "stickOut",
                "2")));
        assertThat(found.statement()).contains("20 °F", "3.9 tenths");
    }

    @Test
    void aFaceIsNotMeasuredSo() {
        assertThat(Planner.plan(Shop.request("operation", "face")).findings())
                .noneMatch(finding -> finding.id().equals("warm"));
    }

    private static PlanAnswer plan(String[] fields, String material) {
        String[] all = Arrays.copyOf(fields, fields.length + 2);
        all[fields.length] = "material";
        all[fields.length + 1] = material;
        return Planner.plan(Shop.request(all));
    }
}
