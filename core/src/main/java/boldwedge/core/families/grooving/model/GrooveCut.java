package boldwedge.core.families.grooving.model;

import boldwedge.core.families.grooving.model.Groove.Side;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.Span;
import boldwedge.core.mechanics.advice.WideEdgeRake;
import boldwedge.core.mechanics.cutting.EdgePress;
import boldwedge.core.mechanics.cutting.PlungeChatter;
import boldwedge.core.mechanics.cutting.PlungeCut;
import boldwedge.core.mechanics.cutting.SpeedChoice;
import boldwedge.core.mechanics.rigidity.Beam;
import boldwedge.core.mechanics.rigidity.WorkHolding;

/**
 * A groove worked out.
 *
 * @param rakeRad rake of the bit
 * @param tipMm width of its edge
 * @param feedMm feed of a plunge, mm a turn
 * @param speedChoice the speed that the materials allow
 * @param rpm speed taken
 * @param force on the edge over its whole width
 * @param quietMm widths of edge that do not chatter, at the least, the usual and the best damping
 */
public record GrooveCut(
        GrooveJob job,
        double rakeRad,
        double tipMm,
        double feedMm,
        SpeedChoice speedChoice,
        double rpm,
        PlungeCut force,
        Span quietMm) {
    /** Feeds of a plunge, mm a turn (custom of the trade). */
    public static final Span FEEDS_MM = new Span(0.02, 0.04, 0.05);
    /** The edge stands out of its root by the depth and so much, mm (ours). */
    private static final double ROOM_MM = 1;
    /** Beside what the feed needs, a side clears by so much (custom of the trade). */
    public static final double SIDE_IN_HAND_RAD = Math.toRadians(1);

    private static final double LEAST_SIDE_RAD = Math.toRadians(1.5);
    private static final double OUTER_IN_HAND_RAD = Math.toRadians(1);
    /** A plunge runs at about so much of turning's speed (custom of the trade). */
    private static final double OF_TURNING = 0.6;
    /** Neighbouring plunges overlap by so much of the edge, so that no rib stands (ours). */
    private static final double OVERLAP = 0.1;

    private static final double NARROWEST_MM = 0.8;
    /** Wider than this no edge is plunged by choice, mm (ours). */
    private static final double WIDEST_MM = 4;

    /** As stout a bar as comes out again with its bit, and room for chips. */
    public static final double BAR_OF_BORE = 0.85;

    private static final double HAND_FEED_MM = 0.03;
    /** Between a bar's clamp and the work, mm (ours). */
    private static final double ROOM_BEFORE_CLAMP_MM = 12;

    private static final double STEEL_MPA = 205_000;

    /** Turns at the bottom: so many are always given, and never more than the most: then a narrow edge only rubs, and sings (custom of the trade). */
    public static final int LEAST_TURNS = 2;

    public static final int MOST_TURNS = 4;

    /** Of what is borne so much is left, where the program chooses. */
    private static final double IN_HAND = 0.8;

    /** Works a job out. */
    public static GrooveCut of(GrooveJob job) {
        double rake = job.rakeRad().orElse(WideEdgeRake.of(job.work()).chosen());
        double feed = job.feedMm().orElse(feed(job));
        Span turning = job.work().surfaceSpeed(job.tool());
        SpeedChoice speed = SpeedChoice.of(
                turning.times(OF_TURNING),
                outsideMm(job),
                job.lathe().speeds(),
                job.tool().taylorExponent());
        double rpm = job.speedRpm().orElse(speed.rpm());
        EdgePress press = EdgePress.of(job.tool(), job.work());
        double perMm = PlungeCut.of(job.work(), press, rake, 1, feed, 0).directionalNPerMm();
        Span quiet = PlungeChatter.quietMm(
                job.lathe(),
                job.work(),
                job.frontRad(),
                givesMmPerN(job),
                SpeedChoice.surfaceSpeed(rpm, outsideMm(job)),
                perMm);
        double tip = job.tipMm().orElse(tip(job, quiet));
        return new GrooveCut(
                job, rake, tip, feed, speed, rpm, PlungeCut.of(job.work(), press, rake, tip, feed, 0), quiet);
    }

    /** The coarsest of the lathe's feeds that a plunge is fed; by hand where it has none. */
    private static double feed(GrooveJob job) {
        return job.lathe().feedsMm().stream()
                .filter(feed -> FEEDS_MM.holds(feed))
                .max(Double::compare)
                .orElse(HAND_FEED_MM);
    }

    /** As wide as the groove where that is quiet and the bit has it; else so narrow that plunges of one width fill it. */
    private static double tip(GrooveJob job, Span quiet) {
        double aim = job.groove().aimMm();
        double quietly = Math.min(quiet.chosen(), PlungeChatter.FEW * quiet.low());
        double rounded = roundedMm(job);
        double most = Math.min(job.bit().widthMm(), Math.clamp(quietly, Math.max(NARROWEST_MM, rounded), WIDEST_MM));
        if (aim <= most) {
            return aim;
        }
        int plunges = plunges(aim, most);
        double even = Math.max(Math.min(rounded, most), aim / (1 + (plunges - 1) * (1 - OVERLAP)));
        double step = job.units() == UnitSystem.METRIC ? 0.1 : 0.127;
        // Down to what a micrometer tells apart, so that it is no wider when it is typed.
        return Math.min(Math.floor(100 * most) / 100, Math.ceil(even / step - 1e-9) * step);
    }

    /** An edge bears its own radius: that of a shoulder's undercut is not narrower than twice that, mm; 0 of any other. */
    public double roundedMm() {
        return roundedMm(job);
    }

    private static double roundedMm(GrooveJob job) {
        return job.groove()
                .undercut()
                .map(row -> Math.min(2 * row.radiusMm(), WIDEST_MM))
                .orElse(0.0);
    }

    private static int plunges(double aimMm, double tipMm) {
        return Math.max(1, 1 + (int) Math.ceil((aimMm - tipMm) / (tipMm * (1 - OVERLAP)) - 1e-9));
    }

    /** Where the edge cuts fastest, mm diameter. */
    private static double outsideMm(GrooveJob job) {
        return job.groove().side() == Side.INSIDE
                ? job.groove().bottomMm()
                : job.groove().aroundMm();
    }

    public double outsideMm() {
        return outsideMm(job);
    }

    /** Surface speeds of a plunge, m/min. */
    public Span speedRange() {
        return job.work().surfaceSpeed(job.tool()).times(OF_TURNING);
    }

    /** Plunges side by side. */
    public int plunges() {
        return tipMm >= job.groove().widthMm() + job.groove().width().lowerMm() - 1e-9
                ? 1
                : plunges(job.groove().aimMm(), tipMm);
    }

    /** From plunge to plunge, recomputed from the width as ground, mm; 0 for one. */
    public double stepMm() {
        return plunges() == 1 ? 0 : (job.groove().aimMm() - tipMm) / (plunges() - 1);
    }

    /** Clearance of a side that the feed needs: the path falls by f in a turn at the bottom, radians. */
    public double feedFallsRad() {
        double round = job.groove().side() == Side.OUTSIDE
                ? job.groove().bottomMm()
                : job.groove().aroundMm();
        return Math.atan(feedMm / (Math.PI * round));
    }

    /** Clearance of each side. */
    public double sideRad() {
        return job.sideRad().orElse(Math.max(LEAST_SIDE_RAD, feedFallsRad() + SIDE_IN_HAND_RAD));
    }

    /** The bit in a face's groove. */
    public FaceSweep sweep() {
        return new FaceSweep(job.groove().aroundMm() / 2, job.bit().heightMm());
    }

    /** What the outer side leans back under the edge; 0 but in a face. */
    public double outerRad() {
        return job.groove().side() != Side.FACE ? 0 : job.outerRad().orElse(sweep().leanRad() + OUTER_IN_HAND_RAD);
    }

    /** Corners: what a ring wants sharp, a relief round. */
    public double cornerMm() {
        return job.cornerMm().orElse(corners().chosen());
    }

    /** Radius of the corners for what it is for, mm (custom of the trade). */
    public Span corners() {
        Groove groove = job.groove();
        double width = groove.widthMm();
        if (groove.purpose().oring()) {
            return new Span(0.1, 0.3, 0.5);
        }
        if (groove.purpose() == Groove.Purpose.THREAD_RELIEF) {
            return new Span(0.1 * width, 0.15 * width, 0.5 * width);
        }
        if (groove.undercut().isPresent()) {
            double radius = groove.undercut().get().radiusMm();
            return new Span(0.9 * radius, radius, 1.1 * radius);
        }
        double most = (groove.purpose().circlip() ? 0.1 : 0.5) * width;
        return new Span(0, Math.min(0.1, most), most);
    }

    /** Edge out of its root, mm. */
    public double outMm() {
        return job.outMm().orElse(job.units().turned(job.groove().depthMm() + ROOM_MM));
    }

    /** Bar that carries the bit inside, mm. */
    public double barMm() {
        return barMm(job);
    }

    private static double barMm(GrooveJob job) {
        return job.barMm()
                .orElse(job.units()
                        .turned(BAR_OF_BORE
                                * (job.groove().aroundMm() - job.groove().depthMm())));
    }

    /** From the bar's clamp to the bit, mm. */
    public double barReachMm() {
        return barReachMm(job);
    }

    private static double barReachMm(GrooveJob job) {
        return job.barReachMm()
                .orElse(job.units()
                        .marked(job.besideMm().orElse(10) + job.groove().widthMm() + ROOM_BEFORE_CLAMP_MM));
    }

    /** Give of work, tool and post at the edge, mm/N. */
    public double givesMmPerN() {
        return givesMmPerN(job);
    }

    private static double givesMmPerN(GrooveJob job) {
        double post = 1 / job.lathe().postOrAssumed();
        return switch (job.groove().side()) {
            case FACE -> post;
            case OUTSIDE ->
                new WorkHolding(
                                job.hold(),
                                job.freeMm(),
                                job.groove().aroundMm(),
                                job.work().modulusMPa(),
                                job.lathe().chuckOrAssumed(),
                                job.lathe().chuckTiltOrAssumed(),
                                job.lathe().tailstockOrAssumed(),
                                job.lathe().postOrAssumed())
                        .complianceAt(job.atMm());
            case INSIDE -> post + Beam.cantilever(barReachMm(job), STEEL_MPA * Beam.round(barMm(job)));
        };
    }

    private GrooveCut with(GrooveJob other) {
        return new GrooveCut(other, rakeRad, tipMm, feedMm, speedChoice, rpm, force, quietMm);
    }

    /** The same with as many turns at the bottom as what is left wants, from those that it has up to the most. */
    public GrooveCut dwelling() {
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

    /** Of that is borne, mm on a side: half of what the bottom may be off. */
    public double bearableMm() {
        double whole = job.groove().bottom().widthMm();
        return job.groove().side() == Side.FACE ? whole / 2 : whole / 4;
    }

    /** Bending at the root of the edge by the cutting force, MPa: 6 F l / (w H²). */
    public double tipMPa() {
        double h = job.bit().heightMm();
        return 6 * force.cuttingN() * outMm() / (tipMm * h * h);
    }

    /** Turns of all plunges, and their time, minutes. */
    public double minutes() {
        return plunges() * (job.groove().depthMm() / feedMm + job.dwell()) / rpm;
    }
}
