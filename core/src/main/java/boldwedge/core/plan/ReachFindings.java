package boldwedge.core.plan;

import boldwedge.core.cutting.CuttingForce;
import boldwedge.core.cutting.Finish;
import boldwedge.core.cutting.SpeedChoice;
import boldwedge.core.finding.Finding;
import boldwedge.core.finding.Station;
import boldwedge.core.finding.Verdict;
import boldwedge.core.measure.UnitSystem;
import boldwedge.core.measure.Written;
import boldwedge.core.rigidity.Hold;
import boldwedge.core.rigidity.PushOff;
import boldwedge.core.stock.Span;
import boldwedge.core.wedge.Operation;
import boldwedge.core.wedge.ToolSignature;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** What is said of the tool in the post and the work on its supports: clearances in use, speed, feed, force, spring. */
final class ReachFindings {
    /** Clearance in use under which the flank soon rubs as it wears, radians. */
    private static final double LEAST_CLEARANCE = Math.toRadians(2);

    private static final double STEEL_YIELD_SHARE_MPA = 400;

    private final TurningCut cut;
    private final TurningJob job;
    private final Say say;

    ReachFindings(TurningCut cut, Say say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        ToolSignature hand = cut.signature();
        ToolSignature use = cut.wedge().signature(cut.used());
        findings.add(clearance("side", "side flank", hand.sideRelief(), use.sideRelief(), Field.SIDE_RELIEF));
        findings.add(clearance("end", "end flank", hand.endRelief(), use.endRelief(), Field.END_RELIEF));
        noseClearance(findings, use);
        trailing(findings, use);
        rakeInUse(findings, hand, use);
        nub(findings);
        findings.add(speed());
        offLists(findings);
        findings.add(finish());
        findings.add(chipThickness());
        findings.add(power());
        findings.add(size());
        findings.add(forces());
        findings.add(overhang());
        shank(findings);
        if (job.diameterMm() > job.lathe().swingMm()) {
            findings.add(Finding.at(Station.REACH, "swing")
                    .says(
                            Verdict.WRONG,
                            String.format(
                                    "%s does not swing over the bed of %s, which takes %s.",
                                    say.length(job.diameterMm()),
                                    job.lathe().name(),
                                    say.length(job.lathe().swingMm())))
                    .margin(job.lathe().swingMm() / job.diameterMm() - 1)
                    .source("The lathe's card")
                    .build());
        }
        return findings;
    }

    private Finding clearance(String id, String flank, double hand, double use, Field field) {
        double margin = use / LEAST_CLEARANCE - 1;
        Verdict verdict = use <= 0 ? Verdict.WRONG : Verdict.of(Math.max(margin, 0), 0.75);
        String words = use <= 0
                ? String.format(
                        "It will rub: the %s has %s of clearance in hand and %s in use.",
                        flank, say.angle(hand), say.angle(use))
                : String.format("The %s clears by %s in use (%s in hand).", flank, say.angle(use), say.angle(hand));
        double theta = cut.inUse().heightAngle();
        double eta = cut.inUse().feedAngle();
        Finding.Builder finding = Finding.at(Station.REACH, "clearance-" + id)
                .says(verdict, words)
                .margin(use <= 0 ? Math.min(-0.05, margin) : margin / 4)
                .step(
                        "Height leans the cut",
                        "θ = asin(h / R)",
                        "asin(" + say.length(job.heightMm()) + " / "
                                + say.length(cut.inUse().radiusMm()) + ")",
                        say.angle(theta))
                .step(
                        "Feed leans the cut",
                        "η = atan(f / 2πR)",
                        "atan(" + say.feed(cut.feedMm()) + " / 2π · "
                                + say.length(cut.inUse().radiusMm()) + ")",
                        Written.places(Math.toDegrees(eta), 2) + "°")
                .step(
                        "Clearance in use",
                        "by vectors, in the working plane",
                        say.angle(hand) + " in hand, swung " + say.angle(job.swivelRad()),
                        say.angle(use))
                .source("ISO 3002-1:1982, working system; ISO 3002-2, by vectors");
        if (verdict != Verdict.FINE) {
            if (Math.abs(job.heightMm()) > 1e-6) {
                finding.mend("Set the point on centre", Field.HEIGHT.id(), "0");
            }
            double wanted = Math.ceil(Math.toDegrees(hand - use + 2.5 * LEAST_CLEARANCE));
            finding.mend("Relief " + Written.places(wanted, 0) + "°", field.id(), Written.places(wanted, 0) + "°");
        }
        return finding.build();
    }

