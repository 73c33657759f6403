package boldwedge.core.boring;

import boldwedge.core.ask.Entry;
import boldwedge.core.ask.FieldReader;
import boldwedge.core.ask.FieldState;
import boldwedge.core.ask.Figure;
import boldwedge.core.ask.PlanAnswer;
import boldwedge.core.ask.PlanRequest;
import boldwedge.core.ask.Say;
import boldwedge.core.drawing.Scene;
import boldwedge.core.finding.Finding;
import boldwedge.core.finding.Station;
import boldwedge.core.measure.Quantity;
import boldwedge.core.measure.Written;
import boldwedge.core.wedge.AngleAdvice.Advised;
import boldwedge.core.wedge.ToolSignature;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Thinks one boring cut through: fields, figures, findings, drawings. The same request gives the same answer. */
public final class BorePlan {
    private BorePlan() {}

    /** The answer to a request; see {@link PlanAnswer} for what a wrong field does. */
    public static PlanAnswer plan(PlanRequest request) {
        Worked worked = work(request);
        Map<Entry, FieldState> states = worked.states();
        if (worked.cut().isEmpty()) {
            return new PlanAnswer(
                    false,
                    request.units(),
                    FieldReader.ordered(states, BoreField.values()),
                    List.of(),
                    List.of(),
                    List.of(),
                    List.of());
        }
        BoreCut cut = worked.cut().get();
        Say say = new Say(request.units());
        chosen(states, cut, say);
        List<Finding> findings = new ArrayList<>();
        findings.addAll(new BoreFitFindings(cut, say).all());
        findings.addAll(new BoreSizeFindings(cut, say).all());
        findings.addAll(new ChatterFindings(cut, say).all());
        findings.sort(Comparator.comparing(Finding::station)
                .thenComparing(Finding::verdict)
                .thenComparing(Finding::margin));
        Scene drawing = BarDrawing.draw(cut, say);
        return new PlanAnswer(
                true,
                request.units(),
                FieldReader.ordered(states, BoreField.values()),
                figures(cut, say),
                List.copyOf(findings),
                List.of(
                        HoleScene.draw(cut, say),
                        InHoleScene.draw(cut, say),
                        BarScene.draw(cut, say),
                        BoreGraphs.size(cut, say),
                        BoreGraphs.lobes(cut, say),
                        drawing),
                new BarRoute(cut, say, drawing).steps());
    }

    /** What a request came to: the fields, and the cut when they were all right. */
    record Worked(Map<Entry, FieldState> states, Optional<BoreCut> cut) {}

    static Worked work(PlanRequest request) {
        BoreReader reader = new BoreReader(request);
        Optional<BoreJob> job = reader.read();
        ToolSignature typed = typed(reader);
        return new Worked(reader.states(), job.map(read -> BoreCut.of(read, typed)));
    }

    /** Angles typed over the advice; NaN where none was. */
    static ToolSignature typed(BoreReader reader) {
        return new ToolSignature(
                typed(reader, BoreField.BACK_RAKE),
                typed(reader, BoreField.SIDE_RAKE),
                typed(reader, BoreField.RELIEF),
                typed(reader, BoreField.SIDE_RELIEF),
                typed(reader, BoreField.END_EDGE),
                typed(reader, BoreField.SIDE_EDGE),
                typed(reader, BoreField.NOSE_RADIUS));
    }

    private static double typed(BoreReader reader, BoreField field) {
        return reader.typed(field).orElse(Double.NaN);
    }

