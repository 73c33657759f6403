package boldwedge.core.language.stock;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The tables of materials, blanks, blades and inserts: whole, sourced, in range. */
@Tag("written")
class StockCatalogueTest {
    private final StockCatalogue stock = StockCatalogue.shipped();

    @Test
    void everyMaterialHasItsFiguresTheirSpreadAndTheirSource() {
        assertThat(stock.workMaterials()).hasSizeGreaterThanOrEqualTo(28);
        for (WorkMaterial work : stock.workMaterials()) {
            assertThat(work.kc11MPa()).as(work.id()).isBetween(50.0, 4500.0);
            assertThat(work.mc()).as(work.id()).isBetween(0.1, 0.35);
            assertThat(work.spread()).as(work.id()).isBetween(0.1, 0.6);
            assertThat(work.densityGramPerCm3()).as(work.id()).isBetween(0.9, 9.5);
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

    /** Each word is explained once, with its source; drawings stay in their box, and what is meant is drawn where anything is. */
    @Test
    void everyWordIsExplainedOnce() {
        List<Term> terms = stock.glossary();
        assertThat(terms).hasSizeGreaterThan(25);
        assertThat(terms.stream().flatMap(term -> Stream.concat(Stream.of(term.word()), term.forms().stream())))
                .doesNotHaveDuplicates();
        assertThat(terms.stream().map(Term::id)).doesNotHaveDuplicates();
        for (Term term : terms) {
            assertThat(term.meaning()).as(term.id()).endsWith(".").hasSizeGreaterThan(30);
            assertThat(term.source()).as(term.id()).isNotBlank();
            assertThat(term.outline().isEmpty())
                    .as(term.id())
                    .isEqualTo(term.mark().isEmpty());
            // Straight runs only: the arcs' flags and radii are no places.
            for (String path : List.of(term.outline(), term.mark())) {
                for (String place : path.replaceAll("A[^A-Z]*", "").split("(?=[A-Z])")) {
                    String numbers = place.replaceAll("[A-Z]", "").strip();
                    for (String number : numbers.isEmpty() ? new String[0] : numbers.split("\\s+")) {
                        assertThat(Double.parseDouble(number))
                                .as(term.id() + " " + place)
                                .isBetween(0.0, 60.0);
                    }
                }
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
