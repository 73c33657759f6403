package boldwedge.core.families.threading.report;

import static boldwedge.core.families.threading.entry.ThreadField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.threading.model.ThreadCut;
import boldwedge.core.families.threading.model.ThreadJob;
import boldwedge.core.families.threading.model.ThreadJob.Way;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.Span;
import boldwedge.core.mechanics.cutting.EdgeCut;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.mechanics.thread.BarInHole;
import boldwedge.core.mechanics.thread.Infeed;
import boldwedge.core.mechanics.thread.ThreadSize;
import boldwedge.core.planning.Entry;
import boldwedge.core.rule.EdgeRules;
import java.util.ArrayList;
import java.util.List;

/** What is found of bar, push and passes; the lathe's setting stands in {@link ThreadSettingFindings}. */
final class ThreadReachFindings {
    /** Threads up to here are tapped in a small shop, mm (habit). */
    private static final double MOST_TAPPED_MM = 30;
    /** And dies are turned by hand up to about this. */
    private static final double MOST_DIED_MM = 20;

    private static final double TENTH_MM = 0.1;
    private static final double POWER_IN_HAND = 0.25;
    /** Push may leave half the width of the pitch diameter's limits after the spring passes without a doubt; where it leaves all of it no dial brings both ends in. */
    private static final double SPRING_DOUBTFUL = 1;

    private final ThreadCut cut;
    private final ThreadJob job;
    private final ThreadSize size;
    private final UnitFormat say;

    ThreadReachFindings(ThreadCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.size = job.size();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        findings.addAll(new ThreadSettingFindings(cut, say).all());
        cut.bar().ifPresent(bar -> findings.add(passesHole(bar)));
        findings.add(push());
        findings.add(passes());
        findings.add(schools());
        findings.add(power());
        return findings;
    }

    /** The classic mistake: the bar drags on the crests half way through. */
    private Finding passesHole(BarInHole bar) {
        double crest = cut.blankMm() / 2;
        double deep = bar.roomAtDepth(cut.tipAtMm(), crest);
        double out = bar.roomDrawnOut(crest);
        double rubs = bar.rubsAt(crest);
        double least = Math.min(deep, out);
        double share = Math.clamp(rubs / cut.depthMm(), 0, 1);
        double thickest = Math.floor(cut.inBar().thickestBarMm() * 10) / 10;
        Finding.Builder finding = Finding.at(Station.REACH, "thread-bar", say)
                .says(
                        least < -1e-9 ? Verdict.WRONG : Verdict.FINE,
                        deep < -1e-9
                                ? "The bar of " + say.length(bar.barMm()) + " drags on the crests at "
                                        + say.share(share)
                                        + " of the depth: its point stands out only "
                                        + say.length(bar.pointMm() - bar.barMm() / 2)
                                        + " of it."
                                : out < -1e-9
                                        ? "The bar of " + say.length(bar.barMm())
                                                + " cannot be drawn out: with the point clear of the crests its back meets the wall."
                                        : "The bar of " + say.length(bar.barMm()) + " passes with its point "
                                                + say.length(bar.pointMm())
                                                + " from its axis: " + say.length(deep + bar.clearMm())
                                                + " at full depth, "
                                                + say.length(out + bar.clearMm()) + " behind when it is drawn out.")
                .margin(least / Math.max(bar.clearMm(), 0.1))
                .step(Working.of("Room at full depth", "h − √((q − a)² + b²) − D / 2 − c", mm(deep))
                        .with("h", "radius of the hole", mm(crest))
                        .with("q", "radius of the thread’s bottom", mm(cut.tipAtMm()))
                        .with(
                                "a",
                                "point from the bar’s axis",
                                job.reach().pointMm().isPresent()
                                        ? mm(bar.pointMm()).typed()
                                        : mm(bar.pointMm()).chosen())
                        .with("b", "axis below the point", mm(bar.barBelowMm()).typed())
                        .with(
                                "D",
                                "bar",
                                job.reach().barMm().isPresent()
                                        ? mm(bar.barMm()).typed()
                                        : mm(bar.barMm()).chosen())
                        .with("c", "room wanted", mm(bar.clearMm()).assumed()))
                .step(Working.of("Room behind, drawn out", "h − √((h − c − a)² + b²) − D / 2 − c", mm(out))
                        .with("h", mm(crest))
                        .with("c", mm(bar.clearMm()).assumed())
                        .with("a", mm(bar.pointMm()))
                        .with("b", mm(bar.barBelowMm()))
                        .with("D", mm(bar.barMm())))
                .note("The thickest bar that passes this hole is " + say.length(thickest) + ", its point at least "
                        + say.length(cut.inBar().pointForMm(thickest)) + " from its axis.")
                .source("Circles of bar and hole, seen along the axis");
        if (least < -1e-9) {
            if (thickest >= 1) {
                double point = cut.inBar().pointForMm(bar.barMm());
                BarInHole outer = new BarInHole(bar.barMm(), point, bar.barBelowMm(), bar.clearMm());
                boolean helps = outer.roomAtDepth(cut.tipAtMm(), crest) >= 0 && outer.roomDrawnOut(crest) >= 0;
                if (helps) {
                    finding.mend(
                            "Point " + say.length(point) + " from the bar’s axis",
                            BAR_POINT,
                            Written.exact(Quantity.LENGTH, point));
                }
                double reduced = reducedFor(bar, crest);
                if (reduced >= 1) {
                    finding.mend(
                            "Turn the bar down to " + say.length(reduced) + " over "
                                    + say.length(cut.inBar().barOutMm()),
                            BAR,
                            Written.exact(Quantity.LENGTH, reduced));
                    double stiff = Math.pow(reduced / bar.barMm(), 4);
                    finding.note("Turned down to " + say.length(reduced) + " the bar keeps " + say.share(stiff)
                            + " of its stiffness.");
                }
            }
        }
        return finding.build();
    }

