package boldwedge.core.stock;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class StockCatalogueTest {
    private final StockCatalogue stock = StockCatalogue.shipped();

    @Test
    void everyMaterialHasItsFiguresTheirSpreadAndTheirSource() {
        assertThat(stock.workMaterials()).hasSizeGreaterThanOrEqualTo(28);
        for (WorkMaterial work : stock.workMaterials()) {
            assertThat(work.kc11MPa()).as(work.id()).isBetween(50.0, 4000.0);
            assertThat(work.mc()).as(work.id()).isBetween(0.1, 0.35);
            assertThat(work.spread()).as(work.id()).isBetween(0.1, 0.6);
            assertThat(work.densityGramPerCm3()).as(work.id()).isBetween(1.0, 9.5);
            assertThat(work.modulusMPa()).as(work.id()).isBetween(400.0, 220_000.0);
            assertThat(work.source()).as(work.id()).isNotBlank();
            assertThat(work.chip()).isNotBlank();
            for (ToolMaterial tool : stock.toolMaterials()) {
                Span speed = work.surfaceSpeed(tool);
                assertThat(speed.low()).as(work.id()).isPositive();
                RecommendedAngles angles = stock.anglesFor(work, tool);
                assertThat(angles.endRelief().low()).as(work.id()).isGreaterThan(Math.toRadians(4));
                assertThat(angles.why()).isNotBlank();
                assertThat(angles.source()).isNotBlank();
            }
        }
    }

    /** What any machinist knows: harder steel is cut slower, carbide faster than steel bits, brass without rake. */
    @Test
    void theTablesAgreeWithTheTrade() {
        ToolMaterial hss = stock.toolMaterials().getFirst();
        assertThat(speed("steel-free", hss)).isGreaterThan(speed("steel-medium-carbon", hss));
        assertThat(speed("steel-alloy-30hrc", hss)).isGreaterThan(speed("steel-alloy-40hrc", hss));
        ToolMaterial cobalt = stock.toolMaterials().get(1);
        ToolMaterial carbide = stock.toolMaterials().get(2);
        for (WorkMaterial work : stock.workMaterials()) {
            assertThat(work.surfaceSpeed(carbide).chosen())
                    .as(work.id())
                    .isGreaterThan(work.surfaceSpeed(cobalt).chosen());
        }
        assertThat(stock.anglesFor(work("brass-free"), hss).backRake().chosen()).isZero();
        assertThat(stock.anglesFor(work("aluminium-wrought"), hss).backRake().chosen())
                .isGreaterThan(Math.toRadians(15));
    }

    @Test
    void everyBlankIsOfAKnownMaterialAndFitsItsTip() {
        assertThat(stock.blanks()).hasSizeGreaterThanOrEqualTo(15);
        for (Blank blank : stock.blanks()) {
            assertThat(stock.toolMaterial(blank)).isNotNull();
            assertThat(blank.lengthMm()).isGreaterThan(3 * blank.heightMm());
            blank.tip().ifPresent(tip -> {
                assertThat(tip.widthMm()).isLessThanOrEqualTo(blank.widthMm());
                assertThat(tip.thicknessMm()).isLessThan(blank.heightMm());
                assertThat(blank.bought()).isPresent();
            });
        }
    }

    private double speed(String id, ToolMaterial tool) {
        return work(id).surfaceSpeed(tool).chosen();
    }

    private WorkMaterial work(String id) {
        return stock.workMaterial(id).orElseThrow();
    }
}
