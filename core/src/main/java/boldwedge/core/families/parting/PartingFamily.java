package boldwedge.core.families.parting;

import static boldwedge.core.families.parting.entry.PartField.*;

import boldwedge.core.families.parting.entry.PartField;
import boldwedge.core.families.parting.entry.PartReader;
import boldwedge.core.families.parting.model.PartCut;
import boldwedge.core.families.parting.model.PartJob;
import boldwedge.core.families.parting.report.BladeTests;
import boldwedge.core.families.parting.report.HolderSolid;
import boldwedge.core.families.parting.report.PartAnswer;
import boldwedge.core.families.parting.report.PartSetUps;
import boldwedge.core.families.parting.report.PartTrial;
import boldwedge.core.family.DeclaredFamily;
import boldwedge.core.family.Solid;
import boldwedge.core.family.ToolKind;
import boldwedge.core.family.ToolMatch;
import boldwedge.core.family.ToolTests;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.planning.CutPage;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.GrindSetUp;
import boldwedge.core.planning.HeightEntry;
import boldwedge.core.planning.Kept;
import boldwedge.core.planning.OnWork;
import boldwedge.core.planning.OnWork.Kind;
import boldwedge.core.planning.OnWork.Passes;
import boldwedge.core.planning.Panel;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.PrintedCard;
import boldwedge.core.planning.Read;
import boldwedge.core.planning.Sentence;
import boldwedge.core.planning.SetUps;
import boldwedge.core.planning.SpokenAs;
import boldwedge.core.planning.SpokenAs.Marked;
import boldwedge.core.planning.StationPage;
import boldwedge.core.planning.TrialForm;
import boldwedge.core.trial.BladeLife;
import boldwedge.core.trial.Measured;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Blades for parting and grooving, and the holders that are built for them. */
public final class PartingFamily extends DeclaredFamily<PartCut> {
    private static final List<Entry> BROUGHT = List.of(BLADE, WIDTH, LEAD, RAKE, TOP, RELIEF, SIDE);

    /** Left open when a blade is tried, so that the best is chosen for it. */
    private static final List<Entry> CHOSEN_FOR_BLADE = List.of(OVERHANG, REST, FEED, SPEED, GROOVE);

    private static final Map<Entry, String> SMALL_PIECE = Map.of(OPERATION, "part", DIAMETER, "10 mm");

    private static final ToolKind BLADE_KIND = ToolKind.of(
                    "blade",
                    "blade",
                    "Keep the blade",
                    BLADE,
                    BROUGHT,
                    List.of(BLADE, WIDTH, LEAD, RAKE, TOP, RELIEF, SIDE, COST),
                    "blade-tip")
            .keepingTyped(COST)
            .calling(Map.of(SIDE, "Side clearance", COST, "Cost of one"))
            .drawnIn(SMALL_PIECE)
            .countedByTrials(COST);

    private static final ToolKind HOLDER_KIND = ToolKind.of(
                    "holder",
                    "holder",
                    "Keep the holder",
                    HOLDER,
                    List.of(
                            HOLDER,
                            LATHE,
                            BLADE,
                            POST,
                            BOLTS,
                            BOLT,
                            BOLT_AT,
                            BLOCK_WIDTH,
                            BLOCK_LENGTH,
                            JAW,
                            HINGE,
                            SAW,
                            ROOM,
                            TAB,
                            PLATE,
                            TAPER,
                            SCREW),
                    List.of(
                            HOLDER,
                            LATHE,
                            BLADE,
                            BLOCK_WIDTH,
                            BLOCK_LENGTH,
                            HINGE,
                            MADE_FLOOR,
                            MADE_TAB,
                            MADE_SLOT,
                            MADE_HINGE),
                    "holder-drawing")
            .keepingTyped(MADE_FLOOR, MADE_SLOT, MADE_HINGE, MADE_TAB, STIFFNESS)
            .calling(Map.of(
                    HOLDER,
                    "Kind",
                    LATHE,
                    "Fits the lathe",
                    BLADE,
                    "Fits the blade",
                    HINGE,
                    "Hinge",
                    MADE_FLOOR,
                    "Slot’s floor as made",
                    MADE_TAB,
                    "Floor above the foot as made",
                    MADE_SLOT,
                    "Slot’s height as made",
                    MADE_HINGE,
                    "Hinge as made"))
            .drawnIn(SMALL_PIECE);

