package boldwedge.core.threading.tell;

import static boldwedge.core.measure.Amount.minutes;
import static boldwedge.core.measure.Amount.mm;
import static boldwedge.core.measure.Amount.mm2;
import static boldwedge.core.measure.Amount.mmPerNewton;
import static boldwedge.core.measure.Amount.newtons;
import static boldwedge.core.measure.Amount.number;
import static boldwedge.core.measure.Amount.rad;
import static boldwedge.core.measure.Amount.rpm;
import static boldwedge.core.threading.ask.ThreadField.*;

import boldwedge.core.ask.Entry;
import boldwedge.core.cutting.EdgeCut;
import boldwedge.core.finding.Finding;
import boldwedge.core.finding.Station;
import boldwedge.core.finding.Verdict;
import boldwedge.core.finding.Working;
import boldwedge.core.measure.Amount;
import boldwedge.core.measure.Quantity;
import boldwedge.core.measure.Say;
import boldwedge.core.measure.Written;
import boldwedge.core.rigidity.Hold;
import boldwedge.core.rule.EdgeRules;
import boldwedge.core.stock.Span;
import boldwedge.core.thread.BarInHole;
import boldwedge.core.thread.GearTrain;
import boldwedge.core.thread.Infeed;
import boldwedge.core.thread.PickUp;
import boldwedge.core.thread.ThreadDial;
import boldwedge.core.thread.ThreadForce;
import boldwedge.core.thread.ThreadSize;
import boldwedge.core.threading.model.ThreadCut;
import boldwedge.core.threading.model.ThreadGears;
import boldwedge.core.threading.model.ThreadJob;
import boldwedge.core.threading.model.ThreadJob.End;
import boldwedge.core.threading.model.ThreadJob.Way;
import java.util.ArrayList;
import java.util.List;

/** What is found of setting the lathe and of the passes. */
final class ThreadReachFindings {
    /** Stronger than this metal sticks to carbide for sure. */
    private static final double STICKS = 0.5;

    private static final double TENTH_MM = 0.1;
    private static final double POWER_IN_HAND = 0.25;
    /** Of the pitch diameter's limits that push may leave after the spring passes. */
    private static final double SPRING_SHARE = 0.2;

    private final ThreadCut cut;
    private final ThreadJob job;
    private final ThreadSize size;
    private final Say say;

    ThreadReachFindings(ThreadCut cut, Say say) {
        this.cut = cut;
        this.job = cut.job();
        this.size = job.size();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>();
        findings.add(gears());
        findings.add(dial());
        findings.add(speed());
        cut.bar().ifPresent(bar -> findings.add(passesHole(bar)));
        findings.add(push());
        findings.add(passes());
        findings.add(schools());
        findings.add(power());
        return findings;
    }

    private double tolerance() {
        return job.limits()
                .map(limits -> limits.pitchHigh() - limits.pitchLow())
                .orElse(0.1 * size.pitchMm());
    }

