package boldwedge.core.families.boring.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boldwedge.core.families.boring.entry.BoreReader;
import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.family.Planner;
import boldwedge.core.family.StandIn;
import boldwedge.core.family.ToolTests.AtRest;
import boldwedge.core.language.drawing.Role;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.drawing.Stroke;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.testing.Shop;
import boldwedge.core.trial.PushTest;
import boldwedge.core.trial.Ring;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What must hold of any boring job, tried on jobs drawn at random. */
class BorePropertiesTest {
    private static final int JOBS = 60;

    private static PlanAnswer plan(Map<String, String> fields) {
        PlanAnswer answer = Planner.plan(new PlanRequest(fields, UnitSystem.METRIC, Optional.of(Shop.lathe())));
        assertThat(answer.fields()).allSatisfy(f -> assertThat(f.error()).isEmpty());
        return answer;
    }

    private static Map<String, String> random(Random random) {
        double finished = 14 + 40 * random.nextDouble();
        double start = finished - 0.8 - 2 * random.nextDouble();
        double bar = start * (0.45 + 0.2 * random.nextDouble());
        double depth = finished * (0.5 + 1.5 * random.nextDouble());
        String[] works = {"steel-low-carbon", "bronze-tin", "brass-free", "stainless-free", "steel-medium-carbon"};
        Map<String, String> fields = new HashMap<>();
        fields.put("operation", "bore");
        fields.put("material", works[random.nextInt(works.length)]);
        fields.put("boreFinished", mm(finished));
        fields.put("boreStart", mm(start));
        fields.put("boreDepth", mm(depth));
        fields.put("barDiameter", mm(bar));
        fields.put("barOverhang", mm(depth + 4 + 20 * random.nextDouble()));
        fields.put("boreBit", bar > 10 ? "hss-5mm" : "hss-3mm");
        fields.put("boreNose", "0.3 mm");
        fields.put("boreDepthOfCut", "0.2 mm");
        fields.put("boreFeed", "0.1 mm/rev");
        fields.put("boreSideRake", "6°");
        fields.put("boreSideEdge", "0°");
        return fields;
    }

    private static String mm(double value) {
        return String.format(java.util.Locale.ROOT, "%.3f mm", value);
    }

    private static Map<String, String> with(Map<String, String> fields, String field, String text) {
        Map<String, String> changed = new HashMap<>(fields);
        changed.put(field, text);
        return changed;
    }

    private static double value(Map<String, String> fields, String id) {
        return Double.parseDouble(fields.getOrDefault(id, "").replace(" mm", ""));
    }

    @Test
    void aLongerReachGivesMoreRingsLowerAndSingsSooner() {
        Random random = new Random(1);
        for (int i = 0; i < JOBS; i++) {
            Map<String, String> fields = random(random);
            PlanAnswer near = plan(fields);
            PlanAnswer far = plan(with(fields, "barOverhang", mm(1.3 * value(fields, "barOverhang"))));
            assertThat(far.figure("diameterError").is())
                    .isGreaterThan(near.figure("diameterError").is());
            assertThat(far.figure("ring").is()).isLessThan(near.figure("ring").is());
            assertThat(far.figure("limitDepth").value().orElse(Double.POSITIVE_INFINITY))
                    .isLessThanOrEqualTo(near.figure("limitDepth").value().orElse(Double.POSITIVE_INFINITY) + 0.002);
        }
    }

    @Test
    void aThickerBarGivesLess() {
        Random random = new Random(2);
        for (int i = 0; i < JOBS; i++) {
            Map<String, String> fields = random(random);
            PlanAnswer thin = plan(fields);
            PlanAnswer thick = plan(with(fields, "barDiameter", mm(1.1 * value(fields, "barDiameter"))));
            assertThat(thick.figure("barCompliance").is())
                    .isLessThan(thin.figure("barCompliance").is());
            assertThat(thick.figure("diameterError").is())
                    .isLessThan(thin.figure("diameterError").is());
        }
    }