    /** The thickest bar that passes with the point where it is, mm. */
    private double reducedFor(BarInHole bar, double crest) {
        double at = Math.hypot(cut.tipAtMm() - bar.pointMm(), bar.barBelowMm());
        double out = Math.hypot(crest - bar.clearMm() - bar.pointMm(), bar.barBelowMm());
        return Math.floor(20 * (crest - bar.clearMm() - Math.max(at, out))) / 10;
    }

    private Finding push() {
        double left = cut.leftMm();
        double margin = cut.toleranceMm() / Math.max(left, 1e-9) - 1;
        boolean inside = job.inside();
        Verdict verdict = Verdict.of(margin, SPRING_DOUBTFUL);
        Finding.Builder finding = Finding.at(Station.REACH, inside ? "thread-bar-springs" : "thread-push", say)
                .says(
                        verdict,
                        (inside ? "The bar springs " : "Work and tool spring apart ") + say.length(cut.sprungMm())
                                + " on the pitch diameter in the last cutting pass; " + cut.spring()
                                + (cut.spring() == 1 ? " spring pass leaves about " : " spring passes leave about ")
                                + say.length(left) + " of it"
                                + (inside
                                        ? "."
                                        : ", " + say.length(Math.abs(cut.taperMm()))
                                                + " of that at the free end only."))
                .margin(margin)
                .step(Working.of(
                                "Spring on the pitch diameter, as the last cutting pass comes to rest",
                                "2 · F · g",
                                mm(cut.sprungMm()))
                        .with("F", "push where it comes to rest", newtons(cut.sprungMm() / (2 * cut.giveMmPerN())))
                        .with("g", "give", mmPerNewton(cut.giveMmPerN())))
                .step(Working.of("Left after the spring passes", "2 · F · g", mm(left))
                        .with(
                                "F",
                                "push that is left, most of it the edge’s own",
                                newtons(left / (2 * cut.giveMmPerN())))
                        .with("g", mmPerNewton(cut.giveMmPerN())))
                .note("Push of a thread is known within about half; the try with the nut decides.")
                .source("Beam on springs; Kienzle’s law for the chip, "
                        + job.work().source());
        if (inside) {
            double slender = cut.inBar().barOutMm() / cut.bar().orElseThrow().barMm();
            finding.note("The bar stands out " + Written.places(slender, 1) + " times its diameter.");
        }
        if (verdict.isDoubt()) {
            // A centre takes the spring away; more passes only follow it.
            if (!inside && job.reach().hold() == Hold.CHUCK && size.majorMm() > Hold.LEAST_CENTRED_MM) {
                finding.mend("Bring the centre up", HELD, Entry.choice(Hold.CHUCK_AND_CENTRE));
            }
            finding.doesWhen(
                    !inside && verdict == Verdict.WRONG && size.majorMm() <= MOST_DIED_MM,
                    "Cut it with a die, held in the tailstock and started square by the lathe: it goes round the work and does not push it away");
            finding.doesWhen(
                    !inside && verdict == Verdict.WRONG && size.majorMm() > MOST_DIED_MM,
                    "A fixed steady beside the thread, or the work longer with a centre in its end, cut off last");
            int more = cut.spring() + 2;
            finding.mendUnless(more > 10, more + " spring passes", SPRING, String.valueOf(more));
        }
        finding.doesWhen(
                verdict == Verdict.WRONG && inside,
                size.majorMm() <= MOST_TAPPED_MM
                        ? "Tap it: no bar that goes in is stiff enough"
                        : "A shorter thread, or a bar between centres with the work on the carriage");
        return finding.build();
    }

