package boldwedge.core.families.grooving.report;

import static boldwedge.core.families.grooving.entry.GrooveField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.grooving.model.Groove.Side;
import boldwedge.core.families.grooving.model.GrooveCut;
import boldwedge.core.families.grooving.model.GrooveJob;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.cutting.SpeedChoice;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.rule.PlungeRules;
import boldwedge.core.rule.RotaryRules;
import java.util.ArrayList;
import java.util.List;

/** What is found of the plunge: speed, feed, chatter, power, and what springs. */
final class PlungeFindings {
    private static final int MORE_TURNS = 3;
    private static final int MOST_TURNS = 8;

    private final GrooveCut cut;
    private final GrooveJob job;
    private final UnitFormat say;

    PlungeFindings(GrooveCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        PlungeRules plunge = rules();
        List<Finding> findings = new ArrayList<>();
        findings.add(new RotaryRules(
                        job.lathe(),
                        cut.outsideMm(),
                        cut.speedRange(),
                        cut.speedChoice(),
                        cut.rpm(),
                        job.speedRpm(),
                        SPEED,
                        job.work().source() + "; a plunge runs slower than turning by custom of the trade",
                        say)
                .speedFinding());
        findings.add(plunge.feed());
        findings.add(plunge.chatter());
        findings.add(plunge.power());
        findings.add(spring());
        findings.add(plunge.forces());
        return findings;
    }

    private PlungeRules rules() {
        return new PlungeRules(
                job.lathe(),
                job.work(),
                job.tool(),
                cut.rakeRad(),
                cut.tipMm(),
                cut.feedMm(),
                cut.rpm(),
                SpeedChoice.surfaceSpeed(cut.rpm(), cut.outsideMm()),
                cut.force(),
                cut.quietMm(),
                cut.givesMmPerN(),
                GrooveCut.FEEDS_MM,
                new PlungeRules.Fields(SPEED, FEED),
                narrower(),
                say);
    }

    /** A narrower edge, and more plunges. */
    private List<Fix> narrower() {
        double half = say.units().turned(0.6 * cut.tipMm());
        return half >= 0.5 && half < cut.tipMm()
                ? List.of(new Fix(
                        "Edge " + say.length(half) + ", side by side", TIP, Written.exact(Quantity.LENGTH, half)))
                : List.of();
    }

    private Finding spring() {
        double left = cut.leftMm();
        double margin = Math.min(1, cut.bearableMm() / Math.max(left, 1e-9) - 1);
        Finding.Builder finding = Finding.at(Station.REACH, "groove-spring", say)
                .says(
                        Verdict.of(margin, Verdict.CLOSE),
                        margin < 0
                                ? "It springs off by %s; after %s turns at the bottom %s is left: too shallow."
                                : "It springs off by %s; after %s turns at the bottom %s is left.",
                        say.length(cut.springMm()),
                        job.dwell(),
                        say.length(left))
                .margin(margin)
                .step(Working.of("Springs off", "Fp · g", mm(cut.springMm()))
                        .with(
                                "Fp",
                                "against the feed",
                                newtons(Math.max(0, cut.force().thrustN())))
                        .with("g", "give of work, tool and post", mmPerNewton(cut.givesMmPerN())))
                .step(Working.of("Left by a turn", "Δ · g / (1 + Δ · g)", number(cut.leftByATurn()))
                        .with(
                                "Δ",
                                "growth of the push with the depth",
                                newtonsPerMm(cut.force().directionalNPerMm()))
                        .with("g", mmPerNewton(cut.givesMmPerN())))
                .step(Working.of("Left after them", "y · q^n", mm(left))
                        .with("y", mm(cut.springMm()))
                        .with("q", number(cut.leftByATurn()))
                        .with("n", number(job.dwell())))
                .source("Balance of push and spring, turn by turn");
        if (margin < Verdict.CLOSE) {
            if (job.dwell() < MOST_TURNS) {
                String more = String.valueOf(Math.min(MOST_TURNS, job.dwell() + MORE_TURNS));
                finding.mend(more + " turns at the bottom", DWELL, more);
            }
            if (job.groove().side() == Side.OUTSIDE && job.hold() == Hold.CHUCK) {
                finding.mend("Bring the centre up", HOLD, "chuck-and-centre");
            }
            narrower().forEach(finding::mend);
        }
        return finding.build();
    }
}
