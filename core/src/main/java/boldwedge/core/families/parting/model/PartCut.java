package boldwedge.core.families.parting.model;

import boldwedge.core.families.parting.advice.PartAngles;
import boldwedge.core.language.stock.Blade;
import boldwedge.core.language.stock.Span;
import boldwedge.core.mechanics.cutting.EdgePress;
import boldwedge.core.mechanics.cutting.Lathe;
import boldwedge.core.mechanics.cutting.PlungeChatter;
import boldwedge.core.mechanics.cutting.PlungeCut;
import boldwedge.core.mechanics.cutting.SpeedChoice;
import boldwedge.core.mechanics.cutting.SpindleSpeeds;
import boldwedge.core.mechanics.rigidity.BladeBeam;
import boldwedge.core.mechanics.rigidity.BladeBeam.Section;
import boldwedge.core.mechanics.rigidity.BladeProfile;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.mechanics.rigidity.PostLoad;
import boldwedge.core.mechanics.rigidity.WorkHolding;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import java.util.stream.Stream;
import org.hipparchus.analysis.solvers.BrentSolver;

/**
 * Everything that is computed about one parting or grooving job.
 *
 * @param advice angles recommended
 * @param rakeRad top rake, chosen or typed
 * @param reliefRad front clearance
 * @param sideRad clearance of each side
 * @param feedMm feed per revolution
 * @param rpm spindle speed
 * @param force at that feed, the same at every diameter
 * @param down the blade as it is bent down, from its rest or its clamp
 * @param aside the blade as it is pushed aside, from its clamp
 * @param post how the force comes down to the slide
 * @param workMmPerN give of the work up and down at the cut
 * @param dropMm how far the point goes down under the cut, work included
 * @param gain how much of its own force's growth an advance of the point feeds back: from a half on it digs in
 * @param quietMm widths of edge up to which it does not chatter, infinite where none does, at the least, the usual and the best damping of slides
 *     and flank
 * @param at what holds at diameters from outside to the end
 */
