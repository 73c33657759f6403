package boldwedge.core.families.shaping.report;

import static boldwedge.core.families.shaping.entry.ShapingField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.shaping.model.ShapedCut;
import boldwedge.core.families.shaping.model.ShapedJob;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.Span;
import boldwedge.core.mechanics.cutting.Strokes;
import java.util.ArrayList;
import java.util.List;

/** What is found of the ram: its stroke and its power, what it takes, how true it runs and how the work is held. */
final class RamFindings {
    /** With less of its stroke to spare the ram is set to its longest, by trial over the whole work (ours). */
    private static final double WHOLE_STROKE = 0.03;

    private static final double HALF = 0.5;
    private static final double LIGHTER = 0.6;
    private static final double FINEST_MM = 0.015;
    /** So much rougher than wanted is not to be polished away. */
    private static final double MUCH_ROUGHER = -0.3;

    private static final int MOST_SPRING_STROKES = 12;

    private final ShapedCut cut;
    private final ShapedJob job;
    private final UnitFormat say;
    private final Strokes ram;

    RamFindings(ShapedCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
        this.ram = job.shaper().strokes();
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        findings.add(clapper());
        findings.add(strokes());
        findings.add(power());
        findings.add(taken());
        findings.add(job.isKeyway() ? spring() : finish());
        findings.add(droop());
        findings.add(vise());
        return findings;
    }

    /** Before anything else: what moves, and what must be free. */
    private Finding clapper() {
        return Finding.at(Station.REACH, "clapper", say)
                .says(
                        Verdict.TOLD,
                        job.isKeyway()
                                ? "The clapper free to lift on the return, its box upright: both walls are cut. The stroke set by hand first."
                                : "The clapper free to lift on the return, its box tipped away from where the feed comes from. The stroke set by hand first.")
                .caution("The ram strikes on both ends: stand beside it, guard up, nothing behind it.")
                .caution("Chips leave hot and far: a screen before the work, brush them only while it stands.")
                .source("Custom of the trade; maker's instructions and local codes come first")
                .build();
    }

    private Finding strokes() {
        double longest = ram.longestMm().orElse(Double.POSITIVE_INFINITY);
        double spare = longest / cut.strokeMm() - 1;
        boolean tooLong = spare < 0;
        boolean whole = !tooLong && spare < WHOLE_STROKE;
        double wanted = Strokes.perMinute(cut.wantedSpeed(), cut.strokeMm(), ram.returnRatioOrUsual());
        boolean fast = cut.perMinute() > wanted * 1.15;
        String words = tooLong
                ? "A stroke of %s is longer than the ram’s longest, " + say.length(longest) + "."
                : "%s strokes of %s, set %s a minute: about %s."
                        + (whole ? " That is nearly the ram’s longest, " + say.length(longest) + "." : "");
        Finding.Builder finding = Finding.at(Station.REACH, "strokes", say);
        if (tooLong) {
            finding.says(Verdict.WRONG, words, say.length(cut.strokeMm())).does("A longer ram; or mill it");
        } else {
            finding.says(
                    fast || whole ? Verdict.DOUBTFUL : Verdict.FINE,
                    fast ? "Its slowest is fast here: " + words : words,
                    say.number(cut.strokes(), 0),
                    say.length(cut.strokeMm()),
                    say.number(cut.perMinute(), 0),
                    say.time(cut.minutes()));
        }
        return finding.margin(tooLong ? spare : fast ? wanted / cut.perMinute() - 1 : whole ? spare : HALF)
                .step(Working.of("Strokes a minute", "v / (L · (1 + m))", rpm(wanted))
                        .with("v", "planing", metresPerMinute(cut.wantedSpeed()))
                        .with("L", "stroke", mm(cut.strokeMm()))
                        .with("m", "return over cut", number(ram.returnRatioOrUsual())))
                .note("The step of its list at or under that.")
                .source("Half of turning's speed by custom of the trade")
                .build();
    }

