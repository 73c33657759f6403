package boldwedge.core.families.keying.report;

import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.keying.entry.KeywayField;
import boldwedge.core.families.keying.model.KeywayCut;
import boldwedge.core.families.keying.model.KeywayJob;
import boldwedge.core.families.keying.model.KeywayJob.Drive;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.stock.ScrewSize;
import boldwedge.core.planning.MakeStep;
import java.util.ArrayList;
import java.util.List;

/** How the bar is made and the keyway cut, step by step with its reasons. */
record KeywayRoute(KeywayCut cut, UnitFormat say, Scene bar, Scene head, Scene end, Scene side) {
    /** Left for a file or a broach in a hole for a bit, mm. */
    private static final double FILED_MM = 0.3;

    List<MakeStep> steps() {
        List<MakeStep> steps = new ArrayList<>();
        steps.add(turn());
        if (cut.job().headMm().isPresent()) {
            steps.add(heads());
        }
        steps.add(hole());
        if (cut.job().headMm().isPresent()) {
            steps.add(line());
        }
        steps.add(grind());
        if (!cut.job().through()) {
            steps.add(recess());
        }
        steps.add(setUp());
        steps.add(cutting());
        if (cut.ways() > 1) {
            steps.add(secondWay());
        }
        if (cut.job().slots() > 1) {
            steps.add(next());
        }
        steps.add(proof());
        return steps;
    }

    private MakeStep turn() {
        return MakeStep.of(
                "bar",
                "Turn the bar",
                bar,
                List.of(
                        say.length(cut.barMm()) + " round, " + say.length(cut.barLengthMm()) + " long, of "
                                + cut.job().barMaterial().name() + ".",
                        "A step or a collar where it leaves its holder: it takes the stroke."),
                "As thick as passes: what it springs goes with the fourth power of its diameter.",
                "It passes the bore with room all round.");
    }

    private MakeStep heads() {
        ScrewSize thread = cut.headThread();
        double spigot = cut.spigotMm();
        double goes = cut.job().units().marked(KeywayScenes.SPIGOT_LONG * spigot);
        return MakeStep.of(
                "heads",
                "Turn the heads, two from one length",
                head,
                List.of(
                        "A length for two heads, "
                                + say.length(cut.job().headMm().orElse(0)) + " each, and a grip between them.",
                        "Each end: spigot " + say.length(spigot) + " h6, " + say.length(goes) + " long, thread "
                                + thread.name()
                                + " behind it, a groove at its root, the face square to it in the same chucking.",
                        "Bar bored " + say.length(spigot) + " H7 for the spigot, tapped " + thread.name()
                                + " behind it, its end faced in the same chucking.",
                        "Drill and square both heads’ holes while the middle still holds them; part them last."),
                "The spigot places it, the faces bear: the thread only draws.",
                "Blue on the face: it bears all round.");
    }

    private MakeStep line() {
        return MakeStep.of(
                "line",
                "Draw it tight, then scribe the line",
                bar,
                List.of(
                        "Head on, drawn tight with a spanner over its flats, as it will be every time.",
                        "Only now scribe the bar’s line, along it, level with the bit’s face."),
                "It stops round where its thread stops; the bar is set by the line.",
                "Taken off and drawn tight again, the line is still level.");
    }

    private MakeStep hole() {
        double s = cut.holeMm();
        return MakeStep.of(
                        "bit-hole",
                        "Make the square hole for the bit",
                        bar,
                        List.of(
                                "Drill across at " + say.length(cut.holeAtMm()) + " from the end: "
                                        + say.length(s - FILED_MM)
                                        + ", then file it square to the bit, the bit itself as gauge;",
                                "or drill for the pilot of a square broach and press that through from one side, with oil, started square;",
                                "or take a round bit with a flat on it, in a reamed hole.",
                                "A set screw from the end, or from above, presses on the bit."),
                        "The hole fits the bit without shake: a loose bit chatters at every stroke.",
                        "The bit slides in by hand, and does not rock.")
                .shown(Working.of(
                                "Corner that a round hole leaves",
                                "(s · √(2) − D) / 2",
                                mm((s * Math.sqrt(2) - (s - FILED_MM)) / 2))
                        .with("s", "bit", mm(s).fromTable())
                        .with("D", "drilled", mm(s - FILED_MM))
                        .told(say))
                .cautioned(
                        "A broach is brittle: eyes covered, a rag round it, never hit it. Stone a tight bit; never drive it in.");
    }

    private MakeStep grind() {
        KeywayJob job = cut.job();
        return MakeStep.of(
                        "tooth",
                        "Grind the tooth",
                        bar,
                        List.of(
                                "Both sides first, to " + say.length(job.toothMm()) + ", each "
                                        + say.angle(job.sideRad()) + " back and tapered away from the edge.",
                                "Front " + say.angle(job.frontRad()) + ", rake " + say.angle(cut.rakeRad())
                                        + ", corners broken with a stone.",
                                "Stone it, and measure the width at the edge."),
                        "Its width is the keyway's: what the sides lose on a stone is lost there.",
                        "A micrometer over the edge, square by a small square.")
                .measuring(KeywayField.TOOTH, say.length(job.toothMm()), List.of())
                .cautioned("Glasses, rest close to the wheel; cool high-speed steel often, and not in a shock.");
    }

