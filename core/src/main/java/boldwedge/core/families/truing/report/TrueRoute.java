package boldwedge.core.families.truing.report;

import boldwedge.core.families.truing.entry.TrueField;
import boldwedge.core.families.truing.model.TrueJob;
import boldwedge.core.families.truing.model.TrueUp;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.planning.MakeStep;
import java.util.List;

/** How work is set up, step by step with its reasons. */
record TrueRoute(TrueUp cut, UnitFormat say, Scene set, Scene side) {
    List<MakeStep> steps() {
        return switch (job().what()) {
            case TRUE_UP -> List.of(near(), jaws(), farEnd(), balance());
            case SQUARE_BLOCK -> List.of(base(), second(), over(), ends());
            case BORE_BLOCK -> List.of(face(), place(), drill(), ream(), pads());
        };
    }

    private TrueJob job() {
        return cut.job();
    }

    private MakeStep near() {
        return MakeStep.of(
                        "chuck-near",
                        "Near by eye",
                        set,
                        List.of(
                                "Jaws alike by the chuck’s rings; packing of soft metal where a finished face is held.",
                                "Or a centre’s point in a punch mark: within " + say.length(0.3) + "."),
                        "An indicator runs out of travel where it is not near.",
                        "Turned by hand, nothing strikes.")
                .cautioned("Heavy work: a board on the ways, help to lift it.");
    }

    private MakeStep jaws() {
        return MakeStep.of(
                        "chuck-jaws",
                        "By the indicator, pair by pair",
                        set,
                        List.of(
                                (cut.moveMm() >= 0
                                                ? "Highest reading at a jaw: the opposite one out by "
                                                : "Lowest reading at a jaw: the opposite one out by ")
                                        + say.angle(cut.turnRad())
                                        + ", this one in by as much: " + say.length(Math.abs(cut.moveMm())) + ".",
                                cut.rectangle()
                                        ? "Then the other pair by " + say.angle(cut.otherTurnRad())
                                                + "; each face at its nearest, until both of a pair read the same."
                                        : "Then the other pair; again until it swings by "
                                                + say.length(cut.wantedSwingMm()) + ".",
                                "The last hundredths by tightening only."),
                        "The middle lies off by half of what it swings.",
                        "Within " + say.length(job().withinMm()) + ", all jaws tight.")
                .measuring(TrueField.SWING, say.length(cut.wantedSwingMm()), List.of())
                .cautioned("Chuck key out before the switch.");
    }

    private MakeStep farEnd() {
        return MakeStep.of(
                "chuck-far",
                "The far end",
                side,
                List.of(
                        "It swings by " + say.length(job().farMm()) + " there: tap its high side with a soft hammer.",
                        "Then the jaws again, and the far end again."),
                "Jaws set where it is held, taps where it points.",
                "Both within " + say.length(job().withinMm()) + ".");
    }

    private MakeStep balance() {
        return MakeStep.of(
                        "chuck-balance",
                        "Balance it",
                        side,
                        List.of(
                                "Turned by hand it must stay where it is left; a weight opposite where it does not.",
                                "Slowest speed first; it pulls with " + say.force(cut.pullN()) + " at "
                                        + say.rpm(job().rpm()) + "."),
                        "The pull grows with the square of the speed.",
                        "The lathe does not walk or hum.")
                .cautioned("Out of its plane when it starts; weights bolted, never wired.");
    }

    private MakeStep base() {
        return MakeStep.of(
                        "block-base",
                        "The best face first",
                        set,
                        List.of(
                                job().byLathe()
                                        ? "The best face against the chuck’s face, drawn up by the jaws: face the one opposite."
                                        : "The best face against the fixed jaw, a soft rod at the moving one: cut the upper face.",
                                "That is face 1; everything is measured from it."),
                        "One true face makes the others true; a rod lets the block lie against the fixed jaw.",
                        "No light under a straight edge.")
                .cautioned("Burrs off before each turning over: they are sharp, and they tilt it.");
    }

    private MakeStep second() {
        return MakeStep.of(
                "block-second",
                "The second, square to it",
                set,
                List.of("Face 1 against the "
                        + (job().byLathe() ? "side of a jaw that was trued" : "fixed jaw, the rod behind")
                        + ": cut face 2."),
                "Square comes from the jaw, not from the rod.",
                "A square, or an indicator run up it: turned over it reads twice the error.");
    }

    private MakeStep over() {
        return MakeStep.of(
                        "block-over",
                        "Third and fourth, turned over",
                        side,
                        List.of(
                                "To " + say.length(job().wideMm()) + " and " + say.length(job().highMm()) + ".",
                                "Turned over it read " + say.length(job().overMm()) + ": " + say.length(cut.jawMm())
                                        + " of that is the jaw."),
                        "What reads twice on turning over is halved by shimming.",
                        "Parallel within " + say.length(job().withinMm()) + ".")
                .measuring(TrueField.OVER, say.length(job().withinMm()), List.of());
    }

    private MakeStep ends() {
        return MakeStep.of(
                "block-ends",
                "The ends",
                set,
                List.of("Upright by a square or an indicator; to " + say.length(job().longMm()) + "."),
                "Ends last: they are as square as the faces they stand between.",
                "All six by the square; edges broken.");
    }

    private MakeStep face() {
        return MakeStep.of(
                "post-face",
                "Bolt it to its post and set its face",
                side,
                List.of(
                        "At its working height; indicator along its face by the carriage: up to "
                                + say.length(cut.seatMayReadMm()) + " over " + say.length(job().seatOverMm()) + ".",
                        "It read " + say.length(job().seatMm()) + "."),
                "The hole lies along the bed by its making; the face only shows whether the block stands so again.",
                "Mark block and post: for this post, this seat, this height.");
    }

    private MakeStep place() {
        return MakeStep.of(
                "post-place",
                "The hole’s place",
                set,
                List.of("From the clamp screws scribed across; met with a point in the chuck, by the cross slide."),
                "It must lie under its screws: across it is where the slide puts it.",
                "The point in the scribed cross; cross slide locked.");
    }

    private MakeStep drill() {
        return MakeStep.of(
                        "post-drill",
                        "Drill it by the headstock",
                        set,
                        List.of(
                                "Centre drill in the chuck, a short drill, larger in steps; fed by the carriage.",
                                "Last drill " + say.length(cut.drillMm()) + "."),
                        "A short drill starts where the centre says; a long one wanders.",
                        "A long hole, or one drilled far off: bore it instead.")
                .cautioned("A drill that breaks through grabs: carriage by hand, slowly, bolts tight.");
    }

    private MakeStep ream() {
        return MakeStep.of(
                "post-ream",
                "Ream it to the measured bar",
                set,
                List.of("To " + say.length(cut.holeMm()) + ": the bar as measured and " + say.length(TrueUp.FREE_MM)
                        + "."),
                "A block is made to its bar, not to a nominal.",
                "Bar slides without shake. Loose: bush the block or turn a bar to suit, no foil. Tight: ream or lap on, never file.");
    }

    private MakeStep pads() {
        return MakeStep.of(
                "post-pads",
                "Split it, or its pads",
                side,
                List.of(
                        "Split to the hole and its clamp screws; or pads in and drawn up while it is drilled.",
                        "Then " + say.length(0.3) + " off each pad, so that they pull."),
                "Screws alone mark the bar and turn it aside.",
                "The bar held: " + say.force(cut.gripAlongN()) + " along it.");
    }
}