    private Finding power() {
        double has = job.shaper().spindleWatt();
        double margin = has / cut.watt() - 1;
        double less = LIGHTER * cut.downMm();
        return Finding.at(Station.REACH, "ram-power", say)
                .says(
                        Verdict.of(margin, Verdict.CLOSE),
                        margin < 0
                                ? "The cut wants %s, the ram has %s: it stalls in the stroke."
                                : "The cut wants %s of the %s that the ram has.",
                        say.power(cut.watt()),
                        say.power(has))
                .margin(Math.min(1, margin))
                .step(Working.of("Power", "F · v", watts(cut.watt()))
                        .with("F", "along the stroke", newtons(cut.alongN()))
                        .with("v", "of the stroke", metresPerMinute(cut.speed())))
                .source("Force times speed")
                .mendUnless(
                        margin >= Verdict.CLOSE, "Take " + say.length(less), DOWN, Written.exact(Quantity.LENGTH, less))
                .build();
    }

    private Finding taken() {
        if (!job.isKeyway()) {
            return Finding.at(Station.REACH, "stroke", say)
                    .says(
                            Verdict.TOLD,
                            "%s passes, %s deep and %s across at a stroke: %s along it, %s out of the cut.",
                            say.number(cut.passes(), 0),
                            say.length(cut.downMm()),
                            say.length(cut.feedMm()),
                            say.force(cut.alongN()),
                            say.force(cut.pushN()))
                    .source("Kienzle; " + job.work().source())
                    .build();
        }
        Span range = cut.downRange();
        boolean heavy = cut.downMm() > range.high() * 1.02;
        boolean light = cut.downMm() < FINEST_MM;
        return Finding.at(Station.REACH, "stroke", say)
                .says(
                        heavy || light ? Verdict.DOUBTFUL : Verdict.FINE,
                        heavy
                                ? "%s at a stroke is heavy for a tooth that cuts over its whole width: %s along it, %s out of the cut."
                                : light
                                        ? "%s at a stroke rubs before it cuts: %s along it, %s out of the cut."
                                        : "%s down at a stroke: %s along it, %s out of the cut.",
                        say.length(cut.downMm()),
                        say.force(cut.alongN()),
                        say.force(cut.pushN()))
                .margin(heavy ? range.high() / cut.downMm() - 1 : light ? -0.1 : HALF)
                .step(Working.of("Force along the stroke", "kc · w · (h / 1 mm)^(−mc) · h · K", newtons(cut.alongN()))
                        .with("kc", mpa(job.work().kc11MPa()).fromTable())
                        .with("mc", number(job.work().mc()).fromTable())
                        .with("w", "tooth", mm(cut.toothMm()))
                        .with("h", "at a stroke", mm(cut.downMm()))
                        .with("K", "by rake", number(cut.edge().rakeFactor())))
                .source("Kienzle; " + job.work().source())
                .mendUnless(
                        !heavy && !light,
                        "Take " + say.length(range.chosen()),
                        DOWN,
                        Written.exact(Quantity.LENGTH, range.chosen()))
                .build();
    }

    private Finding spring() {
        double bears = job.withinMm() / 3;
        double left = cut.leftMm();
        double margin = Math.min(1, bears / Math.max(left, 1e-9) - 1);
        int needed = job.springStrokes();
        double then = left;
        while (then > bears * (1 - Verdict.CLOSE) && needed < MOST_SPRING_STROKES) {
            needed++;
            then *= cut.leftShare();
        }
        return Finding.at(Station.REACH, "key-spring", say)
                .says(
                        Verdict.of(margin, Verdict.CLOSE),
                        margin < 0
                                ? "After %s strokes without infeed %s is left of %s: more than a third of what the depth may be off."
                                : "After %s strokes without infeed %s is left of %s.",
                        say.number(job.springStrokes(), 0),
                        say.length(left),
                        say.length(cut.springMm()))
                .margin(margin)
                .step(Working.of("Springs while it is fed", "Fp / k", mm(cut.springMm()))
                        .with("Fp", "push out of the cut", newtons(cut.pushN()))
                        .with(
                                "k",
                                "ram and table",
                                newtonsPerMm(job.shaper().postOrAssumed()).assumed()))
                .step(Working.of("Left after them", "y · q^n", mm(left))
                        .with("y", mm(cut.springMm()))
                        .with("q", "left by each", number(cut.leftShare()))
                        .with("n", number(job.springStrokes())))
                .source("Balance of push and spring, stroke by stroke")
                .mendUnless(
                        margin >= Verdict.CLOSE || needed == job.springStrokes(),
                        needed + " strokes without infeed",
                        SPRING,
                        String.valueOf(needed))
                .build();
    }