    private MakeStep recess() {
        return MakeStep.of(
                "recess",
                "Bore the recess first",
                end,
                List.of(
                        say.length(cut.job().recessMm()) + " wide at the keyway's end, "
                                + say.length(cut.job().slot().depthMm() + 0.5) + " deeper than the bore all round.",
                        "A stop on the bed, set with the tooth in the recess."),
                "The chip breaks off into it; without it every stroke packs chips before the tooth.",
                "The tooth drops into it before the bar meets the stop.");
    }

    private MakeStep setUp() {
        KeywayJob job = cut.job();
        boolean shaper = job.drive() == Drive.SHAPER;
        return MakeStep.of(
                        "set-up",
                        "Lock the spindle, set the bar",
                        side,
                        List.of(
                                shaper
                                        ? "Work clamped with its bore along the stroke, by an indicator in the bore."
                                        : "Work in the chuck as it was bored; motor off at the plug, spindle locked by a block in its gears.",
                                "Bar on the bore's axis and not rolled: a square on the tooth's face, or its line level.",
                                "Clamped " + say.length(cut.reachMm()) + " from the tooth; "
                                        + (cut.pushed() ? "pushed" : "pulled") + " through."
                                        + (shaper
                                                ? " Stroke " + say.length(cut.travelMm()) + ", the step at or under "
                                                        + Math.round(cut.strokesPerMinute())
                                                        + " a minute; stand beside the ram."
                                                : "")),
                        "Height goes into the keyway's place one to one; a degree of roll moves it by "
                                + say.length(job.slot().rolledAsideMm(Math.toRadians(1))) + ".",
                        "The tooth touches with both corners at once.")
                .cautioned(
                        shaper
                                ? "Stand beside the ram, never before or behind it; guard up, stroke set by hand first."
                                : "Nothing may turn: switch off, plug out, spindle locked. A back gear alone lets go.");
    }

    private MakeStep cutting() {
        KeywayJob job = cut.job();
        return MakeStep.of(
                        "plane",
                        "Plane it down",
                        side,
                        List.of(
                                "Dial to zero where both corners touch, then " + say.length(cut.strokeMm())
                                        + " a stroke to "
                                        + say.length(job.slot().wayMm()) + ", "
                                        + (cut.strokesOfAWay() - job.springStrokes()) + " strokes.",
                                "Draw the tooth back on every return. "
                                        + (job.work().group().equals("K")
                                                ? "Dry; brush the dust out."
                                                : "Oil on the tooth."),
                                job.springStrokes() + " strokes more without infeed, until it stops cutting."),
                        "It springs off by " + say.length(Math.max(0, cut.springMm())) + "; a spring stroke leaves "
                                + say.share(cut.leftShare()) + " of what is left.",
                        say.length(job.slot().overBoreMm()) + " over the bore, to "
                                + say.length(job.slot().overBoreMm() + job.deeperMm()) + ".")
                .shown(Working.of("Way", "t + c", mm(job.slot().wayMm()))
                        .with("t", mm(job.slot().depthMm()))
                        .with("c", "crown", mm(job.slot().crownMm()))
                        .told(say))
                .cautioned("Fingers out of the bore; brush chips only with the bar drawn out and standing.");
    }

    private MakeStep secondWay() {
        return MakeStep.of(
                "second-way",
                "The next way, beside the first",
                end,
                List.of(
                        "Move the bar in height by " + say.length(cut.sideStepMm()) + " and plane down again, "
                                + cut.ways() + " ways in all.",
                        "The first and the last as far from the middle: so it lies true."),
                "A narrow tooth wants half the force.",
                "The key, or a gauge of its width, goes in.");
    }

    private MakeStep next() {
        KeywayJob job = cut.job();
        return MakeStep.of(
                "index",
                "Index to the next",
                end,
                List.of(
                        job.teeth().isPresent() && cut.indexErrorRad() < 1e-9
                                ? job.teeth().getAsInt() / job.slots()
                                        + " teeth on, the slack taken up from the same side."
                                : "By a plate with " + job.slots() + " marks, locked again before a stroke.",
                        "All of them by the same dial."),
                "Slack taken up the other way is a keyway off.",
                "A key in each, a rule across two that face each other.");
    }

    private MakeStep proof() {
        return MakeStep.of(
                "try",
                "Try it with its key",
                end,
                List.of(
                        "Width at both ends, depth over the bore at both ends.",
                        "The key by stages: a third of its depth in by hand, then two thirds, then home; where it binds a bright spot tells, and that alone is eased.",
                        "Burrs off with a file. Write down what was measured under Prove."),
                "A keyway is right when its key goes in along the whole of it.",
                "The key goes in with a push, and does not rock.");
    }
}
