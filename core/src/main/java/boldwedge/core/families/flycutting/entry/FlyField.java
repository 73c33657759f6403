package boldwedge.core.families.flycutting.entry;

import static boldwedge.core.planning.Shown.*;

import boldwedge.core.families.flycutting.model.FlyCut;
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

/** What a fly cutter is asked, in order. Ids shared with other families mean the same there. */
public enum FlyField implements CutEntry<FlyCut> {
    OPERATION(Asked.pick(
            "operation",
            "Operation",
            Station.CUT,
            "fly-cut",
            Options.of("operation", new Choice("fly-cut", "fly cut", "plane a surface with one turning bit")))),
    MATERIAL(Asked.pick("material", "Material", Station.CUT, "steel-low-carbon", StockChoices.materials())),
    WIDTH(Asked.of("flyWidth", "Width of the surface", Station.CUT, Entry.length(3, 600), "50 mm", "2")),
    LENGTH(Asked.of("flyLength", "Length of the surface", Station.CUT, Entry.length(3, 2000), "80 mm", "3")),
    FINISH(Asked.of("finish", "Finish", Station.CUT, new Limits(Quantity.ROUGHNESS, 0.025, 50), "Ra 1.6 µm", "63 µin")),
    FLAT(Asked.of("flyFlat", "Hollow by no more than", Station.CUT, Entry.length(0.001, 1), "0.02 mm", ".001")),
    EDGE(Asked.pick(
            "flyEdge",
            "Its far edge",
            Station.CUT,
            "chamfered",
            Options.of("far edge", new Choice("chamfered", "chamfered first"), new Choice("sharp", "left sharp")))),
    LATHE(Asked.machine("lathe", "Machine")),
    BODY(Asked.of("flyBody", "Body of the cutter", Station.EDGE, Entry.length(8, 300), "40 mm", "1-1/2")),
    SWEPT(Asked.of("flySwept", "Circle that it sweeps", Station.EDGE, Entry.length(8, 600)), value(FlyCut::sweptMm)),
    BIT(Asked.pick("flyBit", "Bit", Station.EDGE, "hss-8mm", "hss-5-16", StockChoices.squares())),
    SEAT(Asked.of("flySeat", "Its seat leans back", Station.EDGE, Entry.degrees(-15, 45), "0°", "0°")),
    RELIEF(Asked.of("flyRelief", "Clearance, as ground", Station.EDGE, Entry.degrees(1, 60)), value(FlyCut::reliefRad)),
    RAKE(Asked.of("flyRake", "Rake, as ground", Station.EDGE, Entry.degrees(-15, 30), "5°", "5°")
            .orBetter()),
    NOSE(Asked.of("flyNose", "Nose radius", Station.EDGE, Entry.length(0, 10), "1 mm", "1/32")
            .orBetter()),
    OUT(Asked.of("flyOut", "Bit out of the body", Station.EDGE, Entry.length(2, 150), "12 mm", "1/2")
            .orBetter()),
    SCREWS(Asked.of("flyScrews", "Screws on the bit", Station.EDGE, new Limits(Quantity.RATIO, 1, 6), "2", "2")),
    TRAM(Asked.of("flyTram", "Indicator, side to side", Station.REACH, Entry.length(-5, 5))),
    TRAM_OVER(Asked.of("flyTramOver", "Read over a circle of", Station.REACH, Entry.length(20, 1000), "150 mm", "6")),
    DEPTH(Asked.of("flyDepth", "Depth of a pass", Station.REACH, Entry.length(0.01, 10)), value(FlyCut::depthMm)),
    FEED(
            Asked.of("flyFeed", "Feed a turn", Station.REACH, new Limits(Quantity.FEED, 0.005, 2)),
            value(cut -> cut.cutting().feedMm())),
    SPEED(
            Asked.of("speed", "Spindle speed", Station.REACH, new Limits(Quantity.SPINDLE_SPEED, 1, 20000)),
            value(cut -> cut.cutting().rpm()));

    private final Asked asked;
    private final Shown<FlyCut> shown;

    FlyField(Asked asked) {
        this(asked, nothing());
    }

    FlyField(Asked asked, Shown<FlyCut> shown) {
        this.asked = asked;
        this.shown = shown;
    }

    @Override
    public Asked asked() {
        return asked;
    }

    @Override
    public Shown<FlyCut> shown() {
        return shown;
    }
}
