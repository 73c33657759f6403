package boldwedge.core.families.shaping;

import static boldwedge.core.families.shaping.entry.ShapingField.*;

import boldwedge.core.families.shaping.entry.ShapingField;
import boldwedge.core.families.shaping.entry.ShapingReader;
import boldwedge.core.families.shaping.model.ShapedCut;
import boldwedge.core.families.shaping.report.ShapingAnswer;
import boldwedge.core.families.shaping.report.ShapingSolid;
import boldwedge.core.families.shaping.report.ShapingTrial;
import boldwedge.core.family.DeclaredFamily;
import boldwedge.core.family.Solid;
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

/** Outside keyways, flats and faces, planed on a shaper. */
public final class ShapingFamily extends DeclaredFamily<ShapedCut> {
    private static final List<Entry> BROUGHT = List.of(BIT, TOOTH, NOSE, RAKE, FRONT, SIDE, HUNG);

    private static final ToolKind KIND = ToolKind.of(
                    "shaper-tool", "shaper tool", "Keep the tool", BIT, BROUGHT, BROUGHT, "shaper-tool")
            .drawnIn(Map.of(OPERATION, "shaft-keyway", SHAFT, "200 mm", WIDTH, "30 mm"));

    private static final TrialForm TRIAL = TrialForm.beside("shaped-end")
            .typed("width", "Width where it begins", "of a keyway")
            .typed("widthFar", "Width where it ends", "of a keyway")
            .typed("over", "Floor to far side, begins", "or height of a block")
            .typed("overFar", "Floor to far side, ends", "or height of a block")
            .typed("aside", "Beside the middle, begins", "to the right is over 0")
            .typed("asideFar", "Beside the middle, ends", "to the right is over 0")
            .typed("finish", "Finish left", "by gauge or comparison")
            .picked("fit", "Its key", ShapingTrial.Fit.values())
            .picked("look", "Floor and sides", ShapingTrial.Look.values());

    /** Declares it. */
    public ShapingFamily() {
        super(
                "shaping",
                15,
                new Asks<>(List.of(ShapingField.values()), ShapingReader::cut),
                new Says<>(ShapingAnswer.RULES, ShapingAnswer::tell),
                new Judges(TRIAL, ShapingTrial::prove),
                KIND);
    }

    @Override
    public Optional<Solid> solid(ShapedCut cut) {
        return ShapingSolid.shells(cut).map(shells -> new Solid("shaper-tool", shells));
    }

    @Override
    public CutPage page(Read<ShapedCut> read) {
        String form = read.choice(OPERATION);
        boolean keyway = form.equals("shaft-keyway");
        boolean face = form.equals("plane-face");
        String sentence = keyway
                ? "{operation} of {shaftDiameter}, {shapedLength} long, {shapedEnd}, in {material}; {keyWidth} wide to {keyTolerance}"
                : face
                        ? "{operation} {shapedLength} long, {flatWidth} wide, {shapedDepth} off it, to {finish}, in {material}"
                        : "{operation} of {shaftDiameter}, {shapedLength} long, {flatWidth} wide, to {finish}, in {material}";
        return new CutPage(
                id(),
                Sentence.of(entries(), sentence + "; on {lathe} with a {shaperBit}."),
                List.of(
                        StationPage.of(
                                        Station.CUT,
                                        List.of("shaped-end"),
                                        face
                                                ? List.of("shapedWidth", "shapedDepth", "strokes")
                                                : List.of("shapedWidth", "overShaft", "strokes"))
                                .setting(WITHIN),
                        StationPage.of(
                                        Station.EDGE,
                                        List.of("shaper-tool", "shaped-stroke"),
                                        List.of("shankStress", "digGain", "pointDigs"))
                                .picking(HUNG),
                        StationPage.of(
                                        Station.REACH,
                                        List.of("shaped-stroke"),
                                        List.of("strokeForce", "ramStrokes", "ramSinks"))
                                .setting(VISE),
                        StationPage.making("Route card")),
                new PrintedCard(
                        read.filled(
                                keyway
                                        ? "keyway {keyWidth} in a shaft of {shaftDiameter}, {shapedLength} long, {shapedEnd}, {material}; {lathe}."
                                        : face
                                                ? "face {flatWidth} by {shapedLength}, {shapedDepth} off, {material}; {lathe}."
                                                : "flat {flatWidth} wide on a shaft of {shaftDiameter}, {shapedLength} long, {material}; {lathe}."),
                        "shaper-tool",
                        keyway ? Entry.ids(TOOTH, RAKE, FRONT, SIDE) : Entry.ids(NOSE, RAKE, FRONT),
                        keyway ? Entry.ids(DOWN, SPRING, OUT) : Entry.ids(DOWN, FEED, OUT)),
                "shaper-tool",
                List.of(KIND.kept(read)),
                List.of(),
                "",
                Optional.empty());
    }

    @Override
    public Optional<SpokenAs> spokenAs() {
        return Optional.of(new SpokenAs(
                        Map.ofEntries(
                                Map.entry("shaft keyway", "shaft-keyway"),
                                Map.entry("keyway * shaft", "shaft-keyway"),
                                Map.entry("keyseat * shaft", "shaft-keyway"),
                                Map.entry("outside keyway", "shaft-keyway"),
                                Map.entry("keyway in a shaft", "shaft-keyway"),
                                Map.entry("keyway on a shaft", "shaft-keyway"),
                                Map.entry("keyseat in a shaft", "shaft-keyway"),
                                Map.entry("key seat", "shaft-keyway"),
                                Map.entry("flat on", "plane-flat"),
                                Map.entry("plane a flat", "plane-face"),
                                Map.entry("plane a flat on", "plane-flat"),
                                Map.entry("plane a flat * shaft", "plane-flat"),
                                Map.entry("plane flat on", "plane-flat"),
                                Map.entry("plane flat * shaft", "plane-flat"),
                                Map.entry("plane flat", "plane-face"),
                                Map.entry("shape a flat", "plane-flat"),
                                Map.entry("plane a face", "plane-face"),
                                Map.entry("shape a block", "plane-face"),
                                Map.entry("plane a block", "plane-face"),
                                Map.entry("plane", "plane-face")),
                        SHAFT,
                        SHAFT,
                        Optional.of(TOLERANCE),
                        List.of(SHAFT, LENGTH),
                        List.of(
                                new Marked(SHAFT, List.of("shaft", "of", "on"), List.of("shaft")),
                                new Marked(LENGTH, List.of("long", "length"), List.of("long")),
                                new Marked(DEPTH, List.of("depth", "take off"), List.of("deep", "off")),
                                new Marked(FLAT_WIDTH, List.of(), List.of("wide")),
                                new Marked(WIDTH, List.of("key", "key of"), List.of("key"))),
                        List.of(MATERIAL, END),
                        List.of())
                .withBare(Map.of(
                        "shaft-keyway", List.of(SHAFT, WIDTH, LENGTH), "plane-face", List.of(LENGTH, FLAT_WIDTH))));
    }

    @Override
    public ToolMatch match(PlanRequest cut, Map<String, String> tool) {
        return ToolMatch.byPlan(this, cut, BROUGHT, List.of(DOWN, FEED), tool);
    }
}
