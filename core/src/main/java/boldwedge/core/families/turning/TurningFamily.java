package boldwedge.core.families.turning;

import static boldwedge.core.families.turning.entry.TurningField.*;

import boldwedge.core.families.turning.entry.TurningField;
import boldwedge.core.families.turning.entry.TurningReader;
import boldwedge.core.families.turning.model.TurningCut;
import boldwedge.core.families.turning.model.TurningJob;
import boldwedge.core.families.turning.report.SetUpWords;
import boldwedge.core.families.turning.report.TurningAnswer;
import boldwedge.core.families.turning.report.TurningLessons;
import boldwedge.core.families.turning.report.TurningTrial;
import boldwedge.core.family.DeclaredFamily;
import boldwedge.core.family.Solid;
import boldwedge.core.family.ToolKind;
import boldwedge.core.family.ToolMatch;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.mechanics.wedge.GroundBit;
import boldwedge.core.mechanics.wedge.Operation;
import boldwedge.core.mechanics.wedge.Surface;
import boldwedge.core.planning.CutPage;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.GrindSetUp;
import boldwedge.core.planning.HeightEntry;
import boldwedge.core.planning.OnWork;
import boldwedge.core.planning.OnWork.Kind;
import boldwedge.core.planning.OnWork.Passes;
import boldwedge.core.planning.Panel;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.PrintedCard;
import boldwedge.core.planning.Read;
import boldwedge.core.planning.Sentence;
import boldwedge.core.planning.SetUps;
import boldwedge.core.planning.SpokenAs;
import boldwedge.core.planning.SpokenAs.Derived;
import boldwedge.core.planning.SpokenAs.Marked;
import boldwedge.core.planning.StationPage;
import boldwedge.core.planning.TrialForm;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.rule.BitSolid;
import boldwedge.core.trial.Calibration;
import boldwedge.core.trial.Lessons;
import boldwedge.core.trial.Measured;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Bits for outside turning and facing, ground from a square blank. */
public final class TurningFamily extends DeclaredFamily<TurningCut> {
    /** What a bit brings to a cut, in the order in which it is ground and measured. */
    private static final List<Entry> BIT =
            List.of(BLANK, BACK_RAKE, SIDE_RAKE, END_RELIEF, SIDE_RELIEF, END_EDGE, SIDE_EDGE, NOSE_RADIUS);

    private static final List<Entry> ANGLES = BIT.subList(1, BIT.size());

    private static final ToolKind KIND = ToolKind.of("bit", "bit", "Put it in the crib", BLANK, BIT, ANGLES, "bit")
            .calling(Map.of(SIDE_EDGE, "Lead"))
            .drawnIn(Map.of(OPERATION, "turn"))
            .showing("regrinds", BLANK)
            .groundAndMeasured();

    private static final TrialForm TRIAL = TrialForm.beside("push-off")
            .typed("near", "Diameter near the chuck", "measured")
            .typed("far", "Diameter at the far end", "measured")
            .typed("apart", "Distance between them", "along the work")
            .typed("finish", "Finish", "if compared")
            .typed("speed", "Speed run", "as planned")
            .typed("feed", "Feed run", "as planned")
            .typed("depth", "Depth taken", "as planned")
            .picked("chip", "Chip", Measured.Chip.values())
            .picked("sound", "Sound", Measured.Sound.values())
            .picked("warmth", "Warmth when measured", Measured.Warmth.values())
            .moved("dialled", "Dialled, on the diameter", "− is in")
            .moved("tailstock", "Tailstock set over", "− to the tool")
            .moved("swung", "Taper swung out", "− far end smaller");

    /** Declares it. */
    public TurningFamily() {
        super(
                "turning",
                1,
                new Asks<>(List.of(TurningField.values()), TurningReader::cut),
                new Says<>(TurningAnswer.RULES, TurningAnswer::tell),
                new Judges(TRIAL, TurningTrial::prove),
                KIND);
    }

    @Override
    public boolean learns() {
        return true;
    }

    @Override
    public Optional<Lessons.About> about(PlanRequest request) {
        return TurningLessons.about(request);
    }

    @Override
    protected Map<Lessons.Subject, Calibration.Lesson> taught(TrialRequest made) {
        return Lessons.together(
                Lessons.of(about(made.plan()), TurningLessons.lesson(made)), TurningLessons.besides(made));
    }

    @Override
    public Optional<OnWork> onWork(TurningCut cut, UnitFormat say) {
        TurningJob job = cut.job();
        if (job.hold() == Hold.BETWEEN_CENTRES) {
            return Optional.empty();
        }
        boolean facing = job.operation() == Operation.FACE;
        TurningCut.Roughing rough = cut.roughing();
        double roughly = rough.passes() == 0
                ? 0
                : rough.passes()
                        * cut.pathMm()
                        / (rough.feedMm() * cut.cutting().rpm());
        String tool = Written.words(
                "%s, lead %s, nose %s",
                job.blank().name(),
                say.angle(cut.signature().sideCuttingEdge()),
                say.nose(cut.signature().noseRadiusMm()));
        return Optional.of(OnWork.of(facing ? Kind.FACE : Kind.TURN, job.work(), job.lathe(), tool)
                .across(job.diameterMm(), facing ? job.diameterMm() : job.finishedMm())
                .along(0, job.lengthMm())
                .running(cut.cutting().rpm(), cut.cutting().feedMm())
                .with(one -> one.centred(job.hold() == Hold.CHUCK_AND_CENTRE)
                        .passes(new Passes(
                                rough.passes(),
                                roughly,
                                2 * rough.last() * job.depthMm(),
                                rough.last() * cut.passMinutes()))
                        .toleranceMm(facing ? 0 : job.tolerance().widthMm())
                        .freeField(STICK_OUT.id())));
    }