    @Test
    void aDeeperCutPushesMoreAndMoreDampingSingsLater() {
        Random random = new Random(3);
        for (int i = 0; i < JOBS; i++) {
            Map<String, String> fields = random(random);
            PlanAnswer shallow = plan(fields);
            PlanAnswer deep = plan(with(fields, "boreDepthOfCut", "0.35 mm"));
            assertThat(deep.figure("pushForce").is())
                    .isGreaterThan(shallow.figure("pushForce").is());
            double dead = plan(with(fields, "damping", "8 %"))
                    .figure("limitDepth")
                    .value()
                    .orElse(Double.POSITIVE_INFINITY);
            double lively = plan(with(fields, "damping", "0.8 %"))
                    .figure("limitDepth")
                    .value()
                    .orElse(Double.POSITIVE_INFINITY);
            assertThat(dead).isGreaterThanOrEqualTo(lively);
        }
    }

    /** The same job told in inches gives the same numbers. */
    @Test
    void flippingUnitsChangesNothing() {
        Random random = new Random(4);
        for (int i = 0; i < 20; i++) {
            PlanAnswer metric = plan(random(random));
            Map<String, String> spelled = new HashMap<>();
            metric.fields().forEach(state -> spelled.put(state.id(), state.spelled()));
            PlanAnswer inch = Planner.plan(new PlanRequest(spelled, UnitSystem.INCH, Optional.of(Shop.lathe())));
            metric.figures().stream()
                    .filter(figure -> figure.value().isPresent())
                    .forEach(figure -> assertThat(inch.figure(figure.id()).is())
                            .as(figure.id())
                            .isCloseTo(figure.is(), within(1e-6 * (1 + Math.abs(figure.is())))));
        }
    }

    /** In the end view the drawn circles stand as far apart as the gap that is told. */
    @Test
    void theEndViewIsDrawnAsItIsComputed() {
        Random random = new Random(5);
        for (int i = 0; i < 20; i++) {
            Map<String, String> fields = random(random);
            PlanAnswer answer = plan(fields);
            Scene scene = answer.scenes().stream()
                    .filter(s -> s.id().equals("bore-edge"))
                    .findFirst()
                    .orElseThrow();
            double scale = 19 / (value(fields, "boreFinished") / 2);
            List<Stroke> circles = scene.strokes().stream()
                    .filter(s -> s.closed() && s.points().size() > 20)
                    .toList();
            Stroke hole = circles.stream()
                    .filter(s -> s.role() == Role.WORK)
                    .findFirst()
                    .orElseThrow();
            Stroke bar = circles.stream()
                    .filter(s -> s.role() == Role.EDGE)
                    .findFirst()
                    .orElseThrow();
            double hx = hole.points().stream().mapToDouble(p -> p.x()).average().orElseThrow();
            double hy = hole.points().stream().mapToDouble(p -> p.y()).average().orElseThrow();
            double radius = Math.hypot(
                    hole.points().getFirst().x() - hx, hole.points().getFirst().y() - hy);
            double gap = bar.points().stream()
                    .mapToDouble(p -> radius - Math.hypot(p.x() - hx, p.y() - hy))
                    .min()
                    .orElseThrow();
            BoreCut cut = BoreReader.cut(new PlanRequest(fields, UnitSystem.METRIC, Optional.of(Shop.lathe())))
                    .cut()
                    .orElseThrow();
            assertThat(gap / scale).isCloseTo(cut.fit().gapMm(cut.job().finishedMm() / 2), within(0.02));
        }
    }

    /** What the stand-in was made of is what the tests of it find. */
    @Test
    void theStandInIsFoundOut() throws Exception {
        AtRest bar = new AtRest(3e-4, 5e-4, 700, 0.02);
        List<PushTest.Reading> readings = new ArrayList<>();
        for (double pull = 0; pull <= 60; pull += 10) {
            readings.add(new PushTest.Reading(
                    pull,
                    StandIn.indicator(bar, pull, false),
                    java.util.OptionalDouble.of(StandIn.indicator(bar, pull, true))));
        }
        PushTest push = PushTest.of(readings);
        assertThat(1 / push.stiffnessNPerMm()).isCloseTo(3e-4 + 1.6 * 2e-4, within(2e-5));
        assertThat(push.hysteresisMm()).isBetween(0.0005, 0.0035);
        Ring ring = Ring.of(StandIn.ring(bar, 48_000, 2), 48_000);
        assertThat(ring.hz()).isCloseTo(700 * Math.sqrt(5 / 6.2), within(4.0));
        assertThat(ring.byDecrement()).isCloseTo(0.031, within(0.0016));
    }
}
