package boldwedge.core.families.seating;

import static boldwedge.core.families.seating.entry.InsertPocketField.*;

import boldwedge.core.families.seating.entry.InsertPocketField;
import boldwedge.core.families.seating.entry.InsertPocketReader;
import boldwedge.core.families.seating.model.InsertPocketCut;
import boldwedge.core.families.seating.report.InsertPocketAnswer;
import boldwedge.core.families.seating.report.InsertPocketTrial;
import boldwedge.core.family.DeclaredFamily;
import boldwedge.core.family.Solid;
import boldwedge.core.family.ToolKind;
import boldwedge.core.family.ToolMatch;
import boldwedge.core.language.finding.Station;
import boldwedge.core.planning.CutPage;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.PrintedCard;
import boldwedge.core.planning.Read;
import boldwedge.core.planning.Sentence;
import boldwedge.core.planning.SpokenAs;
import boldwedge.core.planning.SpokenAs.Derived;
import boldwedge.core.planning.SpokenAs.Marked;
import boldwedge.core.planning.StationPage;
import boldwedge.core.planning.TrialForm;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Holders and bars with a seat for an insert, milled in the shop. */
public final class SeatingFamily extends DeclaredFamily<InsertPocketCut> {
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

    private static final TrialForm TRIAL = TrialForm.beside("seat-body")
            .typed("floorDepth", "Floor below the top", "measured")
            .typed("edgeOff", "Indicator ran off", "along the leading edge")
            .typed("edgeWay", "Over a way of", "of the slide")
            .picked("light", "Light at insert", InsertPocketTrial.Light.values());

    /** Declares it. */
    public SeatingFamily() {
        super(
                "seating",
                9,
                new Asks<>(List.of(InsertPocketField.values()), InsertPocketReader::cut),
                new Says<>(InsertPocketAnswer.RULES, InsertPocketAnswer::tell),
                new Judges(TRIAL, InsertPocketTrial::prove),
                KIND);
    }

    @Override
    public Optional<Solid> solid(InsertPocketCut cut) {
        return Optional.of(new Solid("insert-holder", InsertPocketAnswer.shells(cut)));
    }

    @Override
    public CutPage page(Read<InsertPocketCut> read) {
        boolean bar = read.choice(BODY).equals("bar");
        StationPage reach = StationPage.of(
                        Station.REACH, List.of("seat-body", "seat-pocket"), List.of("floorDepth", "underFloor", "wall"))
                .named("Body")
                .setting(bar ? new Entry[] {OUT, TILT, CUTTER} : new Entry[] {EDGE_ABOVE, TILT, CUTTER});
        return new CutPage(
                id(),
                Sentence.of(
                        entries(),
                        "{operation}: {seatBody}, {seatHeight}" + (bar ? "" : " by {seatWidth}")
                                + ", {seatLength} long, for {seatInsert} at {seatAngle}"
                                + (bar ? ", to cut an inside thread {seatThreadDepth} deep" : "")
                                + "; used on {lathe}."),
                List.of(
                        StationPage.of(
                                        Station.CUT,
                                        List.of("seat-body"),
                                        List.of("edgeLength", "noseToHole", "floorDepth"))
                                .named("Holder"),
                        StationPage.of(
                                        Station.EDGE,
                                        List.of("seat-pocket"),
                                        List.of("edgeLength", "noseToHole", "seatClearance"))
                                .named("Seat")
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
                        read.filled("insert’s holder: {seatBody} {seatHeight}" + (bar ? "" : " by {seatWidth}")
                                + ", {seatLength} long; {seatInsert} at {seatAngle}."),
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
    public Optional<SpokenAs> spokenAs() {
        return Optional.of(new SpokenAs(
                Map.of("insert holder", "insert-holder", "insert seat", "insert-holder"),
                HEIGHT,
                HEIGHT,
                Optional.empty(),
                List.of(HEIGHT, WIDTH, LENGTH),
                List.of(
                        new Marked(HEIGHT, List.of(), List.of("square")),
                        new Marked(LENGTH, List.of("length"), List.of("long")),
                        new Marked(ANGLE, List.of("at", "angle"), List.of("edge")),
                        new Marked(THREAD_DEPTH, List.of("thread"), List.of())),
                List.of(BODY, INSERT),
                List.of(new Derived(WIDTH, HEIGHT, 0, 0))));
    }

    @Override
    public ToolMatch match(PlanRequest cut, Map<String, String> tool) {
        return ToolMatch.byPlan(this, cut, BROUGHT, List.of(RELIEF), tool);
    }
}
