package boldwedge.core.families.turning.report;

import static boldwedge.core.families.turning.entry.TurningField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.turning.model.TurningCut;
import boldwedge.core.families.turning.model.TurningJob;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.CuttingFluid.Manner;
import boldwedge.core.mechanics.cutting.SpeedChoice;
import boldwedge.core.mechanics.wedge.EdgeAngles;
import boldwedge.core.mechanics.wedge.Frame;
import boldwedge.core.mechanics.wedge.Operation;
import boldwedge.core.mechanics.wedge.ToolSignature;
import boldwedge.core.planning.Drawn;
import boldwedge.core.planning.Figure;
import boldwedge.core.planning.Figures;
import boldwedge.core.planning.Told;
import boldwedge.core.rule.BetweenCentresRule;
import boldwedge.core.rule.FluidRule;
import boldwedge.core.rule.LastPass;
import boldwedge.core.rule.MeasuredWarm;
import boldwedge.core.rule.Rule;
import java.util.ArrayList;
import java.util.List;

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
            (cut, say) -> new SwingFindings(cut, say).all(),
            (cut, say) -> new CuttingFindings(cut, say).all(),
            (cut, say) -> new SpringFindings(cut, say).all(),
            TurningAnswer::warm,
            (cut, say) -> new GrindFindings(cut, say).all(),
            FluidRule.of(
                    Manner.LIGHT,
                    (TurningCut cut) -> cut.job().work(),
                    cut -> cut.job().tool().isCarbide()),
            BetweenCentresRule.of(
                    (TurningCut cut) -> cut.job().hold(),
                    cut -> cut.job().work(),
                    cut -> cut.job().freeLengthMm()));

    /** Both sides together the peaks stand about so many Ra over the middle of a turned surface (ISO 21920-2's Rz is four to seven Ra; half of it a side). */
    private static final double PEAKS_OF_RA = 6;

    private TurningAnswer() {}

    /** All of it but what its rules answer. */
    public static Told tell(TurningCut cut, UnitFormat say) {
        return new Told(figures(cut, say), drawings(cut, say), () -> new GrindCard(cut, say).steps());
    }

    private static List<Drawn> drawings(TurningCut cut, UnitFormat say) {
        List<Drawn> drawings = new ArrayList<>(List.of(
                Drawn.of("cut", () -> WorkScenes.cut(cut, say)),
                Drawn.of("bit", () -> BitScene.draw(cut, say)),
                Drawn.of(
                        "edges-beside",
                        () -> EdgesBesideScene.draw(cut, cut.beside().edges(), say)),
                Drawn.of("tool-on-work", () -> EdgeScenes.toolOnWork(cut, say)),
                Drawn.of("marks", () -> EdgeScenes.marks(cut, say)),
                Drawn.of("push-off", () -> WorkScenes.pushOff(cut, say))));
        if (cut.job().operation() == Operation.TURN_AND_FACE) {
            drawings.add(Drawn.of("swing", () -> SwingFindings.scene(cut, say)));
        }
        return drawings;
    }

    private static Finding passes(TurningCut cut, UnitFormat say) {
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
                ? Written.words(
                        "%s, in %s.",
                        rough.last() == 2
                                ? "Two equal passes of " + say.length(job.depthMm()) + "; measure after the first"
                                : "One pass of " + say.length(job.depthMm()) + " takes it to size",
                        say.time(rough.last() * cut.passMinutes()))
                : Written.words(
                        "%d roughing %s of %s, then %s: about %s of cutting.",
                        rough.passes(),
                        rough.passes() == 1 ? "pass" : "passes",
                        say.length(rough.depthMm()),
                        last,
                        say.time(roughTime + rough.last() * cut.passMinutes()));
        // Where no pass before the last one tells what the dial is off, the beginning of the last one does.
        String measured =
                rough.last() == 2 || job.operation() == Operation.FACE ? "" : LastPass.stopAndMeasure(rough.passes());
        Finding.Builder finding = Finding.at(Station.CUT, "passes", say);
        if (job.operation() != Operation.FACE) {
            polished(finding, job, say);
        }
        return finding.says(Verdict.TOLD, words + measured)
                .steps(stock(job))
                .step(Working.of("Time of the last pass", "L / (f · n)", minutes(cut.passMinutes()))
                        .with("L", mm(cut.pathMm()))
                        .with("f", mmPerRev(cut.cutting().feedMm()))
                        .with("n", rpm(cut.cutting().rpm())))
                .step(Working.of(
                                "Metal removed in the last pass",
                                "ap · f · π · d · n",
                                Amount.of(Quantity.REMOVAL_RATE, cut.removalCm3PerMin()))
                        .with("ap", mm(job.depthMm()))
                        .with("f", mmPerRev(cut.cutting().feedMm()))
                        .with("d", "midway through the depth", mm(cut.chipDiameterMm()))
                        .with("n", rpm(cut.cutting().rpm())))
                .source("Kinematics of turning")
                .caution(
                        "Chuck key out before the spindle is started. Sleeves and rags away; long chips by hook, not by hand.")
                .build();
    }

    /** Turned to size, or the last of it taken off with emery: by how much the peaks of the finish stand, both sides. */
    private static void polished(Finding.Builder finding, TurningJob job, UnitFormat say) {
        finding.school("Turned to size", "The tool makes size and form; the finish is what feed and nose leave", true)
                .school(
                        "Polished to size",
                        Written.words(
                                "Turned %s large, the peaks of its finish, and brought down with emery. Against it: it follows what is out of round, rounds the corners, makes no two alike, and its grit gets into the ways",
                                say.length(PEAKS_OF_RA * job.raMm())),
                        false)
                .caution(
                        "Emery: never wrapped round the work or round a finger; a strip over a flat stick, ends held apart, the ways covered.");
    }

    private static List<Finding> warm(TurningCut cut, UnitFormat say) {
        TurningJob job = cut.job();
        return job.operation() == Operation.FACE
                ? List.of()
                : List.of(MeasuredWarm.of("it", job.work(), job.finishedMm(), job.tolerance(), say));
    }

    private static List<Working> stock(TurningJob job) {
        return job.operation() == Operation.FACE
                ? List.of()
                : List.of(Working.of("Stock each side", "(D − d) / 2", mm(job.stockMm()))
                        .with("D", mm(job.diameterMm()).typed())
                        .with("d", mm(job.finishedMm()).typed()));
    }

    private static List<Figure> figures(TurningCut cut, UnitFormat say) {
        Figures f = new Figures(say);
        ToolSignature s = cut.signature();
        ToolSignature u = cut.wedge().signature(cut.used());
        EdgeAngles hand = cut.wedge().sideAngles(Frame.IN_HAND);
        EdgeAngles use = cut.leading();
        f.at(Station.EDGE);
        f.add("backRake", "Back rake", rad(s.backRake()));
        f.add("sideRake", "Side rake", rad(s.sideRake()));
        f.add("endRelief", "End relief", rad(s.endRelief()));
        f.add("sideRelief", "Side relief", rad(s.sideRelief()));
        f.add("endEdge", "End cutting-edge angle", rad(s.endCuttingEdge()));
        f.add("sideEdge", "Side cutting-edge angle", rad(s.sideCuttingEdge()));
        f.add("noseRadius", "Nose radius", mm(s.noseRadiusMm()));
        f.add("kappaR", "Approach, κr", rad(hand.approach()));
        f.add("lambdaS", "λs, inclination", rad(hand.inclination()));
        f.add("gammaO", "γo, orthogonal rake", rad(hand.orthogonalRake()));
        f.add("gammaN", "Rake at the edge, γn", rad(hand.normalRake()));
        f.add("alphaO", "αo, orthogonal clearance", rad(hand.orthogonalClearance()));
        f.add("alphaN", "αn, normal clearance", rad(hand.normalClearance()));
        f.add("betaN", "Wedge, βn", rad(hand.normalWedge()));
        f.at(Station.REACH);
        f.add("backRakeInUse", "Back rake in use", rad(u.backRake()));
        f.add("sideRakeInUse", "Side rake in use", rad(u.sideRake()));
        f.add("endReliefInUse", "End relief in use", rad(u.endRelief()));
        f.add("sideReliefInUse", "Side relief in use", rad(u.sideRelief()));
        f.add("gammaNInUse", "γn in use", rad(use.normalRake()));
        f.add("speed", "Spindle speed", rpm(cut.cutting().rpm()));
        f.add("surfaceSpeed", "Surface speed", metresPerMinute(cut.cutting().surfaceSpeed()));
        f.add("feed", "Feed", mmPerRev(cut.cutting().feedMm()));
        f.add("depth", "Depth of cut", mm(cut.job().depthMm()));
        f.add("cuttingForce", "Cutting force", newtons(cut.cutting().force().cuttingN()));
        f.add("feedForce", "Feed force", newtons(cut.cutting().force().feedN()));
        f.add("pushForce", "Push", newtons(cut.cutting().force().pushN()));
        f.add("power", "Power at the edge", watts(cut.cutting().powerWatt()));
        f.add("availablePower", "Power at the spindle", watts(cut.cutting().at().availableWatt()));
        f.add("rt", "Rt, theoretical", profile(cut.cutting().finish().rtMm()));
        f.add("ra", "Ra, theoretical", ra(cut.cutting().finish().raMm()));
        f.add("removalRate", "Metal removed", Amount.of(Quantity.REMOVAL_RATE, cut.removalCm3PerMin()));
        f.add("passTime", "Time of the pass", minutes(cut.passMinutes()));
        f.add("smallestChip", "Smallest chip", mm(cut.cutting().smallestChipMm().chosen()));
        f.add("diameterError", "Left large by spring", mm(cut.pushOff().largestMm()));
        f.add("dialIn", "To dial in on the diameter", mm(cut.pushOff().evenMm() + TurningTrial.taughtEvenMm(cut)));
        f.add(
                "afterDialling",
                "Left either way when dialled in",
                mm(cut.pushOff().remainingMm()));
        f.add("chipArea", "Area of the chip", mm2(cut.cutting().force().chipAreaMm2()));
        f.add("chipThickness", "Chip, on average", mm(cut.cutting().force().meanChipMm()));
        f.add(
                "edgePress",
                "The edge's own push, by length",
                newtonsPerMm(cut.cutting().at().press().acrossNPerMm()));
        f.add(
                "give",
                "Give of work and tool at the end",
                mmPerNewton(cut.holding()
                        .complianceAt(cut.pushOff().stations().getLast().fromChuckMm())));
        f.add("taper", "Taper over the cut", mm(cut.pushOff().taperMm()));
        f.add(
                "springPasses",
                "Spring passes",
                cut.pushOff().springPasses(),
                Integer.toString(cut.pushOff().springPasses()));
        f.add("toolDrop", "Drop of the point", mm(cut.toolDropMm()));
        f.at(Station.MAKE);
        f.add("removedVolume", "Stock to grind", mm3(cut.bit().totalRemovedMm3()));
        f.add("mass", "Mass when ground", grams(cut.bit().massGram()));
        f.add(
                "regrinds",
                "Touch-ups in a whole bit",
                cut.grinding().regrindsLeft(),
                Integer.toString(cut.grinding().regrindsLeft()));
        f.add("pointHeight", "Point above base", mm(cut.bit().point().getZ()));
        f.at(Station.REACH);
        f.add(
                "chartSpeed",
                "Speed a chart asks for",
                rpm(cut.cutting().speedChoice().wantedRpm()));
        double higher =
                cut.cutting().speedChoice().higherRpm().orElse(cut.cutting().rpm());
        f.add(
                "nextHigherLife",
                "Edge life at the next speed up",
                SpeedChoice.lifeShare(
                        Math.min(cut.cutting().rpm(), higher),
                        higher,
                        cut.job().tool().taylorExponent()),
                say.share(cut.cutting().speedChoice().higherLifeShare()));
        return f.all();
    }
}
