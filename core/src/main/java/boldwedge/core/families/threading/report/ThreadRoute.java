package boldwedge.core.families.threading.report;

import static boldwedge.core.families.threading.entry.ThreadField.*;

import boldwedge.core.families.threading.model.ThreadCut;
import boldwedge.core.families.threading.model.ThreadJob;
import boldwedge.core.families.threading.model.ThreadJob.End;
import boldwedge.core.families.threading.model.ThreadJob.Way;
import boldwedge.core.language.drawing.Scene;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.mechanics.thread.ThreadSize;
import boldwedge.core.planning.Dial;
import boldwedge.core.planning.MakeStep;
import java.util.ArrayList;
import java.util.List;

/** The road to a thread: blank, groove, tool, setting, each pass with what the dial reads and what is left, the try. */
final class ThreadRoute {
    private static final int PITCHES_COUNTED = 10;
    private static final double SCRATCH_MM = 0.03;

    private final ThreadCut cut;
    private final ThreadJob job;
    private final ThreadSize size;
    private final UnitFormat say;
    private final Scene work;
    private final Scene passes;

    ThreadRoute(ThreadCut cut, UnitFormat say, Scene work, Scene passes) {
        this.cut = cut;
        this.job = cut.job();
        this.size = job.size();
        this.say = say;
        this.work = work;
        this.passes = passes;
    }

    List<MakeStep> steps() {
        List<MakeStep> steps = new ArrayList<>();
        steps.add(blank());
        if (job.end() == End.GROOVE) {
            steps.add(groove());
        }
        steps.add(chamfer());
        steps.add(job.edge().tool().insert() ? seat() : grind());
        steps.add(set());
        steps.add(gear());
        steps.add(feedSet());
        steps.add(scratch());
        steps.add(passes());
        steps.add(spring());
        steps.add(fit());
        if (size.starts() > 1) {
            steps.add(starts());
        }
        steps.add(again());
        steps.add(deburr());
        return steps;
    }

    private MakeStep blank() {
        boolean in = job.inside();
        String range = job.limits()
                .map(limits -> say.length(limits.blankLow()) + " to " + say.length(limits.blankHigh()))
                .orElseGet(() -> "about " + say.length(cut.blankMm()));
        return MakeStep.of(
                        "blank",
                        in ? "Bore the hole" : "Turn the blank",
                        work,
                        List.of(range + ", as long as thread and groove."),
                        in
                                ? "A bored hole runs true to the thread; a drilled one leaves crests that are full on one side only."
                                : "The outside is the crest of the thread: with a tool that does not top it, this is its size.",
                        "Measure it cold. What it really is sets the depth of every pass: write it here.")
                .measuring(BLANK, range, List.of());
    }

    private MakeStep groove() {
        return MakeStep.of(
                "groove",
                job.inside() ? "Groove behind the thread" : "Run-out groove",
                work,
                List.of(say.length(cut.grooveMm()) + " wide, " + say.length(cut.grooveDiameterMm())
                        + (job.inside() ? " across, corners rounded." : " at its bottom, corners rounded.")),
                "The tool stops in it. Deeper than the root, so that the point runs free there.",
                "The tool’s tip fits in with room to either side.");
    }

    private MakeStep chamfer() {
        return MakeStep.of(
                "chamfer",
                "Chamfer",
                work,
                List.of((job.inside() ? "The mouth to " : "The end to ")
                        + say.length(
                                job.inside()
                                        ? size.insideRootMm() + 0.2 * size.pitchMm()
                                        : 2 * cut.tipAtMm() - 0.2 * size.pitchMm())
                        + "."),
                "The first turn is whole and the tool enters without a shock.",
                "All round, no burr.");
    }

