package boldwedge.core.families.shaping.model;

import boldwedge.core.families.shaping.model.ShapedJob.End;
import boldwedge.core.language.stock.Span;
import boldwedge.core.mechanics.advice.WideEdgeRake;
import boldwedge.core.mechanics.cutting.CuttingForce;
import boldwedge.core.mechanics.cutting.EdgePress;
import boldwedge.core.mechanics.cutting.EdgeProfile;
import boldwedge.core.mechanics.cutting.FeedChoice;
import boldwedge.core.mechanics.cutting.Finish;
import boldwedge.core.mechanics.stroke.HungTool;
import boldwedge.core.mechanics.stroke.PlanedEdge;
import boldwedge.core.mechanics.stroke.ShaftSlot;
import boldwedge.core.mechanics.stroke.StrokeBar;
import boldwedge.core.mechanics.wedge.GroundBit;
import boldwedge.core.mechanics.wedge.ToolSignature;
import java.util.List;
import java.util.Optional;

/**
 * A shaped cut worked out.
 *
 * @param job the job
 * @param rakeRad rake of the edge
 * @param outMm from clamp to point, mm
 * @param gooseneck whether the point hangs behind its shank
 * @param downMm taken by a stroke (keyway) or a pass (flat, face), mm
 * @param feedMm across by a stroke, mm; 0 for a keyway
 */
public record ShapedCut(ShapedJob job, double rakeRad, double outMm, boolean gooseneck, double downMm, double feedMm) {
    /** A stroke begins so far before the work and ends so far behind it, mm; custom of the trade. */
    public static final double BEFORE_MM = 12;

    private static final double AFTER_MM = 5;
    /** A run-out hole is so much deeper than the keyway, mm; custom of the trade. */
    public static final double HOLE_DEEPER_MM = 0.3;
    /** Of what comes back as depth so much is borne (ours). */
    public static final double STEADY_GAIN = 0.5;
    /** High-speed steel bears about so much in bending where every stroke is a blow, MPa (ours). */
    public static final double BEARS_MPA = 500;
    /** Chosen so that tooth and shank bear so many times what comes. */
    private static final double IN_HAND = 1.2;
    /** Chosen so that no more of the power goes than this. */
    private static final double POWER_TAKEN = 0.8;
    /** Of what the depth may be off so much may be left to springing. */
    private static final double SPRUNG = 0.28;
    /** Down by a stroke in steel, mm (custom of the trade): a shaper is stiffer than a bar in its bore. */
    private static final Span DOWN_MM = new Span(0.03, 0.06, 0.12);
    /** Deep of a roughing pass over a flat, mm (custom of the trade). */
    private static final double ROUGHING_MM = 1;
    /** Left for the last pass, mm. */
    public static final double SKIM_MM = 0.15;

    private static final double LIGHTER = 0.97;
    private static final double LEAST_DOWN_MM = 0.02;
    private static final double COARSEST_FEED_MM = 0.5;
    /** The edges of a roughing bit, from the surface: leading, trailing. */
    private static final double LEADING_RAD = Math.toRadians(75);

    private static final double TRAILING_RAD = Math.toRadians(10);
    /** The point of a gooseneck behind its shank's axis, as a share of the shank (custom of the trade: a little behind the pivot). */
    private static final double BEHIND = 0.25;
    /** A tool hangs at least so far out: head and clapper clear the work, mm. */
    private static final double LEAST_OUT_MM = 25;

    private static final double HEAD_ROOM_MM = 20;

    /** Works a job out. */
    public static ShapedCut of(ShapedJob job) {
        double out = job.outMm().orElse(job.units().marked(Math.max(LEAST_OUT_MM, job.depthMm() + HEAD_ROOM_MM)));
        double rake = job.rakeRad().orElse(WideEdgeRake.of(job.work()).chosen());
        double feed = job.isKeyway() ? 0 : job.feedMm().orElseGet(() -> feedFor(job));
        double most = job.isKeyway()
                ? downRange(job).chosen()
                : Math.min(ROUGHING_MM, Math.max(job.depthMm() - SKIM_MM, job.depthMm() / 2));
        double down = Math.min(job.downMm().orElse(most), job.depthMm());
        ShapedCut straight = new ShapedCut(job, rake, out, job.gooseneck().orElse(false), down, feed);
        ShapedCut hung = job.gooseneck().isPresent() || straight.hung().gain() <= STEADY_GAIN
                ? straight
                : new ShapedCut(job, rake, out, true, down, feed);
        return job.downMm().isPresent() ? hung : hung.lightened();
    }

