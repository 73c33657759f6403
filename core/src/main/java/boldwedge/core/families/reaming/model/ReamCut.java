package boldwedge.core.families.reaming.model;

import boldwedge.core.families.reaming.model.ReamJob.Before;
import boldwedge.core.families.reaming.model.ReamJob.Helix;
import boldwedge.core.families.reaming.model.ReamJob.Kind;
import boldwedge.core.language.measure.Drill;
import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.ToolMaterial;
import boldwedge.core.language.stock.ToolSteel;
import boldwedge.core.language.stock.ToolSteel.Quench;
import boldwedge.core.mechanics.cutting.SpeedChoice;
import boldwedge.core.mechanics.heat.HeatTreatment;
import boldwedge.core.mechanics.hole.CutsOver;
import boldwedge.core.mechanics.hole.DrilledSizes;
import boldwedge.core.mechanics.hole.ReamerSection;
import boldwedge.core.mechanics.hole.ReamerSize;
import boldwedge.core.mechanics.hole.ToothRest;
import boldwedge.core.mechanics.hole.TwistDrill;
import boldwedge.core.mechanics.hole.UnevenTeeth;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A reamed hole and its reamer, worked out.
 *
 * @param job the job
 * @param limits limits of the new reamer
 * @param reamerMm the reamer's diameter: as made, or as it is to be made
 * @param over how much larger than the reamer the hole comes out, as taught
 * @param closesMm by how much the work closes behind the reamer, mm on the diameter
 * @param beforeMm the drill, or the bored hole, before it, mm
 * @param speed choice of the speed
 * @param rpm spindle speed
 * @param feedMm feed, mm per turn
 */
