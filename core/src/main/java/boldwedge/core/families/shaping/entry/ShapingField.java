package boldwedge.core.families.shaping.entry;

import static boldwedge.core.planning.Shown.*;

import boldwedge.core.families.shaping.model.ShapedCut;
import boldwedge.core.families.shaping.model.ShapedJob.End;
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

/** What a shaper is asked, in order. Ids shared with other families mean the same there. */
public enum ShapingField implements CutEntry<ShapedCut> {
    OPERATION(Asked.pick(
            "operation",
            "Operation",
            Station.CUT,
            "shaft-keyway",
            Options.of(
                    "operation",
                    new Choice("shaft-keyway", "cut a keyway in a shaft", "plane it on a shaper"),
                    new Choice("plane-flat", "plane a flat on a shaft", "on a shaper"),
                    new Choice("plane-face", "plane a face", "of a block, on a shaper")))),
    MATERIAL(Asked.pick("material", "Material", Station.CUT, "steel-low-carbon", StockChoices.materials())),
    SHAFT(Asked.of("shaftDiameter", "Shaft", Station.CUT, Entry.length(6, 300), "25 mm", "1")),
    LENGTH(Asked.of("shapedLength", "Length along the stroke", Station.CUT, Entry.length(3, 1500), "40 mm", "1-1/2")),
    END(Asked.pick("shapedEnd", "It ends", Station.CUT, "one-hole", Options.of("end", End.values()))),
    WIDTH(
            Asked.of("keyWidth", "Width of the key", Station.CUT, Entry.length(1, 80)),
            where(cut -> cut.job().isKeyway(), cut -> cut.job().widthMm())),
    FLAT_WIDTH(
            Asked.of("flatWidth", "Width of the flat", Station.CUT, Entry.length(1, 1000)),
            where(cut -> !cut.job().isKeyway(), cut -> cut.job().widthMm())),
    DEPTH(
            Asked.of("shapedDepth", "Depth", Station.CUT, Entry.length(0.05, 60)),
            value(cut -> cut.job().depthMm())),
    TOLERANCE(Asked.of("keyTolerance", "Tolerance of its width", Station.CUT, "N9", "+.002/-0")),
    WITHIN(
            Asked.of("shapedWithin", "Depth may be off by", Station.CUT, Entry.length(0.002, 2)),
            value(cut -> cut.job().withinMm())),
    FINISH(Asked.of(
            "finish", "Finish", Station.CUT, new Limits(Quantity.ROUGHNESS, 0.025, 50), "Ra 3.2 µm", "125 µin")),
    LATHE(Asked.shaper("lathe", "Shaper")),
    BIT(Asked.pick("shaperBit", "Bit", Station.EDGE, "hss-10mm", "hss-3-8", StockChoices.squares())
            .orBetter()),
    TOOTH(
            Asked.of("toothWidth", "Width of the tooth", Station.EDGE, Entry.length(0.8, 30)),
            value(cut -> cut.job().toothMm())),
    NOSE(Asked.of("shaperNose", "Nose radius", Station.EDGE, Entry.length(0.05, 10), "1 mm", "1/32")
            .orBetter()),
    RAKE(Asked.of("toothRake", "Rake", Station.EDGE, Entry.degrees(-10, 30)), value(ShapedCut::rakeRad)),
    FRONT(Asked.of("toothFront", "Front clearance", Station.EDGE, Entry.degrees(0.5, 20), "4°", "4°")),
    SIDE(Asked.of("toothSide", "Side clearance, each", Station.EDGE, Entry.degrees(0, 8), "1.5°", "1.5°")),
    HUNG(Asked.pick(
            "toolHung",
            "The point hangs",
            Station.EDGE,
            "steady",
            Options.of(
                    "way of hanging",
                    new Choice("steady", "so that it does not dig in"),
                    new Choice("straight", "at the front of a straight shank"),
                    new Choice("gooseneck", "behind the shank, on a gooseneck")))),
    OUT(Asked.of("toolOut", "Clamp to point", Station.REACH, Entry.length(5, 400)), value(ShapedCut::outMm)),
    DOWN(
            Asked.of("strokeDown", "Taken by a stroke or a pass", Station.REACH, Entry.length(0.005, 10)),
            value(ShapedCut::downMm)),
    FEED(
            Asked.of("strokeFeed", "Across by a stroke", Station.REACH, Entry.length(0.02, 10)),
            where(cut -> !cut.job().isKeyway(), ShapedCut::feedMm)),
    SPRING(Asked.of("keySpring", "Spring strokes", Station.REACH, new Limits(Quantity.RATIO, 0, 20), "3", "3")
            .orBetter()),
    VISE(Asked.of("viseOff", "Jaw off the stroke, over the length", Station.REACH, Entry.length(-3, 3)));

    private final Asked asked;
    private final Shown<ShapedCut> shown;

    ShapingField(Asked asked) {
        this(asked, nothing());
    }

    ShapingField(Asked asked, Shown<ShapedCut> shown) {
        this.asked = asked;
        this.shown = shown;
    }

    @Override
    public Asked asked() {
        return asked;
    }

    @Override
    public Shown<ShapedCut> shown() {
        return shown;
    }
}
