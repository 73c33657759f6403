package boldwedge.core.families.boring.report;

import static boldwedge.core.families.boring.entry.BoreField.*;
import static boldwedge.core.language.measure.Amount.mm;
import static boldwedge.core.language.measure.Amount.number;

import boldwedge.core.families.boring.entry.BoreReader;
import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.families.boring.model.BoreJob;
import boldwedge.core.language.finding.Finding;
import boldwedge.core.language.finding.Fix;
import boldwedge.core.language.finding.Working;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.language.measure.Written;
import boldwedge.core.mechanics.cutting.Finish;
import boldwedge.core.mechanics.rigidity.PushOff;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.Fixer;
import boldwedge.core.planning.Fixer.Proposal;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialReader;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.trial.Calibration;
import boldwedge.core.trial.Cause;
import boldwedge.core.trial.CauseRule;
import boldwedge.core.trial.Causes;
import boldwedge.core.trial.Lessons;
import boldwedge.core.trial.Measured;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Judges a bored trial: diameters at the mouth and at the bottom beside what was predicted, causes ranked by how well what
 * each would do in this very set-up fits the readings, one change proposed.
 */
public final class BoreTrial {
    private static final Map<String, Entry> RUN = Map.of("speed", SPEED, "feed", FEED, "depth", DEPTH);
    private static final List<String> RUN_ORDER = List.of("speed", "feed", "depth");
    private static final String MOUTH = "Diameter at the mouth";
    private static final String BOTTOM = "Diameter at the bottom";
    private static final Limits DIAMETER = new Limits(Quantity.LENGTH, 0.5, 2000);
    private static final double GAUGE_MM = 0.003;
    /** Alignment of a shop lathe is usually within about 0.02 mm per 300 mm (acceptance practice after ISO 1708). */
    private static final double USUAL_MISALIGNMENT = 0.02 / 300;

    private final UnitFormat say;
    private final TrialReader reader;

    private BoreTrial(TrialRequest request) {
        this.reader = new TrialReader(request);
        this.say = new UnitFormat(request.plan().units());
    }

    /** Judges a trial. */
    public static TrialAnswer prove(TrialRequest request) {
        return new BoreTrial(request).judge();
    }

    /**
     * What a kept trial teaches: the error reckoned without teaching and the error measured, both as diameter left small, mm;
     * empty when the trial cannot be judged.
     */
    public static Optional<Calibration.Trial> lesson(TrialRequest kept) {
        BoreTrial proof = new BoreTrial(kept.untaught());
        Optional<BoreCut> cut = proof.run();
        OptionalDouble mouth = proof.reader.value("near", MOUTH, DIAMETER);
        OptionalDouble bottom = proof.reader.value("far", BOTTOM, DIAMETER);
        if (cut.isEmpty() || mouth.isEmpty() || bottom.isEmpty()) {
            return Optional.empty();
        }
        double measured = cut.get().job().finishedMm() - (mouth.getAsDouble() + bottom.getAsDouble()) / 2;
        return Optional.of(new Calibration.Trial(mean(cut.get()), measured));
    }

    /**
     * What a trial of such a cut is about: lathe, material and bar as they were reckoned with, whether they were typed or left open;
     * empty when a field is wrong.
     */
    public static Optional<Lessons.About> about(PlanRequest request) {
        return new BoreReader(request)
                .read()
                .map(job -> Lessons.About.ofBar(
                        request.text(LATHE),
                        job.work().id(),
                        bar(job),
                        job.measuredNPerMm().isPresent()));
    }

    /** What was heard in a kept trial teaches from which depth this bar sings here; nothing where nobody listened or no depth makes it sing. */
    public static Map<Lessons.Subject, Calibration.Lesson> heard(TrialRequest kept) {
        PlanRequest plan = kept.plan();
        String sound = kept.readings().getOrDefault("sound", "");
        if (sound.isBlank()) {
            return Map.of();
        }
        BoreTrial proof = new BoreTrial(kept.untaught());
        boolean sang = proof.reader.choice("sound", "Sound", Measured.Sound.values()) == Measured.Sound.CHATTER;
        return proof.run()
                .flatMap(cut -> new Calibration.Heard(
                                cut.job().depthMm(), cut.quiet().heldAgainstMm(), sang)
                        .lesson()
                        .map(lesson -> Map.of(
                                Lessons.About.quiet(
                                        plan.text(LATHE), cut.job().work().id(), bar(cut.job())),
                                lesson)))
                .orElse(Map.of());
    }

    private static String bar(BoreJob job) {
        return Math.round(job.barMm() * 1000) + "|" + job.barMaterial().id();
    }

