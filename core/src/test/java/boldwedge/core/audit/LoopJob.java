package boldwedge.core.audit;

import boldwedge.core.families.boring.entry.BoreReader;
import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.families.turning.entry.TurningReader;
import boldwedge.core.families.turning.model.TurningCut;
import boldwedge.core.family.Families;
import boldwedge.core.family.Planner;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.planning.Figure;
import boldwedge.core.planning.Look;
import boldwedge.core.planning.PlanAnswer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.trial.Calibrations;
import boldwedge.core.virtual.Machine;
import boldwedge.core.virtual.Pass;
import boldwedge.core.virtual.VirtualLathe;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;

/**
 * A job of turning or boring that is cut in the virtual shop.
 *
 * @param fields texts by field
 * @param lathe the machine
 */
record LoopJob(Map<String, String> fields, Lathe lathe) {
    private static final List<String> MATERIALS = List.of(
            "steel-low-carbon",
            "steel-free",
            "steel-medium-carbon",
            "steel-alloy",
            "silver-steel",
            "stainless-austenitic",
            "iron-grey",
            "brass-free",
            "bronze-tin",
            "aluminium-wrought");
    private static final String[] TURNED = {"h7", "h8", "h9", "±0.02 mm", "±0.03 mm", "±0.01 mm"};
    private static final String[] BORED = {"H7", "H8", "H9", "±0.02 mm", "±0.03 mm", "+0.03/-0 mm"};

    /** What is read from a plan by whoever stands at the lathe: where the middle of the tolerance lies, and how wide it is, mm. */
    record Wanted(double middleMm, double halfWidthMm, Pass pass) {}

    /** A job on a machine; nothing that the program would not have cut. */
    static LoopJob drawn(Random random, String machine) {
        while (true) {
            LoopJob job = any(random, machine);
            PlanAnswer answer = Planner.plan(job.request(Calibrations.NONE), Look.CUT);
            if (answer.worked()
                    && answer.findings().stream().noneMatch(finding -> finding.verdict() == Verdict.WRONG)
                    && job.wanted(Pass.Done.NOTHING).isPresent()) {
                return job;
            }
        }
    }

    /** Another one on the same machine, held the same way. */
    LoopJob another(Random random, String machine) {
        while (true) {
            LoopJob other = drawn(random, machine);
            if (other.bores() == bores() && Objects.equals(other.fields.get("hold"), fields.get("hold"))) {
                return other;
            }
        }
    }

    /** What is read of a piece; of a bore the mouth first. */
    Map<String, String> readings(VirtualLathe.Piece piece, Wanted wanted) {
        Map<String, String> readings = new HashMap<>();
        readings.put(bores() ? "far" : "near", String.format(Locale.ROOT, "%.4f mm", piece.readNearMm()));
        readings.put(bores() ? "near" : "far", String.format(Locale.ROOT, "%.4f mm", piece.readFarMm()));
        readings.put(
                "apart", String.format(Locale.ROOT, "%.3f mm", wanted.pass().lengthMm()));
        return readings;
    }

    private static LoopJob any(Random random, String machine) {
        Lathe lathe = Objects.requireNonNull(Machines.ALL.get(machine));
        Map<String, String> fields = new HashMap<>();
        fields.put("lathe", machine);
        fields.put("material", MATERIALS.get(random.nextInt(MATERIALS.size())));
        fields.put("finish", random.nextBoolean() ? "Ra 1.6 µm" : "Ra 3.2 µm");
        if (random.nextInt(3) < 2) {
            double d = log(random, 5, Math.min(90, 0.25 * lathe.swingMm()));
            double stock = log(random, 0.4, 2);
            boolean slender = random.nextInt(3) > 0;
            double cut = d * (slender ? log(random, 2.5, 9) : log(random, 0.6, 2.5));
            fields.put("operation", "turn");
            fields.put("diameter", mm(d + stock));
            fields.put("finished", mm(d));
            fields.put("length", mm(cut));
            fields.put("stickOut", mm(cut * random.nextDouble(1.05, 1.3)));
            fields.put("tolerance", TURNED[random.nextInt(TURNED.length)]);
            if (slender && cut > 3.5 * d) {
                fields.put("hold", random.nextInt(4) == 0 ? "between-centres" : "chuck-and-centre");
            }
        } else {
            double start = log(random, 10, Math.min(80, 0.25 * lathe.swingMm()));
            fields.put("operation", "bore");
            fields.put("boreStart", mm(start));
            fields.put("boreFinished", mm(start + log(random, 0.4, 2)));
            fields.put("boreDepth", mm(start * log(random, 0.5, 3.5)));
            fields.put("boreTolerance", BORED[random.nextInt(BORED.length)]);
        }
        return new LoopJob(fields, lathe);
    }

