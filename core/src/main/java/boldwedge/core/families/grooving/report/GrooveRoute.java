package boldwedge.core.families.grooving.report;

import boldwedge.core.families.grooving.entry.GrooveField;
import boldwedge.core.families.grooving.model.Groove;
import boldwedge.core.families.grooving.model.Groove.Side;
import boldwedge.core.families.grooving.model.GrooveCut;
import boldwedge.core.families.grooving.model.GrooveJob;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.CuttingFluid;
import boldwedge.core.language.stock.CuttingFluid.Manner;
import boldwedge.core.planning.MakeStep;
import java.util.ArrayList;
import java.util.List;

/** How the bit is ground and the groove cut, step by step with its reasons. */
record GrooveRoute(GrooveCut cut, UnitFormat say, Scene section, Scene bit, Scene stand) {
    List<MakeStep> steps() {
        List<MakeStep> steps = new ArrayList<>(List.of(sides(), front()));
        if (groove().side() == Side.FACE) {
            steps.add(outer());
        }
        steps.addAll(List.of(corners(), set(), plunge()));
        if (cut.plunges() > 1) {
            steps.add(beside());
        }
        steps.add(proof());
        return steps;
    }

    private GrooveJob job() {
        return cut.job();
    }

    private Groove groove() {
        return job().groove();
    }

    private MakeStep sides() {
        return MakeStep.of(
                        "sides",
                        "Grind both sides",
                        bit,
                        List.of(
                                "Rest tilted by " + say.angle(cut.sideRad())
                                        + ", the bit swung by as much: back from the edge downwards and towards the shank.",
                                "To " + say.length(cut.tipMm()) + " at the edge, " + say.length(cut.outMm()) + " long.",
                                cut.plunges() == 1
                                        ? "Its width is the groove’s: grind it a hundredth wide and stone it to size."
                                        : "Any width near that does: the steps are worked out from what it measures."),
                        "Sides before the front: the edge is then clean over its whole width.",
                        "A micrometer over the edge: the widest place of the bit.")
                .measuring(GrooveField.TIP, say.length(cut.tipMm()), List.of())
                .cautioned("Glasses, rest close to the wheel. A slim edge heats at once: dip it often.");
    }

    private MakeStep front() {
        return MakeStep.of(
                        "front",
                        "Grind front and top",
                        bit,
                        List.of(
                                "Front square to the bit, " + say.angle(job().frontRad()) + " back below.",
                                Math.abs(cut.rakeRad()) < 1e-6
                                        ? "Top left flat: here no rake digs in."
                                        : "Rake " + say.angle(cut.rakeRad()) + " into the top, no deeper than needed."),
                        "A front out of square makes a slanting floor.",
                        "A small square on the bit’s side.")
                .measuring(GrooveField.FRONT, say.angle(job().frontRad()), List.of());
    }

    private MakeStep outer() {
        return MakeStep.of(
                        "outer",
                        "Grind the outer side back under the edge",
                        bit,
                        List.of(
                                "Leaned by " + say.angle(cut.outerRad()) + ", or rounded to less than "
                                        + say.length(groove().aroundMm() / 2)
                                        + ", from just under the edge down to the foot.",
                                "The edge itself keeps its width."),
                        "Under the edge the groove’s outer wall comes round towards it.",
                        "It drops into a ring of that size, or a circle drawn on card, without touching.")
                .measuring(GrooveField.OUTER, say.angle(cut.outerRad()), List.of());
    }

    private MakeStep corners() {
        if (groove().undercut().isPresent()) {
            return form();
        }
        return MakeStep.of(
                "corners",
                "Stone it",
                bit,
                List.of(
                        "Corners " + say.length(cut.cornerMm()) + " with a stone, both alike.",
                        "Front and sides along the edge, until no burr is felt."),
                groove().purpose().circlip()
                        ? "A ring sits against its groove’s side: large corners lift it off."
                        : "What is sharp in a floor’s corner cuts the seal, or starts a crack.",
                "Under a loupe both corners are alike.");
    }

