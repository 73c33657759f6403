package boldwedge.core.families.reaming.report;

import static boldwedge.core.language.measure.Amount.mm;
import static boldwedge.core.language.measure.Amount.number;
import static boldwedge.core.language.measure.Amount.rad;

import boldwedge.core.families.reaming.entry.ReamField;
import boldwedge.core.families.reaming.model.ReamCut;
import boldwedge.core.families.reaming.model.ReamJob;
import boldwedge.core.families.reaming.model.ReamJob.Helix;
import boldwedge.core.families.reaming.model.ReamJob.Kind;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.finding.Step;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.CuttingFluid;
import boldwedge.core.language.stock.CuttingFluid.Manner;
import boldwedge.core.mechanics.hole.UnevenTeeth;
import boldwedge.core.planning.MakeStep;
import boldwedge.core.rule.HeatSteps;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** How a reamer is made, step by step with its reasons; and how it is used. */
record ReamerRoute(ReamCut cut, UnitFormat say, Scene drawing, Scene section) {
    List<MakeStep> steps() {
        List<MakeStep> steps = new ArrayList<>();
        ReamJob job = cut.job();
        steps.add(blank());
        if (job.kind() == Kind.FLUTED) {
            steps.add(flutes());
            steps.add(deburr());
        } else if (job.kind() == Kind.D_BIT) {
            steps.add(halve());
        } else {
            steps.add(slant());
        }
        cut.heat().ifPresent(treatment -> steps.addAll(new HeatSteps(treatment, cut.lengthMm(), say, drawing).steps()));
        if (job.kind() == Kind.FLUTED) {
            steps.add(grindFaces());
        }
        steps.add(grindRound());
        if (job.kind() != Kind.SLANT) {
            steps.add(chamfer());
        }
        steps.add(hone());
        steps.add(tryIt());
        return steps;
    }

    private MakeStep blank() {
        boolean hard = cut.heat().isEmpty();
        List<String> lines = new ArrayList<>();
        if (hard) {
            lines.add("High-speed steel rod, bought hard: nothing to heat, all of it is ground.");
            lines.add("Centres ground or stoned in both ends; " + say.length(cut.lengthMm()) + " long.");
        } else {
            lines.add("Between centres: the head to " + say.length(cut.turnedMm()) + ", " + say.length(cut.headMm())
                    + " long; " + say.length(cut.lengthMm()) + " in all.");
            if (cut.job().kind() != Kind.SLANT) {
                lines.add("The shank relieved to " + say.length(cut.shankMm())
                        + ", a round corner where it meets the head.");
            }
            lines.add("Its name, size and steel stamped on the shank now: later it is too hard.");
        }
        MakeStep step = MakeStep.of(
                "blank",
                hard ? "The rod" : "Turn the blank",
                drawing,
                lines,
                "What is left, " + say.length(cut.grindStockMm())
                        + " on the diameter, is for the bend and the skin of the furnace; what it grows comes on top.",
                "Both centres clean and lapped: every later size is taken from them.");
        return hard
                ? step
                : step.shown(Working.of("Turned to", "D + s − g", mm(cut.turnedMm()))
                        .with("D", "finished", mm(cut.reamerMm()))
                        .with("s", "for grinding", mm(cut.grindStockMm()).chosen())
                        .with(
                                "g",
                                "grows at the least",
                                mm(cut.heat()
                                                .orElseThrow()
                                                .growthMm(cut.reamerMm())
                                                .low())
                                        .fromTable())
                        .told(say));
    }

