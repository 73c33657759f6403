package boldwedge.core.families.reaming.report;

import static boldwedge.core.families.reaming.entry.ReamField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.reaming.model.ReamCut;
import boldwedge.core.families.reaming.model.ReamJob;
import boldwedge.core.families.reaming.model.ReamJob.Kind;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.UnitSystem;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.EdgeHardness;
import boldwedge.core.language.stock.Span;
import boldwedge.core.mechanics.hole.CutsOver;
import boldwedge.core.mechanics.hole.DrilledSizes;
import boldwedge.core.mechanics.hole.TwistDrill;
import boldwedge.core.rule.HardEnough;
import boldwedge.core.rule.RotaryRules;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** What is found of a reamed hole: its size, the hole before it, and how it is reamed. */
final class ReamFindings {
    private static final double FEW = 0.05;
    private static final double MANY = 0.2;
    private static final double INCH = 25.4;

    /** Deeper than so many diameters a drill has left its axis (habit). */
    private static final double MOST_STRAIGHT = 10;

    private final ReamCut cut;
    private final ReamJob job;
    private final UnitFormat say;

    ReamFindings(ReamCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.say = say;
    }

    List<Finding> all() {
        List<Finding> findings = new ArrayList<>(List.of(standard(), hole(), before(), wear()));
        HardEnough.of(
                        job.steel().isPresent() ? EdgeHardness.TOOL_STEEL : EdgeHardness.HIGH_SPEED,
                        job.work(),
                        say,
                        finding -> {
                            if (job.steel().isPresent()) {
                                finding.mend("Make it of high-speed steel, bought hard", STEEL, "hss");
                            }
                            finding.does("Buy a carbide reamer");
                        })
                .ifPresent(findings::add);
        RotaryRules rules = new RotaryRules(
                job.lathe(),
                cut.reamerMm(),
                cut.surfaceSpeeds(),
                cut.speed(),
                cut.rpm(),
                job.speedRpm(),
                SPEED,
                "A half to two thirds of the drilling speed"
                        + (job.steel().isPresent() ? ", half of that for tool steel" : "") + " (custom of the trade); "
                        + job.work().source(),
                say);
        findings.add(rules.speedFinding());
        findings.add(rules.powerFinding(
                cut.torqueNm(),
                torque(),
                FEED,
                cut.feedMm(),
                cut.feedRange().low(),
                "Drill it nearer to its size: less is left to ream"));
        findings.add(feed());
        rules.fitFinding(
                        job.stickOutMm().isPresent()
                                ? mm(cut.stickOutMm()).typed()
                                : mm(cut.stickOutMm()).assumed(),
                        mm(cut.lengthMm()),
                        job.depthMm(),
                        STICK_OUT)
                .ifPresent(findings::add);
        findings.add(bell());
        if (cut.drilled()) {
            findings.add(follows());
        }
        return findings;
    }

    /** Whether anybody sells it. */
    private Finding standard() {
        double size = job.sizeMm();
        boolean metric = (near(size, 0.5) && size <= 20.01) || (near(size, 1) && size <= 50.01);
        boolean inch = near(size / INCH * 64, 1) && size <= 50.81;
        double below = Math.floor(size / 0.5 + 1e-6) * 0.5;
        double above = below + 0.5;
        String words = metric || inch
                ? say.length(size) + " is a standard size of the " + (metric ? "metric" : "inch")
                        + " series: buying one saves the making; making one only saves the wait."
                : say.length(size) + " is a size that nobody keeps"
                        + (say.units() == UnitSystem.METRIC
                                ? "; the nearest are " + say.length(below) + " and " + say.length(above) + "."
                                : "; the nearest are " + say.length(Math.floor(size / INCH * 64) / 64 * INCH) + " and "
                                        + say.length(Math.ceil(size / INCH * 64) / 64 * INCH) + ".");
        return Finding.at(Station.CUT, "standard-size", say)
                .says(Verdict.TOLD, words)
                .source(
                        "ISO 236 and ISO 521, reamers: sizes by 0.5 mm to 20, by 1 mm to 50; ASME B94.2: by 64ths of an inch")
                .build();
    }

    private static boolean near(double value, double step) {
        return Math.abs(value / step - Math.rint(value / step)) < 1e-4;
    }

