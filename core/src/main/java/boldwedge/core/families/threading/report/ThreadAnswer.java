package boldwedge.core.families.threading.report;

import static boldwedge.core.families.threading.entry.ThreadField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.threading.model.ThreadCut;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.CuttingFluid.Manner;
import boldwedge.core.mechanics.thread.ThreadLimits;
import boldwedge.core.planning.Drawn;
import boldwedge.core.planning.Figures;
import boldwedge.core.planning.Told;
import boldwedge.core.rule.BetweenCentresRule;
import boldwedge.core.rule.FluidRule;
import boldwedge.core.rule.Rule;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;

/** What is said of a thread to be cut. */
public final class ThreadAnswer {
    /** What is asked of it. */
    public static final List<Rule<ThreadCut>> RULES = List.of(
            (cut, say) -> new ThreadCardFindings(cut, say).all(),
            (cut, say) -> new ThreadEdgeFindings(cut, say).all(),
            Rule.telling(Station.EDGE, (cut, say) -> List.of(new ThreadEdgeFindings(cut, say).tools())),
            (cut, say) -> new ThreadReachFindings(cut, say).all(),
            (cut, say) -> ThreadWires.finding(cut, say).stream().toList(),
            (cut, say) -> List.of(ThreadWires.gauges(cut, say)),
            FluidRule.of(
                    Manner.HEAVY,
                    (ThreadCut cut) -> cut.job().work(),
                    cut -> cut.tool().isCarbide()),
            BetweenCentresRule.of(
                    (ThreadCut cut) -> cut.job().reach().hold(),
                    cut -> cut.job().work(),
                    cut -> cut.stickOutMm()));

    private ThreadAnswer() {}

    /** All of it but what its rules answer. */
    public static Told tell(ThreadCut cut, UnitFormat say) {
        Drawn form = Drawn.of("thread-form", () -> ThreadScenes.form(cut, say));
        Drawn work = Drawn.of("thread-work", () -> ThreadScenes.work(cut, say));
        Drawn tool = Drawn.of("thread-tool", () -> ThreadScenes.tool(cut, say));
        Drawn passes = Drawn.of("thread-passes", () -> ThreadPassScenes.passes(cut, say));
        Drawn dial = Drawn.of("thread-dial", () -> ThreadPassScenes.dial(cut, say));
        Drawn limits = Drawn.of("thread-limits", () -> ThreadPassScenes.limits(cut, say, OptionalDouble.empty()));
        List<Drawn> drawings = new ArrayList<>(List.of(form, work, tool, passes, dial, limits));
        cut.bar().ifPresent(bar -> drawings.add(Drawn.of("thread-bar", () -> ThreadBarScene.bar(cut, say))));
        return new Told(
                figures(cut, say).all(),
                drawings,
                () -> new ThreadRoute(cut, say, work.scene(), passes.scene()).steps());
    }

    /** A limit, where the form's limits are known. */
    private static OptionalDouble limit(ThreadCut cut, ToDoubleFunction<ThreadLimits> which) {
        return cut.job().limits().stream().mapToDouble(which).findFirst();
    }

    private static Figures figures(ThreadCut cut, UnitFormat say) {
        Figures f = new Figures(say);
        f.at(Station.CUT);
        f.add("pitchDiameter", "Pitch diameter, basic", mm(cut.job().size().pitchDiameterMm()));
        f.add("pitchLow", "Pitch diameter, least", Quantity.LENGTH, limit(cut, ThreadLimits::pitchLow));
        f.add("pitchHigh", "Pitch diameter, most", Quantity.LENGTH, limit(cut, ThreadLimits::pitchHigh));
        f.add("pitch", "Pitch", mm(cut.job().size().pitchMm()));
        f.add("lead", "Lead", mm(cut.job().size().leadMm()));
        f.add("threadMinor", "Minor diameter, basic", mm(cut.job().size().minorMm()));
        f.add("blank", cut.job().inside() ? "Hole to bore" : "Turned to", mm(cut.blankMm()));
        f.at(Station.EDGE);
        f.add("threadDepth", "Depth on the radius", mm(cut.depthMm()));
        f.add("helix", "Helix at the root", rad(cut.edge().helixRad()));
        f.add("cutAngle", "Angle that is cut", rad(cut.edge().cutAngleRad()));
        f.add("tipFlat", "Flat at the tip", mm(cut.tip().flatMm()));
        f.at(Station.REACH);
        f.add("speed", "Spindle speed", rpm(cut.rpm()));
        f.add("runOn", "Carriage runs on", mm(cut.stop().runOnMm()));
        f.add(
                "leadCut",
                "Lead as geared",
                Quantity.LENGTH,
                cut.gears().known() ? OptionalDouble.of(cut.gears().cutsMm()) : OptionalDouble.empty());
        f.add(
                "passes",
                "Passes",
                cut.depthsMm().size(),
                String.valueOf(cut.depthsMm().size()));
        f.add(
                "infeed",
                "In all on the " + ThreadSpoken.slide(cut),
                mm(cut.infeed().compoundMm(cut.depthMm())));
        f.add("push", "Push, hardest pass", newtons(cut.hardest().pushN()));
        f.add("sprung", "Springs, on the pitch diameter", mm(cut.sprungMm()));
        f.add("power", "Power", watts(cut.watt()));
        f.add("time", "Time", minutes(cut.minutes()));
        cut.bar().ifPresent(bar -> {
            f.add("bar", "Bar in the hole", mm(bar.barMm()));
            f.add("barMost", "Thickest bar that passes", mm(cut.inBar().thickestBarMm()));
        });
        if (!cut.job().inside()) {
            f.at(Station.MAKE);
            f.add("overWires", "Over three wires", mm(cut.wires().overMm(cut.targetMm())));
        }
        f.at(Station.CUT);
        f.add("engagement", "Depth of thread, share", number(cut.engagement()));
        return f;
    }
}
