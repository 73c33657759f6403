package boldwedge.core.families.shaping.report;

import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.shaping.entry.ShapingField;
import boldwedge.core.families.shaping.model.ShapedCut;
import boldwedge.core.families.shaping.model.ShapedJob;
import boldwedge.core.families.shaping.model.ShapedJob.End;
import boldwedge.core.families.shaping.model.ShapedJob.Form;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.planning.MakeStep;
import java.util.ArrayList;
import java.util.List;

/** How the tool is ground and the work planed, step by step with its reasons. */
record ShapingRoute(ShapedCut cut, UnitFormat say, Scene tool, Scene end, Scene stroke) {
    List<MakeStep> steps() {
        List<MakeStep> steps = new ArrayList<>();
        steps.add(grind());
        if (job().isKeyway() && job().end() != End.THROUGH) {
            steps.add(holes());
        }
        steps.add(hold());
        steps.add(hang());
        steps.add(setStroke());
        steps.add(touch());
        steps.add(plane());
        if (cut.ways() > 1) {
            steps.add(secondWay());
        }
        steps.add(proof());
        return steps;
    }

    private ShapedJob job() {
        return cut.job();
    }

    private MakeStep grind() {
        List<String> does = job().isKeyway()
                ? List.of(
                        "Both sides first, to " + say.length(job().toothMm()) + " at the edge, each "
                                + say.angle(job().sideRad()) + " back and tapered upwards, over "
                                + say.length(job().depthMm() + 2) + ".",
                        "Front " + say.angle(job().frontRad()) + ", rake " + say.angle(cut.rakeRad())
                                + ", corners broken with a stone.")
                : List.of(
                        "As for turning, with less in front: " + say.angle(job().frontRad()) + ", rake "
                                + say.angle(cut.rakeRad()) + " toward the side that feeds, nose "
                                + say.length(job().noseMm()) + ".",
                        "A second one broad and flat, its corners rounded, for the last pass where it is to shine.");
        MakeStep step = MakeStep.of(
                        "grind",
                        "Grind the tool",
                        tool,
                        does,
                        "A stroke is straight: it takes none of the clearance, and a thick edge bears the blows.",
                        job().isKeyway()
                                ? "A micrometer over the edge, square by a small square."
                                : "A protractor off the bit’s side; the nose by a radius gauge.")
                .cautioned("Glasses, rest close to the wheel; cool high-speed steel often, and not in a shock.");
        return job().isKeyway() ? step.measuring(ShapingField.TOOTH, say.length(job().toothMm()), List.of()) : step;
    }

    private MakeStep holes() {
        boolean two = job().end() == End.TWO_HOLES;
        return MakeStep.of(
                "holes",
                two ? "Drill the two holes first" : "Drill the hole first",
                end,
                List.of(
                        say.length(job().widthMm()) + " wide, on the middle, "
                                + say.length(job().depthMm() + ShapedCut.HOLE_DEEPER_MM)
                                + " deep from the crown, in a vee block or between the jaws.",
                        two
                                ? "The one that the stroke begins in made " + say.length(cut.startHoleMm())
                                        + " long by a second hole beside it, chiselled or filed out: the whole tool drops in."
                                : "It lies where the keyway ends; the stroke runs from the shaft’s end into it."),
                "The chip breaks off into it; without it every stroke packs chips before the tooth.",
                "A rule along the shaft: in line with the keyway’s middle.");
    }

    private MakeStep hold() {
        boolean face = job().form() == Form.FACE;
        return MakeStep.of(
                        "hold",
                        face ? "Hold the block" : "Hold the shaft",
                        stroke,
                        List.of(
                                face
                                        ? "On parallels in the vise, knocked down until none slides out; the solid jaw takes the stroke, or a stop stands before it."
                                        : "In the vise on a vee block or between soft jaws, along the stroke; a stop before its end takes the blows.",
                                "Jaw along the stroke by an indicator on the ram: within "
                                        + say.length(
                                                job().isKeyway() ? job().width().widthMm() : job().withinMm())
                                        + " over " + say.length(job().lengthMm()) + ".",
                                face
                                        ? "Top of it level within what is to come off."
                                        : "Its crown level by the same indicator, end to end."),
                        "Every stroke pushes it along with " + say.force(cut.alongN())
                                + ": friction alone lets it creep.",
                        "It does not move under a soft hammer.")
                .cautioned("Vise handle off before the ram moves.");
    }

    private MakeStep hang() {
        return MakeStep.of(
                "hang",
                "Hang the tool",
                tool,
                List.of(
                        cut.gooseneck()
                                ? "On a gooseneck or a spring holder: its point behind the shank’s axis."
                                : "Straight, its shank upright, as far up in its holder as the work lets it: "
                                        + say.length(cut.outMm()) + " from clamp to point.",
                        job().isKeyway()
                                ? "Tooth square to the stroke and upright, by a small square on its side; the clapper’s box upright too."
                                : "Head upright; the clapper’s box tipped away from where the feed comes from, so that the tool swings out as it lifts.",
                        "The clapper lifts with a finger and drops by itself."),
                cut.gooseneck()
                        ? "Bent back by a stroke its point comes out of the work, not in."
                        : "Bent back by a stroke its point swings in by "
                                + say.length(cut.hung().digsMm()) + ".",
                "Slide run up close under the head: little hangs out.");
    }

