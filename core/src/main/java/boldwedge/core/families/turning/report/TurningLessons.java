package boldwedge.core.families.turning.report;

import static boldwedge.core.families.turning.entry.TurningField.LATHE;

import boldwedge.core.families.turning.entry.TurningReader;
import boldwedge.core.families.turning.model.TurningCut;
import boldwedge.core.families.turning.model.TurningInfluences;
import boldwedge.core.families.turning.model.TurningJob;
import boldwedge.core.mechanics.rigidity.Hold;
import boldwedge.core.mechanics.rigidity.WorkHolding;
import boldwedge.core.mechanics.wedge.Operation;
import boldwedge.core.planning.PlanRequest;
import boldwedge.core.planning.TrialRequest;
import boldwedge.core.trial.Calibration;
import boldwedge.core.trial.Influence;
import boldwedge.core.trial.JointFit;
import boldwedge.core.trial.Lessons;
import boldwedge.core.trial.Lessons.Subject;
import boldwedge.core.trial.Measured;
import boldwedge.core.trial.SizePrediction;
import boldwedge.core.trial.UsualFaults;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What kept trials of turning teach: how far the chuck turns out of the axis, where the axes run, what the dial is off by. */
public final class TurningLessons {
    /** What one trial tells of a reading, mm: of the gauge and the setting, and a part of what springs. */
    private static final double SETTING_MM = 0.005;

    private static final double SPRING_PART = 0.25;

    /** Of a chuck no more is known than the size of its lathe: it may turn so many times as far as reckoned, or so many times less. */
    private static final double TURNING_BELIEVED = 10;

    /** So many times its reckoned turning a chuck may well turn. */
    private static final double TURNING_TOLD = 2;

    private TurningLessons() {}

    /**
     * What a trial of such a cut is about: how the chuck of this lathe turns out of the axis, whatever is cut, where its axes run and what its dial is
     * off by; empty when a field is wrong or it is faced.
     */
    public static Optional<Lessons.About> about(PlanRequest request) {
        return new TurningReader(request)
                .read()
                .filter(job -> job.operation() != Operation.FACE)
                .map(job -> about(request.text(LATHE), job));
    }

    private static Lessons.About about(String lathe, TurningJob job) {
        Subject chuck = job.lathe().chuckTilt().isPresent()
                ? Subject.of(Calibration.Of.FORCE, lathe, "")
                : Subject.of(Calibration.Of.SPRING, lathe, "", "chuck");
        Subject dial = dialOf(lathe);
        return switch (job.hold()) {
            case CHUCK -> new Lessons.About(lathe, chuck, List.of(chuck, Lessons.About.head(lathe), dial));
            case CHUCK_AND_CENTRE -> new Lessons.About(lathe, chuck, List.of(chuck, tailOf(lathe), dial));
            case BETWEEN_CENTRES -> new Lessons.About(lathe, tailOf(lathe), List.of(tailOf(lathe), dial));
        };
    }

    private static Subject tailOf(String lathe) {
        return Subject.of(Calibration.Of.TAIL, lathe);
    }

    private static Subject dialOf(String lathe) {
        return Subject.of(Calibration.Of.DIAL, lathe, "turned");
    }

