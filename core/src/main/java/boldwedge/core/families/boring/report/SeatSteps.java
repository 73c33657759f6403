package boldwedge.core.families.boring.report;

import static boldwedge.core.families.boring.entry.BoreField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.boring.model.BarEnd;
import boldwedge.core.families.boring.model.BarHeld;
import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.families.boring.model.BoreJob;
import boldwedge.core.families.boring.model.Bottom;
import boldwedge.core.families.boring.model.Making;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.finding.Step;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.DrillTable;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.Insert;
import boldwedge.core.language.stock.ScrewSize;
import boldwedge.core.language.stock.Span;
import boldwedge.core.language.stock.StockCatalogue;
import boldwedge.core.language.stock.WorkMaterial;
import boldwedge.core.mechanics.hole.DrilledSizes;
import boldwedge.core.mechanics.hole.Pecks;
import boldwedge.core.mechanics.hole.TwistDrill;
import boldwedge.core.mechanics.rigidity.Bar;
import boldwedge.core.mechanics.rigidity.BarSection;
import boldwedge.core.planning.MakeStep;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Making the seat of a bar's cutter: the cross-hole of a bit with what locks it, or the pocket of an insert. */
final class SeatSteps {
    private static final double REAM_MM = 0.2;
    private static final double ROD_SHORT_MM = 0.5;
    /** Threads of the push rod's screw reach this many diameters in. */
    private static final double THREAD = 2.2;
    /** The screw's hole stands off the insert's by this, towards the pocket's corner, so that it draws the insert in. */
    private static final double DRAW_IN_MM = 0.15;

    /** What bars are drilled of, as far as the thrust goes. */
    private static final WorkMaterial DRILLED =
            StockCatalogue.shipped().workMaterial("steel-low-carbon").orElseThrow();

    private final BoreCut cut;
    private final BoreJob job;
    private final Making making;
    private final UnitFormat say;
    private final Scene drawing;
    private final AsMade asMade;

    SeatSteps(BoreCut cut, UnitFormat say, Scene drawing) {
        this.cut = cut;
        this.job = cut.job();
        this.making = job.making();
        this.say = say;
        this.drawing = drawing;
        this.asMade = new AsMade(cut, say);
    }

    /** The screw that locks a bit of this width: about two thirds of it, of the shop's series. */
    static ScrewSize screw(double bitMm, UnitSystem system) {
        double most = bitMm <= 3.2 ? 2.5 : bitMm <= 5 ? 3 : bitMm <= 6.5 ? 4 : bitMm <= 8 ? 5 : 6;
        return StockCatalogue.shipped().screwAtMost(system == UnitSystem.METRIC ? most : 1.08 * most, system);
    }