    /** Where the hole goes: a reamer follows the one that it is given. */
    private Finding follows() {
        double drill = cut.beforeMm();
        Span wander = TwistDrill.usual(drill).wanderMm(job.depthMm());
        double deep = job.depthMm() / drill;
        boolean far = deep > MOST_STRAIGHT;
        Finding.Builder finding = Finding.at(Station.REACH, "follows", say)
                .says(
                        far ? Verdict.DOUBTFUL : Verdict.TOLD,
                        "The reamer goes where the drill went: at the far end that may be %s to %s off its axis.",
                        say.length(wander.low()),
                        say.length(wander.high()))
                .margin(far ? MOST_STRAIGHT / deep - 1 : 1)
                .step(Working.of("Likely", "0.003 · d · (L / (5 · d))²", mm(wander.chosen()))
                        .with("d", "drill", mm(drill))
                        .with("L", mm(job.depthMm()).typed()))
                .source("Ours, a third to three times; it grows with the square of the depth as a bent rod does")
                .note(
                        "Where the place matters: centre, a short drill, then bore as deep as a bar will, and ream last. Size and straightness are two things.");
        if (far) {
            finding.does(
                    "Start it true: a short drill first, its hole bored a diameter or two deep for the long drill to follow");
        }
        return finding.build();
    }

    /** What hole comes out. */
    private Finding hole() {
        CutsOver over = cut.over();
        Span hole = cut.holeMm();
        double large = cut.chanceOver();
        double small = cut.chanceUnder();
        double worse = Math.max(large, small);
        Verdict verdict = worse > MANY ? Verdict.WRONG : worse > 0.12 ? Verdict.DOUBTFUL : Verdict.FINE;
        double better = job.madeMm().isPresent()
                ? ReamCut.of(job.withMadeMm(OptionalDouble.empty())).reamerMm()
                : cut.reamerMm();
        Finding.Builder finding = Finding.at(Station.CUT, "reamed-hole", say)
                .says(
                        verdict,
                        "Holes will probably be " + say.length(hole.low()) + " to " + say.length(hole.high())
                                + ", wanted "
                                + say.length(job.leastMm()) + " to " + say.length(job.mostMm()) + ": "
                                + say.chance(large) + " too large, " + say.chance(small) + " too small.")
                .margin(MANY - worse)
                .step(Working.of("Likely hole", "R + o − c", mm(hole.chosen()))
                        .with(
                                "R",
                                "reamer",
                                job.madeMm().isPresent()
                                        ? mm(cut.reamerMm()).measured()
                                        : mm(cut.reamerMm()).chosen())
                        .with(
                                "o",
                                "cuts over itself",
                                job.taught().trials() > 0
                                        ? mm(over.medianMm()).measured()
                                        : mm(over.medianMm()).assumed())
                        .with("c", "closes", mm(cut.closesMm()).assumed()))
                .source(
                        "What a reamer cuts over itself: ours, a half to twice, with the root of the diameter; learnt from measured holes");
        if (job.taught().trials() > 0) {
            CutsOver before = cut.untaughtOver();
            finding.note(job.taught().trials() + (job.taught().trials() == 1 ? " hole" : " holes")
                    + " reamed in the shop are in this; before them it was " + say.length(before.lowMm()) + " to "
                    + say.length(before.highMm()) + " over the reamer.");
        }
        if (verdict != Verdict.FINE && job.madeMm().isPresent()) {
            finding.mendUnless(
                    Math.abs(better - cut.reamerMm()) < 5e-4 || better > cut.reamerMm(),
                    "Hone it to " + say.length(better),
                    MADE,
                    Written.exact(Quantity.LENGTH, better));
        }
        finding.doesWhen(
                verdict == Verdict.WRONG && job.madeMm().isPresent() && better > cut.reamerMm(),
                "Make another: nothing puts metal back on this one; it serves a smaller hole");
        if (verdict != Verdict.FINE && job.madeMm().isEmpty()) {
            finding.note(
                    "The limits are narrower than what is known of this reamer in this metal: ream a piece of the same stuff first, measure, and hone.");
        }
        return finding.build();
    }