    /**
     * What a kept trial teaches besides: a taper that the chuck's turning does not make is the axis', and what is left alike at both ends is the dial's.
     */
    public static Map<Subject, Calibration.Lesson> besides(TrialRequest kept) {
        TurningTrial.Readings read = TurningTrial.Readings.of(kept.untaught());
        if (read.isIncomplete() || read.cut().orElseThrow().job().operation() == Operation.FACE) {
            return Map.of();
        }
        TurningCut cut = read.cut().orElseThrow();
        String lathe = kept.plan().text(LATHE);
        TurningTrial.ReadAt at = TurningTrial.ReadAt.of(cut, read.apart().getAsDouble(), read.warmth(), read.moved());
        SizePrediction sizes = TurningTrial.predict(cut, at, List.of()).sizes();
        JointFit.Made left = new JointFit.Made(
                read.near().getAsDouble() - sizes.nearMm(), read.far().getAsDouble() - sizes.farMm());
        Map<Subject, Calibration.Lesson> taught = new HashMap<>();
        double springs = Math.abs(sizes.taperMm());
        Optional<Calibration.Lesson> turning = lesson(kept).flatMap(Calibration.Trial::lesson);
        if (turning.isPresent()) {
            JointFit.Made turned = new TurningInfluences(cut, at.nearMm(), at.farMm()).turned();
            double more = Math.expm1(turning.get().logarithm());
            left = left.plus(-more * turned.nearMm(), -more * turned.farMm());
        } else {
            boolean chucked = cut.job().hold() == Hold.CHUCK;
            Influence axis = chucked
                    ? UsualFaults.head(at.nearMm(), at.farMm())
                    : UsualFaults.tail(at.nearMm(), at.farMm(), cut.job().freeLengthMm());
            double perUnit = axis.farMm() - axis.nearMm();
            double off = left.taperMm() / perUnit;
            double sigma = Math.hypot(SETTING_MM / 2, SPRING_PART * springs) / Math.abs(perUnit);
            // A tailstock that was set over stays there: what counts is where it stands now.
            double now = chucked ? off : off + read.moved().tailMm();
            Calibration.Lesson.added(chucked ? Calibration.Of.HEAD : Calibration.Of.TAIL, now, sigma)
                    .ifPresent(lesson -> taught.put(chucked ? Lessons.About.head(lathe) : tailOf(lathe), lesson));
            left = left.plus(-off * axis.nearMm(), -off * axis.farMm());
        }
        double sigma = Math.hypot(SETTING_MM, SPRING_PART * Math.abs(sizes.evenMm()));
        Calibration.Lesson.added(Calibration.Of.DIAL, left.evenMm(), sigma)
                .ifPresent(lesson -> taught.put(dialOf(lathe), lesson));
        return taught;
    }

    /**
     * What a kept trial teaches: of the taper reckoned without teaching, and of the one measured, what is left when the bending of
     * the work is taken off is the chuck's turning; mm. Empty when the trial cannot be judged or the chuck's turning was measured.
     */
    public static Optional<Calibration.Trial> lesson(TrialRequest kept) {
        TurningTrial.Readings read = TurningTrial.Readings.of(kept.untaught());
        if (read.isIncomplete()) {
            return Optional.empty();
        }
        TurningCut cut = read.cut().orElseThrow();
        if (cut.job().hold() != Hold.CHUCK
                || cut.job().operation() == Operation.FACE
                || cut.job().lathe().chuckTilt().isPresent()) {
            return Optional.empty();
        }
        double reckoned = TurningTrial.predict(
                        cut,
                        TurningTrial.ReadAt.of(
                                cut, read.apart().getAsDouble(), Measured.Warmth.NOT_FELT, TurningTrial.Moved.NOT),
                        List.of())
                .sizes()
                .taperMm();
        double turning = reckoned * tiltShare(cut);
        double swung =
                read.moved().swungMm() * read.apart().getAsDouble() / cut.job().lengthMm();
        double measured = read.far().getAsDouble() - read.near().getAsDouble() - swung;
        // Where the axis usually makes more of a taper than the turning does, it teaches that.
        return turning < 2 * UsualFaults.USUAL_SLOPE * read.apart().getAsDouble() / TURNING_TOLD
                ? Optional.empty()
                : Optional.of(new Calibration.Trial(turning, measured - (reckoned - turning), TURNING_BELIEVED));
    }

    /** What part of the taper the chuck's turning makes: of the difference of give between the ends of the cut. */
    private static double tiltShare(TurningCut cut) {
        WorkHolding held = cut.holding();
        double far = cut.pushOff().stations().getLast().fromChuckMm();
        double near = cut.pushOff().stations().getFirst().fromChuckMm();
        double all = held.complianceAt(far) - held.complianceAt(near);
        double stiff = held.turning(Double.POSITIVE_INFINITY).complianceAt(far)
                - held.turning(Double.POSITIVE_INFINITY).complianceAt(near);
        return Math.abs(all) < 1e-15 ? 0 : Math.clamp(1 - stiff / all, 0, 1);
    }
}
