package boldwedge.core.families.shearing.model;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.Span;
import boldwedge.core.mechanics.cutting.CuttingForce;
import boldwedge.core.mechanics.cutting.EdgeCut;
import boldwedge.core.mechanics.cutting.EdgePress;
import boldwedge.core.mechanics.cutting.EdgeProfile;
import boldwedge.core.mechanics.cutting.FeedChoice;
import boldwedge.core.mechanics.cutting.ObliqueForce;
import boldwedge.core.mechanics.cutting.Shaving;
import boldwedge.core.mechanics.rigidity.WorkHolding;
import boldwedge.core.mechanics.wedge.ShearEdge;
import java.util.Optional;
import java.util.stream.IntStream;
import org.hipparchus.geometry.euclidean.threed.Vector3D;

/**
 * A shaving pass worked out.
 *
 * @param job the job
 * @param depthMm depth of a pass, mm
 * @param passes so many of them take what the pass before leaves
 * @param stretches into which the edge is shared out
 * @param stretch the one that cuts, the topmost 1
 * @param cutting the edge in use: feed, speed, force, finish
 */
public record ShearCut(ShearJob job, double depthMm, int passes, int stretches, int stretch, EdgeCut cutting) {
    /** Depths of a pass, mm (custom of the trade). */
    public static final Span DEPTHS_MM = new Span(0.01, 0.03, 0.05);
    /** Beside the edge in the work a stretch has so much in hand, mm (ours). */
    public static final double MARGIN_MM = 0.5;
    /** A turned finish is about so many times its Ra from peak to valley: an arc's marks four, torn ones six. */
    public static final double RT_OF_RA = 5;
    /** What is shaved below the deepest mark, mm (ours). */
    public static final double BELOW_MM = 0.005;

    private static final double METRIC_STEP_MM = 0.005;
    private static final double INCH_STEP_MM = 0.0002 * 25.4;
    /** Taken off behind a dull edge at a regrind, mm (ours). */
    private static final double REGRIND_MM = 0.3;

    /** Works a job out; nothing where the edge in the work is longer than the edge. */
    public static Optional<ShearCut> of(ShearJob job) {
        double needs = needsMm(job);
        int planned = Math.max(1, (int) Math.ceil(needs / DEPTHS_MM.high() - 1e-9));
        double depth = job.depthMm().orElse(Math.max(DEPTHS_MM.low(), stepped(needs / planned, job.units())));
        int passes = Math.max(1, (int) Math.ceil(needs / depth - 1e-6));
        int stretches = (int) Math.floor(job.bit().heightMm() * job.edge().perHeight() / stretchMm(job, depth) + 1e-9);
        return stretches < 1
                ? Optional.empty()
                : Optional.of(new ShearCut(
                        job, depth, passes, stretches, stretch(job, stretches), cutting(job, depth, passes)));
    }

    private static double stepped(double mm, UnitSystem units) {
        double step = units == UnitSystem.METRIC ? METRIC_STEP_MM : INCH_STEP_MM;
        return Math.ceil(mm / step - 1e-9) * step;
    }

    private static double needsMm(ShearJob job) {
        return RT_OF_RA * job.beforeRaMm() + job.outOfTrueMm() + BELOW_MM;
    }

    /** What has to come off on a side: the marks of the pass before, what it is out of true, and a bit below, mm. */
    public double needsMm() {
        return needsMm(job);
    }

    private static double stretchMm(ShearJob job, double depthMm) {
        return 2 * job.edge().halfInWorkMm(depthMm) + MARGIN_MM;
    }

    /** Edge of a stretch: what is in the work, and some in hand, mm. */
    public double stretchMm() {
        return stretchMm(job, depthMm);
    }

    /** The fresh stretch nearest the middle that a shoulder allows; where none is, the one that was picked or the middle. */
    private static int stretch(ShearJob job, int stretches) {
        if (job.stretch().isPresent()) {
            return job.stretch().getAsInt();
        }
        double middle = (stretches + 1) / 2.0;
        return IntStream.rangeClosed(1, stretches)
                .filter(one -> !job.used().contains(one))
                .boxed()
                .min((a, b) -> compare(job, stretches, middle, a, b))
                .orElse((int) Math.ceil(middle));
    }

    private static int compare(ShearJob job, int stretches, double middle, int a, int b) {
        double room = job.shoulderMm().orElse(Double.POSITIVE_INFINITY);
        boolean fits = aheadMm(job, stretches, a) <= room;
        boolean other = aheadMm(job, stretches, b) <= room;
        return fits == other
                ? Double.compare(Math.abs(a - middle), Math.abs(b - middle))
                : Boolean.compare(other, fits);
    }

    /** How far the bit's foot stands ahead of where a stretch cuts, mm. */
    private static double aheadMm(ShearJob job, int stretches, int stretch) {
        double below = job.bit().heightMm() * (1 - (stretch - 0.5) / stretches);
        return below * Math.tan(job.edge().slopeRad());
    }

    /** How far the bit's foot stands ahead of the cut: so much nearer than that no shoulder may be, mm. */
    public double aheadMm() {
        return aheadMm(job, stretches, stretch);
    }

    /** The least of that among the fresh stretches, mm; of the lowest where none is fresh. */
    public double leastAheadMm() {
        return aheadMm(
                job,
                stretches,
                IntStream.rangeClosed(1, stretches)
                        .filter(one -> !job.used().contains(one))
                        .max()
                        .orElse(stretches));
    }

