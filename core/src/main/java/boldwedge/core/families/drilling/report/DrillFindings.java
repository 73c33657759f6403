package boldwedge.core.families.drilling.report;

import static boldwedge.core.families.drilling.entry.DrillField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.drilling.model.DrillCut;
import boldwedge.core.families.drilling.model.DrillJob;
import boldwedge.core.families.drilling.model.DrillJob.Ground;
import boldwedge.core.families.drilling.model.DrillJob.Start;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.EdgeHardness;
import boldwedge.core.language.stock.Span;
import boldwedge.core.mechanics.hole.TwistDrill;
import boldwedge.core.rule.HardEnough;
import boldwedge.core.rule.RotaryRules;
import java.util.ArrayList;
import java.util.List;

/** What is said of the drill at work: its point, pilot, feed by hand, chips, wandering; and, first, of its hole. */
final class DrillFindings {
    /** Threads deeper than so many diameters are doubted. */
    private static final double DEEP_THREADS = 3;
    /** Times the range's high end that a feed may be without a doubt. */
    private static final double OVERFED = 1.3;

    private static final double BREAKS = -0.5;

    /** A long drill is taken with so much more flute than the depth asks for. */
    private static final double FLUTES_TO_SPARE = 0.15;

    /** From this size on the chisel edge is worth a pilot hole. */
    private static final double PILOT_FROM_MM = 13;
    /** What a hand gives at a handle, N·m. */
    private static final double BY_HAND_NM = 12;

    private final DrillCut cut;
    private final DrillJob job;
    private final UnitFormat say;

    DrillFindings(DrillCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        DrilledHoleFindings hole = new DrilledHoleFindings(cut, say);
        findings.add(hole.choice());
        findings.add(hole.made());
        HardEnough.of(EdgeHardness.HIGH_SPEED, job.work(), say, finding -> {
                    if (job.purpose() == DrillJob.Purpose.TAP) {
                        finding.does(
                                EdgeHardness.COBALT.cuts(job.work())
                                        ? "A tap made for hard steel, the largest hole that the thread’s limits allow, heavy oil, turned back often; or the thread milled"
                                        : "No tap cuts it: thread it before it is hardened, or have the thread ground or eroded");
                    }
                    finding.does(
                            EdgeHardness.COBALT.cuts(job.work())
                                    ? "Take a cobalt or carbide drill, a short one, and run it slow"
                                    : "Take a carbide drill made for hard steel, a short one, in a machine that does not shake");
                })
                .ifPresent(findings::add);
        if (job.purpose() == DrillJob.Purpose.TAP) {
            findings.add(tapped());
        }
        findings.add(point());
        findings.add(pilot());
        RotaryRules rules = new RotaryRules(
                job.lathe(),
                cut.drill().diameterMm(),
                cut.surfaceSpeeds(),
                cut.speed(),
                cut.rpm(),
                job.speedRpm(),
                SPEED,
                job.work().source() + "; slower in deep holes",
                say);
        findings.add(rules.speedFinding());
        findings.add(rules.powerFinding(
                cut.torqueNm(),
                torque(),
                FEED,
                cut.feedMm(),
                cut.feedRange().low(),
                "Drill it in steps: a smaller drill first leaves this one less"));
        findings.add(byHand());
        findings.add(flutes());
        rules.fitFinding(
                        job.stickOutMm().isPresent()
                                ? mm(cut.stickOutMm()).typed()
                                : mm(cut.stickOutMm()).assumed(),
                        mm(cut.lengthMm()),
                        cut.travelMm(),
                        STICK_OUT)
                .ifPresent(findings::add);
        findings.add(pecks());
        findings.add(wander());
        job.wallMm().ifPresent(wall -> findings.add(wall()));
        return findings;
    }

    /** How far the thread comes, and whether it is worth being so deep. */
    private Finding tapped() {
        double d = job.screw().orElseThrow().threadMm();
        double depth = job.depthMm();
        boolean deep = depth > DEEP_THREADS * d;
        Finding.Builder finding = Finding.at(Station.CUT, "tap-depth", say)
                .says(
                        deep ? Verdict.DOUBTFUL : Verdict.TOLD,
                        (job.through()
                                        ? "A tapered tap goes right through: " + say.length(depth) + " of thread"
                                        : "Whole threads to " + say.length(Math.max(0, depth - cut.tapLeadMm(false)))
                                                + " with a plug tap, to "
                                                + say.length(Math.max(0, depth - cut.tapLeadMm(true)))
                                                + " with a bottoming tap after it")
                                + (deep
                                        ? "; deeper than about two diameters a thread holds no more, and so deep taps break."
                                        : "."))
                .margin(deep ? DEEP_THREADS * d / depth - 1 : 1)
                .source(
                        "Leads of hand taps, in the order of ISO 529; two diameters of thread bear a screw’s own strength");
        if (!job.through()) {
            finding.step(Working.of("A plug tap ends short by", "4 · P", mm(cut.tapLeadMm(false)))
                    .with("P", mm(job.screw().orElseThrow().pitchMm()).fromTable()));
        }
        if (deep) {
            finding.does("Tap " + say.length(2 * d) + " of it, and open the rest to a clearance hole");
        }
        return finding.build();
    }