    private MakeStep flutes() {
        ReamJob job = cut.job();
        List<String> lines = new ArrayList<>();
        lines.add(cut.teeth() + " flutes " + say.length(cut.fluteMm()) + " deep, at "
                + String.join(
                        ", ",
                        UnevenTeeth.places(cut.teeth(), job.unevenDegrees()).stream()
                                .map(place -> Written.places(place, 1) + "°")
                                .toList())
                + " on the dividing head.");
        double offset = cut.reamerMm() / 2 * Math.sin(job.rakeRad());
        lines.add("The cutter's straight side " + say.length(Math.abs(offset)) + (offset >= 0 ? " past" : " before")
                + " the centre line: that is its rake of " + say.angle(job.rakeRad()) + ".");
        List<Step> how = new ArrayList<>();
        how.add(Working.of("Cutter off centre", "D / 2 · sin(γ)", mm(offset))
                .with("D", mm(cut.reamerMm()))
                .with("γ", rad(job.rakeRad()).typed())
                .told(say));
        if (job.helix() != Helix.STRAIGHT) {
            double per = 2 * Math.PI / cut.leadMm();
            double travel = ReamerFindings.travel(say);
            lines.add(job.helix().words() + ": table or spindle swung " + say.angle(job.helixRad()) + ", lead "
                    + say.length(cut.leadMm())
                    + "; the work turns " + say.angle(per * travel) + " for " + say.length(travel) + " of travel, "
                    + (job.helix() == Helix.LEFT ? "against" : "with") + " a right-hand screw.");
            how.add(Working.of("Turn for that travel", "s · 360° / H", rad(per * travel))
                    .with("s", mm(travel))
                    .with("H", mm(cut.leadMm()))
                    .told(say));
        }
        lines.add("Depth is taken in two or three passes, all flutes at each before the next.");
        return MakeStep.of(
                        "flutes",
                        "Mill the flutes",
                        section,
                        lines,
                        "Uneven pitch keeps it from singing, and opposite flutes keep it measurable; the core must bear the torque.",
                        "Lands alike in width to " + say.length(0.05) + "; core " + say.length(cut.coreMm()) + ".")
                .shown(how.toArray(Step[]::new));
    }

    private MakeStep deburr() {
        return MakeStep.of(
                "deburr",
                "Deburr, round the flutes' ends",
                section,
                List.of("Burrs off the lands with a fine file; no sharp corner where a flute runs out."),
                "A burr burns in the furnace; a sharp corner is where it cracks in the quench.",
                "A nail does not catch anywhere but on the faces.");
    }

    private MakeStep halve() {
        return MakeStep.of(
                        "halve",
                        "Mill it to a D",
                        section,
                        List.of(
                                "The head to " + say.length(cut.dThicknessMm() + 0.15) + " thick, "
                                        + say.length(cut.headMm()) + " long; " + say.length(0.15)
                                        + " is left for the stone.",
                                "The front relieved 7° from the cutting corner."),
                        "Over half it guides itself on more than half its round; under half it cuts over itself.",
                        "Measured over flat and round.")
                .shown(Working.of("Thickness when finished", "D / 2 + 0.0075 · D", mm(cut.dThicknessMm()))
                        .with("D", mm(cut.reamerMm()))
                        .told(say));
    }

    private MakeStep slant() {
        return MakeStep.of(
                        "slant",
                        "Cut it across",
                        drawing,
                        List.of("Saw and file or grind it across at "
                                + say.angle(cut.job().slantRad()) + ": a face " + say.length(cut.slantMm()) + " long."),
                        "The rim of the face is the edge, on both sides of the rod at once.",
                        "The face flat: it lies on a stone without rocking.")
                .shown(Working.of("Length of the face", "D / tan(θ)", mm(cut.slantMm()))
                        .with("D", mm(cut.reamerMm()))
                        .with("θ", rad(cut.job().slantRad()).typed())
                        .told(say));
    }

    private MakeStep grindFaces() {
        return MakeStep.of(
                        "faces",
                        "Polish the faces of the flutes",
                        section,
                        List.of("A thin wheel or a slip stone along the face, scale off, the rake kept."),
                        "The face carries the chip: scale on it tears the hole.",
                        "Bright from edge to floor.")
                .cautioned("Thin wheels break sideways: guard on, stand aside as it runs up; dust drawn off.");
    }

    private MakeStep grindRound() {
        boolean slant = cut.job().kind() == Kind.SLANT;
        return MakeStep.of(
                        "round",
                        "Grind the round",
                        drawing,
                        List.of(
                                "Between centres to " + say.length(cut.reamerMm() + 0.01)
                                        + ": a hundredth over, for the hone.",
                                slant
                                        ? "The same size all along."
                                        : "Back taper " + say.length(cut.backTaperMm()) + " over the head of "
                                                + say.length(cut.headMm()) + "; the shank is left alone."),
                        "The head is thickest at its front, so that only the front touches.",
                        "Two ways across at front and back of the head.")
                .shown(Working.of("Back taper over the head", "t · H", mm(cut.backTaperMm()))
                        .with(
                                "t",
                                "loss over length",
                                number(cut.job().backTaper()).typed())
                        .with("H", mm(cut.headMm()))
                        .told(say))
                .cautioned("Wheel no faster than it is rated for, guard on, glasses; wipe centres, no loose sleeves.");
    }

