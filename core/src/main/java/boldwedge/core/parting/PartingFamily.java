package boldwedge.core.parting;

import static boldwedge.core.parting.ask.PartField.*;

import boldwedge.core.ask.Choice;
import boldwedge.core.ask.Chosen;
import boldwedge.core.ask.CutPage;
import boldwedge.core.ask.Entry;
import boldwedge.core.ask.HeightEntry;
import boldwedge.core.ask.Kept;
import boldwedge.core.ask.Panel;
import boldwedge.core.ask.PlanRequest;
import boldwedge.core.ask.PrintedCard;
import boldwedge.core.ask.Read;
import boldwedge.core.ask.Sentence;
import boldwedge.core.ask.SetUps;
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
import boldwedge.core.family.ToolTests;
import boldwedge.core.finding.Station;
import boldwedge.core.measure.Say;
import boldwedge.core.parting.ask.PartField;
import boldwedge.core.parting.ask.PartReader;
import boldwedge.core.parting.model.PartCut;
import boldwedge.core.parting.tell.BladeTests;
import boldwedge.core.parting.tell.HolderSolid;
import boldwedge.core.parting.tell.PartAnswer;
import boldwedge.core.parting.tell.PartProof;
import boldwedge.core.parting.tell.PartSetUps;
import boldwedge.core.proof.BladeLife;
import boldwedge.core.proof.Measured;
import boldwedge.core.rule.Rule;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Blades for parting and grooving, and the holders that are built for them. */
public final class PartingFamily implements ToolFamily<PartCut> {
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

    @Override
    public String id() {
        return "parting";
    }

    @Override
    public int place() {
        return 3;
    }

    @Override
    public List<Choice> operations() {
        return OPERATION.choices();
    }

    @Override
    public List<Entry> entries() {
        return List.of(PartField.values());
    }

    @Override
    public Read<PartCut> read(PlanRequest request) {
        return PartReader.cut(request);
    }

    @Override
    public void show(PartCut cut, Chosen chosen) {
        PartAnswer.show(chosen, cut);
    }

    @Override
    public List<Rule<PartCut>> rules() {
        return PartAnswer.RULES;
    }

    @Override
    public Told tell(PartCut cut, Say say) {
        return PartAnswer.tell(cut, say);
    }

    @Override
    public Optional<Solid> solid(PartCut cut) {
        return cut.job().holder().built()
                ? Optional.of(new Solid("holder.stl", HolderSolid.stl(cut)))
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
                sentence(read, rear).parts(),
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
                        printed(read),
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

    private static Sentence sentence(Read<PartCut> read, boolean rear) {
        boolean groove = read.choice(OPERATION).equals("groove");
        Sentence sentence = new Sentence()
                .pick(OPERATION)
                .pick(MATERIAL, " ")
                .value(DIAMETER)
                .words(groove ? "down to" : "round, to its bore of")
                .value(groove ? BOTTOM : BORE);
        if (groove) {
            sentence.words("and").value(GROOVE).words("wide");
        } else {
            sentence.words(";").value(PIECES).words("pieces of").value(PIECE);
        }
        sentence.words("; held")
                .pick(HOLD)
                .words(", cut")
                .value(AT)
                .words("from the jaws, on")
                .pick(LATHE)
                .words("with a")
                .pick(BLADE)
                .words("in")
                .pick(HOLDER);
        return rear ? sentence.words(".") : sentence.pick(POST, ".");
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

    private static String printed(Read<PartCut> read) {
        return read.text(OPERATION) + " " + read.text(MATERIAL) + " " + read.text(DIAMETER) + " round; "
                + read.text(HOLD) + "; " + read.text(LATHE) + "; " + read.text(BLADE) + " in " + read.text(HOLDER)
                + ".";
    }

    @Override
    public TrialForm trial() {
        return new TrialForm(
                List.of(
                        TrialForm.ReadingEntry.typed("pip", "Pip across", "0 when clean"),
                        TrialForm.ReadingEntry.typed("faceBy", "Face out of flat by", "if measured"),
                        TrialForm.ReadingEntry.typed(BladeLife.BROKE, "Broke at a diameter of", "if it broke"),
                        TrialForm.ReadingEntry.typed(BladeLife.COUNT, "Pieces cut", "1"),
                        TrialForm.ReadingEntry.typed("speed", "Speed run", "as planned"),
                        TrialForm.ReadingEntry.typed("feed", "Feed run", "as planned"),
                        TrialForm.ReadingEntry.picked(
                                "pipSide", "Pip", Choice.of(PartProof.PipSide.values(), PartProof.PipSide::words)),
                        TrialForm.ReadingEntry.picked(
                                "face", "Face", Choice.of(PartProof.Face.values(), PartProof.Face::words)),
                        TrialForm.ReadingEntry.picked(
                                "sound", "Sound", Choice.of(Measured.Sound.values(), Measured.Sound::words))),
                "part-stand",
                List.of());
    }

    @Override
    public TrialAnswer prove(TrialRequest request) {
        return PartProof.prove(request);
    }

    @Override
    public Optional<SpokenAs> spokenAs() {
        return Optional.of(new SpokenAs(
                Map.of("part", "part", "cut off", "part", "groove", "groove"),
                DIAMETER,
                BOTTOM,
                Optional.empty(),
                List.of(DIAMETER, PIECE),
                List.of(
                        new Marked(BORE, List.of("bore", "hole", "bored"), List.of("bore", "hole")),
                        new Marked(DIAMETER, List.of(), List.of("bar", "from bar", "off bar", "round", "stock")),
                        new Marked(PIECES, List.of(), List.of("pieces", "off", "pcs", "of")),
                        new Marked(PIECE, List.of("length"), List.of("long", "thick")),
                        new Marked(GROOVE, List.of("width"), List.of("wide")),
                        new Marked(AT, List.of("out"), List.of("out", "from jaws", "from chuck")),
                        new Marked(SPEED, List.of("speed"), List.of("rpm")),
                        new Marked(FEED, List.of("feed"), List.of("feed"))),
                List.of(MATERIAL, HOLD, BLADE),
                List.of()));
    }

    @Override
    public Optional<SetUps> setUps(PlanRequest request, PartCut cut, Say say) {
        return Optional.of(PartSetUps.of(request, cut, say));
    }

    @Override
    public Optional<ToolTests> tests() {
        return Optional.of(new BladeTests());
    }

    @Override
    public List<ToolKind> kinds() {
        return List.of(BLADE_KIND, HOLDER_KIND);
    }

    @Override
    public ToolKind matched() {
        return BLADE_KIND;
    }

    @Override
    public ToolMatch match(PlanRequest cut, Map<String, String> tool) {
        return ToolMatch.byPlan(this, cut, BROUGHT, CHOSEN_FOR_BLADE, tool);
    }
}
