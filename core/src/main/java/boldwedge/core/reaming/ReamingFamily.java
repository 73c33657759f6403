package boldwedge.core.reaming;

import static boldwedge.core.reaming.ask.ReamField.*;

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
import boldwedge.core.proof.Lessons;
import boldwedge.core.proof.Taught;
import boldwedge.core.reaming.ask.ReamField;
import boldwedge.core.reaming.ask.ReamReader;
import boldwedge.core.reaming.model.ReamCut;
import boldwedge.core.reaming.tell.ReamAnswer;
import boldwedge.core.reaming.tell.ReamProof;
import boldwedge.core.reaming.tell.ReamerSolid;
import boldwedge.core.rule.Rule;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Reamers, of a size that nobody sells too. */
public final class ReamingFamily implements ToolFamily<ReamCut> {
    private static final List<Entry> BROUGHT = List.of(
            KIND,
            MADE,
            STEEL,
            HELIX,
            HELIX_ANGLE,
            TEETH,
            UNEVEN,
            RAKE,
            LAND,
            CLEARANCE,
            CHAMFER,
            BACK_TAPER,
            FLUTE,
            SLANT,
            HEAD,
            SHANK,
            LENGTH);

    private static final ToolKind REAMER = ToolKind.of(
                    "reamer",
                    "reamer",
                    "Keep the reamer",
                    KIND,
                    BROUGHT,
                    List.of(KIND, MADE, STEEL, HELIX, TEETH, CLEARANCE, CHAMFER, LENGTH),
                    "reamer")
            .drawnIn(Map.of(OPERATION, "ream"))
            .groundAndMeasured();

    @Override
    public String id() {
        return "reaming";
    }

    @Override
    public int place() {
        return 5;
    }

    @Override
    public List<Choice> operations() {
        return OPERATION.choices();
    }

    @Override
    public List<Entry> entries() {
        return List.of(ReamField.values());
    }

    @Override
    public Read<ReamCut> read(PlanRequest request) {
        return ReamReader.cut(request);
    }

    @Override
    public void show(ReamCut cut, Chosen chosen) {
        ReamAnswer.show(chosen, cut);
    }

    @Override
    public List<Rule<ReamCut>> rules() {
        return ReamAnswer.RULES;
    }

    @Override
    public Told tell(ReamCut cut, Say say) {
        return ReamAnswer.tell(cut, say);
    }

    @Override
    public Optional<Solid> solid(ReamCut cut) {
        return Optional.of(new Solid("reamer.stl", ReamerSolid.stl(cut)));
    }

    @Override
    public CutPage page(Read<ReamCut> read) {
        boolean fluted = read.choice(KIND).equals("fluted");
        Sentence sentence = new Sentence()
                .pick(OPERATION)
                .pick(MATERIAL, " ")
                .words("to")
                .value(SIZE)
                .value(TOLERANCE)
                .words(",")
                .value(DEPTH)
                .words("deep,")
                .pick(BOTTOM, ",")
                .value(HOLES)
                .words("holes;")
                .pick(BEFORE)
                .words("before it; on")
                .pick(LATHE)
                .words("with a")
                .pick(KIND)
                .words("of")
                .pick(STEEL, ".");
        List<Entry> picks = new ArrayList<>();
        if (fluted) {
            picks.add(HELIX);
        }
        picks.add(CUP);
        return new CutPage(
                id(),
                sentence.parts(),
                List.of(
                        StationPage.of(
                                        Station.CUT,
                                        List.of("ream-sizes"),
                                        List.of("holeBefore", "likelyHole", "leftLikely"))
                                .picking(SET)
                                .setting(BEFORE_SIZE),
                        StationPage.of(Station.EDGE, List.of("reamer-end", "reamer"), List.of("reamer", "restHeight"))
                                .picking(picks.toArray(Entry[]::new))
                                .setting(
                                        read.choice(HELIX).equals("straight") || !fluted
                                                ? new Entry[] {BACK_TAPER, WHEEL}
                                                : new Entry[] {HELIX_ANGLE, LEAD, BACK_TAPER, WHEEL}),
                        StationPage.of(
                                        Station.REACH,
                                        List.of("reamer", "ream-sizes"),
                                        List.of("speed", "feed", "torque"))
                                .picking(FLOATING)
                                .setting(OFFSET, STICK_OUT, HANDLE, SPEED, FEED),
                        StationPage.making("Route card")),
                new PrintedCard(
                        "ream " + read.text(MATERIAL) + " to " + read.text(SIZE) + " " + read.text(TOLERANCE) + ", "
                                + read.text(DEPTH) + " deep, " + read.text(BOTTOM) + "; " + read.text(LATHE) + "; "
                                + read.text(KIND) + " of " + read.text(STEEL) + ".",
                        "reamer",
                        Entry.ids(MADE, CLEARANCE, CHAMFER, HEAD, SHANK, LENGTH),
                        Entry.ids(SPEED, FEED, BEFORE_SIZE)),
                "reamer",
                List.of(REAMER.kept(read)),
                List.of(),
                "reamer",
                Optional.empty());
    }

    @Override
    public TrialForm trial() {
        return new TrialForm(
                List.of(
                        TrialForm.ReadingEntry.typed("near", "Hole at the mouth", "measured"),
                        TrialForm.ReadingEntry.typed("far", "Hole at the bottom", "measured"),
                        TrialForm.ReadingEntry.typed("soFar", "Holes reamed so far", "with this reamer"),
                        TrialForm.ReadingEntry.picked(
                                "wall", "The wall", Choice.of(ReamProof.Wall.values(), ReamProof.Wall::words))),
                "ream-sizes",
                List.of());
    }

    @Override
    public TrialAnswer prove(TrialRequest request) {
        return ReamProof.prove(request);
    }

    @Override
    public Optional<Lessons.About> about(PlanRequest request) {
        return ReamProof.about(request);
    }

    @Override
    public Map<Lessons.Subject, Taught.Lesson> lessons(TrialRequest kept) {
        Map<Lessons.Subject, Taught.Lesson> lessons = new HashMap<>(ToolFamily.super.lessons(kept));
        lessons.putAll(ReamProof.worn(kept));
        return lessons;
    }

    @Override
    public Optional<Taught.Trial> lesson(TrialRequest kept) {
        return ReamProof.lesson(kept);
    }

    @Override
    public boolean learns() {
        return true;
    }

    @Override
    public Optional<SpokenAs> spokenAs() {
        return Optional.of(new SpokenAs(
                Map.of("ream out", "ream"),
                BEFORE_SIZE,
                SIZE,
                Optional.of(TOLERANCE),
                List.of(SIZE, DEPTH),
                List.of(
                        new Marked(DEPTH, List.of("depth"), List.of("deep")),
                        new Marked(BEFORE_SIZE, List.of("from", "drilled", "bored"), List.of("drilled", "bored")),
                        new Marked(HOLES, List.of(), List.of("holes", "off", "pcs")),
                        new Marked(SPEED, List.of("speed"), List.of("rpm")),
                        new Marked(FEED, List.of("feed"), List.of("feed"))),
                List.of(MATERIAL, BOTTOM, KIND),
                List.of()));
    }

    @Override
    public List<ToolKind> kinds() {
        return List.of(REAMER);
    }

    @Override
    public ToolKind matched() {
        return REAMER;
    }

    @Override
    public ToolMatch match(PlanRequest cut, Map<String, String> tool) {
        return ToolMatch.byPlan(this, cut, BROUGHT, List.of(BEFORE_SIZE, SPEED, FEED), tool);
    }
}
