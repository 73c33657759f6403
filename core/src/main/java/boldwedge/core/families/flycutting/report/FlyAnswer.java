package boldwedge.core.families.flycutting.report;

import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.flycutting.model.FlyCut;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.CuttingFluid.Manner;
import boldwedge.core.planning.Drawn;
import boldwedge.core.planning.Figures;
import boldwedge.core.planning.Told;
import boldwedge.core.rule.FluidRule;
import boldwedge.core.rule.Rule;
import java.util.List;

/** What is said of a fly cutter and its cut. */
public final class FlyAnswer {
    /** What is asked of it. */
    public static final List<Rule<FlyCut>> RULES = List.of(
            (cut, say) -> new FlyFindings(cut, say).all(),
            FluidRule.of(Manner.LIGHT, (FlyCut cut) -> cut.job().work()));

    private FlyAnswer() {}

    /** All of it but what its rules answer. */
    public static Told tell(FlyCut cut, UnitFormat say) {
        Drawn above = Drawn.of("fly-surface", () -> FlyScenes.surface(cut, say));
        Drawn head = Drawn.of("fly-head", () -> FlyScenes.head(cut, say));
        Drawn stand = Drawn.of("fly-stand", () -> FlyScenes.stand(cut, say));
        return new Told(
                figures(cut, say).all(),
                List.of(above, head, stand),
                () -> new FlyRoute(cut, say, above.scene(), head.scene(), stand.scene()).steps());
    }

    private static Figures figures(FlyCut cut, UnitFormat say) {
        Figures f = new Figures(say);
        f.at(Station.CUT);
        f.add("flySwept", "Circle", mm(cut.sweptMm()));
        f.add("flyLaps", "Laps", cut.laps(), Integer.toString(cut.laps()));
        f.add("passTime", "Time of a pass", minutes(cut.passMinutes()));
        f.at(Station.EDGE);
        f.add("flyClearance", "Clearance at the cut", rad(cut.clearanceRad()));
        f.add("flyHeel", "Heel takes", rad(cut.heelRad()));
        f.add("flyRakeAtCut", "Rake at the cut", rad(cut.rakeRad()));
        f.add("flyThrow", "Throws the bit with", newtons(cut.throwN()));
        f.at(Station.REACH);
        f.add("speed", "Speed", rpm(cut.cutting().rpm()));
        f.add("feed", "Feed a turn", mmPerRev(cut.cutting().feedMm()));
        f.add("flyBlow", "Blow", newtons(cut.blowN()));
        f.add("flyHollow", "Hollow", mm(cut.hollowMm()));
        f.add("flyMayRead", "Indicator may read", mm(cut.mayReadMm()));
        return f;
    }
}