    MakeStep crossHole() {
        double w = job.bit().widthMm();
        double from = BarEnd.crossing(job.drawn());
        boolean leaning = !BarEnd.square(job);
        double thrust =
                TwistDrill.usual(w - REAM_MM).lipThrustN(DRILLED, TwistDrill.HAND_FEED_SHARE * (w - REAM_MM), 0);
        double stout = droop(job.barMm(), thrust);
        double necked = job.necked() ? droop(job.neckMm(), thrust) : stout;
        double surface = from - making.drawnBarMm() / 2 / Math.tan(job.bitAngleRad());
        List<String> lines = new ArrayList<>();
        if (leaning) {
            lines.add("Vise or angle plate at " + say.angle(job.bitAngleRad())
                    + " to the drill; the hole's axis crosses the bar's " + say.length(from) + " from the end.");
            lines.add(
                    surface > w / 2
                            ? "It comes in " + say.length(surface) + " from the end at the surface."
                            : "It comes in at the very end: leave " + say.length(w - surface)
                                    + " of stock there while you drill, and face it off after.");
        } else {
            lines.add("Vee block under the drill, the bar's axis under the spindle; hole " + say.length(from)
                    + (job.held() == BarHeld.CENTRES ? " from the headstock's end." : " from the end."));
        }
        lines.add("Centre drill, then drill " + say.length(w - REAM_MM) + " right through; ream " + say.length(w)
                + ". For a square bit broach or file the corners after.");
        double over = DrilledSizes.wellDrilled(w - REAM_MM).chanceOver(REAM_MM);
        if (over > 0.02) {
            lines.add(
                    "In " + Math.round(100 * over)
                            + " of a hundred such holes the drill leaves the reamer nothing: try it in scrap, or take the next drill below.");
        }
        if (job.necked()) {
            lines.add("Before the nose is necked: after it the nose would bend " + say.length(necked)
                    + " under the drill instead of " + say.length(stout) + ".");
        }
        return MakeStep.of(
                        "cross-hole",
                        "Drill and ream the cross-hole",
                        drawing,
                        lines,
                        job.necked()
                                ? "The full bar bears the drill; a necked one bends under it and the hole comes out crooked."
                                : "While both ends still serve to hold it.",
                        "A pin through the hole, square (or at its angle) to the bar; distance to the end over the pin.")
                .measuring(
                        MADE_CROSS,
                        say.length(from),
                        asMade.judge(from, making.crossMm(), "cross-hole", crossWords(from)))
                .cautioned("Clamp it; a drill breaking through a bar grabs and spins what is held by hand.")
                .opening(
                        "Work the reamed hole out: " + say.length(w),
                        opened(Map.of(
                                "operation", "ream",
                                "reamSize", Written.exact(Quantity.LENGTH, w),
                                "reamDepth", Written.exact(Quantity.LENGTH, job.barMm()))))
                .shown(
                        thrustWorking(w - REAM_MM, thrust),
                        Working.of("Bend under it, drilled in the full bar", "F · c", mm(stout))
                                .with("F", newtons(thrust))
                                .with("c", "as a beam over the nose's length", mmPerNewton(stout / thrust))
                                .meaning("; necked first " + say.length(necked))
                                .told(say));
    }

    /** What a hole in the bar is asked: the bar's own steel, not the work's. */
    private Map<String, String> opened(Map<String, String> hole) {
        Map<String, String> fields = new HashMap<>(hole);
        fields.put("material", job.barMaterial().id().startsWith("drill-rod") ? "silver-steel" : "steel-medium-carbon");
        return fields;
    }

    /** How the thrust of a drill comes about. */
    private Step thrustWorking(double drillMm, double thrust) {
        return Working.of(
                        "Thrust of the drill in low-carbon steel, two lips",
                        "t · kc · d · (f / 2 · sin(59°)) · (f / 2 · sin(59°) / 1 mm)^(−mc)",
                        newtons(thrust))
                .with(
                        "t",
                        "thrust over cutting force",
                        number(TwistDrill.THRUST_SHARE).fromTable())
                .with("kc", mpa(DRILLED.kc11MPa()).fromTable())
                .with("mc", number(DRILLED.mc()).fromTable())
                .with("d", mm(drillMm))
                .with(
                        "f",
                        "by hand",
                        mmPerRev(TwistDrill.HAND_FEED_SHARE * drillMm).assumed())
                .told(say);
    }

    private String crossWords(double from) {
        if (making.crossMm().isEmpty()) {
            return "";
        }
        double shift = making.crossMm().getAsDouble() - from;
        return job.bottom() == Bottom.THROUGH || job.held() == BarHeld.CENTRES
                ? "It only moves the point along the bar."
                : "The point now leads the bar's end by " + say.length(BarEnd.leadsBy(job)) + " ("
                        + say.length(Math.abs(shift)) + (shift > 0 ? " less)." : " more).");
    }