    private Finding point() {
        TwistDrill drill = cut.drill();
        // Where the point is out before the lips are in nothing guides the drill: it pulls itself through and tears.
        boolean thin = cut.breaksOutUnguided();
        Verdict verdict = job.ground() == Ground.WORN || thin ? Verdict.DOUBTFUL : Verdict.TOLD;
        Finding.Builder finding = Finding.at(Station.EDGE, "point", say)
                .says(
                        verdict,
                        (job.ground() == Ground.WORN
                                        ? "A worn drill cuts large, torn and off line: grind it first. "
                                        : "")
                                + "Its point is " + say.length(drill.pointMm()) + " long"
                                + (thin
                                        ? ", more than the " + say.length(job.depthMm())
                                                + " that it goes through: it is out before its lips are in, grabs, and leaves no round hole."
                                        : "; both lips must be alike in length and angle."
                                                + (cut.screwsIn()
                                                        ? " Take the bite off them with a stone, or the drill screws itself in."
                                                        : "")))
                .margin(job.ground() == Ground.WORN ? -0.2 : thin ? job.depthMm() / drill.pointMm() - 1 : 1)
                .step(Working.of("Length of the point", "d / (2 · tan(σ / 2))", mm(drill.pointMm()))
                        .with("d", mm(drill.diameterMm()))
                        .with("σ", rad(drill.pointRad()).typed()))
                .note(
                        "Lips that differ in length by some amount make the hole larger by about twice that amount; a soft, cheap drill shows under a file: a good one is not marked.")
                .source("Geometry of a cone");
        if (job.ground() == Ground.WORN) {
            finding.mend("Grind it", GROUND, "machine");
        }
        if (thin) {
            finding.does("Clamp the sheet flat on hardwood or scrap, and drill through both")
                    .does("Grind it as a sheet point, two spurs and a short pip, or take a step drill")
                    .caution("Never hold a sheet by hand: when it grabs it spins, and cuts.");
        }
        return finding.build();
    }

    private Finding pilot() {
        TwistDrill drill = cut.drill();
        boolean piloted = job.pilotMm() >= drill.webMm();
        boolean wanted = drill.diameterMm() >= PILOT_FROM_MM && !piloted;
        double pilot = Math.ceil(drill.webMm() * 1.2 * 2) / 2;
        Finding.Builder finding = Finding.at(Station.EDGE, "pilot", say)
                .says(
                        wanted ? Verdict.DOUBTFUL : Verdict.FINE,
                        wanted
                                ? "Drill " + say.length(pilot) + " first: its web of " + say.length(drill.webMm())
                                        + " presses instead of cutting, and makes nearly half of the thrust of "
                                        + say.force(cut.thrustN()) + "."
                                : piloted
                                        ? "A pilot hole of " + say.length(job.pilotMm())
                                                + " takes the chisel edge’s work; thrust " + say.force(cut.thrustN())
                                                + "."
                                        : "Thin enough to go without a pilot hole; thrust " + say.force(cut.thrustN())
                                                + ".")
                .margin(wanted ? -0.1 : 0.5)
                .step(Working.of("Web at the point", "0.16 · d", mm(drill.webMm()))
                        .with("d", mm(drill.diameterMm())))
                .step(thrust())
                .source("Kienzle’s law; what thrusts after Klocke, Fertigungsverfahren 1, drilling, ± 30 %");
        if (wanted) {
            finding.mend("Pilot " + say.length(pilot), PILOT, say.length(pilot));
        }
        return finding.build();
    }

    private Working thrust() {
        TwistDrill drill = cut.drill();
        boolean piloted = job.pilotMm() >= drill.webMm();
        return Working.of(
                        "Thrust",
                        (piloted ? "" : "(1 + c) · ")
                                + "t · kc · f · (d − p) / 2 · sin(σ / 2) · (f / 2 · sin(σ / 2) / 1 mm)^(−mc)",
                        newtons(cut.thrustN()))
                .with(
                        "c",
                        "the chisel edge’s share",
                        number(TwistDrill.CHISEL_SHARE).fromTable())
                .with(
                        "t",
                        "thrust over cutting force",
                        number(TwistDrill.THRUST_SHARE).fromTable())
                .with("kc", mpa(job.work().kc11MPa()).fromTable())
                .with("mc", number(job.work().mc()).fromTable())
                .with("f", mm(cut.feedMm()))
                .with("d", mm(drill.diameterMm()))
                .with("p", "pilot", mm(job.pilotMm()))
                .with("σ", rad(drill.pointRad()));
    }