    /** The same with as much less at a stroke as tooth, shank and motor ask for. */
    private ShapedCut lightened() {
        ShapedCut light = this;
        while (light.downMm > LEAST_DOWN_MM && !light.isBorne()) {
            light = new ShapedCut(
                    job, rakeRad, outMm, gooseneck, Math.max(LEAST_DOWN_MM, LIGHTER * light.downMm), feedMm);
        }
        return light;
    }

    private boolean isBorne() {
        return Math.max(toothMPa(), shankMPa()) <= BEARS_MPA / IN_HAND
                && (gooseneck || hung().gain() <= STEADY_GAIN)
                && watt() <= POWER_TAKEN * job.shaper().spindleWatt()
                && (!job.isKeyway() || leftMm() <= SPRUNG * job.withinMm());
    }

    private static double feedFor(ShapedJob job) {
        return FeedChoice.forFinish(profile(job), job.raMm(), COARSEST_FEED_MM, List.of())
                .feedMm();
    }

    private static EdgeProfile profile(ShapedJob job) {
        return new EdgeProfile(job.noseMm(), LEADING_RAD, TRAILING_RAD);
    }

    /** The bit of a flat or a face, ground as for turning with what clearance a straight stroke wants. */
    public Optional<GroundBit> bit(int nosePlanes) {
        ToolSignature signature = new ToolSignature(
                0, rakeRad, job.frontRad(), job.sideRad(), TRAILING_RAD, Math.PI / 2 - LEADING_RAD, job.noseMm());
        return GroundBit.tried(job.bit(), signature, nosePlanes);
    }

    private static Span downRange(ShapedJob job) {
        return PlanedEdge.taken(job.work(), DOWN_MM);
    }

    /** Down by a stroke here, mm. */
    public Span downRange() {
        return downRange(job);
    }

    /** Rakes for it, radians (custom of the trade). */
    public Span rakeRange() {
        return WideEdgeRake.of(job.work());
    }

    /** The slot or flat in its shaft. */
    public ShaftSlot slot() {
        return new ShaftSlot(job.shaftMm() / 2, job.depthMm());
    }

    /** Width of a keyway that a stroke cuts, mm. */
    public double toothMm() {
        return Math.min(job.toothMm(), job.widthMm());
    }

    /** The edge of a keyway. */
    public PlanedEdge edge() {
        return new PlanedEdge(job.work(), rakeRad, toothMm(), downMm);
    }

    private CuttingForce chip() {
        return CuttingForce.of(job.work(), EdgePress.of(job.tool(), job.work()), profile(job), rakeRad, downMm, feedMm);
    }

    /** Force along the stroke, N. */
    public double alongN() {
        return job.isKeyway() ? edge().alongN() : chip().cuttingN();
    }

    /** Push out of the cut, N. */
    public double pushN() {
        return job.isKeyway() ? edge().pushN() : chip().pushN();
    }

    /** Growth of the force along the stroke with depth, N/mm. */
    public double growthNPerMm() {
        return job.isKeyway() ? edge().growthNPerMm() : alongN() / downMm;
    }

    /** The point ahead of its shank's axis, mm; a gooseneck's is behind it. */
    public double aheadMm() {
        return job.bit().heightMm() * (gooseneck ? -BEHIND : 0.5);
    }

    /** Bending stiffness of the shank, N·mm². */
    public double bendingNmm2() {
        return job.tool().modulusMPa()
                * job.bit().widthMm()
                * Math.pow(job.bit().heightMm(), 3)
                / 12;
    }

    /** The tool under its stroke. */
    public HungTool hung() {
        return new HungTool(alongN(), growthNPerMm(), outMm, aheadMm(), bendingNmm2());
    }

