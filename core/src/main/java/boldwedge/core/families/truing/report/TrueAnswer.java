package boldwedge.core.families.truing.report;

import static boldwedge.core.language.measure.Amount.mm;
import static boldwedge.core.language.measure.Amount.newtons;
import static boldwedge.core.language.measure.Amount.rad;

import boldwedge.core.families.truing.model.TrueUp;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.planning.Drawn;
import boldwedge.core.planning.Figures;
import boldwedge.core.planning.Told;
import boldwedge.core.rule.Rule;
import java.util.List;

/** What is said of work that is set up. */
public final class TrueAnswer {
    /** What is asked of it. */
    public static final List<Rule<TrueUp>> RULES = List.of((cut, say) -> new TrueFindings(cut, say).all());

    private TrueAnswer() {}

    /** All of it but what its rules answer. */
    public static Told tell(TrueUp cut, UnitFormat say) {
        Drawn set = Drawn.of("true-set", () -> TrueScenes.set(cut, say));
        Drawn side = Drawn.of("true-side", () -> TrueScenes.side(cut, say));
        return new Told(
                figures(cut, say).all(),
                List.of(set, side),
                () -> new TrueRoute(cut, say, set.scene(), side.scene()).steps());
    }

    private static Figures figures(TrueUp cut, UnitFormat say) {
        Figures f = new Figures(say);
        switch (cut.job().what()) {
            case TRUE_UP -> {
                f.at(Station.CUT);
                f.add("jawMove", "Pair moves by", mm(Math.abs(cut.moveMm())));
                f.add("jawTurn", "Turn of its screw", rad(cut.turnRad()));
                f.at(Station.REACH);
                f.add("pull", "Out of balance", newtons(cut.pullN()));
            }
            case SQUARE_BLOCK -> {
                f.at(Station.EDGE);
                f.add("jawError", "Error of the jaw", mm(cut.jawMm()));
            }
            case BORE_BLOCK -> {
                f.at(Station.CUT);
                f.add("blockHole", "Hole", mm(cut.holeMm()));
                f.add("blockDrill", "Last drill", mm(cut.drillMm()));
                f.at(Station.EDGE);
                f.add("pointLies", "Point aside", mm(cut.pointAsideMm()));
                f.at(Station.REACH);
                f.add("gripAlong", "Holds along", newtons(cut.gripAlongN()));
                f.add("gripTurning", "Against turning", Amount.newtonMetres(cut.gripTurnNmm() / 1000));
            }
        }
        return f;
    }
}
