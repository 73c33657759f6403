package boldwedge.core.families.reaming.report;

import static boldwedge.core.families.reaming.entry.ReamField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.reaming.model.ReamCut;
import boldwedge.core.families.reaming.model.ReamJob;
import boldwedge.core.families.reaming.model.ReamJob.Helix;
import boldwedge.core.families.reaming.model.ReamJob.Kind;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.ToolSteel;
import boldwedge.core.mechanics.hole.ReamerSection;
import boldwedge.core.mechanics.hole.ReamerSize;
import boldwedge.core.mechanics.hole.TwistDrill;
import boldwedge.core.mechanics.hole.UnevenTeeth;
import boldwedge.core.planning.Entry;
import java.util.ArrayList;
import java.util.List;

/** What is found of a reamer: its kind, size, teeth, angles, core, shank and steel. */
final class ReamerFindings {
    private static final int FEW_HOLES = 5;
    private static final double HABIT_LEAST_CLEARANCE = Math.toRadians(3);
    private static final double HABIT_MOST_CLEARANCE = Math.toRadians(9);
    private static final double LONGEST_RAKE = Math.toRadians(8);
    private static final double INCH = 25.4;
    /** Longer than this many diameters a rod does not come straight out of water. */
    private static final double SLENDER = 8;

    private final ReamCut cut;
    private final ReamJob job;
    private final UnitFormat say;

    ReamerFindings(ReamCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>(List.of(kind(), size(), chamfer(), shank(), steel()));
        switch (job.kind()) {
            case FLUTED -> findings.addAll(List.of(teeth(), helix(), clearance(), core()));
            case D_BIT -> findings.add(flat());
            case SLANT -> findings.add(slant());
        }
        return findings;
    }

    /** Which kind a master would make. */
    private Finding kind() {
        boolean soft = job.work().group().equals("N") || job.work().group().equals("O");
        boolean few = job.holes() <= FEW_HOLES;
        Kind first = few && soft
                ? Kind.SLANT
                : few && (!job.through() || job.before() == ReamJob.Before.BORED) ? Kind.D_BIT : Kind.FLUTED;
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
        return Finding.at(Station.EDGE, "reamer-kind", say)
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
                        (verdict != Verdict.DOUBTFUL && verdict != Verdict.TOLD) || first == job.kind(),
                        "Make a " + first.words(),
                        KIND,
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
        Finding.Builder finding = Finding.at(Station.EDGE, "reamer-size", say)
                .says(
                        made && over
                                ? Verdict.DOUBTFUL
                                : made && under ? Verdict.DOUBTFUL : made ? Verdict.FINE : Verdict.TOLD,
                        words)
                .margin(over ? -0.2 : under ? -0.1 : 1)
                .step(Working.of(
                                "Left under the hole's largest, then up to the next micrometre",
                                "0.15 · (U − L)",
                                mm(0.15 * job.toleranceMm()))
                        .with("U", "hole, upper limit", mm(job.mostMm()).typed())
                        .with("L", "lower limit", mm(job.leastMm()).typed())
                        .meaning("; so its largest is " + say.length(limits.largestMm())))
                .step(Working.of(
                                "For its maker, then up to the next micrometre",
                                "0.35 · (U − L)",
                                mm(0.35 * job.toleranceMm()))
                        .with("U", mm(job.mostMm()).typed())
                        .with("L", mm(job.leastMm()).typed())
                        .meaning("; so its smallest is " + say.length(limits.smallestMm())))
                .source("ISO 522, special tolerances for reamers");
        if (closes > 0) {
            finding.note("This stuff closes behind the reamer by about " + say.length(closes)
                    + ": the reamer is made larger by that, and honed by trial.");
        }
        return finding.build();
    }

    private Finding teeth() {
        int z = cut.teeth();
        boolean even = job.unevenDegrees() < 0.5;
        boolean odd = z % 2 == 1;
        Verdict verdict = even ? Verdict.DOUBTFUL : odd ? Verdict.DOUBTFUL : Verdict.FINE;
        Finding.Builder finding = Finding.at(Station.EDGE, "uneven-teeth", say)
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
        finding.mendUnless(!even, "Uneven by 2°", UNEVEN, "2°");
        finding.mendUnless(!odd || even, (z + 1) + " teeth", TEETH, String.valueOf(z + 1));
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
        Finding.Builder finding = Finding.at(Station.EDGE, "helix", say)
                .says(pullsIn || packs ? Verdict.DOUBTFUL : Verdict.FINE, words)
                .margin(pullsIn || packs ? -0.1 : 0.5)
                .source("Geometry of a helix; which way after the custom of the trade");
        if (job.helix() != Helix.STRAIGHT) {
            finding.step(Working.of("Lead", "π · D / tan(β)", mm(cut.leadMm()))
                            .with("D", mm(job.sizeMm()))
                            .with("β", "helix", rad(job.helixRad()).typed()))
                    .step(Working.of(
                                    "Turn of the work for a travel s",
                                    "s · 360° / H",
                                    rad(2 * Math.PI * travel(say) / cut.leadMm()))
                            .with("s", mm(travel(say)))
                            .with("H", "lead", mm(cut.leadMm())));
        }
        finding.mendUnless(!pullsIn, "Straight flutes", HELIX, "straight");
        finding.mendUnless(!packs, "Right-hand helix", HELIX, "right");
        return finding.build();
    }