    private static final Entry[] BLOCK = {
        BLOCK_WIDTH, BLOCK_LENGTH, JAW, ROOM, CUTTER, CUTTER_TRUE, DIAL, HINGE, SAW, TAB, PLATE, TAPER, SCREW
    };
    private static final int OF_ANY_BLOCK = 7;
    private static final int OF_A_SPLIT_BLOCK = 9;

    private static final TrialForm TRIAL = TrialForm.beside("part-stand")
            .typed("pip", "Pip across", "0 when clean")
            .typed("faceBy", "Face out of flat by", "if measured")
            .typed(BladeLife.BROKE, "Broke at a diameter of", "if it broke")
            .typed(BladeLife.COUNT, "Pieces cut", "1")
            .typed("speed", "Speed run", "as planned")
            .typed("feed", "Feed run", "as planned")
            .picked("pipSide", "Pip", PartTrial.PipSide.values())
            .picked("face", "Face", PartTrial.Face.values())
            .picked("sound", "Sound", Measured.Sound.values());

    /** Declares it. */
    public PartingFamily() {
        super(
                "parting",
                3,
                new Asks<>(List.of(PartField.values()), PartReader::cut),
                new Says<>(PartAnswer.RULES, PartAnswer::tell),
                new Judges(TRIAL, PartTrial::prove),
                BLADE_KIND,
                HOLDER_KIND);
    }

    @Override
    public Optional<OnWork> onWork(PartCut cut, UnitFormat say) {
        PartJob job = cut.job();
        String tool =
                Written.words("blade %s wide%s", say.length(job.widthMm()), job.behind() ? ", in the rear post" : "");
        return Optional.of(OnWork.of(job.groove() ? Kind.GROOVE : Kind.PART, job.work(), job.lathe(), tool)
                .across(job.diameterMm(), job.endMm())
                // A groove is placed from the jaws alone; how far they are from the end nobody said.
                .along(job.groove() ? 0 : job.pieceMm(), job.groove() ? job.grooveMm() : job.pieceMm() + job.widthMm())
                .running(cut.rpm(), cut.feedMm())
                .with(one -> one.passes(Passes.once(cut.cutMinutes())).atField(job.groove() ? "" : AT.id())));
    }

    @Override
    public List<GrindSetUp> grinding(PartCut cut, UnitFormat say) {
        return List.of(new GrindSetUp(
                cut.job().blade().tool().wheel(),
                "front",
                cut.reliefRad(),
                cut.job().leadRad()));
    }

    @Override
    public Optional<Solid> solid(PartCut cut) {
        return cut.job().holder().built()
                ? Optional.of(new Solid("holder", HolderSolid.shells(cut)))
                : Optional.empty();
    }

    @Override
    public CutPage page(Read<PartCut> read) {
        boolean built = !read.choice(HOLDER).equals("post");
        boolean rear = read.choice(HOLDER).equals("rear-block");
        List<Kept> kept = new ArrayList<>(List.of(BLADE_KIND.kept(read)));
        if (built) {
            kept.add(HOLDER_KIND.kept(read));
        }
        return new CutPage(
                id(),
                Sentence.of(entries(), sentence(read, rear)),
                List.of(
                        StationPage.of(
                                Station.CUT, List.of("part-work", "way-in"), List.of("speed", "feed", "passTime")),
                        StationPage.of(Station.EDGE, List.of("blade-tip"), List.of("edgeForce", "thrust"))
                                .picking(TOP),
                        StationPage.of(
                                        Station.REACH,
                                        List.of("part-stand", "way-in"),
                                        List.of("speed", "feed", "breaksAt"))
                                .picking(BOLTS)
                                .with(Panel.HEIGHT, Panel.SET_UPS, Panel.PUSH_TEST),
                        StationPage.making("Route card").picking(HOLDER).setting(settings(read, built))),
                new PrintedCard(
                        read.filled(
                                "{operation} {material} {partDiameter} round; {partHold}; {lathe}; {blade} in {partHolder}."),
                        built ? "holder-drawing" : "blade-tip",
                        Entry.ids(WIDTH, LEAD, RAKE, RELIEF, SIDE),
                        Entry.ids(SPEED, FEED, OVERHANG, HEIGHT, BLOCK_WIDTH, BLOCK_LENGTH, HINGE)),
                built ? "holder-drawing" : "blade-tip",
                kept,
                Entry.ids(COST),
                built ? "holder-drawing" : "",
                Optional.of(new HeightEntry(
                        HEIGHT.id(), DIAMETER.id(), rear || read.choice(POST).equals("behind"))));
    }

