package boldwedge.core.proof;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * What trials on one lathe have taught: by what factor tool and work really spring, or the material really resists, more or
 * less than reckoned. The factor's logarithm starts as a guess about 0 with a spread of one half (half to twice as much) and
 * each trial narrows it (normal prior and normal observations; Gelman et al., Bayesian Data Analysis, ch. 2).
 *
 * @param of what the factor is of
 * @param factor measured over reckoned, as far as is known
 * @param spread of its logarithm
 * @param trials how many taught it
 */
public record Taught(Of of, double factor, double spread, int trials) {
    /** What a lesson is about. */
    public enum Of {
        /** The give of bar, holder and work: nobody has measured it, so a trial cannot tell it from the force. */
        SPRING,
        /** The cutting force: the give was measured, and what is left over is the force's. */
        FORCE,
        /** How much larger than the drill a drilled hole comes out. */
        DRILLED,
        /** How much larger than the reamer a reamed hole comes out. */
        REAMED;

        /** Its name where lessons are kept. */
        String key() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** Spread of the logarithm before any trial. */
    public static final double UNTAUGHT_SPREAD = 0.5;

    /** Cuts differ from one to the next by this much whatever is known: edge, chip, clamping. */
    private static final double CUT_TO_CUT = 0.2;

    private static final double GAUGE_MM = 0.002;

    /** Beyond this many spreads a trial is not about spring or force: the point was set wrong, or the reading is. */
    private static final double BELIEVED = 3;

    /** Nothing is known yet. */
    public static final Taught NOTHING = new Taught(Of.SPRING, 1, UNTAUGHT_SPREAD, 0);

    /**
     * One trial.
     *
     * @param reckonedMm what was reckoned without teaching, mm: a diameter error, or how far a hole is over its drill
     * @param measuredMm the same measured, mm
     */
    public record Trial(double reckonedMm, double measuredMm) {
        /**
         * What this trial teaches. A hole that came out on the wrong side of nothing teaches nothing of the spring, nor does one
         * that is off by more than four or five times.
         */
        public Optional<Lesson> lesson() {
            if (reckonedMm <= 1e-4 || measuredMm <= 1e-4) {
                return Optional.empty();
            }
            double off = Math.log(measuredMm / reckonedMm);
            if (Math.abs(off) > BELIEVED * UNTAUGHT_SPREAD) {
                return Optional.empty();
            }
            double gauge = GAUGE_MM / measuredMm;
            return Optional.of(new Lesson(off, 1 / (CUT_TO_CUT * CUT_TO_CUT + gauge * gauge)));
        }
    }

    /**
     * What a trial teaches, in a form that can be kept and added up.
     *
     * @param logarithm of measured over reckoned
     * @param weight precision of that logarithm: one over its variance
     */
    public record Lesson(double logarithm, double weight) {}

    /**
     * Lessons added up: all that is needed of them, however many there are.
     *
     * @param logarithms their logarithms, each times its weight
     * @param weight their weights
     * @param trials how many
     */
    public record Sum(double logarithms, double weight, int trials) {
        /** Of no lessons. */
        public static final Sum NONE = new Sum(0, 0, 0);

        /** With one lesson more. */
        public Sum plus(Lesson lesson) {
            return new Sum(logarithms + lesson.weight() * lesson.logarithm(), weight + lesson.weight(), trials + 1);
        }
    }

    /** What these trials teach. */
    public static Taught by(Of of, List<Trial> trials) {
        Sum sum = Sum.NONE;
        for (Trial trial : trials) {
            Optional<Lesson> lesson = trial.lesson();
            sum = lesson.isPresent() ? sum.plus(lesson.get()) : sum;
        }
        return by(of, sum);
    }

    /** What lessons teach that have been added up. */
    public static Taught by(Of of, Sum sum) {
        double precision = 1 / (UNTAUGHT_SPREAD * UNTAUGHT_SPREAD) + sum.weight();
        return new Taught(of, Math.exp(sum.logarithms() / precision), Math.sqrt(1 / precision), sum.trials());
    }

    /** The factor on the give; 1 when the lesson is about the force. */
    public double spring() {
        return of == Of.SPRING ? factor : 1;
    }

    /** The factor on the cutting force; 1 when the lesson is about the give. */
    public double force() {
        return of == Of.FORCE ? factor : 1;
    }

    /** Spread of a prediction of this size, mm: what is not known of the factor, what differs from cut to cut, the gauge. */
    public double spreadMm(double predictedMm) {
        return Math.hypot(predictedMm * Math.hypot(spread, CUT_TO_CUT), GAUGE_MM);
    }
}
