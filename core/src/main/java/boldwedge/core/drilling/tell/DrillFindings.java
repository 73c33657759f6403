package boldwedge.core.drilling.tell;

import static boldwedge.core.drilling.ask.DrillField.*;
import static boldwedge.core.measure.Amount.*;

import boldwedge.core.drilling.model.DrillCut;
import boldwedge.core.drilling.model.DrillJob;
import boldwedge.core.drilling.model.DrillJob.Ground;
import boldwedge.core.drilling.model.DrillJob.Purpose;
import boldwedge.core.drilling.model.DrillJob.Start;
import boldwedge.core.finding.Finding;
import boldwedge.core.finding.Station;
import boldwedge.core.finding.Verdict;
import boldwedge.core.finding.Working;
import boldwedge.core.hole.CutsOver;
import boldwedge.core.hole.DrilledSizes;
import boldwedge.core.hole.TwistDrill;
import boldwedge.core.measure.Drill;
import boldwedge.core.measure.Quantity;
import boldwedge.core.measure.Say;
import boldwedge.core.measure.Written;
import boldwedge.core.rule.RotaryRules;
import boldwedge.core.stock.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is found of a hole to be drilled. */
final class DrillFindings {
    private static final String OVER_SOURCE =
            "Average oversize of some 2800 drilled holes, as tabled in engineering handbooks (MCTI); shares for grinding and start are ours";
    private static final double SMALL_CHANCE = 0.05;
    /** Nearer than this a drill is the size itself. */
    private static final double SAME_MM = 5e-4;

    private static final double LARGE_CHANCE = 0.25;
    /** From this size on the chisel edge is worth a pilot hole. */
    private static final double PILOT_FROM_MM = 13;
    /** Of a rod's play that must be left. */
    private static final double ROD_ENOUGH = 0.2;
    /** What a hand gives at a handle, N·m. */
    private static final double BY_HAND_NM = 12;

    private final DrillCut cut;
    private final DrillJob job;
    private final Say say;

