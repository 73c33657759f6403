package boldwedge.core.families.boring;

import static boldwedge.core.families.boring.entry.BoreField.*;

import boldwedge.core.families.boring.entry.BoreField;
import boldwedge.core.families.boring.entry.BoreReader;
import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.families.boring.model.BoreJob;
import boldwedge.core.families.boring.report.BarSearch;
import boldwedge.core.families.boring.report.BarSolid;
import boldwedge.core.families.boring.report.BarTests;
import boldwedge.core.families.boring.report.BoreAnswer;
import boldwedge.core.families.boring.report.BoreTrial;
import boldwedge.core.family.DeclaredFamily;
import boldwedge.core.family.Solid;
import boldwedge.core.family.ToolKind;
import boldwedge.core.family.ToolMatch;
import boldwedge.core.family.ToolTests;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.planning.CutPage;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.HeightEntry;
import boldwedge.core.planning.OnWork;
import boldwedge.core.planning.OnWork.Kind;
import boldwedge.core.planning.OnWork.Passes;
import boldwedge.core.planning.Panel;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.PrintedCard;
import boldwedge.core.planning.Read;
import boldwedge.core.planning.Sentence;
import boldwedge.core.planning.SpokenAs;
import boldwedge.core.planning.SpokenAs.Derived;
import boldwedge.core.planning.SpokenAs.Follows;
import boldwedge.core.planning.SpokenAs.Marked;
import boldwedge.core.planning.StationPage;
import boldwedge.core.planning.TrialForm;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.trial.Calibration;
import boldwedge.core.trial.Lessons;
import boldwedge.core.trial.Measured;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Boring bars with a bit or an insert. */
public final class BoringFamily extends DeclaredFamily<BoreCut> {
    /** How much a hole that a core left is usually out of round, mm (ours): a first pass goes by it. */
    private static final double CORED_OUT_MM = 1.5;

    /** What any bar is; what was measured of it is kept only when it was. */
    private static final List<Entry> KEPT =
            BarSearch.BRINGS.stream().filter(entry -> entry != DAMPING).toList();

    private static final ToolKind KIND = ToolKind.of(
                    "bar",
                    "boring bar",
                    "Put it in the crib",
                    BAR_DIAMETER,
                    KEPT,
                    List.of(
                            BAR_DIAMETER,
                            BAR_LENGTH,
                            BAR_MATERIAL,
                            NECK_DIAMETER,
                            NECK_LENGTH,
                            ROD_HOLE,
                            BIT,
                            BIT_ANGLE,
                            RELIEF,
                            SIDE_EDGE,
                            NOSE_RADIUS,
                            STIFFNESS,
                            OVERHANG,
                            DAMPING),
                    "bar-drawing")
            .keepingTyped(STIFFNESS)
            .keeping(DAMPING, STIFFNESS, DAMPING)
            .keeping(RING, STIFFNESS, RING)
            .keeping(OVERHANG, STIFFNESS)
            .calling(Map.of(
                    BAR_LENGTH,
                    "Whole length",
                    BAR_MATERIAL,
                    "Of",
                    SIDE_EDGE,
                    "Lead",
                    STIFFNESS,
                    "Stiffness measured",
                    OVERHANG,
                    "at a reach of",
                    DAMPING,
                    "Damping measured"))
            .drawnIn(Map.of(OPERATION, "bore", START, "300 mm", FINISHED, "302 mm", DEPTH_OF_HOLE, "5 mm"))
            .showing("smallestHole", RELIEF);

    private static final TrialForm TRIAL = TrialForm.beside("bore-size")
            .typed("near", "Diameter at the mouth", "past its bell")
            .typed("far", "Diameter at the bottom", "measured")
            .typed("finish", "Finish", "if compared")
            .typed("speed", "Speed run", "as planned")
            .typed("feed", "Feed run", "as planned")
            .typed("depth", "Depth taken", "as planned")
            .picked("chip", "Chip", Measured.Chip.values())
            .picked("sound", "Sound", Measured.Sound.values())
            .picked("warmth", "Warmth when measured", Measured.Warmth.values())
            .moved("dialled", "Dialled, on the diameter", "− is smaller")
            .moved("swung", "Taper swung out", "− bottom smaller")
            .with(Panel.TOOL_TESTS);

    /** Declares it. */
    public BoringFamily() {
        super(
                "boring",
                2,
                new Asks<>(List.of(BoreField.values()), BoreReader::cut),
                new Says<>(BoreAnswer.RULES, BoreAnswer::tell),
                new Judges(TRIAL, BoreTrial::prove),
                KIND);
    }

    @Override
    public boolean learns() {
        return true;
    }

    @Override
    public Optional<Lessons.About> about(PlanRequest request) {
        return BoreTrial.about(request);
    }

    @Override
    protected Map<Lessons.Subject, Calibration.Lesson> taught(TrialRequest made) {
        return Lessons.together(
                Lessons.of(about(made.plan()), BoreTrial.lesson(made)), BoreTrial.heard(made), BoreTrial.besides(made));
    }

