package boldwedge.core.families.grooving.report;

import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.grooving.model.Groove;
import boldwedge.core.families.grooving.model.GrooveCut;
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

/** What is said of a groove and its bit. */
public final class GrooveAnswer {
    /** What is asked of it. */
    public static final List<Rule<GrooveCut>> RULES = List.of(
            (cut, say) -> new GrooveFindings(cut, say).all(),
            (cut, say) -> new PlungeFindings(cut, say).all(),
            FluidRule.of(
                    Manner.HEAVY,
                    (GrooveCut cut) -> cut.job().work(),
                    cut -> cut.job().tool().isCarbide()),
            BetweenCentresRule.of(
                    (GrooveCut cut) -> cut.job().hold(),
                    cut -> cut.job().work(),
                    cut -> cut.job().freeMm()));

    private GrooveAnswer() {}

    /** All of it but what its rules answer. */
    public static Told tell(GrooveCut cut, UnitFormat say) {
        Drawn section = Drawn.of("groove", () -> GrooveScenes.section(cut, say));
        Drawn bit = Drawn.of("groove-bit", () -> GrooveScenes.bit(cut, say));
        Drawn stand = Drawn.of("groove-stand", () -> GrooveScenes.stand(cut, say));
        return new Told(
                figures(cut, say).all(),
                List.of(section, bit, stand),
                () -> new GrooveRoute(cut, say, section.scene(), bit.scene(), stand.scene()).steps());
    }

    private static Figures figures(GrooveCut cut, UnitFormat say) {
        Figures f = new Figures(say);
        f.at(Station.CUT);
        f.add("grooveAim", "Width aimed at", mm(cut.job().groove().aimMm()));
        f.add(
                "grooveBottomAt",
                cut.job().groove().side() == Groove.Side.FACE ? "Inner side" : "Bottom",
                mm(cut.job().groove().bottomMm()));
        f.add("grooveDeep", "Depth", mm(cut.job().groove().depthMm()));
        f.at(Station.EDGE);
        f.add("grooveTip", "Edge", mm(cut.tipMm()));
        f.add("plunges", "Plunges", cut.plunges(), Integer.toString(cut.plunges()));
        f.add("grooveStep", "From one to the next", mm(cut.stepMm()));
        f.at(Station.REACH);
        f.add("quietWidth", "Sure to be quiet up to", mm(cut.quietMm().low()));
        f.add("edgeForce", "On the edge", newtons(cut.force().cuttingN()));
        f.add("thrust", "Against the feed", newtons(cut.force().thrustN()));
        f.add("grooveLeft", "Left shallow", mm(cut.leftMm()));
        f.add("grooveTime", "Time of the cut", minutes(cut.minutes()));
        return f;
    }
}