    MakeStep lockScrew() {
        ScrewSize m = screw(job.bit().widthMm(), say.units());
        boolean rod = job.rodHoleMm() > 0;
        return step(
                        "lock-screw",
                        rod ? "Tap the far end for the rod's screw" : "Drill and tap for the locking screw",
                        List.of(
                                "Drill " + drill(m.tapDrillMm())
                                        + ", tap " + m.name() + " × " + say.length(m.pitchMm())
                                        + (rod
                                                ? ", " + say.length(THREAD * m.threadMm()) + " deep from the far end."
                                                : job.held() == BarHeld.CENTRES
                                                        ? ", from the side into the cross-hole, square to the bit."
                                                        : ", from the end into the cross-hole, or square to the bit from the side."),
                                "Turn the tap by hand in a blind hole; back it off each half turn. Start it in the drill chuck so that it stands true.",
                                "Flat-ended screw"
                                        + (rod
                                                ? ": a cone would drill the rod."
                                                : ", or a brass slug under it: it does not mark the bit.")),
                        "While there is metal all round to hold the bar by.",
                        "A screw runs to the cross-hole by hand.",
                        List.of("Never power-tap a small blind hole; a broken tap in the bar is the end of the bar."),
                        List.of(Working.of("Tapping drill", "d − P", mm(m.tapDrillMm()))
                                .with("d", mm(m.threadMm()).fromTable())
                                .with("P", mm(m.pitchMm()).fromTable())
                                .told(say)))
                .opening(
                        "Work the tapped hole out: " + m.name(),
                        opened(Map.of(
                                "operation",
                                "drill",
                                "holeFor",
                                "tap",
                                "drillScrew",
                                m.name(),
                                "drillDepth",
                                Written.exact(Quantity.LENGTH, THREAD * m.threadMm()))));
    }

    MakeStep rodHole() {
        double d = job.rodHoleMm();
        double cross = BarEnd.crossing(job);
        double w = job.bit().widthMm();
        double depth = job.barLengthMm() - cross + w / 2 - making.rodMarginMm();
        List<Double> pecks = Pecks.depths(d, depth);
        Span wander = TwistDrill.usual(d).wanderMm(depth);
        double wall = (Math.min(job.barMm(), job.necked() ? job.neckMm() : job.barMm()) - d) / 2;
        return step(
                        "rod-hole",
                        "Drill along the bar for the push rod",
                        List.of(
                                "In the lathe, from the far end: centre, then " + say.length(d) + " drill, "
                                        + say.length(depth)
                                        + " deep in " + pecks.size() + " pecks: first " + say.length(pecks.getFirst())
                                        + (pecks.size() > 1
                                                ? ", then about " + say.length(d) + " each, less as it goes deeper"
                                                : "")
                                        + "; clear the chips every time.",
                                "At its end it may have run off by " + say.length(wander.low()) + " to "
                                        + say.length(wander.high()) + ": a wall is left for that.",
                                "It breaks into the cross-hole and stops " + say.length(making.rodMarginMm())
                                        + " short of its far wall: a stop on the tailstock, not the eye.",
                                "Wall left in the nose: " + say.length(wall) + "."),
                        "A long drill wanders; it does so least in a bar that is still full.",
                        "A rod of the drill's size falls in to the mark.",
                        List.of(
                                "Small drills break when packed: pecks, oil, and no more speed than chips come freely at."),
                        List.of(Working.of("Depth", "L − x + w / 2 − m", mm(depth))
                                .with("L", "length of the bar", mm(job.barLengthMm()))
                                .with("x", "cross-hole", mm(cross))
                                .with("w", "its width", mm(w))
                                .with("m", "left of its far wall", mm(making.rodMarginMm()))
                                .told(say)))
                .opening(
                        "Work the long hole out: " + say.length(d),
                        opened(Map.of(
                                "operation",
                                "drill",
                                "holeFor",
                                "hole",
                                "drillSize",
                                Written.exact(Quantity.LENGTH, d),
                                "drillDepth",
                                Written.exact(Quantity.LENGTH, depth))));
    }

