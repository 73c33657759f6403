package boldwedge.core.reaming.tell;

import static boldwedge.core.measure.Amount.minutes;
import static boldwedge.core.measure.Amount.mm;
import static boldwedge.core.measure.Amount.mmPerRev;
import static boldwedge.core.measure.Amount.mpa;
import static boldwedge.core.measure.Amount.newtonMetres;
import static boldwedge.core.measure.Amount.newtons;
import static boldwedge.core.measure.Amount.number;
import static boldwedge.core.measure.Amount.rad;
import static boldwedge.core.measure.Amount.rpm;
import static boldwedge.core.reaming.ask.ReamField.*;

import boldwedge.core.ask.Entry;
import boldwedge.core.finding.Finding;
import boldwedge.core.finding.Station;
import boldwedge.core.finding.Verdict;
import boldwedge.core.finding.Working;
import boldwedge.core.hole.CutsOver;
import boldwedge.core.hole.DrilledSizes;
import boldwedge.core.hole.ReamerSection;
import boldwedge.core.hole.ReamerSize;
import boldwedge.core.hole.TwistDrill;
import boldwedge.core.hole.UnevenTeeth;
import boldwedge.core.measure.Amount;
import boldwedge.core.measure.Quantity;
import boldwedge.core.measure.Say;
import boldwedge.core.measure.UnitSystem;
import boldwedge.core.measure.Written;
import boldwedge.core.reaming.model.ReamCut;
import boldwedge.core.reaming.model.ReamJob;
import boldwedge.core.reaming.model.ReamJob.Helix;
import boldwedge.core.reaming.model.ReamJob.Kind;
import boldwedge.core.rule.RotaryRules;
import boldwedge.core.stock.Span;
import boldwedge.core.stock.ToolSteel;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;

/** What is found of a reamed hole and its reamer. */
final class ReamFindings {
    private static final double FEW = 0.05;
    private static final double MANY = 0.2;
    private static final int FEW_HOLES = 5;
    private static final double HABIT_LEAST_CLEARANCE = Math.toRadians(3);
    private static final double HABIT_MOST_CLEARANCE = Math.toRadians(9);
    private static final double LONGEST_RAKE = Math.toRadians(8);
    private static final double INCH = 25.4;
    /** Longer than this many diameters a rod does not come straight out of water. */
    private static final double SLENDER = 8;

    private final ReamCut cut;
    private final ReamJob job;
    private final Say say;

    ReamFindings(ReamCut cut, Say say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        findings.add(standard());
        findings.add(kind());
        findings.add(size());
        findings.add(hole());
        findings.add(before());
        findings.add(wear());
        if (job.kind() == Kind.FLUTED) {
            findings.add(teeth());
            findings.add(helix());
            findings.add(clearance());
            findings.add(core());
        }
        if (job.kind() == Kind.D_BIT) {
            findings.add(flat());
        }
        if (job.kind() == Kind.SLANT) {
            findings.add(slant());
        }
        findings.add(chamfer());
        findings.add(shank());
        findings.add(steel());
        RotaryRules rules = new RotaryRules(
                job.lathe(),
                cut.reamerMm(),
                cut.surfaceSpeeds(),
                cut.speed(),
                cut.rpm(),
                job.speedRpm(),
                SPEED,
                "A half to two thirds of the drilling speed"
                        + (job.steel().isPresent() ? ", half of that for tool steel" : "") + " (custom of the trade); "
                        + job.work().source(),
                say);
        findings.add(rules.speedFinding());
        findings.add(rules.powerFinding(
                cut.torqueNm(), torque(), FEED, mmPerRev(cut.feedRange().low())));
        findings.add(feed());
        findings.add(bell());
        return findings;
    }

    /** Whether anybody sells it. */
    private Finding standard() {
        double size = job.sizeMm();
        boolean metric = near(size, 0.5) && size <= 20.01 || near(size, 1) && size <= 50.01;
        boolean inch = near(size / INCH * 64, 1) && size <= 50.81;
        double below = Math.floor(size / 0.5 + 1e-6) * 0.5;
        double above = below + 0.5;
        String words = metric || inch
                ? say.length(size) + " is a standard size of the " + (metric ? "metric" : "inch")
                        + " series: buying one saves the making; making one only saves the wait."
                : say.length(size) + " is a size that nobody keeps"
                        + (say.units() == UnitSystem.METRIC
                                ? "; the nearest are " + say.length(below) + " and " + say.length(above) + "."
                                : "; the nearest are " + say.length(Math.floor(size / INCH * 64) / 64 * INCH) + " and "
                                        + say.length(Math.ceil(size / INCH * 64) / 64 * INCH) + ".");
        return Finding.at(Station.CUT, "standard-size")
                .says(Verdict.TOLD, words)
                .source(
                        "ISO 236 and ISO 521, reamers: sizes by 0.5 mm to 20, by 1 mm to 50; ASME B94.2: by 64ths of an inch")
                .build();
    }