    private Finding passes() {
        int n = cut.depthsMm().size();
        Span least = EdgeCut.smallestChip(cut.tool());
        double chip = cut.lastChipMm();
        double biggest = 0;
        for (int i = 0; i < n; i++) {
            biggest = Math.max(biggest, cut.areaMm2(i));
        }
        double heavy = biggest / cut.areaPerPass();
        boolean thin = chip < least.low();
        boolean strong = heavy > 1.6;
        Verdict verdict = thin || heavy > 2.5
                ? Verdict.WRONG
                : chip < least.chosen() * 0.999 || strong ? Verdict.DOUBTFUL : Verdict.FINE;
        String words = n + " passes, the first " + say.length(cut.depthsMm().getFirst()) + " deep, the last "
                + say.length(n > 1 ? cut.depthsMm().get(n - 1) - cut.depthsMm().get(n - 2) : cut.depthMm()) + "; then "
                + cut.spring() + " without infeed: about " + say.time(cut.minutes()) + ".";
        Finding.Builder finding = Finding.at(Station.REACH, "thread-passes", say)
                .says(
                        verdict,
                        thin
                                ? "The last passes are thinner than this edge can shave, " + say.length(chip)
                                        + ": it rubs and hardens the flank. Take fewer."
                                : strong
                                        ? "The heaviest pass takes " + Written.places(heavy, 1)
                                                + " times what this tool likes. " + words
                                        : words)
                .margin(thin ? chip / least.low() - 1 : Math.min(1, 1.6 / Math.max(heavy, 1e-9) - 1))
                .step(Working.of("Area of the groove", "A · n", mm2(cut.tip().areaMm2(cut.depthMm())))
                        .with("A", "mean area of a pass", mm2(cut.tip().areaMm2(cut.depthMm()) / n))
                        .with("n", "passes", number(n)))
                .source(
                        "Equal areas but for a light first pass (0.3): depth grows with the root of their number; area of a pass from what tables of handbooks add up to (ours)");
        finding.school(
                        "Equal areas",
                        "Each pass costs the tool the same; the last ones are thin and leave a clean flank.",
                        job.cutting().steps() == ThreadJob.Steps.AREA)
                .school(
                        "Equal depths",
                        "Easy to count; the last passes are the heaviest, push most and tear first.",
                        job.cutting().steps() == ThreadJob.Steps.DEPTH);
        if (cut.hardens()) {
            finding.note("It hardens where the tool rubs: no pass without infeed but the last, and none thinner than "
                    + say.length(2 * least.chosen()) + ".");
        }
        if (verdict != Verdict.FINE) {
            finding.mendUnless(job.cutting().passes().isEmpty(), "As many as the tool likes", PASSES, "");
            finding.mendUnless(job.cutting().steps() == ThreadJob.Steps.AREA, "Equal areas", STEPS, "area");
        }
        return finding.build();
    }

