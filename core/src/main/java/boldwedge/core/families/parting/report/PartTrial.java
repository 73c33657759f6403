package boldwedge.core.families.parting.report;

import static boldwedge.core.families.parting.entry.PartField.*;
import static boldwedge.core.language.measure.Amount.*;

import boldwedge.core.families.parting.entry.PartReader;
import boldwedge.core.families.parting.model.PartCut;
import boldwedge.core.families.parting.model.PartHold;
import boldwedge.core.families.parting.model.PartJob;
import boldwedge.core.families.parting.model.Weakness;
import boldwedge.core.families.parting.model.Weaknesses;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.language.words.Worded;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.Fixer;
import boldwedge.core.planning.Read;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialReader;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.rule.Rule;
import boldwedge.core.trial.BladeLife;
import boldwedge.core.trial.Cause;
import boldwedge.core.trial.CauseRule;
import boldwedge.core.trial.Causes;
import boldwedge.core.trial.Measured;
import boldwedge.core.trial.Ranked;
import boldwedge.core.trial.Remedy;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Judges a parting trial: pip, faces, sound, and whether the blade broke and where, beside what was predicted; causes ranked
 * by how well what each would do in this very set-up fits the signs.
 */
public final class PartTrial {
    private static final Map<String, Entry> RUN = Map.of("speed", SPEED, "feed", FEED);
    private static final double PIP_GAUGE_MM = 0.05;
    private static final double FACE_GAUGE_MM = 0.01;

    private final TrialReader reader;
    private final UnitFormat say;

    /** How the piece's face came out. */
    public enum Face implements Worded {
        FLAT,
        DISHED,
        DOMED
    }

    /** How the pip came off: cut round when the edge passes it on its own side of the axis, rubbed when beyond. */
    public enum PipSide implements Worded {
        BELOW,
        ABOVE
    }

    private PartTrial(TrialRequest request) {
        this.reader = new TrialReader(request);
        this.say = new UnitFormat(request.plan().units());
    }

    /** Judges a trial. */
    public static TrialAnswer prove(TrialRequest request) {
        return new PartTrial(request).judge();
    }

    /** The signs of a trial; lengths in mm. */
    private record Signs(
            OptionalDouble pip,
            PipSide side,
            Face face,
            OptionalDouble faceBy,
            OptionalDouble broke,
            Measured.Sound sound) {
        /** Domed is positive, as the drift that makes it. */
        double drift() {
            double by = faceBy.orElse(0);
            return face == Face.DOMED ? by : face == Face.DISHED ? -by : 0;
        }

        boolean chattered() {
            return sound == Measured.Sound.CHATTER;
        }
    }

    private TrialAnswer judge() {
        Read<PartCut> worked = PartReader.cut(reader.ran(RUN));
        reader.ran(List.of("speed", "feed"), RUN, worked.states());
        Limits length = new Limits(Quantity.LENGTH, 0, 1000);
        Signs signs = new Signs(
                reader.value("pip", "Pip across", length),
                reader.choice("pipSide", "Pip", PipSide.values()),
                reader.choice("face", "Face", Face.values()),
                reader.value("faceBy", "Face out of flat by", length),
                reader.value(BladeLife.BROKE, "Broke at a diameter of", length),
                reader.choice("sound", "Sound", Measured.Sound.values()));
        reader.value(BladeLife.COUNT, "Pieces cut", new Limits(Quantity.RATIO, 0, 100_000));
        if (worked.cut().isPresent()) {
            check(worked.cut().get(), signs);
        }
        if (reader.hasErrors()) {
            return reader.stopped("One reading cannot be right.");
        }
        if (worked.cut().isEmpty()) {
            return reader.stopped("The cut itself is not complete yet: mend it at the earlier stations first.");
        }
        boolean told = signs.pip().isPresent()
                || signs.broke().isPresent()
                || signs.faceBy().isPresent()
                || !reader.text("face").isEmpty()
                || !reader.text("sound").isEmpty()
                || !reader.text(BladeLife.COUNT).isEmpty();
        if (!told) {
            return reader.stopped(
                    "Part one off, then say what came: the pip across, the face, the sound, whether the blade broke.");
        }
        return judged(worked.cut().get(), signs);
    }

    private void check(PartCut cut, Signs signs) {
        double outside = cut.job().diameterMm();
        if (signs.pip().orElse(0) >= outside) {
            reader.wrong("pip", "A pip is narrower than the work: under " + say.length(outside) + ".");
        }
        if (signs.broke().orElse(0) > outside) {
            reader.wrong(BladeLife.BROKE, "The work is " + say.length(outside) + ": it broke there or further in.");
        }
        double end = cut.job().endMm();
        if (signs.broke().isPresent() && signs.broke().getAsDouble() < end - 1e-6) {
            reader.wrong(BladeLife.BROKE, "This cut ends at " + say.length(end) + ": it broke there or further out.");
        }
        if (signs.faceBy().orElse(0) > cut.job().depthMm()) {
            reader.wrong("faceBy", "That is more than the cut is deep. Check the units.");
        }
    }

