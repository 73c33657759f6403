package boldwedge.core.families.boring.report;

import static boldwedge.core.families.boring.entry.BoreField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.boring.entry.BoreField;
import boldwedge.core.families.boring.entry.BoreReader;
import boldwedge.core.families.boring.model.BarEnd;
import boldwedge.core.families.boring.model.BarHeld;
import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.families.boring.model.BoreJob;
import boldwedge.core.families.boring.model.Bottom;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.hole.BoreFit;
import boldwedge.core.mechanics.rigidity.JawRing;
import boldwedge.core.mechanics.wedge.Wedge;
import boldwedge.core.rule.FeedStop;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is said of the tool in the hole: whether bar, heel and holder clear it, how far it reaches, its rake in use. */
final class BoreFitFindings {
    /** Room wanted round a bar for chips and for drawing the point back, mm. */
    private static final double LEAST_GAP_MM = 0.5;

    /** The smallest hole still leaves this much round the bar, mm. */
    private static final double SPARE_MM = 0.1;

    /** Of what the jaws do to it a wall is told from here on. */
    private static final double SQUEEZED_BELOW = 3;
    /** Three corners as large as the whole tolerance cannot be right. */
    private static final double PINCHED = -0.5;

    private static final double WIDER = 1.05;
    /** The point cuts clear of the bar's end when it leads by this much, mm. */
    private static final double LEAST_LEAD_MM = 0.2;

    private static final String GEOMETRY = "Circle geometry in the plane across the hole";

    private final BoreCut cut;
    private final BoreJob job;
    private final UnitFormat say;

    BoreFitFindings(BoreCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        findings.add(new BorePassFindings(cut, say).passes());
        new BorePassFindings(cut, say).skin().ifPresent(findings::add);
        findings.add(barFits());
        findings.add(heel());
        findings.add(reachesBottom());
        findings.add(rakeInUse());
        findings.add(new BitInBarFindings(cut, say).bitInBar());
        if (job.held() == BarHeld.POST) {
            findings.add(holder());
            pinched().ifPresent(findings::add);
        }
        if (job.bottom() != Bottom.THROUGH && !job.lathe().mill()) {
            findings.add(FeedStop.of(
                    job.lathe(), cut.cutting().feedMm(), cut.cutting().rpm(), "the bottom", SPEED, say));
        }
        job.recess().ifPresent(recess -> findings.addAll(new RecessFindings(cut, recess, say).all()));
        if (job.held() == BarHeld.CENTRES) {
            findings.add(new BorePassFindings(cut, say).settings());
        }
        if (job.held() == BarHeld.HEAD) {
            findings.addAll(new HeadFindings(cut, say).all());
        }
        return findings;
    }

    private JawRing ring(double outsideMm) {
        return JawRing.inChuck(
                job.lathe().swingMm(),
                outsideMm,
                job.finishedMm(),
                job.holeDepthMm(),
                job.work().modulusMPa());
    }

    /** A thin wall that the jaws squeeze; nothing where they cannot, or a bottom stiffens it. */
    private Optional<Finding> pinched() {
        JawRing ring = ring(job.outsideMm());
        double lobes = 2 * ring.outOfRoundMm();
        double margin = job.allowedErrorMm() / lobes - 1;
        if (job.bottom() != Bottom.THROUGH || margin > SQUEEZED_BELOW) {
            return Optional.empty();
        }
        Finding.Builder finding = Finding.at(Station.REACH, "pinched", say)
                .says(
                        margin < PINCHED ? Verdict.WRONG : margin < 0 ? Verdict.DOUBTFUL : Verdict.FINE,
                        "Three jaws squeeze the wall of %s: bored round in the chuck, it is three-cornered by about %s out of it.",
                        say.length(ring.wallMm()),
                        say.length(lobes))
                .margin(margin)
                .step(Working.of("Out of round, on the radius", "k · W · R³ / (E · I)", mm(ring.outOfRoundMm()))
                        .with(
                                "k",
                                "three loads on a ring, corner to corner",
                                number(ring.shape()).fromTable())
                        .with(
                                "W",
                                "each jaw, a light pull of the key",
                                newtons(ring.jawN()).assumed())
                        .with("R", "middle of the wall", mm(ring.radiusMm()))
                        .with("E", mpa(ring.modulusMPa()).fromTable())
                        .with("I", "of the wall", mm4(ring.inertiaMm4())))
                .note("What measures across two points does not see three corners: a plug does, or three feet.")
                .source(
                        "Young, Roark’s Formulas for Stress and Strain, circular rings, case 7; the pull of the key is ours, half to twice of it");
        if (margin < 0) {
            finding.does("Bore soft jaws to its outside, or put a split ring round it: the grip goes all round");
            for (double outside = job.outsideMm() * WIDER; outside < 3 * job.outsideMm(); outside *= WIDER) {
                if (2 * ring(outside).outOfRoundMm() < job.allowedErrorMm()) {
                    String stands = say.typed(Math.ceil(outside));
                    finding.mend("Bore it first, while its outside stands at " + stands, OUTSIDE, stands);
                    break;
                }
            }
            finding.does("Slack the jaws to a bare grip before the last pass");
        }
        return Optional.of(finding.build());
    }