    MakeStep rod() {
        ScrewSize m = screw(job.bit().widthMm(), say.units());
        double mark = job.barLengthMm() - BarEnd.crossing(job) - job.bit().widthMm() / 2;
        double length = mark - THREAD * m.threadMm() - ROD_SHORT_MM;
        return step(
                "rod",
                "Make the push rod",
                List.of(
                        "Rod " + say.length(job.rodHoleMm() - 0.1)
                                + ", free in its hole; push it against the bit and scribe it flush with the end: about "
                                + say.length(mark) + ".",
                        "Cut it " + say.length(mark - length) + " short of the mark, to " + say.length(length)
                                + ": room for the screw and its pull.",
                        Math.abs(job.bitAngleRad() - Math.PI / 2) < 1e-6
                                ? "Ends flat and square, edges broken."
                                : "Its end towards the bit a ball, half the rod’s diameter in radius, or a cone of "
                                        + say.angle(Math.PI / 2 - job.bitAngleRad())
                                        + ": the bit leans, and a flat end would bear on its corner alone. The other end flat and square."),
                "Drawn tight it preloads the joint; a push test before and after tightening tells what it adds.",
                "The screw grips before it bottoms.",
                List.of(),
                List.of(Working.of("Length", "l − s − a", mm(length))
                        .with("l", "to the mark", mm(mark))
                        .with("s", "the screw", mm(THREAD * m.threadMm()))
                        .with("a", "for its pull", mm(ROD_SHORT_MM).assumed())
                        .told(say)));
    }

    MakeStep grindBit() {
        double length = BoreCut.reach(job) / Math.sin(job.bitAngleRad())
                + 0.45 * (job.necked() ? job.neckMm() : job.barMm()) / Math.sin(job.bitAngleRad());
        return MakeStep.of(
                        "bit",
                        "Grind and set the bit",
                        drawing,
                        List.of(
                                "Cut the " + job.bit().name() + " to " + say.length(length)
                                        + "; it must not stand out behind.",
                                "Clearance to the bore "
                                        + say.angle(cut.signature().endRelief()) + ", along "
                                        + say.angle(cut.signature().sideRelief()) + "; rake across "
                                        + say.angle(cut.signature().backRake()) + ", along "
                                        + say.angle(cut.signature().sideRake()) + "; lead "
                                        + say.angle(cut.signature().sideCuttingEdge()) + ", trailing "
                                        + say.angle(cut.signature().endCuttingEdge()) + "; nose "
                                        + say.length(cut.signature().noseRadiusMm()) + ".",
                                "Set the point " + say.length(BoreCut.reach(job))
                                        + " from the bar's axis and lock it."),
                        "The bit is ground last, to the bar that came out.",
                        "Smallest hole it enters: " + say.length(2 * BoreFitFindings.smallestRadius(cut)) + ".")
                .measuring(
                        MADE_BAR,
                        say.length(making.drawnBarMm()),
                        asMade.judge(making.drawnBarMm(), making.barMm(), "shank", asMade.giveWords()))
                .cautioned(
                        "Glasses and face shield on; look the wheel over, ring it, guards in place, rest within 3 mm.");
    }