    private static boolean near(double value, double step) {
        return Math.abs(value / step - Math.rint(value / step)) < 1e-4;
    }

    /** Which kind a master would make. */
    private Finding kind() {
        boolean soft = job.work().group().equals("N") || job.work().group().equals("O");
        boolean few = job.holes() <= FEW_HOLES;
        Kind first = few && soft
                ? Kind.SLANT
                : few && !job.through() || few && job.before() == ReamJob.Before.BORED ? Kind.D_BIT : Kind.FLUTED;
        boolean slantInSteel = job.kind() == Kind.SLANT && !soft;
        boolean overworked = job.kind() != Kind.FLUTED && job.holes() > 25;
        Verdict verdict =
                slantInSteel || overworked ? Verdict.DOUBTFUL : job.kind() == first ? Verdict.FINE : Verdict.TOLD;
        String words = switch (job.kind()) {
            case FLUTED ->
                first == Kind.FLUTED
                        ? "A fluted reamer: " + job.holes() + (job.holes() == 1 ? " hole" : " holes")
                                + " pay for its making."
                        : "For " + job.holes() + (job.holes() == 1 ? " hole" : " holes") + " a " + first.words()
                                + " is made in a fraction of the time.";
            case D_BIT ->
                overworked
                        ? "A D-bit is slow for " + job.holes() + " holes."
                        : "A D-bit: a rod ground to half, cuts true and straight from a bored start.";
            case SLANT ->
                slantInSteel
                        ? "A slant-cut rod only scrapes in this: a D-bit or a fluted reamer cuts."
                        : overworked
                                ? "A slant-cut rod does not last " + job.holes() + " holes."
                                : "A rod cut across: made in minutes, right for a few holes in soft metal.";
        };
        return Finding.at(Station.EDGE, "reamer-kind")
                .says(verdict, words)
                .margin(verdict == Verdict.DOUBTFUL ? -0.1 : 1)
                .school(
                        "Fluted",
                        "many holes, any metal, best finish; hours of work and a furnace",
                        job.kind() == Kind.FLUTED)
                .school(
                        "D-bit",
                        "few holes, straight and true to size if started in a bored bit of hole; slow",
                        job.kind() == Kind.D_BIT)
                .school(
                        "Slant-cut rod",
                        "a few holes in soft metal, takes only a few hundredths",
                        job.kind() == Kind.SLANT)
                .source("Custom of the trade")
                .mendUnless(
                        verdict != Verdict.DOUBTFUL && verdict != Verdict.TOLD || first == job.kind(),
                        "Make a " + first.words(),
                        KIND.id(),
                        Entry.choice(first))
                .build();
    }

