package boldwedge.core.families.reaming.entry;

import static boldwedge.core.planning.Shown.*;

import boldwedge.core.families.reaming.model.ReamCut;
import boldwedge.core.families.reaming.model.ReamJob.Before;
import boldwedge.core.families.reaming.model.ReamJob.Helix;
import boldwedge.core.families.reaming.model.ReamJob.Kind;
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

/** What a reamed hole and its reamer are asked, in order. Ids shared with other families mean the same there. */
public enum ReamField implements CutEntry<ReamCut> {
    OPERATION(Asked.pick(
            "operation",
            "Operation",
            Station.CUT,
            "ream",
            Options.of(
                    "operation",
                    new Choice("ream", "ream", "a hole to a size, with a reamer that is bought or made")))),
    MATERIAL(Asked.pick("material", "Material", Station.CUT, "bronze-tin", StockChoices.materials())),
    SIZE(Asked.of("reamSize", "Hole", Station.CUT, Entry.length(1, 80), "10 mm", "3/8")),
    TOLERANCE(Asked.of("reamTolerance", "Limits of the hole", Station.CUT, "H8", "+.001/-0")),
    DEPTH(Asked.of("reamDepth", "Depth of the hole", Station.CUT, Entry.length(0.5, 1000), "22 mm", "7/8")),
    BOTTOM(Asked.pick(
            "drillBottom",
            "Bottom",
            Station.CUT,
            "through",
            Options.of("bottom", new Choice("through", "through"), new Choice("blind", "blind")))),
    HOLES(Asked.of("reamHoles", "Holes", Station.CUT, new Limits(Quantity.RATIO, 1, 100_000), "20", "20")),
    BEFORE(Asked.pick(
                    "reamBefore",
                    "The hole before it is",
                    Station.CUT,
                    "drilled",
                    Options.of("way to make the hole", Before.values()))
            .orBetter()),
    LATHE(Asked.machine("lathe", "Machine")),
    SET(Asked.pick("drillSet", "Drills", Station.CUT, "metric-tenths", "index", StockChoices.drillSets())),
    BEFORE_SIZE(Asked.of("reamFrom", "Hole before it", Station.CUT, Entry.length(0.5, 80)), value(ReamCut::beforeMm)),
    KIND(Asked.pick("reamerKind", "Reamer", Station.EDGE, "fluted", Options.of("kind of reamer", Kind.values()))),
    STEEL(Asked.pick("reamerSteel", "Made of", Station.EDGE, "o1", StockChoices.edgeSteels())
            .orBetter()),
    HELIX(Asked.pick("reamerHelix", "Flutes", Station.EDGE, "straight", Options.of("kind of flutes", Helix.values()))),
    HELIX_ANGLE(Asked.of("reamerHelixAngle", "Helix", Station.EDGE, Entry.degrees(1, 60), "10°", "10°")),
    LEAD(
            Asked.of("reamerLead", "One turn in", Station.EDGE, Entry.length(5, 5000)),
            where(cut -> cut.job().helix() != Helix.STRAIGHT, ReamCut::leadMm)),
    TEETH(Asked.of("reamerTeeth", "Teeth", Station.EDGE, new Limits(Quantity.RATIO, 2, 16)), value(ReamCut::teeth)),
    UNEVEN(Asked.of("reamerUneven", "Pitch differs by", Station.EDGE, Entry.degrees(0, 15), "2°", "2°")),
    RAKE(Asked.of("reamerRake", "Radial rake", Station.EDGE, Entry.degrees(-10, 15), "3°", "3°")),
    LAND(Asked.of("reamerLand", "Cylindrical land", Station.EDGE, Entry.length(0, 3), "0.2 mm", "0.008")),
    CLEARANCE(Asked.of("reamerClearance", "Clearance", Station.EDGE, Entry.degrees(1, 20), "6°", "6°")),
    CHAMFER(Asked.of("reamerChamfer", "Entering chamfer", Station.EDGE, Entry.degrees(5, 75), "45°", "45°")),
    BACK_TAPER(Asked.of(
            "reamerBackTaper", "Back taper", Station.EDGE, new Limits(Quantity.RATIO, 0, 0.002), "0.02 %", "0.02 %")),
    FLUTE(Asked.of("reamerFlute", "Depth of flutes", Station.EDGE, Entry.length(0.1, 30)), value(ReamCut::fluteMm)),
    SLANT(Asked.of("reamerSlant", "Cut across at", Station.EDGE, Entry.degrees(5, 60), "20°", "20°")),
    HEAD(Asked.of("reamerHead", "Length of the head", Station.MAKE, Entry.length(2, 400)), value(ReamCut::headMm)),
    SHANK(Asked.of("reamerShank", "Shank", Station.MAKE, Entry.length(0.5, 80)), value(ReamCut::shankMm)),
    LENGTH(Asked.of("reamerLength", "Whole length", Station.MAKE, Entry.length(10, 1000)), value(ReamCut::lengthMm)),
    WHEEL(Asked.of("reamerWheel", "Grinding wheel", Station.MAKE, Entry.length(20, 500), "125 mm", "5")),
    CUP(Asked.pick(
            "reamerWheelKind",
            "Ground with",
            Station.MAKE,
            "cup",
            Options.of(
                    "wheel",
                    new Choice("cup", "the face of a cup wheel"),
                    new Choice("periphery", "the rim of a wheel")))),
    OFFSET(Asked.of("tailOffset", "Tailstock off the axis", Station.REACH, Entry.length(-2, 2), "0 mm", "0")),
    FLOATING(Asked.pick(
            "reamerHeld",
            "Held",
            Station.REACH,
            "rigid",
            Options.of(
                    "way of holding", new Choice("rigid", "rigidly"), new Choice("floating", "in a floating holder")))),
    STICK_OUT(
            Asked.of("stickOut", "Free length of work", Station.REACH, Entry.length(0.5, 4000)),
            value(ReamCut::stickOutMm)),
    HANDLE(
            Asked.of("tailHandle", "One turn of the tailstock’s handle", Station.REACH, Entry.length(0.5, 200)),
            value(cut -> cut.job().handleMm())),
    FEED(Asked.of("reamFeed", "Feed", Station.REACH, new Limits(Quantity.FEED, 0.005, 4)), value(ReamCut::feedMm)),
    SPEED(
            Asked.of("reamSpeed", "Spindle speed", Station.REACH, new Limits(Quantity.SPINDLE_SPEED, 1, 20000)),
            value(ReamCut::rpm)),
    MADE(Asked.of("madeReamer", "Reamer as made", Station.MAKE, Entry.length(0.9, 81)), value(ReamCut::reamerMm));

    private final Asked asked;
    private final Shown<ReamCut> shown;

    ReamField(Asked asked) {
        this(asked, nothing());
    }

    ReamField(Asked asked, Shown<ReamCut> shown) {
        this.asked = asked;
        this.shown = shown;
    }

    @Override
    public Asked asked() {
        return asked;
    }

    @Override
    public Shown<ReamCut> shown() {
        return shown;
    }
}
