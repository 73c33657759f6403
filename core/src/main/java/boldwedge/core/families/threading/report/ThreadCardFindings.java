package boldwedge.core.families.threading.report;

import static boldwedge.core.families.threading.entry.ThreadField.*;
import static boldwedge.core.language.measure.Amount.mm;
import static boldwedge.core.language.measure.Amount.number;

import boldwedge.core.families.threading.model.ThreadCut;
import boldwedge.core.families.threading.model.ThreadJob;
import boldwedge.core.families.threading.model.ThreadJob.End;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.DrillTable;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.ThreadCall;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.thread.ThreadForm;
import boldwedge.core.mechanics.thread.ThreadLimits;
import boldwedge.core.mechanics.thread.ThreadSize;
import java.util.ArrayList;
import java.util.List;

/** What is found of the thread itself: its card, the blank, the groove, the end. */
final class ThreadCardFindings {
    /** Shops run a nut of their own on fewer sizes than this list of everyday pitches has. */
    private static final double SHALLOW = 0.6;
    /** A crest that is lower by less of the pitch still carries (ours). */
    private static final double LOW_CREST = 0.2;

    private static final double FULL = 0.95;
    /** Up to here shops have taps and dies. */
    private static final double DIE_UP_TO_MM = 12;

    private static final double TAP_UP_TO_MM = 16;

    private static final double SMALL_MM = 5;

    private final ThreadCut cut;
    private final ThreadJob job;
    private final ThreadSize size;
    private final UnitFormat say;

    ThreadCardFindings(ThreadCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.size = job.size();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        findings.add(card());
        findings.add(blank());
        if (job.end() == End.GROOVE) {
            findings.add(groove());
        }
        findings.add(ends());
        gauge(findings);
        return findings;
    }

    private static String source(ThreadCall.Series series) {
        return switch (series) {
            case METRIC -> "ISO 68-1, ISO 965-1 (formulas, rounded as the standard rounds them)";
            case UNIFIED, UNIFIED_SPECIAL -> "ASME B1.1 (formulas, rounded as the standard rounds them)";
            case WHITWORTH -> "BS 84, basic sizes";
            case PIPE -> "ISO 228-1";
            case BRITISH_ASSOCIATION -> "BS 93, basic sizes";
            case TRAPEZOIDAL ->
                "ISO 2901 and 2903, grades of ISO 965-1 (formulas, rounded as that standard rounds them)";
            case ACME -> "ASME B1.5, general purpose (formulas)";
        };
    }

    private Finding card() {
        Finding.Builder finding = Finding.at(Station.CUT, "thread-card", say)
                .source(source(job.call().series()));
        if (job.limits().isPresent()) {
            ThreadLimits limits = job.limits().get();
            finding.says(
                    Verdict.TOLD,
                    ThreadSpoken.name(job) + ": pitch diameter " + range(limits.pitchLow(), limits.pitchHigh()) + "; "
                            + (job.inside()
                                    ? "hole " + range(limits.minorLow(), limits.minorHigh())
                                            + "; major diameter at least " + say.length(limits.majorLow())
                                    : "outside " + range(limits.majorLow(), limits.majorHigh()) + "; root at most "
                                            + say.length(limits.minorHigh()))
                            + ".");
            finding.step(Working.of(
                            "Width of the pitch diameter’s limits", "h − l", mm(limits.pitchHigh() - limits.pitchLow()))
                    .with("h", mm(limits.pitchHigh()).fromTable())
                    .with("l", mm(limits.pitchLow()).fromTable()));
        } else {
            finding.says(
                            Verdict.TOLD,
                            ThreadSpoken.name(job) + ": pitch diameter " + say.length(size.pitchDiameterMm())
                                    + ", basic. Limits of this form are not in the program: fit it to its mate.")
                    .margin(-0.05);
        }
        return finding.step(Working.of("Pitch diameter", "d − k · P", mm(size.pitchDiameterMm()))
                        .with("d", "major diameter", mm(size.majorMm()).fromTable())
                        .with("k", number(size.form().pitchBelowMm(1)).fromTable())
                        .with("P", mm(size.pitchMm()).fromTable()))
                .step(Working.of("Minor diameter of the inside thread", "d − k · P", mm(size.minorMm()))
                        .with("d", mm(size.majorMm()).fromTable())
                        .with("k", number(size.form().minorBelowMm(1)).fromTable())
                        .with("P", mm(size.pitchMm()).fromTable()))
                .note(
                        "On the pitch diameter ridge and groove are equally wide, each half a pitch. It decides how the thread fits; outside diameter and root only have to stay clear.")
                .build();
    }

    private String range(double low, double high) {
        return say.length(low) + " to " + say.length(high);
    }

