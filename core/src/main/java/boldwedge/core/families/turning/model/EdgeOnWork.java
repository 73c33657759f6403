package boldwedge.core.families.turning.model;

import boldwedge.core.mechanics.cutting.CuttingForce;
import boldwedge.core.mechanics.cutting.EdgeCut;
import boldwedge.core.mechanics.cutting.EdgeProfile;
import boldwedge.core.mechanics.cutting.FeedChoice;
import boldwedge.core.mechanics.cutting.PushCurve;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.mechanics.rigidity.PushOff;
import boldwedge.core.mechanics.rigidity.WorkHolding;
import boldwedge.core.mechanics.wedge.EdgeAngles;
import boldwedge.core.mechanics.wedge.Frame;
import boldwedge.core.mechanics.wedge.InUse;
import boldwedge.core.mechanics.wedge.InUse.Feeding;
import boldwedge.core.mechanics.wedge.Operation;
import boldwedge.core.mechanics.wedge.ToolSignature;
import boldwedge.core.mechanics.wedge.Wedge;
import java.util.function.DoubleUnaryOperator;

/**
 * An edge on a turning job, whatever it is ground on: its wedge in use, what it cuts and how far it and the work spring apart.
 *
 * @param inUse the tool's stand to the work
 * @param used the working frame
 * @param leading angles in use at the edge that leads the feed
 * @param cutting feed, speed, force, finish
 */
record EdgeOnWork(
        Wedge wedge,
        InUse inUse,
        Frame used,
        EdgeAngles leading,
        EdgeCut cutting,
        WorkHolding holding,
        PushOff pushOff) {
    /** What a pass must clear before it counts as good enough; spring passes aim for it. */
    private static final double GOOD_SHARE = 0.5;

    /** Works a pass of the job out with an edge of these angles, of the job's tool material. */
    static EdgeOnWork of(TurningJob job, ToolSignature signature) {
        return of(job, signature, false);
    }

    /** The same of a single pass, its push taken as straight about the depth: for whoever sets many edges beside each other. */
    static EdgeOnWork once(TurningJob job, ToolSignature signature) {
        return of(job, signature, true);
    }

    private static EdgeOnWork of(TurningJob job, ToolSignature signature, boolean once) {
        Wedge wedge = Wedge.of(signature);
        double radius = (job.operation() == Operation.FACE ? job.diameterMm() : job.finishedMm()) / 2;

        // The feed leans the cut a little, and the edge in use decides the feed: once round is enough, for the lean is
        // small.
        Frame unfed = new InUse(
                        job.heightMm(),
                        radius,
                        job.swivelRad(),
                        0,
                        job.operation().feeding())
                .frame();
        EdgeProfile edge = profile(wedge, unfed, job.operation().feeding());
        double coarsest = Math.min(0.8, Math.max(0.05, Math.max(job.depthMm(), signature.noseRadiusMm())));
        EdgeCut.Situation at = new EdgeCut.Situation(
                job.lathe(),
                job.work(),
                job.tool(),
                job.depthMm(),
                job.raMm(),
                job.passDiameterMm(),
                job.feedMm(),
                job.speedRpm());
        FeedChoice feedChoice = at.feedFor(edge, coarsest);
        double feed = job.feedMm().orElse(feedChoice.feedMm());

        InUse inUse = new InUse(
                job.heightMm(), radius, job.swivelRad(), feed, job.operation().feeding());
        Frame used = inUse.frame();
        edge = profile(wedge, used, job.operation().feeding());
        EdgeAngles leading =
                job.operation().feeding() == Feeding.LENGTHWAYS ? wedge.sideAngles(used) : wedge.endAngles(used);
        EdgeCut cutting = EdgeCut.of(at, feedChoice, edge, leading.normalRake());

        WorkHolding holding = holding(job);
        // The cut starts at the free end. Facing pushes along the axis, which does not bend the work: only the springs
        // give.
        boolean facing = job.operation() == Operation.FACE;
        double to = facing ? 0 : job.freeLengthMm();
        double from = facing ? 0 : to - job.lengthMm();
        PushOff pushOff = PushOff.of(
                holding,
                from,
                to,
                job.depthMm(),
                once
                        ? straight(cutting)
                        : new PushCurve(job.work(), at.press(), edge, leading.normalRake(), job.depthMm(), feed),
                once ? Double.POSITIVE_INFINITY : GOOD_SHARE * job.allowedErrorMm(),
                cutting.smallestChipMm().chosen());
        return new EdgeOnWork(wedge, inUse, used, leading, cutting, holding, pushOff);
    }

    /** Push against depth as a straight line through the depth and a tenth less. */
    private static DoubleUnaryOperator straight(EdgeCut cutting) {
        EdgeCut.Situation at = cutting.at();
        double depth = at.depthMm();
        double less = CuttingForce.of(
                        at.work(), at.press(), cutting.profile(), cutting.normalRake(), 0.9 * depth, cutting.feedMm())
                .pushN();
        double push = cutting.force().pushN();
        double slope = Math.max(0, (push - less) / (0.1 * depth));
        // What draws in draws in: only a push that grows from nothing cannot fall below it.
        return mm -> push > 0 ? Math.max(0, push + slope * (mm - depth)) : push;
    }

    /** The work as it is held. */
    static WorkHolding holding(TurningJob job) {
        TurningCut.Stiffness spring = TurningCut.Stiffness.of(job.lathe());
        double diameter =
                job.operation() == Operation.FACE ? job.diameterMm() : (job.passDiameterMm() + job.finishedMm()) / 2;
        return new WorkHolding(
                job.hold(),
                job.freeLengthMm(),
                diameter,
                job.work().modulusMPa(),
                spring.chuck(),
                spring.chuckTilt() / job.taught().spring(),
                spring.tailstock(),
                spring.post());
    }

    private static EdgeProfile profile(Wedge wedge, Frame frame, Feeding feeding) {
        double lead = wedge.sideAngles(frame).approach();
        double end = wedge.endAngles(frame).approach();
        return feeding == Feeding.LENGTHWAYS
                ? new EdgeProfile(wedge.noseRadiusMm(), lead, end)
                : new EdgeProfile(wedge.noseRadiusMm(), Math.PI / 2 - end, lead - Math.PI / 2);
    }

    /** Places along the work at which its give is asked. */
    private static final int PLACES = 7;

    /** Give of the job's work along the cut if it were held so, from the end of the cut at the chuck to its free end, mm/N. */
    static double[] gives(TurningJob job, Hold hold, double freeMm) {
        WorkHolding work = holding(job).held(hold).standingOut(freeMm);
        double[] give = new double[PLACES];
        for (int i = 0; i < PLACES; i++) {
            give[i] = work.complianceAt(freeMm - job.lengthMm() * (1 - i / (PLACES - 1.0)));
        }
        return give;
    }
}
