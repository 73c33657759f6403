package boldwedge.core.families.keying.report;

import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.keying.model.KeywayCut;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.CuttingFluid.Manner;
import boldwedge.core.planning.Drawn;
import boldwedge.core.planning.Figures;
import boldwedge.core.planning.Told;
import boldwedge.core.rule.FluidRule;
import boldwedge.core.rule.Rule;
import java.util.List;

/** What is said of a keyway and its bar. */
public final class KeywayAnswer {
    /** What is asked of it. */
    public static final List<Rule<KeywayCut>> RULES = List.of(
            (cut, say) -> new KeywayFindings(cut, say).all(),
            (cut, say) -> new StrokeFindings(cut, say).all(),
            FluidRule.of(Manner.HEAVY, (KeywayCut cut) -> cut.job().work()));

    private KeywayAnswer() {}

    /** All of it but what its rules answer. */
    public static Told tell(KeywayCut cut, UnitFormat say) {
        Drawn end = Drawn.of("keyway", () -> KeywayScenes.end(cut, say));
        Drawn side = Drawn.of("keyway-stroke", () -> KeywayScenes.side(cut, say));
        Drawn bar = Drawn.of("keyway-bar", () -> KeywayScenes.bar(cut, say));
        Drawn head = Drawn.of("keyway-head", () -> KeywayScenes.head(cut, say));
        boolean screwed = cut.job().headMm().isPresent();
        return new Told(
                figures(cut, say).all(),
                screwed ? List.of(end, side, bar, head) : List.of(end, side, bar),
                () -> new KeywayRoute(
                                cut, say, bar.scene(), screwed ? head.scene() : bar.scene(), end.scene(), side.scene())
                        .steps());
    }

    private static Figures figures(KeywayCut cut, UnitFormat say) {
        Figures f = new Figures(say);
        f.at(Station.CUT);
        f.add("keyWidth", "Key", mm(cut.job().slot().widthMm()));
        f.add("overBore", "Over the bore", mm(cut.job().slot().overBoreMm()));
        f.add("crown", "Crown", mm(cut.job().slot().crownMm()));
        f.add("keyWay", "From the touch", mm(cut.job().slot().wayMm()));
        f.at(Station.EDGE);
        f.add("largestBar", "Largest bar", mm(cut.job().slot().largestBarMm()));
        f.add("keyBar", "Bar", mm(cut.barMm()));
        f.add("toothStress", "Tooth bends by", mpa(cut.toothMPa()));
        f.add("leftOfBar", "Left of the bar at its bit", number(cut.leftOfBar()));
        f.at(Station.REACH);
        f.add("strokeForce", "Along the stroke", newtons(cut.forceN()));
        f.add("strokePush", "Out of the cut", newtons(cut.pushN()));
        f.add("hand", "Of the hand", newtons(cut.handN()));
        f.add("pushedSpring", "Springs, pushed", mm(cut.bar().springMm(true)));
        f.add("pulledSpring", "Springs, pulled", mm(cut.bar().springMm(false)));
        f.add("keyLeft", "Left by the spring strokes", mm(cut.leftMm()));
        f.add("strokes", "Strokes", cut.strokes(), Integer.toString(cut.strokes()));
        f.add("strokeTime", "Time at the stroke", minutes(cut.minutes()));
        return f;
    }
}