    /** The job as it was really run. */
    private Optional<BoreCut> run() {
        return BoreReader.cut(reader.ran(RUN)).cut();
    }

    private TrialAnswer judge() {
        Read<BoreCut> worked = BoreReader.cut(reader.ran(RUN));
        reader.ran(RUN_ORDER, RUN, worked.states());
        OptionalDouble mouth = reader.value("near", MOUTH, DIAMETER);
        OptionalDouble bottom = reader.value("far", BOTTOM, DIAMETER);
        OptionalDouble finish = reader.value("finish", "Finish measured", new Limits(Quantity.ROUGHNESS, 0.01, 100));
        Measured.Sound sound = reader.choice("sound", "Sound", Measured.Sound.values());
        if (reader.hasErrors()) {
            return reader.stopped("One reading cannot be right.");
        }
        if (worked.cut().isEmpty()) {
            return reader.stopped("The cut itself is not complete yet: mend it at the earlier stations first.");
        }
        if (mouth.isEmpty() || bottom.isEmpty()) {
            return reader.stopped("Type the diameter at the mouth (past its bell) and at the bottom.");
        }
        BoreCut cut = worked.cut().get();
        double nominal = cut.job().finishedMm();
        if (!reader.near("near", mouth.getAsDouble(), nominal, 0.15 * nominal)
                || !reader.near("far", bottom.getAsDouble(), nominal, 0.15 * nominal)) {
            return reader.stopped("One reading cannot be right.");
        }
        return judged(cut, mouth.getAsDouble(), bottom.getAsDouble(), finish, sound);
    }

    private TrialAnswer judged(BoreCut cut, double mouth, double bottom, OptionalDouble finish, Measured.Sound sound) {
        BoreJob job = cut.job();
        double upper = job.finishedMm() + job.tolerance().upperMm() + 1e-6;
        double lower = job.finishedMm() + job.tolerance().lowerMm() - 1e-6;
        boolean within = mouth <= upper && bottom <= upper && mouth >= lower && bottom >= lower;
        boolean smooth = finish.isEmpty() || finish.getAsDouble() / 1000 <= job.raMm() * 1.0001;
        double taper = mouth - bottom;
        List<Cause> causes = causes(cut, new Seen(mouth, bottom, sound));
        String verdict = (within
                        ? "Within the tolerance"
                        : Math.abs(taper) / 2 <= 0.8 * job.allowedErrorMm()
                                ? "Outside the tolerance, but the dial brings it in"
                                : "Outside the tolerance")
                + (Math.abs(taper) < 0.0015
                        ? ", no taper"
                        : ", " + say.length(Math.abs(taper)) + (taper > 0 ? " smaller" : " larger") + " at the bottom")
                + (finish.isEmpty() ? "" : smooth ? "; the finish is good enough" : "; the finish is too rough")
                + (sound == Measured.Sound.CHATTER ? "; it sang" : "")
                + ".";
        Optional<Proposal> next = within && smooth && sound != Measured.Sound.CHATTER
                ? Optional.empty()
                : propose(cut, mouth, bottom, causes);
        return reader.judged(
                compare(cut, mouth, bottom, finish),
                causes,
                verdict,
                within && smooth,
                next,
                "Nothing that was computed would better it: look at the edge under a loupe, stone it, and cut again.",
                Optional.of(BoreGraphs.size(cut, say)));
    }

    private static double mean(BoreCut cut) {
        return (cut.push().stations().getFirst().diameterErrorMm()
                        + cut.push().stations().getLast().diameterErrorMm())
                / 2;
    }

