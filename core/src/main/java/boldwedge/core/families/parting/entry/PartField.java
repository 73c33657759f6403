package boldwedge.core.families.parting.entry;

import static boldwedge.core.planning.Shown.*;

import boldwedge.core.families.parting.model.HolderKind;
import boldwedge.core.families.parting.model.PartCut;
import boldwedge.core.families.parting.model.PartHold;
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

/** What a parting or grooving job is asked, in order. Ids shared with other families mean the same there. */
public enum PartField implements CutEntry<PartCut> {
    OPERATION(Asked.pick(
            "operation",
            "Operation",
            Station.CUT,
            "part",
            Options.of(
                    "operation",
                    new Choice("part", "part off", "with a blade, to the axis or a bore"),
                    new Choice("groove", "groove", "with a blade, to a diameter")))),
    MATERIAL(Asked.pick("material", "Material", Station.CUT, "steel-low-carbon", StockChoices.materials())),
    DIAMETER(Asked.of("partDiameter", "Outside diameter", Station.CUT, Entry.length(1, 1000), "25 mm", "1")),
    BORE(Asked.of("partBore", "Bore in the work", Station.CUT, Entry.length(0, 900), "0 mm", "0")),
    BOTTOM(
            Asked.of("grooveBottom", "Groove down to", Station.CUT, Entry.length(0.5, 1000)),
            value(cut -> cut.job().endMm())),
    GROOVE(
            Asked.of("grooveWidth", "Width of the groove", Station.CUT, Entry.length(0.3, 200)),
            value(cut -> cut.job().grooveMm())),
    PIECE(Asked.of("pieceLength", "Length of a piece", Station.CUT, Entry.length(0.2, 2000), "10 mm", "3/8")),
    PIECES(Asked.of("pieces", "Pieces", Station.CUT, new Limits(Quantity.RATIO, 1, 10_000), "1", "1")),
    AT(
            Asked.of("partAt", "From the jaws to the cut", Station.CUT, Entry.length(0, 2000)),
            value(cut -> cut.job().atMm())),
    HOLD(Asked.pick("partHold", "Work held", Station.CUT, "chuck", Options.of("way of holding", PartHold.values()))),
    LATHE(Asked.lathe("lathe", "Lathe")),
    POST(Asked.pick(
            "partPost",
            "Tool stands",
            Station.CUT,
            "front",
            Options.of(
                    "place for the tool",
                    new Choice("front", "in front of the work"),
                    new Choice("behind", "behind the work, upside down")))),
    BLADE(Asked.pick("blade", "Blade", Station.EDGE, "blade-3-32-taper", StockChoices.blades())
            .orBetter()),
    WIDTH(
            Asked.of("bladeWidth", "Width of the edge", Station.EDGE, Entry.length(0.3, 12)),
            value(cut -> cut.job().widthMm())),
    LEAD(Asked.of("tipLead", "Lead of the edge", Station.EDGE, Entry.degrees(-20, 20), "0°", "0°")),
    RAKE(
            Asked.of("partRake", "Top rake", Station.EDGE, Entry.degrees(-5, 30)),
            angle(cut -> cut.advice().rake(), PartCut::rakeRad)),
    TOP(Asked.pick(
            "tipTop",
            "Top",
            Station.EDGE,
            "flat",
            Options.of(
                    "top",
                    new Choice("flat", "flat top"),
                    new Choice("hollow", "hollowed top", "the chip comes off narrower than the cut")))),
    RELIEF(
            Asked.of("partRelief", "Front clearance", Station.EDGE, Entry.degrees(1, 25)),
            angle(cut -> cut.advice().relief(), PartCut::reliefRad)),
    SIDE(
            Asked.of("partSide", "Side clearance, each", Station.EDGE, Entry.degrees(0, 8)),
            angle(cut -> cut.advice().side(), PartCut::sideRad)),
    SQUARE(Asked.of("bladeSquare", "Blade out of square by", Station.EDGE, Entry.degrees(-5, 5), "0°", "0°")),
    OVERHANG(
            Asked.of("bladeOverhang", "Clamp to edge", Station.REACH, Entry.length(0.5, 300)),
            value(cut -> cut.job().overhangMm())),
    REST(
            Asked.of("bladeRest", "Rest under the blade to edge", Station.REACH, Entry.length(0, 300)),
            value(cut -> cut.job().restMm())),
    HOLDER(Asked.pick("partHolder", "Held in", Station.REACH, "post", Options.of("holder", HolderKind.values()))),
    BEFORE(
            Asked.of("holderBefore", "Holder stands out of the post", Station.REACH, Entry.length(0, 200)),
            value(cut -> cut.job().beforeMm())),
    BOLT_AT(
            Asked.of("boltAt", "Post's front edge to its bolt", Station.REACH, Entry.length(2, 400)),
            value(cut -> cut.job().boltAtMm())),
    BOLTS(Asked.pick(
            "postBolts",
            "Bolts",
            Station.REACH,
            "one",
            Options.of("bolting", new Choice("one", "one bolt"), new Choice("two", "two bolts")))),
    BOLT(
            Asked.of("postBolt", "Bolt", Station.REACH, Entry.length(4, 30)),
            value(cut -> cut.job().boltMm())),
    HEIGHT(
            Asked.of("partHeight", "Point above centre", Station.REACH, Entry.length(-20, 20), "0 mm", "0"),
            value(cut -> cut.job().heightMm())),
    FEED(Asked.of("partFeed", "Feed", Station.REACH, new Limits(Quantity.FEED, 0.002, 1)), value(PartCut::feedMm)),
    SPEED(
            Asked.of("partSpeed", "Spindle speed", Station.REACH, new Limits(Quantity.SPINDLE_SPEED, 1, 20_000)),
            value(PartCut::rpm)),
    STIFFNESS(
            Asked.of(
                    "partPostStiffness",
                    "Stiffness under the edge",
                    Station.REACH,
                    new Limits(Quantity.STIFFNESS, 100, 10_000_000)),
            value(cut -> 1 / PartCut.postGive(cut.job()))),
    BLOCK_WIDTH(
            Asked.of("blockWidth", "Block, along the lathe", Station.MAKE, Entry.length(8, 200)),
            value(cut -> cut.job().design().widthMm())),
    BLOCK_LENGTH(
            Asked.of("blockLength", "Block, along the blade", Station.MAKE, Entry.length(10, 300)),
            value(cut -> cut.job().design().lengthMm())),
    JAW(
            Asked.of("blockJaw", "Metal over the blade", Station.MAKE, Entry.length(2, 80)),
            value(cut -> cut.job().design().jawMm())),
    HINGE(
            Asked.of("hinge", "Hinge left", Station.MAKE, Entry.length(0, 60)),
            value(cut -> cut.job().design().drawnHingeMm())),
    SAW(Asked.of("slitSaw", "Saw for the slit, measured", Station.MAKE, Entry.length(0.2, 6), "1.5 mm", "1/16")),
    ROOM(Asked.of("slotRoom", "Room over the blade", Station.MAKE, Entry.length(0.02, 1), "0.06 mm", ".0025")),
    CUTTER(Asked.of("slotCutter", "Slot cutter, as labelled", Station.MAKE, Entry.length(1, 40), "6 mm", "1/4")),
    CUTTER_TRUE(
            Asked.of("slotCutterTrue", "Slot cutter, as it cuts", Station.MAKE, Entry.length(1, 40)),
            value(cut -> cut.job().design().cutterTrueMm())),
    DIAL(Asked.of("dialTurn", "Mill's dial, a turn", Station.MAKE, Entry.length(0.5, 10), "2.5 mm", ".1")),
    TAB(
            Asked.of("tabLength", "Tab on the slide, along the blade", Station.MAKE, Entry.length(4, 200)),
            value(cut -> cut.job().design().tabMm())),
    PLATE(
            Asked.of("clampPlate", "Clamp plate", Station.MAKE, Entry.length(3, 40)),
            value(cut -> cut.job().design().plateMm())),
    TAPER(Asked.of("pullIn", "Pull-in taper", Station.MAKE, Entry.degrees(2, 30), "10°", "10°")),
    SCREW(
            Asked.of("clampScrew", "Screws of the plate", Station.MAKE, Entry.length(3, 16)),
            value(cut -> cut.job().design().screwMm())),
    COST(Asked.of("bladeCost", "Cost of a blade or an edge", Station.CRIB, new Limits(Quantity.RATIO, 0, 100_000))),
    MADE_FLOOR(
            Asked.of("madeFloor", "Slot's floor above the slide, as made", Station.MAKE, Entry.length(0.5, 1000)),
            value(cut -> cut.geometry().floorMm())),
    MADE_SLOT(
            Asked.of("madeSlot", "Slot's height, as made", Station.MAKE, Entry.length(1, 100)),
            value(cut -> cut.geometry().slotMm())),
    MADE_HINGE(
            Asked.of("madeHinge", "Hinge, as made", Station.MAKE, Entry.length(0.2, 60)),
            value(cut -> cut.job().design().hinge())),
    MADE_TAB(
            Asked.of("madeTab", "Slot's floor above the tab's foot, as made", Station.MAKE, Entry.length(0.5, 1000)),
            value(cut -> cut.geometry().floorMm()));

    private final Asked asked;
    private final Shown<PartCut> shown;

    PartField(Asked asked) {
        this(asked, nothing());
    }

    PartField(Asked asked, Shown<PartCut> shown) {
        this.asked = asked;
        this.shown = shown;
    }

    @Override
    public Asked asked() {
        return asked;
    }

    @Override
    public Shown<PartCut> shown() {
        return shown;
    }
}
