package boldwedge.core.families.flycutting.model;

import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.mechanics.cutting.EdgeCut;
import boldwedge.core.mechanics.cutting.EdgeProfile;
import boldwedge.core.mechanics.cutting.FeedChoice;
import boldwedge.core.mechanics.cutting.SpeedChoice;
import boldwedge.core.mechanics.wedge.GroundBit;
import boldwedge.core.mechanics.wedge.ToolSignature;
import java.util.Optional;

/**
 * A fly cut worked out.
 *
 * @param job the job
 * @param sweptMm diameter of the circle that the point sweeps
 * @param depthMm depth of a pass
 * @param reliefRad clearance as ground
 * @param cutting the edge in use: feed, speed, force, finish
 */
public record FlyCut(FlyJob job, double sweptMm, double depthMm, double reliefRad, EdgeCut cutting) {
    /** The circle over the surface's width (custom of the trade). */
    public static final double LEAST_OVER = 1.2;

    public static final double USUAL_OVER = 1.3;
    /** Behind the heel so much clearance is wanted (custom of the trade). */
    public static final double HEEL_IN_HAND_RAD = Math.toRadians(1);

    private static final double USUAL_RELIEF_RAD = Math.toRadians(9);
    private static final double USUAL_DEPTH_MM = 0.2;
    private static final double USUAL_DEPTH_INCH = 0.008 * 25.4;
    private static final double COARSEST_MM = 0.25;
    /** The edges of a bit ground as for turning, from the surface: leading, trailing. */
    private static final double LEADING_RAD = Math.toRadians(75);

    private static final double TRAILING_RAD = Math.toRadians(10);
    /** A blow at every turn multiplies the force by so much where the edge enters (ours). */
    private static final double BLOW = 1.5;
    /** A screw of a tool block, tightened by hand, presses with so much, N, and rubs by so much (ours). */
    private static final double SCREW_N = 2500;

    private static final double FRICTION = 0.15;

    /** Works a job out. */
    public static FlyCut of(FlyJob job) {
        double swept = job.sweptMm().orElse(Math.max(job.bodyMm() + 2, swept(job)));
        double depth = job.depthMm().orElse(job.units() == UnitSystem.METRIC ? USUAL_DEPTH_MM : USUAL_DEPTH_INCH);
        double heel = heelRad(job, swept);
        double whole = Math.toRadians(1) * Math.ceil(Math.toDegrees(heel + HEEL_IN_HAND_RAD + job.seatRad()));
        double relief = job.reliefRad().orElse(Math.max(USUAL_RELIEF_RAD, whole));
        EdgeProfile profile = new EdgeProfile(job.noseMm(), LEADING_RAD, TRAILING_RAD);
        EdgeCut.Situation at = new EdgeCut.Situation(
                job.lathe(), job.work(), job.tool(), depth, job.raMm(), swept, job.feedMm(), job.speedRpm());
        FeedChoice feed = at.feedFor(profile, COARSEST_MM);
        return new FlyCut(job, swept, depth, relief, EdgeCut.of(at, feed, profile, job.rakeRad() + job.seatRad()));
    }

    /** The bit, ground as for turning: its whole edge cuts, the chord of the circle is taken off its heel besides. */
    public Optional<GroundBit> bit(int nosePlanes) {
        ToolSignature signature = new ToolSignature(
                0, job.rakeRad(), reliefRad, reliefRad, TRAILING_RAD, Math.PI / 2 - LEADING_RAD, job.noseMm());
        return GroundBit.tried(job.bit(), signature, nosePlanes);
    }

    private static double swept(FlyJob job) {
        return job.units().marked(USUAL_OVER * job.widthMm());
    }

    private static double heelRad(FlyJob job, double swept) {
        return Math.asin(Math.min(1, job.bit().widthMm() / swept));
    }

    /** Clearance that the bit's thickness takes: its heel follows a chord of the circle, asin(w / 2R). */
    public double heelRad() {
        return heelRad(job, sweptMm);
    }

