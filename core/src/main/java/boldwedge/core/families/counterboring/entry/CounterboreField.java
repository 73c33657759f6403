package boldwedge.core.families.counterboring.entry;

import static boldwedge.core.planning.Shown.*;

import boldwedge.core.families.counterboring.model.CounterboreCut;
import boldwedge.core.families.counterboring.model.CounterboreJob.Kind;
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

/** What a counterbored seat and its tool are asked, in order. Ids shared with other families mean the same there. */
public enum CounterboreField implements CutEntry<CounterboreCut> {
    OPERATION(Asked.pick(
            "operation",
            "Operation",
            Station.CUT,
            "counterbore",
            Options.of("operation", new Choice("counterbore", "counterbore", "a seat for a head or a washer")))),
    MATERIAL(Asked.pick("material", "Material", Station.CUT, "aluminium-wrought", StockChoices.materials())),
    HEAD(Asked.pick("seatFor", "Seat for", Station.CUT, "6 mm plain washer", "1/4 plain washer", StockChoices.heads())),
    HEAD_DIAMETER(
            Asked.of("headDiameter", "Head or washer", Station.CUT, Entry.length(2, 120)),
            value(cut -> cut.job().headMm())),
    HEAD_HEIGHT(
            Asked.of("headHeight", "Its height", Station.CUT, Entry.length(0.1, 80)),
            value(cut -> cut.job().headHeightMm())),
    HOLE(
            Asked.of("seatHole", "Hole as made", Station.CUT, Entry.length(1, 100)),
            value(cut -> cut.job().holeMm())),
    DEPTH(
            Asked.of("seatDepth", "Depth of the seat", Station.CUT, Entry.length(0.05, 200)),
            value(CounterboreCut::depthMm)),
    SEATS(Asked.of("seats", "Seats", Station.CUT, new Limits(Quantity.RATIO, 1, 100_000), "6", "6")),
    LATHE(Asked.machine("lathe", "Machine")),
    KIND(Asked.pick("counterboreKind", "Tool", Station.EDGE, "drill", Options.of("kind of counterbore", Kind.values()))
            .orBetter()),
    STEEL(Asked.pick("counterboreSteel", "Made of", Station.EDGE, "o1", StockChoices.edgeSteels())),
    STONE(Asked.of(
            "stoneRated",
            "Stone rated for",
            Station.EDGE,
            new Limits(Quantity.SPINDLE_SPEED, 100, 200_000),
            "6400 rpm",
            "6400 rpm")),
    GRINDER(Asked.of(
            "grinderSpeed",
            "Grinder’s speed without load",
            Station.EDGE,
            new Limits(Quantity.SPINDLE_SPEED, 100, 200_000),
            "5000 rpm",
            "5000 rpm")),
    STONE_DIAMETER(Asked.of("stoneDiameter", "Stone", Station.EDGE, Entry.length(3, 600), "100 mm", "4")),
    OUTSIDE(
            Asked.of("counterboreOutside", "Outside of the tool", Station.EDGE, Entry.length(2, 150)),
            value(CounterboreCut::outsideMm)),
    PILOT_IS(Asked.pick(
            "pilotIs",
            "Pilot is",
            Station.EDGE,
            "solid",
            Options.of("pilot", new Choice("solid", "of one piece"), new Choice("loose", "loose, held by a screw")))),
    PILOT(Asked.of("pilot", "Pilot", Station.EDGE, Entry.length(0.5, 100)), value(CounterboreCut::pilotMm)),
    PILOT_LENGTH(
            Asked.of("pilotLength", "Length of the pilot", Station.EDGE, Entry.length(0.5, 200)),
            value(CounterboreCut::pilotLengthMm)),
    LIPS(
            Asked.of("counterboreLips", "Lips", Station.EDGE, new Limits(Quantity.RATIO, 1, 8)),
            value(CounterboreCut::lips)),
    RELIEF(Asked.of("lipRelief", "Relief of the lips", Station.EDGE, Entry.degrees(1, 25), "10°", "10°")),
    RAKE(Asked.of("lipRake", "Rake of the lips", Station.EDGE, Entry.degrees(-5, 30), "3°", "3°")),
    CORNER(Asked.of("lipCorner", "Corner of the lips", Station.EDGE, Entry.length(0, 5), "0.2 mm", "0.008")),
    WORK_SPEED(Asked.of(
            "pilotTurns",
            "Tool turns for grinding",
            Station.MAKE,
            new Limits(Quantity.SPINDLE_SPEED, 1, 2000),
            "90 rpm",
            "90 rpm")),
    HANDLE(
            Asked.of("tailHandle", "One turn of the tailstock’s handle", Station.REACH, Entry.length(0.5, 200)),
            value(cut -> cut.job().handleMm())),
    FEED(
            Asked.of("seatFeed", "Feed", Station.REACH, new Limits(Quantity.FEED, 0.005, 2)),
            value(CounterboreCut::feedMm)),
    SPEED(
            Asked.of("seatSpeed", "Spindle speed", Station.REACH, new Limits(Quantity.SPINDLE_SPEED, 1, 20000)),
            value(CounterboreCut::rpm));

    private final Asked asked;
    private final Shown<CounterboreCut> shown;

    CounterboreField(Asked asked) {
        this(asked, nothing());
    }

    CounterboreField(Asked asked, Shown<CounterboreCut> shown) {
        this.asked = asked;
        this.shown = shown;
    }

    @Override
    public Asked asked() {
        return asked;
    }

    @Override
    public Shown<CounterboreCut> shown() {
        return shown;
    }
}
