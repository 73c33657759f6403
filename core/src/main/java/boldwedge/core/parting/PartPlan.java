package boldwedge.core.parting;

import boldwedge.core.ask.Chosen;
import boldwedge.core.ask.Entry;
import boldwedge.core.ask.FieldReader;
import boldwedge.core.ask.FieldState;
import boldwedge.core.ask.Figure;
import boldwedge.core.ask.Figures;
import boldwedge.core.ask.MakeStep;
import boldwedge.core.ask.PlanAnswer;
import boldwedge.core.ask.PlanRequest;
import boldwedge.core.ask.Say;
import boldwedge.core.drawing.Scene;
import boldwedge.core.finding.Finding;
import boldwedge.core.finding.Station;
import boldwedge.core.measure.Quantity;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Thinks one parting or grooving cut through, and the holder for it. The same request gives the same answer. */
public final class PartPlan {
    private PartPlan() {}

    /** The answer to a request; see {@link PlanAnswer} for what a wrong field does. */
    public static PlanAnswer plan(PlanRequest request) {
        Worked worked = work(request);
        Map<Entry, FieldState> states = worked.states();
        if (worked.cut().isEmpty()) {
            return new PlanAnswer(
                    false,
                    request.units(),
                    FieldReader.ordered(states, PartField.values()),
                    List.of(),
                    List.of(),
                    List.of(),
                    List.of());
        }
        PartCut cut = worked.cut().get();
        Say say = new Say(request.units());
        show(new Chosen(states, say), cut);
        List<Finding> findings = new ArrayList<>();
        findings.addAll(new PartCutFindings(cut, say).all());
        findings.addAll(new BladeFindings(cut, say).all());
        findings.addAll(new StandFindings(cut, say).all());
        findings.addAll(new HolderFindings(cut, say).all());
        findings.sort(Comparator.comparing(Finding::station)
                .thenComparing(Finding::verdict)
                .thenComparingDouble(Finding::margin));
        List<Scene> scenes = new ArrayList<>(List.of(
                PartScenes.work(cut, say),
                PartScenes.tip(cut, say),
                StandScene.draw(cut, say),
                PartScenes.wayIn(cut, say)));
        List<MakeStep> steps;
        if (cut.job().holder().built()) {
            Scene drawing = HolderDrawing.draw(cut, say);
            scenes.add(drawing);
            steps = new HolderRoute(cut, say, drawing).steps();
        } else {
            steps = TipSteps.all(cut, say, scenes.get(1));
        }
        return new PlanAnswer(
                true,
                request.units(),
                FieldReader.ordered(states, PartField.values()),
                figures(cut, say),
                List.copyOf(findings),
                List.copyOf(scenes),
                List.copyOf(steps));
    }

    /** What a request came to: the fields, and the cut when they were all right. */
    record Worked(Map<Entry, FieldState> states, Optional<PartCut> cut) {}

    static Worked work(PlanRequest request) {
        PartReader reader = new PartReader(request);
        Optional<PartJob> job = reader.read();
        return new Worked(
                reader.states(),
                job.map(read -> PartCut.of(
                        read,
                        reader.typed(PartField.RAKE).orElse(Double.NaN),
                        reader.typed(PartField.RELIEF).orElse(Double.NaN),
                        reader.typed(PartField.SIDE).orElse(Double.NaN))));
    }

