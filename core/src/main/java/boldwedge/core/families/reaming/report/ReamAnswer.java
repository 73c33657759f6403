package boldwedge.core.families.reaming.report;

import static boldwedge.core.families.reaming.entry.ReamField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.reaming.model.ReamCut;
import boldwedge.core.families.reaming.model.ReamJob.Helix;
import boldwedge.core.families.reaming.model.ReamJob.Kind;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.CuttingFluid.Manner;
import boldwedge.core.planning.Drawn;
import boldwedge.core.planning.Figures;
import boldwedge.core.planning.Told;
import boldwedge.core.rule.FluidRule;
import boldwedge.core.rule.Rule;
import java.util.List;
import java.util.OptionalDouble;

/** What is said of a reamed hole and its reamer. */
public final class ReamAnswer {
    /** What is asked of it. */
    public static final List<Rule<ReamCut>> RULES = List.of(
            (cut, say) -> new ReamFindings(cut, say).all(),
            (cut, say) -> new ReamerFindings(cut, say).all(),
            FluidRule.of(Manner.HEAVY, (ReamCut cut) -> cut.job().work()));

    private ReamAnswer() {}

    /** All of it but what its rules answer. */
    public static Told tell(ReamCut cut, UnitFormat say) {
        Drawn side = Drawn.of("reamer", () -> ReamScenes.side(cut, say));
        Drawn end = Drawn.of("reamer-end", () -> ReamScenes.end(cut, say));
        Drawn sizes = Drawn.of(
                "ream-sizes", () -> ReamScenes.sizes(cut, say, OptionalDouble.empty(), OptionalDouble.empty()));
        return new Told(
                figures(cut, say).all(),
                List.of(side, end, sizes),
                () -> new ReamerRoute(cut, say, side.scene(), end.scene()).steps());
    }

    private static Figures figures(ReamCut cut, UnitFormat say) {
        Figures f = new Figures(say);
        f.at(Station.EDGE);
        f.add("reamer", "Reamer", mm(cut.reamerMm()));
        f.add("reamerLargest", "Reamer, largest", mm(cut.limits().largestMm() + cut.closesMm()));
        f.add("reamerSmallest", "Reamer, smallest", mm(cut.limits().smallestMm() + cut.closesMm()));
        f.at(Station.CUT);
        f.add("holeBefore", "Hole before it", mm(cut.beforeMm()));
        f.add("likelyHole", "Likely hole", mm(cut.holeMm().chosen()));
        f.add("leastHole", "Hole, at the least likely", mm(cut.holeMm().low()));
        f.add("mostHole", "Hole, at the most likely", mm(cut.holeMm().high()));
        f.add("leftLikely", "Left for the reamer", mm(cut.leftMm().chosen()));
        f.add("chanceRubs", "Chance that it rubs", cut.chanceRubs(), say.chance(cut.chanceRubs()));
        f.add("chanceTooLarge", "Chance of a hole too large", cut.chanceOver(), say.chance(cut.chanceOver()));
        f.add("chanceTooSmall", "Chance of a hole too small", cut.chanceUnder(), say.chance(cut.chanceUnder()));
        f.at(Station.REACH);
        f.add("speed", "Spindle speed", rpm(cut.rpm()));
        f.add("feed", "Feed", mmPerRev(cut.feedMm()));
        f.add("torque", "Torque", newtonMetres(cut.torqueNm()));
        f.add("chip", "Chip of one edge", mm(cut.chipMm()));
        f.at(Station.CRIB);
        f.add("wearAllowance", "May wear", mm(Math.max(0, cut.wearAllowanceMm())));
        f.at(Station.EDGE);
        f.add("restHeight", cut.job().cup() ? "Tooth rest below centre" : "Wheel above centre", mm(cut.restMm()));
        f.add("chamferLength", "Chamfer, along the axis", mm(cut.chamferMm()));
        f.at(Station.MAKE);
        f.add("turnedTo", "Turned to before hardening", mm(cut.turnedMm()));
        f.add("grindStock", "Left for grinding", mm(cut.grindStockMm()));
        f.at(Station.EDGE);
        if (cut.job().kind() == Kind.FLUTED) {
            f.add("core", "Core", mm(cut.coreMm()));
            f.add("coreShear", "Shear in the core", mpa(cut.coreShearMPa()));
            f.add("sectionArea", "Section’s area", mm2(cut.section().areaMm2()));
            f.add("sectionPolar", "Section’s polar moment", mm4(cut.section().polarMm4()));
            f.add("teeth", "Teeth", number(cut.teeth()));
            if (cut.job().helix() != Helix.STRAIGHT) {
                f.add("lead", "Lead of the helix", mm(cut.leadMm()));
            }
        }
        if (cut.job().kind() == Kind.D_BIT) {
            f.add("dThickness", "Thickness of the D", mm(cut.dThicknessMm()));
        }
        return f;
    }
}
