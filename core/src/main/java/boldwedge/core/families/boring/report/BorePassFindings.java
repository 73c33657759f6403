package boldwedge.core.families.boring.report;

import static boldwedge.core.families.boring.entry.BoreField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.families.boring.model.BoreJob;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.Span;
import boldwedge.core.mechanics.advice.CastSkin;
import boldwedge.core.rule.LastPass;
import java.util.Optional;

/** How the hole is taken: its passes, and the settings of a bar between centres. */
final class BorePassFindings {
    /** A first pass so much deeper than the others may be is heavy. */
    private static final double HEAVY = 1.5;

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
                : Written.words("%s, then %s.", roughing(p), last);
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

    private String roughing(BoreCut.Passes p) {
        int others = p.skinMm() > 0 ? p.rough() - 1 : p.rough();
        String rest =
                Written.words("%d roughing %s of %s", others, others == 1 ? "pass" : "passes", say.length(p.roughMm()));
        return p.skinMm() == 0
                ? rest
                : "A first pass of " + say.length(p.skinMm()) + " under the skin" + (others > 0 ? ", " + rest : "");
    }

    /** A cored hole keeps stock on every side, and its first pass gets under the skin all round. */
    Optional<Finding> skin() {
        Optional<Span> skin = CastSkin.of(job.work()).filter(any -> job.outOfRoundMm() > 0);
        return skin.map(span -> {
            BoreCut.Passes p = cut.passes();
            double least = cut.leastStockMm();
            double keeps = least / span.low() - 1;
            double first = p.skinMm() > 0 ? p.skinMm() : p.roughMm();
            boolean heavy = p.rough() > 0 && first > p.bearsMm() * HEAVY;
            double margin = keeps < Verdict.CLOSE || !heavy ? keeps : p.bearsMm() / first - 1;
            double larger = job.startMm() + job.outOfRoundMm() + 2 * span.chosen();
            Finding.Builder finding = Finding.at(Station.CUT, "skin", say);
            if (heavy && keeps >= 0) {
                finding.does(
                        "A larger bit or a carbide edge, and slow, for that pass alone: what is borne is limited by "
                                + p.limitedBy());
            }
            return finding.says(
                            keeps < 0
                                    ? Verdict.WRONG
                                    : keeps < Verdict.CLOSE || heavy ? Verdict.DOUBTFUL : Verdict.FINE,
                            keeps < 0
                                    ? "Only %s is left beyond the hole’s largest: the skin stays there, where a first pass of %s would get under it."
                                    : heavy
                                            ? "%s is left beyond the hole’s largest. To get under the skin all round the first pass goes %s deep where the hole is smallest, heavy for this bar: slow, a sturdy carbide edge."
                                            : "%s is left beyond the hole’s largest. The first pass goes %s deep where the hole is smallest, and gets under the skin all round.",
                            say.length(least),
                            say.length(job.outOfRoundMm() / 2 + span.chosen()))
                    .margin(Math.min(1, margin))
                    .step(Working.of("Left beyond the largest", "(D − d) / 2 − e / 2", mm(least))
                            .with("D", mm(job.finishedMm()).typed())
                            .with("d", "smallest", mm(job.startMm()).typed())
                            .with("e", "out of round", mm(job.outOfRoundMm()).typed()))
                    .step(Working.of("First pass", "e / 2 + s", mm(job.outOfRoundMm() / 2 + span.chosen()))
                            .with("e", mm(job.outOfRoundMm()).typed())
                            .with("s", "skin", mm(span.chosen()).assumed()))
                    .note("Rough all of it, let it cool and rest, unclamp, clamp gently, then finish.")
                    .note("Or shift the work in its chuck, so that every side keeps the same.")
                    .source("Custom of the trade: " + say.length(span.low()) + " to " + say.length(span.high())
                            + " of skin")
                    .mendUnless(
                            keeps >= Verdict.CLOSE,
                            "Bore it to " + say.length(larger) + ", and bush it",
                            FINISHED,
                            Written.exact(Quantity.LENGTH, larger))
                    .build();
        });
    }

    /** Line boring: radii from pilot to size in steps that feeler gauges make. */
    Finding settings() {
        BoreCut.Passes p = cut.passes();
        StringBuilder radii = new StringBuilder();
        double radius = job.startMm() / 2;
        int all = p.rough() + p.finish();
        for (int i = 0; i < all; i++) {
            radius += i >= p.rough() ? p.finishMm() : i == 0 && p.skinMm() > 0 ? p.skinMm() : p.roughMm();
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
