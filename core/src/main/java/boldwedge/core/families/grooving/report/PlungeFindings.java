package boldwedge.core.families.grooving.report;

import static boldwedge.core.families.grooving.entry.GrooveField.*;

import boldwedge.core.families.grooving.model.Groove.Side;
import boldwedge.core.families.grooving.model.GrooveCut;
import boldwedge.core.families.grooving.model.GrooveJob;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Fix;
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
    private static final double LEAST_EDGE_MM = 0.5;
    /** A bar's clamp stands so near to the work at the least, mm. */
    private static final double NEAREST_MM = 8;

    private static final double STOUTEST = 0.9;

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
        findings.add(plunge.spring("groove-spring", cut.bearableMm(), stiffer()));
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
                job.dwell(),
                GrooveCut.MOST_TURNS,
                GrooveCut.FEEDS_MM,
                new PlungeRules.Fields(SPEED, FEED, DWELL),
                narrower(),
                say);
    }

    private List<Fix> stiffer() {
        List<Fix> fixes = new ArrayList<>();
        if (job.groove().side() == Side.OUTSIDE && job.hold() == Hold.CHUCK) {
            fixes.add(new Fix("Bring the centre up", HOLD, "chuck-and-centre"));
        }
        fixes.addAll(narrower());
        return fixes;
    }

    /** What makes it less at a time, or stiffer: inside the bar first, then a narrower edge and more plunges. */
    private List<Fix> narrower() {
        List<Fix> fixes = new ArrayList<>();
        if (job.groove().side() == Side.INSIDE) {
            double nearest =
                    say.units().marked(job.besideMm().orElse(0) + job.groove().widthMm() + NEAREST_MM);
            if (nearest < 0.9 * cut.barReachMm()) {
                fixes.add(new Fix(
                        "Clamp it " + say.length(nearest) + " from the bit",
                        BAR_REACH,
                        Written.exact(Quantity.LENGTH, nearest)));
            }
            double stout = say.units()
                    .turned(STOUTEST * (job.groove().aroundMm() - job.groove().depthMm()));
            if (stout > 1.05 * cut.barMm()) {
                fixes.add(new Fix("A bar of " + say.length(stout), BAR, Written.exact(Quantity.LENGTH, stout)));
            }
        }
        double half = say.units().turned(0.6 * cut.tipMm());
        if (half >= Math.max(LEAST_EDGE_MM, cut.roundedMm()) && half < cut.tipMm()) {
            fixes.add(
                    new Fix("Edge " + say.length(half) + ", side by side", TIP, Written.exact(Quantity.LENGTH, half)));
        }
        if (fixes.isEmpty()) {
            fixes.add(Fix.atTheMachine("Hold tool and work shorter and stouter; it cannot be narrower"));
        }
        return fixes;
    }
}
