package boldwedge.core.families.boring.report;

import static boldwedge.core.families.boring.entry.BoreField.*;

import boldwedge.core.families.boring.entry.BoreReader;
import boldwedge.core.families.boring.model.BarHeld;
import boldwedge.core.families.boring.model.BoreCut;
import boldwedge.core.families.boring.model.BoreInfluences;
import boldwedge.core.families.boring.model.BoreJob;
import boldwedge.core.language.measure.Limits;
import boldwedge.core.language.measure.Quantity;
import boldwedge.core.language.measure.UnitFormat;
import boldwedge.core.mechanics.cutting.Finish;
import boldwedge.core.planning.Entry;
import boldwedge.core.planning.Fixer;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.Read;
import boldwedge.core.planning.TrialAnswer;
import boldwedge.core.planning.TrialReader;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.trial.Calibration;
import boldwedge.core.trial.Cause;
import boldwedge.core.trial.Lessons;
import boldwedge.core.trial.Measured;
import boldwedge.core.trial.Remedy;
import boldwedge.core.trial.SizePrediction;
import boldwedge.core.trial.UsualFaults;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * Judges a bored trial: diameters at the mouth and at the bottom beside what was predicted, causes ranked by how well what
 * each would do in this very set-up fits the readings, one change proposed.
 */
public final class BoreTrial {
    private static final Set<String> SIZE_ROWS =
            Set.of("At the mouth", "At the bottom", "Taper", "Without your trials");

    private static final Map<String, Entry> RUN = Map.of("speed", SPEED, "feed", FEED, "depth", DEPTH);
    private static final List<String> RUN_ORDER = List.of("speed", "feed", "depth");
    private static final String DIALLED = "Dialled, on the diameter";
    private static final String SWUNG = "Taper swung out";
    private static final String MOUTH = "Diameter at the mouth";
    private static final String BOTTOM = "Diameter at the bottom";
    private static final Limits DIAMETER = new Limits(Quantity.LENGTH, 0.5, 2000);
    private static final Limits MOVED = new Limits(Quantity.LENGTH, -5, 5);

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
        SizePrediction set = proof.predicted(cut.get());
        // What would be read if nothing sprang.
        double stiff = (set.nearMm() + set.farMm()) / 2 - set.evenMm();
        double measured = stiff - (mouth.getAsDouble() + bottom.getAsDouble()) / 2;
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

    /** What one trial tells of the axis, mm over the readings: of the gauge, and a part of what springs. */
    private static final double TAPER_MM = 0.003;

    private static final double SETTING_MM = 0.005;
    private static final double SPRING_PART = 0.35;

    /**
     * What a kept trial teaches besides: a taper that no spring makes is the axis' of the spindle, unless the bar turns; and of what the mean is off by as much is the
     * dial's as is usual beside what is usual of the spring. The dial counts only for bars that were not tried themselves.
     */
    public static Map<Lessons.Subject, Calibration.Lesson> besides(TrialRequest kept) {
        BoreTrial proof = new BoreTrial(kept.untaught());
        Optional<BoreCut> cut = proof.run();
        OptionalDouble mouth = proof.reader.value("near", MOUTH, DIAMETER);
        OptionalDouble bottom = proof.reader.value("far", BOTTOM, DIAMETER);
        if (cut.isEmpty() || mouth.isEmpty() || bottom.isEmpty()) {
            return Map.of();
        }
        String lathe = kept.plan().text(LATHE);
        SizePrediction sizes = proof.predicted(cut.get());
        double depth = cut.get().job().holeDepthMm();
        double near = mouth.getAsDouble() - sizes.nearMm();
        double far = bottom.getAsDouble() - sizes.farMm();
        Map<Lessons.Subject, Calibration.Lesson> taught = new HashMap<>();
        if (cut.get().job().held() == BarHeld.POST) {
            // The mouth lies further from the chuck.
            double sigma = Math.hypot(TAPER_MM, SPRING_PART * Math.abs(sizes.taperMm())) / 2 / depth;
            Calibration.Lesson.added(Calibration.Of.HEAD, (near - far) / 2 / depth, sigma)
                    .ifPresent(lesson -> taught.put(Lessons.About.head(lathe), lesson));
        }
        double spring = SPRING_PART * Math.abs(sizes.evenMm());
        double dial = Calibration.Of.DIAL.usual();
        double share = dial * dial / (dial * dial + spring * spring);
        Calibration.Lesson.added(Calibration.Of.DIAL, share * (near + far) / 2, Math.hypot(SETTING_MM, spring))
                .ifPresent(lesson -> taught.put(Lessons.About.boredDial(lathe), lesson));
        return taught;
    }

    private SizePrediction predicted(BoreCut cut) {
        return BoreInfluences.predicted(
                cut,
                reader.value("dialled", DIALLED, MOVED).orElse(0),
                reader.value("swung", SWUNG, MOVED).orElse(0),
                warmth());
    }

