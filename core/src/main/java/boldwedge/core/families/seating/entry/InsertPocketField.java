package boldwedge.core.families.seating.entry;

import static boldwedge.core.planning.Shown.*;

import boldwedge.core.families.seating.model.InsertPocketCut;
import boldwedge.core.families.seating.model.InsertPocketJob.Body;
import boldwedge.core.families.seating.model.InsertPocketJob.Height;
import boldwedge.core.language.finding.Station;
import boldwedge.core.planning.Asked;
import boldwedge.core.planning.Choice;
import boldwedge.core.planning.CutEntry;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.Options;
import boldwedge.core.planning.Shown;
import boldwedge.core.planning.StockChoices;

/** What an insert's seat is asked, in order. Ids shared with other families mean the same there. */
public enum InsertPocketField implements CutEntry<InsertPocketCut> {
    OPERATION(Asked.pick(
            "operation",
            "Operation",
            Station.CUT,
            "insert-holder",
            Options.of(
                    "operation",
                    new Choice("insert-holder", "make an insert’s holder", "mill a seat into a shank or a bar")))),
    BODY(Asked.pick("seatBody", "Body", Station.CUT, "shank", Options.of("body", Body.values()))),
    INSERT(Asked.pick("seatInsert", "Insert", Station.CUT, "insert-60-9", StockChoices.inserts())),
    ANGLE(Asked.of("seatAngle", "Edge angle wanted", Station.CUT, Entry.degrees(20, 135), "95°", "95°")),
    HEIGHT(Asked.of(
            "seatHeight", "Shank’s height, or bar’s diameter", Station.CUT, Entry.length(4, 120), "20 mm", "3/4")),
    WIDTH(Asked.of("seatWidth", "Shank’s width", Station.CUT, Entry.length(4, 120), "20 mm", "3/4")),
    LENGTH(Asked.of("seatLength", "Length", Station.CUT, Entry.length(15, 1500), "100 mm", "4")),
    THREAD_DEPTH(Asked.of(
            "seatThreadDepth", "Depth of an inside thread to cut", Station.CUT, Entry.length(0, 20), "0 mm", "0")),
    LATHE(Asked.machine("lathe", "Machine")),
    CIRCLE(
            Asked.of("seatCircle", "Inscribed circle", Station.EDGE, Entry.length(3, 40)),
            value(cut -> cut.job().insert().circleMm())),
    CORNER(
            Asked.of("seatCorner", "Corner", Station.EDGE, Entry.degrees(30, 100)),
            value(cut -> cut.job().insert().pointRad())),
    THICKNESS(
            Asked.of("seatThickness", "Thickness", Station.EDGE, Entry.length(1, 15)),
            value(cut -> cut.job().insert().thicknessMm())),
    NOSE(
            Asked.of("seatNose", "Nose radius", Station.EDGE, Entry.length(0, 3)),
            value(cut -> cut.job().noseMm())),
    INSERT_CLEARANCE(
            Asked.of("seatClearance", "Clearance of the insert", Station.EDGE, Entry.degrees(0, 30)),
            value(cut -> cut.job().insert().clearanceRad())),
    HOLE(Asked.of("seatHole", "Hole of the insert", Station.EDGE, Entry.length(1, 20)), value(InsertPocketCut::holeMm)),
    OLD_SET(Asked.of("oldSet", "Old holder: slide set to", Station.EDGE, Entry.degrees(0, 180))),
    OLD_WAY(Asked.of("oldWay", "Old holder: way along the edge", Station.EDGE, Entry.length(0.5, 100))),
    OLD_OFF(Asked.of("oldOff", "Old holder: indicator ran off", Station.EDGE, Entry.length(-50, 50))),
    SCHOOL(Asked.pick("seatSchool", "Height in a bar", Station.REACH, "top", Options.of("school", Height.values()))),
    EDGE_ABOVE(
            Asked.of("seatEdgeAbove", "Edge above the base", Station.REACH, Entry.length(2, 120)),
            value(InsertPocketCut::edgeMm)),
    OUT(
            Asked.of("seatOut", "Point from the bar’s axis", Station.REACH, Entry.length(2, 150)),
            value(InsertPocketCut::outMm)),
    TILT(
            Asked.of("seatTilt", "Clearance from tilting the seat", Station.REACH, Entry.degrees(0, 20)),
            value(InsertPocketCut::tiltRad)),
    CUTTER(Asked.of("seatCutter", "Cutter for the walls", Station.REACH, Entry.length(1, 40), "6 mm", "1/4")),
    RELIEF(
            Asked.of("seatRelief", "Cutter for the corner", Station.REACH, Entry.length(0.5, 20)),
            value(InsertPocketCut::reliefMm)),
    DRAW(Asked.of("seatDraw", "Screw drawn in by", Station.REACH, Entry.length(0, 1), "0.15 mm", ".006")),
    MADE_DEPTH(Asked.of("seatMadeDepth", "Floor below the top, as made", Station.MAKE, Entry.length(0.5, 80)));

    private final Asked asked;
    private final Shown<InsertPocketCut> shown;

    InsertPocketField(Asked asked) {
        this(asked, nothing());
    }

    InsertPocketField(Asked asked, Shown<InsertPocketCut> shown) {
        this.asked = asked;
        this.shown = shown;
    }

    @Override
    public Asked asked() {
        return asked;
    }

    @Override
    public Shown<InsertPocketCut> shown() {
        return shown;
    }
}