    private void noseClearance(List<Finding> findings, ToolSignature use) {
        double nose = cut.wedge().leastNoseClearance(cut.used());
        double least = Math.min(use.endRelief(), use.sideRelief());
        // The flanks speak for themselves; the nose is worth a line only when it is worse than both.
        if (nose > 0.5 * LEAST_CLEARANCE || least <= 0 || cut.wedge().noseRadiusMm() == 0) {
            return;
        }
        findings.add(Finding.at(Station.REACH, "clearance-nose")
                .says(Verdict.WRONG, "It will rub at the nose: only " + say.angle(nose) + " of clearance there in use.")
                .margin(nose / LEAST_CLEARANCE - 1)
                .step(
                        "Least clearance along the nose",
                        "smallest of 9 places, square to each",
                        "by vectors",
                        say.angle(nose))
                .source("ISO 3002-1:1982, working system")
                .mend(
                        "More end relief",
                        Field.END_RELIEF.id(),
                        Written.degrees(cut.signature().endRelief() + Math.toRadians(3)))
                .build());
    }

    private void trailing(List<Finding> findings, ToolSignature use) {
        if (cut.edge().trailing() <= Math.toRadians(0.5)) {
            boolean facing = job.operation() == Operation.FACE;
            findings.add(Finding.at(Station.REACH, "trailing-edge")
                    .says(
                            Verdict.WRONG,
                            String.format(
                                    "The %s edge drags on the finished surface: it trails by %s in use.",
                                    facing ? "side" : "end",
                                    say.angle(cut.edge().trailing())))
                    .margin(-0.5)
                    .step(
                            "Trailing angle",
                            "angle of the trailing edge to the surface, in use",
                            "swung " + say.angle(job.swivelRad()),
                            say.angle(cut.edge().trailing()))
                    .source("ISO 3002-1:1982")
                    .mend("Swing the tool back to 0°", Field.SWIVEL.id(), "0°")
                    .mend(
                            facing ? "Lead −4°" : "End edge 10°",
                            facing ? Field.SIDE_EDGE.id() : Field.END_EDGE.id(),
                            facing ? "-4°" : "10°")
                    .build());
        }
        if (job.operation() == Operation.SHOULDER || job.operation() == Operation.TURN_AND_FACE) {
            double past = -use.sideCuttingEdge();
            if (past < 0) {
                findings.add(Finding.at(Station.REACH, "shoulder")
                        .says(
                                Verdict.WRONG,
                                String.format(
                                        "With a lead of %s in use the shoulder comes out sloped, not square.",
                                        say.angle(-past)))
                        .margin(-0.4)
                        .step(
                                "Lead in use",
                                "lead − swing",
                                say.angle(cut.signature().sideCuttingEdge()) + " − " + say.angle(job.swivelRad()),
                                say.angle(-past))
                        .source("ISO 3002-1:1982")
                        .mend(
                                "Swing the point to the chuck by "
                                        + say.angle(job.swivelRad() - past + Math.toRadians(2)),
                                Field.SWIVEL.id(),
                                Written.degrees(job.swivelRad() - past + Math.toRadians(2)))
                        .mend("Lead −2°", Field.SIDE_EDGE.id(), "-2°")
                        .build());
            }
        }
    }

