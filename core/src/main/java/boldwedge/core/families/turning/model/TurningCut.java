package boldwedge.core.families.turning.model;

import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.mechanics.advice.AngleAdvice;
import boldwedge.core.mechanics.cutting.CuttingForce;
import boldwedge.core.mechanics.cutting.EdgeCut;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.cutting.SpeedChoice;
import boldwedge.core.mechanics.rigidity.PushOff;
import boldwedge.core.mechanics.rigidity.ToolOverhang;
import boldwedge.core.mechanics.rigidity.WorkHolding;
import boldwedge.core.mechanics.wedge.EdgeAngles;
import boldwedge.core.mechanics.wedge.Frame;
import boldwedge.core.mechanics.wedge.GrindingPlan;
import boldwedge.core.mechanics.wedge.GroundBit;
import boldwedge.core.mechanics.wedge.InUse;
import boldwedge.core.mechanics.wedge.Operation;
import boldwedge.core.mechanics.wedge.ToolSignature;
import boldwedge.core.mechanics.wedge.TypedSignature;
import boldwedge.core.mechanics.wedge.Wedge;
import java.util.OptionalDouble;

/**
 * Everything that is computed about one job: the wedge in hand and in use, the bit, the cut, and how work and tool give.
 *
 * @param signature angles in hand, chosen or typed
 * @param inUse the tool's stand to the work
 * @param used the working frame
 * @param leading angles in use at the edge that leads the feed
 * @param cutting the edge in use: feed, speed, force, finish
 * @param roughing passes before the one that is looked at
 * @param beside the same pass by other edges
 */
