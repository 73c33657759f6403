package boldwedge.core.counterboring;

import static boldwedge.core.counterboring.ask.BoreSeatField.*;

import boldwedge.core.ask.Choice;
import boldwedge.core.ask.CutPage;
import boldwedge.core.ask.Entry;
import boldwedge.core.ask.PlanRequest;
import boldwedge.core.ask.PrintedCard;
import boldwedge.core.ask.Read;
import boldwedge.core.ask.Sentence;
import boldwedge.core.ask.SpokenAs;
import boldwedge.core.ask.SpokenAs.Marked;
import boldwedge.core.ask.StationPage;
import boldwedge.core.ask.TrialForm;
import boldwedge.core.counterboring.ask.BoreSeatField;
import boldwedge.core.counterboring.ask.BoreSeatReader;
import boldwedge.core.counterboring.model.BoreSeatCut;
import boldwedge.core.counterboring.tell.BoreSeatAnswer;
import boldwedge.core.counterboring.tell.BoreSeatProof;
import boldwedge.core.family.Cuts;
import boldwedge.core.family.DeclaredFamily;
import boldwedge.core.family.ToolKind;
import boldwedge.core.family.ToolMatch;
import boldwedge.core.family.Trials;
import boldwedge.core.finding.Station;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Counterbores: seats for heads and washers, and the tools for them. */
public final class CounterboringFamily extends DeclaredFamily<BoreSeatCut> {
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

    private static final Cuts<BoreSeatCut> CUTS =
            new Cuts<>(BoreSeatReader::cut, BoreSeatAnswer::show, BoreSeatAnswer.RULES, BoreSeatAnswer::tell);

    private static final Trials TRIALS = Trials.of(
            TrialForm.beside("seat")
                    .typed("depth", "Depth", "measured")
                    .typed("across", "Seat across", "if measured")
                    .picked("floor", "Its floor", Choice.of(BoreSeatProof.Floor.values(), BoreSeatProof.Floor::words))
                    .picked("hole", "The hole", Choice.of(BoreSeatProof.Hole.values(), BoreSeatProof.Hole::words)),
            BoreSeatProof::prove);

    /** Declares it. */
    public CounterboringFamily() {
        super("counterboring", 6, BoreSeatField.values(), CUTS, TRIALS, COUNTERBORE);
    }

    @Override
    public CutPage page(Read<BoreSeatCut> read) {
        boolean ground = !read.choice(KIND).equals("end-mill");
        boolean steel = read.choice(KIND).equals("steel");
        return new CutPage(
                id(),
                Sentence.of(
                        entries(),
                        "{operation} {material} for {seatFor}, {seats} seats, on {lathe} with a tool {counterboreKind}"
                                + (steel ? " {counterboreSteel}." : ".")),
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
                        read.filled("counterbore {material} for {seatFor}, {seats} seats; {lathe}; {counterboreKind}."),
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
    public ToolMatch match(PlanRequest cut, Map<String, String> tool) {
        return ToolMatch.byPlan(this, cut, BROUGHT, List.of(SPEED, FEED), tool);
    }
}
