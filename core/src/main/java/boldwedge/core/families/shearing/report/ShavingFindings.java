package boldwedge.core.families.shearing.report;

import static boldwedge.core.families.shearing.entry.ShearField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.shearing.model.ShearCut;
import boldwedge.core.families.shearing.model.ShearJob;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.cutting.CuttingForce;
import boldwedge.core.mechanics.cutting.EdgeCut;
import boldwedge.core.mechanics.cutting.EdgePress;
import boldwedge.core.mechanics.cutting.Finish;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.rule.EdgeRules;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is found of the shaving pass: its depth, finish, speed, chip, and what the work bears. */
final class ShavingFindings {
    private static final double HALF = 0.5;
    /** More than this share of its depth a pass may not spring away, or it leaves the marks standing (ours). */
    private static final double BORNE = 0.3;
    /** Over the usual depths by this factor it is no shaving any more. */
    private static final double TOO_DEEP = 2;

    private final ShearCut cut;
    private final ShearJob job;
    private final EdgeCut cutting;
    private final UnitFormat say;

    ShavingFindings(ShearCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.cutting = cut.cutting();
        this.say = say;
    }

    List<Finding> all() {
        EdgeRules edge = new EdgeRules(cutting, new EdgeRules.Fields(SPEED, FEED, DEPTH, Optional.empty()), say);
        List<Finding> findings = new ArrayList<>();
        findings.add(depth());
        findings.add(finish());
        findings.add(push());
        findings.add(edge.speed());
        findings.addAll(edge.offLists());
        findings.add(edge.smallestChip());
        findings.add(forces());
        return findings;
    }

    private Finding depth() {
        double depth = cut.depthMm();
        double high = ShearCut.DEPTHS_MM.high();
        boolean deep = depth > high + 1e-9;
        double take = ShearCut.DEPTHS_MM.chosen();
        return Finding.at(Station.REACH, "shear-depth", say)
                .says(
                        depth > TOO_DEEP * high ? Verdict.WRONG : deep ? Verdict.DOUBTFUL : Verdict.FINE,
                        deep
                                ? "%s is too deep for a shear tool: it squeals and drags. %s to %s is shaved."
                                : "%s deep: %s to %s is shaved.",
                        say.length(depth),
                        say.length(ShearCut.DEPTHS_MM.low()),
                        say.length(high))
                .margin(deep ? high / depth - 1 : HALF)
                .step(Working.of(
                                "Edge in the work",
                                "2 · √(2 · a · R) · p",
                                mm(2 * job.edge().halfInWorkMm(depth)))
                        .with("a", mm(depth))
                        .with("R", mm(job.edge().workRadiusMm()))
                        .with(
                                "p",
                                "edge for a tangent of one",
                                number(job.edge().perTangent())))
                .source("Custom of the trade")
                .mendUnless(!deep, "Depth " + say.length(take), DEPTH, Written.exact(Quantity.LENGTH, take))
                .build();
    }

    private Finding finish() {
        double likely = cut.likelyRaMm();
        double margin = job.raMm() / likely - 1;
        Finish marks = cutting.finish();
        Finding.Builder finding = Finding.at(Station.REACH, "finish", say)
                .says(
                        margin < -BORNE ? Verdict.WRONG : margin < -1e-6 ? Verdict.DOUBTFUL : Verdict.FINE,
                        "Feed %s under an edge that cuts as a nose of %s leaves about %s, where %s is now; %s is wanted.",
                        say.feed(cutting.feedMm()),
                        say.length(job.edge().arcMm()),
                        say.ra(likely),
                        say.ra(job.beforeRaMm()),
                        say.ra(job.raMm()))
                .margin(margin)
                .step(Working.of(
                                "The edge’s arc in the section through the axis",
                                "R · (tan(θ) · cos(φ))²",
                                mm(job.edge().arcMm()))
                        .with("R", mm(job.edge().workRadiusMm()))
                        .with("θ", "side slope", rad(job.edge().slopeRad()))
                        .with("φ", "touch, under the horizontal", rad(job.edge().touchRad())))
                .step(Working.of("Peak to valley", "f² / (8 · r)", profile(marks.simpleRtMm()))
                        .with("f", "feed", mmPerRev(cutting.feedMm()))
                        .with("r", "arc", mm(job.edge().arcMm()))
                        .meaning(", off by " + say.share(Math.abs(marks.simpleRuleError()))))
                .step(Working.of("On paper, over one feed", "Ra = 2 · V / f", ra(marks.raMm()))
                        .with("V", "the mark below its mean line", mm2(marks.valleyMm2()))
                        .with("f", mmPerRev(cutting.feedMm())))
                .step(Working.of("As usually measured, 1.1 to 2.2 times", "Ra · m", ra(likely))
                        .with("Ra", "on paper", ra(marks.raMm()))
                        .with("m", number(Finish.USUAL_OVER_THEORY).fromTable()))
                .source("Marks of an arc; surplus after Boothroyd & Knight, Fundamentals of Machining, ch. 5");
        if (margin < 0 && cutting.feedChoice().feedMm() < 0.99 * cutting.feedMm()) {
            String finer = say.feed(cutting.feedChoice().feedMm());
            finding.mend("Feed " + finer, FEED, finer);
        }
        if (margin < 0 && job.edge().slopeRad() < Math.toRadians(25)) {
            finding.mend("Slope 30°", SLOPE, "30°");
        }
        return finding.build();
    }