    /** The pocket of an insert, milled into the bar's end, and its screw. */
    MakeStep pocket(Insert insert) {
        double tilt = BarEnd.pocketTilt(cut);
        double tip = BarEnd.tipMm(job);
        double down = BarEnd.seatDepthMm(job, insert);
        ScrewSize m = insertScrew(insert, say.units());
        double from = BarEnd.crossing(job.drawn());
        return MakeStep.of(
                        "pocket",
                        "Mill the insert's pocket",
                        drawing,
                        List.of(
                                "Bar level in the vise, its end " + say.length(insert.circleMm() + 2) + " proud"
                                        + (tilt > 0
                                                ? "; table or vise tipped by " + say.angle(tilt)
                                                        + ": the seat falls away from the cutting edge."
                                                : "."),
                                "Mill the end flat, " + say.length(down) + " down from the top, for "
                                        + say.length(insert.circleMm() + 1) + ": under the insert "
                                        + say.length(tip - down) + " are left.",
                                "Two walls meet at " + say.angle(insert.pointRad())
                                        + " behind the corner that cuts; relieve their corner with a "
                                        + say.length(
                                                Math.max(1, insert.nosesMm().getLast()))
                                        + " drill so that the insert's own corner touches nothing.",
                                "Screw " + say.length(from) + " from the end and " + say.length(DRAW_IN_MM)
                                        + " nearer to the walls than the insert's hole: drill "
                                        + drill(m.tapDrillMm())
                                        + ", tap " + m.name() + " × " + say.length(m.pitchMm()) + "."),
                        "The seat decides the height and the clearance; it is cut while the bar is still easy to hold.",
                        "Insert screwed down: no light under it, no rock; its face "
                                + (Math.abs(job.aheadMm()) < 1e-9
                                        ? "at the bar's axis."
                                        : say.length(Math.abs(job.aheadMm()))
                                                + (job.aheadMm() > 0 ? " above" : " below") + " the bar's axis."))
                .measuring(
                        MADE_CROSS, say.length(from), asMade.judge(from, making.crossMm(), "screw", crossWords(from)))
                .cautioned("Small end mills and taps break in tough bar stock: light cuts, oil, no hand feed by feel.")
                .shown(
                        Working.of("Depth of the seat", "d / 2 − a + t", mm(down))
                                .with("d", mm(tip))
                                .with("a", "face ahead of the axis", mm(job.aheadMm()))
                                .with("t", "thickness", mm(insert.thicknessMm()).fromTable())
                                .told(say),
                        Working.of("Tilt", "α − i", rad(tilt))
                                .with(
                                        "α",
                                        "clearance in the bar",
                                        rad(cut.signature().endRelief()))
                                .with(
                                        "i",
                                        "the insert's",
                                        rad(insert.clearanceRad()).fromTable())
                                .told(say),
                        Working.of("Tapping drill", "d − P", mm(m.tapDrillMm()))
                                .with("d", mm(m.threadMm()).fromTable())
                                .with("P", mm(m.pitchMm()).fromTable())
                                .told(say));
    }

    /** Screw for an insert of this circle (holes 2.8 and 4.4 mm after ISO 6987). */
    private static ScrewSize insertScrew(Insert insert, UnitSystem system) {
        return StockCatalogue.shipped().screwAtMost(insert.circleMm() < 8 ? 2.55 : 4.2, system);
    }

    /** A drill as the shop calls it, with its size where the name does not tell it. */
    private String drill(double diameterMm) {
        return say.drill(DrillTable.nearest(diameterMm, say.units()));
    }

    /** Screws the insert in and sets its corner. */
    MakeStep setInsert(Insert insert) {
        return MakeStep.of(
                        "insert",
                        "Screw the insert in and set its corner",
                        drawing,
                        List.of(
                                insert.name() + ", corner "
                                        + say.length(cut.signature().noseRadiusMm())
                                        + ". Blow the pocket clean; turn the screw home by hand, no more than its small key gives.",
                                "Its corner stands " + say.length(BarEnd.leadsBy(job)) + " ahead of the bar's end and "
                                        + say.length(BoreCut.reach(job)) + " from the axis."),
                        "An edge that came ground: the bar only carries it.",
                        "Smallest hole it enters: " + say.length(2 * BoreFitFindings.smallestRadius(cut)) + ".")
                .measuring(
                        MADE_BAR,
                        say.length(making.drawnBarMm()),
                        asMade.judge(making.drawnBarMm(), making.barMm(), "shank", asMade.giveWords()))
                .cautioned("Carbide chips fly: glasses on; never strike an insert.");
    }

    /** Deflection of a round nose under a drill at its end, mm. */
    private double droop(double diameterMm, double thrust) {
        double length = Math.max(4, job.necked() ? job.neckLengthMm() : BarEnd.crossing(job));
        return thrust
                * Bar.uniform(BarSection.plain(length, diameterMm, 0, job.barMaterial()))
                        .barCompliance();
    }

    private MakeStep step(
            String id,
            String title,
            List<String> lines,
            String why,
            String check,
            List<String> cautions,
            List<Step> working) {
        return MakeStep.of(id, title, drawing, lines, why, check)
                .with(step -> step.cautions(cautions).working(working));
    }
}
