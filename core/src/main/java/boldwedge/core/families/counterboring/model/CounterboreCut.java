package boldwedge.core.families.counterboring.model;

import boldwedge.core.families.counterboring.model.CounterboreJob.Kind;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.stock.Head;
import boldwedge.core.language.stock.ScrewSize;
import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.mechanics.cutting.SpeedChoice;
import boldwedge.core.mechanics.heat.HeatTreatment;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A counterbored seat and its tool, worked out.
 *
 * @param job the job
 * @param outsideMm outside of the tool, mm
 * @param depthMm depth of the seat, mm
 * @param pilotMm pilot, mm
 * @param speed choice of the speed
 * @param rpm spindle speed
 * @param feedMm feed, mm per turn
 */
public record CounterboreCut(
        CounterboreJob job,
        double outsideMm,
        double depthMm,
        double pilotMm,
        SpeedChoice speed,
        double rpm,
        double feedMm) {
    /** Running clearance of a pilot in its hole on the diameter, mm (custom of the trade). */
    public static final Span PILOT_CLEARANCE = new Span(0.05, 0.08, 0.1);

    /** A counterbore runs at about a third of drilling speed. */
    private static final double STEM_SHARE = 0.55;

    private static final double PILOT_SCREW_SHARE = 0.5;
    private static final double PILOT_SCREW_LEAST_MM = 2;
    private static final Span OF_DRILLING = new Span(0.2, 0.33, 0.45);

    private static final double TOOL_STEEL_SHARE = 0.5;

    /** Chip of each lip for a light hand, mm. */
    private static final Span CHIP_MM = new Span(0.02, 0.04, 0.08);

    /** Lips stand level within this share of the feed of each. */
    private static final double LEVEL_SHARE = 0.2;

    /** A head lies this deep under the surface, mm (DIN 974 leaves about as much). */
    private static final double SUNK_MM = 0.4;

    private static final double EDGE_HRC = 60;
    /** Steps in which a pilot is walked down: coarse ones on the diameter, and the last before size. */
    private static final double COARSE_MM = 1;

    private static final double FINE_FROM_MM = 0.4;
    private static final double FINE_MM = 0.1;
    private static final ToolMaterial HSS =
            StockCatalogue.shipped().toolMaterial("hss").orElseThrow();

    /** Works a job out. */
    public static CounterboreCut of(CounterboreJob job) {
        double outside = job.outsideMm().orElse(outside(job));
        double pilot = job.pilotMm().orElse(job.units().measured(job.holeMm() - PILOT_CLEARANCE.chosen()));
        SpeedChoice speed = SpeedChoice.of(speeds(job), outside, job.lathe().speeds(), HSS.taylorExponent());
        CounterboreCut cut = new CounterboreCut(
                job,
                outside,
                job.depthMm().orElse(job.headHeightMm() + (job.washer() ? 0 : SUNK_MM)),
                pilot,
                speed,
                job.speedRpm().orElse(speed.rpm()),
                job.feedMm().orElse(CHIP_MM.chosen() * lips(job)));
        return job.speedRpm().isPresent() ? cut : cut.at(job.lathe().turning(cut.rpm(), cut.torqueNm()));
    }

    private CounterboreCut at(double rpm) {
        return new CounterboreCut(job, outsideMm, depthMm, pilotMm, speed, rpm, feedMm);
    }

    /** As DIN 974-1 has it for a head; else room about what sits there, on the diameter: by size, more for a head than for a washer (about that of the standard). */
    private static double outside(CounterboreJob job) {
        if (job.head().isPresent() && job.head().get().sunkMm().isPresent()) {
            return job.head().get().sunkMm().getAsDouble();
        }
        boolean tight = job.washer()
                || job.head().map(h -> h.kind() == Head.Kind.HEXAGON).orElse(false);
        double room = tight ? 0.4 + 0.01 * job.headMm() : 0.5 + 0.05 * job.headMm();
        double step = job.units() == UnitSystem.METRIC ? 0.5 : 25.4 / 32;
        return Math.ceil((job.headMm() + room) / step - 1e-9) * step;
    }

    private static int lips(CounterboreJob job) {
        return (int) Math.rint(job.lips().orElse(job.kind() == Kind.DRILL ? 2 : 4));
    }

    public int lips() {
        return lips(job);
    }

    private static Span speeds(CounterboreJob job) {
        Span turning = job.work().surfaceSpeed(HSS);
        double share = job.steel().isPresent() && job.kind() == Kind.STEEL ? TOOL_STEEL_SHARE : 1;
        return turning.times(OF_DRILLING).times(share);
    }

    /** Surface speeds for it, m/min. */
    public Span surfaceSpeeds() {
        return speeds(job);
    }

    /** Feeds for it, mm per turn. */
    public Span feedRange() {
        return CHIP_MM.times(lips());
    }

    /** Chip of each lip, mm. */
    public double chipMm() {
        return feedMm / lips();
    }

    /** Torque, N·m: kc · f · (D² − d²) / 8 with the lips square to the axis. */
    public double torqueNm() {
        return job.work().kc11MPa()
                * Math.pow(chipMm(), -job.work().mc())
                * feedMm
                * (outsideMm * outsideMm - job.holeMm() * job.holeMm())
                / 8
                / 1000;
    }

    /** How level the lips must stand, mm. */
    public double levelMm() {
        return LEVEL_SHARE * chipMm();
    }

    /** Stem of a loose pilot, in the body: half of the pilot, mm. */
    public double stemMm() {
        return job.units().turned(STEM_SHARE * pilotMm);
    }

    /** What is left of the body round the stem at the roots of the lips, mm. */
    public double stemWallMm() {
        return (outsideMm - stemMm()) / 2;
    }

    /** The screw that holds a loose pilot, across its stem. */
    public ScrewSize pilotScrew() {
        return StockCatalogue.shipped()
                .screwAtMost(Math.max(PILOT_SCREW_LEAST_MM, PILOT_SCREW_SHARE * stemMm()), job.units());
    }

    /** Play of the pilot on the diameter, mm. */
    public double playMm() {
        return job.holeMm() - pilotMm;
    }

    /** How far off its hole the seat may come by that play, mm. */
    public double offMm() {
        return playMm() / 2;
    }

    /** Length of the pilot, mm: a diameter, and a little to guide before the lips touch. */
    public double pilotLengthMm() {
        return job.pilotLengthMm().orElse(job.units().marked(Math.max(job.holeMm(), 3) * 1.2 + 0.5));
    }

    /** Room about what sits there, on the diameter, mm. */
    public double roomMm() {
        return outsideMm - job.headMm();
    }

    /** Speed of the stone's rim, m/s: π · d · n. */
    public double rimMps() {
        return Math.PI * job.stoneMm() * job.grinderRpm() / 60_000;
    }

    /** Diameters to measure at while the pilot is walked down from the drill's own, mm; the last is the pilot. */
    public List<Double> walkDownMm() {
        List<Double> sizes = new ArrayList<>();
        double at = outsideMm;
        while (at - pilotMm > COARSE_MM + FINE_FROM_MM) {
            at -= COARSE_MM;
            sizes.add(at);
        }
        if (at - pilotMm > FINE_FROM_MM) {
            at = pilotMm + FINE_FROM_MM;
            sizes.add(at);
        }
        while (at - pilotMm > FINE_MM + 1e-9) {
            at -= FINE_MM;
            sizes.add(at);
        }
        sizes.add(pilotMm);
        return List.copyOf(sizes);
    }

    /** What the tool goes through in the furnace; only where it is made from tool steel. */
    public Optional<HeatTreatment> heat() {
        return job.kind() == Kind.STEEL
                ? job.steel().map(steel -> HeatTreatment.usual(steel, outsideMm, OptionalDouble.of(EDGE_HRC)))
                : Optional.empty();
    }

    /** What is left on the diameter for grinding after the furnace, mm. */
    public double grindStockMm() {
        return heat().isPresent() ? 0.2 : 0;
    }

    /** How far what sits there stands out of the surface (+) or lies under it (−), mm. */
    public double standsOutMm() {
        return job.headHeightMm() - depthMm;
    }
}
