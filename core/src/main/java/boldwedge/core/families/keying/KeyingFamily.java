package boldwedge.core.families.keying;

import static boldwedge.core.families.keying.entry.KeywayField.*;

import boldwedge.core.families.keying.entry.KeywayField;
import boldwedge.core.families.keying.entry.KeywayReader;
import boldwedge.core.families.keying.model.KeywayCut;
import boldwedge.core.families.keying.model.KeywayJob;
import boldwedge.core.families.keying.report.KeywayAnswer;
import boldwedge.core.families.keying.report.KeywayBarSolid;
import boldwedge.core.families.keying.report.KeywayTrial;
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
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Keyways in a bore, planed with a bar: the carriage by hand, a slotting slide, a shaper. */
public final class KeyingFamily extends DeclaredFamily<KeywayCut> {
    private static final List<Entry> BROUGHT =
            List.of(BAR, BAR_MATERIAL, BIT, TOOTH, RAKE, FRONT, SIDE, TOOTH_OUT, HEAD, HEAD_LENGTH);

    private static final ToolKind KIND = ToolKind.of(
                    "keyway-bar",
                    "keyway bar",
                    "Keep the bar",
                    BAR,
                    BROUGHT,
                    List.of(BAR, BAR_MATERIAL, BIT, TOOTH, RAKE, FRONT, SIDE, TOOTH_OUT),
                    "keyway-bar")
            .drawnIn(Map.of(OPERATION, "keyway", BORE, "230 mm", LENGTH, "20 mm"));

    private static final TrialForm TRIAL = TrialForm.beside("keyway")
            .typed("width", "Width at the mouth", "measured")
            .typed("widthFar", "Width at the far end", "measured")
            .typed("over", "Over the bore, mouth", "floor to far side")
            .typed("overFar", "Over the bore, far end", "floor to far side")
            .typed("wallLeft", "Left wall to the bore", "if measured")
            .typed("wallRight", "Right wall to the bore", "if measured")
            .picked("fit", "Its key", KeywayTrial.Fit.values())
            .picked("look", "Floor and sides", KeywayTrial.Look.values());

    /** Declares it. */
    public KeyingFamily() {
        super(
                "keying",
                10,
                new Asks<>(List.of(KeywayField.values()), KeywayReader::cut),
                new Says<>(KeywayAnswer.RULES, KeywayAnswer::tell),
                new Judges(TRIAL, KeywayTrial::prove),
                KIND);
    }

    @Override
    public Optional<OnWork> onWork(KeywayCut cut, UnitFormat say) {
        KeywayJob job = cut.job();
        if (job.drive() == KeywayJob.Drive.SHAPER) {
            return Optional.empty();
        }
        double bore = 2 * job.slot().radiusMm();
        return Optional.of(OnWork.of(
                        Kind.KEYWAY,
                        job.work(),
                        job.lathe(),
                        "keyway bar of " + say.length(cut.barMm()) + ", by strokes")
                .across(bore, bore)
                .along(0, job.lengthMm())
                .with(one -> one.passes(Passes.once(cut.minutes()))));
    }

    @Override
    public Optional<Solid> solid(KeywayCut cut) {
        return Optional.of(new Solid("keyway-bar", KeywayBarSolid.shells(cut)));
    }

    @Override
    public CutPage page(Read<KeywayCut> read) {
        boolean screwed = read.choice(HEAD).equals("replaceable");
        boolean blind = read.choice(END).equals("blind");
        boolean wheel = read.choice(DRIVE).equals("carriage");
        boolean shaper = read.choice(DRIVE).equals("shaper");
        return new CutPage(
                id(),
                Sentence.of(
                        entries(),
                        "{operation} in a bore of {keyBore}, {keyLength} long, {keyEnd}, in {material}; {keyWidth} wide to {keyTolerance}; on {lathe} {keyDrive} with a {keyBit}."),
                List.of(
                        StationPage.of(Station.CUT, List.of("keyway"), List.of("keyWidth", "overBore", "keyWay"))
                                .setting(
                                        blind
                                                ? new Entry[] {RECESS, OUTSIDE, SLOTS, TEETH}
                                                : new Entry[] {OUTSIDE, SLOTS, TEETH}),
                        StationPage.of(
                                        Station.EDGE,
                                        screwed
                                                ? List.of("keyway-bar", "keyway-head", "keyway")
                                                : List.of("keyway-bar", "keyway"),
                                        List.of("keyBar", "largestBar", "toothStress"))
                                .picking(HEAD),
                        StationPage.of(
                                        Station.REACH,
                                        List.of("keyway-stroke"),
                                        List.of("strokeForce", shaper ? "strokes" : "hand", "keyLeft"))
                                .picking(WAY, BAR_MATERIAL)
                                .setting(wheel ? new Entry[] {TURN, WHEEL, HEIGHT, ROLL} : new Entry[] {HEIGHT, ROLL}),
                        StationPage.making("Route card")),
                new PrintedCard(
                        read.filled(
                                "keyway {keyWidth} in a bore of {keyBore}, {keyLength} long, {keyEnd}, {material}; {lathe}, {keyDrive}."),
                        "keyway-bar",
                        Entry.ids(TOOTH, RAKE, FRONT, SIDE, TOOTH_OUT),
                        Entry.ids(STROKE, SPRING, REACH)),
                "keyway",
                List.of(KIND.kept(read)),
                List.of(),
                "keyway-bar",
                Optional.empty());
    }

    @Override
    public Optional<SpokenAs> spokenAs() {
        return Optional.of(new SpokenAs(
                Map.of(
                        "key",
                        "keyway",
                        "slot a keyway",
                        "keyway",
                        "keyseat",
                        "keyway",
                        "keyways",
                        "keyway",
                        "slot * bore",
                        "keyway"),
                WIDTH,
                WIDTH,
                Optional.of(TOLERANCE),
                List.of(WIDTH, BORE, LENGTH),
                List.of(
                        new Marked(BORE, List.of("in", "in a", "bore"), List.of("bore", "hole")),
                        new Marked(LENGTH, List.of("long", "length"), List.of("long")),
                        new Marked(DEPTH, List.of("depth"), List.of("deep")),
                        new Marked(OUTSIDE, List.of("outside", "od"), List.of("outside", "od")),
                        new Marked(WIDTH, List.of("width"), List.of("wide")),
                        new Marked(SLOTS, List.of(), List.of("keyways"))),
                List.of(MATERIAL, END, DRIVE),
                List.of()));
    }

    @Override
    public ToolMatch match(PlanRequest cut, Map<String, String> tool) {
        return ToolMatch.byPlan(this, cut, BROUGHT, List.of(STROKE, REACH), tool);
    }
}