    private MakeStep grind() {
        List<String> lines = new ArrayList<>();
        lines.add(
                "Leading flank: " + say.angle(cut.edge().leadingRad()) + " under the edge; half the angle to the axis, "
                        + say.angle(cut.edge().groundRad() / 2) + ".");
        lines.add("Trailing flank: " + say.angle(cut.edge().trailingRad())
                + " under the edge, the other half; try the gauge often.");
        lines.add("Front under the tip: about " + say.angle(Math.toRadians(job.inside() ? 12 : 8))
                + (job.inside() ? ", and rounded off below so that its heel clears the hole." : "."));
        lines.add(
                cut.tip().radiusMm() > 0
                        ? "Stone a radius of " + say.length(cut.tip().radiusMm()) + " on the tip."
                        : "Stone a flat of " + say.length(cut.tip().flatMm()) + " on the tip: count the strokes.");
        lines.add("Face "
                + (Math.abs(job.edge().rakeRad()) < 1e-9
                        ? "level, no rake"
                        : "sloping by " + say.angle(job.edge().rakeRad()))
                + "; stone all three faces to the edge.");
        return MakeStep.of(
                        "grind",
                        "Grind the bit",
                        work,
                        lines,
                        "Both flanks go by the gauge, not by the protractor of the rest: light must not show between.",
                        "In the gauge of " + say.angle(size.form().angleRad()) + " against a lamp.")
                .cautioned("Glasses on, guard and rest close to the wheel; dip it often, blue is soft.");
    }

    private MakeStep seat() {
        return MakeStep.of(
                "seat",
                "Seat the insert",
                work,
                List.of(
                        "Clean the pocket; lean by " + say.angle(cut.edge().helixRad())
                                + " with the holder’s own wedge, if it has one.",
                        "Screw drawn in by hand tightness of its key; no light under it."),
                "A chip under an insert lifts it off centre and out of square.",
                "No play by a fingernail.");
    }

    private MakeStep set() {
        List<String> lines = new ArrayList<>();
        lines.add("Point on centre: within " + say.length(0.01 * size.majorMm()) + ".");
        lines.add("Square: gauge laid on the " + (job.inside() ? "turned face or a ground bar in the chuck" : "blank")
                + ", the tip let into its notch against paper.");
        if (job.inside()) {
            lines.add("Bar of " + say.length(cut.bar().orElseThrow().barMm()) + ", clamped "
                    + say.length(cut.inBar().barOutMm())
                    + " behind the point; run it in to the groove by hand, spindle still, and look.");
        }
        if (job.reach().hold() == Hold.BETWEEN_CENTRES && !job.inside()) {
            lines.add("Mark the dog’s slot: its tail goes into the same one each time.");
        }
        return MakeStep.of(
                "set",
                "Set the tool",
                work,
                lines,
                "Out of square by a degree makes one flank 31° and the other 29°: it feels tight before it is down.",
                "The gauge shows no light on either flank.");
    }

    private MakeStep gear() {
        List<String> lines = new ArrayList<>();
        if (cut.gears().known()) {
            cut.gears().boxMm().ifPresent(lead -> lines.add("Box at " + say.pitch(lead) + "."));
            cut.gears()
                    .train()
                    .ifPresent(train -> lines.add(
                            train.compound()
                                    ? "Wheels: " + train.a() + " drives " + train.b() + "; on its stud " + train.c()
                                            + " drives " + train.d() + "."
                                    : "Wheels: " + train.a() + " drives " + train.b() + ", any wheel between."));
        } else {
            lines.add("Set the lathe for a lead of " + say.pitch(size.leadMm()) + ".");
        }
        lines.add(say.rpm(cut.rpm()) + ", "
                + (job.left() ? "carriage away from the chuck: left hand." : "carriage toward the chuck."));
        cut.gears().dial().ifPresent(dial -> {
            double lead = cut.gears().known() ? cut.gears().cutsMm() : size.leadMm();
            lines.add(
                    switch (dial.at(lead)) {
                        case ANYWHERE -> "Half nut: close it anywhere.";
                        case ANY_MARK -> "Half nut: at any mark.";
                        case SOME_MARKS -> "Half nut: at every " + dial.every(lead) + ". mark from the first.";
                        case SAME_MARK -> "Half nut: at one mark only.";
                        case NEVER -> "Half nut: stays closed till it fits.";
                    });
        });
        return MakeStep.of(
                        "gear",
                        "Gear the lathe",
                        work,
                        lines,
                        "The lead comes from the wheels: nothing later mends it.",
                        "Turn the spindle by hand with the nut closed: the carriage moves the right way.")
                .cautioned("Motor off and plug out while hands are among the wheels; guard closed again.");
    }