    private Finding schools() {
        Infeed now = cut.infeed();
        double t = cut.depthMm();
        Way way = job.cutting().way();
        double trailing = now.trailingMm(t);
        double fine = size.pitchMm();
        boolean crowds = way == Way.STRAIGHT && fine > 2.2;
        Finding.Builder finding = Finding.at(Station.REACH, "thread-ways", say)
                .says(
                        crowds ? Verdict.DOUBTFUL : Verdict.FINE,
                        (way.compound()
                                        ? "Compound at " + ThreadSpoken.setting(cut, say) + ": it goes in "
                                                + say.length(now.compoundMm(t))
                                                + " in all, " + ThreadSpoken.reading(cut, t)
                                                + "; the trailing flank takes "
                                                + say.length(trailing) + " of it."
                                        : way == Way.STRAIGHT
                                                ? "Straight in by the cross slide, " + ThreadSpoken.reading(cut, t)
                                                        + " in all; both flanks cut and their chips meet."
                                                : "Straight in, set over by turns to either side: each flank cuts alone.")
                                + (crowds ? " From about 2 mm of pitch on that tears and chatters." : ""))
                .margin(crowds ? -0.1 : 1)
                .step(Working.of("Way of the compound", "t / cos(b)", mm(now.compoundMm(t)))
                        .with("t", "depth", mm(t))
                        .with("b", "set over", rad(now.betaRad()).chosen()))
                .step(Working.of("Taken by the trailing flank", "t · (tan(a) − tan(b))", mm(trailing))
                        .with("t", mm(t))
                        .with("a", "half angle", rad(size.form().halfRad()).fromTable())
                        .with("b", rad(now.betaRad()).chosen()))
                .note("Each " + say.length(TENTH_MM) + " too large on the pitch diameter is "
                        + ThreadSpoken.dial(cut).length(ThreadSpoken.dial(cut).reads(now.leftOnCompoundMm(TENTH_MM)))
                        + " to feed in on the " + ThreadSpoken.slide(cut) + ".")
                .source("Geometry of the feed");
        for (Way one : Way.values()) {
            Infeed in = new Infeed(size.form(), one.betaRad(size.form()));
            finding.school(ThreadSpoken.capital(one.words()), why(one, in, t), one == way);
        }
        if (crowds) {
            finding.mend("Compound half a degree under", WAY, "half-less");
        }
        return finding.build();
    }

    private String why(Way way, Infeed in, double t) {
        return switch (way) {
            case HALF_LESS ->
                "Leading flank cuts; the trailing one shaves " + say.length(in.trailingMm(t))
                        + " over all passes and comes out clean. Compound " + say.length(in.compoundMm(t)) + ".";
            case HALF ->
                "One flank cuts, the other rubs exactly: a small error of the setting leaves steps on it. Compound "
                        + say.length(in.compoundMm(t)) + ".";
            case DEGREE_LESS ->
                "The trailing flank shaves " + say.length(in.trailingMm(t)) + ": for stuff that tears. Compound "
                        + say.length(in.compoundMm(t)) + ".";
            case STRAIGHT ->
                "Both flanks cut " + say.length(in.trailingMm(t))
                        + " each: true form, for fine pitches and hard stuff; needs a stiff set-up.";
            case TO_AND_FRO ->
                "Each flank cuts by turns and wears alike: for coarse and flat-sided threads; the sideways way is counted, "
                        + say.length(t * Math.tan(size.form().halfRad())) + " to either side at most.";
        };
    }

    private Finding power() {
        double watt = cut.watt();
        double has = job.lathe().spindleWatt();
        double margin = has / Math.max(watt, 1e-9) - 1;
        int more = (int) Math.ceil(1.5 * cut.depthsMm().size());
        return Finding.at(Station.REACH, "thread-power", say)
                .says(
                        Verdict.of(margin, POWER_IN_HAND),
                        "The heaviest pass takes " + say.power(watt) + "; "
                                + job.lathe().name() + " has " + say.power(has) + " at the spindle.")
                .margin(margin)
                .step(EdgeRules.atTheSpindle(job.lathe()))
                .source("Definition of power; Kienzle’s law")
                .mendUnless(margin >= POWER_IN_HAND, more + " passes", PASSES, String.valueOf(more))
                .doesWhen(margin < 0, "Belt one step slower, or back gear: the same work in more time")
                .build();
    }
}
