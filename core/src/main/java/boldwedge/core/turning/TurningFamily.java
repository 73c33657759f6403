package boldwedge.core.turning;

import static boldwedge.core.turning.ask.TurningField.*;

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
import boldwedge.core.ask.SetUps;
import boldwedge.core.ask.SpokenAs;
import boldwedge.core.ask.SpokenAs.Derived;
import boldwedge.core.ask.SpokenAs.Marked;
import boldwedge.core.ask.StationPage;
import boldwedge.core.ask.Told;
import boldwedge.core.ask.TrialAnswer;
import boldwedge.core.ask.TrialForm;
import boldwedge.core.ask.TrialRequest;
import boldwedge.core.family.Solid;
import boldwedge.core.family.ToolFamily;
import boldwedge.core.family.ToolKind;
import boldwedge.core.family.ToolMatch;
import boldwedge.core.finding.Station;
import boldwedge.core.measure.Say;
import boldwedge.core.proof.Lessons;
import boldwedge.core.proof.Measured;
import boldwedge.core.proof.Taught;
import boldwedge.core.rule.Rule;
import boldwedge.core.turning.ask.TurningField;
import boldwedge.core.turning.ask.TurningReader;
import boldwedge.core.turning.model.TurningCut;
import boldwedge.core.turning.tell.BitSolid;
import boldwedge.core.turning.tell.SetUpWords;
import boldwedge.core.turning.tell.TurningAnswer;
import boldwedge.core.turning.tell.TurningProof;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Bits for outside turning and facing, ground from a square blank. */
public final class TurningFamily implements ToolFamily<TurningCut> {
    /** What a bit brings to a cut, in the order in which it is ground and measured. */
    private static final List<Entry> BIT =
            List.of(BLANK, BACK_RAKE, SIDE_RAKE, END_RELIEF, SIDE_RELIEF, END_EDGE, SIDE_EDGE, NOSE_RADIUS);

    private static final List<Entry> ANGLES = BIT.subList(1, BIT.size());

    private static final ToolKind KIND = ToolKind.of("bit", "bit", "Put it in the crib", BLANK, BIT, ANGLES, "bit")
            .calling(Map.of(SIDE_EDGE, "Lead"))
            .drawnIn(Map.of(OPERATION, "turn"))
            .showing("regrinds", BLANK)
            .groundAndMeasured();

    @Override
    public String id() {
        return "turning";
    }

    @Override
    public int place() {
        return 1;
    }

    @Override
    public List<Choice> operations() {
        return OPERATION.choices();
    }

    @Override
    public List<Entry> entries() {
        return List.of(TurningField.values());
    }

    @Override
    public Read<TurningCut> read(PlanRequest request) {
        return TurningReader.cut(request);
    }

    @Override
    public void show(TurningCut cut, Chosen chosen) {
        TurningAnswer.show(chosen, cut);
    }

    @Override
    public List<Rule<TurningCut>> rules() {
        return TurningAnswer.RULES;
    }

    @Override
    public Told tell(TurningCut cut, Say say) {
        return TurningAnswer.tell(cut, say);
    }

    @Override
    public Optional<Solid> solid(TurningCut cut) {
        return Optional.of(new Solid("bit.stl", BitSolid.stl(cut)));
    }

    @Override
    public CutPage page(Read<TurningCut> read) {
        boolean facing = read.choice(OPERATION).equals("face");
        Sentence sentence = new Sentence()
                .pick(OPERATION)
                .pick(MATERIAL, " ")
                .words("from")
                .value(DIAMETER)
                .words(facing ? "in to" : "to")
                .value(FINISHED)
                .words(facing ? "across, taking" : "across, over")
                .value(LENGTH)
                .words(facing ? "off the face, to" : "of length, to")
                .value(TOLERANCE)
                .words("and")
                .value(FINISH)
                .words("; held")
                .pick(HOLD)
                .words("with")
                .value(STICK_OUT)
                .words("free, on")
                .pick(LATHE)
                .words("with a")
                .pick(BLANK, ".");
        return new CutPage(
                id(),
                sentence.parts(),
                List.of(
                        StationPage.of(Station.CUT, List.of("cut", "push-off"), List.of("speed", "feed", "passTime")),
                        StationPage.of(
                                Station.EDGE, List.of("bit", "edges-beside"), List.of("betaN", "gammaN", "kappaR")),
                        StationPage.of(
                                        Station.REACH,
                                        List.of("tool-on-work", "marks", "push-off"),
                                        List.of("speed", "feed", "depth"))
                                .with(Panel.HEIGHT, Panel.SET_UPS),
                        StationPage.making("Grinding card")
                                .picking(WHEEL_FACE, ORDER)
                                .setting(WHEEL, DAMAGE, GROUND_LENGTH)
                                .with(Panel.KEEP_GRIND)),
                new PrintedCard(printed(read), "bit", ids(ANGLES), Entry.ids(SPEED, FEED, DEPTH, OVERHANG, HEIGHT)),
                "bit",
                List.of(KIND.kept(read)),
                List.of(),
                "bit",
                Optional.of(new HeightEntry(HEIGHT.id(), DIAMETER.id(), false)));
    }

