package boldwedge.core.counterboring.tell;

import static boldwedge.core.counterboring.ask.BoreSeatField.*;
import static boldwedge.core.measure.Amount.*;

import boldwedge.core.ask.Chosen;
import boldwedge.core.ask.Drawn;
import boldwedge.core.ask.Figures;
import boldwedge.core.ask.Told;
import boldwedge.core.counterboring.model.BoreSeatCut;
import boldwedge.core.finding.Station;
import boldwedge.core.measure.Quantity;
import boldwedge.core.measure.Say;
import boldwedge.core.rule.Rule;
import java.util.List;

/** What is said of a counterbored seat and its tool. */
public final class BoreSeatAnswer {
    /** What is asked of it. */
    public static final List<Rule<BoreSeatCut>> RULES = List.of((cut, say) -> new BoreSeatFindings(cut, say).all());

    private BoreSeatAnswer() {}

    /** All of it but what its rules answer. */
    public static Told tell(BoreSeatCut cut, Say say) {
        Drawn tool = Drawn.of("counterbore", () -> BoreSeatScenes.tool(cut, say));
        Drawn stone = Drawn.of("stone", () -> BoreSeatScenes.stone(cut, say));
        return new Told(
                figures(cut, say).all(),
                List.of(Drawn.of("seat", () -> BoreSeatScenes.seat(cut, say)), tool, stone),
                () -> new BoreSeatRoute(cut, say, tool.scene(), stone.scene()).steps());
    }

    /** Shows what was chosen. */
    public static void show(Chosen chosen, BoreSeatCut cut) {
        chosen.length(HEAD_DIAMETER, cut.job().headMm());
        chosen.length(HEAD_HEIGHT, cut.job().headHeightMm());
        chosen.length(HOLE, cut.job().holeMm());
        chosen.length(DEPTH, cut.depthMm());
        chosen.length(OUTSIDE, cut.outsideMm());
        chosen.length(PILOT, cut.pilotMm());
        chosen.length(PILOT_LENGTH, cut.pilotLengthMm());
        chosen.value(LIPS, Quantity.RATIO, cut.lips());
        chosen.length(HANDLE, cut.job().handleMm());
        chosen.value(FEED, Quantity.FEED, cut.feedMm());
        chosen.value(SPEED, Quantity.SPINDLE_SPEED, cut.rpm());
    }

    private static Figures figures(BoreSeatCut cut, Say say) {
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
