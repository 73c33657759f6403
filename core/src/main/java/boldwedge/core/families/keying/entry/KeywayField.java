package boldwedge.core.families.keying.entry;

import static boldwedge.core.planning.Shown.*;

import boldwedge.core.families.keying.model.KeywayCut;
import boldwedge.core.families.keying.model.KeywayJob.Drive;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.planning.Asked;
import boldwedge.core.planning.Choice;
import boldwedge.core.planning.CutEntry;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.Options;
import boldwedge.core.planning.Shown;
import boldwedge.core.planning.StockChoices;

/** What a keyway is asked, in order. Ids shared with other families mean the same there. */
public enum KeywayField implements CutEntry<KeywayCut> {
    OPERATION(Asked.pick(
            "operation",
            "Operation",
            Station.CUT,
            "keyway",
            Options.of("operation", new Choice("keyway", "cut a keyway", "plane it in a bore, nothing turning")))),
    MATERIAL(Asked.pick("material", "Material", Station.CUT, "steel-low-carbon", StockChoices.materials())),
    BORE(Asked.of("keyBore", "Bore", Station.CUT, Entry.length(6, 300), "22 mm", "1")),
    LENGTH(Asked.of("keyLength", "Length of the keyway", Station.CUT, Entry.length(3, 500), "40 mm", "1-1/2")),
    END(Asked.pick(
            "keyEnd",
            "It ends",
            Station.CUT,
            "through",
            Options.of(
                    "end",
                    new Choice("through", "right through"),
                    new Choice("blind", "blind", "in a recess that is bored first")))),
    RECESS(Asked.of("keyRecess", "Width of the recess", Station.CUT, Entry.length(0, 100), "0 mm", "0")),
    WIDTH(
            Asked.of("keyWidth", "Width of the key", Station.CUT, Entry.length(1, 80)),
            value(cut -> cut.job().slot().widthMm())),
    DEPTH(
            Asked.of("keyDepth", "Depth in the hub", Station.CUT, Entry.length(0.2, 60)),
            value(cut -> cut.job().slot().depthMm())),
    TOLERANCE(Asked.of("keyTolerance", "Tolerance of its width", Station.CUT, "JS9", "+.002/-0")),
    OUTSIDE(Asked.of("outside", "Outside of the work", Station.CUT, Entry.length(8, 2000))),
    SLOTS(Asked.of("keyways", "Keyways", Station.CUT, new Limits(Quantity.RATIO, 1, 24), "1", "1")),
    TEETH(Asked.of("indexTeeth", "Teeth of the wheel that indexes", Station.CUT, new Limits(Quantity.RATIO, 2, 720))),
    LATHE(Asked.anyMachine("lathe", "Machine")),
    DRIVE(Asked.pick("keyDrive", "The bar is moved", Station.CUT, "carriage", Options.of("drive", Drive.values()))),
    BIT(Asked.pick("keyBit", "Bit", Station.EDGE, "hss-6mm", "hss-1-4", StockChoices.bits())
            .orBetter()),
    TOOTH(
            Asked.of("toothWidth", "Width of the tooth", Station.EDGE, Entry.length(0.8, 30)),
            value(cut -> cut.job().toothMm())),
    RAKE(Asked.of("toothRake", "Rake", Station.EDGE, Entry.degrees(-10, 30)), value(KeywayCut::rakeRad)),
    FRONT(Asked.of("toothFront", "Front clearance", Station.EDGE, Entry.degrees(0.5, 20), "5°", "5°")),
    SIDE(Asked.of("toothSide", "Side clearance, each", Station.EDGE, Entry.degrees(0, 8), "1.5°", "1.5°")),
    TOOTH_OUT(
            Asked.of("toothOut", "Tooth out of the bar", Station.EDGE, Entry.length(0.5, 60)),
            value(KeywayCut::toothOutMm)),
    BAR_MATERIAL(Asked.pick("barMaterial", "Bar of", Station.REACH, "steel", StockChoices.barMaterials())),
    BAR(Asked.of("keyBar", "Bar", Station.REACH, Entry.length(2, 150)), value(KeywayCut::barMm)),
    HEAD(Asked.pick(
            "keyHead",
            "Its head",
            Station.EDGE,
            "solid",
            Options.of(
                    "head",
                    new Choice("solid", "one with the bar"),
                    new Choice("replaceable", "screwed on", "a spigot in the bar, drawn tight by a thread")))),
    HEAD_LENGTH(
            Asked.of("headLength", "Length of the head", Station.EDGE, Entry.length(4, 200)),
            where(
                    cut -> cut.job().headMm().isPresent(),
                    cut -> cut.job().headMm().orElseThrow())),
    REACH(Asked.of("keyReach", "Clamp to tooth", Station.REACH, Entry.length(5, 1000)), value(KeywayCut::reachMm)),
    WAY(Asked.pick(
            "keyWay",
            "The bar is",
            Station.REACH,
            "least",
            Options.of(
                    "way",
                    new Choice("least", "moved so that it springs less"),
                    new Choice("push", "pushed through"),
                    new Choice("pull", "pulled through")))),
    STROKE(
            Asked.of("keyStroke", "Taken by a stroke", Station.REACH, Entry.length(0.002, 1)),
            value(KeywayCut::strokeMm)),
    SPRING(Asked.of("keySpring", "Spring strokes", Station.REACH, new Limits(Quantity.RATIO, 0, 20), "3", "3")
            .orBetter()),
    TURN(Asked.of(
                    "carriageTurn",
                    "A turn of the carriage’s wheel",
                    Station.REACH,
                    Entry.length(1, 100),
                    "18 mm",
                    "0.75")
            .asTheShopHas()),
    WHEEL(Asked.of("wheelRadius", "Radius of that wheel", Station.REACH, Entry.length(15, 300), "65 mm", "2.5")
            .asTheShopHas()),
    HEIGHT(Asked.of("keyHeight", "Bar above the bore’s axis", Station.REACH, Entry.length(-10, 10), "0 mm", "0")),
    ROLL(Asked.of("keyRoll", "Bar rolled by", Station.REACH, Entry.degrees(-10, 10), "0°", "0°"));

    private final Asked asked;
    private final Shown<KeywayCut> shown;

    KeywayField(Asked asked) {
        this(asked, nothing());
    }

    KeywayField(Asked asked, Shown<KeywayCut> shown) {
        this.asked = asked;
        this.shown = shown;
    }

    @Override
    public Asked asked() {
        return asked;
    }

    @Override
    public Shown<KeywayCut> shown() {
        return shown;
    }
}
