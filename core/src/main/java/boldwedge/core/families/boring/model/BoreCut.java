package boldwedge.core.families.boring.model;

import boldwedge.core.families.boring.advice.BoreAngles;
import boldwedge.core.language.stock.BarMaterial;
import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.mechanics.advice.AngleAdvice;
import boldwedge.core.mechanics.advice.CastSkin;
import boldwedge.core.mechanics.cutting.CuttingForce;
import boldwedge.core.mechanics.cutting.EdgeCut;
import boldwedge.core.mechanics.cutting.EdgePress;
import boldwedge.core.mechanics.cutting.EdgeProfile;
import boldwedge.core.mechanics.cutting.FeedChoice;
import boldwedge.core.mechanics.cutting.FlankDamping;
import boldwedge.core.mechanics.cutting.PushCurve;
import boldwedge.core.mechanics.cutting.SpeedChoice;
import boldwedge.core.mechanics.cutting.WaveGrowth;
import boldwedge.core.mechanics.hole.BoreFit;
import boldwedge.core.mechanics.rigidity.Bar;
import boldwedge.core.mechanics.rigidity.BarModes;
import boldwedge.core.mechanics.rigidity.BarSection;
import boldwedge.core.mechanics.rigidity.PushOff;
import boldwedge.core.mechanics.rigidity.Stability;
import boldwedge.core.mechanics.wedge.Frame;
import boldwedge.core.mechanics.wedge.InUse;
import boldwedge.core.mechanics.wedge.ToolSignature;
import boldwedge.core.mechanics.wedge.TypedSignature;
import boldwedge.core.mechanics.wedge.Wedge;
import boldwedge.core.trial.Calibration;
import boldwedge.core.trial.Calibrations;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;

/**
 * Everything that is computed about one boring job.
 *
 * @param advice angles recommended for the bit as it stands in the bar
 * @param signature angles in the bar, chosen or typed: end is towards the wall, side towards the feed
 * @param used the working frame, written in the bit's
 * @param cutting the edge in use: feed, speed, force, finish
 * @param fit the tool in the hole, from its end
 * @param bar the bar from its clamp to the point
 * @param mode its first mode, as measured where it was
 * @param stiffness what gives, and how much
 * @param directionalNPerMm directional cutting stiffness at the depth set
 * @param growth how the edge answers waves, over depth
 * @param limitDepthMm depth at which chatter starts at any speed, no flank damping it (absolute limit); infinite when none does
 * @param quiet the band of depths at the speed taken
 * @param push size along the hole
 * @param bellLengthMm how deep the mouth is larger because the edge is not yet all in the cut
 */
