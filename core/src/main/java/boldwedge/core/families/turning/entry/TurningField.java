package boldwedge.core.families.turning.entry;

import static boldwedge.core.planning.Shown.*;

import boldwedge.core.families.turning.model.TurningCut;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.mechanics.wedge.GroundBit;
import boldwedge.core.mechanics.wedge.Operation;
import boldwedge.core.planning.Asked;
import boldwedge.core.planning.Choice;
import boldwedge.core.planning.CutEntry;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.Options;
import boldwedge.core.planning.Shown;
import boldwedge.core.planning.StockChoices;
import java.util.List;

/**
 * Every value that a plan takes, in the order in which it is asked. Each is typed as text; an empty text of an optional
 * field means that the program chooses and says why.
 */
public enum TurningField implements CutEntry<TurningCut> {
    OPERATION(Asked.pick("operation", "Operation", Station.CUT, "turn", Options.of("operation", Operation.values()))),
    MATERIAL(Asked.pick("material", "Material", Station.CUT, "steel-low-carbon", StockChoices.materials())),
    DIAMETER(Asked.of("diameter", "Diameter to start", Station.CUT, Entry.length(0.5, 2000), "25 mm", "1")),
    FINISHED(Asked.of("finished", "Diameter finished", Station.CUT, Entry.length(0, 2000), "24 mm", "15/16")),
    LENGTH(Asked.of("length", "Length of cut", Station.CUT, Entry.length(0.02, 3000), "50 mm", "2")),
    TOLERANCE(Asked.of("tolerance", "Tolerance", Station.CUT, "±0.02 mm", "±.001 in")),
    FINISH(Asked.of("finish", "Finish", Station.CUT, new Limits(Quantity.ROUGHNESS, 0.025, 50), "Ra 1.6 µm", "63 µin")),
    HOLD(Asked.pick("hold", "Work held", Station.CUT, "chuck", Options.of("way of holding", Hold.values()))),
    STICK_OUT(Asked.of("stickOut", "Free length of work", Station.CUT, Entry.length(0.5, 4000), "65 mm", "2-1/2")),
    LATHE(Asked.lathe("lathe", "Lathe")),
    BLANK(Asked.pick("blank", "Blank", Station.EDGE, "hss-3-8", StockChoices.blanks())),
    BACK_RAKE(
            Asked.of("backRake", "Back rake", Station.EDGE, Entry.degrees(-15, 40)),
            angle(cut -> cut.advice().backRake(), cut -> cut.signature().backRake())),
    SIDE_RAKE(
            Asked.of("sideRake", "Side rake", Station.EDGE, Entry.degrees(-15, 40)),
            angle(cut -> cut.advice().sideRake(), cut -> cut.signature().sideRake())),
    END_RELIEF(
            Asked.of("endRelief", "End relief", Station.EDGE, Entry.degrees(1, 30)),
            angle(cut -> cut.advice().endRelief(), cut -> cut.signature().endRelief())),
    SIDE_RELIEF(
            Asked.of("sideRelief", "Side relief", Station.EDGE, Entry.degrees(1, 30)),
            angle(cut -> cut.advice().sideRelief(), cut -> cut.signature().sideRelief())),
    END_EDGE(
            Asked.of("endEdge", "End edge angle", Station.EDGE, Entry.degrees(0.5, 60)),
            angle(cut -> cut.advice().endEdge(), cut -> cut.signature().endCuttingEdge())),
    SIDE_EDGE(
            Asked.of("sideEdge", "Lead angle", Station.EDGE, Entry.degrees(-20, 60)),
            angle(cut -> cut.advice().sideEdge(), cut -> cut.signature().sideCuttingEdge())),
    NOSE_RADIUS(
            Asked.of("noseRadius", "Nose radius", Station.EDGE, Entry.length(0, 6)),
            nose(cut -> cut.advice().noseRadius(), cut -> cut.signature().noseRadiusMm())),
    INSERT_PRICE(Asked.of("insertCost", "Price of an insert", Station.EDGE, new Limits(Quantity.RATIO, 0.01, 10_000))),
    DEPTH(
            Asked.of("depth", "Depth of cut", Station.REACH, Entry.length(0.002, 20)),
            value(cut -> cut.job().depthMm())),
    FEED(
            Asked.of("feed", "Feed", Station.REACH, new Limits(Quantity.FEED, 0.002, 2)),
            value(cut -> cut.cutting().feedMm())),
    SPEED(
            Asked.of("speed", "Spindle speed", Station.REACH, new Limits(Quantity.SPINDLE_SPEED, 1, 20000)),
            value(cut -> cut.cutting().rpm())),
    HEIGHT(Asked.of("height", "Point above centre", Station.REACH, Entry.length(-20, 20), "0 mm", "0")),
    SWIVEL(Asked.of("swivel", "Swung in the post", Station.REACH, Entry.degrees(-30, 30), "0°", "0°")),
    OVERHANG(
            Asked.of("overhang", "Tool stands out", Station.REACH, Entry.length(1, 300)),
            value(cut -> cut.job().overhangMm())),
    WHEEL(Asked.of("wheel", "Wheel diameter", Station.MAKE, Entry.length(40, 600), "150 mm", "6")),
    WHEEL_FACE(Asked.pick(
            "wheelFace",
            "Ground on",
            Station.MAKE,
            "periphery",
            Options.of(
                    "grinding surface",
                    new Choice("periphery", "the wheel's periphery", "leaves a hollow"),
                    new Choice("cup", "the flat side of a cup wheel", "leaves it flat")))),
    ORDER(Asked.pick(
            "order",
            "Grind first",
            Station.MAKE,
            "flanks-first",
            Options.of(
                    "order of grinding",
                    GroundBit.Order.values(),
                    List.of(
                            new Choice("flanks-first", "the flanks first", "then the top"),
                            new Choice("top-first", "the top first", "then the flanks"))))),
    GROUND_LENGTH(
            Asked.of("groundLength", "Ground length", Station.MAKE, Entry.length(1, 150)),
            value(cut -> cut.bit().groundLengthMm())),
    DAMAGE(Asked.of("damage", "Damage to take off", Station.MAKE, Entry.length(0, 50), "0 mm", "0"));

    private final Asked asked;
    private final Shown<TurningCut> shown;

    TurningField(Asked asked) {
        this(asked, nothing());
    }

    TurningField(Asked asked, Shown<TurningCut> shown) {
        this.asked = asked;
        this.shown = shown;
    }

    @Override
    public Asked asked() {
        return asked;
    }

    @Override
    public Shown<TurningCut> shown() {
        return shown;
    }
}
