package boldwedge.core.families.keying.report;

import static boldwedge.core.families.keying.entry.KeywayField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.keying.model.KeywayCut;
import boldwedge.core.families.keying.model.KeywayJob;
import boldwedge.core.families.keying.model.KeywayJob.Drive;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.Span;
import boldwedge.core.mechanics.cutting.Strokes;
import boldwedge.core.mechanics.rigidity.Beam;
import boldwedge.core.mechanics.stroke.StrokeBar;
import java.util.ArrayList;
import java.util.List;

/** What is found of the stroke: the hand, what is taken, the bar's spring, push against pull. */
final class StrokeFindings {
    private static final double HALF = 0.5;
    private static final double HEAVY_HAND = 1.5;
    private static final double MOST_SPRING_STROKES = 12;
    /** So often what is borne, no set-up of a bar is worth a try. */
    private static final double HOPELESS = 4;

    /** A bar that springs by more strokes' infeed than this is too limber: what it cuts is not what was fed (ours). */
    private static final double MOST_HELD = 4;
    /** Keyways of bores up to this are broached where a broach is at hand, mm (custom of the trade). */
    private static final double BROACHED_MM = 14;

    private static final double FINEST_STROKE_MM = 0.008;

    private final KeywayCut cut;
    private final KeywayJob job;
    private final UnitFormat say;
    private final StrokeBar bar;

    StrokeFindings(KeywayCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
        this.bar = cut.bar();
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        findings.add(locked());
        findings.add(way());
        findings.add(spring());
        if (job.drive().byHand()) {
            findings.add(hand());
        }
        findings.add(stroke());
        findings.add(count());
        return findings;
    }

    /** Before anything else: what must not turn. */
    private Finding locked() {
        return Finding.at(Station.REACH, "locked", say)
                .says(Verdict.TOLD, "Motor off at the switch and at the plug, spindle locked: nothing may turn.")
                .note(
                        "A lock by back gear alone lets go under blows. A wheel of the gear train held by a block does not.")
                .note("Without a collar or a step behind its holder the bar must be clamped with "
                        + say.force(cut.clampN()) + ".")
                .caution("Hand off the chuck's jaws; chips between carriage and bed lift it.")
                .caution("Know where the bar ends: stop before it strikes the headstock. A ram strikes on both ends.")
                .source("Custom of the trade; maker's instructions and local codes come first")
                .step(Working.of("Clamp without a collar", "2 · F / 0.15", newtons(cut.clampN()))
                        .with("F", "along the stroke", newtons(cut.forceN())))
                .build();
    }

    private Finding way() {
        double pushed = bar.springMm(true);
        double pulled = bar.springMm(false);
        boolean drawn = cut.pushed() && cut.isDrawnIn();
        double under = bar.drawnInUnderMm();
        return Finding.at(Station.REACH, "push-or-pull", say)
                .says(
                        drawn ? Verdict.WRONG : Verdict.FINE,
                        drawn
                                ? "Pushed with only " + say.length(cut.reachMm())
                                        + " of reach the bar is drawn into the cut, and digs in: pull it, or clamp it "
                                        + say.length(under) + " away."
                                : cut.pushed()
                                        ? "Pushed it springs off by " + say.length(pushed) + "; pulled by "
                                                + say.length(pulled) + "."
                                        : "Pulled it springs off by " + say.length(pulled)
                                                + (cut.isDrawnIn()
                                                        ? ", and never digs in; pushed it would."
                                                        : ", and never digs in; pushed by " + say.length(pushed) + "."))
                .margin(drawn ? cut.reachMm() / under - 1 : HALF)
                .step(Working.of("By the push out of the cut", "Fp · (l³ / (3 · E · I) + k)", mm(bar.outMm()))
                        .with("Fp", "push out of the cut", newtons(cut.pushN()))
                        .with("l", "clamp to tooth", mm(cut.reachMm()))
                        .with("E", mpa(job.barMaterial().modulusMPa()).fromTable())
                        .with("I", "of the bar", mm4(Beam.round(cut.barMm())))
                        .with(
                                "k",
                                "give of the holder",
                                mmPerNewton(cut.restMmPerN()).assumed()))
                .step(Working.of("By the force off its axis", "F · e · l² / (2 · E · I)", mm(bar.coupleMm()))
                        .with("F", "along the stroke", newtons(cut.forceN()))
                        .with("e", "tip from the bar's axis", mm(cut.leverMm()))
                        .with("l", mm(cut.reachMm()))
                        .with("E", mpa(job.barMaterial().modulusMPa()).fromTable())
                        .with("I", mm4(Beam.round(cut.barMm()))))
                .school("Pushed", "The two springs work against each other: it springs less.", cut.pushed())
                .school("Pulled", "It springs more, and never digs in.", !cut.pushed())
                .note("Of the bar alone: pushed with less than " + say.length(under) + " of reach it is drawn in.")
                .source("Two load cases of a cantilever, added")
                .mendUnless(!drawn, "Pull it", WAY, "pull")
                .mendUnless(
                        !drawn,
                        "Clamp it " + say.length(job.units().marked(1.1 * under)) + " from the tooth",
                        REACH,
                        Written.exact(Quantity.LENGTH, job.units().marked(1.1 * under)))
                .build();
    }

