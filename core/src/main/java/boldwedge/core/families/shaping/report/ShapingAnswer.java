package boldwedge.core.families.shaping.report;

import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.shaping.model.ShapedCut;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.CuttingFluid.Manner;
import boldwedge.core.planning.Drawn;
import boldwedge.core.planning.Figures;
import boldwedge.core.planning.Told;
import boldwedge.core.rule.FluidRule;
import boldwedge.core.rule.Rule;
import java.util.List;

/** What is said of a shaped cut and its tool. */
public final class ShapingAnswer {
    /** What is asked of it. */
    public static final List<Rule<ShapedCut>> RULES = List.of(
            (cut, say) -> new ShapingFindings(cut, say).all(),
            (cut, say) -> new RamFindings(cut, say).all(),
            FluidRule.of(Manner.HEAVY, (ShapedCut cut) -> cut.job().work()));

    private ShapingAnswer() {}

    /** All of it but what its rules answer. */
    public static Told tell(ShapedCut cut, UnitFormat say) {
        Drawn end = Drawn.of("shaped-end", () -> ShapingScenes.end(cut, say));
        Drawn stroke = Drawn.of("shaped-stroke", () -> ShapingScenes.stroke(cut, say));
        Drawn tool = Drawn.of("shaper-tool", () -> ShapingScenes.tool(cut, say));
        return new Told(
                figures(cut, say).all(),
                List.of(end, stroke, tool),
                () -> new ShapingRoute(cut, say, tool.scene(), end.scene(), stroke.scene()).steps());
    }

    private static Figures figures(ShapedCut cut, UnitFormat say) {
        Figures f = new Figures(say);
        f.at(Station.CUT);
        f.add("shapedWidth", "Width", mm(cut.job().widthMm()));
        f.add("shapedDepth", "Depth", mm(cut.job().depthMm()));
        if (cut.job().shaftMm() > 0) {
            f.add("overShaft", "Floor to far side", mm(cut.slot().overShaftMm()));
        }
        f.at(Station.EDGE);
        f.add("shankStress", "Shank bends by", mpa(cut.shankMPa()));
        f.add(
                "digGain",
                "Of more depth comes back",
                cut.hung().gain(),
                say.share(Math.max(0, cut.hung().gain())));
        f.add("pointDigs", "Point swings in", mm(cut.hung().digsMm()));
        f.at(Station.REACH);
        f.add("strokeForce", "Along the stroke", newtons(cut.alongN()));
        f.add("strokePush", "Out of the cut", newtons(cut.pushN()));
        f.add("ramPower", "Power", watts(cut.watt()));
        f.add("stroke", "Stroke", mm(cut.strokeMm()));
        f.add("ramStrokes", "Strokes a minute", Math.rint(cut.perMinute()), say.number(cut.perMinute(), 0));
        f.add("ramSinks", "Ram sinks by", mm(cut.droopMm()));
        f.add("strokes", "Strokes", cut.strokes(), Integer.toString(cut.strokes()));
        f.add("strokeTime", "Time at the stroke", minutes(cut.minutes()));
        return f;
    }
}
