package boldwedge.core.boring;

import boldwedge.core.ask.Chosen;
import boldwedge.core.ask.Entry;
import boldwedge.core.ask.FieldReader;
import boldwedge.core.ask.FieldState;
import boldwedge.core.ask.Figure;
import boldwedge.core.ask.Figures;
import boldwedge.core.ask.PlanAnswer;
import boldwedge.core.ask.PlanRequest;
import boldwedge.core.ask.Say;
import boldwedge.core.drawing.Scene;
import boldwedge.core.finding.Finding;
import boldwedge.core.finding.Station;
import boldwedge.core.measure.Quantity;
import boldwedge.core.measure.Written;
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
        show(new Chosen(states, say), cut);
        List<Finding> findings = new ArrayList<>();
        findings.addAll(new BoreFitFindings(cut, say).all());
        findings.addAll(new BoreSizeFindings(cut, say).all());
        findings.addAll(new ChatterFindings(cut, say).all());
        findings.sort(Comparator.comparing(Finding::station)
                .thenComparing(Finding::verdict)
                .thenComparingDouble(Finding::margin));
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

    private static void show(Chosen chosen, BoreCut cut) {
        BoreJob job = cut.job();
        ToolSignature s = cut.signature();
        chosen.angle(BoreField.BACK_RAKE, cut.advice().backRake(), s.backRake());
        chosen.angle(BoreField.SIDE_RAKE, cut.advice().sideRake(), s.sideRake());
        chosen.angle(BoreField.RELIEF, cut.advice().endRelief(), s.endRelief());
        chosen.angle(BoreField.SIDE_RELIEF, cut.advice().sideRelief(), s.sideRelief());
        chosen.angle(BoreField.END_EDGE, cut.advice().endEdge(), s.endCuttingEdge());
        chosen.angle(BoreField.SIDE_EDGE, cut.advice().sideEdge(), s.sideCuttingEdge());
        chosen.nose(BoreField.NOSE_RADIUS, cut.advice().noseRadius(), s.noseRadiusMm());
        chosen.length(BoreField.OUTSIDE, job.outsideMm());
        chosen.length(BoreField.STICK_OUT, job.stickOutMm());
        chosen.length(BoreField.FLANK, job.flankMm());
        chosen.length(BoreField.BAR_DIAMETER, job.barMm());
        chosen.length(BoreField.BAR_LENGTH, job.barLengthMm());
        chosen.length(BoreField.OVERHANG, job.overhangMm());
        chosen.length(BoreField.NECK_DIAMETER, job.neckMm());
        chosen.length(BoreField.SPAN, job.spanMm());
        chosen.length(BoreField.CUTTER_AT, job.cutterAtMm());
        chosen.length(BoreField.MADE_LENGTH, job.barLengthMm());
        chosen.length(BoreField.MADE_BAR, job.barMm());
        chosen.length(BoreField.MADE_CROSS, BarEnd.crossing(job));
        chosen.length(BoreField.MADE_NECK, job.neckMm());
        chosen.length(BoreField.DEPTH, job.depthMm());
        chosen.length(BoreField.HOLDER_SIDE, job.holderSideMm());
        job.recess().ifPresent(recess -> {
            chosen.length(BoreField.RECESS_DIAMETER, recess.diameterMm());
            chosen.length(BoreField.RECESS_WIDTH, recess.widthMm());
            chosen.length(BoreField.RECESS_AT, recess.atMm());
        });
        chosen.value(BoreField.FEED, Quantity.FEED, cut.feedMm());
        chosen.value(BoreField.SPEED, Quantity.SPINDLE_SPEED, cut.rpm());
        chosen.value(
                BoreField.STIFFNESS, Quantity.STIFFNESS, 1 / cut.stiffness().tool());
        chosen.value(BoreField.DAMPING, Quantity.RATIO, cut.mode().damping());
        chosen.value(BoreField.RING, Quantity.FREQUENCY, cut.mode().hz());
    }

    private static List<Figure> figures(BoreCut cut, Say say) {
        BoreJob job = cut.job();
        Figures f = new Figures(say);
        f.length("barDiameter", "Bar", Station.REACH, job.barMm());
        f.length("depth", "Depth of cut", Station.REACH, job.depthMm());
        f.rpm("speed", "Spindle speed", Station.REACH, cut.rpm());
        f.surfaceSpeed("surfaceSpeed", "Surface speed", Station.REACH, cut.surfaceSpeed());
        f.feed("feed", "Feed", Station.REACH, cut.feedMm());
        f.minutes("passTime", "Time of a pass", Station.CUT, cut.passMinutes());
        f.force("cuttingForce", "Down on the bit", Station.REACH, cut.force().cuttingN());
        f.force("pushForce", "Pushing the bar aside", Station.REACH, cut.force().pushN());
        f.force("feedForce", "Along the bar", Station.REACH, cut.force().feedN());
        f.power("power", "Power at the edge", Station.REACH, cut.powerWatt());
        f.give(
                "barCompliance",
                "Give of the bar",
                Station.REACH,
                cut.stiffness().barMmPerN());
        f.add(
                "tipStiffness",
                "Stiffness at the point",
                Station.REACH,
                1 / cut.stiffness().tool(),
                "N/mm",
                Written.full(Quantity.STIFFNESS, 1 / cut.stiffness().tool(), say.units()));
        f.add(
                "ring",
                "Rings at",
                Station.REACH,
                cut.mode().hz(),
                "Hz",
                say.number(cut.mode().hz(), 0) + " Hz");
        f.length("limitDepth", "Chatters from a depth of", Station.REACH, Math.min(cut.limitHereMm(), 10));
        f.length("diameterError", "Left small by", Station.REACH, cut.push().largestMm());
        f.length("taper", "Taper", Station.REACH, cut.push().taperMm());
        f.add(
                "springPasses",
                "Spring passes",
                Station.REACH,
                cut.push().springPasses(),
                "1",
                Integer.toString(cut.push().springPasses()));
        f.length("smallestHole", "Smallest hole", Station.REACH, 2 * BoreFitFindings.smallestRadius(cut));
        f.length("barGap", "Gap round the bar", Station.REACH, cut.fit().gapMm(job.startMm() / 2));
        return f.all();
    }
}