    /** Radius of the smallest hole that this tool will enter and clear, mm. */
    static double smallestRadius(BoreCut cut) {
        double heel = cut.fit().smallestRadiusForHeel();
        if (cut.job().held() == BarHeld.CENTRES) {
            return Math.max(heel, cut.job().barMm() / 2 + LEAST_GAP_MM);
        }
        return Math.max(heel, cut.fit().smallestRadiusForBar(SPARE_MM));
    }

    private Finding barFits() {
        BoreFit fit = cut.fit();
        double start = job.startMm() / 2;
        double gap = fit.gapMm(start);
        double wanted = job.held() == BarHeld.CENTRES ? Math.max(LEAST_GAP_MM, 0.03 * job.startMm()) : LEAST_GAP_MM;
        if (job.held() == BarHeld.CENTRES) {
            gap = start - job.barMm() / 2;
        } else if (job.held() == BarHeld.HEAD) {
            gap = start - Math.abs(start - fit.reachMm()) - fit.barRadiusMm();
        }
        double margin = gap / wanted - 1;
        Verdict verdict = gap <= 0 ? Verdict.WRONG : margin < 0 ? Verdict.DOUBTFUL : Verdict.FINE;
        String words = gap <= 0
                ? Written.words(
                        "The bar does not go in: with the point at the wall it lacks %s on the far side.",
                        say.length(-gap))
                : Written.words(
                        "The bar clears the starting hole by %s; %s of the finished hole is left for chips.",
                        say.length(gap), say.share(fit.chipRoom(job.finishedMm() / 2)));
        Finding.Builder finding = Finding.at(Station.REACH, "bar-fits", say)
                .says(verdict, words)
                .margin(gap <= 0 ? Math.min(-0.05, margin) : margin / 4)
                .step(gapWorking(gap))
                .steps(drawBack())
                .steps(smallestHole())
                .source(GEOMETRY);
        if (verdict != Verdict.FINE) {
            String smaller = say.typed(BoreReader.usualBar(job.startMm()) * (verdict == Verdict.WRONG ? 0.8 : 0.9));
            finding.mend("Bar of " + smaller, BAR_DIAMETER, smaller);
        }
        finding.doesWhen(
                verdict == Verdict.WRONG, "Drill it larger first, or grind bar and point from one piece of tool steel");
        return finding.build();
    }

    private Working gapWorking(double gap) {
        BoreFit fit = cut.fit();
        double start = job.startMm() / 2;
        Working working = Working.of(
                "Gap round the bar",
                switch (job.held()) {
                    case CENTRES -> "R − b";
                    case HEAD -> "R − |R − s| − b";
                    case POST -> "R − √(x² + y²) − b";
                },
                mm(gap));
        working = working.with("R", "of the starting hole", mm(start)).with("b", "of the bar", mm(fit.barRadiusMm()));
        return switch (job.held()) {
            case CENTRES -> working;
            case HEAD -> working.with("s", "point from the bar's axis", mm(fit.reachMm()));
            case POST ->
                working.with("x", "bar's axis aside", mm(fit.barX(start))).with("y", "and up", mm(fit.barY()));
        };
    }