    private TrialAnswer judged(PartCut cut, Signs signs) {
        Ranked ranked = CauseRule.ranked(List.of(this::pip, this::face, this::chatter, this::broke), cut, signs, say);
        boolean clean = signs.broke().isEmpty()
                && !signs.chattered()
                && signs.pip().orElse(0) < 0.1
                && Math.abs(signs.drift()) < 0.03;
        String verdict = signs.broke().isPresent()
                ? "The blade broke at " + say.length(signs.broke().getAsDouble()) + "."
                : clean ? "Parted clean." : "Parted, not clean: " + String.join("; ", faults(signs)) + ".";
        Optional<Remedy> next = clean ? Optional.empty() : ranked.remedy();
        return reader.judged(
                compare(cut, signs),
                ranked.causes(),
                verdict,
                clean,
                next,
                byHand(ranked.causes()),
                Optional.of(StandScene.draw(cut, say)));
    }

    /** What to do by hand about the likeliest cause, when nothing that is typed would change it. */
    private static String byHand(List<Cause> causes) {
        return switch (causes.isEmpty() ? "" : causes.getFirst().id()) {
            case "square", "jammed" -> "Set the blade square with an indicator along its side, and part another.";
            case "corner" -> "Hone or regrind the edge until both corners are alike, and part another.";
            case "pinched" -> "Draw the centre back before the neck gets thin.";
            case "rode-up" -> "Find the height by a pip on a scrap, and set it.";
            default -> "Change one thing, and part another.";
        };
    }

    private List<String> faults(Signs signs) {
        List<String> faults = new ArrayList<>();
        if (signs.pip().orElse(0) >= 0.1) {
            faults.add("a pip " + say.length(signs.pip().getAsDouble()) + " across");
        }
        if (Math.abs(signs.drift()) >= 0.03) {
            faults.add("the face " + signs.face().words() + " by " + say.length(Math.abs(signs.drift())));
        }
        if (signs.chattered()) {
            faults.add("it sang");
        }
        return faults;
    }

    private List<TrialAnswer.Compared> compare(PartCut cut, Signs signs) {
        List<TrialAnswer.Compared> rows = new ArrayList<>();
        double pip = cut.pipMm();
        double pipSpread = Math.hypot(PIP_GAUGE_MM, cut.dropMm());
        rows.add(new TrialAnswer.Compared(
                "Pip across",
                say.length(pip) + " ± " + say.length(2 * pipSpread),
                signs.pip().isPresent() ? say.length(signs.pip().getAsDouble()) : "",
                Math.abs(signs.pip().orElse(pip) - pip) <= 2 * pipSpread));
        double drift = cut.driftMm();
        double spread = Math.hypot(FACE_GAUGE_MM, 0.5 * cut.asideMm());
        boolean faced = signs.faceBy().isPresent();
        rows.add(new TrialAnswer.Compared(
                "Face, domed +",
                say.signed(drift) + " ± " + say.length(2 * spread),
                faced ? say.signed(signs.drift()) : "",
                !faced || Math.abs(signs.drift() - drift) <= 2 * spread));
        Weakness first = Weaknesses.of(cut).getFirst();
        double times = first.times(cut.force().cuttingN());
        rows.add(new TrialAnswer.Compared(
                "In hand before it gives",
                say.number(times, 1) + " times: "
                        + WeaknessWords.what(cut, first).toLowerCase(java.util.Locale.ROOT),
                signs.broke().isPresent() ? "broke" : "",
                signs.broke().isEmpty() || times < 3));
        return rows;
    }

    private void chatter(PartCut cut, Signs signs, Causes found) {
        if (!signs.chattered()) {
            return;
        }
        double ratio = cut.job().widthMm() / Math.max(1e-6, cut.quietMm().high());
        found.name("chatter", "Post and work sing at this width", 0.3 + 0.6 * Math.min(1, ratio))
                .says(
                        "It may chatter over %s; the edge is %s.",
                        say.length(cut.quietMm().low()), say.length(cut.job().widthMm()))
                .then(() -> offered(cut, "chatter"));
        found.name(
                        "rubs",
                        "The feed is too fine: it rubs, then bites",
                        Causes.fit(
                                Math.max(0, cut.feedMm() / cut.smallestChipMm().high() - 1), 0.7))
                .says(
                        "Fed %s; the edge needs %s.",
                        say.feed(cut.feedMm()), say.length(cut.smallestChipMm().high()))
                .then(() -> offered(cut, "feed"));
    }

