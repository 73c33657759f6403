package boldwedge.core.families.grooving.entry;

import static boldwedge.core.planning.Shown.*;

import boldwedge.core.families.grooving.model.Groove.Purpose;
import boldwedge.core.families.grooving.model.Groove.Side;
import boldwedge.core.families.grooving.model.GrooveCut;
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

/** What a groove is asked, in order. Ids shared with other families mean the same there. */
public enum GrooveField implements CutEntry<GrooveCut> {
    OPERATION(Asked.pick(
            "operation",
            "Operation",
            Station.CUT,
            "ring-groove",
            Options.of(
                    "operation",
                    new Choice("ring-groove", "groove for", "a ring, a seal, a relief; with a ground bit")))),
    PURPOSE(Asked.pick(
            "grooveFor", "Groove for", Station.CUT, "circlip-shaft", Options.of("purpose", Purpose.values()))),
    MATERIAL(Asked.pick("material", "Material", Station.CUT, "steel-low-carbon", StockChoices.materials())),
    AROUND(Asked.of("grooveAround", "Diameter", Station.CUT, Entry.length(2, 600), "30 mm", "30 mm")),
    CORD(Asked.of("ringCord", "Cord of the O-ring", Station.CUT, Entry.length(0.5, 12), "2.62 mm", ".103")),
    GAP(Asked.of("sealGap", "Between the parts, on the diameter", Station.CUT, Entry.length(0, 2), "0.1 mm", ".004")),
    PITCH(Asked.of("reliefPitch", "Pitch of the thread", Station.CUT, Entry.length(0.2, 8), "1.5 mm", ".0625")),
    RADIUS(
            Asked.of("undercutRadius", "Radius at the shoulder", Station.CUT, Entry.length(0.1, 5)),
            where(
                    cut -> cut.job().groove().undercut().isPresent(),
                    cut -> cut.job().groove().undercut().orElseThrow().radiusMm())),
    WIDTH(
            Asked.of("grooveWidth", "Width of the groove", Station.CUT, Entry.length(0.3, 200)),
            value(cut -> cut.job().groove().widthMm())),
    TOLERANCE(Asked.of("grooveTolerance", "Tolerance of its width", Station.CUT, "H13")),
    BOTTOM(
            Asked.of("grooveBottom", "Groove down to", Station.CUT, Entry.length(0.5, 1000)),
            where(
                    cut -> cut.job().groove().side() != Side.FACE,
                    cut -> cut.job().groove().bottomMm())),
    DEPTH(
            Asked.of("grooveDepth", "Depth in the face", Station.CUT, Entry.length(0.1, 60)),
            where(
                    cut -> cut.job().groove().side() == Side.FACE,
                    cut -> cut.job().groove().depthMm())),
    BESIDE(Asked.of("grooveBeside", "From the groove to the end", Station.CUT, Entry.length(0, 500))),
    AT(Asked.of("grooveAt", "From the jaws to the groove", Station.CUT, Entry.length(0, 2000), "20 mm", "3/4")),
    HOLD(Asked.pick("hold", "Work held", Station.CUT, "chuck", Options.of("way of holding", Hold.values()))),
    STICK_OUT(Asked.of("stickOut", "Free length of work", Station.CUT, Entry.length(0.5, 4000), "40 mm", "1-1/2")),
    LATHE(Asked.lathe("lathe", "Lathe")),
    BIT(Asked.pick("grooveBit", "Bit", Station.EDGE, "hss-8mm", "hss-5-16", StockChoices.squares())
            .orBetter()),
    TIP(
            Asked.of("grooveTip", "Width of the edge, as ground", Station.EDGE, Entry.length(0.3, 25)),
            value(GrooveCut::tipMm)),
    RAKE(Asked.of("grooveRake", "Rake", Station.EDGE, Entry.degrees(-10, 30)), value(GrooveCut::rakeRad)),
    FRONT(Asked.of("grooveFront", "Front clearance", Station.EDGE, Entry.degrees(1, 25), "7°", "7°")),
    SIDE(Asked.of("grooveSide", "Side clearance, each", Station.EDGE, Entry.degrees(0, 12)), value(GrooveCut::sideRad)),
    OUTER(
            Asked.of("grooveOuter", "Outer side leans back", Station.EDGE, Entry.degrees(0, 60)),
            where(cut -> cut.job().groove().side() == Side.FACE, GrooveCut::outerRad)),
    CORNER(Asked.of("grooveCorner", "Corners", Station.EDGE, Entry.length(0, 5)), value(GrooveCut::cornerMm)),
    OUT(Asked.of("grooveOut", "Edge out of its root", Station.EDGE, Entry.length(0.3, 80)), value(GrooveCut::outMm)),
    BAR(
            Asked.of("grooveBar", "Bar that carries it", Station.REACH, Entry.length(3, 150)),
            where(cut -> cut.job().groove().side() == Side.INSIDE, GrooveCut::barMm)),
    BAR_REACH(
            Asked.of("grooveReach", "Clamp to the bit", Station.REACH, Entry.length(3, 800)),
            where(cut -> cut.job().groove().side() == Side.INSIDE, GrooveCut::barReachMm)),
    FEED(
            Asked.of("grooveFeed", "Feed of a plunge", Station.REACH, new Limits(Quantity.FEED, 0.002, 0.5)),
            value(GrooveCut::feedMm)),
    SPEED(
            Asked.of("speed", "Spindle speed", Station.REACH, new Limits(Quantity.SPINDLE_SPEED, 1, 20000)),
            value(GrooveCut::rpm)),
    DWELL(
            Asked.of("grooveDwell", "Turns at the bottom", Station.REACH, new Limits(Quantity.RATIO, 0, 50)),
            value(cut -> cut.job().dwell()));

    private final Asked asked;
    private final Shown<GrooveCut> shown;

    GrooveField(Asked asked) {
        this(asked, nothing());
    }

    GrooveField(Asked asked, Shown<GrooveCut> shown) {
        this.asked = asked;
        this.shown = shown;
    }

    @Override
    public Asked asked() {
        return asked;
    }

    @Override
    public Shown<GrooveCut> shown() {
        return shown;
    }
}
