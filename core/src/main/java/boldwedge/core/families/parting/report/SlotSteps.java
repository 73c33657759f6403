package boldwedge.core.families.parting.report;

import static boldwedge.core.families.parting.entry.PartField.*;
import static boldwedge.core.language.measure.Amount.mm;
import static boldwedge.core.language.measure.Amount.rad;

import boldwedge.core.families.parting.entry.PartField;
import boldwedge.core.families.parting.model.HolderDesign;
import boldwedge.core.families.parting.model.HolderGeometry;
import boldwedge.core.families.parting.model.HolderKind;
import boldwedge.core.families.parting.model.PartCut;
import boldwedge.core.families.parting.model.PartJob;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.Blade;
import boldwedge.core.mechanics.holder.SlotPasses;
import boldwedge.core.mechanics.holder.SlotPasses.Pass;
import boldwedge.core.planning.MakeStep;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** Milling the slot that a blade lies in: passes by the cutter's true width, depths, a touch before the last, its taper. */
final class SlotSteps {
    /** A slot drill cutting full width goes at most this part of its width deep at once. */
    private static final double DEPTH_SHARE = 0.25;
    /** Left for the last depth, after touching again, mm. */
    private static final double LAST_MM = 0.15;
    /** The plate, not the body, must bear on the blade's side. */
    private static final double PROUD_MM = 0.1;

    private final PartJob job;
    private final HolderDesign design;
    private final HolderGeometry geometry;
    private final UnitFormat say;
    private final Scene drawing;
    private final SlotPasses slot;

    SlotSteps(PartCut cut, UnitFormat say, Scene drawing) {
        this.job = cut.job();
        this.design = job.design();
        this.geometry = cut.geometry();
        this.say = say;
        this.drawing = drawing;
        this.slot = SlotPasses.of(geometry.drawnFloorMm(), geometry.drawnSlotMm(), design.cutterTrueMm());
    }

    /** How deep the slot goes into the side, mm. */
    double inMm() {
        return job.blade().heldMm() - (job.holder().split() ? 0 : PROUD_MM);
    }

    /** Depths from the side's skin at which the cutter passes, the last after touching again, mm. */
    static List<Double> depths(double inMm, double cutterMm) {
        double most = DEPTH_SHARE * cutterMm;
        double roughing = Math.max(0, inMm - LAST_MM);
        int steps = (int) Math.ceil(roughing / most - 1e-9);
        List<Double> depths = new ArrayList<>();
        for (int i = 1; i <= steps; i++) {
            depths.add(roughing * i / steps);
        }
        depths.add(inMm);
        return depths;
    }

    MakeStep rough() {
        List<String> lines = new ArrayList<>();
        lines.add(
                "Side with the slot up, its sole against the fixed jaw's stop. Touch the sole with the cutter's near side and set that dial to 0; all heights come up from there, so that the play stays on one side. Gone past: back a whole turn and come up again.");
        lines.add(
                "Cutter marked " + say.length(design.cutterMm()) + ", cuts " + say.length(design.cutterTrueMm()) + ".");
        for (Pass pass : slot.passes()) {
            if (!pass.finishing()) {
                lines.add("Rough at " + dial(pass.dialMm()) + ".");
            }
        }
        lines.add("Each in depths of "
                + String.join(
                        ", ",
                        depths(inMm(), design.cutterTrueMm()).stream()
                                .limit(Math.max(
                                        1, depths(inMm(), design.cutterTrueMm()).size() - 1))
                                .map(say::length)
                                .toList())
                + " from the skin; leave " + say.length(LAST_MM) + ".");
        lines.add("If the cutter must be changed: touch the sole again with the new one; its floor is then at "
                + say.length(slot.fromMm()) + " and its own true width, the top stays at "
                + say.length(slot.fromMm() + slot.widthMm()) + ".");
        double wrong = slot.widthIfLabelled(design.cutterMm()) - slot.widthMm();
        MakeStep step = MakeStep.of(
                        "slot-rough",
                        "Rough the slot",
                        drawing,
                        lines,
                        "The middle first and both walls left " + say.length(SlotPasses.LEFT_MM)
                                + ": a cutter buried on one side walks to the other.",
                        "Cutter measured by a cut in scrap, not by its label.")
                .cautioned(
                        "A cutter creeps down out of a worn or oily collet and spoils the depth: clean, dry, tight, and look at it again.",
                        "Brush chips out of the slot with the spindle stopped: a cap of chips breaks the cutter.")
                .shown(Working.of(
                                "Dial of the last pass, of " + slot.passes().size(),
                                "x + c / 2",
                                mm(slot.passes().getLast().dialMm()))
                        .with(
                                "x",
                                "axis of the cutter",
                                mm(slot.passes().getLast().axisMm()))
                        .with("c", "as it cuts", mm(slot.cutterMm()))
                        .told(say));
        return Math.abs(wrong) < 0.0005
                ? step
                : step.withLines(plus(
                        step.lines(),
                        "By its label the slot would have come out " + say.length(Math.abs(wrong))
                                + (wrong > 0 ? " too low" : " too high") + " inside."));
    }

    private static List<String> plus(List<String> lines, String more) {
        List<String> all = new ArrayList<>(lines);
        all.add(more);
        return List.copyOf(all);
    }

