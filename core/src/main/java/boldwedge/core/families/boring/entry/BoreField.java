package boldwedge.core.families.boring.entry;

import static boldwedge.core.planning.Shown.*;

import boldwedge.core.families.boring.model.BarEnd;
import boldwedge.core.families.boring.model.BarHeld;
import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.families.boring.model.Bottom;
import boldwedge.core.families.boring.model.Recess;
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

/** What a boring job is asked, in order. Ids shared with other families mean the same there. */
public enum BoreField implements CutEntry<BoreCut> {
    OPERATION(Asked.pick(
            "operation",
            "Operation",
            Station.CUT,
            "bore",
            Options.of("operation", new Choice("bore", "bore", "a hole, with a bar")))),
    MATERIAL(Asked.pick("material", "Material", Station.CUT, "bronze-tin", StockChoices.materials())),
    START(Asked.of("boreStart", "Hole to start", Station.CUT, Entry.length(2, 1000), "18 mm", "11/16")),
    FINISHED(Asked.of("boreFinished", "Hole finished", Station.CUT, Entry.length(2, 1000), "20 mm", "3/4")),
    TOLERANCE(Asked.of("boreTolerance", "Tolerance of the hole", Station.CUT, "H7", "H7")),
    DEPTH_OF_HOLE(Asked.of("boreDepth", "Depth of the hole", Station.CUT, Entry.length(0.5, 2000), "40 mm", "1-1/2")),
    BOTTOM(Asked.pick("bottom", "Bottom", Station.CUT, "through", Options.of("bottom", Bottom.values()))),
    OUT_OF_ROUND(Asked.of("outOfRound", "Start out of round by", Station.CUT, Entry.length(0, 20), "0 mm", "0")),
    FINISH(Asked.of("finish", "Finish", Station.CUT, new Limits(Quantity.ROUGHNESS, 0.025, 50), "Ra 1.6 µm", "63 µin")),
    OUTSIDE(
            Asked.of("outside", "Outside of the work", Station.CUT, Entry.length(3, 2000), "", "")
                    .asTheShopHas(),
            value(cut -> cut.job().outsideMm())),
    STICK_OUT(
            Asked.of("boreStickOut", "Work out of the chuck", Station.CUT, Entry.length(0.5, 2000), "", ""),
            value(cut -> cut.job().stickOutMm())),
    RECESS(Asked.pick("recess", "Recess", Station.CUT, "none", Options.of("recess", Recess.Kind.values()))),
    RECESS_DIAMETER(
            Asked.of("recessDiameter", "Recess diameter", Station.CUT, Entry.length(2, 1000)),
            of(cut -> cut.job().recess(), Recess::diameterMm)),
    RECESS_WIDTH(
            Asked.of("recessWidth", "Recess width", Station.CUT, Entry.length(0.3, 200)),
            of(cut -> cut.job().recess(), Recess::widthMm)),
    RECESS_AT(
            Asked.of("recessAt", "Recess from the mouth", Station.CUT, Entry.length(0, 2000)),
            of(cut -> cut.job().recess(), Recess::atMm)),
    CORD(Asked.of("cord", "Cord of the O-ring", Station.CUT, Entry.length(0.7, 12), "2.62 mm", "0.103")),
    HELD(Asked.pick("barHeld", "Bar held", Station.CUT, "post", Options.of("way of holding a bar", BarHeld.values()))),
    LATHE(Asked.machine("lathe", "Machine")),
    BIT(Asked.pick("boreBit", "Bit", Station.EDGE, "hss-1-4", StockChoices.bits())),
    BIT_ANGLE(Asked.of("bitAngle", "Bit to the bar", Station.EDGE, Entry.degrees(20, 90), "90°", "90°")
            .orBetter()),
    BACK_RAKE(
            Asked.of("boreBackRake", "Rake across", Station.EDGE, Entry.degrees(-15, 40)),
            angle(cut -> cut.advice().backRake(), cut -> cut.signature().backRake())),
    SIDE_RAKE(
            Asked.of("boreSideRake", "Rake along", Station.EDGE, Entry.degrees(-15, 40)),
            angle(cut -> cut.advice().sideRake(), cut -> cut.signature().sideRake())),
    RELIEF(
            Asked.of("boreRelief", "Clearance to the bore", Station.EDGE, Entry.degrees(1, 40)),
            angle(cut -> cut.advice().endRelief(), cut -> cut.signature().endRelief())),
    SIDE_RELIEF(
            Asked.of("boreSideRelief", "Clearance along", Station.EDGE, Entry.degrees(1, 30)),
            angle(cut -> cut.advice().sideRelief(), cut -> cut.signature().sideRelief())),
    END_EDGE(
            Asked.of("boreEndEdge", "Trailing angle", Station.EDGE, Entry.degrees(0.5, 60)),
            angle(cut -> cut.advice().endEdge(), cut -> cut.signature().endCuttingEdge())),
    SIDE_EDGE(
            Asked.of("boreSideEdge", "Lead angle", Station.EDGE, Entry.degrees(-30, 60)),
            angle(cut -> cut.advice().sideEdge(), cut -> cut.signature().sideCuttingEdge())),
    NOSE_RADIUS(
            Asked.of("boreNose", "Nose radius", Station.EDGE, Entry.length(0, 3)),
            nose(cut -> cut.advice().noseRadius(), cut -> cut.signature().noseRadiusMm())),
    FLANK(
            Asked.of("flankDepth", "Flank below the point", Station.EDGE, Entry.length(0.2, 40)),
            value(cut -> cut.job().flankMm())),
    BAR_MATERIAL(Asked.pick("barMaterial", "Bar of", Station.REACH, "steel", StockChoices.barMaterials())),
    BAR_DIAMETER(
            Asked.of("barDiameter", "Bar diameter", Station.REACH, Entry.length(1.5, 200)),
            value(cut -> cut.job().barMm())),
    BAR_LENGTH(
            Asked.of("barLength", "Bar's whole length", Station.REACH, Entry.length(8, 3000)),
            value(cut -> cut.job().barLengthMm())),
    OVERHANG(
            Asked.of("barOverhang", "Clamp to point", Station.REACH, Entry.length(3, 2000)),
            value(cut -> cut.job().overhangMm())),
    NECK_DIAMETER(
            Asked.of("neckDiameter", "Nose diameter", Station.REACH, Entry.length(1, 200)),
            value(cut -> cut.job().neckMm())),
    NECK_LENGTH(Asked.of("neckLength", "Nose length", Station.REACH, Entry.length(0, 2000), "0 mm", "0")),
    ROD_HOLE(Asked.of("rodHole", "Hole along the bar", Station.REACH, Entry.length(0, 150), "0 mm", "0")),
    HEAD(Asked.of("steelHead", "Steel head brazed on", Station.REACH, Entry.length(0, 500), "0 mm", "0")),
    HOLDER_SIDE(
            Asked.of("holderSide", "Holder, across", Station.REACH, Entry.length(3, 400)),
            value(cut -> cut.job().holderSideMm())),
    GROOVER(Asked.of("groover", "Width of the recessing bit", Station.EDGE, Entry.length(0.3, 20), "2 mm", "1/16")),
    HEIGHT(Asked.of("boreHeight", "Point above centre", Station.REACH, Entry.length(-20, 20), "0 mm", "0")),
    AHEAD(Asked.of("faceAhead", "Face ahead of axis", Station.REACH, Entry.length(-20, 20), "0 mm", "0")),
    SPAN(
            Asked.of("barSpan", "Bar between centres", Station.REACH, Entry.length(20, 4000)),
            value(cut -> cut.job().spanMm())),
    CUTTER_AT(
            Asked.of("cutterAt", "Cutter from the headstock", Station.REACH, Entry.length(5, 4000)),
            value(cut -> cut.job().cutterAtMm())),
    STIFFNESS(
            Asked.of(
                    "tipStiffness",
                    "Stiffness at the point",
                    Station.REACH,
                    new Limits(Quantity.STIFFNESS, 50, 5_000_000)),
            value(cut -> 1 / cut.stiffness().tool())),
    DAMPING(
            Asked.of("damping", "Damping ratio", Station.REACH, new Limits(Quantity.RATIO, 0.0005, 0.5)),
            value(cut -> cut.mode().damping())),
    RING(
            Asked.of("ringHz", "Rings at", Station.REACH, new Limits(Quantity.FREQUENCY, 5, 20_000)),
            value(cut -> cut.mode().hz())),
    DEPTH(
            Asked.of("boreDepthOfCut", "Depth of cut", Station.REACH, Entry.length(0.002, 10)),
            value(cut -> cut.job().depthMm())),
    FEED(
            Asked.of("boreFeed", "Feed", Station.REACH, new Limits(Quantity.FEED, 0.002, 1)),
            value(cut -> cut.cutting().feedMm())),
    BLEND(Asked.of("blend", "Blend radius", Station.MAKE, Entry.length(0, 30), "1 mm", "1/32")),
    ROD_DRILL(Asked.of("rodMargin", "Rod hole stops short by", Station.MAKE, Entry.length(0.2, 20), "1 mm", "1/32")),
    SET(Asked.of("barSet", "Bars made at once", Station.MAKE, new Limits(Quantity.RATIO, 1, 12), "1", "1")),
    MADE_LENGTH(
            Asked.of("madeLength", "Length as made", Station.MAKE, Entry.length(5, 3000)),
            value(cut -> cut.job().barLengthMm())),
    MADE_BAR(
            Asked.of("madeBar", "Shank as made", Station.MAKE, Entry.length(1, 200)),
            value(cut -> cut.job().barMm())),
    MADE_CROSS(
            Asked.of("madeCross", "Cross-hole from the end, as made", Station.MAKE, Entry.length(0.2, 300)),
            value(cut -> BarEnd.crossing(cut.job()))),
    MADE_NECK(
            Asked.of("madeNeck", "Nose as made", Station.MAKE, Entry.length(0.8, 200)),
            value(cut -> cut.job().neckMm())),
    TEACHING(Asked.of("useTaught", "Trials so far", Station.REACH, "used")),
    SPEED(
            Asked.of("boreSpeed", "Spindle speed", Station.REACH, new Limits(Quantity.SPINDLE_SPEED, 1, 20000)),
            value(cut -> cut.cutting().rpm()));

    private final Asked asked;
    private final Shown<BoreCut> shown;

    BoreField(Asked asked) {
        this(asked, nothing());
    }

    BoreField(Asked asked, Shown<BoreCut> shown) {
        this.asked = asked;
        this.shown = shown;
    }

    @Override
    public Asked asked() {
        return asked;
    }

    @Override
    public Shown<BoreCut> shown() {
        return shown;
    }
}