    private Finding blank() {
        Finding.Builder finding = Finding.at(Station.CUT, "thread-blank", say)
                .source(source(job.call().series()));
        double blank = cut.blankMm();
        double share = cut.engagement();
        boolean known = job.limits().isPresent();
        double low = known
                ? job.limits().get().blankLow()
                : job.inside() ? size.minorMm() : size.majorMm() - 0.2 * size.pitchMm();
        double high = known
                ? job.limits().get().blankHigh()
                : job.inside() ? size.minorMm() + 0.2 * size.pitchMm() : size.majorMm();
        double outside = blank > high + 1e-6 ? blank - high : blank < low - 1e-6 ? blank - low : 0;
        String verb = job.inside() ? "Bore to " : "Turn to ";
        if (outside == 0) {
            finding.says(
                            Verdict.FINE,
                            verb + say.length(blank) + ", within " + range(low, high)
                                    + (job.inside() ? ": " + say.share(share) + " of a whole thread." : "."))
                    .margin(Math.min(high - blank, blank - low) / Math.max(1e-9, (high - low) / 2));
        } else {
            boolean only = job.inside() ? outside > 0 : outside < 0;
            finding.says(
                            only && (job.inside() ? share > SHALLOW : -outside < LOW_CREST * size.pitchMm())
                                    ? Verdict.DOUBTFUL
                                    : Verdict.WRONG,
                            (job.inside() ? "The hole of " : "The blank of ") + say.length(blank) + " is "
                                    + say.length(Math.abs(outside)) + (outside > 0 ? " over " : " under ")
                                    + "its limits of " + range(low, high)
                                    + (job.inside()
                                            ? ": " + say.share(share) + " of a whole thread."
                                            : outside > 0
                                                    ? ": the nut meets the crests."
                                                    : ": the crests stay flat and low."))
                    .margin(-Math.abs(outside) / size.pitchMm())
                    .mend(verb + say.length((low + high) / 2), BLANK, exact((low + high) / 2));
        }
        if (job.inside()) {
            finding.step(Working.of("Depth of thread", "(d − h) / (k · P)", number(share))
                    .with("d", mm(size.majorMm()).fromTable())
                    .with(
                            "h",
                            job.blankMm().isPresent()
                                    ? mm(blank).typed()
                                    : mm(blank).chosen())
                    .with("k", number(size.form().minorBelowMm(1)).fromTable())
                    .with("P", mm(size.pitchMm()).fromTable()));
            finding.note("Drill nearest below: "
                    + say.drill(DrillTable.nearest(Math.max(0.35, blank - 0.05 * size.pitchMm()), say.units()))
                    + "; bored it is rounder and true to the axis.");
            if (share > FULL) {
                finding.note(
                        "In tough stuff the upper limit of the hole spares the tool and costs hardly any strength.");
            }
        } else if (size.form() == ThreadForm.SIXTY) {
            finding.note(
                    "A crest a few hundredths under its size is nothing lost: the flanks carry, and a burr finds room.");
        }
        return finding.build();
    }

    private static String exact(double mm) {
        return Written.exact(Quantity.LENGTH, mm);
    }

    private Finding groove() {
        double stops = cut.stop().grooveFor(cut.rpm());
        double margin = cut.stop().mostRpm() / cut.rpm() - 1;
        if (job.left()) {
            return Finding.at(Station.CUT, "thread-groove", say)
                    .says(
                            cut.grooveMm() < size.pitchMm() ? Verdict.DOUBTFUL : Verdict.TOLD,
                            "Left hand: it starts in the groove, " + say.length(cut.grooveMm())
                                    + " wide, and runs out past the free end; tool and nut are in before the spindle turns.")
                    .margin(cut.grooveMm() / size.pitchMm() - 1)
                    .mendUnless(
                            cut.grooveMm() >= size.pitchMm(),
                            "Groove " + say.length(2 * size.pitchMm()),
                            GROOVE,
                            exact(2 * size.pitchMm()))
                    .source("Way of the carriage")
                    .build();
        }
        Finding.Builder finding = Finding.at(Station.CUT, "thread-groove", say)
                .says(
                        Verdict.of(margin, 0.1),
                        margin < 0
                                ? "The groove of " + say.length(cut.grooveMm())
                                        + " is narrower than the carriage stops in: at "
                                        + say.rpm(cut.rpm()) + " it runs on "
                                        + say.length(cut.stop().runOnMm())
                                        + ", and the tool needs "
                                        + say.length(size.pitchMm()) + " itself."
                                : "Groove " + say.length(cut.grooveMm()) + " wide, "
                                        + say.length(cut.grooveDiameterMm())
                                        + (job.inside()
                                                ? " across, past the root: "
                                                : " at its bottom, under the root: ")
                                        + "the carriage runs on "
                                        + say.length(cut.stop().runOnMm()) + " at "
                                        + say.rpm(cut.rpm()) + ".")
                .margin(margin)
                .step(Working.of("Runs on", "n · L · t", mm(cut.stop().runOnMm()))
                        .with("n", boldwedge.core.language.measure.Amount.rpm(cut.rpm()))
                        .with("L", "lead", mm(size.leadMm()).fromTable())
                        .with(
                                "t",
                                "until it stands",
                                job.lathe().screw().stopSeconds().isPresent()
                                        ? boldwedge.core.language.measure.Amount.minutes(
                                                        job.lathe().screw().stopOrUsual() / 60)
                                                .fromCard()
                                        : boldwedge.core.language.measure.Amount.minutes(
                                                        job.lathe().screw().stopOrUsual() / 60)
                                                .assumed()))
                .step(Working.of("Groove that this needs", "s + P", mm(stops))
                        .with("s", "runs on", mm(cut.stop().runOnMm()))
                        .with("P", "room for the tool", mm(size.pitchMm()).fromTable()))
                .source("Motion of the carriage; the tool’s own width is a pitch at most");
        if (margin < 0.1) {
            job.lathe()
                    .speeds()
                    .atOrBelow(Math.max(0, cut.stop().mostRpm() / 1.1))
                    .ifPresent(rpm -> finding.mendUnless(
                            Math.abs(rpm - cut.rpm()) < 0.5,
                            "Run at " + say.rpm(rpm),
                            SPEED,
                            Written.places(rpm, 1) + " rpm"));
            double wide = cut.stop().grooveToTurnMm(cut.rpm());
            finding.mend("Groove " + say.length(wide), GROOVE, exact(wide));
            finding.note(
                    "Or turn the tool over, run the spindle the other way and cut from the groove out, away from the chuck: then nothing can be run into.");
        }
        return finding.build();
    }

