package boldwedge.core.turning;

import boldwedge.core.ask.Say;
import boldwedge.core.finding.Finding;
import boldwedge.core.finding.Station;
import boldwedge.core.finding.Verdict;
import boldwedge.core.measure.Written;
import boldwedge.core.wedge.Operation;
import boldwedge.core.wedge.ToolSignature;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What is said of the edge as it stands to the work: clearances, rakes, trailing edge, height. */
final class ClearanceFindings {
    /** Clearance in use under which the flank soon rubs as it wears, radians. */
    private static final double LEAST_CLEARANCE = Math.toRadians(2);

    private final TurningCut cut;
    private final TurningJob job;
    private final Say say;

    ClearanceFindings(TurningCut cut, Say say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        ToolSignature hand = cut.signature();
        ToolSignature use = cut.wedge().signature(cut.used());
        findings.add(clearance("side", "side flank", hand.sideRelief(), use.sideRelief(), TurningField.SIDE_RELIEF));
        findings.add(clearance("end", "end flank", hand.endRelief(), use.endRelief(), TurningField.END_RELIEF));
        noseClearance(findings, use);
        trailing(findings, use);
        rakeInUse(findings, hand, use);
        nub(findings);
        return findings;
    }

    private Finding clearance(String id, String flank, double hand, double use, TurningField field) {
        double margin = use / LEAST_CLEARANCE - 1;
        Verdict verdict = use <= 0 ? Verdict.WRONG : Verdict.of(Math.max(margin, 0), 0.75);
        String words = use <= 0
                ? String.format(
                        Locale.ROOT,
                        "It will rub: the %s has %s of clearance in hand and %s in use.",
                        flank,
                        say.angle(hand),
                        say.angle(use))
                : String.format(
                        Locale.ROOT,
                        "The %s clears by %s in use (%s in hand).",
                        flank,
                        say.angle(use),
                        say.angle(hand));
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
                finding.mend("Set the point on centre", TurningField.HEIGHT.id(), "0");
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
                        TurningField.END_RELIEF.id(),
                        Written.degrees(cut.signature().endRelief() + Math.toRadians(3)))
                .build());
    }

    private void trailing(List<Finding> findings, ToolSignature use) {
        if (cut.edge().trailing() <= Math.toRadians(0.5)) {
            boolean facing = job.operation() == Operation.FACE;
            Finding.Builder drags = Finding.at(Station.REACH, "trailing-edge")
                    .says(
                            Verdict.WRONG,
                            String.format(
                                    Locale.ROOT,
                                    "The %s edge drags on the finished surface: it trails by %s in use.",
                                    facing ? "side" : "end",
                                    say.angle(cut.edge().trailing())))
                    .margin(-0.5)
                    .step(
                            "Trailing angle",
                            "angle of the trailing edge to the surface, in use",
                            "swung " + say.angle(job.swivelRad()),
                            say.angle(cut.edge().trailing()))
                    .source("ISO 3002-1:1982");
            if (Math.abs(job.swivelRad()) > 1e-9) {
                drags.mend("Swing the tool back to 0°", TurningField.SWIVEL.id(), "0°");
            }
            // Ground so that the edge trails by five degrees as the tool stands now.
            double more = Math.toRadians(5) - cut.edge().trailing();
            if (facing) {
                String lead =
                        Written.places(Math.floor(Math.toDegrees(cut.signature().sideCuttingEdge() - more)), 0) + "°";
                drags.mend("Lead " + lead, TurningField.SIDE_EDGE.id(), lead);
            } else {
                String end =
                        Written.places(Math.ceil(Math.toDegrees(cut.signature().endCuttingEdge() + more)), 0) + "°";
                drags.mend("End edge " + end, TurningField.END_EDGE.id(), end);
            }
            findings.add(drags.build());
        }
        if (job.operation() == Operation.SHOULDER || job.operation() == Operation.TURN_AND_FACE) {
            double past = -use.sideCuttingEdge();
            if (past < 0) {
                findings.add(Finding.at(Station.REACH, "shoulder")
                        .says(
                                Verdict.WRONG,
                                String.format(
                                        Locale.ROOT,
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
                                TurningField.SWIVEL.id(),
                                Written.degrees(job.swivelRad() - past + Math.toRadians(2)))
                        .mend("Lead −2°", TurningField.SIDE_EDGE.id(), "-2°")
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
                                Locale.ROOT,
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
                                Locale.ROOT,
                                "Facing to the centre leaves a nub %s across, because the point is %s %s centre.",
                                say.length(2 * h),
                                say.length(h),
                                job.heightMm() > 0 ? "above" : "below"))
                .margin(-h / 0.5)
                .step("Nub", "diameter = 2 · |h|", "2 · " + say.length(h), say.length(2 * h))
                .source("Geometry: the point passes the axis at its height error")
                .mend("Set the point on centre", TurningField.HEIGHT.id(), "0")
                .build());
    }
}