    private static String sentence(Read<PartCut> read, boolean rear) {
        return "{operation} {material} {partDiameter} "
                + (read.choice(OPERATION).equals("groove")
                        ? "down to {grooveBottom} and {grooveWidth} wide"
                        : "round, to its bore of {partBore}; {pieces} pieces of {pieceLength}")
                + "; held {partHold}, cut {partAt} from the jaws, on {lathe} with a {blade} in {partHolder}"
                + (rear ? "." : " {partPost}.");
    }

    private static Entry[] settings(Read<PartCut> read, boolean built) {
        List<Entry> block = List.of(BLOCK);
        if (!built) {
            return new Entry[0];
        }
        List<Entry> shown = new ArrayList<>(
                read.choice(HOLDER).equals("side-block")
                        ? block.subList(0, OF_ANY_BLOCK)
                        : block.subList(0, OF_A_SPLIT_BLOCK));
        if (read.choice(HOLDER).equals("side-block")) {
            shown.addAll(block.subList(OF_A_SPLIT_BLOCK, block.size()));
        }
        return shown.toArray(Entry[]::new);
    }

    @Override
    public Optional<SpokenAs> spokenAs() {
        return Optional.of(new SpokenAs(
                        Map.of(
                                "part",
                                "part",
                                "cut off",
                                "part",
                                "cutoff",
                                "part",
                                "parting",
                                "part",
                                "groove",
                                "groove",
                                "grooving",
                                "groove"),
                        DIAMETER,
                        BOTTOM,
                        Optional.empty(),
                        List.of(DIAMETER, PIECE),
                        List.of(
                                new Marked(BORE, List.of("bore", "hole", "bored"), List.of("bore", "hole")),
                                new Marked(
                                        DIAMETER,
                                        List.of("from", "off"),
                                        List.of("bar", "from bar", "off bar", "round", "stock", "od")),
                                new Marked(PIECES, List.of(), List.of("pieces", "off", "pcs", "of")),
                                new Marked(PIECE, List.of("length"), List.of("long", "thick")),
                                new Marked(
                                        PIECE,
                                        List.of(),
                                        List.of("wide", "washers", "rings", "discs", "slices", "spacers", "blanks"),
                                        "part"),
                                new Marked(GROOVE, List.of("width"), List.of("wide")),
                                new Marked(AT, List.of("out"), List.of("out", "from jaws", "from chuck")),
                                new Marked(SPEED, List.of("speed"), List.of("rpm")),
                                new Marked(FEED, List.of("feed"), List.of("feed"))),
                        List.of(MATERIAL, HOLD, BLADE),
                        List.of())
                .sinking("groove", "deep"));
    }

    @Override
    public Optional<SetUps> setUps(PlanRequest request, PartCut cut, UnitFormat say) {
        return Optional.of(PartSetUps.of(request, cut, say));
    }

    @Override
    public Optional<ToolTests> tests() {
        return Optional.of(new BladeTests());
    }

    @Override
    public ToolMatch match(PlanRequest cut, Map<String, String> tool) {
        return ToolMatch.byPlan(this, cut, BROUGHT, CHOSEN_FOR_BLADE, tool);
    }
}
