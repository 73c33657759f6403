package boldwedge.core.threading.tell;

import static boldwedge.core.measure.Amount.mm;
import static boldwedge.core.measure.Amount.rad;

import boldwedge.core.finding.Working;
import boldwedge.core.measure.Say;
import boldwedge.core.proof.Cause;
import boldwedge.core.proof.CauseRule;
import boldwedge.core.thread.PickUp;
import boldwedge.core.thread.ThreadLimits;
import boldwedge.core.thread.ThreadSize;
import boldwedge.core.threading.model.ThreadCut;
import boldwedge.core.threading.model.ThreadJob;
import boldwedge.core.threading.model.ThreadJob.Way;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Consumer;

/** What made a thread come out as it did, by how well each reckons with what was seen. */
final class ThreadCauses {
    private static final double GAUGE_MM = 0.005;
    private static final int TURNS = 10;

    private final Say say;

    /**
     * What was seen of a trial.
     *
     * @param pitch pitch diameter, measured or worked out from wires
     * @param far the same at the chuck end
     * @param ten ten turns along the axis
     * @param beside how far beside its groove it was picked up
     */
    record Seen(
            OptionalDouble pitch,
            OptionalDouble far,
            OptionalDouble ten,
            OptionalDouble beside,
            ThreadProof.Gauge gauge,
            ThreadProof.Look look) {}

    ThreadCauses(Say say) {
        this.say = say;
    }

    List<Cause> of(ThreadCut cut, Seen seen) {
        return CauseRule.ranked(List.of(this::pitch, this::tight, this::taper, this::looks), cut, seen);
    }