    private void rakeInUse(List<Finding> findings, ToolSignature hand, ToolSignature use) {
        double change =
                Math.max(Math.abs(use.backRake() - hand.backRake()), Math.abs(use.sideRake() - hand.sideRake()));
        if (change < Math.toRadians(0.5)) {
            return;
        }
        findings.add(Finding.at(Station.REACH, "rake-in-use")
                .says(
                        Verdict.TOLD,
                        String.format(
                                "As it stands the back rake is %s and the side rake %s (in hand %s and %s).",
                                say.angle(use.backRake()),
                                say.angle(use.sideRake()),
                                say.angle(hand.backRake()),
                                say.angle(hand.sideRake())))
                .step(
                        "Back rake in use",
                        "γp + θ when not swung",
                        say.angle(hand.backRake()) + " + "
                                + say.angle(cut.inUse().heightAngle()),
                        say.angle(use.backRake()))
                .source("ISO 3002-1:1982, working system, by vectors")
                .school("On centre", "The angles in hand are the angles in use", Math.abs(job.heightMm()) < 0.01)
                .school(
                        "A hair above",
                        "Outside work: gains rake, supports the work; loses clearance",
                        job.heightMm() > 0.01)
                .build());
    }

    private void nub(List<Finding> findings) {
        if (job.operation() != Operation.FACE || job.finishedMm() > 0 || Math.abs(job.heightMm()) < 0.005) {
            return;
        }
        double h = Math.abs(job.heightMm());
        findings.add(Finding.at(Station.REACH, "nub")
                .says(
                        h > 0.2 ? Verdict.WRONG : Verdict.DOUBTFUL,
                        String.format(
                                "Facing to the centre leaves a nub %s across, because the point is %s %s centre.",
                                say.length(2 * h), say.length(h), job.heightMm() > 0 ? "above" : "below"))
                .margin(-h / 0.5)
                .step("Nub", "diameter = 2 · |h|", "2 · " + say.length(h), say.length(2 * h))
                .source("Geometry: the point passes the axis at its height error")
                .mend("Set the point on centre", Field.HEIGHT.id(), "0")
                .build());
    }

    private Finding speed() {
        Span range = job.work().surfaceSpeed(job.tool());
        SpeedChoice choice = cut.speedChoice();
        double v = cut.surfaceSpeed();
        double over = v / range.high() - 1;
        double under = v / range.low() - 1;
        Verdict verdict = over > 0.15 ? Verdict.WRONG : over > 1e-9 || under < -0.35 ? Verdict.DOUBTFUL : Verdict.FINE;
        String words = String.format(
                "%s is %s at %s; the range for %s is %s to %s.",
                say.rpm(cut.rpm()),
                say.surfaceSpeed(v),
                say.length(job.passDiameterMm()),
                job.tool().name().toLowerCase(java.util.Locale.ROOT).replace("hss", "HSS"),
                say.surfaceSpeed(range.low()),
                say.surfaceSpeed(range.high()));
        Finding.Builder finding = Finding.at(Station.REACH, "speed")
                .says(verdict, over > 1e-9 ? "Too fast: " + words : under < -0.35 ? "Slow: " + words : words)
                .margin(over > 0 ? -over : under < 0 ? under / 2 + 0.175 : Math.min(1, -over * 2))
                .step(
                        "Speed a chart asks for",
                        "n = 1000 v / πd",
                        "1000 · " + say.number(range.chosen(), 0) + " m/min / π · "
                                + Written.millimetres(job.passDiameterMm()),
                        say.rpm(choice.wantedRpm()))
                .step(
                        "The next one down that " + job.lathe().name() + " has",
                        "largest speed ≤ n",
                        say.rpm(choice.wantedRpm()),
                        say.rpm(choice.rpm()))
                .step(
                        "Surface speed",
                        "v = πdn / 1000",
                        "π · " + Written.millimetres(job.passDiameterMm()) + " · " + say.rpm(cut.rpm()) + " / 1000",
                        say.surfaceSpeed(v))
                .source(job.work().source() + "; tool life by Taylor, v·Tⁿ = C, n = "
                        + job.tool().taylorExponent());
        if (choice.higherRpm().isPresent() && job.speedRpm().isEmpty()) {
            double higher = choice.higherRpm().getAsDouble();
            finding.step(
                    "The next one up would cost",
                    "life × (v1 / v2)^(1/n)",
                    "(" + say.rpm(choice.rpm()) + " / " + say.rpm(higher) + ")^"
                            + say.number(1 / job.tool().taylorExponent(), 0),
                    say.rpm(higher) + " leaves " + say.share(choice.higherLifeShare()) + " of the edge's life");
        }
        if (verdict != Verdict.FINE && Math.abs(choice.rpm() - cut.rpm()) > 0.5) {
            finding.mend("Run at " + say.rpm(choice.rpm()), Field.SPEED.id(), Math.round(choice.rpm()) + " rpm");
        }
        if (over > 1e-9) {
            finding.caution("Blue chips on a high-speed steel bit mean that the tip is being drawn soft.");
        }
        return finding.build();
    }

