package boldwedge.bench;

import boldwedge.core.family.Families;
import boldwedge.core.family.Planner;
import boldwedge.core.family.StandIn;
import boldwedge.core.family.ToolMatch;
import boldwedge.core.family.ToolTests;
import boldwedge.core.language.measure.MeasureParser;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.Reading;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.holder.ShimStack;
import boldwedge.core.planning.LatheCard;
import boldwedge.core.planning.Look;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.SetUps;
import boldwedge.core.trial.Ring;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** One full plan of each family, the search over a shop's bars, and one reading of a length. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 5, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class CoreBenchmark {
    private final Lathe lathe = LatheCard.read(
                    Map.of(
                            "name",
                            "Bench",
                            "swing",
                            "330 mm",
                            "centreHeight",
                            "40 mm",
                            "largestShank",
                            "20 mm",
                            "speeds",
                            "36, 60, 90, 140, 210, 320, 480, 720, 1100 rpm",
                            "feeds",
                            "0.05, 0.07, 0.1, 0.14, 0.2 mm/rev",
                            "motor",
                            "1.5 kW",
                            "efficiency",
                            "75 %"),
                    UnitSystem.METRIC)
            .lathe()
            .orElseThrow();

    private final PlanRequest request = new PlanRequest(
            Map.of(
                    "material",
                    "stainless-free",
                    "diameter",
                    "14",
                    "finished",
                    "13.4",
                    "length",
                    "80",
                    "stickOut",
                    "92"),
            UnitSystem.METRIC,
            Optional.of(lathe));

    private final PlanRequest boring = new PlanRequest(
            Map.of("operation", "bore", "boreStart", "29", "boreFinished", "30", "boreDepth", "45"),
            UnitSystem.METRIC,
            Optional.of(lathe));

    private final PlanRequest parting = new PlanRequest(
            Map.of("operation", "part", "partDiameter", "30", "partBore", "16", "partHolder", "split-block"),
            UnitSystem.METRIC,
            Optional.of(lathe));

    private final List<Map<String, String>> bars = IntStream.range(0, 200)
            .mapToObj(i -> Map.of(
                    "barDiameter",
                    (10 + i % 14) + " mm",
                    "barLength",
                    (100 + 5 * (i % 40)) + " mm",
                    "boreBit",
                    "hss-5mm",
                    "rodHole",
                    i % 3 == 0 ? "3 mm" : "0"))
            .toList();

    private final double[] record = StandIn.ring(new ToolTests.AtRest(2e-4, 4e-4, 640, 0.02), 48_000, 10);

    private final List<Double> fortyShims =
            IntStream.range(0, 40).mapToObj(i -> 0.03 + 0.0517 * i).toList();

    @Param({"5/8", "1-3/8 in", "4 thou", "#31", "15.875 mm"})
    public String text = "";

    private final PlanRequest slender = new PlanRequest(
            Map.of(
                    "diameter",
                    "13 mm",
                    "finished",
                    "12 mm",
                    "length",
                    "60 mm",
                    "stickOut",
                    "80 mm",
                    "tolerance",
                    "±0.01 mm"),
            UnitSystem.METRIC,
            Optional.of(lathe));

    /** As an open page asks for it: one station's drawings and workings, what holds as its line alone. */
    @Benchmark
    public PlanAnswer planAsked() {
        return Planner.plan(request, Look.CUT, true);
    }

    @Benchmark
    public PlanAnswer boreAsked() {
        return Planner.plan(boring, Look.CUT, true);
    }

    @Benchmark
    public PlanAnswer partAsked() {
        return Planner.plan(parting, Look.CUT, true);
    }

    @Benchmark
    public PlanAnswer plan() {
        return Planner.plan(request);
    }

    @Benchmark
    public PlanAnswer bore() {
        return Planner.plan(boring);
    }

    /** A cut with a holder to be built: what breaks first, the holder's checks, its route and drawings. */
    @Benchmark
    public PlanAnswer part() {
        return Planner.plan(parting);
    }

    @Benchmark
    public PlanAnswer drill() {
        return Planner.plan(usual("drill"));
    }

    @Benchmark
    public PlanAnswer ream() {
        return Planner.plan(usual("ream"));
    }

    @Benchmark
    public PlanAnswer counterbore() {
        return Planner.plan(usual("counterbore"));
    }

    @Benchmark
    public PlanAnswer harden() {
        return Planner.plan(usual("harden"));
    }

    @Benchmark
    public PlanAnswer thread() {
        return Planner.plan(usual("thread"));
    }

    @Benchmark
    public PlanAnswer insertHolder() {
        return Planner.plan(usual("insert-holder"));
    }

    private PlanRequest usual(String operation) {
        return new PlanRequest(Map.of("operation", operation), UnitSystem.METRIC, Optional.of(lathe));
    }

    /** 200 bars at 20 reaches with every speed and feed of the lathe. */
    @Benchmark
    public List<ToolMatch> bars() {
        return bars.stream().map(bar -> Families.of(boring).match(boring, bar)).toList();
    }

    /** Some 35,000 set-ups of a slender pin: nose, rake, lead, depth, feed, support, what stands out. */
    @Benchmark
    public Optional<SetUps> setUps() {
        return Planner.setUps(slender);
    }

    /** A record of 10 s at 48 kHz with one tap in it. */
    @Benchmark
    public Ring ring() throws Ring.Unusable {
        return Ring.of(record, 48_000);
    }

    /** The best of 40 shims for a tall stack. */
    @Benchmark
    public ShimStack shims() {
        return ShimStack.of(17.23, fortyShims);
    }

    @Benchmark
    public Parsed<Reading> parse() {
        return MeasureParser.parse(text, Quantity.LENGTH, UnitSystem.METRIC);
    }
}