    private void pitch(ThreadCut cut, Seen seen, Consumer<Cause> found) {
        ThreadSize size = cut.job().size();
        double width = cut.pitchHighMm() - cut.pitchLowMm();
        seen.pitch().ifPresent(pitch -> {
            double go = cut.toGoMm(pitch);
            boolean notDown = go > width / 2;
            boolean past = cut.pastMm(pitch) > 0;
            if (notDown) {
                double spring = cut.leftMm();
                double far = Math.log(Math.max(go, 1e-4) / Math.max(spring, 1e-4));
                found.accept(new Cause(
                        "spring",
                        cut.job().inside() ? "The bar springs" : "Work and tool spring apart",
                        say.length(spring) + " was reckoned to stay after " + cut.spring() + " spring passes; "
                                + say.length(go) + " did.",
                        0.9 * Math.exp(-far * far / 2),
                        List.of(Working.of("Left", "m − a", mm(pitch - cut.targetMm()))
                                .with("m", mm(pitch).measured())
                                .with("a", "aimed at", mm(cut.targetMm()))
                                .told(say))));
                found.accept(new Cause(
                        "not-down",
                        "It is not down yet",
                        "Touch, tip or blank were a little off: a tip whose flat is wider by "
                                + say.length(go * Math.tan(size.form().halfRad())) + " leaves as much.",
                        0.8 * (1 - Math.exp(-far * far / 2)) + 0.1,
                        List.of()));
            }
            if (past) {
                double by = cut.pastMm(pitch) + width / 2;
                double beside = PickUp.besideMm(size.form(), by);
                boolean told = seen.beside().isPresent() && seen.beside().getAsDouble() > 0;
                double thins = told ? PickUp.thinsMm(size.form(), seen.beside().getAsDouble()) : by;
                double far = Math.log(Math.max(thins, 1e-4) / by);
                found.accept(new Cause(
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
                found.accept(new Cause(
                        "too-deep",
                        "Fed in too far",
                        "By " + ThreadSpoken.more(cut, by) + " on the " + ThreadSpoken.slide(cut)
                                + ": a turn or a zero miscounted, or a tip sharper than was reckoned.",
                        told ? 0.3 : 0.6,
                        List.of()));
            }
        });
    }

    /** It is right by its pitch diameter, or that is not known, and will not go on. */
    private void tight(ThreadCut cut, Seen seen, Consumer<Cause> found) {
        if (seen.gauge() == ThreadProof.Gauge.LOOSE && seen.pitch().isEmpty()) {
            double width = cut.pitchHighMm() - cut.pitchLowMm();
            found.accept(new Cause(
                    "picked-up",
                    "Picked up beside its groove, or fed in too far",
                    "Beside by " + say.length(PickUp.besideMm(cut.job().size().form(), width))
                            + " takes all of its limits.",
                    0.6,
                    List.of()));
        }
        if (seen.gauge() != ThreadProof.Gauge.TIGHT && seen.gauge() != ThreadProof.Gauge.TIGHT_END) {
            return;
        }
        ThreadSize size = cut.job().size();
        double tolerance = cut.pitchHighMm() - cut.pitchLowMm();
        double error = seen.ten().isPresent()
                ? (seen.ten().getAsDouble() / TURNS - size.leadMm())
                        * Math.min(cut.job().lengthMm(), size.majorMm())
                        / size.leadMm()
                : cut.gears().errorMm(Math.min(cut.job().lengthMm(), size.majorMm()));
        double felt = PickUp.leadErrorMm(size.form(), error);
        if (felt > 1e-4) {
            found.accept(new Cause(
                    "lead",
                    "The lead is off",
                    say.length(Math.abs(error)) + " over the engagement is felt as " + say.length(felt)
                            + " on the pitch diameter"
                            + (seen.gauge() == ThreadProof.Gauge.TIGHT_END ? ": it starts and then binds." : "."),
                    Math.min(0.95, (seen.gauge() == ThreadProof.Gauge.TIGHT_END ? 1.2 : 0.8) * felt / tolerance),
                    List.of(Working.of("Felt on the pitch diameter", "|u| / tan(a)", mm(felt))
                            .with("u", "off over the engagement", mm(error))
                            .with("a", "half angle", rad(size.form().halfRad()).fromTable())
                            .told(say))));
        }
        double angle = cut.feltMm();
        if (angle > 1e-4) {
            found.accept(new Cause(
                    "angle",
                    "The flanks’ angle is off",
                    "Square, rake and height as typed: felt as " + say.length(angle) + ".",
                    Math.min(0.9, 0.8 * angle / tolerance),
                    List.of()));
        }
        boolean measuredRight =
                seen.pitch().isPresent() && cut.toGoMm(seen.pitch().getAsDouble()) <= tolerance / 2;
        if (!measuredRight && seen.pitch().isEmpty()) {
            found.accept(new Cause(
                    "not-down",
                    "It is not down yet",
                    "Measure it over wires before more is fed in: the gauge alone does not say how much.",
                    seen.gauge() == ThreadProof.Gauge.TIGHT ? 0.6 : 0.3,
                    List.of()));
        }
        if (cut.bar().isPresent() && cut.bar().get().roomAtDepth(cut.tipAtMm(), cut.blankMm() / 2) < 0) {
            found.accept(barRubs(cut, 0.9));
        }
        found.accept(new Cause(
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
            found.accept(new Cause(
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

    private void taper(ThreadCut cut, Seen seen, Consumer<Cause> found) {
        if (seen.far().isEmpty() || seen.pitch().isEmpty()) {
            return;
        }
        double taper = seen.pitch().getAsDouble() - seen.far().getAsDouble();
        if (Math.abs(taper) < 2 * GAUGE_MM) {
            return;
        }
        double reckoned = Math.max(cut.taperMm(), 1e-4);
        double far = taper > 0 ? Math.log(taper / reckoned) : 3;
        found.accept(new Cause(
                "pushed-off",
                "The work bends away at its free end",
                say.length(reckoned) + " was reckoned, " + say.length(taper) + " measured.",
                0.9 * Math.exp(-far * far / 2),
                List.of()));
        found.accept(new Cause(
                "tailstock",
                "Headstock or tailstock off the line",
                "A taper that a spring pass does not lessen is alignment.",
                0.5 * (1 - Math.exp(-far * far / 2)) + 0.05,
                List.of()));
    }

    private void looks(ThreadCut cut, Seen seen, Consumer<Cause> found) {
        ThreadJob job = cut.job();
        switch (seen.look()) {
            case CLEAN -> {}
            case TORN -> {
                double least = Math.min(cut.leadingRad() - cut.helixRad(), cut.trailingRad() + cut.helixRad());
                if (least < Math.toRadians(2)) {
                    found.accept(new Cause(
                            "clearance",
                            "A flank’s heel rubs",
                            "Only " + say.angle(least) + " clear in the helix.",
                            0.9,
                            List.of()));
                }
                if (job.cutting().way() == Way.STRAIGHT && job.size().pitchMm() > 1) {
                    found.accept(new Cause(
                            "crowded",
                            "Two chips in one groove",
                            "Straight in both flanks cut and the chips jam.",
                            Math.min(0.85, 0.3 * job.size().pitchMm()),
                            List.of()));
                }
                found.accept(new Cause(
                        "built-up",
                        "Metal builds up on the edge",
                        job.work().builtUpEdge() + "; oil, a keen edge, slower or much faster.",
                        0.25 + 0.5 * job.work().builtUp(),
                        List.of()));
            }
            case STEPS ->
                found.accept(new Cause(
                        "steps",
                        "The trailing flank is left behind",
                        job.cutting().way() == Way.HALF
                                ? "At exactly half the angle a small error of the compound draws the tool away from it: half a degree less shaves it."
                                : "The compound stands over more than half the angle, or it was fed by the wrong slide.",
                        0.9,
                        List.of()));
            case DRUNKEN -> {
                found.accept(new Cause(
                        "slack",
                        "Slack in screw, nut or wheels",
                        "The carriage runs to and fro within it: gibs snug, drag on the carriage, wheels true.",
                        0.7,
                        List.of()));
                found.accept(new Cause(
                        "dog",
                        "Work or dog slips",
                        "A dog’s tail that knocks in its slot, or work that turns in the jaws.",
                        0.45,
                        List.of()));
            }
            case FLAT ->
                found.accept(new Cause(
                        "crest-flat",
                        cut.job().inside() ? "The hole is bored large" : "The blank is turned small",
                        "Flanks carry all the same; below " + say.share(0.6) + " of the depth it loses strength.",
                        0.85,
                        List.of()));
            case RUBBED -> {
                if (cut.bar().isPresent()) {
                    double room = cut.bar().get().roomAtDepth(cut.tipAtMm(), cut.blankMm() / 2);
                    found.accept(barRubs(cut, room < 0 ? 0.95 : 0.5));
                } else {
                    found.accept(new Cause(
                            "holder",
                            "The holder touches the crests",
                            "It stands too near behind the point.",
                            0.6,
                            List.of()));
                }
            }
        }
    }
}
