package boldwedge.core.families.parting.entry;

import boldwedge.core.families.parting.model.HolderKind;
import boldwedge.core.families.parting.model.PartHold;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.planning.Asked;
import boldwedge.core.planning.Choice;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.StockChoices;
import java.util.List;

/** What a parting or grooving job is asked, in order. Ids shared with other families mean the same there. */
public enum PartField implements Entry {
    OPERATION(Asked.pick(
            "operation",
            "Operation",
            Station.CUT,
            "part",
            List.of(
                    new Choice("part", "part off", "with a blade, to the axis or a bore"),
                    new Choice("groove", "groove", "with a blade, to a diameter")))),
    MATERIAL(Asked.pick("material", "Material", Station.CUT, "steel-low-carbon", StockChoices.materials())),
    DIAMETER(Asked.of("partDiameter", "Outside diameter", Station.CUT, Entry.length(1, 1000), "25 mm", "1")),
    BORE(Asked.of("partBore", "Bore in the work", Station.CUT, Entry.length(0, 900), "0 mm", "0")),
    BOTTOM(Asked.of("grooveBottom", "Groove down to", Station.CUT, Entry.length(0.5, 1000))),
    GROOVE(Asked.of("grooveWidth", "Width of the groove", Station.CUT, Entry.length(0.3, 200))),
    PIECE(Asked.of("pieceLength", "Length of a piece", Station.CUT, Entry.length(0.2, 2000), "10 mm", "3/8")),
    PIECES(Asked.of("pieces", "Pieces", Station.CUT, new Limits(Quantity.RATIO, 1, 10_000), "1", "1")),
    AT(Asked.of("partAt", "From the jaws to the cut", Station.CUT, Entry.length(0, 2000), "5 mm", "3/16")
            .orBetter()),
    HOLD(Asked.pick("partHold", "Work held", Station.CUT, "chuck", Choice.of(PartHold.values(), PartHold::words))),
    LATHE(Asked.machine("lathe", "Lathe")),
    POST(Asked.pick(
            "partPost",
            "Tool stands",
            Station.CUT,
            "front",
            List.of(
                    new Choice("front", "in front of the work"),
                    new Choice("behind", "behind the work, upside down")))),
    BLADE(Asked.pick("blade", "Blade", Station.EDGE, "blade-3-32-taper", StockChoices.blades())),
    WIDTH(Asked.of("bladeWidth", "Width of the edge", Station.EDGE, Entry.length(0.3, 12))),
    LEAD(Asked.of("tipLead", "Lead of the edge", Station.EDGE, Entry.degrees(-20, 20), "0°", "0°")),
    RAKE(Asked.of("partRake", "Top rake", Station.EDGE, Entry.degrees(-5, 30))),
    TOP(Asked.pick(
            "tipTop",
            "Top",
            Station.EDGE,
            "flat",
            List.of(
                    new Choice("flat", "flat top"),
                    new Choice("hollow", "hollowed top", "the chip comes off narrower than the cut")))),
    RELIEF(Asked.of("partRelief", "Front clearance", Station.EDGE, Entry.degrees(1, 25))),
    SIDE(Asked.of("partSide", "Side clearance, each", Station.EDGE, Entry.degrees(0, 8))),
    SQUARE(Asked.of("bladeSquare", "Blade out of square by", Station.EDGE, Entry.degrees(-5, 5), "0°", "0°")),
    OVERHANG(Asked.of("bladeOverhang", "Clamp to edge", Station.REACH, Entry.length(0.5, 300))),
    REST(Asked.of("bladeRest", "Rest under the blade to edge", Station.REACH, Entry.length(0, 300))),
    HOLDER(Asked.pick(
            "partHolder", "Held in", Station.REACH, "post", Choice.of(HolderKind.values(), HolderKind::words))),
    BEFORE(Asked.of("holderBefore", "Holder stands out of the post", Station.REACH, Entry.length(0, 200))),
    BOLT_AT(Asked.of("boltAt", "Post's front edge to its bolt", Station.REACH, Entry.length(2, 400))),
    BOLTS(Asked.pick(
            "postBolts",
            "Bolts",
            Station.REACH,
            "one",
            List.of(new Choice("one", "one bolt"), new Choice("two", "two bolts")))),
    BOLT(Asked.of("postBolt", "Bolt", Station.REACH, Entry.length(4, 30))),
    HEIGHT(Asked.of("partHeight", "Point above centre", Station.REACH, Entry.length(-20, 20), "0 mm", "0")),
    FEED(Asked.of("partFeed", "Feed", Station.REACH, new Limits(Quantity.FEED, 0.002, 1))),
    SPEED(Asked.of("partSpeed", "Spindle speed", Station.REACH, new Limits(Quantity.SPINDLE_SPEED, 1, 20_000))),
    STIFFNESS(Asked.of(
            "partPostStiffness",
            "Stiffness under the edge",
            Station.REACH,
            new Limits(Quantity.STIFFNESS, 100, 10_000_000))),
    BLOCK_WIDTH(Asked.of("blockWidth", "Block, along the lathe", Station.MAKE, Entry.length(8, 200))),
    BLOCK_LENGTH(Asked.of("blockLength", "Block, along the blade", Station.MAKE, Entry.length(10, 300))),
    JAW(Asked.of("blockJaw", "Metal over the blade", Station.MAKE, Entry.length(2, 80))),
    HINGE(Asked.of("hinge", "Hinge left", Station.MAKE, Entry.length(0, 60))),
    SAW(Asked.of("slitSaw", "Saw for the slit, measured", Station.MAKE, Entry.length(0.2, 6), "1.5 mm", "1/16")),
    ROOM(Asked.of("slotRoom", "Room over the blade", Station.MAKE, Entry.length(0.02, 1), "0.06 mm", ".0025")),
    CUTTER(Asked.of("slotCutter", "Slot cutter, as labelled", Station.MAKE, Entry.length(1, 40), "6 mm", "1/4")),
    CUTTER_TRUE(Asked.of("slotCutterTrue", "Slot cutter, as it cuts", Station.MAKE, Entry.length(1, 40))),
    DIAL(Asked.of("dialTurn", "Mill's dial, a turn", Station.MAKE, Entry.length(0.5, 10), "2.5 mm", ".1")),
    TAB(Asked.of("tabLength", "Tab on the slide, along the blade", Station.MAKE, Entry.length(4, 200))),
    PLATE(Asked.of("clampPlate", "Clamp plate", Station.MAKE, Entry.length(3, 40))),
    TAPER(Asked.of("pullIn", "Pull-in taper", Station.MAKE, Entry.degrees(2, 30), "10°", "10°")),
    SCREW(Asked.of("clampScrew", "Screws of the plate", Station.MAKE, Entry.length(3, 16))),
    COST(Asked.of("bladeCost", "Cost of a blade or an edge", Station.CRIB, new Limits(Quantity.RATIO, 0, 100_000))),
    MADE_FLOOR(Asked.of("madeFloor", "Slot's floor above the slide, as made", Station.MAKE, Entry.length(0.5, 1000))),
    MADE_SLOT(Asked.of("madeSlot", "Slot's height, as made", Station.MAKE, Entry.length(1, 100))),
    MADE_HINGE(Asked.of("madeHinge", "Hinge, as made", Station.MAKE, Entry.length(0.2, 60))),
    MADE_TAB(Asked.of("madeTab", "Slot's floor above the tab's foot, as made", Station.MAKE, Entry.length(0.5, 1000)));

    private final Asked asked;

    PartField(Asked asked) {
        this.asked = asked;
    }

    @Override
    public Asked asked() {
        return asked;
    }
}
