package boldwedge.core.families.boring.report;

import static boldwedge.core.families.boring.entry.BoreField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.families.boring.model.BoreJob;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.rule.LastPass;

/** How the hole is taken: its passes, and the settings of a bar between centres. */
final class BorePassFindings {
    private final BoreCut cut;
    private final BoreJob job;
    private final UnitFormat say;

    BorePassFindings(BoreCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    Finding passes() {
        BoreCut.Passes p = cut.passes();
        String last = p.finish() == 1
                ? "one of " + say.length(p.finishMm()) + " to size"
                : "two equal ones of " + say.length(p.finishMm());
        String words = p.rough() == 0
                ? "One pass of " + say.length(p.finishMm()) + " takes it to size."
                : Written.words(
                        "%d roughing %s of %s, then %s.",
                        p.rough(), p.rough() == 1 ? "pass" : "passes", say.length(p.roughMm()), last);
        String measured = p.finish() == 2
                ? " Measure after the first of them, and set what is missing."
                : LastPass.stopAndMeasure(p.rough());
        Finding.Builder finding = Finding.at(Station.CUT, "passes", say)
                .says(Verdict.TOLD, words + measured)
                .step(Working.of("Stock each side", "(D − d) / 2", mm(job.stockMm()))
                        .with("D", mm(job.finishedMm()).typed())
                        .with("d", mm(job.startMm()).typed()))
                .step(Working.of("Time of a pass", "L / (f · n)", minutes(cut.passMinutes()))
                        .with("L", mm(job.holeDepthMm()).typed())
                        .with("f", mmPerRev(cut.cutting().feedMm()))
                        .with("n", rpm(cut.cutting().rpm())))
                .source("Arithmetic; roughing depth by force, chatter limit and power")
                .caution("Stop the spindle before you measure, and draw the tool well clear of the hole.");
        if (p.finish() == 2) {
            finding.note(
                    "Sneak up: the same depth twice leaves the same error twice. Measure after the first pass: what it is small by is what the second will be small by, so set the second out by that much more.");
        }
        if (!p.limitedBy().isEmpty() && p.rough() > 0) {
            finding.note("Roughing depth is limited by " + p.limitedBy() + ": " + say.length(p.roughMm()) + ".");
        }
        if (job.outOfRoundMm() > 0) {
            double deepest = job.outOfRoundMm() / 2 + (p.rough() > 0 ? p.roughMm() : p.finishMm());
            finding.note(
                    "Where the hole is smallest the first pass cuts " + say.length(deepest)
                            + " deep, opposite it hardly cuts: set it so that it gets under the skin all round, or the edge rubs on scale and sand. A carbide edge for that one.");
            double left = cut.roundnessLeft(job.outOfRoundMm());
            finding.step(Working.of("Out of round after one pass", "e · D · c / (1 + D · c)", mm(left))
                    .with("e", "at the start", mm(job.outOfRoundMm()).typed())
                    .with("D", "growth of the push", newtonsPerMm(cut.pushGrowthNPerMm()))
                    .with(
                            "c",
                            "give of bar and work",
                            mmPerNewton(cut.stiffness().tool() + cut.stiffness().workMmPerN()))
                    .meaning("; " + say.length(cut.roundnessLeft(left)) + " after two"));
        }
        return finding.build();
    }

    /** Line boring: radii from pilot to size in steps that feeler gauges make. */
    Finding settings() {
        BoreCut.Passes p = cut.passes();
        StringBuilder radii = new StringBuilder();
        double radius = job.startMm() / 2;
        int all = p.rough() + p.finish();
        for (int i = 0; i < all; i++) {
            radius += i < p.rough() ? p.roughMm() : p.finishMm();
            radii.append(i == 0 ? "" : ", ").append(say.length(radius + job.barMm() / 2));
        }
        return Finding.at(Station.CUT, "settings", say)
                .says(
                        Verdict.TOLD,
                        "Set the cutter out against a stop, " + all + " times; over the bar it measures " + radii + ".")
                .step(Working.of(
                                "Over bar and point, at size",
                                "D / 2 + b / 2",
                                mm(job.finishedMm() / 2 + job.barMm() / 2))
                        .with("D", mm(job.finishedMm()).typed())
                        .with("b", "the bar", mm(job.barMm())))
                .note("Steps of " + say.length(p.roughMm()) + " roughing, " + say.length(p.finishMm()) + " last.")
                .source("A micrometer over the point and the back of the bar; feeler leaves between cutter and stop")
                .caution("Centre holes clean and greased; the bar's carrier guarded: it swings outside the work.")
                .build();
    }
}
