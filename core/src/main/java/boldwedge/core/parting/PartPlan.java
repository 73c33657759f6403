package boldwedge.core.parting;

import boldwedge.core.ask.Entry;
import boldwedge.core.ask.FieldReader;
import boldwedge.core.ask.FieldState;
import boldwedge.core.ask.Figure;
import boldwedge.core.ask.MakeStep;
import boldwedge.core.ask.PlanAnswer;
import boldwedge.core.ask.PlanRequest;
import boldwedge.core.ask.Say;
import boldwedge.core.drawing.Scene;
import boldwedge.core.finding.Finding;
import boldwedge.core.finding.Station;
import boldwedge.core.measure.Quantity;
import boldwedge.core.measure.Written;
import boldwedge.core.wedge.AngleAdvice.Advised;
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
        chosen(states, cut, say);
        List<Finding> findings = new ArrayList<>();
        findings.addAll(new PartCutFindings(cut, say).all());
        findings.addAll(new BladeFindings(cut, say).all());
        findings.addAll(new StandFindings(cut, say).all());
        findings.addAll(new HolderFindings(cut, say).all());
        findings.sort(Comparator.comparing(Finding::station)
                .thenComparing(Finding::verdict)
                .thenComparing(Finding::margin));
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

    private static void chosen(Map<Entry, FieldState> states, PartCut cut, Say say) {
        PartJob job = cut.job();
        HolderDesign design = job.design();
        advise(states, PartField.RAKE, cut.advice().rake(), cut.rakeRad());
        advise(states, PartField.RELIEF, cut.advice().relief(), cut.reliefRad());
        advise(states, PartField.SIDE, cut.advice().side(), cut.sideRad());
        length(states, PartField.BOTTOM, job.endMm(), say);
        length(states, PartField.GROOVE, job.grooveMm(), say);
        length(states, PartField.WIDTH, job.widthMm(), say);
        length(states, PartField.OVERHANG, job.overhangMm(), say);
        length(states, PartField.REST, job.restMm(), say);
        length(states, PartField.BEFORE, job.beforeMm(), say);
        length(states, PartField.BOLT_AT, job.boltAtMm(), say);
        length(states, PartField.BOLT, job.boltMm(), say);
        length(states, PartField.BLOCK_WIDTH, design.widthMm(), say);
        length(states, PartField.BLOCK_LENGTH, design.lengthMm(), say);
        length(states, PartField.JAW, design.jawMm(), say);
        length(states, PartField.HINGE, design.drawnHingeMm(), say);
        length(states, PartField.CUTTER_TRUE, design.cutterTrueMm(), say);
        length(states, PartField.TAB, design.tabMm(), say);
        length(states, PartField.PLATE, design.plateMm(), say);
        length(states, PartField.SCREW, design.screwMm(), say);
        length(states, PartField.MADE_FLOOR, cut.geometry().floorMm(), say);
        length(states, PartField.MADE_SLOT, cut.geometry().slotMm(), say);
        length(states, PartField.MADE_HINGE, design.hinge(), say);
        length(states, PartField.MADE_TAB, cut.geometry().floorMm(), say);
        FieldReader.show(states, PartField.FEED, Quantity.FEED, cut.feedMm(), say);
        FieldReader.show(states, PartField.SPEED, Quantity.SPINDLE_SPEED, cut.rpm(), say);
        FieldReader.show(states, PartField.STIFFNESS, Quantity.STIFFNESS, 1 / PartCut.postGive(job), say);
    }

    private static void length(Map<Entry, FieldState> states, PartField field, double mm, Say say) {
        FieldReader.show(states, field, Quantity.LENGTH, mm, say);
    }

    private static void advise(Map<Entry, FieldState> states, PartField field, Advised advised, double value) {
        states.computeIfPresent(
                field,
                (entry, state) -> state.advised(
                        Written.degrees(value),
                        "",
                        Written.degrees(advised.span().low()),
                        Written.degrees(advised.span().high()),
                        Written.degrees(advised.chosen()),
                        advised.reason(),
                        advised.source(),
                        advised.schools()));
    }

    private static List<Figure> figures(PartCut cut, Say say) {
        PartJob job = cut.job();
        List<Figure> f = new ArrayList<>();
        f.add(new Figure("speed", "Spindle speed", Station.REACH, cut.rpm(), "rpm", say.rpm(cut.rpm())));
        f.add(new Figure("feed", "Feed", Station.REACH, cut.feedMm(), "mm/rev", say.feed(cut.feedMm())));
        f.add(new Figure(
                "passTime", "Time of a cut", Station.CUT, cut.cutMinutes(), "min", say.time(cut.cutMinutes())));
        n(f, "edgeForce", "Down on the edge", cut.force().cuttingN(), say);
        n(f, "thrust", "Against the feed", cut.force().thrustN(), say);
        n(f, "sideForce", "Aside", cut.force().sideN(), say);
        f.add(new Figure(
                "power",
                "Power at the outside",
                Station.REACH,
                cut.at().getFirst().watt(),
                "W",
                say.power(cut.at().getFirst().watt())));
        f.add(new Figure(
                "torque",
                "Torque at the outside",
                Station.REACH,
                cut.at().getFirst().torqueNm(),
                "N·m",
                say.number(cut.at().getFirst().torqueNm(), 1) + " N·m"));
        Weakness first = Weaknesses.of(cut, say).getFirst();
        double times = first.times(cut.force().cuttingN());
        f.add(new Figure("breaksAt", first.what() + " at", Station.REACH, times, "1", say.number(times, 1) + " times"));
        f.add(new Figure(
                "bladeDown",
                "Give of the blade, down",
                Station.REACH,
                cut.down().downMmPerN(),
                "mm/N",
                say.number(cut.down().downMmPerN() * 1000, 3) + " µm/N"));
        f.add(new Figure(
                "bladeAside",
                "Give of the blade, aside",
                Station.REACH,
                cut.aside().asideMmPerN(),
                "mm/N",
                say.number(cut.aside().asideMmPerN() * 1000, 3) + " µm/N"));
        mm(f, "drop", "Point goes down", cut.dropMm(), say);
        mm(f, "drift", "Runs aside", cut.driftMm(), say);
        mm(f, "pip", "Pip left", cut.pipMm(), say);
        mm(f, "quietWidth", "Sure to be quiet up to", cut.quietMm().low(), say);
        f.add(new Figure("digsIn", "Digging in", Station.REACH, cut.gain(), "1", say.share(cut.gain())));
        f.add(new Figure(
                "boltPull",
                "Pull on the bolt",
                Station.REACH,
                cut.post().boltPullPerN() * cut.force().cuttingN(),
                "N",
                say.force(cut.post().boltPullPerN() * cut.force().cuttingN())));
        if (job.holder().built()) {
            mm(f, "floor", "Slot's floor", cut.geometry().drawnFloorMm(), say);
            mm(f, "heightLeft", "Edge off the axis as made", cut.geometry().heightLeftMm(), say);
        }
        return List.copyOf(f);
    }

    private static void mm(List<Figure> figures, String id, String label, double mm, Say say) {
        figures.add(new Figure(id, label, Station.REACH, mm, "mm", say.length(mm)));
    }

    private static void n(List<Figure> figures, String id, String label, double newtons, Say say) {
        figures.add(new Figure(id, label, Station.REACH, newtons, "N", say.force(newtons)));
    }
}