    private Finding spring() {
        double left = cut.leftMm();
        double bears = cut.bearableMm();
        double reached = bears / Math.max(left, 1e-9) - 1;
        double stiff = MOST_HELD * cut.strokeMm() / Math.max(cut.springMm(), 1e-9) - 1;
        boolean limber = reached >= 0 && stiff < 0;
        // A bar that is too limber stays so however many strokes it is given.
        double margin = Math.min(Math.min(1, reached), stiff < 0 ? stiff : 1);
        Finding.Builder finding = Finding.at(Station.REACH, "key-spring", say)
                .says(
                        limber ? Verdict.DOUBTFUL : Verdict.of(margin, Verdict.CLOSE),
                        "After " + job.springStrokes()
                                + (job.springStrokes() == 1 ? " spring stroke " : " spring strokes ")
                                + say.length(left) + " is left of " + say.length(Math.max(0, cut.springMm()))
                                + (reached < 0
                                        ? ": more than a third of what the depth may be off."
                                        : limber
                                                ? ": the bar springs by more than four strokes’ infeed, too limber to cut what is fed."
                                                : "."))
                .margin(margin)
                .step(Working.of("Left by a spring stroke", "D · k / (1 + D · k)", number(cut.leftShare()))
                        .with("D", "growth of the push with depth", newtonsPerMm(cut.growthNPerMm()))
                        .with("k", "give for a newton of push", mmPerNewton(Math.max(0, cut.springMm()) / cut.pushN())))
                .step(Working.of("Left after them", "y · q^n", mm(left))
                        .with("y", "spring while it is fed", mm(Math.max(0, cut.springMm())))
                        .with("q", number(cut.leftShare()))
                        .with("n", number(job.springStrokes())))
                .source("Balance of push and spring, stroke by stroke");
        if (margin < Verdict.CLOSE) {
            remedies(finding, left);
        }
        return finding.build();
    }

    /** What lessens it, what costs nothing first; where none of it is enough, the other way to make it. */
    private void remedies(Finding.Builder finding, double left) {
        if (left > HOPELESS * cut.bearableMm()) {
            finding.does("Broach it, with a bush in the bore: no bar that goes in is stiff enough");
        } else if (2 * job.slot().radiusMm() <= BROACHED_MM) {
            finding.does("Broach it, with a bush in the bore");
        }
        double shortest = job.units().marked(job.lengthMm() + KeywayCut.RUN_OUT_MM + KeywayCut.RUN_IN_MM / 2);
        if (shortest < cut.reachMm() - 0.5) {
            finding.mend(
                    "Clamp it " + say.length(shortest) + " from the tooth",
                    REACH,
                    Written.exact(Quantity.LENGTH, shortest));
        }
        if (!cut.pushed() && !cut.isDrawnIn()) {
            finding.mend("Push it", WAY, "push");
        }
        int needed = job.springStrokes();
        double then = left;
        while (then > cut.bearableMm() * (1 - Verdict.CLOSE) && needed < MOST_SPRING_STROKES) {
            needed++;
            then *= cut.leftShare();
        }
        if (needed > job.springStrokes() && then <= cut.bearableMm()) {
            finding.mend(needed + " spring strokes", SPRING, String.valueOf(needed));
        }
        double half = cut.strokeMm() / 2;
        if (half >= FINEST_STROKE_MM) {
            finding.mend("Take " + say.length(half), STROKE, Written.exact(Quantity.LENGTH, half));
        }
    }

