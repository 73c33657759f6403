package boldwedge.core.families.keying.model;

import boldwedge.core.families.keying.model.KeywayJob.Drive;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.ScrewSize;
import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.mechanics.advice.WideEdgeRake;
import boldwedge.core.mechanics.rigidity.BarSection;
import boldwedge.core.mechanics.rigidity.Beam;
import boldwedge.core.mechanics.stroke.HeadJoint;
import boldwedge.core.mechanics.stroke.PlanedEdge;
import boldwedge.core.mechanics.stroke.Slot;
import boldwedge.core.mechanics.stroke.StrokeBar;
import java.util.Comparator;
import java.util.List;

/**
 * A keyway worked out.
 *
 * @param job the job
 * @param rakeRad rake of the tooth
 * @param barMm diameter of the bar, mm
 * @param toothOutMm tooth out of the bar, mm
 * @param reachMm from clamp to tooth, mm
 * @param strokeMm taken by a stroke, mm
 * @param pushed whether the bar is pushed through
 */
public record KeywayCut(
        KeywayJob job,
        double rakeRad,
        double barMm,
        double toothOutMm,
        double reachMm,
        double strokeMm,
        boolean pushed) {
    /** A stroke begins before the work and ends behind it, mm; custom of the trade. */
    public static final double RUN_IN_MM = 10;

    public static final double RUN_OUT_MM = 5;
    /** A hand keeps no more than this up at the rim of a wheel, N (ours). */
    public static final double HAND_N = 60;
    /** Taken by a stroke in steel, mm; twice that in what cuts easily (custom of the trade). */
    private static final Span STROKE_MM = new Span(0.02, 0.03, 0.05);

    /** A rack, a screw and their gears give so much of the hand's work. */
    private static final double EFFICIENCY = 0.75;
    /** A lever of a slotting slide makes so much of the hand's force (ours). */
    private static final double LEVER = 6;

    /** A bar of fewer steps is slim. */
    private static final double SLIM_STEPS = 14;

    private static final double GRIP_DIAMETERS = 2;
    private static final double CLAMP_FRICTION = 0.15;
    private static final double CLAMP_IN_HAND = 2;
    /** A hand turns a wheel so often in a minute, and works a lever so often. */
    private static final double TURNS_A_MINUTE = 40;

    private static final double LEVERS_A_MINUTE = 20;
    /** To draw the tooth back and set it in again, minutes. */
    private static final double DRAW_BACK_MIN = 3.0 / 60;

    /** The bit's hole lies so many of its sides from the end (custom of the trade). */
    private static final double HOLE_AT = 1.2;
    /** A spigot takes about half of its bar, and stands proud of its thread (custom of the trade). */
    private static final double SPIGOT_SHARE = 0.55;

    private static final double SPIGOT_OVER_MM = 1;
    /** A thread in the steel of a bar, drawn tight by a spanner, MPa over its stress area (ours: half of what such steel yields at). */
    private static final double DRAWN_MPA = 220;

    /** So much narrower a tooth counts as wide enough, mm. */
    private static final double SHY_MM = 0.005;

    private static final double LEAST_STROKE_MM = 0.01;
    private static final double STROKE_STEP_MM = 0.005;
    private static final ToolMaterial HSS =
            StockCatalogue.shipped().toolMaterial("hss").orElseThrow();

    /** Works a job out. */
    public static KeywayCut of(KeywayJob job) {
        double bar = job.barMm().orElse(fittingBar(job));
        KeywayCut first = new KeywayCut(
                job,
                job.rakeRad().orElse(WideEdgeRake.of(job.work()).chosen()),
                bar,
                job.toothOutMm().orElse(job.slot().depthMm() + job.slot().gapMm()),
                job.reachMm().orElse(job.units().marked(job.lengthMm() + RUN_IN_MM + RUN_OUT_MM)),
                job.strokeMm().orElse(strokes(job).chosen()),
                job.pushed().orElse(true));
        KeywayCut light = first;
        while (job.strokeMm().isEmpty()
                && job.drive().byHand()
                && light.handN() > HAND_N
                && light.strokeMm > LEAST_STROKE_MM + 1e-9) {
            light = light.taking(light.strokeMm - STROKE_STEP_MM);
        }
        return job.pushed().isPresent() || !light.isDrawnIn() ? light : light.pulled();
    }

    private KeywayCut taking(double mm) {
        return new KeywayCut(job, rakeRad, barMm, toothOutMm, reachMm, mm, pushed);
    }

    private KeywayCut pulled() {
        return new KeywayCut(job, rakeRad, barMm, toothOutMm, reachMm, strokeMm, false);
    }

    /** The largest bar that passes, down to a size that bars are turned to: the slimmer, the finer the step, for stiffness goes with the fourth power; mm. */
    private static double fittingBar(KeywayJob job) {
        double largest = job.slot().largestBarMm();
        double coarse = job.units() == UnitSystem.METRIC ? 1 : 25.4 / 16;
        double step = largest > SLIM_STEPS * coarse ? coarse : coarse / 4;
        return largest >= 2 * step ? Math.floor(largest / step + 1e-9) * step : largest;
    }

    private static Span strokes(KeywayJob job) {
        return PlanedEdge.taken(job.work(), STROKE_MM);
    }

    /** What a stroke takes here, mm. */
    public Span strokeRange() {
        return strokes(job);
    }

    /** Rakes for it, radians (custom of the trade). */
    public Span rakeRange() {
        return WideEdgeRake.of(job.work());
    }

    /** Width that a stroke cuts, mm. */
    public double toothMm() {
        return Math.min(job.toothMm(), job.slot().widthMm());
    }

    /** In how many ways, side by side, it is planed: one where the tooth is as wide as the keyway. */
    public int ways() {
        double wanted = job.slot().widthMm() + job.width().middleMm();
        return job.toothMm() >= job.slot().widthMm() + job.width().lowerMm() - SHY_MM
                ? 1
                : (int) Math.ceil(wanted / job.toothMm() - 1e-9);
    }

    /** How far the tooth is moved aside from way to way, mm; 0 for one way. */
    public double sideStepMm() {
        return ways() == 1 ? 0 : (job.slot().widthMm() + job.width().middleMm() - job.toothMm()) / (ways() - 1);
    }

    /** The edge of the tooth. */
    public PlanedEdge edge() {
        return new PlanedEdge(job.work(), rakeRad, toothMm(), strokeMm);
    }

    /** Force along the stroke, N. */
    public double forceN() {
        return edge().alongN();
    }

    public double rakeFactor() {
        return edge().rakeFactor();
    }

    /** Push out of the cut, N. */
    public double pushN() {
        return edge().pushN();
    }

    /** From the bar's axis to the tooth's tip, mm. */
    public double leverMm() {
        return barMm / 2 + toothOutMm;
    }

    /** Bending stiffness of the bar, N·mm². */
    public double bendingNmm2() {
        return job.barMaterial().modulusMPa() * Beam.round(barMm);
    }

    /** What the rest gives, mm/N. */
    public double restMmPerN() {
        return 1 / job.lathe().postOrAssumed();
    }

    /** The bar under its cut. */
    public StrokeBar bar() {
        return new StrokeBar(forceN(), pushN(), reachMm, leverMm(), bendingNmm2(), restMmPerN());
    }

    /** Growth of the push with what is taken, N/mm. */
    public double growthNPerMm() {
        return edge().growthNPerMm() * edge().pushRatio();
    }

    /** Whether the bar itself would be drawn into the cut where it is pushed; what its holder gives is nothing to count on. */
    public boolean isDrawnIn() {
        return reachMm < bar().drawnInUnderMm();
    }

    /** How far the tooth springs out of the cut while it is fed, mm. */
    public double springMm() {
        return bar().springMm(pushed);
    }

    /** Share of what is left that a spring stroke leaves. */
    public double leftShare() {
        return bar().leftByAStroke(growthNPerMm(), pushed);
    }

    /** Left shallow after the spring strokes, mm. */
    public double leftMm() {
        return Math.max(0, springMm()) * Math.pow(leftShare(), job.springStrokes());
    }

    /** What of that is borne: a third of what the depth may be off, mm. */
    public double bearableMm() {
        return job.deeperMm() / 3;
    }

    /** Strokes of a way: from the touch of both corners to depth, and the spring strokes. */
    public int strokesOfAWay() {
        return (int) Math.ceil(job.slot().wayMm() / strokeMm - 1e-9) + job.springStrokes();
    }

    /** Strokes of all. */
    public int strokes() {
        return strokesOfAWay() * ways() * job.slots();
    }

    /** Length of a stroke, mm. */
    public double travelMm() {
        return job.lengthMm() + RUN_IN_MM + (job.through() ? RUN_OUT_MM : 0);
    }

    /** At the rim of the handwheel, or at the lever's end, N; 0 of a machine. */
    public double handN() {
        return switch (job.drive()) {
            case CARRIAGE -> StrokeBar.handN(forceN(), job.turnMm(), job.wheelMm(), EFFICIENCY);
            case SLIDE -> forceN() / (LEVER * EFFICIENCY);
            case SHAPER -> 0;
        };
    }

    public static double efficiency() {
        return EFFICIENCY;
    }

    public static double lever() {
        return LEVER;
    }

    /** Cutting speed of a shaper, m/min. */
    public double planingSpeed() {
        return PlanedEdge.speed(job.work(), HSS);
    }

    /** Strokes a minute: of a shaper by its speed, of a hand by what it does. */
    public double strokesPerMinute() {
        return switch (job.drive()) {
            case SHAPER -> job.lathe().strokes().setFor(planingSpeed(), travelMm());
            case CARRIAGE -> 1 / (2 * travelMm() / job.turnMm() / TURNS_A_MINUTE + DRAW_BACK_MIN);
            case SLIDE -> 1 / (1 / LEVERS_A_MINUTE + DRAW_BACK_MIN);
        };
    }

    /** Time at the stroke, minutes. */
    public double minutes() {
        return strokes() / strokesPerMinute();
    }

    /** The bit's side along the bar: its square hole goes right across. */
    public double holeMm() {
        return job.bit().widthMm();
    }

    /** What the bit's hole leaves of the bar against bending, 0 to 1. */
    public double leftOfBar() {
        return new BarSection(1, barMm, 0, holeMm(), job.barMaterial()).secondMomentMm4() / Beam.round(barMm);
    }

    /** From a bar's end to the middle of its bit's hole, mm. */
    public double holeAtMm() {
        return HOLE_AT * holeMm();
    }

    /** The thread of a head: the largest coarse one of its shop whose spigot is no more than half of the bar; else the smallest. */
    public ScrewSize headThread() {
        List<ScrewSize> coarse = StockCatalogue.shipped().screws(job.units()).stream()
                .sorted(Comparator.comparingDouble(ScrewSize::threadMm))
                .toList();
        return coarse.reversed().stream()
                .filter(screw -> spigotMm(screw) <= SPIGOT_SHARE * barMm)
                .findFirst()
                .orElse(coarse.getFirst());
    }

    /** A spigot stands a little proud of its thread, mm. */
    private static double spigotMm(ScrewSize screw) {
        return screw.threadMm() + SPIGOT_OVER_MM;
    }

    /** The spigot of a head, mm. */
    public double spigotMm() {
        return spigotMm(headThread());
    }

    /** The joint of a head with its bar, drawn tight. */
    public HeadJoint joint() {
        return new HeadJoint(barMm, spigotMm(), DRAWN_MPA * headThread().areaMm2());
    }

    /** What bends that joint, N·mm: the force off the axis, and the push at its distance where both act the same way. */
    public double jointNmm() {
        double reach = job.headMm().orElse(0) - holeAtMm();
        return forceN() * leverMm() + (pushed ? 0 : pushN() * Math.max(0, reach));
    }

    /** Bending at the tooth's root, MPa. */
    public double toothMPa() {
        return StrokeBar.toothMPa(forceN(), toothOutMm, job.toothMm(), job.bit().heightMm());
    }

    /** Whole length of the bar, mm. */
    public double barLengthMm() {
        return job.units().marked(reachMm + GRIP_DIAMETERS * barMm);
    }

    /** What must clamp a bar without a collar, N. */
    public double clampN() {
        return CLAMP_IN_HAND * forceN() / CLAMP_FRICTION;
    }

    /** Off the middle, by the bar's height and by its roll, mm. */
    public double asideMm() {
        return job.heightMm() + job.slot().rolledAsideMm(job.rollRad());
    }

    /** The worst keyway of several by the wheel, radians; 0 without a wheel. */
    public double indexErrorRad() {
        return job.teeth().isEmpty()
                ? 0
                : Slot.indexErrorRad(job.slots(), job.teeth().getAsInt());
    }

    /** Metal left over the keyway, mm; infinite where the outside is not known. */
    public double wallMm() {
        return job.outsideMm().orElse(Double.POSITIVE_INFINITY) / 2
                - job.slot().radiusMm()
                - job.slot().depthMm();
    }

    /** Whether the bar is moved by a machine's own power. */
    public boolean powered() {
        return job.drive() == Drive.SHAPER;
    }
}