    /** A typed speed or feed that this lathe does not have. */
    private void offLists(List<Finding> findings) {
        if (job.speedRpm().isPresent() && !job.lathe().speeds().has(cut.rpm())) {
            OptionalDouble lower = job.lathe().speeds().atOrBelow(cut.rpm());
            double offered = lower.orElse(job.lathe().speeds().slowest());
            findings.add(Finding.at(Station.REACH, "speed-not-there")
                    .says(
                            Verdict.WRONG,
                            String.format(
                                    "%s has no %s; the nearest it has is %s.",
                                    job.lathe().name(), say.rpm(cut.rpm()), say.rpm(offered)))
                    .margin(-0.3)
                    .source("The lathe's card")
                    .mend("Run at " + say.rpm(offered), Field.SPEED.id(), Written.places(offered, 1) + " rpm")
                    .build());
        }
        List<Double> feeds = job.lathe().feedsMm();
        if (job.feedMm().isPresent()
                && !feeds.isEmpty()
                && feeds.stream().noneMatch(feed -> Math.abs(feed - cut.feedMm()) <= 0.02 * feed)) {
            double nearest = feeds.stream()
                    .min((a, b) -> Double.compare(Math.abs(a - cut.feedMm()), Math.abs(b - cut.feedMm())))
                    .orElseThrow();
            findings.add(Finding.at(Station.REACH, "feed-not-there")
                    .says(
                            Verdict.DOUBTFUL,
                            String.format(
                                    "%s has no feed of %s; the nearest it has is %s.",
                                    job.lathe().name(), say.feed(cut.feedMm()), say.feed(nearest)))
                    .margin(-0.1)
                    .source("The lathe's card")
                    .mend("Feed " + say.feed(nearest), Field.FEED.id(), say.feed(nearest))
                    .build());
        }
    }

    private Finding finish() {
        Finish finish = cut.finish();
        double likely = finish.raMm() * Finish.MEASURED_OVER_THEORY[1];
        double margin = job.raMm() / likely - 1;
        boolean fromLathe = job.feedMm().isEmpty();
        Finding.Builder finding = Finding.at(Station.REACH, "finish")
                .says(
                        margin < -0.3 ? Verdict.WRONG : margin < -1e-6 ? Verdict.DOUBTFUL : Verdict.FINE,
                        String.format(
                                "Feed %s with a nose of %s leaves about %s; %s is wanted.",
                                say.feed(cut.feedMm()),
                                say.length(cut.signature().noseRadiusMm()),
                                say.ra(likely),
                                say.ra(job.raMm())))
                .margin(margin)
                .step(
                        "Peak to valley, exact arcs and edges",
                        "where one mark meets the next",
                        "r " + say.length(cut.edge().noseRadiusMm()) + ", κr "
                                + say.angle(cut.edge().leading()) + ", κr' "
                                + say.angle(cut.edge().trailing()),
                        "Rt = " + Written.places(finish.rtMm() * 1000, 2) + " µm")
                .step(
                        "The usual rule",
                        "f² / 8r",
                        say.feed(cut.feedMm()) + "² / 8 · "
                                + say.length(cut.edge().noseRadiusMm()),
                        Double.isFinite(finish.simpleRtMm())
                                ? Written.places(finish.simpleRtMm() * 1000, 2) + " µm, off by "
                                        + say.share(finish.simpleRuleError())
                                : "does not hold for a sharp corner")
                .step("On paper", "mean of |height − mean|", "over one feed", say.ra(finish.raMm()))
                .step("As usually measured", "× 1.4 (1.1 to 2.2)", say.ra(finish.raMm()) + " × 1.4", say.ra(likely))
                .source(
                        "Exact geometry of the marks; surplus after Boothroyd & Knight, Fundamentals of Machining, ch. 5");
        if (margin < 0) {
            if (!fromLathe || cut.feedChoice().fineEnough()) {
                finding.mend(
                        "Feed " + say.feed(cut.feedChoice().feedMm()),
                        Field.FEED.id(),
                        say.feed(cut.feedChoice().feedMm()));
            }
            double nose = cut.feedMm() * cut.feedMm() / (31.2 * job.raMm() / Finish.MEASURED_OVER_THEORY[1]);
            if (nose < 2) {
                finding.mend(
                        "Nose " + say.length(Math.ceil(nose * 10) / 10),
                        Field.NOSE_RADIUS.id(),
                        say.length(Math.ceil(nose * 10) / 10));
            }
        }
        return finding.build();
    }

