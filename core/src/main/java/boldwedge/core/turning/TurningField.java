package boldwedge.core.turning;

import boldwedge.core.ask.Entry;
import boldwedge.core.finding.Station;
import boldwedge.core.measure.Limits;
import boldwedge.core.measure.Quantity;
import boldwedge.core.measure.UnitSystem;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Every value that a plan takes, in the order in which it is asked. Each is typed as text; an empty text of an optional
 * field means that the program chooses and says why.
 */
public enum TurningField implements Entry {
    OPERATION("operation", "Operation", Station.CUT, "turn"),
    MATERIAL("material", "Material", Station.CUT, "steel-low-carbon"),
    DIAMETER("diameter", "Diameter to start", Station.CUT, Entry.length(0.5, 2000), "25 mm", "1"),
    FINISHED("finished", "Diameter finished", Station.CUT, Entry.length(0, 2000), "24 mm", "15/16"),
    LENGTH("length", "Length of cut", Station.CUT, Entry.length(0.02, 3000), "50 mm", "2"),
    TOLERANCE("tolerance", "Tolerance", Station.CUT, "±0.02 mm", "±.001 in"),
    FINISH("finish", "Finish", Station.CUT, new Limits(Quantity.ROUGHNESS, 0.025, 50), "Ra 1.6 µm", "63 µin"),
    HOLD("hold", "Work held", Station.CUT, "chuck"),
    STICK_OUT("stickOut", "Free length of work", Station.CUT, Entry.length(0.5, 4000), "65 mm", "2-1/2"),
    LATHE("lathe", "Lathe", Station.CUT, ""),
    BLANK("blank", "Blank", Station.EDGE, "hss-3-8"),
    BACK_RAKE("backRake", "Back rake", Station.EDGE, Entry.degrees(-15, 40)),
    SIDE_RAKE("sideRake", "Side rake", Station.EDGE, Entry.degrees(-15, 40)),
    END_RELIEF("endRelief", "End relief", Station.EDGE, Entry.degrees(1, 30)),
    SIDE_RELIEF("sideRelief", "Side relief", Station.EDGE, Entry.degrees(1, 30)),
    END_EDGE("endEdge", "End edge angle", Station.EDGE, Entry.degrees(0.5, 60)),
    SIDE_EDGE("sideEdge", "Lead angle", Station.EDGE, Entry.degrees(-20, 60)),
    NOSE_RADIUS("noseRadius", "Nose radius", Station.EDGE, Entry.length(0, 6)),
    DEPTH("depth", "Depth of cut", Station.REACH, Entry.length(0.002, 20)),
    FEED("feed", "Feed", Station.REACH, new Limits(Quantity.FEED, 0.002, 2)),
    SPEED("speed", "Spindle speed", Station.REACH, new Limits(Quantity.SPINDLE_SPEED, 1, 20000)),
    HEIGHT("height", "Point above centre", Station.REACH, Entry.length(-20, 20), "0 mm", "0"),
    SWIVEL("swivel", "Swung in the post", Station.REACH, Entry.degrees(-30, 30), "0°", "0°"),
    OVERHANG("overhang", "Tool stands out", Station.REACH, Entry.length(1, 300)),
    WHEEL("wheel", "Wheel diameter", Station.MAKE, Entry.length(40, 600), "150 mm", "6"),
    WHEEL_FACE("wheelFace", "Ground on", Station.MAKE, "periphery"),
    ORDER("order", "Grind first", Station.MAKE, "flanks-first"),
    GROUND_LENGTH("groundLength", "Ground length", Station.MAKE, Entry.length(1, 150)),
    DAMAGE("damage", "Damage to take off", Station.MAKE, Entry.length(0, 50), "0 mm", "0");

    private static final Map<String, TurningField> BY_ID =
            Arrays.stream(values()).collect(Collectors.toMap(TurningField::id, Function.identity()));

    private final String id;
    private final String label;
    private final Station station;
    private final Optional<Limits> limits;
    private final String usualMetric;
    private final String usualInch;

    TurningField(String id, String label, Station station, String usual) {
        this(id, label, station, Optional.empty(), usual, usual);
    }

    TurningField(String id, String label, Station station, String usualMetric, String usualInch) {
        this(id, label, station, Optional.empty(), usualMetric, usualInch);
    }

    TurningField(String id, String label, Station station, Limits limits) {
        this(id, label, station, Optional.of(limits), "", "");
    }

    TurningField(String id, String label, Station station, Limits limits, String usualMetric, String usualInch) {
        this(id, label, station, Optional.of(limits), usualMetric, usualInch);
    }

    TurningField(
            String id, String label, Station station, Optional<Limits> limits, String usualMetric, String usualInch) {
        this.id = id;
        this.label = label;
        this.station = station;
        this.limits = limits;
        this.usualMetric = usualMetric;
        this.usualInch = usualInch;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String label() {
        return label;
    }

    @Override
    public Station station() {
        return station;
    }

    @Override
    public Optional<Limits> limits() {
        return limits;
    }

    @Override
    public String usual(UnitSystem system) {
        return system == UnitSystem.METRIC ? usualMetric : usualInch;
    }

    /** The field of this name. */
    public static Optional<TurningField> named(String id) {
        return Optional.ofNullable(BY_ID.get(id));
    }
}