    private Finding hand() {
        double hand = cut.handN();
        double margin = Math.min(1, KeywayCut.HAND_N / hand - 1);
        boolean wheel = job.drive() == Drive.CARRIAGE;
        double half = cut.strokeMm() / 2;
        Finding.Builder finding = Finding.at(Station.REACH, "hand", say)
                .says(
                        margin >= -1e-9
                                ? Verdict.FINE
                                : hand > HEAVY_HAND * KeywayCut.HAND_N ? Verdict.WRONG : Verdict.DOUBTFUL,
                        (wheel ? "The handwheel wants " : "The lever wants ")
                                + say.force(hand)
                                + (margin < -1e-9
                                        ? " at every stroke: no hand keeps that up for " + cut.strokes() + "."
                                        : " of the hand, " + cut.strokes() + " times."))
                .margin(margin);
        if (wheel) {
            finding.step(Working.of("At the rim", "F · s / (2 · π · r · η)", newtons(hand))
                    .with("F", "along the stroke", newtons(cut.forceN()))
                    .with("s", "travel for a turn", mm(job.turnMm()).typed())
                    .with("r", "of the wheel", mm(job.wheelMm()).typed())
                    .with(
                            "η",
                            "of rack and gears",
                            number(KeywayCut.efficiency()).assumed()));
        } else {
            finding.step(Working.of("At the lever", "F / (i · η)", newtons(hand))
                    .with("F", "along the stroke", newtons(cut.forceN()))
                    .with("i", "of the lever", number(KeywayCut.lever()).assumed())
                    .with("η", number(KeywayCut.efficiency()).assumed()));
        }
        return finding.source("Work of a turn; what a hand keeps up is ours")
                .mendUnless(
                        margin >= -1e-9 || half < FINEST_STROKE_MM,
                        "Take " + say.length(half),
                        STROKE,
                        Written.exact(Quantity.LENGTH, half))
                .mendUnless(margin >= -1e-9, "By a shaper", DRIVE, "shaper")
                .build();
    }

    private Finding stroke() {
        Span range = cut.strokeRange();
        boolean heavy = cut.strokeMm() > range.high() * 1.02;
        boolean light = cut.strokeMm() < FINEST_STROKE_MM;
        boolean ours = job.strokeMm().isEmpty();
        return Finding.at(Station.REACH, "stroke", say)
                .says(
                        heavy || (light && !ours) ? Verdict.DOUBTFUL : Verdict.FINE,
                        heavy
                                ? say.length(cut.strokeMm())
                                        + " at a stroke is heavy for a tooth that cuts over its whole width."
                                : light
                                        ? say.length(cut.strokeMm()) + " at a stroke rubs before it cuts."
                                        : say.length(cut.strokeMm()) + " at a stroke: " + say.force(cut.forceN())
                                                + " along it, " + say.force(cut.pushN()) + " out of the cut.")
                .margin(heavy ? range.high() / cut.strokeMm() - 1 : light ? -0.1 : 0.5)
                .step(Working.of("Force along the stroke", "kc · w · (h / 1 mm)^(−mc) · h · K", newtons(cut.forceN()))
                        .with("kc", mpa(job.work().kc11MPa()).fromTable())
                        .with("mc", number(job.work().mc()).fromTable())
                        .with("w", "tooth", mm(cut.toothMm()))
                        .with("h", "at a stroke", mm(cut.strokeMm()))
                        .with("K", "by rake", number(cut.rakeFactor())))
                .note("The first strokes cut with two corners only: they tell nothing of the force to come.")
                .source("Kienzle; " + job.work().source())
                .mendUnless(
                        !heavy && !light,
                        "Take " + say.length(range.chosen()),
                        STROKE,
                        Written.exact(Quantity.LENGTH, range.chosen()))
                .build();
    }

    private Finding count() {
        return cut.powered() ? rammed() : counted(Verdict.TOLD, ".").build();
    }

    /** By a shaper: the stroke that its ram has, the rate that is set. */
    private Finding rammed() {
        Strokes ram = job.lathe().strokes();
        double longest = ram.longestMm().orElse(Double.POSITIVE_INFINITY);
        boolean tooLong = cut.travelMm() > longest;
        double wanted = Strokes.perMinute(cut.planingSpeed(), cut.travelMm(), ram.returnRatioOrUsual());
        long set = Math.round(cut.strokesPerMinute());
        return counted(
                        tooLong ? Verdict.WRONG : Verdict.TOLD,
                        tooLong
                                ? ": the ram's longest is " + say.length(longest) + "."
                                : ram.perMinute().isEmpty()
                                        ? ": the step of the shaper at or under " + set + " strokes a minute."
                                        : ": set " + set + " strokes a minute.")
                .margin(tooLong ? longest / cut.travelMm() - 1 : 1)
                .step(Working.of("Strokes a minute", "v / (L · (1 + m))", rpm(wanted))
                        .with("v", "planing", metresPerMinute(cut.planingSpeed()))
                        .with("L", "stroke", mm(cut.travelMm()))
                        .with("m", "return over cut", number(ram.returnRatioOrUsual())))
                .build();
    }

    private Finding.Builder counted(Verdict verdict, String how) {
        return Finding.at(Station.REACH, "strokes", say)
                .says(
                        verdict,
                        cut.strokes() + " strokes of " + say.length(cut.travelMm()) + ", about "
                                + say.time(cut.minutes()) + how)
                .step(Working.of(
                                "Strokes of a way, spring strokes besides",
                                "(t + c) / h",
                                number(job.slot().wayMm() / cut.strokeMm()))
                        .with("t", mm(job.slot().depthMm()))
                        .with("c", "crown", mm(job.slot().crownMm()))
                        .with("h", mm(cut.strokeMm())))
                .source("Counted; the hand's pace is ours");
    }
}
