package boldwedge.core.families.threading.report;

import static boldwedge.core.families.threading.entry.ThreadField.*;

import boldwedge.core.families.threading.entry.ThreadReader;
import boldwedge.core.families.threading.model.ThreadCut;
import boldwedge.core.families.threading.model.ThreadJob.Way;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.words.Worded;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.planning.Fixer;
import boldwedge.core.planning.Read;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialAnswer.Compared;
import boldwedge.core.planning.TrialReader;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.trial.Cause;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** Judges a thread by wires, by its pitch diameter, by gauges and by its looks. */
public final class ThreadTrial {
    private static final Limits LENGTH = new Limits(Quantity.LENGTH, 0.2, 1200);
    private static final Limits BESIDE = new Limits(Quantity.LENGTH, 0, 5);
    /** What nobody can tell over wires in a shop. */
    private static final double GAUGE_MM = 0.005;
    /** Nearer to a pass of the plan than this it is that pass. */
    private static final double SAME_DEPTH_MM = 0.01;

    private static final int TURNS = 10;

    private final TrialReader reader;
    private final TrialRequest request;
    private final UnitFormat say;

    /** How gauge, nut or mate went. */
    public enum Gauge implements Worded {
        UNTRIED,
        FITS,
        TIGHT,
        TIGHT_END,
        LOOSE
    }

    /** How the flanks look. */
    public enum Look implements Worded {
        CLEAN,
        TORN,
        STEPS,
        DRUNKEN,
        FLAT,
        RUBBED
    }

    private ThreadTrial(TrialRequest request) {
        this.request = request;
        this.reader = new TrialReader(request);
        this.say = new UnitFormat(request.plan().units());
    }

    /** Judges a trial. */
    public static TrialAnswer prove(TrialRequest request) {
        return new ThreadTrial(request).judge();
    }

    private TrialAnswer judge() {
        Read<ThreadCut> read = ThreadReader.cut(request.plan());
        OptionalDouble wires = reader.value("overWires", "Over three wires", LENGTH);
        OptionalDouble measured = reader.value("pitchMeasured", "Pitch diameter", LENGTH);
        OptionalDouble far = reader.value("overWiresFar", "Over wires, chuck end", LENGTH);
        OptionalDouble ten = reader.value("tenTurns", "Ten turns measure", LENGTH);
        OptionalDouble beside = reader.value("besideBy", "Picked up beside by", BESIDE);
        Gauge gauge = reader.choice("gauge", "Nut, gauge or mate", Gauge.values());
        Look look = reader.choice("look", "Flanks look", Look.values());
        if (reader.hasErrors()) {
            return reader.stopped("One reading cannot be right.");
        }
        if (read.cut().isEmpty()) {
            return reader.stopped("The thread itself is not complete yet: mend it at the earlier stations first.");
        }
        ThreadCut cut = read.cut().get();
        if (cut.job().inside() && (wires.isPresent() || far.isPresent())) {
            reader.wrong(
                    wires.isPresent() ? "overWires" : "overWiresFar",
                    "Wires do not go into an inside thread: use a plug gauge, or type its pitch diameter.");
            return reader.stopped("One reading cannot be right.");
        }
        if (wires.isEmpty() && measured.isEmpty() && gauge == Gauge.UNTRIED && look == Look.CLEAN && ten.isEmpty()) {
            return reader.stopped("Type what wires or a thread micrometer said, or how the gauge went.");
        }
        OptionalDouble pitch = measured.isPresent()
                ? measured
                : wires.stream().map(over -> cut.wires().pitchDiameterMm(over)).findFirst();
        if (pitch.isPresent()
                && Math.abs(pitch.getAsDouble() - cut.targetMm())
                        > 1.5 * cut.job().size().pitchMm()) {
            reader.wrong(
                    measured.isPresent() ? "pitchMeasured" : "overWires",
                    "That is a pitch diameter of " + say.length(pitch.getAsDouble()) + ", far from "
                            + say.length(cut.targetMm()) + ". Check the wires of "
                            + say.length(cut.wires().wireMm()) + " and the units.");
            return reader.stopped("One reading cannot be right.");
        }
        OptionalDouble farPitch =
                far.stream().map(over -> cut.wires().pitchDiameterMm(over)).findFirst();
        return answer(cut, new ThreadCauses.Seen(pitch, farPitch, ten, beside, gauge, look));
    }

