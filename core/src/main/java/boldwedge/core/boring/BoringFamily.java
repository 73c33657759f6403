package boldwedge.core.boring;

import static boldwedge.core.boring.ask.BoreField.*;

import boldwedge.core.ask.Choice;
import boldwedge.core.ask.Chosen;
import boldwedge.core.ask.CutPage;
import boldwedge.core.ask.Entry;
import boldwedge.core.ask.HeightEntry;
import boldwedge.core.ask.Panel;
import boldwedge.core.ask.PlanRequest;
import boldwedge.core.ask.PrintedCard;
import boldwedge.core.ask.Read;
import boldwedge.core.ask.Sentence;
import boldwedge.core.ask.SpokenAs;
import boldwedge.core.ask.SpokenAs.Derived;
import boldwedge.core.ask.SpokenAs.Marked;
import boldwedge.core.ask.StationPage;
import boldwedge.core.ask.Told;
import boldwedge.core.ask.TrialAnswer;
import boldwedge.core.ask.TrialForm;
import boldwedge.core.ask.TrialRequest;
import boldwedge.core.boring.ask.BoreField;
import boldwedge.core.boring.ask.BoreReader;
import boldwedge.core.boring.model.BoreCut;
import boldwedge.core.boring.tell.BarSearch;
import boldwedge.core.boring.tell.BarSolid;
import boldwedge.core.boring.tell.BarTests;
import boldwedge.core.boring.tell.BoreAnswer;
import boldwedge.core.boring.tell.BoreProof;
import boldwedge.core.family.Solid;
import boldwedge.core.family.ToolFamily;
import boldwedge.core.family.ToolKind;
import boldwedge.core.family.ToolMatch;
import boldwedge.core.family.ToolTests;
import boldwedge.core.finding.Station;
import boldwedge.core.measure.Say;
import boldwedge.core.proof.Lessons;
import boldwedge.core.proof.Measured;
import boldwedge.core.proof.Taught;
import boldwedge.core.rule.Rule;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Boring bars with a bit or an insert. */
public final class BoringFamily implements ToolFamily<BoreCut> {
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

    @Override
    public String id() {
        return "boring";
    }

    @Override
    public int place() {
        return 2;
    }

    @Override
    public List<Choice> operations() {
        return OPERATION.choices();
    }

    @Override
    public List<Entry> entries() {
        return List.of(BoreField.values());
    }

    @Override
    public Read<BoreCut> read(PlanRequest request) {
        return BoreReader.cut(request);
    }

    @Override
    public void show(BoreCut cut, Chosen chosen) {
        BoreAnswer.show(chosen, cut);
    }

    @Override
    public List<Rule<BoreCut>> rules() {
        return BoreAnswer.RULES;
    }

    @Override
    public Told tell(BoreCut cut, Say say) {
        return BoreAnswer.tell(cut, say);
    }

    @Override
    public Optional<Solid> solid(BoreCut cut) {
        return Optional.of(new Solid("bar.stl", BarSolid.stl(cut.job())));
    }