    /** The hole before it. */
    private Finding before() {
        Span left = cut.leftMm();
        Span wants = ReamCut.stock(job);
        double big = cut.chanceTooBig();
        double rubs = cut.chanceRubs();
        boolean tooMuch = left.low() > wants.high() * 1.5;
        Verdict verdict =
                big > FEW || rubs > 0.3 ? Verdict.WRONG : rubs > 0.12 || tooMuch ? Verdict.DOUBTFUL : Verdict.FINE;
        String name = job.set().ofSize(cut.beforeMm()).map(say::drill).orElseGet(() -> say.length(cut.beforeMm()));
        String words = cut.drilled()
                ? name + " first: it leaves " + say.length(Math.max(0, left.low())) + " to "
                        + say.length(Math.max(0, left.high()))
                        + " on the diameter. Chance that the reamer rubs " + say.chance(rubs)
                        + ", that the hole is too large already "
                        + say.chance(big) + "."
                : "Bore to " + say.length(cut.beforeMm()) + ": " + say.length(left.chosen())
                        + " is left on the diameter.";
        Finding.Builder finding = Finding.at(Station.CUT, "hole-before", say)
                .says(verdict, tooMuch ? words + " That is much for a reamer." : words)
                .margin(verdict == Verdict.WRONG ? -0.3 : 0.12 - rubs)
                .step(Working.of("Likely left", cut.drilled() ? "R − d − o" : "R − d", mm(left.chosen()))
                        .with("R", "reamer", mm(cut.reamerMm()))
                        .with("d", cut.drilled() ? "drill" : "bored", mm(cut.beforeMm()))
                        .with(
                                "o",
                                "over its drill",
                                cut.drilled()
                                        ? job.taughtDrills().trials() > 0
                                                ? mm(cut.drilledOver().medianMm())
                                                        .measured()
                                                : mm(cut.drilledOver().medianMm())
                                                        .assumed()
                                        : mm(0).assumed()))
                .source("Stock of 0.1 to 0.4 mm by size (custom of the trade); oversize of drills as tabled (MCTI)")
                .note("Wanted: " + say.length(wants.low()) + " to " + say.length(wants.high())
                        + ". A reamer follows the hole it is given: where the place counts, bore before it.");
        if (job.taughtDrills().trials() > 0) {
            CutsOver usual = DrilledSizes.wellDrilled(cut.beforeMm());
            finding.note(job.taughtDrills().trials() + " of the shop's drilled holes are in this: a spread of "
                    + say.number(cut.drilledOver().highMm() / cut.drilledOver().lowMm(), 1) + " times where "
                    + say.number(usual.highMm() / usual.lowMm(), 1) + " was assumed.");
        }
        if (verdict != Verdict.FINE) {
            double chosen = ReamCut.of(job.withBeforeMm(OptionalDouble.empty())).beforeMm();
            finding.mendUnless(
                    Math.abs(chosen - cut.beforeMm()) < 5e-4,
                    (cut.drilled() ? "Drill " : "Bore to ")
                            + job.set().ofSize(chosen).map(say::drill).orElseGet(() -> say.length(chosen)),
                    BEFORE_SIZE,
                    Written.exact(Quantity.LENGTH, chosen));
            finding.mendUnless(
                    !cut.drilled() || job.beforeMm().isPresent(), "Bore it after the drill", BEFORE, "bored");
        }
        finding.doesWhen(
                verdict == Verdict.WRONG && job.madeMm().isPresent(), "Another reamer: this one is not of this size");
        return finding.build();
    }

    private Finding wear() {
        double allowance = cut.wearAllowanceMm();
        Span each = cut.wearPerHoleMm();
        double least = Math.max(0, allowance) / each.high();
        double most = Math.max(0, allowance) / each.low();
        double likely = Math.max(0, allowance) / each.chosen();
        boolean short_ = likely < job.holes();
        Finding.Builder finding = Finding.at(Station.CRIB, "wear-allowance", say)
                .says(
                        short_ ? Verdict.DOUBTFUL : Verdict.TOLD,
                        "It may wear " + say.length(Math.max(0, allowance)) + " before holes are under: some "
                                + round(least) + " to " + round(most) + " holes"
                                + (short_ ? ", likely not the " + round(job.holes()) + " that are wanted." : "."))
                .margin(short_ ? likely / job.holes() - 1 : 1)
                .step(Working.of("May wear", "h − L", mm(allowance))
                        .with("h", "likely hole", mm(cut.holeMm().chosen()))
                        .with("L", "lower limit", mm(job.leastMm()).typed()))
                .source("Wear of a hole: ours, within four times either way, until the shop's own count teaches it");
        if (job.taughtWear().trials() > 0) {
            finding.note(job.taughtWear().trials()
                    + (job.taughtWear().trials() == 1 ? " count" : " counts")
                    + " of the shop's holes are in this. Before them it said "
                    + round(Math.max(0, allowance) / cut.untaughtWear().highMm())
                    + " to " + round(Math.max(0, allowance) / cut.untaughtWear().lowMm()) + ".");
        } else {
            finding.note("Write under Prove how many holes it has reamed: then its life is the shop's own.");
        }
        if (short_ && job.steel().isPresent()) {
            finding.mend("High-speed steel, bought hard and ground: it wears slowest", STEEL, "hss")
                    .mendUnless(
                            job.steel().get().id().equals("d2"),
                            "High-chromium steel (D2): it wears slower",
                            STEEL,
                            "d2");
        }
        if (short_) {
            finding.does("Buy two, or one of carbide");
        }
        return finding.build();
    }