    private TrialAnswer answer(ThreadCut cut, ThreadCauses.Seen seen) {
        List<Compared> rows = new ArrayList<>();
        String wanted = say.length(cut.pitchLowMm()) + " to " + say.length(cut.pitchHighMm());
        boolean in = true;
        String verdict = "";
        if (seen.pitch().isPresent()) {
            double pitch = seen.pitch().getAsDouble();
            in = pitch >= cut.pitchLowMm() - 1e-9 && pitch <= cut.pitchHighMm() + 1e-9;
            rows.add(new Compared("Pitch diameter", wanted, say.length(pitch), in));
            double go = cut.toGoMm(pitch);
            verdict = in
                    ? "The pitch diameter is within its limits: " + say.length(pitch) + "."
                    : go > 0
                            ? "Still " + say.length(go) + " to the middle of its limits: " + ThreadSpoken.more(cut, go)
                                    + " on the " + ThreadSpoken.slide(cut) + "."
                            : "It is " + say.length(cut.pastMm(pitch)) + " past its limits: "
                                    + (cut.job().inside() ? "too large" : "too thin") + ", loose.";
        }
        if (seen.far().isPresent() && seen.pitch().isPresent()) {
            double taper = seen.pitch().getAsDouble() - seen.far().getAsDouble();
            double reckoned = cut.taperMm();
            rows.add(new Compared(
                    "Free end over chuck end",
                    say.length(0.4 * reckoned) + " to " + say.length(1.6 * Math.abs(reckoned) + GAUGE_MM),
                    say.length(taper),
                    taper >= 0.4 * reckoned - GAUGE_MM && taper <= 1.6 * Math.abs(reckoned) + GAUGE_MM));
        }
        if (seen.ten().isPresent()) {
            double should = TURNS * cut.job().size().leadMm();
            rows.add(new Compared(
                    "Ten turns",
                    say.length(should),
                    say.length(seen.ten().getAsDouble()),
                    Math.abs(seen.ten().getAsDouble() - should) < 0.05));
        }
        if (seen.gauge() != Gauge.UNTRIED) {
            rows.add(new Compared(
                    "Nut, gauge or mate", Gauge.FITS.words(), seen.gauge().words(), seen.gauge() == Gauge.FITS));
        }
        if (verdict.isEmpty()) {
            verdict = seen.gauge() == Gauge.UNTRIED
                    ? "The flanks are " + seen.look().words() + "."
                    : "The gauge " + words(seen.gauge()) + ".";
        } else if (seen.gauge() != Gauge.UNTRIED && seen.gauge() != Gauge.FITS) {
            verdict += " The gauge " + words(seen.gauge()) + ".";
        }
        boolean good = in
                && (seen.gauge() == Gauge.FITS || seen.gauge() == Gauge.UNTRIED)
                && seen.look() == Look.CLEAN
                && rows.stream().allMatch(Compared::within);
        List<Cause> causes = good ? List.of() : new ThreadCauses(say).of(cut, seen);
        Optional<Fix> next = good ? Optional.empty() : next(cut, seen, causes);
        return new TrialAnswer(
                true,
                reader.readings(),
                rows,
                causes,
                good ? verdict + " It serves." : verdict,
                next,
                next.map(mend -> expected(cut, seen, mend))
                        .orElse(good ? "Nothing needs to change." : "Nothing that was computed would better it."),
                seen.pitch().isPresent() || seen.gauge() != Gauge.UNTRIED
                        ? Optional.of(ThreadPassScenes.limits(cut, say, seen.pitch()))
                        : Optional.empty());
    }

    private static String words(Gauge gauge) {
        return switch (gauge) {
            case UNTRIED -> "was not tried";
            case FITS -> "goes on";
            case TIGHT -> "does not go on";
            case TIGHT_END -> "goes on part of the way";
            case LOOSE -> "is loose";
        };
    }