    /** Clearance at the cut: what was ground, less what the seat's lean takes. */
    public double clearanceRad() {
        return reliefRad - job.seatRad();
    }

    /** Rake at the cut: what was ground, and what the seat's lean gives. */
    public double rakeRad() {
        return job.rakeRad() + job.seatRad();
    }

    /** What is left behind the heel. */
    public double leftRad() {
        return clearanceRad() - heelRad();
    }

    /** Passes side by side that cover the width. */
    public int laps() {
        return (int) Math.ceil(job.widthMm() * LEAST_OVER / sweptMm - 1e-9);
    }

    /** Width of a lap, mm. */
    public double lapMm() {
        return job.widthMm() / laps();
    }

    /** Share of a turn that the bit is in the work. */
    public double inTheWork() {
        return 2 * Math.asin(Math.min(1, lapMm() / sweptMm)) / (2 * Math.PI);
    }

    /** Force where the edge enters, N. */
    public double blowN() {
        return BLOW * cutting.force().cuttingN();
    }

    /** Mean power at the edge, W. */
    public double meanWatt() {
        return cutting.powerWatt() * inTheWork();
    }

    /** Bending at the bit's root by the blow, MPa: 6 F l / (w h²). */
    public double bitMPa() {
        double w = job.bit().widthMm();
        double h = job.bit().heightMm();
        return 6 * blowN() * job.outMm() / (w * h * h);
    }

    /** Weight of the bit, g. */
    public double bitGram() {
        return job.bit().widthMm()
                * job.bit().heightMm()
                * job.bit().lengthMm()
                / 1000
                * job.tool().densityGramPerCm3();
    }

    /** From the spindle's axis to the bit's middle, mm. */
    public double bitAtMm() {
        return sweptMm / 2;
    }

    /** What throws the bit out, N: m · e · ω². */
    public double throwN() {
        return throwN(bitGram(), bitAtMm(), cutting.rpm());
    }

    /** The same of any weight, g, at a radius, mm. */
    public static double throwN(double gram, double atMm, double rpm) {
        double omega = 2 * Math.PI * rpm / 60;
        return gram / 1000 * (atMm / 1000) * omega * omega;
    }

    /** What the screws hold, N. */
    public double holdsN() {
        return job.screws() * SCREW_N * FRICTION;
    }

    public static double screwN() {
        return SCREW_N;
    }

    public static double friction() {
        return FRICTION;
    }

    /** What tries to move the bit in its seat, N: the throw, and the push of the cut along it. */
    public double movesN() {
        return throwN() + Math.hypot(cutting.force().pushN(), cutting.force().feedN());
    }

    /** Lean of the spindle along the feed, radians; 0 where it was not read. */
    public double leanRad() {
        return job.tramMm().orElse(0) / job.tramOverMm();
    }

    /** Hollow over a width, mm: (D / 2 − √(D² / 4 − B² / 4)) · sin θ. */
    public static double hollowMm(double sweptMm, double widthMm, double leanRad) {
        double b = Math.min(widthMm, sweptMm);
        return (sweptMm / 2 - Math.sqrt(sweptMm * sweptMm / 4 - b * b / 4)) * Math.sin(Math.abs(leanRad));
    }

    /** The same of this cut. */
    public double hollowMm() {
        return hollowMm(sweptMm, lapMm(), leanRad());
    }

    /** What an indicator may read over its circle so that the surface is as flat as wanted, mm. */
    public double mayReadMm() {
        double sag = sweptMm / 2 - Math.sqrt(Math.max(0, sweptMm * sweptMm / 4 - lapMm() * lapMm() / 4));
        return Math.asin(Math.min(1, job.flatMm() / sag)) * job.tramOverMm();
    }

    /** Time of a pass over the surface, minutes. */
    public double passMinutes() {
        return laps() * (job.lengthMm() + sweptMm) / (cutting.feedMm() * cutting.rpm());
    }

    /** Surface speed, m/min. */
    public double surfaceSpeed() {
        return SpeedChoice.surfaceSpeed(cutting.rpm(), sweptMm);
    }
}
