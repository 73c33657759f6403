package boldwedge.core.families.parting.report;

import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.parting.entry.PartField;
import boldwedge.core.families.parting.model.HolderDesign;
import boldwedge.core.families.parting.model.HolderGeometry;
import boldwedge.core.families.parting.model.PartCut;
import boldwedge.core.families.parting.model.PartJob;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.mechanics.holder.Bolt;
import boldwedge.core.mechanics.holder.SideBlock;
import boldwedge.core.mechanics.holder.SplitBlock;
import boldwedge.core.mechanics.holder.TNut;
import boldwedge.core.planning.MakeStep;
import boldwedge.core.rule.TNutSteps;
import java.util.ArrayList;
import java.util.List;

/** The making of a blade's holder, from the cut list to the test part; positions from edges and as a dial shows them. */
final class HolderRoute {
    private static final double ALLOWANCE_MM = 2;
    private static final double TRUE_MM = 0.02;

    private final PartCut cut;
    private final PartJob job;
    private final HolderDesign design;
    private final HolderGeometry geometry;
    private final UnitFormat say;
    private final Scene drawing;
    private final SlotSteps slot;

    HolderRoute(PartCut cut, UnitFormat say, Scene drawing) {
        this.cut = cut;
        this.job = cut.job();
        this.design = job.design();
        this.geometry = cut.geometry();
        this.say = say;
        this.drawing = drawing;
        this.slot = new SlotSteps(cut, say, drawing);
    }

    List<MakeStep> steps() {
        List<MakeStep> steps = new ArrayList<>();
        steps.add(cutList());
        steps.add(square());
        if (job.holder().split()) {
            steps.add(boltHoles());
            steps.add(TNutSteps.make(nut(), height(), job.twoBolts() ? 2 : 1, say, drawing));
        } else {
            steps.add(foot());
        }
        steps.add(scribe());
        steps.add(slot.rough());
        steps.add(slot.floor());
        steps.add(slot.top());
        steps.addAll(slot.profile());
        if (job.holder().split()) {
            steps.add(slit());
        } else {
            steps.add(plateTaper());
            steps.add(plateScrews());
            steps.add(toThePost());
        }
        steps.add(deburr());
        steps.add(TipSteps.grind(cut, say, drawing));
        steps.add(testPart());
        return steps;
    }

    private double height() {
        return geometry.drawnFloorMm() + geometry.drawnSlotMm() + design.jawMm();
    }

    private MakeStep cutList() {
        List<String> lines = new ArrayList<>();
        lines.add((job.holder().split() ? "Block " : "Body ") + say.length(design.widthMm() + ALLOWANCE_MM) + " × "
                + say.length(height() + ALLOWANCE_MM) + " × " + say.length(design.lengthMm() + ALLOWANCE_MM)
                + ", low-carbon steel, sawn.");
        if (job.holder().split()) {
            lines.addAll(TNutSteps.stock(nut(), height(), job.twoBolts() ? 2 : 1, say));
        } else {
            SideBlock side = geometry.side();
            lines.add("Clamp plate " + say.length(side.plateMm() + 1) + " × "
                    + say.length(
                            Math.ceil(job.blade().heightMm() + 3 * side.screw().threadMm())) + " × "
                    + say.length(design.lengthMm() + ALLOWANCE_MM) + ", low-carbon steel.");
            lines.add("3 screws " + side.screw().name() + ", class "
                    + side.screw().size().grade() + ", "
                    + say.length(Math.ceil(side.plateMm() + 2 * side.screw().threadMm())) + " long.");
            lines.add("2 screws of the size of the post's own, to hold the body to its side.");
        }
        lines.add("Blade: " + job.blade().name() + ".");
        return MakeStep.of(
                "cut-list",
                "Cut list",
                drawing,
                lines,
                say.length(ALLOWANCE_MM) + " each way are left for facing.",
                "All of it is there before you begin.");
    }

    private TNut nut() {
        return new TNut(
                job.lathe().slide().slot(job.lathe().swingMm()),
                geometry.split().bolt());
    }

    private MakeStep square() {
        return MakeStep.of(
                        "square",
                        "Square the block and face it to length",
                        drawing,
                        List.of(
                                "Four-jaw chuck: true the block within " + say.length(TRUE_MM)
                                        + " by indicator on the faces beside the one you face.",
                                "Face all six: sole first, then the side against it; length "
                                        + say.length(design.lengthMm()) + ", width " + say.length(design.widthMm())
                                        + ", height " + say.length(height()) + "."),
                        "The sole is what every height is measured from.",
                        "Square within " + say.length(TRUE_MM) + "; the sole without light on a flat plate.")
                .cautioned("A block out of balance in the four-jaw: start slow. Chuck key out; turn it by hand first.");
    }