    private Finding chipThickness() {
        Span least = cut.smallestChipMm();
        double mean = cut.force().meanChipMm();
        double smaller = Math.min(mean, job.depthMm());
        double margin = smaller / least.high() - 1;
        Verdict verdict = smaller < least.low() ? Verdict.WRONG : margin < 0 ? Verdict.DOUBTFUL : Verdict.FINE;
        return Finding.at(Station.REACH, "smallest-chip")
                .says(
                        verdict,
                        String.format(
                                verdict == Verdict.FINE
                                        ? "The chip is %s thick on average; this edge shaves down to about %s."
                                        : "It may rub rather than cut: the chip is %s thick on average, and this edge shaves down to about %s.",
                                say.length(mean),
                                say.length(least.chosen())))
                .margin(margin / 4)
                .step(
                        "Mean chip",
                        "area / engaged edge",
                        say.number(cut.force().chipAreaMm2(), 4) + " mm² / "
                                + Written.millimetres(cut.force().edgeMm()),
                        say.length(mean))
                .step(
                        "Smallest chip",
                        "share × edge radius",
                        say.number(job.tool().minimumChipShare().chosen(), 2) + " × "
                                + say.length(job.tool().edgeRadiusMm().chosen()),
                        say.length(least.chosen()) + " (" + say.length(least.low()) + " stoned, "
                                + say.length(least.high()) + " worn)")
                .source("Boothroyd & Knight ch. 2 (ploughing), edge radii of "
                        + job.tool().name())
                .build();
    }

    private Finding power() {
        double watts = cut.powerWatt();
        double has = cut.availableWatt();
        double margin = has / Math.max(watts, 1e-9) - 1;
        Finding.Builder finding = Finding.at(Station.REACH, "power")
                .says(
                        Verdict.of(margin, 0.25),
                        String.format(
                                "It takes %s at the edge; %s has %s at the spindle.",
                                say.power(watts), job.lathe().name(), say.power(has)))
                .margin(margin)
                .step(
                        "Power",
                        "P = Fc · v",
                        say.force(cut.force().cuttingN()) + " · " + say.surfaceSpeed(cut.surfaceSpeed()),
                        say.power(watts))
                .step(
                        "At the spindle",
                        "motor × efficiency",
                        say.power(job.lathe().motorWatt()) + " × "
                                + say.share(job.lathe().efficiency()),
                        say.power(has))
                .source("Definition of power; force by Kienzle, ± "
                        + say.share(job.work().spread()));
        if (margin < 0.25) {
            double depth = Math.max(0.05, job.depthMm() * Math.min(1, (margin + 1) * 0.75));
            finding.mend("Depth " + say.length(depth), Field.DEPTH.id(), say.length(depth));
        }
        return finding.build();
    }

