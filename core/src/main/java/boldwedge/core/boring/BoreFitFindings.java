package boldwedge.core.boring;

import boldwedge.core.ask.Say;
import boldwedge.core.finding.Finding;
import boldwedge.core.finding.Station;
import boldwedge.core.finding.Verdict;
import boldwedge.core.hole.BoreFit;
import boldwedge.core.measure.Written;
import boldwedge.core.stock.Insert;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What is said of the tool in the hole: passes, bar, heel, bottom, rake in use, the bit's place in the bar. */
final class BoreFitFindings {
    /** Room wanted round a bar for chips and for drawing the point back, mm. */
    private static final double LEAST_GAP_MM = 0.5;

    private static final String GEOMETRY = "Circle geometry in the plane across the hole";

    private final BoreCut cut;
    private final BoreJob job;
    private final Say say;

    BoreFitFindings(BoreCut cut, Say say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        findings.add(passes());
        findings.add(barFits());
        findings.add(heel());
        findings.add(reachesBottom());
        findings.add(rakeInUse());
        findings.add(bitInBar());
        if (job.held() == BarHeld.POST) {
            findings.add(holder());
        }
        job.recess().ifPresent(recess -> findings.addAll(new RecessFindings(cut, recess, say).all()));
        if (job.held() == BarHeld.CENTRES) {
            findings.add(settings());
        }
        if (job.held() == BarHeld.HEAD) {
            findings.addAll(new HeadFindings(cut, say).all());
        }
        return findings;
    }

    /** Radius of the smallest hole that this tool will enter and clear, mm. */
    static double smallestRadius(BoreCut cut) {
        double heel = cut.fit().smallestRadiusForHeel();
        if (cut.job().held() == BarHeld.CENTRES) {
            return Math.max(heel, cut.job().barMm() / 2 + LEAST_GAP_MM);
        }
        return Math.max(heel, cut.fit().smallestRadiusForBar(0.1));
    }

    private Finding passes() {
        BoreCut.Passes p = cut.passes();
        String last = p.finish() == 1
                ? "one of " + say.length(p.finishMm()) + " to size"
                : "two equal ones of " + say.length(p.finishMm());
        String words = p.rough() == 0
                ? "One pass of " + say.length(p.finishMm()) + " takes it to size."
                : String.format(
                        Locale.ROOT,
                        "%d roughing %s of %s, then %s.",
                        p.rough(),
                        p.rough() == 1 ? "pass" : "passes",
                        say.length(p.roughMm()),
                        last);
        Finding.Builder finding = Finding.at(Station.CUT, "passes")
                .says(Verdict.TOLD, words)
                .step(
                        "Stock each side",
                        "(D − d) / 2",
                        "(" + say.length(job.finishedMm()) + " − " + say.length(job.startMm()) + ") / 2",
                        say.length(job.stockMm()))
                .step(
                        "Time of a pass",
                        "depth / (f · n)",
                        say.length(job.holeDepthMm()) + " / (" + say.feed(cut.feedMm()) + " · " + say.rpm(cut.rpm())
                                + ")",
                        say.time(cut.passMinutes()))
                .source("Arithmetic; roughing depth by force, chatter limit and power")
                .caution("Stop the spindle before you measure, and draw the tool well clear of the hole.");
        if (p.finish() == 2) {
            finding.step(
                    "Sneak up",
                    "the same depth twice leaves the same error twice",
                    "measure after the first: what it is small by is what the second will be small by",
                    "set the second out by that much more");
        }
        if (!p.limitedBy().isEmpty() && p.rough() > 0) {
            finding.step("Roughing depth is limited by", p.limitedBy(), "", say.length(p.roughMm()));
        }
        if (job.outOfRoundMm() > 0) {
            double left = cut.roundnessLeft(job.outOfRoundMm());
            finding.step(
                    "Out of round",
                    "each pass leaves e · Dc / (1 + Dc)",
                    say.length(job.outOfRoundMm()) + " at the start",
                    say.length(left) + " after one pass, " + say.length(cut.roundnessLeft(left)) + " after two");
        }
        return finding.build();
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
                ? String.format(
                        Locale.ROOT,
                        "The bar does not go in: with the point at the wall it lacks %s on the far side.",
                        say.length(-gap))
                : String.format(
                        Locale.ROOT,
                        "The bar clears the starting hole by %s; %s of the finished hole is left for chips.",
                        say.length(gap),
                        say.share(fit.chipRoom(job.finishedMm() / 2)));
        Finding.Builder finding = Finding.at(Station.REACH, "bar-fits")
                .says(verdict, words)
                .margin(gap <= 0 ? Math.min(-0.05, margin) : margin / 4)
                .step(
                        "Gap round the bar",
                        job.held() == BarHeld.CENTRES ? "d/2 − bar/2" : "R − |axis of bar − axis of hole| − bar/2",
                        say.length(start) + ", axis " + say.length(Math.hypot(fit.barX(start), fit.barY()))
                                + " off, bar " + say.length(2 * fit.barRadiusMm()),
                        say.length(gap))
                .step(
                        "Draw the point back by",
                        "until the bar touches the far side",
                        "in the finished hole",
                        say.length(fit.drawBackMm(job.finishedMm() / 2)))
                .step(
                        "Smallest hole this tool enters",
                        "bar and heel together",
                        "point " + say.length(fit.reachMm()) + " from the bar's axis",
                        say.length(2 * smallestRadius(cut)))
                .source(GEOMETRY);
        if (verdict != Verdict.FINE) {
            String smaller = say.typed(BoreReader.usualBar(job.startMm()) * (verdict == Verdict.WRONG ? 0.8 : 0.9));
            finding.mend("Bar of " + smaller, BoreField.BAR_DIAMETER.id(), smaller);
        }
        return finding.build();
    }

