package boldwedge.core.families.threading;

import static boldwedge.core.families.threading.entry.ThreadField.*;

import boldwedge.core.families.threading.entry.ThreadField;
import boldwedge.core.families.threading.entry.ThreadReader;
import boldwedge.core.families.threading.model.ThreadBit;
import boldwedge.core.families.threading.model.ThreadCut;
import boldwedge.core.families.threading.model.ThreadJob;
import boldwedge.core.families.threading.report.ThreadAnswer;
import boldwedge.core.families.threading.report.ThreadTrial;
import boldwedge.core.family.DeclaredFamily;
import boldwedge.core.family.Solid;
import boldwedge.core.family.ToolKind;
import boldwedge.core.family.ToolMatch;
import boldwedge.core.language.drawing.Mesh;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.Parsed;
import boldwedge.core.language.measure.ThreadCall;
import boldwedge.core.language.measure.ThreadText;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.mechanics.thread.IsoThreadLimits.ThreadClass;
import boldwedge.core.mechanics.thread.UnifiedThreadLimits;
import boldwedge.core.mechanics.wedge.Polyhedron;
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
import boldwedge.core.planning.SpokenAs.Called;
import boldwedge.core.planning.SpokenAs.Marked;
import boldwedge.core.planning.StationPage;
import boldwedge.core.planning.TrialForm;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Threads cut with a single point: their data, the tool, the lathe's setting, the passes, the proof. */
public final class ThreadingFamily extends DeclaredFamily<ThreadCut> {
    private static final List<Entry> BROUGHT =
            List.of(TOOL, ANGLE, FLAT, RADIUS, RAKE, LEADING, TRAILING, INSERT_IS, FINEST, COARSEST);

    private static final ToolKind KIND = ToolKind.of(
                    "threading-tool",
                    "threading tool",
                    "Keep the threading tool",
                    TOOL,
                    BROUGHT,
                    List.of(TOOL, ANGLE, FLAT, RADIUS, LEADING, TRAILING),
                    "thread-tool")
            .drawnIn(Map.of(OPERATION, "thread"));

    private static final TrialForm TRIAL = TrialForm.beside("thread-limits")
            .typed("overWires", "Over three wires", "outside threads")
            .typed("pitchMeasured", "Pitch diameter", "by thread micrometer")
            .typed("overWiresFar", "Over wires, chuck end", "for taper")
            .typed("tenTurns", "Ten turns measure", "along the axis")
            .typed("besideBy", "Picked up beside by", "if it was moved")
            .picked("gauge", "Nut, gauge or mate", ThreadTrial.Gauge.values())
            .picked("look", "Flanks look", ThreadTrial.Look.values());

    /** Declares it. */
    public ThreadingFamily() {
        super(
                "threading",
                8,
                new Asks<>(List.of(ThreadField.values()), ThreadReader::cut),
                new Says<>(ThreadAnswer.RULES, ThreadAnswer::tell),
                new Judges(TRIAL, ThreadTrial::prove),
                KIND);
    }

    @Override
    public Optional<OnWork> onWork(ThreadCut cut, UnitFormat say) {
        ThreadJob job = cut.job();
        if (job.reach().hold() == Hold.BETWEEN_CENTRES) {
            return Optional.empty();
        }
        double groove = cut.grooveMm();
        return Optional.of(OnWork.of(
                        job.inside() ? Kind.INSIDE_THREAD : Kind.OUTSIDE_THREAD,
                        job.work(),
                        job.lathe(),
                        Written.words(
                                "%sthreading tool for %s pitch",
                                job.inside() ? "inside " : "",
                                say.pitch(job.size().pitchMm())))
                .across(
                        cut.blankMm(),
                        job.inside() ? job.size().majorMm() : job.size().minorMm())
                .along(0, job.lengthMm() + groove)
                .running(cut.rpm(), job.size().leadMm())
                .with(one -> one.centred(!job.inside() && job.reach().hold() == Hold.CHUCK_AND_CENTRE)
                        .passes(Passes.once(cut.minutes()))
                        .freeField(STICK_OUT.id())));
    }

    @Override
    public Optional<Solid> solid(ThreadCut cut) {
        return cut.job().edge().tool().insert()
                ? Optional.empty()
                : Optional.of(new Solid(
                        "threading-bit",
                        List.of(Mesh.faceted(
                                "bit",
                                ThreadBit.of(cut).facets().stream()
                                        .map(Polyhedron.Facet::corners)
                                        .toList()))));
    }

