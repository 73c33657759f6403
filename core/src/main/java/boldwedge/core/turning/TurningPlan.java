package boldwedge.core.turning;

import boldwedge.core.ask.Chosen;
import boldwedge.core.ask.Entry;
import boldwedge.core.ask.FieldReader;
import boldwedge.core.ask.FieldState;
import boldwedge.core.ask.Figure;
import boldwedge.core.ask.Figures;
import boldwedge.core.ask.PlanAnswer;
import boldwedge.core.ask.PlanRequest;
import boldwedge.core.ask.Say;
import boldwedge.core.cutting.SpeedChoice;
import boldwedge.core.drawing.Scene;
import boldwedge.core.finding.Finding;
import boldwedge.core.finding.Station;
import boldwedge.core.finding.Verdict;
import boldwedge.core.measure.Quantity;
import boldwedge.core.measure.Written;
import boldwedge.core.wedge.EdgeAngles;
import boldwedge.core.wedge.Frame;
import boldwedge.core.wedge.GroundBit;
import boldwedge.core.wedge.ToolSignature;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Thinks one turning or facing cut through: reads the fields, chooses what was left open, computes the cut, and answers with fields, figures,
 * findings, drawings and the grinding. The same request gives the same answer; nothing is kept.
 */
public final class TurningPlan {
    private TurningPlan() {}

    /** The answer to a request; see {@link PlanAnswer} for what a wrong field does. */
    public static PlanAnswer plan(PlanRequest request) {
        Worked worked = work(request);
        Say say = new Say(request.units());
        if (worked.cut().isEmpty()) {
            return new PlanAnswer(
                    false,
                    request.units(),
                    FieldReader.ordered(worked.states(), TurningField.values()),
                    List.of(),
                    List.of(),
                    List.of(),
                    List.of());
        }
        TurningCut cut = worked.cut().get();
        Map<Entry, FieldState> states = worked.states();
        show(new Chosen(states, say), cut);
        List<Finding> findings = new ArrayList<>();
        findings.add(passes(cut, say));
        findings.addAll(new EdgeFindings(cut, say).all());
        findings.addAll(new ClearanceFindings(cut, say).all());
        findings.addAll(new CuttingFindings(cut, say).all());
        findings.addAll(new SpringFindings(cut, say).all());
        GrindCard card = new GrindCard(cut, say);
        findings.addAll(card.findings());
        findings.sort(Comparator.comparing(Finding::station)
                .thenComparing(Finding::verdict)
                .thenComparingDouble(Finding::margin));
        List<Scene> scenes = List.of(
                WorkScenes.cut(cut, say),
                BitScene.draw(cut, say),
                EdgeScenes.toolOnWork(cut, say),
                EdgeScenes.marks(cut, say),
                WorkScenes.pushOff(cut, say));
        return new PlanAnswer(
                true,
                request.units(),
                FieldReader.ordered(states, TurningField.values()),
                figures(cut, say),
                List.copyOf(findings),
                scenes,
                card.steps());
    }

    /** The ground solid of a request, for export; empty when a field is wrong. */
    public static Optional<GroundBit> solid(PlanRequest request) {
        return work(request).cut().map(TurningCut::bit);
    }

    /** What a request came to: the fields, and the cut when they were all right. */
    record Worked(Map<Entry, FieldState> states, Optional<TurningCut> cut) {}

    static Worked work(PlanRequest request) {
        TurningReader reader = new TurningReader(request);
        Optional<TurningJob> job = reader.read();
        Map<Entry, FieldState> states = reader.states();
        if (job.isEmpty()) {
            return new Worked(states, Optional.empty());
        }
        ToolSignature typed = new ToolSignature(
                typed(reader, TurningField.BACK_RAKE),
                typed(reader, TurningField.SIDE_RAKE),
                typed(reader, TurningField.END_RELIEF),
                typed(reader, TurningField.SIDE_RELIEF),
                typed(reader, TurningField.END_EDGE),
                typed(reader, TurningField.SIDE_EDGE),
                typed(reader, TurningField.NOSE_RADIUS));
        try {
            return new Worked(
                    states, Optional.of(TurningCut.of(job.get(), typed, typed(reader, TurningField.GROUND_LENGTH))));
        } catch (GroundBit.NothingLeft nothing) {
            TurningField culprit = Arrays.stream(new TurningField[] {
                        TurningField.GROUND_LENGTH, TurningField.END_EDGE, TurningField.SIDE_EDGE, TurningField.DAMAGE
                    })
                    .filter(field -> reader.typed(field).isPresent())
                    .findFirst()
                    .orElse(TurningField.BLANK);
            states.put(
                    culprit,
                    FieldState.wrong(
                            culprit,
                            request.text(culprit),
                            "These angles leave nothing of the blank to cut with: ease them, or take a bigger blank."));
            return new Worked(states, Optional.empty());
        }
    }