    /** Bending of the shank at its clamp, MPa: 6 F l / (b h²). */
    public double shankMPa() {
        return StrokeBar.toothMPa(
                alongN(), outMm, job.bit().widthMm(), job.bit().heightMm());
    }

    /** Bending of a keyway's tooth at its root, MPa; of a flat's bit none that its shank has not. */
    public double toothMPa() {
        return job.isKeyway()
                ? StrokeBar.toothMPa(
                        alongN(), job.depthMm() + 2, job.toothMm(), job.bit().heightMm())
                : 0;
    }

    /** In how many ways, side by side, a keyway is planed. */
    public int ways() {
        double wanted = job.widthMm() + job.width().middleMm();
        return !job.isKeyway() || job.toothMm() >= job.widthMm() + job.width().lowerMm() - 0.005
                ? 1
                : (int) Math.ceil(wanted / job.toothMm() - 1e-9);
    }

    /** How far the tool is moved aside from way to way, mm; 0 for one way. */
    public double sideStepMm() {
        return ways() == 1 ? 0 : (job.widthMm() + job.width().middleMm() - job.toothMm()) / (ways() - 1);
    }

    /** A stroke begins so far before the work, mm. */
    public double beforeMm() {
        return job.units().marked(BEFORE_MM);
    }

    /** It ends so far behind it, mm. */
    public double afterMm() {
        return job.units().marked(AFTER_MM);
    }

    /** Length of a stroke, mm: from before the work to behind it, or into its holes. */
    public double strokeMm() {
        if (!job.isKeyway()) {
            return job.lengthMm() + beforeMm() + afterMm();
        }
        return job.lengthMm()
                + (job.end() == End.TWO_HOLES ? 0 : beforeMm())
                + (job.end() == End.THROUGH ? afterMm() : 0);
    }

    /** A hole to start in is so long that the whole tool drops into it, mm. */
    public double startHoleMm() {
        return job.bit().heightMm() + 2;
    }

    /** Cutting speed that is wanted, m/min. */
    public double wantedSpeed() {
        return PlanedEdge.speed(job.work(), job.tool());
    }

    /** Strokes a minute. */
    public double perMinute() {
        return job.shaper().strokes().setFor(wantedSpeed(), strokeMm());
    }

    /** Speed that comes of it, m/min. */
    public double speed() {
        return job.shaper().strokes().speed(perMinute(), strokeMm());
    }

    /** Power along the stroke, W. */
    public double watt() {
        return alongN() * speed() / 60;
    }

    /** Passes over a flat or a face, the skim among them; of a keyway strokes to depth, of a way. */
    public int passes() {
        return job.isKeyway()
                ? (int) Math.ceil(job.depthMm() / downMm - 1e-9)
                : 1 + (int) Math.ceil(Math.max(0, job.depthMm() - SKIM_MM) / downMm - 1e-9);
    }

    /** Strokes of all. */
    public int strokes() {
        return job.isKeyway()
                ? ways() * (passes() + job.springStrokes())
                : passes() * (int) Math.ceil((job.widthMm() + 2 * job.noseMm()) / feedMm);
    }

    /** Time at the stroke, minutes. */
    public double minutes() {
        return strokes() / perMinute();
    }

    /** How far ram and work spring apart while it is fed, mm. */
    public double springMm() {
        return pushN() / job.shaper().postOrAssumed();
    }

    /** Share of what is left that a stroke without infeed leaves. */
    public double leftShare() {
        double dk = growthNPerMm() * (pushN() / alongN()) / job.shaper().postOrAssumed();
        return dk / (1 + dk);
    }

    /** Left shallow after the spring strokes, mm. */
    public double leftMm() {
        return springMm() * Math.pow(leftShare(), job.springStrokes());
    }

    /** How much deeper the far end comes, for the ram sinks as it goes out, mm. */
    public double droopMm() {
        return job.shaper().strokes().droopMm(job.lengthMm());
    }

    /** The finish that is likely, mm (Ra). */
    public double likelyRaMm() {
        return Finish.USUAL_OVER_THEORY * Finish.of(profile(job), feedMm).raMm();
    }
}
