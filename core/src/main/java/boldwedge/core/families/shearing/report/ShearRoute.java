package boldwedge.core.families.shearing.report;

import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.shearing.entry.ShearField;
import boldwedge.core.families.shearing.model.ShearCut;
import boldwedge.core.families.shearing.model.ShearJob;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.CuttingFluid;
import boldwedge.core.language.stock.CuttingFluid.Manner;
import boldwedge.core.planning.MakeStep;
import java.util.List;

/** How the tool is ground and the work shaved, step by step with its reasons. */
record ShearRoute(ShearCut cut, UnitFormat say, Scene work, Scene edge, Scene touch) {
    List<MakeStep> steps() {
        return List.of(side(), front(), stone(), before(), set(), shave(), next());
    }

    private ShearJob job() {
        return cut.job();
    }

    private MakeStep side() {
        double slope = job().edge().slopeRad();
        return MakeStep.of(
                        "side",
                        "Grind the side",
                        edge,
                        List.of(
                                "Rest tilted by " + say.angle(slope)
                                        + ", the bit’s left side to the wheel, so that the top loses most and the foot is left standing.",
                                "Over the whole height, from the end back as far as the bit is wide."),
                        "The side leans the other way round from a common bit’s: its foot leads, and the chip goes over this face.",
                        "A protractor on the side: " + say.angle(slope) + " out of square.")
                .measuring(ShearField.SLOPE, say.angle(slope), List.of())
                .shown(Working.of(
                                "Off the top's corner",
                                "h · tan(θ)",
                                mm(job().bit().heightMm() * Math.tan(slope)))
                        .with("h", "bit", mm(job().bit().heightMm()).fromTable())
                        .with("θ", "slope", rad(slope))
                        .told(say))
                .cautioned("Glasses, rest close to the wheel. Cool high-speed steel often, and not in a shock.");
    }

    private MakeStep front() {
        double front = job().edge().frontRad();
        return MakeStep.of(
                        "front",
                        "Grind the front last",
                        edge,
                        List.of(
                                "Rest level. Swing the bit by " + say.angle(front)
                                        + " so that the front falls back from the side just ground.",
                                "Until the corner of the two is clean from top to foot."),
                        "This face takes the regrinds: " + say.length(ShearCut.regrindMm())
                                + " off it makes every stretch fresh, and the slope stays.",
                        "Square on the base against the front: upright. The edge shows no light spot.")
                .measuring(ShearField.FRONT, say.angle(front), List.of());
    }

    private MakeStep stone() {
        return MakeStep.of(
                        "stone",
                        "Stone both faces",
                        edge,
                        List.of(
                                "A fine stone flat on each face, along the edge; the last strokes on the front.",
                                "Until it shaves a thumbnail."),
                        "What the edge looks like, the work will: a wheel’s scratches are copied.",
                        "Under a loupe no burr and no notch.")
                .cautioned("The corner draws blood.");
    }

    private MakeStep before() {
        return MakeStep.of(
                "before",
                "Turn it for shaving",
                work,
                List.of(
                        "To " + say.length(cut.beforeMm()) + ", round and straight, finish "
                                + say.ra(job().beforeRaMm()) + " or better.",
                        "Leave it in its holding."),
                "A shear tool mends neither size nor form. What it leaves deeper than it takes stays to be seen.",
                "A micrometer at both ends and in two places round.");
    }

    private MakeStep set() {
        String where = ShearScenes.against(cut.topMm(), say) + ".";
        return MakeStep.of(
                "set",
                "Set its height",
                touch,
                List.of(
                        "Bit square to the work, its top " + where,
                        "Then stretch " + cut.stretch() + " of " + cut.stretches() + " touches with its middle, "
                                + say.length(Math.abs(job().edge().touchMm())) + " under centre.",
                        "Foot " + say.length(cut.aheadMm()) + " ahead of the edge: stop so far before a shoulder."),
                "Off that height it cuts with a corner, or with the next stretch.",
                "Blue on the work: it wipes off in the middle of the stretch.");
    }

    private MakeStep shave() {
        String oil = CuttingFluid.of(job().work(), Manner.HEAVY).brush()
                + (job().work().group().equals("O") ? " Catch the chip, it winds." : "");
        return MakeStep.of(
                        "shave",
                        "Shave it",
                        work,
                        List.of(
                                say.rpm(cut.cutting().rpm()) + ", feed "
                                        + say.feed(cut.cutting().feedMm()) + ", " + say.length(cut.depthMm())
                                        + " deep, "
                                        + (cut.passes() == 1 ? "one pass" : cut.passes() + " passes") + ", about "
                                        + say.time(cut.passMinutes()) + " each.",
                                oil,
                                "Do not stop in the cut, and do not go back over it with the tool in."),
                        "Hair-fine chips slide off along the edge; what squeals is too deep.",
                        "A fingernail does not catch. Ra by gauge or by comparison with " + say.ra(cut.likelyRaMm())
                                + ".")
                .cautioned(
                        "Chips like hair cut and wind: a brush or a hook, the spindle standing. Push a brush towards the headstock, never a rag.");
    }

    private MakeStep next() {
        return MakeStep.of(
                "next-stretch",
                "When it dulls: another stretch",
                touch,
                List.of(
                        "Move the bit up or down by " + say.length(job().bit().heightMm() / cut.stretches())
                                + " and write the dull one down.",
                        "Fresh ones: " + cut.freshAbove() + " above, " + cut.freshBelow()
                                + " below. When none is left, grind the front."),
                "Only a few millimetres of the edge were used.",
                "The finish is as it was.");
    }
}