    private Finding heel() {
        BoreFit fit = cut.fit();
        double start = job.startMm() / 2;
        double gap = fit.heelGapMm(start);
        double needed = BoreFit.clearanceForHeel(job.flankMm(), start, fit.heightMm());
        Verdict verdict = gap < 0 ? Verdict.WRONG : gap < 0.03 ? Verdict.DOUBTFUL : Verdict.FINE;
        Finding.Builder finding = Finding.at(Station.EDGE, "heel")
                .says(
                        verdict,
                        gap < 0
                                ? String.format(
                                        Locale.ROOT,
                                        "It will rub: the heel stands %s into the wall of the starting hole.",
                                        say.length(-gap))
                                : String.format(
                                        Locale.ROOT, "The heel clears the starting hole by %s.", say.length(gap)))
                .margin(gap < 0 ? Math.max(-1, gap / start) : Math.min(1, gap / 0.3))
                .step(
                        "Heel",
                        "R − |(√(R²−h²) − a·tan α, h − a)|",
                        "R " + say.length(start) + ", flank a " + say.length(job.flankMm()) + ", α "
                                + say.angle(fit.clearanceRad()),
                        say.length(gap))
                .step(
                        "Smallest hole for this heel",
                        "2a / sin 2α on centre",
                        say.length(job.flankMm()) + ", " + say.angle(fit.clearanceRad()),
                        say.length(2 * fit.smallestRadiusForHeel()))
                .source(GEOMETRY)
                .school("One clearance", "Quick to grind; thins the edge in a small hole", true)
                .school("Two clearances", "A land under the edge, a steeper flank below that passes the bore", false);
        if (verdict != Verdict.FINE) {
            String angle = Written.places(Math.ceil(Math.toDegrees(needed)) + 2, 0) + "°";
            if (Math.toDegrees(needed) < 34) {
                finding.mend("Clearance " + angle, BoreField.RELIEF.id(), angle);
            }
            if (fit.heightMm() < -0.01) {
                finding.mend(
                        "Set the point on centre",
                        (job.held().barTurns() ? BoreField.AHEAD : BoreField.HEIGHT).id(),
                        "0");
            }
            // The flank that this clearance lets pass on centre, a little less.
            double passes = 0.93 * start * Math.sin(2 * fit.clearanceRad()) + 2 * Math.min(0, fit.heightMm());
            if (passes > 0.5) {
                String flank = say.typed(passes);
                finding.mend("Grind the heel away below " + flank, BoreField.FLANK.id(), flank);
            }
        }
        return finding.build();
    }