    private MakeStep feedSet() {
        boolean compound = job.cutting().way().compound();
        return MakeStep.of(
                "infeed",
                compound ? "Set the compound" : "Set the slides",
                passes,
                compound
                        ? List.of(
                                "Compound at " + ThreadSpoken.setting(cut, say)
                                        + ", swung so that feeding in moves the tool toward the "
                                        + (job.left() ? "tailstock" : "chuck") + ".",
                                "Touch the " + (job.inside() ? "hole" : "blank")
                                        + "; both dials to 0. The cross slide only goes out and back to 0; the compound feeds.")
                        : List.of(
                                "Compound along the bed, its slack taken up, gibs snug.",
                                "Touch the " + (job.inside() ? "hole" : "blank")
                                        + "; cross slide’s dial to 0. It feeds."
                                        + (job.cutting().way() == Way.TO_AND_FRO
                                                ? " The compound is moved to one side and the other by turns, less each time, and ends in the middle."
                                                : "")),
                "One dial is zero each time the tool goes back in, the other counts: nothing has to be remembered.",
                "Backlash out: both screws last turned in the way of the cut.");
    }

    private MakeStep scratch() {
        double span = PITCHES_COUNTED * size.leadMm();
        return MakeStep.of(
                        "scratch",
                        "Scratch pass",
                        work,
                        List.of(
                                "Feed in " + say.length(SCRATCH_MM) + ", close the nut, let it run to the end.",
                                "Draw the tool out, open the nut" + (job.end() == End.GROOVE ? " in the groove" : "")
                                        + ", back, dial to 0."),
                        "A hair line shows a wrong wheel before it costs the piece.",
                        "Pitch gauge in the line, or rule: ten turns are " + say.length(span)
                                + (25.4 / size.leadMm() < 60 && job.call().inInches()
                                        ? ", " + Written.places(25.4 / size.leadMm(), 2) + " turns an inch"
                                        : "")
                                + ".")
                .cautioned("Hand on the half nut, eyes on the " + (job.end() == End.GROOVE ? "groove" : "end")
                        + "; nothing loose near chuck or work.");
    }

    /** All passes by the dial, each to be ticked off. */
    private MakeStep passes() {
        int many = cut.depthsMm().size();
        Dial dial = ThreadSpoken.dial(cut);
        List<String> columns = new ArrayList<>(List.of("Pass", ThreadSpoken.capital(ThreadSpoken.slide(cut)) + " to"));
        if (saysBoth()) {
            columns.add("that is");
        }
        columns.add("Left on the pitch diameter");
        if (isToAndFro()) {
            columns.add("Compound beside the middle");
        }
        List<MakeStep.StepRow> rows = new ArrayList<>();
        for (int i = 0; i < many; i++) {
            rows.add(row(i, dial));
        }
        return MakeStep.of(
                        "passes",
                        many == 1 ? "One pass" : many + " passes by the dial",
                        passes,
                        List.of(
                                "Draw out, back, in to zero, on by the dial; oil at every pass.",
                                "A long even curl from the leading flank; it tears: stop, stone, oil."),
                        "Each takes less than the one before: the chip grows wider as it goes in.",
                        "Nothing is left by the dial after the last; spring is.")
                .withTable(new MakeStep.StepTable(List.copyOf(columns), List.copyOf(rows)));
    }

    /** Whether the dial is cut in other units than the shop asks in: then both are said. */
    private boolean saysBoth() {
        return ThreadSpoken.dial(cut).inch() != (say.units() == UnitSystem.INCH);
    }

    private boolean isToAndFro() {
        return job.cutting().way() == Way.TO_AND_FRO;
    }

