package boldwedge.core.families.forming.report;

import static boldwedge.core.families.forming.entry.FormField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.forming.model.FormCut;
import boldwedge.core.families.forming.model.FormJob;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.mechanics.cutting.CuttingForce;
import boldwedge.core.mechanics.cutting.EdgePress;
import boldwedge.core.mechanics.cutting.SpeedChoice;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.rule.EdgeRules;
import boldwedge.core.rule.PlungeRules;
import boldwedge.core.rule.RotaryRules;
import java.util.ArrayList;
import java.util.List;

/** What is found of the cut with a form: speed, feed, chatter, power, and what springs. */
final class FormPlungeFindings {
    private static final double DEEP_MM = 1.5;

    private final FormCut cut;
    private final FormJob job;
    private final UnitFormat say;

    FormPlungeFindings(FormCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        PlungeRules plunge = rules();
        List<Finding> findings = new ArrayList<>();
        findings.add(new RotaryRules(
                        job.lathe(),
                        2 * job.profile().largestMm(),
                        cut.speedRange(),
                        cut.speedChoice(),
                        cut.rpm(),
                        job.speedRpm(),
                        SPEED,
                        job.work().source() + "; a form runs at half of turning’s speed by custom of the trade",
                        say)
                .speedFinding());
        findings.add(plunge.feed());
        findings.add(plunge.chatter());
        findings.add(plunge.power());
        findings.add(begun());
        findings.add(plunge.spring("form-spring", cut.bearableMm(), stiffer()));
        findings.add(forces());
        return findings;
    }

    private PlungeRules rules() {
        List<Fix> narrower = new ArrayList<>();
        if (job.hold() == Hold.CHUCK) {
            narrower.add(new Fix("Bring the centre up", HOLD, "chuck-and-centre"));
        }
        narrower.add(Fix.atTheMachine("Two narrower forms side by side"));
        return new PlungeRules(
                job.lathe(),
                job.work(),
                job.tool(),
                cut.rakeRad(),
                cut.edgeMm(),
                cut.feedMm(),
                cut.rpm(),
                SpeedChoice.surfaceSpeed(cut.rpm(), 2 * job.profile().largestMm()),
                cut.force(),
                cut.quietMm(),
                cut.givesMmPerN(),
                job.dwell(),
                FormCut.MOST_TURNS,
                FormCut.FEEDS_MM,
                new PlungeRules.Fields(SPEED, FEED, DWELL),
                narrower,
                say);
    }

    private List<Fix> stiffer() {
        List<Fix> fixes = new ArrayList<>();
        if (job.hold() == Hold.CHUCK) {
            fixes.add(new Fix("Bring the centre up", HOLD, "chuck-and-centre"));
        }
        if (cut.feedMm() > FormCut.FEEDS_MM.low() * 1.01) {
            String finer = say.feed(FormCut.FEEDS_MM.low());
            fixes.add(new Fix("Feed " + finer, FEED, finer));
        }
        return fixes;
    }

    /** The plunge's own line of force takes one chip all over; a form's chip thins where it is steep. */
    private Finding forces() {
        return Finding.at(Station.REACH, "forces", say)
                .says(
                        Verdict.TOLD,
                        "Down on the tool %s, back against the feed %s, when all of it cuts.",
                        say.force(cut.force().cuttingN()),
                        say.force(cut.force().thrustN()))
                .step(EdgeRules.kienzle(
                        job.work(),
                        newtons(cut.force().cuttingN()),
                        CuttingForce.rakeFactor(job.work(), cut.rakeRad()),
                        cut.edgeMm(),
                        cut.evenChipMm(),
                        EdgePress.of(job.tool(), job.work())))
                .note("A stretch that leans takes a thinner chip: f · cos ψ.")
                .source(job.work().source())
                .build();
    }

    /** How it is begun. */
    private Finding begun() {
        double depth = job.profile().depthMm();
        boolean solid = !job.roughed() && depth > DEEP_MM;
        return Finding.at(Station.CUT, "form-begun", say)
                .says(
                        solid ? Verdict.DOUBTFUL : Verdict.FINE,
                        solid
                                ? "From the solid the form bit takes all of %s on a side: it dulls and sings. Rough it by steps."
                                : job.roughed()
                                        ? "Roughed by steps of %s on a side, the form bit takes the last %s."
                                        : "%s on a side is little enough for the form bit alone.",
                        say.length(depth),
                        say.length(FormCut.LEFT_MM))
                .margin(solid ? DEEP_MM / depth - 1 : 1)
                .source("Custom of the trade")
                .mendUnless(!solid, "Rough it by steps", ROUGHED, "steps")
                .build();
    }
}