    private static double log(Random random, double low, double high) {
        return high <= low ? low : Math.exp(random.nextDouble(Math.log(low), Math.log(high)));
    }

    private static String mm(double mm) {
        return String.format(Locale.ROOT, "%.1f mm", mm);
    }

    PlanRequest request(Calibrations taught) {
        return new PlanRequest(fields, UnitSystem.METRIC, Optional.of(lathe), taught);
    }

    /** What the plan says to dial in before the last pass, as the trial is told of it. */
    Map<String, String> dialledAsPlanned() {
        return Planner.plan(request(Calibrations.NONE), Look.CUT).figures().stream()
                .filter(figure -> figure.id().equals("dialIn"))
                .findFirst()
                .map(Figure::is)
                .map(in -> Map.of("dialled", String.format(Locale.ROOT, "%.4f mm", bores() ? in : -in)))
                .orElse(Map.of());
    }

    boolean bores() {
        return "bore".equals(fields.get("operation"));
    }

    LoopJob with(String field, String text) {
        Map<String, String> changed = new HashMap<>(fields);
        changed.put(field, text);
        return new LoopJob(changed, lathe);
    }

    /** How stiff such a lathe is where nothing is wrong with it: as its card says, or as its size lets expect. */
    Machine machine() {
        return new Machine(
                lathe.postOrAssumed(), lathe.chuckOrAssumed(), lathe.chuckTiltOrAssumed(), lathe.tailstockOrAssumed());
    }

    /** What is set at the lathe; empty where the cut cannot be worked out. */
    Optional<Wanted> wanted(Pass.Done done) {
        PlanRequest asked = request(Calibrations.NONE);
        PlanRequest settled = Families.of(asked).settled(asked);
        return bores()
                ? BoreReader.cut(settled).cut().map(cut -> bored(cut, done))
                : TurningReader.cut(settled).cut().map(cut -> turned(cut, done));
    }

    private static Wanted turned(TurningCut cut, Pass.Done done) {
        var job = cut.job();
        double middle = job.finishedMm() + job.tolerance().middleMm();
        Pass pass = new Pass(
                job.work(),
                switch (job.hold()) {
                    case CHUCK -> Pass.Kind.TURNED_IN_CHUCK;
                    case CHUCK_AND_CENTRE -> Pass.Kind.TURNED_WITH_CENTRE;
                    case BETWEEN_CENTRES -> Pass.Kind.TURNED_BETWEEN_CENTRES;
                },
                middle,
                job.depthMm(),
                cut.cutting().feedMm(),
                job.lengthMm(),
                job.freeLengthMm(),
                (job.passDiameterMm() + job.finishedMm()) / 2,
                new Pass.Tool(
                        cut.signature().noseRadiusMm(),
                        cut.cutting().profile().leading(),
                        cut.cutting().normalRake(),
                        plough(job.tool(), job.work())),
                Pass.Bar.NONE,
                done);
        return new Wanted(middle, job.allowedErrorMm(), pass);
    }

    private static Wanted bored(BoreCut cut, Pass.Done done) {
        var job = cut.job();
        double middle = job.finishedMm() + job.tolerance().middleMm();
        double tip = job.necked() ? job.neckMm() : job.barMm();
        Pass pass = new Pass(
                job.work(),
                Pass.Kind.BORED,
                middle,
                job.depthMm(),
                cut.cutting().feedMm(),
                job.holeDepthMm(),
                Math.max(job.stickOutMm(), job.holeDepthMm()),
                job.outsideMm(),
                new Pass.Tool(
                        Math.max(0.05, cut.signature().noseRadiusMm()),
                        cut.cutting().profile().leading(),
                        cut.cutting().normalRake(),
                        plough(job.tool(), job.work())),
                new Pass.Bar(
                        job.neckLengthMm() > 0.5 * job.overhangMm() ? tip : job.barMm(),
                        job.overhangMm(),
                        job.barMaterial().modulusMPa(),
                        2.5 * job.barMm()),
                done);
        return new Wanted(middle, job.allowedErrorMm(), pass);
    }

    private static double plough(ToolMaterial tool, WorkMaterial work) {
        return tool.pressAcross().chosen() * work.kc11MPa() / 1800;
    }
}
