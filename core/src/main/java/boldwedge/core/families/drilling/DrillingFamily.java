package boldwedge.core.families.drilling;

import static boldwedge.core.families.drilling.entry.DrillField.*;

import boldwedge.core.families.drilling.entry.DrillField;
import boldwedge.core.families.drilling.entry.DrillReader;
import boldwedge.core.families.drilling.model.DrillCut;
import boldwedge.core.families.drilling.model.DrillJob;
import boldwedge.core.families.drilling.model.DrillJob.Purpose;
import boldwedge.core.families.drilling.report.DrillAnswer;
import boldwedge.core.families.drilling.report.DrillTrial;
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
import boldwedge.core.planning.SpokenAs.Implied;
import boldwedge.core.planning.SpokenAs.Marked;
import boldwedge.core.planning.StationPage;
import boldwedge.core.planning.TrialForm;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.trial.Calibration;
import boldwedge.core.trial.Lessons;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Twist drills: which one of the shop, what it will really make, and how it is run. */
public final class DrillingFamily extends DeclaredFamily<DrillCut> {
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

    private static final TrialForm TRIAL = TrialForm.beside("drill-sizes")
            .typed("near", "Hole at the mouth", "measured")
            .typed("far", "Hole at its end", "if the gauge reaches")
            .picked("look", "The wall looks", DrillTrial.Look.values());

    /** Declares it. */
    public DrillingFamily() {
        super(
                "drilling",
                4,
                new Asks<>(List.of(DrillField.values()), DrillReader::cut),
                new Says<>(DrillAnswer.RULES, DrillAnswer::tell),
                new Judges(TRIAL, DrillTrial::prove),
                KIND);
    }

    @Override
    public boolean learns() {
        return true;
    }

    @Override
    public Optional<Lessons.About> about(PlanRequest request) {
        return DrillTrial.about(request);
    }

    @Override
    protected Map<Lessons.Subject, Calibration.Lesson> taught(TrialRequest made) {
        return Lessons.of(about(made.plan()), DrillTrial.lesson(made));
    }

    @Override
    public Optional<OnWork> onWork(DrillCut cut, UnitFormat say) {
        DrillJob job = cut.job();
        return Optional.of(OnWork.of(
                        Kind.DRILL,
                        job.work(),
                        job.lathe(),
                        "drill " + say.length(cut.drill().diameterMm()))
                .across(job.pilotMm(), cut.drill().diameterMm())
                .along(0, cut.travelMm())
                .running(cut.rpm(), cut.feedMm())
                .with(one -> one.tailstock(true)
                        .passes(Passes.once(cut.travelMm() / (cut.rpm() * cut.feedMm())))
                        .freeField(STICK_OUT.id())));
    }

    @Override
    public CutPage page(Read<DrillCut> read) {
        boolean screwed =
                read.choice(PURPOSE).equals("tap") || read.choice(PURPOSE).equals("clear");
        String purpose = screwed
                ? "{holeFor} for {drillScrew}"
                : read.choice(PURPOSE).equals("hole") ? "{holeFor}, {drillSize}" : "{holeFor} to {drillSize}";
        return new CutPage(
                id(),
                Sentence.of(
                        entries(),
                        "{operation} {material}, " + purpose
                                + ", {drillDepth} deep, {drillBottom}; on {lathe} with drills {drillSet}."),
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
                        read.filled("drill {material}: {holeFor}" + (screwed ? " for {drillScrew}" : ", {drillSize}")
                                + ", {drillDepth} deep, {drillBottom}; {lathe}."),
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
    public Optional<SpokenAs> spokenAs() {
        return Optional.of(new SpokenAs(
                        Map.of(
                                "drill out",
                                "drill",
                                "drilling",
                                "drill",
                                "tap",
                                "drill",
                                "tapping",
                                "drill",
                                "tapped",
                                "drill",
                                "clearance",
                                "drill",
                                "clearing",
                                "drill"),
                        PILOT,
                        SIZE,
                        Optional.empty(),
                        List.of(SIZE, DEPTH),
                        List.of(
                                new Marked(DEPTH, List.of("depth", "through"), List.of("deep", "thick")),
                                new Marked(COUNT, List.of(), List.of("holes", "off")),
                                new Marked(PILOT, List.of("pilot"), List.of("pilot")),
                                new Marked(SPEED, List.of("speed"), List.of("rpm")),
                                new Marked(FEED, List.of("feed"), List.of("feed"))),
                        List.of(MATERIAL, BOTTOM, PURPOSE, SCREW),
                        List.of())
                .implying(new Implied(PURPOSE, Entry.choice(Purpose.TAP), SCREW, SIZE)));
    }

    @Override
    public ToolMatch match(PlanRequest cut, Map<String, String> tool) {
        return ToolMatch.byPlan(this, cut, BROUGHT, List.of(SPEED, FEED), tool);
    }
}