    /** The limits that it is made to. */
    private Finding size() {
        ReamerSize limits = cut.limits();
        boolean made = job.madeMm().isPresent();
        double closes = cut.closesMm();
        double low = limits.smallestMm() + closes;
        double high = limits.largestMm() + closes;
        boolean over = cut.reamerMm() > high + 5e-4;
        boolean under = cut.reamerMm() < low - 5e-4;
        String words = made
                ? "Made " + say.length(cut.reamerMm())
                        + (over
                                ? ": over its largest, " + say.length(high) + ". Hone it down, or try what it cuts."
                                : under
                                        ? ": under its smallest, " + say.length(low)
                                                + "; it has less to wear, and the next smaller use is left."
                                        : ": within " + say.length(low) + " to " + say.length(high) + ".")
                : "Make it " + say.length(cut.reamerMm()) + " (limits " + say.length(low) + " to " + say.length(high)
                        + "): " + "the largest with which nine holes in ten come out inside.";
        Finding.Builder finding = Finding.at(Station.EDGE, "reamer-size")
                .says(
                        made && over
                                ? Verdict.DOUBTFUL
                                : made && under ? Verdict.DOUBTFUL : made ? Verdict.FINE : Verdict.TOLD,
                        words)
                .margin(over ? -0.2 : under ? -0.1 : 1)
                .step(Working.of(
                                "Largest, then up to the next micrometre",
                                "U − 0.15 · (U − L)",
                                mm(job.mostMm() - 0.15 * job.toleranceMm()))
                        .with("U", "hole, upper limit", mm(job.mostMm()).typed())
                        .with("L", "lower limit", mm(job.leastMm()).typed())
                        .meaning("; so " + say.length(limits.largestMm()))
                        .told(say))
                .step(Working.of(
                                "For its maker, then up to the next micrometre",
                                "0.35 · (U − L)",
                                mm(0.35 * job.toleranceMm()))
                        .with("U", mm(job.mostMm()).typed())
                        .with("L", mm(job.leastMm()).typed())
                        .meaning("; so its smallest is " + say.length(limits.smallestMm()))
                        .told(say))
                .source("ISO 522, special tolerances for reamers");
        if (closes > 0) {
            finding.note("This stuff closes behind the reamer by about " + say.length(closes)
                    + ": the reamer is made larger by that, and honed by trial.");
        }
        return finding.build();
    }

    /** What hole comes out. */
    private Finding hole() {
        CutsOver over = cut.over();
        Span hole = cut.holeMm();
        double large = cut.chanceOver();
        double small = cut.chanceUnder();
        double worse = Math.max(large, small);
        Verdict verdict = worse > MANY ? Verdict.WRONG : worse > 0.12 ? Verdict.DOUBTFUL : Verdict.FINE;
        double better = job.madeMm().isPresent()
                ? ReamCut.of(job.withMadeMm(OptionalDouble.empty())).reamerMm()
                : cut.reamerMm();
        Finding.Builder finding = Finding.at(Station.CUT, "reamed-hole")
                .says(
                        verdict,
                        "Holes will probably be " + say.length(hole.low()) + " to " + say.length(hole.high())
                                + ", wanted "
                                + say.length(job.leastMm()) + " to " + say.length(job.mostMm()) + ": "
                                + say.chance(large) + " too large, " + say.chance(small) + " too small.")
                .margin(MANY - worse)
                .step(Working.of("Likely hole", "R + o − c", mm(hole.chosen()))
                        .with(
                                "R",
                                "reamer",
                                job.madeMm().isPresent()
                                        ? mm(cut.reamerMm()).measured()
                                        : mm(cut.reamerMm()).chosen())
                        .with(
                                "o",
                                "cuts over itself",
                                job.taught().trials() > 0
                                        ? mm(over.medianMm()).measured()
                                        : mm(over.medianMm()).assumed())
                        .with("c", "closes", mm(cut.closesMm()).assumed())
                        .told(say))
                .source(
                        "What a reamer cuts over itself: ours, a half to twice, with the root of the diameter; learnt from measured holes");
        if (job.taught().trials() > 0) {
            CutsOver before = cut.untaughtOver();
            finding.note(job.taught().trials() + (job.taught().trials() == 1 ? " hole" : " holes")
                    + " reamed in the shop are in this; before them it was " + say.length(before.lowMm()) + " to "
                    + say.length(before.highMm()) + " over the reamer.");
        }
        if (verdict != Verdict.FINE && job.madeMm().isPresent()) {
            finding.mendUnless(
                    Math.abs(better - cut.reamerMm()) < 5e-4 || better > cut.reamerMm(),
                    "Hone it to " + say.length(better),
                    MADE.id(),
                    Written.exact(Quantity.LENGTH, better));
        }
        if (verdict != Verdict.FINE && job.madeMm().isEmpty()) {
            finding.note(
                    "The limits are narrower than what is known of this reamer in this metal: ream a piece of the same stuff first, measure, and hone.");
        }
        return finding.build();
    }