public record TurningCut(
        TurningJob job,
        AngleAdvice advice,
        ToolSignature signature,
        Wedge wedge,
        InUse inUse,
        Frame used,
        EdgeAngles leading,
        EdgeCut cutting,
        WorkHolding holding,
        PushOff pushOff,
        ToolOverhang overhang,
        double toolDropMm,
        GroundBit bit,
        GrindingPlan grinding,
        Roughing roughing,
        EdgesBeside beside) {
    /** Shanks that carry a tip or an insert are hardened steel, MPa. */
    private static final double SHANK_MODULUS = 207_000;

    /** A tolerance narrower than this is come up to in two equal last passes, mm. */
    private static final double SNEAKED_UP_TO_MM = 0.06;

    /**
     * Roughing before the last pass.
     *
     * @param passes how many
     * @param depthMm depth of each, mm
     * @param feedMm feed of each, mm/rev
     * @param last how many last passes there are, each as deep as the one that is looked at: two where it is sneaked up to
     */
    public record Roughing(int passes, double depthMm, double feedMm, int last) {}

    /** Assumed stiffness across the axis where none was measured, N/mm: it goes with the size of the lathe. */
    public record Stiffness(double post, double chuck, double chuckTilt, double tailstock, boolean assumed) {
        public static Stiffness of(Lathe lathe) {
            return new Stiffness(
                    lathe.postOrAssumed(),
                    lathe.chuckOrAssumed(),
                    lathe.chuckTiltOrAssumed(),
                    lathe.tailstockOrAssumed(),
                    lathe.postStiffness().isEmpty()
                            || lathe.chuckStiffness().isEmpty()
                            || lathe.chuckTilt().isEmpty()
                            || lathe.tailstockStiffness().isEmpty());
        }
    }

    /**
     * Computes a job.
     *
     * @param typed angles that were typed over the advice
     * @param groundLengthMm how far back the grinding reaches, where it was typed
     * @throws GroundBit.NothingLeft when the angles leave no bit
     */
    public static TurningCut of(TurningJob job, TypedSignature typed, OptionalDouble groundLengthMm) {
        AngleAdvice advice = advice(job);
        ToolSignature signature = typed.over(advice.signature());
        EdgeOnWork edge = EdgeOnWork.of(job, signature);
        ToolOverhang overhang =
                new ToolOverhang(job.blank().widthMm(), job.blank().heightMm(), job.overhangMm(), shankModulus(job));
        double reach = groundLengthMm.orElseGet(() -> GroundBit.usualGroundLength(job.blank(), signature));
        GroundBit bit = GroundBit.grind(job.blank(), edge.wedge(), reach, job.damageMm(), job.order());
        GrindingPlan grinding =
                GrindingPlan.of(bit, job.wheelRadiusMm(), 2 * job.blank().heightMm(), job.overhangMm());
        return new TurningCut(
                job,
                advice,
                signature,
                edge.wedge(),
                edge.inUse(),
                edge.used(),
                edge.leading(),
                edge.cutting(),
                edge.holding(),
                edge.pushOff(),
                overhang,
                overhang.drop(edge.cutting().force().cuttingN()),
                bit,
                grinding,
                roughing(job, edge.cutting()),
                new EdgesBeside(job, signature, edge));
    }

    /** What the handbook advises for the job's blank. */
    static AngleAdvice advice(TurningJob job) {
        double slenderness =
                job.hold().slenderness(job.freeLengthMm(), job.finishedMm() > 0 ? job.finishedMm() : job.diameterMm());
        return AngleAdvice.on(
                job.work(),
                job.blank(),
                new AngleAdvice.Circumstances(
                        job.operation(),
                        job.raMm() * 1000,
                        slenderness,
                        job.depthMm(),
                        job.lathe().motorWatt(),
                        job.units()));
    }

    /** Normal rake in use at the side edge if it were ground to this side rake and lead, the rest as it is; all in radians. */
    double normalRake(double sideRakeRad, double leadRad) {
        Wedge other = Wedge.of(new ToolSignature(
                signature.backRake(),
                sideRakeRad,
                signature.endRelief(),
                signature.sideRelief(),
                signature.endCuttingEdge(),
                leadRad,
                signature.noseRadiusMm()));
        return other.sideAngles(used).normalRake();
    }

    /** Length of the feed's path of the pass, mm. */
    public double pathMm() {
        return job.operation() == Operation.FACE ? (job.diameterMm() - job.finishedMm()) / 2 : job.lengthMm();
    }

    /**
     * Diameter at which the chip comes off on average, mm: midway through the depth; for facing the outside, where the pass is fastest.
     */
    public double chipDiameterMm() {
        return job.operation() == Operation.FACE ? job.passDiameterMm() : job.passDiameterMm() - job.depthMm();
    }

    /** Metal removed, cm³ per minute: depth × feed × surface speed midway through the depth. */
    public double removalCm3PerMin() {
        return job.depthMm() * cutting.feedMm() * SpeedChoice.surfaceSpeed(cutting.rpm(), chipDiameterMm());
    }

    /** Time of one pass, minutes: path over feed times speed. */
    public double passMinutes() {
        return pathMm() / (cutting.feedMm() * cutting.rpm());
    }

    /** Push and feed force together, N: the thrust in the plane square to the cut. */
    public double thrustN() {
        return Math.hypot(cutting.force().pushN(), cutting.force().feedN());
    }

    /** A bit of high-speed steel is its own shank. */
    private static double shankModulus(TurningJob job) {
        return job.tool().family() == ToolMaterial.Family.HSS ? job.tool().modulusMPa() : SHANK_MODULUS;
    }

    /** Roughing: as deep as two thirds of the power and a fifth of the bit's width allow, in equal passes. */
    private static Roughing roughing(TurningJob job, EdgeCut cutting) {
        boolean close = job.operation() != Operation.FACE && job.tolerance().widthMm() < SNEAKED_UP_TO_MM;
        // What is left before two last passes is as deep as they are, or nothing: no pass is finer than the finishing
        // cut.
        double left = job.stockMm() - 2 * job.depthMm();
        int last = close && (left >= job.depthMm() - 1e-9 || Math.abs(left) < 0.01) ? 2 : 1;
        double stock = job.stockMm() - last * job.depthMm();
        if (stock < 0.01) {
            return new Roughing(0, 0, 0, last);
        }
        double feed = job.lathe().feedsMm().stream()
                .mapToDouble(Double::doubleValue)
                .filter(f -> f <= 0.2)
                .max()
                .orElse(0.1);
        double v = SpeedChoice.surfaceSpeed(cutting.rpm(), job.diameterMm());
        double most = Math.min(stock, 0.2 * job.blank().widthMm());
        double watts = cutting.at().availableWatt() * 2 / 3;
        double needs = CuttingForce.of(
                        job.work(), cutting.at().press(), cutting.profile(), cutting.normalRake(), most, feed)
                .powerWatt(v);
        if (needs > watts) {
            most = most * watts / needs;
        }
        // Roughing finer than the finishing cut would be finishing.
        most = Math.max(most, Math.min(stock, job.depthMm()));
        int passes =
                (int) Math.min(Math.ceil(stock / most - 1e-9), Math.max(1, Math.floor(stock / job.depthMm() + 1e-9)));
        return new Roughing(passes, stock / passes, feed, last);
    }
}
