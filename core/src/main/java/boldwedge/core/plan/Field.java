package boldwedge.core.plan;

import boldwedge.core.finding.Station;
import boldwedge.core.measure.Limits;
import boldwedge.core.measure.Quantity;
import boldwedge.core.measure.UnitSystem;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Every value that a plan takes, in the order in which it is asked. Each is typed as text; an empty text of an optional
 * field means that the program chooses and says why.
 */
public enum Field {
    OPERATION("operation", "Operation", Station.CUT, "turn"),
    MATERIAL("material", "Material", Station.CUT, "steel-low-carbon"),
    DIAMETER("diameter", "Diameter to start", Station.CUT, length(0.5, 2000), "25 mm", "1"),
    FINISHED("finished", "Diameter finished", Station.CUT, length(0, 2000), "24 mm", "15/16"),
    LENGTH("length", "Length of cut", Station.CUT, length(0.02, 3000), "50 mm", "2"),
    TOLERANCE("tolerance", "Tolerance", Station.CUT, "±0.02 mm", "±.001 in"),
    FINISH("finish", "Finish", Station.CUT, new Limits(Quantity.ROUGHNESS, 0.025, 50), "Ra 1.6 µm", "63 µin"),
    HOLD("hold", "Work held", Station.CUT, "chuck"),
    STICK_OUT("stickOut", "Free length of work", Station.CUT, length(0.5, 4000), "65 mm", "2-1/2"),
    LATHE("lathe", "Lathe", Station.CUT, ""),
    BLANK("blank", "Blank", Station.EDGE, "hss-3-8"),
    BACK_RAKE("backRake", "Back rake", Station.EDGE, degrees(-15, 40)),
    SIDE_RAKE("sideRake", "Side rake", Station.EDGE, degrees(-15, 40)),
    END_RELIEF("endRelief", "End relief", Station.EDGE, degrees(1, 30)),
    SIDE_RELIEF("sideRelief", "Side relief", Station.EDGE, degrees(1, 30)),
    END_EDGE("endEdge", "End edge angle", Station.EDGE, degrees(0.5, 60)),
    SIDE_EDGE("sideEdge", "Lead angle", Station.EDGE, degrees(-20, 60)),
    NOSE_RADIUS("noseRadius", "Nose radius", Station.EDGE, length(0, 6)),
    DEPTH("depth", "Depth of cut", Station.REACH, length(0.002, 20)),
    FEED("feed", "Feed", Station.REACH, new Limits(Quantity.FEED, 0.002, 2)),
    SPEED("speed", "Spindle speed", Station.REACH, new Limits(Quantity.SPINDLE_SPEED, 1, 20000)),
    HEIGHT("height", "Point above centre", Station.REACH, length(-20, 20), "0 mm", "0"),
    SWIVEL("swivel", "Swung in the post", Station.REACH, degrees(-30, 30), "0°", "0°"),
    OVERHANG("overhang", "Tool stands out", Station.REACH, length(1, 300)),
    WHEEL("wheel", "Wheel diameter", Station.MAKE, length(40, 600), "150 mm", "6"),
    WHEEL_FACE("wheelFace", "Ground on", Station.MAKE, "periphery"),
    ORDER("order", "Grind first", Station.MAKE, "flanks-first"),
    GROUND_LENGTH("groundLength", "Ground length", Station.MAKE, length(1, 150)),
    DAMAGE("damage", "Damage to take off", Station.MAKE, length(0, 50), "0 mm", "0");

    private static final Map<String, Field> BY_ID =
            Arrays.stream(values()).collect(Collectors.toMap(Field::id, Function.identity()));

    private final String id;
    private final String label;
    private final Station station;
    private final Optional<Limits> limits;
    private final String usualMetric;
    private final String usualInch;

    Field(String id, String label, Station station, String usual) {
        this(id, label, station, Optional.empty(), usual, usual);
    }

    Field(String id, String label, Station station, String usualMetric, String usualInch) {
        this(id, label, station, Optional.empty(), usualMetric, usualInch);
    }

    Field(String id, String label, Station station, Limits limits) {
        this(id, label, station, Optional.of(limits), "", "");
    }

    Field(String id, String label, Station station, Limits limits, String usualMetric, String usualInch) {
        this(id, label, station, Optional.of(limits), usualMetric, usualInch);
    }

    Field(String id, String label, Station station, Optional<Limits> limits, String usualMetric, String usualInch) {
        this.id = id;
        this.label = label;
        this.station = station;
        this.limits = limits;
        this.usualMetric = usualMetric;
        this.usualInch = usualInch;
    }

    /** Name in the API. */
    public String id() {
        return id;
    }

    /** What it is called beside its input. */
    public String label() {
        return label;
    }

    public Station station() {
        return station;
    }

    /** Quantity and range of a measured field; empty for choices and the tolerance. */
    public Optional<Limits> limits() {
        return limits;
    }

    /** What stands there before anybody types; empty when the program chooses. */
    public String usual(UnitSystem system) {
        return system == UnitSystem.METRIC ? usualMetric : usualInch;
    }

    /** The field of this name. */
    public static Optional<Field> named(String id) {
        return Optional.ofNullable(BY_ID.get(id));
    }

    private static Limits length(double least, double most) {
        return new Limits(Quantity.LENGTH, least, most);
    }

    private static Limits degrees(double least, double most) {
        return new Limits(Quantity.ANGLE, Math.toRadians(least), Math.toRadians(most));
    }

    /** How a choice is written in the API: lower case with dashes. */
    static String choice(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
