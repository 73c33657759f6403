package boldwedge.core.families.drilling.report;

import boldwedge.core.families.drilling.model.DrillCut;
import boldwedge.core.families.drilling.model.DrillJob;
import boldwedge.core.families.drilling.model.DrillJob.Ground;
import boldwedge.core.families.drilling.model.DrillJob.Start;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.CuttingFluid;
import boldwedge.core.language.stock.CuttingFluid.Manner;
import boldwedge.core.planning.MakeStep;
import java.util.ArrayList;
import java.util.List;

/** How a hole is drilled, step by step. */
record DrillRoute(DrillCut cut, UnitFormat say, Scene drawing) {
    private static final double SHORT_START = 2;

    List<MakeStep> steps() {
        DrillJob job = cut.job();
        double d = cut.drill().diameterMm();
        List<MakeStep> steps = new ArrayList<>();
        if (job.ground() != Ground.MACHINE) {
            steps.add(grind());
        }
        steps.add(face());
        if (job.start() != Start.BARE) {
            steps.add(start());
        }
        if (cut.screwsIn()) {
            steps.add(lips());
        }
        if (job.pilotMm() > 0) {
            steps.add(MakeStep.of(
                    "pilot",
                    "Pilot hole",
                    drawing,
                    List.of(say.length(job.pilotMm()) + ", as deep as the hole, at "
                            + say.rpm(Math.min(
                                    job.lathe().speeds().fastest(), cut.rpm() * d / Math.max(job.pilotMm(), 0.5)))
                            + " or the next speed below."),
                    "The web presses and does not cut; with its way open the drill needs about half the thrust and keeps its line.",
                    "It runs true: watch the drill's end, it must not sway."));
        }
        if (cut.flutesMm() > 1.5 * cut.drill().jobberFlutesMm()) {
            steps.add(MakeStep.of(
                    "short-first",
                    "A short drill of the same size first",
                    drawing,
                    List.of("Down to " + say.length(4 * d) + " with a jobber or stub drill of " + say.length(d) + "."),
                    "A long drill bends at its start and goes where it bends to; in a hole that is there it follows.",
                    "The long drill enters without touching one side."));
        }
        steps.add(drill());
        steps.add(MakeStep.of(
                "measure",
                "Measure it",
                drawing,
                List.of(
                        "At the mouth and as deep as the gauge reaches, two ways across.",
                        "Write both under Prove: the shop’s own spread comes from them."),
                "A drill tells its truth only in the hole.",
                "Likely " + say.length(cut.drill().diameterMm() + cut.over().lowMm()) + " to "
                        + say.length(cut.drill().diameterMm() + cut.over().highMm()) + "."));
        steps.add(MakeStep.of(
                        "deburr",
                        "Break the edges",
                        drawing,
                        List.of("A light countersink at the mouth" + (job.through() ? " and where it came out." : ".")),
                        "A burr cuts fingers and keeps a face from seating.",
                        "A fingernail does not catch.")
                .cautioned("The burr where it came out is a knife: file or brush, not a finger."));
        if (job.purpose() == DrillJob.Purpose.TAP) {
            steps.add(tap());
        }
        return steps;
    }

    private MakeStep lips() {
        return MakeStep.of(
                        "lips",
                        "Take the bite off the lips",
                        drawing,
                        List.of(
                                "A stone flat along each lip's face, in line with the axis: a land of "
                                        + say.length(0.3) + " or so without rake.",
                                "Both alike. For steel the drill is ground sharp again."),
                        "In such stuff a lip with rake pulls: the drill screws itself in and snaps or spins the work.",
                        "The chip comes as crumbs, and the drill has to be fed.")
                .cautioned("Clamp the work: it grabs most as it breaks through.");
    }

