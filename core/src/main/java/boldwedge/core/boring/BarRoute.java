package boldwedge.core.boring;

import boldwedge.core.ask.MakeStep;
import boldwedge.core.ask.Say;
import boldwedge.core.drawing.Scene;
import boldwedge.core.finding.Step;
import boldwedge.core.rigidity.Bar;
import boldwedge.core.rigidity.BarSection;
import boldwedge.core.rigidity.StressRaiser;
import boldwedge.core.stock.BarMaterial;
import boldwedge.core.stock.StockCatalogue;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * The making of a bar, from stock to finished, in an order that keeps each step possible: what must be drilled is drilled
 * while the bar is stout. Dimensions come from the design; what was made takes their place as it is typed.
 */
final class BarRoute {
    private static final double FACING_MM = 1.5;
    private static final double REAM_MM = 0.2;
    private static final double ROD_SHORT_MM = 0.5;
    /** Feed per turn of a hand-fed drill, as a share of its diameter. */
    private static final double DRILL_FEED_SHARE = 0.01;

    private final BoreCut cut;
    private final BoreJob job;
    private final Making making;
    private final Say say;
    private final Scene drawing;

    BarRoute(BoreCut cut, Say say, Scene drawing) {
        this.cut = cut;
        this.job = cut.job();
        this.making = job.making();
        this.say = say;
        this.drawing = drawing;
    }

    List<MakeStep> steps() {
        List<MakeStep> steps = new ArrayList<>();
        steps.add(ends());
        steps.add(crossHole());
        steps.add(lockScrew());
        if (job.rodHoleMm() > 0) {
            steps.add(rodHole());
        }
        if (job.necked()) {
            steps.add(neck());
        }
        if (job.rodHoleMm() > 0) {
            steps.add(rod());
        }
        steps.add(hardening());
        steps.add(grindBit());
        return steps;
    }

    /** The screw that locks a bit of this width: diameter and pitch of the metric coarse series, mm (ISO 261). */
    static double[] screw(double bitMm) {
        if (bitMm <= 3.2) {
            return new double[] {2.5, 0.45};
        }
        if (bitMm <= 5) {
            return new double[] {3, 0.5};
        }
        if (bitMm <= 6.5) {
            return new double[] {4, 0.7};
        }
        return bitMm <= 8 ? new double[] {5, 0.8} : new double[] {6, 1};
    }

    private MakeStep ends() {
        double length = making.drawnLengthMm();
        return step(
                "ends",
                "Face both ends, centre one",
                List.of(
                        "Saw off " + say.length(length + 2 * FACING_MM) + " of " + say.length(making.drawnBarMm()) + " "
                                + job.barMaterial().name().toLowerCase(java.util.Locale.ROOT) + ".",
                        "Face to " + say.length(length) + ".",
                        "Chamfer the nose end " + say.length(0.06 * job.barMm())
                                + " at 45°: it seats the centre drill on the slope of a leaning hole, and finds the bore.",
                        "Of several bars from one length: face and chamfer both ends first, then part them off between."),
                "Square ends are what every later length is measured from.",
                "Length; light across the ends on a square.",
                BoreField.MADE_LENGTH.id(),
                say.length(length),
                deviation(making.drawnLengthMm(), making.lengthMm(), "length", ""),
                List.of("Chuck key out. Deburr before you handle it."),
                List.of());
    }