    private Finding size() {
        PushOff push = cut.pushOff();
        double allowed = job.allowedErrorMm();
        if (job.operation() == Operation.FACE) {
            return Finding.at(Station.REACH, "push-off")
                    .says(
                            Verdict.TOLD,
                            "Facing pushes along the axis: the work does not bend; tool and spindle give "
                                    + say.length(push.largestMm() / 2) + ".")
                    .source("Springs of spindle and post, " + stiffnessWords())
                    .build();
        }
        double margin = allowed / Math.max(push.largestMm(), 1e-9) - 1;
        Verdict verdict = margin >= 0.5
                ? Verdict.FINE
                : push.springPasses() <= 2 && !push.stoppedByRubbing() ? Verdict.DOUBTFUL : Verdict.WRONG;
        double end = push.stations().getLast().diameterErrorMm();
        double start = push.stations().getFirst().diameterErrorMm();
        String where = job.hold() == Hold.CHUCK ? "at the free end" : "where it is largest";
        String words = String.format(
                "Pushed off %s %s: the work comes out %s large there%s.",
                say.length(push.largestMm() / 2),
                where,
                say.length(push.largestMm()),
                Math.abs(push.taperMm()) > 0.002 ? ", tapered by " + say.length(Math.abs(push.taperMm())) : "");
        Finding.Builder finding = Finding.at(Station.REACH, "push-off")
                .says(verdict, words)
                .margin(margin / 2)
                .step(
                        "Push on the work",
                        "Σ kc · h^(1−mc) · ds · tan(β − γn) · cos κ",
                        "depth " + say.length(job.depthMm()) + ", nose "
                                + say.length(cut.signature().noseRadiusMm()) + ", β "
                                + say.angle(CuttingForce.frictionAngle(
                                        job.work(), cut.leading().normalRake())),
                        say.force(cut.force().pushN()) + ", " + say.share(cut.pushShare()) + " of it across")
                .step(
                        beamWords(),
                        beamFormula(),
                        say.length(cut.holding().diameterMm()) + " of "
                                + job.work().name().toLowerCase(java.util.Locale.ROOT) + ", E "
                                + say.number(job.work().modulusMPa() / 1000, 0) + " GPa, free "
                                + say.length(job.freeLengthMm()),
                        "bends " + Written.places(cut.holding().bendingAt(worst()) * 1000, 3) + " µm per N")
                .step(
                        "Springs",
                        "1/k of chuck, centre and post",
                        stiffnessWords(),
                        "in all " + Written.places(cut.holding().complianceAt(worst()) * 1000, 3) + " µm per N")
                .step(
                        "Diameter left large",
                        "2 · c · F(depth − spring)",
                        "chuck end " + say.length(start) + ", far end " + say.length(end),
                        say.length(push.largestMm()))
                .step(
                        "Allowed",
                        "half the tolerance, aimed at its middle",
                        job.tolerance().written(say.units()),
                        say.length(allowed))
                .source(
                        "Beam deflection: Gere & Timoshenko, Mechanics of Materials; force: Kienzle with Merchant's friction angle, ± "
                                + say.share(job.work().spread()) + " and more for the push; " + stiffnessWords());
        if (!push.leftMm().isEmpty()) {
            finding.step(
                    "Spring passes at the same setting",
                    "each cuts what the last left",
                    push.springPasses() + (push.springPasses() == 1 ? " pass" : " passes"),
                    "leaves "
                            + String.join(
                                    ", ",
                                    push.leftMm().stream().map(say::length).toList())
                            + (push.stoppedByRubbing() ? "; then it only rubs" : ""));
        }
        if (verdict != Verdict.FINE) {
            mendSize(finding);
        }
        return finding.build();
    }

    private double worst() {
        return cut.pushOff().stations().stream()
                .max((a, b) -> Double.compare(a.apartMm(), b.apartMm()))
                .map(PushOff.At::fromChuckMm)
                .orElse(0.0);
    }