    private MakeStep chamfer() {
        boolean cup = cut.job().cup();
        return MakeStep.of(
                        "chamfer-relief",
                        "Grind the chamfer and its relief",
                        section,
                        List.of(
                                "Chamfer " + say.angle(cut.job().chamferRad()) + " on all teeth, "
                                        + say.length(cut.chamferMm()) + " long.",
                                cup
                                        ? "Cup wheel: tooth rest " + say.length(cut.restMm()) + " below the centre."
                                        : "Rim of the wheel: its centre " + say.length(cut.restMm())
                                                + " above the tool's.",
                                "Each tooth lies on the rest as it is ground; the last pass round all teeth without feed.",
                                "From the chamfer only: the land behind it keeps the size."),
                        "The chamfer alone cuts; unequal teeth make one do the work of all and the hole grows.",
                        "All chamfers end on one line, seen against the light.")
                .shown((cup
                                ? Working.of("Rest below the centre", "D / 2 · sin(α)", mm(cut.restMm()))
                                        .with("D", mm(cut.reamerMm()))
                                : Working.of("Wheel above the centre", "W / 2 · sin(α)", mm(cut.restMm()))
                                        .with("W", mm(cut.job().wheelMm()).typed()))
                        .with("α", rad(cut.job().clearanceRad()).typed())
                        .told(say))
                .cautioned("Rest close to the wheel and firm: a tooth that slips under the wheel is thrown.");
    }

    private MakeStep hone() {
        OptionalDouble made = cut.job().madeMm();
        List<String> judged = new ArrayList<>();
        made.ifPresent(size -> judged.add(judge(size)));
        return MakeStep.of(
                        "hone",
                        "Hone the lands to size",
                        drawing,
                        List.of(
                                "A fine stone, flat on the land and along it, never over the edge; a tooth and its opposite in turn."),
                        "The last hundredth decides which hole it makes; what is off cannot be put back.",
                        "Between " + say.length(cut.limits().smallestMm() + cut.closesMm()) + " and "
                                + say.length(cut.limits().largestMm() + cut.closesMm()) + ".")
                .measuring(ReamField.MADE, say.length(wanted()), judged);
    }

    private double wanted() {
        return ReamCut.of(cut.job().withMadeMm(OptionalDouble.empty())).reamerMm();
    }

    private String judge(double made) {
        double small = cut.limits().smallestMm() + cut.closesMm();
        double large = cut.limits().largestMm() + cut.closesMm();
        return made > large + 5e-4
                ? "Made " + say.length(made) + ": " + say.length(made - large) + " to hone off yet."
                : made < small - 5e-4
                        ? "Made " + say.length(made) + ": " + say.length(small - made)
                                + " too small. A burnisher along the faces raises the edges by a few micrometres for some holes; else it serves the next smaller fit."
                        : "Made " + say.length(made) + ": right.";
    }

    private MakeStep tryIt() {
        ReamJob job = cut.job();
        return MakeStep.of(
                        "try",
                        "Try it in a piece of the same stuff",
                        drawing,
                        List.of(
                                (cut.drilled() ? "Drill " : "Bore to ") + say.length(cut.beforeMm()) + ", ream at "
                                        + say.rpm(cut.rpm()) + ", feed "
                                        + say.feed(cut.feedMm()) + ": one turn of the handle every "
                                        + say.time(job.handleMm() / (cut.feedMm() * cut.rpm())) + ".",
                                lubricant(),
                                "In and out turning forward; chips brushed off before it goes in again."),
                        "A reamer is made to its hole, not to its micrometer.",
                        "Hole at mouth and bottom, and write both under Prove.")
                .cautioned("No hand near a reamer that turns: its flutes draw a rag or a glove in.");
    }

    private String lubricant() {
        return CuttingFluid.of(cut.job().work(), Manner.HEAVY).brush();
    }
}