    @Override
    public Optional<OnWork> onWork(BoreCut cut, UnitFormat say) {
        BoreJob job = cut.job();
        if (job.held().barTurns()) {
            return Optional.empty();
        }
        BoreCut.Passes passes = cut.passes();
        return Optional.of(OnWork.of(Kind.BORE, job.work(), job.lathe(), "bar of " + say.length(job.barMm()))
                .across(job.startMm(), job.finishedMm())
                .along(0, job.holeDepthMm())
                .running(cut.cutting().rpm(), cut.cutting().feedMm())
                .with(one -> one.passes(new Passes(
                                passes.rough(),
                                passes.rough() * cut.passMinutes(),
                                2 * passes.finish() * passes.finishMm(),
                                passes.finish() * cut.passMinutes()))
                        .toleranceMm(job.tolerance().widthMm())
                        .freeField(STICK_OUT.id())));
    }

    @Override
    public Optional<Solid> solid(BoreCut cut) {
        return Optional.of(new Solid("bar", BarSolid.shells(cut.job())));
    }

    @Override
    public CutPage page(Read<BoreCut> read) {
        return new CutPage(
                id(),
                Sentence.of(
                        entries(),
                        "{operation} {material} from {boreStart} to {boreFinished} {boreTolerance} and {finish}, {boreDepth} deep, {bottom}, {recess}; on {lathe} with a {barDiameter} bar of {barMaterial} {barHeld} and a {boreBit}."),
                List.of(
                        StationPage.of(Station.CUT, List.of("hole", "bore-size"), List.of("speed", "feed", "passTime")),
                        StationPage.of(
                                Station.EDGE, List.of("bore-edge", "bar-drawing"), List.of("smallestHole", "barGap")),
                        StationPage.of(
                                        Station.REACH,
                                        List.of("bar", "bore-size", "lobes"),
                                        List.of("speed", "feed", "depth"))
                                .with(Panel.HEIGHT),
                        StationPage.making("Route card")
                                .setting(
                                        BAR_LENGTH,
                                        BAR_DIAMETER,
                                        NECK_DIAMETER,
                                        NECK_LENGTH,
                                        BLEND,
                                        ROD_HOLE,
                                        ROD_DRILL,
                                        SET)),
                new PrintedCard(
                        read.filled(
                                "Bore {material}: {boreStart} to {boreFinished} {boreTolerance}, {boreDepth} deep, {bottom}, {finish}; {lathe}; bar of {barDiameter} {barMaterial}, {boreBit}."),
                        "bar-drawing",
                        Entry.ids(BACK_RAKE, SIDE_RAKE, RELIEF, SIDE_RELIEF, END_EDGE, SIDE_EDGE, NOSE_RADIUS),
                        Entry.ids(SPEED, FEED, DEPTH, OVERHANG, HEIGHT)),
                "bar",
                List.of(KIND.kept(read)),
                List.of(),
                "bar-drawing",
                Optional.of(new HeightEntry(HEIGHT.id(), START.id(), false)));
    }

    @Override
    public Optional<SpokenAs> spokenAs() {
        return Optional.of(new SpokenAs(
                        Map.of(
                                "bore out",
                                "bore",
                                "open out",
                                "bore",
                                "open",
                                "bore",
                                "opened out",
                                "bore",
                                "boring",
                                "bore"),
                        START,
                        FINISHED,
                        Optional.of(TOLERANCE),
                        List.of(FINISHED, DEPTH_OF_HOLE),
                        List.of(
                                new Marked(START, List.of("from", "drilled", "cored"), List.of("drilled", "cored")),
                                new Marked(FINISHED, List.of("hole"), List.of("hole", "bore")),
                                // "A 30 hole to 32": what is wanted is said behind "to".
                                new Marked(START, List.of(), List.of("hole")),
                                new Marked(
                                        DEPTH_OF_HOLE,
                                        List.of("deep", "depth", "through", "long"),
                                        List.of("deep", "long", "thick")),
                                new Marked(OUTSIDE, List.of("outside", "od"), List.of("outside", "od")),
                                new Marked(FINISH, List.of("finish"), List.of("finish", "ra")),
                                new Marked(BAR_DIAMETER, List.of("bar"), List.of("bar")),
                                new Marked(STICK_OUT, List.of("stick-out"), List.of("out", "free", "stick-out")),
                                new Marked(SPEED, List.of("speed"), List.of("rpm")),
                                new Marked(FEED, List.of("feed"), List.of("feed"))),
                        List.of(MATERIAL, BOTTOM, HELD, BAR_MATERIAL, BIT),
                        List.of(new Derived(START, FINISHED, -1, -1 / 32.0)))
                .following(new Follows("cored", OUT_OF_ROUND, CORED_OUT_MM)));
    }

    @Override
    public ToolMatch match(PlanRequest cut, Map<String, String> tool) {
        return BarSearch.judge(cut, tool);
    }

    @Override
    public Optional<ToolTests> tests() {
        return Optional.of(new BarTests());
    }
}