    private static double typed(TurningReader reader, TurningField field) {
        return reader.typed(field).orElse(Double.NaN);
    }

    /** Shows what was chosen, and the recommended range beside what was typed. */
    private static void show(Chosen chosen, TurningCut cut) {
        ToolSignature s = cut.signature();
        chosen.angle(TurningField.BACK_RAKE, cut.advice().backRake(), s.backRake());
        chosen.angle(TurningField.SIDE_RAKE, cut.advice().sideRake(), s.sideRake());
        chosen.angle(TurningField.END_RELIEF, cut.advice().endRelief(), s.endRelief());
        chosen.angle(TurningField.SIDE_RELIEF, cut.advice().sideRelief(), s.sideRelief());
        chosen.angle(TurningField.END_EDGE, cut.advice().endEdge(), s.endCuttingEdge());
        chosen.angle(TurningField.SIDE_EDGE, cut.advice().sideEdge(), s.sideCuttingEdge());
        chosen.nose(TurningField.NOSE_RADIUS, cut.advice().noseRadius(), s.noseRadiusMm());
        chosen.length(TurningField.DEPTH, cut.job().depthMm());
        chosen.value(TurningField.FEED, Quantity.FEED, cut.feedMm());
        chosen.value(TurningField.SPEED, Quantity.SPINDLE_SPEED, cut.rpm());
        chosen.length(TurningField.OVERHANG, cut.job().overhangMm());
        chosen.length(TurningField.GROUND_LENGTH, cut.bit().groundLengthMm());
    }

    private static Finding passes(TurningCut cut, Say say) {
        TurningJob job = cut.job();
        TurningCut.Roughing rough = cut.roughing();
        double roughTime = rough.passes() == 0 ? 0 : rough.passes() * cut.pathMm() / (rough.feedMm() * cut.rpm());
        String words = rough.passes() == 0
                ? String.format(
                        Locale.ROOT,
                        "One pass of %s takes it to size, in %s.",
                        say.length(job.depthMm()),
                        say.time(cut.passMinutes()))
                : String.format(
                        Locale.ROOT,
                        "%d roughing %s of %s, then one of %s to size: about %s of cutting.",
                        rough.passes(),
                        rough.passes() == 1 ? "pass" : "passes",
                        say.length(rough.depthMm()),
                        say.length(job.depthMm()),
                        say.time(roughTime + cut.passMinutes()));
        return Finding.at(Station.CUT, "passes")
                .says(Verdict.TOLD, words)
                .step(
                        "Stock",
                        job.operation() == boldwedge.core.wedge.Operation.FACE ? "off the face" : "(D − d) / 2",
                        say.length(job.diameterMm()) + " to " + say.length(job.finishedMm()),
                        say.length(job.stockMm()))
                .step(
                        "Time of the last pass",
                        "L / (f · n)",
                        say.length(cut.pathMm()) + " / (" + say.feed(cut.feedMm()) + " · " + say.rpm(cut.rpm()) + ")",
                        say.time(cut.passMinutes()))
                .step("Metal removed", "ap · f · v", "last pass", say.number(cut.removalCm3PerMin(), 2) + " cm³/min")
                .source("Kinematics of turning")
                .caution(
                        "Chuck key out before the spindle is started. Sleeves and rags away; long chips by hook, not by hand.")
                .build();
    }

