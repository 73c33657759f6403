package boldwedge.core.families.counterboring;

import static boldwedge.core.families.counterboring.entry.CounterboreField.*;

import boldwedge.core.families.counterboring.entry.CounterboreField;
import boldwedge.core.families.counterboring.entry.CounterboreReader;
import boldwedge.core.families.counterboring.model.CounterboreCut;
import boldwedge.core.families.counterboring.model.CounterboreJob;
import boldwedge.core.families.counterboring.report.CounterboreAnswer;
import boldwedge.core.families.counterboring.report.CounterboreTrial;
import boldwedge.core.family.DeclaredFamily;
import boldwedge.core.family.ToolKind;
import boldwedge.core.family.ToolMatch;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.UnitFormat;
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
import boldwedge.core.planning.SpokenAs.Marked;
import boldwedge.core.planning.StationPage;
import boldwedge.core.planning.TrialForm;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Counterbores: seats for heads and washers, and the tools for them. */
public final class CounterboringFamily extends DeclaredFamily<CounterboreCut> {
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

    private static final TrialForm TRIAL = TrialForm.beside("seat")
            .typed("depth", "Depth", "measured")
            .typed("across", "Seat across", "if measured")
            .picked("floor", "Its floor", CounterboreTrial.Floor.values())
            .picked("hole", "The hole", CounterboreTrial.Hole.values());

    /** Declares it. */
    public CounterboringFamily() {
        super(
                "counterboring",
                6,
                new Asks<>(List.of(CounterboreField.values()), CounterboreReader::cut),
                new Says<>(CounterboreAnswer.RULES, CounterboreAnswer::tell),
                new Judges(TRIAL, CounterboreTrial::prove),
                COUNTERBORE);
    }

    @Override
    public Optional<OnWork> onWork(CounterboreCut cut, UnitFormat say) {
        CounterboreJob job = cut.job();
        if (job.seats() > 1) {
            return Optional.empty();
        }
        return Optional.of(OnWork.of(
                        Kind.COUNTERBORE, job.work(), job.lathe(), "counterbore " + say.length(cut.outsideMm()))
                .across(job.holeMm(), cut.outsideMm())
                .along(0, cut.depthMm())
                .running(cut.rpm(), cut.feedMm())
                .with(one -> one.tailstock(true).passes(Passes.once(cut.depthMm() / (cut.rpm() * cut.feedMm())))));
    }

    @Override
    public CutPage page(Read<CounterboreCut> read) {
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
                Map.of(
                        "counterbored",
                        "counterbore",
                        "spotface",
                        "counterbore",
                        "spot face",
                        "counterbore",
                        "sink",
                        "counterbore",
                        "c'bore",
                        "counterbore",
                        "cbore",
                        "counterbore"),
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