    /** A shoulder's undercut has two unlike corners. */
    private MakeStep form() {
        boolean whole = cut.plunges() == 1;
        return MakeStep.of(
                        "form",
                        whole ? "Grind its two corners" : "Grind the corner at the shoulder",
                        bit,
                        List.of(
                                "Round " + say.length(cut.cornerMm())
                                        + " on the side that meets the shoulder; a radius gauge against the light.",
                                whole
                                        ? "The other side at 15° over the last " + say.length(groove().runOutMm())
                                                + ": that is the run-out."
                                        : "The other corner only broken: the run-out is cut by the top slide, swung to 15°.",
                                "Stone front, radius and sides, until no burr is felt."),
                        "The radius takes the notch away, the run-out lets a wheel leave without a step.",
                        "Under a loupe: round and slope run into the flat without a corner.")
                .measuring(GrooveField.CORNER, say.length(cut.cornerMm()), List.of());
    }

    private MakeStep set() {
        List<String> lines = new ArrayList<>();
        lines.add("On centre, square to the work: a straight edge on its face, or a try square off the chuck.");
        if (groove().side() == Side.INSIDE) {
            lines.add("On a bar of " + say.length(cut.barMm()) + ", clamped " + say.length(cut.barReachMm())
                    + " from the bit, the carriage locked.");
        } else {
            lines.add(
                    groove().side() == Side.FACE
                            ? "Its outer corner at " + say.length(groove().aroundMm())
                                    + " across, the cross-slide locked."
                            : groove().undercut().isPresent()
                                    ? "Its rounded side just touching the shoulder, a slip of paper between: then the carriage locked."
                                    : "At " + say.length(job().atMm()) + " from the jaws, the carriage locked.");
        }
        lines.add(
                "Square it by its side against the chuck’s face, or by a square from a trued face: no light all along.");
        lines.add("Touch the work with it and set the dial to zero.");
        return MakeStep.of(
                "set",
                "Set it",
                stand,
                lines,
                "Under centre it digs in, over it rubs; out of square it cuts a groove wider than itself.",
                "Both corners touch at once: two bright lines alike.");
    }

    private MakeStep plunge() {
        return MakeStep.of(
                        "plunge",
                        "Plunge",
                        section,
                        List.of(
                                say.rpm(cut.rpm()) + ", " + say.feed(cut.feedMm()) + ", to "
                                        + say.length(groove().depthMm()) + " on a side"
                                        + (cut.plunges() > 1
                                                        && groove().purpose().oring()
                                                ? " less a tenth for the last cut along the floor."
                                                : "."),
                                CuttingFluid.of(job().work(), Manner.HEAVY).brush()
                                        + " Out and clear the chip where it jams.",
                                job().dwell() + " turns at the bottom, then out at once."),
                        "It springs off while it is fed; a turn or two cut that away, more only sing.",
                        groove().side() == Side.FACE
                                ? say.length(groove().depthMm()) + " by a depth gauge."
                                : say.length(groove().bottomMm()) + " across the bottom.")
                .cautioned("A wide edge grabs slender work and throws it: speed down, shield on, hands off the chuck.");
    }

    private MakeStep beside() {
        boolean seal = groove().purpose().oring();
        return MakeStep.of(
                "beside",
                seal ? "Side steps, then along the floor" : "Side steps",
                section,
                List.of(
                        (cut.plunges() - 1) + " more, each " + say.length(cut.stepMm())
                                + " on by the slide’s dial, the slack taken up the same way.",
                        groove().undercut().isPresent()
                                ? "Away from the shoulder, each to the same floor; then out to the shaft with the top slide at 15°."
                                : seal
                                        ? "The last tenth of the floor in one cut along it, from one side to the other, and stop before the far side."
                                        : "The last plunge decides the width: measure before it."),
                "The step is the width wanted less the edge as ground, shared out: " + say.length(cut.stepMm()) + ".",
                "Width by a gauge or the ring itself.");
    }

    private MakeStep proof() {
        String with = groove().purpose().circlip()
                ? "the ring"
                : groove().purpose().oring() ? "a piece of the cord" : "a gauge";
        return MakeStep.of(
                "try",
                "Try it with " + with,
                section,
                List.of(
                        "Width in two places, bottom or depth, corners.",
                        "Edges broken with a fine file: no burr stays where a seal or a ring goes over it.",
                        "Write down what was measured under Prove."),
                "A groove is right when what goes in it sits.",
                groove().purpose().circlip() ? "The ring springs in and turns by hand." : "It goes in to the bottom.");
    }
}
