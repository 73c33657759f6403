package boldwedge.core.families.truing.entry;

import static boldwedge.core.planning.Shown.nothing;

import boldwedge.core.families.truing.model.TrueJob.Facing;
import boldwedge.core.families.truing.model.TrueUp;
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

/** What is asked of work to be set up, in order. */
public enum TrueField implements CutEntry<TrueUp> {
    OPERATION(Asked.pick(
            "operation",
            "Operation",
            Station.CUT,
            "true-up",
            Options.of(
                    "operation",
                    new Choice("true-up", "true up", "in a four-jaw chuck, by an indicator"),
                    new Choice("square-block", "square a block", "six faces, in a mill or a lathe alone"),
                    new Choice("bore-block", "bore a block in place", "in the post, by tools in the headstock")))),
    MATERIAL(Asked.pick("material", "Material", Station.CUT, "steel-low-carbon", StockChoices.materials())),
    SWING(Asked.of("trueSwing", "Indicator swings by", Station.CUT, Entry.length(0, 50), "0.6 mm", ".024")),
    OTHER_PAIR(Asked.of(
            "otherPair", "A rectangle’s other pair differs by", Station.CUT, Entry.length(0, 50), "0 mm", "0")),
    OFFSET(Asked.of("offsetWanted", "Offset wanted", Station.CUT, Entry.length(0, 100), "0 mm", "0")),
    WITHIN(Asked.of("trueWithin", "To run true within", Station.CUT, Entry.length(0.001, 5), "0.02 mm", ".001")),
    PITCH(Asked.of("jawPitch", "Pitch of the jaws’ screws", Station.CUT, Entry.length(0.5, 30), "5 mm", "0.2")),
    FAR(Asked.of("farSwing", "At the far end it swings by", Station.EDGE, Entry.length(0, 50), "0.1 mm", ".004")),
    MASS(Asked.of("trueMass", "Mass", Station.REACH, new Limits(Quantity.MASS, 1, 1e7), "1.2 kg", "2.6 lb")),
    ASIDE(Asked.of("massAside", "Its middle lies aside by", Station.REACH, Entry.length(0, 500), "2 mm", ".08")),
    RPM(Asked.of(
            "trueSpeed", "Speed", Station.REACH, new Limits(Quantity.SPINDLE_SPEED, 1, 10_000), "300 rpm", "300 rpm")),
    GRIP(Asked.of(
            "jawGrip", "The jaws hold with", Station.REACH, new Limits(Quantity.FORCE, 50, 1e6), "4000 N", "900 lbf")),
    WIDE(Asked.of("blockWide", "Width", Station.CUT, Entry.length(2, 1000), "50 mm", "2")),
    HIGH(Asked.of("blockHigh", "Height", Station.CUT, Entry.length(2, 1000), "40 mm", "1-1/2")),
    LONG(Asked.of("blockLong", "Length", Station.CUT, Entry.length(2, 2000), "80 mm", "3")),
    SQUARED_BY(Asked.pick(
            "squaredBy",
            "By",
            Station.CUT,
            "mill",
            Options.of(
                    "way of squaring",
                    new Choice("mill", "in a mill’s vise"),
                    new Choice("lathe", "in the lathe alone")))),
    OVER(Asked.of("turnedOver", "Turned over it reads", Station.EDGE, Entry.length(0, 5), "0.03 mm", ".0012")),
    FACING(Asked.pick("slideFaces", "The slide faces", Station.REACH, "hollow", Options.of("facing", Facing.values()))),
    SHANK(Asked.of("blockShank", "Bar, as measured", Station.CUT, Entry.length(1, 200), "16 mm", "5/8")),
    SEAT(Asked.of(
            "seatReads", "Along its face the indicator reads", Station.EDGE, Entry.length(0, 5), "0.03 mm", ".001")),
    SEAT_OVER(Asked.of("seatOver", "Over a length of", Station.EDGE, Entry.length(5, 1000), "60 mm", "2-1/2")),
    REACH(Asked.of("blockReach", "The bar reaches", Station.EDGE, Entry.length(1, 3000), "100 mm", "4")),
    ALLOWED(Asked.of(
            "pointAside", "Its point may come aside by", Station.EDGE, Entry.length(0.001, 20), "0.1 mm", ".004")),
    CLAMP(Asked.of(
            "blockClamp",
            "Clamp screws pull with",
            Station.REACH,
            new Limits(Quantity.FORCE, 50, 1e6),
            "7000 N",
            "1570 lbf")),
    FRICTION(Asked.of(
            "blockFriction", "Friction", Station.REACH, new Limits(Quantity.RATIO, 0.02, 0.6), "0.15", "0.15")),
    PUSH(Asked.of(
            "barPush", "Force along the bar", Station.REACH, new Limits(Quantity.FORCE, 1, 1e6), "300 N", "70 lbf")),
    TURN(Asked.of(
            "barTurn", "Force that turns it", Station.REACH, new Limits(Quantity.FORCE, 1, 1e6), "500 N", "110 lbf")),
    LEVER(Asked.of("barLever", "At a lever of", Station.REACH, Entry.length(0.1, 500), "8 mm", "5/16"));

    private final Asked asked;

    TrueField(Asked asked) {
        this.asked = asked;
    }

    @Override
    public Asked asked() {
        return asked;
    }

    @Override
    public Shown<TrueUp> shown() {
        return nothing();
    }
}