    private MakeStep tap() {
        DrillJob job = cut.job();
        String name = job.screw().orElseThrow().name();
        List<String> lines = new ArrayList<>();
        lines.add(name
                + ", started true: the tap in the " + (job.lathe().mill() ? "spindle" : "tailstock")
                + "’s chuck or its end on a centre there, turned by hand.");
        lines.add(
                job.through()
                        ? "A tapered tap right through."
                        : "Plug tap first, then a bottoming one; chips out between them. Mark the depth on the tap.");
        lines.add(
                cut.job().work().group().equals("K") || cut.screwsIn()
                        ? "Chips break by themselves: clear them."
                        : "Back half a turn at each turn to break the chip.");
        lines.add(CuttingFluid.of(job.work(), Manner.HEAVY).brush());
        return MakeStep.of(
                        "tap",
                        "Tap it",
                        drawing,
                        lines,
                        "A tap that starts crooked cuts on one side and breaks.",
                        "The screw goes in by hand all the way.")
                .cautioned(
                        "A tap breaks like glass: glasses on, and no motor in a blind hole without a holder that slips.");
    }

    private MakeStep grind() {
        return MakeStep.of(
                        "grind",
                        "Grind the drill",
                        drawing,
                        List.of(
                                "Point " + say.angle(cut.drill().pointRad()) + " in all; each lip "
                                        + say.angle(cut.drill().pointRad() / 2) + " to the axis, clearance 8° to 12°.",
                                "Both lips to one length: within "
                                        + say.length(0.005 * cut.drill().diameterMm() + 0.02) + "."),
                        "A lip that is longer by some makes the hole larger by about twice that, and pulls it off line.",
                        "Against a gauge or a rule on both sides; the chisel edge stands in the middle.")
                .cautioned("Glasses on, guard and rest close to the wheel; dip it often, blue is soft.");
    }

    private MakeStep face() {
        return MakeStep.of(
                "flat",
                "A flat, clean entry",
                drawing,
                List.of("Face the end; where the surface slopes, file or mill a flat as wide as the drill first."),
                "The lip that touches first pushes the drill aside.",
                "Square by eye; no scale where the lips enter.");
    }

    private MakeStep start() {
        boolean centre = cut.job().start() == Start.CENTRED;
        double d = cut.drill().diameterMm();
        return MakeStep.of(
                "start",
                centre ? "Centre it" : "Start with a short drill",
                drawing,
                List.of(
                        centre
                                ? "Centre drill until its cone is a little under " + say.length(d)
                                        + " wide; fast and light."
                                : "A short, stiff drill of " + say.length(d) + ", " + say.length(SHORT_START * d)
                                        + " deep."),
                "What starts on the axis stays near it; what starts beside it goes off with the square of the depth.",
                "The cone runs true.");
    }

    private MakeStep drill() {
        DrillJob job = cut.job();
        List<String> lines = new ArrayList<>();
        lines.add(DrilledHoleFindings.drill(cut, say) + " at " + say.rpm(cut.rpm()) + ", feed " + say.feed(cut.feedMm())
                + ": one turn of the handle every " + say.time(cut.handleTurnMinutes()) + ".");
        lines.add(
                say.number(cut.travelMm() / job.handleMm(), 1) + " turns of the handle from where the point touches.");
        if (cut.pecksMm().size() > 1) {
            lines.add("Out to clear chips at "
                    + String.join(
                            ", ",
                            cut.pecksMm().subList(0, cut.pecksMm().size() - 1).stream()
                                    .limit(10)
                                    .map(say::length)
                                    .toList())
                    + ".");
        }
        return MakeStep.of(
                        "drill",
                        "Drill",
                        drawing,
                        lines,
                        job.through()
                                ? "Ease off as the point comes out: the lips grab when the web no longer holds them back."
                                : "Depth counts from where the full diameter enters, not from where the point touches.",
                        "Chips come from both lips alike; the sound stays even.")
                .cautioned(
                        "Work and drill held so that neither can turn: no hand holds what a drill may grab.",
                        "Long chips wind up and whip: stop or break them, never pull them by hand; no gloves.");
    }
}
