package boldwedge.core.families.casting;

import static boldwedge.core.families.casting.entry.CastField.*;

import boldwedge.core.families.casting.entry.CastField;
import boldwedge.core.families.casting.entry.CastReader;
import boldwedge.core.families.casting.model.CastBore;
import boldwedge.core.families.casting.model.CastJob.Seat;
import boldwedge.core.families.casting.report.CastAnswer;
import boldwedge.core.families.casting.report.CastTrial;
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
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Castings that are bored: cored holes, caps with shims, bushes pressed in. A family without a machine: what bores it is a boring bar's cut. */
public final class CastingFamily extends DeclaredFamily<CastBore> {
    private static final List<Entry> BROUGHT = List.of(CAP, SHIMS, SEAT, BUSH, INSIDE, OVER, OUTSIDE);

    private static final ToolKind KIND = ToolKind.of(
                    "casting",
                    "casting and its cap",
                    "Keep its card",
                    CAP,
                    BROUGHT,
                    List.of(SHIMS, SEAT, INSIDE),
                    "cast-fit")
            .drawnIn(Map.of(OPERATION, "bore-casting", BORE, "50 mm"));

    private static final TrialForm TRIAL = TrialForm.beside("cast-end")
            .typed("across", "Across the joint", "four ways, cold")
            .typed("along", "Along the screws", "or square to the first")
            .typed("inside", "The bush, pressed in", "if one was")
            .picked("skin", "Skin left", CastTrial.Skin.values());

    /** Declares it. */
    public CastingFamily() {
        super(
                "casting",
                16,
                new Asks<>(List.of(CastField.values()), CastReader::cut),
                new Says<>(CastAnswer.RULES, CastAnswer::tell),
                new Judges(TRIAL, CastTrial::prove),
                KIND);
    }

    @Override
    public CutPage page(Read<CastBore> read) {
        boolean cap = read.cut().map(cut -> cut.job().cap()).orElse(false);
        boolean bush = read.cut().map(cut -> cut.job().seat() == Seat.BUSH).orElse(false);
        List<String> figures = new ArrayList<>();
        if (cap) {
            figures.add("boreAlong");
        }
        if (bush) {
            figures.addAll(List.of("pressure", "bushCloses", "pressNeeds"));
        }
        return new CutPage(
                id(),
                Sentence.of(
                        entries(),
                        "{operation} of {material}, bored to {castBore} over {castLength}; its raw hole {holeWide} across and {holeTall} up; {castCap}, {castSeat} in it."),
                List.of(
                        StationPage.of(
                                        Station.CUT,
                                        List.of("cast-end", "cast-fit"),
                                        List.of("castLeast", "castAside", "castUp"))
                                .named("Axis")
                                .setting(FAR_WIDE, FAR_TALL, FAR_ASIDE, FAR_ABOVE),
                        StationPage.of(
                                        Station.EDGE,
                                        List.of("cast-end", "cast-fit"),
                                        List.of("castFirst", "castFirstDepth", "castRest"))
                                .named("First pass")
                                .setting(FEED, GIVE),
                        StationPage.of(
                                        Station.REACH,
                                        List.of("cast-fit", "cast-end"),
                                        figures.isEmpty() ? List.of("castRunOut") : figures)
                                .named("Fit")
                                .setting(bush ? new Entry[] {BUSH, GAP} : new Entry[] {GAP}),
                        StationPage.making("Route card")),
                new PrintedCard(
                        read.filled(
                                "bore a casting of {material} to {castBore}, {castLength} long; {castCap}, {castSeat} in it."),
                        "cast-end",
                        Entry.ids(SKIN),
                        Entry.ids(FREE, SHIMS, OVER)),
                "cast-end",
                List.of(KIND.kept(read)),
                List.of(),
                "",
                Optional.empty());
    }

    @Override
    public Optional<SpokenAs> spokenAs() {
        return Optional.of(new SpokenAs(
                Map.of(
                        "bore casting", "bore-casting",
                        "bore a casting", "bore-casting",
                        "cored hole", "bore-casting",
                        "casting", "bore-casting",
                        "bore the cap", "bore-casting"),
                BORE,
                BORE,
                Optional.empty(),
                List.of(BORE, LENGTH),
                List.of(
                        new Marked(WIDE, List.of("raw", "cored", "from"), List.of("cored", "raw")),
                        new Marked(LENGTH, List.of("length"), List.of("long", "deep")),
                        new Marked(SHIMS, List.of("shims"), List.of("shims"))),
                List.of(MATERIAL, CAP, SEAT),
                List.of()));
    }

    @Override
    public ToolMatch match(PlanRequest cut, Map<String, String> tool) {
        return ToolMatch.byPlan(this, cut, BROUGHT, List.of(), tool);
    }
}