public record PartCut(
        PartJob job,
        PartAngles advice,
        double rakeRad,
        double reliefRad,
        double sideRad,
        double feedMm,
        SpeedChoice speedChoice,
        double rpm,
        PlungeCut force,
        Span smallestChipMm,
        BladeBeam down,
        BladeBeam aside,
        PostLoad post,
        double workMmPerN,
        double dropMm,
        double gain,
        Span quietMm,
        HolderGeometry geometry,
        List<At> at) {
    /** Parting runs slower than turning: heat and chips stay in the slot (ours; charts give a half to three quarters). */
    public static final double SPEED_SHARE = 0.6;
    /** Where it would sing it is tried so much slower, and again. */
    private static final double SLOWER = 0.95;

    private static final List<Double> HAND_FEEDS = List.of(0.01, 0.02, 0.03, 0.04, 0.05, 0.06, 0.08, 0.1, 0.12, 0.15);
    /** Chosen feeds load nothing beyond this part of what it bears. */
    private static final double LOADED = 0.35;

    /** No finer feed is chosen or asked for, mm: below it a blade rubs (ours). */
    public static final double FINEST_MM = 0.01;

    /** How many times the cut is as good as any more. */
    private static final double ENOUGH = 1 / LOADED;

    /** Part of a post's give, at a usual tool's reach, that is its turning on the slide rather than squeezing down: ours. */
    public static final double TURNING = 0.2;
    /** A usual tool's edge stands this many shanks from the post's bolt: one and a half to the front, one beyond it. */
    private static final double USUAL_REACH = 2.5;
    /** A feed for which each turn's chip overshoots the last without end: h' = (f − g h) / (1 − g). */
    public static final double RUNS_AWAY = 0.5;

    private static final int STATIONS = 9;
    private static final double TIP_ROOM_MM = 1.5;

    /**
     * What holds at one diameter.
     *
     * @param diameterMm there
     * @param metresPerMinute surface speed at the speed taken
     * @param torqueNm at the spindle
     * @param watt at the edge
     * @param rakeRad rake in use: height and feed turn it
     * @param reliefRad clearance in use
     */
    public record At(
            double diameterMm,
            double metresPerMinute,
            double torqueNm,
            double watt,
            double rakeRad,
            double reliefRad) {}

    /** Computes a job, with the angles that were typed over the advice. */
    public static PartCut of(
            PartJob job, OptionalDouble typedRake, OptionalDouble typedRelief, OptionalDouble typedSide) {
        PartAngles advice = PartAngles.advice(job.work(), job.blade(), job.lathe());
        double rake = typedRake.orElse(advice.rake().chosen());
        double relief = typedRelief.orElse(advice.relief().chosen());
        double side = typedSide.orElse(advice.side().chosen());
        Span turning = job.work().surfaceSpeed(job.blade().tool());
        SpeedChoice speed = SpeedChoice.of(
                new Span(SPEED_SHARE * turning.low(), SPEED_SHARE * turning.chosen(), SPEED_SHARE * turning.high()),
                job.diameterMm(),
                job.lathe().speeds(),
                job.blade().tool().taylorExponent());
        Span share = job.blade().tool().minimumChipShare();
        Span keen = job.blade().tool().edgeRadiusMm();
        Span chip = new Span(share.low() * keen.low(), share.chosen() * keen.chosen(), share.high() * keen.high());
        BladeBeam down = beam(job, job.restMm());
        BladeBeam aside = beam(job, job.overhangMm());
        PostLoad post = post(job);
        double work = workGive(job);
        DoubleFunction<PartCut> running =
                rpm -> fed(new Draft(job, rake, relief, side, speed, rpm, chip, down, aside, post, work, advice));
        return job.speedRpm().isPresent()
                ? running.apply(job.speedRpm().getAsDouble())
                : listening(unstalled(running.apply(speed.rpm()), running), SPEED_SHARE * turning.low(), running);
    }

    /** The same at a slower speed where the motor would stall, taken before anybody has to ask for one. */
    private static PartCut unstalled(PartCut fast, DoubleFunction<PartCut> running) {
        SpindleSpeeds speeds = fast.job().lathe().speeds();
        PartCut cut = fast;
        OptionalDouble slower = speeds.atOrBelow(0.99 * cut.rpm());
        while (slower.isPresent() && PartBound.POWER.margin(cut) < 0) {
            PartCut then = running.apply(slower.getAsDouble());
            if (inHand(then) < inHand(cut)) {
                return cut;
            }
            cut = then;
            slower = speeds.atOrBelow(0.99 * cut.rpm());
        }
        return cut;
    }

    /** The same as much slower as it takes to be let off with listening, where a speed that the chart still gives does that; else as it is. */
    private static PartCut listening(PartCut cut, double leastMetres, DoubleFunction<PartCut> running) {
        SpindleSpeeds speeds = cut.job().lathe().speeds();
        double slowest =
                Math.min(cut.rpm(), SpeedChoice.rpm(leastMetres, cut.job().diameterMm()));
        PartCut slower = cut;
        while (slower.job().widthMm() > slower.quietMm().chosen()) {
            OptionalDouble next = speeds.atOrBelow(SLOWER * slower.rpm());
            if (next.isEmpty() || next.getAsDouble() < slowest) {
                return cut;
            }
            slower = running.apply(next.getAsDouble());
        }
        return slower;
    }

    private static PartCut fed(Draft draft) {
        return draft.at(draft.job().feedMm().orElseGet(() -> chosenFeed(draft)));
    }

    /** What does not depend on the feed. */
    private record Draft(
            PartJob job,
            double rake,
            double relief,
            double side,
            SpeedChoice speed,
            double rpm,
            Span chip,
            BladeBeam down,
            BladeBeam aside,
            PostLoad post,
            double work,
            PartAngles advice) {

        PartCut at(double feed) {
            PlungeCut force = PlungeCut.of(job.work(), press(job), rake, job.widthMm(), feed, job.leadRad());
            double drop = force.cuttingN() * (down.downMmPerN() + postGive(job) + work);
            List<At> at = new ArrayList<>();
            for (int i = 0; i < STATIONS; i++) {
                double d = job.diameterMm() - (job.diameterMm() - job.endMm()) * i / (STATIONS - 1.0);
                at.add(at(Math.max(d, 0.02 * job.diameterMm()), feed, force, job.toolHeightMm() - drop));
            }
            return new PartCut(
                    job,
                    advice,
                    rake,
                    relief,
                    side,
                    feed,
                    speed,
                    rpm,
                    force,
                    chip,
                    down,
                    aside,
                    post,
                    work,
                    drop,
                    gain(force, feed),
                    quiet(feed),
                    HolderGeometry.of(job),
                    List.copyOf(at));
        }

        private At at(double diameter, double feed, PlungeCut force, double height) {
            double v = SpeedChoice.surfaceSpeed(rpm, diameter);
            double lean = Math.asin(Math.clamp(2 * height / diameter, -1, 1));
            double eta = Math.atan(feed / (Math.PI * diameter));
            return new At(
                    diameter,
                    v,
                    force.cuttingN() * diameter / 2000,
                    force.powerWatt(v),
                    rake + lean + eta,
                    relief - lean - eta);
        }

        /**
         * The point's advance per newton times the growth of the chip's force per advance, dF/df = (1 − mc) F / f. In front the post
         * turns about its bolt on the slide: down by δ is forward by δ · height / reach, and the blade's own tilt brings its
         * top forward. Behind, the same turning takes the point back. Each turn cuts what the last one left, so that the chips
         * follow h' = (f − g h) / (1 − g): they settle while g is under a half.
         */
        private double gain(PlungeCut force, double feed) {
            double chips = force.cuttingN() - press(job).alongNPerMm() * edgeMm(job);
            double growth = (1 - job.work().mc()) * chips / feed;
            return growth * forward(job, down);
        }

        /** Width at which the directional stiffness of the plunge reaches the limit, the flank damping at the outside's speed, mm. */
        private Span quiet(double feed) {
            double perMm = PlungeCut.of(job.work(), press(job), rake, 1, feed, job.leadRad())
                    .directionalNPerMm();
            return PlungeChatter.quietMm(
                    job.lathe(),
                    job.work(),
                    relief,
                    postGive(job) + work,
                    SpeedChoice.surfaceSpeed(rpm, job.diameterMm()),
                    perMm);
        }
    }

    /** The coarsest feed that keeps all within bounds; the one that has most in hand when none does. */
    private static double chosenFeed(Draft draft) {
        PartJob job = draft.job();
        double most = 0.03 + 0.02 * job.widthMm();
        List<Double> feeds = Stream.concat(HAND_FEEDS.stream(), job.lathe().feedsMm().stream())
                .filter(feed -> feed <= most && feed >= draft.chip().chosen())
                .sorted(Comparator.reverseOrder())
                .toList();
        double best = Math.max(FINEST_MM, draft.chip().chosen());
        double inHand = 0;
        for (double feed : feeds) {
            PartCut cut = draft.at(feed);
            double counted = inHand(cut);
            if (counted > inHand) {
                best = feed;
                inHand = counted;
            }
            if (inHand >= ENOUGH) {
                break;
            }
        }
        return best;
    }

    /** How many times the cut what gives way first bears, as far as that counts. */
    private static double inHand(PartCut cut) {
        return Math.min(Weaknesses.of(cut).getFirst().times(cut.force().cuttingN()), ENOUGH);
    }

    /** The edge's own force. */
    public static EdgePress press(PartJob job) {
        return EdgePress.of(job.blade().tool(), job.work());
    }

    /** Length of the edge, mm: its width along its lead. */
    public static double edgeMm(PartJob job) {
        return job.widthMm() / Math.cos(job.leadRad());
    }

    /** The blade standing out by a length: its profile, and for a tip ground from a square bit the tip and what it grows from. */
    public static BladeBeam beam(PartJob job, double length) {
        Blade blade = job.blade();
        double h = blade.heightMm();
        BladeProfile profile = switch (blade.section()) {
            case PARALLEL, GROUND -> BladeProfile.rectangle(job.widthMm(), h);
            case INSERT -> BladeProfile.rectangle(blade.bottomMm(), h);
            case TAPERED ->
                BladeProfile.tapered(
                        job.widthMm(), Math.max(0.2, job.widthMm() - 2 * h * Math.tan(blade.sideTaperRad())), h);
            case TEE -> BladeProfile.tee(job.widthMm(), blade.headMm(), Math.min(job.widthMm(), blade.stemMm()), h);
        };
        if (blade.section() == Blade.Section.GROUND) {
            double tip = Math.min(length, job.depthMm() + TIP_ROOM_MM);
            List<Section> sections = new ArrayList<>();
            if (length - tip > 1e-9) {
                sections.add(new Section(length - tip, BladeProfile.rectangle(blade.stemMm(), h)));
            }
            sections.add(new Section(tip, profile));
            return new BladeBeam(sections, blade.modulusMPa());
        }
        return new BladeBeam(List.of(new Section(length, profile)), blade.modulusMPa());
    }

    /**
     * Give of post and slide under the edge, mm/N: as measured there; else that of a usual tool, of which the part that is
     * turning grows with the square of the reach.
     */
    public static double postGive(PartJob job) {
        return job.postMeasured() ? 1 / job.postNPerMm() : (1 - TURNING) / job.postNPerMm() + turns(job);
    }

    /** The part of it that is turning, mm/N. */
    public static double postTurns(PartJob job) {
        double turning = turns(job);
        return job.postMeasured() ? turning / ((1 - TURNING) / job.postNPerMm() + turning) / job.postNPerMm() : turning;
    }

    private static double turns(PartJob job) {
        double far = job.reachMm() / (USUAL_REACH * job.lathe().largestShankMm());
        return TURNING * far * far / job.postNPerMm();
    }

    private static PostLoad post(PartJob job) {
        double over = job.beforeMm() + job.overhangMm();
        List<Double> bolts = job.twoBolts() ? List.of(job.boltAtMm() / 2, job.boltAtMm()) : List.of(job.boltAtMm());
        if (job.behind()) {
            double length = job.holder().built() ? job.design().lengthMm() : 2 * job.boltAtMm();
            return PostLoad.behind(over, length, bolts);
        }
        // A foot on the slide under the blade brings the edge that it tips over forward to the block's own front.
        return PostLoad.front(over, bolts);
    }

    /** Give of the work across at the cut, mm/N: the bar on its chuck and, if one is up, its centre. */
    private static double workGive(PartJob job) {
        return workOf(job).complianceAt(job.cutAtMm());
    }

    /** The work as a beam on springs, the tool's side left out: it ends at the cut, or at the centre beyond the piece. */
    public static WorkHolding workOf(PartJob job) {
        boolean centre = job.hold() == PartHold.CHUCK_AND_CENTRE;
        Lathe lathe = job.lathe();
        return new WorkHolding(
                centre ? Hold.CHUCK_AND_CENTRE : Hold.CHUCK,
                job.cutAtMm() + (centre ? job.pieceMm() : 0),
                job.diameterMm(),
                job.work().modulusMPa(),
                lathe.chuckOrAssumed(),
                lathe.chuckTiltOrAssumed(),
                lathe.tailstockOrAssumed(),
                Double.POSITIVE_INFINITY);
    }

    /** Point above the axis as the tool sees it while it cuts, mm: the drop is taken off. */
    public double heightCuttingMm() {
        return job.toolHeightMm() - dropMm;
    }

    /** How far a newton down on the edge brings the point forward into the work, mm/N; below 0 behind, where it backs out. */
    public double forwardMmPerN() {
        return forward(job, down);
    }

    private static double forward(PartJob job, BladeBeam down) {
        double height = job.lathe().axisAboveSlideMm();
        double above = job.blade().heightMm() / 2;
        double forward = postTurns(job) * height / job.reachMm() + down.tiltPerN() * above;
        return job.behind() ? -forward : forward;
    }

    /** Diameter of the pip that is left, mm; 0 when the cut ends before the axis. */
    public double pipMm() {
        return job.groove() || job.endMm() > 2 * Math.abs(heightCuttingMm()) ? 0 : 2 * Math.abs(heightCuttingMm());
    }

    /** Diameter under which the front of the tip rubs, mm; 0 when it clears to the end. */
    public double rubsUnderMm() {
        double least = 1e-3;
        double outside = job.diameterMm();
        if (clearanceAt(outside) <= 0) {
            return outside;
        }
        if (clearanceAt(least) > 0) {
            return 0;
        }
        double rubs = new BrentSolver(1e-9).solve(1000, this::clearanceAt, least, outside);
        return rubs < 0.05 ? 0 : rubs;
    }

    private double clearanceAt(double diameter) {
        return reliefRad
                - Math.asin(Math.clamp(2 * heightCuttingMm() / diameter, -1, 1))
                - Math.atan(feedMm / (Math.PI * diameter));
    }

    /** How far the blade is pushed aside, mm; above 0 towards the chuck, which leaves the piece's face domed. */
    public double asideMm() {
        return force.sideN() * (aside.asideMmPerN() + postGive(job));
    }

    /** How far the cut runs off square over its depth, mm; above 0 towards the chuck. */
    public double driftMm() {
        return job.depthMm() * Math.tan(job.squareRad()) + asideMm();
    }

    /** How deep to go before the chips are cleared, mm: a chip as wide as its slot jams sooner than a hollowed one. */
    public double clearsAfterMm() {
        return (job.hollow() ? 6 : 3) * job.widthMm();
    }

    /** Diameter of the neck that the cut's torque would just twist off, mm: τ = 16 (F d/2) / π d³ with τ about a quarter of kc. */
    public double neckTwistsMm() {
        double shear = job.work().kc11MPa() / 4;
        return Math.sqrt(8 * force.cuttingN() / (Math.PI * shear));
    }

    public double availableWatt() {
        return job.lathe().spindleWatt();
    }

    /** Time of one cut, minutes, fed all the way at one feed. */
    public double cutMinutes() {
        return passes() * job.depthMm() / (feedMm * rpm);
    }

    /** Plunges side by side that a groove takes. */
    public int passes() {
        return job.groove() ? (int) Math.ceil(job.grooveMm() / job.widthMm() - 1e-9) : 1;
    }

    /** The job changed, computed anew with the angles that stand and the feed and speed chosen again where they were open. */
    public PartCut with(PartJob other) {
        return of(other, OptionalDouble.of(rakeRad), OptionalDouble.of(reliefRad), OptionalDouble.of(sideRad));
    }

    /** The same at another feed, and at the speed that it runs at. */
    public PartCut feeding(double feed) {
        return with(job.withFeedMm(OptionalDouble.of(feed)).withSpeedRpm(OptionalDouble.of(rpm)));
    }
}