    private static EdgeCut cutting(ShearJob job, double depth, int passes) {
        ShearEdge edge = job.edge();
        // In the section through the axis the edge is an arc, as a nose is.
        EdgeProfile profile = new EdgeProfile(edge.arcMm(), Math.PI / 2, Math.PI / 4);
        EdgeCut.Situation at = new EdgeCut.Situation(
                job.lathe(),
                job.work(),
                job.tool(),
                depth,
                job.raMm(),
                job.finishedMm() + 2 * passes * depth,
                job.feedMm(),
                job.speedRpm());
        FeedChoice feed = at.feedFor(profile, Shaving.coarsestFeedMm(edge.arcMm()));
        EdgeCut square = EdgeCut.of(at, feed, profile, edge.effectiveRakeRad());
        return new EdgeCut(
                at,
                profile,
                square.normalRake(),
                feed,
                square.feedMm(),
                square.speedChoice(),
                square.rpm(),
                force(job, profile, depth, square.feedMm()),
                square.finish(),
                square.smallestChipMm());
    }

    /** Kienzle along the edge with the rake that the chip meets, turned into its parts by the edge's own directions; and the edge's own force over its true length. */
    private static CuttingForce force(ShearJob job, EdgeProfile profile, double depth, double feed) {
        ShearEdge edge = job.edge();
        CuttingForce chip = CuttingForce.of(job.work(), profile, edge.effectiveRakeRad(), depth, feed);
        Vector3D onTool = ObliqueForce.onTool(
                chip.cuttingN(),
                edge.along(),
                edge.face(),
                edge.cut(),
                edge.outward(),
                CuttingForce.frictionAngle(job.work(), edge.normalRakeRad()));
        EdgePress press = EdgePress.of(job.tool(), job.work());
        double length = chip.edgeMm() / Math.cos(edge.inclinationRad());
        return new CuttingForce(
                chip.cuttingN() + press.alongNPerMm() * length,
                onTool.getX(),
                onTool.dotProduct(edge.outward()) + press.acrossNPerMm() * length,
                chip.chipAreaMm2(),
                chip.thickestMm(),
                chip.edgeMm());
    }

    /** The chip's part of the force along the cut, N. */
    public double chipN() {
        return CuttingForce.of(job.work(), cutting.profile(), job.edge().effectiveRakeRad(), depthMm, cutting.feedMm())
                .cuttingN();
    }

    /** True length of edge that cuts, mm. */
    public double cuttingEdgeMm() {
        return cutting.force().edgeMm() / Math.cos(job.edge().inclinationRad());
    }

    /** Force against the feed: the chip leaves along the work, N. */
    public double feedN() {
        return cutting.force().feedN();
    }

    /** Fresh stretches, the one that cuts among them where it is one. */
    public int fresh() {
        return (int) IntStream.rangeClosed(1, stretches)
                .filter(one -> !job.used().contains(one))
                .count();
    }

    /** Fresh stretches above the one that cuts. */
    public int freshAbove() {
        return (int) IntStream.range(1, stretch)
                .filter(one -> !job.used().contains(one))
                .count();
    }

    /** Fresh stretches below the one that cuts. */
    public int freshBelow() {
        return (int) IntStream.rangeClosed(stretch + 1, stretches)
                .filter(one -> !job.used().contains(one))
                .count();
    }

    /** Whether the stretch that cuts is dull already. */
    public boolean dull() {
        return job.used().contains(stretch);
    }

    /** The bit's top over the work's axis so that the middle of the stretch touches, mm. */
    public double topMm() {
        return job.edge().touchMm() + job.bit().heightMm() * (stretch - 0.5) / stretches;
    }

    /** Diameter that the pass before turns to, mm. */
    public double beforeMm() {
        return job.finishedMm() + 2 * passes * depthMm;
    }

    /** Work between the tool and its holding, where it gives most. */
    public WorkHolding holding() {
        return new WorkHolding(
                job.hold(),
                job.freeMm(),
                job.finishedMm(),
                job.work().modulusMPa(),
                job.lathe().chuckOrAssumed(),
                job.lathe().chuckTiltOrAssumed(),
                job.lathe().tailstockOrAssumed(),
                job.lathe().postOrAssumed());
    }

    /** The softest place of the length that is shaved, from the jaws, mm. */
    public double softestMm() {
        WorkHolding work = holding();
        double from = job.freeMm() - job.lengthMm();
        return IntStream.rangeClosed(0, 12)
                .mapToDouble(i -> from + job.lengthMm() * i / 12)
                .boxed()
                .max((a, b) -> Double.compare(work.complianceAt(a), work.complianceAt(b)))
                .orElse(job.freeMm());
    }

    /** Give between tool and work at the softest place, mm/N. */
    public double givesMmPerN() {
        return holding().complianceAt(softestMm());
    }

    /** How far work and tool spring apart there, mm. */
    public double springMm() {
        return Math.max(0, cutting.force().pushN()) * givesMmPerN();
    }

    /** Time of a pass, minutes. */
    public double passMinutes() {
        return job.lengthMm() / (cutting.feedMm() * cutting.rpm());
    }

    /** How often it can be ground anew before the grip is used up. */
    public int regrinds() {
        return (int) Math.floor((job.bit().lengthMm() - 4 * job.bit().heightMm()) / REGRIND_MM);
    }

    public static double regrindMm() {
        return REGRIND_MM;
    }

    /** Finish that is likely measured, Ra in mm. */
    public double likelyRaMm() {
        return cutting.likelyRaMm();
    }
}