    private Finding ends() {
        double to = job.inside() ? size.insideRootMm() : 2 * cut.tipAtMm();
        String chamfer = "Chamfer " + (job.inside() ? "the mouth to a little over " : "the end to a little under ")
                + say.length(to) + ", 45° or " + say.angle(size.form().halfRad()) + ", before the first pass";
        return switch (job.end()) {
            case GROOVE ->
                Finding.at(Station.CUT, "thread-ends", say)
                        .says(Verdict.TOLD, chamfer + ": the first turn stays whole and the groove’s edge too.")
                        .build();
            case OPEN ->
                Finding.at(Station.CUT, "thread-ends", say)
                        .says(
                                Verdict.TOLD,
                                chamfer + "; the tool runs out past the end: see that nothing stands there.")
                        .build();
            case DRAWN -> {
                double margin = cut.stop().mostRpm() / cut.rpm() - 1;
                Finding.Builder finding = Finding.at(Station.CUT, "thread-ends", say)
                        .says(
                                Verdict.of(margin, 0.1),
                                margin < 0
                                        ? "At " + say.rpm(cut.rpm()) + " the carriage runs on "
                                                + say.length(cut.stop().runOnMm())
                                                + " while the hand moves: more than two pitches cannot be drawn out in time."
                                        : chamfer
                                                + ". Without a groove draw the tool out first, then open the nut, at the same place each time: the last "
                                                + say.length(2 * size.pitchMm()) + " are not full.")
                        .margin(margin)
                        .source("Motion of the carriage");
                if (margin < 0.1) {
                    job.lathe()
                            .speeds()
                            .atOrBelow(Math.max(0, cut.stop().mostRpm() / 1.1))
                            .ifPresent(rpm -> finding.mendUnless(
                                    Math.abs(rpm - cut.rpm()) < 0.5,
                                    "Run at " + say.rpm(rpm),
                                    SPEED,
                                    Written.places(rpm, 1) + " rpm"));
                    finding.mend("Turn a groove for it", END, "groove");
                }
                yield finding.build();
            }
        };
    }

    private void gauge(List<Finding> findings) {
        boolean usual = size.form() == ThreadForm.SIXTY && !job.call().name().contains(" × ");
        if (usual && size.majorMm() <= (job.inside() ? TAP_UP_TO_MM : DIE_UP_TO_MM) && size.starts() == 1) {
            String tool = job.inside() ? "tap" : "die";
            String finished = "screw-cut two thirds of the depth and finish with the " + tool;
            findings.add(Finding.at(Station.CUT, "thread-die", say)
                    .says(
                            Verdict.TOLD,
                            (size.majorMm() < SMALL_MM
                                            ? "So thin a thread bends away from a single point: cut it with a " + tool
                                                    + " held in the tailstock"
                                            : job.inside()
                                                    ? "Where the shop has a tap for it, tap it; where it must run true, "
                                                            + finished
                                                    : "Where the shop has a die for it: " + finished)
                                    + (job.inside() ? "." : ", started square by the lathe."))
                    .build());
        }
        boolean special = job.call().name().contains(" × ") || job.call().name().endsWith(" UN");
        if (special) {
            findings.add(Finding.at(Station.CUT, "thread-special", say)
                    .says(
                            Verdict.DOUBTFUL,
                            "No shop has a nut, a gauge or a tap for "
                                    + job.call().name() + ": is it wanted so? Its mate must be cut to it.")
                    .margin(-0.02)
                    .note(
                            "Cut the inside thread first where both are made: the outside one is easier to measure and to bring to it.")
                    .build());
        }
    }
}
