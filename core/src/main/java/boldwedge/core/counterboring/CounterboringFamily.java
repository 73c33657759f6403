package boldwedge.core.counterboring;

import static boldwedge.core.counterboring.ask.BoreSeatField.*;

import boldwedge.core.ask.Choice;
import boldwedge.core.ask.Chosen;
import boldwedge.core.ask.CutPage;
import boldwedge.core.ask.Entry;
import boldwedge.core.ask.PlanRequest;
import boldwedge.core.ask.PrintedCard;
import boldwedge.core.ask.Read;
import boldwedge.core.ask.Sentence;
import boldwedge.core.ask.SpokenAs;
import boldwedge.core.ask.SpokenAs.Marked;
import boldwedge.core.ask.StationPage;
import boldwedge.core.ask.Told;
import boldwedge.core.ask.TrialAnswer;
import boldwedge.core.ask.TrialForm;
import boldwedge.core.ask.TrialRequest;
import boldwedge.core.counterboring.ask.BoreSeatField;
import boldwedge.core.counterboring.ask.BoreSeatReader;
import boldwedge.core.counterboring.model.BoreSeatCut;
import boldwedge.core.counterboring.tell.BoreSeatAnswer;
import boldwedge.core.counterboring.tell.BoreSeatProof;
import boldwedge.core.family.Solid;
import boldwedge.core.family.ToolFamily;
import boldwedge.core.family.ToolKind;
import boldwedge.core.family.ToolMatch;
import boldwedge.core.finding.Station;
import boldwedge.core.measure.Say;
import boldwedge.core.rule.Rule;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Counterbores: seats for heads and washers, and the tools for them. */
public final class CounterboringFamily implements ToolFamily<BoreSeatCut> {
    private static final List<Entry> BROUGHT =
            List.of(OUTSIDE, KIND, STEEL, PILOT, PILOT_LENGTH, LIPS, RELIEF, RAKE, CORNER);

    private static final ToolKind COUNTERBORE = ToolKind.of(
                    "counterbore",
                    "counterbore",
                    "Keep the counterbore",
                    OUTSIDE,
                    BROUGHT,
                    List.of(OUTSIDE, KIND, PILOT, PILOT_LENGTH, LIPS, RELIEF, RAKE, CORNER),
                    "counterbore")
            .drawnIn(Map.of(OPERATION, "counterbore", HEAD, "typed"));

    @Override
    public String id() {
        return "counterboring";
    }

    @Override
    public int place() {
        return 6;
    }

    @Override
    public List<Choice> operations() {
        return OPERATION.choices();
    }

    @Override
    public List<Entry> entries() {
        return List.of(BoreSeatField.values());
    }

    @Override
    public Read<BoreSeatCut> read(PlanRequest request) {
        return BoreSeatReader.cut(request);
    }

    @Override
    public void show(BoreSeatCut cut, Chosen chosen) {
        BoreSeatAnswer.show(chosen, cut);
    }

    @Override
    public List<Rule<BoreSeatCut>> rules() {
        return BoreSeatAnswer.RULES;
    }

    @Override
    public Told tell(BoreSeatCut cut, Say say) {
        return BoreSeatAnswer.tell(cut, say);
    }

    @Override
    public Optional<Solid> solid(BoreSeatCut cut) {
        return Optional.empty();
    }

    @Override
    public CutPage page(Read<BoreSeatCut> read) {
        boolean ground = !read.choice(KIND).equals("end-mill");
        boolean steel = read.choice(KIND).equals("steel");
        Sentence sentence = new Sentence()
                .pick(OPERATION)
                .pick(MATERIAL, " ")
                .words("for")
                .pick(HEAD, ",")
                .value(SEATS)
                .words("seats, on")
                .pick(LATHE)
                .words("with a tool")
                .pick(KIND, steel ? "" : ".");
        if (steel) {
            sentence.pick(STEEL, ".");
        }
        return new CutPage(
                id(),
                sentence.parts(),
                List.of(
                        StationPage.of(Station.CUT, List.of("seat"), List.of("seatAcross", "seatDepth", "pilot"))
                                .setting(ground ? new Entry[] {STONE, GRINDER, STONE_DIAMETER} : new Entry[0]),
                        StationPage.of(
                                        Station.EDGE,
                                        ground ? List.of("counterbore", "stone") : List.of("counterbore"),
                                        List.of("pilot", "pilotPlay", "lipsLevel"))
                                .picking(steel ? new Entry[] {PILOT_IS} : new Entry[0]),
                        StationPage.of(Station.REACH, List.of("seat"), List.of("speed", "feed", "torque"))
                                .setting(HANDLE, SPEED, FEED),
                        StationPage.making("Route card")),
                new PrintedCard(
                        "counterbore " + read.text(MATERIAL) + " for " + read.text(HEAD) + ", " + read.text(SEATS)
                                + " seats; " + read.text(LATHE) + "; " + read.text(KIND) + ".",
                        "counterbore",
                        Entry.ids(OUTSIDE, PILOT, PILOT_LENGTH, RELIEF),
                        Entry.ids(SPEED, FEED, DEPTH)),
                "counterbore",
                List.of(COUNTERBORE.kept(read)),
                List.of(),
                "",
                Optional.empty());
    }

    @Override
    public TrialForm trial() {
        return new TrialForm(
                List.of(
                        TrialForm.ReadingEntry.typed("depth", "Depth", "measured"),
                        TrialForm.ReadingEntry.typed("across", "Seat across", "if measured"),
                        TrialForm.ReadingEntry.picked(
                                "floor",
                                "Its floor",
                                Choice.of(BoreSeatProof.Floor.values(), BoreSeatProof.Floor::words)),
                        TrialForm.ReadingEntry.picked(
                                "hole", "The hole", Choice.of(BoreSeatProof.Hole.values(), BoreSeatProof.Hole::words))),
                "seat",
                List.of());
    }

    @Override
    public TrialAnswer prove(TrialRequest request) {
        return BoreSeatProof.prove(request);
    }

    @Override
    public Optional<SpokenAs> spokenAs() {
        return Optional.of(new SpokenAs(
                Map.of("spotface", "counterbore", "sink", "counterbore"),
                HOLE,
                OUTSIDE,
                Optional.empty(),
                List.of(OUTSIDE, DEPTH),
                List.of(
                        new Marked(DEPTH, List.of("depth"), List.of("deep")),
                        new Marked(HOLE, List.of("hole"), List.of("hole")),
                        new Marked(PILOT, List.of("pilot"), List.of("pilot")),
                        new Marked(SEATS, List.of(), List.of("seats", "off", "pcs")),
                        new Marked(SPEED, List.of("speed"), List.of("rpm")),
                        new Marked(FEED, List.of("feed"), List.of("feed"))),
                List.of(MATERIAL, HEAD, KIND),
                List.of()));
    }

    @Override
    public List<ToolKind> kinds() {
        return List.of(COUNTERBORE);
    }

    @Override
    public ToolKind matched() {
        return COUNTERBORE;
    }

    @Override
    public ToolMatch match(PlanRequest cut, Map<String, String> tool) {
        return ToolMatch.byPlan(this, cut, BROUGHT, List.of(SPEED, FEED), tool);
    }
}