    private Finding finish() {
        double likely = cut.likelyRaMm();
        double margin = Math.min(1, job.raMm() / likely - 1);
        double finer = cut.feedMm() * Math.min(0.9, Math.sqrt(job.raMm() / likely));
        return Finding.at(Station.REACH, "finish", say)
                .says(
                        margin < MUCH_ROUGHER ? Verdict.WRONG : margin < -1e-6 ? Verdict.DOUBTFUL : Verdict.FINE,
                        margin < -1e-6
                                ? "%s across at a stroke leaves about %s where %s is wanted."
                                : "%s across at a stroke leaves about %s; %s is wanted.",
                        say.length(cut.feedMm()),
                        say.ra(likely),
                        say.ra(job.raMm()))
                .margin(margin)
                .note(
                        "For the last pass a broad flat bit, overlapping its own width by half, leaves less still in what does not tear.")
                .source("Marks of feed and nose, times what is usual over them")
                .mendUnless(margin >= -1e-6, "Across " + say.length(finer), FEED, Written.exact(Quantity.LENGTH, finer))
                .build();
    }

    private Finding droop() {
        double sinks = cut.droopMm();
        double bears = job.isKeyway() ? job.withinMm() / 2 : job.withinMm();
        double margin = Math.min(1, bears / Math.max(sinks, 1e-9) - 1);
        boolean read = ram.droopMm().isPresent();
        Finding.Builder finding = Finding.at(Station.REACH, "ram-sinks", say)
                .says(
                        Verdict.of(margin, Verdict.CLOSE),
                        margin < 0
                                ? "The ram sinks by %s over the cut: the far end comes so much deeper, where %s is borne."
                                : "The ram sinks by %s over the cut; %s is borne.",
                        say.length(sinks),
                        say.length(bears))
                .margin(margin)
                .note(read ? "By the card." : "Nobody has read it: an indicator on the ram, over its whole stroke.")
                .source(read ? "Read on the machine" : "A fifteen-thousandth of the stroke, ours");
        if (margin < Verdict.CLOSE) {
            finding.does("Snug the ram's gibs, or lay the far end of the work lower by as much");
        }
        return finding.build();
    }

    private Finding vise() {
        double bears = job.isKeyway() ? job.width().widthMm() : job.withinMm();
        if (job.viseMm().isEmpty()) {
            return Finding.at(Station.REACH, "vise", say)
                    .says(
                            Verdict.TOLD,
                            "Jaw along the stroke by an indicator: within %s over the %s that is cut.",
                            say.length(bears),
                            say.length(job.lengthMm()))
                    .source("As much as the tolerance gives")
                    .build();
        }
        double off = Math.abs(job.viseMm().getAsDouble());
        double margin = Math.min(1, bears / Math.max(off, 1e-9) - 1);
        return Finding.at(Station.REACH, "vise", say)
                .says(
                        Verdict.of(margin, Verdict.CLOSE),
                        margin < 0
                                ? "The jaw runs %s off the stroke over the cut, where %s is borne."
                                : "The jaw runs %s off the stroke over the cut; %s is borne.",
                        say.length(off),
                        say.length(bears))
                .margin(margin)
                .step(Working.of("Out of square", "t / L", rad(off / job.lengthMm()))
                        .with("t", "read", mm(off).typed())
                        .with("L", "over", mm(job.lengthMm())))
                .source("As much as the tolerance gives")
                .mendUnless(margin >= Verdict.CLOSE, "Set it by the indicator", VISE, "0 mm")
                .build();
    }
}
