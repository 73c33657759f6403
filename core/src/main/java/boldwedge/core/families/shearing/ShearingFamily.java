package boldwedge.core.families.shearing;

import static boldwedge.core.families.shearing.entry.ShearField.*;

import boldwedge.core.families.shearing.entry.ShearField;
import boldwedge.core.families.shearing.entry.ShearReader;
import boldwedge.core.families.shearing.model.ShearCut;
import boldwedge.core.families.shearing.model.ShearJob;
import boldwedge.core.families.shearing.report.ShearAnswer;
import boldwedge.core.families.shearing.report.ShearSolid;
import boldwedge.core.families.shearing.report.ShearTrial;
import boldwedge.core.family.DeclaredFamily;
import boldwedge.core.family.Solid;
import boldwedge.core.family.ToolKind;
import boldwedge.core.family.ToolMatch;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.planning.CutPage;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.OnWork;
import boldwedge.core.planning.OnWork.Kind;
import boldwedge.core.planning.OnWork.Passes;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.PrintedCard;
import boldwedge.core.planning.Read;
import boldwedge.core.planning.Sentence;
import boldwedge.core.planning.SpokenAs;
import boldwedge.core.planning.SpokenAs.Derived;
import boldwedge.core.planning.SpokenAs.Marked;
import boldwedge.core.planning.StationPage;
import boldwedge.core.planning.TrialForm;
import boldwedge.core.trial.Measured;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Shear tools: an upright edge that shaves the last hair off round work that tears under common bits. */
public final class ShearingFamily extends DeclaredFamily<ShearCut> {
    private static final List<Entry> BROUGHT = List.of(BIT, SLOPE, FRONT, USED);

    private static final ToolKind KIND = ToolKind.of(
                    "shear-bit", "shear tool", "Keep the tool", SLOPE, BROUGHT, BROUGHT, "shear-edge")
            .drawnIn(Map.of(OPERATION, "shear", FINISHED, "30 mm"));

    private static final TrialForm TRIAL = TrialForm.beside("shear-touch")
            .typed("finish", "Finish left", "by gauge or comparison")
            .typed("otherFinish", "Finish of the other half", "if two slopes were tried")
            .typed("otherSlope", "Slope on the other half", "if two slopes were tried")
            .picked("marks", "The surface", ShearTrial.Marks.values())
            .picked("chips", "Chips", ShearTrial.Chips.values())
            .picked("sound", "Sound", Measured.Sound.values());

    /** Declares it. */
    public ShearingFamily() {
        super(
                "shearing",
                11,
                new Asks<>(List.of(ShearField.values()), ShearReader::cut),
                new Says<>(ShearAnswer.RULES, ShearAnswer::tell),
                new Judges(TRIAL, ShearTrial::prove),
                KIND);
    }

    @Override
    public Optional<OnWork> onWork(ShearCut cut, UnitFormat say) {
        ShearJob job = cut.job();
        if (job.hold() == Hold.BETWEEN_CENTRES) {
            return Optional.empty();
        }
        return Optional.of(OnWork.of(
                        Kind.SHAVE, job.work(), job.lathe(), job.bit().name() + ", ground as a shear tool")
                .across(cut.beforeMm(), cut.beforeMm() - 2 * cut.passes() * cut.depthMm())
                .along(0, job.lengthMm())
                .running(cut.cutting().rpm(), cut.cutting().feedMm())
                .with(one -> one.centred(job.hold() == Hold.CHUCK_AND_CENTRE)
                        .passes(Passes.once(cut.passes() * cut.passMinutes()))
                        .freeField(STICK_OUT.id())));
    }

    @Override
    public Optional<Solid> solid(ShearCut cut) {
        return Optional.of(new Solid("shear-tool", ShearSolid.shells(cut)));
    }

    @Override
    public CutPage page(Read<ShearCut> read) {
        return new CutPage(
                id(),
                Sentence.of(
                        entries(),
                        "{operation} {material} to {finished}, {length} long, from {finishBefore} to {finish}; held {hold}, {stickOut} free, on {lathe} with a {shearBit}."),
                List.of(
                        StationPage.of(
                                        Station.CUT,
                                        List.of("shear-work", "shear-touch"),
                                        List.of("turnedBefore", "shearPasses", "shearFinish"))
                                .picking(SURFACE)
                                .setting(OUT_OF_TRUE, SHOULDER),
                        StationPage.of(
                                Station.EDGE,
                                List.of("shear-edge", "shear-touch"),
                                List.of("shearArc", "effectiveRake", "shearFresh")),
                        StationPage.of(
                                Station.REACH,
                                List.of("shear-touch", "shear-work"),
                                List.of("shearTop", "shearPush", "passTime")),
                        StationPage.making("Route card")),
                new PrintedCard(
                        read.filled(
                                "shave {material} to {finished}, {length} long, from {finishBefore} to {finish}; {lathe}, {shearBit}."),
                        "shear-edge",
                        Entry.ids(SLOPE, FRONT),
                        Entry.ids(DEPTH, FEED, SPEED, STRETCH)),
                "shear-edge",
                List.of(KIND.kept(read)),
                List.of(),
                "",
                Optional.empty());
    }

    @Override
    public Optional<SpokenAs> spokenAs() {
        return Optional.of(new SpokenAs(
                Map.of("shave", "shear", "shear", "shear", "shear tool", "shear", "shaving", "shear"),
                FINISHED,
                FINISHED,
                Optional.empty(),
                List.of(FINISHED, LENGTH),
                List.of(
                        new Marked(FINISHED, List.of("diameter", "dia", "to"), List.of("diameter", "dia", "round")),
                        new Marked(LENGTH, List.of("length"), List.of("long")),
                        new Marked(STICK_OUT, List.of(), List.of("out", "free")),
                        new Marked(SHOULDER, List.of(), List.of("before the shoulder", "to the shoulder")),
                        new Marked(SPEED, List.of("speed"), List.of("rpm"))),
                List.of(MATERIAL, HOLD, SURFACE),
                List.of(new Derived(STICK_OUT, LENGTH, 15, 0.5, Optional.of(FINISHED)))));
    }

    @Override
    public ToolMatch match(PlanRequest cut, Map<String, String> tool) {
        return ToolMatch.byPlan(this, cut, BROUGHT, List.of(DEPTH, FEED, STRETCH), tool);
    }
}