    private static final double UNCOUNTED = 50_000;

    private static String round(double holes) {
        if (holes >= UNCOUNTED) {
            return "more than anybody counts";
        }
        double step = holes < 20 ? 1 : holes < 200 ? 10 : holes < 2000 ? 100 : 1000;
        return Written.places(Math.rint(holes / step) * step, 0);
    }

    private Working torque() {
        return Working.of(
                        "Torque",
                        "M = kc · f · (D² − d²) / 8 · (f / z · sin(κ) / 1 mm)^(−mc)",
                        newtonMetres(cut.torqueNm()))
                .with("kc", mpa(job.work().kc11MPa()).fromTable())
                .with("mc", number(job.work().mc()).fromTable())
                .with("f", mm(cut.feedMm()))
                .with("D", mm(cut.reamerMm()))
                .with("d", "hole found", mm(Math.min(cut.foundMm(), cut.reamerMm())))
                .with("z", "edges", number(cut.edges()))
                .with("κ", rad(job.kind() == Kind.SLANT ? job.slantRad() : job.chamferRad()));
    }

    private Finding feed() {
        Span range = cut.feedRange();
        double f = cut.feedMm();
        boolean slow = f < range.low() * 0.98;
        boolean fast = f > range.high() * 1.02;
        double turn = job.handleMm() / (f * cut.rpm());
        return Finding.at(Station.REACH, "ream-feed", say)
                .says(
                        slow || fast ? Verdict.DOUBTFUL : Verdict.FINE,
                        slow
                                ? "Feed " + say.feed(f) + " rubs: its edges are dulled, not used. "
                                        + say.feed(range.low()) + " to " + say.feed(range.high()) + " cuts."
                                : fast
                                        ? "Feed " + say.feed(f) + " tears: " + say.feed(range.low()) + " to "
                                                + say.feed(range.high()) + "."
                                        : "Feed " + say.feed(f) + ": one turn of the handle every " + say.time(turn)
                                                + ", in and out with the spindle turning forward.")
                .margin(slow || fast ? -0.2 : 0.5)
                .step(Working.of("Time of a turn", "s / (f · n)", minutes(turn))
                        .with("s", "one turn of the handle", RotaryRules.handle(job.lathe(), job.handleMm()))
                        .with("f", mmPerRev(f))
                        .with("n", rpm(cut.rpm())))
                .note("Never turned backwards: chips wedge behind the lands and the edges break.")
                .source("Two to three times a drill's feed (custom of the trade)")
                .mendUnless(!slow && !fast, "Feed " + say.feed(range.chosen()), FEED, say.feed(range.chosen()))
                .build();
    }

    /** What brings the reamer to the hole. */
    private String guide() {
        return job.lathe().mill() ? "spindle" : "tailstock";
    }

    private Finding bell() {
        double bell = cut.bellMm();
        double margin = 0.5 * job.toleranceMm() / Math.max(bell, 1e-9) - 1;
        Verdict verdict = bell < 1e-6 ? Verdict.FINE : Verdict.of(margin, 0.5);
        return Finding.at(Station.REACH, "bell-mouth", say)
                .says(
                        verdict,
                        job.floating()
                                ? "A floating holder lets the reamer follow the hole, whatever the " + guide()
                                        + " does."
                                : bell < 1e-6
                                        ? "With the " + guide()
                                                + " on the axis the mouth is as the bottom; by how far it is off, twice that the mouth is larger."
                                        : Written.words(
                                                "A %s %s off the axis opens the mouth by %s.",
                                                guide(), say.length(Math.abs(job.offsetMm())), say.length(bell)))
                .margin(bell < 1e-6 ? 1 : margin)
                .step(Working.of("Mouth larger by", "2 · e", mm(2 * Math.abs(job.offsetMm())))
                        .with(
                                "e",
                                guide() + " off the axis",
                                mm(Math.abs(job.offsetMm())).typed()))
                .source("Geometry: a rigid reamer beside the axis of the turning work")
                .mendUnless(verdict == Verdict.FINE, "Floating holder", FLOATING, "floating")
                .build();
    }
}