    private MakeStep setStroke() {
        return MakeStep.of(
                        "set-stroke",
                        "Set the stroke",
                        stroke,
                        List.of(
                                say.length(cut.strokeMm()) + " long, "
                                        + (job().isKeyway() && job().end() == End.TWO_HOLES
                                                ? "from hole to hole"
                                                : "begun " + say.length(cut.beforeMm()) + " before the work")
                                        + ", " + say.number(cut.perMinute(), 0) + " strokes a minute.",
                                "Turned right through by hand once: nothing strikes, the tool clears at both ends."),
                        "Before the work the clapper needs time to drop; behind it the feed moves.",
                        "Ram locked at its place, handle off.")
                .cautioned("Stand beside the ram, never before or behind it; guard up.");
    }

    private MakeStep touch() {
        boolean round = job().form() != Form.FACE;
        return MakeStep.of(
                "touch",
                "Touch",
                end,
                List.of(
                        round
                                ? "Over the middle: touch both flanks of the shaft with the tool’s sides, half the way between by the dial."
                                : "Over the highest place: turned by hand until the point just scratches.",
                        round
                                ? "Down on the crown with a paper between: dial to zero, less the paper."
                                : "Dial to zero; down only from above, against the slack."),
                round
                        ? "The tooth meets a round shaft in its middle first: what is dialled from there is the depth."
                        : "Slack taken up the other way comes out in the cut.",
                "The ram drawn back before the dial is set.");
    }

    private MakeStep plane() {
        ShapedJob job = job();
        List<String> does = job.isKeyway()
                ? List.of(
                        say.length(cut.downMm()) + " down at every stroke, fed on the return, to "
                                + say.length(job.depthMm()) + ": " + cut.passes() + " strokes.",
                        job.springStrokes() + " strokes more without infeed, until it stops cutting.",
                        job.work().group().equals("K")
                                ? "Dry; brush the dust out."
                                : "Oil on the tooth by a brush, from behind.")
                : List.of(
                        say.length(cut.downMm()) + " a pass, " + say.length(cut.feedMm())
                                + " across at every stroke, fed on the return: " + cut.passes() + " passes.",
                        "The last " + say.length(Math.min(ShapedCut.SKIM_MM, job.depthMm()))
                                + " alone, once it has cooled.",
                        job.work().group().equals("K")
                                ? "Dry; under the skin at the first pass."
                                : "Oil by a brush, from behind.");
        MakeStep step = MakeStep.of(
                "plane",
                job.isKeyway() ? "Plane it down" : "Plane it",
                stroke,
                does,
                job.isKeyway()
                        ? "Ram and table spring apart by " + say.length(cut.springMm())
                                + "; a stroke without infeed leaves " + say.share(cut.leftShare()) + " of what is left."
                        : "It wants " + say.power(cut.watt()) + " of the ram.",
                job.shaftMm() > 0
                        ? say.length(cut.slot().overShaftMm()) + " from the floor to the far side."
                        : "A micrometer at four corners.");
        if (job.shaftMm() > 0) {
            step = step.shown(
                    Working.of("Floor to far side", "D − t", mm(cut.slot().overShaftMm()))
                            .with("D", mm(job.shaftMm()))
                            .with("t", mm(job.depthMm()))
                            .told(say));
        }
        return step.cautioned("No hand near it while it moves; brush chips only while it stands. They fly: a screen.");
    }

    private MakeStep secondWay() {
        return MakeStep.of(
                "second-way",
                "The next way, beside the first",
                end,
                List.of(
                        "Table across by " + say.length(cut.sideStepMm()) + " and plane down again, " + cut.ways()
                                + " ways in all.",
                        "The first and the last as far from the middle: so it lies true."),
                "A narrow tooth wants less force.",
                "The key, or a gauge of its width, goes in.");
    }

    private MakeStep proof() {
        return MakeStep.of(
                "try",
                job().isKeyway() ? "Try it with its key" : "Measure it",
                end,
                List.of(
                        job().isKeyway()
                                ? "Width at both ends, floor to far side at both ends, the key by hand."
                                : "Depth at both ends; a straight edge along and across.",
                        "Burrs off with a file. Write down what was measured under Prove."),
                job().isKeyway()
                        ? "A key sits tight in its shaft and slides in its hub."
                        : "What differs from end to end is the ram; from side to side the cross rail.",
                job().isKeyway() ? "The key goes in with light taps and stays." : "No light under the straight edge.");
    }
}