    private Finding reachesBottom() {
        double leads = BarEnd.leadsBy(job);
        double spare = job.overhangMm() - job.holeDepthMm();
        boolean blind = job.bottom() != Bottom.THROUGH;
        if (job.held() == BarHeld.CENTRES) {
            return Finding.at(Station.REACH, "reaches-bottom")
                    .says(
                            Verdict.of(job.spanMm() / (2 * job.holeDepthMm() + 20) - 1, 0.2),
                            "The carriage carries the work past the cutter: the bar needs twice the hole's depth and some between the centres, and is "
                                    + say.length(job.spanMm()) + " long.")
                    .margin(job.spanMm() / (2 * job.holeDepthMm() + 20) - 1)
                    .source("Travel of the work over the cutter")
                    .mend(
                            "Bar " + say.typed(3 * job.holeDepthMm() + 40) + " long",
                            BoreField.SPAN.id(),
                            say.typed(3 * job.holeDepthMm() + 40))
                    .build();
        }
        Verdict verdict = blind && leads < 0.2 ? Verdict.WRONG : spare < 1 ? Verdict.DOUBTFUL : Verdict.FINE;
        Finding.Builder finding = Finding.at(Station.REACH, "reaches-bottom")
                .says(
                        verdict,
                        blind && leads < 0.2
                                ? String.format(
                                        Locale.ROOT,
                                        "The end of the bar meets the bottom first: the point stays %s short of it.",
                                        say.length(Math.max(0, -leads)))
                                : blind
                                        ? String.format(
                                                Locale.ROOT,
                                                "The point leads the end of the bar by %s and reaches the bottom.",
                                                say.length(leads))
                                        : String.format(
                                                Locale.ROOT,
                                                "The point reaches through with %s to spare before the clamp meets the work.",
                                                say.length(spare)))
                .margin(blind ? Math.clamp(leads / 2, -1, 1) : Math.clamp(spare / 10 - 0.1, -1, 1))
                .step(
                        "Point ahead of the bar's end",
                        "s / tan ε − x",
                        "s " + say.length(BoreCut.reach(job)) + ", ε " + say.angle(job.bitAngleRad()) + ", x "
                                + say.length(BarEnd.crossing(job)),
                        say.length(leads))
                .step(
                        "Clamp to the mouth",
                        "overhang − depth",
                        say.length(job.overhangMm()) + " − " + say.length(job.holeDepthMm()),
                        say.length(spare))
                .source("Geometry of the bit in the bar");
        if (blind && leads < 0.2) {
            finding.mend("Set the bit at 45°", BoreField.BIT_ANGLE.id(), "45°");
        }
        if (spare < 1) {
            String more = say.typed(Math.ceil(job.holeDepthMm() + 3));
            finding.mend("Let " + more + " stand out", BoreField.OVERHANG.id(), more);
        }
        return finding.build();
    }