    private MakeStep boltHoles() {
        SplitBlock block = geometry.split();
        double across = block.boltFromSideMm();
        List<String> lines = new ArrayList<>();
        lines.add("From the slot's side " + say.length(across) + "; from the front "
                + (job.twoBolts()
                        ? say.length(job.boltAtMm() / 2) + " and " + say.length(job.boltAtMm())
                        : say.length(job.boltAtMm()))
                + ". Centre, drill " + say.length(Math.rint(0.6 * block.bolt().clearanceMm())) + ", then "
                + say.length(block.bolt().clearanceMm()) + " right through.");
        lines.add(
                "Zero: the edge finder on the slot's side and on the front; move away from zero only, so that the play stays behind.");
        return MakeStep.of(
                        "bolt-hole",
                        job.twoBolts() ? "Drill for the two bolts" : "Drill for the bolt",
                        drawing,
                        lines,
                        "Near the blade, so that its pull goes into the grip: its lever is "
                                + say.length(block.boltArmMm()) + " of the blade's " + say.length(block.bladeArmMm())
                                + ".",
                        "The bolt drops through; the block turns nowhere on the slide.")
                .cautioned("Clamp it: a drill that breaks through turns the block.")
                .shown(Working.of("From the slot's side", "b + w + o / 2", mm(across))
                        .with("b", "blade", mm(block.inMm()))
                        .with("w", "wall", mm(SplitBlock.WALL_MM).assumed())
                        .with(
                                "o",
                                "the bolt's hole",
                                mm(block.bolt().clearanceMm()).fromTable())
                        .told(say));
    }

    private MakeStep foot() {
        double hang = geometry.hangMm();
        return MakeStep.of(
                        "foot",
                        "Leave the foot, clear the rest",
                        drawing,
                        List.of(
                                "Foot " + say.length(design.tabMm()) + " along the blade at the work's end.",
                                "Behind it clear the underside " + say.length(hang)
                                        + " up, sawn and milled, so that only the foot stands on the slide."),
                        "The cut goes straight down through the foot into the slide instead of turning the post.",
                        "Flat on a plate: it does not rock.")
                .cautioned("A long overhang in the vise rings and lifts: support it from below.");
    }

    private MakeStep scribe() {
        return MakeStep.of(
                        "scribe",
                        "Scribe the axis in place",
                        drawing,
                        List.of(
                                "Slide and carriage first: the cross-slide run in until its own ways carry it over their whole length with the point at the work, the carriage up to the place of the cut, both locked. The block comes to the work, not the slide out to the block.",
                                job.holder().split()
                                        ? "Bolt the block to the slide, sharp centre in the headstock; bring it up and scribe its height along the block."
                                        : "Foot on the slide, body against the post; sharp centre in the headstock; scribe its height along the body.",
                                "Over the sole it should read " + say.length(geometry.axisMm())
                                        + ". If it does not, put your figure on the lathe's card: all heights follow."),
                        "Measured where it will stand, whatever the drawing of the lathe says.",
                        "Height of the line over the sole.")
                .cautioned("Spindle locked or power off while a sharp centre is in it and hands are near.");
    }

    private MakeStep slit() {
        SplitBlock block = geometry.split();
        double mid = geometry.drawnFloorMm() + geometry.drawnSlotMm() / 2;
        double deep = design.widthMm() - block.inMm() - design.drawnHingeMm();
        List<String> judged = new ArrayList<>();
        if (design.hingeMm().isPresent()) {
            double stress = block.hingeMPa();
            double drawn = block.bolt().drawnN();
            judged.add("Now it closes at " + say.force(block.closesAtN()) + " and the hinge sees "
                    + say.stress(stress) + ": "
                    + (block.closesAtN() > drawn
                            ? "the bolt, drawn by feel to " + say.force(drawn)
                                    + ", does not close it. Saw on, or take a lower slot."
                            : stress > SplitBlock.YIELD_MPA
                                    ? "it stays bent. Thin it, or open the slit wider."
                                    : "it does not matter."));
        }
        return MakeStep.of(
                        "slit",
                        "Saw the slit, leave the hinge",
                        drawing,
                        List.of(
                                "Slitting saw, measured " + say.length(design.sawMm()) + ", its middle "
                                        + say.length(mid) + " above the sole: from the slot " + say.length(deep)
                                        + " deep, through the bolt's hole.",
                                "Stop " + say.length(design.drawnHingeMm()) + " from the far side; in passes of "
                                        + say.length(2 * design.sawMm()) + "."),
                        "Last of the cuts: until now the block was one piece and held its size.",
                        "Hinge by caliper over the slit's end.")
                .measuring(PartField.MADE_HINGE, say.length(design.drawnHingeMm()), judged)
                .cautioned("A thin saw wants slow turns, oil and no play in the feed; guard on, eyes covered.")
                .shown(
                        Working.of("Depth from the slot", "W − b − t", mm(deep))
                                .with("W", "block", mm(design.widthMm()))
                                .with("b", "blade", mm(block.inMm()))
                                .with("t", "hinge", mm(design.drawnHingeMm()))
                                .told(say),
                        Working.of("Closes at", "max(0 mm; d) / c", newtons(block.closesAtN()))
                                .with("d", "to close", mm(block.travelMm()))
                                .with(
                                        "c",
                                        "its give at the blade by newton of the bolt",
                                        mmPerNewton(block.closingMmPerN()))
                                .told(say));
    }

