package boldwedge.core.families.threading.report;

import static boldwedge.core.families.threading.entry.ThreadField.BLANK;
import static boldwedge.core.families.threading.entry.ThreadField.LEADING;
import static boldwedge.core.families.threading.entry.ThreadField.WAY;
import static boldwedge.core.language.measure.Amount.mm;
import static boldwedge.core.language.measure.Amount.rad;

import boldwedge.core.families.threading.model.ThreadCut;
import boldwedge.core.families.threading.model.ThreadJob;
import boldwedge.core.families.threading.model.ThreadJob.Way;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.mechanics.thread.PickUp;
import boldwedge.core.mechanics.thread.ThreadLimits;
import boldwedge.core.mechanics.thread.ThreadSize;
import boldwedge.core.trial.CauseRule;
import boldwedge.core.trial.Causes;
import boldwedge.core.trial.Ranked;
import java.util.List;
import java.util.OptionalDouble;

/** What made a thread come out as it did, by how well each reckons with what was seen. */
final class ThreadCauses {
    private static final double GAUGE_MM = 0.005;
    private static final int TURNS = 10;

    private final UnitFormat say;
    private final ThreadRemedies remedies;

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
            ThreadTrial.Gauge gauge,
            ThreadTrial.Look look) {}

    ThreadCauses(UnitFormat say, ThreadRemedies remedies) {
        this.say = say;
        this.remedies = remedies;
    }

    Ranked of(ThreadCut cut, Seen seen) {
        return CauseRule.ranked(List.of(this::pitch, this::tight, this::taper, this::looks), cut, seen, say);
    }

    private void pitch(ThreadCut cut, Seen seen, Causes found) {
        ThreadSize size = cut.job().size();
        double width = cut.pitchHighMm() - cut.pitchLowMm();
        seen.pitch().ifPresent(pitch -> {
            double go = cut.toGoMm(pitch);
            boolean notDown = go > width / 2;
            boolean past = cut.pastMm(pitch) > 0;
            if (notDown) {
                double spring = cut.leftMm();
                double far = Math.log(Math.max(go, 1e-4) / Math.max(spring, 1e-4));
                found.name(
                                "spring",
                                cut.job().inside() ? "The bar springs" : "Work and tool spring apart",
                                0.9 * Math.exp(-far * far / 2))
                        .says(say.length(spring) + " was reckoned to stay after " + cut.spring() + " spring passes; "
                                + say.length(go) + " did.")
                        .by(Working.of("Left", "m − a", mm(pitch - cut.targetMm()))
                                .with("m", mm(pitch).measured())
                                .with("a", "aimed at", mm(cut.targetMm())))
                        .then(() -> remedies.springPasses(cut, seen));
                found.name("not-down", "It is not down yet", 0.8 * (1 - Math.exp(-far * far / 2)) + 0.1)
                        .says("Touch, tip or blank were a little off: a tip whose flat is wider by "
                                + say.length(go * Math.tan(size.form().halfRad())) + " leaves as much.")
                        .then(() -> remedies.further(cut, seen));
            }
            if (past) {
                double by = cut.pastMm(pitch) + width / 2;
                double beside = PickUp.besideMm(size.form(), by);
                boolean told = seen.beside().isPresent() && seen.beside().getAsDouble() > 0;
                double thins = told ? PickUp.thinsMm(size.form(), seen.beside().getAsDouble()) : by;
                double far = Math.log(Math.max(thins, 1e-4) / by);
                found.name("picked-up", "Picked up beside its groove", told ? 0.95 * Math.exp(-far * far) : 0.5)
                        .says(
                                told
                                        ? "Beside by "
                                                + say.length(seen.beside().getAsDouble()) + " thins it by "
                                                + say.length(thins) + "; it is " + say.length(by) + " off its aim."
                                        : "Beside by " + say.length(beside)
                                                + " along the axis would do it: was work, tool or nut moved?")
                        .by(Working.of(
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
                                        rad(size.form().halfRad()).fromTable()))
                        .then(() -> remedies.pickedUp(cut, seen));
                found.name("too-deep", "Fed in too far", told ? 0.3 : 0.6)
                        .says("By " + ThreadSpoken.more(cut, by) + " on the " + ThreadSpoken.slide(cut)
                                + ": a turn or a zero miscounted, or a tip sharper than was reckoned.")
                        .then(() -> remedies.shallower(cut, seen));
            }
        });
    }

    /** It is right by its pitch diameter, or that is not known, and will not go on. */
    private void tight(ThreadCut cut, Seen seen, Causes found) {
        if (seen.gauge() == ThreadTrial.Gauge.LOOSE && seen.pitch().isEmpty()) {
            double width = cut.pitchHighMm() - cut.pitchLowMm();
            found.name("too-deep", "Fed in too far", 0.6)
                    .says(
                            "A turn or a zero miscounted, a tip sharper than was reckoned, or one pass too many: wires or a micrometer tell by how much.")
                    .then(() -> remedies.shallower(cut, seen));
            found.name("picked-up", "Picked up beside its groove", 0.35)
                    .says("Beside by "
                            + say.length(PickUp.besideMm(cut.job().size().form(), width))
                            + " takes all of its limits.")
                    .then(() -> remedies.pickedUp(cut, seen));
        }
        if (seen.gauge() != ThreadTrial.Gauge.TIGHT && seen.gauge() != ThreadTrial.Gauge.TIGHT_END) {
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
            found.name(
                            "lead",
                            "The lead is off",
                            Math.min(
                                    0.95, (seen.gauge() == ThreadTrial.Gauge.TIGHT_END ? 1.2 : 0.8) * felt / tolerance))
                    .says(say.length(Math.abs(error)) + " over the engagement is felt as " + say.length(felt)
                            + " on the pitch diameter"
                            + (seen.gauge() == ThreadTrial.Gauge.TIGHT_END ? ": it starts and then binds." : "."))
                    .by(Working.of("Felt on the pitch diameter", "|u| / tan(a)", mm(felt))
                            .with("u", "off over the engagement", mm(error))
                            .with("a", "half angle", rad(size.form().halfRad()).fromTable()))
                    .then(() -> remedies.byHand(cut, seen, "Look at wheels and box: count ten turns against a rule"));
        }
        double angle = cut.edge().feltMm();
        if (angle > 1e-4) {
            found.name("angle", "The flanks’ angle is off", Math.min(0.9, 0.8 * angle / tolerance))
                    .says("Square, rake and height as typed: felt as " + say.length(angle) + ".")
                    .then(() -> remedies.square(cut, seen));
        }
        boolean measuredRight =
                seen.pitch().isPresent() && cut.toGoMm(seen.pitch().getAsDouble()) <= tolerance / 2;
        if (!measuredRight && seen.pitch().isEmpty()) {
            found.name("not-down", "It is not down yet", seen.gauge() == ThreadTrial.Gauge.TIGHT ? 0.6 : 0.3)
                    .says("Measure it over wires before more is fed in: the gauge alone does not say how much.")
                    .then(() -> remedies.further(cut, seen));
        }
        if (cut.bar().isPresent() && cut.bar().get().roomAtDepth(cut.tipAtMm(), cut.blankMm() / 2) < 0) {
            barRubs(cut, seen, 0.9, found);
        }
        found.name("burr", "Burr or chips in it", measuredRight ? 0.6 : 0.35)
                .says("Brush it, break the crests, try again before anything is cut.")
                .then(() -> remedies.byHand(cut, seen, "Brush it out, break the crests, try again"));
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
            found.name("crest", "The crests meet the mate’s root", 0.9)
                    .says((cut.job().inside() ? "The hole is under" : "The blank is over") + " its limits.")
                    .then(() -> remedies.typed(
                            cut,
                            seen,
                            new Fix(
                                    cut.job().inside() ? "Bore it to its limits" : "Turn it to its limits",
                                    BLANK,
                                    "")));
        }
    }

    private void barRubs(ThreadCut cut, Seen seen, double fit, Causes found) {
        double share = Math.clamp(cut.bar().orElseThrow().rubsAt(cut.blankMm() / 2) / cut.depthMm(), 0, 1);
        found.name("bar-rubs", "The bar drags on the crests", fit)
                .says("It touches from " + say.share(share)
                        + " of the depth on: more infeed bends it and cuts nothing.")
                .then(() -> remedies.pointOut(cut, seen));
    }

    private void taper(ThreadCut cut, Seen seen, Causes found) {
        if (seen.far().isEmpty() || seen.pitch().isEmpty()) {
            return;
        }
        double taper = seen.pitch().getAsDouble() - seen.far().getAsDouble();
        if (Math.abs(taper) < 2 * GAUGE_MM) {
            return;
        }
        double reckoned = Math.max(cut.taperMm(), 1e-4);
        double far = taper > 0 ? Math.log(taper / reckoned) : 3;
        found.name("pushed-off", "The work bends away at its free end", 0.9 * Math.exp(-far * far / 2))
                .says(say.length(reckoned) + " was reckoned, " + say.length(taper) + " measured.")
                .then(() -> remedies.centre(cut, seen));
        found.name("tailstock", "Headstock or tailstock off the line", 0.5 * (1 - Math.exp(-far * far / 2)) + 0.05)
                .says("A taper that a spring pass does not lessen is alignment.")
                .then(() -> remedies.byHand(cut, seen, "A spring pass first; then set the tailstock to the line"));
    }

    private void looks(ThreadCut cut, Seen seen, Causes found) {
        ThreadJob job = cut.job();
        switch (seen.look()) {
            case CLEAN -> {}
            case TORN -> {
                double least = Math.min(
                        cut.edge().leadingRad() - cut.edge().helixRad(),
                        cut.edge().trailingRad() + cut.edge().helixRad());
                if (least < Math.toRadians(2)) {
                    found.name("clearance", "A flank’s heel rubs", 0.9)
                            .says("Only " + say.angle(least) + " clear in the helix.")
                            .then(() -> remedies.typed(cut, seen, new Fix("Grind the flank back", LEADING, "")));
                }
                if (job.cutting().way() == Way.STRAIGHT && job.size().pitchMm() > 1) {
                    found.name(
                                    "crowded",
                                    "Two chips in one groove",
                                    Math.min(0.85, 0.3 * job.size().pitchMm()))
                            .says("Straight in both flanks cut and the chips jam.")
                            .then(() -> remedies.typed(
                                    cut, seen, new Fix("Compound half a degree under", WAY, "half-less")));
                }
                found.name(
                                "built-up",
                                "Metal builds up on the edge",
                                0.25 + 0.5 * job.work().builtUp())
                        .says(job.work().builtUpEdge() + "; oil, a keen edge, slower or much faster.")
                        .then(() ->
                                remedies.byHand(cut, seen, "Stone the edge, oil it, and take the last passes thin"));
            }
            case STEPS ->
                found.name("steps", "The trailing flank is left behind", 0.9)
                        .says(
                                job.cutting().way() == Way.HALF
                                        ? "At exactly half the angle a small error of the compound draws the tool away from it: half a degree less shaves it."
                                        : "The compound stands over more than half the angle, or it was fed by the wrong slide.")
                        .then(() -> remedies.compound(cut, seen));
            case DRUNKEN -> {
                found.name("slack", "Slack in screw, nut or wheels", 0.7)
                        .says("The carriage runs to and fro within it: gibs snug, drag on the carriage, wheels true.")
                        .then(() -> remedies.byHand(cut, seen, "Take up the slack and snug the gibs; look at the dog"));
                found.name("dog", "Work or dog slips", 0.45)
                        .says("A dog’s tail that knocks in its slot, or work that turns in the jaws.")
                        .then(() -> remedies.byHand(cut, seen, "Take up the slack and snug the gibs; look at the dog"));
            }
            case FLAT ->
                found.name(
                                "crest-flat",
                                cut.job().inside() ? "The hole is bored large" : "The blank is turned small",
                                0.85)
                        .says("Flanks carry all the same; below " + say.share(0.6)
                                + " of the depth it loses strength.");
            case RUBBED -> {
                if (cut.bar().isPresent()) {
                    double room = cut.bar().get().roomAtDepth(cut.tipAtMm(), cut.blankMm() / 2);
                    barRubs(cut, seen, room < 0 ? 0.95 : 0.5, found);
                } else {
                    found.name("holder", "The holder touches the crests", 0.6)
                            .says("It stands too near behind the point.")
                            .then(() -> remedies.byHand(cut, seen, "Let the point stand out further"));
                }
            }
        }
    }
}
