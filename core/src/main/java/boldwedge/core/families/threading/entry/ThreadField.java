package boldwedge.core.families.threading.entry;

import static boldwedge.core.planning.Shown.*;

import boldwedge.core.families.threading.model.ThreadCut;
import boldwedge.core.families.threading.model.ThreadJob.End;
import boldwedge.core.families.threading.model.ThreadJob.Side;
import boldwedge.core.families.threading.model.ThreadJob.Steps;
import boldwedge.core.families.threading.model.ThreadJob.Tool;
import boldwedge.core.families.threading.model.ThreadJob.Way;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.planning.Asked;
import boldwedge.core.planning.Choice;
import boldwedge.core.planning.CutEntry;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.Options;
import boldwedge.core.planning.Shown;
import boldwedge.core.planning.StockChoices;

/** What a thread to be cut is asked, in order. Ids shared with other families mean the same there. */
public enum ThreadField implements CutEntry<ThreadCut> {
    OPERATION(Asked.pick(
            "operation",
            "Operation",
            Station.CUT,
            "thread",
            Options.of("operation", new Choice("thread", "thread", "cut a thread with a single point")))),
    MATERIAL(Asked.pick("material", "Material", Station.CUT, "steel-low-carbon", StockChoices.materials())),
    SIDE(Asked.pick("threadSide", "Thread is", Station.CUT, "outside", Options.of("side", Side.values()))),
    THREAD(Asked.of("thread", "Thread", Station.CUT, "M12", "1/2-13")),
    CLASS(Asked.of("threadClass", "Class", Station.CUT, "")),
    HAND(Asked.pick(
            "threadHand",
            "Hand",
            Station.CUT,
            "right",
            Options.of("hand", new Choice("right", "right hand"), new Choice("left", "left hand")))),
    STARTS(Asked.of("threadStarts", "Starts", Station.CUT, new Limits(Quantity.RATIO, 1, 12), "1", "1")),
    LENGTH(Asked.of("threadLength", "Length of thread", Station.CUT, Entry.length(0.5, 2000), "25 mm", "1")),
    END(Asked.pick("threadEnd", "It ends", Station.CUT, "groove", Options.of("end", End.values()))),
    GROOVE(
            Asked.of("threadGroove", "Width of the groove", Station.CUT, Entry.length(0.2, 100)),
            where(cut -> cut.grooveMm() > 0, ThreadCut::grooveMm)),
    BLANK(
            Asked.of("threadBlank", "Turned or bored to", Station.CUT, Entry.length(0.5, 1200)),
            value(ThreadCut::blankMm)),
    OUTSIDE(Asked.of("outside", "Outside of the work", Station.CUT, Entry.length(1, 2000))),
    LATHE(Asked.lathe("lathe", "Machine")),
    TOOL(Asked.pick("threadTool", "Tool", Station.EDGE, "hss-bit", Options.of("tool", Tool.values()))),
    ANGLE(
            Asked.of("threadAngle", "Angle ground in the face", Station.EDGE, Entry.degrees(10, 90)),
            value(cut -> cut.edge().groundRad())),
    FLAT(
            Asked.of("threadFlat", "Flat at the tip", Station.EDGE, Entry.length(0, 20)),
            value(cut -> cut.tip().flatMm())),
    RADIUS(
            Asked.of("threadRadius", "Radius at the tip", Station.EDGE, Entry.length(0, 10)),
            value(cut -> cut.tip().radiusMm())),
    RAKE(Asked.of("threadRake", "Top rake", Station.EDGE, Entry.degrees(-10, 30), "0°", "0°")),
    CLEARANCE(Asked.of("threadClearance", "Clearance in use", Station.EDGE, Entry.degrees(0, 20), "3°", "3°")),
    LEADING(
            Asked.of("threadLeading", "Leading flank ground", Station.EDGE, Entry.degrees(-10, 45)),
            value(cut -> cut.edge().leadingRad())),
    TRAILING(
            Asked.of("threadTrailing", "Trailing flank ground", Station.EDGE, Entry.degrees(-30, 30)),
            value(cut -> cut.edge().trailingRad())),
    HEIGHT(Asked.of("threadHeight", "Point above centre", Station.EDGE, Entry.length(-20, 20), "0 mm", "0")),
    YAW(Asked.of("threadYaw", "Out of square", Station.EDGE, Entry.degrees(-10, 10), "0°", "0°")),
    INSERT_IS(Asked.pick(
            "threadInsertIs",
            "Insert is for",
            Station.EDGE,
            "right-outside",
            Options.of(
                    "insert",
                    new Choice("right-outside", "outside, right hand"),
                    new Choice("left-outside", "outside, left hand"),
                    new Choice("right-inside", "inside, right hand"),
                    new Choice("left-inside", "inside, left hand")))),
    FINEST(Asked.of("insertFinest", "Insert from pitch", Station.EDGE, Entry.length(0.1, 10), "0.5 mm", "48 tpi")),
    COARSEST(Asked.of("insertCoarsest", "Insert to pitch", Station.EDGE, Entry.length(0.2, 12), "1.5 mm", "16 tpi")),
    COST(Asked.of("insertCost", "Price of an insert", Station.EDGE, new Limits(Quantity.RATIO, 0.01, 10_000))),
    EDGES(Asked.of("insertEdges", "Edges on it", Station.EDGE, new Limits(Quantity.RATIO, 1, 12), "3", "3")),
    PER_EDGE(
            Asked.of("threadsPerEdge", "Threads an edge cuts", Station.EDGE, new Limits(Quantity.RATIO, 1, 10_000)),
            value(cut -> cut.job().edge().perEdgeOrUsual())),
    HELD(Asked.pick("threadHeld", "Work held", Station.REACH, "chuck", Options.of("way of holding", Hold.values()))),
    STICK_OUT(
            Asked.of("threadStickOut", "Work out of the chuck", Station.REACH, Entry.length(1, 4000)),
            value(ThreadCut::stickOutMm)),
    BAR_MATERIAL(Asked.pick("barMaterial", "Bar of", Station.REACH, "steel", StockChoices.barMaterials())),
    BAR(
            Asked.of("threadBar", "Bar in the hole", Station.REACH, Entry.length(1, 200)),
            of(ThreadCut::bar, bar -> bar.barMm())),
    BAR_POINT(
            Asked.of("threadPoint", "Point from the bar’s axis", Station.REACH, Entry.length(0.5, 200)),
            of(ThreadCut::bar, bar -> bar.pointMm())),
    BAR_BELOW(
            Asked.of("threadBarBelow", "Bar’s axis below the point", Station.REACH, Entry.length(0, 100), "0 mm", "0")),
    BAR_OUT(
            Asked.of("threadBarOut", "Clamp to point", Station.REACH, Entry.length(2, 2000)),
            where(cut -> cut.bar().isPresent(), cut -> cut.inBar().barOutMm())),
    WAY(Asked.pick("threadWay", "Fed in", Station.REACH, "half-less", Options.of("way of feeding in", Way.values()))),
    STEPS(Asked.pick(
            "threadSteps", "Passes take", Station.REACH, "area", Options.of("way of sharing", Steps.values()))),
    PASSES(
            Asked.of("threadPasses", "Passes", Station.REACH, new Limits(Quantity.RATIO, 1, 200)),
            value(cut -> cut.depthsMm().size())),
    SPRING(
            Asked.of("threadSpring", "Spring passes", Station.REACH, new Limits(Quantity.RATIO, 0, 10))
                    .asTheShopHas(),
            value(ThreadCut::spring)),
    SPEED(
            Asked.of("threadSpeed", "Spindle speed", Station.REACH, new Limits(Quantity.SPINDLE_SPEED, 1, 20000)),
            value(ThreadCut::rpm)),
    WIRE(
            Asked.of("threadWire", "Wire", Station.MAKE, Entry.length(0.05, 30)),
            value(cut -> cut.wires().wireMm()));

    private final Asked asked;
    private final Shown<ThreadCut> shown;

    ThreadField(Asked asked) {
        this(asked, nothing());
    }

    ThreadField(Asked asked, Shown<ThreadCut> shown) {
        this.asked = asked;
        this.shown = shown;
    }

    @Override
    public Asked asked() {
        return asked;
    }

    @Override
    public Shown<ThreadCut> shown() {
        return shown;
    }
}