    private MakeStep plateTaper() {
        SideBlock side = geometry.side();
        double down = side.plateMm() * Math.tan(side.taperRad());
        return MakeStep.of(
                        "plate",
                        "Mill the clamp plate's taper",
                        drawing,
                        List.of(
                                "Plate on edge in the vise, tipped by " + say.angle(side.taperRad())
                                        + ": its upper edge falls " + say.length(down) + " over its "
                                        + say.length(side.plateMm()) + ".",
                                "The same tilt on the body's shoulder above the slot, without moving the vise between."),
                        "Drawn in, the plate slides down its shoulder and presses the blade onto its floor.",
                        "Blue on the shoulder shows along the whole length.")
                .shown(Working.of("Fall", "t · tan(τ)", mm(down))
                        .with("t", mm(side.plateMm()))
                        .with("τ", rad(side.taperRad()))
                        .told(say));
    }

    private MakeStep plateScrews() {
        SideBlock side = geometry.side();
        Bolt screw = side.screw();
        double first = 2 * screw.threadMm();
        return MakeStep.of(
                        "plate-screws",
                        "Drill the plate, transfer, tap the body",
                        drawing,
                        List.of(
                                "Plate: three holes " + say.length(screw.clearanceMm()) + " at " + say.length(first)
                                        + ", "
                                        + say.length(first + side.pitchMm()) + " and "
                                        + say.length(first + 2 * side.pitchMm()) + " from the front.",
                                "Clamp the plate on the body with the blade in; spot through with the same drill, take it off, drill "
                                        + say.length(screw.tapDrillMm()) + ", " + say.length(2.5 * screw.threadMm())
                                        + " deep; tap " + screw.name() + "."),
                        "Transferred from its mate a hole is where it must be, whatever the dials say.",
                        "All three screws start by hand with the blade in place.")
                .cautioned("Tap by hand, square, oil, half a turn back each turn.")
                .shown(Working.of("Tapping drill", "d − P", mm(screw.tapDrillMm()))
                        .with("d", mm(screw.threadMm()).fromTable())
                        .with("P", mm(screw.pitchMm()).fromTable())
                        .told(say));
    }

    private MakeStep toThePost() {
        return MakeStep.of(
                        "to-post",
                        "Hang it on the post",
                        drawing,
                        List.of(
                                "Body against the post's side, foot on the slide, both clamped; spot through the post's holes or from its screws into the body, drill and tap.",
                                "If it is to come off and go back the same: a dowel through both, drilled and reamed, before the screws are spotted; dowels place it, screws only draw.",
                                "Draw the foot's side first, then the upper screw: the foot must bear."),
                        "The screws only keep it against the post; the foot carries the cut.",
                        "A strip of paper under the foot is held when the screws are drawn.")
                .cautioned("A foot that floats puts the whole cut on the post's screws.");
    }

    private MakeStep deburr() {
        return MakeStep.of(
                "deburr",
                "Deburr, clean, oil",
                drawing,
                List.of(
                        "Break all edges but the slot's; stone the sole.",
                        "Blow chips out of slit and holes: one under the blade tilts it."),
                "A burr under the sole is height.",
                "It wrings down on the plate without rocking.");
    }

    private MakeStep testPart() {
        return MakeStep.of(
                        "test",
                        "Part a test piece",
                        drawing,
                        List.of(
                                "A scrap of " + job.work().name().toLowerCase(java.util.Locale.ROOT) + ", "
                                        + say.rpm(cut.rpm()) + ", " + say.feed(cut.feedMm())
                                        + ", all gibs but the cross-slide's locked.",
                                "Measure the pip: its radius is the height error. Then shims or a skim, and once more."),
                        "Parting off flush proves the height better than any gauge.",
                        "No pip, flat faces; keep it as a trial at Prove.")
                .cautioned("Shield on; stand aside of the blade's plane.");
    }
}