    private Measured.Warmth warmth() {
        return reader.choice("warmth", "Warmth when measured", Measured.Warmth.values());
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
        Measured.Warmth warmth = reader.choice("warmth", "Warmth when measured", Measured.Warmth.values());
        double dialled =
                reader.value("dialled", "Dialled, on the diameter", MOVED).orElse(0);
        double swung = reader.value("swung", "Taper swung out", MOVED).orElse(0);
        if (reader.hasErrors()) {
            return reader.stopped("One reading cannot be right.");
        }
        if (worked.cut().isEmpty()) {
            return reader.stopped("The cut itself is not complete yet: mend it at the earlier stations first.");
        }
        boolean signsOnly =
                mouth.isEmpty() && bottom.isEmpty() && (finish.isPresent() || sound != Measured.Sound.QUIET);
        if (!signsOnly && (mouth.isEmpty() || bottom.isEmpty())) {
            return reader.stopped(
                    "Type the diameter at the mouth (past its bell) and at the bottom; or what sound and finish tell.");
        }
        BoreCut cut = worked.cut().get();
        double nominal = cut.job().finishedMm();
        SizePrediction predicted = BoreInfluences.predicted(cut, dialled, swung, warmth);
        if (signsOnly) {
            return judged(
                    new BoreSeen(
                            cut,
                            predicted,
                            predicted.nearMm(),
                            predicted.farMm(),
                            finish,
                            sound,
                            warmth,
                            dialled,
                            swung),
                    true);
        }
        if (!reader.near("near", mouth.getAsDouble(), nominal, 0.15 * nominal)
                || !reader.near("far", bottom.getAsDouble(), nominal, 0.15 * nominal)) {
            return reader.stopped("One reading cannot be right.");
        }
        return judged(
                new BoreSeen(
                        cut,
                        predicted,
                        mouth.getAsDouble(),
                        bottom.getAsDouble(),
                        finish,
                        sound,
                        warmth,
                        dialled,
                        swung),
                false);
    }

    private TrialAnswer judged(BoreSeen seen, boolean signsOnly) {
        BoreCut cut = seen.cut();
        BoreJob job = cut.job();
        // Sizes hold cold.
        double grown = seen.fitted().part(UsualFaults.WARMTH).mean() * seen.grows();
        double upper = job.finishedMm() + job.tolerance().upperMm() + grown + 1e-6;
        double lower = job.finishedMm() + job.tolerance().lowerMm() + grown - 1e-6;
        double middle = seen.predicted().setMm() + grown;
        boolean within =
                seen.mouth() <= upper && seen.bottom() <= upper && seen.mouth() >= lower && seen.bottom() >= lower;
        boolean smooth = seen.finish().isEmpty() || seen.finish().getAsDouble() / 1000 <= job.raMm() * 1.0001;
        double taper = seen.mouth() - seen.bottom();
        List<Cause> causes = signsOnly ? new BoreCauses(say).ofSigns(seen) : new BoreCauses(say).of(seen);
        boolean sang = seen.sound() == Measured.Sound.CHATTER;
        boolean atItsEdge = within
                && UsualFaults.isAtTheEdge(
                        Math.max(Math.abs(seen.mouth() - middle), Math.abs(seen.bottom() - middle)),
                        job.allowedErrorMm());
        String sizes = (within
                        ? atItsEdge ? "Within the tolerance, near its edge" : "Within the tolerance"
                        : UsualFaults.isForTheDial(Math.abs(taper) / 2, job.allowedErrorMm())
                                ? "Outside the tolerance, but the dial brings it in"
                                : "Outside the tolerance")
                + (Math.abs(taper) < 0.0015
                        ? ", no taper"
                        : ", " + say.length(Math.abs(taper)) + (taper > 0 ? " smaller" : " larger") + " at the bottom");
        String verdict = (signsOnly ? Measured.SIZES_OPEN : sizes)
                + (seen.finish().isEmpty() ? "" : smooth ? "; the finish is good enough" : "; the finish is too rough")
                + (sang ? "; it sang" : "")
                + ".";
        boolean sized = signsOnly || (within && !atItsEdge && !seen.isHiddenByWarmth());
        BoreNext against = new BoreNext(
                seen,
                new Fixer<>(reader.ran(RUN), asked -> BoreReader.cut(asked).cut()),
                say);
        Optional<Remedy> next = sized && smooth && seen.sound() == Measured.Sound.QUIET
                ? Optional.empty()
                : signsOnly ? against.againstSigns() : against.against(causes);
        return reader.judged(
                signsOnly
                        ? compare(seen).stream()
                                .filter(row -> !SIZE_ROWS.contains(row.what()))
                                .toList()
                        : compare(seen),
                causes,
                verdict,
                (signsOnly || within) && smooth && seen.sound() == Measured.Sound.QUIET,
                next,
                "Nothing that was computed would better it: look at the edge under a loupe, stone it, and cut again.",
                Optional.of(BoreGraphs.size(cut, say)));
    }

    private static double mean(BoreCut cut) {
        return (cut.push().stations().getFirst().diameterErrorMm()
                        + cut.push().stations().getLast().diameterErrorMm())
                / 2;
    }

    private List<TrialAnswer.Compared> compare(BoreSeen seen) {
        BoreCut cut = seen.cut();
        BoreJob job = cut.job();
        SizePrediction predicted = seen.predicted();
        List<TrialAnswer.Compared> rows = new ArrayList<>();
        row(rows, "At the mouth", predicted.nearMm(), predicted.nearBandMm(), seen.mouth());
        row(rows, "At the bottom", predicted.farMm(), predicted.farBandMm(), seen.bottom());
        row(
                rows,
                "Taper",
                predicted.nearMm() - predicted.farMm(),
                predicted.taperBandMm(),
                seen.mouth() - seen.bottom());
        if (job.taught().trials() > 0) {
            double untaught = mean(cut.untaught());
            rows.add(new TrialAnswer.Compared(
                    "Without your trials",
                    say.length(predicted.setMm() - untaught) + " in the middle",
                    say.length((seen.mouth() + seen.bottom()) / 2),
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
        if (seen.finish().isPresent()) {
            double likely = cut.cutting().finish().raMm() * Finish.USUAL_OVER_THEORY;
            double ra = seen.finish().getAsDouble() / 1000;
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
                Math.abs(measured - predicted) <= spread + 1e-9));
    }
}
