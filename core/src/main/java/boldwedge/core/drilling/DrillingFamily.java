package boldwedge.core.drilling;

import static boldwedge.core.drilling.ask.DrillField.*;

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
import boldwedge.core.drilling.ask.DrillField;
import boldwedge.core.drilling.ask.DrillReader;
import boldwedge.core.drilling.model.DrillCut;
import boldwedge.core.drilling.tell.DrillAnswer;
import boldwedge.core.drilling.tell.DrillProof;
import boldwedge.core.family.Solid;
import boldwedge.core.family.ToolFamily;
import boldwedge.core.family.ToolKind;
import boldwedge.core.family.ToolMatch;
import boldwedge.core.finding.Station;
import boldwedge.core.measure.Say;
import boldwedge.core.proof.Lessons;
import boldwedge.core.proof.Taught;
import boldwedge.core.rule.Rule;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Twist drills: which one of the shop, what it will really make, and how it is run. */
public final class DrillingFamily implements ToolFamily<DrillCut> {
    private static final List<Entry> BROUGHT = List.of(DRILL, POINT, GROUND, FLUTES);

    private static final ToolKind KIND = ToolKind.of(
                    "drill",
                    "drill",
                    "Keep the drill",
                    DRILL,
                    BROUGHT,
                    List.of(DRILL, POINT, GROUND, FLUTES),
                    "drill-hole")
            .drawnIn(Map.of(OPERATION, "drill", DEPTH, "10 mm"));

    @Override
    public String id() {
        return "drilling";
    }

    @Override
    public int place() {
        return 4;
    }

    @Override
    public List<Choice> operations() {
        return OPERATION.choices();
    }

    @Override
    public List<Entry> entries() {
        return List.of(DrillField.values());
    }

    @Override
    public Read<DrillCut> read(PlanRequest request) {
        return DrillReader.cut(request);
    }

    @Override
    public void show(DrillCut cut, Chosen chosen) {
        DrillAnswer.show(chosen, cut);
    }

    @Override
    public List<Rule<DrillCut>> rules() {
        return DrillAnswer.RULES;
    }

    @Override
    public Told tell(DrillCut cut, Say say) {
        return DrillAnswer.tell(cut, say);
    }

    @Override
    public Optional<Solid> solid(DrillCut cut) {
        return Optional.empty();
    }

    @Override
    public CutPage page(Read<DrillCut> read) {
        boolean screwed =
                read.choice(PURPOSE).equals("tap") || read.choice(PURPOSE).equals("clear");
        Sentence sentence = new Sentence().pick(OPERATION).pick(MATERIAL, ", ");
        if (screwed) {
            sentence.pick(PURPOSE).words("for").pick(SCREW, ",");
        } else if (read.choice(PURPOSE).equals("hole")) {
            sentence.pick(PURPOSE, ",").value(SIZE).words(",");
        } else {
            sentence.pick(PURPOSE).words("to").value(SIZE).words(",");
        }
        sentence.value(DEPTH)
                .words("deep,")
                .pick(BOTTOM, ";")
                .words("on")
                .pick(LATHE)
                .words("with drills")
                .pick(SET, ".");
        return new CutPage(
                id(),
                sentence.parts(),
                List.of(
                        StationPage.of(Station.CUT, List.of("drill-sizes"), List.of("likelyHole", "speed", "feed")),
                        StationPage.of(Station.EDGE, List.of("drill-hole"), List.of("thrust", "torque"))
                                .picking(GROUND, START)
                                .setting(
                                        read.choice(PURPOSE).equals("tap")
                                                ? new Entry[] {PILOT, ENGAGEMENT}
                                                : new Entry[] {PILOT}),
                        StationPage.of(Station.REACH, List.of("drill-hole"), List.of("speed", "feed", "handleTurn"))
                                .setting(OUTSIDE, STICK_OUT, HANDLE, SPEED, FEED),
                        StationPage.making("Drilling card")),
                new PrintedCard(
                        "drill " + read.text(MATERIAL) + ": " + read.text(PURPOSE)
                                + (screwed ? " for " + read.text(SCREW) : ", " + read.text(SIZE)) + ", "
                                + read.text(DEPTH) + " deep, " + read.text(BOTTOM) + "; " + read.text(LATHE) + ".",
                        "drill-hole",
                        Entry.ids(DRILL),
                        Entry.ids(SPEED, FEED, DRILL, POINT)),
                "drill-hole",
                List.of(KIND.kept(read)),
                List.of(),
                "",
                Optional.empty());
    }

    @Override
    public TrialForm trial() {
        return new TrialForm(
                List.of(
                        TrialForm.ReadingEntry.typed("near", "Hole at the mouth", "measured"),
                        TrialForm.ReadingEntry.typed("far", "Hole at its end", "if the gauge reaches"),
                        TrialForm.ReadingEntry.picked(
                                "look", "The wall looks", Choice.of(DrillProof.Look.values(), DrillProof.Look::words))),
                "drill-sizes",
                List.of());
    }

    @Override
    public TrialAnswer prove(TrialRequest request) {
        return DrillProof.prove(request);
    }

    @Override
    public Optional<Lessons.About> about(PlanRequest request) {
        return DrillProof.about(request);
    }

    @Override
    public Optional<Taught.Trial> lesson(TrialRequest kept) {
        return DrillProof.lesson(kept);
    }

    @Override
    public boolean learns() {
        return true;
    }

    @Override
    public Optional<SpokenAs> spokenAs() {
        return Optional.of(new SpokenAs(
                Map.of("drill out", "drill"),
                PILOT,
                SIZE,
                Optional.empty(),
                List.of(SIZE, DEPTH),
                List.of(
                        new Marked(DEPTH, List.of("depth"), List.of("deep")),
                        new Marked(PILOT, List.of("pilot"), List.of("pilot")),
                        new Marked(SPEED, List.of("speed"), List.of("rpm")),
                        new Marked(FEED, List.of("feed"), List.of("feed"))),
                List.of(MATERIAL, BOTTOM, PURPOSE, SCREW),
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
        return ToolMatch.byPlan(this, cut, BROUGHT, List.of(SPEED, FEED), tool);
    }
}
