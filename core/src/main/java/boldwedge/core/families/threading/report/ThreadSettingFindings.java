package boldwedge.core.families.threading.report;

import static boldwedge.core.families.threading.entry.ThreadField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.threading.model.ThreadCut;
import boldwedge.core.families.threading.model.ThreadGears;
import boldwedge.core.families.threading.model.ThreadJob;
import boldwedge.core.families.threading.model.ThreadJob.End;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Station;
import boldwedge.core.language.finding.Verdict;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Amount;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.stock.Span;
import boldwedge.core.mechanics.thread.GearTrain;
import boldwedge.core.mechanics.thread.PickUp;
import boldwedge.core.mechanics.thread.ThreadDial;
import boldwedge.core.mechanics.thread.ThreadSize;
import boldwedge.core.rule.SlowestSpeed;
import java.util.List;

/** What is found of setting the lathe: wheels for the lead, where the nut closes, the speed. */
final class ThreadSettingFindings {
    /**
     * Share of the pitch diameter's limits that a lead may take: from a fifth on it is watched (ours), and half is the most that ASME B1.3
     * lets single elements have.
     */
    private static final double FELT = 0.2;

    private static final double MOST_FELT = 0.5;

    /** Stronger than this metal sticks to carbide for sure. */
    private static final double STICKS = 0.5;

    private final ThreadCut cut;
    private final ThreadJob job;
    private final ThreadSize size;
    private final UnitFormat say;

    /** A wheel is worth getting that leaves less than this part of the error (ours). */
    private static final double MUCH_BETTER = 0.3;
    /** Taps and dies are turned by hand up to about this, mm. */
    private static final double MOST_BY_HAND_MM = 24;

    ThreadSettingFindings(ThreadCut cut, UnitFormat say) {
        this.cut = cut;
        this.job = cut.job();
        this.size = job.size();
        this.say = say;
    }

    List<Finding> all() {
        return List.of(gears(), dial(), speed());
    }