    private Finding gears() {
        ThreadGears gears = cut.gears();
        String lathe = job.lathe().name();
        Finding.Builder finding = Finding.at(Station.REACH, "thread-gears")
                .source("Change wheels: driver over driven is lead over the lead screw’s pitch");
        if (!gears.known()) {
            return finding.says(
                            Verdict.TOLD,
                            "The card of " + lathe
                                    + " says nothing of its lead screw: write lead screw, box or wheels there, and this says how to gear it for "
                                    + say.pitch(size.leadMm()) + ".")
                    .margin(1)
                    .build();
        }
        double length = Math.min(job.lengthMm(), size.majorMm());
        double over = gears.errorMm(length);
        double felt = PickUp.leadErrorMm(size.form(), over);
        double share = felt / tolerance();
        Verdict verdict = gears.exact()
                ? Verdict.FINE
                : share > 0.5 ? Verdict.WRONG : share > 0.1 ? Verdict.DOUBTFUL : Verdict.FINE;
        String set = gears.train()
                .map(train -> (gears.boxMm().isPresent()
                                ? "box at " + say.pitch(gears.boxMm().get()) + ", wheels "
                                : "wheels ")
                        + wheels(train))
                .orElseGet(() -> "box at " + say.pitch(gears.cutsMm()));
        finding.says(
                        verdict,
                        gears.exact()
                                ? lathe + ": " + set + " cuts " + say.pitch(size.leadMm())
                                        + (size.starts() > 1 ? ", the lead, exactly." : " exactly.")
                                : lathe + " does not cut " + say.pitch(size.leadMm()) + "; nearest: " + set + ", "
                                        + Written.significant(25.4 / gears.cutsMm(), 6) + " tpi or "
                                        + Written.significant(gears.cutsMm(), 6) + " mm, off by "
                                        + say.length(Math.abs(over)) + " over "
                                        + say.length(length) + ": felt as " + say.length(felt)
                                        + " on the pitch diameter.")
                .margin(gears.exact() ? 1 : 0.1 - share);
        gears.train()
                .ifPresent(train -> finding.step(Working.of(
                                "Lead that comes out",
                                gears.boxMm().isPresent()
                                        ? (train.compound() ? "L · a · c / (b · d)" : "L · a / b")
                                        : (train.compound() ? "S · a · c / (b · d)" : "S · a / b"),
                                mm(gears.cutsMm()))
                        .with(
                                gears.boxMm().isPresent() ? "L" : "S",
                                gears.boxMm().isPresent() ? "lead in the box" : "lead screw",
                                mm(gears.boxMm()
                                                .orElseGet(() -> job.lathe()
                                                        .screw()
                                                        .leadScrewMm()
                                                        .orElse(0)))
                                        .fromCard())
                        .with("a", number(train.a()))
                        .with("b", number(train.b()))
                        .with("c", number(Math.max(1, train.c())))
                        .with("d", number(Math.max(1, train.d())))
                        .told(say)));
        if (!gears.exact()) {
            finding.step(Working.of("Felt on the pitch diameter", "|u| / tan(a)", mm(felt))
                    .with("u", "lead off over the engagement", mm(over))
                    .with("a", "half angle", rad(size.form().halfRad()).fromTable())
                    .told(say));
            if (job.lathe().screw().inchScrew() != job.call().inInches()
                    && !job.lathe().screw().wheels().contains(127)) {
                finding.note(
                        "With a wheel of 127 teeth an inch screw cuts metric pitches exactly, and a metric screw inch ones: 25.4 is 127/5.");
            }
        }
        return finding.build();
    }

    private static String wheels(GearTrain train) {
        return train.compound()
                ? train.a() + "/" + train.b() + " · " + train.c() + "/" + train.d()
                : train.a() + "/" + train.b();
    }

    private Finding dial() {
        ThreadGears gears = cut.gears();
        Finding.Builder finding = Finding.at(Station.REACH, "thread-dial");
        if (gears.dial().isEmpty()) {
            return finding.says(
                            Verdict.TOLD,
                            "No thread dial on the card: keep the nut closed and reverse the motor, the tool drawn out, or mark spindle, screw and bed and close at the marks.")
                    .build();
        }
        ThreadDial dial = gears.dial().get();
        double lead = gears.known() ? gears.cutsMm() : size.leadMm();
        int every = dial.every(lead);
        String words = switch (dial.at(lead)) {
            case ANYWHERE -> "Close the nut wherever it goes in: the lead screw’s pitch is a whole number of leads.";
            case ANY_MARK -> "Close the nut at any of the " + dial.marks() + " marks.";
            case SOME_MARKS ->
                "Close the nut at every " + ordinal(every) + " of the " + dial.marks() + " marks"
                        + (every == 2
                                ? ": at the numbered ones, or at those between, but always the same kind."
                                : ", counted from the first used.");
            case SAME_MARK -> "Close the nut only at the one mark that was used first.";
            case NEVER ->
                "No mark serves: never open the nut. Draw the tool out, reverse the motor, run back, feed in again.";
        };
        return finding.says(dial.at(lead) == ThreadDial.Catch.NEVER ? Verdict.TOLD : Verdict.FINE, words)
                .margin(1)
                .step(Working.of("Way in one turn of the dial", "z · S", mm(dial.turnMm()))
                        .with("z", "teeth of its wheel", number(dial.teeth()).fromCard())
                        .with("S", "lead screw", mm(dial.screwMm()).fromCard())
                        .told(say))
                .step(Working.of(
                                "Leads from mark to mark",
                                "z · S / (m · L)",
                                number(dial.turnMm() / dial.marks() / lead))
                        .with("z", number(dial.teeth()).fromCard())
                        .with("S", mm(dial.screwMm()).fromCard())
                        .with("m", "marks", number(dial.marks()).fromCard())
                        .with("L", "lead", mm(lead))
                        .told(say))
                .source("A mark serves when a whole number of leads lies between")
                .build();
    }

