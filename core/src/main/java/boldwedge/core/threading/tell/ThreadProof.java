package boldwedge.core.threading.tell;

import static boldwedge.core.measure.Amount.mm;
import static boldwedge.core.measure.Amount.rad;

import boldwedge.core.ask.Mender;
import boldwedge.core.ask.Read;
import boldwedge.core.ask.TrialAnswer;
import boldwedge.core.ask.TrialAnswer.Compared;
import boldwedge.core.ask.TrialReader;
import boldwedge.core.ask.TrialRequest;
import boldwedge.core.finding.Mend;
import boldwedge.core.finding.Working;
import boldwedge.core.measure.Limits;
import boldwedge.core.measure.Quantity;
import boldwedge.core.measure.Say;
import boldwedge.core.proof.Cause;
import boldwedge.core.rigidity.Hold;
import boldwedge.core.thread.PickUp;
import boldwedge.core.thread.ThreadLimits;
import boldwedge.core.thread.ThreadSize;
import boldwedge.core.threading.ask.ThreadField;
import boldwedge.core.threading.ask.ThreadReader;
import boldwedge.core.threading.model.ThreadCut;
import boldwedge.core.threading.model.ThreadJob;
import boldwedge.core.threading.model.ThreadJob.Way;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/** Judges a thread by wires, by its pitch diameter, by gauges and by its looks. */
public final class ThreadProof {
    private static final Limits LENGTH = new Limits(Quantity.LENGTH, 0.2, 1200);
    private static final Limits BESIDE = new Limits(Quantity.LENGTH, 0, 5);
    /** What nobody can tell over wires in a shop. */
    private static final double GAUGE_MM = 0.005;

    private static final int TURNS = 10;

    private final TrialReader reader;
    private final TrialRequest request;
    private final Say say;

    /** How gauge, nut or mate went. */
    public enum Gauge {
        UNTRIED("not tried"),
        FITS("goes on, no shake"),
        TIGHT("does not go on"),
        TIGHT_END("goes on part of the way"),
        LOOSE("loose; the no-go goes too");

        private final String words;