public record BoreCut(
        BoreJob job,
        AngleAdvice advice,
        ToolSignature signature,
        Wedge wedge,
        Frame used,
        EdgeCut cutting,
        BoreFit fit,
        Bar bar,
        Stability mode,
        Stiffness stiffness,
        double directionalNPerMm,
        WaveGrowth growth,
        double limitDepthMm,
        Quiet quiet,
        PushOff push,
        double bellLengthMm,
        Passes passes) {
    private static final BarMaterial STEEL =
            StockCatalogue.shipped().barMaterial("steel").orElseThrow();
    private static final double GOOD_SHARE = 0.5;
    /** So many spreads to either side of what was heard are called sure. */
    private static final double SURE_SPREADS = 2;

    private static final double GRAM_PER_MM3_HSS = 8.2e-3;

    /**
     * What gives at the point across the axis.
     *
     * @param barMmPerN the bar itself
     * @param holderMmPerN holder, post or spindle
     * @param workMmPerN work and chuck where the hole begins
     * @param measured whether bar and holder were measured together
     */
    public record Stiffness(double barMmPerN, double holderMmPerN, double workMmPerN, boolean measured) {
        public double tool() {
            return barMmPerN + holderMmPerN;
        }
    }

    /**
     * Depths at which the cut begins to sing at its speed, mm; infinite where none does. Between the first and the last it is to be
     * listened for.
     *
     * @param surelyMm quiet for sure down to this: with the least damping that bar and flank usually have
     * @param likelyMm with the usual damping
     * @param singsMm sings for sure from this: with the most
     */
    public record Quiet(double surelyMm, double likelyMm, double singsMm) {
        /**
         * Depth that what is heard is held against, mm: the likely one; where none is likely to make it sing, one as far above the sure one
         * as doubt reaches before any trial. Infinite where every depth is sure to be quiet.
         */
        public double heldAgainstMm() {
            return Double.isInfinite(likelyMm)
                    ? surelyMm * Math.exp(SURE_SPREADS * Calibration.UNTAUGHT_SPREAD)
                    : likelyMm;
        }

        /** The band moved to what was heard, its two sides drawn in as far as that left less doubt: at the most two spreads to either side. */
        Quiet heard(Calibration heard) {
            if (heard.trials() == 0 || Double.isInfinite(surelyMm)) {
                return this;
            }
            double left = heard.spread() / Calibration.UNTAUGHT_SPREAD;
            double likely = heldAgainstMm() * heard.factor();
            double doubt = Math.exp(SURE_SPREADS * heard.spread());
            double surely = likely * Math.max(Math.pow(surelyMm / heldAgainstMm(), left), 1 / doubt);
            if (Double.isInfinite(likelyMm) && !heard.sang()) {
                // Quiet cuts alone make nothing sing.
                return new Quiet(Math.max(surely, surelyMm), likelyMm, singsMm);
            }
            boolean boundless = Double.isInfinite(singsMm);
            double sings = boundless && !heard.sang() && heard.spread() > 0.9 * Calibration.UNTAUGHT_SPREAD
                    ? singsMm
                    : likely * (boundless ? doubt : Math.min(Math.pow(singsMm / likelyMm, left), doubt));
            return new Quiet(surely, likely, sings);
        }
    }

    /**
     * The two sides of {@link Quiet}, for drawing.
     *
     * @param surelyMm quiet for sure down to this
     * @param singsMm sings for sure from this
     */
    public record Band(double surelyMm, double singsMm) {}

    /**
     * Passes to size.
     *
     * @param rough how many roughing passes
     * @param roughMm depth of each
     * @param finish how many equal last passes; measured after each but the last
     * @param finishMm depth of each
     * @param limitedBy what limits the roughing depth
     * @param skinMm depth of the first roughing pass where it has to get under a casting's skin; 0 where it is as the others
     * @param bearsMm the roughing depth that is borne, mm
     */
    public record Passes(
            int rough, double roughMm, int finish, double finishMm, String limitedBy, double skinMm, double bearsMm) {}

    /** Computes a job, with the angles that were typed over the advice. */
    public static BoreCut of(BoreJob job, TypedSignature typed) {
        double radius = job.finishedMm() / 2;
        AngleAdvice advice = BoreAngles.advice(job, job.held().slenderness(job));
        ToolSignature signature = BoreAngles.over(job, advice.signature(), typed);
        Wedge wedge = Wedge.of(signature);
        // Inside a hole the height acts the other way round; a turning bar carries its height error round with it.
        double height = job.held().heightInUse(job);
        Frame unfed = new InUse(-height, radius, 0, 0, InUse.Feeding.LENGTHWAYS).frame();
        EdgeProfile edge = profile(wedge, unfed);
        double coarsest = Math.min(0.3, Math.max(0.04, Math.max(job.depthMm(), signature.noseRadiusMm())));
        EdgeCut.Situation at = new EdgeCut.Situation(
                job.lathe(),
                job.work(),
                job.tool(),
                job.depthMm(),
                job.raMm(),
                job.finishedMm(),
                job.feedMm(),
                job.speedRpm());
        FeedChoice feedChoice = at.feedFor(edge, coarsest);
        double feed = job.feedMm().orElse(feedChoice.feedMm());
        Frame used = new InUse(-height, radius, 0, feed, InUse.Feeding.LENGTHWAYS).frame();
        edge = profile(wedge, used);
        double rake = wedge.sideAngles(used).normalRake();
        EdgeCut cutting = EdgeCut.of(at, feedChoice, edge, rake);
        double rpm = cutting.rpm();

        Bar bar = bar(job);
        Stiffness stiffness = stiffness(job, bar);
        Stability mode = mode(job, bar, stiffness);
        double directional = CuttingForce.directionalStiffness(job.work(), edge, rake, job.depthMm(), feed);
        WaveGrowth growth = new WaveGrowth(job.work(), edge, rake, feed);
        double limit = growth.depthWhere(flank -> mode.absoluteLimit());
        Quiet quiet = Singing.of(job, mode, growth, wedge.endAngles(used).normalClearance())
                .quiet(rpm)
                .heard(job.heard());
        PushCurve curve = new PushCurve(job.work(), at.press(), edge, rake, job.depthMm(), feed);
        PushOff push = PushOff.of(
                fromMouth -> job.taught().spring() * (stiffness.tool() + workGive(job, fromMouth)),
                0,
                job.holeDepthMm(),
                job.depthMm(),
                curve,
                GOOD_SHARE * job.allowedErrorMm(),
                cutting.smallestChipMm().chosen());
        BoreFit fit = fit(job, signature);
        return new BoreCut(
                job,
                advice,
                signature,
                wedge,
                used,
                cutting,
                fit,
                bar,
                mode,
                stiffness,
                directional,
                growth,
                limit,
                quiet,
                push,
                edge.outline().reachAt(job.depthMm(), true) + feed,
                passes(job, edge, rake, quiet.likelyMm(), bar, rpm));
    }

    /** The tool in the hole. In the post its point touches the wall; a turning bar runs on its own axis. */
    public static BoreFit fit(BoreJob job, ToolSignature signature) {
        double tip = job.necked() ? job.neckMm() : job.barMm();
        double barRadius = (job.neckLengthMm() >= job.holeDepthMm() ? tip : job.barMm()) / 2;
        return job.held().fit(barRadius, job, signature.endRelief());
    }

    /** From the bar's axis to the point: the bar's radius, and a quarter of the bit's width or the stock clear of it. */
    public static double reach(BoreJob job) {
        double tip = job.necked() ? job.neckMm() : job.barMm();
        return tip / 2 + Math.max(job.stockMm() + 0.3, job.bit().widthMm() / 4);
    }

    /** The bar between its clamp and the point, with its nose and its cross-hole. */
    public static Bar bar(BoreJob job) {
        List<BarSection> sections = new ArrayList<>();
        double tip = job.necked() ? job.neckMm() : job.barMm();
        double hole = Math.min(job.crossHoleMm() * 1.02, 0.95 * tip);
        double half = Math.min(job.bit().widthMm() * 0.51, job.overhangMm() / 4);
        double neck = job.necked() ? Math.max(job.neckLengthMm(), 2 * half) : half;
        double shank = Math.max(0, job.overhangMm() - neck);
        double head = job.overhangMm() - job.headMm();
        add(sections, job, 0, shank, head, job.barMm(), 0);
        add(sections, job, shank, job.overhangMm() - half, head, tip, 0);
        add(sections, job, job.overhangMm() - half, job.overhangMm(), head, tip, hole);
        double reach = 2 * tip / 2 + job.bit().widthMm();
        double gram = GRAM_PER_MM3_HSS * job.bit().widthMm() * job.bit().widthMm() * reach;
        double post = holder(job);
        double grip = BoreJob.GRIP * job.barMm();
        return new Bar(sections, post, post * grip * grip, gram);
    }

    /** Adds the bar from one place to another, in two pieces where a steel head is brazed on within it. */
    private static void add(
            List<BarSection> sections, BoreJob job, double from, double to, double head, double outer, double hole) {
        double own = Math.min(to, head) - from;
        if (own > 1e-9) {
            sections.add(new BarSection(own, outer, job.rodHoleMm(), hole, job.barMaterial()));
        }
        double brazed = to - Math.max(from, head);
        if (brazed > 1e-9) {
            sections.add(new BarSection(brazed, outer, job.rodHoleMm(), hole, STEEL));
        }
    }

    /** Stiffness of holder and post across the axis, N/mm: measured on the lathe's card, or assumed from its size. */
    public static double holder(BoreJob job) {
        return job.lathe().postOrAssumed();
    }

    public static Stiffness stiffness(BoreJob job, Bar bar) {
        double mouth = workGive(job, 0);
        if (job.measuredNPerMm().isPresent()) {
            double whole = 1 / job.measuredNPerMm().getAsDouble();
            double alone = Math.min(whole, bar.barCompliance());
            return new Stiffness(alone, whole - alone, mouth, true);
        }
        return job.held().reckoned(job, bar, mouth);
    }

    /** Give of the work, mm/N, at a distance from the mouth. */
    public static double workGive(BoreJob job, double fromMouth) {
        return job.held().workGive(job, fromMouth);
    }

    public static Stability mode(BoreJob job, Bar bar, Stiffness stiffness) {
        BarModes.Mode first = job.held().firstMode(job, bar, stiffness);
        double damping = job.damping().orElse(job.barMaterial().damping().chosen());
        return new Stability(job.ringHz().orElse(first.hz()), first.stiffnessNPerMm(), damping);
    }

    /**
     * The band over the spindle speed, with the damping as it is known.
     *
     * @param deepestMm what lies deeper is of no interest, and is infinite where no trial has moved the band
     */
    public DoubleFunction<Band> bandOverSpeed(double deepestMm) {
        Singing singing = Singing.of(job, mode, growth, wedge.endAngles(used).normalClearance());
        if (job.heard().trials() == 0) {
            return rpm -> new Band(singing.from(Span::low, rpm, deepestMm), singing.from(Span::high, rpm, deepestMm));
        }
        // What was heard moves the band by its middle, which then has to be known wherever it lies.
        return rpm -> {
            Quiet moved = singing.quiet(rpm).heard(job.heard());
            return new Band(moved.surelyMm(), moved.singsMm());
        };
    }

    /** The mode as the flank damps it at the depth taken, with the usual coefficient. */
    public Stability damped() {
        return mode.damped(flankNPerMm().chosen() * flankMm() / mmPerSecond());
    }

    /** Breadth of flank that damps at the depth taken, mm. */
    public double flankMm() {
        return CuttingForce.flankBreadth(cutting.profile(), job.depthMm(), cutting.feedMm());
    }

    /** Coefficient of the flank's damping, N/mm. */
    public Span flankNPerMm() {
        return FlankDamping.of(job.work(), wedge.endAngles(used).normalClearance());
    }

    /** Cutting speed, mm/s. */
    public double mmPerSecond() {
        return cutting.surfaceSpeed() * 1000 / 60;
    }

    /** Depth at which it sings at its speed with the usual damping, mm; infinite where none does. */
    public double limitHereMm() {
        return quiet.likelyMm();
    }

    private static Passes passes(BoreJob job, EdgeProfile edge, double rake, double stableMm, Bar bar, double rpm) {
        double last = job.depthMm();
        // As in turning: no pass is finer than the finishing cut.
        int finishing = job.stockMm() >= 3 * last - 1e-9 ? 2 : 1;
        double rough = job.stockMm() - finishing * last;
        if (rough < 0.01) {
            return new Passes(0, 0, 1, Math.min(last, job.stockMm()), "", 0, 0);
        }
        double feed = Math.min(0.1, Math.max(0.05, job.feedMm().orElse(0.1)));
        double most = Math.min(rough, 0.12 * job.bit().widthMm() + 0.3);
        String by = "the bit's size";
        if (0.8 * stableMm < most) {
            most = Math.max(0.05, 0.8 * stableMm);
            by = "chatter";
        }
        double watts = job.lathe().spindleWatt() * 2 / 3;
        CuttingForce force = CuttingForce.of(job.work(), EdgePress.of(job.tool(), job.work()), edge, rake, most, feed);
        double needs = force.powerWatt(SpeedChoice.surfaceSpeed(rpm, job.finishedMm()));
        if (needs > watts) {
            most = Math.max(0.05, most * watts / needs);
            by = "power";
        }
        double stress = job.held().stressPerNewton(job, bar)
                * CuttingForce.of(job.work(), EdgePress.of(job.tool(), job.work()), edge, rake, most, feed)
                        .cuttingN();
        double bears = job.barMaterial().yieldMPa() / 3;
        if (stress > bears) {
            most = Math.max(0.05, most * bears / stress);
            by = "the bar's strength";
        }
        // Roughing finer than the finishing cut would be finishing.
        most = Math.max(most, Math.min(rough, last));
        int count = (int) Math.min(Math.ceil(rough / most - 1e-9), Math.max(1, Math.floor(rough / last + 1e-9)));
        double skin = Math.min(skinPassMm(job), rough);
        if (skin > rough / count) {
            int more = (int) Math.ceil((rough - skin) / most - 1e-9);
            return new Passes(1 + more, more == 0 ? skin : (rough - skin) / more, finishing, last, by, skin, most);
        }
        // One pass takes all there is: nothing limits it.
        return new Passes(count, rough / count, finishing, last, count == 1 ? "" : by, 0, most);
    }

    /** How deep the first pass goes on a side where the cored hole is smallest, to be under the skin where it is largest, mm; 0 for what is not cast, or bored before. */
    private static double skinPassMm(BoreJob job) {
        return job.outOfRoundMm() <= 0
                ? 0
                : CastSkin.of(job.work())
                        .map(skin -> job.outOfRoundMm() / 2 + skin.chosen())
                        .orElse(0.0);
    }

    /** Stock left beyond the hole's largest diameter, on a side, mm. */
    public double leastStockMm() {
        return job.stockMm() - job.outOfRoundMm() / 2;
    }

    /** Push and feed force together, N: the thrust in the plane square to the cut. */
    public double thrustN() {
        return Math.hypot(cutting.force().pushN(), cutting.force().feedN());
    }

    /** Growth of the push with depth, N/mm; never below nothing. */
    public double pushGrowthNPerMm() {
        double step = 0.02 * job.depthMm();
        CuttingForce deeper = CuttingForce.of(
                job.work(),
                cutting.at().press(),
                cutting.profile(),
                cutting.normalRake(),
                job.depthMm() + step,
                cutting.feedMm());
        return Math.max(0, (deeper.pushN() - cutting.force().pushN()) / step);
    }

    /** What is left of an out-of-round start after one pass: e · Dc / (1 + Dc), D the growth of the push with depth. */
    public double roundnessLeft(double before) {
        double give = (stiffness.tool() + stiffness.workMmPerN()) * pushGrowthNPerMm();
        return before * give / (1 + give);
    }

    /** Time of one pass, minutes. */
    public double passMinutes() {
        return job.holeDepthMm() / (cutting.feedMm() * cutting.rpm());
    }

    /** How far the point goes down under the cut, mm. */
    public double dropMm() {
        return cutting.force().cuttingN() * stiffness.tool();
    }

    /** Overhang over diameter, as the shops' rule of thumb counts it. */
    public double slenderness() {
        return job.overhangMm() / (job.neckLengthMm() > 0.6 * job.overhangMm() ? job.neckMm() : job.barMm());
    }

    private static EdgeProfile profile(Wedge wedge, Frame frame) {
        return new EdgeProfile(
                wedge.noseRadiusMm(),
                wedge.sideAngles(frame).approach(),
                wedge.endAngles(frame).approach());
    }

    /** The job with another bar or reach, computed anew with the angles that stand. */
    public BoreCut with(double barMm, double overhangMm) {
        return of(job.with(other -> other.barMm(barMm).overhangMm(overhangMm)), TypedSignature.all(signature));
    }

    /** The job as it would be reckoned without any trial. */
    public BoreCut untaught() {
        return of(
                job.with(other -> other.work(
                                job.work().withForce(1 / job.taught().force()))
                        .taught(Calibration.NOTHING)
                        .lessons(Calibrations.NONE)
                        .heard(Calibration.NOTHING)),
                TypedSignature.all(signature));
    }

    /** The job at another speed or feed. */
    public BoreCut running(OptionalDouble feed, OptionalDouble speed) {
        return of(job.with(other -> other.feedMm(feed).speedRpm(speed)), TypedSignature.all(signature));
    }
}