    private static String ordinal(int n) {
        return switch (n) {
            case 2 -> "second";
            case 3 -> "third";
            case 4 -> "fourth";
            case 6 -> "sixth";
            case 8 -> "eighth";
            default -> n + "th";
        };
    }

    private Finding speed() {
        Span range = cut.surfaceSpeeds();
        double v = cut.surfaceSpeed();
        double over = v / range.high() - 1;
        double most = cut.mostRpm();
        double slowest = job.lathe().speeds().slowest();
        boolean late = cut.rpm() > most * 1.0001;
        boolean missing =
                job.cutting().rpm().isPresent() && !job.lathe().speeds().has(cut.rpm());
        Verdict verdict =
                missing || late || over > 0.25 ? Verdict.WRONG : over > 1e-9 ? Verdict.DOUBTFUL : Verdict.FINE;
        String stops = Double.isInfinite(most)
                ? ""
                : "; the carriage runs on " + say.length(cut.runOnMm()) + " of " + say.length(cut.wayMm())
                        + " that there are";
        Finding.Builder finding = Finding.at(Station.REACH, "thread-speed")
                .says(
                        verdict,
                        (missing
                                        ? job.lathe().name() + " has no " + say.rpm(cut.rpm()) + ". "
                                        : late
                                                ? cut.rpm() <= slowest * 1.001
                                                        ? "Even the slowest speed is too fast to stop in time: widen the groove, or cut away from the chuck. "
                                                        : "Too fast to stop in time. "
                                                : over > 1e-9 ? "Too fast for the tool. " : "")
                                + say.rpm(cut.rpm()) + " is " + say.surfaceSpeed(v) + stops + ".")
                .margin(missing ? -1 : late ? most / cut.rpm() - 1 : Math.min(1, -over))
                .step(Working.of("Surface speed", "π · d · n", Amount.metresPerMinute(v))
                        .with("d", mm(size.majorMm()).fromTable())
                        .with(
                                "n",
                                job.cutting().rpm().isPresent()
                                        ? rpm(cut.rpm()).typed()
                                        : rpm(cut.rpm()).chosen())
                        .told(say))
                .source(job.work().source()
                        + "; for threads half of it with high-speed steel, seven tenths with carbide (ours)");
        if (!Double.isInfinite(most)) {
            double stop = job.lathe().screw().stopOrUsual() / 60;
            finding.step(Working.of("Fastest that still stops", "w / (L · t)", rpm(most))
                    .with("w", "way to run on", mm(cut.wayMm()))
                    .with("L", "lead", mm(size.leadMm()).fromTable())
                    .with(
                            "t",
                            job.lathe().screw().stopSeconds().isPresent()
                                    ? minutes(stop).fromCard()
                                    : minutes(stop).assumed())
                    .told(say));
        }
        if (verdict != Verdict.FINE) {
            job.lathe()
                    .speeds()
                    .atOrBelow(Math.min(most, range.high() * 1000 / (Math.PI * size.majorMm())))
                    .ifPresent(rpm -> finding.mendUnless(
                            Math.abs(rpm - cut.rpm()) < 0.5,
                            "Run at " + say.rpm(rpm),
                            SPEED.id(),
                            Written.places(rpm, 1) + " rpm"));
            if (late && job.end() == End.GROOVE) {
                double wide = cut.grooveToTurnMm(slowest);
                finding.mendUnless(
                        wide <= cut.grooveMm(),
                        "Groove " + say.length(wide),
                        GROOVE.id(),
                        Written.exact(Quantity.LENGTH, wide));
            }
        }
        if (verdict == Verdict.FINE && cut.buildsUp() > STICKS && cut.slowEnoughForHss()) {
            finding.says(
                            Verdict.DOUBTFUL,
                            say.rpm(cut.rpm()) + " is " + say.surfaceSpeed(v)
                                    + ": slow for carbide in this stuff, metal builds up on the edge and tears the flanks. "
                                    + (job.end() == End.GROOVE && !job.left()
                                            ? "High-speed steel cuts clean at it; or cut from the groove out, away from the chuck, and run faster."
                                            : "High-speed steel cuts clean at it."))
                    .margin(-0.1)
                    .mend("HSS bit", TOOL.id(), "hss-bit");
        }
        finding.caution(
                "The chuck comes up fast: know where the carriage stops before the nut is closed, and keep a hand on it.");
        return finding.build();
    }

