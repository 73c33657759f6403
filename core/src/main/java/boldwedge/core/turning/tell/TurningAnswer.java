package boldwedge.core.turning.tell;

import static boldwedge.core.measure.Amount.grams;
import static boldwedge.core.measure.Amount.metresPerMinute;
import static boldwedge.core.measure.Amount.minutes;
import static boldwedge.core.measure.Amount.mm;
import static boldwedge.core.measure.Amount.mm2;
import static boldwedge.core.measure.Amount.mm3;
import static boldwedge.core.measure.Amount.mmPerNewton;
import static boldwedge.core.measure.Amount.mmPerRev;
import static boldwedge.core.measure.Amount.newtons;
import static boldwedge.core.measure.Amount.newtonsPerMm;
import static boldwedge.core.measure.Amount.profile;
import static boldwedge.core.measure.Amount.ra;
import static boldwedge.core.measure.Amount.rad;
import static boldwedge.core.measure.Amount.rpm;
import static boldwedge.core.measure.Amount.watts;

import boldwedge.core.ask.Chosen;
import boldwedge.core.ask.Drawn;
import boldwedge.core.ask.Figure;
import boldwedge.core.ask.Figures;
import boldwedge.core.ask.Told;
import boldwedge.core.cutting.SpeedChoice;
import boldwedge.core.finding.Finding;
import boldwedge.core.finding.Station;
import boldwedge.core.finding.Verdict;
import boldwedge.core.finding.Working;
import boldwedge.core.measure.Amount;
import boldwedge.core.measure.Quantity;
import boldwedge.core.measure.Say;
import boldwedge.core.rule.LastPass;
import boldwedge.core.rule.MeasuredWarm;
import boldwedge.core.rule.Rule;
import boldwedge.core.turning.ask.TurningField;
import boldwedge.core.turning.model.TurningCut;
import boldwedge.core.turning.model.TurningJob;
import boldwedge.core.wedge.EdgeAngles;
import boldwedge.core.wedge.Frame;
import boldwedge.core.wedge.Operation;
import boldwedge.core.wedge.ToolSignature;
import java.util.List;
import java.util.Locale;

/** What is said of a turning cut: its rules, figures, drawings and the grinding. */
public final class TurningAnswer {
    /** What is asked of it. */
    public static final List<Rule<TurningCut>> RULES = List.of(
            (cut, say) -> List.of(passes(cut, say)),
            (cut, say) -> new EdgeFindings(cut, say).all(),
            Rule.telling(
                    Station.EDGE,
                    (cut, say) -> List.of(new EdgesBesideWords(cut, cut.beside().edges(), say).told())),
            (cut, say) -> new ClearanceFindings(cut, say).all(),
            (cut, say) -> new CuttingFindings(cut, say).all(),
            (cut, say) -> new SpringFindings(cut, say).all(),
            TurningAnswer::warm,
            (cut, say) -> new GrindCard(cut, say).findings());

    private TurningAnswer() {}

    /** All of it but what its rules answer. */
    public static Told tell(TurningCut cut, Say say) {
        return new Told(
                figures(cut, say),
                List.of(
                        Drawn.of("cut", () -> WorkScenes.cut(cut, say)),
                        Drawn.of("bit", () -> BitScene.draw(cut, say)),
                        Drawn.of(
                                "edges-beside",
                                () -> EdgesBesideScene.draw(cut, cut.beside().edges(), say)),
                        Drawn.of("tool-on-work", () -> EdgeScenes.toolOnWork(cut, say)),
                        Drawn.of("marks", () -> EdgeScenes.marks(cut, say)),
                        Drawn.of("push-off", () -> WorkScenes.pushOff(cut, say))),
                () -> new GrindCard(cut, say).steps());
    }

    /** Shows what was chosen, and the recommended range beside what was typed. */
    public static void show(Chosen chosen, TurningCut cut) {
        ToolSignature s = cut.signature();
        chosen.angle(TurningField.BACK_RAKE, cut.advice().backRake(), s.backRake());
        chosen.angle(TurningField.SIDE_RAKE, cut.advice().sideRake(), s.sideRake());
        chosen.angle(TurningField.END_RELIEF, cut.advice().endRelief(), s.endRelief());
        chosen.angle(TurningField.SIDE_RELIEF, cut.advice().sideRelief(), s.sideRelief());
        chosen.angle(TurningField.END_EDGE, cut.advice().endEdge(), s.endCuttingEdge());
        chosen.angle(TurningField.SIDE_EDGE, cut.advice().sideEdge(), s.sideCuttingEdge());
        chosen.nose(TurningField.NOSE_RADIUS, cut.advice().noseRadius(), s.noseRadiusMm());
        chosen.length(TurningField.DEPTH, cut.job().depthMm());
        chosen.value(TurningField.FEED, Quantity.FEED, cut.cutting().feedMm());
        chosen.value(TurningField.SPEED, Quantity.SPINDLE_SPEED, cut.cutting().rpm());
        chosen.length(TurningField.OVERHANG, cut.job().overhangMm());
        chosen.length(TurningField.GROUND_LENGTH, cut.bit().groundLengthMm());
    }

