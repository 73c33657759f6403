package boldwedge.core.families.boring.report;

import static boldwedge.core.families.boring.entry.BoreField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.families.boring.model.BoreInfluences;
import boldwedge.core.families.boring.model.BoreJob;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.CuttingFluid.Manner;
import boldwedge.core.planning.Drawn;
import boldwedge.core.planning.Figure;
import boldwedge.core.planning.Figures;
import boldwedge.core.planning.Told;
import boldwedge.core.rule.FluidRule;
import boldwedge.core.rule.MeasuredWarm;
import boldwedge.core.rule.Rule;
import java.util.List;

/** What is said of a bored hole: its rules, figures, drawings and the making of the bar. */
public final class BoreAnswer {
    /** What is asked of it. */
    public static final List<Rule<BoreCut>> RULES = List.of(
            (cut, say) -> new BoreFitFindings(cut, say).all(),
            (cut, say) -> new BoreSizeFindings(cut, say).all(),
            (cut, say) -> new ChatterFindings(cut, say).all(),
            (cut, say) -> List.of(MeasuredWarm.of(
                    "the hole",
                    cut.job().work(),
                    cut.job().finishedMm(),
                    cut.job().tolerance(),
                    say)),
            FluidRule.of(
                    Manner.LIGHT,
                    (BoreCut cut) -> cut.job().work(),
                    cut -> cut.job().tool().isCarbide()));

    private BoreAnswer() {}

    /** All of it but what its rules answer. */
    public static Told tell(BoreCut cut, UnitFormat say) {
        Drawn drawing = Drawn.of("bar-drawing", () -> BarDrawing.draw(cut, say));
        return new Told(
                figures(cut, say),
                List.of(
                        Drawn.of("hole", () -> HoleScene.draw(cut, say)),
                        Drawn.of("bore-edge", () -> InHoleScene.draw(cut, say)),
                        Drawn.of("bar", () -> BarScene.draw(cut, say)),
                        Drawn.of("bore-size", () -> BoreGraphs.size(cut, say)),
                        Drawn.of("lobes", () -> BoreGraphs.lobes(cut, say)),
                        drawing),
                () -> new BarRoute(cut, say, drawing.scene()).steps());
    }

    private static List<Figure> figures(BoreCut cut, UnitFormat say) {
        BoreJob job = cut.job();
        Figures f = new Figures(say);
        f.at(Station.REACH);
        f.add("barDiameter", "Bar", mm(job.barMm()));
        f.add("depth", "Depth of cut", mm(job.depthMm()));
        f.add("speed", "Spindle speed", rpm(cut.cutting().rpm()));
        f.add("surfaceSpeed", "Surface speed", metresPerMinute(cut.cutting().surfaceSpeed()));
        f.add("feed", "Feed", mmPerRev(cut.cutting().feedMm()));
        f.at(Station.CUT);
        f.add("passTime", "Time of a pass", minutes(cut.passMinutes()));
        if (cut.passes().skinMm() > 0) {
            f.add("skinFirst", "First pass, under the skin", mm(cut.passes().skinMm()));
        }
        f.at(Station.REACH);
        f.add("cuttingForce", "Down on the bit", newtons(cut.cutting().force().cuttingN()));
        f.add(
                "pushForce",
                "Pushing the bar aside",
                newtons(cut.cutting().force().pushN()));
        f.add("feedForce", "Along the bar", newtons(cut.cutting().force().feedN()));
        f.add("power", "Power at the edge", watts(cut.cutting().powerWatt()));
        f.add("barCompliance", "Give of the bar", mmPerNewton(cut.stiffness().barMmPerN()));
        f.add(
                "tipStiffness",
                "Stiffness at the point",
                newtonsPerMm(1 / cut.stiffness().tool()));
        f.add("ring", "Rings at", hertz(cut.mode().hz()));
        f.add("limitDepth", "Chatters from a depth of", mm(cut.limitHereMm()));
        f.add("quietDepth", "Quiet for sure down to", mm(cut.quiet().surelyMm()));
        f.add("singsDepth", "Sings for sure from", mm(cut.quiet().singsMm()));
        f.add(
                "modalStiffness",
                "Stiffness of the bar's mode",
                newtonsPerMm(cut.mode().stiffnessNPerMm()));
        f.add("damping", "Damping of the bar", number(cut.mode().damping()));
        f.add("dampingInCut", "Damping with the flank's", number(cut.damped().damping()));
        f.add("pushGrowth", "Growth of the push on a wave", newtonsPerMm(cut.directionalNPerMm()));
        f.add("diameterError", "Left small by", mm(cut.push().largestMm()));
        f.add(
                "dialIn",
                "To dial out on the diameter",
                mm(cut.push().evenMm() - BoreInfluences.taughtDialMm(cut.job())));
        f.add("afterDialling", "Left either way when dialled in", mm(cut.push().remainingMm()));
        f.add(
                "flankDamping",
                "Damping of the flank on a wave",
                newtonsPerMm(cut.flankNPerMm().chosen()));
        f.add("taper", "Taper", mm(cut.push().taperMm()));
        f.add(
                "springPasses",
                "Spring passes",
                cut.push().springPasses(),
                Integer.toString(cut.push().springPasses()));
        f.add("smallestHole", "Smallest hole", mm(2 * BoreFitFindings.smallestRadius(cut)));
        f.add("barGap", "Gap round the bar", mm(cut.fit().gapMm(job.startMm() / 2)));
        return f.all();
    }
}