    /** The classic mistake: the bar drags on the crests half way through. */
    private Finding passesHole(BarInHole bar) {
        double crest = cut.blankMm() / 2;
        double deep = bar.roomAtDepth(cut.tipAtMm(), crest);
        double out = bar.roomDrawnOut(crest);
        double rubs = bar.rubsAt(crest);
        double least = Math.min(deep, out);
        double share = Math.clamp(rubs / cut.depthMm(), 0, 1);
        double thickest = Math.floor(cut.thickestBarMm() * 10) / 10;
        Finding.Builder finding = Finding.at(Station.REACH, "thread-bar")
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
                        .with("c", "room wanted", mm(bar.clearMm()).assumed())
                        .told(say))
                .step(Working.of("Room behind, drawn out", "h − √((h − c − a)² + b²) − D / 2 − c", mm(out))
                        .with("h", mm(crest))
                        .with("c", mm(bar.clearMm()).assumed())
                        .with("a", mm(bar.pointMm()))
                        .with("b", mm(bar.barBelowMm()))
                        .with("D", mm(bar.barMm()))
                        .told(say))
                .note("The thickest bar that passes this hole is " + say.length(thickest) + ", its point at least "
                        + say.length(BarInHole.leastPoint(thickest, cut.depthMm(), bar.clearMm())) + " from its axis.")
                .source("Circles of bar and hole, seen along the axis");
        if (least < -1e-9) {
            if (thickest >= 1) {
                double point = BarInHole.leastPoint(bar.barMm(), cut.depthMm(), bar.clearMm()) + 0.05;
                BarInHole outer = new BarInHole(bar.barMm(), point, bar.barBelowMm(), bar.clearMm());
                boolean helps = outer.roomAtDepth(cut.tipAtMm(), crest) >= 0 && outer.roomDrawnOut(crest) >= 0;
                if (helps) {
                    finding.mend(
                            "Point " + say.length(point) + " from the bar’s axis",
                            BAR_POINT.id(),
                            Written.exact(Quantity.LENGTH, point));
                }
                double reduced = reducedFor(bar, crest);
                if (reduced >= 1) {
                    finding.mend(
                            "Turn the bar down to " + say.length(reduced) + " over " + say.length(cut.barOutMm()),
                            BAR.id(),
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
        double margin = SPRING_SHARE * tolerance() / Math.max(left, 1e-9) - 1;
        boolean inside = job.inside();
        ThreadForce last = cut.force(cut.depthsMm().size() - 1);
        Verdict verdict = Verdict.of(margin, 0);
        if (verdict == Verdict.WRONG && left < 0.6 * tolerance()) {
            verdict = Verdict.DOUBTFUL;
        }
        Finding.Builder finding = Finding.at(Station.REACH, inside ? "thread-bar-springs" : "thread-push")
                .says(
                        verdict,
                        (inside ? "The bar springs " : "Work and tool spring apart ") + say.length(cut.sprungMm())
                                + " on the pitch diameter in the last cutting pass"
                                + (inside ? "" : ", " + say.length(Math.abs(cut.taperMm())) + " more at the far end")
                                + "; " + cut.spring()
                                + (cut.spring() == 1 ? " spring pass leaves about " : " spring passes leave about ")
                                + say.length(left) + " of it.")
                .margin(margin)
                .step(Working.of("Spring on the pitch diameter", "2 · F · g", mm(cut.sprungMm()))
                        .with("F", "push of the last cutting pass", newtons(last.pushN()))
                        .with("g", "give", mmPerNewton(cut.giveMmPerN()))
                        .told(say))
                .step(Working.of("Left after the spring passes", "s · k^n", mm(left))
                        .with("s", mm(cut.sprungMm()))
                        .with("k", "share that a pass leaves", number(0.4).assumed())
                        .with("n", "spring passes", number(cut.spring()))
                        .told(say))
                .note("Push of a thread is known within about half; the try with the nut decides.")
                .source("Beam on springs; Kienzle’s law for the chip, "
                        + job.work().source());
        if (inside) {
            double slender = cut.barOutMm() / cut.bar().orElseThrow().barMm();
            finding.note("The bar stands out " + Written.places(slender, 1) + " times its diameter.");
        }
        if (margin < 0) {
            int more = cut.spring() + 2;
            finding.mendUnless(more > 10, more + " spring passes", SPRING.id(), String.valueOf(more));
            if (!inside && job.reach().hold() == Hold.CHUCK && size.majorMm() > Hold.LEAST_CENTRED_MM) {
                finding.mend("Bring the centre up", HELD.id(), Entry.choice(Hold.CHUCK_AND_CENTRE));
            }
        }
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
        Finding.Builder finding = Finding.at(Station.REACH, "thread-passes")
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
                        .with("n", "passes", number(n))
                        .told(say))
                .source(
                        "Equal areas: depth grows with √(i / n) for a sharp point; area of a pass from what tables of handbooks add up to (ours)");
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
            finding.mendUnless(job.cutting().passes().isEmpty(), "As many as the tool likes", PASSES.id(), "");
            finding.mendUnless(job.cutting().steps() == ThreadJob.Steps.AREA, "Equal areas", STEPS.id(), "area");
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
        Finding.Builder finding = Finding.at(Station.REACH, "thread-ways")
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
                        .with("b", "set over", rad(now.betaRad()).chosen())
                        .told(say))
                .step(Working.of("Taken by the trailing flank", "t · (tan(a) − tan(b))", mm(trailing))
                        .with("t", mm(t))
                        .with("a", "half angle", rad(size.form().halfRad()).fromTable())
                        .with("b", rad(now.betaRad()).chosen())
                        .told(say))
                .note("Each " + say.length(TENTH_MM) + " too large on the pitch diameter is "
                        + ThreadSpoken.dial(cut).length(ThreadSpoken.dial(cut).reads(now.leftOnCompoundMm(TENTH_MM)))
                        + " to feed in on the " + ThreadSpoken.slide(cut) + ".")
                .source("Geometry of the feed");
        for (Way one : Way.values()) {
            Infeed in = new Infeed(size.form(), one.betaRad(size.form()));
            finding.school(first(one.words()), why(one, in, t), one == way);
        }
        if (crowds) {
            finding.mend("Compound half a degree under", WAY.id(), "half-less");
        }
        return finding.build();
    }

    private static String first(String words) {
        return words.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + words.substring(1);
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
        double has = job.lathe().motorWatt() * job.lathe().efficiency();
        double margin = has / Math.max(watt, 1e-9) - 1;
        return Finding.at(Station.REACH, "thread-power")
                .says(
                        Verdict.of(margin, POWER_IN_HAND),
                        "The heaviest pass takes " + say.power(watt) + "; "
                                + job.lathe().name() + " has " + say.power(has) + " at the spindle.")
                .margin(margin)
                .step(EdgeRules.atTheSpindle(job.lathe()).told(say))
                .source("Definition of power; Kienzle’s law")
                .build();
    }
}