    DrillFindings(DrillCut cut, Say say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        findings.add(choice());
        findings.add(made());
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
                cut.torqueNm(), torque(), FEED, mmPerRev(cut.feedRange().low())));
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

    /** The drill in use as the shop calls it. */
    static String drill(DrillCut cut, Say say) {
        return cut.job()
                .set()
                .ofSize(cut.drill().diameterMm())
                .map(drill -> say.drill(drill))
                .orElseGet(() -> say.length(cut.drill().diameterMm()));
    }

    private Finding choice() {
        double target = cut.targetMm();
        double d = cut.drill().diameterMm();
        boolean has = job.set().ofSize(d).isPresent();
        Optional<Drill> below = job.set().atMost(d - 1e-3);
        Optional<Drill> above = job.set().above(d);
        Finding.Builder finding = Finding.at(Station.CUT, "drill-choice", say)
                .says(
                        has ? Verdict.FINE : Verdict.DOUBTFUL,
                        has
                                ? "Take " + drill(cut, say) + why()
                                : "The shop has no drill of " + say.length(d) + "; the nearest it has is "
                                        + say.drill(job.set().nearest(d)) + ".")
                .margin(has ? 1 : -0.1)
                .step(sizing())
                .source(
                        job.purpose().screwed()
                                ? job.screw().orElseThrow().source()
                                : "The shop’s drills: ISO 235 and ASME B94.11M");
        below.ifPresent(drill -> finding.note("Next below: " + say.drill(drill) + ", "
                + say.signed(drill.diameterMm() - target) + " from what is wanted."));
        above.ifPresent(drill -> finding.note("Next above: " + say.drill(drill) + ", "
                + say.signed(drill.diameterMm() - target) + " from what is wanted."));
        if (!has) {
            Drill nearest = job.set().nearest(d);
            finding.mend("Take " + say.drill(nearest), DRILL.id(), exact(nearest));
        }
        return finding.build();
    }

    private String why() {
        return switch (job.purpose()) {
            case HOLE ->
                Math.abs(cut.drill().diameterMm() - job.sizeMm()) < SAME_MM
                        ? "."
                        : ", the nearest to " + say.length(job.sizeMm()) + " that the shop has.";
            case TAP -> " for " + job.screw().orElseThrow().name() + ".";
            case ROD -> ", the next one in which a rod of " + say.length(job.sizeMm()) + " slides.";
            case CLEAR -> ": " + job.screw().orElseThrow().name() + " passes with room.";
            case REAM ->
                " and leave " + say.length(job.sizeMm() - cut.drill().diameterMm()) + " to ream to "
                        + say.length(job.sizeMm()) + ".";
            case BORE ->
                " and leave " + say.length(job.sizeMm() - cut.drill().diameterMm()) + " to bore to "
                        + say.length(job.sizeMm()) + ".";
        };
    }

    private static String exact(Drill drill) {
        return drill.series() == Drill.Series.METRIC
                ? drill.name()
                : Written.exact(Quantity.LENGTH, drill.diameterMm());
    }

    private Working sizing() {
        return (switch (job.purpose()) {
            case HOLE ->
                Working.of("Drilled for", "D", mm(cut.targetMm()))
                        .with("D", "the hole wanted", mm(job.sizeMm()).typed());
            case TAP ->
                job.engagement().isPresent()
                        ? Working.of("Drilled for", "D − e · 1.0825 · P", mm(cut.targetMm()))
                                .with("D", mm(job.sizeMm()).fromTable())
                                .with(
                                        "e",
                                        "depth of thread wanted",
                                        number(job.engagement().getAsDouble()).typed())
                                .with(
                                        "P",
                                        mm(job.screw().orElseThrow().pitchMm()).fromTable())
                        : Working.of("Drilled for", "D − P", mm(cut.targetMm()))
                                .with("D", mm(job.sizeMm()).fromTable())
                                .with(
                                        "P",
                                        mm(job.screw().orElseThrow().pitchMm()).fromTable());
            case CLEAR ->
                Working.of("Drilled for", "C", mm(cut.targetMm()))
                        .with(
                                "C",
                                "hole that the screw passes",
                                mm(job.sizeMm()).fromTable());
            case ROD ->
                Working.of("Drilled for", "D + p", mm(cut.targetMm()))
                        .with("D", "the rod", mm(job.sizeMm()).typed())
                        .with("p", "play", mm(DrillCut.ROD_PLAY_MM).chosen());
            case REAM, BORE ->
                Working.of("Drilled for", "D − s", mm(cut.targetMm()))
                        .with("D", mm(job.sizeMm()).typed())
                        .with(
                                "s",
                                "stock to leave",
                                mm(job.sizeMm() - cut.targetMm()).chosen());
        });
    }

    /** What the hole will really be, and what that means for what it is for. */
    private Finding made() {
        CutsOver over = cut.over();
        double d = cut.drill().diameterMm();
        String likely = drill(cut, say) + " will probably make " + say.length(d + over.lowMm()) + " to "
                + say.length(d + over.highMm());
        Finding.Builder finding = Finding.at(Station.CUT, "hole-made", say)
                .step(Working.of("Likely hole", "d + o · g · t", mm(cut.likelyMm()))
                        .with("d", mm(d))
                        .with("o", "usual oversize", mm(usual()).fromTable())
                        .with(
                                "g",
                                "for grinding and start",
                                number(cut.untaughtOver().medianMm() / usual()).assumed())
                        .with(
                                "t",
                                "from the shop’s holes",
                                job.taught().trials() > 0
                                        ? number(over.medianMm()
                                                        / cut.untaughtOver().medianMm())
                                                .measured()
                                        : number(1).assumed()))
                .source(OVER_SOURCE);
        if (job.taught().trials() > 0) {
            CutsOver before = cut.untaughtOver();
            finding.note(job.taught().trials() + (job.taught().trials() == 1 ? " hole" : " holes")
                    + " measured in the shop are in this. Before them it said " + say.length(d + before.lowMm())
                    + " to "
                    + say.length(d + before.highMm()) + ".");
        } else {
            finding.note(
                    "Two holes in three lie within this. Measure yours under Prove and it narrows to your drills.");
        }
        return switch (job.purpose()) {
            case HOLE -> finding.says(Verdict.TOLD, likely + ".").build();
            case ROD -> {
                double play = d + over.lowMm() - job.sizeMm() - cut.wanderMm().chosen();
                yield finding.says(
                                Verdict.of(play / DrillCut.ROD_PLAY_MM, ROD_ENOUGH),
                                likely + "; with what it wanders a rod of " + say.length(job.sizeMm()) + " has "
                                        + say.length(Math.max(0, play)) + " to slide.")
                        .margin(play / DrillCut.ROD_PLAY_MM)
                        .mendUnless(
                                play >= ROD_ENOUGH * DrillCut.ROD_PLAY_MM
                                        || rodDrill().isEmpty(),
                                "Take " + rodDrill().map(say::drill).orElse(""),
                                DRILL.id(),
                                rodDrill().map(DrillFindings::exact).orElse(""))
                        .build();
            }
            case CLEAR -> {
                double room = (d + over.lowMm()) / job.screw().orElseThrow().threadMm() - 1;
                yield finding.says(
                                Verdict.of(room, 0.01),
                                likely + "; " + job.screw().orElseThrow().name() + " is "
                                        + say.length(job.screw().orElseThrow().threadMm()) + ".")
                        .margin(room)
                        .build();
            }
            case TAP -> tapped(finding, likely);
            case REAM, BORE -> left(finding, likely);
        };
    }

    /** The drill in whose hole the rod slides for all that it wanders. */
    private Optional<Drill> rodDrill() {
        double needed = job.sizeMm()
                + DrillCut.ROD_PLAY_MM
                + cut.wanderMm().chosen()
                - cut.over().lowMm();
        return job.set().above(Math.max(needed, cut.drill().diameterMm()));
    }

    private double usual() {
        return DrilledSizes.over(cut.drill().diameterMm()).chosen();
    }

    private Finding tapped(Finding.Builder finding, String likely) {
        double likelyShare = cut.engagement(cut.likelyMm());
        double whole = cut.engagement(cut.drill().diameterMm());
        Verdict verdict = likelyShare < 0.45 || whole > 1
                ? Verdict.WRONG
                : likelyShare < 0.55 || whole > DrillCut.MOST_THREAD ? Verdict.DOUBTFUL : Verdict.FINE;
        double pitch = job.screw().orElseThrow().pitchMm();
        finding.says(
                        verdict,
                        likely + ": " + say.share(likelyShare) + " of a whole thread, " + say.share(whole)
                                + " were it exactly its size.")
                .margin(verdict == Verdict.WRONG ? -0.2 : Math.min(likelyShare - 0.55, DrillCut.MOST_THREAD - whole))
                .step(Working.of("Depth of thread", "(D − h) / (1.0825 · P)", number(likelyShare))
                        .with("D", mm(job.screw().orElseThrow().threadMm()).fromTable())
                        .with("h", mm(cut.likelyMm()))
                        .with("P", mm(pitch).fromTable()))
                .note(
                        "More than about 75 % hardly adds strength, and doubles the torque on the tap; in tough or hard stuff 60 to 65 % spares taps.");
        if (verdict != Verdict.FINE) {
            Drill drill = job.set().nearest(cut.tappingMm());
            finding.mendUnless(
                    Math.abs(drill.diameterMm() - cut.drill().diameterMm()) < 5e-4,
                    "Take " + say.drill(drill),
                    DRILL.id(),
                    exact(drill));
        }
        return finding.build();
    }

    private Finding left(Finding.Builder finding, String likely) {
        double chance = cut.chanceTooLittle();
        Span left = cut.leftMm();
        boolean ream = job.purpose() == Purpose.REAM;
        Verdict verdict =
                chance > LARGE_CHANCE ? Verdict.WRONG : chance > SMALL_CHANCE ? Verdict.DOUBTFUL : Verdict.FINE;
        finding.says(
                        verdict,
                        likely + ", so " + say.length(Math.max(0, left.low())) + " to "
                                + say.length(Math.max(0, left.high()))
                                + " is left to " + (ream ? "ream" : "bore") + ". Chance that less than "
                                + say.length(cut.leastLeftMm()) + " is left: " + say.chance(chance) + ".")
                .margin((LARGE_CHANCE - chance) / 2)
                .note(
                        ream
                                ? "With too little left a reamer rubs instead of cutting, and the drill’s marks stay."
                                : "A bar needs enough to get under the drilled skin and to true the hole up.");
        if (verdict != Verdict.FINE) {
            job.set()
                    .atMost(cut.drill().diameterMm() - 1e-3)
                    .ifPresent(drill -> finding.mend("Take " + say.drill(drill), DRILL.id(), exact(drill)));
        }
        return finding.build();
    }

    private Finding point() {
        TwistDrill drill = cut.drill();
        Verdict verdict = job.ground() == Ground.WORN ? Verdict.DOUBTFUL : Verdict.TOLD;
        Finding.Builder finding = Finding.at(Station.EDGE, "point", say)
                .says(
                        verdict,
                        (job.ground() == Ground.WORN
                                        ? "A worn drill cuts large, torn and off line: grind it first. "
                                        : "")
                                + "Its point is " + say.length(drill.pointMm())
                                + " long; both lips must be alike in length and angle.")
                .margin(job.ground() == Ground.WORN ? -0.2 : 1)
                .step(Working.of("Length of the point", "d / (2 · tan(σ / 2))", mm(drill.pointMm()))
                        .with("d", mm(drill.diameterMm()))
                        .with("σ", rad(drill.pointRad()).typed()))
                .note(
                        "Lips that differ in length by some amount make the hole larger by about twice that amount; a soft, cheap drill shows under a file: a good one is not marked.")
                .source("Geometry of a cone");
        if (job.ground() == Ground.WORN) {
            finding.mend("Grind it", GROUND.id(), "machine");
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
            finding.mend("Pilot " + say.length(pilot), PILOT.id(), say.length(pilot));
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
        double margin = BY_HAND_NM / cut.handleNm() - 1;
        return Finding.at(Station.REACH, "feed-by-hand", say)
                .says(
                        margin < 0 ? Verdict.DOUBTFUL : Verdict.FINE,
                        "Feed %s: one turn of the handle every %s, %s turns in all%s.",
                        say.feed(cut.feedMm()),
                        say.time(turn),
                        say.number(turns, 1),
                        margin < 0 ? "; the handle wants " + say.torque(cut.handleNm()) + ", which is hard work" : "")
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
                        margin >= 0 || cut.feedRange().low() > 0.97 * cut.feedMm(),
                        "Feed " + say.feed(cut.feedRange().low()),
                        FEED.id(),
                        say.feed(cut.feedRange().low()))
                .build();
    }

    private Finding flutes() {
        double margin = cut.deepestMm() / cut.travelMm() - 1;
        double wanted = Math.ceil(cut.travelMm() + 0.7 * cut.drill().diameterMm());
        return Finding.at(Station.REACH, "flutes", say)
                .says(
                        Verdict.of(margin, 0),
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
                .mendUnless(margin >= 0, "Long drill, flutes " + say.length(wanted), FLUTES.id(), say.length(wanted))
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
        Verdict verdict = deep > 10 || bare && deep > 3 ? Verdict.DOUBTFUL : Verdict.TOLD;
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
                .mendUnless(!bare, "Centre drill first", START.id(), "centred")
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
                        DEPTH.id(),
                        say.length(job.depthMm() - (least - left)))
                .build();
    }
}