    private Finding gears() {
        ThreadGears gears = cut.gears();
        String lathe = job.lathe().name();
        Finding.Builder finding = Finding.at(Station.REACH, "thread-gears", say)
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
        double share = felt / cut.toleranceMm();
        Verdict verdict = gears.exact()
                ? Verdict.FINE
                : share > MOST_FELT ? Verdict.WRONG : share > FELT ? Verdict.DOUBTFUL : Verdict.FINE;
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
                                        + Written.places(gears.cutsMm(), 5) + " mm, off by "
                                        + say.length(Math.abs(over)) + " over "
                                        + say.length(length) + ": felt as " + say.length(felt)
                                        + " on the pitch diameter.")
                .margin(gears.exact() ? 1 : FELT - share);
        gears.train().ifPresent(train -> finding.step(leadOf(gears, train)));
        if (!gears.exact()) {
            finding.step(Working.of("Felt on the pitch diameter", "|u| / tan(a)", mm(felt))
                    .with("u", "lead off over the engagement", mm(over))
                    .with("a", "half angle", rad(size.form().halfRad()).fromTable()));
            if (job.lathe().screw().inchScrew() != job.call().inInches()
                    && !job.lathe().screw().wheels().contains(127)) {
                finding.note(
                        "With a wheel of 127 teeth an inch screw cuts metric pitches exactly, and a metric screw inch ones: 25.4 is 127/5.");
            }
        }
        if (verdict.isDoubt()) {
            finding.mendsLater(mended -> otherGears(mended, Math.abs(over)));
        }
        return finding.build();
    }

    /** A wheel that would do it, where one would; else another way to the thread. */
    private void otherGears(Finding.Builder finding, double overMm) {
        double length = Math.min(job.lengthMm(), size.majorMm());
        ThreadGears.anotherWheel(size.leadMm(), job.lathe().screw())
                .filter(with -> Math.abs(with.gears().errorMm(length)) < MUCH_BETTER * overMm)
                .ifPresent(with -> finding.does(Written.words(
                        "Get a wheel of %d teeth: %s then cuts %s %s",
                        with.teeth(),
                        with.gears().train().map(ThreadSettingFindings::wheels).orElse("the box"),
                        say.pitch(size.leadMm()),
                        with.gears().exact()
                                ? "exactly"
                                : "within " + say.length(Math.abs(with.gears().errorMm(length))) + " over "
                                        + say.length(length))));
        boolean small = size.majorMm() <= MOST_BY_HAND_MM;
        String tool = job.inside() ? "tap" : "die";
        finding.does(
                small
                        ? "Cut it with a " + tool + ", started square by the tailstock; or on a lathe that has the lead"
                        : "Cut it on a lathe that has the lead; a short nut hides some of the error, a long one none");
    }

    /** The lead that a train makes of the box's, or of the lead screw's. */
    private Working leadOf(ThreadGears gears, GearTrain train) {
        double from =
                gears.boxMm().orElseGet(() -> job.lathe().screw().leadScrewMm().orElseThrow());
        Working lead = Working.of(
                        "Lead that comes out",
                        train.compound() ? "L · a · c / (b · d)" : "L · a / b",
                        mm(gears.cutsMm()))
                .with("L", gears.boxMm().isPresent() ? "lead in the box" : "lead screw", mm(from).fromCard())
                .with("a", "driver, teeth", number(train.a()))
                .with("b", "driven", number(train.b()));
        return train.compound()
                ? lead.with("c", "second driver", number(train.c())).with("d", "second driven", number(train.d()))
                : lead;
    }

    private static String wheels(GearTrain train) {
        return train.compound()
                ? train.a() + "/" + train.b() + " · " + train.c() + "/" + train.d()
                : train.a() + "/" + train.b();
    }

    private Finding dial() {
        ThreadGears gears = cut.gears();
        Finding.Builder finding = Finding.at(Station.REACH, "thread-dial", say);
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
                        .with("S", "lead screw", mm(dial.screwMm()).fromCard()))
                .step(Working.of(
                                "Leads from mark to mark",
                                "z · S / (m · L)",
                                number(dial.turnMm() / dial.marks() / lead))
                        .with("z", number(dial.teeth()).fromCard())
                        .with("S", mm(dial.screwMm()).fromCard())
                        .with("m", "marks", number(dial.marks()).fromCard())
                        .with("L", "lead", mm(lead)))
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
        double most = cut.stop().mostRpm();
        double slowest = job.lathe().speeds().slowest();
        boolean late = cut.rpm() > most * 1.0001;
        boolean missing =
                job.cutting().rpm().isPresent() && !job.lathe().speeds().has(cut.rpm());
        Verdict verdict =
                missing || late || over > 0.25 ? Verdict.WRONG : over > 1e-9 ? Verdict.DOUBTFUL : Verdict.FINE;
        String stops = "; the carriage runs on " + say.length(cut.stop().runOnMm()) + " of "
                + say.length(cut.stop().wayMm())
                + (cut.stop().isPastTheEnd() ? " that are free past an end, as a rule" : " that there are");
        Finding.Builder finding = Finding.at(Station.REACH, "thread-speed", say)
                .says(
                        verdict,
                        (missing
                                        ? job.lathe().name() + " has no " + say.rpm(cut.rpm()) + ". "
                                        : late
                                                ? SlowestSpeed.noneSlower(job.lathe(), cut.rpm())
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
                                        : rpm(cut.rpm()).chosen()))
                .source(job.work().source()
                        + "; for threads half of it with high-speed steel, seven tenths with carbide (ours)");
        double stop = job.lathe().screw().stopOrUsual() / 60;
        finding.step(Working.of("Fastest that still stops", "w / (L · t)", rpm(most))
                .with("w", "way to run on", mm(cut.stop().wayMm()))
                .with("L", "lead", mm(size.leadMm()).fromTable())
                .with(
                        "t",
                        job.lathe().screw().stopSeconds().isPresent()
                                ? minutes(stop).fromCard()
                                : minutes(stop).assumed()));
        if (verdict != Verdict.FINE && SlowestSpeed.isIt(job.lathe(), cut.rpm())) {
            finding.does("Turn the spindle by hand, with a crank in its end: it stops where you do");
        }
        if (verdict != Verdict.FINE) {
            job.lathe()
                    .speeds()
                    .atOrBelow(Math.min(most, range.high() * 1000 / (Math.PI * size.majorMm())))
                    .ifPresent(rpm -> finding.mendUnless(
                            Math.abs(rpm - cut.rpm()) < 0.5,
                            "Run at " + say.rpm(rpm),
                            SPEED,
                            Written.places(rpm, 1) + " rpm"));
            if (late && job.end() == End.GROOVE) {
                double wide = cut.stop().grooveToTurnMm(slowest);
                finding.mendUnless(
                        wide <= cut.grooveMm(),
                        "Groove " + say.length(wide),
                        GROOVE,
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
                    .mend("HSS bit", TOOL, "hss-bit");
        }
        finding.caution(
                "The chuck comes up fast: know where the carriage stops before the nut is closed, and keep a hand on it.");
        return finding.build();
    }
}