    /** The hole before it. */
    private Finding before() {
        Span left = cut.leftMm();
        Span wants = ReamCut.stock(job);
        double big = cut.chanceTooBig();
        double rubs = cut.chanceRubs();
        boolean tooMuch = left.low() > wants.high() * 1.5;
        Verdict verdict =
                big > FEW || rubs > 0.3 ? Verdict.WRONG : rubs > 0.12 || tooMuch ? Verdict.DOUBTFUL : Verdict.FINE;
        String name = job.set().ofSize(cut.beforeMm()).map(say::drill).orElseGet(() -> say.length(cut.beforeMm()));
        String words = cut.drilled()
                ? name + " first: it leaves " + say.length(Math.max(0, left.low())) + " to "
                        + say.length(Math.max(0, left.high()))
                        + " on the diameter. Chance that the reamer rubs " + say.chance(rubs)
                        + ", that the hole is too large already "
                        + say.chance(big) + "."
                : "Bore to " + say.length(cut.beforeMm()) + ": " + say.length(left.chosen())
                        + " is left on the diameter.";
        Finding.Builder finding = Finding.at(Station.CUT, "hole-before")
                .says(verdict, tooMuch ? words + " That is much for a reamer." : words)
                .margin(verdict == Verdict.WRONG ? -0.3 : 0.12 - rubs)
                .step(Working.of("Likely left", cut.drilled() ? "R − d − o" : "R − d", mm(left.chosen()))
                        .with("R", "reamer", mm(cut.reamerMm()))
                        .with("d", cut.drilled() ? "drill" : "bored", mm(cut.beforeMm()))
                        .with(
                                "o",
                                "over its drill",
                                cut.drilled()
                                        ? job.taughtDrills().trials() > 0
                                                ? mm(cut.drilledOver().medianMm())
                                                        .measured()
                                                : mm(cut.drilledOver().medianMm())
                                                        .assumed()
                                        : mm(0).assumed())
                        .told(say))
                .source("Stock of 0.1 to 0.4 mm by size (custom of the trade); oversize of drills as tabled (MCTI)")
                .note("Wanted: " + say.length(wants.low()) + " to " + say.length(wants.high())
                        + ". A reamer follows the hole it is given: where the place counts, bore before it.");
        if (job.taughtDrills().trials() > 0) {
            CutsOver usual = CutsOver.of(DrilledSizes.over(cut.beforeMm()));
            finding.note(job.taughtDrills().trials() + " of the shop's drilled holes are in this: a spread of "
                    + say.number(cut.drilledOver().highMm() / cut.drilledOver().lowMm(), 1) + " times where "
                    + say.number(usual.highMm() / usual.lowMm(), 1) + " was assumed.");
        }
        if (verdict != Verdict.FINE) {
            double chosen = ReamCut.of(job.withBeforeMm(OptionalDouble.empty())).beforeMm();
            finding.mendUnless(
                    Math.abs(chosen - cut.beforeMm()) < 5e-4,
                    (cut.drilled() ? "Drill " : "Bore to ")
                            + job.set().ofSize(chosen).map(say::drill).orElseGet(() -> say.length(chosen)),
                    BEFORE_SIZE.id(),
                    Written.exact(Quantity.LENGTH, chosen));
            finding.mendUnless(
                    !cut.drilled() || job.beforeMm().isPresent(), "Bore it after the drill", BEFORE.id(), "bored");
        }
        return finding.build();
    }

    private Finding wear() {
        double allowance = cut.wearAllowanceMm();
        Span each = cut.wearPerHoleMm();
        double least = Math.max(0, allowance) / each.high();
        double most = Math.max(0, allowance) / each.low();
        boolean short_ = most < job.holes();
        return Finding.at(Station.CRIB, "wear-allowance")
                .says(
                        short_ ? Verdict.DOUBTFUL : Verdict.TOLD,
                        "It may wear " + say.length(Math.max(0, allowance)) + " before holes are under: some "
                                + round(least) + " to " + round(most) + " holes.")
                .margin(short_ ? -0.1 : 1)
                .step(Working.of("May wear", "h − L", mm(allowance))
                        .with("h", "likely hole", mm(cut.holeMm().chosen()))
                        .with("L", "lower limit", mm(job.leastMm()).typed())
                        .told(say))
                .source("Wear of a hole: ours, within four times either way; the shop's own record tells better")
                .build();
    }

    private static String round(double holes) {
        double step = holes < 20 ? 1 : holes < 200 ? 10 : holes < 2000 ? 100 : 1000;
        return Written.places(Math.rint(holes / step) * step, 0);
    }

