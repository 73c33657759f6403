package boldwedge.core.families.counterboring.report;

import static boldwedge.core.language.measure.Amount.mm;
import static boldwedge.core.language.measure.Amount.number;

import boldwedge.core.families.counterboring.entry.CounterboreField;
import boldwedge.core.families.counterboring.model.CounterboreCut;
import boldwedge.core.families.counterboring.model.CounterboreJob;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.mechanics.hole.DrillSet;
import boldwedge.core.planning.MakeStep;
import boldwedge.core.rule.HeatSteps;
import java.util.ArrayList;
import java.util.List;

/** How a counterbore is made and used, step by step with its reasons. */
record CounterboreRoute(CounterboreCut cut, UnitFormat say, Scene tool, Scene stone) {
    private static final int SHOWN = 12;

    List<MakeStep> steps() {
        List<MakeStep> steps = new ArrayList<>();
        switch (cut.job().kind()) {
            case DRILL -> {
                steps.add(checkStone());
                steps.add(face());
                steps.add(walkDown());
                steps.add(relieve());
                steps.add(edges());
            }
            case STEEL -> {
                steps.add(turn());
                if (cut.job().loosePilot()) {
                    steps.add(stemHole());
                }
                steps.add(gashes());
                steps.add(MakeStep.of(
                        "relieve-soft",
                        "Relieve the lips while it is soft",
                        tool,
                        List.of("File or mill each lip back at "
                                + say.angle(cut.job().reliefRad()) + ", a line of the face left."),
                        "What is filed now need not be ground.",
                        "The line left is alike on all."));
                cut.heat()
                        .ifPresent(treatment -> steps.addAll(
                                new HeatSteps(treatment, 3 * cut.outsideMm() + cut.pilotLengthMm(), say, tool)
                                        .steps()));
                steps.add(checkStone());
                steps.add(MakeStep.of(
                                "grind",
                                "Grind pilot, outside and lips",
                                tool,
                                List.of(
                                        "Pilot to " + say.length(cut.pilotMm()) + ", outside to "
                                                + say.length(cut.outsideMm()) + ", between centres.",
                                        "Then the lips, all level within " + say.length(cut.levelMm()) + "."),
                                "All of it runs true to the centres, so the seat lies true to its hole.",
                                "Outside against pilot under an indicator: within " + say.length(0.02) + ".")
                        .measuring(CounterboreField.PILOT, say.length(cut.pilotMm()), List.of())
                        .cautioned("Guard on, glasses, no loose sleeves; stand aside as the stone runs up."));
            }
            case END_MILL ->
                steps.add(MakeStep.of(
                        "plug",
                        "Turn a plug to the hole",
                        tool,
                        List.of(
                                "A plug of " + say.length(cut.pilotMm())
                                        + " in the same or softer stuff, to press or glue into the hole, flush with the surface.",
                                "An end mill of " + say.length(cut.outsideMm()) + ", centre-cutting, in a collet."),
                        "With its hole filled the end mill finds even metal under all its edges, and does not wander into the hole.",
                        "The spindle over the plug's centre, within " + say.length(0.02) + "."));
        }
        steps.add(use());
        return steps;
    }

    private MakeStep checkStone() {
        CounterboreJob job = cut.job();
        return MakeStep.of(
                        "stone",
                        "The stone first",
                        stone,
                        List.of(
                                "Its label: rated " + say.rpm(job.stoneRpm()) + "; the grinder without load "
                                        + say.rpm(job.grinderRpm()) + ".",
                                "Ring it, look for cracks, mount it with its blotters, guard on, run it up for a minute standing aside.",
                                "Ways covered with a sheet of metal or board that cannot be drawn in; never loose cloth near what turns."),
                        "A stone that is run over its rating bursts.",
                        "The label read, not remembered.")
                .shown(Working.of("In hand", "R / n − 1", number(job.stoneRpm() / job.grinderRpm() - 1))
                        .with("R", "rated", Amount.rpm(job.stoneRpm()).typed())
                        .with("n", "without load", Amount.rpm(job.grinderRpm()).typed())
                        .told(say))
                .cautioned(
                        "Follow the makers' instructions of stone and grinder; glasses, mask, ears.",
                        "Stone dust on the ways wears them: wipe, do not blow.");
    }

    private MakeStep face() {
        DrillSet set = DrillSet.ALL;
        String drill =
                set.ofSize(cut.outsideMm()).map(found -> found.name()).orElseGet(() -> say.length(cut.outsideMm()));
        return MakeStep.of(
                        "square",
                        "Face the drill's end square",
                        stone,
                        List.of(
                                "Give up the most worn drill of that size, or the next one above it turned down by the stone: high-speed steel right through, not carbide and not coated, its shank unscored. Good ones go back.",
                                "A drill of " + drill + " in the chuck, running true, turning at about "
                                        + say.rpm(cut.job().workRpm()) + " against the stone's way.",
                                "The grinder on the slide; touch the point away until the end is flat all over."),
                        "What is ground while it turns runs true to its shank.",
                        "A square shows no light across the end.")
                .cautioned("Light touches; sparks into the tray, nothing that burns near.");
    }