    /** The flanks: what wears there is taken off there, and the top is stoned. */
    @Override
    public List<GrindSetUp> grinding(TurningCut cut, UnitFormat say) {
        String wheel = cut.job().tool().wheel();
        return cut.grinding().passes().stream()
                .filter(pass -> pass.surface() == Surface.SIDE_FLANK || pass.surface() == Surface.END_FLANK)
                .map(pass -> new GrindSetUp(
                        wheel,
                        pass.surface() == Surface.SIDE_FLANK ? "side flank" : "end flank",
                        pass.setting().tiltRad(),
                        pass.setting().swingRad()))
                .toList();
    }

    @Override
    public Optional<Solid> solid(TurningCut cut) {
        return Optional.of(new Solid(
                "bit",
                BitSolid.shells(GroundBit.grind(
                        cut.job().blank(),
                        cut.wedge(),
                        cut.bit().groundLengthMm(),
                        cut.job().damageMm(),
                        cut.job().order(),
                        BitSolid.NOSE_PLANES))));
    }

    @Override
    public CutPage page(Read<TurningCut> read) {
        boolean facing = read.choice(OPERATION).equals("face");
        String taking = facing
                ? "from {diameter} in to {finished} across, taking {length} off the face"
                : "from {diameter} to {finished} across, over {length} of length";
        return new CutPage(
                id(),
                Sentence.of(
                        entries(),
                        "{operation} {material} " + taking
                                + ", to {tolerance} and {finish}; held {hold} with {stickOut} free, on {lathe} with a {blank}."),
                List.of(
                        StationPage.of(Station.CUT, List.of("cut", "push-off"), List.of("speed", "feed", "passTime")),
                        StationPage.of(
                                Station.EDGE, List.of("bit", "edges-beside"), List.of("betaN", "gammaN", "kappaR")),
                        StationPage.of(
                                        Station.REACH,
                                        read.choice(OPERATION).equals("turn-and-face")
                                                ? List.of("swing", "tool-on-work", "marks", "push-off")
                                                : List.of("tool-on-work", "marks", "push-off"),
                                        List.of("speed", "feed", "depth"))
                                .with(Panel.HEIGHT, Panel.SET_UPS),
                        StationPage.making("Grinding card")
                                .picking(WHEEL_FACE, ORDER)
                                .setting(WHEEL, DAMAGE, GROUND_LENGTH)
                                .with(Panel.KEEP_GRIND)),
                new PrintedCard(
                        read.filled(
                                "{operation} {material}: {diameter} to {finished} over {length}, {tolerance}, {finish}; held {hold}, {stickOut} free; {lathe}; {blank}."),
                        "bit",
                        ids(ANGLES),
                        Entry.ids(SPEED, FEED, DEPTH, OVERHANG, HEIGHT)),
                "bit",
                List.of(KIND.kept(read)),
                List.of(),
                "bit",
                Optional.of(new HeightEntry(HEIGHT.id(), DIAMETER.id(), false)));
    }

    private static List<String> ids(List<Entry> entries) {
        return entries.stream().map(Entry::id).toList();
    }

    @Override
    public Optional<SetUps> setUps(PlanRequest request, TurningCut cut, UnitFormat say) {
        return SetUpWords.of(cut, say);
    }

    @Override
    public Optional<SpokenAs> spokenAs() {
        return Optional.of(new SpokenAs(
                        Map.ofEntries(
                                Map.entry("shoulder", "shoulder"),
                                Map.entry("turn shoulder", "shoulder"),
                                Map.entry("turn a shoulder", "shoulder"),
                                Map.entry("turn * shoulder", "shoulder"),
                                Map.entry("take * off", "turn"),
                                Map.entry("skim", "turn"),
                                Map.entry("finish turn", "turn"),
                                Map.entry("turning", "turn"),
                                Map.entry("facing", "face"),
                                Map.entry("face and turn", "turn-and-face"),
                                Map.entry("face & turn", "turn-and-face"),
                                Map.entry("turn & face", "turn-and-face")),
                        DIAMETER,
                        FINISHED,
                        Optional.of(TOLERANCE),
                        List.of(FINISHED, LENGTH, DIAMETER),
                        List.of(
                                new Marked(DIAMETER, List.of("from"), List.of("bar", "stock", "od")),
                                new Marked(LENGTH, List.of("over", "length", "for"), List.of("long", "length")),
                                new Marked(STICK_OUT, List.of("stick-out"), List.of("out", "free", "stick-out")),
                                new Marked(FINISH, List.of("finish"), List.of("finish", "ra")),
                                new Marked(LENGTH, List.of(), List.of("off"), Entry.choice(Operation.FACE)),
                                new Marked(DEPTH, List.of("depth"), List.of("depth", "deep")),
                                new Marked(SPEED, List.of("speed"), List.of("rpm")),
                                new Marked(FEED, List.of("feed"), List.of("feed")),
                                new Marked(NOSE_RADIUS, List.of("nose"), List.of("nose"))),
                        List.of(MATERIAL, HOLD, BLANK),
                        List.of(
                                new Derived(DIAMETER, FINISHED, 1, 1 / 16.0),
                                new Derived(STICK_OUT, LENGTH, 15, 0.5, Optional.of(DIAMETER))))
                .withBare(Map.of(Entry.choice(Operation.FACE), List.of(DIAMETER, LENGTH))));
    }

    @Override
    public ToolMatch match(PlanRequest cut, Map<String, String> tool) {
        return ToolMatch.byPlan(this, cut, BIT, List.of(), tool);
    }
}