    private void mendSize(Finding.Builder finding) {
        if (job.hold() == Hold.CHUCK && job.freeLengthMm() > job.lengthMm() * 1.15) {
            double shorter = job.lengthMm() * 1.05;
            finding.mend("Let only " + say.length(shorter) + " stand out", Field.STICK_OUT.id(), rounded(shorter));
        }
        if (job.hold() == Hold.CHUCK) {
            finding.mend("Bring the centre up", Field.HOLD.id(), "chuck-and-centre");
        }
        if (cut.signature().noseRadiusMm() > 0.25) {
            double nose = Math.max(0.2, Math.rint(cut.signature().noseRadiusMm() * 5) / 10);
            finding.mend("Nose " + say.length(nose), Field.NOSE_RADIUS.id(), rounded(nose));
        }
        if (cut.signature().sideCuttingEdge() > Math.toRadians(4)
                && !job.operation().meetsAFace()) {
            finding.mend("Lead 3°", Field.SIDE_EDGE.id(), "3°");
        }
        if (job.depthMm() > 0.25) {
            finding.mend("Last pass " + say.length(job.depthMm() / 2), Field.DEPTH.id(), rounded(job.depthMm() / 2));
        }
    }

    private String rounded(double mm) {
        return say.units() == UnitSystem.METRIC
                ? Written.places(mm, mm < 5 ? 2 : 0) + " mm"
                : Written.places(mm / 25.4, 3) + " in";
    }

    private String beamWords() {
        return switch (job.hold()) {
            case CHUCK -> "Work as a beam held at one end";
            case CHUCK_AND_CENTRE -> "Work as a beam held at one end, propped at the other";
            case BETWEEN_CENTRES -> "Work as a beam propped at both ends";
        };
    }

    private String beamFormula() {
        return switch (job.hold()) {
            case CHUCK -> "a³ / 3EI, I = πd⁴/64";
            case CHUCK_AND_CENTRE -> "a³b²(3a + 4b) / 12EIL³, I = πd⁴/64";
            case BETWEEN_CENTRES -> "a²b² / 3EIL, I = πd⁴/64";
        };
    }

    private String stiffnessWords() {
        TurningCut.Stiffness spring = TurningCut.Stiffness.of(job.lathe());
        return (spring.assumed()
                        ? "stiffness assumed from the lathe's size, not measured: post "
                        : "stiffness measured: post ")
                + say.number(spring.post() / 1000, 0) + ", chuck " + say.number(spring.chuck() / 1000, 0) + ", centre "
                + say.number(spring.tailstock() / 1000, 0) + " N/µm";
    }

    private Finding forces() {
        CuttingForce force = cut.force();
        boolean shallow = job.depthMm() < cut.signature().noseRadiusMm();
        Finding.Builder finding = Finding.at(Station.REACH, "forces")
                .says(
                        Verdict.TOLD,
                        String.format(
                                "Down on the tool %s, against the feed %s, pushing apart %s%s.",
                                say.force(force.cuttingN()),
                                say.force(force.feedN()),
                                say.force(force.pushN()),
                                shallow ? ": the cut is shallower than the nose, so the thrust is mostly push" : ""))
                .step(
                        "Cutting force",
                        "Fc = Σ kc1.1 · h^(1−mc) · Kγ · ds",
                        "kc1.1 " + say.number(job.work().kc11MPa(), 0) + " MPa, mc "
                                + job.work().mc() + ", chip area " + say.number(force.chipAreaMm2(), 4) + " mm²",
                        say.force(force.cuttingN()))
                .step(
                        "Rake correction",
                        "Kγ = 1 − 0.015 per degree over " + say.angle(job.work().referenceRakeRad()),
                        "γn in use " + say.angle(cut.leading().normalRake()),
                        say.number(
                                CuttingForce.rakeFactor(
                                        job.work(), cut.leading().normalRake()),
                                3))
                .step(
                        "Push over cutting force",
                        "tan(β − γn)",
                        "tan("
                                + say.angle(CuttingForce.frictionAngle(
                                        job.work(), cut.leading().normalRake())) + " − "
                                + say.angle(cut.leading().normalRake()) + ")",
                        say.number(
                                CuttingForce.pushRatio(job.work(), cut.leading().normalRake()), 3))
                .source(job.work().source() + "; Merchant's force circle");
        if (cut.force().meanChipMm() < CuttingForce.THIN_CHIP_MM && cut.force().meanChipMm() > 0) {
            finding.step(
                    "How far to trust it",
                    "Kienzle's law is tabled for chips over " + say.length(CuttingForce.THIN_CHIP_MM),
                    "mean chip " + say.length(force.meanChipMm()),
                    "the real force is likely higher");
        }
        return finding.build();
    }

