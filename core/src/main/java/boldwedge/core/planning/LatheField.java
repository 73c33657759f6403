package boldwedge.core.planning;

import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.mechanics.cutting.MachineKind;

/** What the card of a lathe or a mill says, in order. */
public enum LatheField implements Entry {
    NAME(Asked.of("name", "Name", Station.CRIB, "")),
    KIND(Asked.pick("kind", "Lathe, mill or shaper", Station.CRIB, "lathe", Options.of("kind", MachineKind.values()))),
    SWING(length("swing", "Swing over the bed (mill, shaper: width of the table)", 20, 5000)),
    CENTRE_HEIGHT(length("centreHeight", "Spindle axis above the tool's seat", 1, 500)),
    LARGEST_SHANK(length("largestShank", "Largest tool shank", 3, 100)),
    SPEEDS(measured("speeds", "Spindle speeds", Quantity.SPINDLE_SPEED, 1, 50_000)),
    FEEDS(measured("feeds", "Feeds per revolution", Quantity.FEED, 0.001, 10)),
    MOTOR(measured("motor", "Motor power", Quantity.POWER, 10, 200_000)),
    EFFICIENCY(measured("efficiency", "Drive efficiency", Quantity.RATIO, 0.2, 1)),
    POST_STIFFNESS(stiffness("postStiffness", "Stiffness at the tool post")),
    CHUCK_STIFFNESS(stiffness("chuckStiffness", "Stiffness at the chuck")),
    CHUCK_TILT(measured("chuckTilt", "Stiffness of the chuck against turning", Quantity.TILT_STIFFNESS, 1e4, 1e12)),
    TAILSTOCK_STIFFNESS(stiffness("tailstockStiffness", "Stiffness at the tailstock")),
    POST_RING(measured("postRing", "Ring of the tool post, tapped", Quantity.FREQUENCY, 10, 3000)),
    POST_DAMPING(measured("postDamping", "Damping of that ring", Quantity.RATIO, 0.002, 0.5)),
    SHIMS(length("shims", "Shims beside it", 0.005, 50)),
    SLIDE_HEIGHT(length("slideHeight", "Spindle axis above the slide", 5, 1000)),
    SLOT_THROAT(length("slotThroat", "T-slot of the slide: throat", 3, 60)),
    SLOT_LIP(length("slotLip", "T-slot: thickness of its lips", 2, 60)),
    SLOT_HEAD(length("slotHead", "T-slot: width under the lips", 5, 120)),
    CHUCK(length("chuck", "Diameter of the chuck", 15, 2000)),
    SLIDE_NEAREST(length("slideNearest", "Slide's front edge comes to the axis within", 0, 1000)),
    TAIL_HANDLE(length("tailHandle", "One turn of the tailstock's (quill's) handle", 0.5, 200)),
    CENTRES(length("centres", "Between centres", 50, 20_000)),
    QUILL_TRAVEL(length("quillTravel", "Travel of the tailstock’s quill", 5, 1000)),
    DRILL_SET(Asked.pick("drillSet", "Drills beside it", Station.CRIB, "", StockChoices.drillSets())),
    LEAD_SCREW(length("leadScrew", "Lead screw", 0.5, 100)),
    BOX_THREADS(length("boxThreads", "Threads that its box gives", 0.05, 200)),
    CHANGE_WHEELS(count("changeWheels", "Change wheels that lie beside it", 10, 250)),
    DIAL_TEETH(count("dialTeeth", "Thread dial: teeth of its wheel", 6, 200)),
    DIAL_MARKS(count("dialMarks", "Thread dial: marks", 1, 64)),
    CROSS_TURN(length("crossTurn", "One turn of the cross slide’s dial", 0.2, 50)),
    CROSS_READS(either("crossReads", "Cross slide’s dial reads radius or diameter", "radius", "diameter")),
    COMPOUND_TURN(length("compoundTurn", "One turn of the compound’s dial", 0.2, 50)),
    DIAL_DIVISION(length("dialDivision", "Smallest division of the dials", 0.001, 1)),
    COMPOUND_SCALE(
            either("compoundScale", "Compound’s scale counts from the square or from the axis", "square", "axis")),
    STOP_TIME(measured("stopTime", "Time until the carriage stands", Quantity.TIME, 0.05 / 60, 30 / 60.0)),
    CARRIAGE_TURN(length("carriageTurn", "One turn of the carriage’s handwheel", 1, 100)),
    WHEEL_RADIUS(length("wheelRadius", "Radius of that handwheel", 15, 300)),
    STROKES(measured("strokes", "Shaper: strokes a minute", Quantity.RATIO, 1, 500)),
    LONGEST_STROKE(length("longestStroke", "Shaper: longest stroke", 20, 2000)),
    RETURN_RATIO(measured("returnRatio", "Shaper: time of the return over that of the cut", Quantity.RATIO, 0.2, 1.5)),
    RAM_DROOP(length("ramDroop", "Shaper: its ram sinks over that stroke", 0, 5));

    private final Asked asked;

    LatheField(Asked asked) {
        this.asked = asked;
    }

    @Override
    public Asked asked() {
        return asked;
    }

    private static Asked measured(String id, String label, Quantity quantity, double least, double most) {
        return Asked.of(id, label, Station.CRIB, new Limits(quantity, least, most));
    }

    private static Asked length(String id, String label, double leastMm, double mostMm) {
        return measured(id, label, Quantity.LENGTH, leastMm, mostMm);
    }

    private static Asked stiffness(String id, String label) {
        return measured(id, label, Quantity.STIFFNESS, 100, 10_000_000);
    }

    private static Asked count(String id, String label, int least, int most) {
        return measured(id, label, Quantity.RATIO, least, most);
    }

    private static Asked either(String id, String label, String first, String second) {
        return Asked.pick(
                id,
                label,
                Station.CRIB,
                first,
                Options.of("way of counting", new Choice(first, first), new Choice(second, second)));
    }
}