    private List<TrialAnswer.Compared> compare(BoreCut cut, double mouth, double bottom, OptionalDouble finish) {
        BoreJob job = cut.job();
        List<TrialAnswer.Compared> rows = new ArrayList<>();
        double atMouth = cut.push().stations().getFirst().diameterErrorMm();
        double atBottom = cut.push().stations().getLast().diameterErrorMm();
        row(rows, "At the mouth", job.finishedMm() - atMouth, job.taught().spreadMm(atMouth), mouth);
        row(rows, "At the bottom", job.finishedMm() - atBottom, job.taught().spreadMm(atBottom), bottom);
        row(rows, "Taper", atBottom - atMouth, Math.hypot(0.3 * (atBottom - atMouth), GAUGE_MM), mouth - bottom);
        if (job.taught().trials() > 0) {
            double untaught = mean(cut.untaught());
            rows.add(new TrialAnswer.Compared(
                    "Without your trials",
                    say.length(job.finishedMm() - untaught) + " in the middle",
                    say.length((mouth + bottom) / 2),
                    true));
        }
        double depth = job.depthMm();
        if (!reader.text("sound").isEmpty() && !Double.isInfinite(cut.quiet().surelyMm())) {
            boolean sang = reader.text("sound").equals("chatter");
            rows.add(new TrialAnswer.Compared(
                    "Sings from",
                    say.length(cut.quiet().surelyMm()) + " to "
                            + (Double.isInfinite(cut.quiet().singsMm())
                                    ? "no depth"
                                    : say.length(cut.quiet().singsMm())),
                    (sang ? "sang at " : "quiet at ") + say.length(depth),
                    sang
                            ? depth >= cut.quiet().surelyMm()
                            : depth <= cut.quiet().singsMm()));
        }
        if (finish.isPresent()) {
            double likely = cut.cutting().finish().raMm() * Finish.USUAL_OVER_THEORY;
            double ra = finish.getAsDouble() / 1000;
            rows.add(new TrialAnswer.Compared(
                    "Finish", say.ra(likely), say.ra(ra), ra < likely * 1.6 && ra > likely * 0.6));
        }
        return rows;
    }

    private void row(List<TrialAnswer.Compared> rows, String what, double predicted, double spread, double measured) {
        rows.add(new TrialAnswer.Compared(
                what,
                say.length(predicted) + " ± " + say.length(spread),
                say.length(measured),
                Math.abs(measured - predicted) <= 2 * spread));
    }

    /**
     * What was seen of a bore: its diameters, mm, and how it sounded.
     */
    private record Seen(double mouth, double bottom, Measured.Sound sound) {
        double smallMm(BoreJob job) {
            return job.finishedMm() - (mouth + bottom) / 2;
        }

        double taper() {
            return mouth - bottom;
        }
    }

    private List<Cause> causes(BoreCut cut, Seen seen) {
        return CauseRule.ranked(List.of(this::size, this::taper, this::sound), cut, seen, say);
    }

    private void size(BoreCut cut, Seen seen, Causes found) {
        BoreJob job = cut.job();
        double small = seen.smallMm(job);
        double reckoned = mean(cut);
        boolean off = Math.abs(small) > job.allowedErrorMm() || Math.abs(small - reckoned) > GAUGE_MM;
        if (off && small > 0.001 && reckoned > 1e-4) {
            double factor = small / reckoned;
            boolean measured = cut.stiffness().measured();
            found.name(
                            measured ? "resists" : "springs",
                            measured
                                    ? factor > 1
                                            ? "The material resists more than reckoned"
                                            : "The material resists, as reckoned"
                                    : factor > 1 ? "It springs more than reckoned" : "It springs, as reckoned",
                            Causes.fit(Math.log(factor), job.taught().spread() + 0.2))
                    .says(
                            measured
                                    ? "%s small where %s was reckoned with the stiffness measured: the force would be %s times as large."
                                    : "%s small where %s was reckoned: the point would give %s times as much. A push test tells.",
                            say.length(small),
                            say.length(reckoned),
                            say.number(factor, 1))
                    .by(Working.of(measured ? "Force over reckoned" : "Spring over reckoned", "m / r", number(factor))
                            .with("m", "left small, measured", mm(small).measured())
                            .with("r", "reckoned", mm(reckoned)));
        }
        if (off) {
            double set = small - reckoned;
            found.name(
                            "setting",
                            set > 0 ? "The point was set in too little" : "The point was set out too far",
                            0.7 * Causes.fit(set, 0.02))
                    .says("Set %s %s, all else as reckoned.", say.length(Math.abs(set) / 2), set > 0 ? "short" : "far")
                    .by(Working.of("Left over", "m − r", mm(set))
                            .with("m", "left small, measured", mm(small).measured())
                            .with("r", "reckoned", mm(reckoned)));
        }
        if (small < -0.003) {
            found.name("built-up-edge", "Metal on the edge makes it cut larger", 0.6 * Causes.fit(small + 0.02, 0.02))
                    .says("A built-up edge stands out by a few hundredths: "
                            + job.work().builtUpEdge() + ".");
        }
    }

