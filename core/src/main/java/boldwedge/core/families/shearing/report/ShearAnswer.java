package boldwedge.core.families.shearing.report;

import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.shearing.model.ShearCut;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.CuttingFluid.Manner;
import boldwedge.core.planning.Drawn;
import boldwedge.core.planning.Figures;
import boldwedge.core.planning.Told;
import boldwedge.core.rule.BetweenCentresRule;
import boldwedge.core.rule.FluidRule;
import boldwedge.core.rule.Rule;
import java.util.List;

/** What is said of a shear tool and its cut. */
public final class ShearAnswer {
    /** What is asked of it. */
    public static final List<Rule<ShearCut>> RULES = List.of(
            (cut, say) -> new ShearFindings(cut, say).all(),
            (cut, say) -> new ShavingFindings(cut, say).all(),
            FluidRule.of(
                    Manner.HEAVY,
                    (ShearCut cut) -> cut.job().work(),
                    cut -> cut.job().tool().isCarbide()),
            BetweenCentresRule.of(
                    (ShearCut cut) -> cut.job().hold(),
                    cut -> cut.job().work(),
                    cut -> cut.job().freeMm()));

    private ShearAnswer() {}

    /** All of it but what its rules answer. */
    public static Told tell(ShearCut cut, UnitFormat say) {
        Drawn work = Drawn.of("shear-work", () -> ShearScenes.work(cut, say));
        Drawn edge = Drawn.of("shear-edge", () -> ShearScenes.edge(cut, say));
        Drawn touch = Drawn.of("shear-touch", () -> ShearScenes.touch(cut, say));
        return new Told(
                figures(cut, say).all(),
                List.of(work, edge, touch),
                () -> new ShearRoute(cut, say, work.scene(), edge.scene(), touch.scene()).steps());
    }

    private static Figures figures(ShearCut cut, UnitFormat say) {
        Figures f = new Figures(say);
        f.at(Station.CUT);
        f.add("turnedBefore", "Turned before to", mm(cut.beforeMm()));
        f.add("shearPasses", "Passes", cut.passes(), Integer.toString(cut.passes()));
        f.add("shearFinish", "Leaves", ra(cut.likelyRaMm()));
        f.at(Station.EDGE);
        f.add("shearArc", "Cuts as a nose of", mm(cut.job().edge().arcMm()));
        f.add("inclination", "Slants by", rad(cut.job().edge().inclinationRad()));
        f.add("effectiveRake", "Rake the chip meets", rad(cut.job().edge().effectiveRakeRad()));
        f.add("shearFresh", "Fresh stretches", cut.fresh(), Integer.toString(cut.fresh()));
        f.add("regrinds", "Regrinds", cut.regrinds(), Integer.toString(cut.regrinds()));
        f.at(Station.REACH);
        f.add("shearTop", "Top over centre", mm(cut.topMm()));
        f.add("inWork", "Edge in the work", mm(2 * cut.job().edge().halfInWorkMm(cut.depthMm())));
        f.add("shearPush", "Push", newtons(cut.cutting().force().pushN()));
        f.add("shearSpring", "Springs apart", mm(cut.springMm()));
        f.add("passTime", "Time of a pass", minutes(cut.passMinutes()));
        return f;
    }
}
