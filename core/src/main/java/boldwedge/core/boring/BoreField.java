package boldwedge.core.boring;

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

/** What a boring job is asked, in order. Ids shared with other families mean the same there. */
public enum BoreField implements Entry {
    OPERATION("operation", "Operation", Station.CUT, "bore"),
    MATERIAL("material", "Material", Station.CUT, "bronze-tin"),
    START("boreStart", "Hole to start", Station.CUT, Entry.length(2, 1000), "18 mm", "11/16"),
    FINISHED("boreFinished", "Hole finished", Station.CUT, Entry.length(2, 1000), "20 mm", "3/4"),
    TOLERANCE("boreTolerance", "Tolerance of the hole", Station.CUT, "H7", "H7"),
    DEPTH_OF_HOLE("boreDepth", "Depth of the hole", Station.CUT, Entry.length(0.5, 2000), "40 mm", "1-1/2"),
    BOTTOM("bottom", "Bottom", Station.CUT, "through"),
    OUT_OF_ROUND("outOfRound", "Start out of round by", Station.CUT, Entry.length(0, 20), "0 mm", "0"),
    FINISH("finish", "Finish", Station.CUT, new Limits(Quantity.ROUGHNESS, 0.025, 50), "Ra 1.6 µm", "63 µin"),
    OUTSIDE("outside", "Outside of the work", Station.CUT, Entry.length(3, 2000), "", ""),
    STICK_OUT("boreStickOut", "Work out of the chuck", Station.CUT, Entry.length(0.5, 2000), "", ""),
    HELD("barHeld", "Bar held", Station.CUT, "post"),
    LATHE("lathe", "Machine", Station.CUT, ""),
    BIT("boreBit", "Bit", Station.EDGE, "hss-1-4"),
    BIT_ANGLE("bitAngle", "Bit to the bar", Station.EDGE, Entry.degrees(20, 90), "90°", "90°"),
    BACK_RAKE("boreBackRake", "Rake across", Station.EDGE, Entry.degrees(-15, 40)),
    SIDE_RAKE("boreSideRake", "Rake along", Station.EDGE, Entry.degrees(-15, 40)),
    RELIEF("boreRelief", "Clearance to the bore", Station.EDGE, Entry.degrees(1, 40)),
    SIDE_RELIEF("boreSideRelief", "Clearance along", Station.EDGE, Entry.degrees(1, 30)),
    END_EDGE("boreEndEdge", "Trailing angle", Station.EDGE, Entry.degrees(0.5, 60)),
    SIDE_EDGE("boreSideEdge", "Lead angle", Station.EDGE, Entry.degrees(-30, 60)),
    NOSE_RADIUS("boreNose", "Nose radius", Station.EDGE, Entry.length(0, 3)),
    FLANK("flankDepth", "Flank below the point", Station.EDGE, Entry.length(0.2, 40)),
    BAR_MATERIAL("barMaterial", "Bar of", Station.REACH, "steel"),
    BAR_DIAMETER("barDiameter", "Bar diameter", Station.REACH, Entry.length(1.5, 200)),
    BAR_LENGTH("barLength", "Bar's whole length", Station.REACH, Entry.length(8, 3000)),
    OVERHANG("barOverhang", "Clamp to point", Station.REACH, Entry.length(3, 2000)),
    NECK_DIAMETER("neckDiameter", "Nose diameter", Station.REACH, Entry.length(1, 200)),
    NECK_LENGTH("neckLength", "Nose length", Station.REACH, Entry.length(0, 2000), "0 mm", "0"),
    ROD_HOLE("rodHole", "Hole along the bar", Station.REACH, Entry.length(0, 150), "0 mm", "0"),
    HEIGHT("boreHeight", "Point above centre", Station.REACH, Entry.length(-20, 20), "0 mm", "0"),
    AHEAD("faceAhead", "Face ahead of axis", Station.REACH, Entry.length(-20, 20), "0 mm", "0"),
    SPAN("barSpan", "Bar between centres", Station.REACH, Entry.length(20, 4000)),
    CUTTER_AT("cutterAt", "Cutter from the headstock", Station.REACH, Entry.length(5, 4000)),
    STIFFNESS("tipStiffness", "Stiffness at the point", Station.REACH, new Limits(Quantity.STIFFNESS, 50, 5_000_000)),
    DAMPING("damping", "Damping ratio", Station.REACH, new Limits(Quantity.RATIO, 0.0005, 0.5)),
    RING("ringHz", "Rings at", Station.REACH, new Limits(Quantity.FREQUENCY, 5, 20_000)),
    DEPTH("boreDepthOfCut", "Depth of cut", Station.REACH, Entry.length(0.002, 10)),
    FEED("boreFeed", "Feed", Station.REACH, new Limits(Quantity.FEED, 0.002, 1)),
    BLEND("blend", "Blend radius", Station.MAKE, Entry.length(0, 30), "1 mm", "1/32"),
    ROD_DRILL("rodMargin", "Rod hole stops short by", Station.MAKE, Entry.length(0.2, 20), "1 mm", "1/32"),
    MADE_LENGTH("madeLength", "Length as made", Station.MAKE, Entry.length(5, 3000)),
    MADE_BAR("madeBar", "Shank as made", Station.MAKE, Entry.length(1, 200)),
    MADE_CROSS("madeCross", "Cross-hole from the end, as made", Station.MAKE, Entry.length(0.2, 300)),
    MADE_NECK("madeNeck", "Nose as made", Station.MAKE, Entry.length(0.8, 200)),
    TEACHING("useTaught", "Trials so far", Station.REACH, "used"),
    SPEED("boreSpeed", "Spindle speed", Station.REACH, new Limits(Quantity.SPINDLE_SPEED, 1, 20000));

    private static final Map<String, BoreField> BY_ID =
            Arrays.stream(values()).collect(Collectors.toMap(BoreField::id, Function.identity()));

    private final String id;
    private final String label;
    private final Station station;
    private final Optional<Limits> limits;
    private final String usualMetric;
    private final String usualInch;

    BoreField(String id, String label, Station station, String usual) {
        this(id, label, station, Optional.empty(), usual, usual);
    }

    BoreField(String id, String label, Station station, String usualMetric, String usualInch) {
        this(id, label, station, Optional.empty(), usualMetric, usualInch);
    }

    BoreField(String id, String label, Station station, Limits limits) {
        this(id, label, station, Optional.of(limits), "", "");
    }

    BoreField(String id, String label, Station station, Limits limits, String usualMetric, String usualInch) {
        this(id, label, station, Optional.of(limits), usualMetric, usualInch);
    }

    BoreField(String id, String label, Station station, Optional<Limits> limits, String usualMetric, String usualInch) {
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
    public static Optional<BoreField> named(String id) {
        return Optional.ofNullable(BY_ID.get(id));
    }
}