    /** A handy travel to say how far the work turns meanwhile: 10 mm or half an inch. */
    static double travel(UnitFormat say) {
        return say.units() == UnitSystem.METRIC ? 10 : INCH / 2;
    }

    private Finding clearance() {
        ReamerSection section = cut.section();
        boolean little = job.clearanceRad() < HABIT_LEAST_CLEARANCE;
        boolean much = job.clearanceRad() > HABIT_MOST_CLEARANCE;
        boolean rake = job.rakeRad() > LONGEST_RAKE;
        Verdict verdict = little || much || rake ? Verdict.DOUBTFUL : Verdict.FINE;
        return Finding.at(Station.EDGE, "reamer-angles", say)
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
                        .with("α", rad(job.clearanceRad()).typed()))
                .source("Geometry of a chord; rake 0° to 6°, clearance 4° to 7°, land 0.1 to 0.3 mm by custom")
                .mendUnless(!little && !much, "Clearance 6°", CLEARANCE, "6°")
                .mendUnless(!rake, "Rake 3°", RAKE, "3°")
                .build();
    }

    private Finding core() {
        double margin = ReamCut.CORE_BEARS_MPA / Math.max(cut.coreShearMPa(), 1e-9) - 1;
        double shallower = Math.floor(10 * 0.8 * cut.fluteMm()) / 10;
        return Finding.at(Station.EDGE, "core", say)
                .says(
                        Verdict.of(margin, 0.5),
                        "Flutes of " + say.length(cut.fluteMm()) + " leave a core of " + say.length(cut.coreMm()) + ": "
                                + say.stress(cut.coreShearMPa()) + " of shear, it bears about "
                                + say.stress(ReamCut.CORE_BEARS_MPA) + ".")
                .margin(margin)
                .step(Working.of("Shear in the core", "16 · M / (π · c³)", mpa(cut.coreShearMPa()))
                        .with("M", newtonMetres(cut.torqueNm()))
                        .with("c", mm(cut.coreMm())))
                .source("Torsion of a round bar; strength of hardened tool steel with the notch of its flutes, ours")
                .mendUnless(
                        margin >= 0.5 || shallower < 0.2,
                        "Flutes " + say.length(shallower),
                        FLUTE,
                        say.length(shallower))
                .build();
    }

    /** Long as Euler has it, short as Johnson does. */
    private Working buckling() {
        Working working = cut.isShort()
                ? Working.of(
                                "Gives way at",
                                "π · d² / 4 · S · (1 − S · L² · 4 / (2.046 · π² · E · d²))",
                                newtons(cut.bucklesN()))
                        .with("S", "yield", mpa(ReamCut.SHANK_YIELD_MPA).fromTable())
                : Working.of("Buckles at", "2.046 · π² · E · π · d⁴ / 64 / L²", newtons(cut.bucklesN()));
        return working.with("E", mpa(207_000).fromTable())
                .with("d", "shank", mm(cut.shankMm()))
                .with("L", "free", mm(cut.freeShankMm()));
    }

    /** Whether the shank buckles or twists off. */
    private Finding shank() {
        double buckling = cut.bucklesN() / Math.max(cut.thrustN(), 1e-9) - 1;
        double twisting = ReamCut.SHANK_BEARS_MPA / Math.max(cut.shankShearMPa(), 1e-9) - 1;
        double margin = Math.min(buckling, twisting);
        double shorter = job.units().marked(cut.lengthMm() - 0.4 * cut.freeShankMm());
        return Finding.at(Station.EDGE, "shank", say)
                .says(
                        Verdict.of(margin, 1),
                        "A shank of " + say.length(cut.shankMm()) + ", " + say.length(cut.freeShankMm())
                                + (cut.isShort() ? " free, gives way under " : " free, buckles under ")
                                + say.force(cut.bucklesN()) + "; the thrust is " + say.force(cut.thrustN())
                                + ", and the torque shears it by "
                                + say.stress(cut.shankShearMPa()) + ".")
                .margin(margin)
                .step(buckling())
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
                        .with("κ", rad(job.kind() == Kind.SLANT ? job.slantRad() : job.chamferRad())))
                .source("Euler's column, one end held, the other guided; torsion of a round bar")
                .mendUnless(
                        margin >= 1 || shorter <= cut.headMm() + 2,
                        "Shorter, " + say.length(shorter),
                        LENGTH,
                        say.length(shorter))
                .doesWhen(margin < 0, "Drill or bore it nearer to its size: less is left to twist it")
                .build();
    }

    /** Which steel bears the furnace without bending. */
    private Finding steel() {
        if (job.steel().isEmpty()) {
            return Finding.at(Station.MAKE, "reamer-steel", say)
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
        return Finding.at(Station.MAKE, "reamer-steel", say)
                .says(warps ? Verdict.DOUBTFUL : Verdict.TOLD, words)
                .margin(warps ? -0.1 : 1)
                .step(Working.of("Slender", "L / D", number(cut.slenderness()))
                        .with("L", mm(cut.lengthMm()))
                        .with("D", mm(cut.reamerMm())))
                .source(steel.source())
                .mendUnless(!warps, "Oil-hardening steel", STEEL, "o1")
                .build();
    }

    private Finding flat() {
        return Finding.at(Station.EDGE, "d-flat", say)
                .says(
                        Verdict.TOLD,
                        "Grind it to " + say.length(cut.dThicknessMm()) + " thick: "
                                + say.length(cut.dThicknessMm() - cut.reamerMm() / 2)
                                + " over half, so that it never cuts over itself.")
                .step(Working.of("Thickness of the D", "D / 2 + 0.0075 · D", mm(cut.dThicknessMm()))
                        .with("D", mm(cut.reamerMm())))
                .note(
                        "Front relieved 5° to 8°, its corner just broken; start it in a bored hole one diameter deep, or it goes where it likes.")
                .source("Custom of the trade: 0.5 to 1 % of the diameter above the middle")
                .build();
    }

    private Finding slant() {
        return Finding.at(Station.EDGE, "slant", say)
                .says(
                        Verdict.TOLD,
                        "Cut across at " + say.angle(job.slantRad()) + " the face is " + say.length(cut.slantMm())
                                + " long; its rim cuts on both sides.")
                .step(Working.of("Length of the cut", "D / tan(θ)", mm(cut.slantMm()))
                        .with("D", mm(cut.reamerMm()))
                        .with("θ", rad(job.slantRad()).typed()))
                .note("Leave it no more than " + say.length(ReamCut.stock(job).high())
                        + "; stone the face only, never the round.")
                .source("Geometry of a plane through a cylinder")
                .build();
    }

    private Finding chamfer() {
        if (job.kind() == Kind.SLANT) {
            return Finding.at(Station.EDGE, "chamfer", say)
                    .says(Verdict.TOLD, "The slant is its own way in: there is no chamfer to grind.")
                    .source("Geometry")
                    .build();
        }
        return Finding.at(Station.EDGE, "chamfer", say)
                .says(
                        Verdict.TOLD,
                        "It cuts with its chamfer alone: " + say.angle(job.chamferRad()) + ", "
                                + say.length(cut.chamferMm()) + " long, from " + say.length(cut.chamferFromMm())
                                + "; rest " + say.length(cut.restMm())
                                + (job.cup() ? " below centre." : ": wheel that much above centre."))
                .step(Working.of("Length of the chamfer", "(D − d) / (2 · tan(κ))", mm(cut.chamferMm()))
                        .with("D", mm(cut.reamerMm()))
                        .with("d", "at its front", mm(cut.chamferFromMm()))
                        .with("κ", rad(job.chamferRad()).typed()))
                .step((job.cup()
                                ? Working.of("Tooth rest below centre", "D / 2 · sin(α)", mm(cut.restMm()))
                                        .with("D", mm(cut.reamerMm()))
                                : Working.of("Wheel above centre", "W / 2 · sin(α)", mm(cut.restMm()))
                                        .with("W", "wheel", mm(job.wheelMm()).typed()))
                        .with("α", "clearance", rad(job.clearanceRad()).typed()))
                .note("Relief is ground from the chamfer, not from the land: the land keeps the size.")
                .source("Geometry of tooth rest and wheel")
                .build();
    }
}
