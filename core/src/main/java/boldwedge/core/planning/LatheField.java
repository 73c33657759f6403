package boldwedge.core.planning;

import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.Table;
import boldwedge.core.language.words.Worded;
import boldwedge.core.mechanics.cutting.MachineKind;
import java.util.Map;
import java.util.stream.Collectors;

/** What the card of a machine says, in order. */
public enum LatheField implements Entry {
    NAME(Part.MACHINE, Asked.Machines.ALL, Asked.of("name", "Name", Station.CRIB, "")),
    KIND(
            Part.MACHINE,
            Asked.Machines.ALL,
            Asked.pick(
                    "kind", "Lathe, mill or shaper", Station.CRIB, "lathe", Options.of("kind", MachineKind.values()))),
    SWING(
            Part.MACHINE,
            Asked.Machines.ALL,
            length("swing", "Swing over the bed (mill, shaper: width of the table)", 20, 5000)),
    CENTRE_HEIGHT(
            Part.MACHINE, Asked.Machines.LATHES, length("centreHeight", "Spindle axis above the tool's seat", 1, 500)),
    LARGEST_SHANK(Part.MACHINE, Asked.Machines.LATHES, length("largestShank", "Largest tool shank", 3, 100)),
    SPEEDS(
            Part.MACHINE,
            Asked.Machines.SPINDLES,
            measured("speeds", "Spindle speeds", Quantity.SPINDLE_SPEED, 1, 50_000)),
    FEEDS(Part.MACHINE, Asked.Machines.SPINDLES, measured("feeds", "Feeds per revolution", Quantity.FEED, 0.001, 10)),
    MOTOR(Part.MACHINE, Asked.Machines.ALL, measured("motor", "Motor power", Quantity.POWER, 10, 200_000)),
    EFFICIENCY(Part.MACHINE, Asked.Machines.ALL, measured("efficiency", "Drive efficiency", Quantity.RATIO, 0.2, 1)),
    POST_STIFFNESS(
            Part.STIFFNESS,
            Asked.Machines.ALL,
            stiffness("postStiffness", "Stiffness at the tool post (shaper: ram and table)")),
    CHUCK_STIFFNESS(Part.STIFFNESS, Asked.Machines.LATHES, stiffness("chuckStiffness", "Stiffness at the chuck")),
    CHUCK_TILT(
            Part.STIFFNESS,
            Asked.Machines.LATHES,
            measured("chuckTilt", "Stiffness of the chuck against turning", Quantity.TILT_STIFFNESS, 1e4, 1e12)),
    TAILSTOCK_STIFFNESS(
            Part.STIFFNESS, Asked.Machines.LATHES, stiffness("tailstockStiffness", "Stiffness at the tailstock")),
    POST_RING(
            Part.STIFFNESS,
            Asked.Machines.LATHES,
            measured("postRing", "Ring of the tool post, tapped", Quantity.FREQUENCY, 10, 3000)),
    POST_DAMPING(
            Part.STIFFNESS,
            Asked.Machines.LATHES,
            measured("postDamping", "Damping of that ring", Quantity.RATIO, 0.002, 0.5)),
    SHIMS(Part.BESIDE, Asked.Machines.ALL, length("shims", "Shims beside it", 0.005, 50)),
    SLIDE_HEIGHT(Part.SLIDE, Asked.Machines.LATHES, length("slideHeight", "Spindle axis above the slide", 5, 1000)),
    SLOT_THROAT(Part.SLIDE, Asked.Machines.LATHES, length("slotThroat", "T-slot of the slide: throat", 3, 60)),
    SLOT_LIP(Part.SLIDE, Asked.Machines.LATHES, length("slotLip", "T-slot: thickness of its lips", 2, 60)),
    SLOT_HEAD(Part.SLIDE, Asked.Machines.LATHES, length("slotHead", "T-slot: width under the lips", 5, 120)),
    CHUCK(Part.SLIDE, Asked.Machines.LATHES, length("chuck", "Diameter of the chuck", 15, 2000)),
    SLIDE_NEAREST(
            Part.SLIDE,
            Asked.Machines.LATHES,
            length("slideNearest", "Slide's front edge comes to the axis within", 0, 1000)),
    POST_PLACES(Part.SLIDE, Asked.Machines.LATHES, count("postPlaces", "Tools that its post holds ready", 1, 60)),
    TAIL_HANDLE(
            Part.BED,
            Asked.Machines.SPINDLES,
            length("tailHandle", "One turn of the tailstock's (quill's) handle", 0.5, 200)),
    CENTRES(Part.BED, Asked.Machines.LATHES, length("centres", "Between centres", 50, 20_000)),
    QUILL_TRAVEL(Part.BED, Asked.Machines.SPINDLES, length("quillTravel", "Travel of the tailstock’s quill", 5, 1000)),
    DRILL_SET(
            Part.BESIDE,
            Asked.Machines.SPINDLES,
            Asked.pick("drillSet", "Drills beside it", Station.CRIB, "", StockChoices.drillSets())),
    LEAD_SCREW(Part.THREADS, Asked.Machines.LATHES, length("leadScrew", "Lead screw", 0.5, 100)),
    BOX_THREADS(Part.THREADS, Asked.Machines.LATHES, length("boxThreads", "Threads that its box gives", 0.05, 200)),
    CHANGE_WHEELS(
            Part.THREADS, Asked.Machines.LATHES, count("changeWheels", "Change wheels that lie beside it", 10, 250)),
    DIAL_TEETH(Part.THREADS, Asked.Machines.LATHES, count("dialTeeth", "Thread dial: teeth of its wheel", 6, 200)),
    DIAL_MARKS(Part.THREADS, Asked.Machines.LATHES, count("dialMarks", "Thread dial: marks", 1, 64)),
    CROSS_TURN(Part.DIALS, Asked.Machines.LATHES, length("crossTurn", "One turn of the cross slide’s dial", 0.2, 50)),
    CROSS_READS(
            Part.DIALS,
            Asked.Machines.LATHES,
            either("crossReads", "Cross slide’s dial reads radius or diameter", "radius", "diameter")),
    COMPOUND_TURN(
            Part.DIALS, Asked.Machines.LATHES, length("compoundTurn", "One turn of the compound’s dial", 0.2, 50)),
    DIAL_DIVISION(
            Part.DIALS, Asked.Machines.LATHES, length("dialDivision", "Smallest division of the dials", 0.001, 1)),
    COMPOUND_SCALE(
            Part.DIALS,
            Asked.Machines.LATHES,
            either("compoundScale", "Compound’s scale counts from the square or from the axis", "square", "axis")),
    STOP_TIME(
            Part.THREADS,
            Asked.Machines.LATHES,
            measured("stopTime", "Time until the carriage stands", Quantity.TIME, 0.05 / 60, 30 / 60.0)),
    CARRIAGE_TURN(
            Part.DIALS, Asked.Machines.LATHES, length("carriageTurn", "One turn of the carriage’s handwheel", 1, 100)),
    WHEEL_RADIUS(Part.DIALS, Asked.Machines.LATHES, length("wheelRadius", "Radius of that handwheel", 15, 300)),
    STROKES(Part.RAM, Asked.Machines.SHAPERS, measured("strokes", "Strokes a minute", Quantity.RATIO, 1, 500)),
    LONGEST_STROKE(Part.RAM, Asked.Machines.SHAPERS, length("longestStroke", "Longest stroke", 20, 2000)),
    RETURN_RATIO(
            Part.RAM,
            Asked.Machines.SHAPERS,
            measured("returnRatio", "Time of the return over that of the cut", Quantity.RATIO, 0.2, 1.5)),
    RAM_DROOP(Part.RAM, Asked.Machines.SHAPERS, length("ramDroop", "The ram sinks over that stroke", 0, 5));

    /** Part of the card, and of the machine, that an entry belongs to. */
    public enum Part implements Worded {
        MACHINE,
        STIFFNESS,
        SLIDE,
        BED,
        THREADS,
        DIALS,
        RAM,
        BESIDE
    }

    private static final Map<String, String> GAINS = Table.read("machine-gains.tsv").rows().stream()
            .collect(Collectors.toUnmodifiableMap(row -> row.text("field"), row -> row.text("better")));

    private final Part part;
    private final Asked.Machines kinds;
    private final Asked asked;

    LatheField(Part part, Asked.Machines kinds, Asked asked) {
        this.part = part;
        this.kinds = kinds;
        this.asked = asked;
    }

    @Override
    public Asked asked() {
        return asked;
    }

    /** What it makes better, told while it is left empty; empty where it must be there. */
    public String better() {
        return GAINS.getOrDefault(id(), "");
    }

    /** The part of the card that it stands in. */
    public Part part() {
        return part;
    }

    /** The kinds of machine whose cards have it. */
    public Asked.Machines kinds() {
        return kinds;
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
