package boldwedge.core.families.counterboring.report;

import static boldwedge.core.families.counterboring.entry.CounterboreField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.counterboring.model.CounterboreCut;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.CuttingFluid.Manner;
import boldwedge.core.planning.Drawn;
import boldwedge.core.planning.Figures;
import boldwedge.core.planning.Told;
import boldwedge.core.rule.FluidRule;
import boldwedge.core.rule.Rule;
import java.util.List;

/** What is said of a counterbored seat and its tool. */
public final class CounterboreAnswer {
    /** What is asked of it. */
    public static final List<Rule<CounterboreCut>> RULES = List.of(
            (cut, say) -> new CounterboreFindings(cut, say).all(),
            FluidRule.of(Manner.HEAVY, (CounterboreCut cut) -> cut.job().work()));

    private CounterboreAnswer() {}

    /** All of it but what its rules answer. */
    public static Told tell(CounterboreCut cut, UnitFormat say) {
        Drawn tool = Drawn.of("counterbore", () -> CounterboreScenes.tool(cut, say));
        Drawn stone = Drawn.of("stone", () -> CounterboreScenes.stone(cut, say));
        return new Told(
                figures(cut, say).all(),
                List.of(Drawn.of("seat", () -> CounterboreScenes.seat(cut, say)), tool, stone),
                () -> new CounterboreRoute(cut, say, tool.scene(), stone.scene()).steps());
    }

    private static Figures figures(CounterboreCut cut, UnitFormat say) {
        Figures f = new Figures(say);
        f.at(Station.CUT);
        f.add("seatAcross", "Seat across", mm(cut.outsideMm()));
        f.add("seatDepth", "Depth", mm(cut.depthMm()));
        f.add("hole", "Hole", mm(cut.job().holeMm()));
        f.add("standsOut", "Stands out", mm(cut.standsOutMm()));
        f.at(Station.EDGE);
        f.add("pilot", "Pilot", mm(cut.pilotMm()));
        f.add("pilotPlay", "Its play", mm(cut.playMm()));
        f.add("pilotLength", "Its length", mm(cut.pilotLengthMm()));
        f.add("lips", "Lips", number(cut.lips()));
        f.add("lipsLevel", "Lips level within", mm(cut.levelMm()));
        f.add("rim", "Stone’s rim", metresPerMinute(cut.rimMps() * 60));
        f.at(Station.REACH);
        f.add("speed", "Spindle speed", rpm(cut.rpm()));
        f.add("feed", "Feed", mmPerRev(cut.feedMm()));
        f.add("torque", "Torque", newtonMetres(cut.torqueNm()));
        return f;
    }
}