    /** How far the point can be drawn back in the finished hole; nothing when the bar does not go in. */
    private List<Working> drawBack() {
        BoreFit fit = cut.fit();
        double finished = job.finishedMm() / 2;
        double room = finished - fit.barRadiusMm();
        if (room < Math.abs(fit.barY())) {
            return List.of();
        }
        return List.of(Working.of(
                        "Draw the point back by, until the bar touches the far side of the finished hole",
                        "x + √((R − b)² − y²)",
                        mm(fit.drawBackMm(finished)))
                .with("x", "bar's axis aside", mm(fit.barX(finished)))
                .with("R", "of the finished hole", mm(finished))
                .with("b", "of the bar", mm(fit.barRadiusMm()))
                .with("y", mm(fit.barY())));
    }

    /** The smallest hole; nothing where no hole takes bar and point together. */
    private List<Working> smallestHole() {
        BoreFit fit = cut.fit();
        boolean centres = job.held() == BarHeld.CENTRES;
        double bar = centres ? job.barMm() / 2 + LEAST_GAP_MM : fit.smallestRadiusForBar(SPARE_MM);
        return Double.isInfinite(smallestRadius(cut))
                ? List.of()
                : List.of(Working.of("Smallest hole this tool enters", "2 · max(Rh; Rb)", mm(2 * smallestRadius(cut)))
                        .with("Rh", "for its heel", mm(fit.smallestRadiusForHeel()))
                        .with("Rb", "for bar and point with room", mm(bar)));
    }

    private Finding heel() {
        BoreFit fit = cut.fit();
        double start = job.startMm() / 2;
        double gap = fit.heelGapMm(start);
        double needed = BoreFit.clearanceForHeel(job.flankMm(), start, fit.heightMm());
        Verdict verdict = gap < 0 ? Verdict.WRONG : gap < 0.03 ? Verdict.DOUBTFUL : Verdict.FINE;
        Finding.Builder finding = Finding.at(Station.EDGE, "heel", say)
                .says(
                        verdict,
                        gap < 0
                                ? Written.words(
                                        "It will rub: the heel stands %s into the wall of the starting hole.",
                                        say.length(-gap))
                                : Written.words("The heel clears the starting hole by %s.", say.length(gap)))
                .margin(gap < 0 ? Math.max(-1, gap / start) : Math.min(1, gap / 0.3))
                .step(Working.of("Heel", "R − √((√(R² − h²) − a · tan(α))² + (h − a)²)", mm(gap))
                        .with("R", "of the starting hole", mm(start))
                        .with("a", "flank below the point", mm(job.flankMm()))
                        .with("α", "its clearance", rad(fit.clearanceRad()))
                        .with("h", "point above centre", mm(fit.heightMm())))
                .step(Working.of(
                                "Smallest hole for this heel",
                                "2 · √(max(0 mm; ((a · tan(α))² + a² − 2 · a · h) / (2 · a · tan(α)))² + h²)",
                                mm(2 * fit.smallestRadiusForHeel()))
                        .with("a", mm(job.flankMm()))
                        .with("α", rad(fit.clearanceRad()))
                        .with("h", mm(fit.heightMm())))
                .source(GEOMETRY)
                .school("One clearance", "Quick to grind; thins the edge in a small hole", true)
                .school("Two clearances", "A land under the edge, a steeper flank below that passes the bore", false);
        if (verdict != Verdict.FINE) {
            String angle = Written.places(Math.ceil(Math.toDegrees(needed)) + 2, 0) + "°";
            if (Math.toDegrees(needed) < 34) {
                finding.mend("Clearance " + angle, RELIEF, angle);
            }
            if (fit.heightMm() < -0.01) {
                finding.mend("Set the point on centre", (job.held().barTurns() ? AHEAD : HEIGHT), "0");
            }
            // The flank that this clearance lets pass on centre, a little less.
            double passes = 0.93 * start * Math.sin(2 * fit.clearanceRad()) + 2 * Math.min(0, fit.heightMm());
            if (passes > 0.5) {
                String flank = say.typed(passes);
                finding.mend("Grind the heel away below " + flank, FLANK, flank);
            }
        }
        return finding.build();
    }