    private MakeStep walkDown() {
        List<Double> sizes = cut.walkDownMm();
        String list = String.join(
                ", ",
                sizes.subList(Math.max(0, sizes.size() - SHOWN), sizes.size()).stream()
                        .map(say::length)
                        .toList());
        return MakeStep.of(
                        "pilot",
                        "Walk the pilot down",
                        stone,
                        List.of(
                                "From " + say.length(cut.outsideMm()) + " to " + say.length(cut.pilotMm()) + " in "
                                        + sizes.size() + " steps, measuring at each"
                                        + (sizes.size() > SHOWN ? "; the last: " : ": ") + list + ".",
                                "Stop at " + say.length(cut.pilotLengthMm())
                                        + " from the end: set a stop for the slide, the shoulder is where the lips will be.",
                                "Its flutes stay in it: let the stone not dwell on one margin."),
                        "The last tenth is what runs in the hole; what is too thin cannot be put back.",
                        "It enters the hole by hand and turns, with " + say.length(cut.playMm()) + " of play.")
                .measuring(CounterboreField.PILOT, say.length(cut.pilotMm()), List.of())
                .shown(Working.of("Play in its hole", "h − p", mm(cut.playMm()))
                        .with("h", "hole", mm(cut.job().holeMm()))
                        .with("p", "pilot", mm(cut.pilotMm()))
                        .told(say))
                .cautioned("Dip nothing hot in water that is hard already: let it cool in air between touches.");
    }

    private MakeStep relieve() {
        return MakeStep.of(
                        "lips",
                        "Relieve the lips at the bench wheel",
                        tool,
                        List.of(
                                "Each lip back at " + say.angle(cut.job().reliefRad())
                                        + " by hand, the lip itself held level: its own line counts, not the drill's axis.",
                                "Both alike and level within " + say.length(cut.levelMm()) + "; a touch of rake, "
                                        + say.angle(cut.job().rakeRad()) + ", no more."),
                        "Without relief it rubs; with unequal lips one does all the cutting and the seat gets a ring.",
                        "Stood on its pilot in a hole with blue, both lips mark.")
                .shown(Working.of("Level within", "f / z / 5", mm(cut.levelMm()))
                        .with("f", mm(cut.feedMm()))
                        .with("z", "lips", number(cut.lips()))
                        .told(say))
                .cautioned("Rest close to the wheel, glasses on; never grind on the side of a thin wheel.");
    }

    private MakeStep edges() {
        return MakeStep.of(
                "edges",
                "Break what must not cut",
                tool,
                List.of(
                        "The pilot's margins rounded with a stone: they must not ream the hole.",
                        "The lips' outer corners " + say.length(cut.job().cornerMm()) + "."),
                "Sharp margins open the hole; a sharp corner chips, a round one leaves a round.",
                "A nail slides over the pilot.");
    }

    private MakeStep turn() {
        return MakeStep.of(
                        "turn",
                        "Turn the blank",
                        tool,
                        List.of(
                                "Outside " + say.length(cut.outsideMm() + cut.grindStockMm()) + ", pilot "
                                        + say.length(cut.pilotMm() + cut.grindStockMm()) + ", "
                                        + say.length(cut.pilotLengthMm()) + " long, between centres or in one setting.",
                                "Undercut where pilot meets lips, a round corner elsewhere; name and sizes stamped on the shank."),
                        "What is left is for the furnace's bend and skin.",
                        "One turns true to the other.")
                .shown(Working.of("Pilot before hardening", "p + s", mm(cut.pilotMm() + cut.grindStockMm()))
                        .with("p", mm(cut.pilotMm()))
                        .with("s", "for grinding", mm(cut.grindStockMm()).chosen())
                        .told(say));
    }

    private MakeStep stemHole() {
        return MakeStep.of(
                "stem",
                "Drill and ream for the loose pilot",
                tool,
                List.of(
                        "In the same setting as the outside: drill, then ream " + say.length(cut.stemMm()) + ", "
                                + say.length(2.5 * cut.stemMm()) + " deep.",
                        "Across it a tapped hole " + cut.pilotScrew().name()
                                + ", and a flat on the pilot’s stem for it.",
                        "Pilot: head " + say.length(cut.pilotMm())
                                + ", stem to slide in without shake; harden it with the body."),
                "Bored with the outside the stem runs true; a hole drilled later never does.",
                "The pilot in, screw snug: it runs within " + say.length(0.02) + ".");
    }

    private MakeStep gashes() {
        return MakeStep.of(
                "gashes",
                "Mill the gashes",
                tool,
                List.of(cut.lips() + " gashes to the pilot, even, each with room for its chip; face "
                        + say.angle(cut.job().rakeRad()) + " of rake."),
                "Few teeth with room chatter less than many without.",
                "Lips alike in length.");
    }

    private MakeStep use() {
        CounterboreJob job = cut.job();
        return MakeStep.of(
                        "use",
                        "Cut the seat",
                        tool,
                        List.of(
                                say.rpm(cut.rpm()) + ", feed " + say.feed(cut.feedMm())
                                        + " with a light hand; table locked, depth stop at " + say.length(cut.depthMm())
                                        + ", oil.",
                                say.number(cut.depthMm() / job.handleMm(), 2)
                                        + " turns of the handle from where the lips touch; let it turn twice at the stop."),
                        "Slow and steady: lips cut over their whole width at once.",
                        "Depth, and that it sits without rocking; write it under Prove.")
                .cautioned("Work clamped: a counterbore that grabs turns what it holds. No hand near, no gloves.");
    }
}
