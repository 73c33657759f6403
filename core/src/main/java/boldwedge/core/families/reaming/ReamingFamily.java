package boldwedge.core.families.reaming;

import static boldwedge.core.families.reaming.entry.ReamField.*;

import boldwedge.core.families.reaming.entry.ReamField;
import boldwedge.core.families.reaming.entry.ReamReader;
import boldwedge.core.families.reaming.model.ReamCut;
import boldwedge.core.families.reaming.model.ReamJob;
import boldwedge.core.families.reaming.report.ReamAnswer;
import boldwedge.core.families.reaming.report.ReamTrial;
import boldwedge.core.families.reaming.report.ReamerSolid;
import boldwedge.core.family.DeclaredFamily;
import boldwedge.core.family.Solid;
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
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.trial.Calibration;
import boldwedge.core.trial.Lessons;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Reamers, of a size that nobody sells too. */
public final class ReamingFamily extends DeclaredFamily<ReamCut> {
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

    private static final TrialForm TRIAL = TrialForm.beside("ream-sizes")
            .typed("near", "Hole at the mouth", "measured")
            .typed("far", "Hole at the bottom", "measured")
            .typed("soFar", "Holes reamed so far", "with this reamer")
            .picked("wall", "The wall", ReamTrial.Wall.values());

    /** Declares it. */
    public ReamingFamily() {
        super(
                "reaming",
                5,
                new Asks<>(List.of(ReamField.values()), ReamReader::cut),
                new Says<>(ReamAnswer.RULES, ReamAnswer::tell),
                new Judges(TRIAL, ReamTrial::prove),
                REAMER);
    }

    @Override
    public boolean learns() {
        return true;
    }

    @Override
    public Optional<Lessons.About> about(PlanRequest request) {
        return ReamTrial.about(request);
    }

    @Override
    protected Map<Lessons.Subject, Calibration.Lesson> taught(TrialRequest made) {
        return Lessons.together(Lessons.of(about(made.plan()), ReamTrial.lesson(made)), ReamTrial.worn(made));
    }

    @Override
    public Optional<OnWork> onWork(ReamCut cut, UnitFormat say) {
        ReamJob job = cut.job();
        return Optional.of(OnWork.of(Kind.REAM, job.work(), job.lathe(), "reamer " + say.length(job.sizeMm()))
                .across(cut.beforeMm(), job.sizeMm())
                .along(0, job.depthMm())
                .running(cut.rpm(), cut.feedMm())
                .with(one -> one.tailstock(true)
                        .passes(Passes.once(job.depthMm() / (cut.rpm() * cut.feedMm())))
                        .toleranceMm(job.toleranceMm())
                        .freeField(STICK_OUT.id())));
    }

    @Override
    public Optional<Solid> solid(ReamCut cut) {
        return Optional.of(new Solid("reamer", ReamerSolid.shells(cut)));
    }

    @Override
    public CutPage page(Read<ReamCut> read) {
        boolean fluted = read.choice(KIND).equals("fluted");
        List<Entry> picks = new ArrayList<>();
        if (fluted) {
            picks.add(HELIX);
        }
        picks.add(CUP);
        return new CutPage(
                id(),
                Sentence.of(
                        entries(),
                        "{operation} {material} to {reamSize} {reamTolerance}, {reamDepth} deep, {drillBottom}, {reamHoles} holes; {reamBefore} before it; on {lathe} with a {reamerKind} of {reamerSteel}."),
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
                        read.filled(
                                "ream {material} to {reamSize} {reamTolerance}, {reamDepth} deep, {drillBottom}; {lathe}; {reamerKind} of {reamerSteel}."),
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
    public Optional<SpokenAs> spokenAs() {
        return Optional.of(new SpokenAs(
                Map.of(
                        "drill and ream",
                        "ream",
                        "ream out",
                        "ream",
                        "d-bit",
                        "ream",
                        "reamer",
                        "ream",
                        "reaming",
                        "ream",
                        "reamed",
                        "ream"),
                BEFORE_SIZE,
                SIZE,
                Optional.of(TOLERANCE),
                List.of(SIZE, DEPTH),
                List.of(
                        new Marked(DEPTH, List.of("depth", "through"), List.of("deep", "thick")),
                        new Marked(BEFORE_SIZE, List.of("from", "drilled", "bored"), List.of("drilled", "bored")),
                        new Marked(HOLES, List.of(), List.of("holes", "off", "pcs")),
                        new Marked(SPEED, List.of("speed"), List.of("rpm")),
                        new Marked(FEED, List.of("feed"), List.of("feed"))),
                List.of(MATERIAL, BOTTOM, KIND),
                List.of()));
    }

    @Override
    public ToolMatch match(PlanRequest cut, Map<String, String> tool) {
        return ToolMatch.byPlan(this, cut, BROUGHT, List.of(BEFORE_SIZE, SPEED, FEED), tool);
    }
}
