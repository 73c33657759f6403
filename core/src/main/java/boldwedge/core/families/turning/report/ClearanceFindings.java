package boldwedge.core.families.turning.report;

import static boldwedge.core.families.turning.entry.TurningField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.turning.entry.TurningField;
import boldwedge.core.families.turning.model.TurningCut;
import boldwedge.core.families.turning.model.TurningJob;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.wedge.Operation;
import boldwedge.core.mechanics.wedge.ToolSignature;
import boldwedge.core.mechanics.wedge.Wedge;
import java.util.ArrayList;
import java.util.List;

/** What is said of the edge as it stands to the work: clearances, rakes, trailing edge, height. */
final class ClearanceFindings {
    /** Clearance in use under which the flank soon rubs as it wears, radians. */
    private static final double LEAST_CLEARANCE = Math.toRadians(2);

    /** So near to it a shoulder is square: a hundredth over three millimetres. */
    static final double SQUARE_RAD = Math.toRadians(0.2);

    private final TurningCut cut;
    private final TurningJob job;
    private final UnitFormat say;

    ClearanceFindings(TurningCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        ToolSignature hand = cut.signature();
        ToolSignature use = cut.wedge().signature(cut.used());
        findings.add(
                clearance("side", "side flank", hand.sideRelief(), cut.wedge().sideFall(cut.used()), SIDE_RELIEF));
        findings.add(clearance("end", "end flank", hand.endRelief(), cut.wedge().endFall(cut.used()), END_RELIEF));
        noseClearance(findings, use);
        trailing(findings, use);
        rakeInUse(findings, hand, use);
        nub(findings);
        return findings;
    }

    private Finding clearance(String id, String flank, double hand, Wedge.Lean fall, TurningField field) {
        double use = fall.angle();
        double margin = use / LEAST_CLEARANCE - 1;
        Verdict verdict = use <= 0 ? Verdict.WRONG : Verdict.of(Math.max(margin, 0), 0.75);
        String words = use <= 0
                ? Written.words(
                        "It will rub: the %s has %s of clearance in hand and %s in use.",
                        flank, say.angle(hand), say.angle(use))
                : Written.words("The %s clears by %s in use (%s in hand).", flank, say.angle(use), say.angle(hand));
        double theta = cut.inUse().heightAngle();
        double eta = cut.inUse().feedAngle();
        Finding.Builder finding = Finding.at(Station.REACH, "clearance-" + id, say)
                .says(verdict, words)
                .margin(use <= 0 ? Math.min(-0.05, margin) : margin / 4)
                .step(Working.of("Height leans the cut", "θ = asin(h / R)", rad(theta))
                        .with("h", mm(job.heightMm()).typed())
                        .with("R", mm(cut.inUse().radiusMm())))
                .step(Working.of("Feed leans the cut", "η = atan(f / (2 · π · R))", rad(eta))
                        .with("f", mmPerRev(cut.cutting().feedMm()))
                        .with("R", mm(cut.inUse().radiusMm())))
                .step(leaning("Clearance in use", "α", fall))
                .source("ISO 3002-1:1982, working system; ISO 3002-2, by vectors");
        if (verdict != Verdict.FINE) {
            if (Math.abs(job.heightMm()) > 1e-6) {
                finding.mend("Set the point on centre", HEIGHT, "0");
            }
            double wanted = Math.ceil(Math.toDegrees(hand - use + 2.5 * LEAST_CLEARANCE));
            finding.mend("Relief " + Written.places(wanted, 0) + "°", field, Written.places(wanted, 0) + "°");
        }
        return finding.build();
    }

    /** An angle in use by the vectors: components of a normal down the cut and out of the metal. */
    private static Working leaning(String what, String symbol, Wedge.Lean lean) {
        return Working.of(what + ", by vectors", symbol + " = atan2(d; o)", rad(lean.angle()))
                .with("d", "down the cut", number(lean.down()))
                .with("o", "out of the metal", number(lean.out()));
    }

    private void noseClearance(List<Finding> findings, ToolSignature use) {
        double nose = cut.wedge().leastNoseClearance(cut.used());
        double least = Math.min(use.endRelief(), use.sideRelief());
        // The flanks speak for themselves; the nose is worth a line only when it is worse than both.
        if (nose > 0.5 * LEAST_CLEARANCE || least <= 0 || cut.wedge().noseRadiusMm() == 0) {
            return;
        }
        findings.add(Finding.at(Station.REACH, "clearance-nose", say)
                .says(Verdict.WRONG, "It will rub at the nose: only " + say.angle(nose) + " of clearance there in use.")
                .margin(nose / LEAST_CLEARANCE - 1)
                .step(leaning(
                        "Least clearance of nine places along the nose",
                        "α",
                        cut.wedge().leastNoseFall(cut.used())))
                .source("ISO 3002-1:1982, working system")
                .mend(
                        "More end relief",
                        END_RELIEF,
                        Written.degrees(cut.signature().endRelief() + Math.toRadians(3)))
                .build());
    }

