package boldwedge.core.families.turning.entry;

import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.mechanics.wedge.Operation;
import boldwedge.core.planning.Asked;
import boldwedge.core.planning.Choice;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.StockChoices;
import java.util.List;

/**
 * Every value that a plan takes, in the order in which it is asked. Each is typed as text; an empty text of an optional
 * field means that the program chooses and says why.
 */
public enum TurningField implements Entry {
    OPERATION(
            Asked.pick("operation", "Operation", Station.CUT, "turn", Choice.of(Operation.values(), Operation::words))),
    MATERIAL(Asked.pick("material", "Material", Station.CUT, "steel-low-carbon", StockChoices.materials())),
    DIAMETER(Asked.of("diameter", "Diameter to start", Station.CUT, Entry.length(0.5, 2000), "25 mm", "1")),
    FINISHED(Asked.of("finished", "Diameter finished", Station.CUT, Entry.length(0, 2000), "24 mm", "15/16")),
    LENGTH(Asked.of("length", "Length of cut", Station.CUT, Entry.length(0.02, 3000), "50 mm", "2")),
    TOLERANCE(Asked.of("tolerance", "Tolerance", Station.CUT, "±0.02 mm", "±.001 in")),
    FINISH(Asked.of("finish", "Finish", Station.CUT, new Limits(Quantity.ROUGHNESS, 0.025, 50), "Ra 1.6 µm", "63 µin")),
    HOLD(Asked.pick("hold", "Work held", Station.CUT, "chuck", Choice.of(Hold.values(), Hold::words))),
    STICK_OUT(Asked.of("stickOut", "Free length of work", Station.CUT, Entry.length(0.5, 4000), "65 mm", "2-1/2")),
    LATHE(Asked.machine("lathe", "Lathe")),
    BLANK(Asked.pick("blank", "Blank", Station.EDGE, "hss-3-8", StockChoices.blanks())),
    BACK_RAKE(Asked.of("backRake", "Back rake", Station.EDGE, Entry.degrees(-15, 40))),
    SIDE_RAKE(Asked.of("sideRake", "Side rake", Station.EDGE, Entry.degrees(-15, 40))),
    END_RELIEF(Asked.of("endRelief", "End relief", Station.EDGE, Entry.degrees(1, 30))),
    SIDE_RELIEF(Asked.of("sideRelief", "Side relief", Station.EDGE, Entry.degrees(1, 30))),
    END_EDGE(Asked.of("endEdge", "End edge angle", Station.EDGE, Entry.degrees(0.5, 60))),
    SIDE_EDGE(Asked.of("sideEdge", "Lead angle", Station.EDGE, Entry.degrees(-20, 60))),
    NOSE_RADIUS(Asked.of("noseRadius", "Nose radius", Station.EDGE, Entry.length(0, 6))),
    INSERT_PRICE(Asked.of("insertCost", "Price of an insert", Station.EDGE, new Limits(Quantity.RATIO, 0.01, 10_000))),
    DEPTH(Asked.of("depth", "Depth of cut", Station.REACH, Entry.length(0.002, 20))),
    FEED(Asked.of("feed", "Feed", Station.REACH, new Limits(Quantity.FEED, 0.002, 2))),
    SPEED(Asked.of("speed", "Spindle speed", Station.REACH, new Limits(Quantity.SPINDLE_SPEED, 1, 20000))),
    HEIGHT(Asked.of("height", "Point above centre", Station.REACH, Entry.length(-20, 20), "0 mm", "0")),
    SWIVEL(Asked.of("swivel", "Swung in the post", Station.REACH, Entry.degrees(-30, 30), "0°", "0°")),
    OVERHANG(Asked.of("overhang", "Tool stands out", Station.REACH, Entry.length(1, 300))),
    WHEEL(Asked.of("wheel", "Wheel diameter", Station.MAKE, Entry.length(40, 600), "150 mm", "6")),
    WHEEL_FACE(Asked.pick(
            "wheelFace",
            "Ground on",
            Station.MAKE,
            "periphery",
            List.of(
                    new Choice("periphery", "the wheel's periphery", "leaves a hollow"),
                    new Choice("cup", "the flat side of a cup wheel", "leaves it flat")))),
    ORDER(Asked.pick(
            "order",
            "Grind first",
            Station.MAKE,
            "flanks-first",
            List.of(
                    new Choice("flanks-first", "the flanks first", "then the top"),
                    new Choice("top-first", "the top first", "then the flanks")))),
    GROUND_LENGTH(Asked.of("groundLength", "Ground length", Station.MAKE, Entry.length(1, 150))),
    DAMAGE(Asked.of("damage", "Damage to take off", Station.MAKE, Entry.length(0, 50), "0 mm", "0"));

    private final Asked asked;

    TurningField(Asked asked) {
        this.asked = asked;
    }

    @Override
    public Asked asked() {
        return asked;
    }
}
