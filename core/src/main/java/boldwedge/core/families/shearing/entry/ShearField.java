package boldwedge.core.families.shearing.entry;

import static boldwedge.core.planning.Shown.*;

import boldwedge.core.families.shearing.model.ShearCut;
import boldwedge.core.families.shearing.model.ShearJob.Surface;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.planning.Asked;
import boldwedge.core.planning.Choice;
import boldwedge.core.planning.CutEntry;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.Options;
import boldwedge.core.planning.Shown;
import boldwedge.core.planning.StockChoices;

/** What a shear tool and its cut are asked, in order. Ids shared with other families mean the same there. */
public enum ShearField implements CutEntry<ShearCut> {
    OPERATION(Asked.pick(
            "operation",
            "Operation",
            Station.CUT,
            "shear",
            Options.of("operation", new Choice("shear", "shave", "with a shear tool, where other bits tear")))),
    MATERIAL(Asked.pick("material", "Material", Station.CUT, "steel-low-carbon", StockChoices.materials())),
    FINISHED(Asked.of("finished", "Diameter finished", Station.CUT, Entry.length(1, 2000), "30 mm", "1-1/4")),
    LENGTH(Asked.of("length", "Length of cut", Station.CUT, Entry.length(0.5, 3000), "60 mm", "2-1/2")),
    BEFORE(Asked.of(
            "finishBefore",
            "Finish now",
            Station.CUT,
            new Limits(Quantity.ROUGHNESS, 0.2, 50),
            "Ra 3.2 µm",
            "125 µin")),
    FINISH(Asked.of("finish", "Finish", Station.CUT, new Limits(Quantity.ROUGHNESS, 0.025, 50), "Ra 0.8 µm", "32 µin")),
    OUT_OF_TRUE(Asked.of("outOfTrue", "Out of true by", Station.CUT, Entry.length(0, 1), "0.005 mm", ".0002")),
    SURFACE(Asked.pick("shearSurface", "Surface", Station.CUT, "sound", Options.of("surface", Surface.values()))),
    SHOULDER(Asked.of("shoulderRoom", "Room before a shoulder", Station.CUT, Entry.length(0, 500))),
    HOLD(Asked.pick("hold", "Work held", Station.CUT, "chuck", Options.of("way of holding", Hold.values()))),
    STICK_OUT(Asked.of("stickOut", "Free length of work", Station.CUT, Entry.length(0.5, 4000), "75 mm", "3")),
    LATHE(Asked.lathe("lathe", "Lathe")),
    BIT(Asked.pick("shearBit", "Bit", Station.EDGE, "hss-10mm", "hss-3-8", StockChoices.squares())),
    SLOPE(Asked.of("shearSlope", "Side slope", Station.EDGE, Entry.degrees(3, 44), "20°", "20°")
            .orBetter()),
    FRONT(Asked.of("shearFront", "Front clearance", Station.EDGE, Entry.degrees(1, 20), "7°", "7°")
            .orBetter()),
    USED(Asked.of("shearUsed", "Stretches used up", Station.EDGE, "none")),
    STRETCH(
            Asked.of(
                    "shearStretch", "Stretch that cuts, from the top", Station.EDGE, new Limits(Quantity.RATIO, 1, 99)),
            value(ShearCut::stretch)),
    DEPTH(Asked.of("shearDepth", "Depth of a pass", Station.REACH, Entry.length(0.002, 0.5)), value(ShearCut::depthMm)),
    FEED(
            Asked.of("shearFeed", "Feed", Station.REACH, new Limits(Quantity.FEED, 0.005, 1)),
            value(cut -> cut.cutting().feedMm())),
    SPEED(
            Asked.of("speed", "Spindle speed", Station.REACH, new Limits(Quantity.SPINDLE_SPEED, 1, 20000)),
            value(cut -> cut.cutting().rpm()));

    private final Asked asked;
    private final Shown<ShearCut> shown;

    ShearField(Asked asked) {
        this(asked, nothing());
    }

    ShearField(Asked asked, Shown<ShearCut> shown) {
        this.asked = asked;
        this.shown = shown;
    }

    @Override
    public Asked asked() {
        return asked;
    }

    @Override
    public Shown<ShearCut> shown() {
        return shown;
    }
}
