package boldwedge.core.families.threading.model;

import boldwedge.core.families.threading.model.ThreadJob.End;
import boldwedge.core.families.threading.model.ThreadJob.Steps;
import boldwedge.core.families.threading.model.ThreadJob.Tool;
import boldwedge.core.families.threading.model.ThreadJob.Way;
import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.mechanics.cutting.EdgeCut;
import boldwedge.core.mechanics.cutting.EdgePress;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.cutting.SpeedChoice;
import boldwedge.core.mechanics.rigidity.WorkHolding;
import boldwedge.core.mechanics.thread.BarInHole;
import boldwedge.core.mechanics.thread.Infeed;
import boldwedge.core.mechanics.thread.ThreadForce;
import boldwedge.core.mechanics.thread.ThreadForm;
import boldwedge.core.mechanics.thread.ThreadLimits;
import boldwedge.core.mechanics.thread.ThreadSize;
import boldwedge.core.mechanics.thread.TipShape;
import boldwedge.core.mechanics.thread.Wires;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.DoubleBinaryOperator;

/**
 * A thread to be cut, worked out.
 *
 * @param job the job
 * @param tip end of the tool
 * @param blankMm what it is turned or bored to before, mm
 * @param targetMm pitch diameter aimed at, mm
 * @param gears how the lathe is geared
 * @param grooveMm width of the groove; 0 where there is none, mm
 * @param rpm spindle speed
 * @param depthsMm depth after each pass, mm on the radius
 * @param spring passes without infeed
 * @param bar the bar in its hole; empty outside
 * @param sprung what the passes leave of their depth
 */