    private Finding teeth() {
        int z = cut.teeth();
        boolean even = job.unevenDegrees() < 0.5;
        boolean odd = z % 2 == 1;
        Verdict verdict = even ? Verdict.DOUBTFUL : odd ? Verdict.DOUBTFUL : Verdict.FINE;
        Finding.Builder finding = Finding.at(Station.EDGE, "uneven-teeth")
                .says(
                        verdict,
                        even
                                ? "Even pitch sings: each tooth falls into the marks of the one before."
                                : odd
                                        ? z + " teeth cannot be measured across: an even number stands on diameters."
                                        : z + " teeth at " + angles(UnevenTeeth.places(z, job.unevenDegrees())) + ".")
                .margin(even ? -0.2 : odd ? -0.1 : 0.5)
                .note("From tooth to tooth: " + angles(UnevenTeeth.steps(z, job.unevenDegrees()))
                        + ", and opposite edges on a diameter.")
                .source("Custom of the trade: even number, pitch uneven by 2° to 4°");
        finding.mendUnless(!even, "Uneven by 2°", UNEVEN.id(), "2°");
        finding.mendUnless(!odd, (z + 1) + " teeth", TEETH.id(), String.valueOf(z + 1));
        return finding.build();
    }

    private static String angles(List<Double> degrees) {
        return String.join(
                ", ", degrees.stream().map(a -> Written.places(a, 1) + "°").toList());
    }

    private Finding helix() {
        boolean pullsIn = job.helix() == Helix.RIGHT && job.through();
        boolean packs = job.helix() == Helix.LEFT && !job.through();
        String words = switch (job.helix()) {
            case STRAIGHT ->
                "Straight flutes do for short holes and brittle chips, and are the easiest to cut and grind.";
            case LEFT ->
                packs
                        ? "A left-hand helix drives its chips to the bottom of a blind hole."
                        : "A left-hand helix drives the chips ahead and out, and does not pull itself in.";
            case RIGHT ->
                pullsIn
                        ? "A right-hand helix pulls itself in; through, a left-hand one or straight flutes go safer."
                        : "A right-hand helix lifts the chips out of the blind hole.";
        };
        Finding.Builder finding = Finding.at(Station.EDGE, "helix")
                .says(pullsIn || packs ? Verdict.DOUBTFUL : Verdict.FINE, words)
                .margin(pullsIn || packs ? -0.1 : 0.5)
                .source("Geometry of a helix; which way after the custom of the trade");
        if (job.helix() != Helix.STRAIGHT) {
            finding.step(Working.of("Lead", "π · D / tan(β)", mm(cut.leadMm()))
                            .with("D", mm(cut.reamerMm()))
                            .with("β", "helix", rad(job.helixRad()).typed())
                            .told(say))
                    .step(Working.of(
                                    "Turn of the work for a travel s",
                                    "s · 360° / H",
                                    rad(2 * Math.PI * travel(say) / cut.leadMm()))
                            .with("s", mm(travel(say)))
                            .with("H", "lead", mm(cut.leadMm()))
                            .told(say));
        }
        finding.mendUnless(!pullsIn, "Straight flutes", HELIX.id(), "straight");
        finding.mendUnless(!packs, "Right-hand helix", HELIX.id(), "right");
        return finding.build();
    }

    /** A handy travel to say how far the work turns meanwhile: 10 mm or half an inch. */
    static double travel(Say say) {
        return say.units() == UnitSystem.METRIC ? 10 : INCH / 2;
    }

    private Finding clearance() {
        ReamerSection section = cut.section();
        boolean little = job.clearanceRad() < HABIT_LEAST_CLEARANCE;
        boolean much = job.clearanceRad() > HABIT_MOST_CLEARANCE;
        boolean rake = job.rakeRad() > LONGEST_RAKE;
        Verdict verdict = little || much || rake ? Verdict.DOUBTFUL : Verdict.FINE;
        return Finding.at(Station.EDGE, "reamer-angles")
                .says(
                        verdict,
                        little
                                ? "Clearance of " + say.angle(job.clearanceRad()) + " rubs behind the land."
                                : much
                                        ? "Clearance of " + say.angle(job.clearanceRad())
                                                + " leaves the edge thin: it chatters and loses its size."
                                        : rake
                                                ? "A rake of " + say.angle(job.rakeRad()) + " digs in and cuts large."
                                                : "Rake " + say.angle(job.rakeRad()) + ", land "
                                                        + say.length(job.landMm()) + ", clearance "
                                                        + say.angle(job.clearanceRad()) + ", ground no wider than "
                                                        + say.length(section.widestFlatMm()) + " behind the land.")
                .margin(verdict == Verdict.FINE ? 0.5 : (little || much) && rake ? -0.2 : -0.1)
                .step(Working.of(
                                "Widest flat before its heel comes out again",
                                "D / 2 · sin(α)",
                                mm(section.widestFlatMm()))
                        .with("D", mm(cut.reamerMm()))
                        .with("α", rad(job.clearanceRad()).typed())
                        .told(say))
                .source("Geometry of a chord; rake 0° to 6°, clearance 4° to 7°, land 0.1 to 0.3 mm by custom")
                .mendUnless(!little && !much, "Clearance 6°", CLEARANCE.id(), "6°")
                .mendUnless(!rake, "Rake 3°", RAKE.id(), "3°")
                .build();
    }

