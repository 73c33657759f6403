package boldwedge.core.families.forming.model;

import boldwedge.core.families.forming.model.Profile.Corner;
import boldwedge.core.families.forming.model.Profile.Piece;
import boldwedge.core.language.stock.Span;
import boldwedge.core.mechanics.advice.WideEdgeRake;
import boldwedge.core.mechanics.cutting.CuttingForce;
import boldwedge.core.mechanics.cutting.EdgePress;
import boldwedge.core.mechanics.cutting.PlungeChatter;
import boldwedge.core.mechanics.cutting.PlungeCut;
import boldwedge.core.mechanics.cutting.SpeedChoice;
import boldwedge.core.mechanics.rigidity.WorkHolding;
import boldwedge.core.mechanics.wedge.FormCorrection;
import java.util.List;

/**
 * A form worked out.
 *
 * @param rakeRad rake of the bit
 * @param correction the bit's profile against the work's
 * @param feedMm feed, mm a turn
 * @param speedChoice the speed that the materials allow
 * @param rpm speed taken
 * @param force on the whole edge when all of it cuts
 * @param quietMm widths of edge that do not chatter, at the least, the usual and the best damping
 */
public record FormCut(
        FormJob job,
        double rakeRad,
        FormCorrection correction,
        double feedMm,
        SpeedChoice speedChoice,
        double rpm,
        PlungeCut force,
        Span quietMm) {
    /** Feeds of a form bit, mm a turn (custom of the trade). */
    public static final Span FEEDS_MM = new Span(0.02, 0.03, 0.05);
    /** Under this a stretch rubs (custom of the trade). */
    public static final double LEAST_CLEARANCE_RAD = Math.toRadians(2);
    /** Left on by steps for the form bit to finish, mm on a side (ours). */
    public static final double LEFT_MM = 0.3;
    /** A form bit runs at about half of turning's speed (custom of the trade). */
    private static final double OF_TURNING = 0.5;
    /** What a relieved side clears by, whatever the front does (ours). */
    private static final double SIDE_RELIEF_RAD = Math.toRadians(3);
    /** Off by no more than this share of what is allowed, the profile is ground as it is drawn. */
    private static final double MATTERS = 0.5;

    private static final double HAND_FEED_MM = 0.03;

    /** Turns at the bottom: so many are always given, and never more than the most: then so much edge only rubs, and sings (custom of the trade). */
    public static final int LEAST_TURNS = 1;

    public static final int MOST_TURNS = 2;

    /** Of what is borne so much is left, where the program chooses. */
    private static final double IN_HAND = 0.8;

    /** Works a job out. */
    public static FormCut of(FormJob job) {
        double rake = job.rakeRad().orElse(rake(job));
        FormCorrection correction = new FormCorrection(job.profile().smallestMm(), rake, job.clearanceRad());
        double feed = job.feedMm().orElse(feed(job));
        double outside = 2 * job.profile().largestMm();
        SpeedChoice speed = SpeedChoice.of(
                range(job), outside, job.lathe().speeds(), job.tool().taylorExponent());
        double rpm = job.speedRpm().orElse(speed.rpm());
        PlungeCut force = force(job, rake, feed);
        double perMm = force.directionalNPerMm() / job.profile().edgeMm();
        Span quiet = PlungeChatter.quietMm(
                job.lathe(),
                job.work(),
                job.clearanceRad(),
                givesMmPerN(job),
                SpeedChoice.surfaceSpeed(rpm, outside),
                perMm);
        return new FormCut(job, rake, correction, feed, speed, rpm, force, quiet);
    }

    private static Span range(FormJob job) {
        return job.work().surfaceSpeed(job.tool()).times(OF_TURNING);
    }

    /** Surface speeds of a form bit, m/min. */
    public Span speedRange() {
        return range(job);
    }

    /** None where the profile as drawn would do without a correction; else what the material wants. */
    private static double rake(FormJob job) {
        double wanted = WideEdgeRake.of(job.work()).chosen();
        Profile profile = job.profile();
        double off =
                new FormCorrection(profile.smallestMm(), wanted, job.clearanceRad()).uncorrectedMm(profile.largestMm());
        return job.corrected() || Math.abs(off) <= MATTERS * job.formMm() ? wanted : 0;
    }

    private static double feed(FormJob job) {
        return job.lathe().feedsMm().stream()
                .filter(feed -> FEEDS_MM.holds(feed))
                .max(Double::compare)
                .orElse(HAND_FEED_MM);
    }

    /** Length of edge that cuts at the end of the feed, mm. */
    public double edgeMm() {
        return job.profile().edgeMm();
    }

    /**
     * Kienzle along the profile: the feed goes towards the axis, so that a stretch that leans by ψ takes a chip of f · cos ψ; its thrust goes square to
     * itself, of which cos ψ is against the feed.
     */
    private static PlungeCut force(FormJob job, double rake, double feed) {
        double factor = CuttingForce.rakeFactor(job.work(), rake);
        double ratio = CuttingForce.pushRatio(job.work(), rake);
        double mc = job.work().mc();
        double kc = job.work().kc11MPa() * factor;
        EdgePress press = EdgePress.of(job.tool(), job.work());
        double cutting = 0;
        double thrust = 0;
        double side = 0;
        double growth = 0;
        for (Piece piece : job.profile().pieces()) {
            double cos = Math.cos(piece.tangentRad());
            double chip = feed * cos;
            double chips = chip <= 0 ? 0 : kc * Math.pow(chip, 1 - mc) * piece.lengthMm();
            double square = chips * ratio + press.acrossNPerMm() * piece.lengthMm();
            cutting += chips + press.alongNPerMm() * piece.lengthMm();
            thrust += square * cos;
            side += square * Math.sin(piece.tangentRad());
            growth += (1 - mc)
                    * kc
                    * Math.pow(Math.max(chip, CuttingForce.THIN_CHIP_MM), -mc)
                    * Math.max(0, ratio)
                    * cos
                    * cos
                    * piece.lengthMm();
        }
        return new PlungeCut(cutting, thrust, side, growth);
    }

    /** The even chip that would take the same force over the same edge, mm. */
    public double evenChipMm() {
        double chips = force.cuttingN() - EdgePress.of(job.tool(), job.work()).alongNPerMm() * edgeMm();
        return Math.pow(
                chips / (job.work().kc11MPa() * CuttingForce.rakeFactor(job.work(), rakeRad) * edgeMm()),
                1 / (1 - job.work().mc()));
    }

    private static double givesMmPerN(FormJob job) {
        return new WorkHolding(
                        job.hold(),
                        job.freeMm(),
                        2 * job.profile().smallestMm(),
                        job.work().modulusMPa(),
                        job.lathe().chuckOrAssumed(),
                        job.lathe().chuckTiltOrAssumed(),
                        job.lathe().tailstockOrAssumed(),
                        job.lathe().postOrAssumed())
                .complianceAt(job.atMm());
    }

    /** Give of work, tool and post, mm/N: the work as thin as it will be. */
    public double givesMmPerN() {
        return givesMmPerN(job);
    }

    /** The most that a radius is off where the work's own profile is ground into the face, mm. */
    public double uncorrectedMm() {
        return Math.abs(correction.uncorrectedMm(job.profile().largestMm()));
    }

    /** What of that stays: nothing where it is corrected. */
    public double offMm() {
        return job.corrected() ? 0 : uncorrectedMm();
    }

    /** Clearance of the steepest stretch, radians. */
    public double leastClearanceRad() {
        double front = correction.clearanceRad(job.profile().steepestRad());
        return job.sideRelieved() ? Math.max(front, SIDE_RELIEF_RAD) : front;
    }

    /** Depth on the bit, along its face, of what cuts a radius, mm: as it is to be ground. */
    public double depthOnFaceMm(double radiusMm) {
        return job.corrected() ? correction.alongFaceMm(radiusMm) : radiusMm - correction.smallestMm();
    }

    /** Of what is left that is borne, mm on a side: half of what its radii may be off. */
    public double bearableMm() {
        return job.formMm() / 2;
    }

    private FormCut with(FormJob other) {
        return new FormCut(other, rakeRad, correction, feedMm, speedChoice, rpm, force, quietMm);
    }

    /** The same with as many turns at the bottom as what is left wants, from those that it has up to the most. */
    public FormCut dwelling() {
        int turns = job.dwell();
        while (turns < MOST_TURNS && force.leftMm(givesMmPerN(), turns) > IN_HAND * bearableMm()) {
            turns++;
        }
        return turns == job.dwell() ? this : with(job.withDwell(turns));
    }

    /** Left standing after dwelling, mm on a side. */
    public double leftMm() {
        return force.leftMm(givesMmPerN(), job.dwell());
    }

    /** Where the work is thinnest: twist by the cut's torque, MPa, 16 T / (π d³). */
    public double twistMPa() {
        double d = 2 * job.profile().smallestMm();
        return 16 * force.cuttingN() * job.profile().largestMm() / (Math.PI * d * d * d);
    }

    /** Time of the cut, minutes. */
    public double minutes() {
        double depth = job.roughed() ? LEFT_MM : job.profile().depthMm();
        return (depth / feedMm + job.dwell()) / rpm;
    }

    /** The corners of the profile. */
    public List<Corner> corners() {
        return job.profile().corners();
    }
}
