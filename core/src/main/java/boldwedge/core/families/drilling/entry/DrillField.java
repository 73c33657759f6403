package boldwedge.core.families.drilling.entry;

import static boldwedge.core.planning.Shown.*;

import boldwedge.core.families.drilling.model.DrillCut;
import boldwedge.core.families.drilling.model.DrillJob.Ground;
import boldwedge.core.families.drilling.model.DrillJob.Purpose;
import boldwedge.core.families.drilling.model.DrillJob.Start;
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

/** What a drilled hole is asked, in order. Ids shared with other families mean the same there. */
public enum DrillField implements CutEntry<DrillCut> {
    OPERATION(Asked.pick(
            "operation",
            "Operation",
            Station.CUT,
            "drill",
            Options.of("operation", new Choice("drill", "drill", "a hole with a twist drill")))),
    MATERIAL(Asked.pick("material", "Material", Station.CUT, "steel-low-carbon", StockChoices.materials())),
    PURPOSE(Asked.pick("holeFor", "The hole is", Station.CUT, "hole", Options.of("purpose", Purpose.values()))),
    SIZE(Asked.of("drillSize", "Hole wanted", Station.CUT, Entry.length(0.3, 80), "9 mm", "3/8")),
    SCREW(Asked.pick("drillScrew", "Screw", Station.CUT, "M8", "5/16-18", StockChoices.screws())),
    DEPTH(Asked.of("drillDepth", "Depth at full diameter", Station.CUT, Entry.length(0.3, 2000), "25 mm", "1")),
    BOTTOM(Asked.pick(
            "drillBottom",
            "Bottom",
            Station.CUT,
            "through",
            Options.of("bottom", new Choice("through", "through"), new Choice("blind", "blind")))),
    LATHE(Asked.machine("lathe", "Machine")),
    SET(Asked.pick("drillSet", "Drills", Station.CUT, "metric-tenths", "index", StockChoices.drillSets())),
    DRILL(
            Asked.of("drill", "Drill", Station.EDGE, Entry.length(0.2, 80)),
            value(cut -> cut.drill().diameterMm())),
    POINT(Asked.of("drillPoint", "Point angle", Station.EDGE, Entry.degrees(60, 160), "118°", "118°")),
    GROUND(Asked.pick(
            "drillGround", "Drill ground", Station.EDGE, "machine", Options.of("way of grinding", Ground.values()))),
    START(Asked.pick("drillStart", "Started", Station.EDGE, "centred", Options.of("start", Start.values()))),
    PILOT(Asked.of("drillPilot", "Pilot hole", Station.EDGE, Entry.length(0, 79), "0 mm", "0")
            .orBetter()),
    ENGAGEMENT(
            Asked.of("engagement", "Depth of thread", Station.EDGE, new Limits(Quantity.RATIO, 0.3, 1)),
            where(cut -> cut.job().purpose() == Purpose.TAP, cut -> cut.engagement(cut.targetMm()))),
    FLUTES(
            Asked.of("drillFlutes", "Length of flutes", Station.REACH, Entry.length(2, 1000))
                    .asTheShopHas(),
            value(DrillCut::flutesMm)),
    WALL(Asked.of("drillWall", "Metal along it", Station.REACH, Entry.length(0, 2000))),
    OUTSIDE(Asked.of("outside", "Outside of the work", Station.CUT, Entry.length(1, 2000))),
    STICK_OUT(
            Asked.of("stickOut", "Free length of work", Station.REACH, Entry.length(0.5, 4000)),
            value(DrillCut::stickOutMm)),
    HANDLE(
            Asked.of("tailHandle", "One turn of the tailstock’s handle", Station.REACH, Entry.length(0.5, 200)),
            value(cut -> cut.job().handleMm())),
    FEED(Asked.of("drillFeed", "Feed", Station.REACH, new Limits(Quantity.FEED, 0.002, 1.5)), value(DrillCut::feedMm)),
    SPEED(
            Asked.of("drillSpeed", "Spindle speed", Station.REACH, new Limits(Quantity.SPINDLE_SPEED, 1, 30000)),
            value(DrillCut::rpm)),
    COUNT(Asked.of("drillHoles", "Holes", Station.MAKE, new Limits(Quantity.RATIO, 1, 10_000), "1", "1"));

    private final Asked asked;
    private final Shown<DrillCut> shown;

    DrillField(Asked asked) {
        this(asked, nothing());
    }

    DrillField(Asked asked, Shown<DrillCut> shown) {
        this.asked = asked;
        this.shown = shown;
    }

    @Override
    public Asked asked() {
        return asked;
    }

    @Override
    public Shown<DrillCut> shown() {
        return shown;
    }
}