    private Finding core() {
        double margin = ReamCut.CORE_BEARS_MPA / Math.max(cut.coreShearMPa(), 1e-9) - 1;
        double shallower = Math.floor(10 * 0.8 * cut.fluteMm()) / 10;
        return Finding.at(Station.EDGE, "core")
                .says(
                        Verdict.of(margin, 0.5),
                        "Flutes of " + say.length(cut.fluteMm()) + " leave a core of " + say.length(cut.coreMm()) + ": "
                                + say.stress(cut.coreShearMPa()) + " of shear, it bears about "
                                + say.stress(ReamCut.CORE_BEARS_MPA) + ".")
                .margin(margin)
                .step(Working.of("Shear in the core", "16 · M / (π · c³)", mpa(cut.coreShearMPa()))
                        .with("M", newtonMetres(cut.torqueNm()))
                        .with("c", mm(cut.coreMm()))
                        .told(say))
                .source("Torsion of a round bar; strength of hardened tool steel with the notch of its flutes, ours")
                .mendUnless(
                        margin >= 0.5 || shallower < 0.2,
                        "Flutes " + say.length(shallower),
                        FLUTE.id(),
                        say.length(shallower))
                .build();
    }

    /** Whether the shank buckles or twists off. */
    private Finding shank() {
        double buckling = cut.bucklesN() / Math.max(cut.thrustN(), 1e-9) - 1;
        double twisting = ReamCut.SHANK_BEARS_MPA / Math.max(cut.shankShearMPa(), 1e-9) - 1;
        double margin = Math.min(buckling, twisting);
        double shorter = job.units().marked(cut.lengthMm() - 0.4 * cut.freeShankMm());
        return Finding.at(Station.EDGE, "shank")
                .says(
                        Verdict.of(margin, 1),
                        "A shank of " + say.length(cut.shankMm()) + ", " + say.length(cut.freeShankMm())
                                + " free, buckles under "
                                + say.force(cut.bucklesN()) + "; the thrust is " + say.force(cut.thrustN())
                                + ", and the torque shears it by "
                                + say.stress(cut.shankShearMPa()) + ".")
                .margin(margin)
                .step(Working.of("Buckles at", "2.046 · π² · E · π · d⁴ / 64 / L²", newtons(cut.bucklesN()))
                        .with("E", mpa(207_000).fromTable())
                        .with("d", "shank", mm(cut.shankMm()))
                        .with("L", "free", mm(cut.freeShankMm()))
                        .told(say))
                .step(Working.of(
                                "Thrust",
                                "t · kc · f · (D − d) / 2 · sin(κ) · (f / z · sin(κ) / 1 mm)^(−mc)",
                                newtons(cut.thrustN()))
                        .with(
                                "t",
                                "thrust over cutting force",
                                number(TwistDrill.THRUST_SHARE).fromTable())
                        .with("kc", mpa(job.work().kc11MPa()).fromTable())
                        .with("mc", number(job.work().mc()).fromTable())
                        .with("f", mm(cut.feedMm()))
                        .with("D", mm(cut.reamerMm()))
                        .with("d", "hole found", mm(Math.min(cut.foundMm(), cut.reamerMm())))
                        .with("z", "edges", number(cut.edges()))
                        .with("κ", rad(job.kind() == Kind.SLANT ? job.slantRad() : job.chamferRad()))
                        .told(say))
                .source("Euler's column, one end held, the other guided; torsion of a round bar")
                .mendUnless(
                        margin >= 1 || shorter <= cut.headMm() + 2,
                        "Shorter, " + say.length(shorter),
                        LENGTH.id(),
                        say.length(shorter))
                .build();
    }

