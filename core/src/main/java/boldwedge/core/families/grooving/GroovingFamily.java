package boldwedge.core.families.grooving;

import static boldwedge.core.families.grooving.entry.GrooveField.*;

import boldwedge.core.families.grooving.entry.GrooveField;
import boldwedge.core.families.grooving.entry.GrooveReader;
import boldwedge.core.families.grooving.model.Groove;
import boldwedge.core.families.grooving.model.GrooveCut;
import boldwedge.core.families.grooving.model.GrooveJob;
import boldwedge.core.families.grooving.report.GrooveAnswer;
import boldwedge.core.families.grooving.report.GrooveSolid;
import boldwedge.core.families.grooving.report.GrooveTrial;
import boldwedge.core.family.DeclaredFamily;
import boldwedge.core.family.Solid;
import boldwedge.core.family.ToolKind;
import boldwedge.core.family.ToolMatch;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.planning.CutPage;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.GrindSetUp;
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
import boldwedge.core.trial.Measured;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Grooves for rings, seals and reliefs, cut with a ground bit: outside, inside, in a face. */
public final class GroovingFamily extends DeclaredFamily<GrooveCut> {
    private static final List<Entry> BROUGHT = List.of(BIT, TIP, RAKE, FRONT, SIDE, OUTER, CORNER, OUT);

    private static final ToolKind KIND = ToolKind.of(
                    "groove-bit",
                    "groove bit",
                    "Keep the bit",
                    TIP,
                    BROUGHT,
                    List.of(BIT, TIP, RAKE, FRONT, SIDE, CORNER, OUT),
                    "groove-bit")
            .drawnIn(Map.of(
                    OPERATION,
                    "ring-groove",
                    PURPOSE,
                    "own-outside",
                    AROUND,
                    "100 mm",
                    BOTTOM,
                    "98 mm",
                    WIDTH,
                    "30 mm"));

    /** All that asks for a groove of this kind. */
    private static final Map<String, String> VERBS = Stream.of(
                    "ring groove",
                    "groove for",
                    "circlip groove",
                    "circlip",
                    "snap ring",
                    "snap ring groove",
                    "o-ring groove",
                    "o-ring",
                    "oring",
                    "face groove",
                    "groove * circlip",
                    "groove * o-ring",
                    "groove * oring",
                    "undercut",
                    "shoulder undercut",
                    "grinding relief",
                    "thread relief")
            .collect(Collectors.toMap(said -> said, said -> "ring-groove"));

    private static final TrialForm TRIAL = TrialForm.beside("groove")
            .typed("width", "Width", "measured")
            .typed("bottom", "Bottom, or depth in a face", "measured")
            .picked("ring", "Ring or cord", GrooveTrial.Ring.values())
            .picked("floor", "Floor", GrooveTrial.Floor.values())
            .picked("sides", "Sides", GrooveTrial.Sides.values())
            .picked("sound", "Sound", Measured.Sound.values());

    /** Declares it. */
    public GroovingFamily() {
        super(
                "grooving",
                12,
                new Asks<>(List.of(GrooveField.values()), GrooveReader::cut),
                new Says<>(GrooveAnswer.RULES, GrooveAnswer::tell),
                new Judges(TRIAL, GrooveTrial::prove),
                KIND);
    }

    @Override
    public Optional<OnWork> onWork(GrooveCut cut, UnitFormat say) {
        GrooveJob job = cut.job();
        if (job.hold() == Hold.BETWEEN_CENTRES) {
            return Optional.empty();
        }
        Groove groove = job.groove();
        boolean face = groove.side() == Groove.Side.FACE;
        double from = face ? 0 : Math.max(0, job.freeMm() - job.atMm() - groove.widthMm());
        return Optional.of(OnWork.of(
                        switch (groove.side()) {
                            case OUTSIDE -> Kind.GROOVE;
                            case INSIDE -> Kind.RECESS;
                            case FACE -> Kind.FACE_GROOVE;
                        },
                        job.work(),
                        job.lathe(),
                        "groove bit " + say.length(cut.tipMm()) + " wide")
                .across(groove.aroundMm(), groove.bottomMm())
                .along(from, face ? groove.depthMm() : from + groove.widthMm())
                .running(cut.rpm(), cut.feedMm())
                .with(one -> one.centred(!face && job.hold() == Hold.CHUCK_AND_CENTRE)
                        .passes(Passes.once(cut.minutes()))
                        .toleranceMm(groove.width().widthMm())
                        .freeField(STICK_OUT.id())
                        .atField(face ? "" : AT.id())));
    }

