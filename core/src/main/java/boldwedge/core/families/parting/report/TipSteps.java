package boldwedge.core.families.parting.report;

import boldwedge.core.families.parting.model.PartCut;
import boldwedge.core.families.parting.model.PartJob;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.Blade;
import boldwedge.core.planning.MakeStep;
import java.util.ArrayList;
import java.util.List;

/** Grinding and setting a parting tip. */
final class TipSteps {
    private TipSteps() {}

    /** The whole of it for a blade that is bought with its sides: front, top, setting. */
    static List<MakeStep> all(PartCut cut, UnitFormat say, Scene drawing) {
        return List.of(grind(cut, say, drawing), set(cut, say, drawing));
    }

    static MakeStep grind(PartCut cut, UnitFormat say, Scene drawing) {
        PartJob job = cut.job();
        if (job.blade().section() == Blade.Section.INSERT) {
            return MakeStep.of(
                            "tip",
                            "Seat the insert",
                            drawing,
                            List.of(
                                    "Blow the seat clean; press the insert home with its key or a soft drift.",
                                    "It must not rock: a seat that was crushed once lets go again."),
                            "Its angles come ground.",
                            "No light under the insert.")
                    .cautioned("Glasses on: carbide chips.");
        }
        List<String> lines = new ArrayList<>();
        if (job.blade().section() == Blade.Section.GROUND) {
            lines.add("Both sides: " + say.length(job.widthMm()) + " at the edge, " + say.angle(cut.sideRad())
                    + " each way behind it and as much downward, " + say.length(job.depthMm() + 1.5)
                    + " long, a round inner corner.");
        } else if (cut.sideRad() > 0) {
            lines.add("Sides: touch both behind the edge to " + say.angle(cut.sideRad())
                    + " if the blade has none of its own, no more than half of its height down.");
        }
        lines.add("Front: " + say.angle(cut.reliefRad()) + ", "
                + (job.leadRad() == 0
                        ? "square to the blade."
                        : "at " + say.angle(Math.abs(job.leadRad())) + ", the corner towards "
                                + (job.leadRad() > 0 ? "the piece" : "the chuck") + " ahead."));
        lines.add("Top: " + say.angle(cut.rakeRad())
                + (job.hollow()
                        ? ", hollowed lengthwise with the wheel's corner so that the chip folds inward."
                        : ", flat."));
        return MakeStep.of(
                        "tip",
                        "Grind the tip",
                        drawing,
                        lines,
                        "The edge is the widest place: everything behind and below it falls away.",
                        "Square and rule across the edge; caliper: nowhere wider than at the edge.")
                .cautioned(
                        "Glasses and face shield on; look the wheel over, ring it, guards in place, rest within 3 mm.",
                        job.blade().tool().caution());
    }

    private static MakeStep set(PartCut cut, UnitFormat say, Scene drawing) {
        PartJob job = cut.job();
        return MakeStep.of(
                        "set",
                        "Set it",
                        drawing,
                        List.of(
                                say.length(job.overhangMm()) + " from the clamp to the edge, no more.",
                                "Square to the axis: indicator along the blade's side, or its side against the chuck's face.",
                                "Height to the axis: face a scrap and look for the pip."),
                        "Length, square and height decide before the cut begins.",
                        "Indicator along the side, pip on a scrap.")
                .cautioned("Spindle stopped, power off, while you set it.");
    }
}