    @Override
    public CutPage page(Read<BoreCut> read) {
        Sentence sentence = new Sentence()
                .pick(OPERATION)
                .pick(MATERIAL, " ")
                .words("from")
                .value(START)
                .words("to")
                .value(FINISHED)
                .value(TOLERANCE)
                .words("and")
                .value(FINISH)
                .words(",")
                .value(DEPTH_OF_HOLE)
                .words("deep,")
                .pick(BOTTOM)
                .words(",")
                .pick(RECESS)
                .words("; on")
                .pick(LATHE)
                .words("with a")
                .value(BAR_DIAMETER)
                .words("bar of")
                .pick(BAR_MATERIAL)
                .pick(HELD)
                .words("and a")
                .pick(BIT, ".");
        return new CutPage(
                id(),
                sentence.parts(),
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
                        printed(read),
                        "bar-drawing",
                        Entry.ids(BACK_RAKE, SIDE_RAKE, RELIEF, SIDE_RELIEF, END_EDGE, SIDE_EDGE, NOSE_RADIUS),
                        Entry.ids(SPEED, FEED, DEPTH, OVERHANG, HEIGHT)),
                "bar",
                List.of(KIND.kept(read)),
                List.of(),
                "bar-drawing",
                Optional.of(new HeightEntry(HEIGHT.id(), START.id(), false)));
    }

    private static String printed(Read<BoreCut> read) {
        return "Bore " + read.text(MATERIAL) + ": " + read.text(START) + " to " + read.text(FINISHED) + " "
                + read.text(TOLERANCE) + ", " + read.text(DEPTH_OF_HOLE) + " deep, " + read.text(BOTTOM) + ", "
                + read.text(FINISH) + "; " + read.text(LATHE) + "; bar of " + read.text(BAR_DIAMETER) + " "
                + read.text(BAR_MATERIAL) + ", " + read.text(BIT) + ".";
    }

    @Override
    public TrialForm trial() {
        return new TrialForm(
                List.of(
                        TrialForm.ReadingEntry.typed("near", "Diameter at the mouth", "past its bell"),
                        TrialForm.ReadingEntry.typed("far", "Diameter at the bottom", "measured"),
                        TrialForm.ReadingEntry.typed("finish", "Finish", "if compared"),
                        TrialForm.ReadingEntry.typed("speed", "Speed run", "as planned"),
                        TrialForm.ReadingEntry.typed("feed", "Feed run", "as planned"),
                        TrialForm.ReadingEntry.typed("depth", "Depth taken", "as planned"),
                        TrialForm.ReadingEntry.picked(
                                "chip", "Chip", Choice.of(Measured.Chip.values(), Measured.Chip::words)),
                        TrialForm.ReadingEntry.picked(
                                "sound", "Sound", Choice.of(Measured.Sound.values(), Measured.Sound::words))),
                "bore-size",
                List.of(Panel.TOOL_TESTS));
    }

    @Override
    public TrialAnswer prove(TrialRequest request) {
        return BoreProof.prove(request);
    }

    @Override
    public Optional<SpokenAs> spokenAs() {
        return Optional.of(new SpokenAs(
                Map.of("bore out", "bore"),
                START,
                FINISHED,
                Optional.of(TOLERANCE),
                List.of(FINISHED, DEPTH_OF_HOLE),
                List.of(
                        new Marked(START, List.of("from", "drilled"), List.of("drilled")),
                        new Marked(DEPTH_OF_HOLE, List.of("deep", "depth", "through", "long"), List.of("deep", "long")),
                        new Marked(OUTSIDE, List.of("outside", "od"), List.of("outside", "od")),
                        new Marked(FINISH, List.of("finish"), List.of("finish", "ra")),
                        new Marked(BAR_DIAMETER, List.of("bar"), List.of("bar")),
                        new Marked(STICK_OUT, List.of("stick-out"), List.of("out", "free", "stick-out")),
                        new Marked(SPEED, List.of("speed"), List.of("rpm")),
                        new Marked(FEED, List.of("feed"), List.of("feed"))),
                List.of(MATERIAL, BOTTOM, HELD, BAR_MATERIAL, BIT),
                List.of(new Derived(START, FINISHED, -1, -1 / 32.0))));
    }

    @Override
    public List<ToolKind> kinds() {
        return List.of(KIND);
    }

    @Override
    public ToolKind matched() {
        return KIND;
    }

    @Override
    public ToolMatch match(PlanRequest cut, Map<String, String> tool) {
        return BarSearch.judge(cut, tool);
    }

    @Override
    public boolean learns() {
        return true;
    }

    @Override
    public Optional<Lessons.About> about(PlanRequest request) {
        return BoreProof.about(request);
    }

    @Override
    public Map<Lessons.Subject, Taught.Lesson> lessons(TrialRequest kept) {
        Map<Lessons.Subject, Taught.Lesson> lessons = new HashMap<>(ToolFamily.super.lessons(kept));
        lessons.putAll(BoreProof.heard(kept));
        return lessons;
    }

    @Override
    public Optional<Taught.Trial> lesson(TrialRequest kept) {
        return BoreProof.lesson(kept);
    }

    @Override
    public Optional<ToolTests> tests() {
        return Optional.of(new BarTests());
    }
}