    @Override
    public CutPage page(Read<ThreadCut> read) {
        boolean inside = read.choice(SIDE).equals("inside");
        boolean groove = read.choice(END).equals("groove");
        boolean insert = read.choice(TOOL).contains("insert");
        List<Entry> cutSettings = new ArrayList<>(List.of(STARTS, BLANK));
        if (groove) {
            cutSettings.add(GROOVE);
        }
        cutSettings.add(OUTSIDE);
        List<Entry> edgeSettings = new ArrayList<>(List.of(RAKE, CLEARANCE, HEIGHT, YAW));
        List<Entry> edgePicks = new ArrayList<>(List.of(TOOL));
        if (insert) {
            edgePicks.add(INSERT_IS);
            edgeSettings.addAll(List.of(FINEST, COARSEST, COST, EDGES, PER_EDGE));
        }
        List<Entry> reachPicks = new ArrayList<>(List.of(WAY, STEPS));
        List<Entry> reachSettings = new ArrayList<>(List.of(SPEED, PASSES, SPRING));
        if (inside) {
            reachPicks.add(BAR_MATERIAL);
            reachSettings.addAll(List.of(BAR, BAR_POINT, BAR_BELOW, BAR_OUT));
        } else {
            reachPicks.add(HELD);
            reachSettings.add(STICK_OUT);
        }
        return new CutPage(
                id(),
                Sentence.of(
                        entries(),
                        "{operation} {thread} class {threadClass}, {threadSide}, {threadHand}, {threadLength} long, ending {threadEnd}, in {material} on {lathe}."),
                List.of(
                        StationPage.of(
                                        Station.CUT,
                                        List.of("thread-form", "thread-work"),
                                        List.of("pitchLow", "pitchHigh", "threadDepth"))
                                .setting(cutSettings.toArray(Entry[]::new)),
                        StationPage.of(
                                        Station.EDGE,
                                        List.of("thread-tool"),
                                        List.of("helix", "threadDepth", "cutAngle"))
                                .picking(edgePicks.toArray(Entry[]::new))
                                .setting(edgeSettings.toArray(Entry[]::new)),
                        StationPage.of(
                                        Station.REACH,
                                        inside
                                                ? List.of("thread-bar", "thread-passes", "thread-dial")
                                                : List.of("thread-passes", "thread-dial"),
                                        List.of("speed", "passes", "infeed"))
                                .picking(reachPicks.toArray(Entry[]::new))
                                .setting(reachSettings.toArray(Entry[]::new)),
                        inside
                                ? StationPage.making("Passes")
                                : StationPage.making("Passes").setting(WIRE)),
                new PrintedCard(
                        read.filled(
                                "thread {thread} {threadClass}, {threadSide}, {threadLength} long, {threadEnd}; {material}; {lathe}."),
                        "thread-form",
                        Entry.ids(BLANK),
                        Entry.ids(SPEED, PASSES, SPRING, ANGLE, LEADING, TRAILING)),
                "thread-tool",
                List.of(KIND.kept(read)),
                List.of(),
                insert ? "" : "thread-tool",
                Optional.empty());
    }

    /** Whether a text is a thread; "left hand" behind it is a choice of its own. */
    private static boolean calls(String text) {
        return ThreadText.parse(text, UnitSystem.METRIC) instanceof Parsed.Good<ThreadCall>(ThreadCall call)
                && (!call.left() || text.toUpperCase(Locale.ROOT).endsWith("LH"));
    }

    @Override
    public Optional<SpokenAs> spokenAs() {
        return Optional.of(new SpokenAs(
                Map.of(
                        "screw cut",
                        "thread",
                        "screwcut",
                        "thread",
                        "threading",
                        "thread",
                        "threaded",
                        "thread",
                        "chase",
                        "thread"),
                BLANK,
                BLANK,
                Optional.empty(),
                List.of(LENGTH),
                List.of(
                        new Marked(LENGTH, List.of("length"), List.of("long", "deep")),
                        new Marked(GROOVE, List.of("groove"), List.of("groove")),
                        new Marked(SPEED, List.of("speed"), List.of("rpm")),
                        new Marked(PASSES, List.of(), List.of("passes")),
                        new Marked(STARTS, List.of(), List.of("starts", "start"))),
                List.of(MATERIAL, SIDE, HAND, TOOL, END, HELD),
                List.of(),
                List.of(
                        new Called(THREAD, ThreadingFamily::calls),
                        new Called(
                                CLASS,
                                text -> ThreadClass.named(text).isPresent()
                                        || UnifiedThreadLimits.named(text).isPresent()))));
    }

    @Override
    public ToolMatch match(PlanRequest cut, Map<String, String> tool) {
        return ToolMatch.byPlan(this, cut, BROUGHT, List.of(SPEED, PASSES), tool);
    }
}
