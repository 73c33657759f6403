package boldwedge.core.families.turning.report;

import static boldwedge.core.families.turning.entry.TurningField.*;

import boldwedge.core.families.turning.model.TurningCut;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.mechanics.wedge.Operation;
import boldwedge.core.rule.EdgeRules;
import boldwedge.core.rule.FeedStop;
import boldwedge.core.rule.HardEnough;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What is said of the cut itself: speed, feed, finish, chip, power and forces. */
final class CuttingFindings {
    private final TurningCut cut;
    private final UnitFormat say;

    CuttingFindings(TurningCut cut, UnitFormat say) {
        this.cut = cut;
        this.say = say;
    }

    List<Finding> all() {
        EdgeRules edge =
                new EdgeRules(cut.cutting(), new EdgeRules.Fields(SPEED, FEED, DEPTH, Optional.of(NOSE_RADIUS)), say);
        boolean shallow = cut.job().depthMm() < cut.signature().noseRadiusMm();
        List<Finding> findings = new ArrayList<>();
        HardEnough.of(cut.job().blank(), cut.job().work(), BLANK, say).ifPresent(findings::add);
        findings.add(edge.speed());
        findings.addAll(edge.offLists());
        findings.add(edge.finish(
                cut.job().operation() == Operation.FACE ? 0 : cut.job().finishedMm() / 2));
        findings.add(edge.smallestChip());
        findings.add(edge.power());
        if (cut.job().operation().meetsAFace() && cut.job().operation() != Operation.FACE) {
            findings.add(FeedStop.of(
                    cut.job().lathe(), cut.cutting().feedMm(), cut.cutting().rpm(), "the shoulder", SPEED, say));
        }
        findings.add(edge.forces(shallow ? ": the cut is shallower than the nose, so the thrust is mostly push" : ""));
        return findings;
    }
}