    /** The one next change, what costs nothing first. */
    private Optional<Fix> next(ThreadCut cut, ThreadCauses.Seen seen, List<Cause> causes) {
        String first = causes.isEmpty() ? "" : causes.getFirst().id();
        return switch (first) {
            case "spring" ->
                Optional.of(new Fix(
                        (cut.spring() + 2) + " spring passes",
                        SPRING.id(),
                        String.valueOf(Math.min(10, cut.spring() + 2))));
            case "not-down" ->
                seen.pitch().isPresent()
                        ? Optional.of(Fix.atTheMachine("Feed in "
                                + ThreadSpoken.more(cut, cut.toGoMm(seen.pitch().getAsDouble())) + " more on the "
                                + ThreadSpoken.slide(cut)))
                        : Optional.of(Fix.atTheMachine("Measure it over wires"));
            case "too-deep" ->
                Optional.of(
                        Fix.atTheMachine(
                                cut.job().inside()
                                        ? "Keep it: cut its mate larger to fit. The next one shallower, tried with the plug before the last passes"
                                        : "Keep it for a tighter mate. The next one shallower, measured over wires before the last passes"));
            case "picked-up" ->
                Optional.of(Fix.atTheMachine(
                        cut.job().inside()
                                ? "Keep it: cut its mate larger to fit"
                                : "Keep it for a tighter mate, or cut the next with the nut left closed"));
            case "lead" -> Optional.of(Fix.atTheMachine("Look at wheels and box: count ten turns against a rule"));
            case "angle" ->
                Math.abs(cut.job().edge().yawRad()) > 1e-6
                        ? Optional.of(new Fix("Square it", YAW.id(), "0°"))
                        : Math.abs(cut.job().edge().heightMm()) > 1e-6
                                ? Optional.of(new Fix("On centre", HEIGHT.id(), "0 mm"))
                                : Optional.of(Fix.atTheMachine("Try the bit in the gauge against a lamp"));
            case "burr" -> Optional.of(Fix.atTheMachine("Brush it out, break the crests, try again"));
            case "crest" ->
                Optional.of(new Fix(
                        cut.job().inside() ? "Bore it to its limits" : "Turn it to its limits", BLANK.id(), ""));
            case "bar-rubs" -> {
                double point = cut.inBar().pointForMm(cut.bar().orElseThrow().barMm());
                yield Optional.of(new Fix(
                        "Set the point out to " + say.length(point),
                        BAR_POINT.id(),
                        boldwedge.core.language.measure.Written.exact(Quantity.LENGTH, point)));
            }
            case "pushed-off" ->
                cut.job().reach().hold() == Hold.CHUCK
                        ? Optional.of(new Fix(
                                "Bring the centre up",
                                HELD.id(),
                                boldwedge.core.planning.Entry.choice(Hold.CHUCK_AND_CENTRE)))
                        : Optional.of(new Fix(
                                (cut.spring() + 2) + " spring passes",
                                SPRING.id(),
                                String.valueOf(Math.min(10, cut.spring() + 2))));
            case "tailstock" ->
                Optional.of(Fix.atTheMachine("A spring pass first; then set the tailstock to the line"));
            case "clearance" -> Optional.of(new Fix("Grind the flank back", LEADING.id(), ""));
            case "crowded" -> Optional.of(new Fix("Compound half a degree under", WAY.id(), "half-less"));
            case "built-up" -> Optional.of(Fix.atTheMachine("Stone the edge, oil it, and take the last passes thin"));
            case "steps" ->
                cut.job().cutting().way() == Way.HALF
                        ? Optional.of(new Fix("Half a degree less", WAY.id(), "half-less"))
                        : Optional.of(Fix.atTheMachine("Set the compound against a protractor"));
            case "slack", "dog" ->
                Optional.of(Fix.atTheMachine("Take up the slack and snug the gibs; look at the dog"));
            case "holder" -> Optional.of(Fix.atTheMachine("Let the point stand out further"));
            default -> Optional.empty();
        };
    }

    private String expected(ThreadCut cut, ThreadCauses.Seen seen, Fix mend) {
        if (mend.field().isEmpty()) {
            return seen.pitch().isPresent() && cut.toGoMm(seen.pitch().getAsDouble()) > 0
                    ? inPasses(cut, cut.toGoMm(seen.pitch().getAsDouble())) + " Then it measures about "
                            + say.length(cut.targetMm()) + ", the middle of its limits."
                    : "Nothing of the plan changes; the next trial tells.";
        }
        return new Fixer<>(request.plan(), asked -> ThreadReader.cut(asked).cut())
                .with(mend)
                .map(then -> "Then about " + say.length(then.leftMm()) + " of spring is left on the pitch diameter, "
                        + say.length(then.edge().feltMm()) + " is felt of the angle.")
                .orElse("");
    }

    /** What is left, as the passes that the plan still has for it, each as much more on the dial. */
    private static String inPasses(ThreadCut cut, double toGoMm) {
        double now = cut.depthMm() - toGoMm / 2;
        List<String> steps = new ArrayList<>();
        double at = now;
        for (double depth : cut.depthsMm()) {
            if (depth > now + SAME_DEPTH_MM) {
                Dial dial = ThreadSpoken.dial(cut);
                steps.add(dial.length(dial.reads(cut.infeed().compoundMm(depth - at))));
                at = depth;
            }
        }
        if (steps.isEmpty()) {
            return "In one pass: " + ThreadSpoken.more(cut, toGoMm) + " more.";
        }
        int count = steps.size();
        return count == 1
                ? "In one pass: " + steps.getFirst() + " more."
                : "In " + count + " passes: " + String.join(", ", steps.subList(0, count - 1)) + " and "
                        + steps.get(count - 1) + " more.";
    }
}