    private MakeStep crossHole() {
        double w = job.bit().widthMm();
        double from = BarEnd.crossing(job.drawn());
        boolean leaning = job.bitAngleRad() < Math.toRadians(85);
        double thrust = thrust(w - REAM_MM);
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
                    + " from the end.");
        }
        lines.add("Centre drill, then drill " + say.length(w - REAM_MM) + " right through; ream " + say.length(w)
                + ". For a square bit broach or file the corners after.");
        if (job.necked()) {
            lines.add("Before the nose is necked: after it the nose would bend " + say.length(necked)
                    + " under the drill instead of " + say.length(stout) + ".");
        }
        return step(
                "cross-hole",
                "Drill and ream the cross-hole",
                lines,
                job.necked()
                        ? "The full bar bears the drill; a necked one bends under it and the hole comes out crooked."
                        : "While both ends still serve to hold it.",
                "A pin through the hole, square (or at its angle) to the bar; distance to the end over the pin.",
                BoreField.MADE_CROSS.id(),
                say.length(from),
                deviation(from, making.crossMm(), "cross-hole", crossWords(from)),
                List.of("Clamp it; a drill breaking through a bar grabs and spins what is held by hand."),
                List.of(
                        new Step(
                                "Thrust of the drill",
                                "kc · d/2 · f · sin 59°",
                                "d " + say.length(w - REAM_MM) + ", f " + say.length(DRILL_FEED_SHARE * w) + "/rev",
                                say.force(thrust)),
                        new Step(
                                "Bend under it, drilled before and after necking",
                                "F · c over the nose's length",
                                "",
                                say.length(stout) + " and " + say.length(necked))));
    }

    private String crossWords(double from) {
        if (making.crossMm().isEmpty()) {
            return "";
        }
        double shift = making.crossMm().getAsDouble() - from;
        return job.bottom() == Bottom.THROUGH
                ? "It only moves the point along the bar."
                : "The point now leads the bar's end by " + say.length(BarEnd.leadsBy(job)) + " ("
                        + say.length(Math.abs(shift)) + (shift > 0 ? " less)." : " more).");
    }

    private MakeStep lockScrew() {
        double[] m = screw(job.bit().widthMm());
        boolean rod = job.rodHoleMm() > 0;
        return step(
                "lock-screw",
                rod ? "Tap the far end for the rod's screw" : "Drill and tap for the locking screw",
                List.of(
                        "Drill " + say.length(m[0] - m[1]) + ", tap M" + say.number(m[0], 1) + " × "
                                + say.number(m[1], 2)
                                + (rod
                                        ? ", " + say.length(2.2 * m[0]) + " deep from the far end."
                                        : ", from the end into the cross-hole, or square to the bit from the side."),
                        "Turn the tap by hand in a blind hole; back it off each half turn. Start it in the drill chuck so that it stands true.",
                        "Flat-ended screw"
                                + (rod
                                        ? ": a cone would drill the rod."
                                        : ", or a brass slug under it: it does not mark the bit.")),
                "While there is metal all round to hold the bar by.",
                "A screw runs to the cross-hole by hand.",
                "",
                "",
                List.of(),
                List.of("Never power-tap a small blind hole; a broken tap in the bar is the end of the bar."),
                List.of(new Step("Tapping drill", "d − P", "M" + say.number(m[0], 1), say.length(m[0] - m[1]))));
    }

    private MakeStep rodHole() {
        double d = job.rodHoleMm();
        double cross = BarEnd.crossing(job);
        double w = job.bit().widthMm();
        double depth = job.barLengthMm() - cross + w / 2 - making.rodMarginMm();
        int pecks = 1 + (int) Math.max(0, Math.ceil((depth - 3 * d) / d));
        double wall = (Math.min(job.barMm(), job.necked() ? job.neckMm() : job.barMm()) - d) / 2;
        return step(
                "rod-hole",
                "Drill along the bar for the push rod",
                List.of(
                        "In the lathe, from the far end: centre, then " + say.length(d) + " drill, " + say.length(depth)
                                + " deep in " + pecks + " pecks: first " + say.length(Math.min(depth, 3 * d))
                                + ", then "
                                + say.length(d) + " each; clear the chips every time.",
                        "It breaks into the cross-hole and stops " + say.length(making.rodMarginMm())
                                + " short of its far wall: a stop on the tailstock, not the eye.",
                        "Wall left in the nose: " + say.length(wall) + "."),
                "A long drill wanders; it does so least in a bar that is still full.",
                "A rod of the drill's size falls in to the mark.",
                "",
                "",
                List.of(),
                List.of("Small drills break when packed: pecks, oil, and no more speed than chips come freely at."),
                List.of(new Step(
                        "Depth",
                        "length − cross-hole + w/2 − margin",
                        say.length(job.barLengthMm()) + " − " + say.length(cross) + " + " + say.length(w / 2) + " − "
                                + say.length(making.rodMarginMm()),
                        say.length(depth))));
    }

    private MakeStep neck() {
        double kt = StressRaiser.shoulderInBending(job.barMm(), job.neckMm(), making.blendMm());
        double sharp = StressRaiser.shoulderInBending(job.barMm(), job.neckMm(), 0);
        BoreCut whole = cut.with(job.barMm(), job.overhangMm());
        return step(
                "neck",
                "Neck the nose",
                List.of(
                        "Turn " + say.length(making.drawnNeckMm()) + " for " + say.length(job.neckLengthMm())
                                + " from the point, "
                                + (job.bitAngleRad() < Math.toRadians(85)
                                        ? "the centre in its end"
                                        : "a centre in its end")
                                + ", in light passes.",
                        "Leave a radius of " + say.length(making.blendMm()) + " at the shoulder: it raises the stress "
                                + say.number(kt, 2) + " times, a sharp corner " + say.number(sharp, 2) + " times.",
                        "Face the centre away last, or leave it for regrinding."),
                "Last of the turning: from here on the bar bends easily.",
                "Diameter at both ends of the nose: a taper there is push-off, take a spring pass.",
                BoreField.MADE_NECK.id(),
                say.length(making.drawnNeckMm()),
                deviation(making.drawnNeckMm(), making.neckMm(), "nose", giveWords(whole)),
                List.of("A broken-out cross-hole catches fingers and cloth: file its edges before you polish."),
                List.of(new Step(
                        "Stress at the shoulder",
                        "Kt = A (r/d)^b",
                        say.length(job.barMm()) + " to " + say.length(job.neckMm()) + ", r "
                                + say.length(making.blendMm()),
                        say.number(kt, 2) + " (sharp " + say.number(sharp, 2) + ")")));
    }

    private String giveWords(BoreCut now) {
        return "The hole comes out " + say.length(now.push().largestMm()) + " small at the first pass; "
                + say.length(job.allowedErrorMm()) + " is allowed.";
    }

    private MakeStep rod() {
        double[] m = screw(job.bit().widthMm());
        double mark =
                job.barLengthMm() - BarEnd.crossing(job) - job.bit().widthMm() / 2;
        double length = mark - 2.2 * m[0] - ROD_SHORT_MM;
        return step(
                "rod",
                "Make the push rod",
                List.of(
                        "Rod " + say.length(job.rodHoleMm() - 0.1)
                                + ", free in its hole; push it against the bit and scribe it flush with the end: about "
                                + say.length(mark) + ".",
                        "Cut it " + say.length(mark - length) + " short of the mark, to " + say.length(length)
                                + ": room for the screw and its pull.",
                        "Ends flat and square, edges broken."),
                "Drawn tight it preloads the joint; a push test before and after tightening tells what it adds.",
                "The screw grips before it bottoms.",
                "",
                "",
                List.of(),
                List.of(),
                List.of(new Step(
                        "Length",
                        "mark − screw − allowance",
                        say.length(mark) + " − " + say.length(2.2 * m[0]) + " − " + say.length(ROD_SHORT_MM),
                        say.length(length))));
    }

    private MakeStep hardening() {
        boolean hard = job.barMaterial().id().contains("hard");
        return step(
                "hardening",
                hard ? "Harden and temper" : "Harden it or not",
                List.of(
                        hard
                                ? "After all soft work: harden by its maker's table, temper at once to about 45 HRC; polish the bore of the cross-hole."
                                : "Leave it soft unless the cross-hole wears: a harder bar is no stiffer, all steels share one modulus.",
                        "Warm work grows and warps a little: try the bit in its hole before and after."),
                "Hardness buys threads that last and a surface that does not bruise, not stiffness.",
                "The bit slides in by hand and does not rock.",
                "",
                "",
                List.of(),
                hard
                        ? List.of(
                                "Quench oil burns: lid at hand, outdoors or under a hood, face shield and gloves; follow the steel maker's sheet and local rules.")
                        : List.of(),
                List.of());
    }

    private MakeStep grindBit() {
        double length = BoreCut.reach(job) / Math.sin(job.bitAngleRad())
                + 0.45 * (job.necked() ? job.neckMm() : job.barMm()) / Math.sin(job.bitAngleRad());
        return step(
                "bit",
                "Grind and set the bit",
                List.of(
                        "Cut the " + job.bit().name() + " to " + say.length(length) + "; it must not stand out behind.",
                        "Clearance to the bore " + say.angle(cut.signature().endRelief()) + ", along "
                                + say.angle(cut.signature().sideRelief()) + "; rake across "
                                + say.angle(cut.signature().backRake()) + ", along "
                                + say.angle(cut.signature().sideRake()) + "; lead "
                                + say.angle(cut.signature().sideCuttingEdge()) + ", trailing "
                                + say.angle(cut.signature().endCuttingEdge()) + "; nose "
                                + say.length(cut.signature().noseRadiusMm()) + ".",
                        "Set the point " + say.length(BoreCut.reach(job)) + " from the bar's axis and lock it."),
                "The bit is ground last, to the bar that came out.",
                "Smallest hole it enters: " + say.length(2 * BoreFitFindings.smallestRadius(cut)) + ".",
                BoreField.MADE_BAR.id(),
                say.length(making.drawnBarMm()),
                deviation(making.drawnBarMm(), making.barMm(), "shank", giveWords(cut)),
                List.of("Glasses and face shield on; look the wheel over, ring it, guards in place, rest within 3 mm."),
                List.of());
    }

    /** Whether what was made matters, in words; nothing while it is not made. */
    private List<String> deviation(double drawn, OptionalDouble made, String what, String effect) {
        if (made.isEmpty()) {
            return List.of();
        }
        double off = made.getAsDouble() - drawn;
        if (Math.abs(off) < 0.0005) {
            return List.of("As drawn.");
        }
        boolean worse = cut.push().largestMm() > job.allowedErrorMm() * 2;
        String head =
                String.format("The %s came out %s %s.", what, say.length(Math.abs(off)), off > 0 ? "over" : "under");
        String verdict = what.equals("length")
                ? " Lengths further on are reckoned from it."
                : " " + (worse ? "It matters: clamp it shorter, or take spring passes. " : "It does not matter. ")
                        + effect;
        return List.of(head + verdict);
    }

    /** Deflection of a round nose under a drill at its end, mm. */
    private double droop(double diameterMm, double thrust) {
        double length = Math.max(4, job.necked() ? job.neckLengthMm() : BarEnd.crossing(job));
        return thrust
                * Bar.uniform(BarSection.plain(length, diameterMm, 0, job.barMaterial()))
                        .barCompliance();
    }

    private static double thrust(double drillMm) {
        BarMaterial steel = StockCatalogue.shipped().barMaterial("steel").orElseThrow();
        // Specific force of a soft steel under a thin chip, about six times its yield.
        return 6 * steel.yieldMPa() * drillMm / 2 * DRILL_FEED_SHARE * drillMm * Math.sin(Math.toRadians(59));
    }

    private MakeStep step(
            String id,
            String title,
            List<String> lines,
            String why,
            String check,
            String measures,
            String target,
            List<String> judged,
            List<String> cautions,
            List<Step> working) {
        List<String> all = new ArrayList<>(lines);
        all.addAll(judged);
        return new MakeStep(id, title, List.copyOf(all), why, check, measures, target, cautions, working, drawing);
    }
}