    private static Finding passes(TurningCut cut, Say say) {
        TurningJob job = cut.job();
        TurningCut.Roughing rough = cut.roughing();
        double roughTime = rough.passes() == 0
                ? 0
                : rough.passes()
                        * cut.pathMm()
                        / (rough.feedMm() * cut.cutting().rpm());
        String last = rough.last() == 2
                ? "two equal ones of " + say.length(job.depthMm()) + "; measure after each of them"
                : "one of " + say.length(job.depthMm()) + " to size";
        String words = rough.passes() == 0
                ? String.format(
                        Locale.ROOT,
                        "%s, in %s.",
                        rough.last() == 2
                                ? "Two equal passes of " + say.length(job.depthMm()) + "; measure after the first"
                                : "One pass of " + say.length(job.depthMm()) + " takes it to size",
                        say.time(rough.last() * cut.passMinutes()))
                : String.format(
                        Locale.ROOT,
                        "%d roughing %s of %s, then %s: about %s of cutting.",
                        rough.passes(),
                        rough.passes() == 1 ? "pass" : "passes",
                        say.length(rough.depthMm()),
                        last,
                        say.time(roughTime + rough.last() * cut.passMinutes()));
        // Where no pass before the last one tells what the dial is off, the beginning of the last one does.
        String measured =
                rough.last() == 2 || job.operation() == Operation.FACE ? "" : LastPass.stopAndMeasure(rough.passes());
        return Finding.at(Station.CUT, "passes")
                .says(Verdict.TOLD, words + measured)
                .steps(stock(job, say), say)
                .step(
                        Working.of("Time of the last pass", "L / (f · n)", minutes(cut.passMinutes()))
                                .with("L", mm(cut.pathMm()))
                                .with("f", mmPerRev(cut.cutting().feedMm()))
                                .with("n", rpm(cut.cutting().rpm())),
                        say)
                .step(
                        Working.of(
                                        "Metal removed in the last pass",
                                        "ap · f · π · d · n",
                                        Amount.of(Quantity.REMOVAL_RATE, cut.removalCm3PerMin()))
                                .with("ap", mm(job.depthMm()))
                                .with("f", mmPerRev(cut.cutting().feedMm()))
                                .with("d", "midway through the depth", mm(cut.chipDiameterMm()))
                                .with("n", rpm(cut.cutting().rpm())),
                        say)
                .source("Kinematics of turning")
                .caution(
                        "Chuck key out before the spindle is started. Sleeves and rags away; long chips by hook, not by hand.")
                .build();
    }

    private static List<Finding> warm(TurningCut cut, Say say) {
        TurningJob job = cut.job();
        return job.operation() == Operation.FACE
                ? List.of()
                : List.of(MeasuredWarm.of("it", job.work(), job.finishedMm(), job.tolerance(), say));
    }

    private static List<Working> stock(TurningJob job, Say say) {
        return job.operation() == Operation.FACE
                ? List.of()
                : List.of(Working.of("Stock each side", "(D − d) / 2", mm(job.stockMm()))
                        .with("D", mm(job.diameterMm()).typed())
                        .with("d", mm(job.finishedMm()).typed()));
    }