@RecordBuilder
public record ThreadCut(
        ThreadJob job,
        TipShape tip,
        double blankMm,
        double targetMm,
        ThreadGears gears,
        double grooveMm,
        double rpm,
        List<Double> depthsMm,
        int spring,
        Optional<BarInHole> bar,
        SprungPasses sprung)
        implements ThreadCutBuilder.With {

    /** Threads are cut slower than plain work of the same tool: hand and nut have to follow. Ours, from handbooks' charts. */
    private static final double HSS_SHARE = 0.5;

    private static final double CARBIDE_SHARE = 0.7;
    /** Area of one pass over the pitch, mm, in steel of kc1.1 2000 MPa (ours, from what pass tables of handbooks add up to). */
    private static final double HSS_AREA_MM = 0.037;

    private static final double CARBIDE_AREA_MM = 0.07;
    private static final double REFERENCE_KC = 2000;
    private static final double INSIDE_SHARE = 0.7;
    private static final int LEAST_PASSES = 3;
    private static final int MOST_PASSES = 80;
    private static final double GROOVE_PITCHES = 3;
    private static final double WORTH_SPRINGING = 0.12;
    private static final int MOST_SPRING = 4;
    /** One more spring pass is worth its time while it takes a tenth of what is left. */
    private static final double WORTH_A_PASS = 0.9;

    /** In what hardens no pass may be so thin that it rubs. */
    private static final double HARDENING_CHIP = 2;

    private static final double GROOVE_BELOW = 0.3;
    /** Of the pitch, to either side of a pitch diameter without limits. */
    private static final double FREE_SHARE = 0.05;

    /** Back to the start by hand, minutes (ours). */
    private static final double BACK_MIN = 0.25;

    private static final double NOSE_OF_FINEST = 0.125;

    /** Works a job out. */
    public static ThreadCut of(ThreadJob job) {
        ThreadSize size = job.size();
        TipShape tip = tipOf(job);
        double blank = job.blankMm()
                .orElseGet(() -> job.limits()
                        .map(limits -> (limits.blankLow() + limits.blankHigh()) / 2)
                        .orElse(job.inside() ? size.minorMm() : size.majorMm()));
        double target = job.limits().map(limits -> limits.pitchMiddle()).orElse(size.pitchDiameterMm());
        ThreadGears gears = ThreadGears.of(size.leadMm(), job.lathe().screw());
        double groove = job.end() == End.GROOVE
                ? job.grooveMm().orElse(StopInTime.roundedUp(job, GROOVE_PITCHES * size.pitchMm()))
                : 0;
        double rpm = job.cutting().rpm().orElseGet(() -> speed(job, groove));
        // Each part rests on the ones before it: bar, then passes, then spring.
        ThreadCut bare = new ThreadCut(
                job, tip, blank, target, gears, groove, rpm, List.of(), 0, Optional.empty(), SprungPasses.NONE);
        ThreadCut barred = job.inside() ? bare.withBar(Optional.of(bare.inBar().chosen())) : bare;
        int passes = count(job.cutting().passes()).orElseGet(barred::usualPasses);
        ThreadCut fed = barred.withDepthsMm(barred.depths(job.cutting().steps(), passes));
        ThreadCut told = fed.withSprung(SprungPasses.of(fed));
        return told.withSpring(count(job.cutting().spring()).orElseGet(told::usualSpring));
    }

    private static OptionalInt count(OptionalDouble typed) {
        return typed.isPresent() ? OptionalInt.of((int) Math.rint(typed.getAsDouble())) : OptionalInt.empty();
    }

    private static TipShape tipOf(ThreadJob job) {
        ThreadForm form = job.size().form();
        double p = job.size().pitchMm();
        ThreadJob.Edge edge = job.edge();
        if (edge.radiusMm().isPresent() || edge.flatMm().isPresent()) {
            return new TipShape(
                    form, p, edge.flatMm().orElse(0), edge.radiusMm().orElse(0));
        }
        if (edge.tool() == Tool.INSERT) {
            return new TipShape(form, p, 0, NOSE_OF_FINEST * Math.min(edge.finestMm(), p));
        }
        return switch (form) {
            case SIXTY ->
                edge.tool() == Tool.FULL_INSERT && !job.inside()
                        ? new TipShape(form, p, 0, form.rootRadiusMm(p))
                        : new TipShape(form, p, p / 8, 0);
            case WHITWORTH, BRITISH_ASSOCIATION -> new TipShape(form, p, 0, form.rootRadiusMm(p));
            case TRAPEZOIDAL, ACME -> {
                TipShape sharp = new TipShape(form, p, 0, 0);
                double over = (job.inside() ? sharp.insideDepthMm() : sharp.depthMm()) - depthOf(job);
                yield new TipShape(form, p, 2 * Math.tan(form.halfRad()) * over, 0);
            }
        };
    }

    private static double depthOf(ThreadJob job) {
        return job.size().depthMm(job.inside());
    }

    private static double speed(ThreadJob job, double groove) {
        double most = StopInTime.mostRpm(job, groove);
        double wanted = SpeedChoice.of(
                        speeds(job),
                        job.size().majorMm(),
                        job.lathe().speeds(),
                        tool(job).taylorExponent())
                .wantedRpm();
        double rpm = job.lathe()
                .speeds()
                .atOrBelow(Math.min(most / StopInTime.IN_HAND, wanted))
                .orElse(job.lathe().speeds().slowest());
        // A drive without steps is set to a round number.
        double round = Math.floor(rpm / 10) * 10;
        return job.lathe().speeds().has(round) ? round : rpm;
    }

    private static ToolMaterial tool(ThreadJob job) {
        return StockCatalogue.shipped()
                .toolMaterial(job.edge().tool().material())
                .orElseThrow();
    }

    /** What the edge is made of. */
    public ToolMaterial tool() {
        return tool(job);
    }

    private static Span speeds(ThreadJob job) {
        ToolMaterial tool = tool(job);
        double share = job.edge().tool() == Tool.HSS_BIT ? HSS_SHARE : CARBIDE_SHARE;
        return job.work().surfaceSpeed(tool).times(share);
    }

    /** Surface speeds for threads, m/min. */
    public Span surfaceSpeeds() {
        return speeds(job);
    }

    public double surfaceSpeed() {
        return SpeedChoice.surfaceSpeed(rpm, job.size().majorMm());
    }

    /** Least pitch diameter, mm: of the class, or a share of the pitch under the basic one where no limits are known. */
    public double pitchLowMm() {
        return job.limits()
                .map(ThreadLimits::pitchLow)
                .orElse(job.size().pitchDiameterMm() - FREE_SHARE * job.size().pitchMm());
    }

    /** Largest pitch diameter, mm. */
    public double pitchHighMm() {
        return job.limits()
                .map(ThreadLimits::pitchHigh)
                .orElse(job.size().pitchDiameterMm() + FREE_SHARE * job.size().pitchMm());
    }

    /** The width between them, mm. */
    public double toleranceMm() {
        return pitchHighMm() - pitchLowMm();
    }

    /** What is still to come off a pitch diameter outside, or out of it inside, to the aim, mm; below 0 when too much is gone. */
    public double toGoMm(double pitchMm) {
        return job.inside() ? targetMm - pitchMm : pitchMm - targetMm;
    }

    /** How far a pitch diameter is past the limit at which it is loose, mm; below 0 before it. */
    public double pastMm(double pitchMm) {
        return job.inside() ? pitchMm - pitchHighMm() : pitchLowMm() - pitchMm;
    }

    /** Whole depth from the crest as turned or bored to the tip, mm on the radius: half the way to the pitch diameter, and on to the tip. */
    public double depthMm() {
        double toPitch = job.inside() ? (targetMm - blankMm) / 2 : (blankMm - targetMm) / 2;
        return toPitch + job.size().pitchMm() / (4 * Math.tan(job.size().form().halfRad())) - tip.shortOfSharpMm();
    }

    /** Radius at which the tip ends, mm. */
    public double tipAtMm() {
        return blankMm / 2 + (job.inside() ? depthMm() : -depthMm());
    }

    /** Diameter of the bottom of its groove, mm: a little under the root, so that the tool runs free. */
    public double grooveDiameterMm() {
        double beyond = GROOVE_BELOW * job.size().pitchMm();
        return 2 * tipAtMm() + (job.inside() ? beyond : -beyond);
    }

    /** How the tool is fed. */
    public Infeed infeed() {
        return new Infeed(
                job.size().form(), job.cutting().way().betaRad(job.size().form()));
    }

    /** The same thread with another tool at its usual shape, everything else left to the program. */
    public ThreadCut cutBy(Tool tool) {
        ThreadJob.Edge e = job.edge();
        ThreadJob.Edge other = new ThreadJob.Edge(
                tool,
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                e.rakeRad(),
                e.clearanceRad(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                0,
                0,
                Math.min(e.finestMm(), job.size().pitchMm()),
                Math.max(e.coarsestMm(), job.size().pitchMm()),
                e.price(),
                e.edges(),
                e.perEdge());
        ThreadJob.Cutting c = job.cutting();
        return of(job.with(j -> j.edge(other)
                .cutting(new ThreadJob.Cutting(
                        c.way(), c.steps(), OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty()))));
    }

    /** Whether the work hardens under an edge that rubs: stainless steels and what is tougher. */
    public boolean hardens() {
        return job.work().group().equals("M") || job.work().group().equals("S");
    }

    /** Whether what is carbide now might be high-speed steel at this speed. */
    public boolean slowEnoughForHss() {
        ToolMaterial hss =
                StockCatalogue.shipped().toolMaterial(Tool.HSS_BIT.material()).orElseThrow();
        return job.edge().tool() != Tool.HSS_BIT
                && surfaceSpeed() <= HSS_SHARE * job.work().surfaceSpeed(hss).high();
    }

    /** How strongly metal builds up at this speed, 0 to 1. */
    public double buildsUp() {
        return job.work().builtUp()
                * EdgeCut.slowness(
                        surfaceSpeed(), job.work().surfaceSpeed(tool()).low());
    }

    /** Whether both flanks cut. */
    public boolean bothFlanks() {
        return job.cutting().way() == Way.STRAIGHT;
    }

    private List<Double> depths(Steps steps, int passes) {
        return steps == Steps.AREA ? Infeed.equalAreas(tip, depthMm(), passes) : Infeed.equalDepths(depthMm(), passes);
    }

    /** Area that one pass may take, mm². */
    public double areaPerPass() {
        double share = job.edge().tool() == Tool.HSS_BIT ? HSS_AREA_MM : CARBIDE_AREA_MM;
        double material = Math.sqrt(REFERENCE_KC / job.work().kc11MPa());
        return share
                * job.size().pitchMm()
                * Math.clamp(material, hardens() ? 1 : 0.6, 1.8)
                * (job.inside() ? INSIDE_SHARE : 1);
    }

    private int usualPasses() {
        int most = (int) Math.clamp(Math.ceil(tip.areaMm2(depthMm()) / areaPerPass()) + 1, LEAST_PASSES, MOST_PASSES);
        double least = EdgeCut.smallestChip(tool()).chosen() * (hardens() ? HARDENING_CHIP : 1);
        int n = most;
        while (n > LEAST_PASSES && chipOf(lastStep(n)) < least) {
            n--;
        }
        return n;
    }

    /** What the last of so many passes goes deeper, mm: without the passes before it. */
    private double lastStep(int passes) {
        return job.cutting().steps() == Steps.DEPTH
                ? depthMm() / passes
                : depthMm() - tip.depthForMm(tip.areaMm2(depthMm()) * (passes - 2.0) / (passes - 1), depthMm());
    }

    /** Thickness of the chip on the leading flank for a step of depth, mm. */
    private double chipOf(double stepMm) {
        return infeed().leadingMm(stepMm) * Math.cos(job.size().form().halfRad());
    }

    /** Thickness of the chip of the last pass on the leading flank, mm. */
    public double lastChipMm() {
        int n = depthsMm.size();
        return chipOf(depthsMm.getLast() - (n > 1 ? depthsMm.get(n - 2) : 0));
    }

    /** What a pass takes out, mm²; the first one is 0. */
    public double areaMm2(int pass) {
        double before = pass == 0 ? tip.areaMm2(0) : tip.areaMm2(depthsMm.get(pass - 1));
        return tip.areaMm2(depthsMm.get(pass)) - before;
    }

    /** Force of a pass that takes what it is set to; the first one is 0. */
    public ThreadForce force(int pass) {
        return force(depthsMm.get(pass), areaMm2(pass), EdgePress.of(tool(), job.work()));
    }

    /** Push apart, N, of a depth and of what is taken there: asked for many of them. */
    DoubleBinaryOperator push() {
        EdgePress press = EdgePress.of(tool(), job.work());
        return (depth, area) -> force(depth, area, press).pushN();
    }

    private ThreadForce force(double depthMm, double areaMm2, EdgePress press) {
        return ThreadForce.of(tip, depthMm, areaMm2, bothFlanks(), job.edge().rakeRad(), job.work(), press);
    }

    /** The pass with the largest push. */
    public ThreadForce hardest() {
        ThreadForce worst = force(0);
        for (int i = 1; i < depthsMm.size(); i++) {
            ThreadForce here = force(i);
            worst = here.pushN() > worst.pushN() ? here : worst;
        }
        return worst;
    }

    /** Power of the hardest pass, W. */
    public double watt() {
        double most = 0;
        for (int i = 0; i < depthsMm.size(); i++) {
            most = Math.max(most, force(i).alongN());
        }
        return most * surfaceSpeed() / 60;
    }

    /** Work out of the chuck, mm. */
    public double stickOutMm() {
        return job.reach()
                .stickOutMm()
                .orElse(job.lengthMm() + grooveMm + Math.max(5, job.size().pitchMm()));
    }

    /** How the work stands; the core of the thread bends. */
    public WorkHolding work() {
        Lathe lathe = job.lathe();
        return new WorkHolding(
                job.reach().hold(),
                stickOutMm(),
                2 * tipAtMm(),
                job.work().modulusMPa(),
                lathe.chuckOrAssumed(),
                lathe.chuckTiltOrAssumed(),
                lathe.tailstockOrAssumed(),
                lathe.postOrAssumed());
    }

    /** Give where the tool cuts, at the far end of the thread or at the bar's point, mm/N. */
    public double giveMmPerN() {
        if (job.inside()) {
            return inBar().beam().compliance() + 1 / job.lathe().chuckOrAssumed();
        }
        return work().complianceAt(stickOutMm());
    }

    /** Give at the end of the thread that is nearer the chuck, mm/N. */
    public double giveAtChuckMmPerN() {
        return job.inside() ? giveMmPerN() : work().complianceAt(Math.max(0, stickOutMm() - job.lengthMm()));
    }

    /** Pitch diameter left over by the last cutting pass where work or bar gives most, mm. */
    public double sprungMm() {
        return leftMm(0);
    }

    /** What the spring passes leave of it, mm. */
    public double leftMm() {
        return leftMm(spring);
    }

    private double leftMm(int springPasses) {
        return sprung.farMm().get(Math.min(springPasses, sprung.farMm().size() - 1));
    }

    /** How much more that is than at the thread's other end, mm. */
    public double taperMm() {
        return leftMm() - sprung.nearMm().get(Math.min(spring, sprung.nearMm().size() - 1));
    }

    private int usualSpring() {
        double worth = WORTH_SPRINGING * toleranceMm();
        if (hardens()) {
            return 1;
        }
        int count = job.inside() ? 2 : 1;
        while (count < MOST_SPRING && leftMm(count) > worth && leftMm(count + 1) < WORTH_A_PASS * leftMm(count)) {
            count++;
        }
        return count;
    }

    /** The wires it is measured over. */
    public Wires wires() {
        return new Wires(job.size(), job.wireMm().orElse(Wires.best(job.size())));
    }

    /** Depth of engagement as a share of the whole, of an inside thread. */
    public double engagement() {
        return (job.size().majorMm() - blankMm)
                / job.size().form().minorBelowMm(job.size().pitchMm());
    }

    /** Time of one pass and back, minutes. */
    public double minutes() {
        int passes = depthsMm.size() + spring + 1;
        return passes
                * (job.lengthMm() / (job.size().leadMm() * rpm) * job.size().starts() + BACK_MIN);
    }

    /** The edge as it is ground and as it cuts. */
    public ThreadEdge edge() {
        return new ThreadEdge(this);
    }

    /** How it stops at the end of the thread. */
    public StopInTime stop() {
        return new StopInTime(job, grooveMm, rpm);
    }

    /** The bar that holds the tool of an inside thread. */
    public ThreadBar inBar() {
        return new ThreadBar(this);
    }
}
