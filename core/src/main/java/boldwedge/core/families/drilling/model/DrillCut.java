package boldwedge.core.families.drilling.model;

import boldwedge.core.families.drilling.model.DrillJob.Ground;
import boldwedge.core.families.drilling.model.DrillJob.Purpose;
import boldwedge.core.families.drilling.model.DrillJob.Start;
import boldwedge.core.language.measure.Drill;
import boldwedge.core.language.stock.ScrewSize;
import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.mechanics.cutting.SpeedChoice;
import boldwedge.core.mechanics.hole.CutsOver;
import boldwedge.core.mechanics.hole.DrilledSizes;
import boldwedge.core.mechanics.hole.Pecks;
import boldwedge.core.mechanics.hole.ReamerSize;
import boldwedge.core.mechanics.hole.TwistDrill;
import java.util.List;

/**
 * A drilled hole, worked out.
 *
 * @param job the job
 * @param targetMm size that the drill is chosen for, mm
 * @param drill the drill
 * @param over how much larger than it the hole comes out, as taught
 * @param speed choice of the speed
 * @param rpm spindle speed
 * @param feedMm feed, mm per turn
 * @param pecksMm depths at which it is drawn out, mm
 */
public record DrillCut(
        DrillJob job,
        double targetMm,
        TwistDrill drill,
        CutsOver over,
        SpeedChoice speed,
        double rpm,
        double feedMm,
        List<Double> pecksMm) {
    /** Per cent of a 60° thread as the charts have it: (major − hole) / (1.299 P), 1.299 P twice three quarters of the sharp V's height (ISO 68-1: H = 0.866 P). */
    public static final double WHOLE_THREAD = 1.299;

    /** A boring bar should find this much on the diameter to true a hole up. */
    public static final Span FOR_BORING = new Span(0.5, 0.8, 1.5);

    /** Over a well started hole of a drill ground alike; ours. */
    private static final double HAND_GROUND = 1.6;

    private static final double WORN = 2.1;
    private static final double BARE = 1.25;

    private static final double LARGER_FOR_A_TAP_MM = 1e-3;
    private static final double LEAST_CHOSEN_FEED_MM = 0.02;

    /** More of a whole thread than this binds on the tap. */
    public static final double MOST_THREAD = 0.81;

    /** At the least minor diameter of an inside thread, 5/8 H deep: over this no tap is meant to go. */
    public static final double TO_THE_MINOR = 0.625 / 0.75;

    /** A rod that is pushed must slide in a hole that wanders a little. */
    public static final double ROD_PLAY_MM = 0.2;

    private static final double HANDLE_FRICTION = 2;
    private static final ToolMaterial HSS =
            StockCatalogue.shipped().toolMaterial("hss").orElseThrow();

    private static final double PLUG_PITCHES = 4;
    private static final double BOTTOMING_PITCHES = 1.5;

    /** Smaller drills hardly grab, mm. */
    private static final double GRABS_FROM_MM = 3;

    /** Works a job out. */
    public static DrillCut of(DrillJob job) {
        double target = target(job);
        double diameter = job.drillMm().orElseGet(() -> chosen(job, target));
        TwistDrill drill = new TwistDrill(diameter, job.pointRad());
        SpeedChoice speed =
                SpeedChoice.of(speeds(job, diameter), diameter, job.lathe().speeds(), HSS.taylorExponent());
        double feed = job.feedMm().orElse(feeds(job, diameter).chosen());
        return new DrillCut(
                job,
                target,
                drill,
                over(job, diameter),
                speed,
                job.speedRpm()
                        .orElseGet(() ->
                                job.lathe().turning(speed.rpm(), drill.torqueNm(job.work(), feed, job.pilotMm()))),
                feed,
                Pecks.depths(diameter, job.depthMm() + drill.pointMm()));
    }

    /** What drills are made of. */
    public static ToolMaterial tool() {
        return HSS;
    }

    /** The size to drill for, mm. */
    private static double target(DrillJob job) {
        return switch (job.purpose()) {
            case HOLE -> job.sizeMm();
            case TAP -> {
                double pitch = job.screw().orElseThrow().pitchMm();
                double major = job.screw().orElseThrow().threadMm();
                yield job.engagement().isPresent()
                        ? major - job.engagement().getAsDouble() * WHOLE_THREAD * pitch
                        : major - pitch;
            }
            case CLEAR -> job.screw().orElseThrow().clearanceMm();
            case REAM -> job.sizeMm() - ReamerSize.stock(job.sizeMm()).chosen();
            case BORE -> job.sizeMm() - FOR_BORING.chosen();
            case ROD -> job.sizeMm() + ROD_PLAY_MM;
        };
    }

    /** The shop's drill: the nearest for a plain hole or a thread, the next one up where something must pass, the next one down where metal must stay. */
    private static double chosen(DrillJob job, double target) {
        return switch (job.purpose()) {
            case HOLE -> job.set().nearest(target).diameterMm();
            // Of two as near the thicker: a thread that is a little shallower spares the tap.
            case TAP -> tapping(job, target);
            case CLEAR, ROD ->
                job.set()
                        .ofSize(target)
                        .or(() -> job.set().above(target))
                        .orElseGet(() -> job.set().nearest(target))
                        .diameterMm();
            case REAM, BORE ->
                job.set()
                        .atMost(target)
                        .orElseGet(() -> job.set().nearest(target))
                        .diameterMm();
        };
    }

    /** The nearest that does not ask for more thread than a tap can cut. */
    private static double tapping(DrillJob job, double target) {
        ScrewSize screw = job.screw().orElseThrow();
        double nearest = job.set().nearest(target + LARGER_FOR_A_TAP_MM).diameterMm();
        double least = screw.threadMm() - MOST_THREAD * WHOLE_THREAD * screw.pitchMm();
        return nearest >= least
                ? nearest
                : job.set().above(least).map(Drill::diameterMm).orElse(nearest);
    }

    /** The drill that a thread is usually tapped from, of those that the shop has, mm. */
    public double tappingMm() {
        return tapping(
                job,
                job.screw().orElseThrow().threadMm() - job.screw().orElseThrow().pitchMm());
    }

    /** How much larger than its drill the hole comes out: as tabled, by how the drill was ground and the hole started, and as taught. */
    private static CutsOver over(DrillJob job, double diameter) {
        return job.taught().in(usualOver(diameter, job.ground(), job.start()));
    }

    /** The same before anybody taught it. */
    public CutsOver untaughtOver() {
        return usualOver(drill.diameterMm(), job.ground(), job.start());
    }

    private static CutsOver usualOver(double diameter, Ground ground, Start start) {
        double factor = switch (ground) {
            case MACHINE -> 1;
            case HAND -> HAND_GROUND;
            case WORN -> WORN;
        };
        return DrilledSizes.wellDrilled(diameter).times(start == Start.BARE ? BARE * factor : factor);
    }

    /** Surface speeds for the drill, m/min: those for the work, less in deep holes where neither chips nor oil get through (handbooks: 10 % at 3 d to 40 % at 8 d). */
    private static Span speeds(DrillJob job, double diameter) {
        Span span = job.work().surfaceSpeed(HSS);
        double deep = deepShare(job.depthMm() / diameter);
        return new Span(0.6 * deep * span.low(), deep * span.chosen(), deep * span.high());
    }

    /** The surface speeds of this drill at this depth, m/min. */
    public Span surfaceSpeeds() {
        return speeds(job, drill.diameterMm());
    }

    static double deepShare(double diametersDeep) {
        return Math.clamp(1 - 0.06 * (diametersDeep - 1.5), 0.55, 1);
    }

    private static Span feeds(DrillJob job, double diameter) {
        // Hard and work-hardening stuff takes less, soft metals more.
        double material = switch (job.work().group()) {
            case "M", "S", "H" -> 0.8;
            case "N", "K" -> 1.2;
            default -> 1;
        };
        double usual = Math.max(LEAST_CHOSEN_FEED_MM, 0.016 * diameter * material);
        return new Span(0.6 * usual, Math.rint(usual * 100) / 100, 1.6 * usual);
    }

    /** Feeds for the drill, mm per turn: about a sixtieth of its diameter (TC 9-524, drilling feeds by diameter). */
    public Span feedRange() {
        return feeds(job, drill.diameterMm());
    }

    public double surfaceSpeed() {
        return SpeedChoice.surfaceSpeed(rpm, drill.diameterMm());
    }

    /** Torque, N·m. */
    public double torqueNm() {
        return drill.torqueNm(job.work(), feedMm, job.pilotMm());
    }

    /** Thrust, N. */
    public double thrustN() {
        return drill.thrustN(job.work(), feedMm, job.pilotMm());
    }

    /** Power, W: torque times angular speed. */
    public double watt() {
        return torqueNm() * 2 * Math.PI * rpm / 60;
    }

    /** Torque at the handle that the thrust asks for, N·m: F · s / 2π, and twice that with the friction of screw and quill. */
    public double handleNm() {
        return HANDLE_FRICTION * thrustN() * job.handleMm() / (2 * Math.PI) / 1000;
    }

    /** Time of one turn of the handle, minutes. */
    public double handleTurnMinutes() {
        return job.handleMm() / (feedMm * rpm);
    }

    /** Work out of the chuck, mm: as typed, or what the hole needs. */
    public double stickOutMm() {
        return job.stickOutMm().orElse(job.depthMm() + Math.max(10, drill.diameterMm()));
    }

    /** Whole length of the drill, mm: its flutes and a shank as jobber drills have it (ISO 235, within a few millimetres). */
    public double lengthMm() {
        return flutesMm() + 28 + 1.8 * drill.diameterMm();
    }

    /** Whether sharp lips screw themselves into the work: brasses, bronzes and brittle plastics. */
    public boolean screwsIn() {
        String row = job.work().angleGroup();
        return row.startsWith("brass") || row.startsWith("bronze") || row.equals("plastic-hard");
    }

    /** Threads that a tap leaves unfinished at the bottom of a blind hole, mm: four pitches of a plug tap's lead, one and a half of a bottoming tap's (ISO 529's leads, middle). */
    public double tapLeadMm(boolean bottoming) {
        return (bottoming ? BOTTOMING_PITCHES : PLUG_PITCHES)
                * job.screw().orElseThrow().pitchMm();
    }

    /** Whether it goes through less than its point is long, without a hole of nearly its size to follow: nothing guides it as it breaks out. */
    public boolean breaksOutUnguided() {
        return job.through()
                && job.depthMm() < (drill.diameterMm() - job.pilotMm()) / drill.diameterMm() * drill.pointMm()
                && drill.diameterMm() >= GRABS_FROM_MM;
    }

    /** How far the drill goes, point and all, mm. */
    public double travelMm() {
        return job.depthMm() + drill.pointMm();
    }

    /** Flutes, mm. */
    public double flutesMm() {
        return job.flutesMm().orElse(drill.jobberFlutesMm());
    }

    /** Of the flutes half a diameter must stay out of the hole, or chips have no way. */
    public double deepestMm() {
        return flutesMm() - drill.diameterMm() / 2;
    }

    /** How far the hole may run off its axis at its end, mm: more where the drill was not ground alike, or the hole is started with the drill itself. */
    public Span wanderMm() {
        double worse = (job.ground() == Ground.MACHINE ? 1 : 2) * (job.start() == Start.BARE ? 3 : 1);
        return drill.wanderMm(job.depthMm()).times(worse);
    }

    /** What is left between the point and the next surface, mm: T − L − p; only where that is known. */
    public double wallLeftMm() {
        return job.wallMm().orElseThrow() - job.depthMm() - drill.pointMm();
    }

    /** Depth of thread that a hole of this size leaves, as a share of the whole. */
    public double engagement(double holeMm) {
        var screw = job.screw().orElseThrow();
        return (screw.threadMm() - holeMm) / (WHOLE_THREAD * screw.pitchMm());
    }

    /** The hole that is likely, mm. */
    public double likelyMm() {
        return drill.diameterMm() + over.medianMm();
    }

    /** Metal that is left for what follows, on the diameter, mm: the least, the likely and the most. */
    public Span leftMm() {
        double left = job.sizeMm() - drill.diameterMm();
        return new Span(left - over.highMm(), left - over.medianMm(), left - over.lowMm());
    }

    /** Least metal that whatever follows must find, mm on the diameter. */
    public double leastLeftMm() {
        return job.purpose() == Purpose.REAM ? ReamerSize.stock(job.sizeMm()).low() : FOR_BORING.low();
    }

    /** The chance that less than the least is left. */
    public double chanceTooLittle() {
        return chanceOfLessThan(leastLeftMm());
    }

    /** The chance that less than a length is left, mm. */
    public double chanceOfLessThan(double mm) {
        return over.chanceOver(job.sizeMm() - mm - drill.diameterMm());
    }
}
