package boldwedge.core.families.drilling.report;

import static boldwedge.core.families.drilling.entry.DrillField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.drilling.model.DrillCut;
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

/** What is said of a hole to be drilled. */
public final class DrillAnswer {
    /** What is asked of it. */
    public static final List<Rule<DrillCut>> RULES = List.of(
            (cut, say) -> new DrillFindings(cut, say).all(),
            FluidRule.of(Manner.HEAVY, (DrillCut cut) -> cut.job().work()));

    private DrillAnswer() {}

    /** All of it but what its rules answer. */
    public static Told tell(DrillCut cut, UnitFormat say) {
        Drawn hole = Drawn.of("drill-hole", () -> DrillScenes.hole(cut, say));
        Drawn sizes = Drawn.of("drill-sizes", () -> DrillScenes.sizes(cut, say, OptionalDouble.empty()));
        return new Told(
                figures(cut, say).all(), List.of(hole, sizes), () -> new DrillRoute(cut, say, hole.scene()).steps());
    }

    private static Figures figures(DrillCut cut, UnitFormat say) {
        Figures f = new Figures(say);
        double d = cut.drill().diameterMm();
        f.at(Station.CUT);
        f.add("drill", "Drill", mm(d));
        f.add("likelyHole", "Likely hole", mm(cut.likelyMm()));
        f.add("leastHole", "Hole, at the least likely", mm(d + cut.over().lowMm()));
        f.add("mostHole", "Hole, at the most likely", mm(d + cut.over().highMm()));
        f.at(Station.REACH);
        f.add("speed", "Spindle speed", rpm(cut.rpm()));
        f.add("feed", "Feed", mmPerRev(cut.feedMm()));
        f.add("handleTurn", "A turn of the handle takes", minutes(cut.handleTurnMinutes()));
        f.add("torque", "Torque", newtonMetres(cut.torqueNm()));
        f.add("thrust", "Thrust", newtons(cut.thrustN()));
        f.add("power", "Power", watts(cut.watt()));
        f.at(Station.EDGE);
        f.add("point", "Length of the point", mm(cut.drill().pointMm()));
        f.add("web", "Web at the point", mm(cut.drill().webMm()));
        f.at(Station.REACH);
        f.add("travel", "Goes in, point and all", mm(cut.travelMm()));
        f.add("flutes", "May go in", mm(cut.deepestMm()));
        f.add("wander", "May run off by", mm(cut.wanderMm().chosen()));
        f.add(
                "pecks",
                "Goes",
                cut.pecksMm().size(),
                String.valueOf(cut.pecksMm().size()));
        return f;
    }
}