    private static List<Figure> figures(TurningCut cut, Say say) {
        Figures f = new Figures(say);
        ToolSignature s = cut.signature();
        ToolSignature u = cut.wedge().signature(cut.used());
        EdgeAngles hand = cut.wedge().sideAngles(Frame.IN_HAND);
        EdgeAngles use = cut.leading();
        f.angle("backRake", "Back rake", Station.EDGE, s.backRake());
        f.angle("sideRake", "Side rake", Station.EDGE, s.sideRake());
        f.angle("endRelief", "End relief", Station.EDGE, s.endRelief());
        f.angle("sideRelief", "Side relief", Station.EDGE, s.sideRelief());
        f.angle("endEdge", "End cutting-edge angle", Station.EDGE, s.endCuttingEdge());
        f.angle("sideEdge", "Side cutting-edge angle", Station.EDGE, s.sideCuttingEdge());
        f.length("noseRadius", "Nose radius", Station.EDGE, s.noseRadiusMm());
        f.angle("kappaR", "Approach, κr", Station.EDGE, hand.approach());
        f.angle("lambdaS", "λs, inclination", Station.EDGE, hand.inclination());
        f.angle("gammaO", "γo, orthogonal rake", Station.EDGE, hand.orthogonalRake());
        f.angle("gammaN", "Rake at the edge, γn", Station.EDGE, hand.normalRake());
        f.angle("alphaO", "αo, orthogonal clearance", Station.EDGE, hand.orthogonalClearance());
        f.angle("alphaN", "αn, normal clearance", Station.EDGE, hand.normalClearance());
        f.angle("betaN", "Wedge, βn", Station.EDGE, hand.normalWedge());
        f.angle("backRakeInUse", "Back rake in use", Station.REACH, u.backRake());
        f.angle("sideRakeInUse", "Side rake in use", Station.REACH, u.sideRake());
        f.angle("endReliefInUse", "End relief in use", Station.REACH, u.endRelief());
        f.angle("sideReliefInUse", "Side relief in use", Station.REACH, u.sideRelief());
        f.angle("gammaNInUse", "γn in use", Station.REACH, use.normalRake());
        f.rpm("speed", "Spindle speed", Station.REACH, cut.rpm());
        f.surfaceSpeed("surfaceSpeed", "Surface speed", Station.REACH, cut.surfaceSpeed());
        f.feed("feed", "Feed", Station.REACH, cut.feedMm());
        f.length("depth", "Depth of cut", Station.REACH, cut.job().depthMm());
        f.force("cuttingForce", "Cutting force", Station.REACH, cut.force().cuttingN());
        f.force("feedForce", "Feed force", Station.REACH, cut.force().feedN());
        f.force("pushForce", "Push", Station.REACH, cut.force().pushN());
        f.power("power", "Power at the edge", Station.REACH, cut.powerWatt());
        f.power("availablePower", "Power at the spindle", Station.REACH, cut.availableWatt());
        f.add(
                "rt",
                "Rt, theoretical",
                Station.REACH,
                cut.finish().rtMm() * 1000,
                "µm",
                Written.places(cut.finish().rtMm() * 1000, 2) + " µm");
        f.add(
                "ra",
                "Ra, theoretical",
                Station.REACH,
                cut.finish().raMm() * 1000,
                "µm",
                say.ra(cut.finish().raMm()));
        f.add(
                "removalRate",
                "Metal removed",
                Station.REACH,
                cut.removalCm3PerMin(),
                "cm³/min",
                say.number(cut.removalCm3PerMin(), 2) + " cm³/min");
        f.minutes("passTime", "Time of the pass", Station.REACH, cut.passMinutes());
        f.length(
                "smallestChip",
                "Smallest chip",
                Station.REACH,
                cut.smallestChipMm().chosen());
        f.length(
                "diameterError",
                "Left large by spring",
                Station.REACH,
                cut.pushOff().largestMm());
        f.length("taper", "Taper over the cut", Station.REACH, cut.pushOff().taperMm());
        f.add(
                "springPasses",
                "Spring passes",
                Station.REACH,
                cut.pushOff().springPasses(),
                "1",
                Integer.toString(cut.pushOff().springPasses()));
        f.length("toolDrop", "Drop of the point", Station.REACH, cut.toolDropMm());
        f.add(
                "removedVolume",
                "Stock to grind",
                Station.MAKE,
                cut.bit().totalRemovedMm3(),
                "mm³",
                Written.places(cut.bit().totalRemovedMm3(), 0) + " mm³");
        f.add(
                "mass",
                "Mass when ground",
                Station.MAKE,
                cut.bit().massGram(),
                "g",
                Written.places(cut.bit().massGram(), 1) + " g");
        f.add(
                "regrinds",
                "Touch-ups left",
                Station.MAKE,
                cut.grinding().regrindsLeft(),
                "1",
                Integer.toString(cut.grinding().regrindsLeft()));
        f.length(
                "pointHeight",
                "Point above base",
                Station.MAKE,
                cut.bit().point().getZ());
        f.rpm(
                "chartSpeed",
                "Speed a chart asks for",
                Station.REACH,
                cut.speedChoice().wantedRpm());
        double higher = cut.speedChoice().higherRpm().orElse(cut.rpm());
        f.add(
                "nextHigherLife",
                "Edge life at the next speed up",
                Station.REACH,
                SpeedChoice.lifeShare(
                        Math.min(cut.rpm(), higher), higher, cut.job().tool().taylorExponent()),
                "1",
                say.share(cut.speedChoice().higherLifeShare()));
        return f.all();
    }
}