    private void pip(PartCut cut, Signs signs, Causes found) {
        if (signs.pip().isEmpty()) {
            return;
        }
        double pip = signs.pip().getAsDouble();
        double set = heightSet(cut, signs);
        double cutting = set - cut.dropMm();
        double off = Math.abs(cutting - cut.heightCuttingMm());
        if (pip > PIP_GAUGE_MM && off > PIP_GAUGE_MM / 2) {
            found.name(
                            "height",
                            "The point is set " + say.length(Math.abs(set))
                                    + (set > 0 == cut.job().behind() ? " below" : " above") + " the axis",
                            0.95 * (1 - Causes.fit(off, PIP_GAUGE_MM)))
                    .says(
                            "A pip %s across is a point %s off while it cuts; %s of that is the drop.",
                            say.length(pip), say.length(pip / 2), say.length(cut.dropMm()))
                    .by(Working.of("Height as set", signs.side() == PipSide.ABOVE ? "p / 2 + s" : "−p / 2 + s", mm(set))
                            .with("p", "pip across", mm(pip).measured())
                            .with("s", "the drop", mm(cut.dropMm())))
                    .then(() -> reset(cut, signs));
            double factor = (cut.job().toolHeightMm() - cutting) / Math.max(1e-9, cut.dropMm());
            if (factor > 0) {
                found.name("springs", "Blade or post springs more than reckoned", Causes.fit(Math.log(factor), 0.6))
                        .says(
                                "Set as typed, the point would have to go down %s times as far as reckoned. A push test on the blade tells.",
                                say.number(factor, 1))
                        .by(Working.of("Drop over reckoned", "(h − x) / s", number(factor))
                                .with("h", "height as typed", mm(cut.job().toolHeightMm()))
                                .with("x", "height while it cut", mm(cutting).measured())
                                .with("s", "the drop reckoned", mm(cut.dropMm())))
                        .then(() -> offered(cut, "drop"));
            }
        }
    }

    /** The height at which the point was set, as the tool sees it, from the pip that it left under the cut: ± pip / 2 + drop. */
    private static double heightSet(PartCut cut, Signs signs) {
        return (signs.side() == PipSide.ABOVE ? 1 : -1) * signs.pip().orElse(0) / 2 + cut.dropMm();
    }

    private void face(PartCut cut, Signs signs, Causes found) {
        double drift = signs.drift();
        if (Math.abs(drift) <= FACE_GAUGE_MM) {
            return;
        }
        PartJob job = cut.job();
        double off = drift - cut.driftMm();
        double turned = Math.atan(off / job.depthMm());
        found.name(
                        "square",
                        "The blade does not stand square",
                        0.9 * Causes.fit(turned, Math.toRadians(0.5)) * (1 - Causes.fit(off, FACE_GAUGE_MM)))
                .says(
                        "%s over %s of depth is %s out of square.",
                        say.length(Math.abs(off)), say.length(job.depthMm()), say.angle(Math.abs(turned)))
                .by(Working.of("Out of square", "atan(e / t)", rad(turned))
                        .with("e", "what is left over", mm(off))
                        .with("t", "depth", mm(job.depthMm())))
                .then(() -> offered(cut, "drift"));
        double perSine = cut.force().thrustN() * (cut.aside().asideMmPerN() + PartCut.postGive(job));
        double lead = Math.asin(Math.clamp(off / Math.max(1e-9, perSine), -1, 1));
        found.name(
                        "corner",
                        "One corner is duller than the other",
                        0.8 * Causes.fit(lead, Math.toRadians(5)) * (1 - Causes.fit(off, FACE_GAUGE_MM)))
                .says("It would push as a lead of %s does. Hone or regrind the edge.", say.angle(Math.abs(lead)))
                .by(Working.of("Lead that pushes so", "asin(e / (N · c))", rad(lead))
                        .with("e", "what is left over", mm(off))
                        .with("N", "thrust", newtons(cut.force().thrustN()))
                        .with("c", "give aside", mmPerNewton(cut.aside().asideMmPerN() + PartCut.postGive(job))))
                .then(() -> offered(cut, "drift"));
        if (Math.abs(cut.asideMm()) > 1e-6) {
            double factor = (drift - job.depthMm() * Math.tan(job.squareRad())) / cut.asideMm();
            if (factor > 0) {
                found.name("lead", "The lead of the edge pushes the blade aside", Causes.fit(Math.log(factor), 0.6))
                        .says(
                                "Reckoned %s, measured %s.",
                                say.length(Math.abs(cut.asideMm())), say.length(Math.abs(drift)))
                        .by(Working.of("Measured over reckoned", "(e − q) / a", number(factor))
                                .with("e", "drift measured", mm(drift).measured())
                                .with(
                                        "q",
                                        "of it by being out of square",
                                        mm(job.depthMm() * Math.tan(job.squareRad())))
                                .with("a", "reckoned", mm(cut.asideMm())))
                        .then(() -> offered(cut, "drift"));
            }
        }
    }

