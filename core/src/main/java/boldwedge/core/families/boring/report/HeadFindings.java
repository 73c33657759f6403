package boldwedge.core.families.boring.report;

import static boldwedge.core.families.boring.entry.BoreField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.families.boring.model.BoreJob;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.rigidity.BarSection;
import java.util.ArrayList;
import java.util.List;

/** What is said of a bar in a boring head alone: the machine it turns in, and what turning off its axis does to it. */
final class HeadFindings {
    private static final double KILOGRAM_PER_GRAM = 1e-3;
    private static final double METRE_PER_MM = 1e-3;
    /** Tip deflection of a beam loaded along its whole length, over that of the same load at its tip: (1/8) / (1/3). */
    private static final double SPREAD_LOAD = 3.0 / 8;

    /** Less to spare than this is close: the head's own unbalance comes on top. */
    private static final double FLUNG_CLOSE = 0.3;

    private final BoreCut cut;
    private final BoreJob job;
    private final UnitFormat say;

    HeadFindings(BoreCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        findings.add(flung());
        if (!job.lathe().mill()) {
            findings.add(Finding.at(Station.REACH, "machine", say)
                    .says(
                            Verdict.TOLD,
                            job.lathe().name()
                                    + " is a lathe: a boring head in its spindle bores work that is bolted to the carriage. For a mill, pick its card.")
                    .source("The machine's card")
                    .build());
        }
        return findings;
    }

    /**
     * Centrifugal load of the bar off the spindle's axis, N: m e ω², and how far it bends the point outward, mm.
     *
     * @param gram mass of what stands out
     * @param offsetMm the bar's axis from the spindle's
     */
    static double centrifugalN(double gram, double offsetMm, double rpm) {
        double omega = rpm * 2 * Math.PI / 60;
        return gram * KILOGRAM_PER_GRAM * offsetMm * METRE_PER_MM * omega * omega;
    }

    private Finding flung() {
        double gram =
                cut.bar().sections().stream().mapToDouble(HeadFindings::gram).sum();
        double offset = Math.max(0, job.finishedMm() / 2 - BoreCut.reach(job));
        double force = centrifugalN(gram, offset, cut.cutting().rpm());
        double larger = 2 * SPREAD_LOAD * force * cut.stiffness().tool();
        double margin = 0.25 * job.allowedErrorMm() / Math.max(larger, 1e-9) - 1;
        // The load goes with the square of the speed.
        double slower = job.lathe()
                .speeds()
                .atOrBelow(cut.cutting().rpm() * Math.sqrt((1 + margin) / (1 + FLUNG_CLOSE)))
                .orElse(job.lathe().speeds().slowest());
        return Finding.at(Station.REACH, "flung", say)
                .says(
                        Verdict.of(margin, FLUNG_CLOSE),
                        "The bar turns %s off the spindle's axis: at %s that flings it outward and bores %s larger.",
                        say.length(offset),
                        say.rpm(cut.cutting().rpm()),
                        say.length(larger))
                .margin(Math.min(1, margin))
                .step(Working.of("Off the axis", "max(0 mm; D / 2 − s)", mm(offset))
                        .with("D", mm(job.finishedMm()).typed())
                        .with("s", "point from the bar's axis", mm(BoreCut.reach(job))))
                .step(Working.of("Load", "m · e · (2 · π · n)²", newtons(force))
                        .with("m", "what stands out", grams(gram))
                        .with("e", mm(offset))
                        .with("n", rpm(cut.cutting().rpm())))
                .step(Working.of("On the diameter, spread along the bar", "2 · 3 / 8 · F · c", mm(larger))
                        .with("F", newtons(force))
                        .with("c", mmPerNewton(cut.stiffness().tool())))
                .source("Newton; uniformly loaded cantilever. The head's own unbalance is not known and not counted")
                .caution(
                        "A head out of balance shakes the machine: start slow, and stand clear of the turning screw heads.")
                .mendUnless(
                        margin >= FLUNG_CLOSE || slower > cut.cutting().rpm() - 1,
                        "Run at " + say.rpm(slower),
                        SPEED,
                        Written.places(slower, 1) + " rpm")
                .doesWhen(margin < 0, "A bar that fills more of the hole, turned nearer the axis")
                .build();
    }

    private static double gram(BarSection section) {
        return section.massPerMm() * section.lengthMm() * 1e6;
    }
}