    /** Which steel bears the furnace without bending. */
    private Finding steel() {
        if (job.steel().isEmpty()) {
            return Finding.at(Station.MAKE, "reamer-steel")
                    .says(Verdict.TOLD, "High-speed steel is bought hard: no furnace, no bend, all of it is ground.")
                    .source("Custom of the trade")
                    .build();
        }
        ToolSteel steel = job.steel().orElseThrow();
        boolean warps = steel.quench() == ToolSteel.Quench.WATER && cut.slenderness() > SLENDER;
        boolean shallow = steel.throughMm() < cut.reamerMm();
        String words = warps
                ? "Quenched in water a rod " + say.number(cut.slenderness(), 0)
                        + " times as long as thick bends and may crack: oil-hardening steel bends less."
                : shallow
                        ? steel.name() + " hardens through " + say.length(steel.throughMm())
                                + " only: its core stays soft, which a reamer bears."
                        : steel.quench() == ToolSteel.Quench.AIR
                                ? "Air-hardening steel bends least, and asks for "
                                        + say.amount(Amount.of(
                                                Quantity.TEMPERATURE,
                                                steel.hardenC().chosen())) + " and two tempers."
                                : steel.name() + ": " + say.length(cut.grindStockMm())
                                        + " is left on the diameter for its bend and skin.";
        return Finding.at(Station.MAKE, "reamer-steel")
                .says(warps ? Verdict.DOUBTFUL : Verdict.TOLD, words)
                .margin(warps ? -0.1 : 1)
                .step(Working.of("Slender", "L / D", number(cut.slenderness()))
                        .with("L", mm(cut.lengthMm()))
                        .with("D", mm(cut.reamerMm()))
                        .told(say))
                .source(steel.source())
                .mendUnless(!warps, "Oil-hardening steel", STEEL.id(), "o1")
                .build();
    }

    private Finding flat() {
        return Finding.at(Station.EDGE, "d-flat")
                .says(
                        Verdict.TOLD,
                        "Grind it to " + say.length(cut.dThicknessMm()) + " thick: "
                                + say.length(cut.dThicknessMm() - cut.reamerMm() / 2)
                                + " over half, so that it never cuts over itself.")
                .step(Working.of("Thickness of the D", "D / 2 + 0.0075 · D", mm(cut.dThicknessMm()))
                        .with("D", mm(cut.reamerMm()))
                        .told(say))
                .note(
                        "Front relieved 5° to 8°, its corner just broken; start it in a bored hole one diameter deep, or it goes where it likes.")
                .source("Custom of the trade: 0.5 to 1 % of the diameter above the middle")
                .build();
    }

    private Finding slant() {
        return Finding.at(Station.EDGE, "slant")
                .says(
                        Verdict.TOLD,
                        "Cut across at " + say.angle(job.slantRad()) + " the face is " + say.length(cut.slantMm())
                                + " long; its rim cuts on both sides.")
                .step(Working.of("Length of the cut", "D / tan(θ)", mm(cut.slantMm()))
                        .with("D", mm(cut.reamerMm()))
                        .with("θ", rad(job.slantRad()).typed())
                        .told(say))
                .note("Leave it no more than " + say.length(ReamCut.stock(job).high())
                        + "; stone the face only, never the round.")
                .source("Geometry of a plane through a cylinder")
                .build();
    }

    private Finding chamfer() {
        if (job.kind() == Kind.SLANT) {
            return Finding.at(Station.EDGE, "chamfer")
                    .says(Verdict.TOLD, "The slant is its own way in: there is no chamfer to grind.")
                    .source("Geometry")
                    .build();
        }
        return Finding.at(Station.EDGE, "chamfer")
                .says(
                        Verdict.TOLD,
                        "It cuts with its chamfer alone: " + say.angle(job.chamferRad()) + ", "
                                + say.length(cut.chamferMm()) + " long, from " + say.length(cut.chamferFromMm())
                                + "; rest " + say.length(cut.restMm())
                                + (job.cup() ? " below centre." : ": wheel that much above centre."))
                .step(Working.of("Length of the chamfer", "(D − d) / (2 · tan(κ))", mm(cut.chamferMm()))
                        .with("D", mm(cut.reamerMm()))
                        .with("d", "at its front", mm(cut.chamferFromMm()))
                        .with("κ", rad(job.chamferRad()).typed())
                        .told(say))
                .step((job.cup()
                                ? Working.of("Tooth rest below centre", "D / 2 · sin(α)", mm(cut.restMm()))
                                        .with("D", mm(cut.reamerMm()))
                                : Working.of("Wheel above centre", "W / 2 · sin(α)", mm(cut.restMm()))
                                        .with("W", "wheel", mm(job.wheelMm()).typed()))
                        .with("α", "clearance", rad(job.clearanceRad()).typed())
                        .told(say))
                .note("Relief is ground from the chamfer, not from the land: the land keeps the size.")
                .source("Geometry of tooth rest and wheel")
                .build();
    }