    private static void chosen(Map<Entry, FieldState> states, BoreCut cut, Say say) {
        BoreJob job = cut.job();
        ToolSignature s = cut.signature();
        advise(states, BoreField.BACK_RAKE, cut.advice().backRake(), s.backRake());
        advise(states, BoreField.SIDE_RAKE, cut.advice().sideRake(), s.sideRake());
        advise(states, BoreField.RELIEF, cut.advice().endRelief(), s.endRelief());
        advise(states, BoreField.SIDE_RELIEF, cut.advice().sideRelief(), s.sideRelief());
        advise(states, BoreField.END_EDGE, cut.advice().endEdge(), s.endCuttingEdge());
        advise(states, BoreField.SIDE_EDGE, cut.advice().sideEdge(), s.sideCuttingEdge());
        Advised nose = cut.advice().noseRadius();
        states.computeIfPresent(
                BoreField.NOSE_RADIUS,
                (field, state) -> state.advised(
                        say.length(s.noseRadiusMm()),
                        Written.full(
                                Quantity.LENGTH, s.noseRadiusMm(), say.units().other()),
                        say.length(nose.span().low()),
                        say.length(nose.span().high()),
                        say.length(nose.chosen()),
                        nose.reason(),
                        nose.source(),
                        nose.schools()));
        length(states, BoreField.OUTSIDE, job.outsideMm(), say);
        length(states, BoreField.STICK_OUT, job.stickOutMm(), say);
        length(states, BoreField.FLANK, job.flankMm(), say);
        length(states, BoreField.BAR_DIAMETER, job.barMm(), say);
        length(states, BoreField.BAR_LENGTH, job.barLengthMm(), say);
        length(states, BoreField.OVERHANG, job.overhangMm(), say);
        length(states, BoreField.NECK_DIAMETER, job.neckMm(), say);
        length(states, BoreField.SPAN, job.spanMm(), say);
        length(states, BoreField.CUTTER_AT, job.cutterAtMm(), say);
        length(states, BoreField.MADE_LENGTH, job.barLengthMm(), say);
        length(states, BoreField.MADE_BAR, job.barMm(), say);
        length(states, BoreField.MADE_CROSS, BarEnd.crossing(job), say);
        length(states, BoreField.MADE_NECK, job.neckMm(), say);
        length(states, BoreField.DEPTH, job.depthMm(), say);
        length(states, BoreField.HOLDER_SIDE, job.holderSideMm(), say);
        job.recess().ifPresent(recess -> {
            length(states, BoreField.RECESS_DIAMETER, recess.diameterMm(), say);
            length(states, BoreField.RECESS_WIDTH, recess.widthMm(), say);
            length(states, BoreField.RECESS_AT, recess.atMm(), say);
        });
        FieldReader.show(states, BoreField.FEED, Quantity.FEED, cut.feedMm(), say);
        FieldReader.show(states, BoreField.SPEED, Quantity.SPINDLE_SPEED, cut.rpm(), say);
        FieldReader.show(
                states,
                BoreField.STIFFNESS,
                Quantity.STIFFNESS,
                1 / cut.stiffness().tool(),
                say);
        FieldReader.show(states, BoreField.DAMPING, Quantity.RATIO, cut.mode().damping(), say);
        FieldReader.show(states, BoreField.RING, Quantity.FREQUENCY, cut.mode().hz(), say);
    }

    private static void length(Map<Entry, FieldState> states, BoreField field, double mm, Say say) {
        FieldReader.show(states, field, Quantity.LENGTH, mm, say);
    }

    private static void advise(Map<Entry, FieldState> states, BoreField field, Advised advised, double value) {
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

    private static List<Figure> figures(BoreCut cut, Say say) {
        BoreJob job = cut.job();
        List<Figure> f = new ArrayList<>();
        mm(f, "barDiameter", "Bar", job.barMm(), say);
        mm(f, "depth", "Depth of cut", job.depthMm(), say);
        f.add(new Figure("speed", "Spindle speed", Station.REACH, cut.rpm(), "rpm", say.rpm(cut.rpm())));
        f.add(new Figure(
                "surfaceSpeed",
                "Surface speed",
                Station.REACH,
                cut.surfaceSpeed(),
                "m/min",
                say.surfaceSpeed(cut.surfaceSpeed())));
        f.add(new Figure("feed", "Feed", Station.REACH, cut.feedMm(), "mm/rev", say.feed(cut.feedMm())));
        f.add(new Figure(
                "passTime", "Time of a pass", Station.CUT, cut.passMinutes(), "min", say.time(cut.passMinutes())));
        n(f, "cuttingForce", "Down on the bit", cut.force().cuttingN(), say);
        n(f, "pushForce", "Pushing the bar aside", cut.force().pushN(), say);
        n(f, "feedForce", "Along the bar", cut.force().feedN(), say);
        f.add(new Figure(
                "power", "Power at the edge", Station.REACH, cut.powerWatt(), "W", say.power(cut.powerWatt())));
        f.add(new Figure(
                "barCompliance",
                "Give of the bar",
                Station.REACH,
                cut.stiffness().barMmPerN(),
                "mm/N",
                say.number(cut.stiffness().barMmPerN() * 1000, 3) + " µm/N"));
        f.add(new Figure(
                "tipStiffness",
                "Stiffness at the point",
                Station.REACH,
                1 / cut.stiffness().tool(),
                "N/mm",
                Written.full(Quantity.STIFFNESS, 1 / cut.stiffness().tool(), say.units())));
        f.add(new Figure(
                "ring",
                "Rings at",
                Station.REACH,
                cut.mode().hz(),
                "Hz",
                say.number(cut.mode().hz(), 0) + " Hz"));
        mm(f, "limitDepth", "Chatters from a depth of", Math.min(cut.limitHereMm(), 10), say);
        mm(f, "diameterError", "Left small by", cut.push().largestMm(), say);
        mm(f, "taper", "Taper", cut.push().taperMm(), say);
        f.add(new Figure(
                "springPasses",
                "Spring passes",
                Station.REACH,
                cut.push().springPasses(),
                "1",
                Integer.toString(cut.push().springPasses())));
        mm(f, "smallestHole", "Smallest hole", 2 * BoreFitFindings.smallestRadius(cut), say);
        mm(f, "barGap", "Gap round the bar", cut.fit().gapMm(job.startMm() / 2), say);
        return List.copyOf(f);
    }

    private static void mm(List<Figure> figures, String id, String label, double mm, Say say) {
        figures.add(new Figure(id, label, Station.REACH, mm, "mm", say.length(mm)));
    }

    private static void n(List<Figure> figures, String id, String label, double newtons, Say say) {
        figures.add(new Figure(id, label, Station.REACH, newtons, "N", say.force(newtons)));
    }
}