    @Override
    public List<GrindSetUp> grinding(GrooveCut cut, UnitFormat say) {
        return List.of(
                new GrindSetUp(cut.job().tool().wheel(), "front", cut.job().frontRad(), 0));
    }

    @Override
    public Optional<Solid> solid(GrooveCut cut) {
        return Optional.of(new Solid("groove-bit", GrooveSolid.shells(cut)));
    }

    @Override
    public CutPage page(Read<GrooveCut> read) {
        String purpose = read.choice(PURPOSE);
        boolean oring = purpose.startsWith("oring");
        List<Entry> settings = new ArrayList<>(List.of(TOLERANCE, BESIDE));
        if (oring) {
            settings.add(CORD);
            if (!purpose.equals("oring-face")) {
                settings.add(GAP);
            }
        }
        if (purpose.equals("thread-relief")) {
            settings.add(PITCH);
        }
        if (purpose.equals("undercut")) {
            settings.add(RADIUS);
        }
        return new CutPage(
                id(),
                Sentence.of(
                        entries(),
                        "{operation} {grooveFor}, {grooveAround} across, in {material}; {grooveAt} from the jaws, held {hold}, {stickOut} free; on {lathe} with a {grooveBit}."),
                List.of(
                        StationPage.of(
                                        Station.CUT,
                                        List.of("groove", "groove-stand"),
                                        List.of("grooveAim", "grooveBottomAt", "grooveDeep"))
                                .setting(settings.toArray(Entry[]::new)),
                        StationPage.of(
                                Station.EDGE,
                                List.of("groove-bit", "groove"),
                                List.of("grooveTip", "plunges", "grooveStep")),
                        StationPage.of(
                                Station.REACH,
                                List.of("groove-stand", "groove"),
                                List.of("quietWidth", "edgeForce", "grooveLeft")),
                        StationPage.making("Route card")),
                new PrintedCard(
                        read.filled("groove for {grooveFor}, {grooveAround} across, {material}; {lathe}, {grooveBit}."),
                        "groove-bit",
                        Entry.ids(TIP, SIDE, FRONT, CORNER),
                        Entry.ids(FEED, SPEED, DWELL)),
                "groove-bit",
                List.of(KIND.kept(read)),
                List.of(),
                "groove-bit",
                Optional.empty());
    }

    @Override
    public Optional<SpokenAs> spokenAs() {
        return Optional.of(new SpokenAs(
                VERBS,
                AROUND,
                BOTTOM,
                Optional.empty(),
                List.of(AROUND),
                List.of(
                        new Marked(
                                AROUND,
                                List.of("on", "on a", "in", "in a", "diameter", "dia", "shaft"),
                                List.of("shaft", "piston", "across", "round", "diameter", "dia")),
                        new Marked(CORD, List.of("cord", "x"), List.of("cord", "section")),
                        new Marked(RADIUS, List.of("radius", "r"), List.of("radius")),
                        new Marked(PITCH, List.of("pitch"), List.of("pitch")),
                        new Marked(BOTTOM, List.of("down to"), List.of("bottom")),
                        new Marked(DEPTH, List.of("depth"), List.of("deep")),
                        new Marked(WIDTH, List.of("width"), List.of("wide"))),
                List.of(MATERIAL, PURPOSE, HOLD),
                List.of()));
    }

    @Override
    public ToolMatch match(PlanRequest cut, Map<String, String> tool) {
        return ToolMatch.byPlan(this, cut, BROUGHT, List.of(FEED), tool);
    }
}
