package boldwedge.core.families.flycutting.report;

import boldwedge.core.families.flycutting.entry.FlyField;
import boldwedge.core.families.flycutting.model.FlyCut;
import boldwedge.core.families.flycutting.model.FlyJob;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.mechanics.holder.TNut;
import boldwedge.core.planning.MakeStep;
import boldwedge.core.rule.TNutSteps;
import java.util.List;

/** How the bit is ground and the surface planed, step by step with its reasons. */
record FlyRoute(FlyCut cut, UnitFormat say, Scene above, Scene head, Scene stand) {
    List<MakeStep> steps() {
        return job().onSlide()
                ? List.of(grind(), mount(), fence(), touch(), pass(), turnOver(), proof())
                : List.of(grind(), mount(), tram(), touch(), pass(), proof());
    }

    private FlyJob job() {
        return cut.job();
    }

    private MakeStep grind() {
        return MakeStep.of(
                        "grind",
                        "Grind the bit",
                        head,
                        List.of(
                                "As for turning, the other hand where it runs the other way: clearance "
                                        + say.angle(cut.reliefRad()) + ", rake " + say.angle(job().rakeRad())
                                        + ", nose "
                                        + say.length(job().noseMm()) + ".",
                                "The heel taken off below as well: a bit "
                                        + say.length(job().bit().widthMm()) + " thick follows a chord of the circle."),
                        "At the cut its seat makes that " + say.angle(cut.clearanceRad()) + " and "
                                + say.angle(cut.rakeRad()) + "; the circle takes " + say.angle(cut.heelRad()) + ".",
                        "A protractor off the bit’s side; the nose by a radius gauge.")
                .measuring(FlyField.RELIEF, say.angle(cut.reliefRad()), List.of())
                .cautioned("Glasses, rest close to the wheel; cool high-speed steel often.");
    }

    private MakeStep mount() {
        return MakeStep.of(
                        "mount",
                        "Mount the cutter",
                        stand,
                        List.of(
                                "Bit out by " + say.length(job().outMm()) + ", sweeping " + say.length(cut.sweptMm())
                                        + ", two screws tight.",
                                job().onSlide()
                                        ? "Cutter in the spindle’s taper with a drawbar, or in the four-jaw chuck; never in the taper alone."
                                        : "Cutter drawn up by the drawbar; collet clean.",
                                "Turned by hand, all the way round: nothing strikes."),
                        "Every turn is a blow: what is not drawn up works out.",
                        "Screws tried again after the first pass.")
                .cautioned("A bit that flies kills: two screws, guard up, stand out of its plane.");
    }

    private MakeStep tram() {
        return MakeStep.of(
                "tram",
                "Set the spindle square",
                stand,
                List.of(
                        "An indicator in the spindle, swept over " + say.length(job().tramOverMm()) + " on the table.",
                        "Up to " + say.length(cut.mayReadMm())
                                + " from side to side along the feed is flat enough; across it less matters.",
                        "Vice jaw along the feed by the same indicator."),
                "A spindle that leans cuts a hollow.",
                "Read once more when all is clamped.");
    }

    private MakeStep fence() {
        return MakeStep.of(
                        "fence",
                        "Angle plate and fence",
                        stand,
                        List.of(
                                "Angle plate bolted to the cross-slide, square to the spindle by an indicator on its face along the slide.",
                                TNutSteps.line(
                                        TNut.of(
                                                job().lathe()
                                                        .slide()
                                                        .slot(job().lathe().swingMm()),
                                                say.units()),
                                        say),
                                "A square bar that is known bolted to it as a fence, along the slide.",
                                "The block against plate and fence, bolted or strapped in two places, paper under it on both sides."),
                        "The slide feeds across, the carriage sets the depth: by the lead screw’s handle, half nut shut, or by an indicator.",
                        "How far the slide goes is more than " + say.length(job().lengthMm() + cut.sweptMm())
                                + ", or it is done in two settings.")
                .cautioned("Bolted, not held by one screw. Turned by hand first, the slide right through its travel.");
    }

    private MakeStep touch() {
        return MakeStep.of(
                "touch",
                "Touch and set the depth",
                stand,
                List.of(
                        job().sharpLead()
                                ? "File a chamfer on the far edge first, or feed in from both sides."
                                : "The far edge is chamfered: file it first where it is not.",
                        "Turn by hand until the bit just wipes blue off the highest place. Dial to zero.",
                        say.length(cut.depthMm()) + " a pass, and a skim at the end."),
                "Where the bit leaves a sharp edge, it breaks it out.",
                "Blue wiped off in one place only.");
    }

    private MakeStep pass() {
        return MakeStep.of(
                        "pass",
                        "Plane it",
                        above,
                        List.of(
                                say.rpm(cut.cutting().rpm()) + ", "
                                        + say.feed(cut.cutting().feedMm()) + " a turn, "
                                        + (cut.laps() == 1 ? "one lap" : cut.laps() + " laps") + ", about "
                                        + say.time(cut.passMinutes()) + " a pass.",
                                (job().onSlide()
                                                ? "Slide and carriage locked but for the one that feeds"
                                                : "Table locked but for the way that it feeds")
                                        + "; feed by hand even, never stop in the cut.",
                                "Louder pass by pass: the bit creeps out. Stop, measure, tighten; touch anew before the last skim."),
                        "The bit is in the work for " + say.share(cut.inTheWork()) + " of a turn, and enters with "
                                + say.force(cut.blowN()) + ".",
                        "A rule over it, held to the light.")
                .cautioned("No hand near it until it stands. Chips by a brush. Guard between it and you.");
    }

    private MakeStep turnOver() {
        return MakeStep.of(
                "turn-over",
                "The other sides, against the same stop",
                stand,
                List.of(
                        "First face to the plate, burrs off, against the same fence: lock everything before the block is turned over.",
                        "Second side square to the first by the fence; third and fourth against the first two.",
                        "Check across the corners: readings a and b over a length: (a − b) / length out of square."),
                "Each side is made from one that is known.",
                "A square on two sides; a micrometer at four corners.");
    }

    private MakeStep proof() {
        return MakeStep.of(
                "try",
                "Look at it",
                above,
                List.of(
                        "Marks that cross both ways: the spindle stands square. One way only: it leans.",
                        "A straight edge across: hollow by " + say.length(job().flatMm()) + " at the most.",
                        "Write down what was seen under Prove."),
                "The marks tell more than the indicator.",
                "Finish by comparison with " + say.ra(job().raMm()) + ".");
    }
}