    private Finding overhang() {
        double drop = cut.toolDropMm();
        double stress = cut.overhang().stressMPa(cut.force().cuttingN());
        double ratio = job.overhangMm() / job.blank().heightMm();
        double margin = Math.min(STEEL_YIELD_SHARE_MPA / Math.max(stress, 1e-9) - 1, 0.05 / Math.max(drop, 1e-9) - 1);
        Verdict verdict = Verdict.of(margin, 1);
        if (verdict == Verdict.FINE && ratio > 3) {
            verdict = Verdict.DOUBTFUL;
        }
        Finding.Builder finding = Finding.at(Station.REACH, "overhang")
                .says(
                        verdict,
                        String.format(
                                "Standing out %s (%s times its height) the point goes down %s under the cut.",
                                say.length(job.overhangMm()), say.number(ratio, 1), say.length(drop)))
                .margin(Math.min(margin / 4, (3 - ratio) / 2 + 0.5))
                .step(
                        "Drop",
                        "FL³/3EI + FL/κGA",
                        say.force(cut.force().cuttingN()) + ", " + say.length(job.overhangMm()) + ", section "
                                + say.length(job.blank().widthMm()) + " × "
                                + say.length(job.blank().heightMm()),
                        say.length(drop))
                .step("Stress at the clamp", "6FL / bh²", "the same", say.number(stress, 0) + " MPa")
                .source("Cantilever with shear, E 207 GPa for any steel shank; limits of 0.05 mm and 400 MPa are ours")
                .school(
                        "Short as it goes",
                        "Overhang is the enemy: once to one and a half times the shank",
                        ratio <= 1.6);
        if (verdict != Verdict.FINE) {
            finding.mend(
                    "Stand out " + say.length(1.5 * job.blank().heightMm()),
                    Field.OVERHANG.id(),
                    rounded(1.5 * job.blank().heightMm()));
        }
        return finding.build();
    }

    private void shank(List<Finding> findings) {
        double packing = job.lathe().centreHeightMm()
                + job.heightMm()
                - cut.bit().point().getZ();
        if (job.blank().heightMm() > job.lathe().largestShankMm() + 1e-9 || packing < -1e-9) {
            findings.add(Finding.at(Station.REACH, "shank-fits")
                    .says(
                            Verdict.WRONG,
                            packing < 0
                                    ? String.format(
                                            "The point stands %s too high on %s even without packing.",
                                            say.length(-packing), job.lathe().name())
                                    : String.format(
                                            "A shank of %s is more than the %s that %s takes.",
                                            say.length(job.blank().heightMm()),
                                            say.length(job.lathe().largestShankMm()),
                                            job.lathe().name()))
                    .margin(-0.5)
                    .source("The lathe's card and the bit's solid")
                    .build());
            return;
        }
        findings.add(Finding.at(Station.REACH, "packing")
                .says(
                        Verdict.TOLD,
                        packing < 0.005
                                ? "The point stands on centre without packing."
                                : "Pack the tool up by " + say.length(packing) + " to bring the point there.")
                .step(
                        "Packing",
                        "centre height + wanted height − point above base",
                        say.length(job.lathe().centreHeightMm()) + " + " + say.length(job.heightMm()) + " − "
                                + say.length(cut.bit().point().getZ()),
                        say.length(packing))
                .source("The lathe's card and the bit's solid")
                .build());
    }
}