    private Finding rakeInUse() {
        double height = job.held().barTurns() ? job.aheadMm() : job.heightMm();
        double lean = Math.asin(Math.clamp(height / (job.finishedMm() / 2), -1, 1));
        var use = cut.wedge().signature(cut.used());
        double clearance = use.endRelief();
        Verdict verdict = clearance <= 0
                ? Verdict.WRONG
                : clearance < Math.toRadians(2)
                        ? Verdict.DOUBTFUL
                        : use.backRake() < Math.toRadians(-8) ? Verdict.DOUBTFUL : Verdict.TOLD;
        Finding.Builder finding = Finding.at(Station.EDGE, "rake-in-use")
                .says(
                        verdict,
                        Math.abs(height) < 1e-9
                                ? String.format(
                                        Locale.ROOT,
                                        "On centre the bit cuts with the angles it has in hand: %s of rake, %s of clearance.",
                                        say.angle(use.backRake()),
                                        say.angle(clearance))
                                : String.format(
                                        Locale.ROOT,
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
                .step(
                        "Lean at the point",
                        "asin(h / R)",
                        "asin(" + say.length(height) + " / " + say.length(job.finishedMm() / 2) + ")",
                        say.angle(lean))
                .step(
                        "Inside a hole",
                        "rake − lean, clearance + lean",
                        say.angle(cut.signature().backRake()) + " − " + say.angle(lean),
                        say.angle(use.backRake()))
                .source(
                        "ISO 3002-1:1982, working system, by vectors; inside a hole the signs are the reverse of outside")
                .school("On centre", "The angles in hand are the angles in use", Math.abs(height) < 0.01)
                .school(
                        "A hair above",
                        "The bar springs down under the cut, to centre and away from digging in",
                        height > 0.01 && !job.held().barTurns());
        if (verdict == Verdict.WRONG || verdict == Verdict.DOUBTFUL) {
            BoreField field = job.held().barTurns() ? BoreField.AHEAD : BoreField.HEIGHT;
            finding.mend("Set the point on centre", field.id(), "0");
        }
        return finding.build();
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
        Finding.Builder finding = Finding.at(Station.REACH, "holder-fits")
                .says(
                        verdict,
                        over
                                ? String.format(
                                        Locale.ROOT,
                                        "The holder stands before the work's face and stops %s short of it at full depth.",
                                        say.length(gap))
                                : "The holder passes beside the work.")
                .margin(over ? Math.clamp(gap / 10 - 0.05, -1, 1) : 1)
                .step(
                        "Holder from the spindle's axis",
                        "nearest and farthest point of a square about the bar",
                        "side " + say.length(job.holderSideMm()) + ", bar " + say.length(x) + " off",
                        say.length(nearest) + " to " + say.length(farthest))
                .step("Work's face", "D / 2", say.length(job.outsideMm()) + " / 2", say.length(outside))
                .step(
                        "Left at full depth",
                        "clamp to point − depth",
                        say.length(job.overhangMm()) + " − " + say.length(job.holeDepthMm()),
                        say.length(gap))
                .source(GEOMETRY + "; jaws, dogs and a flange that stands out are not in it")
                .caution("Turn the chuck round once by hand with the tool at full depth.");
        if (verdict != Verdict.FINE) {
            String more = say.typed(Math.ceil(job.holeDepthMm() + 3));
            finding.mend("Let " + more + " stand out", BoreField.OVERHANG.id(), more);
        }
        return finding.build();
    }

    /** An insert's pocket in the bar's end. */
    private Finding pocket(Insert insert) {
        double tilt = BarEnd.pocketTilt(cut);
        return Finding.at(Station.MAKE, "bit-in-bar")
                .says(
                        Verdict.TOLD,
                        String.format(
                                Locale.ROOT,
                                "Its pocket is tilted by %s; the screw stands %s behind the end, the corner leads by %s.",
                                say.angle(tilt),
                                say.length(BarEnd.crossing(job)),
                                say.length(BarEnd.leadsBy(job))))
                .step(
                        "Clearance in the bar",
                        "insert + tilt",
                        say.angle(insert.clearanceRad()) + " + " + say.angle(tilt),
                        say.angle(cut.signature().endRelief()))
                .step(
                        "Rake in the bar",
                        "groove − tilt",
                        say.angle(insert.rakeRad()) + " − " + say.angle(tilt),
                        say.angle(cut.signature().backRake()))
                .step(
                        "Trailing angle",
                        "90° + lead − corner",
                        "90° + " + say.angle(cut.signature().sideCuttingEdge()) + " − " + say.angle(insert.pointRad()),
                        say.angle(cut.signature().endCuttingEdge()))
                .source(insert.source())
                .build();
    }

    private Finding bitInBar() {
        if (job.insert().isPresent()) {
            return pocket(job.insert().get());
        }
        boolean leaning = job.bitAngleRad() < Math.toRadians(85);
        double half = job.bit().widthMm() / 2;
        if (!leaning) {
            return Finding.at(Station.MAKE, "bit-in-bar")
                    .says(
                            Verdict.TOLD,
                            "Cross-hole for the bit " + say.length(BarEnd.crossing(job))
                                    + " from the end, square through the bar.")
                    .step(
                            "Wall to the end",
                            "a bit's width less half of it",
                            say.length(job.bit().widthMm()) + " − " + say.length(half),
                            say.length(half))
                    .source("Layout of the bar")
                    .build();
        }
        double included = Math.toRadians(90)
                - cut.signature().endCuttingEdge()
                + cut.signature().sideCuttingEdge();
        return Finding.at(Station.MAKE, "bit-in-bar")
                .says(
                        Verdict.TOLD,
                        String.format(
                                Locale.ROOT,
                                "At %s the bit's hole crosses the axis %s behind the end; ground each side at %s to the bit's own axis and a touch over.",
                                say.angle(job.bitAngleRad()),
                                say.length(BarEnd.crossing(job)),
                                say.angle(included / 2)))
                .step(
                        "Included angle of the point",
                        "90° − trailing + lead",
                        "90° − " + say.angle(cut.signature().endCuttingEdge()) + " + "
                                + say.angle(cut.signature().sideCuttingEdge()),
                        say.angle(included))
                .step(
                        "In the bit's own frame",
                        "bar's angle − the edge's",
                        "leading edge "
                                + say.angle(job.bitAngleRad() + cut.signature().sideCuttingEdge())
                                + " to the bit's side, trailing "
                                + say.angle(Math.PI / 2
                                        - job.bitAngleRad()
                                        + cut.signature().endCuttingEdge()),
                        "half the included angle and a touch over, so that both edges clear")
                .step(
                        "Hole at the surface",
                        "x − r / tan ε",
                        say.length(BarEnd.crossing(job)) + " from the end at the axis",
                        say.length(BarEnd.crossing(job)
                                        - (job.necked() ? job.neckMm() : job.barMm()) / 2 / Math.tan(job.bitAngleRad()))
                                + " from the end at the surface")
                .source("Geometry of the bit in the bar")
                .build();
    }

    /** Line boring: radii from pilot to size in steps that feeler gauges make. */
    private Finding settings() {
        BoreCut.Passes p = cut.passes();
        StringBuilder radii = new StringBuilder();
        double radius = job.startMm() / 2;
        int all = p.rough() + p.finish();
        for (int i = 0; i < all; i++) {
            radius += i < p.rough() ? p.roughMm() : p.finishMm();
            radii.append(i == 0 ? "" : ", ").append(say.length(radius + job.barMm() / 2));
        }
        return Finding.at(Station.CUT, "settings")
                .says(
                        Verdict.TOLD,
                        "Set the cutter out against a stop, " + all + " times; over the bar it measures " + radii + ".")
                .step(
                        "Over bar and point",
                        "R + bar / 2",
                        "steps of " + say.length(p.roughMm()) + " roughing, " + say.length(p.finishMm()) + " last",
                        say.length(job.finishedMm() / 2 + job.barMm() / 2) + " at size")
                .source("A micrometer over the point and the back of the bar; feeler leaves between cutter and stop")
                .caution("Centre holes clean and greased; the bar's carrier guarded: it swings outside the work.")
                .build();
    }
}