    /** A dial's position as turns and rest. */
    private String dial(double mm) {
        int turns = (int) Math.floor(mm / design.dialMm() + 1e-9);
        double rest = mm - turns * design.dialMm();
        return say.length(mm) + " (" + turns + " turn" + (turns == 1 ? "" : "s") + " and "
                + say.length(Math.abs(rest) < 1e-9 ? 0 : rest) + ")";
    }

    MakeStep floor() {
        Pass pass = slot.passes().stream().filter(Pass::finishing).findFirst().orElseThrow();
        PartField field = job.holder() == HolderKind.SIDE_BLOCK ? MADE_TAB : MADE_FLOOR;
        OptionalDouble made = job.holder() == HolderKind.SIDE_BLOCK ? design.tabFloorMm() : design.floorMm();
        return MakeStep.of(
                        "slot-floor",
                        "Finish the slot's floor",
                        drawing,
                        List.of(
                                "Touch the sole again: the zero may have moved. Then " + dial(pass.dialMm())
                                        + " to full depth, " + say.length(inMm()) + " from the skin.",
                                "Measure over the floor from the sole before you move on."),
                        "The floor carries the blade: its height is the tool's height, and it is measured while it can still be cut.",
                        "Floor above the sole, with a depth gauge or over a block.")
                .measuring(field, say.length(geometry.drawnFloorMm()), judge(made));
    }

    private List<String> judge(OptionalDouble made) {
        if (made.isEmpty()) {
            return List.of();
        }
        double off = geometry.heightLeftMm();
        if (Math.abs(off) < 0.0005) {
            return List.of("As drawn.");
        }
        boolean above = off > 0;
        String matters = Math.abs(off) <= 0.03 ? "It hardly matters" : "It matters";
        return List.of(Written.words(
                "%s: the edge would stand %s %s the axis and leave a pip %s across. %s",
                matters,
                say.length(Math.abs(off)),
                above ? "above" : "below",
                say.length(2 * Math.abs(off)),
                above
                        ? "Take the floor down by as much, or skim the sole."
                        : "Shims under the sole cure it"
                                + boldwedge.core.rule.HeightFinding.shims(-off, job.lathe(), say)
                                        .replaceFirst("^ Of your shims", "; of yours")
                                + (boldwedge.core.rule.HeightFinding.shims(-off, job.lathe(), say)
                                                .isEmpty()
                                        ? "."
                                        : "")));
    }

    MakeStep top() {
        Pass pass = slot.passes().getLast();
        double drawn = geometry.drawnSlotMm();
        List<String> judged = design.slotMm().isEmpty()
                ? List.of()
                : List.of(slotWords(design.slotMm().getAsDouble()));
        return MakeStep.of(
                        "slot-top",
                        "Open the slot to the blade",
                        drawing,
                        List.of("Up to " + dial(pass.dialMm()) + " to full depth: the slot is then " + say.length(drawn)
                                + ", the blade and " + say.length(design.roomMm()) + "."),
                        "Last the wall that only has to clear.",
                        "The blade slides in by hand; a feeler of " + say.length(design.roomMm())
                                + " beside it just goes.")
                .measuring(MADE_SLOT, say.length(drawn), judged);
    }

    private String slotWords(double made) {
        double room = made - job.blade().heightMm();
        if (room < 0) {
            return "The blade does not go in: open it by " + say.length(design.roomMm() - room) + ".";
        }
        if (!job.holder().split()) {
            return "The plate takes up " + say.length(room) + ".";
        }
        return "The slit must now close by " + say.length(room) + " at "
                + say.force(geometry.split().closesAtN()) + " of the bolt.";
    }

    /** What makes the slot fit the blade's own profile; nothing for parallel sides. */
    List<MakeStep> profile() {
        Blade blade = job.blade();
        if (blade.section() == Blade.Section.TAPERED) {
            double taper = blade.sideTaperRad();
            double deeper = blade.heightMm() * Math.tan(2 * taper);
            return List.of(MakeStep.of(
                            "slot-taper",
                            "Lean the slot's back to the blade",
                            drawing,
                            List.of(
                                    "Tip the block or the head by " + say.angle(2 * taper)
                                            + ", the slot's top side deeper; touch the back wall at the floor.",
                                    "At the top it must go " + say.length(deeper)
                                            + " deeper than at the floor: a pass at the floor's depth, then the rest by the tilt."),
                            "The blade is wider at its top: with its outer side upright, all of its taper is on the back.",
                            "Blue on the blade's side shows from top to bottom.")
                    .shown(Working.of("Deeper at the top", "h · tan(2 · τ)", mm(deeper))
                            .with("h", "blade", mm(blade.heightMm()))
                            .with("τ", "its taper", rad(taper))
                            .told(say)));
        }
        if (blade.section() == Blade.Section.TEE) {
            double step = (blade.topMm() - blade.stemMm()) / 2;
            return List.of(MakeStep.of(
                    "slot-undercut",
                    "Undercut for the head of the T",
                    drawing,
                    List.of("The upper " + say.length(blade.headMm() + design.roomMm()) + " of the slot goes "
                            + say.length(2 * step) + " deeper into the side; the stem below bears on the rest."),
                    "The head is wider than the stem: with its outer side flush the difference lies at the back.",
                    "The stem touches the back wall, the head does not."));
        }
        return List.of();
    }
}
