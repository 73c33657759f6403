package boldwedge.core.families.truing;

import static boldwedge.core.families.truing.entry.TrueField.*;

import boldwedge.core.families.truing.entry.TrueField;
import boldwedge.core.families.truing.entry.TrueReader;
import boldwedge.core.families.truing.model.TrueJob.What;
import boldwedge.core.families.truing.model.TrueUp;
import boldwedge.core.families.truing.report.TrueAnswer;
import boldwedge.core.families.truing.report.TrueTrial;
import boldwedge.core.family.DeclaredFamily;
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
import boldwedge.core.planning.SpokenAs.Marked;
import boldwedge.core.planning.StationPage;
import boldwedge.core.planning.TrialForm;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Work set up true: in a four-jaw chuck, as a squared block, as a block bored in place. A family that cuts nothing by itself. */
public final class TruingFamily extends DeclaredFamily<TrueUp> {
    private static final List<Entry> BROUGHT = List.of(SHANK, WIDE, HIGH, CLAMP, FRICTION);

    private static final ToolKind KIND = ToolKind.of(
                    "bar-block",
                    "block for a bar",
                    "Keep the block",
                    SHANK,
                    BROUGHT,
                    List.of(SHANK, WIDE, HIGH),
                    "true-set")
            .drawnIn(Map.of(OPERATION, "bore-block"));

    private static final TrialForm TRIAL = TrialForm.beside("true-set")
            .typed("reads", "It reads now", "the whole swing, or what it is off by")
            .picked("high", "High side", TrueTrial.High.values())
            .picked("bar", "The bar", TrueTrial.Bar.values());

    /** Declares it. */
    public TruingFamily() {
        super(
                "truing",
                17,
                new Asks<>(List.of(TrueField.values()), TrueReader::cut),
                new Says<>(TrueAnswer.RULES, TrueAnswer::tell),
                new Judges(TRIAL, TrueTrial::prove),
                KIND);
    }

    @Override
    public CutPage page(Read<TrueUp> read) {
        What what = read.cut().map(cut -> cut.job().what()).orElse(What.TRUE_UP);
        return new CutPage(
                id(),
                Sentence.of(entries(), sentence(what)),
                List.of(
                        StationPage.of(Station.CUT, List.of("true-set", "true-side"), shown(what, Station.CUT))
                                .named(what == What.BORE_BLOCK ? "Hole" : "Set"),
                        StationPage.of(Station.EDGE, List.of("true-side", "true-set"), shown(what, Station.EDGE))
                                .named(what == What.TRUE_UP ? "Far end" : "Face")
                                .setting(what == What.SQUARE_BLOCK ? new Entry[] {OVER} : new Entry[0]),
                        StationPage.of(Station.REACH, List.of("true-side", "true-set"), shown(what, Station.REACH))
                                .named(what == What.TRUE_UP ? "Balance" : "Hold")
                                .setting(settings(what)),
                        StationPage.making("Route card")),
                new PrintedCard(read.filled(card(what)), "true-set", Entry.ids(WITHIN), Entry.ids(SWING)),
                "true-set",
                List.of(KIND.kept(read)),
                List.of(),
                "",
                Optional.empty());
    }

    private static String sentence(What what) {
        return switch (what) {
            case TRUE_UP ->
                "{operation} {material} in a four-jaw chuck that swings by {trueSwing}, to run true within {trueWithin}.";
            case SQUARE_BLOCK ->
                "{operation} of {material}, {blockWide} by {blockHigh} by {blockLong}, within {trueWithin}, {squaredBy}.";
            case BORE_BLOCK ->
                "{operation}, of {material}, {blockWide} by {blockHigh}, for a bar that measures {blockShank}.";
        };
    }

    private static String card(What what) {
        return switch (what) {
            case TRUE_UP -> "true up {material} within {trueWithin}.";
            case SQUARE_BLOCK -> "square a block of {material}, {blockWide} by {blockHigh} by {blockLong}.";
            case BORE_BLOCK -> "bore a block of {material} in place for a bar of {blockShank}.";
        };
    }

    private static List<String> shown(What what, Station station) {
        return switch (what) {
            case TRUE_UP -> station == Station.REACH ? List.of("pull") : List.of("jawTurn", "jawMove");
            case SQUARE_BLOCK -> List.of("jawError");
            case BORE_BLOCK ->
                station == Station.CUT
                        ? List.of("blockHole", "blockDrill")
                        : station == Station.EDGE ? List.of("pointLies") : List.of("gripAlong", "gripTurning");
        };
    }

    private static Entry[] settings(What what) {
        return switch (what) {
            case TRUE_UP -> new Entry[0];
            case SQUARE_BLOCK -> new Entry[] {FACING};
            case BORE_BLOCK -> new Entry[] {PUSH, TURN, LEVER};
        };
    }

    @Override
    public Optional<SpokenAs> spokenAs() {
        return Optional.of(new SpokenAs(
                        Map.ofEntries(
                                Map.entry("indicate", "true-up"),
                                Map.entry("true", "true-up"),
                                Map.entry("square * block", "square-block"),
                                Map.entry("true up", "true-up"),
                                Map.entry("four jaw", "true-up"),
                                Map.entry("dial in", "true-up"),
                                Map.entry("square up a block", "square-block"),
                                Map.entry("square block", "square-block"),
                                Map.entry("bore a block", "bore-block"),
                                Map.entry("bore block", "bore-block"),
                                Map.entry("4 jaw", "true-up"),
                                Map.entry("4-jaw", "true-up"),
                                Map.entry("clock in", "true-up")),
                        SWING,
                        SWING,
                        Optional.empty(),
                        List.of(SWING),
                        List.of(
                                new Marked(
                                        SWING,
                                        List.of("swings", "swing", "runout"),
                                        List.of("swing", "runout", "run-out", "out")),
                                new Marked(OFFSET, List.of("offset"), List.of("offset")),
                                new Marked(PITCH, List.of("pitch"), List.of("pitch")),
                                new Marked(SHANK, List.of("bar"), List.of("bar", "shank"), "bore-block"),
                                new Marked(WITHIN, List.of("within"), List.of())),
                        List.of(MATERIAL, SQUARED_BY),
                        List.of())
                .withBare(Map.of("square-block", List.of(WIDE, HIGH, LONG), "bore-block", List.of())));
    }

    @Override
    public ToolMatch match(PlanRequest cut, Map<String, String> tool) {
        return ToolMatch.byPlan(this, cut, BROUGHT, List.of(), tool);
    }
}
