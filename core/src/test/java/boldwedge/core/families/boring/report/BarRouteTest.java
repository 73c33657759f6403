package boldwedge.core.families.boring.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.family.Planner;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.SceneDxf;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.MakeStep;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.testing.Shop;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The route that makes a boring bar: its order, its figures, what as-made sizes change in it. */
@Tag("written")
class BarRouteTest {
    /** A stepped push-rod bar for a 12 mm hole. */
    private static final Map<String, String> BAR = Map.ofEntries(
            Map.entry("operation", "bore"),
            Map.entry("boreStart", "12 mm"),
            Map.entry("boreFinished", "12.6 mm"),
            Map.entry("boreDepth", "25 mm"),
            Map.entry("barDiameter", "9 mm"),
            Map.entry("barLength", "90 mm"),
            Map.entry("barOverhang", "30 mm"),
            Map.entry("neckDiameter", "7 mm"),
            Map.entry("neckLength", "26 mm"),
            Map.entry("rodHole", "2.5 mm"),
            Map.entry("boreBit", "hss-3mm"),
            Map.entry("blend", "1 mm"));

    private static PlanAnswer plan(String... more) {
        Map<String, String> fields = new HashMap<>(BAR);
        for (int i = 0; i < more.length; i += 2) {
            fields.put(more[i], more[i + 1]);
        }
        PlanAnswer answer = Planner.plan(new PlanRequest(fields, UnitSystem.METRIC, Optional.of(Shop.lathe())));
        assertThat(answer.fields()).allSatisfy(f -> assertThat(f.error()).isEmpty());
        return answer;
    }

    private static String step(PlanAnswer answer, String id) {
        return answer.steps().stream()
                .filter(s -> s.id().equals(id))
                .map(s -> String.join(" ", s.lines()))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no step " + id));
    }

    @Test
    void whatMustBeDrilledIsDrilledBeforeTheNoseIsNecked() {
        List<String> order = plan().steps().stream().map(MakeStep::id).toList();
        assertThat(order)
                .containsExactly("ends", "cross-hole", "lock-screw", "rod-hole", "neck", "rod", "hardening", "bit");
        assertThat(step(plan(), "cross-hole")).contains("Before the nose is necked");
        // A plain bar has neither nose nor rod to make.
        assertThat(plan("neckLength", "0 mm", "rodHole", "0 mm").steps())
                .extracting(MakeStep::id)
                .doesNotContain("neck", "rod", "rod-hole");
    }

    /** Depth of the rod hole from the drawing, by hand: 90 − 3 + 1.5 − 1. */
    @Test
    void theRodHoleStopsShortByItsMargin() {
        assertThat(step(plan(), "rod-hole")).contains("87.5 mm deep");
        assertThat(step(plan("rodMargin", "2 mm"), "rod-hole")).contains("86.5 mm deep");
    }

    /** One dimension typed off, and the rest follows: the rod hole, the rod and the drawing. */
    @Test
    void whatWasMadeTakesThePlaceOfWhatWasDrawn() {
        PlanAnswer made = plan("madeLength", "89.4 mm");
        assertThat(step(made, "rod-hole")).contains("86.9 mm deep");
        assertThat(step(made, "ends")).contains("came out 0.6 mm under").contains("Face to 90 mm");
        PlanAnswer thin = plan("madeNeck", "6.8 mm");
        assertThat(step(thin, "neck")).contains("0.2 mm under");
        assertThat(thin.figure("barCompliance").is())
                .isGreaterThan(plan().figure("barCompliance").is());
        PlanAnswer moved = plan("madeCross", "3.5 mm");
        assertThat(step(moved, "rod-hole")).contains("87 mm deep");
    }

    @Test
    void theShoulderRaisesTheStressAndABlendEasesIt() {
        String neck = step(plan(), "neck");
        double blended = number(neck, "raises the stress ([0-9.]+) times");
        double sharp = number(neck, "sharp corner ([0-9.]+) times");
        assertThat(blended).isBetween(1.2, 1.7);
        assertThat(sharp).isGreaterThan(blended);
    }

    private static double number(String text, String pattern) {
        var found = java.util.regex.Pattern.compile(pattern).matcher(text);
        assertThat(found.find()).as(text).isTrue();
        return Double.parseDouble(found.group(1));
    }

    /** The DXF is at true size: its longest line along the bar's side is the bar's length less its chamfers. */
    @Test
    void theDxfIsTrueToSize() {
        Scene drawing = plan().scenes().stream()
                .filter(s -> s.id().equals("bar-drawing"))
                .findFirst()
                .orElseThrow();
        String dxf = SceneDxf.write(drawing);
        assertThat(dxf).startsWith("  0\nSECTION").endsWith("  0\nEOF\n");
        String[] lines = dxf.split("\n");
        assertThat(lines.length % 2).isZero();
        double least = Double.POSITIVE_INFINITY;
        double most = Double.NEGATIVE_INFINITY;
        boolean onEdge = false;
        for (int i = 0; i + 1 < lines.length; i += 2) {
            int code = Integer.parseInt(lines[i].strip());
            if (code == 8) {
                onEdge = lines[i + 1].equals("TOOL");
            } else if (code == 10 && onEdge) {
                double x = Double.parseDouble(lines[i + 1]);
                least = Math.min(least, x);
                most = Math.max(most, x);
            }
        }
        assertThat(most - least).isCloseTo(90, within(1e-2));
    }

    @Test
    void theDxfIsPlainAsciiWithItsLayers() {
        for (Scene scene : plan().scenes()) {
            String dxf = SceneDxf.write(scene);
            assertThat(dxf.chars().allMatch(c -> c < 128)).as(scene.id()).isTrue();
            assertThat(dxf).contains("LAYER").contains("CENTRE");
        }
    }
}