        Gauge(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** How the flanks look. */
    public enum Look {
        CLEAN("clean"),
        TORN("torn"),
        STEPS("steps on one flank"),
        DRUNKEN("wavy, drunken"),
        FLAT("crests not full"),
        RUBBED("crests rubbed bright inside");

        private final String words;

        Look(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    private record Seen(
            OptionalDouble pitch,
            OptionalDouble far,
            OptionalDouble ten,
            OptionalDouble beside,
            Gauge gauge,
            Look look) {}

    private ThreadProof(TrialRequest request) {
        this.request = request;
        this.reader = new TrialReader(request);
        this.say = new Say(request.plan().units());
    }

    /** Judges a trial. */
    public static TrialAnswer prove(TrialRequest request) {
        return new ThreadProof(request).judge();
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
        return answer(cut, new Seen(pitch, farPitch, ten, beside, gauge, look));
    }

    private static double low(ThreadCut cut) {
        return cut.job()
                .limits()
                .map(ThreadLimits::pitchLow)
                .orElse(cut.job().size().pitchDiameterMm()
                        - 0.05 * cut.job().size().pitchMm());
    }

    private static double high(ThreadCut cut) {
        return cut.job()
                .limits()
                .map(ThreadLimits::pitchHigh)
                .orElse(cut.job().size().pitchDiameterMm()
                        + 0.05 * cut.job().size().pitchMm());
    }

    /** What is still to come off the pitch diameter outside, or out of it inside, to the aim, mm; below 0 when too much is gone. */
    private static double toGo(ThreadCut cut, double pitch) {
        return cut.job().inside() ? cut.targetMm() - pitch : pitch - cut.targetMm();
    }

    private TrialAnswer answer(ThreadCut cut, Seen seen) {
        List<Compared> rows = new ArrayList<>();
        String wanted = say.length(low(cut)) + " to " + say.length(high(cut));
        boolean in = true;
        String verdict = "";
        if (seen.pitch().isPresent()) {
            double pitch = seen.pitch().getAsDouble();
            in = pitch >= low(cut) - 1e-9 && pitch <= high(cut) + 1e-9;
            rows.add(new Compared("Pitch diameter", wanted, say.length(pitch), in));
            double go = toGo(cut, pitch);
            verdict = in
                    ? "The pitch diameter is within its limits: " + say.length(pitch) + "."
                    : go > 0
                            ? "Still " + say.length(go) + " to the middle of its limits: " + more(cut, go) + " on the "
                                    + ThreadSpoken.slide(cut) + "."
                            : "It is " + say.length(outside(cut, pitch)) + " past its limits: "
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
        List<Cause> causes = good ? List.of() : causes(cut, seen);
        Optional<Mend> next = good ? Optional.empty() : next(cut, seen, causes);
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
                        ? Optional.of(ThreadScenes.limits(cut, say, seen.pitch()))
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

    private static double outside(ThreadCut cut, double pitch) {
        return cut.job().inside() ? pitch - high(cut) : low(cut) - pitch;
    }

    private String more(ThreadCut cut, double go) {
        Dial dial = ThreadSpoken.dial(cut);
        return dial.says(cut.infeed().leftOnCompoundMm(go));
    }

    private List<Cause> causes(ThreadCut cut, Seen seen) {
        List<Cause> causes = new ArrayList<>();
        ThreadSize size = cut.job().size();
        double width = high(cut) - low(cut);
        seen.pitch().ifPresent(pitch -> {
            double go = toGo(cut, pitch);
            boolean notDown = go > width / 2;
            boolean past = outside(cut, pitch) > 0;
            if (notDown) {
                double spring = cut.leftMm();
                double far = Math.log(Math.max(go, 1e-4) / Math.max(spring, 1e-4));
                causes.add(new Cause(
                        "spring",
                        cut.job().inside() ? "The bar springs" : "Work and tool spring apart",
                        say.length(spring) + " was reckoned to stay after " + cut.spring() + " spring passes; "
                                + say.length(go) + " did.",
                        0.9 * Math.exp(-far * far / 2),
                        List.of(Working.of("Left", "m − a", mm(pitch - cut.targetMm()))
                                .with("m", mm(pitch).measured())
                                .with("a", "aimed at", mm(cut.targetMm()))
                                .told(say))));
                causes.add(new Cause(
                        "not-down",
                        "It is not down yet",
                        "Touch, tip or blank were a little off: a tip whose flat is wider by "
                                + say.length(go * Math.tan(size.form().halfRad())) + " leaves as much.",
                        0.8 * (1 - Math.exp(-far * far / 2)) + 0.1,
                        List.of()));
            }
            if (past) {
                double by = outside(cut, pitch) + width / 2;
                double beside = PickUp.besideMm(size.form(), by);
                boolean told = seen.beside().isPresent() && seen.beside().getAsDouble() > 0;
                double thins = told ? PickUp.thinsMm(size.form(), seen.beside().getAsDouble()) : by;
                double far = Math.log(Math.max(thins, 1e-4) / by);
                causes.add(new Cause(
                        "picked-up",
                        "Picked up beside its groove",
                        told
                                ? "Beside by " + say.length(seen.beside().getAsDouble()) + " thins it by "
                                        + say.length(thins) + "; it is " + say.length(by) + " off its aim."
                                : "Beside by " + say.length(beside)
                                        + " along the axis would do it: was work, tool or nut moved?",
                        told ? 0.95 * Math.exp(-far * far) : 0.5,
                        List.of(Working.of(
                                        "Thinned",
                                        "d / tan(a)",
                                        mm(PickUp.thinsMm(
                                                size.form(),
                                                told ? seen.beside().getAsDouble() : beside)))
                                .with(
                                        "d",
                                        "beside by",
                                        told ? mm(seen.beside().getAsDouble()).measured() : mm(beside))
                                .with(
                                        "a",
                                        "half angle",
                                        rad(size.form().halfRad()).fromTable())
                                .told(say))));
                causes.add(new Cause(
                        "too-deep",
                        "Fed in too far",
                        "By " + more(cut, by) + " on the " + ThreadSpoken.slide(cut)
                                + ": a turn or a zero miscounted, or a tip sharper than was reckoned.",
                        told ? 0.3 : 0.6,
                        List.of()));
            }
        });
        tight(cut, seen, causes);
        taper(cut, seen, causes);
        looks(cut, seen, causes);
        return causes.stream()
                .filter(cause -> cause.fit() > 0.05)
                .sorted(Comparator.comparingDouble(Cause::fit).reversed())
                .toList();
    }

    /** It is right by its pitch diameter, or that is not known, and will not go on. */
    private void tight(ThreadCut cut, Seen seen, List<Cause> causes) {
        if (seen.gauge() == Gauge.LOOSE && seen.pitch().isEmpty()) {
            double width = high(cut) - low(cut);
            causes.add(new Cause(
                    "picked-up",
                    "Picked up beside its groove, or fed in too far",
                    "Beside by " + say.length(PickUp.besideMm(cut.job().size().form(), width))
                            + " takes all of its limits.",
                    0.6,
                    List.of()));
        }
        if (seen.gauge() != Gauge.TIGHT && seen.gauge() != Gauge.TIGHT_END) {
            return;
        }
        ThreadSize size = cut.job().size();
        double tolerance = high(cut) - low(cut);
        double error = seen.ten().isPresent()
                ? (seen.ten().getAsDouble() / TURNS - size.leadMm())
                        * Math.min(cut.job().lengthMm(), size.majorMm())
                        / size.leadMm()
                : cut.gears().errorMm(Math.min(cut.job().lengthMm(), size.majorMm()));
        double felt = PickUp.leadErrorMm(size.form(), error);
        if (felt > 1e-4) {
            causes.add(new Cause(
                    "lead",
                    "The lead is off",
                    say.length(Math.abs(error)) + " over the engagement is felt as " + say.length(felt)
                            + " on the pitch diameter"
                            + (seen.gauge() == Gauge.TIGHT_END ? ": it starts and then binds." : "."),
                    Math.min(0.95, (seen.gauge() == Gauge.TIGHT_END ? 1.2 : 0.8) * felt / tolerance),
                    List.of(Working.of("Felt on the pitch diameter", "|u| / tan(a)", mm(felt))
                            .with("u", "off over the engagement", mm(error))
                            .with("a", "half angle", rad(size.form().halfRad()).fromTable())
                            .told(say))));
        }
        double angle = cut.feltMm();
        if (angle > 1e-4) {
            causes.add(new Cause(
                    "angle",
                    "The flanks’ angle is off",
                    "Square, rake and height as typed: felt as " + say.length(angle) + ".",
                    Math.min(0.9, 0.8 * angle / tolerance),
                    List.of()));
        }
        boolean measuredRight =
                seen.pitch().isPresent() && toGo(cut, seen.pitch().getAsDouble()) <= tolerance / 2;
        if (!measuredRight && seen.pitch().isEmpty()) {
            causes.add(new Cause(
                    "not-down",
                    "It is not down yet",
                    "Measure it over wires before more is fed in: the gauge alone does not say how much.",
                    seen.gauge() == Gauge.TIGHT ? 0.6 : 0.3,
                    List.of()));
        }
        if (cut.bar().isPresent() && cut.bar().get().roomAtDepth(cut.tipAtMm(), cut.blankMm() / 2) < 0) {
            causes.add(barRubs(cut, 0.9));
        }
        causes.add(new Cause(
                "burr",
                "Burr or chips in it",
                "Brush it, break the crests, try again before anything is cut.",
                measuredRight ? 0.6 : 0.35,
                List.of()));
        boolean crestMeets = cut.job().inside()
                ? cut.blankMm()
                        < cut.job()
                                        .limits()
                                        .map(ThreadLimits::minorLow)
                                        .orElse(cut.job().size().minorMm())
                                - 1e-6
                : cut.blankMm()
                        > cut.job()
                                        .limits()
                                        .map(ThreadLimits::majorHigh)
                                        .orElse(cut.job().size().majorMm())
                                + 1e-6;
        if (crestMeets) {
            causes.add(new Cause(
                    "crest",
                    "The crests meet the mate’s root",
                    (cut.job().inside() ? "The hole is under" : "The blank is over") + " its limits.",
                    0.9,
                    List.of()));
        }
    }

    private Cause barRubs(ThreadCut cut, double fit) {
        double share = Math.clamp(cut.bar().orElseThrow().rubsAt(cut.blankMm() / 2) / cut.depthMm(), 0, 1);
        return new Cause(
                "bar-rubs",
                "The bar drags on the crests",
                "It touches from " + say.share(share) + " of the depth on: more infeed bends it and cuts nothing.",
                fit,
                List.of());
    }

    private void taper(ThreadCut cut, Seen seen, List<Cause> causes) {
        if (seen.far().isEmpty() || seen.pitch().isEmpty()) {
            return;
        }
        double taper = seen.pitch().getAsDouble() - seen.far().getAsDouble();
        if (Math.abs(taper) < 2 * GAUGE_MM) {
            return;
        }
        double reckoned = Math.max(cut.taperMm(), 1e-4);
        double far = taper > 0 ? Math.log(taper / reckoned) : 3;
        causes.add(new Cause(
                "pushed-off",
                "The work bends away at its free end",
                say.length(reckoned) + " was reckoned, " + say.length(taper) + " measured.",
                0.9 * Math.exp(-far * far / 2),
                List.of()));
        causes.add(new Cause(
                "tailstock",
                "Headstock or tailstock off the line",
                "A taper that a spring pass does not lessen is alignment.",
                0.5 * (1 - Math.exp(-far * far / 2)) + 0.05,
                List.of()));
    }

    private void looks(ThreadCut cut, Seen seen, List<Cause> causes) {
        ThreadJob job = cut.job();
        switch (seen.look()) {
            case CLEAN -> {}
            case TORN -> {
                double least = Math.min(cut.leadingRad() - cut.helixRad(), cut.trailingRad() + cut.helixRad());
                if (least < Math.toRadians(2)) {
                    causes.add(new Cause(
                            "clearance",
                            "A flank’s heel rubs",
                            "Only " + say.angle(least) + " clear in the helix.",
                            0.9,
                            List.of()));
                }
                if (job.cutting().way() == Way.STRAIGHT && job.size().pitchMm() > 1) {
                    causes.add(new Cause(
                            "crowded",
                            "Two chips in one groove",
                            "Straight in both flanks cut and the chips jam.",
                            Math.min(0.85, 0.3 * job.size().pitchMm()),
                            List.of()));
                }
                causes.add(new Cause(
                        "built-up",
                        "Metal builds up on the edge",
                        job.work().builtUpEdge() + "; oil, a keen edge, slower or much faster.",
                        0.25 + 0.5 * job.work().builtUp(),
                        List.of()));
            }
            case STEPS ->
                causes.add(new Cause(
                        "steps",
                        "The trailing flank is left behind",
                        job.cutting().way() == Way.HALF
                                ? "At exactly half the angle a small error of the compound draws the tool away from it: half a degree less shaves it."
                                : "The compound stands over more than half the angle, or it was fed by the wrong slide.",
                        0.9,
                        List.of()));
            case DRUNKEN -> {
                causes.add(new Cause(
                        "slack",
                        "Slack in screw, nut or wheels",
                        "The carriage runs to and fro within it: gibs snug, drag on the carriage, wheels true.",
                        0.7,
                        List.of()));
                causes.add(new Cause(
                        "dog",
                        "Work or dog slips",
                        "A dog’s tail that knocks in its slot, or work that turns in the jaws.",
                        0.45,
                        List.of()));
            }
            case FLAT ->
                causes.add(new Cause(
                        "crest-flat",
                        cut.job().inside() ? "The hole is bored large" : "The blank is turned small",
                        "Flanks carry all the same; below " + say.share(0.6) + " of the depth it loses strength.",
                        0.85,
                        List.of()));
            case RUBBED -> {
                if (cut.bar().isPresent()) {
                    double room = cut.bar().get().roomAtDepth(cut.tipAtMm(), cut.blankMm() / 2);
                    causes.add(barRubs(cut, room < 0 ? 0.95 : 0.5));
                } else {
                    causes.add(new Cause(
                            "holder",
                            "The holder touches the crests",
                            "It stands too near behind the point.",
                            0.6,
                            List.of()));
                }
            }
        }
    }

    /** The one next change, what costs nothing first. */
    private Optional<Mend> next(ThreadCut cut, Seen seen, List<Cause> causes) {
        String first = causes.isEmpty() ? "" : causes.getFirst().id();
        return switch (first) {
            case "spring" ->
                Optional.of(new Mend(
                        (cut.spring() + 2) + " spring passes",
                        ThreadField.SPRING.id(),
                        String.valueOf(Math.min(10, cut.spring() + 2))));
            case "not-down" ->
                seen.pitch().isPresent()
                        ? Optional.of(Mend.atTheMachine(
                                "Feed in " + more(cut, toGo(cut, seen.pitch().getAsDouble())) + " more on the "
                                        + ThreadSpoken.slide(cut)))
                        : Optional.of(Mend.atTheMachine("Measure it over wires"));
            case "picked-up", "too-deep" ->
                Optional.of(Mend.atTheMachine(
                        cut.job().inside()
                                ? "Keep it: cut its mate larger to fit"
                                : "Keep it for a tighter mate, or cut the next with the nut left closed"));
            case "lead" -> Optional.of(Mend.atTheMachine("Look at wheels and box: count ten turns against a rule"));
            case "angle" ->
                Math.abs(cut.job().edge().yawRad()) > 1e-6
                        ? Optional.of(new Mend("Square it", ThreadField.YAW.id(), "0°"))
                        : Math.abs(cut.job().edge().heightMm()) > 1e-6
                                ? Optional.of(new Mend("On centre", ThreadField.HEIGHT.id(), "0 mm"))
                                : Optional.of(Mend.atTheMachine("Try the bit in the gauge against a lamp"));
            case "burr" -> Optional.of(Mend.atTheMachine("Brush it out, break the crests, try again"));
            case "crest" ->
                Optional.of(new Mend(
                        cut.job().inside() ? "Bore it to its limits" : "Turn it to its limits",
                        ThreadField.BLANK.id(),
                        ""));
            case "bar-rubs" -> {
                double point = cut.bar().orElseThrow().barMm() / 2 + cut.depthMm() + cut.clearMm();
                yield Optional.of(new Mend(
                        "Set the point out to " + say.length(point),
                        ThreadField.BAR_POINT.id(),
                        boldwedge.core.measure.Written.exact(Quantity.LENGTH, point)));
            }
            case "pushed-off" ->
                cut.job().reach().hold() == Hold.CHUCK
                        ? Optional.of(new Mend(
                                "Bring the centre up",
                                ThreadField.HELD.id(),
                                boldwedge.core.ask.Entry.choice(Hold.CHUCK_AND_CENTRE)))
                        : Optional.of(new Mend(
                                (cut.spring() + 2) + " spring passes",
                                ThreadField.SPRING.id(),
                                String.valueOf(Math.min(10, cut.spring() + 2))));
            case "tailstock" ->
                Optional.of(Mend.atTheMachine("A spring pass first; then set the tailstock to the line"));
            case "clearance" -> Optional.of(new Mend("Grind the flank back", ThreadField.LEADING.id(), ""));
            case "crowded" -> Optional.of(new Mend("Compound half a degree under", ThreadField.WAY.id(), "half-less"));
            case "built-up" -> Optional.of(Mend.atTheMachine("Stone the edge, oil it, and take the last passes thin"));
            case "steps" ->
                cut.job().cutting().way() == Way.HALF
                        ? Optional.of(new Mend("Half a degree less", ThreadField.WAY.id(), "half-less"))
                        : Optional.of(Mend.atTheMachine("Set the compound against a protractor"));
            case "slack", "dog" ->
                Optional.of(Mend.atTheMachine("Take up the slack and snug the gibs; look at the dog"));
            case "holder" -> Optional.of(Mend.atTheMachine("Let the point stand out further"));
            default -> Optional.empty();
        };
    }

    private String expected(ThreadCut cut, Seen seen, Mend mend) {
        if (mend.field().isEmpty()) {
            return seen.pitch().isPresent() && toGo(cut, seen.pitch().getAsDouble()) > 0
                    ? String.format(
                            Locale.ROOT,
                            "Then it measures about %s, the middle of its limits.",
                            say.length(cut.targetMm()))
                    : "Nothing of the plan changes; the next trial tells.";
        }
        return new Mender<>(request.plan(), asked -> ThreadReader.cut(asked).cut())
                .with(mend)
                .map(then -> "Then about " + say.length(then.leftMm()) + " of spring is left on the pitch diameter, "
                        + say.length(then.feltMm()) + " is felt of the angle.")
                .orElse("");
    }
}