    private Finding push() {
        double spring = cut.springMm();
        double margin = Math.min(1, BORNE * cut.depthMm() / Math.max(spring, 1e-9) - 1);
        double push = cutting.force().pushN();
        Finding.Builder finding = Finding.at(Station.REACH, "shear-push", say)
                .says(
                        verdict(spring, margin),
                        spring > cut.depthMm()
                                ? "Its push of %s bends the work away by %s, more than it is to take: it rides over the marks."
                                : margin < 0
                                        ? "Its push of %s springs the work away by %s of the %s that it is to take."
                                        : "Its push of %s springs work and tool by %s; %s is taken.",
                        say.force(push),
                        say.length(spring),
                        say.length(cut.depthMm()))
                .margin(margin)
                .step(Working.of("Sprung apart", "Fp · g", mm(spring))
                        .with("Fp", "push", newtons(Math.max(0, push)))
                        .with("g", "give of work and tool where it gives most", mmPerNewton(cut.givesMmPerN())))
                .source("Work as a beam on springs; the edge’s own push over its whole length in the work");
        if (margin < Verdict.CLOSE && job.hold() == Hold.CHUCK && job.finishedMm() >= Hold.LEAST_CENTRED_MM) {
            finding.mend("Bring the centre up", HOLD, "chuck-and-centre");
        }
        if (margin < Verdict.CLOSE && job.freeMm() > 1.1 * job.lengthMm()) {
            double shorter = job.units().marked(1.05 * job.lengthMm());
            finding.mendUnless(
                    shorter < job.lengthMm() || shorter >= job.freeMm(),
                    "Let " + say.length(shorter) + " stand out",
                    STICK_OUT,
                    Written.exact(Quantity.LENGTH, shorter));
        }
        if (margin < Verdict.CLOSE) {
            finding.does("A steady or a follow rest; or a bit with a small nose, and file and polish");
        }
        return finding.build();
    }

    /** It rides over the marks, or takes less than it is set to. */
    private Verdict verdict(double spring, double margin) {
        if (spring > cut.depthMm()) {
            return Verdict.WRONG;
        }
        return margin < 0 ? Verdict.DOUBTFUL : Verdict.FINE;
    }

    private Finding forces() {
        double factor = CuttingForce.rakeFactor(job.work(), job.edge().effectiveRakeRad());
        EdgePress press = EdgePress.of(job.tool(), job.work());
        return Finding.at(Station.REACH, "forces", say)
                .says(
                        Verdict.TOLD,
                        "Down on the tool %s, against the feed %s, pushing apart %s.",
                        say.force(cutting.force().cuttingN()),
                        say.force(cut.feedN()),
                        say.force(cutting.force().pushN()))
                .step(Working.of(
                                "Cutting force",
                                "Fc = kc · K · b · h · (h / 1 mm)^(−mc) + e · l",
                                newtons(cutting.force().cuttingN()))
                        .with("kc", mpa(job.work().kc11MPa()).fromTable())
                        .with("mc", number(job.work().mc()).fromTable())
                        .with("K", "for the rake", number(factor))
                        .with("b", "edge in the section", mm(cutting.force().edgeMm()))
                        .with(
                                "h",
                                "chip, evened out over it",
                                mm(Math.pow(
                                        cut.chipN()
                                                / (job.work().kc11MPa()
                                                        * factor
                                                        * cutting.force().edgeMm()),
                                        1 / (1 - job.work().mc()))))
                        .with(
                                "e",
                                "the edge’s own",
                                newtonsPerMm(press.alongNPerMm()).fromTable())
                        .with("l", "true length of edge that cuts", mm(cut.cuttingEdgeMm())))
                .step(EdgeRules.rakeFactor(job.work(), rad(job.edge().effectiveRakeRad()), factor))
                .note("The chip leaves along the work: most of what it presses goes against the feed.")
                .caution("Its corner draws blood, and hair-fine chips cut: brush, never fingers.")
                .source(job.work().source() + "; pressure and friction on the slanting face, by vectors")
                .build();
    }
}