    private Working torque() {
        return Working.of(
                        "Torque",
                        "M = kc · f · (d² − p²) / 8 · (f / 2 · sin(σ / 2) / 1 mm)^(−mc)",
                        newtonMetres(cut.torqueNm()))
                .with("kc", mpa(job.work().kc11MPa()).fromTable())
                .with("mc", number(job.work().mc()).fromTable())
                .with("f", mm(cut.feedMm()))
                .with("d", mm(cut.drill().diameterMm()))
                .with("p", "pilot", mm(job.pilotMm()))
                .with("σ", rad(cut.drill().pointRad()));
    }

    private Finding byHand() {
        double turn = cut.handleTurnMinutes();
        double turns = cut.travelMm() / job.handleMm();
        double hard = BY_HAND_NM / cut.handleNm() - 1;
        // Over its range a drill is overfed: its lips chip, and a small one snaps.
        double thick = OVERFED * cut.feedRange().high() / cut.feedMm() - 1;
        double margin = Math.min(hard, thick);
        return Finding.at(Station.REACH, "feed-by-hand", say)
                .says(
                        thick < BREAKS ? Verdict.WRONG : margin < 0 ? Verdict.DOUBTFUL : Verdict.FINE,
                        "Feed %s: one turn of the handle every %s, %s turns in all%s%s.",
                        say.feed(cut.feedMm()),
                        say.time(turn),
                        say.number(turns, 1),
                        hard < 0 ? "; the handle wants " + say.torque(cut.handleNm()) + ", which is hard work" : "",
                        thick < 0
                                ? "; a drill of " + say.length(cut.drill().diameterMm()) + " takes up to "
                                        + say.feed(cut.feedRange().high()) + ", more chips or breaks it"
                                : "")
                .margin(margin)
                .step(Working.of("Time of a turn", "s / (f · n)", minutes(turn))
                        .with("s", "one turn of the handle", RotaryRules.handle(job.lathe(), job.handleMm()))
                        .with("f", mmPerRev(cut.feedMm()))
                        .with("n", rpm(cut.rpm())))
                .step(Working.of("At the handle, with friction", "2 · F · s / (2 · π)", newtonMetres(cut.handleNm()))
                        .with("F", newtons(cut.thrustN()))
                        .with("s", mm(job.handleMm())))
                .note("Steady, so that the chip stays of one thickness; ease off as it breaks through, where it grabs.")
                .source("Definition of feed; a screw’s work, half of it lost to friction")
                .mendUnless(
                        thick >= 0,
                        "Feed " + say.feed(cut.feedRange().chosen()),
                        FEED,
                        say.feed(cut.feedRange().chosen()))
                .mendUnless(
                        hard >= 0 || cut.feedRange().low() > 0.97 * cut.feedMm(),
                        "Feed " + say.feed(cut.feedRange().low()),
                        FEED,
                        say.feed(cut.feedRange().low()))
                .build();
    }

    private Finding flutes() {
        double margin = cut.deepestMm() / cut.travelMm() - 1;
        double wanted =
                Math.ceil((1 + FLUTES_TO_SPARE) * cut.travelMm() + cut.drill().diameterMm() / 2);
        return Finding.at(Station.REACH, "flutes", say)
                .says(
                        Verdict.of(margin, Verdict.CLOSE),
                        margin < 0
                                ? "Too deep for flutes of " + say.length(cut.flutesMm()) + ": past "
                                        + say.typed(Math.max(
                                                0, cut.deepestMm() - cut.drill().pointMm()))
                                        + " the chips have no way out and it binds. Start with this one, then a long one."
                                : "Flutes of " + say.length(cut.flutesMm()) + " reach " + say.length(cut.travelMm())
                                        + " with its point and leave the chips a way.")
                .margin(margin)
                .step(Working.of("Goes in", "L + p", mm(cut.travelMm()))
                        .with("L", mm(job.depthMm()).typed())
                        .with("p", "point", mm(cut.drill().pointMm())))
                .step(Working.of("May go in", "F − d / 2", mm(cut.deepestMm()))
                        .with(
                                "F",
                                "flutes",
                                job.flutesMm().isPresent()
                                        ? mm(cut.flutesMm()).typed()
                                        : mm(cut.flutesMm()).assumed())
                        .with("d", mm(cut.drill().diameterMm())))
                .source("ISO 235, jobber series, smoothed by us; measure yours")
                .mendUnless(
                        margin >= Verdict.CLOSE, "Long drill, flutes " + say.length(wanted), FLUTES, say.length(wanted))
                .build();
    }