    private void trailing(List<Finding> findings, ToolSignature use) {
        if (cut.cutting().profile().trailing() <= Math.toRadians(0.5)) {
            boolean facing = job.operation() == Operation.FACE;
            Finding.Builder drags = Finding.at(Station.REACH, "trailing-edge", say)
                    .says(
                            Verdict.WRONG,
                            "The %s edge drags on the finished surface: it trails by %s in use.",
                            facing ? "side" : "end",
                            say.angle(cut.cutting().profile().trailing()))
                    .margin(-0.5)
                    .step(trails(facing))
                    .source("ISO 3002-1:1982");
            if (Math.abs(job.swivelRad()) > 1e-9) {
                drags.mend("Swing the tool back to 0°", SWIVEL, "0°");
            }
            // Ground so that the edge trails by five degrees as the tool stands now.
            double more = Math.toRadians(5) - cut.cutting().profile().trailing();
            if (facing) {
                String lead =
                        Written.places(Math.floor(Math.toDegrees(cut.signature().sideCuttingEdge() - more)), 0) + "°";
                drags.mend("Lead " + lead, SIDE_EDGE, lead);
            } else {
                String end =
                        Written.places(Math.ceil(Math.toDegrees(cut.signature().endCuttingEdge() + more)), 0) + "°";
                drags.mend("End edge " + end, END_EDGE, end);
            }
            findings.add(drags.build());
        }
        if (job.operation() == Operation.SHOULDER || job.operation() == Operation.TURN_AND_FACE) {
            double past = -use.sideCuttingEdge();
            if (past < -SQUARE_RAD) {
                findings.add(Finding.at(Station.REACH, "shoulder", say)
                        .says(
                                Verdict.WRONG,
                                "With a lead of %s in use the shoulder comes out sloped, not square.",
                                say.angle(-past))
                        .margin(-0.4)
                        .step(leadInUse(-past))
                        .source("ISO 3002-1:1982")
                        .mend(
                                "Swing the point to the chuck by "
                                        + say.angle(job.swivelRad() - past + Math.toRadians(2)),
                                SWIVEL,
                                Written.degrees(job.swivelRad() - past + Math.toRadians(2)))
                        .mendUnless(
                                cut.signature().sideCuttingEdge() <= Math.toRadians(-1.95),
                                "Lead −2°",
                                SIDE_EDGE,
                                "-2°")
                        .build());
            }
        }
    }

    private Working leadInUse(double lead) {
        Wedge.Lean leads = cut.wedge().sideLead(cut.used());
        return Working.of("Lead in use, by vectors", "atan2(b; a)", rad(lead))
                .with("b", "the edge across", number(leads.down()))
                .with("a", "along the shank", number(leads.out()));
    }

    private Working trails(boolean facing) {
        double angle = cut.cutting().profile().trailing();
        if (facing) {
            return Working.of("Trailing angle in use", "κ − 90°", rad(angle))
                    .with(
                            "κ",
                            "of the side edge",
                            rad(cut.wedge().sideAngles(cut.used()).approach()));
        }
        Wedge.Lean trail = cut.wedge().endTrail(cut.used());
        return Working.of("Trailing angle in use, by vectors", "atan2(b; a)", rad(angle))
                .with("b", "the edge back from the surface", number(trail.down()))
                .with("a", "along it", number(trail.out()));
    }

    private void rakeInUse(List<Finding> findings, ToolSignature hand, ToolSignature use) {
        double change =
                Math.max(Math.abs(use.backRake() - hand.backRake()), Math.abs(use.sideRake() - hand.sideRake()));
        if (change < Math.toRadians(0.5)) {
            return;
        }
        findings.add(Finding.at(Station.REACH, "rake-in-use", say)
                .says(
                        Verdict.TOLD,
                        "As it stands the back rake is %s and the side rake %s (in hand %s and %s).",
                        say.angle(use.backRake()),
                        say.angle(use.sideRake()),
                        say.angle(hand.backRake()),
                        say.angle(hand.sideRake()))
                .step(leaning("Back rake in use", "γp", cut.wedge().backFall(cut.used())))
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
        findings.add(Finding.at(Station.REACH, "nub", say)
                .says(
                        h > 0.2 ? Verdict.WRONG : Verdict.DOUBTFUL,
                        "Facing to the centre leaves a nub %s across, because the point is %s %s centre.",
                        say.length(2 * h),
                        say.length(h),
                        job.heightMm() > 0 ? "above" : "below")
                .margin(-h / 0.5)
                .step(Working.of("Nub", "2 · |h|", mm(2 * h))
                        .with("h", mm(job.heightMm()).typed()))
                .source("Geometry: the point passes the axis at its height error")
                .mend("Set the point on centre", HEIGHT, "0")
                .build());
    }
}