    private static void show(Chosen chosen, PartCut cut) {
        PartJob job = cut.job();
        HolderDesign design = job.design();
        chosen.angle(PartField.RAKE, cut.advice().rake(), cut.rakeRad());
        chosen.angle(PartField.RELIEF, cut.advice().relief(), cut.reliefRad());
        chosen.angle(PartField.SIDE, cut.advice().side(), cut.sideRad());
        chosen.length(PartField.BOTTOM, job.endMm());
        chosen.length(PartField.GROOVE, job.grooveMm());
        chosen.length(PartField.WIDTH, job.widthMm());
        chosen.length(PartField.HEIGHT, job.heightMm());
        chosen.length(PartField.OVERHANG, job.overhangMm());
        chosen.length(PartField.REST, job.restMm());
        chosen.length(PartField.BEFORE, job.beforeMm());
        chosen.length(PartField.BOLT_AT, job.boltAtMm());
        chosen.length(PartField.BOLT, job.boltMm());
        chosen.length(PartField.BLOCK_WIDTH, design.widthMm());
        chosen.length(PartField.BLOCK_LENGTH, design.lengthMm());
        chosen.length(PartField.JAW, design.jawMm());
        chosen.length(PartField.HINGE, design.drawnHingeMm());
        chosen.length(PartField.CUTTER_TRUE, design.cutterTrueMm());
        chosen.length(PartField.TAB, design.tabMm());
        chosen.length(PartField.PLATE, design.plateMm());
        chosen.length(PartField.SCREW, design.screwMm());
        chosen.length(PartField.MADE_FLOOR, cut.geometry().floorMm());
        chosen.length(PartField.MADE_SLOT, cut.geometry().slotMm());
        chosen.length(PartField.MADE_HINGE, design.hinge());
        chosen.length(PartField.MADE_TAB, cut.geometry().floorMm());
        chosen.value(PartField.FEED, Quantity.FEED, cut.feedMm());
        chosen.value(PartField.SPEED, Quantity.SPINDLE_SPEED, cut.rpm());
        chosen.value(PartField.STIFFNESS, Quantity.STIFFNESS, 1 / PartCut.postGive(job));
    }

    private static List<Figure> figures(PartCut cut, Say say) {
        PartJob job = cut.job();
        Figures f = new Figures(say);
        f.rpm("speed", "Spindle speed", Station.REACH, cut.rpm());
        f.feed("feed", "Feed", Station.REACH, cut.feedMm());
        f.minutes("passTime", "Time of a cut", Station.CUT, cut.cutMinutes());
        f.force("edgeForce", "Down on the edge", Station.REACH, cut.force().cuttingN());
        f.force("thrust", "Against the feed", Station.REACH, cut.force().thrustN());
        f.force("sideForce", "Aside", Station.REACH, cut.force().sideN());
        f.power(
                "power",
                "Power at the outside",
                Station.REACH,
                cut.at().getFirst().watt());
        f.add(
                "torque",
                "Torque at the outside",
                Station.REACH,
                cut.at().getFirst().torqueNm(),
                "N·m",
                say.number(cut.at().getFirst().torqueNm(), 1) + " N·m");
        Weakness first = Weaknesses.of(cut, say).getFirst();
        double times = first.times(cut.force().cuttingN());
        f.add("breaksAt", first.what() + " at", Station.REACH, times, "1", say.number(times, 1) + " times");
        f.give("bladeDown", "Give of the blade, down", Station.REACH, cut.down().downMmPerN());
        f.give(
                "bladeAside",
                "Give of the blade, aside",
                Station.REACH,
                cut.aside().asideMmPerN());
        f.length("drop", "Point goes down", Station.REACH, cut.dropMm());
        f.length("drift", "Runs aside", Station.REACH, cut.driftMm());
        f.length("pip", "Pip left", Station.REACH, cut.pipMm());
        f.length(
                "quietWidth",
                "Sure to be quiet up to",
                Station.REACH,
                cut.quietMm().low());
        f.add("digsIn", "Digging in", Station.REACH, cut.gain(), "1", say.share(cut.gain()));
        f.add(
                "boltPull",
                "Pull on the bolt",
                Station.REACH,
                cut.post().boltPullPerN() * cut.force().cuttingN(),
                "N",
                say.force(cut.post().boltPullPerN() * cut.force().cuttingN()));
        if (job.holder().built()) {
            f.length("floor", "Slot's floor", Station.REACH, cut.geometry().drawnFloorMm());
            f.length(
                    "heightLeft",
                    "Edge off the axis as made",
                    Station.REACH,
                    cut.geometry().heightLeftMm());
        }
        return f.all();
    }
}