    private Finding pecks() {
        List<Double> pecks = cut.pecksMm();
        String words = pecks.size() == 1
                ? "It goes down in one go: "
                        + say.number(cut.travelMm() / cut.drill().diameterMm(), 1) + " diameters."
                : pecks.size() == 2
                        ? "Draw it out once, at " + say.typed(pecks.getFirst()) + ", to clear the chips."
                        : "Draw it out " + (pecks.size() - 1) + " times: first at " + say.typed(pecks.getFirst())
                                + ", then after about " + say.length(cut.drill().diameterMm())
                                + " each, less as it goes deeper.";
        Finding.Builder finding = Finding.at(Station.REACH, "pecks", say)
                .says(Verdict.TOLD, words)
                .source("Custom of the trade: first go 2 to 4 diameters, then 1 down to half a diameter");
        if (pecks.size() > 2) {
            finding.note("At "
                    + String.join(", ", pecks.stream().limit(8).map(say::length).toList())
                    + (pecks.size() > 8 ? " and so on." : "."));
        }
        return finding.note(
                        "A grumble or a chip that stops coming means packed flutes: out at once. Oil at each go in.")
                .build();
    }

    private Finding wander() {
        Span wander = cut.wanderMm();
        double deep = job.depthMm() / cut.drill().diameterMm();
        boolean bare = job.start() == Start.BARE;
        Verdict verdict = deep > 10 || (bare && deep > 3) ? Verdict.DOUBTFUL : Verdict.TOLD;
        return Finding.at(Station.REACH, "wander", say)
                .says(
                        verdict,
                        "At its end it may have run off by " + say.length(wander.low()) + " to "
                                + say.length(wander.high()) + (bare ? ", started with the drill itself" : "") + ".")
                .margin(
                        verdict == Verdict.DOUBTFUL
                                ? -wander.chosen() / cut.drill().diameterMm()
                                : 1)
                .step(Working.of("Likely", "w · 0.003 · d · (L / (5 · d))²", mm(wander.chosen()))
                        .with(
                                "w",
                                "for grinding and start",
                                number(wander.chosen() / (0.003 * cut.drill().diameterMm() * Math.pow(deep / 5, 2)))
                                        .assumed())
                        .with("d", mm(cut.drill().diameterMm()))
                        .with("L", mm(job.depthMm()).typed()))
                .source("Ours, a third to three times; it grows with the square of the depth as a bent rod does")
                .note(
                        "Where the place matters: centre, short drill, then bore before you ream. A reamer follows the hole it is given.")
                .mendUnless(!bare, "Centre drill first", START, "centred")
                .build();
    }

    private Finding wall() {
        double left = cut.wallLeftMm();

        double least = Math.max(0.5, 0.25 * cut.drill().diameterMm());
        if (job.through()) {
            return Finding.at(Station.REACH, "wall", say)
                    .says(
                            Verdict.TOLD,
                            "It goes through " + say.length(job.depthMm()) + " and the point another "
                                    + say.length(cut.drill().pointMm()) + ".")
                    .source("Geometry of the point")
                    .build();
        }
        return Finding.at(Station.REACH, "wall", say)
                .says(
                        left < 0 ? Verdict.WRONG : left < 0.98 * least ? Verdict.DOUBTFUL : Verdict.FINE,
                        left < 0
                                ? "The point breaks through by " + say.length(-left) + "."
                                : say.length(left) + " is left between the point and the next surface.")
                .margin(left / least - 1)
                .step(Working.of("Wall left", "T − L − d / (2 · tan(σ / 2))", mm(left))
                        .with(
                                "T",
                                "metal along the hole",
                                mm(job.wallMm().orElseThrow()).typed())
                        .with("L", mm(job.depthMm()).typed())
                        .with("d", mm(cut.drill().diameterMm()))
                        .with("σ", rad(cut.drill().pointRad())))
                .source("Geometry of the point")
                .note(
                        "To know where it is: lay a rod against the jaw and mark the handle; near a cross-hole the chip turns from curls to crumbs.")
                .mendUnless(
                        left >= least || job.depthMm() - (least - left) < 0.3,
                        "Stop at " + say.length(job.depthMm() - (least - left)),
                        DEPTH,
                        say.length(job.depthMm() - (least - left)))
                .build();
    }
}