    private static List<String> ids(List<Entry> entries) {
        return entries.stream().map(Entry::id).toList();
    }

    private static String printed(Read<TurningCut> read) {
        return read.text(OPERATION) + " " + read.text(MATERIAL) + ": " + read.text(DIAMETER) + " to "
                + read.text(FINISHED) + " over " + read.text(LENGTH) + ", " + read.text(TOLERANCE) + ", "
                + read.text(FINISH) + "; held " + read.text(HOLD) + ", " + read.text(STICK_OUT) + " free; "
                + read.text(LATHE) + "; " + read.text(BLANK) + ".";
    }

    @Override
    public TrialForm trial() {
        return new TrialForm(
                List.of(
                        TrialForm.ReadingEntry.typed("near", "Diameter near the chuck", "measured"),
                        TrialForm.ReadingEntry.typed("far", "Diameter at the far end", "measured"),
                        TrialForm.ReadingEntry.typed("apart", "Distance between them", "along the work"),
                        TrialForm.ReadingEntry.typed("finish", "Finish", "if compared"),
                        TrialForm.ReadingEntry.typed("speed", "Speed run", "as planned"),
                        TrialForm.ReadingEntry.typed("feed", "Feed run", "as planned"),
                        TrialForm.ReadingEntry.typed("depth", "Depth taken", "as planned"),
                        TrialForm.ReadingEntry.picked(
                                "chip", "Chip", Choice.of(Measured.Chip.values(), Measured.Chip::words)),
                        TrialForm.ReadingEntry.picked(
                                "sound", "Sound", Choice.of(Measured.Sound.values(), Measured.Sound::words))),
                "push-off",
                List.of());
    }

    @Override
    public TrialAnswer prove(TrialRequest request) {
        return TurningProof.prove(request);
    }

    @Override
    public boolean learns() {
        return true;
    }

    @Override
    public Optional<Lessons.About> about(PlanRequest request) {
        return TurningProof.about(request);
    }

    @Override
    public Optional<Taught.Trial> lesson(TrialRequest kept) {
        return TurningProof.lesson(kept);
    }

    @Override
    public Optional<SetUps> setUps(PlanRequest request, TurningCut cut, Say say) {
        return SetUpWords.of(cut, say);
    }

    @Override
    public Optional<SpokenAs> spokenAs() {
        return Optional.of(new SpokenAs(
                Map.of("shoulder", "shoulder", "skim", "turn", "finish turn", "turn"),
                DIAMETER,
                FINISHED,
                Optional.of(TOLERANCE),
                List.of(FINISHED, LENGTH, DIAMETER),
                List.of(
                        new Marked(DIAMETER, List.of("from"), List.of("bar", "stock")),
                        new Marked(LENGTH, List.of("over", "length"), List.of("long", "length")),
                        new Marked(STICK_OUT, List.of("stick-out"), List.of("out", "free", "stick-out")),
                        new Marked(FINISH, List.of("finish"), List.of("finish", "ra")),
                        new Marked(DEPTH, List.of("depth"), List.of("depth", "deep")),
                        new Marked(SPEED, List.of("speed"), List.of("rpm")),
                        new Marked(FEED, List.of("feed"), List.of("feed")),
                        new Marked(NOSE_RADIUS, List.of("nose"), List.of("nose"))),
                List.of(MATERIAL, HOLD, BLANK),
                List.of(new Derived(DIAMETER, FINISHED, 1, 1 / 16.0), new Derived(STICK_OUT, LENGTH, 15, 0.5))));
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
        return ToolMatch.byPlan(this, cut, BIT, List.of(), tool);
    }
}