    private MakeStep.StepRow row(int i, Dial dial) {
        double depth = cut.depthsMm().get(i);
        double way = cut.infeed().compoundMm(depth);
        List<String> cells = new ArrayList<>(List.of(String.valueOf(i + 1), dial.says(way)));
        if (saysBoth()) {
            cells.add(say.length(dial.reads(way)));
        }
        cells.add(say.length(2 * (cut.depthMm() - depth)));
        if (isToAndFro()) {
            double aside = (cut.depthMm() - depth) * Math.tan(size.form().halfRad());
            cells.add(
                    i + 1 == cut.depthsMm().size()
                            ? "in the middle"
                            : Dial.compound(job.lathe().screw()).length(aside)
                                    + (i % 2 == 0 ? " toward the chuck" : " toward the tailstock"));
        }
        return new MakeStep.StepRow("pass-" + (i + 1), List.copyOf(cells));
    }

    private MakeStep spring() {
        return MakeStep.of(
                "spring",
                cut.spring() == 1 ? "One spring pass" : cut.spring() + " spring passes",
                passes,
                List.of("The same dial, no infeed" + (cut.spring() > 1 ? ", " + cut.spring() + " times" : "") + "."),
                "What sprang away comes back: " + say.length(cut.sprungMm()) + " on the pitch diameter is reckoned.",
                "Hardly a chip falls any more.");
    }

    private MakeStep fit() {
        List<String> lines = new ArrayList<>();
        if (job.inside()) {
            lines.add(
                    job.limits().isPresent()
                            ? "Plug: the go end goes all the way, the no-go end at most two turns."
                            : "Its mate, brushed clean.");
        } else {
            ThreadWires.finding(cut, say).ifPresent(finding -> lines.add(finding.statement()));
            lines.add("Or nut or ring: brushed clean, by hand, all the way.");
        }
        double tenth = say.units() == boldwedge.core.language.measure.UnitSystem.METRIC ? 0.1 : 0.127;
        lines.add("Too large by " + say.length(tenth) + " on the pitch diameter: "
                + ThreadSpoken.dial(cut)
                        .length(ThreadSpoken.dial(cut).reads(cut.infeed().leftOnCompoundMm(tenth))) + " more on the "
                + ThreadSpoken.slide(cut) + ".");
        return MakeStep.of(
                        "fit",
                        "Try it, in the lathe",
                        work,
                        lines,
                        "Do not take the work out before it fits: it does not go back as it was.",
                        "Cold, clean, no burr: a warm or waxed thread measures large.")
                .cautioned("Spindle stopped and nut open before a hand or a gauge comes near the thread.");
    }

    private MakeStep starts() {
        return MakeStep.of(
                "starts",
                "The other starts",
                work,
                List.of(
                        "After each groove move the compound, set along the bed, by one pitch, "
                                + say.length(size.pitchMm()) + ", or turn the spindle by a part of " + size.starts()
                                + " against the wheels.",
                        "All grooves to the same depth before the last passes."),
                "The lead is " + size.starts() + " pitches: each groove leaves room for the others.",
                "Ridges of one width all round.");
    }

    private MakeStep again() {
        return MakeStep.of(
                "again",
                "If work or tool was moved",
                work,
                List.of(
                        "Tool clear of the work, nut closed, spindle turned forward by hand until the slack is gone.",
                        "With compound and cross slide bring the point into the groove at mid-length; both flanks alike. New zeros.",
                        "Beside by " + say.length(0.05) + " along the axis thins the pitch diameter by "
                                + say.length(boldwedge.core.mechanics.thread.PickUp.thinsMm(size.form(), 0.05)) + "."),
                "Picked up a little beside, the next pass cuts one flank only and the thread comes out loose.",
                "A pass without infeed takes dust from both flanks, or from none.");
    }

    private MakeStep deburr() {
        return MakeStep.of(
                        "deburr",
                        "Break the crests’ burr",
                        work,
                        List.of(
                                "Fine file or a strip of cloth held flat, a touch along the crests; then one more spring pass."),
                        "The burr at the crests bites first and feels like a thread that is too large.",
                        "A fingernail slides over it both ways.")
                .cautioned("File with a handle, left hand away from the chuck; no cloth round a finger.");
    }
}
