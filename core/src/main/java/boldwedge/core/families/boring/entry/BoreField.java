package boldwedge.core.families.boring.entry;

import boldwedge.core.families.boring.model.BarHeld;
import boldwedge.core.families.boring.model.Bottom;
import boldwedge.core.families.boring.model.Recess;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.planning.Asked;
import boldwedge.core.planning.Choice;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.StockChoices;
import java.util.List;

/** What a boring job is asked, in order. Ids shared with other families mean the same there. */
public enum BoreField implements Entry {
    OPERATION(Asked.pick(
            "operation", "Operation", Station.CUT, "bore", List.of(new Choice("bore", "bore", "a hole, with a bar")))),
    MATERIAL(Asked.pick("material", "Material", Station.CUT, "bronze-tin", StockChoices.materials())),
    START(Asked.of("boreStart", "Hole to start", Station.CUT, Entry.length(2, 1000), "18 mm", "11/16")),
    FINISHED(Asked.of("boreFinished", "Hole finished", Station.CUT, Entry.length(2, 1000), "20 mm", "3/4")),
    TOLERANCE(Asked.of("boreTolerance", "Tolerance of the hole", Station.CUT, "H7", "H7")),
    DEPTH_OF_HOLE(Asked.of("boreDepth", "Depth of the hole", Station.CUT, Entry.length(0.5, 2000), "40 mm", "1-1/2")),
    BOTTOM(Asked.pick("bottom", "Bottom", Station.CUT, "through", Choice.of(Bottom.values(), Bottom::words))),
    OUT_OF_ROUND(Asked.of("outOfRound", "Start out of round by", Station.CUT, Entry.length(0, 20), "0 mm", "0")),
    FINISH(Asked.of("finish", "Finish", Station.CUT, new Limits(Quantity.ROUGHNESS, 0.025, 50), "Ra 1.6 µm", "63 µin")),
    OUTSIDE(Asked.of("outside", "Outside of the work", Station.CUT, Entry.length(3, 2000), "", "")
            .asTheShopHas()),
    STICK_OUT(Asked.of("boreStickOut", "Work out of the chuck", Station.CUT, Entry.length(0.5, 2000), "", "")),
    RECESS(Asked.pick("recess", "Recess", Station.CUT, "none", Choice.of(Recess.Kind.values(), Recess.Kind::words))),
    RECESS_DIAMETER(Asked.of("recessDiameter", "Recess diameter", Station.CUT, Entry.length(2, 1000))),
    RECESS_WIDTH(Asked.of("recessWidth", "Recess width", Station.CUT, Entry.length(0.3, 200))),
    RECESS_AT(Asked.of("recessAt", "Recess from the mouth", Station.CUT, Entry.length(0, 2000))),
    CORD(Asked.of("cord", "Cord of the O-ring", Station.CUT, Entry.length(0.7, 12), "2.62 mm", "0.103")),
    HELD(Asked.pick("barHeld", "Bar held", Station.CUT, "post", Choice.of(BarHeld.values(), BarHeld::words))),
    LATHE(Asked.machine("lathe", "Machine")),
    BIT(Asked.pick("boreBit", "Bit", Station.EDGE, "hss-1-4", StockChoices.bits())),
    BIT_ANGLE(Asked.of("bitAngle", "Bit to the bar", Station.EDGE, Entry.degrees(20, 90), "90°", "90°")
            .orBetter()),
    BACK_RAKE(Asked.of("boreBackRake", "Rake across", Station.EDGE, Entry.degrees(-15, 40))),
    SIDE_RAKE(Asked.of("boreSideRake", "Rake along", Station.EDGE, Entry.degrees(-15, 40))),
    RELIEF(Asked.of("boreRelief", "Clearance to the bore", Station.EDGE, Entry.degrees(1, 40))),
    SIDE_RELIEF(Asked.of("boreSideRelief", "Clearance along", Station.EDGE, Entry.degrees(1, 30))),
    END_EDGE(Asked.of("boreEndEdge", "Trailing angle", Station.EDGE, Entry.degrees(0.5, 60))),
    SIDE_EDGE(Asked.of("boreSideEdge", "Lead angle", Station.EDGE, Entry.degrees(-30, 60))),
    NOSE_RADIUS(Asked.of("boreNose", "Nose radius", Station.EDGE, Entry.length(0, 3))),
    FLANK(Asked.of("flankDepth", "Flank below the point", Station.EDGE, Entry.length(0.2, 40))),
    BAR_MATERIAL(Asked.pick("barMaterial", "Bar of", Station.REACH, "steel", StockChoices.barMaterials())),
    BAR_DIAMETER(Asked.of("barDiameter", "Bar diameter", Station.REACH, Entry.length(1.5, 200))),
    BAR_LENGTH(Asked.of("barLength", "Bar's whole length", Station.REACH, Entry.length(8, 3000))),
    OVERHANG(Asked.of("barOverhang", "Clamp to point", Station.REACH, Entry.length(3, 2000))),
    NECK_DIAMETER(Asked.of("neckDiameter", "Nose diameter", Station.REACH, Entry.length(1, 200))),
    NECK_LENGTH(Asked.of("neckLength", "Nose length", Station.REACH, Entry.length(0, 2000), "0 mm", "0")),
    ROD_HOLE(Asked.of("rodHole", "Hole along the bar", Station.REACH, Entry.length(0, 150), "0 mm", "0")),
    HEAD(Asked.of("steelHead", "Steel head brazed on", Station.REACH, Entry.length(0, 500), "0 mm", "0")),
    HOLDER_SIDE(Asked.of("holderSide", "Holder, across", Station.REACH, Entry.length(3, 400))),
    GROOVER(Asked.of("groover", "Width of the recessing bit", Station.EDGE, Entry.length(0.3, 20), "2 mm", "1/16")),
    HEIGHT(Asked.of("boreHeight", "Point above centre", Station.REACH, Entry.length(-20, 20), "0 mm", "0")),
    AHEAD(Asked.of("faceAhead", "Face ahead of axis", Station.REACH, Entry.length(-20, 20), "0 mm", "0")),
    SPAN(Asked.of("barSpan", "Bar between centres", Station.REACH, Entry.length(20, 4000))),
    CUTTER_AT(Asked.of("cutterAt", "Cutter from the headstock", Station.REACH, Entry.length(5, 4000))),
    STIFFNESS(Asked.of(
            "tipStiffness", "Stiffness at the point", Station.REACH, new Limits(Quantity.STIFFNESS, 50, 5_000_000))),
    DAMPING(Asked.of("damping", "Damping ratio", Station.REACH, new Limits(Quantity.RATIO, 0.0005, 0.5))),
    RING(Asked.of("ringHz", "Rings at", Station.REACH, new Limits(Quantity.FREQUENCY, 5, 20_000))),
    DEPTH(Asked.of("boreDepthOfCut", "Depth of cut", Station.REACH, Entry.length(0.002, 10))),
    FEED(Asked.of("boreFeed", "Feed", Station.REACH, new Limits(Quantity.FEED, 0.002, 1))),
    BLEND(Asked.of("blend", "Blend radius", Station.MAKE, Entry.length(0, 30), "1 mm", "1/32")),
    ROD_DRILL(Asked.of("rodMargin", "Rod hole stops short by", Station.MAKE, Entry.length(0.2, 20), "1 mm", "1/32")),
    SET(Asked.of("barSet", "Bars made at once", Station.MAKE, new Limits(Quantity.RATIO, 1, 12), "1", "1")),
    MADE_LENGTH(Asked.of("madeLength", "Length as made", Station.MAKE, Entry.length(5, 3000))),
    MADE_BAR(Asked.of("madeBar", "Shank as made", Station.MAKE, Entry.length(1, 200))),
    MADE_CROSS(Asked.of("madeCross", "Cross-hole from the end, as made", Station.MAKE, Entry.length(0.2, 300))),
    MADE_NECK(Asked.of("madeNeck", "Nose as made", Station.MAKE, Entry.length(0.8, 200))),
    TEACHING(Asked.of("useTaught", "Trials so far", Station.REACH, "used")),
    SPEED(Asked.of("boreSpeed", "Spindle speed", Station.REACH, new Limits(Quantity.SPINDLE_SPEED, 1, 20000)));

    private final Asked asked;

    BoreField(Asked asked) {
        this.asked = asked;
    }

    @Override
    public Asked asked() {
        return asked;
    }
}
