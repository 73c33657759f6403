package boldwedge.core.families.parting.report;

import static boldwedge.core.families.parting.entry.PartField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.parting.model.PartCut;
import boldwedge.core.families.parting.model.PartJob;
import boldwedge.core.families.parting.model.Weakness;
import boldwedge.core.families.parting.model.Weaknesses;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.CuttingFluid.Manner;
import boldwedge.core.planning.Drawn;
import boldwedge.core.planning.Figure;
import boldwedge.core.planning.Figures;
import boldwedge.core.planning.MakeStep;
import boldwedge.core.planning.Told;
import boldwedge.core.rule.FluidRule;
import boldwedge.core.rule.Rule;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

/** What is said of a parting or grooving cut: its rules, figures, drawings and the making of tip or holder. */
public final class PartAnswer {
    /** What is asked of it. */
    public static final List<Rule<PartCut>> RULES = List.of(
            (cut, say) -> new PartCutFindings(cut, say).all(),
            (cut, say) -> new BladeFindings(cut, say).all(),
            (cut, say) -> new StandFindings(cut, say).all(),
            (cut, say) -> new HolderFindings(cut, say).all(),
            FluidRule.of(
                    Manner.HEAVY,
                    (PartCut cut) -> cut.job().work(),
                    cut -> cut.job().blade().tool().isCarbide()));

    private PartAnswer() {}

    /** All of it but what its rules answer. */
    public static Told tell(PartCut cut, UnitFormat say) {
        Drawn tip = Drawn.of("blade-tip", () -> PartScenes.tip(cut, say));
        List<Drawn> drawings = new ArrayList<>(List.of(
                Drawn.of("part-work", () -> PartScenes.work(cut, say)),
                tip,
                Drawn.of("part-stand", () -> StandScene.draw(cut, say)),
                Drawn.of("way-in", () -> PartScenes.wayIn(cut, say))));
        Supplier<List<MakeStep>> making;
        if (cut.job().holder().built()) {
            Drawn drawing = Drawn.of("holder-drawing", () -> HolderDrawing.draw(cut, say));
            drawings.add(drawing);
            making = () -> new HolderRoute(cut, say, drawing.scene()).steps();
        } else {
            making = () -> TipSteps.all(cut, say, tip.scene());
        }
        return new Told(figures(cut, say), List.copyOf(drawings), making);
    }

    private static List<Figure> figures(PartCut cut, UnitFormat say) {
        PartJob job = cut.job();
        Figures f = new Figures(say);
        f.at(Station.REACH);
        f.add("speed", "Spindle speed", rpm(cut.rpm()));
        f.add("feed", "Feed", mmPerRev(cut.feedMm()));
        f.at(Station.CUT);
        f.add("passTime", "Time of a cut", minutes(cut.cutMinutes()));
        f.at(Station.REACH);
        f.add("edgeForce", "Down on the edge", newtons(cut.force().cuttingN()));
        f.add("thrust", "Against the feed", newtons(cut.force().thrustN()));
        f.add("sideForce", "Aside", newtons(cut.force().sideN()));
        f.add("power", "Power at the outside", watts(cut.at().getFirst().watt()));
        f.add(
                "torque",
                "Torque at the outside",
                newtonMetres(cut.at().getFirst().torqueNm()));
        Weakness first = Weaknesses.of(cut).getFirst();
        double times = first.times(cut.force().cuttingN());
        f.add("breaksAt", WeaknessWords.what(cut, first) + " at", times, say.number(times, 1) + " times");
        f.add("bladeDown", "Give of the blade, down", mmPerNewton(cut.down().downMmPerN()));
        f.add("bladeAside", "Give of the blade, aside", mmPerNewton(cut.aside().asideMmPerN()));
        f.add("drop", "Point goes down", mm(cut.dropMm()));
        f.add("drift", "Runs aside", mm(cut.driftMm()));
        f.add("pip", "Pip left", mm(cut.pipMm()));
        f.add("quietWidth", "Sure to be quiet up to", mm(cut.quietMm().low()));
        f.add("digsIn", "Digging in", cut.gain(), say.share(cut.gain()));
        f.add(
                "boltPull",
                "Pull on the bolt",
                newtons(cut.post().boltPullPerN() * cut.force().cuttingN()));
        if (job.holder().built()) {
            f.add("floor", "Slot's floor", mm(cut.geometry().drawnFloorMm()));
            f.add("heightLeft", "Edge off the axis as made", mm(cut.geometry().heightLeftMm()));
        }
        return f.all();
    }
}
