package boldwedge.core.seating;

import static boldwedge.core.seating.ask.SeatField.*;

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
import boldwedge.core.family.Solid;
import boldwedge.core.family.ToolFamily;
import boldwedge.core.family.ToolKind;
import boldwedge.core.family.ToolMatch;
import boldwedge.core.finding.Station;
import boldwedge.core.measure.Say;
import boldwedge.core.rule.Rule;
import boldwedge.core.seating.ask.SeatField;
import boldwedge.core.seating.ask.SeatReader;
import boldwedge.core.seating.model.SeatCut;
import boldwedge.core.seating.tell.SeatAnswer;
import boldwedge.core.seating.tell.SeatProof;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Holders and bars with a seat for an insert, milled in the shop. */
public final class SeatingFamily implements ToolFamily<SeatCut> {
    private static final List<Entry> BROUGHT =
            List.of(BODY, INSERT, ANGLE, HEIGHT, WIDTH, LENGTH, SCHOOL, EDGE_ABOVE, OUT, TILT, DRAW);

    private static final ToolKind KIND = ToolKind.of(
                    "insert-holder",
                    "insert holder",
                    "Keep the holder",
                    BODY,
                    BROUGHT,
                    List.of(BODY, INSERT, ANGLE, HEIGHT, LENGTH),
                    "seat-body")
            .drawnIn(Map.of(OPERATION, "insert-holder"));

    @Override
    public String id() {
        return "seating";
    }

    @Override
    public int place() {
        return 9;
    }

    @Override
    public List<Choice> operations() {
        return OPERATION.choices();
    }

    @Override
    public List<Entry> entries() {
        return List.of(SeatField.values());
    }

    @Override
    public Read<SeatCut> read(PlanRequest request) {
        return SeatReader.cut(request);
    }

    @Override
    public void show(SeatCut cut, Chosen chosen) {
        SeatAnswer.show(chosen, cut);
    }

    @Override
    public List<Rule<SeatCut>> rules() {
        return SeatAnswer.RULES;
    }

    @Override
    public Told tell(SeatCut cut, Say say) {
        return SeatAnswer.tell(cut, say);
    }

    @Override
    public Optional<Solid> solid(SeatCut cut) {
        return Optional.of(new Solid("insert-holder.stl", SeatAnswer.stl(cut)));
    }

    @Override
    public CutPage page(Read<SeatCut> read) {
        boolean bar = read.choice(BODY).equals("bar");
        Sentence sentence = new Sentence().pick(OPERATION, ":").pick(BODY, ",").value(HEIGHT);
        if (!bar) {
            sentence.words("by").value(WIDTH);
        }
        sentence.words(",")
                .value(LENGTH)
                .words("long, for")
                .pick(INSERT)
                .words("at")
                .value(ANGLE);
        if (bar) {
            sentence.words(", to cut an inside thread").value(THREAD_DEPTH).words("deep");
        }
        sentence.words("; used on").pick(LATHE, ".");
        StationPage reach = StationPage.of(
                        Station.REACH, List.of("seat-body", "seat-pocket"), List.of("floorDepth", "underFloor", "wall"))
                .setting(bar ? new Entry[] {OUT, TILT, CUTTER} : new Entry[] {EDGE_ABOVE, TILT, CUTTER});
        return new CutPage(
                id(),
                sentence.parts(),
                List.of(
                        StationPage.of(
                                Station.CUT, List.of("seat-body"), List.of("edgeLength", "noseToHole", "floorDepth")),
                        StationPage.of(
                                        Station.EDGE,
                                        List.of("seat-pocket"),
                                        List.of("edgeLength", "noseToHole", "seatClearance"))
                                .setting(
                                        CIRCLE,
                                        CORNER,
                                        THICKNESS,
                                        NOSE,
                                        INSERT_CLEARANCE,
                                        HOLE,
                                        OLD_SET,
                                        OLD_WAY,
                                        OLD_OFF),
                        bar ? reach.picking(SCHOOL) : reach,
                        StationPage.making("Route")),
                new PrintedCard(
                        "insert’s holder: " + read.text(BODY) + " " + read.text(HEIGHT)
                                + (bar ? "" : " by " + read.text(WIDTH)) + ", " + read.text(LENGTH) + " long; "
                                + read.text(INSERT) + " at " + read.text(ANGLE) + ".",
                        "seat-pocket",
                        Entry.ids(MADE_DEPTH),
                        Entry.ids(ANGLE, TILT, CUTTER, RELIEF, DRAW)),
                "seat-body",
                List.of(KIND.kept(read)),
                List.of(),
                "seat-body",
                Optional.empty());
    }

    @Override
    public TrialForm trial() {
        return new TrialForm(
                List.of(
                        TrialForm.ReadingEntry.typed("floorDepth", "Floor below the top", "measured"),
                        TrialForm.ReadingEntry.typed("edgeOff", "Indicator ran off", "along the leading edge"),
                        TrialForm.ReadingEntry.typed("edgeWay", "Over a way of", "of the slide"),
                        TrialForm.ReadingEntry.picked(
                                "light",
                                "Light at insert",
                                Choice.of(SeatProof.Light.values(), SeatProof.Light::words))),
                "seat-body",
                List.of());
    }

    @Override
    public TrialAnswer prove(TrialRequest request) {
        return SeatProof.prove(request);
    }

    @Override
    public Optional<SpokenAs> spokenAs() {
        return Optional.of(new SpokenAs(
                Map.of("insert holder", "insert-holder", "insert seat", "insert-holder"),
                HEIGHT,
                HEIGHT,
                Optional.empty(),
                List.of(HEIGHT, WIDTH, LENGTH),
                List.of(
                        new Marked(LENGTH, List.of("length"), List.of("long")),
                        new Marked(ANGLE, List.of("at", "angle"), List.of("edge")),
                        new Marked(THREAD_DEPTH, List.of("thread"), List.of())),
                List.of(BODY, INSERT),
                List.of()));
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
        return ToolMatch.byPlan(this, cut, BROUGHT, List.of(RELIEF), tool);
    }
}