public record ReamCut(
        ReamJob job,
        ReamerSize limits,
        double reamerMm,
        CutsOver over,
        double closesMm,
        double beforeMm,
        SpeedChoice speed,
        double rpm,
        double feedMm) {
    /** What a reamer cuts over itself at 10 mm, mm on the diameter: ours, from what fits allow for; ductile stuff more, brittle less. */
    private static final Span OVER_DUCTILE = new Span(0.0015, 0.003, 0.006);

    private static final Span OVER_BRITTLE = new Span(0.0008, 0.0015, 0.003);

    /** Plastics give way and close again behind the reamer by about this share of the diameter. */
    private static final double CLOSES_SHARE = 0.003;

    /** From a hole under this share of it no reamer opens one (ours). */
    public static final double LEAST_BEFORE = 0.6;

    /** Of the drilling speed: a half to two thirds. */
    private static final Span OF_DRILLING = new Span(0.35, 0.55, 0.67);

    /** Carbon and alloy tool steels are drawn soft at half the heat that high-speed steel bears. */
    private static final double TOOL_STEEL_SHARE = 0.5;

    /** Feed: two to three times that of a drill, which is about 0.016 of its diameter. */
    private static final Span FEED_SHARE = new Span(0.02, 0.04, 0.06);

    /** Relief of the shank under the head on the diameter. */
    private static final double SHANK_UNDER = 0.04;

    /** Nobody turns a handle steadily in less than a second and a half, minutes. */
    private static final double QUICKEST_TURN_MIN = 1.5 / 60;

    private static final double HEAD_DIAMETERS = 3;
    private static final double GRIP_MM = 30;
    private static final double CLEAR_MM = 10;

    /** Hardness wanted at a reamer's edge, HRC. */
    private static final double EDGE_HRC = 61;

    /** Angle of the second clearance over the first. */
    private static final double SECOND_MORE = Math.toRadians(8);

    /** Quantile of the normal distribution that nine in ten lie below. */
    private static final double NINE_IN_TEN = 1.2816;

    private static final double ENOUGH = 1.0 / 10;

    private static final double FLUTE_OF_RADIUS = 0.34;

    /** What hardened tool steel bears in shear at a notched core, MPa (a fifth of its strength: Shigley, shafts with keyways). */
    public static final double CORE_BEARS_MPA = 300;

    private static final double GUIDED = 2.046;

    private static final double STEEL_MPA = 207_000;

    /** Yield of a shank that is left soft, MPa (annealed tool steel). */
    public static final double SHANK_YIELD_MPA = 350;

    /** What a shank that is left soft bears in shear, MPa: half of a low tool steel's yield (Shigley). */
    public static final double SHANK_BEARS_MPA = 180;

    private static final double D_ABOVE = 0.0075;

    private static final double ALLOWANCE_MM = 0.3;

    /** Share of the bare skin that is left soft in foil, which only still air allows, and under a coat. */
    private static final double IN_FOIL = 0.1;

    private static final double COATED = 0.3;

    private static final ToolMaterial HSS =
            StockCatalogue.shipped().toolMaterial("hss").orElseThrow();

    /** Works a job out. */
    public static ReamCut of(ReamJob job) {
        ReamerSize limits = ReamerSize.of(job.leastMm(), job.mostMm());
        double closes = closes(job);
        CutsOver over = over(job);
        double reamer = job.madeMm().orElse(toMake(job, limits, over) + closes);
        double before = job.beforeMm().orElseGet(() -> chosenBefore(job, reamer));
        SpeedChoice speed = SpeedChoice.of(speeds(job), reamer, job.lathe().speeds(), HSS.taylorExponent());
        double feed = job.feedMm().orElse(Math.rint(100 * feeds(job).chosen()) / 100);
        double byHand = job.handleMm() / (feed * QUICKEST_TURN_MIN);
        double chosen = job.lathe()
                .speeds()
                .atOrBelow(Math.min(speed.rpm(), byHand))
                .orElse(job.lathe().speeds().slowest());
        ReamCut cut = new ReamCut(
                job, limits, reamer, over, closes, before, speed, job.speedRpm().orElse(chosen), feed);
        return job.speedRpm().isPresent() ? cut : cut.at(job.lathe().turning(chosen, cut.torqueNm()));
    }

    private ReamCut at(double rpm) {
        return new ReamCut(job, limits, reamerMm, over, closesMm, beforeMm, speed, rpm, feedMm);
    }

    /** The largest, within the standard's limits, with which nine holes in ten are not too large: it then wears longest; to the micrometre, mm. */
    private static double toMake(ReamJob job, ReamerSize limits, CutsOver over) {
        double nine = job.mostMm() - over.medianMm() * Math.exp(NINE_IN_TEN * over.sigma());
        return Math.floor(1000 * Math.clamp(nine, limits.smallestMm(), limits.largestMm()) + 1e-6) / 1000;
    }

    private static boolean plastic(ReamJob job) {
        return job.work().group().equals("O");
    }

    private static boolean brittle(ReamJob job) {
        return job.work().group().equals("K") || job.work().frictionRad().chosen() < Math.toRadians(24);
    }

    private static double closes(ReamJob job) {
        return plastic(job) ? CLOSES_SHARE * job.sizeMm() : 0;
    }

    private static CutsOver usualOver(ReamJob job) {
        return CutsOver.of(brittle(job) ? OVER_BRITTLE : OVER_DUCTILE).times(Math.sqrt(job.sizeMm() / 10));
    }

    private static CutsOver over(ReamJob job) {
        return job.taught().in(usualOver(job));
    }

    /** What it cuts over itself before anybody taught it. */
    public CutsOver untaughtOver() {
        return usualOver(job);
    }

    /** Stock that this reamer wants on the diameter, mm: a slant-cut rod takes half of what others do. */
    public static Span stock(ReamJob job) {
        return ReamerSize.stock(job.sizeMm()).times(job.kind() == Kind.SLANT ? 0.5 : 1);
    }

    /** The largest of the shop's drills that leaves enough in nine holes of ten; a bored hole is bored as it should be. */
    private static double chosenBefore(ReamJob job, double reamer) {
        Span stock = stock(job);
        if (job.before() == Before.BORED) {
            return reamer - stock.chosen();
        }
        return job.set().drills().reversed().stream()
                .map(Drill::diameterMm)
                .filter(d -> drilled(job, d).chanceOver(reamer - stock.low() - d) <= ENOUGH)
                .findFirst()
                .filter(d -> d >= LEAST_BEFORE * reamer)
                .orElse(reamer - 2 * stock.chosen());
    }

    /** How much larger than itself a drill before the reamer makes its hole, as taught. */
    private static CutsOver drilled(ReamJob job, double drillMm) {
        return job.taughtDrills().in(DrilledSizes.wellDrilled(drillMm));
    }

    /** How much larger than its drill the hole before is; only where it is drilled. */
    public CutsOver drilledOver() {
        return drilled(job, beforeMm);
    }

    /** Whether the hole before the reamer is as it was drilled. */
    public boolean drilled() {
        return job.before() == Before.DRILLED;
    }

    /** The hole that the reamer finds, mm: likely. */
    public double foundMm() {
        return drilled() ? beforeMm + drilledOver().medianMm() : beforeMm;
    }

    /** Stock that the reamer finds on the diameter, mm: least, likely, most. */
    public Span leftMm() {
        double left = reamerMm - beforeMm;
        return drilled()
                ? new Span(
                        left - drilledOver().highMm(),
                        left - drilledOver().medianMm(),
                        left - drilledOver().lowMm())
                : new Span(left, left, left);
    }

    /** The chance that the hole before is over the limit already. */
    public double chanceTooBig() {
        return drilled() ? drilledOver().chanceOver(job.mostMm() - beforeMm) : beforeMm > job.mostMm() ? 1 : 0;
    }

    /** The chance that so little is left that the reamer rubs. */
    public double chanceRubs() {
        double over = reamerMm - stock(job).low() - beforeMm;
        return drilled() ? drilledOver().chanceOver(over) : over < 0 ? 1 : 0;
    }

    /** The hole, mm: least, likely, most. */
    public Span holeMm() {
        return new Span(
                reamerMm - closesMm + over.lowMm(),
                reamerMm - closesMm + over.medianMm(),
                reamerMm - closesMm + over.highMm());
    }

    /** The chance that the hole comes out over its limit. */
    public double chanceOver() {
        return over.chanceOver(job.mostMm() - reamerMm + closesMm);
    }

    /** The chance that it comes out under its limit. */
    public double chanceUnder() {
        return 1 - over.chanceOver(job.leastMm() - reamerMm + closesMm);
    }

    /** Work out of the chuck, mm: as typed, or what the hole needs. */
    public double stickOutMm() {
        return job.stickOutMm().orElse(job.depthMm() + Math.max(10, job.sizeMm()));
    }

    /** What may wear off before holes are under, mm on the diameter. */
    public double wearAllowanceMm() {
        return holeMm().chosen() - job.leastMm();
    }

    /** Wear for each hole, mm on the diameter, as the shop's counted holes have taught it: two reamers in three wear at a rate within the span. */
    public Span wearPerHoleMm() {
        CutsOver wears = job.taughtWear().in(untaughtWear());
        return new Span(wears.lowMm(), wears.medianMm(), wears.highMm());
    }

    /** The same before anybody counted: ours, wide; a reamer of tool steel wears some times as fast as one of high-speed steel, in abrasive stuff faster. */
    public CutsOver untaughtWear() {
        double usual = 2e-5
                * (job.depthMm() / 20)
                * job.steel().map(ReamCut::wearOverHss).orElse(1.0)
                * (brittle(job) && job.work().group().equals("K") ? 2 : 1)
                * Math.clamp(job.work().kc11MPa() / 1800, 0.3, 2);
        return CutsOver.of(new Span(usual / 4, usual, usual * 4));
    }

    /** How many times as fast as high-speed steel a tool steel wears (ours): hard carbides of chromium slow it. */
    private static double wearOverHss(ToolSteel steel) {
        return switch (steel.id()) {
            case "d2" -> 2;
            case "a2", "440c" -> 3;
            default -> 4;
        };
    }

    private static Span speeds(ReamJob job) {
        Span turning = job.work().surfaceSpeed(HSS);
        double share = job.steel().isPresent() ? TOOL_STEEL_SHARE : 1;
        return turning.times(OF_DRILLING).times(share);
    }

    /** Surface speeds for this reamer, m/min. */
    public Span surfaceSpeeds() {
        return speeds(job);
    }

    private static Span feeds(ReamJob job) {
        double d = job.sizeMm();
        return FEED_SHARE.times(d * (job.kind() == Kind.FLUTED ? 1 : 0.3));
    }

    /** Feeds for it, mm per turn. */
    public Span feedRange() {
        return feeds(job);
    }

    /** Edges that cut. */
    public int edges() {
        return job.kind() == Kind.FLUTED ? teeth() : 1;
    }

    /** Teeth of a fluted reamer: even, four to ten by diameter. */
    public int teeth() {
        return (int) Math.rint(job.teeth().orElse(reamerMm < 3.5 ? 4 : reamerMm < 12 ? 6 : reamerMm < 22 ? 8 : 10));
    }

    /** Thickness of the chip of one edge at its chamfer, mm: f / z · sin κ. */
    public double chipMm() {
        double kappa = job.kind() == Kind.SLANT ? job.slantRad() : job.chamferRad();
        return feedMm / edges() * Math.sin(kappa);
    }

    /** Torque, N·m: kc · f · (D² − d²) / 8 at the chip's thickness. */
    public double torqueNm() {
        double found = Math.min(foundMm(), reamerMm);
        return job.work().kc11MPa()
                * Math.pow(chipMm(), -job.work().mc())
                * feedMm
                * (reamerMm * reamerMm - found * found)
                / 8
                / 1000;
    }

    /** Depth of the flutes, mm. */
    public double fluteMm() {
        return job.fluteMm().orElse(job.units().turned(FLUTE_OF_RADIUS * Math.sqrt(6.0 / teeth()) * reamerMm / 2));
    }

    /** Diameter of the core that the flutes leave, mm; of a D-bit or a slant-cut rod half its thickness counts. */
    public double coreMm() {
        return job.kind() == Kind.FLUTED ? reamerMm - 2 * fluteMm() : 0.6 * reamerMm;
    }

    /** Shear in the core, MPa: 16 M / (π dc³). */
    public double coreShearMPa() {
        return 16 * torqueNm() * 1000 / (Math.PI * Math.pow(coreMm(), 3));
    }

    /** The section of a fluted reamer. */
    public ReamerSection section() {
        return new ReamerSection(
                reamerMm,
                UnevenTeeth.places(teeth(), job.unevenDegrees()),
                job.rakeRad(),
                job.landMm(),
                job.clearanceRad(),
                job.clearanceRad() + SECOND_MORE,
                fluteMm());
    }

    /** Lead of its helix, mm per turn; infinite for straight flutes. */
    public double leadMm() {
        return job.helix() == Helix.STRAIGHT
                ? Double.POSITIVE_INFINITY
                : ToothRest.leadMm(job.sizeMm(), job.helixRad());
    }

    /** Smallest diameter of the entering chamfer, mm: what a hole that came out a little small still lets in. */
    public double chamferFromMm() {
        return Math.min(leftMm().chosen() > 0 ? foundMm() : reamerMm, reamerMm) - 0.3;
    }

    /** Length of the entering chamfer, mm. */
    public double chamferMm() {
        return (reamerMm - chamferFromMm()) / 2 / Math.tan(job.chamferRad());
    }

    /** Length of the head, mm. */
    public double headMm() {
        return job.headMm().orElse(job.units().marked(HEAD_DIAMETERS * reamerMm));
    }

    /** Diameter of the shank, mm. */
    public double shankMm() {
        return job.shankMm().orElse(job.units().turned((1 - SHANK_UNDER) * (reamerMm - 0.1) - 0.05));
    }

    /** Whole length, mm: through the hole, out of it, and held. */
    public double lengthMm() {
        return job.lengthMm()
                .orElse(job.units()
                        .marked(Math.max(
                                headMm() + GRIP_MM,
                                job.depthMm() + headMm() * (job.through() ? 0.6 : 0.1) + CLEAR_MM + GRIP_MM)));
    }

    /** Thrust on the reamer, N: what thrusts of its edges' force, as of a drill's lips. */
    public double thrustN() {
        double kappa = job.kind() == Kind.SLANT ? job.slantRad() : job.chamferRad();
        double found = Math.min(foundMm(), reamerMm);
        return TwistDrill.THRUST_SHARE
                * job.work().kc11MPa()
                * Math.pow(chipMm(), -job.work().mc())
                * feedMm
                * (reamerMm - found)
                / 2
                * Math.sin(kappa);
    }

    /** Shank between what holds it and the head, mm. */
    public double freeShankMm() {
        return Math.max(1, lengthMm() - headMm() - GRIP_MM);
    }

    /**
     * Load at which the shank buckles, held at one end and guided at the other, N: 2.046 π² E I / L² (Euler; Timoshenko); a short one yields
     * first, by Johnson's parabola.
     */
    public double bucklesN() {
        return isShort()
                ? SHANK_YIELD_MPA * shankAreaMm2() * (1 - SHANK_YIELD_MPA / (4 * eulerMPa()))
                : eulerMPa() * shankAreaMm2();
    }

    /** Whether it yields before it buckles as Euler has it. */
    public boolean isShort() {
        return eulerMPa() > SHANK_YIELD_MPA / 2;
    }

    private double shankAreaMm2() {
        return Math.PI * shankMm() * shankMm() / 4;
    }

    private double eulerMPa() {
        double second = Math.PI * Math.pow(shankMm(), 4) / 64;
        return GUIDED * Math.PI * Math.PI * STEEL_MPA * second / (freeShankMm() * freeShankMm()) / shankAreaMm2();
    }

    /** Shear in the shank under the torque, MPa. */
    public double shankShearMPa() {
        return 16 * torqueNm() * 1000 / (Math.PI * Math.pow(shankMm(), 3));
    }

    /** How slender it goes into the furnace: length over diameter. */
    public double slenderness() {
        return lengthMm() / reamerMm;
    }

    /** Loss of diameter from the front of the head to its back, mm. */
    public double backTaperMm() {
        return job.backTaper() * headMm();
    }

    /** How thick the D of a D-bit is left, mm: half, and three quarters of a hundredth of the diameter (custom: 0.5 to 1 %). */
    public double dThicknessMm() {
        return reamerMm / 2 + D_ABOVE * reamerMm;
    }

    /** Length of the cut across a slant-cut rod, mm: d / tan θ. */
    public double slantMm() {
        return reamerMm / Math.tan(job.slantRad());
    }

    /** How much larger the mouth comes out than the bottom, mm on the diameter: twice the offset where nothing floats. */
    public double bellMm() {
        return job.floating() ? 0 : 2 * Math.abs(job.offsetMm());
    }

    /** What the reamer goes through in the furnace; empty where it is ground from high-speed steel. */
    public Optional<HeatTreatment> heat() {
        return job.steel()
                .map(steel -> HeatTreatment.usual(steel, reamerMm + ALLOWANCE_MM, OptionalDouble.of(EDGE_HRC)));
    }

    /**
     * What is left on the diameter for grinding and honing after the furnace, mm: the bend that a slender rod is likely to take, the skin, and a tenth
     * to clean it up; less the most that it grows.
     */
    public double grindStockMm() {
        return heat().map(treatment ->
                        treatment.grindStockMm(lengthMm(), treatment.quench() == Quench.AIR ? IN_FOIL : COATED))
                .orElse(HeatTreatment.CLEAN_UP_MM);
    }

    /** Turned to this before it goes into the furnace, mm: finished, and what is left for grinding, less what it grows at the least. */
    public double turnedMm() {
        double growth =
                heat().map(treatment -> treatment.growthMm(reamerMm).low()).orElse(0.0);
        return reamerMm + grindStockMm() - growth;
    }

    /** How far the tooth rest, or the wheel, is off centre for the clearance of the chamfer, mm. */
    public double restMm() {
        return job.cup()
                ? ToothRest.belowForCup(reamerMm, job.clearanceRad())
                : ToothRest.wheelAbove(job.wheelMm(), job.clearanceRad());
    }
}