    private Working torque() {
        return Working.of(
                        "Torque",
                        "M = kc · f · (D² − d²) / 8 · (f / z · sin(κ) / 1 mm)^(−mc)",
                        newtonMetres(cut.torqueNm()))
                .with("kc", mpa(job.work().kc11MPa()).fromTable())
                .with("mc", number(job.work().mc()).fromTable())
                .with("f", mm(cut.feedMm()))
                .with("D", mm(cut.reamerMm()))
                .with("d", "hole found", mm(Math.min(cut.foundMm(), cut.reamerMm())))
                .with("z", "edges", number(cut.edges()))
                .with("κ", rad(job.kind() == Kind.SLANT ? job.slantRad() : job.chamferRad()));
    }

    private Finding feed() {
        Span range = cut.feedRange();
        double f = cut.feedMm();
        boolean slow = f < range.low() * 0.98;
        boolean fast = f > range.high() * 1.02;
        double turn = job.handleMm() / (f * cut.rpm());
        return Finding.at(Station.REACH, "ream-feed")
                .says(
                        slow || fast ? Verdict.DOUBTFUL : Verdict.FINE,
                        slow
                                ? "Feed " + say.feed(f) + " rubs: its edges are dulled, not used. "
                                        + say.feed(range.low()) + " to " + say.feed(range.high()) + " cuts."
                                : fast
                                        ? "Feed " + say.feed(f) + " tears: " + say.feed(range.low()) + " to "
                                                + say.feed(range.high()) + "."
                                        : "Feed " + say.feed(f) + ": one turn of the handle every " + say.time(turn)
                                                + ", in and out with the spindle turning forward.")
                .margin(slow || fast ? -0.2 : 0.5)
                .step(Working.of("Time of a turn", "s / (f · n)", minutes(turn))
                        .with("s", "one turn of the handle", RotaryRules.handle(job.lathe(), job.handleMm()))
                        .with("f", mmPerRev(f))
                        .with("n", rpm(cut.rpm()))
                        .told(say))
                .note("Never turned backwards: chips wedge behind the lands and the edges break.")
                .source("Two to three times a drill's feed (custom of the trade)")
                .mendUnless(!slow && !fast, "Feed " + say.feed(range.chosen()), FEED.id(), say.feed(range.chosen()))
                .build();
    }

    private Finding bell() {
        double bell = cut.bellMm();
        double margin = 0.5 * job.toleranceMm() / Math.max(bell, 1e-9) - 1;
        Verdict verdict = bell < 1e-6 ? Verdict.FINE : Verdict.of(margin, 0.5);
        return Finding.at(Station.REACH, "bell-mouth")
                .says(
                        verdict,
                        job.floating()
                                ? "A floating holder lets the reamer follow the hole, whatever the tailstock does."
                                : bell < 1e-6
                                        ? "With the tailstock on the axis the mouth is as the bottom; by how far it is off, twice that the mouth is larger."
                                        : String.format(
                                                Locale.ROOT,
                                                "A tailstock %s off the axis opens the mouth by %s.",
                                                say.length(Math.abs(job.offsetMm())),
                                                say.length(bell)))
                .margin(bell < 1e-6 ? 1 : margin)
                .step(Working.of("Mouth larger by", "2 · e", mm(2 * Math.abs(job.offsetMm())))
                        .with(
                                "e",
                                "tailstock off the axis",
                                mm(Math.abs(job.offsetMm())).typed())
                        .told(say))
                .source("Geometry: a rigid reamer beside the axis of the turning work")
                .mendUnless(verdict == Verdict.FINE, "Floating holder", FLOATING.id(), "floating")
                .build();
    }
}