    private Finding reachesBottom() {
        double leads = BarEnd.leadsBy(job);
        double spare = job.overhangMm() - job.holeDepthMm();
        boolean blind = job.bottom() != Bottom.THROUGH;
        if (job.held() == BarHeld.CENTRES) {
            return Finding.at(Station.REACH, "reaches-bottom", say)
                    .says(
                            Verdict.of(job.spanMm() / (2 * job.holeDepthMm() + 20) - 1, 0.2),
                            "The carriage carries the work past the cutter: the bar needs twice the hole's depth and some between the centres, and is "
                                    + say.length(job.spanMm()) + " long.")
                    .margin(job.spanMm() / (2 * job.holeDepthMm() + 20) - 1)
                    .source("Travel of the work over the cutter")
                    .mend(
                            "Bar " + say.typed(3 * job.holeDepthMm() + 40) + " long",
                            SPAN,
                            say.typed(3 * job.holeDepthMm() + 40))
                    .build();
        }
        Verdict verdict = blind && leads < LEAST_LEAD_MM ? Verdict.WRONG : spare < 1 ? Verdict.DOUBTFUL : Verdict.FINE;
        Finding.Builder finding = Finding.at(Station.REACH, "reaches-bottom", say)
                .says(
                        verdict,
                        blind && leads < LEAST_LEAD_MM
                                ? Written.words(
                                        "The end of the bar meets the bottom first: the point stays %s short of a clear cut.",
                                        say.length(Math.max(0, LEAST_LEAD_MM - leads)))
                                : blind
                                        ? Written.words(
                                                "The point leads the end of the bar by %s and reaches the bottom.",
                                                say.length(leads))
                                        : Written.words(
                                                "The point reaches through with %s to spare before the clamp meets the work.",
                                                say.length(spare)))
                .margin(blind ? Math.clamp((leads - LEAST_LEAD_MM) / 2, -1, 1) : Math.clamp(spare / 10 - 0.1, -1, 1))
                .step(leads(leads))
                .step(Working.of("Clamp to the mouth", "o − t", mm(spare))
                        .with("o", "clamp to point", mm(job.overhangMm()))
                        .with("t", "depth of the hole", mm(job.holeDepthMm()).typed()))
                .source("Geometry of the bit in the bar");
        if (blind && leads < LEAST_LEAD_MM) {
            finding.mend("Set the bit at 45°", BIT_ANGLE, "45°");
            finding.does("Turn the end of the bar back until the point leads");
        }
        if (spare < 1) {
            String more = say.typed(Math.ceil(job.holeDepthMm() + 3));
            finding.mend("Let " + more + " stand out", OVERHANG, more);
        }
        return finding.build();
    }

    private Working leads(double leads) {
        String what = "Point ahead of the bar's end";
        if (job.insert().isPresent()) {
            return Working.of(what + ", a tenth of the insert's circle", "0.1 · c", mm(leads))
                    .with("c", mm(job.insert().get().circleMm()).fromTable());
        }
        if (BarEnd.square(job)) {
            return Working.of(what + ", the bit square through it a width behind", "w / 2 − w", mm(leads))
                    .with("w", mm(job.bit().widthMm()).fromTable());
        }
        return Working.of(what, "s / tan(ε) − x", mm(leads))
                .with("s", "point from the bar's axis", mm(BoreCut.reach(job)))
                .with("ε", "bit to the bar", rad(job.bitAngleRad()))
                .with("x", "crossing behind the end", mm(BarEnd.crossing(job)));
    }

