package boldwedge.core.families.parting.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.family.ToolTests;
import boldwedge.core.family.ToolTests.Answer;
import boldwedge.core.family.ToolTests.AtRest;
import boldwedge.core.family.ToolTests.Line;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.testing.Shop;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Pushing a blade to learn what its post gives. */
class BladeTestsTest {
    private static final PlanRequest CUT = Shop.request("operation", "part", "partDiameter", "30 mm");
    private static final ToolTests TESTS = new BladeTests();

    private static List<Line> lines(double mmPerN) {
        return Stream.of(0, 50, 100)
                .map(pull -> new Line(pull + " N", String.format(Locale.ROOT, "%.5f mm", pull * mmPerN), ""))
                .toList();
    }

    /** The blade's own bending away, the post that was put under it comes back, whatever had been measured before. */
    @Test
    void thePostUnderTheEdgeComesBack() {
        AtRest reckoned = TESTS.untested(CUT).orElseThrow();
        double post = 1 / 12_000.0;
        Answer answer = TESTS.push(CUT, lines(reckoned.barMmPerN() + post), "");
        assertThat(answer.worked()).as(answer.sentence()).isTrue();
        String text = answer.take().getOrDefault("partPostStiffness", "");
        double found = switch (MeasureParser.parse(text, Quantity.STIFFNESS, UnitSystem.METRIC)) {
            case Parsed.Good<Reading>(Reading good) -> good.value();
            case Parsed.Wrong<Reading> wrong -> throw new AssertionError(wrong.sentence());
        };
        assertThat(found).isCloseTo(12_000, within(120.0));
        PlanRequest measured =
                Shop.request("operation", "part", "partDiameter", "30 mm", "partPostStiffness", "3 N/µm");
        assertThat(TESTS.untested(measured)).contains(reckoned);
    }

    @Test
    void whatCannotBeIsSaid() {
        AtRest reckoned = TESTS.untested(CUT).orElseThrow();
        assertThat(TESTS.push(CUT, lines(0.5 * reckoned.barMmPerN()), "").sentence())
                .contains("stiffer than the blade alone");
        assertThat(TESTS.push(CUT, List.of(new Line("much", "1 µm", "")), "").errors())
                .containsOnlyKeys("0.load");
        assertThat(TESTS.push(Shop.request("operation", "part", "partDiameter", "soon"), lines(1e-4), "")
                        .worked())
                .isFalse();
        assertThat(TESTS.ring(CUT, new double[10], 48_000).worked()).isFalse();
    }
}
