package boldwedge.core.turning;

import boldwedge.core.ask.Entry;
import boldwedge.core.ask.FieldReader;
import boldwedge.core.ask.FieldState;
import boldwedge.core.ask.Figure;
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
import boldwedge.core.wedge.AngleAdvice.Advised;
import boldwedge.core.wedge.EdgeAngles;
import boldwedge.core.wedge.Frame;
import boldwedge.core.wedge.GroundBit;
import boldwedge.core.wedge.ToolSignature;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
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
        chosen(states, cut, say);
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
                .thenComparing(Finding::margin));
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
    private static void chosen(Map<Entry, FieldState> states, TurningCut cut, Say say) {
        ToolSignature s = cut.signature();
        advise(states, TurningField.BACK_RAKE, cut.advice().backRake(), s.backRake());
        advise(states, TurningField.SIDE_RAKE, cut.advice().sideRake(), s.sideRake());
        advise(states, TurningField.END_RELIEF, cut.advice().endRelief(), s.endRelief());
        advise(states, TurningField.SIDE_RELIEF, cut.advice().sideRelief(), s.sideRelief());
        advise(states, TurningField.END_EDGE, cut.advice().endEdge(), s.endCuttingEdge());
        advise(states, TurningField.SIDE_EDGE, cut.advice().sideEdge(), s.sideCuttingEdge());
        FieldState nose = states.get(TurningField.NOSE_RADIUS);
        if (nose != null) {
            Advised advised = cut.advice().noseRadius();
            states.put(
                    TurningField.NOSE_RADIUS,
                    withAdvice(
                            nose,
                            say.length(s.noseRadiusMm()),
                            advised,
                            say.length(advised.span().low()),
                            say.length(advised.span().high()),
                            say.length(advised.chosen()),
                            Written.full(
                                    Quantity.LENGTH,
                                    s.noseRadiusMm(),
                                    say.units().other())));
        }
        FieldReader.show(states, TurningField.DEPTH, Quantity.LENGTH, cut.job().depthMm(), say);
        FieldReader.show(states, TurningField.FEED, Quantity.FEED, cut.feedMm(), say);
        FieldReader.show(states, TurningField.SPEED, Quantity.SPINDLE_SPEED, cut.rpm(), say);
        FieldReader.show(
                states, TurningField.OVERHANG, Quantity.LENGTH, cut.job().overhangMm(), say);
        FieldReader.show(
                states, TurningField.GROUND_LENGTH, Quantity.LENGTH, cut.bit().groundLengthMm(), say);
    }

    private static void advise(Map<Entry, FieldState> states, TurningField field, Advised advised, double value) {
        FieldState state = states.get(field);
        if (state != null) {
            states.put(
                    field,
                    withAdvice(
                            state,
                            Written.degrees(value),
                            advised,
                            Written.degrees(advised.span().low()),
                            Written.degrees(advised.span().high()),
                            Written.degrees(advised.chosen()),
                            ""));
        }
    }

    private static FieldState withAdvice(
            FieldState state, String value, Advised advised, String low, String high, String choice, String other) {
        return state.advised(value, other, low, high, choice, advised.reason(), advised.source(), advised.schools());
    }

    private static Finding passes(TurningCut cut, Say say) {
        TurningJob job = cut.job();
        TurningCut.Roughing rough = cut.roughing();
        double roughTime = rough.passes() == 0 ? 0 : rough.passes() * cut.pathMm() / (rough.feedMm() * cut.rpm());
        String words = rough.passes() == 0
                ? String.format(
                        "One pass of %s takes it to size, in %s.",
                        say.length(job.depthMm()), say.time(cut.passMinutes()))
                : String.format(
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
        List<Figure> f = new ArrayList<>();
        ToolSignature s = cut.signature();
        ToolSignature u = cut.wedge().signature(cut.used());
        EdgeAngles hand = cut.wedge().sideAngles(Frame.IN_HAND);
        EdgeAngles use = cut.leading();
        angle(f, "backRake", "Back rake", Station.EDGE, s.backRake());
        angle(f, "sideRake", "Side rake", Station.EDGE, s.sideRake());
        angle(f, "endRelief", "End relief", Station.EDGE, s.endRelief());
        angle(f, "sideRelief", "Side relief", Station.EDGE, s.sideRelief());
        angle(f, "endEdge", "End cutting-edge angle", Station.EDGE, s.endCuttingEdge());
        angle(f, "sideEdge", "Side cutting-edge angle", Station.EDGE, s.sideCuttingEdge());
        f.add(new Figure(
                "noseRadius", "Nose radius", Station.EDGE, s.noseRadiusMm(), "mm", say.length(s.noseRadiusMm())));
        angle(f, "kappaR", "Approach, κr", Station.EDGE, hand.approach());
        angle(f, "lambdaS", "λs, inclination", Station.EDGE, hand.inclination());
        angle(f, "gammaO", "γo, orthogonal rake", Station.EDGE, hand.orthogonalRake());
        angle(f, "gammaN", "Rake at the edge, γn", Station.EDGE, hand.normalRake());
        angle(f, "alphaO", "αo, orthogonal clearance", Station.EDGE, hand.orthogonalClearance());
        angle(f, "alphaN", "αn, normal clearance", Station.EDGE, hand.normalClearance());
        angle(f, "betaN", "Wedge, βn", Station.EDGE, hand.normalWedge());
        angle(f, "backRakeInUse", "Back rake in use", Station.REACH, u.backRake());
        angle(f, "sideRakeInUse", "Side rake in use", Station.REACH, u.sideRake());
        angle(f, "endReliefInUse", "End relief in use", Station.REACH, u.endRelief());
        angle(f, "sideReliefInUse", "Side relief in use", Station.REACH, u.sideRelief());
        angle(f, "gammaNInUse", "γn in use", Station.REACH, use.normalRake());
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
                "depth",
                "Depth of cut",
                Station.REACH,
                cut.job().depthMm(),
                "mm",
                say.length(cut.job().depthMm())));
        force(f, "cuttingForce", "Cutting force", cut.force().cuttingN(), say);
        force(f, "feedForce", "Feed force", cut.force().feedN(), say);
        force(f, "pushForce", "Push", cut.force().pushN(), say);
        f.add(new Figure(
                "power", "Power at the edge", Station.REACH, cut.powerWatt(), "W", say.power(cut.powerWatt())));
        f.add(new Figure(
                "availablePower",
                "Power at the spindle",
                Station.REACH,
                cut.availableWatt(),
                "W",
                say.power(cut.availableWatt())));
        f.add(new Figure(
                "rt",
                "Rt, theoretical",
                Station.REACH,
                cut.finish().rtMm() * 1000,
                "µm",
                Written.places(cut.finish().rtMm() * 1000, 2) + " µm"));
        f.add(new Figure(
                "ra",
                "Ra, theoretical",
                Station.REACH,
                cut.finish().raMm() * 1000,
                "µm",
                say.ra(cut.finish().raMm())));
        f.add(new Figure(
                "removalRate",
                "Metal removed",
                Station.REACH,
                cut.removalCm3PerMin(),
                "cm³/min",
                say.number(cut.removalCm3PerMin(), 2) + " cm³/min"));
        f.add(new Figure(
                "passTime", "Time of the pass", Station.REACH, cut.passMinutes(), "min", say.time(cut.passMinutes())));
        f.add(new Figure(
                "smallestChip",
                "Smallest chip",
                Station.REACH,
                cut.smallestChipMm().chosen(),
                "mm",
                say.length(cut.smallestChipMm().chosen())));
        f.add(new Figure(
                "diameterError",
                "Left large by spring",
                Station.REACH,
                cut.pushOff().largestMm(),
                "mm",
                say.length(cut.pushOff().largestMm())));
        f.add(new Figure(
                "taper",
                "Taper over the cut",
                Station.REACH,
                cut.pushOff().taperMm(),
                "mm",
                say.length(cut.pushOff().taperMm())));
        f.add(new Figure(
                "springPasses",
                "Spring passes",
                Station.REACH,
                cut.pushOff().springPasses(),
                "1",
                Integer.toString(cut.pushOff().springPasses())));
        f.add(new Figure(
                "toolDrop", "Drop of the point", Station.REACH, cut.toolDropMm(), "mm", say.length(cut.toolDropMm())));
        f.add(new Figure(
                "removedVolume",
                "Stock to grind",
                Station.MAKE,
                cut.bit().totalRemovedMm3(),
                "mm³",
                Written.places(cut.bit().totalRemovedMm3(), 0) + " mm³"));
        f.add(new Figure(
                "mass",
                "Mass when ground",
                Station.MAKE,
                cut.bit().massGram(),
                "g",
                Written.places(cut.bit().massGram(), 1) + " g"));
        f.add(new Figure(
                "regrinds",
                "Touch-ups left",
                Station.MAKE,
                cut.grinding().regrindsLeft(),
                "1",
                Integer.toString(cut.grinding().regrindsLeft())));
        f.add(new Figure(
                "pointHeight",
                "Point above base",
                Station.MAKE,
                cut.bit().point().getZ(),
                "mm",
                say.length(cut.bit().point().getZ())));
        f.add(new Figure(
                "chartSpeed",
                "Speed a chart asks for",
                Station.REACH,
                cut.speedChoice().wantedRpm(),
                "rpm",
                say.rpm(cut.speedChoice().wantedRpm())));
        double higher = cut.speedChoice().higherRpm().orElse(cut.rpm());
        f.add(new Figure(
                "nextHigherLife",
                "Edge life at the next speed up",
                Station.REACH,
                SpeedChoice.lifeShare(
                        Math.min(cut.rpm(), higher), higher, cut.job().tool().taylorExponent()),
                "1",
                say.share(cut.speedChoice().higherLifeShare())));
        return List.copyOf(f);
    }

    private static void angle(List<Figure> figures, String id, String label, Station station, double radians) {
        figures.add(new Figure(id, label, station, Math.toDegrees(radians), "deg", Written.degrees(radians)));
    }

    private static void force(List<Figure> figures, String id, String label, double newtons, Say say) {
        figures.add(new Figure(id, label, Station.REACH, newtons, "N", say.force(newtons)));
    }
}