    private void broke(PartCut cut, Signs signs, Causes found) {
        if (signs.broke().isEmpty()) {
            return;
        }
        double at = signs.broke().getAsDouble();
        PartJob job = cut.job();
        double depth = (job.diameterMm() - at) / 2;
        Weakness first = Weaknesses.of(cut).getFirst();
        double times = first.times(cut.force().cuttingN());
        found.name("overload", "The cut itself was too much for it", Causes.fit(Math.max(0, times - 1), 1.2))
                .says("%s at %s times the reckoned force.", WeaknessWords.what(cut, first), say.number(times, 1))
                .by(WeaknessWords.working(cut, first))
                .then(() -> offered(cut, "breaks-first"));
        double packed = depth / cut.clearsAfterMm();
        found.name("chips", "Chips packed in the slot", 0.85 * (1 - Causes.fit(Math.max(0, packed - 0.6), 0.6)))
                .says(
                        "It was %s deep; chips clear themselves to about %s.",
                        say.length(depth), say.length(cut.clearsAfterMm()))
                .then(() -> offered(cut, "chips"));
        if (cut.gain() > 0) {
            found.name("digs-in", "It dug in", Math.min(1, cut.gain() / PartCut.RUNS_AWAY))
                    .says(
                            "The cut feeds itself by %s of what runs away; play in the slide adds to it.",
                            say.share(cut.gain() / PartCut.RUNS_AWAY))
                    .then(() -> offered(cut, "digs-in"));
        }
        double near = 2 * Math.abs(cut.heightCuttingMm());
        found.name(
                        "rode-up",
                        "Near the axis the work rode over the edge",
                        near > 0.1 ? 0.9 * Causes.fit(Math.max(0, at - 2 * near), near + 0.5) : 0.1)
                .says(
                        "The point passes the axis by %s; the work climbs it from about %s.",
                        say.length(near / 2), say.length(2 * near))
                .then(() -> offered(cut, "breaks-first"));
        double side = Math.abs(job.squareRad()) / Math.max(1e-9, cut.sideRad());
        found.name("jammed", "One side rubbed and jammed", 0.9 * (1 - Causes.fit(Math.max(0, side - 0.3), 0.4)))
                .says(
                        "Out of square by %s, clearance %s.",
                        say.angle(Math.abs(job.squareRad())), say.angle(cut.sideRad()))
                .then(() -> offered(cut, "drift"));
        if (job.hold() == PartHold.CHUCK_AND_CENTRE) {
            found.name(
                            "pinched",
                            "The centre pinched the blade",
                            0.9 * Causes.fit(Math.max(0, at - 2 * cut.neckTwistsMm()), 3))
                    .says("Under %s the neck no longer bears it.", say.length(Math.max(3, 2 * cut.neckTwistsMm())))
                    .then(() -> offered(cut, "breaks-first"));
        }
    }

    private Optional<Remedy> reset(PartCut cut, Signs signs) {
        double set = (cut.job().behind() ? -1 : 1) * heightSet(cut, signs);
        return Optional.of(new Remedy(
                new Fix("Height " + say.signed(set), HEIGHT, say.length(set)),
                "Then Reach says which of your shims cure it."));
    }

    /** What a finding offers, the first of it that works. */
    private Optional<Remedy> offered(PartCut cut, String findingId) {
        return Rule.ask(PartAnswer.RULES, cut, say).stream()
                .filter(finding -> finding.id().equals(findingId))
                .flatMap(finding -> finding.mends().stream())
                .map(this::tried)
                .flatMap(Optional::stream)
                .findFirst();
    }

    private Optional<Remedy> tried(Fix mend) {
        return new Fixer<>(reader.ran(RUN), asked -> PartReader.cut(asked).cut())
                .with(mend)
                .map(then -> new Remedy(
                        mend,
                        Written.words(
                                "Then it bears %s times the cut, goes down %s and is sure to be quiet up to %s.",
                                say.number(
                                        Weaknesses.of(then)
                                                .getFirst()
                                                .times(then.force().cuttingN()),
                                        1),
                                say.length(then.dropMm()),
                                say.length(then.quietMm().low())),
                        1));
    }
}