    private void taper(BoreCut cut, Seen seen, Causes found) {
        double taper = seen.taper();
        if (Math.abs(taper) <= GAUGE_MM) {
            return;
        }
        BoreJob job = cut.job();
        double reckonedTaper = cut.push().stations().getLast().diameterErrorMm()
                - cut.push().stations().getFirst().diameterErrorMm();
        found.name(
                        "work-springs",
                        "The work springs more at its mouth",
                        Causes.fit(taper - reckonedTaper, Math.hypot(0.5 * reckonedTaper, GAUGE_MM)))
                .says("Reckoned taper %s, measured %s.", say.length(reckonedTaper), say.length(taper));
        double perLength = Math.abs(taper) / 2 / job.holeDepthMm();
        found.name(
                        "alignment",
                        "The headstock does not point along the bed",
                        0.8 * Causes.fit(perLength, 2 * USUAL_MISALIGNMENT))
                .says(
                        "%s over %s of depth; a lathe in order has up to %s.",
                        say.length(Math.abs(taper) / 2),
                        say.length(job.holeDepthMm()),
                        say.length(USUAL_MISALIGNMENT * job.holeDepthMm()));
        if (taper > 0) {
            found.name(
                            "wear",
                            "The point wears within the pass",
                            0.4
                                    * Causes.fit(
                                            cut.cutting().surfaceSpeed()
                                                            / job.work()
                                                                    .surfaceSpeed(job.tool())
                                                                    .high()
                                                    - 1,
                                            0.4))
                    .says("Smaller towards the bottom, where it cut last.");
        }
    }

    private void sound(BoreCut cut, Seen seen, Causes found) {
        if (seen.sound() != Measured.Sound.CHATTER) {
            return;
        }
        BoreJob job = cut.job();
        double ratio = job.depthMm() / Math.max(1e-6, cut.limitHereMm());
        found.name("chatter", "The bar sings", 0.5 + 0.5 * Math.min(1, ratio))
                .says(
                        "Reckoned to sing from %s at this speed; %s was taken.",
                        Double.isInfinite(cut.limitHereMm()) ? "no depth" : say.length(cut.limitHereMm()),
                        say.length(job.depthMm()));
    }

    /** The one change: the dial where it is enough, else what the findings offer against the likeliest cause and helps most. */
    private Optional<Proposal> propose(BoreCut cut, double mouth, double bottom, List<Cause> causes) {
        BoreJob job = cut.job();
        boolean heard = !causes.isEmpty() && causes.getFirst().id().equals("chatter");
        double taper = mouth - bottom;
        double off = job.finishedMm() + job.tolerance().middleMm() - (mouth + bottom) / 2;
        if (!heard && Math.abs(off) > 0.2 * job.allowedErrorMm() && Math.abs(taper) / 2 <= 0.8 * job.allowedErrorMm()) {
            return Optional.of(new Proposal(
                    Fix.atTheMachine(
                            (off > 0 ? "Dial out " : "Set in ") + say.length(Math.abs(off)) + " on the diameter"),
                    Written.words(
                            "%s Then it comes out within %s of the middle of the tolerance.",
                            off > 0 ? "The hole can be saved by it." : "The next hole: this one is large already.",
                            say.length(Math.abs(taper) / 2 + PushOff.SCATTER * Math.abs(off))),
                    0));
        }
        if (causes.isEmpty()) {
            return Optional.empty();
        }
        if (causes.getFirst().id().equals("alignment")) {
            return Optional.of(aligning(cut, taper));
        }
        boolean sings = causes.getFirst().id().equals("chatter");
        List<Finding> offered = sings
                ? new ChatterFindings(cut, say).all()
                : new BoreSizeFindings(cut, say)
                        .all().stream().filter(f -> f.id().equals("size")).toList();
        List<Proposal> proposals = new ArrayList<>();
        Fixer<BoreCut> mender =
                new Fixer<>(reader.ran(RUN), asked -> BoreReader.cut(asked).cut());
        for (Finding finding : offered) {
            for (Fix mend : finding.mends()) {
                mender.with(mend)
                        .ifPresent(then -> proposals.add(new Proposal(
                                mend,
                                sings
                                        ? "Then it sings from " + say.length(Math.min(10, then.limitHereMm())) + " on."
                                        : "Then it stays within "
                                                + say.length(then.push().remainingMm())
                                                + " once dialled in, "
                                                + say.length(cut.push().remainingMm()) + " now.",
                                sings ? -then.limitHereMm() : then.push().remainingMm())));
            }
        }
        return proposals.stream().min(Comparator.comparingDouble(Proposal::left));
    }

    /** No headstock is moved before a light pass leaves the same taper. */
    private Proposal aligning(BoreCut cut, double taper) {
        return Fixer.lightPass(DEPTH, cut.job().depthMm(), say::length)
                .orElseGet(() -> new Proposal(
                        Fix.atTheMachine("Check the headstock on a stout test bar"),
                        "This was a light pass already: " + say.length(Math.abs(taper) / 2)
                                + " over the hole's depth is the headstock's, if a stout bar shows it too.",
                        1));
    }
}