    private static List<Figure> figures(TurningCut cut, Say say) {
        Figures f = new Figures(say);
        ToolSignature s = cut.signature();
        ToolSignature u = cut.wedge().signature(cut.used());
        EdgeAngles hand = cut.wedge().sideAngles(Frame.IN_HAND);
        EdgeAngles use = cut.leading();
        f.add("backRake", "Back rake", Station.EDGE, rad(s.backRake()));
        f.add("sideRake", "Side rake", Station.EDGE, rad(s.sideRake()));
        f.add("endRelief", "End relief", Station.EDGE, rad(s.endRelief()));
        f.add("sideRelief", "Side relief", Station.EDGE, rad(s.sideRelief()));
        f.add("endEdge", "End cutting-edge angle", Station.EDGE, rad(s.endCuttingEdge()));
        f.add("sideEdge", "Side cutting-edge angle", Station.EDGE, rad(s.sideCuttingEdge()));
        f.add("noseRadius", "Nose radius", Station.EDGE, mm(s.noseRadiusMm()));
        f.add("kappaR", "Approach, κr", Station.EDGE, rad(hand.approach()));
        f.add("lambdaS", "λs, inclination", Station.EDGE, rad(hand.inclination()));
        f.add("gammaO", "γo, orthogonal rake", Station.EDGE, rad(hand.orthogonalRake()));
        f.add("gammaN", "Rake at the edge, γn", Station.EDGE, rad(hand.normalRake()));
        f.add("alphaO", "αo, orthogonal clearance", Station.EDGE, rad(hand.orthogonalClearance()));
        f.add("alphaN", "αn, normal clearance", Station.EDGE, rad(hand.normalClearance()));
        f.add("betaN", "Wedge, βn", Station.EDGE, rad(hand.normalWedge()));
        f.add("backRakeInUse", "Back rake in use", Station.REACH, rad(u.backRake()));
        f.add("sideRakeInUse", "Side rake in use", Station.REACH, rad(u.sideRake()));
        f.add("endReliefInUse", "End relief in use", Station.REACH, rad(u.endRelief()));
        f.add("sideReliefInUse", "Side relief in use", Station.REACH, rad(u.sideRelief()));
        f.add("gammaNInUse", "γn in use", Station.REACH, rad(use.normalRake()));
        f.add("speed", "Spindle speed", Station.REACH, rpm(cut.cutting().rpm()));
        f.add(
                "surfaceSpeed",
                "Surface speed",
                Station.REACH,
                metresPerMinute(cut.cutting().surfaceSpeed()));
        f.add("feed", "Feed", Station.REACH, mmPerRev(cut.cutting().feedMm()));
        f.add("depth", "Depth of cut", Station.REACH, mm(cut.job().depthMm()));
        f.add(
                "cuttingForce",
                "Cutting force",
                Station.REACH,
                newtons(cut.cutting().force().cuttingN()));
        f.add(
                "feedForce",
                "Feed force",
                Station.REACH,
                newtons(cut.cutting().force().feedN()));
        f.add("pushForce", "Push", Station.REACH, newtons(cut.cutting().force().pushN()));
        f.add("power", "Power at the edge", Station.REACH, watts(cut.cutting().powerWatt()));
        f.add(
                "availablePower",
                "Power at the spindle",
                Station.REACH,
                watts(cut.cutting().at().availableWatt()));
        f.add(
                "rt",
                "Rt, theoretical",
                Station.REACH,
                profile(cut.cutting().finish().rtMm()));
        f.add("ra", "Ra, theoretical", Station.REACH, ra(cut.cutting().finish().raMm()));
        f.add("removalRate", "Metal removed", Station.REACH, Amount.of(Quantity.REMOVAL_RATE, cut.removalCm3PerMin()));
        f.add("passTime", "Time of the pass", Station.REACH, minutes(cut.passMinutes()));
        f.add(
                "smallestChip",
                "Smallest chip",
                Station.REACH,
                mm(cut.cutting().smallestChipMm().chosen()));
        f.add(
                "diameterError",
                "Left large by spring",
                Station.REACH,
                mm(cut.pushOff().largestMm()));
        f.add(
                "dialIn",
                "To dial in on the diameter",
                Station.REACH,
                mm(cut.pushOff().evenMm()));
        f.add(
                "afterDialling",
                "Left either way when dialled in",
                Station.REACH,
                mm(cut.pushOff().remainingMm()));
        f.add(
                "chipArea",
                "Area of the chip",
                Station.REACH,
                mm2(cut.cutting().force().chipAreaMm2()));
        f.add(
                "chipThickness",
                "Chip, on average",
                Station.REACH,
                mm(cut.cutting().force().meanChipMm()));
        f.add(
                "edgePress",
                "The edge's own push, by length",
                Station.REACH,
                newtonsPerMm(cut.cutting().at().press().acrossNPerMm()));
        f.add(
                "give",
                "Give of work and tool at the end",
                Station.REACH,
                mmPerNewton(cut.holding()
                        .complianceAt(cut.pushOff().stations().getLast().fromChuckMm())));
        f.add("taper", "Taper over the cut", Station.REACH, mm(cut.pushOff().taperMm()));
        f.add(
                "springPasses",
                "Spring passes",
                Station.REACH,
                cut.pushOff().springPasses(),
                Integer.toString(cut.pushOff().springPasses()));
        f.add("toolDrop", "Drop of the point", Station.REACH, mm(cut.toolDropMm()));
        f.add("removedVolume", "Stock to grind", Station.MAKE, mm3(cut.bit().totalRemovedMm3()));
        f.add("mass", "Mass when ground", Station.MAKE, grams(cut.bit().massGram()));
        f.add(
                "regrinds",
                "Touch-ups in a whole bit",
                Station.MAKE,
                cut.grinding().regrindsLeft(),
                Integer.toString(cut.grinding().regrindsLeft()));
        f.add(
                "pointHeight",
                "Point above base",
                Station.MAKE,
                mm(cut.bit().point().getZ()));
        f.add(
                "chartSpeed",
                "Speed a chart asks for",
                Station.REACH,
                rpm(cut.cutting().speedChoice().wantedRpm()));
        double higher =
                cut.cutting().speedChoice().higherRpm().orElse(cut.cutting().rpm());
        f.add(
                "nextHigherLife",
                "Edge life at the next speed up",
                Station.REACH,
                SpeedChoice.lifeShare(
                        Math.min(cut.cutting().rpm(), higher),
                        higher,
                        cut.job().tool().taylorExponent()),
                say.share(cut.cutting().speedChoice().higherLifeShare()));
        return f.all();
    }
}