    private Finding rakeInUse() {
        double height = job.held().heightInUse(job);
        double lean = Math.asin(Math.clamp(height / (job.finishedMm() / 2), -1, 1));
        var use = cut.wedge().signature(cut.used());
        double clearance = use.endRelief();
        Verdict verdict = clearance <= 0
                ? Verdict.WRONG
                : clearance < Math.toRadians(2)
                        ? Verdict.DOUBTFUL
                        : use.backRake() < Math.toRadians(-8) ? Verdict.DOUBTFUL : Verdict.TOLD;
        Finding.Builder finding = Finding.at(Station.EDGE, "rake-in-use", say)
                .says(
                        verdict,
                        Math.abs(height) < 1e-9
                                ? Written.words(
                                        "On centre the bit cuts with the angles it has in hand: %s of rake, %s of clearance.",
                                        say.angle(use.backRake()), say.angle(clearance))
                                : Written.words(
                                        "%s %s it cuts with %s of rake and %s of clearance (in hand %s and %s).",
                                        say.length(Math.abs(height)),
                                        job.held().barTurns()
                                                ? height > 0 ? "ahead of the bar's axis" : "behind the bar's axis"
                                                : height > 0 ? "above centre" : "below centre",
                                        say.angle(use.backRake()),
                                        say.angle(clearance),
                                        say.angle(cut.signature().backRake()),
                                        say.angle(cut.signature().endRelief())))
                .margin(clearance <= 0 ? -0.5 : Math.min(1, clearance / Math.toRadians(2) - 1) / 4)
                .step(Working.of("Lean at the point", "asin(h / R)", rad(lean))
                        .with("h", mm(height))
                        .with("R", mm(job.finishedMm() / 2)))
                .step(leaning(
                        "Rake in use; inside a hole it loses what it gains outside",
                        "γp",
                        cut.wedge().backFall(cut.used())))
                .step(leaning("Clearance in use", "α", cut.wedge().endFall(cut.used())))
                .source(
                        "ISO 3002-1:1982, working system, by vectors; inside a hole the signs are the reverse of outside")
                .school("On centre", "The angles in hand are the angles in use", Math.abs(height) < 0.01)
                .school(
                        "A hair above",
                        "The bar springs down under the cut, to centre and away from digging in",
                        height > 0.01 && !job.held().barTurns());
        if (verdict.isDoubt()) {
            BoreField field = job.held().barTurns() ? AHEAD : HEIGHT;
            finding.mend("Set the point on centre", field, "0");
        }
        return finding.build();
    }

    /** An angle in use by the vectors: components of a normal down the cut and out of the metal. */
    private static Working leaning(String what, String symbol, Wedge.Lean lean) {
        return Working.of(what, symbol + " = atan2(d; o)", rad(lean.angle()))
                .with("d", number(lean.down()))
                .with("o", number(lean.out()));
    }

    /** The holder against the work, as seen along the axis. */
    private Finding holder() {
        double x = Math.abs(cut.fit().barX(job.finishedMm() / 2));
        double y = Math.abs(cut.fit().barY());
        double half = job.holderSideMm() / 2;
        double nearest = Math.hypot(Math.max(0, x - half), Math.max(0, y - half));
        double farthest = Math.hypot(x + half, y + half);
        double outside = job.outsideMm() / 2;
        double gap = job.overhangMm() - job.holeDepthMm();
        boolean over = nearest < outside;
        Verdict verdict = !over || gap >= 2 ? Verdict.FINE : gap > 0.5 ? Verdict.DOUBTFUL : Verdict.WRONG;
        Finding.Builder finding = Finding.at(Station.REACH, "holder-fits", say)
                .says(
                        verdict,
                        over
                                ? Written.words(
                                        "The holder stands before the work's face and stops %s short of it at full depth.",
                                        say.length(gap))
                                : "The holder passes beside the work.")
                .margin(over ? Math.clamp(gap / 10 - 0.05, -1, 1) : 1)
                .step(Working.of(
                                "Holder from the spindle's axis, its nearest point",
                                "√(max(0 mm; x − s / 2)² + max(0 mm; y − s / 2)²)",
                                mm(nearest))
                        .with("x", "bar's axis aside", mm(x))
                        .with("y", "and up", mm(y))
                        .with("s", "side of the holder", mm(job.holderSideMm()))
                        .meaning("; the farthest " + say.length(farthest)))
                .step(Working.of("Work's face", "D / 2", mm(outside)).with("D", mm(job.outsideMm())))
                .step(Working.of("Left at full depth", "o − t", mm(gap))
                        .with("o", "clamp to point", mm(job.overhangMm()))
                        .with("t", "depth of the hole", mm(job.holeDepthMm()).typed()))
                .source(GEOMETRY + "; jaws, dogs and a flange that stands out are not in it")
                .caution("Turn the chuck round once by hand with the tool at full depth.");
        if (verdict != Verdict.FINE) {
            String more = say.typed(Math.ceil(job.holeDepthMm() + 3));
            finding.mend("Let " + more + " stand out", OVERHANG, more);
        }
        return finding.build();
    }
}
